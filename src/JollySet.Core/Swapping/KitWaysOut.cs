using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

/// <summary>One way out of a shortage, with what it leaves short.</summary>
/// <param name="Says">What is done, and what to mind.</param>
/// <param name="Needed">How many of the thing are needed afterwards.</param>
/// <param name="Edit">Makes it so.</param>
/// <param name="Then">The class as it would be.</param>
/// <param name="After">What is needed of the thing then; null where none is.</param>
/// <param name="Others">Of other things, what would be short that is not, or shorter than it is.</param>
public sealed record KitWayOut(string Kind, string Says, int Needed, PlanEdit Edit, Timeline Then, KitDemand? After, ImmutableArray<KitDemand> Others);

/// <summary>What to do where there is too little for everyone: share, half and half, a carousel, another move, a stand-in.</summary>
public static class KitWaysOut
{
    private const int MostSwaps = 4;

    /// <summary>The ways out that help, those that mend it whole first.</summary>
    public static ImmutableArray<KitWayOut> For(Timeline timeline, KitDemand demand, int people, ImmutableArray<StockLine> stock)
    {
        if (demand is not { Short: > 0, There: { } there })
            return [];
        var before = KitDemands.Of(timeline, people, stock);
        var blocks = demand.Spells.Where(s => s.Pieces > there).Select(s => timeline.Plan.Blocks[s.Block]).DistinctBy(b => b.Id).Where(b => b.Format is not AgainFormat).ToList();
        var ways = Enum.GetValues<Sharing>().Where(s => s != Sharing.None).Select(s => Shares(timeline, demand, people, blocks, s)).Append(Swapped(timeline, demand, blocks)).Append(StoodIn(timeline, demand, blocks, stock));
        return [.. ways.OfType<(string Kind, string Says, PlanEdit Edit)>()
            .Select(w => Tried(w.Kind, w.Says, w.Edit))
            .OfType<KitWayOut>()
            .Where(w => w.Needed < demand.Needed)
            .OrderByDescending(w => w.Needed <= there)
            .ThenBy(w => w.Others.Sum(o => o.Short))];

        KitWayOut? Tried(string kind, string says, PlanEdit edit)
        {
            if (edit.Apply(timeline.Plan).Plan is not { } plan)
                return null;
            var then = TimelineBuilder.Build(plan, timeline.Studio);
            var demands = KitDemands.Of(then, people, stock);
            var after = demands.FirstOrDefault(d => d.IsLike(demand));
            return new KitWayOut(kind, says, after?.Needed ?? 0, edit, then, after, [.. demands.Where(d => !d.IsLike(demand) && d.Short > (before.FirstOrDefault(d.IsLike)?.Short ?? 0))]);
        }
    }

    private static (string, string, PlanEdit)? Shares(Timeline timeline, KitDemand demand, int people, List<Block> blocks, Sharing way)
    {
        var fits = blocks.Where(b => Shared.Of(b) != way && way switch
        {
            Sharing.Halves => b.Stations.Length > 1,
            Sharing.Carousel => b.Stations.Length > 2 && b.Format is CircuitFormat or MinuteFormat,
            _ => true,
        }).ToList();
        if (fits.Count == 0)
            return null;
        var edit = new Several([.. fits.Select(b => new ShareKit(b.Id, way))]);
        var names = Say.List([.. fits.Select(b => b.Name)]);
        return way switch
        {
            Sharing.Pairs => ("Share", $"two to one in {names}: one works, the other rests and counts{(fits.Exists(b => RestIsShort(timeline, b)) ? "; the rest is shorter than the work, so say who waits" : "")}", edit),
            Sharing.Halves => ("Half and half", $"half of the people begin {names} one station later, and everyone moves on together", edit),
            _ => ("Carousel", $"{names} in groups of {(people + fits[0].Stations.Length - 1) / fits[0].Stations.Length}, each on its own station", edit),
        };
    }

    private static bool RestIsShort(Timeline timeline, Block block)
    {
        var index = timeline.Plan.Blocks.IndexOf(block);
        var gap = timeline.Gaps.Where(g => timeline.Sets[g.From].Block == index && timeline.Sets[g.To].Block == index).Select(g => g.Planned).DefaultIfEmpty(Length.Zero).Min();
        return timeline.Sets.Where(s => s.Block == index).Select(s => s.Length).DefaultIfEmpty(Length.Zero).Max() > gap;
    }

    /// <summary>Each station that uses it does its best other move that does not.</summary>
    private static (string, string, PlanEdit)? Swapped(Timeline timeline, KitDemand demand, List<Block> blocks)
    {
        var stations = demand.Spells.Select(s => (Block: timeline.Plan.Blocks[s.Block], s.Station)).Where(s => blocks.Contains(s.Block)).Distinct().Select(s => s.Block.Stations[s.Station - 1]).ToList();
        if (stations.Count > MostSwaps)
            return null;
        var swaps = stations.Select(s => Swaps.For(timeline, s.Id, m => !m.Kit.Any(k => KitList.Kind(k) == demand.Item) && m.Family == timeline.Facts.Of(s, 1).Family).FirstOrDefault()).ToList();
        return swaps.TrueForAll(s => s is not null) && swaps.Count > 0
            ? ("Swap", Say.List([.. stations.Zip(swaps).Select(p => $"{p.Second!.Move.Name} in place of {Facts.NameOf(p.First.Doing)}")]), new Several([.. swaps.Select(s => s!.Edit)]))
            : null;
    }

    /// <summary>Another thing held in the hands that there is enough of.</summary>
    private static (string, string, PlanEdit)? StoodIn(Timeline timeline, KitDemand demand, List<Block> blocks, ImmutableArray<StockLine> stock)
    {
        if (!KitList.IsHeld(demand.Item) || demand.Item is "mat")
            return null;
        var other = stock.Where(s => KitList.IsHeld(s.Item) && s.Item != demand.Item && KitList.Known.Contains(s.Item) && (s.Pieces ?? int.MaxValue) * 2 >= demand.Needed).OrderBy(s => s.Pieces is null).FirstOrDefault();
        if (other is null)
            return null;
        var one = other.Item == "dumbbells" ? "dumbbell" : other.Item;
        var stations = demand.Spells.Select(s => (Block: timeline.Plan.Blocks[s.Block], s.Station)).Where(s => blocks.Contains(s.Block)).Distinct().Select(s => s.Block.Stations[s.Station - 1]).ToList();
        var edits = stations.Select(s => (PlanEdit)new SetStationPart(s.Id, "load", $"{(s.Load?.Rounds.At(1)?.Level is { } level and > LoadLevel.Any ? level.ToString().ToLowerInvariant() : "any")} {one}"));
        return ("Stand-in", $"one {one} each in place of {demand.What}", new Several([.. edits]));
    }
}
