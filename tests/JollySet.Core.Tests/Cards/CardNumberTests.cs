using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>No number of a card vanishes: it says how something runs, or its line is kept in words.</summary>
public class CardNumberTests
{
    private static readonly string[] Numbers = ["37", "39", "41", "43", "47"];

    [Theory]
    [InlineData(0, ", {0}s", " @{0}kg", " ({0})", "\n{0} rounds", " x{0}")]
    [InlineData(1, " {0}s", ", rest {0}s", ", {0}kg", "\n{0}", "; {0}kg")]
    [InlineData(2, " - {0} reps", "\nrest {0}", " {0} rounds", "\n{0}s")]
    public void A_number_is_kept_on_every_line_of_every_card(int share, params string[] said)
    {
        var lost = new List<string>();
        foreach (var card in CardFiles.Everywhere(share, [.. said.Zip(Numbers, (way, number) => (way.Replace("{0}", number, StringComparison.Ordinal), number))]))
        {
            var sheet = SheetWriter.Write(CardReader.Read(card.Text)!.Plan);
            lost.AddRange(card.Said.Where(s => !sheet.Contains(s.Word, StringComparison.Ordinal)).Select(s => s.Line));
        }

        Assert.True(lost.Count == 0, $"{lost.Count} lost:\n{string.Join('\n', lost.Take(25))}");
    }

    [Fact]
    public void The_rest_of_one_line_stays_beside_the_rest_of_all()
    {
        var sheet = SheetWriter.Write(CardReader.Read("Main\n40/20\nsquats, rest 30\npress ups, rest 30\nrows\n")!.Plan);

        Assert.Contains("squats, rest 30", sheet, StringComparison.Ordinal);
    }
}
