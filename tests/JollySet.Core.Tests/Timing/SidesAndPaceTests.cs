using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Timing;

public class SidesAndPaceTests
{
    [Fact]
    public void Each_side_timed_is_two_periods_parted_by_the_gap_within_a_round()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 40, rest 20", "side plank, each side"));
        Assert.Equal([(SegmentKind.Work, 400), (SegmentKind.Rest, 200), (SegmentKind.Work, 400)], timeline.Segments.Select(s => (s.Kind, s.Length.InTenths)));
        Assert.Equal([Side.Left, null, Side.Right], timeline.Segments.Select(s => s.Side));
        Assert.Equal(2, Totals.Of(timeline).WorkPeriods);
    }

    [Fact]
    public void Each_side_counted_has_a_change_of_side_that_is_quicker_the_second_time()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, 2 rounds", "single-arm row x10, each side"));
        Assert.Equal([80, 40], timeline.Segments.Where(s => s.Kind == SegmentKind.Switch).Select(s => s.Length.InTenths).Distinct().Order().Reverse());
        Assert.Equal(40, Totals.Of(timeline).Reps["single-arm row"]);
    }

    [Fact]
    public void Right_first_turns_the_order() =>
        Assert.Equal([Side.Right, Side.Left], Sheet.Time(Sheet.OneBlock("circuit, work 30", "side plank, each side, right first")).Sets.Select(s => s.Side!.Value));

    [Fact]
    public void Switch_halfway_is_two_rows_that_touch_and_one_period()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 45", "side plank, switch halfway"));
        Assert.Equal([(0, 225, Side.Left), (225, 450, Side.Right)], timeline.Segments.Select(s => (s.Start.InTenths, s.End.InTenths, s.Side!.Value)));
        Assert.Single(timeline.Sets);
    }

    [Theory]
    [InlineData("squat x10", 260)]
    [InlineData("push-up x10", 220)]
    [InlineData("Romanian deadlift x10", 280)]
    [InlineData("kettlebell swing x10", 180)]
    [InlineData("squat x10 @3-0-1-1", 500)]
    [InlineData("squat x10 @3-0-X-1", 500)]
    [InlineData("squat x10 @slow", 400)]
    [InlineData("squat x10 @2 then @4", 300)]
    public void A_counted_set_takes_its_reps_times_their_pace(string line, int tenths) =>
        Assert.Equal(tenths, Sheet.Time(Sheet.OneBlock("circuit", line)).Length.InTenths);

    [Fact]
    public void The_instructors_pace_scales_the_librarys_and_leaves_a_tempo_alone()
    {
        var timeline = Sheet.Time("# T\npace: 0.9\n== A (circuit, rest 60)\nsquat x10\nsquat x10 @2\n");
        Assert.Equal([234, 200], timeline.Sets.Select(s => s.Length.InTenths));
    }

    [Fact]
    public void Likely_adds_load_and_late_fatigue()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit", "Romanian deadlift x12 [heavy]"));
        // 12 × 2.8 = 33.6 by the clock; × 1.1 for heavy, × 1.1 over the last third.
        Assert.Equal((336, 382), (timeline.Length.InTenths, timeline.Likely.InTenths));
    }

    [Fact]
    public void Sides_by_round_follow_the_list_and_the_last_goes_on() =>
        Assert.Equal(
            [Side.Right, Side.Left, Side.Alternating, Side.Alternating],
            Sheet.Time(Sheet.OneBlock("circuit, 4 rounds, work 30", "reverse lunge, right/left/alternating")).Sets.Select(s => s.Side!.Value));
}
