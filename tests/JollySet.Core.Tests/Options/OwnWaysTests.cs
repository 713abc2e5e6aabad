using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Options;

public sealed class OwnWaysTests
{
    private static OwnWay Line(string line, params string[] needs) =>
        OwnWays.Of(Sheet.Time($"# T\n== A (circuit, work 40)\nsquat\n{line}\n"), needs)[1];

    [Fact]
    public void A_harder_way_that_jumps_is_told_to_trouble_those_who_do_not_though_the_planned_one_is_fine()
    {
        var way = Line("squat | harder: squat jump", "no jumping", "wrists");
        Assert.Equal("no jumping", Assert.Single(way.Harder.Troubles));
        Assert.Equal(CoverKind.Fine, way.Needs.Single(n => n.Need == "no jumping").State);
    }

    [Fact]
    public void A_way_round_one_need_tells_which_others_it_troubles()
    {
        var way = Line("burpee | for knees: push-up | for wrists: dead bug", "knees", "wrists");
        Assert.Equal("wrists", Assert.Single(way.Needs[0].Way.Troubles));
        Assert.Empty(way.Needs[1].Way.Troubles);
    }

    [Theory]
    [InlineData("push-up | for wrists: \"my own way\"", "wrists", false)]
    [InlineData("push-up | easier: \"my own way\"", "wrists", true)]
    [InlineData("push-up | easier: slower", "wrists", true)]
    [InlineData("goblet squat | easier: slower", "wrists", false)]
    [InlineData("goblet squat | easier: xyzzy thing", "wrists", true)]
    public void Own_words_are_believed_for_what_they_are_named_for_and_what_nobody_knows_for_nothing(string line, string need, bool troubles)
    {
        var way = Line(line, need);
        Assert.Equal(troubles, way.Needs[0].State != CoverKind.Covered && way.Easier.Troubles.Contains(need));
    }

    /// <summary>Over the whole library: no way that is said to trouble nothing is a move that troubles the need by its own facts.</summary>
    [Fact]
    public void No_move_that_troubles_a_need_is_told_to_spare_it()
    {
        var harder = MoveLibrary.Shipped.All.Where(m => m.Harder.Length > 0 && MoveLibrary.Shipped.Find(m.Harder) is not null && !m.IsStretch).ToList();
        Assert.True(harder.Count > 100);
        foreach (var chunk in harder.Chunk(40))
        {
            var timeline = Sheet.Time("# T\n== A (circuit, work 40)\n" + string.Concat(chunk.Select(m => $"{m.Name} | harder: {m.Harder}\n")));
            var ways = OwnWays.Of(timeline, [.. Needs.Ways]);
            for (var i = 0; i < chunk.Length; i++)
                foreach (var need in Needs.Ways.Where(n => MoveLibrary.Shipped.Find(chunk[i].Harder)!.Troubles(n) && n != "no kit"))
                    Assert.Contains(need, ways[i].Harder.Troubles);
        }
    }
}
