using System.Text.RegularExpressions;
using JollySet.Core.Cards;
using JollySet.Core.Moves;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>Ways of saying the same: each line of a group in same.ways becomes what the group's first line says in our notation.</summary>
public partial class CardSameTests
{
    public static IEnumerable<object[]> Lines => Groups().SelectMany(g => g.Lines.Select(line => new object[] { g.Around, line, g.Means }));

    [Theory]
    [MemberData(nameof(Lines))]
    public void A_line_means_what_its_group_says(string around, string line, string means)
    {
        var card = around.Replace("…", line, StringComparison.Ordinal).Replace(" ¶ ", "\n", StringComparison.Ordinal);
        var sheet = SheetWriter.Write(CardReader.Read(card)!.Plan).Split('\n', StringSplitOptions.RemoveEmptyEntries).Skip(1).Select(Plain);

        // What a block or a move is called is the hand's own; what is done is not.
        Assert.Equal(string.Join(" ¶ ", means.Split(" ¶ ").Select(Plain)), string.Join(" ¶ ", sheet));
    }

    private static string Plain(string line) =>
        line.StartsWith("==", StringComparison.Ordinal) ? BlockName().Replace(line, "== (") : string.Join(" | easier: ", line.Replace(" KB x", " x", StringComparison.Ordinal).Split(" | easier: ").Select(Known));

    /// <summary>A station with the library's word for its move.</summary>
    private static string Known(string station) =>
        MoveName().Match(station) is { Success: true } m && MoveLibrary.Shipped.Understood(m.Value.Trim('"')) is { } move ? move.Name + station[m.Length..] : station;

    [GeneratedRegex(@"^== [^(]*(?:""[^""]*"" )?\(")]
    private static partial Regex BlockName();

    [GeneratedRegex(@"^[A-Za-z""][A-Za-z' ""-]*?(?= x\d| \d+s| KB |,|$)")]
    private static partial Regex MoveName();

    /// <summary>A group is the card around its lines behind “@”, what it becomes behind “=”, and its lines.</summary>
    private static IEnumerable<(string Around, string Means, List<string> Lines)> Groups()
    {
        var around = "";
        var group = (Around: "", Means: "", Lines: new List<string>());
        foreach (var line in File.ReadAllText(Repository.Find("tests", "JollySet.Core.Tests", "Cards", "same.ways")).Split('\n').Where(l => l.Length > 0))
        {
            if (line.StartsWith("@ ", StringComparison.Ordinal))
            {
                around = line[2..];
            }
            else if (line.StartsWith("= ", StringComparison.Ordinal))
            {
                if (group.Lines.Count > 0)
                    yield return group;
                group = (around, line[2..], []);
            }
            else
            {
                group.Lines.Add(line);
            }
        }

        yield return group;
    }
}
