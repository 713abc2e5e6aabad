namespace JollySet.Core.Tests.Cards;

/// <summary>The cards that stand in files, for what has to hold on each of their lines.</summary>
internal static class CardFiles
{
    private static readonly string[] Files = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth", "thirteenth", "fourteenth"];

    /// <summary>Every card once for each of its lines, with words said behind that line.</summary>
    public static IEnumerable<(string Text, string Line)> Everywhere(string said)
    {
        foreach (var card in Files.SelectMany(f => File.ReadAllText(Repository.Find("tests", "JollySet.Core.Tests", "Cards", f + ".cards")).Split("===== ", StringSplitOptions.RemoveEmptyEntries)).Select(p => p[(p.IndexOf('\n', StringComparison.Ordinal) + 1)..].Split(">>>\n")[0].TrimEnd('\n')))
        {
            var lines = card.Split('\n');
            // A cell more in a table is the table's affair.
            for (var at = 0; at < lines.Length; at++)
                if (lines[at].Trim().Length > 0 && !lines[at].Contains('|', StringComparison.Ordinal) && !lines[at].Contains('\t', StringComparison.Ordinal) && !lines[at].Contains(';', StringComparison.Ordinal))
                    yield return (string.Join('\n', [.. lines[..at], lines[at] + said, .. lines[(at + 1)..]]), lines[at] + said);
        }
    }
}
