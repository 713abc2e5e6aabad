using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>What one block takes; a gap after the block belongs to no block's figure.</summary>
public sealed record BlockTotals(string Name, string Format, int Rounds, Length Length, Length Likely, Length Work);

/// <summary>The sums of a class. Work, rest, change and talk add up to the length by the clock.</summary>
/// <param name="Stations">Lines of the sheet.</param>
/// <param name="DistinctMoves">Over the blocks that are neither warm-up, cool-down nor words.</param>
/// <param name="Reps">Planned counts by move.</param>
public sealed record Totals(
    Length Length,
    Length Likely,
    Length Lost,
    Length Work,
    Length Rest,
    Length Change,
    Length Talk,
    int Stations,
    int WorkPeriods,
    int DistinctMoves,
    ImmutableSortedDictionary<string, int> Reps,
    ImmutableArray<BlockTotals> Blocks)
{
    /// <summary>The sums of <paramref name="timeline"/>.</summary>
    public static Totals Of(Timeline timeline)
    {
        var byKind = new Length[Enum.GetValues<SegmentKind>().Length];
        foreach (var segment in timeline.Segments)
            byKind[(int)segment.Kind] += segment.Length;
        Length Sum(params ReadOnlySpan<SegmentKind> kinds)
        {
            var sum = Length.Zero;
            foreach (var kind in kinds)
                sum += byKind[(int)kind];
            return sum;
        }

        return new Totals(
            timeline.Length,
            timeline.Likely,
            timeline.Lost,
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
                foreach (var known in set.Line.Doing.InRound(set.Round).MoveNames().Select(timeline.Library.NameOf))
                    reps[known] = reps.GetValueOrDefault(known) + count;
        return reps.ToImmutableSortedDictionary(StringComparer.OrdinalIgnoreCase);
    }

    /// <summary>The moves of the main blocks, each by the name the library knows it by; a combined move counts by its parts.</summary>
    private static IEnumerable<string> MainMoves(Timeline timeline)
    {
        return timeline.Blocks.Where(b => b.IsMain)
            .SelectMany(b => b.Stations.SelectMany(s => s.Doing.MoveNames()))
            .Select(timeline.Library.NameOf);
    }

    /// <summary>One pass over segments, gaps and sets; what comes after a block belongs to no block's figure.</summary>
    private static ImmutableArray<BlockTotals> OfBlocks(Timeline timeline)
    {
        var (clock, extra, work) = (new Length[timeline.Blocks.Length], new Length[timeline.Blocks.Length], new Length[timeline.Blocks.Length]);
        foreach (var segment in timeline.Segments)
        {
            if (!IsAfterBlock(timeline, segment))
                clock[segment.Block] += segment.Length;
            if (segment.Kind == SegmentKind.Work)
                work[segment.Block] += segment.Length;
        }

        foreach (var gap in timeline.Gaps)
            if (gap.Place != GapPlace.AfterBlock)
                extra[timeline.Sets[gap.From].Block] += gap.Extra;
        foreach (var set in timeline.Sets)
            extra[set.Block] += set.Likely - set.Length;
        return [.. timeline.Blocks.Select((block, i) => new BlockTotals(block.Name, Words.FormatName(block.Format), block.IsWords ? 1 : block.RoundCount, clock[i], clock[i] + extra[i], work[i]))];
    }

    private static bool IsAfterBlock(Timeline timeline, Segment segment) =>
        segment.Kind == SegmentKind.After || (segment.Kind == SegmentKind.Change && timeline.Gaps[segment.Gap].Place == GapPlace.AfterBlock);
}
