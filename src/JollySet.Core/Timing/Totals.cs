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
        var byKind = new int[Enum.GetValues<SegmentKind>().Length];
        foreach (var segment in timeline.Segments)
            byKind[(int)segment.Kind] += segment.Tenths;
        int Sum(params ReadOnlySpan<SegmentKind> kinds)
        {
            var tenths = 0;
            foreach (var kind in kinds)
                tenths += byKind[(int)kind];
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
            RepsByMove(timeline),
            OfBlocks(timeline));
    }

    private static ImmutableSortedDictionary<string, int> RepsByMove(Timeline timeline)
    {
        var reps = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        foreach (var set in timeline.Sets)
            if (set.Reps is { } count && set.HasTarget)
                foreach (var known in set.Line.Doing.InRound(set.Round).MoveNames().Select(Moves.MoveLibrary.Shipped.NameOf))
                    reps[known] = reps.GetValueOrDefault(known) + count;
        return reps.ToImmutableSortedDictionary(StringComparer.OrdinalIgnoreCase);
    }

    /// <summary>The moves of the main blocks, each by the name the library knows it by; a combined move counts by its parts.</summary>
    private static IEnumerable<string> MainMoves(Timeline timeline)
    {
        return timeline.Blocks.Where(b => b.IsMain)
            .SelectMany(b => b.Stations.SelectMany(s => s.Doing.MoveNames()))
            .Select(Moves.MoveLibrary.Shipped.NameOf);
    }

    /// <summary>One pass over segments, gaps and sets; what comes after a block belongs to no block's figure.</summary>
    private static ImmutableArray<BlockTotals> OfBlocks(Timeline timeline)
    {
        var (tenths, extra, work) = (new int[timeline.Blocks.Length], new int[timeline.Blocks.Length], new int[timeline.Blocks.Length]);
        foreach (var segment in timeline.Segments)
        {
            if (!IsAfterBlock(timeline, segment))
                tenths[segment.Block] += segment.Tenths;
            if (segment.Kind == SegmentKind.Work)
                work[segment.Block] += segment.Tenths;
        }

        foreach (var gap in timeline.Gaps)
            if (gap.Place != GapPlace.AfterBlock)
                extra[timeline.Sets[gap.From].Block] += gap.ExtraTenths;
        foreach (var set in timeline.Sets)
            extra[set.Block] += set.LikelyTenths - set.Tenths;
        return [.. timeline.Blocks.Select((block, i) => new BlockTotals(block.Name, Words.FormatName(block.Format), block.IsWords ? 1 : block.RoundCount, tenths[i], tenths[i] + extra[i], work[i]))];
    }

    private static bool IsAfterBlock(Timeline timeline, Segment segment) =>
        segment.Kind == SegmentKind.After || (segment.Kind == SegmentKind.Change && timeline.Gaps[segment.Gap].Place == GapPlace.AfterBlock);
}
