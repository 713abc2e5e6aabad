using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Timing;

/// <summary>The examples of docs/class-sheet.md, worked by hand.</summary>
public class WorkedExamplesTests
{
    [Theory]
    [InlineData("circuit, work 30, rest 10", 13, 510)]
    [InlineData("circuit, 2 rounds, work 40, rest 20, between 60", 4, 500)]
    [InlineData("circuit, work 45, rest 15, after 60", 12, 705)]
    public void Nothing_rests_twice(string head, int stations, int seconds) =>
        Assert.Equal(seconds * 10, Sheet.Time(Sheet.OneBlock(head, Sheet.Plain(stations))).Length.InTenths);

    [Fact]
    public void A_station_each_side_counts_double()
    {
        var lines = Sheet.Plain(4);
        lines[1] += ", each side";
        Assert.Equal(6200, Sheet.Time(Sheet.OneBlock("circuit, 2 rounds, work 40, rest 20, between 60", lines)).Length.InTenths);
    }

    [Theory]
    [InlineData("superset contrast, 3 rounds, rest 10", "new: a 40s, rest 10|new: b 30s", 260)]
    [InlineData("trio any, 2 rounds, work 40, rest 60, pause 5", "new: a|new: b, each side|new: c", 410)]
    [InlineData("minute, 4 rounds", "new: a x5|new: b x5|new: c x5", 720)]
    [InlineData("minute, 2 rounds, every 90s", "new: a 40s|new: b 40s, each side", 360)]
    [InlineData("ladder 60s..20s step 10s, rest 30", "new: a|new: b", 520)]
    [InlineData("amrap 10min", "new: a x5|new: b x5", 600)]
    [InlineData("straight, 3 rounds, work 40, rest 20, between 60", "new: a|new: b", 380)]
    [InlineData("flow, 2 rounds, beat 120", "squat x8 @4 beats|squat hold 20s", 72)]
    [InlineData("flow, work 30, each side", "side plank|squat", 120)]
    [InlineData("circuit, 2 rounds, work 30, rest 10, between 20, each side", "new: a|new: b", 340)]
    [InlineData("ladder 30s/20s/10s, rest ratio 2:1", "new: a", 85)]
    [InlineData("superset, 2 rounds, work 45, rest ratio 3:1", "new: a|new: b", 210)]
    public void Every_formats_time_adds_up(string head, string lines, int seconds) =>
        Assert.Equal(seconds * 10, Sheet.Time(Sheet.OneBlock(head, lines.Split('|'))).Length.InTenths);

    [Theory]
    [InlineData("ladder 12..1", 4, 78 * 4)]
    [InlineData("ladder 10..1", 2, 55 * 2)]
    [InlineData("ladder 8..1", 2, 36 * 2)]
    [InlineData("ladder 10/8/6", 1, 24)]
    [InlineData("ladder 2..10 step 2", 1, 30)]
    [InlineData("pyramid 1..5..1", 1, 25)]
    [InlineData("pyramid 5..1..5", 1, 29)]
    public void Rungs_add_up(string head, int stations, int reps) =>
        Assert.Equal(reps, Totals.Of(Sheet.Time(Sheet.OneBlock(head, Sheet.Plain(stations)))).Reps.Values.Sum());

    [Fact]
    public void A_pyramid_to_n_is_n_squared() => Assert.All(Enumerable.Range(2, 12), n =>
        Assert.Equal(n * n, Totals.Of(Sheet.Time(Sheet.OneBlock($"pyramid 1..{n}..1", "squat"))).Reps["squat"]));

    [Fact]
    public void A_station_with_an_amount_of_its_own_keeps_it_at_every_rung() =>
        Assert.Equal(5 * 3, Totals.Of(Sheet.Time(Sheet.OneBlock("ladder 3..1", "squat x5", "push-up"))).Reps["squat"]);

    [Theory]
    // Four fifths of 2.2 + 2.2 + 2.2, ten times; the longer of 2.6 and 2.2; one move a round; ten pulses of 0.8.
    [InlineData("circuit", "reverse fly + bent-over row + hammer curl x10", 528)]
    [InlineData("circuit", "squat & overhead press x10", 260)]
    [InlineData("circuit", "squat + push-up x10 @2", 320)]
    [InlineData("circuit, 2 rounds, rest 0", "squat > deadlift x10", 540)]
    [InlineData("circuit", "squat x10 +10 pulses", 340)]
    [InlineData("circuit", "stack(biceps curl, overhead press) 40s, start 1/4", 400)]
    public void Combined_growing_and_stacked_moves_take_their_time(string head, string line, int tenths) =>
        Assert.Equal(tenths, Sheet.Time(Sheet.OneBlock(head, line)).Length.InTenths);

    [Fact]
    public void A_joined_block_follows_by_the_gap_within_a_round()
    {
        var timeline = Sheet.Time("# T\n== A (circuit, work 30, rest 10)\nsquat\n== B (circuit, work 20, rest 5, joined)\nsquat\n");
        Assert.Equal((600, GapPlace.Within), (timeline.Length.InTenths, timeline.Gaps[0].Place));
    }

    [Fact]
    public void A_slots_last_rest_stays_even_at_the_end_of_the_class() =>
        Assert.Equal(SegmentKind.Rest, Sheet.Time(Sheet.OneBlock("minute", "squat x5")).Segments[^1].Kind);

    [Fact]
    public void As_many_rounds_as_possible_is_one_row_of_work()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("amrap 5min", "squat x5", "push-up x5"));
        Assert.Equal([SegmentKind.Work], timeline.Segments.Select(s => s.Kind));
        Assert.Equal(2, Totals.Of(timeline).DistinctMoves);
    }

    [Fact]
    public void The_last_after_falls_away()
    {
        var block = string.Join('\n', Sheet.Plain(12));
        var timeline = Sheet.Time($"# Two\n== A (circuit, work 45, rest 15, after 60)\n{block}\n== again A\n");
        Assert.Equal(14700, timeline.Length.InTenths);
        Assert.Equal([7050, 7050], Totals.Of(timeline).Blocks.Select(b => b.Length.InTenths));
    }
}
