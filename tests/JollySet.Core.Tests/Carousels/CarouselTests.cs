using System.Collections.Immutable;
using CsCheck;
using JollySet.Core.Carousels;
using JollySet.Core.Kit;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Solving;

namespace JollySet.Core.Tests.Carousels;

/// <summary>Groups on different stations that move on together: the layout and its run.</summary>
public class CarouselTests
{
    private static readonly string[] Moves =
        ["goblet squat [heavy]", "band row", "push-up", "kettlebell deadlift [heavy]", "lateral raise [light]", "step-up", "overhead press [light]", "dead bug", "glute bridge", "floor press [heavy]", "plank", "lunge"];

    private static Timeline Ring(int stations, int rounds = 1) =>
        Sheet.Time($"# T\n== A (circuit, {rounds} rounds, work 40, rest 20)\n{string.Join('\n', Moves.Take(stations))}\n".Replace("(circuit, 1 rounds", "(circuit, 1 round", StringComparison.Ordinal));

    private static Carousel Laid(int stations, int people, string stock = "", int? groups = null, int rounds = 1)
    {
        var (carousel, why) = CarouselLayout.Of(new CarouselRequest(Ring(stations, rounds), "A", people, groups, StockLine.Read(stock).Lines, null), new CpRing());
        Assert.Null(why);
        return carousel!;
    }

    [Fact]
    public void Forty_on_twelve_stations_are_laid_out_and_the_ring_is_proven()
    {
        var carousel = Laid(12, 40, "12x10kg dumbbells, 20x3kg dumbbells, 6 bands, 4 kettlebells, 4 steps, 40 mats");
        Assert.True(carousel.Proven);
        Assert.Equal(40, carousel.People);
        Assert.Equal((12, 0), (carousel.Crews.Length, carousel.Spare));
        Assert.All(carousel.Crews, c => Assert.InRange(c.Size, 3, 4));
        Assert.True(carousel.Cost <= carousel.CostBefore);
        Assert.Equal(Enumerable.Range(1, 12), carousel.Ring.Select(b => b.Number).Order());
        Assert.Equal(Length.Seconds((12 * 40) + (11 * 20)), carousel.Length);
    }

    [Fact]
    public void No_ring_of_a_few_stations_costs_less()
    {
        var carousel = Laid(6, 12);
        var items = carousel.Ring.OrderBy(b => b.Number).Select(b => b.Item).ToImmutableArray();
        long Cost(IReadOnlyList<int> order) => order.Select((i, p) => (long)OrderMeasures.StepCost(items[i], items[order[(p + 1) % order.Count]], new OrderWeights())).Sum();
        Assert.Equal(carousel.Cost, Orders(Enumerable.Range(1, 5)).Min(o => Cost([0, .. o])));
    }

    private static IEnumerable<ImmutableList<int>> Orders(IEnumerable<int> left) =>
        left.Any() ? left.SelectMany(first => Orders(left.Where(i => i != first)).Select(rest => rest.Insert(0, first))) : [[]];

    [Theory]
    [InlineData(9, 12, "9 groups on 5 stations")]
    [InlineData(0, 12, "0 groups of 12")]
    [InlineData(4, 3, "4 groups of 3")]
    [InlineData(null, 0, "From 1 to 400")]
    [InlineData(null, 9999, "From 1 to 400")]
    public void What_cannot_be_laid_out_is_told(int? groups, int people, string says) =>
        Assert.Contains(says, CarouselLayout.Of(new CarouselRequest(Ring(5), "A", people, groups, [], null), new CpRing()).Why, StringComparison.Ordinal);

    [Fact]
    public void A_block_of_one_station_and_one_that_is_not_there_are_told()
    {
        Assert.NotNull(CarouselLayout.Of(new CarouselRequest(Ring(1), "A", 9, null, [], null), new CpRing()).Why);
        Assert.NotNull(CarouselLayout.Of(new CarouselRequest(Ring(4), "Nowhere", 9, null, [], null), new CpRing()).Why);
    }

    private static string StockOf(int count) => $"{count}x10kg dumbbells, {count}x3kg dumbbells, {count / 2} bands, {count / 3} kettlebells, {count / 4} steps";

    private static readonly Gen<(Carousel Carousel, int Rounds, ImmutableArray<StockLine> Stock)> Layouts =
        Gen.Select(Gen.Int[2, 9], Gen.Int[1, 40], Gen.Int[1, 3], Gen.Int[0, 30], Gen.Int[1, 9]).Select((stations, people, rounds, count, groups) =>
            (Laid(stations, people, StockOf(count), Math.Min(groups, Math.Min(stations, people)), rounds), rounds, StockLine.Read(StockOf(count)).Lines));

    [Fact]
    public void Nobody_is_in_two_places_and_everyone_goes_everywhere() => Layouts.Sample(laid =>
    {
        var (carousel, rounds, _) = laid;
        for (var slot = 0; slot < carousel.Slots; slot++)
            Assert.Equal(carousel.Crews.Length, Enumerable.Range(0, carousel.Crews.Length).Select(c => carousel.PlaceOf(c, slot)).Distinct().Count());
        for (var crew = 0; crew < carousel.Crews.Length; crew++)
            Assert.All(Enumerable.Range(0, carousel.Slots).GroupBy(s => carousel.PlaceOf(crew, s)), visits => Assert.Equal(rounds, visits.Count()));
    }, iter: 60);

    [Fact]
    public void No_thing_is_in_two_hands() => Layouts.Sample(laid =>
    {
        var carousel = laid.Carousel;
        var timeline = Ring(carousel.Ring.Length, laid.Rounds);
        foreach (var limited in carousel.Ring.Where(b => b.Room is not null && b.Limit.Length > 0).GroupBy(b => b.Limit))
        {
            var uses = limited.Select(b => (b.Room, Use: KitDemands.Uses(timeline, timeline.Blocks[0], b.Item.Line).First(u => u.What == limited.Key))).ToList();
            Assert.True(uses.Sum(u => u.Room!.Value * u.Use.Pieces) <= KitDemands.There(laid.Stock, uses[0].Use.Item, uses[0].Use.Size), limited.Key);
        }
    }, iter: 60);

    [Fact]
    public void Waits_add_up_and_a_second_broken_thing_never_shortens_one() => Gen.Select(Layouts, Gen.Int[0, 8], Gen.Int[0, 20], Gen.Int[0, 6]).Sample((laid, place, slot, late) =>
    {
        var carousel = laid.Carousel;
        Broken broken = new(place % carousel.Ring.Length, slot % carousel.Slots);
        LateComers[] comers = [new(late, slot % carousel.Slots)];
        var (none, one, two) = (CarouselRun.Of(carousel, comers, []), CarouselRun.Of(carousel, comers, [broken]), CarouselRun.Of(carousel, comers, [broken, broken]));
        Assert.Equal(none.Waiting, none.Slots.Select(s => s.Places.Select(p => p.Wait * p.People).Aggregate(Length.Zero, (a, b) => a + b)).Aggregate(Length.Zero, (a, b) => a + b));
        Assert.True(none.Waiting <= one.Waiting && one.Waiting <= two.Waiting);
        Assert.Equal(carousel.People + late, none.Slots[^1].Places.Sum(p => p.People));
        Assert.All(two.Slots, s => Assert.All(s.Places, p => Assert.True(p.Wait <= carousel.Slot && p.Queue <= p.People)));
    }, iter: 60);
}
