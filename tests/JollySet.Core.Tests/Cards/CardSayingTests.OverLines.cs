using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>What only several lines together say, and what stands behind a block.</content>
public partial class CardSayingTests
{
    private static readonly string[] WarmUpsAbove = ["", "warm up 5 mins\n", "Warm-up: marching, arm circles 4 min\n"];

    [Fact]
    public void Numbers_that_go_on_over_lines_count_the_moves() =>
        Holds(from before in WarmUpsAbove
              from number in new[] { "{0} {1}", "{0}. {1}", "{0}) {1}" }
              from sign in new[] { " ", ", ", "  " }
              from isAbove in new[] { true, false }
              let moves = new[] { "squats", "rows", "burpees", "curls", "deadlifts", "sit ups" }.Select((m, i) => string.Format(Invariant, number, i + 1, m)).ToArray()
              let list = $"{string.Join(sign, moves[..2])}\n{string.Join(sign, moves[2..4])}\n{string.Join(sign, moves[4..])}"
              select $"{before}{(isAbove ? "40/20 x 2\n" : "")}{list}{(isAbove ? "" : "\n40/20 x 2")}",
            l => $"{l}\n", _ => "(circuit, 2 rounds, work 40, rest 20)\nsquats\nrows\nburpees\ncurls\ndeadlifts\nsit ups\n");

    [Fact]
    public void A_repeat_below_numbers_is_rounds_of_them() =>
        Holds(from before in WarmUpsAbove
              from number in new[] { "{0}. ", "{0}) ", "{0} - ", "{0}: " }
              from repeat in new[] { "Repeat 1-3 x 3", "repeat 1 to 3, 3 times", "repeat all 3 twice more", "Repeat steps 1-3, 3 rounds in total", "rpt 1-3 x3", "REPEAT 1-3 TWICE MORE", "Repeat 1-3 Three Times" }
              select before + string.Concat(new[] { "squats 45s", "rows 45s", "burpees 45s" }.Select((m, i) => $"{string.Format(Invariant, number, i + 1)}{m}\n")) + repeat,
            l => $"{l}\n", _ => "(circuit, 3 rounds)\nsquats 45s\nrows 45s\nburpees 45s\n");

    [Fact]
    public void Tabatas_under_one_head_have_their_rest_between_them() =>
        Holds(from head in new[] { "TABATA x 4 - 1 min rest between", "Tabata x4, 1 min between", "4 tabatas, 1 min rest in between", "Tabatas (1 min rest between)", "4 x tabata with 1 min between" }
              from item in new[] { "Tabata {0} - {1}", "Tabata {0}: {1}", "T{0} {1}", "T{0}: {1}", "{0}. {1}", "{0}) {1}" }
              select $"{head}\n{string.Join('\n', new[] { "squats", "rows", "burpees", "curls" }.Select((m, i) => string.Format(Invariant, item, i + 1, m)))}",
            l => $"{l}\n", _ => "(circuit, 8 rounds, work 20, rest 10, after 60)\nrows\n", also: "(circuit, 8 rounds, work 20, rest 10)\ncurls\n");

    [Fact]
    public void Minutes_down_the_side_hold_whole_blocks() =>
        Holds(from span in new[] { "{0}-{1} {2}", "{0}-{1}: {2}", "{0} - {1} min: {2}", "{0}–{1} {2}", "{0}'-{1}' {2}", "min {0}-{1} {2}", "{0}-{1} mins {2}", "{0} to {1} {2}", "{0}-{1} - {2}" }
              from block in new[] { ("squats, rows, 40/20", "(circuit, 5 rounds, work 40, rest 20)\nsquats\nrows\n"), ("squats, rows - 40/20 x5", "(circuit, 5 rounds, work 40, rest 20)\nsquats\nrows\n"), ("3 rounds: 10 squats, 10 rows", "(circuit, 3 rounds)\nnote: \"10 min\"\nsquats x10\nrows x10\n"), ("squats 3x10, 60s rest", "(straight, 3 rounds, rest 60)\nnote: \"10 min\"\nsquats x10\n"), ("AMRAP 8 min: 10 squats, 10 rows", "(amrap 480s)\nsquats x10\nrows x10\n") }
              select (string.Join('\n', new[] { (0, 5, "warm up"), (5, 15, block.Item1), (15, 20, "stretch") }.Select(p => string.Format(Invariant, span, p.Item1, p.Item2, p.Item3))) + "\n", block.Item2, 0),
            c => c.Item1, c => c.Item2);

    [Fact]
    public void A_ladder_may_be_told() =>
        Holds(["10 squats 10 rows, then 9 of each, down to 1", "10 squats, 10 rows, then 9 and 9, down to 1", "10 squats 10 rows, 9 squats 9 rows, 8 ... down to 1", "start with 10 squats and 10 rows, then 9 and 9, all the way to 1", "squats and rows, 10 of each, then 9, then 8, to 1", "squats / rows 10 to 1", "squats, rows: 10, 9, 8 down to 1", "squats/rows - 10,9,8,7,6,5,4,3,2,1", "10 squats & 10 rows. 9 & 9. Down to 1."],
            l => $"{l}\n", _ => "(ladder 10..1)\nsquats\nrows\n");

    [Fact]
    public void Two_joined_moves_and_their_sets_are_a_pair() =>
        Holds(from letter in new[] { "", "A. ", "A) ", "A: ", "A " }
              from dose in new[] { "3x10", "3 x 10", "3 sets of 10", "- 3x10", "3x10, rest 60", "3x10, 60s rest" }
              select $"{letter}squats + rows {dose}",
            l => $"{l}\n", l => $"(superset, 3 rounds{(l.EndsWith('0') && l.Contains("rest", StringComparison.Ordinal) || l.EndsWith("rest", StringComparison.Ordinal) ? ", rest 60" : "")})\nsquats x10\nrows x10\n");

    [Fact]
    public void Partners_go_on_over_lines() =>
        Holds(from head in new[] { ("Partners 40s, 3 rounds", 40), ("Partner work - 3 rounds, 30 secs each", 30), ("Partner circuit 30 sec swap, 3 rounds", 30) }
              from line in new[] { "P1 {0} / P2 {1}", "P1: {0}, P2: {1}", "A {0} / B {1}", "one {0}, the other {1}", "one does {0}, one does {1}", "Partner 1 {0}, partner 2 {1}" }
              select ($"{head.Item1}\n{string.Format(Invariant, line, "squats", "plank")}\n{string.Format(Invariant, line, "rows", "wall sit")}", $"(circuit, 3 rounds, work {head.Item2})\n", 0),
            c => $"{c.Item1}\n", c => c.Item2, also: "\nsquats\nplank\nrows\nwall sit\n");

    [Theory]
    [InlineData("Warm up 5 mins\nsquats\nrows\nburpees\n40/20 x 3\nstretch", "(own 300s)\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nburpees\n")]
    [InlineData("Warm-up: marching, arm circles 4 min\nsquats 45s\nrows 45s\nstretch", "arm circles\n\n== A (circuit)\nsquats 45s\nrows 45s\n")]
    [InlineData("1. warm up 5 mins\n2. squats 45s\n3. rows 45s\nRepeat 2-3 three times", "(own 300s)\n\n== A (circuit, 3 rounds)\n")]
    [InlineData("1. march 2 min\n2. squats x10\n3. rows x10\nREPEAT 2-3", "(circuit, 2 rounds)\nnote: \"REPEAT 2-3\"\nsquats x10\nrows x10\n")]
    [InlineData("Tabata 1: squats\n1 min rest\nTabata 2: rows", "(circuit, 8 rounds, work 20, rest 10, after 60)\nsquats\n")]
    [InlineData("21-15-9 squats, rows\n12 min cap\nstretch", "(ladder 21/15/9)\nnote: \"12 min cap\"\nsquats\nrows\n")]
    [InlineData("For time\n50 squats\n40 rows", "== For time (circuit)\nsquats x50\nrows x40\n")]
    [InlineData("5 rounds for time\n10 squats\n10 rows\nTC 12 min", "== For time (circuit, 5 rounds)\nnote: \"TC 12 min\"\nsquats x10\nrows x10\n")]
    [InlineData("squats, rows, curls 40/20 x 3, then 1 min to get a drink", "(circuit, 3 rounds, work 40, rest 20, after 60 water)\nsquats\nrows\ncurls\n")]
    [InlineData("3 laps of squats, rows, curls 40/20, water after lap 1", "(circuit, 3 rounds, work 40, rest 20)\nnote: \"water after lap 1\"\nsquats\n")]
    [InlineData("squats 3x10\nFinisher - burpees max reps in 2 mins", "== Finisher (circuit)\nburpees 120s | note: as many as you can\n")]
    [InlineData("A1 squats 3x10\nA2 rows 3x10\nB1 lunges 3x10\nB2 curls 3x10\nC finisher: press ups AMRAP 4 min", "== finisher (circuit)\npress ups 240s | note: as many as you can\n")]
    [InlineData("A1 squats 3x10\nA2 rows 3x10\nB: tabata curls", "== tabata (circuit, 8 rounds, work 20, rest 10)\ncurls\n")]
    [InlineData("1 squats 2 rows\n3 burpees 4 plank\n40/20 x 3\nTabatas, 1 min between\nT1 squats\nT2 curls", "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nburpees\nplank\n")]
    [InlineData("3 rounds\n(squats up to 20)\nrows x10", " x20\nrows x10\n")]
    [InlineData("A1 curls 3x10\nA2 dips 3x10\nsquats + rows 3x10", "== B (superset, 3 rounds)\nsquats x10\nrows x10\n")]
    [InlineData("Upper: 4 rounds\n10 squats\n10 rows\nrest 75s\nLower: 4 rounds\n12 RDLs\n10 lunges\nrest 75s", "== Upper (circuit, 4 rounds, between 75)\nsquats x10\nrows x10\n\n== Lower (circuit, 4 rounds, between 75)\n")]
    [InlineData("1. squats x12\n2. rows x10\nRest 1 min, then go round again", "(circuit, 2 rounds, between 60)\nsquats x12\n")]
    [InlineData("Block 1 (8 min): 40s work, 20s rest. Jump squats, plank jacks, skaters, high knees. Twice through.\nstretch", "(circuit, 2 rounds, work 40, rest 20)\nnote: \"8 min\"\nJump squats\n")]
    [InlineData("1-10 swings & goblet squats\n(1 swing 1 squat, 2 swings 2 squats ... up to 10)", "(ladder 1..10)\nnote: \"(1 swing 1 squat, 2 swings 2 squats ... up to 10)\"\nswings\ngoblet squats\n")]
    [InlineData("4 stations, 30s work 30s change, 2 laps, water break 2 mins after lap 1\n1 squats 2 rows\n3 curls 4 plank", "(circuit, 2 rounds, work 30, rest 30, between 120 water)\nsquats\nrows\ncurls\nplank\n")]
    [InlineData("1: one holds wall sit, other does 10 press ups - swap - 4 goes each", "== pairs (circuit, 4 rounds)\n")]
    [InlineData("Tabata 1: squats / rows\nTabata 2: gainage / mountain climbers\n1 min rest between tabatas", "(circuit, 4 rounds, work 20, rest 10, after 60)\nsquats\nrows\n")]
    public void What_several_lines_say(string lines, string becomes) =>
        Holds([lines], l => $"{l}\n", _ => becomes);

    /// <summary>“and” parts a list in one way, or a line of them is never done with.</summary>
    [Theory]
    [InlineData("squats and ", 21, "10 to 1 z")]
    [InlineData("a, ", 70, "10 10 10 q")]
    [InlineData("1 a", 70, "")]
    [InlineData("squats + ", 25, "3x10 z")]
    public void Lines_that_might_be_parted_in_many_ways_are_read_at_once(string piece, int times, string end) =>
        Assert.NotNull(CardReader.Read($"Quay\n{string.Concat(Enumerable.Repeat(piece, times))}{end}\n"));

    [Fact]
    public void Pairs_beyond_the_last_letter_are_kept() =>
        Assert.Equal(24, SheetWriter.Write(CardReader.Read($"Quay\n{string.Concat(Enumerable.Repeat("squats + rows 3x10\n", 24))}")!.Plan).Split("rows").Length - 1);

    [Fact]
    public void Rounds_behind_a_list_of_times_are_asked() =>
        Assert.Contains(CardReader.Read("Quay\nCore: plank 1 min, side plank 30s each side, bridge 1 min x 2\n")!.Questions, q => q.Text == "x 2: all of them?" && q.Choices.Length == 2 && q.Choices.All(c => CardReader.Read($"Quay\n{c.Instead}\n")!.Questions.All(again => again.Text != q.Text)));

    [Fact]
    public void Minutes_and_seconds_down_the_side_are_how_long_each_is() =>
        Holds(from rest in new[] { "Rest", "rest", "REST" }
              from sign in new[] { " ", " - ", ": " }
              from head in new[] { "00:00{0}Intro\n01:30{0}Warm up\n06:00", "00:00{0}Warm up\n06:00" }
              select $"{string.Format(Invariant, head, sign)}{sign}Squats\n06:45{sign}Rows\n07:30{sign}Press ups\n08:15{sign}{rest}\n09:15{sign}Squats\n10:00{sign}Rows\n10:45{sign}Press ups\n11:30{sign}Cool down\n15:00{sign}End",
            c => $"{c}\n", _ => "\nSquats 45s\nRows 45s\nPress ups 45s, rest 60\nSquats 45s\nRows 45s\nPress ups 45s\n", also: "== Cool down (own 210s)\n");

    [Fact]
    public void A_drink_below_the_class_is_not_one_of_the_warm_up_above() =>
        Holds(["Warm up: marching, arm circles 4 min\nSquats 40 sec\nRest 20 sec\nRows 40 sec\nRest 20 sec\nPlank 40 sec\nWater 60 sec\nStretch 80 sec", "0:00 Warm up: marching, arm circles\n4:00 Squats\n4:40 Rest\n5:00 Rows\n5:40 Rest\n6:00 Plank\n6:40 Water\n7:40 Stretch\n9:00 End"],
            c => $"{c}\n", _ => "== Warm up (prepare, work 120)\nmarching\narm circles\n", also: "(circuit, rest 20, after 60 water)\n");

    [Fact]
    public void Minutes_and_seconds_down_the_side_are_of_the_move_and_not_of_what_is_said_behind_it() =>
        Holds(from way in new[] { " | mod: knee press ups", " (mod: knee press ups)", " - mod: knee press ups", " [knee press ups if needed]", " - knee press ups if needed" }
              select $"0:00 Warm up - marching, arm circles\n4:00 Press ups{way}\n4:45 Rows - lighter if needed\n5:30 Squats\n6:15 Stretch\n9:00 End",
            c => $"{c}\n", _ => "\nPress ups 45s | easier: knee press ups\nRows 45s | easier: \"lighter\"\nSquats 45s\n", also: "(prepare, work 120");

    [Fact]
    public void In_a_list_that_commas_part_two_that_a_plus_joins_are_one_of_it() =>
        Holds(from way in new[] { "40/20 x 2: ", "Set 1 - 40 sec on/20 sec off x 2: ", "2 rounds of 40/20: " }
              select $"{way}squats + curls, side to side squats, plank",
            c => $"{c}\n", _ => "\nsquats + curls\nside to side squats\nplank\n", also: "2 rounds, work 40, rest 20)");

    [Fact]
    public void How_long_and_what_on_the_line_below_a_head_is_of_that_head() =>
        Holds(from head in new[] { "Circuit x3", "Circuit, 3 rounds", "Main circuit - 3 rounds" }
              from how in new[] { "40/20: ", "40s on 20s off: ", "40 sec work, 20 sec rest - " }
              select $"{head}\n{how}squats, rows, plank",
            c => $"{c}\n", _ => "\nsquats\nrows\nplank\n", also: "(circuit, 3 rounds, work 40, rest 20)");
}
