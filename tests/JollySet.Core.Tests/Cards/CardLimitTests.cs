using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What somebody must be spared is never dropped, wherever on a card it stands: it is a need of the class, or its words are kept.</summary>
public class CardLimitTests
{
    public static TheoryData<string, string, string> Limits => new()
    {
        { " (bad knees)", ", one has a sore shoulder", ". Mind Una's sore wrists" },
        { ", bad knees", " (no jumping)", ", ask Odile about her hernia" },
        { " - bad knees", "\nno jumping please", " (mind Odile’s hernia)" },
        { " bad knees", " - Col is pregnant", " - hernia" },
        { "; hernia", ". Una's knee is still bad", ", nothing jumpy" },
        { ". Odile has a hernia!", ", two with bad hips", " (her shoulder is sore)" },
        { "\nhernia: no pressing", "\nCol: bad neck", " - sore wrists" },
    };

    private const string Unknown = "hernia";
    private static readonly string[] Words = ["knee", "shoulder", "wrist", "jump", "hernia", "pregnan", "hips", "neck"];

    [Theory]
    [MemberData(nameof(Limits))]
    public void A_limit_is_kept_on_every_line_of_every_card(string one, string two, string three)
    {
        var marks = new[] { one, two, three }.Select(said => (said, Words.First(w => said.Contains(w, StringComparison.Ordinal)))).ToArray();
        var lost = new List<string>();
        foreach (var card in CardFiles.Everywhere(marks))
        {
            // A move may be called by a joint: what is known as a need is one of the class, or kept for it; what is not stands anywhere.
            var sheet = SheetWriter.Write(CardReader.Read(card.Text)!.Plan).Split('\n');
            var kept = sheet.Where(l => l.StartsWith("needs:", StringComparison.Ordinal) || l.Contains("note: ", StringComparison.Ordinal) || l.Contains("| for ", StringComparison.Ordinal)).ToList();
            lost.AddRange(card.Said.Where(s => !(s.Word == Unknown ? sheet : [.. kept]).Any(l => l.Contains(s.Word, StringComparison.OrdinalIgnoreCase))).Select(s => s.Line));
        }

        Assert.True(lost.Count == 0, $"{lost.Count} lost:\n{string.Join('\n', lost.Take(25))}");
    }
}
