using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Options;

/// <summary>The net: whether each crossing is fine, covered or open by the library's own facts, and what could be named.</summary>
public class NetTests
{
    private static Timeline Of(string needs, params string[] lines) => Sheet.Time($"# T\nneeds: {needs}\nkit: mat, dumbbells\n== A (circuit, work 40, rest 20)\n{string.Join('\n', lines)}\n");

    private static string States(Timeline timeline, string need) => string.Join(", ", Net.Of(timeline, [need]).Select(r => r.Crossings[0].Cover.Kind));

    [Fact]
    public void A_way_named_for_a_need_covers_it_only_where_it_spares_it() =>
        Assert.Equal("Covered, Open, Covered, Covered, Fine", States(Of("knees", "jump squat | for knees: glute bridge", "jump squat | for knees: jumping lunge", "squat | for knees: smaller range", "squat | for knees: \"hold the rail\"", "push-up"), "knees"));

    [Fact]
    public void An_easier_way_covers_what_it_plainly_spares() =>
        Assert.Equal("Covered, Open", States(Of("wrists", "push-up | easier: floor press", "push-up | easier: smaller range"), "wrists"));

    [Fact]
    public void Seated_covers_nothing_that_cannot_be_done_sitting() =>
        Assert.Equal("Covered, Open", States(Of("seated", "biceps curl | for seated: seated", "burpee | for seated: seated"), "seated"));

    [Fact]
    public void Every_move_and_need_of_the_library_is_fine_open_or_truly_covered_by_what_it_names()
    {
        foreach (var move in MoveLibrary.Shipped.All)
            foreach (var need in Needs.Ways)
            {
                var line = Station.Of(move.Name);
                var plan = ClassOf(line);
                var facts = new Facts(plan, Studio.Shipped);
                var cover = Cover.Of(line, need, facts);
                Assert.Equal(move.Troubles(need) ? CoverKind.Open : CoverKind.Fine, cover.Kind);
                if (cover.Way is null)
                    continue;
                var named = Cover.Of(line with { Options = [new StationOption(OptionKind.ForNeed, cover.Way, need)] }, need, facts);
                Assert.True(named.Kind == CoverKind.Covered, $"{move.Name} for {need}: {Words.Of(cover.Way)}");
            }
    }

    [Fact]
    public void What_is_offered_spares_the_need_and_keeps_to_the_kit() => Gen.Select(Gen.Int[0, MoveLibrary.Shipped.All.Length - 1], Gen.OneOf(Needs.Ways.ToArray())).Sample((at, need) =>
    {
        var move = MoveLibrary.Shipped.All.ElementAt(at);
        var timeline = TimelineBuilder.Build(ClassOf(Station.Of(move.Name)));
        var line = timeline.Plan.Blocks[0].Stations[0];
        var ways = RoundWays.For(timeline, line, need);
        Assert.True(ways.Length <= 3);
        Assert.Equal(move.Troubles(need), !ways.IsEmpty);
        Assert.All(ways, w => Assert.True(Proven.Spares(w.Way, need, move, timeline.Facts)));
        Assert.Equal(ways.Length, ways.Select(w => Words.Of(w.Way)).Distinct().Count());
    });

    [Fact]
    public void Closing_what_is_safe_leaves_nothing_of_it_open_and_no_move_changed()
    {
        var timeline = Of("knees, wrists, no floor", "jump squat", "push-up", "plank", "Romanian deadlift");
        var safe = Net.SafeToClose(timeline, timeline.Plan.Brief.Needs);
        Assert.NotEmpty(safe);
        var closed = TimelineBuilder.Build(Net.Close(timeline, timeline.Plan.Brief.Needs)!.Apply(timeline.Plan).Plan!);
        Assert.Empty(Net.SafeToClose(closed, closed.Plan.Brief.Needs));
        Assert.Equal(timeline.Plan.Blocks[0].Stations.Select(s => s.Doing), closed.Plan.Blocks[0].Stations.Select(s => s.Doing));
        Assert.Equal(timeline.Length, closed.Length);
        Assert.DoesNotContain("for ", SheetWriter.WriteStation(closed.Plan.Blocks[0].Stations[3]), StringComparison.Ordinal);
    }

    [Fact]
    public void An_ask_is_never_fine_or_covered() =>
        Assert.All(Net.Of(Of("pregnancy", "squat | for pregnancy: smaller range", "march on the spot"), ["pregnancy"]), r => Assert.Equal(CoverKind.Ask, r.Crossings[0].Cover.Kind));

    [Fact]
    public void Easier_and_harder_come_from_the_move_and_its_ladder()
    {
        var timeline = Of("knees", "push-up");
        var line = timeline.Plan.Blocks[0].Stations[0];
        Assert.Contains(RoundWays.For(timeline, line, OptionKind.Easier), w => Words.Of(w.Way) == "knee push-up");
        Assert.NotEmpty(RoundWays.For(timeline, line, OptionKind.Harder));
        Assert.Empty(RoundWays.For(Of("knees", "any: squat"), Station.Of("no such move"), OptionKind.Easier));
    }

    private static ClassPlan ClassOf(Station line) => Ids.Given(Sheet.Read("# T\n== A (circuit, work 40)\nsquat\n") is var plan ? plan with { Blocks = [plan.Blocks[0] with { Stations = [line] }] } : plan);
}
