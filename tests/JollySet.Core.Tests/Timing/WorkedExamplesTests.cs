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
        Assert.Equal(seconds * 10, Sheet.Time(Sheet.OneBlock(head, Sheet.Plain(stations))).Tenths);

    [Fact]
    public void A_station_each_side_counts_double()
    {
        var lines = Sheet.Plain(4);
        lines[1] += ", each side";
        Assert.Equal(6200, Sheet.Time(Sheet.OneBlock("circuit, 2 rounds, work 40, rest 20, between 60", lines)).Tenths);
    }

    [Fact]
    public void The_last_after_falls_away()
    {
        var block = string.Join('\n', Sheet.Plain(12));
        var timeline = Sheet.Time($"# Two\n== A (circuit, work 45, rest 15, after 60)\n{block}\n== again A\n");
        Assert.Equal(14700, timeline.Tenths);
        Assert.Equal([7050, 7050], Totals.Of(timeline).Blocks.Select(b => b.Tenths));
    }
}
