using System.Collections.Immutable;

namespace JollySet.Core.Kit;

/// <summary>A weight that somebody who followed along noted for a set.</summary>
/// <param name="Move">By the one name it is counted by.</param>
/// <param name="Who">The same for all that one person noted in one class.</param>
/// <param name="At">When the class was taught, UTC.</param>
public sealed record NotedLoad(string Move, string Who, DateTime At, decimal Kilograms);

/// <summary>What people used for a move before: the last each of them noted.</summary>
/// <param name="Middle">Half of them used as much or less.</param>
/// <param name="Times">By how many people and classes it was noted.</param>
/// <param name="Last">When last, UTC.</param>
public sealed record UsedBefore(string Move, decimal Least, decimal Middle, decimal Most, int Times, DateTime Last)
{
    /// <summary>One for each move, by its name.</summary>
    /// <param name="noted">In the order they were noted.</param>
    public static ImmutableDictionary<string, UsedBefore> Of(IEnumerable<NotedLoad> noted) =>
        noted.GroupBy(n => n.Move, StringComparer.OrdinalIgnoreCase).ToImmutableDictionary(
            g => g.Key,
            g =>
            {
                var each = g.GroupBy(n => n.Who).Select(w => w.Last().Kilograms).Order().ToList();
                return new UsedBefore(g.Key, each[0], each[(each.Count - 1) / 2], each[^1], each.Count, g.Max(n => n.At));
            },
            StringComparer.OrdinalIgnoreCase);
}
