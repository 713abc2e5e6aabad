using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>What is carried about: messages with their stress, times of the clock, tracks, partners, sets above a circuit, the same again.</content>
public partial class CardSayingTests
{
    [Fact]
    public void Words_in_stress_are_the_head_of_what_follows() =>
        Holds(from stress in new[] { ("*", "*"), ("_", "_"), ("*_", "_*") }
              from sign in new[] { " ", ": ", " - " }
              from how in new[] { "40/20 x 3", "3 rounds, 40s on 20s off" }
              select (Head: $"{stress.Item1}Main{stress.Item2}{sign}{how}", Stress: stress),
            c => $"Quay\n\n{c.Stress.Item1}Warm up{c.Stress.Item2} 5 min\n{c.Head}\nsquats\nrows\n{c.Stress.Item1}Cool down{c.Stress.Item2} 4 min\n", _ => "== Main (circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\n\n== Cool down (own 240s)");

    [Fact]
    public void A_move_in_stress_is_a_move() => Assert.Contains("\nsquats x10\nrows x12\n", SheetOf("Quay\n\n3 rounds\n*squats* x10\n_rows_ x12\n"), StringComparison.Ordinal);

    [Fact]
    public void Times_of_the_clock_that_only_blocks_begin_with() =>
        Holds(from form in new[] { "{0}.{1}", "{0}:{1}", "{0}.{1}pm", "{0}:{1} -", "{0}.{1}:" }
              from head in new[] { "Set 1 - 3 rounds - 45 secs each, 15 off", "Block 1: 3 rounds, 45/15", "Circuit 1, 45/15 x 3" }
              from again in new[] { "Set 2 - same", "Block 2 (same)", "Set 2, as above", "Block 2 - same timing" }
              select string.Join('\n', new[] { (12, 40, "Warm up"), (12, 47, $"{head}\nsquats\nshoulder press\nplank\nlunges"), (1, 2, $"{again}\ndeadlift\nrow\ndead bug\nstep ups"), (1, 15, "stretch"), (1, 23, "end") }
                  .Select(t => $"{form.Replace("{0}", $"{t.Item1}", StringComparison.Ordinal).Replace("{1}", $"{t.Item2:00}", StringComparison.Ordinal)} {t.Item3}")),
            c => $"Quay\n\n{c}\n", _ => "work 45, rest 15)\ndeadlift\nrow\ndead bug\nstep ups, alternating\n\n== stretch (own 480s)");

    [Fact]
    public void Tracks_with_their_minutes_and_moves() =>
        Holds(from label in new[] { "Track 2", "Song 2", "T2", "Track 2:" }
              from form in new[] { " legs 5:00 ", " legs (5:00) ", " legs - 5:00 - ", " 5:00 legs: ", " (5:00) legs - " }
              select $"{label}{form}squats, lunges, deadlifts",
            c => $"Quay\n\n{c}\nTrack 9 stretch 5:00\n", _ => "(circuit, work 100)\nsquats\nlunges, alternating\ndeadlifts\n", also: "legs");

    [Theory]
    [InlineData("40s work, 20s move on, 2 laps", "2 rounds, work 40, rest 20")]
    [InlineData("Circuit: 40 secs work, 20 secs move round, x3", "3 rounds, work 40, rest 20")]
    [InlineData("6 stations in groups of 4, 1 min each, 20 sec to rotate, go round twice", "2 rounds, work 60, rest 20")]
    [InlineData("Main: 40/20 x 2, 2 per station", "2 rounds, work 40, rest 20")]
    public void Moving_on_is_the_rest(string head, string runs) => Assert.Contains($"{runs})", SheetOf($"Quay\n\n{head}\nsquats\nrows\nplank\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("3 rounds, 40/20", "(circuit, 3 rounds, work 40, rest 20)")]
    [InlineData("40/20 x3", "(circuit, 3 rounds, work 40, rest 20)")]
    [InlineData("3 rounds", "(circuit, 3 rounds")]
    public void Sets_above_a_circuit_keep_their_number(string head, string runs)
    {
        foreach (var gap in new[] { "", "\n" })
        {
            var sheet = SheetOf($"Quay\n\ndeadlift 5x5\n{gap}{head}\nrows\nsit ups\n");
            Assert.Contains("(straight, 5 rounds)\ndeadlift x5\n", sheet, StringComparison.Ordinal);
            Assert.Contains(runs, sheet, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("deadlift 5-5-5-3-3-1", "deadlift x5/5/5/3/3/1")]
    [InlineData("deadlift 5-5-5-3-3-1 build", "deadlift x5/5/5/3/3/1 | note: build")]
    [InlineData("back squat 8/8/6/6/4, building", "back squat x8/8/6/6/4 | note: building")]
    [InlineData("deadlift 5-5-5-5 add weight each set", "deadlift x5 | note: add weight each set")]
    [InlineData("6 cleans (3/3)", "cleans x3, each side")]
    [InlineData("push press x8 (4/4)", "push press x4, each side")]
    [InlineData("shoulder press - seated if needed", "shoulder press x10 | easier: seated")]
    [InlineData("press ups - on knees if you need to", "press ups x10 | easier: knee press ups")]
    [InlineData("L sit 15s", "L sit 15s")]
    public void One_line_of_a_block(string line, string station) => Assert.Contains($"\n{station}\n", SheetOf($"Quay\n\n{(line.StartsWith("deadlift", StringComparison.Ordinal) || line.StartsWith("back", StringComparison.Ordinal) ? "" : "3 rounds\n")}side steps x20\n{line}\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("4 mins: skaters, plank jacks. 20/10 x 8", "(circuit, 4 rounds, work 20, rest 10")]
    [InlineData("4 min: squats, punches, skaters, burpees (20/10 x 8)", "(circuit, 2 rounds, work 20, rest 10")]
    public void Slots_that_fill_the_minutes_are_all_of_them(string line, string runs)
    {
        var reading = CardReader.Read($"Quay\n\n{line}\n1 min rest\n40/20\nrows\n")!;
        Assert.Contains(runs, SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.Contains(reading.Questions, q => q.Line == 3 && q.Text.Contains("8 in all", StringComparison.Ordinal));
    }

    [Fact]
    public void One_holds_while_the_other_works() =>
        Holds(from head in new[] { "", "Part 1 (12') - ", "Block 1: ", "Pairs: " }
              from who in new[] { "partner A holds, partner B works", "A holds / B works", "P1 holds while P2 works", "one holds, the other works" }
              from swap in new[] { ", swap every 45 secs", ", swap every 45\"", " (swap every 45s)", ", change every 45 seconds" }
              select head + who + swap,
            c => $"Quay\n\nWarm up 6'\n{c}\nplank / press ups\nwall sit / KB swings\nCool down 5'\n", _ => "work 45)\n", also: "\nplank\npress ups\nwall sit\nKB swings\n");

    [Fact]
    public void The_same_round_again() =>
        Holds(from again in new[] { "Round 2 repeat", "Round 2: repeat", "Round 2 (repeat)", "Round 2 - same again", "Repeat round 1" }
              from rest in new[] { "1 min rest", "rest 60s" }
              from head in new[] { "Round 1: 40s on 20s off", "Round 1 (40/20)" }
              select (again, rest, head),
            c => $"Quay\n\n{c.head}\nsquat\nplank\n{c.rest}\n{c.again}\nCool down 3 min\n", _ => "(circuit, work 40, rest 20, after 60)\nsquat\nplank\n\n== \"Round ", also: "(circuit, work 40, rest 20)\nsquat\nplank\n\n== Cool down (own 180s)");

    [Fact]
    public void One_more_round_right_below() => Assert.Contains("\"Round 1\" (circuit, 2 rounds, work 40, rest 20)\n", SheetOf("Quay\n\nRound 1: 40/20\nsquat\nplank\nRepeat round 1\nCool down 3 min\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("March, knee lifts, arm circles - 5 min")]
    [InlineData("march, heel digs, shoulder rolls for 5 mins")]
    [InlineData("March, side steps, knee lifts (5 min)")]
    public void A_list_with_minutes_before_all_else_warms_up(string line) => Assert.Contains("== Warm up (prepare, work 100)\n", SheetOf($"Quay\n\n{line}\n40/20 x2\nsquats\nrows\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Village hall, Fridays 10.30\nFull body circuits", "# \"Full body circuits – Fridays 10.30\"", "place: Village hall")]
    [InlineData("Sports hall Mon 6pm\nStrength & balance", "# \"Strength & balance – Mon 6pm\"", "place: Sports hall")]
    [InlineData("Church hall - Tuesdays 7pm\nOver 60s strength (14)", "people: 14", "place: Church hall")]
    [InlineData("UPPER / LOWER SPLIT", "# UPPER / LOWER SPLIT", "")]
    [InlineData("KB Thursday (45)", "minutes: 45", "# KB Thursday")]
    [InlineData("Step class (18)", "people: 18", "# Step class")]
    [InlineData("Lunch lift 12.15-1.00", "minutes: 45", "")]
    [InlineData("Quay\nIt's a mixed crowd of about 15, a couple with dodgy backs", "people: 15", "needs: low back")]
    [InlineData("Quay\nNormally get 12 or so", "people: 12", "")]
    [InlineData("Quay\n16ish people, one pregnant", "people: 16", "pregnancy")]
    [InlineData("Quay\nAround 20 in the class", "people: 20", "")]
    [InlineData("Quay\nChairs out, DBs 1-3kg, bands", "chair, 1-3kg dumbbells, band", "")]
    [InlineData("Quay\npairs, 1 KB + 1 mat per pair", "kit: kettlebell, mat", "pairs")]
    public void What_stands_above_the_blocks(string top, string one, string other)
    {
        var sheet = SheetOf($"{top}\n\n40/20 x2\nsquats\nrows\n");
        Assert.Contains(one, sheet, StringComparison.Ordinal);
        Assert.Contains(other, sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Block one is 3 rounds of squats, rows and press ups for 45 seconds with 15 seconds between")]
    [InlineData("First block - 3 rounds of squats, rows and press ups at 45 seconds with 15 off")]
    [InlineData("The first block is 3 rounds of squats, rows and press ups - 45 seconds each, 15 seconds between")]
    public void A_block_told_in_a_sentence(string sentence) => Assert.Contains("(circuit, 3 rounds, work 45, rest 15)\nsquats\nrows\npress ups\n", SheetOf($"Quay\n\nWarm up 5 min\n{sentence}\nStretch 5 min\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("All fours: donkey kicks x20, fire hydrants x20", "== All fours (")]
    [InlineData("On your back: crunches x20, bridges x20", "== On your back (")]
    public void How_one_lies_is_a_name(string line, string head) => Assert.Contains(head, SheetOf($"Quay\n\n{line}\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Rest 2 min / feed break")]
    [InlineData("Rest 2 min - towel off")]
    public void What_is_done_in_a_rest_is_kept(string rest)
    {
        var sheet = SheetOf($"Quay\n\n40/20 x 2\nsquats\nrows\n{rest}\n40/20 x 2\nplank\ncrunch\n");
        Assert.Contains("rest 20, after 120)", sheet, StringComparison.Ordinal);
        Assert.Contains(rest[(rest.LastIndexOfAny(['/', '-']) + 2)..], sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("12/leg")]
    [InlineData("12/side")]
    [InlineData("12 per leg")]
    public void A_cell_of_each_side(string cell) => Assert.Contains("\nWalking lunge x12, each side\n", SheetOf($"Exercise | Sets | Reps | Rest\nBack squat | 3 | 8 | 60s\nWalking lunge | 3 | {cell} | 60s\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Core: hollow hold 30s, russian twist 20, plank 15s - 3 rounds", "russian twist x20")]
    [InlineData("Core: plank 60, side plank 30, hollow hold 30, russian twist 20", "russian twist 20s")]
    public void A_bare_number_beside_seconds(string line, string station) => Assert.Contains($"\n{station}\n", SheetOf($"Quay\n\n{line}\n"), StringComparison.Ordinal);

    [Fact]
    public void What_two_are_is_said_behind_them() =>
        Holds(from pair in new[] { "deadlift 4 x 6, bent row 4 x 8", "deadlift 4x6 / bent row 4x8", "deadlift 4x6 + bent row 4x8" }
              from behind in new[] { " - superset, 90s", " (superset, 90s)", " superset 90s rest", ", superset, rest 90s" }
              select $"B) {pair}{behind}",
            c => $"Quay\n\nA) back squat 5x5 (2 min)\n{c}\nStretch\n", _ => "(superset, 4 rounds, rest 90)\ndeadlift x6\nbent row x8\n");

    [Fact]
    public void The_rest_of_so_many_supersets() =>
        Holds(["superset x3: lateral raise 12 / triceps pushdown 12 - 60s", "Superset x3 - lateral raise 12 / triceps pushdown 12, 60s", "superset 3x: lateral raise 12 / triceps pushdown 12, rest 60s", "SS x3: lateral raise 12 / triceps pushdown 12 (60s)"],
            c => $"Quay\n\n{c}\nStretch 5\n", _ => "(superset, 3 rounds, rest 60)\nlateral raise x12\ntriceps pushdown x12\n");

    [Theory]
    [InlineData("15 cal row", "rowing machine 60s | note: \"15 cal\"")]
    [InlineData("bike 20 cals", "bike 80s | note: \"20 cals\"")]
    public void Calories_take_as_long_as_they_take(string line, string station)
    {
        var reading = CardReader.Read($"Quay\n\n3 rounds\n{line}\nsquats x10\n")!;
        Assert.Contains($"\n{station}\n", SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.Contains(reading.Questions, q => q.Line == 4 && q.Text.StartsWith("how long do ", StringComparison.Ordinal));
    }

    [Fact]
    public void Pictures_of_arrows_lead_to_ways() =>
        Holds(from arrow in new[] { ("⬇️", "easier"), ("⬇", "easier"), ("🔽", "easier"), ("👇", "easier"), ("⬆️", "harder"), ("🔼", "harder") }
              from move in new[] { ("burpees", "squat thrust"), ("v-ups", "crunch"), ("mountain climbers", "step it") }
              select (Line: $"• {move.Item1} {arrow.Item1} {move.Item2}", Way: $"{move.Item1} | {arrow.Item2}: ", Word: move.Item2),
            c => $"Quay\n\n🔵 Round 1 ➡️ 30s/15s x3\n{c.Line}\n• plank\n", c => $"(circuit, 3 rounds, work 30, rest 15)\n{c.Way}");

    [Theory]
    [InlineData("Warm-up run 10 min", "Repeat x4")]
    [InlineData("WU 10", "4 rounds")]
    [InlineData("Warm up: 10 min run", "Do this 4 times")]
    public void What_is_counted_below_a_warm_up_and_done_again(string warmUp, string again)
    {
        var sheet = SheetOf($"Quay\n\n{warmUp}\n20 x press-ups\n20 x sit-ups\n400m run\n{again}\nsprint x6\nCool down 10 min\n");
        Assert.Contains("(circuit, 4 rounds)\npress-ups x20\nsit-ups x20\nrun 135s", sheet, StringComparison.Ordinal);
        Assert.Contains("(circuit)\nsprint x6\n", sheet, StringComparison.Ordinal);
        Assert.DoesNotContain("prepare, 4 rounds", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void What_stands_below_a_bracket_done_so_often_is_done_once() =>
        Assert.Contains("press ups x10\n\n== B (circuit)\nwalk 300s\n", SheetOf("Quay\n\n6 x (10 squats, 10 press ups) 90s rest\n5 min walk\n3 x (10 lunges + 20 swings) 2 min rest\nCool down 5\n"), StringComparison.Ordinal);

    [Fact]
    public void Rounds_of_minutes_are_each_ones() =>
        Holds(from head in new[] { "Rounds: 6 x 2 min, 30 secs rest", "6 x 2 min rounds, 30 secs rest", "6 rounds of 2 min, 30 secs rest" }
              from more in new[] { "", ", swap pads each round" }
              from label in new[] { "R{0} ", "R{0}: ", "{0}. " }
              select (Head: head + more, Label: label),
            c => $"Quay\n\n{c.Head}\n{c.Label.Replace("{0}", "1", StringComparison.Ordinal)}hook punch\n{c.Label.Replace("{0}", "2", StringComparison.Ordinal)}uppercut\n{c.Label.Replace("{0}", "3", StringComparison.Ordinal)}front kick\nStretch 5\n", _ => "work 120, rest 30)", also: "hook punch\nuppercut\nfront kick");

    [Theory]
    [InlineData("Tmrw: wu 5, tabata x4 (squats/press ups/rows/plank) 1 min btwn, core 5, cd 5. Bring mats", "# Tmrw\nkit: mat\n\n== wu (own 300s)\n\n== A (straight, 8 rounds, work 20, rest 10, between 60)\nsquats\npress ups\nrows\nplank\n\n== core (own 300s)\n\n== cd (own 300s)\n")]
    [InlineData("Wed\nwu 5, 3 rounds 40/20 squats, rows, plank, abs 5, cd 5", "== wu (own 300s)\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nplank\n\n== abs (own 300s)\n\n== cd (own 300s)\n")]
    [InlineData("ok so wednesday six pm about twenty people warm up five minutes then three rounds forty seconds on twenty off squats press ups plank and star jumps one minute rest between rounds then stretch for five", "# \"wednesday 6 pm\"\npeople: 20\n\n== warm up (own 300s)\n\n== A (circuit, 3 rounds, work 40, rest 20, between 60)\nsquats\npress ups\nplank\nstar jumps\n\n== stretch (own 300s)\n")]
    public void A_class_in_one_breath(string card, string sheet) => Assert.Contains(sheet, SheetOf(card), StringComparison.Ordinal);

    [Theory]
    [InlineData("Week 3 of 6 - Upper", "# \"Week 3 of 6 – Upper\"", "focus: upper")]
    [InlineData("PUSH DAY (small group, 6)", "# PUSH DAY\n", "people: 6")]
    [InlineData("Chair strength - Sunny Court care home", "place: Sunny Court care home", "# Chair strength")]
    [InlineData("Quay\nEquip: 2 DBs, mat", "kit: 2 dumbbells, mat", "# Quay")]
    [InlineData("Quay\n8 stations, 2 people per station", "note: \"8 stations, 2 people per station\"", "# Quay")]
    public void More_of_what_stands_above_the_blocks(string top, string one, string other)
    {
        var sheet = SheetOf($"{top}\n\n40/20 x2\nsquats\nrows\n");
        Assert.Contains(one, sheet, StringComparison.Ordinal);
        Assert.Contains(other, sheet, StringComparison.Ordinal);
        Assert.DoesNotContain("people: 2\n", sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Arms with 0.5kg: curls x 10, punches x 20, presses x 8", "curls x10 [0.5kg]\npunches x20 [0.5kg]\npresses x8 [0.5kg]\n")]
    [InlineData("Plank ladder 30/45/60", "(ladder 30s/45s/60s)\nPlank\n")]
    [InlineData("3 rounds, 45/15\n| Exercise | Easier | Harder |\n|---|---|---|\n| Lateral walk | side step | – |\n| Squat | chair squat | n/a |", "Lateral walk | easier: side step\nSquat | easier: chair squat\n")]
    [InlineData("3 rounds, 45/15\n| Exercise | Easier | Notes |\n|---|---|---|\n| Squat | – | same |\n| Row | x | – |", "Squat | note: same\nRow\n")]
    [InlineData("45/15 x 3\nsquats\nrows\nBetween rounds 90 secs water", "(circuit, 3 rounds, work 45, rest 15, between 90 water)")]
    public void A_few_lines(string lines, string sheet) => Assert.Contains(sheet, SheetOf($"Quay\n\n{lines}\n\nStretch 5 min\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("KB Thursday (45)\n\n40/20 x2\nsquats\nrows", 1, "45: minutes or people?", "people: 45")]
    [InlineData("Quay\n\nMarch, knee lifts, arm circles - 5 min\n40/20 x2\nsquats\nrows", 3, "is this the warm-up?", "== Block (")]
    public void What_a_head_leaves_open_is_asked(string card, int line, string asked, string answered)
    {
        var reading = CardReader.Read(card)!;
        var question = Assert.Single(reading.Questions, q => q.Line == line && q.Text == asked);
        Assert.Equal(SheetWriter.Write(reading.Plan), SheetOf(string.Join('\n', card.Split('\n').Select((l, i) => i + 1 == line ? question.Choices[0].Instead : l))));
        Assert.Contains(answered, SheetOf(string.Join('\n', card.Split('\n').Select((l, i) => i + 1 == line ? question.Choices[1].Instead : l))), StringComparison.Ordinal);
    }
}
