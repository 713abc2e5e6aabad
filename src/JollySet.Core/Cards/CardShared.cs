using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Blocks with their moves on one line each, one below the other (“C1 squats, rows, plank”), and one line above or below them that says how each of them runs: it is put into every one of them.</summary>
internal sealed partial class CardShared
{
    private const int FewestBlocks = 2;
    private const int Tabata = 8;
    private const int MostRounds = 12;

    private sealed record Listed(int At, string Name, IReadOnlyList<string> Items);

    private int? rounds;
    private int? work;
    private int? rest;
    private int? between;
    private int? after;
    private int? many;
    private bool isOfTabatas;

    private CardShared() { }

    /// <summary>Whether a line says how each of several blocks runs, and nothing else.</summary>
    public static bool IsHow(string line) => Of(line) is not null || (GapBelow(line) is { } gap && gap.Whole == line.Trim().Length);

    /// <summary>“1 min between circuits.” and how long that sentence is; null where a line begins with anything else.</summary>
    private static (int Seconds, int Whole)? GapBelow(string line) =>
        FirstSentence.Match(line) is { Success: true } first && BetweenBlocks.Match(first.Groups["s"].Value) is { Success: true } gap && gap.Length == first.Groups["s"].Length ? (Seconds(gap), first.Length) : null;

    public static void Put(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var at = 0; at < lines.Length; at++)
            if (Of(lines[at], mayBeTabatas: true) is { many: { } many } over && Groups(lines, at + 1, many, isMove) is { } groups)
            {
                over.GiveGroups(lines, groups, put);
                put[at] = "";
                at = groups[^1][^1];
            }

        for (var at = 0; at < lines.Length; at++)
        {
            var run = Run(lines, at, isMove);
            if (run.Count < FewestBlocks)
                continue;
            at = run[^1].At;
            var (above, below) = (Array.FindLastIndex(lines, run[0].At - 1 < 0 ? 0 : run[0].At - 1, l => l.Length > 0), Array.FindIndex(lines, run[^1].At + 1, l => l.Length > 0));
            // “Warm up 5 mins. Then 3 circuits of 4, 40/20, 2 rounds each:”: the last of several sentences.
            var last = above < 0 || Of(lines[above]) is not null ? 0 : Math.Max(lines[above].LastIndexOf(". ", StringComparison.Ordinal), lines[above].LastIndexOf("! ", StringComparison.Ordinal)) + 1;
            if (above >= 0 && above < run[0].At && !put.ContainsKey(above) && Of(lines[above][last..]) is { } over)
            {
                // “1 min between circuits.” below them.
                if (over.after is null && below >= 0 && !put.ContainsKey(below) && GapBelow(lines[below]) is { } gap)
                    (over.after, put[below]) = (gap.Seconds, Sentences.Replace(lines[below][gap.Whole..].Trim(), "\n"));
                over.Give(run, put, above, lines[above][..last]);
            }
            else if (below >= 0 && !put.ContainsKey(below) && Of(lines[below]) is { } under)
                under.Give(run, put, below, "");
        }
    }

    private void Give(List<Listed> run, Dictionary<int, string> put, int how, string left)
    {
        put[how] = Sentences.Replace(left.Trim(), "\n");
        foreach (var block in run)
        {
            var areTabatas = isOfTabatas || block.Name[0] is 'T' or 't';
            var slots = rounds ?? (areTabatas ? Tabata : null);
            put[block.At] = $"{block.Name} ({How(block.Items.Count, slots, areTabatas)}): {string.Join(", ", block.Items)}{(after is { } then && block != run[^1] ? $"\nrest {then}s" : "")}";
        }
    }

    private string How(int moves, int? slots, bool areTabatas)
    {
        // The eight of a tabata are shared among its moves.
        var often = work == 20 && rest == 10 && slots == Tabata && Tabata % moves == 0 && areTabatas ? Tabata / moves : slots;
        var parts = new[] { often is > 1 ? $"{often} rounds" : null, work is { } on ? rest is { } off ? $"{on}/{off}" : $"{on}s each" : rest is { } gap ? $"{gap}s rest between exercises" : null, between is { } pause ? $"{pause}s rest between rounds" : null };
        return string.Join(", ", parts.OfType<string>());
    }

    /// <summary>“3 blocks of 2, 30/15 x4” above its moves in three groups, an empty line between them: each group is a block.</summary>
    private void GiveGroups(string[] lines, List<List<int>> groups, Dictionary<int, string> put)
    {
        foreach (var (group, place) in groups.Select((g, place) => (g, place)))
        {
            put[group[0]] = $"{(char)('A' + place)} - {How(group.Count, rounds ?? (isOfTabatas ? Tabata : null), isOfTabatas)}:\n{lines[group[0]]}";
            if (after is { } then && place < groups.Count - 1)
                put[group[^1]] = $"{lines[group[^1]]}\nrest {then}s";
        }
    }

    /// <summary>So many groups of moves, each name on a line, an empty line between two groups; null where it is anything else.</summary>
    private static List<List<int>>? Groups(string[] lines, int from, int many, Func<string, bool> isMove)
    {
        var groups = new List<List<int>>();
        for (var at = from; at < lines.Length && (lines[at].Length == 0 || IsName(lines[at], isMove)); at++)
        {
            if (lines[at].Length == 0)
                continue;
            if (groups.Count == 0 || lines[at - 1].Length == 0)
                groups.Add([]);
            groups[^1].Add(at);
        }

        return groups.Count == many && groups.TrueForAll(g => g.Count is > 1 and <= MostRounds) ? groups : null;
    }

    private static bool IsName(string line, Func<string, bool> isMove) => line.Length <= CardText.LongestLine && isMove(AroundName.Replace(line, "").Trim());

    /// <summary>The lists that stand one below the other from a line on, counted on from 1 or A.</summary>
    private static List<Listed> Run(string[] lines, int from, Func<string, bool> isMove)
    {
        var run = new List<Listed>();
        for (var at = from; at < lines.Length; at++)
        {
            if (lines[at].Length == 0 && run.Count > 0)
                continue;
            if (lines[at].Length > CardText.LongestLine || Label.Match(lines[at]) is not { Success: true } m)
                break;
            if (Number(m) != run.Count + 1 || Items(lines[at][m.Length..], isMove) is not { } items)
                break;
            var word = m.Groups["w"].Value.Trim();
            var name = word.Length == 0 ? ((char)('A' + run.Count)).ToString() : $"{word}{(word.Length > 1 ? " " : "")}{m.Groups["n"].Value}";
            run.Add(new(at, name, items));
        }

        // Where it goes on with what is no list, the rest of the reader knows better.
        var next = run.Count == 0 ? -1 : Array.FindIndex(lines, run[^1].At + 1, l => l.Length > 0);
        return next > 0 && Label.Match(lines[next]) is { Success: true } more && Number(more) == run.Count + 1 ? [] : run;
    }

    private static int Number(Match label) => label.Groups["n"].Value[0] is var n && char.IsAsciiDigit(n) ? n - '0' : char.ToUpperInvariant(n) - 'A' + 1;

    /// <summary>Two moves and more without an amount; null where one of them is none.</summary>
    private static string[]? Items(string list, Func<string, bool> isMove)
    {
        if (list.Any(char.IsAsciiDigit))
            return null;
        foreach (var sign in new[] { Commas, Strokes, Pluses, Ands })
            if (sign.Split(list) is { Length: > 1 and <= MostRounds } items && Array.TrueForAll(items, i => isMove(i.Trim().TrimEnd('.'))))
                return Array.ConvertAll(items, i => i.Trim().TrimEnd('.'));
        return null;
    }

    /// <summary>How each of them runs; null where a line says anything else.</summary>
    /// <param name="mayBeTabatas">Whether tabatas need no times.</param>
    private static CardShared? Of(string line, bool mayBeTabatas = false)
    {
        if (line.Length is 0 or > CardText.LongestLine || !line.Any(char.IsAsciiDigit) || EachSoOften.IsMatch(line))
            return null;
        var how = new CardShared() { isOfTabatas = TabataWord.IsMatch(line) };
        var left = line;
        string Taken(CardPattern pattern, Func<Match, bool> take) => pattern.Match(left) is { Success: true } m && take(m) ? left.Remove(m.Index, m.Length).Insert(m.Index, " ") : left;
        left = Taken(BetweenRounds, m => (how.between = Seconds(m)) > 0);
        left = Taken(BetweenBlocks, m => (how.after = Seconds(m)) > 0);
        left = Taken(OnOff, m => (how.work, how.rest) is (null, null) && ((how.work, how.rest) = (Whole(m.Groups["w"]), Whole(m.Groups["r"]))) is ( > 4, > 0));
        left = Taken(SoMany, m => (how.many = m.Groups["many"].Value.ToLowerInvariant() switch { "two" => 2, "three" => 3, "four" => 4, "five" => 5, var n => n[0] - '0' }) > 1);
        left = Taken(Often, m => (how.rounds = m.Groups["twice"].Success ? 2 : Whole(m.Groups["n"])) is > 0 and <= MostRounds);
        left = Taken(Minutes, m => how.work is not null && how.rounds is null && (how.rounds = Whole(m.Groups["n"]) * 60 / (how.work + how.rest)) > 0);
        left = Filler.Replace(left, " ");
        if (mayBeTabatas && how is { isOfTabatas: true, work: null })
            (how.work, how.rest) = (20, 10);
        return left.Any(char.IsLetterOrDigit) || how.work is null ? null : how;
    }

    private static int Whole(Group said) => int.TryParse(said.ValueSpan, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : 0;

    private static int Seconds(Match m) => Whole(m.Groups["n"]) is var n && m.Groups["min"].Success ? Math.Max(n, 1) * 60 : n;
}
