using CsCheck;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Spoken;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Spoken;

public class CommandLineTests
{
    private const string Text = """
        # Slack Water
        minutes: 20
        audience: newcomer

        == A: Deck (circuit, 2 rounds, work 40, rest 20)
        goblet squat [heavy]
        push-up | easier: knee push-up
        bent-over row [heavy]

        == B: Ropes (circuit, rest 30)
        biceps curl x12
        side plank, switch halfway

        """;

    private static readonly string[] Words = ["rest", "swap a for", "move", "add", "x", "12", "for", "in", ":", "before", "mend", "warm-up", "@3-1", "(", "\\", "each side", "\u202e", "needs"];

    private static readonly ClassPlan Plan = Sheet.Read(Text);

    private static Here There(string block = "A: Deck", int station = 0) => new(TimelineBuilder.Build(Plan), Plan.Find(block)!.Id, station == 0 ? 0 : Plan.Find(block)!.Stations[station - 1].Id);

    [Theory]
    [InlineData("rest 30", "2 rounds, work 40, rest 30)")]
    [InlineData("make the rest 30", "2 rounds, work 40, rest 30)")]
    [InlineData("Rest 15 in B", "== B: Ropes (circuit, rest 15)")]
    [InlineData("rest 15 in ropes", null)]
    [InlineData("3 rounds", "circuit, 3 rounds")]
    [InlineData("rounds 3", "circuit, 3 rounds")]
    [InlineData("work 45", "work 45")]
    [InlineData("water 60 after round 1", "water 60 after round 1")]
    [InlineData("row x12", "bent-over row x12 [heavy]")]
    [InlineData("squat 45s", "goblet squat 45s [heavy]")]
    [InlineData("squats for 45 seconds", "goblet squat 45s [heavy]")]
    [InlineData("curl 10", "biceps curl x10")]
    [InlineData("curls 10 reps", "biceps curl x10")]
    [InlineData("row moderate", "bent-over row [moderate]")]
    [InlineData("push-up each side", "push-up, each side")]
    [InlineData("swap push-up for floor press", "floor press")]
    [InlineData("swap the squat for a lunge", null)]
    [InlineData("floor press instead of push-up", "floor press")]
    [InlineData("push-up -> plank", "plank")]
    [InlineData("row before squat", "rest 20)\nbent-over row [heavy]\ngoblet squat")]
    [InlineData("move the squat after the row", "bent-over row [heavy]\ngoblet squat")]
    [InlineData("squat after curl", "biceps curl x12\ngoblet squat")]
    [InlineData("add dead bug 40s", "bent-over row [heavy]\ndead bug 40s")]
    [InlineData("dead bug", "bent-over row [heavy]\ndead bug")]
    [InlineData("take out the push-up", "goblet squat [heavy]\nbent-over row")]
    [InlineData("remove B", "bent-over row [heavy]\n")]
    [InlineData("squat once more", "goblet squat [heavy]\ngoblet squat [heavy]")]
    [InlineData("warm-up 4", "prepare")]
    [InlineData("minutes 45", "minutes: 45")]
    [InlineData("needs knees", "needs: knees")]
    [InlineData("2 rounds 30/15: squat, push-up", "work 30, rest 15")]
    [InlineData("title Neap Tide", "# Neap Tide")]
    public void What_is_said_is_done(string line, string? then)
    {
        var said = CommandLine.Read(line, There());
        if (then is null)
        {
            // Said of a name that is not in the class, or not in the library: why not, and nothing done.
            Assert.True(said.Wrong is not null || said.Edit is not null);
            return;
        }

        Assert.Null(said.Wrong);
        var result = said.Edit!.Apply(Plan);
        Assert.Contains(then, SheetWriter.Write(result.Plan!), StringComparison.Ordinal);
        Assert.NotEmpty(said.Does);
    }

    [Theory]
    [InlineData("undo")]
    [InlineData("undo all")]
    [InlineData("teach")]
    [InlineData("Print")]
    [InlineData("fit 25", "fit 25")]
    [InlineData("fit it to 25 minutes", "fit 25")]
    public void A_way_is_told_from_a_change(string line, string? way = null) => Assert.Equal((way ?? line).ToLowerInvariant(), CommandLine.Read(line, There()).Way);

    /// <summary>Digits of another script were taken for numbers, and no number could be made of them.</summary>
    [Theory]
    [InlineData("fit to ४०")]
    [InlineData("warm-up ४")]
    [InlineData("४ rounds")]
    [InlineData("push-up x४")]
    public void Digits_of_another_script_are_no_error(string line) => Assert.NotNull(CommandLine.Read(line, There()));

    [Fact]
    public void A_station_is_opened_by_its_name_alone() => Assert.Equal($"at {Plan.Blocks[1].Stations[1].Id}", CommandLine.Read("side plank", There()).Way);

    [Theory]
    [InlineData("swap kettlebell swing for squat", "no “kettlebell swing” in this class")]
    [InlineData("swap push-up for wobble thing", "no move of the library")]
    [InlineData("take out the burpee", "no “the burpee” in this class")]
    [InlineData("rest 20 in Z", "no block “Z”")]
    [InlineData("what time is it", "is not understood")]
    public void What_cannot_be_is_said_why(string line, string why) => Assert.Contains(why, CommandLine.Read(line, There()).Wrong, StringComparison.Ordinal);

    [Fact]
    public void Whom_to_spare_is_never_dropped_by_naming_another()
    {
        var plan = Sheet.Read(Text.Replace("audience: newcomer", "audience: newcomer\nneeds: wrists, pregnancy", StringComparison.Ordinal));
        var said = CommandLine.Read("needs knees", new Here(TimelineBuilder.Build(plan), plan.Blocks[0].Id, 0));
        Assert.Equal("wrists, pregnancy, knees", string.Join(", ", said.Edit!.Apply(plan).Plan!.Brief.Needs));
    }

    [Fact]
    public void The_worst_is_mended_and_what_is_safe()
    {
        Assert.NotNull(CommandLine.Read("mend", There()).Edit!.Apply(Plan).Plan);
        Assert.NotNull(CommandLine.Read("mend all", There()).Edit!.Apply(Plan).Plan);
    }

    [Fact]
    public void Every_example_is_understood()
    {
        var plan = Sheet.Read(Text.Replace("push-up |", "crunch\npush-up |", StringComparison.Ordinal));
        var here = new Here(TimelineBuilder.Build(plan), plan.Find("A: Deck")!.Id, 0);
        Assert.All(CommandLine.Examples, e => Assert.Null(CommandLine.Read(e, here).Wrong));
    }

    [Fact]
    public void Whatever_is_said_to_whatever_class_is_answered() => Gen.Select(PlanGen.Plans, Gen.String[0, 60], Gen.Int[0, Words.Length - 1].Select(i => Words[i]), Gen.Int[0, 9]).Sample((plan, text, word, at) =>
    {
        plan = Ids.Given(plan);
        var here = new Here(TimelineBuilder.Build(plan), plan.Blocks[at % plan.Blocks.Length].Id, at);
        foreach (var line in new[] { text, $"{word} {text}", $"{text} {word}", $"{word} {word}" })
        {
            var said = CommandLine.Read(line, here);
            Assert.True(said.Wrong is not null || said.Edit is not null || said.Way is not null);
            _ = said.Edit?.Apply(plan);
        }
    }, iter: 200);
}
