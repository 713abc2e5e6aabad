using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

public class CheckTests
{
    private static ImmutableArray<Finding> Look(string text) => Review.Of(Sheet.Time(text));

    private static Finding? Find(string text, string code) => Look(text).FirstOrDefault(f => f.Code == code);

    [Fact]
    public void A_good_class_has_nothing_to_mend() =>
        Assert.Empty(Look("""
            # T
            minutes: 29
            audience: regular

            == W (prepare, rest 15, after 30)
            squat 50s
            hip hinge 50s
            wall push-up 50s
            reverse lunge 50s, alternating
            arm circle 45s, reverse halfway

            == A (circuit, 3 rounds, work 50, rest 20, between 60 water, after 45)
            goblet squat [moderate]
            bent-over row [moderate]
            Romanian deadlift [moderate]
            overhead press [moderate]
            reverse lunge, alternating

            == C (release, rest 10)
            quad stretch 25s, each side
            hamstring reach 30s, switch halfway
            glute stretch 25s, each side
            lat stretch 20s, each side
            upper back stretch 20s
            """));

    [Theory]
    [InlineData(8, "Stop")]
    [InlineData(9, null)]
    public void Over_by_the_clock_by_more_than_thirty_seconds_is_a_stop(int minutes, string? severity) =>
        Assert.Equal(severity, Find($"# T\nminutes: {minutes}\n== A (circuit, work 20, rest 20)\n{string.Join('\n', Enumerable.Repeat("squat", 14))}\n", "time-over")?.Severity.ToString());

    [Fact]
    public void Over_in_likelihood_by_more_than_a_minute_is_a_warning()
    {
        var finding = Find("# T\nminutes: 3\n== A (circuit, 3 rounds, work 60)\nsquat\n== B (circuit, work 1)\nsquat\n", "time-over");
        Assert.Equal(Severity.Warn, finding?.Severity);
        Assert.Equal(180, finding!.Numbers["bookedSeconds"]);
    }

    [Fact]
    public void Under_by_more_than_a_twentieth_is_a_note() =>
        Assert.Equal(Severity.Note, Find("# T\nminutes: 2\n== A (circuit, work 100)\nsquat\n", "time-under")?.Severity);

    [Fact]
    public void A_counted_station_with_no_target_is_a_stop_and_its_fix_sets_one()
    {
        const string text = "# T\n== A (circuit, rest 30)\nsquat\nsquat x?\nplank\n";
        var plan = Sheet.Read(text);
        Assert.Equal([1, 2, 3], Look(text).Where(f => f.Code == "no-target").SelectMany(f => f.Stations));
        var mended = Look(text).Aggregate(plan, (p, f) => f.Fix?.Apply(p).Plan ?? p);
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(mended)), f => f.Code == "no-target");
    }

    // Squat to push-up needs 13 s. Of 40 s of work a tenth is 4 s and a quarter 10 s.
    [Theory]
    [InlineData(8, null)]
    [InlineData(7, "Note")]
    [InlineData(3, "Note")]
    [InlineData(2, "Warn")]
    public void A_tight_change_is_quiet_then_a_note_then_a_warning(int rest, string? severity) =>
        Assert.Equal(severity, Find($"# T\n== A (circuit, work 40, rest {rest})\nsquat\npush-up\n", "change-tight")?.Severity.ToString());

    [Fact]
    public void Tight_changes_are_one_finding_a_block_and_the_fix_mends_all()
    {
        const string text = "# T\n== A (circuit, 2 rounds, work 40, rest 2)\nsquat\npush-up\ngoblet squat\n";
        var finding = Assert.Single(Look(text), f => f.Code == "change-tight");
        Assert.Equal(20, finding.Numbers["needSeconds"]);
        var mended = finding.Fix!.Apply(Sheet.Read(text)).Plan!;
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(mended)), f => f.Code == "change-tight");
    }

    [Theory]
    [InlineData("after 60", true)]
    [InlineData("after 60 water", false)]
    public void More_than_twenty_minutes_dry_is_a_warning(string after, bool found)
    {
        var block = $"(circuit, 10 rounds, work 60, rest 30, {after})\nsquat\n";
        Assert.Equal(found, Find($"# T\n== A {block}== B {block}", "no-water") is not null);
    }

    [Fact]
    public void The_fix_for_no_water_is_a_break_between_blocks()
    {
        const string text = "# T\n== A (circuit, 10 rounds, work 60, rest 30)\nsquat\n== B (circuit, 10 rounds, work 60, rest 30)\nsquat\n";
        var mended = Find(text, "no-water")!.Fix!.Apply(Sheet.Read(text)).Plan!;
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(mended)), f => f.Code == "no-water");
    }

    [Theory]
    [InlineData("side plank, left", "Stop")]
    [InlineData("side plank, left/right/left", "Warn")]
    [InlineData("side plank, each side", null)]
    [InlineData("side plank, switch halfway", null)]
    public void Sides_that_differ_are_found(string line, string? severity) =>
        Assert.Equal(severity, Find(Sheet.OneBlock("circuit, 3 rounds, work 30, rest 15", line), "side-uneven")?.Severity.ToString());

    [Fact]
    public void A_side_not_said_is_a_note_for_a_move_that_needs_one() =>
        Assert.Equal(["side-unsaid"], Look(Sheet.OneBlock("circuit, work 30, rest 15", "standing kickback", "squat")).Where(f => f.Severity == Severity.Note).Select(f => f.Code));

    [Theory]
    [InlineData("reverse lunge x11, alternating", true)]
    [InlineData("reverse lunge x12, alternating", false)]
    public void An_odd_alternating_count_is_found(string line, bool found) =>
        Assert.Equal(found, Find(Sheet.OneBlock("circuit, rest 30", line), "side-odd-rounds") is not null);

    [Fact]
    public void A_move_to_be_chosen_is_a_stop() =>
        Assert.Equal(Severity.Stop, Find(Sheet.OneBlock("circuit, work 30", "any: pull"), "to-be-chosen")?.Severity);

    [Fact]
    public void Findings_come_worst_first() =>
        Assert.Equal(
            Look("# T\nminutes: 1\n== A (circuit, work 60, rest 2)\nsquat\nside plank\nany: pull\n").Select(f => f.Severity).OrderDescending(),
            Look("# T\nminutes: 1\n== A (circuit, work 60, rest 2)\nsquat\nside plank\nany: pull\n").Select(f => f.Severity));

    [Theory]
    [InlineData("minute", "squat x30", "30 reps take 78 s; the slot leaves it 60 s", "x23")]
    [InlineData("minute, every 20s", "single-arm row x6, each side", "6 reps take 13 s; the slot leaves it 10 s", "x4")]
    [InlineData("minute", "squat 90s", "its time takes 90 s; the slot leaves it 60 s", null)]
    public void A_slot_holds_only_so_many_reps(string head, string line, string said, string? mended)
    {
        var text = Sheet.OneBlock(head, line);
        var finding = Find(text, "rep-target-impossible")!;
        Assert.Equal(Severity.Stop, finding.Severity);
        Assert.Contains(said, finding.Message, StringComparison.Ordinal);
        Assert.Equal(mended, (finding.Fix as Core.Edits.SetStationPart)?.Value);
        Assert.Equal(head.Contains("20s", StringComparison.Ordinal) ? 200 : 600, Sheet.Time(text).Length.InTenths);
        if (finding.Fix is { } fix)
            Assert.Null(Review.Of(TimelineBuilder.Build(fix.Apply(Sheet.Read(text)).Plan!)).FirstOrDefault(f => f.Code == "rep-target-impossible"));
    }

    [Theory]
    [InlineData("superset, 3 rounds", "Warn")]
    [InlineData("superset, 3 rounds, rest 60", null)]
    [InlineData("superset, 3 rounds, rest ratio 2:1", null)]
    [InlineData("superset", null)]
    public void Rounds_of_linked_stations_say_their_rest(string head, string? severity) =>
        Assert.Equal(severity, Find(Sheet.OneBlock(head, "squat x10", "push-up x10"), "rest-unplanned")?.Severity.ToString());

    [Fact]
    public void A_promise_with_no_length_is_a_warning_and_a_range_left_open_a_note()
    {
        const string text = "# T\n== A (circuit, work 30, rest 10..20, after ?)\nsquat\npush-up\n== B (circuit, work 30)\nsquat\n";
        Assert.Equal([Severity.Warn, Severity.Note], Look(text).Where(f => f.Code == "length-unsaid").Select(f => f.Severity));
        Assert.Equal(30, Find(text, "length-unsaid")!.Numbers["needSeconds"]);
    }

    [Fact]
    public void As_many_rounds_needs_a_target_at_each_station_and_asks_no_side() =>
        Assert.Equal([2], Look(Sheet.OneBlock("amrap 5min", "single-arm row x5, each side", "squat")).Where(f => f.Code is "no-target" or "side-unsaid").SelectMany(f => f.Stations));
}
