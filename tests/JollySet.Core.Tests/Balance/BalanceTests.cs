using CsCheck;
using JollySet.Core.Balance;
using JollySet.Core.Checks;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Balance;

/// <summary>Load-seconds, pairs and regions by hand and by law.</summary>
public class BalanceTests
{
    private static ClassBalance Of(string text) => ClassBalance.Of(Sheet.Time(text));

    private static decimal Load(ClassBalance balance, Muscle muscle) => balance.Muscles[(int)muscle].LoadSeconds;

    private static SeeSaw Pair(ClassBalance balance, string first) => balance.SeeSaws.Single(s => s.First == first);

    [Fact]
    public void Load_is_share_times_seconds_and_a_set_is_forty_of_them()
    {
        // Squat: quads 1, glutes and adductors 0.5, abs 0.25. Three times 40 s.
        var balance = Of(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20", "squat"));
        Assert.Equal((120, 60, 30), (Load(balance, Muscle.Quads), Load(balance, Muscle.Glutes), Load(balance, Muscle.Abs)));
        Assert.Equal(3, balance.Muscles[(int)Muscle.Quads].SetEquivalents);
        Assert.Equal(0, balance.Muscles[(int)Muscle.Quads].HardSets);
        Assert.Equal(3, Of(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20", "goblet squat [heavy]")).Muscles[(int)Muscle.Quads].HardSets);
    }

    [Fact]
    public void Warm_up_and_stretches_load_nothing()
    {
        Assert.All(Of("# T\n== W (prepare, work 60)\nsquat\n== C (release, work 60)\nhamstring reach\n").Muscles, m => Assert.Equal(0, m.LoadSeconds));
        Assert.Equal(0, Load(Of(Sheet.OneBlock("circuit, work 60", "hamstring reach")), Muscle.Hamstrings));
    }

    [Fact]
    public void Each_side_counts_both_and_combined_moves_share_the_time()
    {
        Assert.Equal(80, Load(Of(Sheet.OneBlock("circuit, work 40", "split squat, each side")), Muscle.Quads));
        // Equal paces of 2.2: each of the three gets a third of 52.8 s.
        Assert.Equal(17.6m, Load(Of(Sheet.OneBlock("circuit", "reverse fly + biceps curl + lateral raise x10")), Muscle.Biceps), 1);
        Assert.Equal(40, Load(Of(Sheet.OneBlock("circuit, work 40", "squat & biceps curl")), Muscle.Biceps));
    }

    [Theory]
    [InlineData(125, "Level")]
    [InlineData(126, "Leaning")]
    [InlineData(175, "Leaning")]
    [InlineData(176, "Tipped")]
    public void A_pair_is_level_leaning_or_tipped(int push, string tilt) =>
        Assert.Equal(tilt, Pair(Of(Sheet.OneBlock("circuit, 2 rounds", $"push-up {push}s", "bent-over row 100s")), "push").Tilt.ToString());

    [Fact]
    public void An_empty_side_is_tipped_and_under_three_sets_nothing_is_judged()
    {
        Assert.Equal(Tilt.Tipped, Pair(Of(Sheet.OneBlock("circuit", "push-up 120s")), "push").Tilt);
        Assert.Null(Pair(Of(Sheet.OneBlock("circuit", "push-up 120s")), "push").Ratio);
        Assert.Equal(Tilt.NotJudged, Pair(Of(Sheet.OneBlock("circuit", "push-up 119s")), "push").Tilt);
    }

    [Fact]
    public void In_each_second_a_side_carries_its_largest_share_not_their_sum()
    {
        // Wide row: upper back 1 and rear delts 1, both of one side.
        Assert.Equal(100, Pair(Of(Sheet.OneBlock("circuit", "wide row 100s")), "chest").SecondSeconds);
    }

    [Fact]
    public void The_focus_decides_what_is_judged()
    {
        const string upper = "# T\nfocus: upper body\n== A (circuit, work 200)\npush-up\nbent-over row\n";
        Assert.DoesNotContain(Review.Of(Sheet.Time(upper)), f => f.Code is "see-saw" && f.Message.Contains("quads", StringComparison.OrdinalIgnoreCase));
        Assert.Equal(Tilt.NotJudged, Pair(Of("# T\nfocus: upper body\n== A (circuit, work 200)\nsquat\n"), "squat family").Tilt);
        Assert.Equal(Tilt.Tipped, Pair(Of("# T\nfocus: lower body\n== A (circuit, work 200)\nsquat\n"), "squat family").Tilt);
    }

    [Fact]
    public void Nine_of_fifteen_on_the_shoulders_and_one_row_is_told_and_mended()
    {
        var lines = string.Join('\n', Enumerable.Repeat("overhead press [light]", 9).Concat(Enumerable.Repeat("squat", 5)).Append("bent-over row [heavy]"));
        var plan = Sheet.Read($"# T\nfocus: upper body\nkit: mat, dumbbells\n== A (circuit, work 40, rest 20)\n{lines}\n");
        var timeline = TimelineBuilder.Build(plan);
        var finding = Review.Of(timeline).First(f => f.Code == "see-saw" && (f.Message.StartsWith("Push", StringComparison.Ordinal) || f.Message.Contains("push against pull", StringComparison.Ordinal)));
        Assert.Equal(Severity.Warn, finding.Severity);
        var mended = TimelineBuilder.Build(finding.FixOrSearch()!.Apply(plan).Plan!);
        Assert.True(SeeSawFix.Badness(ClassBalance.Of(mended)) < SeeSawFix.Badness(ClassBalance.Of(timeline)));
        Assert.All(mended.Sets.Select(s => s.Facts.Move!), m => Assert.True(Suits.Kit(plan.Brief, m)));
    }

    [Fact]
    public void A_full_body_shares_its_load()
    {
        var legs = Review.Of(Sheet.Time("# T\nfocus: full body\n== A (circuit, 3 rounds, work 60)\nsquat\nreverse lunge, alternating\ndeadlift\nglute bridge\n"));
        Assert.Contains(legs, f => f is { Code: "region-off-focus", Severity: Severity.Warn } && f.Message.StartsWith("Lower body", StringComparison.Ordinal));
        Assert.DoesNotContain(Review.Of(Sheet.Time("# T\nfocus: lower body\n== A (circuit, 3 rounds, work 60)\nsquat\nreverse lunge, alternating\ndeadlift\nglute bridge\n")), f => f.Code == "region-off-focus");
    }

    [Fact]
    public void Mirrored_left_to_right_the_balance_mirrors() => PlanGen.Plans.Sample(plan =>
    {
        var (one, other) = (Of(plan), Of(Mirrored(plan)));
        Assert.Equal(one.Muscles.Select(m => Math.Round(m.LoadSeconds, 6)), other.Muscles.Select(m => Math.Round(m.LoadSeconds, 6)));
        var (a, b) = (Pair(one, "left"), Pair(other, "left"));
        Assert.Equal((Math.Round(a.FirstSeconds, 6), Math.Round(a.SecondSeconds, 6)), (Math.Round(b.SecondSeconds, 6), Math.Round(b.FirstSeconds, 6)));
    });

    [Fact]
    public void More_rounds_never_load_less() => Gen.Select(PlanGen.Plans, Gen.Int[0, 18]).Sample((plan, muscle) =>
    {
        var more = plan with { Blocks = [.. plan.Blocks.Select(b => b.IsWords || b.Rungs is not null || b.Format is AgainFormat or AmrapFormat ? b : b with { Settings = b.Settings with { Rounds = new Span(b.Settings.RoundsSaid + 1) } })] };
        Assert.True(Of(more).Muscles[muscle].LoadSeconds >= Of(plan).Muscles[muscle].LoadSeconds);
    });

    private static ClassBalance Of(ClassPlan plan) => ClassBalance.Of(TimelineBuilder.Build(plan));

    private static ClassPlan Mirrored(ClassPlan plan) => plan with
    {
        Blocks =
        [
            .. plan.Blocks.Select(b => b with
            {
                Settings = b.Settings.EachSide is { } each ? b.Settings with { EachSide = new BlockSides(!each.RightFirst) } : b.Settings,
                Stations = [.. b.Stations.Select(s => s with { Sides = s.Sides is { } sides ? sides with { RightFirst = !sides.RightFirst, Ways = [.. sides.Ways.Select(Other)] } : null })],
            }),
        ],
    };

    private static SideWay Other(SideWay way) => way switch { SideWay.Left => SideWay.Right, SideWay.Right => SideWay.Left, _ => way };

    [Fact]
    public void Recovery_tells_the_rest_before_each_work_and_what_goes_on()
    {
        var lane = Recovery.Of(Sheet.Time(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20", "squat", "plank", "wrist curl"))).Single(l => l.What == "quads");
        Assert.Equal([null, 1400, 1400], lane.Spells.Select(s => s.Rest?.InTenths));
        Assert.Equal([400, 400, 400], lane.Spells.Select(s => s.Streak.InTenths));
        var on = Recovery.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40, rest 10", "squat", "goblet squat", "sumo squat"))).Single(l => l.What == "knees");
        Assert.Equal([400, 800, 1200], on.Spells.Select(s => s.Streak.InTenths));
        Assert.Null(on.Limit);
        Assert.All(Recovery.Of(Sheet.Time(Sheet.OneBlock("superset same, 2 rounds, rest 5", "biceps curl 40s", "hammer curl 40s"))).Single(l => l.What == "biceps").Spells, s => Assert.True(s.Meant));
    }

    [Fact]
    public void Work_is_told_by_plane_and_shared_where_a_move_goes_through_several()
    {
        var balance = ClassBalance.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", "squat", "lateral raise", "wood chop")));
        Assert.Equal([(Plane.Sagittal, 60m), (Plane.Frontal, 40m), (Plane.Transverse, 20m)], balance.Planes.Select(p => (p.Key, p.Value)));
    }
}
