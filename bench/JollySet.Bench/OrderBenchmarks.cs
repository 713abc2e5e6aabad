using BenchmarkDotNet.Attributes;
using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Solving;

namespace JollySet.Bench;

/// <summary>The best order of a block of moves picked by a seed, once through and in three rounds, where the seam counts too.</summary>
public class OrderBenchmarks
{
    private OrderRequest request = null!;

    /// <summary>How many stations.</summary>
    [Params(8, 12, 16)]
    public int Stations { get; set; }

    /// <summary>Rounds of the block.</summary>
    [Params(1, 3)]
    public int Rounds { get; set; }

    [GlobalSetup]
    public void Setup() => request = OrderRequest.Of(Block(Stations, Rounds), "A");

    [Benchmark]
    public OrderAnswer Order() => new BestOrder().Order(request);

    /// <summary>A class of one such block.</summary>
    public static ClassPlan Block(int stations, int rounds)
    {
        var moves = MoveLibrary.Shipped.All.Where(m => m.Pattern is not (Pattern.Stretch or Pattern.Mobility)).Select(m => m.Name).ToArray();
        new Random(3).Shuffle(moves);
        return SheetReader.Read($"# T\n== A (circuit, {rounds} rounds, work 40, rest 20)\n{string.Join('\n', moves.Take(stations))}\n").Plan!;
    }
}

/// <summary>A whole draft of a class from a brief.</summary>
public class DraftBenchmarks
{
    private readonly DraftRequest request = DraftRequest.Of(new Brief(45, Goal: Goal.StrengthEndurance) { Focus = ["full body"], Audience = [Audience.Newcomer, Audience.Regular], Needs = ["knees"], Kit = ["mat", "light dumbbells", "heavy dumbbells"] });

    [Benchmark]
    public Draft Draft() => Drafter.Make(request, Studio.Shipped);
}
