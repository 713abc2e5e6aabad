using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What somebody must be spared is never dropped, wherever on a card it stands: it is a need of the class, or its words are kept.</summary>
public class CardLimitTests
{
    private const string Unknown = "hernia";
    private const string UnknownToo = "gout";
    private static readonly string[] Words = ["knee", "shoulder", "wrist", "jump", Unknown, UnknownToo, "pregnan", "hips", "neck"];

    [Theory]
    [InlineData(0, " (bad knees)", ", one has a sore shoulder", ". Mind Una's sore wrists", ", ask Odile about her hernia", "\nno jumping please")]
    [InlineData(1, ", bad knees", " (no jumping)", " (mind Odile’s hernia)", " - Col is pregnant", "\ngout: no hopping")]
    [InlineData(2, " - bad knees", " - hernia", ", two with bad hips", "\nCol: bad neck")]
    [InlineData(3, " bad knees", "; hernia", ", nothing jumpy", " (her shoulder is sore)")]
    [InlineData(4, ". Una's knee is still bad", ". Odile has a hernia!", " - sore wrists")]
    public void A_limit_is_kept_on_every_line_of_every_card(int share, params string[] limits)
    {
        var marks = limits.Select(said => (said, Words.First(w => said.Contains(w, StringComparison.Ordinal)))).ToArray();
        var lost = new List<string>();
        foreach (var card in CardFiles.Everywhere(share, marks))
        {
            // A move may be called by a joint: what is known as a need is one of the class, or kept for it; what is not stands anywhere.
            var sheet = SheetWriter.Write(CardReader.Read(card.Text)!.Plan).Split('\n');
            var kept = sheet.Where(l => l.StartsWith("needs:", StringComparison.Ordinal) || l.Contains("note: ", StringComparison.Ordinal) || l.Contains("| for ", StringComparison.Ordinal)).ToList();
            lost.AddRange(card.Said.Where(s => !(s.Word is Unknown or UnknownToo ? sheet : [.. kept]).Any(l => l.Contains(s.Word, StringComparison.OrdinalIgnoreCase))).Select(s => s.Line));
        }

        Assert.True(lost.Count == 0, $"{lost.Count} lost:\n{string.Join('\n', lost.Take(25))}");
    }
}
