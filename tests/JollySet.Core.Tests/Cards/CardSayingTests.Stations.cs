using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>How people go round stations, by the minute, by the music and by the clock.</content>
public partial class CardSayingTests
{
    private const string Circuit = "\n3 rounds 40/20\nsquats\nlunges\nrows\n";

    [Theory]
    [InlineData("12 min: 10 swings + 5 goblet squats every minute")]
    [InlineData("12 mins: 10 swings, 5 goblet squats every min")]
    [InlineData("10 swings and 5 goblet squats every minute for 12 mins")]
    [InlineData("12 x 1 min: 10 swings + 5 goblet squats on the minute")]
    public void What_is_done_every_minute_is_done_in_each(string line) =>
        Assert.Contains("(superset, 12 rounds, rest 15)\nnote: \"every 1 min\"\nswings x10\ngoblet squats x5", SheetOf($"Quay\n\n{line}"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Swings 10 x 10 on the minute")]
    [InlineData("Swings: 10 on the minute for 10 mins")]
    [InlineData("Swings EMOM x 10 (10 reps)")]
    [InlineData("Conditioning: Swings 10x10 OTM")]
    public void Sets_on_the_minute_are_minutes(string line) =>
        Assert.Contains("(minute, 10 rounds)\nSwings x10", SheetOf($"Quay\n\nStrength\nGoblet squat 3x8\n{line}"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Goal: build strength", "strength")]
    [InlineData("Aim of class: get stronger", "strength")]
    [InlineData("Objective: improve power", "power")]
    [InlineData("Class goal: increase mobility", "mobility")]
    public void A_goal_is_heard_with_what_one_does_to_reach_it(string line, string goal) =>
        Assert.Contains($"goal: {goal}\n", SheetOf($"Quay\n{line}\n{Circuit}"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Stations round the hall – 10 x 1 min, 15 s change, twice round:")]
    [InlineData("10 stations: 10 x 60s, 15 secs to move, 2 laps")]
    [InlineData("10 x 1 min, 15s rest, go round twice")]
    public void So_many_of_so_long_are_stations(string line) =>
        Assert.Contains("(circuit, 2 rounds, work 60, rest 15)", SheetOf($"Quay\n\n{line}\n1 squats\n2 rows\n3 plank\n4 curls"), StringComparison.Ordinal);

    [Theory]
    [InlineData("(40s work/20s rest, 3 sets per exercise before moving on)")]
    [InlineData("40/20 x 3 on each exercise then move on")]
    [InlineData("Do 3 sets of each (40/20) then move to the next")]
    public void All_sets_before_the_next_are_straight(string line) =>
        Assert.Contains("(straight, 3 rounds, work 40, rest 20)\nsumo squat\nhip thrust", SheetOf($"Quay\n{line}\nsumo squat\nhip thrust"), StringComparison.Ordinal);

    [Theory]
    [InlineData("30 secs rest. Repeat x3")]
    [InlineData("30 sec rest – repeat 3 times")]
    [InlineData("Rest 30s and repeat x3")]
    public void A_rest_and_once_more_is_between_the_rounds(string line)
    {
        Assert.Contains("(circuit, 3 rounds, work 30, between 30)\ncrunch\nplank\nsuperman", SheetOf($"Core blast\n30 secs each no rest:\ncrunch / plank / superman\n{line}"), StringComparison.Ordinal);
        Assert.Contains("(circuit, 3 rounds, work 30, between 30)\ncrunch\nplank\nsuperman", SheetOf($"Core blast\n30s each\ncrunch / plank / superman\n{line}"), StringComparison.Ordinal);
    }

    [Fact]
    public void Three_by_a_stroke_on_several_lines_are_sets() =>
        Assert.Contains("(straight, 3 rounds, rest 60)\nLeg press x12\nLat pulldown x12\nShoulder press x10\nPlank 30s", SheetOf("Gym floor\n1. Leg press 3/12\n2. Lat pulldown 3/12\n3. Shoulder press 3/10\n4. Plank 3/30s\nrest 1 min"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Track {0} {1} {2}")]
    [InlineData("{0}. {1} {2}")]
    [InlineData("T{0} {1} ({2})")]
    [InlineData("{1} {2}")]
    public void A_class_by_its_tracks_does_each_move_so_long(string track)
    {
        var sheet = SheetOf("Barbell class\n" + string.Join('\n', new[] { ("warm up", "5:00"), ("squats", "5:30"), ("deadlift, row, curl", "6:00"), ("lunges", "5:00"), ("cool down", "4:00") }
            .Select((t, i) => string.Format(System.Globalization.CultureInfo.InvariantCulture, track, i + 1, t.Item1, t.Item2))));
        Assert.Contains("squats 330s", sheet, StringComparison.Ordinal);
        Assert.Contains("work 120)\ndeadlift\nrow\ncurl", sheet, StringComparison.Ordinal);
        Assert.Contains("lunges 300s", sheet, StringComparison.Ordinal);
        Assert.Contains("cool down (own 240s)", sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Set 1 – cardio: 3 x (30s squats, 30s jacks, 30s rest)", "Set 1 cardio")]
    [InlineData("Cardio: squats 30s, jacks 30s, rest 30s x 3", "Cardio")]
    [InlineData("Cardio x 3: 30 sec squats + 30 sec jacks + 30 sec rest", "Cardio")]
    public void A_list_of_times_that_ends_on_a_rest_is_a_round(string line, string name) =>
        Assert.Matches($"== \"?{name}\"? \\(circuit, 3 rounds, between 30\\)\nsquats 30s\njacks 30s", SheetOf($"Quay\n\n{line}"));

    [Theory]
    [InlineData("In pairs, one works one rests, 30 secs each, 2 rounds")]
    [InlineData("In pairs: one works, one rests – 30s each x 2")]
    [InlineData("Partners, 1 works 1 rests, 30 secs each, 2 rounds")]
    public void Where_one_works_the_other_rests_as_long(string line) =>
        Assert.Contains("(circuit, 2 rounds, work 30, rest 30)", SheetOf($"Quay\n{line}\nwall balls\nbox jumps"), StringComparison.Ordinal);

    [Theory]
    [InlineData(": ")]
    [InlineData(") ")]
    [InlineData(" – ")]
    public void Lettered_stations_are_one_circuit(string sign) =>
        Assert.Contains("(circuit, 3 rounds, work 50, rest 20)\nKB swing\ngoblet squat\nzig zagger\nrow\nsled push | or: bear crawl\nbike", SheetOf("Friday\n6 stations, 3 laps, 50s/20s\n" + string.Join('\n', new[] { "KB swing", "goblet squat", "zig zagger", "row", "sled push (or bear crawl)", "bike" }.Select((m, i) => $"{(char)('A' + i)}{sign}{m}"))), StringComparison.Ordinal);

    [Theory]
    [InlineData("{0}: {1}–{2}")]
    [InlineData("{1}-{2} {0}")]
    [InlineData("{0} ({1} - {2})")]
    public void Parts_from_one_time_of_the_clock_to_the_next_are_minutes(string part)
    {
        string Part(string name, string from, string to) => string.Format(System.Globalization.CultureInfo.InvariantCulture, part, name, from, to);
        var sheet = SheetOf($"Circuits @ St Mary's Hall 18:30-19:15\n{Part("Warm-up", "18:30", "18:37")}\n{Part("Main", "18:37", "19:05")}\n50/20, 2 circuits, 90s between\nsquats\nrows\n{Part("Core", "19:05", "19:10")}\n{Part("Cool-down", "19:10", "19:15")}");
        Assert.Contains("place: St Mary's Hall\n", sheet, StringComparison.Ordinal);
        Assert.Contains("Warm-up (own 420s)", sheet, StringComparison.Ordinal);
        Assert.Contains("Main (circuit, 2 rounds, work 50, rest 20, between 90)\nsquats\nrows", sheet, StringComparison.Ordinal);
        Assert.Contains("Core (own 300s)", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void New_moves_run_as_those_above() =>
        Assert.Contains("(circuit, 4 rounds, work 40, rest 20, after 120)\nthruster\nburpee\n\n== \"Block 2\" (circuit, 4 rounds, work 40, rest 20)\npush up\nskater", SheetOf("4x4\n4 exercises, 4 rounds, 40 sec work 20 rest\n1. thruster\n2. burpee\n2 min rest\nthen 4 new exercises\n1. push up\n2. skater"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Low impact: step back burpee, march, squat")]
    [InlineData("Low: step back burpee / march / squat")]
    [InlineData("Easier: step back burpee, march, squat")]
    public void As_many_easier_ways_as_moves_are_theirs_in_order(string line)
    {
        var sheet = SheetOf($"HIIT 20 – 3 moves, 20 secs max effort, 40 secs rest, 5 rounds\nBurpees / Sprint on spot / Squat jumps\n{line}");
        Assert.Contains("minutes: 20\n", sheet, StringComparison.Ordinal);
        Assert.Contains("(circuit, 5 rounds, work 20, rest 40)\nBurpees | easier: step back burpee\nSprint on spot | easier: march\nSquat jumps | easier: squat", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void An_easier_way_that_is_another_moves_is_put_beside_no_other() =>
        Assert.DoesNotContain("rows | easier: knee push ups", SheetOf("Quay\n3 rounds 40/20\npush ups\nsquats\nrows\nEasier: march, heel digs, knee push ups"), StringComparison.Ordinal);

    [Fact]
    public void A_low_impact_part_of_other_moves_stays_a_block() =>
        Assert.Contains("== Low impact (", SheetOf("Quay\n3 rounds 40/20\nsquats\nrows\nLow impact: march, step touch, side steps, heel digs"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Mobility: 90/90 x 8, cat cow x 10. Go through twice.")]
    [InlineData("Mobility\n90/90 x 8\ncat cow x 10\nrepeat x2")]
    public void Ninety_ninety_among_moves_is_no_work_and_rest(string card) =>
        Assert.Contains("\"90/90\" x8\ncat cow x10", SheetOf("Quay\n\n" + card), StringComparison.Ordinal);

    [Theory]
    [InlineData("progress to 40/20 in week 3")]
    [InlineData("next week 40/20")]
    [InlineData("(move to 40/20 when ready)")]
    public void How_it_will_run_later_is_a_note(string line) =>
        Assert.Contains("(circuit, 2 rounds, work 30, rest 30)", SheetOf($"Quay\n30 secs work, 30 secs rest, 2 times through\nmarch\nsit to stand\n{line}"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Shoulder rolls 8 back 8 forward")]
    [InlineData("Shoulder rolls (8 back, 8 fwd)")]
    public void As_many_one_way_as_the_other_turns_halfway(string line) =>
        Assert.Contains("Shoulder rolls x16, reverse halfway\n", SheetOf($"Gentle\n{line}\nheel taps 16"), StringComparison.Ordinal);

    [Theory]
    [InlineData("each round x2")]
    [InlineData("Do each round twice")]
    [InlineData("2 x each round")]
    public void Each_round_so_often_is_of_every_block_above(string line) =>
        Assert.Matches("legs\" \\(circuit, 2 rounds, work 45, rest 15\\)[^=]*== \"Round 2 – arms\" \\(circuit, 2 rounds", SheetOf($"Quay\n\nRound 1 - legs (45/15)\nsquats\nbridge\nRound 2 - arms (45/15)\nrows\npress ups\n{line}\nstretch 5"));

    [Theory]
    [InlineData("Warm 3: march, squats, arm circles\n3 rounds 40/20\nsquats\nrows\nCool 4")]
    [InlineData("Warm (3): march, squats, arm circles\n3 rounds 40/20\nsquats\nrows\nCool down 4'")]
    public void Warm_three_and_cool_four_are_minutes(string card)
    {
        Assert.Contains("(prepare, work 60)\nmarch", SheetOf("Quay\n" + card), StringComparison.Ordinal);
        Assert.Contains("(own 240s)", SheetOf("Quay\n" + card), StringComparison.Ordinal);
    }

    [Fact]
    public void How_far_people_run_is_no_length_of_the_class() =>
        Assert.DoesNotContain("minutes:", SheetOf($"Relay\nRun to cone and back (40m), partner planks\n{Circuit}"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Block 3: wall sit challenge", "wall sit")]
    [InlineData("Finisher: plank challenge", "plank")]
    public void A_challenge_is_its_move(string line, string move) =>
        Assert.Contains($"\n{move}", SheetOf($"Quay\n{Circuit}{line}\nstretch 5"), StringComparison.Ordinal);
}
