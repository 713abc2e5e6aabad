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
    public void Where_one_way_spares_all_that_is_troubled_it_comes_first() => Gen.Select(Gen.Int[0, MoveLibrary.Shipped.All.Length - 1], Gen.OneOf(Needs.Ways.ToArray()).Array[2, 4]).Sample((at, wishes) =>
    {
        var move = MoveLibrary.Shipped.All.ElementAt(at);
        var needs = wishes.Distinct().Where(move.Troubles).ToList();
        if (needs.Count < 2)
            return;
        var timeline = TimelineBuilder.Build(ClassOf(Station.Of(move.Name)));
        var ways = RoundWays.For(timeline, timeline.Plan.Blocks[0].Stations[0], needs[0], needs);
        decimal Whole(Move m) => m.Muscles.Sum(x => x.Share);
        decimal Shared(Move m) => move.Muscles.Sum(x => Math.Min(x.Share, m.Muscles.FirstOrDefault(y => y.Muscle == x.Muscle).Share));
        var one = MoveLibrary.Shipped.All.FirstOrDefault(m => m.Name != move.Name && m.Pattern == move.Pattern && m.Kit.IsEmpty && m.Impact <= Impact.Low && !needs.Exists(m.Troubles) && Whole(move) > 0 && Shared(m) >= Whole(move) / 2);
        if (one is not null)
            Assert.True(needs.TrueForAll(n => ways[0].Way is WordsWay words ? move.Around[Needs.Named(n)] == $"\"{words.Words}\"" : Proven.Spares(ways[0].Way, n, move, timeline.Facts)), $"{move.Name} for {string.Join(", ", needs)}: {Words.Of(ways[0].Way)}, and {one.Name} spares all");
    });

    [Fact]
    public void Words_that_the_library_writes_for_each_of_the_needs_come_before_a_move_that_is_only_found()
    {
        var timeline = Of("wrists, no floor", "inchworm");
        var ways = RoundWays.For(timeline, timeline.Plan.Blocks[0].Stations[0], "wrists");
        Assert.IsType<WordsWay>(ways[0].Way);
        Assert.Contains("for no floor too", ways[0].Says);
    }

    [Fact]
    public void Who_has_two_needs_is_given_one_way_where_there_is_one()
    {
        var timeline = Of("wrists, no floor", "push-up", "bear hold");
        var closed = TimelineBuilder.Build(Net.Close(timeline, timeline.Plan.Brief.Needs)!.Apply(timeline.Plan).Plan!);
        var track = new Track(Audience.Regular, ["wrists", "no floor"]).Of(closed);
        Assert.All(track.Changes, c => Assert.False(closed.Facts.MoveOf(c.Way) is { } m && (m.Troubles("wrists") || m.Troubles("no floor")), c.Way));
        Assert.NotEmpty(track.Changes);
    }

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
