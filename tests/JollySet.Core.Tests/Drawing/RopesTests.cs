using CsCheck;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Core.Tests.Drawing;

/// <summary>Which ropes a block hangs on, and what is said beside them.</summary>
public class RopesTests
{
    private static List<string> Labels(string head, params string[] lines) =>
        [.. BuntingLayout.Of(Sheet.Time(Sheet.OneBlock(head, lines)), 1000).Select(r => $"{r.Label}: {r.Flags.Length} ×{r.Times}{(r.ShowsNames ? " named" : "")}")];

    [Fact]
    public void Equal_rounds_are_one_rope() =>
        Assert.Equal(["rounds 1–3: 2 ×3 named"], Labels("circuit, 3 rounds, work 40, rest 20", "squat", "push-up"));

    [Fact]
    public void A_ladder_hangs_a_rope_a_rung() =>
        Assert.Equal(["rung 3: 1 ×1 named", "rung 2: 1 ×1", "rung 1: 1 ×1"], Labels("ladder 3..1, rest 20", "squat"));

    [Fact]
    public void Straight_sets_hang_a_rope_a_station() =>
        Assert.Equal(["3 sets: 3 ×1 named", "3 sets: 3 ×1 named"], Labels("straight, 3 rounds, rest 20", "squat x5", "push-up x5"));

    [Fact]
    public void Each_side_of_a_block_is_a_rope_of_its_own() =>
        Assert.Equal(["right · rounds 1–2: 1 ×2 named", "left · rounds 1–2: 1 ×2"], Labels("circuit, 2 rounds, work 30, rest 10, each side, right first", "side plank"));

    [Fact]
    public void A_move_that_grows_is_named_each_round() =>
        Assert.Equal(["round 1: 1 ×1 named", "round 2: 1 ×1 named"], Labels("circuit, 2 rounds, work 30", "squat > jump squat"));

    [Fact]
    public void As_many_rounds_is_one_long_flag_that_names_all()
    {
        var rope = Assert.Single(BuntingLayout.Of(Sheet.Time(Sheet.OneBlock("amrap 5min", "squat x5", "push-up x8")), 1000));
        Assert.Equal("Squat ×5, push-up ×8", Assert.Single(rope.Flags).Name);
        Assert.Contains("rounds for a newcomer", rope.Flags[0].Tells, StringComparison.Ordinal);
    }

    [Fact]
    public void A_block_with_nothing_on_it_has_a_rope_in_its_place()
    {
        var ropes = BuntingLayout.Of(Sheet.Time("# Test\n== First (circuit, work 40)\n== Second (circuit, work 40)\nsquat\n== Third (prepare, work 30)\n"), 1000);
        Assert.Equal(["First: nothing on it yet", "Second: ", "Third: nothing on it yet"], ropes.Select(r => $"{r.BlockName}: {r.Word}"));
    }

    [Fact]
    public void Practice_alone_keeps_no_rounds_apart() =>
        Assert.Equal(["rounds 1–3: 2 ×3 named"], Labels("superset, 3 rounds, rest 60", "squat x5", "push-up x5"));

    [Fact]
    public void The_longest_rope_fills_the_width_and_flags_share_one_scale() => PlanGen.Plans.Sample(plan =>
    {
        var timeline = TimelineBuilder.Build(plan);
        var ropes = BuntingLayout.Of(timeline, 1000);
        Assert.Equal(timeline.Sets.Length, RopeSpan(timeline));
        Assert.All(ropes, r => Assert.True(r.Length <= 1000 + (BuntingLayout.NarrowestFlag * 60)));
        var wide = ropes.SelectMany(r => r.Flags).Where(f => f.Width > BuntingLayout.NarrowestFlag).Select(f => f.Width / timeline.Sets[f.Set].Length.InTenths).ToList();
        Assert.True(wide.Count == 0 || wide.Max() - wide.Min() < 0.001);
    });

    /// <summary>Sets over all ropes, folded rounds counted as often as they stand for.</summary>
    private static int RopeSpan(Timeline timeline) => BuntingLayout.Of(timeline, 1000).Sum(r => r.Flags.Length * r.Times);
}
