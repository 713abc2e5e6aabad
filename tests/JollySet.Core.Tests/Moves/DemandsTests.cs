using JollySet.Core.Building;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Moves;

/// <summary>What moves ask of a body, what kit there is, and what is better asked about first.</summary>
public class DemandsTests
{
    private static Move Named(string name) => MoveLibrary.Shipped.Find(name)!;

    [Theory]
    [InlineData("jump squat", true, false, false)]
    [InlineData("single-leg deadlift", false, true, false)]
    [InlineData("reverse lunge", false, false, false)]
    [InlineData("kettlebell swing", false, false, true)]
    [InlineData("get-up", false, false, true)]
    [InlineData("squat", false, false, false)]
    [InlineData("quad stretch", false, false, false)]
    public void Jumps_balance_and_skill_are_told_apart(string name, bool jump, bool balance, bool skill) =>
        Assert.Equal((jump, balance, skill), (Named(name).IsJump(), Named(name).IsBalance(), Named(name).IsSkill()));

    [Theory]
    [InlineData("goblet squat", true)]
    [InlineData("bent-over row", true)]
    [InlineData("biceps curl", false)]
    [InlineData("plank", false)]
    public void Big_moves_load_several_large_muscles(string name, bool big) => Assert.Equal(big, Named(name).IsBig());

    [Theory]
    [InlineData("12x8kg dumbbells", 12)]
    [InlineData("6 pairs of dumbbells", 12)]
    [InlineData("8kg dumbbells", null)]
    [InlineData("two bottles", 2)]
    [InlineData("20 mats", 20)]
    [InlineData("no kettlebells", 0)]
    [InlineData("light dumbbells", null)]
    public void An_entry_of_kit_says_how_many_or_does_not(string written, int? pieces) => Assert.Equal(pieces, KitStock.Of(written).Pieces);

    [Theory]
    [InlineData("goblet squat", "dumbbell 1")]
    [InlineData("biceps curl", "dumbbells 2")]
    [InlineData("biceps curl [1 heavy]", "dumbbells 1")]
    [InlineData("goblet squat [none]", "")]
    [InlineData("step-up [none]", "step 1")]
    [InlineData("wall push-up", "")]
    public void A_station_needs_so_much_for_one_person(string line, string needs) =>
        Assert.Equal(needs, string.Join(", ", KitUse.Of(Sheet.Time(Sheet.OneBlock("circuit, work 40", line))).Select(u => $"{u.Item} {u.Pieces}")));

    [Theory]
    [InlineData("pregnancy", "glute bridge", true)]
    [InlineData("pregnancy", "single-leg stand", true)]
    [InlineData("pregnancy", "goblet squat", false)]
    [InlineData("after birth", "jump squat", true)]
    [InlineData("after birth", "plank", true)]
    [InlineData("high blood pressure", "plank", true)]
    [InlineData("high blood pressure", "squat", false)]
    [InlineData("fragile bones", "crunch", true)]
    [InlineData("knees", "squat", false)]
    public void The_usual_ways_speak_against_some_moves(string need, string move, bool against) =>
        Assert.Equal(against, AskFirst.SpeaksAgainst(new Brief { Needs = [need] }, Named(move)));

    [Theory]
    [InlineData(15, false, "Regular", 3)]
    [InlineData(30, false, "Regular", 5)]
    [InlineData(40, true, "Regular", 8)]
    [InlineData(20, true, "Regular", 5)]
    [InlineData(8, false, "Regular", 2)]
    [InlineData(20, false, "OlderAdults", 4.5)]
    [InlineData(15, false, "OlderAdults", 3.75)]
    [InlineData(60, true, "OlderAdults", 12)]
    public void A_warm_up_has_its_least_minutes(int minutes, bool more, string audience, double least) =>
        Assert.Equal(Length.Minutes((decimal)least), WarmUps.Least(Length.Minutes(minutes), [Enum.Parse<Audience>(audience)], HouseRules.Shipped, more));

    [Fact]
    public void A_way_that_the_class_has_no_kit_for_gives_way_to_less_range()
    {
        var (chair, facts) = (new MoveWay("squat to chair"), new JollySet.Core.Timing.Facts(new ClassPlan("", new Brief()), Studio.Shipped));
        Assert.Equal(chair, NeedWays.There(chair, new Brief { Kit = ["chair"] }, facts));
        Assert.Equal(new AdjustedWay(Adjustment.SmallerRange), NeedWays.There(chair, new Brief { Kit = ["mat"] }, facts));
        Assert.Equal(new AdjustedWay(Adjustment.SmallerRange), NeedWays.There(chair, new Brief(), facts));
    }
}
