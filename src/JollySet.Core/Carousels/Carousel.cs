using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Carousels;

/// <summary>One station of the ring.</summary>
/// <param name="Number">The line's number in its block, from 1.</param>
/// <param name="Room">How many can work there at once; null where nothing limits it.</param>
/// <param name="Limit">What limits it, in words; empty where nothing does.</param>
public sealed record Bollard(int Number, OrderItem Item, int? Room, string Limit);

/// <summary>One group that stays together.</summary>
/// <param name="Size">People in it.</param>
/// <param name="Start">Place of the ring it begins at, from 0.</param>
public sealed record Crew(int Size, int Start);

/// <summary>Groups on different stations that move on together, round a ring.</summary>
/// <param name="Ring">The stations in the order they are gone through, closed at the seam.</param>
/// <param name="Slot">Work at each station.</param>
/// <param name="Gap">For moving on.</param>
/// <param name="Turns">How often everyone goes all the way round.</param>
/// <param name="Proven">Whether no order of the ring costs less.</param>
public sealed record Carousel(Block Block, ImmutableArray<Bollard> Ring, ImmutableArray<Crew> Crews, Length Slot, Length Gap, int Turns, long CostBefore, long Cost, bool Proven)
{
    /// <summary>People in all.</summary>
    public int People => Crews.Sum(c => c.Size);

    /// <summary>Stations that stand empty at any moment.</summary>
    public int Spare => Ring.Length - Crews.Length;

    /// <summary>Slots until everyone has been everywhere as often as planned.</summary>
    public int Slots => Ring.Length * Turns;

    /// <summary>All of it, without a gap after the last.</summary>
    public Length Length => (Slot * Slots) + (Gap * Math.Max(0, Slots - 1));

    /// <summary>Place of the ring where a crew is in a slot, both from 0.</summary>
    public int PlaceOf(int crew, int slot) => (Crews[crew].Start + slot) % Ring.Length;
}

/// <summary>What a carousel is asked for.</summary>
/// <param name="Block">Name of the block.</param>
/// <param name="Groups">How many groups; null for as many as stations or people allow.</param>
/// <param name="Stock">What there is; empty where nobody counted.</param>
/// <param name="Space">How many fit at a station; null where nobody says.</param>
public sealed record CarouselRequest(Timeline Timeline, string Block, int People, int? Groups, ImmutableArray<StockLine> Stock, int? Space);

/// <summary>Finds the ring that costs least.</summary>
public interface IRing
{
    /// <summary>The order of a closed ring, and whether none costs less.</summary>
    /// <param name="problem">With one seam over all of it; places cost nothing.</param>
    (int[] Order, bool Proven) Close(OrderProblem problem, CancellationToken stop = default);
}

/// <summary>Lays out carousels.</summary>
public static class CarouselLayout
{
    /// <summary>The most people that are laid out.</summary>
    public const int MostPeople = 400;

    /// <summary>The most stations of a ring.</summary>
    public const int MostStations = 60;

    /// <summary>The layout, or a sentence why there is none.</summary>
    public static (Carousel? Carousel, string? Why) Of(CarouselRequest request, IRing ring, CancellationToken stop = default)
    {
        var timeline = request.Timeline;
        var index = timeline.Blocks.ToList().FindIndex(b => b.Name == request.Block);
        if (index < 0 || timeline.Blocks[index] is not { Stations.Length: > 1 } block)
            return (null, "A carousel needs a block with two stations or more.");
        if (block.Stations.Length > MostStations)
            return (null, $"A ring has at most {MostStations} stations; {block.Name} has {block.Stations.Length}.");
        if (request.People is < 1 or > MostPeople)
            return (null, $"From 1 to {MostPeople} people are laid out.");
        var (stations, groups) = (block.Stations.Length, request.Groups ?? Math.Min(block.Stations.Length, request.People));
        if (groups < 1 || groups > request.People)
            return (null, $"{groups} groups of {request.People} people: each group has someone in it.");
        if (groups > stations)
            return (null, $"{groups} groups on {stations} stations: no two are at one station.");
        if (request.Space is < 1)
            return (null, "At least one person fits at a station.");
        var items = block.Stations.Select((line, at) => new OrderItem(index, at + 1, line, timeline.Facts.Of(block, line, 1))).ToImmutableArray();
        var problem = Rings.Of(items, new OrderWeights());
        var (order, proven) = ring.Close(problem, stop);
        var asIs = Enumerable.Range(0, stations).ToList();
        if (problem.CostOf(order) >= problem.CostOf(asIs))
            order = [.. asIs];
        var limited = Limited(timeline, block, items, request);
        return (new Carousel(
            block,
            [.. order.Select(i => limited[i])],
            [.. Enumerable.Range(0, groups).Select(g => new Crew((request.People / groups) + (g < request.People % groups ? 1 : 0), g * stations / groups))],
            SlotOf(timeline, index),
            GapOf(timeline, index),
            Math.Max(1, block.RoundCount),
            problem.CostOf(asIs),
            problem.CostOf(order),
            proven), null);
    }

    /// <summary>How many of each thing a station may take: all stations are busy at once, so what several use is parted among them.</summary>
    private static ImmutableArray<Bollard> Limited(Timeline timeline, Block block, ImmutableArray<OrderItem> items, CarouselRequest request)
    {
        var uses = items.SelectMany(i => KitDemands.Uses(timeline, block, i.Line).Select(u => (i.Number, Use: u))).GroupBy(u => (u.Use.Item, u.Use.Size)).ToDictionary(g => g.Key, g => g.Select(u => u.Number).ToList());
        return [.. items.Select(item =>
        {
            var (room, limit) = (request.Space, request.Space is null ? "" : "space");
            foreach (var use in KitDemands.Uses(timeline, block, item.Line))
            {
                if (KitDemands.There(request.Stock, use.Item, use.Size) is not { } there)
                    continue;
                var sharers = uses[(use.Item, use.Size)];
                var mine = ((there / sharers.Count) + (sharers.IndexOf(item.Number) < there % sharers.Count ? 1 : 0)) / use.Pieces;
                if (room is null || mine < room)
                    (room, limit) = (mine, use.What);
            }

            return new Bollard(item.Number, item, room, limit);
        })];
    }

    /// <summary>The longest that any station takes in its first round: everyone moves on together.</summary>
    private static Length SlotOf(Timeline timeline, int index) =>
        timeline.Sets.Where(s => s.Block == index && s.Round <= 1).GroupBy(s => s.Station).Select(g => g.Sum(s => s.Length)).DefaultIfEmpty(Length.Zero).Max();

    /// <summary>The longest rest between two stations of the block.</summary>
    private static Length GapOf(Timeline timeline, int index) =>
        timeline.Gaps.Where(g => g.Place == GapPlace.Within && timeline.Sets[g.From].Block == index).Select(g => g.Planned).DefaultIfEmpty(Length.Zero).Max();
}

/// <summary>A ring as a problem of order: every station follows another, the last is followed by the first, so that every start meets the same steps.</summary>
internal static class Rings
{
    private const int Hundredths = 100;

    public static OrderProblem Of(ImmutableArray<OrderItem> items, OrderWeights weights)
    {
        var n = items.Length;
        var step = new int[n, n];
        for (var i = 0; i < n; i++)
            for (var j = 0; j < n; j++)
                step[i, j] = i == j ? OrderProblem.Never : OrderMeasures.StepCost(items[i], items[j], weights);
        return new OrderProblem { Items = items, Step = step, Place = new int[n, n], StepCounts = [.. Enumerable.Repeat(Hundredths, n)], Seams = [new Seam(0, n - 1, Hundredths)] };
    }
}
