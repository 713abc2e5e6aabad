using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Moves;

/// <summary>Names of which each part is a name, and names that say the same by other words.</summary>
public sealed class CombinedNameTests
{
    private static readonly MoveLibrary Library = MoveLibrary.Shipped;

    [Theory]
    [InlineData("reverse lunge to bicep curl", "reverse lunge + biceps curl")]
    [InlineData("lateral lunge to upright row", "side lunge + upright row")]
    [InlineData("curtsy lunge with lateral raise", "curtsy lunge + lateral raise")]
    [InlineData("push up to shoulder tap", "push-up + shoulder tap")]
    [InlineData("sit-up with press", "sit-up + overhead press")]
    [InlineData("goblet squat into upright row", "goblet squat + upright row")]
    [InlineData("reverse lunge to curl to press", "reverse lunge + curl to press")]
    [InlineData("down dog to cobra", "downward dog + cobra")]
    public void Two_moves_in_a_rep_are_one(string written, string how)
    {
        var reading = Library.Reader.Read(written);
        Assert.Equal((Sureness.Certain, how), (reading.Known, reading.How));
        Assert.True(reading.Move!.Tags.IsCombined && reading.Moves == 2);
    }

    [Theory]
    [InlineData("push-ups to knee push-ups")]
    [InlineData("squats to sit to stand")]
    [InlineData("sit-ups to crunches")]
    [InlineData("squats to jump squats")]
    [InlineData("glute bridges to pelvic tilts")]
    [InlineData("tricep extensions with bicep curls")]
    [InlineData("squats to failure")]
    [InlineData("squats and presses")]
    [InlineData("squat to rest")]
    [InlineData("goblet squats and")]
    [InlineData("lunges rows")]
    [InlineData("to catch your breath")]
    [InlineData("squat rack")]
    [InlineData("run to the bench")]
    [InlineData("row of chairs")]
    [InlineData("step into the light")]
    [InlineData("fast")]
    [InlineData("pose for a photo")]
    [InlineData("chair yoga")]
    public void What_is_a_way_of_the_other_a_pair_or_no_move_is_not_one(string written) => Assert.NotEqual(Sureness.Certain, Library.Reader.Read(written).Known);

    [Theory]
    [InlineData("squat lateral raise", "squat to lateral raise")]
    [InlineData("clean front squat press", "clean to front squat to press")]
    [InlineData("banded hamstring curls", "band standing hamstring curl")]
    [InlineData("close grip bench", "close grip bench press")]
    public void Parts_side_by_side_and_short_names_with_a_modifier_are_asked_by_a_name_that_is_certain(string written, string meant)
    {
        var reading = Library.Reader.Read(written);
        Assert.Equal(Sureness.Likely, reading.Known);
        Assert.Equal(Sureness.Certain, Library.Reader.Read(reading.Meant).Known);
        if (meant != "band standing hamstring curl")
            Assert.Equal(meant, reading.Meant);
        Assert.NotEmpty(reading.Nearest);
    }

    [Theory]
    [InlineData("plank with reach", "plank reach")]
    [InlineData("side plank with leg lift", "side plank leg lift")]
    [InlineData("front leg raise on all fours", null)]
    [InlineData("Swiss ball crunch", "ball crunch")]
    [InlineData("gym ball hamstring curl", "ball hamstring curl")]
    [InlineData("med ball slam", "ball slam")]
    [InlineData("med ball Russian twist", "with a ball · Russian twist")]
    [InlineData("suspended press-up", "suspension push-up")]
    [InlineData("suspended row", "suspension row")]
    [InlineData("Arnolds", "rotating press")]
    [InlineData("dowel good morning", "broomstick hinge")]
    [InlineData("pigeon pose", "pigeon")]
    [InlineData("side plank left", "side plank")]
    [InlineData("banded rows", "band row")]
    [InlineData("KB sit-ups", "kettlebell · sit-up")]
    [InlineData("crunch with twist", "with rotation · crunch")]
    [InlineData("squat and hold", "held · squat")]
    [InlineData("low impact burpees", "low-impact · burpee")]
    [InlineData("lunge kick", "with a kick · forward lunge")]
    [InlineData("seated arm circles", "seated · arm circle")]
    [InlineData("big arm circles", "arm circle")]
    [InlineData("clean n press", "clean and press")]
    [InlineData("jack knives", "V-up")]
    [InlineData("mini band squats", "banded · squat")]
    [InlineData("bench tricep dips", "triceps dip")]
    [InlineData("doorway pec stretch", "doorway chest stretch")]
    [InlineData("double leg drops", "leg lowering")]
    [InlineData("forearm plank with leg lift", "plank leg lift")]
    [InlineData("lateral jumps", "side hop")]
    [InlineData("bear crawl forward and back", "bear crawl")]
    [InlineData("modified side plank", "side plank on knees")]
    [InlineData("single arm DB thruster", "single-arm · squat to press")]
    [InlineData("barbell lunge", "barbell · forward lunge")]
    [InlineData("dead bugs with weight", "weighted · dead bug")]
    [InlineData("slider plank jacks", "sliding · plank jack")]
    [InlineData("chest press with band", "band chest press")]
    [InlineData("heel raises with chair", "supported · calf raise")]
    [InlineData("calf stretch at wall", "calf stretch")]
    [InlineData("glute stretch seated", "seated · glute stretch")]
    [InlineData("march with arms", "march on the spot")]
    [InlineData("punches with dumbbells", "dumbbell · shadow punches")]
    public void Other_words_say_the_same(string written, string? how)
    {
        var reading = Library.Reader.Read(written);
        if (how is null)
            Assert.NotEqual(Sureness.Certain, reading.Known);
        else
            Assert.Equal((Sureness.Certain, how), (reading.Known, reading.How));
    }

    /// <summary>Whatever two of the common moves make together, its facts hold together.</summary>
    [Fact]
    public void A_combination_never_contradicts_itself()
    {
        var common = Library.All.Where(m => m.Tags.Staple >= 2).ToList();
        Assert.All(
            from first in common
            from then in common
            where Combination.AreOne(first, then)
            select (first, then, both: Combination.Of(first, then)), made =>
            {
                var (first, then, both) = made;
                Assert.All(both.Muscles, m => Assert.Contains(m.Share, new[] { 0.25m, 0.5m, 1m }));
                Assert.Equal(both.Muscles.Length, both.Muscles.Select(m => m.Muscle).Distinct().Count());
                Assert.All(both.Kit, item => Assert.Contains(item, KitList.Known));
                Assert.Equal(both.Kit.Length, both.Kit.Distinct().Count());
                Assert.All(first.Around.Keys.Union(then.Around.Keys), need => Assert.True(both.Troubles(need)));
                Assert.True(both.Impact >= first.Impact && both.Impact >= then.Impact);
                Assert.True(both.Pace >= first.Pace && both.Pace >= then.Pace);
                Assert.True(both.Level >= first.Level && both.Level >= then.Level);
                Assert.True(both.Load == LoadClass.None || both.Kit.Any(KitList.IsLoad), $"{first.Name} to {then.Name} is loaded with nothing");
            });
    }

    [Fact]
    public void A_class_may_call_its_own_move_by_what_a_shipped_one_is_called_besides()
    {
        var plan = Sheet.Read("# T\n== A (circuit, work 40)\nnew: chair push-up (like plank)\nchair push-up\n");
        Assert.All(Core.Timing.TimelineBuilder.Build(plan).Sets, set => Assert.Equal("plank", set.Facts.Move?.Name));
    }
}
