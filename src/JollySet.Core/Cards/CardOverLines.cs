using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>What only several lines together say: a list counted on over its lines, “repeat 1-3” below numbers, tabatas under one head. Each line is put as one that says it alone.</summary>
internal static class CardOverLines
{
    /// <summary>The lines that are put otherwise, by their place; a line may become several.</summary>
    /// <param name="isMove">Whether words are a move that is known.</param>
    public static Dictionary<int, string> Put(string[] lines, Func<string, bool> isMove)
    {
        var put = new Dictionary<int, string>();
        Tabatas(lines, put, isMove);
        if (put.Count == 0)
            Counted(lines, put, isMove);
        Repeats(lines, put);
        Timeline(lines, put);
        var pairs = 0;
        for (var at = 0; at < lines.Length; at++)
            if (!put.ContainsKey(at) && lines[at].Length is > 0 and <= CardText.LongestLine && Alone(lines, at, ref pairs, isMove) is { } line)
                put[at] = line;
        return put;
    }

    /// <summary>One line put otherwise; null where it says what it says alone.</summary>
    private static string? Alone(string[] lines, int at, ref int pairs, Func<string, bool> isMove)
    {
        var line = lines[at];
        if (Pair(line, ref pairs, isMove) is { } pair)
            return pair;
        if (RestThenAgain.Match(line) is { Success: true } again)
            return $"{(again.Groups["n"].Success ? $"{again.Groups["n"].Value} rounds, " : lines[Math.Max(0, at - FewLines)..at].Any(l => SaysRounds.IsMatch(l)) ? "" : "2 rounds, ")}{again.Groups["t"].Value} between rounds";
        if (TabataTitle.Match(line) is { Success: true } title && lines.Skip(at + 1).Any(l => TabataNamed.IsMatch(l)))
            return title.Groups["title"].Value;
        if (TabataPair.Match(line) is { Success: true } two && two.Groups["m"].Captures.Count(c => isMove(c.Value.Trim())) is var known && known > 0 && known < two.Groups["m"].Captures.Count)
            return $"Tabata {two.Groups["n"].Value}\n{string.Join('\n', two.Groups["m"].Captures.Select(c => c.Value.Trim()))}";
        if (BetweenTabatas.Match(line) is { Success: true } && Array.FindAll(lines, l => TabataItem.IsMatch(l)).Length > 1)
            return BetweenTabatas.Replace(line, "between blocks");
        if (SwapsAfter.Replace(line, "${t} each") is var each && each != line)
            return each;
        var bare = WithoutLetter(lines, at);
        return CardRungs.Line(line, isMove) ?? MostOf(bare, isMove) ?? CardTails.Line(line, IsBelow(lines, at)) ?? (bare == line ? null : bare);
    }

    /// <summary>Whether anything stands between a line and the title.</summary>
    private static bool IsBelow(string[] lines, int at) => Array.FindIndex(lines, l => l.Length > 0) is var title && Array.FindIndex(lines, title + 1, l => l.Length > 0) is >= 0 and var next && next < at;

    /// <summary>“1. squats 2. rows” above “3. curls 4. plank”: the numbers count the moves, on all of these lines.</summary>
    private static void Counted(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var from = 0; from < lines.Length; from++)
        {
            var (run, count, next) = (new List<string>(), 0, from);
            for (; next < lines.Length && CountedOn(lines[next], count + 1, isMove) is { } names; next++)
            {
                run.Add(string.Join('\n', names));
                count += names.Length;
            }

            // Numbers that begin anew are no counts of what is done where a sign stands behind them, or where they go on below.
            if (run.Count > 0 && count > run.Count && count >= FewestCounted && (run.Count > 1 || Signed.IsMatch(lines[from])))
                for (var at = 0; at < run.Count; at++)
                    put[from + at] = run[at];
            from = Math.Max(from, next - 1);
        }
    }

    /// <summary>The moves of a line whose numbers go on from one; null where it says anything else.</summary>
    private static string[]? CountedOn(string line, int first, Func<string, bool> isMove)
    {
        if (line.Length > CardText.LongestLine || Items.Match(line) is not { Success: true } m)
            return null;
        var numbers = m.Groups["n"].Captures;
        for (var at = 0; at < numbers.Count; at++)
            if (numbers[at].Value != (first + at).ToString(CultureInfo.InvariantCulture))
                return null;
        var names = m.Groups["w"].Captures.Select(c => c.Value.Trim(' ', ',', ';', '.', '-', '/', '|')).ToArray();
        return Array.TrueForAll(names, n => n.Length > 2) && names.Count(isMove) * 2 > names.Length ? names : null;
    }

    /// <summary>“Repeat 1-3 x 2”, “repeat steps 1 to 3, 4 rounds in total” below lines with these numbers: so many rounds.</summary>
    private static void Repeats(string[] lines, Dictionary<int, string> put)
    {
        var numbers = Array.ConvertAll(lines, l => Number.Match(l) is { Success: true } n ? n.Groups["n"].Value : "");
        for (var at = 1; at < lines.Length; at++)
        {
            if (lines[at].Length > CardText.LongestLine || Repeat.Match(lines[at]) is not { Success: true } m)
                continue;
            if (m.Groups["a"].Success && (Above(m.Groups["a"].Value) is not { } first || Above(m.Groups["b"].Value) is not { } last || last <= first))
                continue;
            var more = m.Groups["n"].Value switch
            {
                "" => 2,
                "once" => 2,
                "twice" => m.Groups["more"].Success ? 3 : 2,
                "thrice" => 3,
                "two" or "three" or "four" or "five" => Array.IndexOf(Words, m.Groups["n"].Value) + 2 + (m.Groups["more"].Success ? 1 : 0),
                var n => int.Parse(n, CultureInfo.InvariantCulture) + (m.Groups["more"].Success ? 1 : 0),
            };
            // What is done once before them is a block of its own.
            if (m.Groups["a"].Success && Above(m.Groups["a"].Value) is { } begins && Array.IndexOf(numbers, (int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture) - 1).ToString(CultureInfo.InvariantCulture), 0, begins) >= 0)
            {
                put[begins] = string.Create(CultureInfo.InvariantCulture, $"then {more} rounds of:\n{put.GetValueOrDefault(begins, lines[begins])}");
                put[at] = $"note: {lines[at].Trim()}";
            }
            else
            {
                put[at] = string.Create(CultureInfo.InvariantCulture, $"{more} rounds");
            }

            int? Above(string number) => Array.LastIndexOf(numbers, number, at - 1) is >= 0 and var place ? place : null;
        }
    }

    /// <summary>“4 tabatas, 1 min between” above one line for each of them: a tabata each, and what comes between.</summary>
    private static void Tabatas(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var at = 0; at < lines.Length; at++)
        {
            if (lines[at].Length > CardText.LongestLine || TabataHead.Match(lines[at]) is not { Success: true } head || !(head.Groups["n"].Success || head.Groups["s"].Success || head.Groups["t"].Success))
                continue;
            var items = new List<(int At, string What)>();
            for (var next = at + 1; next < lines.Length && TabataItem.Match(lines[next]) is { Success: true } item && item.Groups["n"].Value == (items.Count + 1).ToString(CultureInfo.InvariantCulture); next++)
                items.Add((next, item.Groups["w"].Value));
            // Numbers alone count the moves of one tabata as well: of several only where as many are told of.
            var isSaid = items.Count > 1 && TabataNamed.IsMatch(lines[at + 1]);
            if (items.Count < 2 || (head.Groups["n"].Success && head.Groups["n"].Value != items.Count.ToString(CultureInfo.InvariantCulture)) || !(isSaid || head.Groups["n"].Success || head.Groups["s"].Success) || !items.TrueForAll(i => isSaid || isMove(i.What)))
                continue;
            var pause = head.Groups["t"].Success ? $"\n{head.Groups["t"].Value} rest" : "";
            put[at] = "";
            foreach (var (item, what) in items)
                put[item] = $"Tabata {items.FindIndex(i => i.At == item) + 1}: {what}{(item == items[^1].At ? "" : pause)}";
        }
    }

    /// <summary>“0-5 warm up”, “min 5-15: squats, rows, 40/20”, “15-25 …”: minutes that go on from line to line, however they are written.</summary>
    private static void Timeline(string[] lines, Dictionary<int, string> put)
    {
        var spans = Enumerable.Range(0, lines.Length).Where(i => lines[i].Length <= CardText.LongestLine).Select(i => (At: i, M: Span.Match(lines[i]))).Where(s => s.M.Success).Select(s => (s.At, From: int.Parse(s.M.Groups["a"].Value, CultureInfo.InvariantCulture), To: int.Parse(s.M.Groups["b"].Value, CultureInfo.InvariantCulture), What: s.M.Groups["what"].Value)).ToList();
        if (spans.Count < FewestSpans || spans[0].From != 0 || spans.Where((s, i) => s.To <= s.From || (i > 0 && s.From != spans[i - 1].To)).Any())
            return;
        foreach (var span in spans.Where(s => !Pause.IsMatch(s.What)))
            put[span.At] = string.Create(CultureInfo.InvariantCulture, $"{span.From}'-{span.To}' {span.What}");
    }

    /// <summary>“A. rows + press ups 3x10, rest 60”: two moves by turns, A1 and A2.</summary>
    private static string? Pair(string line, ref int pairs, Func<string, bool> isMove)
    {
        if (!line.Contains(" + ", StringComparison.Ordinal) || JoinedSets.Match(line) is not { Success: true } m)
            return null;
        var moves = m.Groups["m"].Captures.Select(c => c.Value.Trim()).ToList();
        var isOne = moves.Count == 2 && (!moves[0].EndsWith('s') || moves[0].EndsWith("ss", StringComparison.Ordinal)) && (!m.Groups["l"].Success || isMove($"{moves[0]} to {moves[1]}"));
        if (isOne || !moves.TrueForAll(v => isMove(v)))
            return null;
        var letter = m.Groups["l"].Success ? m.Groups["l"].Value[0] : (char)('A' + pairs);
        pairs++;
        var rest = m.Groups["t"].Success ? $"\nrest {m.Groups["t"].Value}" : "";
        return string.Join('\n', moves.Select((v, at) => string.Create(CultureInfo.InvariantCulture, $"{letter}{at + 1}. {v} {m.Groups["dose"].Value}"))) + rest;
    }

    /// <summary>“Finisher: AMRAP 4 min burpees”, “burpees max reps in 2 mins”: as many of one move as there is time for.</summary>
    private static string? MostOf(string line, Func<string, bool> isMove) =>
        line.Any(char.IsAsciiDigit) && MostInTime.Match(line) is { Success: true } m && isMove(m.Groups["m"].Value.Trim()) ? $"{(m.Groups["h"].Success ? $"{m.Groups["h"].Value}: " : "")}max {m.Groups["m"].Value.Trim()} in {m.Groups["n"].Value} min" : null;

    /// <summary>“C finisher: …”, “C: tabata …” below A and B, “Finisher - tabata …”: named by what it is.</summary>
    private static string WithoutLetter(string[] lines, int at) =>
        TabataBehind.Match(lines[at]) is { Success: true } named ? lines[at][named.Length..] :
        LetterBefore.Match(lines[at]) is { Success: true } m && Array.Exists(lines, l => l.TrimStart().StartsWith((char)(m.Groups["l"].Value[0] - 1))) ? lines[at][m.Length..] : lines[at];

    /// <summary>Whether a line is what several tabatas have in common.</summary>
    public static bool IsOfTabatas(string line) => TabataHead.IsMatch(CardText.Plain(line));

    private const int FewLines = 12;
    private const int FewestSpans = 3;
    private const int FewestCounted = 4;
    private static readonly string[] Words = ["two", "three", "four", "five"];
    private const string Times = @"(?<n>[2-9]|once|twice|thrice|two|three|four|five)";

    private static Regex Items => field ??= new(@"^\s*(?:(?<n>[0-9]{1,2})(?:\s?[.):]|\s-)?\s*(?<w>[a-z][^0-9:()]{2,40})(?=[0-9]|$))+$", RegexOptions.IgnoreCase);

    private static Regex Signed => field ??= new(@"^\s*[0-9]{1,2}\s?[.)]");

    private static Regex Number => field ??= new(@"^\s*(?<n>[0-9]{1,2})(?:\s?[.):]|\s-|\s(?=[a-z]))", RegexOptions.IgnoreCase);

    private static Regex Repeat => field ??= new(@"^\s*(?:then\s+|and\s+)*(?:repeat|rpt|redo)\s+(?:(?:steps?|exercises?|moves?|numbers?|stations?|nos?\.?)\s+)?(?:#?(?<a>[1-9][0-9]?)\s*(?:-|to|thru|through)\s*#?(?<b>[1-9][0-9]?)|all\s+(?:[3-9]|of\s+(?:it|them|that)))(?:[\s,-]*(?:for\s+)?(?:x\s*)?" + Times + @"(?:\s*x\b)?(?<more>\s+(?:more|extra))?(?:\s*(?:rounds?|times|sets|laps|in\s+total|total|through|altogether)\b)*)?[.!]*\s*$", RegexOptions.IgnoreCase);

    private static Regex TabataHead => field ??= new(@"^\s*(?:(?<n>[2-9])\s*(?:x\s*)?)?tabata(?<s>s)?(?:\s*x\s*(?<n>[2-9]))?(?:[\s,;:(-]*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*(?:rest\s+|break\s+|recovery\s+)?(?:in\s+)?between(?:\s+(?:each|them|tabatas|sets|blocks))?|[\s,;:(-]*with\s+(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*(?:rest\s+)?(?:in\s+)?between(?:\s+each)?)?[).:]*\s*$", RegexOptions.IgnoreCase);

    private static Regex TabataItem => field ??= new(@"^\s*(?:tabata\s*|t\s?|#)?(?<n>[1-9])(?:\s*[.:)=-]\s*|\s+)(?<w>[a-z].{2,80})$", RegexOptions.IgnoreCase);

    private static Regex Span => field ??= new(@"^\s*(?:mins?\.?|minutes?|from)?\s*(?<a>[0-9]{1,3})\s*(?:mins?|minutes?|m|')?\s*(?:-|to)\s*(?<b>[0-9]{1,3})\s*(?:mins?|minutes?|m\b|')?\s*[:.)=-]?\s+(?<what>[\p{L}0-9(].*)$", RegexOptions.IgnoreCase);

    private static Regex Pause => field ??= new(@"^(?:water|drinks?|rest|break)\b", RegexOptions.IgnoreCase);

    /// <summary>“Rest 1 min, then go round again”.</summary>
    private static Regex RestThenAgain => field ??= new(@"^\s*(?:then\s+)?(?:rest\s+(?:for\s+)?(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))|(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*(?:rest|break|off))\s*,?\s*(?:and\s+)?(?:then\s+)?(?:go\s+(?:a)?round\s+again|(?:all\s+)?again|repeat(?:\s+(?:it\s+)?all)?|start\s+again|do\s+it\s+(?:all\s+)?again)(?:\s*(?:,\s*)?(?:x\s*)?(?<n>[2-6])\s*(?:rounds|times|laps)?(?:\s+in\s+(?:all|total))?)?[.!]*\s*$", RegexOptions.IgnoreCase);

    private static Regex SaysRounds => field ??= new(@"\b[2-9]\s*(?:rounds?|rds?|laps?|times)\b|^\s*x\s?[2-9]\s*$|^\s*[2-9]\s*x\s*$|\b[0-9]{2}\s*/\s*[0-9]{2}\s*x\s*[2-9]\b|\btwice\b", RegexOptions.IgnoreCase);

    /// <summary>“Tabata Thursday (20/10 x 8)” above T1, T2: what a tabata is anyway.</summary>
    private static Regex TabataTitle => field ??= new(@"^(?<title>.*\btabata\b[^()]*?)\s*\(\s*20\s*/\s*10(?:\s*[x,]\s*8)?\s*(?:rounds)?\s*\)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“T4: burpees / step outs”, “Tabata 2 – squats / lunges”: two that are done by turns, though one of them be unknown.</summary>
    private static Regex TabataPair => field ??= new(@"^\s*(?:tabata\s*|t\s?)(?<n>[1-9])\s*(?:[:.)=]|\s-)\s*(?<m>[a-z][a-z' -]{2,40})(?:\s*/\s*(?<m>[a-z][a-z' -]{2,40})){1,3}\s*$", RegexOptions.IgnoreCase);

    private static Regex BetweenTabatas => field ??= new(@"\bbetween\s+(?:the\s+|each\s+)?tabatas?\b", RegexOptions.IgnoreCase);

    /// <summary>“Partner circuit, 30 sec swap”: so long each; nobody needs it to change places.</summary>
    private static Regex SwapsAfter => field ??= new(@"(?<=\b(?:partners?|pairs|twos)\b.*)(?<t>\b(?:[2-9][05]|[1-9])\s*(?:s|secs?|seconds?|mins?|minutes?))\s+swaps?\b", RegexOptions.IgnoreCase);

    private static Regex JoinedSets => field ??= new(@"^\s*(?:(?<l>[A-H])\s?[.):]?\s+)?(?<m>[a-z][a-z' -]{2,40}?)(?:\s\+\s(?<m>[a-z][a-z' -]{2,40}?)){1,3}\s*[:,-]?\s*(?<dose>[2-9]\s*(?:x|sets?\s+(?:of|x))\s*[0-9]{1,2}(?![0-9]|\s*(?:s|secs?|m|mins?)\b)(?:\s*reps)?(?:\s*(?:each|e/?s|each\s+side))?)(?:[\s,;-]*rest\s*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?)?)|[\s,;-]+(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*rest)?[.]?\s*$", RegexOptions.IgnoreCase);

    private static Regex MostInTime => field ??= new(@"^\s*(?:(?<h>finisher|burn\s?out|cash\s?out|[a-h])(?:\s*(?:[:.,)]|\s-)\s*|\s+(?=[0-9]|amrap)))?(?:amrap\s*[:-]?\s*(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')?\s*(?:of\s+|:\s*|-\s*)?(?<m>[a-z][a-z' -]{2,40})|(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')\s*amrap\s*(?:of\s+|:\s*|-\s*)?(?<m>[a-z][a-z' -]{2,40})|(?<m>[a-z][a-z' -]{2,40}?)\s*[,:-]?\s*(?:amrap|max(?:imum)?\s+reps)\s*(?:in|for)?\s*(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|'))[.]?\s*$", RegexOptions.IgnoreCase);

    private static Regex TabataBehind => field ??= new(@"^\s*(?:finisher|to\s+finish|cash\s?out|burn\s?out)\s*[:,-]\s*(?=tabata\s+[a-z])", RegexOptions.IgnoreCase);

    private static Regex LetterBefore => field ??= new(@"^\s*(?<l>[B-H])\s*(?:[.):-]\s*|\s)(?=(?i:finisher|tabata)\b)");

    private static Regex TabataNamed => field ??= new(@"^\s*(?:tabata\s*|t\s?)1", RegexOptions.IgnoreCase);
}
