using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Teaching;

/// <summary>How a class that is being taught stands to its end.</summary>
/// <param name="EndsMs">When it will end, on the teaching device's clock.</param>
/// <param name="OverMs">How long after it may end that is; below nothing, how much is to spare.</param>
public sealed record Lateness(long EndsMs, long OverMs)
{
    /// <summary>Of a class that has begun; it may end when its booking does, and never has to end before its plan does. Null before it has begun and after it has ended.</summary>
    public static Lateness? Of(Timeline timeline, IReadOnlyCollection<SessionEvent> events, long nowMs)
    {
        if (events.LastOrDefault(e => e.Kind == EventKind.Start) is not { } start)
            return null;
        var clock = Place.ClockOf(timeline);
        var now = clock.Advanced(events.Aggregate(Anchor.Before, clock.After), nowMs);
        if (now.Ended || now.Segment < 0)
            return null;
        var skipped = Enumerable.Range(0, start.Value ?? 0).Where(i => i < timeline.Segments.Length).Sum(i => timeline.Segments[i].Length.InMilliseconds);
        var booked = timeline.Plan.Brief.Minutes is { } minutes ? Length.Minutes(minutes).InMilliseconds : 0;
        var may = start.AtMs + timeline.Rules.TeachCountIn.InMilliseconds + Math.Max(booked, timeline.Length.InMilliseconds) - skipped;
        var ends = now.AtMs + LeftMs(timeline, clock, now);
        return new Lateness(ends, ends - may);
    }

    /// <summary>What is left of the class, what is made up for included.</summary>
    public static long LeftMs(Timeline timeline, SessionClock clock, Anchor now)
    {
        var own = (now.Return >= 0 ? timeline.Segments[now.Segment].Length.InMilliseconds : clock.LengthMs(now, now.Segment)) + now.AddedMs - now.MsIn;
        var from = now.Return >= 0 ? now.Return : now.Segment + 1;
        return Math.Max(0, own) + Enumerable.Range(from, timeline.Segments.Length - from).Sum(i => clock.LengthMs(now, i));
    }
}
