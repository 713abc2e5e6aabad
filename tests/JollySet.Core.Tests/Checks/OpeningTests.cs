using CsCheck;
using JollySet.Core.Cues;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>The opening says what the plan does, and nothing else.</summary>
public class OpeningTests
{
    [Fact]
    public void It_is_computed_from_the_plan() => Assert.Equal(
        [
            "Three moves: a circuit of three stations, three rounds, 40 on, 20 off.",
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
        Assert.Equal("Three moves, in two blocks.", said[0]);
        Assert.Equal("First block A, squat, two rounds, 40 on, 20 off; then block B, a superset of two, three rounds.", said[1]);
        Assert.Contains(said, s => s.StartsWith("Pregnancy: do what you have agreed with your clinician", StringComparison.Ordinal));
        Assert.DoesNotContain(said, s => s.StartsWith("Warm up first", StringComparison.Ordinal));
        Assert.Empty(Opening.Of(Sheet.Time("# T\n== Hello (talk 30s)\n")));
    }

    /// <summary>Each as an instructor would say it, written down first.</summary>
    [Theory]
    [InlineData("== A: Deck (circuit, 2 rounds, work 40, rest 20)\nsquat\npush-up\n== B: Mast (ladder 12..1)\nsquat\nrow\n", "First Deck, a circuit of two stations, two rounds, 40 on, 20 off; then Mast, a ladder from twelve down to one.")]
    [InlineData("== A (circuit, work 40)\nsquat\npush-up\n== B (pyramid 2..10..2 step 2)\nsquat x?\n", "First block A, a circuit of two stations, once through, 40 on; then block B, a pyramid from two up to ten and down to two, two at a time.")]
    [InlineData("== Pairs (superset any, 3 rounds, rest 60)\nsquat x10\nrow x10\n== Bell (minute, 4 rounds)\nsquat 40s\nrow 40s\n== Tide (amrap 6min, optional)\nsquat x8\nrow x8\n", "First Pairs, a superset of two, three rounds; then Bell, two stations, one each minute, four rounds; last Tide, as many good rounds of two stations as come in 6:00, if there is time.")]
    [InlineData("== Flood (circuit, 2 rounds, work 40, rest 20)\nsquat\nrow\n== again Flood\n", "First Flood, a circuit of two stations, two rounds, 40 on, 20 off; then Flood again.")]
    public void Blocks_are_told_in_order_with_their_formats(string blocks, string says) =>
        Assert.Contains(says, Opening.Of(Sheet.Time($"# T\n{blocks}")));

    [Fact]
    public void A_side_at_a_time_is_told_with_what_it_makes_in_all() => Assert.Contains(
        "One side at a time: single-arm row (15 a side is 30) and side plank (30 s a side).",
        Opening.Of(Sheet.Time("# T\n== A (circuit, 2 rounds, rest 20)\nsingle-arm row x15, each side\nside plank 30s, each side\nsquat x10\n")));

    [Fact]
    public void The_length_is_the_likely_one_while_anything_is_open()
    {
        Assert.Contains("Done in 4 minutes.", Opening.Of(Sheet.Time("# T\n== A (circuit, 2 rounds, work 40, rest 20)\nsquat\nrow\n")));
        Assert.Contains(Opening.Of(Sheet.Time("# T\n== A (circuit, 2 rounds, work 40, rest ?)\nsquat\nrow\n")), s => s.StartsWith("Done in about ", StringComparison.Ordinal));
    }

    [Fact]
    public void The_close_says_what_was_done_where_it_is_felt_and_what_to_put_back()
    {
        var said = Closing.Of(Sheet.Time("# T\nafter: ten minutes of easy walking\n== A (circuit, 3 rounds, work 40, rest 20)\ngoblet squat [heavy]\nsquat\n== C (release, work 30)\nchild's pose\nlying twist, each side\n")).ToList();
        Assert.Equal("That was two moves and six minutes of work; well done.", said[0]);
        Assert.StartsWith("You will feel it in the quads", said[1], StringComparison.Ordinal);
        Assert.Contains("Then ten minutes of easy walking.", said);
        Assert.Contains("Up slowly from the floor.", said);
        Assert.Contains("Put back dumbbells.", said);
        Assert.Equal("If anything hurts sharply, tell me before you go.", said[^1]);
        Assert.Contains("Walk a little and stretch what you worked before you sit down.", Closing.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", "squat"))));
        Assert.Empty(Closing.Of(Sheet.Time("# T\n== Hello (talk 30s)\n")));
    }

    [Fact]
    public void Any_class_can_be_opened_and_closed() => PlanGen.Plans.Sample(
        plan =>
        {
            var timeline = TimelineBuilder.Build(plan);
            Assert.All(Opening.Of(timeline).Concat(Closing.Of(timeline)), s => Assert.NotEmpty(s));
        },
        iter: 200);

    [Fact]
    public void Cautions_are_those_the_class_gives_reason_for()
    {
        Assert.Equal(["Sharp is not the same as hard: at sharp pain people stop."], Cautions.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", "biceps curl"))));
        var said = Cautions.Of(Sheet.Time("# T\naudience: older adults\n== A (circuit, work 40)\njump squat\nkettlebell swing\nplank\nsingle-leg deadlift\n")).ToList();
        Assert.Equal(7, said.Count(s => s.StartsWith("Soft", StringComparison.Ordinal) || s.StartsWith("Two arm", StringComparison.Ordinal) || s.StartsWith("Set heavy", StringComparison.Ordinal) || s.StartsWith("Balance", StringComparison.Ordinal) || s.StartsWith("Show a way", StringComparison.Ordinal) || s.StartsWith("Up slowly", StringComparison.Ordinal) || s.StartsWith("Breathe", StringComparison.Ordinal)));
        Assert.Empty(Cautions.Of(Sheet.Time("# T\n== Hello (talk 30s)\n")));
    }
}
