using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Teaching;

/// <summary>Where a class is, as one anchor that the clock moves on from.</summary>
/// <param name="Segment">Index into the timeline's segments; -1 before the start.</param>
/// <param name="MsIn">Milliseconds since it began; negative while counting in.</param>
/// <param name="AddedMs">What was added to this segment while it ran.</param>
/// <param name="AtMs">When this was so.</param>
public sealed record Anchor(int Segment, long MsIn, long AddedMs, bool Running, bool Stopped, bool Ended, long AtMs)
{
    /// <summary>Before anything has happened.</summary>
    public static Anchor Before { get; } = new(-1, 0, 0, false, false, false, 0);
}

/// <summary>Applies events and passing time to an anchor. The page's script does the same; both run over tests/cases/clock.json.</summary>
/// <param name="segments">Length of every segment.</param>
/// <param name="countIn">The count before a start.</param>
public sealed class SessionClock(ImmutableArray<Length> segments, Length countIn)
{
    /// <summary>Back goes to the start of the segment, or, within this much of it, to the one before.</summary>
    public const long BackWithinMs = 3000;

    /// <summary>The anchor after one event.</summary>
    public Anchor After(Anchor anchor, SessionEvent happened) => Applied(Advanced(anchor, happened.AtMs), happened);

    /// <summary>The anchor after passing time alone. A clock that went backwards stands still.</summary>
    /// <param name="spent">Called with each segment and the milliseconds that passed in it.</param>
    public Anchor Advanced(Anchor anchor, long nowMs, Action<int, long>? spent = null)
    {
        if (!anchor.Running)
            return anchor with { AtMs = Math.Max(anchor.AtMs, nowMs) };
        var (segment, msIn, added) = (anchor.Segment, anchor.MsIn, anchor.AddedMs);
        var left = Math.Max(0, nowMs - anchor.AtMs);
        while (true)
        {
            var length = segments[segment].InMilliseconds + added;
            var step = Math.Min(left, Math.Max(0, length - msIn));
            spent?.Invoke(segment, Math.Max(0, msIn + step) - Math.Max(0, msIn));
            msIn += step;
            left -= step;
            if (msIn < length)
                return anchor with { Segment = segment, MsIn = msIn, AddedMs = added, AtMs = Math.Max(anchor.AtMs, nowMs) };
            if (segment == segments.Length - 1)
                return anchor with { Segment = segment, MsIn = length, AddedMs = added, Running = false, Ended = true, AtMs = Math.Max(anchor.AtMs, nowMs) };
            (segment, msIn, added) = (segment + 1, msIn - length, 0);
        }
    }

    private Anchor Applied(Anchor now, SessionEvent happened)
    {
        if (now.Ended && happened.Kind != EventKind.Start)
            return now;
        return happened.Kind switch
        {
            EventKind.Start => new Anchor(Known(happened.Value ?? 0), -countIn.InMilliseconds, 0, true, false, false, now.AtMs),
            EventKind.Pause => now with { Running = false },
            EventKind.Go => now with { Running = now.Segment >= 0, Stopped = false },
            EventKind.Stop => now with { Running = false, Stopped = true },
            EventKind.End => now with { Running = false, Ended = true },
            _ when now.Segment < 0 => now,
            EventKind.Add => now with { AddedMs = now.AddedMs + ((happened.Value ?? 10) * 1000L) },
            EventKind.Back => now.MsIn > BackWithinMs || now.Segment == 0 ? now with { MsIn = 0 } : At(now, now.Segment - 1),
            EventKind.Next when now.MsIn < 0 => now with { MsIn = 0 },
            EventKind.Next when now.Segment == segments.Length - 1 => now with { Running = false, Ended = true },
            EventKind.Next => At(now, now.Segment + 1),
            EventKind.Skip => At(now, Known(happened.Value ?? now.Segment + 1)),
            _ => now,
        };
    }

    private static Anchor At(Anchor now, int segment) => now with { Segment = segment, MsIn = 0, AddedMs = 0 };

    private int Known(int segment) => Math.Clamp(segment, 0, segments.Length - 1);
}
