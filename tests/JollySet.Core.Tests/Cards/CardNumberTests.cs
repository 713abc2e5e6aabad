using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>No number of a card vanishes: it says how something runs, or its line is kept in words.</summary>
public class CardNumberTests
{
    [Theory]
    [InlineData(", 37s")]
    [InlineData(" 37s")]
    [InlineData(" x37")]
    [InlineData(", 37kg")]
    [InlineData(" (37)")]
    [InlineData(", rest 37s")]
    [InlineData(" - 37 reps")]
    [InlineData(" @37kg")]
    [InlineData("; 37kg")]
    [InlineData(" 37 rounds")]
    [InlineData("\n37")]
    [InlineData("\n37s")]
    [InlineData("\n37 rounds")]
    [InlineData("\nrest 37")]
    public void A_number_is_kept_on_every_line_of_every_card(string said)
    {
        var lost = CardFiles.Everywhere(said).Where(c => !SheetWriter.Write(CardReader.Read(c.Text)!.Plan).Contains("37", StringComparison.Ordinal)).Select(c => c.Line).ToList();

        Assert.True(lost.Count == 0, $"{lost.Count} lost:\n{string.Join('\n', lost.Take(25))}");
    }

    [Fact]
    public void The_rest_of_one_line_stays_beside_the_rest_of_all()
    {
        var sheet = SheetWriter.Write(CardReader.Read("Main\n40/20\nsquats, rest 30\npress ups, rest 30\nrows\n")!.Plan);

        Assert.Contains("squats, rest 30", sheet, StringComparison.Ordinal);
    }
}
