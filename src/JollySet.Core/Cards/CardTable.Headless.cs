using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>Tables that were copied or written without headings: what a column is shows in its cells.</content>
internal static partial class CardTable
{
    /// <summary>What is no table in so many rows is none.</summary>
    private const int MostTries = 200;

    private static bool MayBeRow(string line) => line.AsSpan().ContainsAny("\t|;,") || line.Contains("  ", StringComparison.Ordinal);

    private const int MostRows = 60;
    private const int MostColumns = 12;
    private const int FewestSeconds = 20;

    /// <summary>The columns of rows whose cells are parted by a sign and that have no headings; null where no column is of moves, or where several are.</summary>
    private static string[]? Headless(string[] lines, int at, char sign, Func<string, bool> isMove)
    {
        if (!lines[at].Contains(sign, StringComparison.Ordinal) || lines[at].Length > CardText.LongestLine || Cells(lines[at], sign) is var first && (first.Count > MostColumns || !first.Exists(c => IsMove(c.Trim()))))
            return null;
        var run = lines.Skip(at).Take(MostRows).TakeWhile(l => l.Length <= CardText.LongestLine && l.Contains(sign, StringComparison.Ordinal) && l.Any(char.IsLetterOrDigit)).Select(l => Cells(l, sign).ConvertAll(c => c.Trim())).TakeWhile(r => r.Count(c => Column(c).Length > 0) < 2).ToList();
        // What does not go on counting is no row of it.
        if (run is [["1", ..], ..])
            run = [.. run.TakeWhile((r, i) => r[0] == (i + 1).ToString(System.Globalization.CultureInfo.InvariantCulture))];
        var width = run.Count < 2 ? 0 : run.Max(r => r.Count);
        if (width is < 2 or > MostColumns)
            return null;
        List<string> At(int i) => run.ConvertAll(r => i < r.Count ? r[i] : "");
        bool IsMove(string c) => c.Length > 0 && char.IsLetter(c[0]) && isMove(CardPhrases.WithoutBrackets(c));
        bool AreMoves(List<string> cells) => cells.Count(IsMove) is > 0 and var known && known * 2 >= cells.Count(c => c.Length > 0);
        var ofMoves = Enumerable.Range(0, width).Where(i => AreMoves(At(i))).ToList();
        if (ofMoves is not [var name] || At(name).Exists(c => c.Length == 0))
            return null;
        var heads = new string[width];
        Array.Fill(heads, "");
        heads[name] = "name";
        if (name > 0 && At(0).Select((c, i) => c.TrimEnd('.', ')') == (i + 1).ToString(System.Globalization.CultureInfo.InvariantCulture)).All(isNext => isNext))
            heads[0] = "number";
        // Lists with a comma in each line are no table: its names stand first, all of its cells are short, and a column holds numbers.
        if (Enumerable.Range(0, name).Any(i => heads[i].Length == 0 && At(i).Exists(c => c.Length > 0)) || (sign is ',' or ';' && (run.Exists(r => r.Exists(c => c.Count(l => l == ' ') >= CardPhrases.FewWords || c.Count(l => l == '(') != c.Count(l => l == ')'))) || (heads[0] != "number" && (width < 3 || !Enumerable.Range(1, width - 1).Any(i => At(i).FindAll(c => c.Length > 0) is { Count: > 1 } cells && cells.TrueForAll(c => char.IsAsciiDigit(c[0]))))))))
            return null;
        var (bare, counted, timed) = (new List<int>(), new List<int>(), new List<int>());
        foreach (var i in Enumerable.Range(0, width).Where(i => heads[i].Length == 0))
        {
            var cells = At(i).FindAll(c => c.Length > 0);
            if (cells.Count == 0)
                continue;
            if (cells.TrueForAll(c => c.Length < 4 && c.All(char.IsAsciiDigit)))
                bare.Add(i);
            else if (cells.TrueForAll(Timed.IsMatch))
                timed.Add(i);
            else if (cells.TrueForAll(c => Timed.IsMatch(c) || Counted.IsMatch(c)))
                counted.Add(i);
            else
                heads[i] = cells.TrueForAll(c => Mass.Match(c).Length == c.Length) ? "load" : i < name ? "" : "note";
        }

        if (counted.Count > 0)
            heads[counted[0]] = "reps";
        Numbered(bare, heads, timed.Count > 0, i => At(i).FindAll(c => c.Length > 0).ConvertAll(c => int.Parse(c, System.Globalization.CultureInfo.InvariantCulture)));
        foreach (var i in timed)
            heads[i] = !heads.Contains("reps") && !heads.Contains("time") ? "time" : heads.Contains("rest") ? "note" : "rest";
        foreach (var i in counted.Skip(1))
            heads[i] = "note";
        return heads.Count(h => h.Length > 0) > 1 ? heads : null;
    }

    /// <summary>What columns of plain numbers are: work and rest in seconds, sets and reps, or one of them.</summary>
    private static void Numbered(List<int> bare, string[] heads, bool isTimed, Func<int, List<int>> column)
    {
        bool AreSeconds(int i) => column(i) is var n && n.TrueForAll(x => x == n[0]) && n[0] >= FewestSeconds && n[0] % 5 == 0;
        if (heads.Contains("reps"))
        {
            // “3 | 8 each side”, and no sets in it.
            if (bare is [var often, ..] && often < Array.IndexOf(heads, "reps") && column(often).TrueForAll(n => n <= MostSets))
                heads[often] = "sets";
        }
        else if (bare is [var on, var off, ..] && AreSeconds(on) && column(off) is var rests && rests.TrueForAll(x => x == rests[0] && x % 5 == 0))
        {
            (heads[on], heads[off]) = ("time", "rest");
        }
        else if (bare is [var sets, var reps, ..])
        {
            (heads[sets], heads[reps]) = ("sets", "reps");
        }
        else if (bare is [var one])
        {
            // “3 | 40 s”: so many sets of it.
            heads[one] = isTimed && column(one).TrueForAll(n => n <= MostSets) ? "sets" : AreSeconds(one) ? "time" : "reps";
        }

        foreach (var i in bare.Where(i => heads[i].Length == 0))
            heads[i] = !heads.Contains("rest") && AreSeconds(i) ? "rest" : "note";
    }

    private const int MostSets = 6;

    private static CardPattern Timed => field ??= new(@"^(?:[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?|""|')\.?|[0-9]{1,2}:[0-5][0-9])$", RegexOptions.IgnoreCase);

    private static CardPattern Counted => field ??= new(@"^(?:[0-9]{1,2}\s*[x×*]\s*)?x?\s*[0-9]{1,3}(?:\s*-\s*[0-9]{1,3})?(?:\s*(?:reps?|r|s|secs?))?(?:\s*(?:each|per|ea|e/s|es|/).*)?$", RegexOptions.IgnoreCase);

    /// <summary>Rows kept apart by spaces, as rows of tabs; the lines themselves where they are none of a table.</summary>
    private static string[] Gapped(string[] lines, int at, Func<string, bool> isMove)
    {
        if (lines[at].Length > CardText.LongestLine || !Gap.IsMatch(lines[at].Trim()) || !Array.Exists(Gap.Split(lines[at].Trim()), c => c.Length > 0 && char.IsLetter(c[0]) && isMove(c)))
            return lines;
        var put = (string[])lines.Clone();
        for (var row = at; row < lines.Length && row < at + MostRows && lines[row].Length <= CardText.LongestLine && Gap.IsMatch(lines[row].Trim()) && !lines[row].Contains('\t', StringComparison.Ordinal); row++)
            put[row] = Gap.Replace(lines[row].Trim(), "\t");
        return Headless(put, at, '\t', isMove) is null ? lines : put;
    }

    /// <summary>“Rounds, 3” below a table.</summary>
    private static string? RoundsBelow(List<string> cells) =>
        cells.Select(c => c.Trim().TrimEnd(':')).Where(c => c.Length > 0).ToList() is [var word, var often] && RoundsWord.IsMatch(word) && often.Length < 3 && often.All(char.IsAsciiDigit) ? $"{often} rounds" : null;

    private static CardPattern RoundsWord => field ??= new(@"^(?:rounds|laps|circuits|times through)$", RegexOptions.IgnoreCase);
}
