using JollySet.Core.Cards;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>However much is pasted, the answer is a class or a plain no; it is never read for ever.</summary>
public class CardSizeTests
{
    [Theory]
    [InlineData("a\n")]
    [InlineData("squat x10\n")]
    [InlineData("squat x10 + row x10\n")]
    [InlineData("squat 3x10\nrow 4x10\n")]
    [InlineData("A1 squat 3x10\nB1 row 4x10\n")]
    [InlineData("Superset of the day\nsquat x10 + row x10\n")]
    [InlineData("A) 3 rounds\nsquat x10\nrow x10\n")]
    [InlineData("Circuit\nsquat x10\n")]
    [InlineData("Round 1 60s\nRound 2 50s\n")]
    [InlineData("rest 2-3 min water somewhere\n")]
    [InlineData("squat x10 (Una has bad knees)\n")]
    [InlineData("40/20\n")]
    [InlineData("\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\\\"\n")]
    [InlineData("3 x (10 squats, 10 rows)\n")]
    [InlineData("squat\t10\n")]
    [InlineData("| squat | 10 |\n")]
    [InlineData("# squat\n")]
    [InlineData("squat:\n")]
    [InlineData("dance\n\n")]
    [InlineData("A 3x\nsquat x10\nrow x10\n60s\n")]
    [InlineData("3 rounds 40/20\nsquat\nwater after round 2\n")]
    [InlineData("if there's time, 3 rounds of squats\n")]
    [InlineData("Rest between rounds: 90s\n")]
    [InlineData("6 Stationen, je 45 Sek. Arbeit / 15 Sek. Wechsel, 3 Runden\n")]
    [InlineData("Track 1 - squats, 5 mins\n")]
    [InlineData("Round 1: squat x10, row x10\nRound 2 - repeat round 1\n")]
    [InlineData("alternating squats, rows / alternating squats, rows / alternating squats, rows / alternating squats, rows / alternating squats, rows / alternating squats, rows / alternating squats, rows\n")]
    [InlineData("superset of squats with rows and superset of squats with rows and superset of squats with rows and superset of squats with rows and superset of squats with rows\n")]
    [InlineData("tabata squats ladder rows 10 down to 1 of squats, tabata squats ladder rows 10 down to 1 of squats, tabata squats ladder rows\n")]
    [InlineData("squats x8 x4 (rest 60) squats 8 8 8 8 x8 x4 (rest 60) squats 8 8 8 8 x8 x4 (rest 60) squats 8 8 8 8 x8 x4 (rest 60)\n")]
    [InlineData("rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60 - rounds 3 reps 10 rest 60\n")]
    public void The_largest_card_of_a_kind_is_read_or_refused(string lines)
    {
        var times = Math.Min(CardReader.MostLines - 1, CardReader.MostBytes / lines.Length) / lines.Count(c => c == '\n');
        var reading = CardReader.Read(string.Concat(Enumerable.Repeat(lines, times)));

        Assert.True(reading is not null || times * lines.Length > 60_000, "refused");
        if (reading is not null)
            Assert.NotNull(Gate.Pass(reading.Plan).Passed);
    }

    [Fact]
    public void The_largest_table_of_one_block_is_read() =>
        Assert.NotNull(CardReader.Read("Block,Exercise,Sets,Reps\n" + string.Concat(Enumerable.Repeat("A,squat,3,10\n", CardReader.MostLines - 2))));

    [Fact]
    public void More_lines_than_a_card_has_are_refused() =>
        Assert.Null(CardReader.Read(string.Concat(Enumerable.Repeat("squat x10\n", CardReader.MostLines))));

    [Fact]
    public void What_a_class_cannot_keep_is_refused() =>
        Assert.Null(CardReader.Read(string.Concat(Enumerable.Repeat(new string('"', 300) + "\n", 390))));

    /// <summary>Where they were tried again and again with fewer of them, half as many were left, and it took half a minute.</summary>
    [Theory]
    [InlineData("# squat\n")]
    [InlineData("squat:\n")]
    public void Heads_above_the_blocks_of_a_class_are_notes(string head) =>
        Assert.Equal(Limits.Blocks, CardReader.Read("T\n" + string.Concat(Enumerable.Repeat(head, 3 * Limits.Blocks)))!.Plan.Blocks.Length);

    [Fact]
    public void A_row_of_a_table_without_a_head_is_a_move_and_its_count() =>
        Assert.Contains("squat x10", JollySet.Core.Sheets.SheetWriter.Write(CardReader.Read("T\n| squat | 10 |\n| row | 12 |")!.Plan), StringComparison.Ordinal);

    [Fact]
    public void Pairs_above_the_blocks_of_a_class_are_notes()
    {
        var reading = CardReader.Read("T\n" + string.Concat(Enumerable.Repeat("squat x10 + row x10\n", Limits.Blocks + 3)))!;

        Assert.Equal(Limits.Blocks, reading.Plan.Blocks.Length);
        Assert.Equal(3, reading.Plan.Blocks[^1].Notes.Length);
    }
}
