using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>“Set 1 – cardio: 3 x (30s step knees, 30s jacks, 30s rest)”: a head, so many rounds of what has its time each, and the rest that ends a round.</summary>
internal static class CardTimedList
{
    private const int Fewest = 2;

    /// <summary>The line as a head and its list; null where it says anything else.</summary>
    public static string? Line(string line, Func<string, bool> isMove)
    {
        if (Whole.Match(line) is not { Success: true } m)
            return null;
        var list = m.Groups["l"].Value.Trim();
        // “Set 1 – cardio – 30s …”: all before the last dash is the head.
        var dash = list.LastIndexOf(" - ", StringComparison.Ordinal);
        var items = Signs.Split(list[(dash < 0 ? 0 : dash + 3)..]).Select(i => Item.Match(i.Trim())).ToList();
        if (items.Count < Fewest + 1 || !items.TrueForAll(i => i.Success) || !IsRest(items[^1]) || items.SkipLast(1).Any(IsRest) || items.SkipLast(1).Count(i => isMove(i.Groups["w"].Value)) * 2 < items.Count - 1)
            return null;
        var head = $"{m.Groups["h"].Value} {(dash > 0 ? list[..dash] : "")}".Trim(' ', ':', '-').Replace(" - ", " ", StringComparison.Ordinal);
        var how = $"{m.Groups["n"].Value} rounds, rest {Time(items[^1])} between rounds";
        return $"{(head.Length > 0 ? $"{head} ({how})" : how)}: {string.Join(", ", items.SkipLast(1).Select(i => $"{i.Groups["w"].Value} {Time(i)}"))}";
    }

    private static bool IsRest(Match item) => Rest.IsMatch(item.Groups["w"].Value);

    private static string Time(Match item) => string.Create(CultureInfo.InvariantCulture, $"{int.Parse(item.Groups["t"].Value, CultureInfo.InvariantCulture) * (item.Groups["m"].Success ? 60 : 1)}s");

    private static CardPattern Whole => field ??= new(
        @"^\s*(?<h>[a-z][a-z0-9 &'-]{0,40}?)??\s*(?::|\s-)?\s*(?:(?<n>[2-9])\s*(?:x|rounds?(?:\s+of)?)\s*:?\s*\((?<l>[^()]+)\)|x\s*(?<n>[2-9])\s*:\s*(?<l>[^():]+)|\((?<l>[^()]+)\)\s*x\s*(?<n>[2-9])|(?<l>[0-9a-z][^():]+?)\s*x\s*(?<n>[2-9]))\s*$", RegexOptions.IgnoreCase);

    private static CardPattern Signs => field ??= new(@"\s*[,/+]\s*");

    private static CardPattern Item => field ??= new(@"^(?:(?<t>[0-9]{1,3})\s*(?:s|secs?|seconds?|(?<m>mins?|minutes?))\s+(?:of\s+)?(?<w>[a-z][a-z' -]{2,30})|(?<w>[a-z][a-z' -]{2,30}?)\s+(?<t>[0-9]{1,3})\s*(?:s|secs?|seconds?|(?<m>mins?|minutes?)))$", RegexOptions.IgnoreCase);

    private static CardPattern Rest => field ??= new(@"^(?:rest|off|break|recover(?:y)?|pause)$", RegexOptions.IgnoreCase);
}
