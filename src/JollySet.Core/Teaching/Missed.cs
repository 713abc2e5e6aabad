using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Teaching;

/// <summary>A work that was passed over or done short, and could be made up for.</summary>
/// <param name="Segment">Which.</param>
/// <param name="DoneMs">What of it was done.</param>
/// <param name="EvensSide">Whether its other side was done and this one is due.</param>
public sealed record Missed(int Segment, long DoneMs, bool EvensSide)
{
    /// <summary>A work of which less than this share was done was skipped.</summary>
    public const double Skipped = 0.5;

    /// <summary>What was passed over before where the class is now, sides that are due first; a cut is none, and what was made up for is none any more.</summary>
    public static ImmutableArray<Missed> Of(Timeline timeline, IReadOnlyCollection<SessionEvent> events, long nowMs)
    {
        var done = TaughtRecord.Of(timeline, [.. events], nowMs).Segments.Select(s => s.RealMs).ToArray();
        var clock = Place.ClockOf(timeline);
        var now = clock.Advanced(events.Aggregate(Anchor.Before, clock.After), nowMs);
        var first = events.LastOrDefault(e => e.Kind == EventKind.Start)?.Value ?? 0;
        var until = now.Return >= 0 ? now.Return : now.Segment;
        return
        [
            .. Enumerable.Range(first, Math.Max(0, until - first))
                .Where(i => i < timeline.Segments.Length && timeline.Segments[i].Kind == SegmentKind.Work && i != now.Segment && clock.LengthMs(now, i) > 0 && done[i] < clock.LengthMs(now, i) * Skipped)
                .Select(i => new Missed(i, done[i], OtherSideDone(timeline, done, i)))
                .OrderByDescending(m => m.EvensSide).ThenByDescending(m => m.Segment),
        ];
    }

    private static bool OtherSideDone(Timeline timeline, long[] done, int segment)
    {
        var own = timeline.Segments[segment];
        if (own.Side is not (Side.Left or Side.Right))
            return false;
        var set = timeline.Sets[own.Set];
        return Enumerable.Range(0, timeline.Segments.Length).Any(i => timeline.Segments[i] is { Kind: SegmentKind.Work } other && other.Block == own.Block && other.Round == own.Round && timeline.Sets[other.Set].Station == set.Station && other.Side == WorkSet.OtherOf(own.Side) && done[i] >= other.Length.InMilliseconds * Skipped);
    }
}
