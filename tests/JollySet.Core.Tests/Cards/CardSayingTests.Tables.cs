using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Tables that were copied without their headings, between any signs: what a column is shows in its cells.</content>
public partial class CardSayingTests
{
    [Fact]
    public void A_table_without_headings() =>
        Holds(from sign in new[] { "\t", "|", " | ", ";", ",", "  ", "\t\t" }
              from isCounted in new[] { true, false }
              from amount in new[] { "12", "x12", "12 reps", "3|12", "3x12", "3 x 12", "3|12 each" }
              from load in new[] { "", "12kg" }
              from rest in new[] { "", "60s", "60 secs", "1 min" }
              where rest.Length == 0 || amount[0] == '3'
              select (Rounds: amount[0] == '3' ? "" : "3 rounds\n", Load: load, Table: string.Join('\n', new[] { "Goblet squat", "Bent over row", "Dead bug" }.Select((name, at) => string.Join(sign, $"{(isCounted ? at + 1 : "")}|{name}|{amount}|{load}|{rest}".Split('|').Where(c => c.Length > 0))))),
            card => $"{card.Rounds}{card.Table}\n", card => $"Goblet squat x12{(card.Load.Length > 0 ? " [12kg]" : "")}", also: "3 rounds");

    [Theory]
    [InlineData("1 | KB deadlift | heavy\n2 | Row |\n3 | Press up | knees ok", "KB deadlift [heavy]\nRow\nPress up | easier: knee Press up\n")]
    [InlineData("3 rounds 40/20\n1,Goblet squat,heels down\n2,Row,\n3,Plank,", "(circuit, 3 rounds, work 40, rest 20)\nGoblet squat | note: heels down\nRow\nPlank\n")]
    [InlineData("Goblet squat|40|20\nRow|40|20\nPlank|40|20", "rest 20)\nGoblet squat 40s\nRow 40s\nPlank 40s\n")]
    [InlineData("#\tMove\tSecs\n1\tGoblet squat\t45\n2\tRow\t45\n\tRest\t60\nRounds\t3", "(circuit, 3 rounds")]
    [InlineData("|Move|Work|Rest\n1|Goblet squat|40|20\n2|Row|40|20", "work 40, rest 20)\nGoblet squat\nRow\n")]
    [InlineData("1,Goblet squat,heels down\n2,Row,\n45s on 15s off, 3 rounds", "(circuit, 3 rounds, work 45, rest 15)\nGoblet squat | note: heels down\nRow\n")]
    public void What_its_cells_say(string table, string becomes) =>
        Assert.Contains(becomes, SheetWriter.Write(CardReader.Read($"Quay\n{table}\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("squats, rows, press ups\nlunges, curls, dips\n3 rounds 40/20")]
    [InlineData("Block 1: goblet squat, bent over row, glute bridge - 12 of each, 3 rounds\nBlock 2: floor press, reverse lunge, side plank - 12 of each, 3 rounds")]
    [InlineData("squats | rows | press ups\nlunges | curls | dips\n3 rounds 40/20")]
    public void Lists_are_no_tables(string lines)
    {
        var sheet = SheetWriter.Write(CardReader.Read($"Quay\n{lines}\n")!.Plan);

        Assert.DoesNotContain("note:", sheet, StringComparison.Ordinal);
        Assert.Contains("3 rounds", sheet, StringComparison.Ordinal);
    }
}
