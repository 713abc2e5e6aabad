namespace JollySet.Core.Tests.Cards;

/// <summary>The cards that stand in files, each with the class it must become.</summary>
internal static class CardFiles
{
    private static readonly string[] Files = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth", "thirteenth", "fourteenth", "fifteenth", "sixteenth", "seventeenth", "eighteenth", "nineteenth", "twentieth", "twentyfirst", "twentysecond", "twentythird"];

    /// <summary>All of them.</summary>
    public static IReadOnlyList<(string File, string Name, string Card, string Sheet)> All { get; } = [.. Files.SelectMany(In)];

    private static IEnumerable<(string File, string Name, string Card, string Sheet)> In(string file)
    {
        foreach (var part in File.ReadAllText(Repository.Find("tests", "JollySet.Core.Tests", "Cards", file + ".cards")).Split("===== ", StringSplitOptions.RemoveEmptyEntries))
        {
            var end = part.IndexOf('\n', StringComparison.Ordinal);
            var halves = part[(end + 1)..].Split(">>>\n");
            yield return (file, part[..end].Trim(), halves[0].TrimEnd('\n'), halves[1]);
        }
    }

    /// <summary>Every card once for each of its lines, with words said behind that line.</summary>
    public static IEnumerable<(string Text, string Line)> Everywhere(string said)
    {
        foreach (var (_, _, card, _) in All)
        {
            var lines = card.Split('\n');
            // A cell more in a table is the table's affair.
            for (var at = 0; at < lines.Length; at++)
                if (lines[at].Trim().Length > 0 && !lines[at].Contains('|', StringComparison.Ordinal) && !lines[at].Contains('\t', StringComparison.Ordinal) && !lines[at].Contains(';', StringComparison.Ordinal))
                    yield return (string.Join('\n', [.. lines[..at], lines[at] + said, .. lines[(at + 1)..]]), lines[at] + said);
        }
    }
}
