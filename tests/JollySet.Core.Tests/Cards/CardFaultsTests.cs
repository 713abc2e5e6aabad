using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What a card was once misread as, or fell over.</summary>
public class CardFaultsTests
{
    private static string Sheet(params string[] lines) => SheetWriter.Write(CardReader.Read(string.Join('\n', lines))!.Plan);

    [Theory]
    [InlineData("Nobody gets on the floor", "no floor")]
    [InlineData("no-one can get down on the floor", "no floor")]
    [InlineData("All seated!", "seated")]
    [InlineData("everybody sits", "seated")]
    [InlineData("BURPEES (LOW: NO JUMP) bad knees", "knees")]
    [InlineData("wobbly thing bad wrists", "wrists")]
    [InlineData("Place: beach, two with bad hips", "hips")]
    [InlineData("\U0001F4CD beach (bad knees)", "knees")]
    public void Whom_it_may_hurt_is_a_need_however_it_is_said(string line, string need) =>
        Assert.Contains(need, Sheet("Strong", "3 rounds 45/15", "squats", line, "lunges").Split('\n').First(l => l.StartsWith("needs:", StringComparison.Ordinal)), StringComparison.Ordinal);

    [Theory]
    [InlineData("Time | What | How", "0-5 | warm up | march", "٥-١٥ | circuit | squat, row, plank 40/20 x 2")]
    [InlineData("Strong", "٣. Strength - 10 of each", "squats\nrows", "٤. Balance - 20 secs each", "tree\nstand on one leg")]
    [InlineData("Move,Work (s),Load (kg)", "squat,٤٠,١٢", "row,٤٠,٨")]
    [InlineData("Wed ٦-٧pm", "٤x squat ١٢ row ١٢ ٦٠s")]
    public void Digits_of_another_script_are_no_error(params string[] lines) => Assert.NotNull(CardReader.Read(string.Join('\n', lines)));

    [Fact]
    public void What_is_pulsed_is_a_move_of_its_own_block()
    {
        var sheet = Sheet("Barre", "Arms: bicep curls x16, lateral raise x16", "Glutes: leg back lifts x16, pulses x16", "Legs: squats x16, pulses x16");
        Assert.DoesNotContain("lateral raise pulses", sheet, StringComparison.Ordinal);
        Assert.Contains("squats pulses", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void A_date_is_no_work_and_rest()
    {
        var sheet = Sheet("Class plan 24/11 - 18:00", "Circuit 40/20 x 3", "squats", "rows");
        Assert.StartsWith("# \"Class plan", sheet, StringComparison.Ordinal);
        Assert.Contains("24/11", sheet, StringComparison.Ordinal);
        Assert.DoesNotContain("work 24", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void What_has_a_comma_or_a_colon_is_no_move()
    {
        var plan = CardReader.Read("Strong\n3 rounds\nsquats x10\nOdd, , thing: x10\nrows x10")!.Plan;
        Assert.Equal(2, plan.Blocks.Sum(b => b.Stations.Length));
        Assert.Contains("Odd, , thing", SheetWriter.Write(plan), StringComparison.Ordinal);
    }

    [Fact]
    public void Four_benches_are_benches() => Assert.Contains("kit: 4 benches", Sheet("Strong", "Kit: 4 benches", "3 rounds", "squats x10"), StringComparison.Ordinal);

    [Fact]
    public void A_way_told_below_is_that_moves() =>
        Assert.Contains("Curtsy lunge, alternating | for knees: reverse lunge", Sheet("Strong", "3 rounds 45/15", "Squat", "Curtsy lunge (alternating)", "Modifications: knees - swap curtsy for reverse lunge"), StringComparison.Ordinal);

    [Fact]
    public void Moves_that_three_heads_share_stand_in_each()
    {
        var plan = CardReader.Read("HIIT\nSet 1 20s on 10s off\nSet 2 30s on 15s off\nSet 3 40s on 20s off\nSame 3 moves each set, twice through:\nsquats\nplank\nburpees")!.Plan;
        Assert.Equal([3, 3, 3], plan.Blocks.Select(b => b.Stations.Length));
        Assert.All(plan.Blocks, b => Assert.Equal(2, b.Settings.RoundsSaid));
    }

    [Theory]
    [InlineData("kickbacks", "LBT Thursday", "standing kickback")]
    [InlineData("kickbacks", "Arms Thursday", "triceps kickback")]
    [InlineData("leg curls", "Chair class", "standing hamstring curl")]
    [InlineData("toe taps", "Over 60s", "front toe tap")]
    public void A_short_name_is_the_one_for_this_class_and_asked(string name, string title, string move)
    {
        var reading = CardReader.Read($"{title}\n3 rounds 45/15\nsquats\n{name}\nlunges")!;
        Assert.Contains(move, SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.Contains(reading.Questions, q => q.Text == $"is {move} meant?");
    }

    [Fact]
    public void Numbers_that_are_dictated_are_numbers()
    {
        var sheet = Sheet("kettlebells tonight fifty minutes warm up ten minutes then five rounds of ten swings eight goblet squats and six presses each side ninety seconds rest then stretch");
        Assert.Contains("minutes: 50", sheet, StringComparison.Ordinal);
        Assert.Contains("circuit, 5 rounds, between 90", sheet, StringComparison.Ordinal);
        Assert.Contains("presses x6, each side", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void The_same_line_twice_is_read_twice_alike()
    {
        var sheet = Sheet("Strong", "RDL 4x8 90", "RDL 4x8 90", "plank 60", "plank 60");
        Assert.Equal(2, sheet.Split("RDL x8").Length - 1);
        Assert.Equal(2, sheet.Split("plank 60s").Length - 1);
    }

    [Fact]
    public void A_number_on_a_key_counts_lines_only_where_it_counts_nothing_else()
    {
        var sheet = Sheet("Strong", "3\uFE0F\u20E3 rounds 45/15", "1\uFE0F\u20E3 squats", "1\uFE0F\u20E30\uFE0F\u20E3 rows");
        Assert.Contains("circuit, 3 rounds, work 45, rest 15", sheet, StringComparison.Ordinal);
        Assert.Contains("\nsquats\nrows", sheet.ReplaceLineEndings("\n"), StringComparison.Ordinal);
    }

    [Fact]
    public void Who_does_not_come_is_not_who_comes() =>
        Assert.DoesNotContain("audience:", Sheet("We have no beginners this week and it is 45 minutes.", "3 rounds", "squats x10"), StringComparison.Ordinal);

    [Fact]
    public void What_a_sentence_says_is_told_once()
    {
        var line = CardReader.Read("We'll bring dumbbells and it is 45 minutes at the harbour hall.\n3 rounds\nsquats x10")!.Lines[0].Read;
        Assert.Equal(1, line.Split("kit: dumbbells").Length - 1);
        Assert.Equal(1, line.Split("45 minutes").Length - 1);
    }

    [Fact]
    public void An_alternative_in_a_table_is_an_equal_choice() =>
        Assert.Contains("| or: ", Sheet("Exercise,Reps,Alternative", "squat,10,wall sit", "row,10,band pull-apart"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Low-Impact HIIT (all standing)", "no jumping", "no floor")]
    [InlineData("Steady class, two of them don't get down on the floor", "no floor", "no floor")]
    [InlineData("Movers: they struggle to get up off the floor", "no floor", "no floor")]
    public void A_title_or_a_sentence_may_say_whom_it_may_hurt(string line, string need, string other)
    {
        var needs = Sheet(line, "3 rounds 45/15", "squats", "lunges").Split('\n').First(l => l.StartsWith("needs:", StringComparison.Ordinal));
        Assert.Contains(need, needs, StringComparison.Ordinal);
        Assert.Contains(other, needs, StringComparison.Ordinal);
    }

    [Fact]
    public void A_chair_among_things_is_a_thing()
    {
        var sheet = Sheet("Barre", "chair, light weights, small ball", "3 rounds 45/15", "squats", "lunges");
        Assert.Contains("kit: chair, light dumbbells, ball", sheet, StringComparison.Ordinal);
        Assert.DoesNotContain("needs:", sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Round 1: 10 press-ups, , 10 squats, run to tree x 3")]
    [InlineData("Round 1: , 10 squats, 10 rows, run to tree x 3")]
    [InlineData("Pair 1: + squats + ")]
    [InlineData("Tabata 1 - / squats / ")]
    [InlineData("Arms (2 x 10): , curls, ")]
    [InlineData("Warm up and cool down, 5 mins each")]
    [InlineData("Superset 1 (4x10):", ", squat, ")]
    [InlineData("shouldr press x 10(reps /  press x12) 3 rounds. ,  bums & tums")]
    [InlineData("kb swings - stretching and arm circles. x3 plank 60s ( RDL (KB swing chest opener:  10 sit ups)5 deadbugs")]
    public void A_list_with_a_hole_in_it_is_no_error(params string[] lines) => Assert.NotNull(CardReader.Read(string.Join('\n', lines.Prepend("Quay"))));

    [Theory]
    [InlineData("3 rounds (40s on / 20s off)")]
    [InlineData("3 rounds (40 on / 20 off)")]
    [InlineData("3 rounds, 40\" / 20\"")]
    public void A_bracket_that_says_how_it_runs_is_no_list(string head) =>
        Assert.Contains("(circuit, 3 rounds, work 40, rest 20)", Sheet("Quay", head, "squat", "plank"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Rest between rounds: 90s")]
    [InlineData("Between rounds - 90 secs")]
    [InlineData("Descanso entre rondas: 1\u203230\u2033")]
    public void A_rest_told_by_its_place_is_no_move(string rest) =>
        Assert.Contains("(circuit, 3 rounds, work 40, rest 20, between 90)", Sheet("Quay", "3 rounds 40/20", "squat", "plank", rest), StringComparison.Ordinal);

    [Fact]
    public void What_comes_next_in_a_numbered_list_is_of_it_whatever_it_is_called()
    {
        var sheet = Sheet("Quay", "3 rounds 40/20", "1) squat", "2) row", "3) slingshot", "2 mins breather after 2 circuits");
        Assert.Contains("slingshot", sheet.Split("== ")[1], StringComparison.Ordinal);
        Assert.DoesNotContain("== slingshot", sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("water after round 2", "water 60 after round 2")]
    [InlineData("Water break (90s) after round 1", "water 90 after round 1")]
    [InlineData("drinks 2 min after round 3", "after 120 water")]
    public void A_drink_after_a_round_stands_where_it_is(string line, string says) =>
        Assert.Contains(says, Sheet("Quay", "3 rounds 40/20", "squat", "row", line, "Stretch 5 min"), StringComparison.Ordinal);

    [Fact]
    public void A_note_stays_in_the_language_it_was_written_in() =>
        Assert.Contains("6 Stationen, je 45 Sek.", Sheet("Zirkel", "6 Stationen, je 45 Sek. Arbeit / 15 Sek. Wechsel, 3 Runden, dazwischen 2 Min. Pause", "Squats", "Plank"), StringComparison.Ordinal);

    [Fact]
    public void A_superset_by_the_clock_is_off_after_each_of_its_moves() =>
        Assert.Contains("(superset, 3 rounds, work 40, rest 20, pause 20)", Sheet("Quay", "Superset 1: 40/20 x 3", "squat", "row"), StringComparison.Ordinal);

    [Fact]
    public void Minutes_of_a_part_are_not_how_long_the_class_is() =>
        Assert.DoesNotContain("minutes: 8", Sheet("Quay", "Jog to the trees, mobility (8 mins)", "3 rounds 40/20", "squat", "row"), StringComparison.Ordinal);

    [Fact]
    public void A_sentence_out_of_whose_middle_something_was_taken_is_kept_whole()
    {
        var sheet = Sheet("Quay", "First circuit is 6 exercises, 45 seconds work and 15 seconds rest, and they do it three times:", "squat", "row");
        Assert.DoesNotContain(", ,", sheet, StringComparison.Ordinal);
        Assert.Contains("and they do it three times", sheet, StringComparison.Ordinal);
    }

    /// <summary>Minutes and a part that stand without a space between them are cut apart once.</summary>
    [Fact]
    public void Minutes_right_before_a_part_are_no_error() =>
        Assert.Contains("== stretch (own 300s)", Sheet("Quay", "3 rounds 40/20", "squats", "rows", "and then we have 5'stretch"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Una: keep off the left knee", "knees")]
    [InlineData("Dot - spare her right wrist", "wrists")]
    [InlineData("go easy on that bad shoulder", "shoulders")]
    public void Which_of_the_two_it_is_does_not_hide_a_need(string line, string need) => Assert.Contains($"needs: {need}", Sheet("Quay", "3 rounds 40/20", "squats", line), StringComparison.Ordinal);

    /// <summary>A warm-up that is told last comes first.</summary>
    [Fact]
    public void A_warm_up_told_last_is_first() =>
        Assert.Matches("(?s)== Warm up.*== A", Sheet("Quay", "3 rounds 40/20", "squats", "rows", "Warm up is five minutes of marching and arm circles."));

    [Fact]
    public void Whether_sets_go_round_or_stay_is_asked()
    {
        var question = Assert.Single(CardReader.Read("Quay\nBlock 1, 3 sets, rest 60s\nsquat x10\nrow x10")!.Questions, q => q.Text.Contains("round by round", StringComparison.Ordinal));
        Assert.Contains("(straight, 3 rounds, rest 60)", Sheet("Quay", question.Choices[1].Instead, "squat x10", "row x10"), StringComparison.Ordinal);
    }

    [Fact]
    public void Both_of_a_minute_are_done_in_every_minute()
    {
        Assert.Contains("(superset, 10 rounds, rest 15)", Sheet("Quay", "EMOM 10: 10 kb swings + 5 squat jumps"), StringComparison.Ordinal);
        Assert.Contains("(minute, 5 rounds)", Sheet("Quay", "EMOM 10: 10 kb swings, 5 squat jumps"), StringComparison.Ordinal);
    }

    [Fact]
    public void Words_below_that_say_how_it_runs_are_of_the_block_above_and_asked()
    {
        var reading = CardReader.Read("Quay\nsquat x10\nrow x10\nall that twice round, you know the drill")!;
        Assert.Single(reading.Plan.Blocks);
        Assert.Single(CardReader.Read("Quay\nsquat x10\nrow x10\nall that twice if you like")!.Plan.Blocks);
        Assert.Contains("2 rounds", SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.Contains("you know the drill", SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
    }

    [Fact]
    public void A_second_circuit_runs_as_the_first_most_likely()
    {
        var reading = CardReader.Read("Quay\nCircuit A x3 (45/15)\nsquat\nrow\nCircuit B x3\nlunge\nplank")!;
        Assert.Equal(2, SheetWriter.Write(reading.Plan).Split("work 45, rest 15").Length - 1);
        Assert.Contains(reading.Questions, q => q.Text == "how long is each station of Circuit B?" && q.Choices[0].Label == "45 s on, 15 s off");
    }

    /// <summary>Minutes beside the moves of a follow-along are no plan of the class.</summary>
    [Theory]
    [InlineData("Start\tWhat\n18:00\tWarm-up\n18:08\tCircuit: squat, row\n18:30\tStretch\n18:35\tEnd", "(own 480s)")]
    [InlineData("Min | What\n0 | Warm up\n5 | Circuit: squat, row\n20 | Stretch\n25 | Finish", "(own 300s)")]
    [InlineData("Time,Exercise\n0:00,March\n1:00,Squats\n2:00,Hip hinge", "March")]
    public void A_table_says_when_each_part_begins(string table, string part) => Assert.Contains(part, Sheet(table), StringComparison.Ordinal);

    /// <summary>What is said of some of the rounds is not said of all of them.</summary>
    [Fact]
    public void What_is_said_of_some_rounds_is_kept_in_words() =>
        Assert.Contains("only after the first two rounds", Sheet("Quay", "squat x10", "row x10", "rest 60 secs only after the first two rounds"), StringComparison.Ordinal);
}
