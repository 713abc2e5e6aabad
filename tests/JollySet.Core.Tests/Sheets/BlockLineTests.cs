using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Sheets;

/// <summary>A block typed as one line becomes what a sheet would say.</summary>
public class BlockLineTests
{
    private static readonly ClassPlan Empty = new("T", new Brief());

    private static string Expanded(string line, ClassPlan? plan = null)
    {
        var (block, result) = BlockLine.Read(line, plan ?? Empty);
        Assert.True(block is not null, string.Join("\n", result.Errors));
        return SheetWriter.WriteBlock(plan ?? Empty, block!).TrimEnd();
    }

    [Theory]
    [InlineData("3 rounds 40/20: goblet squat, push-up, row each side", "== A (circuit, 3 rounds, work 40, rest 20)\ngoblet squat\npush-up\nrow, each side")]
    [InlineData("ladder 10..1: press, row", "== A (ladder 10..1)\npress\nrow")]
    [InlineData("ladder 60s..20s step 10s rest 30: squat, plank", "== A (ladder 60s..20s step 10s, rest 30)\nsquat\nplank")]
    [InlineData("superset opposing 3 sets rest 60: row x12 [heavy], push-up x10 @2", "== A (superset opposing, 3 rounds, rest 60)\nrow x12 [heavy]\npush-up x10 @2")]
    [InlineData("amrap 8min: squat x10, push-up x8, sit-up x12", "== A (amrap 480s)\nsquat x10\npush-up x8\nsit-up x12")]
    [InlineData("minute, 4 rounds, every 90s: swing x12, push-up x8", "== A (minute, 4 rounds, every 90s)\nswing x12\npush-up x8")]
    [InlineData("60/0: squat, deadlift", "== A (circuit, work 60)\nsquat\ndeadlift")]
    [InlineData("2 rounds, 45/15, between 1:00, after 60 water: side plank switch halfway, dead bug alternating", "== A (circuit, 2 rounds, work 45, rest 15, between 60, after 60 water)\nside plank, switch halfway\ndead bug, alternating")]
    [InlineData("Ropes = pyramid 1..5..1: squat", "== Ropes (pyramid 1..5..1)\nsquat")]
    [InlineData("30/10: gob, good mor x5", "== A (circuit, work 30, rest 10)\ngoblet squat\ngood morning x5")]
    [InlineData("superset: squat x5, push-up x5, plank 30s", "== A (trio)\nsquat x5\npush-up x5\nplank 30s")]
    [InlineData("30/10: squat > jump squat, row each side, right first, rest 20", "== A (circuit, work 30, rest 10)\nsquat > jump squat\nrow, each side, right first, rest 20")]
    [InlineData("rest ratio 2:1, ladder 5..1: press", "== A (ladder 5..1, rest ratio 2:1)\npress")]
    public void A_line_expands(string line, string block) => Assert.Equal(block, Expanded(line));

    [Fact]
    public void It_takes_the_first_free_letter()
    {
        var plan = Sheet.Read("# T\n== A: Deck (circuit, work 30)\nsquat\n== b (circuit, work 30)\nsquat\n");
        Assert.StartsWith("== C (circuit", Expanded("30/10: squat", plan), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("goblet squat, push-up", 1, "a colon is expected")]
    [InlineData("3 rounds 40/20:", 15, "at least one move")]
    [InlineData("3 rounds fast: squat", 10, "before the colon a format")]
    [InlineData("3 rounds 40/20: squat x0, push-up", 24, "from 1")]
    [InlineData("40/20: squat, row 40", 19, "40s for seconds")]
    [InlineData("ladder 10..1 3 rounds: press", 14, "rounds are its rungs")]
    [InlineData("circuit ladder 5..1: press", 9, "already")]
    [InlineData("straight 0 rounds: press x5", 10, "rounds go from 1")]
    public void Every_error_has_its_column(string line, int column, string said)
    {
        var error = BlockLine.Read(line, Empty).Result.Errors[0];
        Assert.Equal(column, error.Column);
        Assert.Contains(said, error.Message, StringComparison.Ordinal);
    }

    [Fact]
    public void What_it_makes_can_be_read_back() => Assert.All(
        new[] { "3 rounds 40/20: goblet squat, push-up, row each side", "superset: squat x5, push-up x5", "flow beat 120: squat x8 @4 beats" },
        line => Assert.Equal(Expanded(line), SheetWriter.WriteBlock(Empty, SheetReader.ReadBlock(Expanded(line), Empty).Block!).TrimEnd()));
}
