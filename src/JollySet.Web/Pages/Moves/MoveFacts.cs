using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Moves;

/// <summary>A move as its row and its page show it.</summary>
/// <param name="Slug">Its name in addresses.</param>
/// <param name="Facts">Kind, level, sides, load and impact in one line.</param>
/// <param name="Own">“your own”, “facts changed”, or nothing.</param>
public sealed record MoveFacts(string Name, string Slug, string Cloth, string FlagPath, string Facts, string Muscles, string Kit, string Own)
{
    private const int MostMuscles = 3;

    /// <summary>The row of a move.</summary>
    public static MoveFacts Of(Move move, IReadOnlySet<string> own) => new(
        move.Name,
        SlugOf(move.Name),
        move.Family.ToString().ToLowerInvariant(),
        Drawing.FlagPath.Of(HemOf(move), 1, 1, 30, 24, 6),
        string.Join(" · ", FactsOf(move)),
        MusclesOf(move),
        move.Kit.IsEmpty ? "no kit" : string.Join(", ", move.Kit),
        !own.Contains(move.Name) ? "" : MoveLibrary.Shipped.Find(move.Name) is null ? "your own" : "facts changed");

    /// <summary>A name as it stands in an address: small, a hyphen for what parts words.</summary>
    public static string SlugOf(string name) => string.Concat(name.ToLowerInvariant().Select(c => char.IsLetterOrDigit(c) ? c : '-'));

    /// <summary>The move of that address; null where there is none.</summary>
    public static Move? Find(MoveLibrary library, string slug) => library.All.FirstOrDefault(m => SlugOf(m.Name) == slug) ?? library.Find(slug);

    /// <summary>What it works, prime movers first.</summary>
    private static string MusclesOf(Move move) => string.Join(", ", move.Muscles.OrderByDescending(m => m.Share).Where(m => m.Share >= 0.5m || move.Pattern == Pattern.Mobility).Take(MostMuscles).Select(m => Words.Of(m.Muscle)));

    private static IEnumerable<string> FactsOf(Move move)
    {
        yield return Words.Of(move.Pattern);
        yield return Words.Of(move.Posture);
        if (move.Sides != MoveSides.Both)
            yield return move.Sides == MoveSides.OneSided ? "each side" : "alternating";
        if (move.Impact >= Impact.Middle)
            yield return $"{MoveJson.Spelled(move.Impact)} impact";
    }

    private static Hem HemOf(Move move) => move.Sides switch { MoveSides.OneSided => Hem.Left, MoveSides.Alternating => Hem.Alternating, _ => Hem.Both };
}

/// <summary>A rung of a ladder: what stands on it.</summary>
/// <param name="IsHere">Whether the move that is shown stands on it.</param>
public sealed record LadderRung(int Number, bool IsHere, ImmutableArray<(string Name, string Slug, bool IsIt)> Moves, int More)
{
    private const int Shown = 5;

    /// <summary>The ladder of a move's pattern, the hardest rung first.</summary>
    public static ImmutableArray<LadderRung> Of(Move move, MoveLibrary library) =>
    [
        .. library.All.Where(m => m.Pattern == move.Pattern).GroupBy(m => m.Tags.Rung).OrderByDescending(g => g.Key).Select(g =>
        {
            var all = g.OrderByDescending(m => m.Name == move.Name).ThenByDescending(m => m.Tags.Staple).ThenBy(m => m.Name, StringComparer.Ordinal).ToList();
            return new LadderRung(g.Key, g.Key == move.Tags.Rung, [.. all.Take(Shown).Select(m => (m.Name, MoveFacts.SlugOf(m.Name), m.Name == move.Name))], Math.Max(0, all.Count - Shown));
        }),
    ];
}
