using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Timing;

/// <summary>What people are likely to do inside a time.</summary>
public class ExpectedTests
{
    [Theory]
    // 40 s at 2.8 s a rep: 40 / 3.08 = 12.99 and 40 / 2.52 = 15.87.
    [InlineData("deadlift", 13, 16)]
    [InlineData("squat", 14, 17)]
    [InlineData("squat @4", 9, 11)]
    // Four fifths of 2.2 three times is 5.28 a rep.
    [InlineData("reverse fly + bent-over row + hammer curl", 7, 8)]
    public void Timed_work_has_its_reps(string line, int low, int high) =>
        Assert.Equal(new Span(low, high), Expected.RepsOf(Sheet.Time(Sheet.OneBlock("circuit, work 40", line)).Sets[0], HouseRules.Shipped));

    [Theory]
    [InlineData("plank")]
    [InlineData("hamstring reach")]
    [InlineData("farmer carry")]
    [InlineData("squat hold 40s")]
    [InlineData("new: rope walk")]
    [InlineData("squat x10")]
    public void Holds_stretches_carries_and_counts_have_none(string line) =>
        Assert.Null(Expected.RepsOf(Sheet.Time(Sheet.OneBlock("circuit, work 40", line)).Sets[0], HouseRules.Shipped));

    [Fact]
    public void The_instructors_pace_counts() =>
        Assert.Equal(new Span(18, 22), Expected.RepsOf(Sheet.Time("# T\npace: 0.5\n== A (circuit, work 40)\nnew: dip (like push-up) @2\n== B (circuit, work 26)\nsquat\n").Sets[0], HouseRules.Shipped));

    [Fact]
    public void A_stack_tells_the_rung_reached_and_where_to_go_on()
    {
        // One of each takes 6.6 s: rungs 1, 2 and 3 take 39.6 s of 40; from rung 4 the first takes 26.4.
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20", "stack(biceps curl, overhead press, triceps extension), start 1/4/1"));
        var reach = timeline.Sets.Select(s => Expected.StackOf(timeline, s)!).ToList();
        Assert.Equal([(1, 3, (int?)4), (4, 4, 1), (1, 3, null)], reach.Select(r => (r.Start, r.Reached, r.NextStart)));
        Assert.All(reach, r => Assert.True(r.Slow <= r.Reached && r.Reached <= r.Fast));
        Assert.Contains("the next round starts from rung 4", Foreseen.Of(timeline, timeline.Sets[0]).Single(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_stack_whose_first_rung_does_not_fit_says_so()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 10", "stack(squat, push-up, deadlift), start 9"));
        Assert.Equal("rung 9 will not be whole", Foreseen.Of(timeline, timeline.Sets[0]).Single());
    }

    [Fact]
    public void As_many_rounds_are_told_for_three_people()
    {
        // A regular: 26 s of squats, 22 s of push-ups and two changes a round; the strong never do fewer than the newcomer.
        var timeline = Sheet.Time(Sheet.OneBlock("amrap 5min", "squat x10", "push-up x10"));
        var rounds = Expected.RoundsOf(timeline, 0)!;
        Assert.Equal(new AmrapRounds(3, 4, 5), rounds);
        Assert.Null(Expected.RoundsOf(Sheet.Time(Sheet.OneBlock("circuit, work 30", "squat")), 0));
    }

    [Fact]
    public void A_new_timed_move_is_learned_inside_its_first_work_of_a_follow_along_class()
    {
        static IEnumerable<bool> Learned(string style) => Sheet.Time($"# T\nstyle: {style}\n== A (circuit, 2 rounds, work 30)\nsquat\npush-up x5\n== B (circuit, work 30)\nsquat\ndeadlift | demo: 10\n").Sets.Select(s => s.LearnedInside);
        Assert.Equal([true, false, false, false, false, false], Learned("follow-along"));
        Assert.DoesNotContain(true, Learned("led"));
    }

    [Fact]
    public void What_a_plan_does_not_say_is_told()
    {
        var bare = Sheet.Time("# T\nminutes: 45\n== A (circuit, 3 rounds, work 60, rest 5)\n" + string.Join('\n', Sheet.Plain(10)) + "\n");
        Assert.Equal([("a warm-up", 300), ("2 rests after rounds", 30), ("a water break", 45)], Hidden.Of(bare).Select(h => (h.What, h.Length.InWholeSeconds)));
        Assert.Empty(Hidden.Of(Sheet.Time("# T\nminutes: 10\nbefore: 10min any cardio\n== A (circuit, 2 rounds, work 30, rest 20)\nsquat\n")));
        Assert.Equal([("a warm-up", 180)], Hidden.Of(Sheet.Time("# T\nminutes: 10\n== A (circuit, work 30)\nsquat\n")).Select(h => (h.What, h.Length.InWholeSeconds)));
    }

    [Fact]
    public void A_range_has_a_high_end()
    {
        var plan = Sheet.Read("# T\n== A (circuit, 2..3 rounds, work 30, rest 10..20)\nsquat\npush-up x5..8\n");
        Assert.True(TimelineBuilder.Build(Ranges.AtHighEnds(plan)!).Length > TimelineBuilder.Build(plan).Length);
        Assert.Null(Ranges.AtHighEnds(Sheet.Read(Sheet.OneBlock("circuit, work 30", "squat"))));
    }
}
