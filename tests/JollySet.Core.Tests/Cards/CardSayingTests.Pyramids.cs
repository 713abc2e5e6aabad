using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Pyramids of times, tabatas under one head, a rest by its letter, rounds in short, a part of one move.</content>
public partial class CardSayingTests
{
    private static readonly string[] UpAndDown = ["20s / 30s / 40s / 30s / 20s work", "20/30/40/30/20 secs", "20-30-40-30-20s", "20, 30, 40, 30, 20 seconds", "20s-30s-40s-30s-20s", "20 30 40 30 20 secs work", "20sec, 30sec, 40sec, 30sec, 20sec"];

    [Fact]
    public void Times_up_and_down_and_the_rest_after_each_of_them() =>
        Holds(from title in new[] { "", "HIIT pyramid\n", "Block 1 pyramid\n", "Pyramid: ", "Pyramid - ", "HIIT pyramid - ", "Pyramid of ", "Interval pyramid: " }
              from times in UpAndDown
              from rest in new[] { ", 10s rest", " / 10s rest", ", rest 10s", " (10s rest)", ", 10s between exercises" }
              select title + times + rest,
            c => $"Quay\n\n{c}\nhigh knees\nsquat jumps\npress-ups\n", _ => "(pyramid 20s..40s..20s step 10s, rest 10, pause 10)\nhigh knees\nsquat jumps\npress-ups\n", every: 3);

    [Fact]
    public void Numbers_without_a_unit_are_no_times() =>
        Holds(["10/15/20/15/10"], c => $"Quay\n\nPyramid: {c}\nsquats\npress-ups\n", _ => "(pyramid 10..20..10 step 5)\nsquats\npress-ups\n");

    /// <summary>As many numbers as tabatas are told of: a strange name among them is asked, and is one of its tabata.</summary>
    [Fact]
    public void As_many_numbered_lists_as_tabatas_are_theirs_whatever_they_name()
    {
        var reading = CardReader.Read("Quay\n2 tabatas, 1 min between\n1. wobble dips, squats\n2. squats, rows")!;
        Assert.Equal(["Tabata 1", "Tabata 2"], reading.Plan.Blocks.Select(b => b.Name));
        Assert.Contains(reading.Questions, q => q.Line == 3 && q.Text.Contains("wobble dips", StringComparison.Ordinal));
    }

    [Fact]
    public void Tabatas_of_two_moves_under_one_head() =>
        Holds(from head in new[] { "TABATA x4 (20 on 10 off, 8 rds, 1 min rest between tabatas)", "4 tabatas, 20/10 x 8, 1 min between", "4 x Tabata (20s/10s, 8 rounds), 60s between tabatas", "Tabata x 4: 20/10, 8 rounds each, 1 min rest between", "4 tabatas: 20 sec work, 10 sec rest, 8 rounds, 1 min between", "Tabatas - 20/10 x 8 - 1 min between tabatas" }
              from item in new[] { "{0}) {1}/{2}", "{0}. {1} & {2}", "{0}) {1} + {2}", "Tabata {0}: {1}, {2}", "- {1}/{2}", "{1} / {2}", "{1} and {2}" }
              select (head, item, 0),
            c => $"Quay\n{c.head}\n{string.Join('\n', new[] { ("air squats", "push ups"), ("jumping jacks", "sit ups"), ("skaters", "plank"), ("burpees", "crunches") }.Select((two, i) => string.Format(Invariant, c.item, i + 1, two.Item1, two.Item2)))}\n",
            _ => "(circuit, 4 rounds, work 20, rest 10, after 60)\nair squats\npush ups\n", every: 2, also: "(circuit, 4 rounds, work 20, rest 10)\nburpees\ncrunches\n");

    [Fact]
    public void A_rest_by_its_letter_behind_sets() =>
        Holds(from rest in new[] { "R2M", "R 2M", "r2m", "R2'", "(R2M)", "- R2M", "/ R2M", "R: 120s", "RI 120s", "2min R", "120s R" }
              from before in new[] { "A) ", "1. ", "", "- " }
              select (before, rest, 0), c => $"Quay\n\n{c.before}Goblet squat 5x5 {c.rest}\n", _ => "(straight, 5 rounds, rest 120)\nGoblet squat x5\n");

    [Theory]
    [InlineData("A Goblet squat 4x8\nB Deadlift 4x8")]
    [InlineData("A Goblet squat 4x8 R90\nB Deadlift 4x8 R90\nC Plank 3x30s")]
    public void A_letter_before_a_lift_is_no_part_of_its_name(string lines) => Assert.Contains("\nGoblet squat x8\n", SheetWriter.Write(CardReader.Read($"Quay\n\n{lines}\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("Goblet squat 3x10 R")]
    [InlineData("Side plank 3x30s R")]
    public void The_right_side_is_no_rest(string line) => Assert.DoesNotContain("rest", SheetWriter.Write(CardReader.Read($"Quay\n\n{line}\n")!.Plan), StringComparison.Ordinal);

    [Fact]
    public void Rounds_in_short_behind_a_list() =>
        Holds(from head in new[] { "core: ", "Core - ", "Legs: ", "Block 1: ", "" }
              from list in new[] { "squats x10, rows x12, press-ups x8", "10 squats, 12 rows, 8 press-ups" }
              from often in new[] { "(2 rnds)", "- 2 rnds", "x2 rnds", "(x2 rnds)", ", 2 rnds", "2 rounds", "(twice)", "(2x)" }
              select $"{head}{list} {often}", l => $"Quay\n\n{l}\n\nStretch 5 min\n", _ => "(circuit, 2 rounds)\nsquats x10\nrows x12\npress-ups x8\n");

    [Fact]
    public void Trisets_and_giant_sets_by_their_letters() =>
        Holds(from how in new[] { "(3 x, 60s rest)", "(x3, 60s rest)", "- 3x, rest 60s", "(3 sets, 60s rest)", "(3 times, 60s rest)" }
              from item in new[] { "{0}. {1} 12", "{1} x12", "12 {1}" }
              select (how, item, 0),
            c => $"Quay\nTS1 {c.how}\n{string.Join('\n', new[] { "DB fly", "DB row", "Curl" }.Select((m, i) => string.Format(Invariant, c.item, "abc"[i], m)))}\nTS2 {c.how}\n{string.Join('\n', new[] { "Squat", "Deadlift", "Calf raise" }.Select((m, i) => string.Format(Invariant, c.item, "abc"[i], m)))}\n",
            _ => "== TS1 (trio, 3 rounds, rest 60)\nDB fly x12\n", also: "== TS2 (trio, 3 rounds, rest 60)\nSquat x12\n");

    [Fact]
    public void A_part_of_one_move_and_its_sets() =>
        Holds(from head in new[] { "Plyo", "Power", "Grip", "Accessory", "Olympic lift", "Carry" }
              from sign in new[] { ": ", " - " }
              from rest in new[] { ", 40s rest", ", rest 40s", " (40s rest)", " - 40s rest" }
              select (head, $"{head}{sign}pogo hops 3x20s{rest}", 0),
            c => $"Quay\n\nMain: 3 rounds, rest 45s\nSplit squat x8/leg\nCalf raise x15\n{c.Item2}\n", c => $"(straight, 3 rounds, rest 40)\npogo hops 20s\n");

    [Theory]
    [InlineData("Easier: squats 3x10")]
    [InlineData("Bad knees: squats 3x10")]
    [InlineData("Beginners: squats 3x10")]
    [InlineData("Monday: squats 3x10")]
    public void What_leads_to_a_way_is_no_part(string line) =>
        Assert.DoesNotContain($"== {line.Split(':')[0]}", SheetWriter.Write(CardReader.Read($"Quay\n\nMain: 3 rounds\nJump squat x8\n{line}\n")!.Plan), StringComparison.Ordinal);
}
