using System.Collections.Immutable;

namespace JollySet.Core.Tests.Cards;

/// <summary>The cards that stand in files, each with the class it must become.</summary>
internal static class CardFiles
{
    private static readonly string[] Files = ["first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth", "ninth", "tenth", "eleventh", "twelfth", "thirteenth", "fourteenth", "fifteenth", "sixteenth", "seventeenth", "eighteenth", "nineteenth", "twentieth", "twentyfirst", "twentysecond", "twentythird", "twentyfourth", "twentyfifth", "twentysixth", "twentyseventh", "twentyeighth", "twentyninth", "thirtieth", "thirtyfirst", "thirtysecond", "thirtythird", "thirtyfourth", "thirtyfifth", "thirtysixth", "thirtyseventh", "fortyfifth", "fiftieth", "fiftysixth", "fiftyeighth", "fiftyninth", "sixtyfirst", "sixtysecond", "sixtythird", "sixtyfifth", "sixtysixth", "sixtyseventh", "sixtyeighth", "sixtyninth", "seventieth", "seventyfirst", "seventysecond", "seventythird", "seventyfifth", "seventysixth", "seventyseventh", "seventyeighth", "wordings"];

    /// <summary>All of them.</summary>
    public static IReadOnlyList<(string File, string Name, string Card, string Sheet)> All { get; } = [.. Files.SelectMany(In)];

    /// <summary>The cards with several classes on them, each with the sheets of its classes.</summary>
    public static IReadOnlyList<(string Name, string Card, ImmutableArray<string> Sheets)> Several { get; } = [.. Parts("several").Select(p => (p.Name, p.Pieces[0].TrimEnd('\n'), (ImmutableArray<string>)[.. p.Pieces.Skip(1)]))];

    private static IEnumerable<(string File, string Name, string Card, string Sheet)> In(string file) => Parts(file).Select(p => (file, p.Name, p.Pieces[0].TrimEnd('\n'), p.Pieces[1]));

    private static IEnumerable<(string Name, string[] Pieces)> Parts(string file)
    {
        foreach (var part in File.ReadAllText(Repository.Find("tests", "JollySet.Core.Tests", "Cards", file + ".cards")).Split("===== ", StringSplitOptions.RemoveEmptyEntries))
        {
            var end = part.IndexOf('\n', StringComparison.Ordinal);
            yield return (part[..end].Trim(), part[(end + 1)..].Split(">>>\n"));
        }
    }

    /// <summary>How many shares the cards are dealt into, where something is said behind each of their lines.</summary>
    public const int Shares = 3;

    /// <summary>
    /// Every card of a share once for every fifth of its lines, with words said behind that line, and others of them behind lines far from it: so about a fifth of them are said behind each line of these cards.
    /// With a way of saying for each share, every line of every card is read.
    /// </summary>
    public static IEnumerable<(string Text, ImmutableArray<(string Line, string Word)> Said)> Everywhere(int share, params (string Said, string Word)[] marks)
    {
        foreach (var (_, _, card, _) in All.Where((_, at) => at % Shares == share % Shares))
        {
            var lines = card.Split('\n');
            // A cell more in a table is the table's affair.
            var open = Enumerable.Range(0, lines.Length).Where(at => lines[at].Trim().Length > 0 && !lines[at].AsSpan().ContainsAny("|\t;")).ToList();
            for (var first = 0; first < open.Count; first += 5)
            {
                var marked = (string[])lines.Clone();
                var said = ImmutableArray.CreateBuilder<(string Line, string Word)>();
                for (var i = 0; i < marks.Length; i++)
                    // Of a card with fewer lines than marks one line has two of them.
                    said.Add((marked[open[(first + i * open.Count / marks.Length) % open.Count]] += marks[i].Said, marks[i].Word));
                yield return (string.Join('\n', marked), said.ToImmutable());
            }
        }
    }
}
