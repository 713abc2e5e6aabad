using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Moves;

public sealed class NameTests
{
    private static readonly NameReader Reader = MoveLibrary.Shipped.Reader;

    /// <summary>Names as hands write them, and what a coach understands: a base, with what changes it before the dot.</summary>
    [Theory]
    [InlineData("SA DB row", "single-arm row")]
    [InlineData("One arm row", "single-arm row")]
    [InlineData("RDLs", "Romanian deadlift")]
    [InlineData("DB RDL", "Romanian deadlift")]
    [InlineData("single leg RDL", "single-leg deadlift")]
    [InlineData("B-stance deadlift", "staggered deadlift")]
    [InlineData("kickstand deadlift", "staggered deadlift")]
    [InlineData("clams", "clamshell")]
    [InlineData("press ups", "push-up")]
    [InlineData("PUSHUPS", "push-up")]
    [InlineData("goblet squats", "goblet squat")]
    [InlineData("Bulgarian split squats", "rear-foot raised split squat")]
    [InlineData("SL glute bridge", "single-leg glute bridge")]
    [InlineData("half-kneeling DB press", "half-kneeling press")]
    [InlineData("half kneeling single arm overhead press", "half-kneeling · single-arm overhead press")]
    [InlineData("overhead press, single arm, half-kneeling", "half-kneeling · single-arm overhead press")]
    [InlineData("seated shoulder press", "seated · overhead press")]
    [InlineData("alt bicep curls", "alternating · biceps curl")]
    [InlineData("lat raises", "lateral raise")]
    [InlineData("skullcrushers", "skull crusher")]
    [InlineData("KB swings", "kettlebell swing")]
    [InlineData("kettlebell deadlift", "kettlebell · deadlift")]
    [InlineData("BB bent over row", "barbell · bent-over row")]
    [InlineData("banded glute bridge", "banded · glute bridge")]
    [InlineData("bum kicks", "heel flick")]
    [InlineData("plié squats", "sumo squat")]
    [InlineData("squats w/ plate", "with a plate · squat")]
    [InlineData("goblet squat with a dumbbell", "goblet squat")]
    [InlineData("clamshell w/ band", "banded · clamshell")]
    [InlineData("dips on bench", "triceps dip")]
    [InlineData("bulgarians", "rear-foot raised split squat")]
    [InlineData("walkouts", "inchworm")]
    [InlineData("inchworm to push up", "inchworm push-up")]
    [InlineData("shadow boxing", "shadow punches")]
    [InlineData("tib raises", "tibialis raise")]
    [InlineData("nordics", "Nordic curl")]
    [InlineData("90/90 switches", "shin box")]
    [InlineData("figure 4 stretch", "glute stretch")]
    [InlineData("banded crab walk", "band side step")]
    [InlineData("squat pulses", "squat pulse")]
    [InlineData("farmer’s walk", "farmer carry")]
    [InlineData("TGU", "get-up")]
    [InlineData("Pallof press", "band press-out")]
    [InlineData("battle ropes", "battle rope wave")]
    [InlineData("rope slams", "battle rope slam")]
    [InlineData("sandbag lunges", "with a sandbag · forward lunge")]
    [InlineData("sandbag bear hug carry", "with a sandbag · bear-hug carry")]
    [InlineData("sled drag", "sled pull")]
    [InlineData("tire flips", "tyre flip")]
    [InlineData("cable face pull", "on a cable · face pull")]
    [InlineData("cable woodchop", "on a cable · wood chop")]
    [InlineData("lat pulldown machine", "on a machine · band pull-down")]
    [InlineData("seated row machine", "cable row")]
    [InlineData("bike sprint", "exercise bike")]
    [InlineData("rower", "rowing machine")]
    [InlineData("pliés", "sumo squat")]
    [InlineData("plie pulses", "sumo squat pulse")]
    [InlineData("TGU practice", "get-up")]
    [InlineData("speed squats", "fast · squat")]
    [InlineData("press ups off the bench", "hands raised · push-up")]
    [InlineData("single leg circles", "lying leg circle")]
    [InlineData("slow eccentric squat", "slow, slow · squat")]
    public void A_name_is_understood_as_a_coach_would(string written, string how)
    {
        var reading = Reader.Read(written);
        Assert.Equal((Sureness.Certain, how), (reading.Known, reading.How));
        Assert.Equal(how.Split(" · ")[^1], reading.Base);
    }

    [Theory]
    [InlineData("romanian dedlift", "Romanian deadlift")]
    [InlineData("gobelt squat", "goblet squat")]
    [InlineData("star jmps", "jumping jack")]
    [InlineData("jumping jaks", "jumping jack")]
    [InlineData("goblet squts", "goblet squat")]
    [InlineData("squts", "squat")]
    [InlineData("seated marhcing", "seated march")]
    [InlineData("hammers", "hammer curl")]
    [InlineData("bicep crls", "biceps curl")]
    [InlineData("seated row", "band row")]
    [InlineData("bench", "bench press")]
    [InlineData("overhaed press", "overhead press")]
    public void A_slip_is_asked_about_with_the_first_choice_named(string written, string meant)
    {
        var reading = Reader.Read(written);
        Assert.Equal((Sureness.Likely, meant), (reading.Known, reading.Base));
        Assert.Equal(meant, reading.Nearest[0]);
    }

    [Theory]
    [InlineData("flying saucer")]
    [InlineData("barbell push-up")]
    [InlineData("seated plank")]
    [InlineData("half-kneeling squat")]
    [InlineData("two eggs, 200 g flour")]
    [InlineData("for (var i = 0; i < 10; i++)")]
    [InlineData("…")]
    [InlineData("приседания")]
    [InlineData("the hall")]
    [InlineData("keep score")]
    public void What_nobody_knows_is_never_certain(string written) => Assert.Equal(Sureness.Unknown, Reader.Read(written).Known);

    public static TheoryData<string> Names => [.. MoveLibrary.Shipped.All.SelectMany(m => m.Also.Prepend(m.Name))];

    [Theory]
    [MemberData(nameof(Names))]
    public void Every_name_is_understood_however_it_is_joined_and_spelled(string name)
    {
        var move = MoveLibrary.Shipped.Find(name);
        foreach (var written in new[] { name.ToUpperInvariant(), name.Replace('-', ' '), name.Replace("-", "", StringComparison.Ordinal), $"the {name}", $"  {name}. ", name.Replace(' ', '-') })
            Assert.Equal((Sureness.Certain, move), (Reader.Read(written).Known, Reader.Read(written).Move));
    }

    /// <summary>Whatever a modifier makes of a move, its facts hold together.</summary>
    [Fact]
    public void A_modifier_never_makes_a_move_that_contradicts_itself() => Assert.All(
        from move in MoveLibrary.Shipped.All
        from modifier in Modifiers.All
        let changed = modifier.Rule(move)
        where changed is not null
        select (move, modifier, changed), made =>
        {
            var (move, modifier, changed) = made;
            Assert.All(changed.Muscles, m => Assert.Contains(m.Share, new[] { 0.25m, 0.5m, 1m }));
            Assert.Equal(changed.Muscles.Length, changed.Muscles.Select(m => m.Muscle).Distinct().Count());
            // A grip or a raised foot may shift who leads; nothing else does, and somebody always leads.
            if (!Shifting.Contains(modifier.Says))
                Assert.Equal(move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle), changed.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle));
            Assert.Equal(move.Muscles.Any(m => m.Share == 1), changed.Muscles.Any(m => m.Share == 1));
            Assert.All(changed.Kit, item => Assert.Contains(item, KitList.Known));
            Assert.All(changed.Around, way => Assert.Contains(way.Key, Needs.Ways));
            Assert.True(changed.Load == LoadClass.None || changed.Kit.Any(i => KitList.IsLoad(i)) || move.Load == changed.Load, $"{modifier.Says} {move.Name} is loaded with nothing");
            // The same word twice says no more than once.
            Assert.Equal(string.Join(", ", changed.Kit), string.Join(", ", (modifier.Rule(changed) ?? changed).Kit));
        });

    private static readonly string[] Shifting = ["close grip", "wide grip", "feet raised", "front foot raised", "heels raised"];

    [Theory]
    [InlineData("goblet reverse lunge", "reverse lunge", "goblet")]
    [InlineData("Overhead Walking Lunges", "walking lunge", "overhead")]
    [InlineData("front-rack lunge", "forward lunge", "front rack")]
    [InlineData("suitcase squats", "squat", "suitcase")]
    [InlineData("squat and reach", "squat with reach", "")]
    [InlineData("burpee into push up", "push-up burpee", "")]
    [InlineData("KB figure 8", "figure-eight pass", "")]
    [InlineData("trap bar deadlift", "deadlift", "barbell")]
    [InlineData("elevated glute bridge", "glute bridge", "feet raised")]
    [InlineData("narrow press ups", "push-up", "close grip")]
    [InlineData("superman hold", "superman", "held")]
    [InlineData("mini squats", "squat", "smaller range")]
    [InlineData("partial push-ups", "push-up", "smaller range")]
    [InlineData("long-lever glute bridge", "glute bridge", "long-lever")]
    [InlineData("straight leg sit-ups", "sit-up", "straight-leg")]
    [InlineData("deficit reverse lunges", "reverse lunge", "deficit")]
    [InlineData("toes out squat", "squat", "toes out")]
    [InlineData("see-saw row", "bent-over row", "see-saw")]
    [InlineData("contralateral single-leg deadlift", "single-leg deadlift", "opposite arm")]
    [InlineData("broom overhead press", "overhead press", "with a broom")]
    [InlineData("weighted sit-ups", "sit-up", "weighted")]
    [InlineData("shoulder taps on knees", "shoulder tap", "on the knees")]
    [InlineData("calf raises on a pad", "calf raise", "on a pad")]
    [InlineData("half kneeling one arm press", "single-arm overhead press", "half-kneeling")]
    [InlineData("wide-grip pull-up", "pull-up", "wide grip")]
    [InlineData("neutral grip DB floor press", "floor press", "neutral grip")]
    [InlineData("close grip press-ups", "push-up", "close grip")]
    [InlineData("explosive push up", "push-up", "explosive")]
    [InlineData("squat with twist", "squat", "with rotation")]
    [InlineData("heels elevated goblet squat", "goblet squat", "heels raised")]
    [InlineData("chest supported wide row", "wide row", "chest-supported")]
    [InlineData("isometric split squat", "split squat", "held")]
    [InlineData("rucksack good mornings", "rucksack good morning", "")]
    [InlineData("B-stance RDL", "staggered deadlift", "")]
    [InlineData("single leg hip thrusts", "single-leg hip thrust", "")]
    [InlineData("eyes closed single leg stand", "single-leg stand", "eyes closed")]
    [InlineData("backpack reverse lunge", "reverse lunge", "with a rucksack")]
    [InlineData("feet elevated glute bridge", "glute bridge", "feet raised")]
    [InlineData("bicep curls to press", "curl to press", "")]
    [InlineData("Pallof presses", "band press-out", "")]
    [InlineData("TGU", "get-up", "")]
    [InlineData("thrusters", "squat to press", "")]
    [InlineData("jumping lunges", "lunge jump", "")]
    [InlineData("KB halo", "halo", "kettlebell")]
    [InlineData("box jumps", "box jump", "")]
    [InlineData("wall balls", "wall ball", "")]
    [InlineData("clams", "clamshell", "")]
    [InlineData("figure four stretch", "glute stretch", "")]
    [InlineData("dead hangs", "dead hang", "")]
    [InlineData("monster walks", "monster walk", "")]
    public void A_name_with_what_changes_it_is_certain(string written, string of, string how)
    {
        var reading = Reader.Read(written);
        Assert.Equal((Sureness.Certain, of), (reading.Known, reading.Base));
        if (how.Length > 0 && !(how == "kettlebell" && reading.Modifiers.IsEmpty))
            Assert.Contains(how, reading.Modifiers);
    }

    [Theory]
    [InlineData("overhead plank")]
    [InlineData("jumping bench press")]
    [InlineData("goblet plank")]
    [InlineData("twisting calf stretch")]
    [InlineData("explosive child's pose")]
    [InlineData("wide grip squat")]
    [InlineData("planks and press ups")]
    [InlineData("squats and presses")]
    [InlineData("press-ups and plank")]
    public void What_makes_no_sense_is_not_certain(string written) => Assert.NotEqual(Sureness.Certain, Reader.Read(written).Known);

    [Fact]
    public void Any_text_is_read_quickly_and_without_harm() => Gen.OneOf(PlanGen.Texts, Gen.String).Sample(text => Assert.Equal(text, Reader.Read(text).Text));

    [Fact]
    public void A_move_of_the_classs_own_keeps_its_name_whatever_else_it_could_mean()
    {
        var plan = Sheet.Read("# T\n== A (circuit, work 40)\nnew: seated shoulder press (like plank)\nseated shoulder press\nnew: banded squat\nbanded squat\n");
        Assert.Equal(["plank", "plank", null, null], TimelineBuilder.Build(plan).Sets.Select(s => s.Facts.Move?.Name));
    }

    [Fact]
    public void A_short_name_that_may_mean_several_is_asked_and_never_certain()
    {
        foreach (var (move, name) in MoveLibrary.Shipped.All.SelectMany(m => m.Asked.Select(name => (m, name))))
        {
            var reading = MoveLibrary.Shipped.Reader.Read(name);
            Assert.True(reading.Known == Sureness.Likely, $"{name} is {reading.Known}");
            Assert.Contains(move.Name, reading.Nearest);
            Assert.Equal(reading.Meant, reading.Nearest[0]);
        }

        Assert.Equal("triceps dip", MoveLibrary.Shipped.Reader.Read("dips").Meant);
    }
}
