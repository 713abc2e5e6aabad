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
}
