using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>A ladder that is told rather than written: “10 squats and 10 rows, then 9 and 9, down to 1”, “squats / rows 10 to 1”.</summary>
internal static class CardRungs
{
    /// <summary>The line as a ladder with its moves; null where it tells none.</summary>
    public static string? Line(string line, Func<string, bool> isMove)
    {
        if (!line.Any(char.IsAsciiDigit))
            return null;
        var text = Opening.Replace(line, "").Trim();
        var (moves, numbers) = Counts(text);
        // A ladder that is told at length is named by what it is.
        var name = Ladder.Match(line) is { Success: true } called ? $"{called.Groups["w"].Value} " : moves.Count > 0 ? "ladder " : "";
        if (moves.Count == 0)
            (moves, numbers) = ListFirst(text);
        // “1-10 swings & squats”: nobody may choose between one and ten.
        if (moves.Count == 0 && NumbersFirst.Match(text) is { Success: true } first)
            (moves, numbers) = ([.. Between.Split(first.Groups["list"].Value).Select(w => w.Trim())], first.Groups["nums"].Value);
        if (moves.Count is < 1 or > MostMoves || !moves.TrueForAll(m => isMove(m)) || Rungs(numbers) is not { } rungs)
            return null;
        return $"{name}{rungs}: {string.Join(", ", moves)}";
    }

    /// <summary>“10 squats, 10 rows, then 9 of each, down to 1”: the moves that are done as often, and the numbers after them.</summary>
    private static (List<string> Moves, string Numbers) Counts(string text)
    {
        var (moves, at, count) = (new List<string>(), 0, "");
        while (Counted.Match(text, at) is { Success: true } m && (count.Length == 0 || m.Groups["n"].Value == count) && m.Groups["name"].Value is var name && !name.StartsWith("of ", StringComparison.OrdinalIgnoreCase))
        {
            count = m.Groups["n"].Value;
            moves.Add(name.Trim());
            at = m.Index + m.Length;
        }

        var tail = moves.Aggregate(text[at..], (t, m) => t.Replace(m, "", StringComparison.OrdinalIgnoreCase));
        return moves.Count > 0 && Tail.IsMatch(tail) ? (moves, $"{count} {tail}") : ([], "");
    }

    /// <summary>“Squats / rows 10 to 1”, “squats, rows: 10, 9, 8 down to 1”.</summary>
    private static (List<string> Moves, string Numbers) ListFirst(string text) =>
        List.Match(text) is { Success: true } m ? ([.. Between.Split(m.Groups["list"].Value).Select(w => w.Trim())], m.Groups["nums"].Value) : ([], "");

    /// <summary>“10 down to 1”; null where the numbers do not go down or up in even steps to a last one that is said.</summary>
    private static string? Rungs(string numbers)
    {
        var said = Digits.Matches(numbers).Select(m => int.Parse(m.Value, CultureInfo.InvariantCulture)).ToList();
        // “9 and 9” is one rung.
        said = [.. said.Where((n, at) => at == 0 || n != said[at - 1])];
        if (said.Count < 2 || said.Exists(n => n is 0 or > Most))
            return null;
        var step = said.Count > 2 ? said[1] - said[0] : said[^1] > said[0] ? 1 : -1;
        if (step == 0 || (said[^1] - said[0]) % step != 0 || (said[^1] - said[0]) / step < 1)
            return null;
        if (said.Where((n, at) => at < said.Count - 1 && n != said[0] + (step * at)).Any() || (!To.IsMatch(numbers) && (said.Count < 4 || said[^1] - said[^2] != step)))
            return null;
        return Math.Abs(step) == 1 ? $"{said[0]} {(step < 0 ? "down" : "up")} to {said[^1]}" : string.Join('-', Enumerable.Range(0, ((said[^1] - said[0]) / step) + 1).Select(i => said[0] + (step * i)));
    }

    private const int MostMoves = 6;
    private const int Most = 100;

    // No name holds an “and”: what parts the list is seen in one way.
    private const string Name = @"[a-z](?:(?!\sand\s)[a-z' -])*?[a-z]";

    private static CardPattern Opening => field ??= new(@"^\s*(?:start(?:ing)?\s+(?:with|on|at)\s+|ladder\s*[:-]\s*|(?:a\s+)?countdown\s*[:,-]?\s*(?:from\s+)?(?=[0-9]+\s+[a-z]{3}))", RegexOptions.IgnoreCase);

    private static CardPattern Ladder => field ??= new(@"^\s*(?<w>ladder)\b", RegexOptions.IgnoreCase);

    private static CardPattern Counted => field ??= new(@"\G[\s,;&+]*(?:and\s+)?(?<n>[0-9]{1,2})\s+(?<name>(?!of\b|each\b|down\b|up\b|to\b|and\b|then\b)[a-z][a-z' -]*?)(?=\s*(?:[,;.&+]|$|[0-9]|\band\b|\bthen\b))", RegexOptions.IgnoreCase);

    /// <summary>Numbers and the words that lead from one to the next, up to the last.</summary>
    private static CardPattern Tail => field ??= new(@"^(?>(?:then|next|of|each|and|down|up|all|the|way|to|it|go|work|until|reach|you|[0-9]+|[\s,.;&+])+)$(?<=\bto\s*[0-9]+[\s.]*)", RegexOptions.IgnoreCase);

    private static CardPattern List => field ??= new(@"^(?<list>" + Name + @"(?:\s*(?:,|/|\+|&|\sand\s)\s*" + Name + @")+)(?:\s*[:,-]\s*|\s+)(?:from\s+)?(?<nums>[0-9]{1,2}(?>(?:\s*(?:then|next|of|each|reps|down|up|all|the|way|to|[0-9]+|[,.;-])\b?)+))[\s.]*$", RegexOptions.IgnoreCase);

    private static CardPattern NumbersFirst => field ??= new(@"^(?<nums>1\s*(?:-|to)\s*(?:[5-9]|1[0-9]|20)|(?:[5-9]|1[0-9]|20)\s*(?:-|to)\s*1)\s+(?<list>" + Name + @"(?:\s*(?:,|/|\+|&|\sand\s)\s*" + Name + @")*)\s*$", RegexOptions.IgnoreCase);

    private static CardPattern Between => field ??= new(@"\s*(?:,|/|\+|&|\sand\s)\s*", RegexOptions.IgnoreCase);

    private static CardPattern Digits => field ??= new("[0-9]+");

    private static CardPattern To => field ??= new(@"[0-9]\s*(?:[a-z\s,.]*\bto|-)\s*[0-9]+[\s.]*$", RegexOptions.IgnoreCase);
}
