using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>No number of a card vanishes: it says how something runs, or its line is kept in words.</summary>
public class CardNumberTests
{
    [Theory]
    [InlineData(", {0}s", " @{0}kg")]
    [InlineData(" {0}s", " x{0}")]
    [InlineData(", {0}kg", " {0} rounds")]
    [InlineData(" ({0})", ", rest {0}s")]
    [InlineData(" - {0} reps", "\n{0}s")]
    [InlineData("; {0}kg", "\n{0}")]
    [InlineData("\n{0} rounds", "\nrest {0}")]
    public void A_number_is_kept_on_every_line_of_every_card(string one, string two)
    {
        var lost = new List<string>();
        foreach (var card in CardFiles.Everywhere((one.Replace("{0}", "37", StringComparison.Ordinal), "37"), (two.Replace("{0}", "39", StringComparison.Ordinal), "39")))
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
