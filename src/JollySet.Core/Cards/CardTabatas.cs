using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Several tabatas, each on a line of its own: under one head, under a title that says what a tabata is, with a rest between them.</summary>
internal static class CardTabatas
{
    /// <summary>“4 tabatas, 1 min between” above one line for each of them: a tabata each, and what comes between.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        // “Finisher: tabata” above one line of two moves.
        for (var at = 0; at + 1 < lines.Length; at++)
            if (lines[at].Length <= CardText.LongestLine && TabataAlone.IsMatch(lines[at]) && (at + 2 == lines.Length || !lines[at + 2].Any(char.IsLetterOrDigit) || CardPhrases.PartOf(lines[at + 2]) != CardPart.Main) && Both(Bullet.Replace(lines[at + 1], ""), isMove) is { } turns)
                put[at + 1] = turns;
        for (var at = 0; at < lines.Length; at++)
        {
            if (lines[at].Length > CardText.LongestLine || TabataHead.Match(lines[at]) is not { Success: true } head || !(head.Groups["n"].Success || head.Groups["s"].Success || head.Groups["t"].Success))
                continue;
            var items = new List<(int At, string What)>();
            for (var next = at + 1; next < lines.Length && TabataItem.Match(lines[next]) is { Success: true } item && item.Groups["n"].Value == (items.Count + 1).ToString(CultureInfo.InvariantCulture); next++)
                items.Add((next, Both(item.Groups["w"].Value, isMove) ?? item.Groups["w"].Value));
            // Two moves a line need no number.
            for (var next = at + 1; items.Count == next - at - 1 && next < lines.Length && lines[next].Length <= CardText.LongestLine && Both(Bullet.Replace(lines[next], ""), isMove) is { } both; next++)
                items.Add((next, both));
            // Numbers alone count the moves of one tabata as well: of several only where as many are told of.
            var isSaid = items.Count > 1 && TabataNamed.IsMatch(lines[at + 1]);
            if (items.Count < 2 || (head.Groups["n"].Success && head.Groups["n"].Value != items.Count.ToString(CultureInfo.InvariantCulture)) || !(isSaid || head.Groups["n"].Success || head.Groups["s"].Success) || !items.TrueForAll(i => isSaid || isMove(i.What) || i.What.Contains(", ", StringComparison.Ordinal)))
                continue;
            var pause = head.Groups["t"].Success ? $"\n{head.Groups["t"].Value} rest" : "";
            // The title stays one.
            if (head.Groups["t"].Success || Array.FindIndex(lines, l => l.Length > 0) < at)
                put[at] = "";
            foreach (var (item, what) in items)
                put[item] = $"Tabata {items.FindIndex(i => i.At == item) + 1}: {what}{(item == items[^1].At ? "" : pause)}";
        }
    }

    /// <summary>“Squats / push-ups”, “squats &amp; push-ups”: the moves that are done by turns, as a list; null where it is none of moves.</summary>
    private static string? Both(string text, Func<string, bool> isMove) =>
        (!isMove(text) || text.Contains('/', StringComparison.Ordinal) || text.Contains(" alternating with ", StringComparison.OrdinalIgnoreCase)) && BySigns.Split(text) is { Length: > 1 and <= 4 } parts && parts.All(p => isMove(p.Trim())) ? string.Join(", ", parts.Select(p => p.Trim())) : null;

    /// <summary>“(toe taps/crunches)”: names by a stroke, one of them known at least.</summary>
    private static string? SomeOf(string text, Func<string, bool> isMove) =>
        text.Split('/', StringSplitOptions.TrimEntries) is { Length: > 1 and <= 4 } parts && Array.Exists(parts, p => isMove(p)) && Array.TrueForAll(parts, p => p.Length > 2 && p.Split(' ').Length <= 3) ? string.Join(", ", parts) : null;

    /// <summary>A line of them put otherwise; null where it says what it says alone.</summary>
    /// <param name="areMany">Whether several lines of the card are a tabata each.</param>
    public static string? Line(string line, bool areMany, Func<string, bool> isMove)
    {
        if (areMany && TabataTitle.Match(line) is { Success: true } title)
            return title.Groups["title"].Value;
        if (TabataPair.Match(line) is { Success: true } two && two.Groups["m"].Captures.Count(c => isMove(c.Value.Trim())) is var known && known > 0 && known < two.Groups["m"].Captures.Count)
            return $"Tabata {two.Groups["n"].Value}\n{string.Join('\n', two.Groups["m"].Captures.Select(c => c.Value.Trim()))}";
        if (TabataInLine.Match(line) is { Success: true } one && !one.Groups["w"].Value.Contains(',', StringComparison.Ordinal) && (Both(one.Groups["w"].Value, isMove) ?? SomeOf(one.Groups["w"].Value, isMove)) is { } turns)
            return $"{one.Groups["h"].Value}: {turns}";
        if (TabataThenList.Match(line) is { Success: true } bare && Both(bare.Groups["w"].Value, isMove) is { } list)
            return $"Tabata: {list}";
        return areMany && BetweenTabatas.IsMatch(line) ? BetweenTabatas.Replace(line, "between blocks") : null;
    }

    /// <summary>Whether several lines are a tabata each: “T1 …”, “T2 …”.</summary>
    public static bool AreMany(string[] lines) => Array.Exists(lines, l => TabataNamed.IsMatch(l)) && lines.Where(l => TabataItem.IsMatch(l)).Take(2).Count() == 2;

    /// <summary>Whether a line is what several tabatas have in common.</summary>
    public static bool IsOfTabatas(string line) => TabataHead.IsMatch(CardText.Plain(line));

    private const string T = @"(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))";

    /// <summary>How many, and what is said of each of them in any order: that it is twenty seconds and ten, eight times, and how long between two of them.</summary>
    private static CardPattern TabataHead => field ??= new(
        @"^\s*(?:(?<n>[2-9])\s*(?:x\s*)?)?tabata(?<s>s)?(?:\s+circuit)?(?:\s*x\s*(?<n>[2-9]))?(?:[\s,;:()/.-]+(?:" + T + @"\s*(?:rest\s+|break\s+|recovery\s+)?(?:in\s+)?between(?:\s+(?:each|them|tabatas|sets|blocks))*|with\s+" + T + @"\s*(?:rest\s+)?(?:in\s+)?between(?:\s+each)?" +
        @"|20\s*(?:s|secs?|seconds?)?\s*(?:on|work)?\s*[/,:]?\s*10\s*(?:s|secs?|seconds?)?\s*(?:off|rest)?(?=\s*(?:[,;:)/.-]|x\b|x8|$))|(?:x\s*)?8(?:\s*(?:rounds|rds|times|x))?(?:\s+(?:of\s+)?each)?(?=\s*(?:[,;:)/.-]|$))))*[\s).:]*$", RegexOptions.IgnoreCase);

    /// <summary>“Tabata”, “Part C - tabata 20/10 x 8:”: a head that names no move.</summary>
    private static CardPattern TabataAlone => field ??= new(@"^\s*(?:#+\s*|\*\*\s*)?(?:[a-z][a-z0-9 ]{0,20}(?:\s-|:)\s+|[a-h][.):]\s*)?tabata\b[\s,:x()0-9/*-]*(?:4\s*min(?:ute)?s?\)?)?[\s:*]*$", RegexOptions.IgnoreCase);

    /// <summary>“Tabata: squats / rows”, “abs tabata (toe taps/crunches)”.</summary>
    private static CardPattern TabataInLine => field ??= new(@"^(?<h>(?:[a-z][a-z0-9 ]{0,20}(?:\s-|:)\s+|[a-h][.):]\s*)?(?:[a-z]{3,9}\s+)?tabata)(?:\s*:\s+(?<w>[a-z][a-z' /&+-]{4,60})|\s*\((?<w>[a-z][a-z' /&+-]{4,60})\)[.!]?)$", RegexOptions.IgnoreCase);

    /// <summary>“Tabata plank / hollow hold”, “C - tabata squats, press-ups”.</summary>
    private static CardPattern TabataThenList => field ??= new(@"^\s*(?<l>[a-h]\s?(?:[.):]|\s-)\s*)?tabata\s+(?<w>[a-z][a-z' /&+,-]{4,60})[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>What parts the moves of one tabata.</summary>
    private static CardPattern BySigns => field ??= new(@"\s*[/&+,]\s*|\s+and\s+|\s+alternating\s+with\s+", RegexOptions.IgnoreCase);

    private static CardPattern Bullet => field ??= new(@"^\s*(?:[*>•-]\s*)?");

    private static CardPattern TabataItem => field ??= new(@"^\s*(?:tabata\s*|t\s?|#)?(?<n>[1-9])(?:\s*[.:)=-]\s*|\s+)(?<w>[a-z].{2,80})$", RegexOptions.IgnoreCase);

    /// <summary>“Tabata Thursday (20/10 x 8)” above T1, T2: what a tabata is anyway.</summary>
    private static CardPattern TabataTitle => field ??= new(@"^(?<title>.*\btabata\b[^()]*?)\s*\(\s*20\s*/\s*10(?:\s*[x,]\s*8)?\s*(?:rounds)?\s*\)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“T4: burpees / step outs”, “Tabata 2 – squats / lunges”: two that are done by turns, though one of them be unknown.</summary>
    private static CardPattern TabataPair => field ??= new(@"^\s*(?:tabata\s*|t\s?)(?<n>[1-9])\s*(?:[:.)=]|\s-)\s*(?<m>[a-z][a-z' -]{2,40})(?:\s*/\s*(?<m>[a-z][a-z' -]{2,40})){1,3}\s*$", RegexOptions.IgnoreCase);

    private static CardPattern BetweenTabatas => field ??= new(@"\bbetween\s+(?:the\s+|each\s+)?tabatas?\b", RegexOptions.IgnoreCase);

    private static CardPattern TabataNamed => field ??= new(@"^\s*(?:tabata\s*|t\s?)1", RegexOptions.IgnoreCase);
}
