using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>What empty lines part, ways to go, rests and dates that are written in few signs.</content>
public partial class CardSayingTests
{
    private static readonly string[][] FourGroups = [["squats", "rows", "plank"], ["press ups", "lunges", "crunches"], ["burpees", "dead bugs", "glute bridges"], ["star jumps", "mountain climbers", "wall sit"]];

    [Fact]
    public void Groups_that_an_empty_line_parts_are_blocks() =>
        Holds(from many in new[] { 2, 3, 4 }
              from size in new[] { 2, 3 }
              from head in new[] { $"{many} blocks of {size} exercises, 30/15 x4", $"{many} blocks, 30/15, 4 rounds each", $"{many} circuits, {size} moves in each, 4 rounds 30/15", $"Main - {many} blocks of {size}, 30/15 x4" }
              from bullet in new[] { "", "- " }
              select (Card: $"Quay\n\n{head}\n\n{string.Join("\n\n", FourGroups.Take(many).Select(g => string.Join('\n', g.Take(size).Select(m => bullet + m))))}\n\nstretch 5\n", Last: (char)('A' + many - 1), First: FourGroups[many - 1][0]),
            c => c.Card, c => $"== {c.Last} (circuit, 4 rounds, work 30, rest 15)\n{c.First}", also: "== A (circuit, 4 rounds, work 30, rest 15)\nsquats\nrows\n");

    [Theory]
    [InlineData("2 blocks, 30/15 x4, 1 min between blocks", "rest 15, after 60)\nsquats")]
    [InlineData("2 tabatas, 1 min between", "4 rounds, work 20, rest 10, after 60)\nsquats")]
    [InlineData("2 circuits of 2, 40/20 x3", "3 rounds, work 40, rest 20)\npress ups")]
    public void Of_two_groups(string head, string block) => Assert.Contains(block, SheetOf($"Quay\n\n{head}\nsquats\nrows\n\npress ups\nplank\n"), StringComparison.Ordinal);

    [Fact]
    public void As_many_groups_as_are_told_of_or_none() => Assert.DoesNotContain("== B", SheetOf("Quay\n\n3 blocks, 30/15 x4\nsquats\nrows\n\npress ups\nplank\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("1km run", "run 335s | note: \"1km\"")]
    [InlineData("1 mile run", "run 535s | note: \"1 mile\"")]
    [InlineData("0.5 mile run", "run 270s | note: \"0.5 mile\"")]
    [InlineData("500m row", "rowing machine 125s | note: \"500m\"")]
    [InlineData("9 cal row", "rowing machine 35s | note: \"9 cal\"")]
    [InlineData("2k row", "rowing machine 500s | note: \"2k\"")]
    [InlineData("12 rows", "rows x12")]
    public void A_way_to_go_is_no_title(string line, string station)
    {
        foreach (var card in new[] { $"{line}\n20 squats\n10 press ups\n", $"Quay\n\n3 rounds\n20 squats\n{line}\n" })
            Assert.Contains($"\n{station}\n", SheetOf(card), StringComparison.Ordinal);
    }

    [Fact]
    public void The_machine_is_asked_about() => Assert.Contains(CardReader.Read("Quay\n\n3 rounds\n500m row\n20 squats\n")!.Questions, q => q.Text.Contains("rowing machine meant", StringComparison.Ordinal));

    [Theory]
    [InlineData("toe touches x20")]
    [InlineData("leg swings x10")]
    public void What_is_counted_is_no_title(string line) => Assert.StartsWith("# Card\n", SheetOf($"{line}\nsquats x20\n3 rounds\n"), StringComparison.Ordinal);

    [Fact]
    public void Minutes_from_and_to() =>
        Holds(from part in new[] { "Warm up", "WU", "Stretch", "Cool down" }
              from sign in new[] { " ", ": ", " - " }
              from range in new[] { "5/7 min", "5-7 mins", "5 to 7 minutes" }
              select part + sign + range,
            c => $"Quay\n\n{c}\n3 rounds 40/20\nsquats\nrows\n", _ => "(own 300s)", also: "up to 7");

    [Theory]
    [InlineData("rest 20 x3", "3 rounds, rest 20)")]
    [InlineData("Rest 20 secs, 3x", "3 rounds, rest 20)")]
    public void A_rest_and_how_often(string rest, string how) => Assert.Contains(how, SheetOf($"Quay\n\nA1 squats x10\nA2 rows x10\n{rest}\n"), StringComparison.Ordinal);

    [Fact]
    public void Rounds_and_their_rest_in_a_bracket() =>
        Holds(from name in new[] { "Block 1", "Circuit A", "Core" }
              from how in new[] { "(3x / 60s)", "(x3, 60s rest)", "(3 rounds / rest 60s)", "(x3 / 1 min rest)" }
              select $"{name} {how}",
            c => $"Quay\n\nWarm up 5\n{c}\nsquats x10\nrows x10\n", _ => "(circuit, 3 rounds, between 60)\nsquats x10\nrows x10");

    [Fact]
    public void Numbers_that_make_a_beat_with_the_rest_are_seconds()
    {
        var reading = CardReader.Read("Quay\n\n3 rounds\nsquats 40\nrows 40\npress ups 40\nrest 20\n")!;
        Assert.Contains("(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\npress ups\n", SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        var asked = Assert.Single(reading.Questions, q => q.Text == "40 seconds of each?");
        Assert.Contains("squats x40", SheetOf(reading.Lines.Select(l => l.Line == asked.Line ? asked.Choices[1].Instead : l.Text).Aggregate("", (a, l) => a + l + "\n")), StringComparison.Ordinal);
        Assert.Contains("squats x40\nrows x40\n", SheetOf("Quay\n\n3 rounds\nsquats x40\nrows x40\nrest 20\n"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Core (5)", "== Core (circuit, work 100)")]
    [InlineData("Abs (10)", "== Abs (circuit, work 200)")]
    public void A_part_and_few_minutes(string head, string block) => Assert.Contains(block, SheetOf($"Quay\n\nWarm up (5)\n{head}\nplank\ncrunches\nglute bridges\n"), StringComparison.Ordinal);

    [Fact]
    public void One_works_and_below_it_when_they_swap() =>
        Holds(from both in new[] { "P1 works P2 rests", "Partner 1 works, partner 2 rests", "One works, the other rests", "In pairs: A works, B rests" }
              from swap in new[] { "swap every 30s", "Switch every 30 seconds", "change after 30s" }
              from top in new[] { "", "Quay\n\n" }
              select (top, both, swap),
            c => $"{c.top}{c.both}\n{c.swap}\nsquats\nrows\n4 rounds\n", _ => "(circuit, 4 rounds, work 30, rest 30)\nsquats\nrows\n", also: "note: ");

    [Theory]
    [InlineData("Sat 25/10 circuit", "# \"Sat 25/10 circuit\"")]
    [InlineData("Circuit Thu 4/12", "# \"Circuit Thu 4/12\"")]
    [InlineData("Circuits\nDates: Sat 25/10, Sun 30/10", "note: \"Dates: Sat 25/10, Sun 30/10\"")]
    public void A_date_is_no_work_and_rest(string head, string kept)
    {
        var sheet = SheetOf($"{head}\n\n3 rounds 40/20\nsquats\nrows\n");
        Assert.Contains(kept, sheet, StringComparison.Ordinal);
        Assert.Contains("== A (circuit, 3 rounds, work 40, rest 20)", sheet, StringComparison.Ordinal);
    }

    [Fact]
    public void A_day_and_its_times_are_times() => Assert.Contains("work 40, rest 20", SheetOf("Quay\n\nMon 40/20\nsquats\nrows\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Upper (on the mat): press ups, crunches, rows, 2 x 15 each", "(straight, 2 rounds)\npress ups x15\ncrunches x15\nrows x15")]
    [InlineData("Do 4 rounds of 30 sec plank, 10 squats, 10 rows", "(circuit, 4 rounds)\nplank 30s\nsquats x10\nrows x10")]
    [InlineData("Finisher SS: squats + press ups 3x12, 60s", "(superset, 3 rounds, rest 60)\nsquats x12\npress ups x12")]
    [InlineData("Abs tabata (toe taps/crunches)", "(circuit, 4 rounds, work 20, rest 10)")]
    [InlineData("Stretch seated 6 mins: hamstrings, chest", "(release, work 180)\nhamstrings stretch\nchest stretch")]
    public void A_list_on_one_line(string line, string block) => Assert.Contains(block, SheetOf($"Quay\n\n2 rounds 30/15\nsquats\nrows\n{line}\n"), StringComparison.Ordinal);
}
