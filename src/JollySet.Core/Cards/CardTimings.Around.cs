using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>A list of moves with how it runs before it, behind it or on both sides: “3 times round squats, rows and press-ups, 40 on 20 off”.</content>
internal sealed partial class CardTimings
{
    private const int LongestList = 240;

    /// <summary>How it runs, and the list behind it; null where a line says anything more, or names fewer than two moves.</summary>
    private static string? Around(string text, Func<string, bool> isMove)
    {
        if (text.Length > LongestList || !Lists.IsMatch(text))
            return null;
        foreach (var start in new[] { 0, text.IndexOf(": ", StringComparison.Ordinal) + 2, text.IndexOf(" - ", StringComparison.Ordinal) + 3, PartIs.Match(text).Length }.Distinct().Where(s => s != 1 && s != 2))
        {
            var name = IsBehind.Replace(text[..start].TrimEnd(' ', ':', '-'), "");
            if (name.Any(char.IsAsciiDigit) ? !NameBefore.IsMatch(name) : isMove(name) || NoName.IsMatch(name))
                continue;
            if (AroundFrom(text, start + Leads.Match(text[start..]).Length, isMove) is { } told)
                return name.Length > 0 ? $"{name} ({told[..told.IndexOf(':', StringComparison.Ordinal)]}){told[told.IndexOf(':', StringComparison.Ordinal)..]}" : told;
        }

        return null;
    }

    private static string? AroundFrom(string text, int start, Func<string, bool> isMove)
    {
        var before = new CardTimings().Takes(text, start);
        if (before < 0)
            return null;
        var from = before + ListBegins.Match(text[before..]).Length;
        foreach (var (end, behind) in ListEnds.Matches(text, from).Select(m => (m.Index, m.Index + m.Length)).Append((text.Length, text.Length)))
        {
            if (Items(text[from..end], isMove) is not { Count: > 1 } items)
                continue;
            var told = new CardTimings { isDose = Doses.IsMatch(text) };
            if (told.Takes(text, start) < 0 || told.Takes(text, behind) is not (>= 0 and var last) || text[last..].Trim(' ', ')', '.', '!').Length > 0)
                continue;
            if (told.Told(isList: text.AsSpan(from, end - from).ContainsAny(",;") || start > 0) is { } how)
                return $"{how}: {string.Join(", ", items)}";
        }

        return null;
    }

    /// <summary>The moves of a list; null where one of them is none.</summary>
    private static List<string>? Items(string list, Func<string, bool> isMove)
    {
        var items = new List<string>();
        // Where commas part a list of three, “squat + curl” is one of it.
        var hasCommas = list.Contains('+', StringComparison.Ordinal) && list.AsSpan().Count(',') > 1;
        foreach (var item in (hasCommas ? Commas : Between).Split(list).Select(i => i.Trim()).Where(i => i.Length > 0))
            // “Standing: squats” is what it is called and the first of it.
            if (NoItem.IsMatch(item) || item.Contains(": ", StringComparison.Ordinal))
                return null;
            else if (isMove(item) || isMove(SideBehind.Replace(item, "")))
                items.Add(item);
            else if (hasCommas && item.Split(" + ") is { Length: > 1 } one && Array.TrueForAll(one, t => isMove(t.Trim())))
                items.Add(item);
            else if (And.Split(item) is { Length: > 1 } two && Array.TrueForAll(two, t => isMove(t.Trim())))
                items.AddRange(two.Select(t => t.Trim()));
            else
                return null;
        return items;
    }

    private static CardPattern Lists => field ??= new(@"[a-z]\s*[,/&+]\s*(?:and\s+|then\s+)?[a-z]|[a-z]\s+(?:and|then)\s+[a-z]", RegexOptions.IgnoreCase);

    private static CardPattern Between => field ??= new(@"\s*(?:,\s*(?:and\s+)?(?:then\s+)?|\s[/+]\s|;\s*|\s(?:and\s+)?then\s)\s*", RegexOptions.IgnoreCase);

    private static CardPattern Commas => field ??= new(@"\s*,\s*(?:(?:and|then)\s+)*");

    private static CardPattern And => field ??= new(@"\s+(?:and|&)\s+|\s*[/+&]\s*", RegexOptions.IgnoreCase);

    /// <summary>“Lunge L”: one side, and the other a station of its own.</summary>
    private static CardPattern SideBehind => field ??= new(@"\s+\(?(?:L|R|left|right)\)?$");

    private static CardPattern NoItem => field ??= new(@"^(?:rest|recover|recovery|break|water|hold|work|off|on)$", RegexOptions.IgnoreCase);

    /// <summary>“Last one”, “then”: what says where it comes is no name.</summary>
    private static CardPattern NoName => field ??= new(@"^(?:last|first|next|then|and|after|finally|now|so)\b(?!\s+(?:block|circuit|part|round|set|section)\b)", RegexOptions.IgnoreCase);

    /// <summary>What only leads to how it runs.</summary>
    private static CardPattern Leads => field ??= new(@"^(?:(?:then|next|after\s+that|and|so|we|we'll|i|you|do|doing|have|there's|complete|perform|an?|the)\s+|circuits?\s*(?:of\b|[:-])\s*)*", RegexOptions.IgnoreCase);

    private static CardPattern ListBegins => field ??= new(@"^[\s:,.-]*(?:(?:of|on|with|doing|through|rounds\s+of|a\s+circuit\s+of)\b[\s:]*)*", RegexOptions.IgnoreCase);

    private static CardPattern ListEnds => field ??= new(@"\s*[,;:(.]\s*|\s-\s+|\s+(?:for|at|with|all|each)\s+|\s+(?=x\s*[0-9]|[0-9]|twice|three|two|four|five)", RegexOptions.IgnoreCase);

    /// <summary>“Block one is …”.</summary>
    private static CardPattern PartIs => field ??= new(@"^(?:(?:the|our)\s+)?(?:(?:first|second|third|last|main|next)\s+(?:block|circuit|part|round|set|section)|(?:block|circuit|part|round|set|section)\s+(?:one|two|three|four|[1-9]|[a-d])|main|finisher)\s+(?:is|will\s+be)\s+", RegexOptions.IgnoreCase);

    private static CardPattern IsBehind => field ??= new(@"^(?:the|our)\s+|\s+(?:is|will\s+be)$", RegexOptions.IgnoreCase);
}
