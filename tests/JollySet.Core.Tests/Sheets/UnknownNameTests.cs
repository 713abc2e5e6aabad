using JollySet.Core.Checks;
using JollySet.Core.Edits;
using JollySet.Core.Keeping;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using Xunit;

namespace JollySet.Core.Tests.Sheets;

/// <summary>A name that nobody knows keeps its station, is asked about, and is mended by one press.</summary>
public class UnknownNameTests
{
    private static ClassPlan Plan(string stations) => SheetReader.Read($"# T\n== A (circuit, work 40, rest 20)\n{stations}\n").Plan!;

    private static Timeline Timeline(ClassPlan plan) => TimelineBuilder.Build(plan, Studio.Shipped);

    private static IEnumerable<Finding> Asked(ClassPlan plan) => Review.Of(Timeline(plan)).Where(f => f.Code == "move-unknown");

    [Theory]
    [InlineData("SA DB row, each side")]
    [InlineData("RDLs [heavy]")]
    [InlineData("press-ups | easier: push-ups on knees")]
    [InlineData("seated shoulder press [light]")]
    public void What_people_write_has_facts_and_stays_as_it_is_written(string line)
    {
        var plan = Plan(line);
        Assert.Empty(Asked(plan));
        Assert.Contains(line, SheetWriter.Write(plan), StringComparison.Ordinal);
        Assert.All(Timeline(plan).Sets, s => Assert.NotNull(s.Facts.Move));
    }

    [Fact]
    public void A_slip_is_asked_and_put_right_by_one_press()
    {
        var finding = Assert.Single(Asked(Plan("romanian dedlift [heavy]")));
        Assert.Contains("Is Romanian deadlift meant?", finding.Message, StringComparison.Ordinal);
        var mended = finding.Fix!.Apply(Plan("romanian dedlift [heavy]")).Plan!;
        Assert.Equal(["Romanian deadlift"], mended.MoveNames());
        Assert.Empty(Asked(mended));
    }

    [Fact]
    public void A_name_that_nobody_knows_is_like_one_of_the_nearest_by_one_press_and_keeps_its_words()
    {
        var plan = Plan("harbour squat\npush-up | harder: harbour squat");
        var finding = Assert.Single(Asked(plan));
        Assert.Null(finding.Fix);
        Assert.InRange(finding.Choices.Length, 1, 3);
        var mended = finding.Choices[0].Edit.Apply(plan).Plan!;
        Assert.Empty(Asked(mended));
        Assert.Contains("new: harbour squat (like ", SheetWriter.Write(mended), StringComparison.Ordinal);
        Assert.NotNull(Timeline(mended).Sets[0].Facts.Move);
    }

    [Theory]
    [InlineData("nobody’s “name”")]
    [InlineData("\"a & b\"")]
    [InlineData("plank hold")]
    [InlineData("X")]
    [InlineData("ｗｉｄｅ ŵörds")]
    public void An_unknown_name_goes_through_the_gate_as_it_is(string name)
    {
        var plan = Plan($"{name} | easier: {name.Trim('"')} too");
        var (passed, errors) = Gate.Pass(plan);
        Assert.Empty(errors);
        Assert.Equal(plan.MoveNames(), StoredPlan.Read(passed!.Stored).MoveNames());
        Assert.Equal(plan.MoveNames(), PlanReader.Read(JsonPlanWriter.Write(plan)).Plan!.MoveNames());
    }

    [Fact]
    public void Own_moves_say_in_what_they_differ()
    {
        const string line = "new: deck press (like overhead press, kneeling, one-sided, no impact, kit: kettlebell, mat)";
        var plan = Plan(line + ", each side");
        Assert.Contains(line, SheetWriter.Write(plan), StringComparison.Ordinal);
        Assert.Equal(Assert.Single(plan.NewMoves), Assert.Single(PlanReader.Read(JsonPlanWriter.Write(plan)).Plan!.NewMoves));
        var move = new Facts(plan, Studio.Shipped).MoveOf("deck press")!;
        Assert.Equal((Posture.Kneeling, MoveSides.OneSided), (move.Posture, move.Sides));
        Assert.Equal(["kettlebell", "mat"], move.Kit.AsEnumerable());
        Assert.Equal(MoveLibrary.Shipped.Find("overhead press")!.Muscles, move.Muscles);
        Assert.Contains("no difference that is known", SheetReader.Read("# T\n== A (circuit, work 40)\nnew: x (like squat, upwards)\n").Errors[0].Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_move_like_one_that_nobody_knows_is_asked_about() =>
        Assert.Contains("“deck press” is not understood", Assert.Single(Asked(Plan("new: deck press (like wibble)"))).Message, StringComparison.Ordinal);

    [Fact]
    public void A_move_said_to_have_no_facts_is_left_in_peace() => Assert.Empty(Asked(Plan("new: deck press")));
}
