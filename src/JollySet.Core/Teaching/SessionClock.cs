using System.Collections.Immutable;
using System.Globalization;
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

    /// <summary>The cuts that were taken, by their numbers, parted by commas.</summary>
    public string Cuts { get; init; } = "";

    /// <summary>Where the class goes on after something that is made up for; -1 where nothing is.</summary>
    public int Return { get; init; } = -1;
}

/// <summary>What a cut takes from one segment.</summary>
public readonly record struct Taken(int Segment, Length Time);

/// <summary>Applies events and passing time to an anchor. The page's script does the same; both run over tests/cases/clock.json.</summary>
/// <param name="segments">Length of every segment.</param>
/// <param name="countIn">The count before a start.</param>
/// <param name="cuts">What each cut takes, by its number.</param>
public sealed class SessionClock(ImmutableArray<Length> segments, Length countIn, ImmutableArray<ImmutableArray<Taken>> cuts = default)
{
    /// <summary>Back goes to the start of the segment, or, within this much of it, to the one before.</summary>
    public const long BackWithinMs = 3000;

    private readonly ImmutableArray<ImmutableArray<Taken>> cuts = cuts.IsDefault ? [] : cuts;
    private readonly Dictionary<string, Dictionary<int, long>> takenBy = [];

    /// <summary>The anchor after one event.</summary>
    public Anchor After(Anchor anchor, SessionEvent happened) => Applied(Advanced(anchor, happened.AtMs), happened);

    /// <summary>How long a segment lasts with the cuts that were taken; one is never shorter than nothing.</summary>
    public long LengthMs(Anchor anchor, int segment) => Math.Max(0, segments[segment].InMilliseconds - (anchor.Cuts.Length == 0 ? 0 : TakenBy(anchor.Cuts).GetValueOrDefault(segment)));

    /// <summary>The anchor after passing time alone. A clock that went backwards stands still.</summary>
    /// <param name="spent">Called with each segment and the milliseconds that passed in it.</param>
    public Anchor Advanced(Anchor anchor, long nowMs, Action<int, long>? spent = null)
    {
        if (!anchor.Running)
            return anchor with { AtMs = Math.Max(anchor.AtMs, nowMs) };
        var (segment, msIn, added, then) = (anchor.Segment, anchor.MsIn, anchor.AddedMs, anchor.Return);
        var left = Math.Max(0, nowMs - anchor.AtMs);
        while (true)
        {
            var length = (then >= 0 ? segments[segment].InMilliseconds : LengthMs(anchor, segment)) + added;
            var step = Math.Min(left, Math.Max(0, length - msIn));
            spent?.Invoke(segment, Math.Max(0, msIn + step) - Math.Max(0, msIn));
            msIn += step;
            left -= step;
            if (msIn < length)
                return anchor with { Segment = segment, MsIn = msIn, AddedMs = added, Return = then, AtMs = Math.Max(anchor.AtMs, nowMs) };
            if (then < 0 && segment == segments.Length - 1)
                return anchor with { Segment = segment, MsIn = length, AddedMs = added, Running = false, Ended = true, Return = then, AtMs = Math.Max(anchor.AtMs, nowMs) };
            (segment, msIn, added, then) = (then >= 0 ? then : segment + 1, msIn - length, 0, -1);
        }
    }

    private Anchor Applied(Anchor now, SessionEvent happened)
    {
        if (now.Ended && happened.Kind != EventKind.Start)
            return now;
        return happened.Kind switch
        {
            EventKind.Start => new Anchor(Known(happened.Value ?? 0), -countIn.InMilliseconds, 0, true, false, false, now.AtMs) { Cuts = now.Cuts },
            EventKind.Pause => now with { Running = false },
            EventKind.Go => now with { Running = now.Segment >= 0, Stopped = false },
            EventKind.Stop => now with { Running = false, Stopped = true },
            EventKind.End => now with { Running = false, Ended = true },
            _ when now.Segment < 0 => now,
            EventKind.Add when now.MsIn < 0 => now with { MsIn = now.MsIn - ((happened.Value ?? 10) * 1000L) },
            EventKind.Add => now with { AddedMs = now.AddedMs + ((happened.Value ?? 10) * 1000L) },
            EventKind.Cut => CutBy(now, happened.Value ?? -1),
            EventKind.Again => now with { Segment = Known(happened.Value ?? now.Segment), MsIn = 0, AddedMs = 0, Return = now.Return >= 0 ? now.Return : now.Segment },
            EventKind.Back => now.MsIn > BackWithinMs || Before(now) is not { } before ? now with { MsIn = 0 } : At(now, before),
            EventKind.Next when now.MsIn < 0 => now with { MsIn = 0 },
            EventKind.Next when now.Return >= 0 => At(now, now.Return),
            EventKind.Next when now.Segment == segments.Length - 1 => now with { Running = false, Ended = true },
            EventKind.Next => At(now, now.Segment + 1),
            EventKind.Skip => At(now, Known(happened.Value ?? now.Segment + 1)),
            _ => now,
        };
    }

    private static Anchor At(Anchor now, int segment) => now with { Segment = segment, MsIn = 0, AddedMs = 0, Return = -1 };

    /// <summary>The segment before this one that lasts at all; null where there is none, or while something is made up for.</summary>
    private int? Before(Anchor now)
    {
        for (var segment = now.Segment - 1; segment >= 0 && now.Return < 0; segment--)
            if (LengthMs(now, segment) > 0)
                return segment;
        return null;
    }

    private Anchor CutBy(Anchor now, int cut) =>
        cut < 0 || cut >= cuts.Length || now.Cuts.Split(',').Contains($"{cut}") ? now : now with { Cuts = now.Cuts.Length == 0 ? $"{cut}" : $"{now.Cuts},{cut}" };

    /// <summary>What those cuts take together: of two from one segment the longer.</summary>
    private Dictionary<int, long> TakenBy(string taken)
    {
        lock (takenBy)
        {
            if (takenBy.TryGetValue(taken, out var known))
                return known;
            var all = taken.Split(',').SelectMany(c => cuts[int.Parse(c, CultureInfo.InvariantCulture)]).GroupBy(t => t.Segment).ToDictionary(g => g.Key, g => g.Max(t => t.Time.InMilliseconds));
            return takenBy[taken] = all;
        }
    }

    private int Known(int segment) => Math.Clamp(segment, 0, segments.Length - 1);
}
