using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>Lists by round: one entry a round, whose last goes on.</summary>
public static class ByRound
{
    /// <summary>The entry for <paramref name="round"/>, counted from 1.</summary>
    public static T At<T>(this ImmutableArray<T> list, int round) => list[Math.Min(round, list.Length) - 1];
}
