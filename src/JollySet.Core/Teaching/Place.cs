using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Core.Teaching;

/// <summary>Where in the class a session is.</summary>
public static class Place
{
    /// <summary>The anchor at <paramref name="nowMs"/> after these events, in their order.</summary>
    /// <exception cref="ArgumentException">The timeline has no segment.</exception>
    public static Anchor At(Timeline timeline, IEnumerable<SessionEvent> events, long nowMs)
    {
        var clock = ClockOf(timeline);
        return clock.Advanced(events.Aggregate(Anchor.Before, clock.After), nowMs);
    }

    /// <summary>The clock of a timeline: its segments and its rules' count-in.</summary>
    public static SessionClock ClockOf(Timeline timeline)
    {
        if (timeline.Segments.IsEmpty)
            throw new ArgumentException("A class with nothing in it cannot be taught.", nameof(timeline));
        return new SessionClock([.. timeline.Segments.Select(s => s.Length)], timeline.Rules.TeachCountIn, [.. Core.Teaching.Cuts.Of(timeline).Select(c => c.Takes)]);
    }
}
