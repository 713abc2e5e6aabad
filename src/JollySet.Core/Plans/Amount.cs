using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>How much of a move: reps or seconds, perhaps another each round.</summary>
public abstract record Amount;

/// <summary>A count. A null entry is <c>x?</c>: no target set.</summary>
public sealed record Reps(ImmutableArray<Span?> Counts) : Amount
{
    /// <summary>The same count every round.</summary>
    public static Reps Of(int count) => new([new Span(count)]);
}

/// <summary>A time. A null entry is <c>?s</c>: no target set.</summary>
/// <param name="Hold">Held still for that long, rather than repeated.</param>
public sealed record Timed(ImmutableArray<LengthSpan?> Lengths, bool Hold = false) : Amount
{
    /// <summary>The same time every round.</summary>
    public static Timed Of(Length length) => new([new LengthSpan(length)]);

    /// <summary>The same number of seconds every round.</summary>
    public static Timed OfSeconds(int seconds) => Of(Length.Seconds(seconds));
}
