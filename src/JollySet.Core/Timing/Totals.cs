using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>What one block takes; a gap after the block belongs to no block's figure. In tenths.</summary>
public sealed record BlockTotals(string Name, string Format, int Rounds, int Tenths, int LikelyTenths, int WorkTenths);

/// <summary>The sums of a class, in tenths. Work, rest, change and talk add up to the length by the clock.</summary>
/// <param name="Stations">Lines of the sheet.</param>
/// <param name="DistinctMoves">Over the blocks that are neither warm-up, cool-down nor words.</param>
/// <param name="Reps">Planned counts by move.</param>
public sealed record Totals(
    int Tenths,
    int LikelyTenths,
    int LostTenths,
    int WorkTenths,
    int RestTenths,
    int ChangeTenths,
    int TalkTenths,
    int Stations,
    int WorkPeriods,
    int DistinctMoves,
    ImmutableSortedDictionary<string, int> Reps,
    ImmutableArray<BlockTotals> Blocks)
{
    /// <summary>The sums of <paramref name="timeline"/>.</summary>
    public static Totals Of(Timeline timeline)
    {
        int Sum(params ReadOnlySpan<SegmentKind> kinds)
        {
            var tenths = 0;
            foreach (var segment in timeline.Segments)
                if (kinds.Contains(segment.Kind))
                    tenths += segment.Tenths;
            return tenths;
        }

        return new Totals(
            timeline.Tenths,
            timeline.LikelyTenths,
            timeline.LostTenths,
            Sum(SegmentKind.Work),
            Sum(SegmentKind.Rest, SegmentKind.Pause, SegmentKind.Between, SegmentKind.After),
            Sum(SegmentKind.Change, SegmentKind.Switch),
            Sum(SegmentKind.Talk, SegmentKind.Demo),
            timeline.Plan.Blocks.Sum(b => b.Stations.Length),
            timeline.Sets.Length,
            MainMoves(timeline).Distinct(StringComparer.OrdinalIgnoreCase).Count(),
            timeline.Sets.Where(s => s.Reps is not null && s.HasTarget)
                .SelectMany(s => s.Line.Doing.InRound(s.Round).MoveNames().Select(name => (name, reps: s.Reps!.Value)))
                .GroupBy(r => r.name, StringComparer.OrdinalIgnoreCase)
                .ToImmutableSortedDictionary(g => g.Key, g => g.Sum(r => r.reps), StringComparer.OrdinalIgnoreCase),
            [.. timeline.Blocks.Select((block, i) => OfBlock(timeline, block, i))]);
    }

    /// <summary>The moves of the main blocks, each by the name the library knows it by; a combined move counts by its parts.</summary>
    private static IEnumerable<string> MainMoves(Timeline timeline)
    {
        var facts = new Facts(timeline.Plan, Moves.MoveLibrary.Shipped);
        return timeline.Blocks.Where(b => b.IsMain)
            .SelectMany(b => b.Stations.SelectMany(s => s.Doing.MoveNames()))
            .Select(name => facts.MoveOf(name) is { } move && Moves.MoveLibrary.Shipped.Find(name) is not null ? move.Name : name);
    }

    private static BlockTotals OfBlock(Timeline timeline, Block block, int index)
    {
        var inside = timeline.Segments.Where(s => s.Block == index && !IsAfterBlock(timeline, s)).ToList();
        var tenths = inside.Sum(s => s.Tenths);
        var extra = timeline.Gaps.Where(g => g.Place != GapPlace.AfterBlock && timeline.Sets[g.From].Block == index).Sum(g => g.ExtraTenths)
            + timeline.Sets.Where(s => s.Block == index).Sum(s => s.LikelyTenths - s.Tenths);
        return new BlockTotals(
            block.Name,
            Words.FormatName(block.Format),
            block.IsWords ? 1 : block.RoundCount,
            tenths,
            tenths + extra,
            inside.Where(s => s.Kind == SegmentKind.Work).Sum(s => s.Tenths));
    }

    private static bool IsAfterBlock(Timeline timeline, Segment segment) =>
        segment.Kind == SegmentKind.After || (segment.Kind == SegmentKind.Change && timeline.Gaps[segment.Gap].Place == GapPlace.AfterBlock);
}
