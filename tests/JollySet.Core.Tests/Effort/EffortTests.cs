using CsCheck;
using JollySet.Core.Effort;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Effort;

/// <summary>The effort model by hand and by its laws.</summary>
public class EffortTests
{
    private const double Least = 1e-9;

    private static EffortCurve Curve(string text, Person person = Person.Regular) => EffortModel.Of(Sheet.Time(text), person);

    private static EffortCurve Curve(ClassPlan plan, Person person = Person.Regular) => EffortModel.Of(TimelineBuilder.Build(plan), person);

    [Fact]
    public void A_minute_of_bodyweight_squats_by_hand()
    {
        // Quads: u = 0.7. Fast 0.75·0.7/40·(1 − 2^−2)/(ln 2/30), slow 0.25·0.7/40·(1 − 2^−0.2)/(ln 2/300).
        var end = Assert.Single(Curve(Sheet.OneBlock("circuit, work 60", "squat")).Sets);
        var fast = 0.75 * 0.7 / 40 * 0.75 / (Math.Log(2) / 30);
        var slow = 0.25 * 0.7 / 40 * (1 - Math.Pow(2, -0.2)) / (Math.Log(2) / 300);
        Assert.Equal(Muscle.Quads, end.Muscle);
        Assert.Equal(1 - Math.Exp(-fast - slow), end.Local, 6);
    }

    [Fact]
    public void Half_of_the_fast_part_is_gone_after_thirty_seconds()
    {
        var curve = Curve("# T\n== A (circuit, work 20, after 30)\nsquat\n== B (talk 1s)\n");
        var rested = curve.Samples.First(s => s.At == Length.Seconds(50)).Local;
        Assert.True(rested < curve.Samples.First(s => s.At == Length.Seconds(20)).Local);
        Assert.InRange(-Math.Log(1 - rested) / -Math.Log(1 - curve.Samples.First(s => s.At == Length.Seconds(20)).Local), 0.5, 0.65);
    }

    [Fact]
    public void Everything_stays_in_its_range() => PlanGen.Plans.Sample(plan => Assert.All(EffortModel.Of(TimelineBuilder.Build(plan)), curve =>
        Assert.All(curve.Samples, s => Assert.True(s is { Breath: >= 0 and <= 10, Local: >= 0 and <= 1, Effort: >= 0 and <= 10 }))));

    [Fact]
    public void A_stronger_person_is_never_above_a_weaker_one() => PlanGen.Plans.Sample(plan =>
    {
        var curves = EffortModel.Of(TimelineBuilder.Build(plan));
        for (var i = 0; i < curves[0].Samples.Length; i++)
            Assert.True(curves[0].Samples[i].Effort >= curves[1].Samples[i].Effort - Least && curves[1].Samples[i].Effort >= curves[2].Samples[i].Effort - Least);
    });

    [Fact]
    public void More_rest_never_raises_effort_at_the_end_of_a_station_nor_the_peak() => Gen.Select(PlanGen.Plans, Gen.Int[1, 60].Select(Length.Seconds)).Sample((plan, more) =>
    {
        // Only where a rest is said: one that is not is reckoned, and saying it is another decision.
        var longer = plan with { Blocks = [.. plan.Blocks.Select(b => b with { Settings = b.Settings with { Rest = [.. b.Settings.Rest.Select(g => g with { Length = new LengthSpan(g.Length.Low + more, g.Length.High + more) })] } })] };
        var (before, after) = (Curve(plan), Curve(longer));
        Assert.All(before.Sets.Zip(after.Sets), s => Assert.True(s.Second.Effort <= s.First.Effort + Least && s.Second.Local <= s.First.Local + Least));
        Assert.True(after.Peak.Effort <= before.Peak.Effort + Least);
    });

    [Fact]
    public void More_load_never_lowers_either() => Gen.Select(PlanGen.Plans, Gen.Enum<LoadLevel>()).Sample((plan, _) =>
    {
        ClassPlan With(LoadLevel level) => plan with { Blocks = [.. plan.Blocks.Select(b => b with { Stations = [.. b.Stations.Select(s => s.Amount is Reps ? s : s with { Load = LoadPlan.Of(level) })] })] };
        var timed = plan with { Blocks = [.. plan.Blocks.Where(b => b.Stations.All(s => s.Amount is Timed or null) && b.Rungs is null && !b.Settings.Work.IsEmpty && b.Format is not AgainFormat and not AmrapFormat)] };
        plan = timed;
        var (light, heavy) = (Curve(With(LoadLevel.Light)), Curve(With(LoadLevel.Heavy)));
        Assert.All(light.Sets.Zip(heavy.Sets), s => Assert.True(s.Second.Effort >= s.First.Effort - Least));
        Assert.True(heavy.Peak.Effort >= light.Peak.Effort - Least);
    });

    [Fact]
    public void Where_a_newcomers_form_may_go_is_told()
    {
        var hard = Curve(Sheet.OneBlock("circuit, 4 rounds, work 60, rest 5", "goblet squat [heavy]", "front squat [heavy]"), Person.Newcomer);
        Assert.Contains(hard.Sets, s => s.Local > 0.85);
        Assert.True(hard.MinutesFrom(5) > 2);
        Assert.DoesNotContain(Curve(Sheet.OneBlock("circuit, work 30, rest 30", "plank", "calf raise"), Person.Newcomer).Sets, s => s.Local > 0.85);
    }

    [Fact]
    public void One_step_a_segment_gives_what_a_step_a_second_gives() => PlanGen.Plans.Sample(plan =>
    {
        var timeline = TimelineBuilder.Build(plan);
        var ends = EffortModel.AtSetEnds(timeline, Person.Newcomer);
        Assert.All(EffortModel.Of(timeline, Person.Newcomer).Sets, s => Assert.Equal(s.Effort, ends[s.Set], tolerance: 1e-9));
    });
}
