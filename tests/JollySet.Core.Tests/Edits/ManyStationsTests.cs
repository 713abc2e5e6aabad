using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Edits;

/// <summary>Several flags taken together.</summary>
public class ManyStationsTests
{
    private static readonly ClassPlan Plan = Sheet.Read("""
        # Two ropes
        == A (circuit, 2 rounds, work 40, rest 20)
        squat
        push-up
        bent-over row
        plank
        == B (straight, 3 rounds, rest 60)
        deadlift x8..10
        overhead press x12/10/8
        == C (ladder 1..5)
        burpee
        """);

    private static int Id(string name) => Plan.Blocks.SelectMany(b => b.Stations).First(s => SheetWriter.WriteStation(s).StartsWith(name, StringComparison.Ordinal)).Id;

    private static string After(PlanEdit edit) => string.Join(" / ", edit.Apply(Plan).Plan!.Blocks.Select(b => string.Join(", ", b.Stations.Select(SheetWriter.WriteStation))));

    [Fact]
    public void They_go_out_at_once() =>
        Assert.Equal("push-up, bent-over row / overhead press x12/10/8 / burpee", After(new RemoveStations([Id("plank"), Id("squat"), Id("deadlift"), 9999])));

    [Theory]
    [InlineData("squat bent-over", "A", "plank", false, "push-up, squat, bent-over row, plank / deadlift x8..10, overhead press x12/10/8 / burpee")]
    [InlineData("bent-over squat", "A", "squat", false, "squat, bent-over row, push-up, plank / deadlift x8..10, overhead press x12/10/8 / burpee")]
    [InlineData("squat plank", "B", "overhead", false, "push-up, bent-over row / deadlift x8..10, squat, plank, overhead press x12/10/8 / burpee")]
    [InlineData("plank deadlift", "A", null, false, "squat, push-up, bent-over row, plank, deadlift x8..10 / overhead press x12/10/8 / burpee")]
    [InlineData("squat deadlift", "A", "push-up", true, "squat, squat, deadlift x8..10, push-up, bent-over row, plank / deadlift x8..10, overhead press x12/10/8 / burpee")]
    public void They_are_carried_in_the_order_they_hang_in(string carried, string to, string? before, bool copy, string after) =>
        Assert.Equal(after, After(new CarryStations([.. carried.Split(' ').Select(Id)], Plan.Find(to)!.Id, before is null ? null : Id(before), copy)));

    [Fact]
    public void Every_rounds_amount_is_pulled_and_both_ends_of_a_range()
    {
        Assert.Equal("squat, push-up, bent-over row, plank / deadlift x10..12, overhead press x14/12/10 / burpee", After(new PullAmounts([Id("deadlift"), Id("overhead")], 2)));
        Assert.Equal("squat 45s, push-up, bent-over row, plank / deadlift x8..10, overhead press x12/10/8 / burpee", After(new PullAmounts([Id("squat")], 1)));
        Assert.StartsWith("squat 5s", After(new PullAmounts([Id("squat")], -50)), StringComparison.Ordinal);
        var bare = Sheet.Read("# T\n== A (circuit)\nsquat\n");
        var squat = bare.Blocks[0].Stations[0].Id;
        Assert.Contains("no amount that can", new PullAmounts([squat], 1).Apply(bare).Errors[0].Expected, StringComparison.Ordinal);
        Assert.Contains("squat 45s", SheetWriter.Write(new PullAmounts([squat], 1, Timed.OfSeconds(40)).Apply(bare).Plan!), StringComparison.Ordinal);
        Assert.Contains("no amount that can be pulled in C", new PullAmounts([Id("burpee"), Id("squat")], 1).Apply(Plan).Errors[0].Expected, StringComparison.Ordinal);
    }

    [Fact]
    public void More_than_a_set_has_is_refused_with_its_limit() =>
        Assert.Contains("1000", new PullAmounts([Id("deadlift")], 1000).Apply(Plan).Errors[0].Message, StringComparison.Ordinal);

    [Fact]
    public void It_is_told_by_name_or_number()
    {
        Assert.Equal("carried squat and plank to B", new CarryStations([Id("plank"), Id("squat")], Plan.Find("B")!.Id, null).Summary(Plan));
        Assert.Equal("took 3 stations out", new RemoveStations([Id("plank"), Id("squat"), Id("push-up")]).Summary(Plan));
        Assert.Equal("2 reps less of deadlift", new PullAmounts([Id("deadlift")], -2).Summary(Plan));
        Assert.Equal("10 s more of squat and plank", new PullAmounts([Id("plank"), Id("squat")], 2).Summary(Plan));
        Assert.Equal("that station is not there any more", new RemoveStations([9999]).Apply(Plan).Errors[0].Message);
    }
}
