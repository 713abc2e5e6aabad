using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Search;

/// <summary>What is asked of the library, as it was understood from a line: “back, no kit, spare the wrists”.</summary>
/// <param name="Text">As it was written.</param>
/// <param name="Words">What no other meaning was found for: words of names.</param>
/// <param name="Muscles">One of them is worked at half a share or more, or moved easily; empty: any.</param>
/// <param name="Patterns">Its pattern is one of them; empty: any.</param>
/// <param name="Kit">One of them is used, and nothing besides; empty: any.</param>
/// <param name="Spared">It troubles none of these.</param>
/// <param name="Level">How high people are; null: any.</param>
/// <param name="Role">One of its places in a class; null: any.</param>
public sealed record MoveQuestion(
    string Text,
    ImmutableArray<string> Words,
    ImmutableArray<Muscle> Muscles,
    ImmutableArray<Pattern> Patterns,
    ImmutableArray<string> Kit,
    ImmutableArray<string> Spared,
    Level? Level = null,
    Role? Role = null)
{
    /// <summary>Nothing is asked.</summary>
    public static MoveQuestion Nothing { get; } = new("", [], [], [], [], []);

    /// <summary>Whether anything but names is asked.</summary>
    public bool HasFacts => !Muscles.IsEmpty || !Patterns.IsEmpty || !Kit.IsEmpty || !Spared.IsEmpty || Level is not null || Role is not null;

    /// <summary>What was understood, in one line; empty where only names are searched.</summary>
    public string Told => string.Join(" · ", Parts().Where(p => p.Length > 0));

    /// <summary>Whether a move answers all but the names.</summary>
    public bool Fits(Move move) =>
        (Muscles.IsEmpty || move.Muscles.Any(m => (m.Share >= 0.5m || move.Pattern == Pattern.Mobility) && Muscles.Contains(m.Muscle)))
        && (Patterns.IsEmpty || Patterns.Contains(move.Pattern))
        && (Kit.IsEmpty || (move.Kit.Any(IsAsked) && move.Kit.All(item => KitList.IsGiven(item) || IsAsked(item))))
        && Spared.All(need => !move.Troubles(need) || (need == "seated" && move.Tags.CanSit))
        && (Level is null || move.Level == Level)
        && (Role is not { } role || move.Tags.Is(role));

    private bool IsAsked(string item) => Kit.Any(k => k.TrimEnd('s').Equals(item.TrimEnd('s'), StringComparison.OrdinalIgnoreCase));

    private IEnumerable<string> Parts()
    {
        yield return Words.IsEmpty ? "" : $"named “{string.Join(' ', Words)}”";
        yield return string.Join(", ", Muscles.Select(Plans.Words.Of));
        yield return string.Join(", ", Patterns.Select(Plans.Words.Of));
        yield return string.Join(" or ", Kit);
        yield return Spared.IsEmpty ? "" : string.Join(", ", Spared.Select(need => need is "wrists" or "knees" or "shoulders" or "low back" or "neck" or "hips" or "balance" ? $"spares {need}" : need));
        yield return Level switch { Moves.Level.Up => "standing", Moves.Level.Middle => "kneeling or on all fours", Moves.Level.Down => "on the floor or sitting", _ => "" };
        yield return Role is { } role ? RoleWords.Of(role) : "";
    }
}
