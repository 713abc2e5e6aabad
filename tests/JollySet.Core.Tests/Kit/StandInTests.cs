using CsCheck;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Kit;

/// <summary>What a thing from the house weighs and serves for, and the guess from one lift.</summary>
public class StandInTests
{
    private static readonly Filling Nothing = new(0, 0, 400, 0, 500, 0);

    [Fact]
    public void Two_litre_bottles_are_two_kilograms_a_hand_and_match()
    {
        var bottles = new StandIn(Holder.Bottle, Nothing with { Litres = 2 }, Nothing with { Litres = 2 });
        Assert.Equal((4, 2, true), (bottles.Kilograms, bottles.AHand, bottles.Matches));
        Assert.Contains("raises to the side and front", bottles.ServesFor(2));
        Assert.DoesNotContain("rows", bottles.ServesFor(2));
        Assert.Contains("differ by 0.5 kg", string.Join(' ', (bottles with { Right = Nothing with { Litres = 1.5m } }).Mind), StringComparison.Ordinal);
    }

    [Fact]
    public void A_rucksack_adds_up_and_goes_nowhere_overhead()
    {
        var sack = new StandIn(Holder.Rucksack, Nothing with { Books = 10, Tins = 4, Other = 2 }, Nothing);
        Assert.Equal(0.8m + 5 + 1.8m + 2, sack.Kilograms);
        Assert.Contains("squats and lunges", sack.ServesFor(2));
        Assert.DoesNotContain("presses overhead", sack.ServesFor(2));
    }

    [Fact]
    public void An_uneven_broom_turns_with_its_difference_times_half_its_length()
    {
        var broom = new StandIn(Holder.Broom, Nothing with { Other = 2 }, Nothing with { Other = 1 });
        Assert.Equal(3.5m, broom.Kilograms);
        Assert.Equal(6.4m, broom.Moment);
        Assert.Equal(19, broom.BalancesAt);
        Assert.Equal(0, (broom with { Right = broom.Left }).Moment);
    }

    [Theory]
    [InlineData(-1, "less than nothing")]
    [InlineData(0, "Say what goes")]
    [InlineData(900, "nobody grips it")]
    public void What_cannot_be_lifted_is_told(int kilograms, string says) =>
        Assert.Contains(says, new StandIn(Holder.Bag, Nothing with { Other = kilograms }, Nothing).Wrong(), StringComparison.Ordinal);

    private static readonly Timeline Class = Sheet.Time("# T\n== A (circuit, 2 rounds, work 40, rest 20)\ngoblet squat [heavy]\nbent-over row x10 [heavy]\noverhead press x10 [heavy]\nRomanian deadlift x10 [heavy]\nlateral raise x12 [light]\npush-up\n");

    [Fact]
    public void From_eight_kilograms_overhead_for_ten_every_loaded_move_has_a_guess()
    {
        var guesses = LoadGuide.Of(Class, 8, 10, 1, []).ToDictionary(g => g.Move, g => g.Kilograms);
        Assert.Equal(8, guesses["overhead press"]);
        Assert.True(guesses["Romanian deadlift"] > guesses["bent-over row"] && guesses["goblet squat"] > guesses["bent-over row"] && guesses["bent-over row"] > guesses["overhead press"] && guesses["overhead press"] > guesses["lateral raise"]);
        Assert.DoesNotContain("push-up", guesses.Keys);
    }

    [Fact]
    public void More_pressed_or_a_stronger_track_never_guesses_less() => Gen.Select(Gen.Int[1, 40], Gen.Int[1, 20], Gen.Int[5, 20]).Sample((mass, reps, tenths) =>
    {
        var (less, more) = (LoadGuide.Of(Class, mass, reps, tenths / 10m, []), LoadGuide.Of(Class, mass + 1, reps, (tenths + 1) / 10m, []));
        var by = more.ToDictionary(g => g.Move, g => g.Kilograms);
        Assert.All(less, g => Assert.True(g.Kilograms <= by[g.Move]));
    });

    [Fact]
    public void The_nearest_size_that_is_there_is_told() =>
        Assert.Equal(10, LoadGuide.Of(Class, 8, 10, 1, StockLine.Read("8x3kg dumbbells, 8x10kg dumbbells").Lines).First(g => g.Move == "overhead press").Nearest);
}
