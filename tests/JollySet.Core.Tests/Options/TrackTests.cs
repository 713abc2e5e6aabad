using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Options;

/// <summary>The class as each of the people who come does it.</summary>
public class TrackTests
{
    private static readonly Timeline Class = Sheet.Time("""
        # T
        audience: newcomer, regular
        focus: full body
        needs: knees
        == A (circuit, 3 rounds, work 40, rest 20)
        goblet squat [heavy] | easier: squat to chair | harder: jump squat | for knees: glute bridge
        push-up x10 | easier: knee push-up
        bent-over row x10 [heavy] | easier: no load
        plank

        """);

    private static string Does(Audience who, params string[] needs) =>
        string.Join(", ", new Track(who, [.. needs]).Of(Class).Timeline.Plan.Blocks[0].Stations.Select(s => Facts.NameOf(s.Doing)));

    [Theory]
    [InlineData(Audience.Newcomer, "", "squat to chair, knee push-up, bent-over row, plank")]
    [InlineData(Audience.Regular, "", "goblet squat, push-up, bent-over row, plank")]
    [InlineData(Audience.Strong, "", "jump squat, push-up, bent-over row, plank")]
    [InlineData(Audience.Strong, "knees", "glute bridge, push-up, bent-over row, plank")]
    [InlineData(Audience.Newcomer, "knees", "glute bridge, push-up, bent-over row, plank")]
    public void Each_does_what_is_named_for_them(Audience who, string need, string does) =>
        Assert.Equal(does, need.Length == 0 ? Does(who) : Does(who, need));

    [Fact]
    public void A_harder_way_that_troubles_a_need_is_not_taken() =>
        Assert.StartsWith("goblet squat", string.Join(", ", new Track(Audience.Strong, ["no jumping"]).Of(Class).Timeline.Plan.Blocks[0].Stations.Select(s => Facts.NameOf(s.Doing))), StringComparison.Ordinal);

    [Fact]
    public void What_differs_is_told_and_nothing_else_is()
    {
        var track = new Track(Audience.Newcomer, []).Of(Class);
        Assert.Equal(["1: squat to chair (easier)", "2: knee push-up (easier)", "3: no load (easier)"], track.Changes.Select(c => $"{c.Number}: {c.Way} ({c.For})"));
        Assert.Same(Class, new Track(Audience.Regular, []).Of(Class).Timeline);
    }

    [Fact]
    public void Only_pairs_that_are_level_as_planned_tip_for_a_track()
    {
        var level = Sheet.Time("# T\nfocus: full body\n== A (circuit, 4 rounds, work 40, rest 20)\npush-up\nbent-over row | easier: march on the spot\nsquat\nRomanian deadlift\n");
        Assert.Contains(new Track(Audience.Newcomer, []).Of(level).Tipped(level), s => s.Heavier is "chest" or "push");
        Assert.Empty(new Track(Audience.Regular, []).Of(level).Tipped(level));
    }

    [Fact]
    public void No_track_is_given_what_troubles_it_where_the_net_is_closed() => Gen.Select(PlanGen.Plans, Gen.OneOf(Needs.Ways.ToArray()), Gen.Enum<Audience>()).Sample((plan, need, who) =>
    {
        var timeline = TimelineBuilder.Build(Ids.Given(plan));
        var track = new Track(who, [need]).Of(timeline);
        foreach (var (before, after) in timeline.Plan.Blocks.SelectMany(b => b.Stations).Zip(track.Timeline.Plan.Blocks.SelectMany(b => b.Stations)))
        {
            Assert.Equal(before.Amount, after.Amount);
            // What is said to be done without a load needs no kit.
            if (Cover.Of(before, need, timeline.Facts) is { Kind: CoverKind.Covered, Way: MoveWay } && after.Doing is OneMove one && !(need == "no kit" && after.Load?.Rounds is [{ Level: LoadLevel.None }]))
                Assert.False(track.Timeline.Facts.MoveOf(one.Name)?.Troubles(need) == true, $"{one.Name} for {need}");
        }
    });

    [Fact]
    public void Of_two_needs_a_way_that_spares_both_is_taken()
    {
        var timeline = Sheet.Time("# T\nneeds: knees, wrists\n== A (circuit, work 40)\nsquat\nburpee | for knees: push-up | for wrists: dead bug\n");
        var taken = new Track(Audience.Regular, ["knees", "wrists"]).Of(timeline).Changes;
        Assert.Equal("dead bug", taken.Single(c => c.Number == 2).Way);
    }

    [Fact]
    public void The_people_named_and_each_need_are_the_tracks() =>
        Assert.Equal(["newcomer", "regular", "regular with knees"], Core.Options.Tracks.Of(Class.Plan.Brief).Select(t => t.Name));
}
