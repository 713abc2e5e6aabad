using CsCheck;
using JollySet.Core.Checks;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Kit;

/// <summary>What a class needs for a headcount, against what there is.</summary>
public class KitDemandTests
{
    private static string Demands(Timeline timeline, int people, string stock) =>
        string.Join("; ", KitDemands.Of(timeline, people, StockLine.Read(stock).Lines).Select(d => $"{d.What} {d.Needed}/{(d.There is { } n ? $"{n}" : "?")} short {d.Short}"));

    private static Timeline Deck(string notes = "") => Sheet.Time($"# T\n== A (circuit, 2 rounds, work 40, rest 20)\n{notes}squat [heavy dumbbells]\nbiceps curl [light]\nstep-up | kit: step\n");

    [Fact]
    public void Everyone_at_a_station_at_once_has_their_own() =>
        Assert.Equal("heavy dumbbells 44/12 short 32; light dumbbells 44/50 short 0; step 22/? short 0", Demands(Deck(), 22, "12x10kg dumbbells, 50x3kg dumbbells, step"));

    [Theory]
    [InlineData("note: shared by two\n", 22)]
    [InlineData("note: half and half\n", 22)]
    [InlineData("note: as a carousel\n", 16)]
    [InlineData("note: shared by a few\n", 44)]
    public void A_note_says_how_a_block_is_shared(string note, int dumbbells) =>
        Assert.Equal(dumbbells, KitDemands.Of(Deck(note), 22, [])[0].Needed);

    [Theory]
    [InlineData("", 44)]
    [InlineData("note: shared by two\n", 22)]
    [InlineData("note: half and half\n", 44)]
    [InlineData("note: as a carousel\n", 30)]
    public void What_two_stations_hold_at_once_is_needed_for_both(string note, int dumbbells)
    {
        // Groups of eight, seven and seven, two pieces each, on two of three stations.
        var timeline = Sheet.Time($"# T\npeople: 22\nkit: {dumbbells - 1} heavy dumbbells\n== A (circuit, 2 rounds, work 40, rest 20)\n{note}squat [heavy dumbbells]\nbent-over row [heavy dumbbells]\nplank\n");
        Assert.Equal(dumbbells, KitDemands.Of(timeline, 22, [])[0].Needed);
        Assert.Contains($"{dumbbells} are needed at once", Review.Of(timeline).Single(f => f.Code == "kit-short").Message, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("12x8kg dumbbells", "dumbbells", "8 kg", 12)]
    [InlineData("6 pairs of light dumbbells", "dumbbells", "light", 12)]
    [InlineData("8x20lb kettlebells", "kettlebell", "9.07 kg", 8)]
    [InlineData("40 mats", "mat", "", 40)]
    [InlineData("step", "step", "", null)]
    [InlineData("2 traffic cones", "2 traffic cones", "", 2)]
    public void A_thing_is_read_as_it_is_written(string written, string item, string size, int? pieces)
    {
        var line = StockLine.Of(written);
        Assert.Equal((item, size, pieces), (line.Item, line.Size, line.Pieces));
    }

    [Theory]
    [InlineData("-1 mats", "none or more")]
    [InlineData("4x0kg dumbbells", "more than nothing")]
    [InlineData("2x900kg dumbbells", "at most 200")]
    [InlineData("90000 mats", "at most 2000")]
    public void What_cannot_be_is_told(string written, string says)
    {
        Assert.Contains(says, Assert.Single(StockLine.Read($"6 steps\n{written}").Wrong), StringComparison.Ordinal);
        Assert.Single(StockLine.Read($"6 steps\n{written}").Lines);
    }

    [Fact]
    public void What_is_counted_reads_back() => Gen.Select(Gen.OneOf("dumbbells", "kettlebell", "mat", "step"), Gen.Int[0, 60].Nullable(), Gen.Int[1, 40].Nullable()).Array[0, 6].Sample(lines =>
    {
        System.Collections.Immutable.ImmutableArray<StockLine> stock = [.. lines.Select(l => new StockLine(l.Item1, l.Item3, null, l.Item2))];
        Assert.Equal(stock.ToList(), StockLine.Read(KitText.Of(stock)).Lines.ToList());
    });

    [Fact]
    public void More_people_never_need_less_and_more_kit_is_never_shorter() => Gen.Select(PlanGen.Plans, Gen.Int[1, 60], Gen.Int[0, 80]).Sample((plan, people, count) =>
    {
        var timeline = TimelineBuilder.Build(plan);
        System.Collections.Immutable.ImmutableArray<StockLine> Stock(int n) => [new("dumbbells", 5, null, n), new("mat", null, null, n), new("step", null, null, n)];
        var (few, many) = (KitDemands.Of(timeline, people, Stock(count)), KitDemands.Of(timeline, people + 3, Stock(count)));
        Assert.Equal(few.Select(d => d.What), many.Select(d => d.What));
        Assert.All(few.Zip(many), p => Assert.True(p.First.Needed <= p.Second.Needed));
        Assert.All(few.Zip(KitDemands.Of(timeline, people, Stock(count + 5))), p => Assert.True(p.Second.Short <= p.First.Short));
    });

    [Fact]
    public void Each_way_out_leaves_less_needed_and_is_undone_by_everyone_having_their_own()
    {
        var timeline = TimelineBuilder.Build(Ids.Given(Deck().Plan));
        var stock = StockLine.Read("12x10kg dumbbells, 60x3kg dumbbells, 30 steps").Lines;
        var demand = KitDemands.Of(timeline, 22, stock)[0];
        var ways = KitWaysOut.For(timeline, demand, 22, stock);
        Assert.Equal(["Swap", "Share", "Half and half", "Carousel"], ways.Select(w => w.Kind).OrderBy(k => k == "Swap" ? 0 : k == "Share" ? 1 : k == "Half and half" ? 2 : 3));
        foreach (var way in ways)
        {
            var after = KitDemands.Of(TimelineBuilder.Build(way.Edit.Apply(timeline.Plan).Plan!), 22, stock).FirstOrDefault(d => d.What == demand.What);
            Assert.Equal(way.Needed, after?.Needed ?? 0);
            Assert.True(way.Needed < demand.Needed);
            Assert.Equal(way.Needed, way.After?.Needed ?? 0);
            Assert.Equal(way.Edit.Apply(timeline.Plan).Plan!.Title, way.Then.Plan.Title);
        }

        var shared = ways.First(w => w.Kind == "Share").Edit.Apply(timeline.Plan).Plan!;
        Assert.Empty(new Core.Edits.ShareKit(shared.Blocks[0].Id, Sharing.None).Apply(shared).Plan!.Blocks[0].Notes);
    }

    [Fact]
    public void A_way_out_tells_what_else_would_be_short_then_and_those_that_make_nothing_else_short_come_first()
    {
        // On two of three stations of a carousel: a kettlebell each in place of the dumbbells, where kettlebells swing already.
        var timeline = TimelineBuilder.Build(Ids.Given(Sheet.Time("# Narrow\n== A (circuit, 2 rounds, work 40, rest 20, between 60)\nnote: as a carousel\nbent-over row [heavy dumbbells]\nkettlebell swing [heavy kettlebell]\nplank").Plan));
        var stock = StockLine.Read("4 dumbbells, 5 kettlebells").Lines;
        var demand = KitDemands.Of(timeline, 12, stock).Single(d => d.Item == "dumbbells");
        var ways = KitWaysOut.For(timeline, demand, 12, stock);
        var stoodIn = ways.Single(w => w.Kind == "Stand-in");
        Assert.Equal(("kettlebell", 3), (stoodIn.Others.SingleOrDefault()?.Item, stoodIn.Others.SingleOrDefault()?.Short));
        Assert.Equal(ways.OrderBy(w => w.Needed > 4).ThenBy(w => w.Others.Sum(o => o.Short)).Select(w => w.Kind), ways.Select(w => w.Kind));
    }
}
