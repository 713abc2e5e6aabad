using BenchmarkDotNet.Attributes;
using JollySet.Core.Checks;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Bench;

/// <summary>What one edit costs on a class of an hour, and on one at the format's limits.</summary>
[MemoryDiagnoser]
public class ClassBenchmarks
{
    private string sheet = "";
    private ClassPlan plan = null!;
    private Timeline timeline = null!;

    /// <summary>An hour of ten blocks, or forty blocks of sixty stations.</summary>
    [Params("hour", "limit")]
    public string Size { get; set; } = "hour";

    [GlobalSetup]
    public void Setup()
    {
        sheet = Size == "hour" ? Sheet(10, 6, 1, 40, 15) : Sheet(40, 60, 18, 1, 0);
        plan = SheetReader.Read(sheet).Plan!;
        timeline = TimelineBuilder.Build(plan);
    }

    [Benchmark]
    public ReadResult ReadSheet() => SheetReader.Read(sheet);

    [Benchmark]
    public Timeline Compile() => TimelineBuilder.Build(plan);

    [Benchmark]
    public int Check() => Review.Of(timeline).Length;

    [Benchmark]
    public Totals Total() => Totals.Of(timeline);

    [Benchmark]
    public int Draw() => BuntingSvg.Of(timeline, null, (_, _) => "/").Length;

    [Benchmark]
    public EditResult Edit() => new SetStationPart(plan.Blocks[0].Stations[0].Id, "amount", "45s").Apply(plan);

    private static string Sheet(int blocks, int stations, int rounds, int work, int rest)
    {
        string[] moves = ["goblet squat [heavy]", "push-up | easier: knee push-up", "bent-over row [heavy]", "side plank, each side", "Romanian deadlift [heavy]", "dead bug"];
        var block = string.Join('\n', Enumerable.Range(0, stations).Select(i => moves[i % moves.Length]));
        return "# Bench\nminutes: 60\n" + string.Concat(Enumerable.Range(1, blocks).Select(b => $"== Block {b} (circuit, {rounds} rounds, work {work}, rest {rest}, after {rest})\n{block}\n"));
    }
}
