using JollySet.Core.Cues;

namespace JollySet.Core.Tests.Checks;

/// <summary>The opening says what the plan does, and nothing else.</summary>
public class OpeningTests
{
    [Fact]
    public void It_is_computed_from_the_plan() => Assert.Equal(
        [
            "Three moves, three rounds, 40 on, 20 off.",
            "You need mat and heavy dumbbells; chair (optional).",
            "There is an easier way for some of it; I say it before we start each one.",
            "There are two water breaks; drink whenever you like.",
            "Warm up first: ten minutes of any cardio.",
            "Sharp pain, dizziness, a tight chest: stop at once and tell me.",
            "Done in 10 minutes.",
        ],
        Opening.Of(Sheet.Time("# T\nkit: mat, heavy dumbbells, chair (optional)\nbefore: ten minutes of any cardio\n== A (circuit, 3 rounds, work 40, rest 20, between 60 water)\ngoblet squat [heavy] | easier: squat\nplank\npush-up\n")));

    [Fact]
    public void Two_blocks_are_told_and_a_clinician_is_asked()
    {
        var said = Opening.Of(Sheet.Time("# T\nneeds: pregnancy\n== Warm (prepare)\nsquat 60s\n== A (circuit, 2 rounds, work 40, rest 20)\nsquat\n== B (superset any, 3 rounds, rest 60)\nplank 30s\npush-up 30s\n")).ToList();
        Assert.StartsWith("Three moves, two blocks.", said[0], StringComparison.Ordinal);
        Assert.Contains(said, s => s.StartsWith("Pregnancy: do what you have agreed with your clinician", StringComparison.Ordinal));
        Assert.DoesNotContain(said, s => s.StartsWith("Warm up first", StringComparison.Ordinal));
        Assert.Empty(Opening.Of(Sheet.Time("# T\n== Hello (talk 30s)\n")));
    }

    [Fact]
    public void Cautions_are_those_the_class_gives_reason_for()
    {
        Assert.Equal(["Sharp is not the same as hard: at sharp pain people stop."], Cautions.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", "biceps curl"))));
        var said = Cautions.Of(Sheet.Time("# T\naudience: older adults\n== A (circuit, work 40)\njump squat\nkettlebell swing\nplank\nsingle-leg deadlift\n")).ToList();
        Assert.Equal(7, said.Count(s => s.StartsWith("Soft", StringComparison.Ordinal) || s.StartsWith("Two arm", StringComparison.Ordinal) || s.StartsWith("Set heavy", StringComparison.Ordinal) || s.StartsWith("Balance", StringComparison.Ordinal) || s.StartsWith("Show a way", StringComparison.Ordinal) || s.StartsWith("Up slowly", StringComparison.Ordinal) || s.StartsWith("Breathe", StringComparison.Ordinal)));
        Assert.Empty(Cautions.Of(Sheet.Time("# T\n== Hello (talk 30s)\n")));
    }
}
