using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>Which moves a class can do with its kit and within its needs.</summary>
public static class Suits
{
    private const int MostKnown = 2000;
    private static readonly System.Collections.Concurrent.ConcurrentDictionary<string, string[]> known = new();

    /// <summary>Whether the brief's kit has all that the move needs; a class that names no kit has whatever its moves need. There is always a wall, and a floor to lie on where nobody brought a mat.</summary>
    public static bool Kit(Brief brief, Move move) => brief.Kit.IsEmpty || move.Kit.All(item => KitList.IsGiven(item) || brief.Kit.Any(there => Has(there, item)));

    /// <summary>Whether nothing the class must be spared forbids it: no floor, no jumping, seated, no kit, small space, quiet. Other needs have a way round.</summary>
    public static bool Needs(Brief brief, Move move) => !brief.Needs.Any(need => Forbids(Core.Moves.Needs.Named(need)) && move.Troubles(need) && !CanSit(need, move));

    /// <summary>Whether the move itself can be done sitting, where the class sits.</summary>
    private static bool CanSit(string need, Move move) => Core.Moves.Needs.Named(need) == "seated" && move.Around["seated"] == Words.Of(Adjustment.Seated);

    /// <summary>Whether it troubles none of the needs at all.</summary>
    public static bool EveryNeed(Brief brief, Move move) => !brief.Needs.Any(move.Troubles);

    private static bool Forbids(string need) => need is "no floor" or "no jumping" or "seated" or "no kit" or "small space" or "quiet";

    /// <summary>Whether an entry of the kit, as written, is that item: its words stand in it, whole and in order. Filled bottles stand in for dumbbells.</summary>
    internal static bool Has(string there, string item)
    {
        var (words, wanted) = (WordsOf(there), Plain(item));
        return wanted.Length > 0 && (Holds(words, wanted) ? wanted is not ["ball"] || !words.Any(KitList.IsSittingBall) : wanted is ["dumbbell"] && words.Contains("bottle"));
    }

    /// <summary>Whether a note or a name speaks of the thing that an entry lists.</summary>
    public static bool Speaks(string text, KitStock listed) => KitList.Known.Any(item => listed.Is(item) && Holds(Plain(text), Plain(item)));

    private static bool Holds(string[] words, string[] wanted)
    {
        for (var from = 0; from + wanted.Length <= words.Length; from++)
            if (words.AsSpan(from, wanted.Length).SequenceEqual(wanted))
                return true;
        return false;
    }

    /// <summary>An entry's words, and the name of what is meant besides: <c>light DBs</c> are dumbbells.</summary>
    private static string[] WordsOf(string text)
    {
        if (known.TryGetValue(text, out var words))
            return words;
        if (known.Count >= MostKnown)
            known.Clear();
        var said = text.ToLowerInvariant().Split([' ', ',', '(', ')', '-', '–', '/'], StringSplitOptions.RemoveEmptyEntries);
        var called = Enumerable.Range(0, said.Length).Select(from => BriefWords.Kit(string.Join(' ', said[from..]))).FirstOrDefault(item => item is not null);
        return known[text] = [.. Plain(text), .. called is null ? [] : Plain(called)];
    }

    /// <summary>Singular and small: a hyphen parts words, <c>2x8kg</c> is one.</summary>
    private static string[] Plain(string text) =>
    [
        .. text.ToLowerInvariant().Split([' ', ',', '(', ')', '-', '–', '/'], StringSplitOptions.RemoveEmptyEntries)
            .Select(w => w.Length > 3 && w.EndsWith('s') && !w.EndsWith("ss", StringComparison.Ordinal) ? w[..^1] : w),
    ];
}
