using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Core.Teaching;

/// <summary>Planned and real time of one segment, in milliseconds; what was never reached has no real time.</summary>
public sealed record TaughtSegment(int Segment, long PlannedMs, long RealMs);

/// <summary>What a session really took, kept at its end.</summary>
/// <param name="PausedMs">Time the clock stood still between start and end.</param>
public sealed record TaughtRecord(long PlannedMs, long RealMs, long PausedMs, ImmutableArray<TaughtSegment> Segments)
{
    /// <summary>The record of these events up to <paramref name="nowMs"/>.</summary>
    public static TaughtRecord Of(Timeline timeline, IReadOnlyList<SessionEvent> events, long nowMs)
    {
        var clock = Place.ClockOf(timeline);
        var real = new long[timeline.Segments.Length];
        long paused = 0;
        var anchor = Anchor.Before;
        foreach (var happened in events)
        {
            paused += Stood(anchor, happened.AtMs);
            anchor = clock.After(clock.Advanced(anchor, happened.AtMs, (segment, ms) => real[segment] += ms), happened);
        }

        paused += Stood(anchor, nowMs);
        clock.Advanced(anchor, nowMs, (segment, ms) => real[segment] += ms);
        return new TaughtRecord(
            timeline.Length.InMilliseconds,
            real.Sum(),
            paused,
            [.. timeline.Segments.Select((s, i) => new TaughtSegment(i, s.Length.InMilliseconds, real[i]))]);
    }

    private static long Stood(Anchor anchor, long until) =>
        anchor is { Segment: >= 0, Running: false, Ended: false } ? Math.Max(0, until - anchor.AtMs) : 0;
}
