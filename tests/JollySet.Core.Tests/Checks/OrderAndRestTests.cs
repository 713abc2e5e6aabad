using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>Schools, rest by goal, order, holds and the cool-down's sides, each by hand.</summary>
public class OrderAndRestTests
{
    private static ImmutableArray<Finding> Look(string text, string code) => [.. Review.Of(Sheet.Time(text)).Where(f => f.Code == code)];

    private static string? Worst(string text, string code) => Look(text, code).Select(f => (Severity?)f.Severity).Max()?.ToString();

    [Theory]
    [InlineData("opposing", "bent-over row", "floor press", true)]
    [InlineData("opposing", "biceps curl", "triceps extension", true)]
    [InlineData("opposing", "biceps curl", "hammer curl", false)]
    [InlineData("same", "biceps curl", "hammer curl", true)]
    [InlineData("same", "biceps curl", "triceps extension", false)]
    [InlineData("split", "goblet squat", "overhead press", true)]
    [InlineData("split", "goblet squat", "plank", false)]
    [InlineData("contrast", "goblet squat", "jump squat", true)]
    [InlineData("contrast", "goblet squat", "push-up", false)]
    [InlineData("any", "goblet squat", "hammer curl", true)]
    public void A_pair_is_held_against_its_school(string school, string first, string second, bool fits) =>
        Assert.Equal(fits, Look(Sheet.OneBlock($"superset {school}, 2 rounds, rest 60", $"{first} 40s", $"{second} 20s"), "school-mismatch").IsEmpty);

    [Fact]
    public void The_power_move_is_the_shorter_one_and_a_wrong_name_is_put_right()
    {
        Assert.Contains("shorter", Look(Sheet.OneBlock("superset contrast, 2 rounds, rest 60", "goblet squat 30s", "jump squat 30s"), "school-mismatch").Single().Message, StringComparison.Ordinal);
        var plan = Sheet.Read(Sheet.OneBlock("superset opposing, 2 rounds, rest 60", "biceps curl 30s", "hammer curl 30s"));
        var finding = Review.Of(TimelineBuilder.Build(plan)).Single(f => f.Code == "school-mismatch");
        Assert.Equal(School.Same, ((LinkedFormat)finding.Fix!.Apply(plan).Plan!.Blocks[0].Format).School);
    }

    [Theory]
    [InlineData("strength", "straight, 3 rounds, rest 120", "goblet squat x6", null)]
    [InlineData("strength", "straight, 3 rounds, rest 90", "goblet squat x6", "Note")]
    [InlineData("strength", "straight, 3 rounds, rest 50", "goblet squat x6", "Warn")]
    [InlineData("muscle", "straight, 3 rounds, rest 60", "goblet squat x10", null)]
    [InlineData("muscle", "straight, 3 rounds, rest 25", "goblet squat x10", "Warn")]
    [InlineData("mobility", "straight, 3 rounds, rest 5", "goblet squat x10", null)]
    public void Rest_is_held_against_the_goal(string goal, string head, string line, string? severity) =>
        Assert.Equal(severity, Worst($"# T\ngoal: {goal}\n== A ({head})\n{line}\n", "rest-for-goal"));

    [Theory]
    [InlineData("newcomer", 30, 30, null)]
    [InlineData("newcomer", 30, 20, "Note")]
    [InlineData("newcomer", 30, 10, "Warn")]
    [InlineData("newcomer, regular", 40, 20, null)]
    [InlineData("strong", 60, 20, null)]
    [InlineData("strong", 60, 15, "Note")]
    public void Work_is_held_against_rest(string audience, int work, int rest, string? severity) =>
        Assert.Equal(severity, Worst($"# T\ngoal: strength endurance\naudience: {audience}\n== A (circuit, work {work}, rest {rest})\nsquat\nreverse lunge, alternating\nsquat\n", "rest-for-goal"));

    [Fact]
    public void Stations_whose_muscles_the_next_one_spares_rest_meanwhile()
    {
        Assert.Null(Worst("# T\ngoal: strength endurance\naudience: newcomer\n== A (circuit, work 40, rest 10)\nsquat\npush-up\nglute bridge\nbent-over row\n", "rest-for-goal"));
        Assert.Null(Worst("# T\ngoal: strength endurance\naudience: newcomer\n== A (circuit, work 40, rest 10)\ncrunch\nsit-up\ncrunch\n", "rest-for-goal"));
    }

    [Fact]
    public void A_heavy_set_of_few_reps_waits_whatever_the_goal()
    {
        Assert.Equal("Warn", Worst("# T\n== A (straight, 3 rounds, rest 40)\ndeadlift x5 [heavy]\n", "rest-for-goal"));
        Assert.Null(Worst("# T\n== A (straight, 3 rounds, rest 40)\ndeadlift x5\n", "rest-for-goal"));
    }

    [Fact]
    public void Others_may_work_while_a_muscle_rests() =>
        Assert.Null(Worst("# T\ngoal: muscle\n== A (superset opposing, 3 rounds, rest 40)\nbiceps curl x10\ntriceps extension x10\n", "rest-for-goal"));

    [Fact]
    public void Jumps_skill_and_balance_come_before_fatigue()
    {
        string[] easy = ["squat", "plank", "push-up", "glute bridge", "dead bug"];
        Assert.Equal("Warn", Worst(Sheet.OneBlock("circuit, work 40, rest 20", [.. easy, "jump squat", "crunch"]), "order-spent"));
        Assert.Equal("Warn", Worst(Sheet.OneBlock("circuit, work 40, rest 20", [.. easy, "single-leg deadlift, switch halfway"]), "order-spent"));
        Assert.Null(Worst(Sheet.OneBlock("circuit, work 40, rest 20", ["jump squat", "single-leg deadlift, switch halfway", .. easy]), "order-spent"));
        Assert.Null(Worst(Sheet.OneBlock("circuit, 2 rounds, work 40, rest 20", ["jump squat", .. easy]), "order-spent"));
    }

    [Fact]
    public void Skill_under_fatigue_is_told()
    {
        var spent = Sheet.OneBlock("circuit, work 60", "goblet squat [heavy]", "squat", "Romanian deadlift [heavy]", "glute bridge", "deadlift [heavy]", "kettlebell swing [heavy]");
        Assert.Equal("Note", Worst(spent, "skill-under-fatigue"));
        Assert.Null(Worst(Sheet.OneBlock("circuit, work 20, rest 60", "kettlebell swing", "plank"), "skill-under-fatigue"));
    }

    [Theory]
    [InlineData("side plank 40s, left", "Note")]
    [InlineData("side plank 20s, left", null)]
    [InlineData("plank 40s", null)]
    [InlineData("squat hold 30s", "Note")]
    [InlineData("squat hold 30s | note: breathe out slowly", null)]
    public void A_long_hold_carries_a_word_about_breathing(string line, string? severity) =>
        Assert.Equal(severity, Worst(Sheet.OneBlock("circuit", line), "hold-no-cue"));

    [Fact]
    public void Up_slowly_from_the_floor()
    {
        Assert.Equal("Note", Worst(Sheet.OneBlock("circuit, work 40, rest 10", "crunch", "squat"), "low-to-standing"));
        Assert.Null(Worst(Sheet.OneBlock("circuit, work 40, rest 15", "crunch", "squat"), "low-to-standing"));
        Assert.Null(Worst(Sheet.OneBlock("circuit, work 40, rest 10", "squat", "crunch"), "low-to-standing"));
        var plan = Sheet.Read(Sheet.OneBlock("circuit, work 40, rest 10", "crunch", "squat"));
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(Review.Mended(plan, Studio.Shipped, "low-to-standing").Plan)), f => f.Code == "low-to-standing");
    }

    [Fact]
    public void Stretches_treat_both_sides_alike()
    {
        Assert.Equal("Note", Worst("# T\n== A (release, rest 5)\nhamstring reach 30s, left\nhamstring reach 20s, right\n", "cool-down-uneven"));
        Assert.Null(Worst("# T\n== A (release, rest 5)\nhamstring reach 30s, each side\n", "cool-down-uneven"));
        Assert.Null(Worst("# T\n== A (release, rest 5)\nhamstring reach 30s, left\n", "side-uneven"));
    }
}
