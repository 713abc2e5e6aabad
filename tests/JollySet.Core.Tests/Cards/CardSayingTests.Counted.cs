using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Heads that say which of several alike a block is, moves one a minute, and whole blocks of counted moves on one line.</content>
public partial class CardSayingTests
{
    [Fact]
    public void The_number_of_a_block_is_no_minutes() =>
        Holds(from kind in new[] { "AMRAP", "Amrap" }
              from head in new[] { "{0} {1} – {2} min", "{0} {1}: {2} mins", "{0} {1} ({2} min)", "{0} {1}, {2} min", "{0} #{1} – {2} min", "{2} min {0} {1}", "{2} min {0} #{1}", "{0} no. {1} – {2} min", "{0} {1} {2} min", "{0} {1} [{2} min]", "Block {1}: {2} min {0}" }
              from rest in new[] { "", "\nRest 2 mins", "\n– 2 min rest –" }
              select string.Format(Invariant, head, kind, 1, 8) + "\n10 squats\n12 rows" + rest + "\n" + string.Format(Invariant, head, kind, 2, 6) + "\n10 curls",
            l => $"Quay\n\n{l}\n", l => $"(amrap 480s{(l.Contains("est", StringComparison.Ordinal) ? ", after 120" : "")})\nsquats x10\nrows x12\n", also: "(amrap 360s)\ncurls x10\n");

    [Fact]
    public void A_numbered_emom_has_the_minutes_that_are_said() =>
        Holds(from head in new[] { "EMOM {0} – {1} min", "EMOM {0}: {1} minutes", "EMOM {0} ({1} mins)", "{1} min EMOM {0}", "EMOM #{0}, {1} min", "Block {0} – EMOM {1} min" }
              select string.Format(Invariant, head, 1, 8) + "\n10 squats\n12 rows\n" + string.Format(Invariant, head, 2, 6) + "\n10 curls\n8 lunges each side",
            l => $"Quay\n\n{l}\n", _ => "(minute, 4 rounds)\nsquats x10\nrows x12\n", also: "(minute, 3 rounds)\ncurls x10\n");

    [Fact]
    public void Ordinals_and_number_words_count_blocks_too() =>
        Holds([("1st AMRAP: 8 min\n10 squats\n12 rows", "(amrap 480s)\nsquats x10\nrows x12\n", 0), ("First AMRAP – 8 minutes\n10 squats\n12 rows", "(amrap 480s)\nsquats x10\nrows x12\n", 0), ("AMRAP one - 8 minutes\n10 squats\n12 rows", "(amrap 480s)\nsquats x10\nrows x12\n", 0),
               ("First tabata – 4 min\nsquats\nrows", "(circuit, 4 rounds, work 20, rest 10)\nsquats\nrows\n", 0), ("4 min tabata #2\nsquats\nrows", "(circuit, 4 rounds, work 20, rest 10)\nsquats\nrows\n", 0), ("1st circuit: 9 min\n40/20\nsquats\nrows\nburpees", "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\nburpees\n", 0)],
            c => $"Quay\n\n{c.Item1}\n", c => c.Item2);

    [Fact]
    public void Moves_one_a_minute_go_on_as_long_as_is_said() =>
        Holds(from head in new[] { "EMOM {0}", "EMOM – {0} min", "{0} min EMOM", "Saturday EMOM ({0} mins)", "EMOM for {0} min" }
              from label in new[] { "Min {0}: ", "Minute {0} - ", "M{0}: ", "{0}. ", "Min. {0} – " }
              from again in new[] { "", "Repeat", "Repeat for 12 mins", "= 12 mins", "x 6", "Repeat 6 times", "6 rounds" }
              select $"{string.Format(Invariant, head, 12)}\n{string.Format(Invariant, label, 1)}15 KB swings\n{string.Format(Invariant, label, 2)}10 press ups\n{again}",
            l => $"{l}\n", _ => "(minute, 6 rounds)\nKB swings x15\npress ups x10\n");

    [Theory]
    [InlineData("Saturday EMOM (12 mins)\nMin 1: 15 KB swings\nMin 2: 10 press ups", "Saturday EMOM", "(minute, 6 rounds)")]
    [InlineData("Friday AMRAP 12 min\n15 KB swings\n10 press ups", "Friday AMRAP", "(amrap 720s)")]
    public void A_title_right_above_its_moves_is_title_and_format(string card, string title, string format)
    {
        var plan = CardReader.Read(card)!.Plan;
        Assert.Equal(title, plan.Title);
        Assert.Contains($"{format}\nKB swings x15\npress ups x10", SheetWriter.Write(plan), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Saturday EMOM (12 mins) - no jumping, 12 people, bands\nMin 1: 15 squats\nMin 2: 10 rows", "needs: no jumping")]
    [InlineData("Saturday EMOM (12 mins) - no jumping, 12 people, bands\nMin 1: 15 squats\nMin 2: 10 rows", "people: 12")]
    [InlineData("Friday AMRAP 12 min, bad knees\n15 squats\n10 rows", "needs: knees")]
    public void What_else_a_title_above_its_moves_says_is_heard(string card, string heard) =>
        Assert.Contains(heard, SheetWriter.Write(CardReader.Read(card)!.Plan), StringComparison.Ordinal);

    [Fact]
    public void Two_moves_and_their_sets_on_one_line_are_done_by_turns() =>
        Holds(from label in new[] { "S1 – ", "S1: ", "SS1 - ", "A – ", "A: ", "A) ", "A. ", "Superset 1: ", "Superset A – " }
              from pair in new[] { "goblet squat, floor press", "goblet squat / floor press", "goblet squat + floor press", "goblet squat & floor press" }
              from how in new[] { "3 x 15 – {0} – 30s rest", "3 x 15: {0}, 30s rest", "{0} 3 x 15, 30s rest", "3x15 {0} rest 30s", "3 sets of 15 – {0} – 30 secs rest", "{0} (3 x 15, 30s rest)", "{0} x 15 – 3 sets – 30s rest" }
              select label + string.Format(Invariant, how, pair),
            l => $"Quay\n\nWarm up 5 min\n{l}\nCool down 5 min\n", _ => "(superset, 3 rounds, rest 30)\ngoblet squat x15\nfloor press x15\n");

    [Fact]
    public void A_block_of_counted_moves_may_stand_on_one_line() =>
        Holds(from label in new[] { "A) ", "A: ", "A – ", "1. ", "Block 1: ", "Circuit 1 – ", "Main: ", "" }
              from often in new[] { "3 rds", "3 rounds of", "3x", "x3", "3 sets", "3 times" }
              from list in new[] { "12 squats / 10 rows / 8 curls", "12 squats, 10 rows, 8 curls", "squats x 12, rows x 10, curls x 8", "12 squats + 10 rows + 8 curls", "squats (12), rows (10), curls (8)" }
              from rest in new[] { ", r 60", " – 60 sec rest", ". Rest 60s between rounds" }
              select $"{label}{often} {list}{rest}",
            l => $"Quay\n\nWarm up 5 min\n{l}\nCool down 5 min\n", _ => "(circuit, 3 rounds, between 60)\nsquats x12\nrows x10\ncurls x8\n");

    [Fact]
    public void What_is_more_than_a_block_of_counted_moves_is_left_alone() =>
        Holds([("A: squats 3x10, rows 3x12", "(straight, 3 rounds)\nsquats x10\nrows x12\n", 0), ("Superset\nsquats 15 / rows 10 x3", "(superset, 3 rounds)\nsquats x15\nrows x10\n", 0), ("A. squat + press 3x10", "squat + press x10\n", 0), ("A. goblet squat + bench press 3x10\nB. rows + curls 3x12", "(superset, 3 rounds)\ngoblet squat x10\nbench press x10\n", 0)],
            c => $"Quay\n\n{c.Item1}\n", c => c.Item2);

    [Theory]
    [InlineData("3 rounds: 10 goblet squats, 10 push ups, 20s hollow hold x47", "47")]
    [InlineData("8 x 30s sprint / 60s walk (41)", "41")]
    [InlineData("2 rounds: squats x10, rows x10, curls x12 x47", "47")]
    public void A_number_behind_a_counted_move_is_not_lost(string line, string number) =>
        Assert.Contains(number, SheetWriter.Write(CardReader.Read($"Quay\n\n{line}")!.Plan), StringComparison.Ordinal);

    [Fact]
    public void What_is_said_of_each_of_several_lists_is_in_each_of_them() =>
        Holds(from how in new[] { ("3 circuits of 4 exercises, 40 on 20 off, 2 rounds each", 0), ("2 x 40/20 each block, 1 min between blocks", 60), ("All 40/20, 2 rounds, 60s between circuits", 60), ("Do each circuit twice, 40/20", 0), ("3 x mini circuits (2 rounds each, 40/20)", 0) }
              from label in new[] { "C{0} ", "Circuit {0}: ", "{0}. ", "{1}) ", "Block {0} ", "C{0} - " }
              from sign in new[] { ", ", " / ", " + " }
              from isAbove in new[] { true, false }
              let lists = string.Join('\n', new[] { new[] { "squats", "press ups", "rows" }, ["curls", "deadlifts", "crunches"] }.Select((l, i) => string.Format(Invariant, label, i + 1, (char)('A' + i)) + string.Join(sign, l)))
              select ($"Warm up 5 min\n{(isAbove ? $"{how.Item1}\n{lists}" : $"{lists}\n{how.Item1}")}\nStretch 5 min\n", $"(circuit, 2 rounds, work 40, rest 20{(how.Item2 > 0 ? ", after 60" : "")})\nsquats\npress ups\nrows\n", 0),
            c => c.Item1, c => c.Item2, also: "(circuit, 2 rounds, work 40, rest 20)\ncurls\ndeadlifts\ncrunches\n");

    [Fact]
    public void How_tabatas_run_may_stand_below_them() =>
        Holds(from how in new[] { ("20 secs on 10 secs off x 8, 1 minute between", 60), ("20/10 x8", 0), ("20s work 10s rest, 8 rounds", 0), ("20/10 for 4 mins each, 1 min between", 60) }
              from label in new[] { "Tabata {0}: ", "T{0}: ", "Tabata {0} - ", "T{0} " }
              from sign in new[] { ", ", " / ", " + ", " & " }
              from isAbove in new[] { true, false }
              let lists = string.Join('\n', new[] { new[] { "squats", "high knees" }, ["press ups", "plank"] }.Select((l, i) => string.Format(Invariant, label, i + 1) + string.Join(sign, l)))
              select ($"Warm up 4 min\n{(isAbove ? $"{how.Item1}\n{lists}" : $"{lists}\n{how.Item1}")}\nStretch 3 min\n", $"(circuit, 4 rounds, work 20, rest 10{(how.Item2 > 0 ? ", after 60" : "")})\nsquats\nhigh knees\n", 0),
            c => c.Item1, c => c.Item2, also: "(circuit, 4 rounds, work 20, rest 10)\npress ups\nplank\n");

    [Theory]
    [InlineData("C1 squats, rows\nC2 curls, dips\n2 rounds each, 40/20", 3)]
    [InlineData("2 rounds each, 40/20\nC1 squats, rows\nC2 curls, dips", 1)]
    [InlineData("2 rounds each, 40/20\nC1 squats, rows\nC2 curls, dips\n1 min between circuits.", 4)]
    public void The_line_about_all_of_them_says_so(string card, int line) =>
        Assert.Equal("how each of them runs", CardReader.Read(card)!.Lines[line - 1].Read);
}
