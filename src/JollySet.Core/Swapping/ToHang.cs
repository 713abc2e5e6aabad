using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Search;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

/// <summary>Moves a class does not have yet, for the hand that looks for one more.</summary>
public static class ToHang
{
    /// <summary>How many of a family are shown.</summary>
    public const int OfAFamily = 7;

    private const int OfAFamilyAsked = 12;

    /// <summary>By family, the most common first; those that suit its people, kit and needs, or all that answer a question.</summary>
    /// <param name="asked">Words, a muscle, a pattern, kit, needs, a level; null or empty for nothing asked.</param>
    public static ImmutableArray<(Family Family, ImmutableArray<Move> Moves)> For(Timeline timeline, string? asked = null)
    {
        var used = timeline.Plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Select(n => timeline.Library.Understood(n)?.Name ?? n).ToHashSet(StringComparer.OrdinalIgnoreCase);
        var (brief, isAsked) = (Replacements.BriefOf(timeline), !string.IsNullOrWhiteSpace(asked));
        var found = isAsked
            ? MoveSearch.Find(asked!, timeline.Library).AsEnumerable()
            : timeline.Library.All.Where(m => m.Tags.Staple > 0 && Suitable.For(brief, m, timeline.Library)).OrderByDescending(m => m.Tags.Staple).ThenByDescending(m => m.Tags.Is(Role.Main)).ThenBy(m => m.Tags.Rung).ThenBy(m => m.Name, StringComparer.Ordinal);
        return [.. found.Where(m => !used.Contains(m.Name)).GroupBy(m => m.Family).OrderBy(g => g.Key).Select(g => (g.Key, g.Take(isAsked ? OfAFamilyAsked : OfAFamily).ToImmutableArray()))];
    }
}
