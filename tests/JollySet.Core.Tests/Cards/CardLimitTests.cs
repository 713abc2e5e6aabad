using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What somebody must be spared is never dropped, wherever on a card it stands: it is a need of the class, or its words are kept.</summary>
public class CardLimitTests
{
    public static TheoryData<string, string> Limits => new()
    {
        { " (bad knees)", "knees" },
        { ", bad knees", "knees" },
        { " - bad knees", "knees" },
        { " bad knees", "knees" },
        { ", one has a sore shoulder", "shoulder" },
        { ". Mind Una's sore wrists", "wrist" },
        { " (no jumping)", "jumping" },
        { "\nno jumping please", "jumping" },
        { " - Col is pregnant", "pregnan" },
        { ", ask Odile about her hernia", "hernia" },
        { " (mind Odile’s hernia)", "hernia" },
        { " - hernia", "hernia" },
        { "; hernia", "hernia" },
        { ". Odile has a hernia!", "hernia" },
        { "\nhernia: no pressing", "hernia" },
    };

    [Theory]
    [MemberData(nameof(Limits))]
    public void A_limit_is_kept_on_every_line_of_every_card(string said, string word)
    {
        var lost = new List<string>();
        foreach (var card in CardFiles.Everywhere(said))
            if (SheetWriter.Write(CardReader.Read(card.Text)!.Plan) is var sheet && !sheet.Contains(word, StringComparison.OrdinalIgnoreCase))
                lost.Add(card.Line);

        Assert.True(lost.Count == 0, $"{lost.Count} lost:\n{string.Join('\n', lost.Take(25))}");
    }
}
