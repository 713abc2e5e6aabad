using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>So many of each, in all, on each side, a minute; blocks called by where they are done; how a class finishes.</content>
public partial class CardSayingTests
{
    [Fact]
    public void So_many_of_each_behind_a_list_is_no_number_of_rounds() =>
        Holds(from head in new[] { "Floor: ", "Core - ", "A – ", "Standing - ", "Block 1: ", "Burn – ", "Superset 1: " }
              from sign in new[] { " - ", ", ", "; ", " (", ". ", " " }
              from dose in new[] { "10 each", "10 reps each", "10 of each", "x10 each", "10 times each", "all 10 reps" }
              where !(sign == ". " && head[0] == 'F') && !(dose[0] == 'a' && sign is "; " or ". " or " ")
              select $"{head}squats, rows, press ups{sign}{dose}{(sign == " (" ? ")" : "")}",
            l => $"Quay\n\nWarm up 5 min\n\n{l}\n\nStretch 5 min\n", l => "\nsquats x10\nrows x10\npress ups x10\n", every: 2);

    [Fact]
    public void A_bare_count_of_reps_behind_a_list_is_no_number_of_rounds() =>
        Holds(from head in new[] { "Floor: ", "Core - ", "Legs – ", "Bums - " }
              from dose in new[] { " - x10", " (x10)", " – x10", "; x10" }
              select $"{head}squats, rows, press ups{dose}", l => $"Quay\n\n{l}\n", l => "(circuit)\nsquats x10\nrows x10\npress ups x10\n");

    [Fact]
    public void So_many_of_each_and_how_often() =>
        Holds(from head in new[] { "Core: ", "Floor - ", "Legs – " }
              from sign in new[] { " ", " - ", ", " }
              from dose in new[] { "10 each x 2", "10 each (2 rounds)", "x10 each x2", "10 reps each x 2", "10 each, 2 rounds", "10 each (x2)" }
              where !(sign == ", " && dose == "10 each, 2 rounds")
              select $"{head}squats, rows, press ups{sign}{dose}", l => $"Quay\n\n{l}\n", l => "(circuit, 2 rounds)\nsquats x10\nrows x10\npress ups x10\n");

    [Fact]
    public void So_many_in_all_and_half_of_it_on_each_side() =>
        Holds(from move in new[] { "lunges", "single arm rows", "step ups" }
              from way in new[] { "({0} each)", "({0} each side)", "- {0} each leg", "({0}/side)", "({0} left, {0} right)", "({0} R/{0} L)", "= {0} each side", "({0} e/s)", "({0} per leg)", "total ({0} each side)", "({0} + {0})", "({0} each, alternating)" }
              from line in new[] { $"20 {move} {way}", $"{move} x20 {way}", $"1. 20 {move} {way}" }
              select (string.Format(Invariant, line, 10), way.Contains("alt", StringComparison.Ordinal) ? $"{move} x20, alternating" : $"{move} x10, each side", 0),
            c => $"Quay\n\n3 rounds\n10 squats\n{c.Item1}\n12 crunches\n", c => $"\nsquats x10\n{c.Item2}\ncrunches x12\n");

    [Fact]
    public void So_many_in_all_and_on_each_side_in_a_list() =>
        Holds(from head in new[] { "3 rounds: ", "Legs x 3: ", "A) 3 rounds - ", "3 rds of " }
              from sign in new[] { ", ", " / " }
              select $"{head}10 squats{sign}20 lunges (10 each leg){sign}12 rows", l => $"Quay\n\n{l}\n", l => "\nsquats x10\nlunges x10, each side\nrows x12\n");

    [Fact]
    public void So_many_in_all_and_so_many_a_minute() =>
        Holds(from head in new[] { "", "Finisher: ", "KB finisher - " }
              from form in new[]
              {
                  "100 swings, EMOM style 10 per min", "100 swings EMOM (10 per min)", "100 swings, 10 every minute", "10 swings EMOM until 100", "10 swings a minute, 100 total", "100 swings: 10 EMOM", "EMOM 10 swings to 100 total",
                  "EMOM: 10 swings (100 total)", "10 min EMOM: 10 swings = 100", "10 swings EMOM x 10", "every minute 10 swings x 10", "10 x 10 swings EMOM", "100 swings in sets of 10, EMOM",
              }
              select head + form, l => $"Quay\n\n3 rounds 40/20\nsquat\nrow\n\n{l}\n", l => "(minute, 10 rounds)\nswings x10\n", also: "3 rounds, work 40, rest 20)\nsquat\nrow\n");

    [Fact]
    public void A_total_that_does_not_divide_is_kept() =>
        Holds(["100 swings, EMOM style 15 per min", "EMOM 8: 10 swings (100 total)"], l => $"Quay\n\n3 rounds 40/20\nsquat\nrow\n\n{l}\n", l => "100");

    [Fact]
    public void What_a_class_finishes_with_is_a_block() =>
        Holds(from lead in new[] { "Finish with ", "Finish: ", "Finisher - ", "End with ", "To finish: ", "Then finish with ", "Finally ", "Followed by ", "Finishing with " }
              from what in new[] { ("tabata burpees", "8 rounds, work 20, rest 10)\nburpees\n"), ("burpee tabata", "8 rounds, work 20, rest 10)\nburpee\n"), ("4 min tabata burpees", "8 rounds, work 20, rest 10)\nburpees\n"), ("5 min AMRAP: 5 burpees, 10 squats", "(amrap 300s)\nburpees x5\nsquats x10\n"), ("5 min EMOM 10 burpees", "(minute, 5 rounds)\nburpees x10\n") }
              select (lead + what.Item1, what.Item2, 0),
            c => $"Quay\n\n3 rounds 40/20\nsquat\nrow\n{c.Item1}\n", c => c.Item2, also: "3 rounds, work 40, rest 20)\nsquat\nrow\n");

    [Fact]
    public void Where_it_is_done_is_what_a_block_is_called() =>
        Holds(from place in new[] { "Floor", "Standing", "Mat work", "Kneeling", "On the floor", "Floor work", "Side lying", "On your back", "Band", "Chair", "KB" }
              from form in new[] { "{0} - squats, rows, crunches 12 each", "{0} – squats, rows, crunches - 12 each", "{0}: squats, rows, crunches; 12 each" }
              select string.Format(Invariant, form, place), l => $"Quay\n\nWarm up 5 min\n\n{l}\n", l => $"(circuit)\nsquats x12\nrows x12\ncrunches x12\n");

    [Fact]
    public void Where_it_is_done_stands_above_its_moves() =>
        Holds(["Floor", "Standing", "Kneeling", "Barre", "Mat work", "Floor work"], h => $"Quay\n\nsquats x10\nrows x10\n{h}\ncrunches x10\nplank 30s\n", h => $"== {h} (circuit)\ncrunches x10\nplank 30s\n");

    [Fact]
    public void Pictures_of_again_say_no_more_than_the_words_beside_them() =>
        Holds(from sign in new[] { "🔁", "🔄", "⟳", "♻️", "⏱️" }
              from line in new[] { "{0} Repeat 4x", "{0}Repeat x4", "{0} 4 rounds", "Repeat 4 times {0}", "{0} x4" }
              select (sign, string.Format(Invariant, line, sign), 0), c => $"Quay\n\n{c.sign} 50 secs on / 10 secs off\nsquat\nplank\n{c.Item2}\n", c => "(circuit, 4 rounds, work 50, rest 10)\nsquat\nplank\n");

    [Fact]
    public void About_so_many_people_are_so_many() =>
        Holds(from about in new[] { "About ", "around ", "Roughly ", "Approx. ", "" }
              from people in new[] { "14 people", "14 ladies", "14 ppl" }
              from more in new[] { "", ", Jo has a bad shoulder" }
              select about + people + more, l => $"Quay\n3 rounds 40/20\nsquat\nplank\n{l}\n", l => "people: 14\n", also: "3 rounds, work 40, rest 20)\nsquat\nplank\n");

    [Fact]
    public void A_tabata_of_each_and_the_rest_between_them() =>
        Holds(from said in new[] { "8 rounds 20/10 each", "20/10 x 8 each", "8 x 20/10 each move", "Tabata 20/10 each" }
              from between in new[] { "1 min between", "60s rest between", "1 min between each", "then 1 min between" }
              select $"{said}, {between}", l => $"Quay\n\n{l}\nsquat jumps\nburpees\n", l => "straight, 8 rounds, work 20, rest 10, between 60)\nsquat jumps\nburpees\n");

    [Fact]
    public void So_many_of_each_behind_the_list_of_a_head_that_says_how_it_runs() =>
        Holds(from head in new[] { ("3 rounds: ", "3 rounds"), ("10 min AMRAP - ", "amrap 600s"), ("Superset x3: ", "3 rounds"), ("Block 2 (3 rounds): ", "3 rounds") }
              from dose in new[] { " - 10 each", " (10 each)", "; 10 of each", " - x10", " (x10)" }
              select ($"{head.Item1}squats, rows, press ups{dose}", head.Item2, 0), c => $"Quay\n\n{c.Item1}\n", c => $"{c.Item2})\nsquats x10\nrows x10\npress ups x10\n");

    [Fact]
    public void Sets_of_so_many_in_all_and_half_of_it_on_each_side() =>
        Holds(from form in new[] { "3 x 20 lunges {0}", "lunges 3x20 {0}", "3 sets of 20 lunges {0}", "lunges: 3 x 20 {0}" }
              from way in new[] { "(10 each)", "(10 each leg)", "- 10 each side", "(10 L, 10 R)" }
              select string.Format(Invariant, form, way), l => $"Quay\n\nsquats 3x10, rest 60\n{l}\n", l => "lunges x10, each side\n", also: "3 rounds");

    [Fact]
    public void Eight_behind_the_list_of_a_tabata_are_its_rounds() =>
        Holds(["Tabata: squats, burpees - x8", "Tabata: squats, burpees (x8)", "Tabata 1 - squats, burpees (x8)"], l => $"Quay\n\n{l}\n", l => "8 rounds, work 20, rest 10)\nsquats\nburpees\n");
}
