namespace JollySet.Core.Tests.Timing;

/// <summary>docs/model.md, "Changing over", by hand.</summary>
public class ChangeOverTests
{
    private static int[] Needs(string head, params string[] lines) =>
        [.. Sheet.Time(Sheet.OneBlock(head, lines)).Gaps.Select(g => g.Need.InWholeSeconds)];

    [Theory]
    [InlineData("squat", "hip hinge", 6)]
    [InlineData("squat", "push-up", 13)]
    [InlineData("squat", "goblet squat", 13)]
    [InlineData("goblet squat", "goblet squat [light]", 13)]
    [InlineData("squat", "squat to chair", 14)]
    [InlineData("push-up", "goblet squat", 20)]
    public void Level_kit_and_prop_add_up(string from, string to, int need) =>
        Assert.Equal(need, Needs("circuit, work 30, rest 10", from, to)[0]);

    [Fact]
    public void A_change_made_before_needs_four_fifths_and_never_under_half() =>
        // Between squat and push-up: 13, 10.4, 8.32, 6.66, 6.5, 6.5 – and after each round at least 20.
        Assert.Equal([13, 20, 11, 20, 9, 20, 7, 20, 7, 20, 7], Needs("circuit, 6 rounds, work 30, rest 20", "squat", "push-up"));

    [Fact]
    public void First_timers_need_half_as_long_again_rounded_up() =>
        Assert.Equal(20, Sheet.Time("# T\naudience: first-timers\n== A (circuit, work 30)\nsquat\npush-up\n").Gaps[0].Need.InWholeSeconds);

    [Fact]
    public void A_show_before_the_block_spares_every_first_showing()
    {
        var told = Sheet.Time("# T\n== Look (show 30s)\n== A (circuit)\nsquat x5\npush-up x5\n");
        var cold = Sheet.Time("# T\n== A (circuit)\nsquat x5\npush-up x5\n");
        Assert.Equal((13, 23), (told.Gaps[0].Need.InWholeSeconds, cold.Gaps[0].Need.InWholeSeconds));
    }

    [Fact]
    public void Water_needs_at_least_its_own_time() =>
        Assert.Equal(45, Sheet.Time("# T\n== A (circuit, work 30, after 20 water)\nsquat\n== B (circuit, work 30)\nsquat\n").Gaps[0].Need.InWholeSeconds);
}
