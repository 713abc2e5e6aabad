using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Supersets by letters with their rest, loads of a list, tabatas of two, partners by turns, letters that the card explains, a rest set apart.</content>
public partial class CardSayingTests
{
    private static string SheetOf(string card) => SheetWriter.Write(CardReader.Read(card)!.Plan);

    [Fact]
    public void Sets_of_a_superset_and_the_rest_behind_them() =>
        Holds(from head in new[] { "SS: ", "SS - ", "Superset: ", "B) SS: ", "Superset - " }
              from pair in new[] { "curls 3x12 + rows 3x12", "curls 3x12 / rows 3x12", "curls 3 x 12 & rows 3 x 12", "curls + rows 3x12", "curls / rows 3 x 12", "curls x12 + rows x12 x3" }
              from rest in new[] { ", 60s", ", 60s rest", " (60s)", " - 60s rest", ", rest 60s" }
              where !(head.StartsWith('B') && pair.EndsWith("x3", StringComparison.Ordinal))
              select head + pair + rest,
            c => $"Quay\n\nsquats 5x5, rest 2 min\n{c}\n", _ => "(superset, 3 rounds, rest 60)\ncurls x12\nrows x12\n", every: 2);

    [Fact]
    public void A_load_of_a_list_is_each_ones() =>
        Holds(from head in new[] { "arms (1kg): ", "Arms (1kg) - ", "Upper body (1 kg): ", "Back ( 1kg ) - " }
              from how in new[] { (", 2 x 15 each", "2 rounds", " x15"), (" 40/20 x 2", "2 rounds, work 40, rest 20", ""), (", 30s each", "work 30", ""), (" 15 of each", "", " x15") }
              select (Head: head, How: how),
            c => $"Quay\n\nsquats 3x10\n{c.Head}curls, presses, rows{c.How.Item1}\n", c => $"(circuit{(c.How.Item2.Length > 0 ? ", " : "")}{c.How.Item2})\ncurls{c.How.Item3} [1kg]\npresses{c.How.Item3} [1kg]\nrows{c.How.Item3} [1kg]\n");

    [Fact]
    public void A_tabata_of_two_by_turns() =>
        Holds(from head in new[] { "Tabata\n", "Tabata:\n", "Part C - tabata\n", "Finisher - tabata\n", "Tabata 20/10\n", "C. Tabata\n", "Tabata: ", "Finisher - tabata: " }
              from sign in new[] { " / ", " + ", " & ", " and ", "/", " alternating with " }
              select head + "squat jumps" + sign + "burpees",
            c => $"Quay\n\nsquats 3x10\n\n{c}\nstretch 5 min\n", _ => "(circuit, 4 rounds, work 20, rest 10)\nsquat jumps\nburpees\n");

    [Fact]
    public void A_tabata_of_one_move_is_eight_rounds_of_it() => Assert.Contains("(circuit, 8 rounds, work 20, rest 10)\nburpees\n", SheetOf("Quay\n\nsquats 3x10\n\nTabata\nburpees\n"), StringComparison.Ordinal);

    [Fact]
    public void A_rest_and_all_of_it_again() =>
        Holds(from rest in new[] { "2 mins off", "2 min rest", "rest 2 mins", "2min break", "take 2 mins", "Rest 2:00" }
              from sign in new[] { " & ", " and ", ", ", ", then ", " then ", " + " }
              from again in new[] { ("go again x3", 3), ("repeat x3", 3), ("repeat 3 times", 3), ("go again", 2), ("do it again", 2), ("go round again", 2) }
              select (Line: rest + sign + again.Item1, again.Item2),
            c => $"\n10 squats\n20 mountain climbers\n10 squats\n{c.Line}\n", c => $"(circuit, {c.Item2} rounds, between 120)\nsquats x10\n", every: 3);

    [Fact]
    public void Rounds_of_a_list_with_a_minute_between_them() =>
        Holds(from head in new[] { "4 rounds of ", "4 rounds: ", "Then 4 rounds of " }
              from list in new[] { ("10 squats, 10 press ups, 10 rows each arm, 30 sec plank", "squats x10\npress ups x10\nrows x10, each side\nplank 30s\n"), ("10 squats, 10 press ups and a 30 sec plank", "squats x10\npress ups x10\nplank 30s\n"), ("10 squats, 12 rows and 8 press ups", "squats x10\nrows x12\npress ups x8\n") }
              from rest in new[] { " with a minute between rounds", " with 60s between rounds", ", 1 min rest between rounds", ", a minute between rounds.", " with a minute's rest between rounds", ", rest 60s between rounds" }
              select (Line: head + list.Item1 + rest, list.Item2),
            c => $"\n\n{c.Line}\nstretch 5 min\n", c => "(circuit, 4 rounds, between 60)\n" + c.Item2);

    [Theory]
    [InlineData("Ascending reps: 5, 10, 15, 20")]
    [InlineData("Ascending reps - 5/10/15/20:")]
    public void Reps_that_rise_above_a_list_are_a_ladder(string head) => Assert.Contains("(ladder 5/10/15/20, rest 60)\nthrusters\nrows\n", SheetOf($"Quay\n\n{head}\nthrusters\nrows\n60s rest after each set\n"), StringComparison.Ordinal);

    [Fact]
    public void Times_that_change_from_round_to_round() =>
        Holds(from times in new[] { "50/10, 40/20, 30/30", "R1 50/10, R2 40/20, R3 30/30", "50/10 then 40/20 then 30/30", "Round 1: 50/10, Round 2: 40/20, Round 3: 30/30", "50s/10s, 40s/20s, 30s/30s", "50/10 - 40/20 - 30/30", "50/10 -> 40/20 -> 30/30", "50/10; 40/20; 30/30", "50/10, 40/20 and 30/30", "3 rounds: 50/10, 40/20, 30/30", "HIIT (50/10, 40/20, 30/30)" }
              from list in new[] { "\nskaters\npush ups\nplank jacks", "\n- skaters\n- push ups\n- plank jacks" }
              select times + list,
            c => $"\n\n{c}\n\nstretch 5 min\n", _ => "(circuit, 3 rounds, work 50/40/30, rest 10/20/30)\nskaters\npush ups\nplank jacks\n");

    [Theory]
    [InlineData("5 rounds: 50/10, 40/20, 30/30\nskaters\nrows", "5 rounds, work 50, rest 10")]
    [InlineData("40/20, 40/20, 40/20\nskaters\nrows", "work 40, rest 20")]
    [InlineData("Sat 25/10\n3x10 skaters", "(straight, 3 rounds)")]
    public void Times_that_are_no_rounds_of_their_own(string lines, string runs) => Assert.Contains(runs, SheetOf($"Quay\n\n{lines}\n"), StringComparison.Ordinal);

    [Fact]
    public void One_works_and_one_rests() =>
        Holds(from turns in new[] { "P1 works / P2 rests", "P1 works, P2 rests", "one works, one rests", "A works while B rests", "Partner A works, partner B rests", "I go you go" }
              from time in new[] { ", swap every 30s", " - swap every 30 secs", ", change every 30 seconds", ", 30s each", " (30s each)" }
              select turns + time,
            c => $"\nPartner circuit\n{c}\nslam balls\nwall sit\n3 laps\n", c => $"(circuit, 3 rounds, work 30, rest 30)\nnote: {Quoted(c)}\nslam balls\nwall sit\n");

    private static string Quoted(string words) => words.AsSpan().ContainsAny(',', '(', ')') || words.Any(char.IsAsciiDigit) ? $"\"{words}\"" : words;

    [Fact]
    public void A_letter_that_the_card_explains() =>
        Holds(from legend in new[] { "(L = low impact option)", "L = low option", "L: low impact option", "Key: L = easier, H = harder", "L is the easier option", "(L = low, H = high)" }
              from way in new[] { "(L: step ups)", "(L - step ups)", "[L = step ups]", "(L step ups)", "- L: step ups", "/ L = step ups" }
              select (Legend: legend, Way: way),
            c => $"\n{c.Legend}\n\n3 rounds, 40/20\nbox jumps {c.Way}\npress-ups (L: knee push-up)\nplank\n", _ => "box jumps | easier: step ups\npress-ups | easier: knee push-up\nplank\n");

    [Fact]
    public void A_harder_one_by_its_letter() => Assert.Contains("squats | easier: sit to stand | harder: squat jump\n", SheetOf("Quay\nL = low, H = high\n\n3 rounds, 40/20\nsquats (L: sit to stand, H: squat jump)\nplank\n"), StringComparison.Ordinal);

    [Fact]
    public void What_explains_a_letter_is_no_head_of_what_comes_next()
    {
        var sheet = SheetOf("Quay\nL = low option\n3 rounds 40/20\nlunge (L side)\nbox jumps (L step ups)\n");
        Assert.Contains("note: L = low option\n\n== A (circuit, 3 rounds, work 40, rest 20)\nlunge, left\nbox jumps | easier: step ups\n", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void Kit_in_brackets_behind_a_lists_name_is_not_lost() => Assert.Contains("light dbs", SheetOf("Quay\n\narms (light dbs): curls, presses, rows, 30s each\n"), StringComparison.Ordinal);

    [Fact]
    public void A_letter_nobody_explains_is_none_of_a_way() => Assert.DoesNotContain("easier", SheetOf("Quay\n\n3 rounds, 40/20\nbox jumps (L: step ups)\nside plank L\nplank\n"), StringComparison.Ordinal);

    [Fact]
    public void A_longer_rest_set_apart_below_a_list_with_its_own_comes_after_it() =>
        Holds(from own in new[] { "60 sec rest", "rest 60s", "1 min rest", "rest 1:00" }
              from apart in new[] { "2 mins rest", "Rest 2 minutes", "2 min break", "2 mins off" }
              select (own, apart), c => $"\n\n5 rounds:\n10 swings\n5 goblet squats\n{c.own}\n\n{c.apart}\n\n4 rounds:\n10 deadlifts\n30 sec plank\n{c.own}\n", _ => "5 rounds, between 60, after 120", also: "4 rounds, between 60)");

    [Theory]
    [InlineData("5-7 min stretch", "(own 300s)")]
    [InlineData("5 - 7 minutes warm up", "(own 300s)")]
    [InlineData("0-5 warm up\n5-15 circuit 40/20 x 3: squats, rows\n15-22 stretch", "(own 420s)")]
    [InlineData("5-15 mins circuit 40/20 x 3: squats, rows\n15-22 mins stretch", "(own 420s)")]
    public void From_so_many_minutes_to_so_many_is_a_place_only_among_others(string lines, string own) => Assert.Contains(own, SheetOf($"Quay\n\n{lines}\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Beginners' circuit")]
    [InlineData("Beginner's strength")]
    [InlineData("Circuit for beginners")]
    public void Who_a_class_is_for_by_its_title(string title) => Assert.Contains("audience: newcomer", SheetOf($"{title} - Weds 10am\n\n3 rounds 40/20\nsquats\nrows\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Thanks! Ana")]
    [InlineData("Cheers. Ana")]
    [InlineData("")]
    public void A_letter_of_several_paragraphs(string thanks)
    {
        var sheet = SheetOf($"Hi Jo, can you cover my Wednesday class please? It's at the Old Net Loft at 6pm, usually 12 people.\n\nThey start with 5 minutes of warm up, marching and arm swings. Then we do 3 rounds of squats, press ups, bent over rows and lunges, 40 seconds each with 20 seconds rest. Give them a minute between rounds. After that it's 2 rounds of plank and side plank for 30 seconds. Finish with a 5 minute stretch.\n\n{thanks}");
        Assert.Contains("(prepare, work 150)\nmarching\narm swings\n", sheet, StringComparison.Ordinal);
        Assert.Contains("(circuit, 3 rounds, work 40, rest 20, between 60)\nsquats\npress ups\nbent over rows\nlunges, alternating\n", sheet, StringComparison.Ordinal);
        Assert.Contains("(circuit, 2 rounds)\nplank 30s\nside plank 30s, switch halfway\n", sheet, StringComparison.Ordinal);
    }
}
