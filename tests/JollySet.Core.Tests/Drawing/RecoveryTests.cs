using JollySet.Core.Balance;
using JollySet.Drawing;

namespace JollySet.Core.Tests.Drawing;

/// <summary>Recovery as lanes: what is over its limit, what is meant, and the same in words.</summary>
public class RecoveryTests
{
    private static string Draw(string head, params string[] lines)
    {
        var timeline = Sheet.Time(Sheet.OneBlock(head, lines));
        return RecoverySvg.Of(timeline, Recovery.Of(timeline));
    }

    private static int Count(string svg, string of) => svg.Split(of).Length - 1;

    [Fact]
    public void A_streak_over_its_limit_is_drawn_so_from_the_period_that_passes_it()
    {
        var svg = Draw("circuit, 4 rounds, work 40, rest 5", "wrist curl");
        Assert.Equal(4, Count(svg, "class=\"spell"));
        Assert.Equal(1, Count(svg, "class=\"spell over\""));
        Assert.Contains("class=\"lane-name over\"", svg, StringComparison.Ordinal);
    }

    [Fact]
    public void What_a_superset_of_one_muscle_means_is_drawn_as_meant()
    {
        // Side delts four times; front delts assist in the second move, twice.
        Assert.Equal(6, Count(Draw("superset same, 2 rounds, rest 5", "lateral raise 40s", "scaption raise 40s"), "class=\"spell meant\""));
        Assert.Equal(0, Count(Draw("superset any, 2 rounds, rest 5", "lateral raise 40s", "scaption raise 40s"), "class=\"spell meant\""));
    }

    [Fact]
    public void Words_say_the_longest_stretch_and_the_shortest_rest()
    {
        var lane = Recovery.Of(Sheet.Time(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20, between 30", "wrist curl", "squat"))).Single(l => l.What == "forearms");
        Assert.Equal("forearms: at most 40 s at a stretch, again after 90 s at the least", RecoverySvg.Words(lane));
    }

    [Fact]
    public void As_many_rounds_as_possible_has_no_lanes() => Assert.Empty(Recovery.Of(Sheet.Time(Sheet.OneBlock("amrap 6min", "squat x8", "push-up x8"))));
}
