using CsCheck;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Timing;

/// <summary>What holds for the timeline of any plan.</summary>
public class TimelineLawsTests
{
    [Fact]
    public void Segments_touch_and_never_overlap() => PlanGen.Plans.Sample(plan =>
    {
        var at = 0;
        foreach (var segment in TimelineBuilder.Build(plan).Segments)
        {
            Assert.Equal(at, segment.Start.InTenths);
            Assert.True(segment.Length.InTenths > 0);
            at = segment.End.InTenths;
        }
    });

    [Fact]
    public void Work_rest_change_and_talk_add_up_to_the_clock() => PlanGen.Plans.Sample(plan =>
    {
        var totals = Totals.Of(TimelineBuilder.Build(plan));
        Assert.Equal(totals.Length, totals.Work + totals.Rest + totals.Change + totals.Talk);
    });

    [Fact]
    public void Blocks_and_what_lies_after_them_add_up_to_the_class() => PlanGen.Plans.Sample(plan =>
    {
        var timeline = TimelineBuilder.Build(plan);
        var after = timeline.Segments.Where(s => s.Kind == SegmentKind.After || (s.Kind == SegmentKind.Change && timeline.Gaps[s.Gap].Place == GapPlace.AfterBlock));
        Assert.Equal(timeline.Length, Totals.Of(timeline).Blocks.Sum(b => b.Length) + after.Sum(s => s.Length));
    });

    [Fact]
    public void Likely_is_never_under_the_clock() => PlanGen.Plans.Sample(plan =>
    {
        var timeline = TimelineBuilder.Build(plan);
        Assert.True(timeline.Likely >= timeline.Length);
    });

    [Fact]
    public void No_class_ends_on_a_rest() => PlanGen.Plans.Sample(plan =>
        Assert.True(plan.Spelled(plan.Blocks[^1]).Format is MinuteFormat || TimelineBuilder.Build(plan).Segments[^1].Kind is SegmentKind.Work or SegmentKind.Talk or SegmentKind.Demo));

    [Fact]
    public void Work_is_the_sets_in_their_order() => PlanGen.Plans.Sample(plan =>
    {
        var timeline = TimelineBuilder.Build(plan);
        Assert.Equal(timeline.Sets.Sum(s => s.Length), timeline.Segments.Where(s => s.Kind == SegmentKind.Work).Sum(s => s.Length));
        Assert.Equal(Math.Max(0, timeline.Sets.Length - 1), timeline.Gaps.Length);
    });

    [Fact]
    public void Each_side_comes_out_even() => PlanGen.Plans.Sample(plan =>
    {
        var even = plan with { Blocks = [.. plan.Blocks.Where(b => b.Format is not (AmrapFormat or AgainFormat)).Select(b => b with { Settings = b.Settings with { EachSide = null }, Stations = [.. b.Stations.Select(s => s with { Sides = Sides.Of(SideWay.EachSide) })] })] };
        var work = TimelineBuilder.Build(even).Segments.Where(s => s.Kind == SegmentKind.Work).ToList();
        Assert.Equal(work.Where(s => s.Side == Side.Left).Sum(s => s.Length), work.Where(s => s.Side == Side.Right).Sum(s => s.Length));
    });

    [Fact]
    public void Adding_rest_never_shortens() => Gen.Select(PlanGen.Plans, Gen.Int[1, 60].Select(Length.Seconds)).Sample((plan, more) =>
    {
        // Only where a rest is said already: an unsaid counted gap is reckoned, and saying it is another decision.
        var longer = plan with { Blocks = [.. plan.Blocks.Select(b => b with { Settings = b.Settings with { Rest = [.. b.Settings.Rest.Select(g => g with { Length = new LengthSpan(g.Length.Low + more, g.Length.High + more) })] } })] };
        Assert.True(TimelineBuilder.Build(longer).Length >= TimelineBuilder.Build(plan).Length);
    });

    [Fact]
    public void More_rounds_never_mean_less_work() => PlanGen.Plans.Sample(plan =>
    {
        var more = plan with { Blocks = [.. plan.Blocks.Select(b => b.IsWords || b.Rungs is not null || b.Format is AgainFormat or AmrapFormat ? b : b with { Settings = b.Settings with { Rounds = new Span(b.Settings.RoundsSaid + 1) } })] };
        Assert.True(Totals.Of(TimelineBuilder.Build(more)).Work >= Totals.Of(TimelineBuilder.Build(plan)).Work);
    });

    [Fact]
    public void A_ladders_reps_are_the_sum_of_its_rungs() => Gen.Select(Gen.Int[1, 20], Gen.Int[1, 20], Gen.Int[1, 4]).Sample((from, to, stations) =>
    {
        var timeline = Sheet.Time(Sheet.OneBlock($"ladder {from}..{to}, rest 20", Sheet.Plain(stations)));
        Assert.Equal(stations * (from + to) * (Math.Abs(from - to) + 1) / 2, Totals.Of(timeline).Reps.Values.Sum());
    });
}
