using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>No number vanishes: a line one of whose numbers has found no place in its block is kept there in words.</summary>
internal static class CardKept
{
    private const int Minute = 60;

    /// <summary>Keeps those lines with what they are of; of the head in the class's own notes.</summary>
    public static void Lines(List<CardBlock> blocks, CardHead head, List<string> notes, IReadOnlyCollection<CardWords> lines, Func<int, CardLineKind?> kindOf, Func<CardWords, string> asTyped)
    {
        var inHead = Of(head.Lines().Concat(notes).Append(head.Title)).Concat([head.Minutes ?? 0, head.People ?? 0]).ToHashSet();
        var kept = blocks.ConvertAll(b => Kept(b).Concat(inHead).ToHashSet());
        foreach (var line in lines)
        {
            if (kindOf(line.Number) is CardLineKind.Note or CardLineKind.Blank || line.Text.Length == 0)
                continue;
            var isHead = kindOf(line.Number) == CardLineKind.Head;
            var at = Math.Max(0, blocks.FindLastIndex(b => b.Line <= line.Number || b.Stations.Exists(s => s.Line <= line.Number)));
            var isOfAll = isHead || CardPhrases.BetweenBlocks.IsMatch(line.Text);
            var around = Enumerable.Range(0, blocks.Count).Where(i => isOfAll || i == at || i == at + 1 || blocks[i].Line == line.Number).ToList();
            bool Holds(int n) => inHead.Contains(n) || around.Exists(i => kept[i].Contains(n) || kept[i].Contains(n * Minute));
            if (Said(line.Text).TrueForAll(ways => ways.Exists(way => way.TrueForAll(Holds))))
                continue;
            if (isHead || blocks.Count == 0)
                Keep(notes, asTyped(line));
            else
                Keep(blocks[at].Stations.FindLast(s => s.Line == line.Number)?.Notes ?? blocks[at].Notes, CardPhrases.Counted.Replace(asTyped(line), "").TrimStart());
        }
    }

    private static void Keep(List<string> notes, string text)
    {
        if (!notes.Contains(text))
            notes.Add(text);
    }

    private static IEnumerable<int> Kept(CardBlock block) =>
        Of(block.Stations.SelectMany(s => s.Notes.Append(s.Sheet())).Concat(block.Notes).Append(block.Head()))
            .Concat(block.Every is { } every ? [every] : [])
            .Concat(block.Total is { } total && (block.IsAmrap ? block.Length is null : block.Every is { } slot && block.Stations.Count > 0 && total % (slot * block.Stations.Count) == 0 && (block.RoundsLow is null || total == slot * block.Stations.Count * block.RoundsLow)) ? [total] : [])
            .Concat(block.Stations.Where(s => s.Sides == "reverse halfway").SelectMany(s => Of([s.Amount ?? ""])).Select(n => n / 2))
            .Append(block.Stations.Count)
            .Append(block.Slots ?? 0)
            .Concat(block.Length is >= Minute and var length ? [length] : [])
            .Concat(block.Scheme is { } scheme ? [.. scheme.Numbers, scheme.Numbers.Count] : []);

    private static IEnumerable<int> Of(IEnumerable<string> said) => said.SelectMany(s => Digits.Matches(s).Select(m => Whole(m.Value)));

    /// <summary>The numbers of a line, each as what it may mean: 40:20 is a time, or work and rest.</summary>
    private static List<List<List<int>>> Said(string line)
    {
        var said = new List<List<List<int>>>();
        foreach (Match m in Number.Matches(Counting.Replace(line, "")))
        {
            if (m.Groups["s"].Success)
                said.Add([[Whole(m.Groups["m"].Value) * Minute + Whole(m.Groups["s"].Value)], [Whole(m.Groups["m"].Value), Whole(m.Groups["s"].Value)]]);
            else if (m.Groups["to"].Success)
                said.Add([[Whole(m.Groups["from"].Value), Whole(m.Groups["to"].Value)], [Math.Abs(Whole(m.Groups["to"].Value) - Whole(m.Groups["from"].Value))]]);
            else if (m.Groups["half"].Success)
                said.Add([[Whole(m.Groups["half"].Value)], [Whole(m.Groups["half"].Value) * 2]]);
            else if (Whole(m.Value) > 1)
                said.Add([[Whole(m.Value)]]);
        }

        return said;
    }

    private static int Whole(string digits) => int.TryParse(digits, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? Math.Min(n, 1_000_000) : 0;

    private static CardPattern Digits => field ??= new(@"\d+");

    private static CardPattern Number => field ??= new(@"(?<m>\b\d{1,3}):(?<s>[0-5]\d)\b|\b(?<half>\d{1,2})\s*/\s*\k<half>\b|^\s*(?<from>\d{1,3})'?\s*-\s*(?<to>\d{1,3})'?(?=\s)|\((?<from>\d{1,2})\s*(?:-|to)\s*(?<to>\d{1,3})\s*(?:mins?|minutes?|')?\s*\)|(?<!\b[a-hr])\d+", RegexOptions.IgnoreCase);

    /// <summary>How many there are of something that everybody sees; how old people are; levels one beside the other.</summary>
    private static CardPattern Counting => field ??= new(@"\b\d{1,2}\s+(?:x\s+)?(?:different\s+)?(?:exercises|moves|stations)\b|\bin\s+[234]'?s\b|\bover[\s-]+\d\ds?\b|\b\d\d\+|(?:\btempo:?|@)\s*\d{3,4}\b|\bl(?:e?ve?l)?\s?[12]\b(?=.*\bl(?:e?ve?l)?\s?[23]\b)|(?<=\bl(?:e?ve?l)?\s?[12]\b.*)\bl(?:e?ve?l)?\s?[23]\b", RegexOptions.IgnoreCase);
}
