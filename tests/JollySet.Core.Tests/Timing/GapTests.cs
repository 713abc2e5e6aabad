using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Timing;

/// <summary>Which setting says a gap, and what it is by the clock and in likelihood.</summary>
public class GapTests
{
    private static List<(SegmentKind Kind, int Seconds)> Rows(string head, params string[] lines) =>
        [.. Sheet.Time(Sheet.OneBlock(head, lines)).Segments.Select(s => (s.Kind, s.Length.InWholeSeconds))];

    [Fact]
    public void A_stations_own_rest_goes_before_the_blocks() =>
        Assert.Equal(
            [(SegmentKind.Work, 30), (SegmentKind.Rest, 25), (SegmentKind.Work, 30), (SegmentKind.Rest, 10), (SegmentKind.Work, 30)],
            Rows("circuit, work 30, rest 10", "new: a, rest 25", "new: b", "new: c"));

    [Fact]
    public void After_a_round_comes_between_in_place_of_the_rest() =>
        Assert.Equal(
            [(SegmentKind.Work, 30), (SegmentKind.Between, 60), (SegmentKind.Work, 30)],
            Rows("circuit, 2 rounds, work 30, rest 10, between 60", "new: a"));

    [Fact]
    public void Without_between_the_last_stations_own_rest_parts_the_rounds() =>
        Assert.Equal(
            [(SegmentKind.Work, 30), (SegmentKind.Rest, 25), (SegmentKind.Work, 30)],
            Rows("circuit, 2 rounds, work 30, rest 10", "new: a, rest 25"));

    [Fact]
    public void Water_after_a_round_takes_the_place_of_its_gap()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, 3 rounds, work 30, rest 10, between 20, water 60 after round 2", "new: a"));
        Assert.Equal([20, 60], timeline.Segments.Where(s => s.Kind == SegmentKind.Between).Select(s => s.Length.InWholeSeconds));
        Assert.Equal([false, true], timeline.Gaps.Select(g => g.Water));
    }

    [Fact]
    public void Work_and_rest_may_differ_by_round() =>
        Assert.Equal(
            [(SegmentKind.Work, 60), (SegmentKind.Rest, 20), (SegmentKind.Work, 50), (SegmentKind.Rest, 10), (SegmentKind.Work, 40)],
            Rows("circuit, 3 rounds, work 60/50/40, rest 20/10", "new: a"));

    [Fact]
    public void A_timed_gap_not_said_is_nothing_by_the_clock_and_work_is_lost()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 30", "squat", "push-up"));
        var gap = Assert.Single(timeline.Gaps);
        Assert.Equal((600, 130, 130, 0), (timeline.Length.InTenths, gap.Need.InTenths, gap.Lost.InTenths, gap.Extra.InTenths));
    }

    [Fact]
    public void A_counted_gap_not_said_is_its_need_reckoned()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit", "squat x10", "push-up x10"));
        Assert.Equal([SegmentKind.Work, SegmentKind.Change, SegmentKind.Work], timeline.Segments.Select(s => s.Kind));
        // 6 to settle, 7 to the floor, 10 because it is new and nobody showed it.
        Assert.Equal(230, timeline.Segments[1].Length.InTenths);
    }

    [Fact]
    public void A_counted_gap_said_stays_by_the_clock_and_grows_in_likelihood()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, rest 5", "squat x5", "push-up x5"));
        Assert.Equal(50, timeline.Segments[1].Length.InTenths);
        Assert.Equal(180, timeline.Likely.InTenths - timeline.Length.InTenths);
    }

    [Fact]
    public void After_a_block_the_need_counts_in_likelihood_only()
    {
        var timeline = Sheet.Time("# T\n== A (circuit, work 30)\nsquat\n== B (circuit, work 30)\nsquat\n");
        Assert.Equal((600, 900), (timeline.Length.InTenths, timeline.Likely.InTenths));
    }

    [Fact]
    public void An_open_gap_is_its_need_by_the_clock_and_in_likelihood_and_is_marked()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 30, rest ?", "squat", "push-up"));
        Assert.Equal((730, 730, 0), (timeline.Length.InTenths, timeline.Likely.InTenths, timeline.Lost.InTenths));
        Assert.Equal((SegmentKind.Rest, 130, true), (timeline.Segments[1].Kind, timeline.Segments[1].Length.InTenths, timeline.Segments[1].Open));
        Assert.True(timeline.Gaps[0].Reckoned);
    }

    [Theory]
    [InlineData("# T\n== A (circuit, work 30, after ?)\nsquat\n== B (circuit, work 30)\nsquat\n", 900)]
    [InlineData("# T\n== Hello (talk 20s, after ?)\n== B (circuit, work 30)\nsquat\n", 800)]
    [InlineData("# T\n== A (circuit, work 30, after ? water)\nsquat\n== Hear (talk 20s)\n== B (circuit, work 30)\nsquat\n", 1250)]
    [InlineData("# T\n== A (circuit, 2 rounds, work 30, water ? after round 1)\nsquat\n", 1050)]
    [InlineData("# T\n== A (circuit, 2 rounds, work 30, between ?)\nsquat\n", 800)]
    public void Nothing_promised_runs_as_nothing(string sheet, int tenths)
    {
        var timeline = Sheet.Time(sheet);
        Assert.Equal((tenths, tenths), (timeline.Length.InTenths, timeline.Likely.InTenths));
        Assert.Contains(timeline.Segments, s => s.Open);
    }

    [Fact]
    public void Water_after_words_is_a_water_break()
    {
        var timeline = Sheet.Time("# T\n== A (circuit, work 30)\nsquat\n== Hear (talk 20s, after 60 water)\n== B (circuit, work 30)\nsquat\n");
        Assert.Single(timeline.Segments, s => s.Water);
        Assert.True(timeline.Gaps[0].Water);
    }

    [Fact]
    public void Each_side_has_its_water_once()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, 3 rounds, work 30, rest 10, each side, water 60 after round 2", "squat"));
        Assert.Single(timeline.Segments, s => s.Water);
    }

    [Fact]
    public void A_minute_keeps_its_slots_whatever_the_load_adds()
    {
        var slots = Sheet.Time(Sheet.OneBlock("minute, 10 rounds", "deadlift x10 [heavy]"));
        Assert.Equal((6000, 6000, 0), (slots.Length.InTenths, slots.Likely.InTenths, slots.Lost.InTenths));
        // 20 heavy reps are 56 s by the clock and 63.7 s in likelihood: 3.7 s go beyond each slot, and the change of 6 s (then less, with practice) besides.
        var tight = Sheet.Time(Sheet.OneBlock("minute, 2 rounds", "deadlift x20 [heavy]"));
        Assert.Equal((1200, 1200), (tight.Length.InTenths, tight.Likely.InTenths));
        Assert.InRange(tight.Lost.InTenths, 100, 180);
    }

    [Fact]
    public void A_pause_does_not_end_the_work_that_a_ratio_rests_for()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("superset any, 2 rounds, work 40, pause 5, rest ratio 1:1", "squat", "push-up"));
        Assert.Equal(800, timeline.Segments.Single(s => s.Kind == SegmentKind.Rest).Length.InTenths);
    }

    [Fact]
    public void A_demo_comes_once_after_the_gap_and_counts_towards_the_need()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, 2 rounds", "squat x10", "push-up x10 | demo: 15"));
        Assert.Equal(1, timeline.Segments.Count(s => s.Kind == SegmentKind.Demo));
        var change = timeline.Segments.First(s => s.Kind == SegmentKind.Change);
        Assert.Equal(0, (int)change.Kind - (int)SegmentKind.Change);
        // 6 + 7 are needed, no first showing since it is shown; the demo of 15 covers them.
        Assert.DoesNotContain(timeline.Segments, s => s.Kind == SegmentKind.Change && s.Round == 1 && s.Station == 1);
    }

    [Fact]
    public void No_class_ends_on_a_rest() =>
        Assert.Equal(SegmentKind.Work, Sheet.Time(Sheet.OneBlock("circuit, work 30, rest 10, after 60", "squat, rest 99")).Segments[^1].Kind);

    [Fact]
    public void Words_between_blocks_count_towards_the_change()
    {
        var timeline = Sheet.Time("# T\n== A (circuit, work 30, after 10)\nsquat\n== Talk (talk 15s)\n== B (circuit, work 30)\nsquat\n");
        Assert.Equal([SegmentKind.Work, SegmentKind.After, SegmentKind.Talk, SegmentKind.Work], timeline.Segments.Select(s => s.Kind));
        Assert.Equal((850, 900), (timeline.Length.InTenths, timeline.Likely.InTenths));
    }
}
