using CsCheck;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Core.Tests.Drawing;

/// <summary>Two states of a class on one line.</summary>
public class TwoBuntingsTests
{
    private static readonly ClassPlan Class = Ids.Given(Sheet.Read("# Deck\n== Deck (circuit, 2 rounds, work 40, rest 20)\nsquat\npush-up\nbent-over row\n== Quay (circuit, 1 round, work 30, rest 10)\nplank\n"));

    private static List<TwoRopes> After(params PlanEdit[] edits) => After(Class, edits);

    private static List<TwoRopes> After(ClassPlan plan, params PlanEdit[] edits) =>
        [.. TwoBuntings.Of(TimelineBuilder.Build(plan), TimelineBuilder.Build(edits.Aggregate(plan, (p, e) => e.Apply(p).Plan!)))];

    [Fact]
    public void A_class_beside_itself_shows_nothing() => PlanGen.Plans.Sample(plan =>
        Assert.Empty(TwoBuntings.Of(TimelineBuilder.Build(plan), TimelineBuilder.Build(plan))));

    [Fact]
    public void Only_what_changed_is_drawn_with_its_rounds_and_length()
    {
        var row = Assert.Single(After(new SetBlockSetting(Class.Blocks[0].Id, "rounds", "3")));
        Assert.Equal(("Deck", 2, 3), (row.Block, row.Was!.Rounds, row.Then!.Rounds));
        Assert.Equal(Length.Seconds(180), row.Then.Length - row.Was.Length);
        Assert.DoesNotContain("strand", row.Svg, StringComparison.Ordinal);
    }

    [Fact]
    public void Strands_lead_from_where_a_flag_was_to_where_it_hangs()
    {
        var row = Assert.Single(After(new MoveStation(Class.Blocks[0].Stations[2].Id, 0)));
        Assert.Equal(3, row.Svg.Split("class=\"strand\"").Length - 1);
    }

    [Fact]
    public void A_block_that_is_gone_comes_last_without_cloth()
    {
        var row = Assert.Single(After(new RemoveBlock(Class.Blocks[0].Id)));
        Assert.Null(row.Then);
        Assert.DoesNotContain("weave", row.Svg, StringComparison.Ordinal);
        Assert.Equal(3, row.Svg.Split("class=\"cloth").Length - 1);
    }

    [Fact]
    public void What_becomes_of_the_blocks_adds_up_to_what_becomes_of_the_class() => Gen.Select(PlanGen.Plans, Gen.Int[0, 40], Gen.Int[0, 2]).Sample((plan, at, way) =>
    {
        var before = Ids.Given(plan);
        var block = before.Blocks[at % before.Blocks.Length];
        PlanEdit edit = way switch { 0 => new RemoveBlock(block.Id), 1 => new SetBlockSetting(block.Id, "rounds", "4"), _ => new SetBlockSetting(block.Id, "rest", "35") };
        if (edit.Apply(before).Plan is not { } after)
            return;
        var (was, then) = (TimelineBuilder.Build(before), TimelineBuilder.Build(after));
        Assert.Equal(then.Length - was.Length, TwoBuntings.Of(was, then).Sum(r => (r.Then?.Length ?? Length.Zero) - (r.Was?.Length ?? Length.Zero)));
    });
}
