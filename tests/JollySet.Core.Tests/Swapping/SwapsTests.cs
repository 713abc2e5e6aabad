using CsCheck;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Swapping;

/// <summary>What could stand in a station's place: what a coach would say, and what is said of it reckoned again from the class as it would be.</summary>
public class SwapsTests
{
    private const string Hall = "# T\nminutes: 30\nfocus: full body\naudience: newcomer, regular\nkit: mats, light dumbbells, heavy dumbbells\n";

    private static List<Swap> Of(string text, int number = 1)
    {
        var timeline = Sheet.Time(text);
        return [.. Swaps.For(timeline, timeline.Plan.Blocks[^1].Stations[number - 1].Id)];
    }

    private static IEnumerable<string> Names(string text, int number = 1) => Of(text, number).Select(s => s.Move.Name);

    /// <summary>Written down before any was looked at: any of these is what a coach would put there; at least three of the five are among them.</summary>
    [Theory]
    [InlineData("goblet squat [heavy]", "front squat, squat, sumo squat, split squat, box squat, sit to stand, goblet box squat, wall sit, reverse lunge, alternating reverse lunge, lunge, sumo goblet squat, squat to box, heels-raised goblet squat, dumbbell squat, pause squat, squat pulse, cyclist squat, tempo squat")]
    [InlineData("push-up", "knee push-up, incline push-up, wall push-up, floor press, chest press, close-grip push-up, wide push-up, chest fly, dumbbell press, narrow push-up, wide-hands push-up, alternating floor press, dumbbell floor press, raised push-up, hands-raised push-up, push-up hold, alternating press, close-grip floor press")]
    [InlineData("bent-over row [heavy]", "single-arm row, upright row, renegade row, wide row, alternating row, reverse fly, underhand row, prone row, supported row, high row, alternating bent-over row, plank row, dumbbell row, wide-elbow row, gorilla row, inverted row, bent-over reverse fly, underhand bent-over row, wide bent-over row, pull-over")]
    [InlineData("biceps curl [light]", "hammer curl, alternating biceps curl, alternating curl, wide curl, drag curl, reverse curl, cross-body curl, curl, curl hold, concentration curl, zottman curl, twenty-ones, cross-body hammer curl, underhand row, half curl, curl pulse, 21s curl, isometric curl")]
    [InlineData("plank", "forearm plank, side plank, dead bug, knee plank, bird dog, plank shoulder tap, hollow hold, high plank, long-lever plank, bear hold, plank hold, body saw, incline plank, mountain climber, plank hip dip, plank with reach, plank jack, slow mountain climber, plank rock")]
    public void Most_of_the_five_are_what_a_coach_would_put_there(string line, string likely)
    {
        var coach = likely.Split(", ").Select(n => MoveLibrary.Shipped.Understood(n)?.Name ?? n).ToHashSet();
        var names = Names($"{Hall}== A (circuit, 3 rounds, work 40, rest 20)\n{line}\ndead bug\n").ToList();
        Assert.Equal(Swaps.Offered, names.Count);
        Assert.True(names.Count(coach.Contains) >= 3, string.Join(", ", names));
    }

    [Fact]
    public void Nothing_goes_to_the_floor_or_jumps_where_the_class_does_not()
    {
        var swaps = Of("# T\nneeds: no floor, no jumping\nkit: light dumbbells\n== A (circuit, work 40, rest 20)\nplank\nsquat\n");
        Assert.NotEmpty(swaps);
        Assert.All(swaps, s => Assert.False(s.Move.IsOnFloor || s.Move.IsJump(), s.Move.Name));
    }

    [Fact]
    public void Newcomers_get_nothing_that_has_to_be_learned() =>
        Assert.All(Of($"{Hall}== A (circuit, work 40, rest 20)\ndeadlift [moderate]\nplank\n"), s => Assert.False(s.Move.IsSkill(), s.Move.Name));

    [Fact]
    public void What_is_to_be_chosen_is_chosen_of_its_pattern() =>
        Assert.All(Of($"{Hall}== A (circuit, work 40, rest 20)\nany: hinge\nsquat\n"), s => Assert.Equal(Pattern.Hinge, s.Move.Pattern));

    [Fact]
    public void A_warm_up_gets_warm_up_moves_and_a_cool_down_stretches()
    {
        Assert.All(Of("# T\n== W (prepare, work 40)\nmarch\n"), s => Assert.Contains(Role.WarmUp, s.Move.Tags.Roles));
        Assert.All(Of("# T\n== C (release, work 40)\nhamstring reach\n"), s => Assert.Contains(Role.Stretch, s.Move.Tags.Roles));
    }

    [Fact]
    public void A_pair_keeps_its_school_where_it_can()
    {
        var swaps = Of($"{Hall}== A (superset opposing, 3 rounds, rest 60)\nbent-over row x10 [heavy]\nfloor press x10 [heavy]\n");
        Assert.DoesNotContain(swaps.Take(3), s => s.Says.Any(w => w.StartsWith("not opposing", StringComparison.Ordinal)));
    }

    [Fact]
    public void What_changes_is_said()
    {
        var swaps = Of($"{Hall.Replace("kit:", "needs: wrists\nkit:", StringComparison.Ordinal)}== A (circuit, 3 rounds, work 40, rest 20)\npush-up\nsquat\n");
        Assert.Contains(swaps, s => s.Says.Contains("fine for wrists"));
    }

    /// <summary>A note, and what somebody needs that nobody here can judge, are never dropped with the move.</summary>
    [Fact]
    public void What_was_noted_and_said_for_a_need_nobody_judges_stays() => Assert.All(
        Of($"{Hall.Replace("kit:", "needs: pregnancy, sore toe\nkit:", StringComparison.Ordinal)}== A (circuit, work 40, rest 20)\nsquat | for sore toe: \"heel down, beside the wall\" | note: \"slow for the back row\"\npush-up\n"),
        s => Assert.True(s.Line.Contains("for sore toe: \"heel down, beside the wall\"", StringComparison.Ordinal) && s.Line.Contains("note: slow for the back row", StringComparison.Ordinal), s.Line));

    [Fact]
    public void Where_nobody_is_named_newcomers_may_come() =>
        Assert.All(Of("# T\nkit: mats, heavy dumbbells, kettlebell\n== A (circuit, work 40, rest 20)\ndeadlift [moderate]\nplank\n"), s => Assert.False(s.Move.IsSkill(), s.Move.Name));

    [Fact]
    public void Several_moves_in_one_line_have_no_others_and_a_station_that_is_gone_neither()
    {
        Assert.Empty(Of($"{Hall}== A (circuit, work 40)\nsquat + press\n"));
        Assert.Empty(Swaps.For(Sheet.Time($"{Hall}== A (circuit, work 40)\nsquat\n"), 99));
    }

    /// <summary>Every swap of every station of random classes goes in, is as long as it says, and puts no move there that the kit has not.</summary>
    [Fact]
    public void What_is_said_holds_for_any_class() => PlanGen.Plans.Sample(
        plan =>
        {
            var timeline = TimelineBuilder.Build(Ids.Given(plan));
            foreach (var station in timeline.Plan.Blocks.SelectMany(b => b.Stations).Take(2))
                foreach (var swap in Swaps.For(timeline, station.Id))
                {
                    var then = TimelineBuilder.Build(swap.Edit.Apply(timeline.Plan).Plan!);
                    var longer = (then.Length - timeline.Length).InSeconds;
                    Assert.Equal(longer == 0 ? "same length" : longer > 0 ? $"{Say.Time(longer)} longer" : $"{Say.Time(-longer)} shorter", swap.Says[0]);
                    foreach (var pair in swap.Says.Where(w => w.StartsWith("levels ", StringComparison.Ordinal)).Select(w => w["levels ".Length..].Split(" against ")))
                        Assert.InRange(ClassBalance.Of(then).SeeSaws.Single(p => p.First == pair[0] && p.Second == pair[1]).Tilt, Tilt.NotJudged, Tilt.Level);
                    Assert.Equal(swap.Move.Name, Assert.IsType<OneMove>(then.Plan.FindStation(station.Id)!.Value.Block.Stations[then.Plan.FindStation(station.Id)!.Value.At].Doing).Name);
                }
        },
        iter: 60);
}
