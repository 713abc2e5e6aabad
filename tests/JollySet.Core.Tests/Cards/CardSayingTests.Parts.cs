using JollySet.Core.Cards;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Parts of a class as they are named in passing: the last block, the same again in other times, lists with their minutes, several blocks on a line, other ways told in a sentence.</content>
public partial class CardSayingTests
{
    private const string Three = "3 rounds 40/20\nsquats\nlunges\nrows\n";

    [Fact]
    public void Finish_is_a_block() =>
        Holds(from word in new[] { "finish", "Finish", "to finish", "Finisher" }
              from sign in new[] { ": ", " - " }
              from list in new[] { (Said: "suitcase carry 2 x 30s each side", Block: "(straight, 2 rounds)\nsuitcase carry 30s, each side"), (Said: "50 burpees", Block: "burpees x50") }
              select (Line: word + sign + list.Said, list.Block),
            c => $"Quay\n\n{Three}{c.Line}\n", c => c.Block, also: "(circuit, 3 rounds, work 40, rest 20)\nsquats\nlunges, alternating\nrows\n");

    [Fact]
    public void The_same_again_in_other_times() =>
        Holds(from said in new[] { "Same again but 30/10", "Same again at 30/10", "Repeat but 30/10", "Same moves, 30/10", "Then repeat it all at 30s/10s", "Same again but 30 secs on / 10 secs off" }
              from gap in new[] { "1 min break\n", "" }
              select gap + said,
            c => $"Quay\n\n{Three}{c}\n", _ => "work 30, rest 10)\nsquats\nlunges, alternating\nrows");

    [Fact]
    public void The_same_again_is_asked_about() => Assert.Contains(CardReader.Read($"Quay\n\n{Three}Same again but 30/10\n")!.Questions, q => q.Text == "the moves of A again?");

    [Theory]
    [InlineData("Core 5 min: plank, crunches", "work 150)\nplank\ncrunches\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats")]
    [InlineData("Technique – goblet squat, deadlift 10 mins", "work 300)\ngoblet squat\ndeadlift\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats")]
    [InlineData("Skills: goblet squat, deadlift, plank 9 mins", "work 180)\ngoblet squat\ndeadlift\nplank\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats")]
    [InlineData("Step section - 6 min (basic step, march)", "work 180)\nbasic step\nmarch\n\n== A (circuit, 3 rounds, work 40, rest 20)\nsquats")]
    public void A_list_with_its_minutes_is_whole(string line, string blocks)
    {
        foreach (var gap in new[] { "", "\n" })
        {
            var sheet = SheetOf($"Quay\n\n{line}\n{gap}{Three}");
            Assert.Contains(blocks, sheet, StringComparison.Ordinal);
            Assert.DoesNotContain("minutes:", sheet, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void What_runs_below_a_list_with_minutes_is_of_it_where_no_move_follows() => Assert.Contains("work 40, rest 20)\nsquats\nrows\n", SheetOf("Quay\n\nMain 20 min: squats, rows\n40/20\nStretch\n"), StringComparison.Ordinal);

    [Fact]
    public void Several_blocks_on_a_line() =>
        Holds(from list in new[] { "Block 1 squats and press ups, block 2 lunges and rows", "Block 1: squats, press ups; block 2: lunges, rows", "Set 1 - squats & press ups. Set 2 - lunges & rows" }
              from how in new[] { ". 30 secs each, 4 rounds", ". 30s each x 4" }
              select list + how,
            c => $"Quay\n\n{c}\n", _ => "(circuit, 4 rounds, work 30)\nlunges, alternating\nrows", also: "(circuit, 4 rounds, work 30)\nsquats\npress ups");

    [Fact]
    public void Another_way_told_in_a_sentence()
    {
        foreach (var said in new[] { "There's one lady with a bad knee so give her bridges instead of the lunges.", "Bad knees: bridges instead of lunges", "Anyone with bad knees do bridges instead of lunges", "Bridges instead of lunges for bad knees" })
        {
            var sheet = SheetOf($"Quay\n\n{Three}{said}\n");
            Assert.Contains("\nneeds: knees\n", sheet, StringComparison.Ordinal);
            Assert.Contains("lunges, alternating | for knees: bridges\n", sheet, StringComparison.OrdinalIgnoreCase);
            Assert.Contains(said.TrimEnd('.'), sheet, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData("Bad knees: wobblers instead of lunges")]
    [InlineData("Bad knees: bridges instead of burpees")]
    public void What_cannot_be_told_is_kept(string said) => Assert.Contains($"note: {said}", SheetOf($"Quay\n\n{Three}{said}\n").Replace("\"", "", StringComparison.Ordinal), StringComparison.Ordinal);

    [Theory]
    [InlineData("10 ladies + 2 gents", 12)]
    [InlineData("8 women and 4 men, one bad back", 12)]
    [InlineData("11 regulars & 3 newbies", 14)]
    public void Two_kinds_of_people_are_counted_together(string line, int people) => Assert.Contains($"people: {people}\n", SheetOf($"Quay\n{line}\n\n{Three}"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Bootcamp in the park, Sat 9am\nBring mats & water", "# \"Bootcamp – Sat 9am\"")]
    [InlineData("Circuits at the hall\nPlease bring a mat", "# Circuits\n")]
    public void What_to_bring_is_no_title(string head, string title)
    {
        var sheet = SheetOf($"{head}\n\n{Three}");
        Assert.StartsWith(title, sheet, StringComparison.Ordinal);
        Assert.Contains("kit: mat", sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("90s rest, stay controlled", 90)]
    [InlineData("60 secs rest, keep breathing", 60)]
    public void A_rest_and_words_beside_it(string line, int rest)
    {
        var sheet = SheetOf($"Quay\n\n3 x 8 goblet squat\n3 x 8 row\n{line}\n");
        Assert.Contains($"(straight, 3 rounds, rest {rest})", sheet, StringComparison.Ordinal);
        Assert.Contains(line, sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Repeat all x 2")]
    [InlineData("Repeat x 2")]
    public void What_stands_below_a_repeat_is_done_once(string again) => Assert.Contains("2 rounds)\ncat cow x8\ndead bug x10\n\n== B (release)\n", SheetOf($"Quay\n\ncat cow x 8\ndead bug x 10\n{again}\nchilds pose 1 min\nfigure four stretch 45s each side\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("tabata plank / hollow hold")]
    [InlineData("C - tabata squats, press ups")]
    public void A_tabata_and_its_moves_without_a_sign(string line) => Assert.Contains("(circuit, 4 rounds, work 20, rest 10)", SheetOf($"Quay\n\n{Three}{line}\n"), StringComparison.Ordinal);

    [Fact]
    public void Who_wrote_it_is_no_part_of_a_block() => Assert.Contains("== stretch (own 300s)\nnote: Jo\n", SheetOf($"Quay\n\n{Three}Then stretch for 5 mins at the end. Jo\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Sprint finish: 6 x 20 sec, walk back", "6 rounds)\nSprint 20s")]
    [InlineData("Goblet squat blast: 4 x 30s", "4 rounds)\nGoblet squat 30s")]
    [InlineData("Thursday challenge: 4 x 30s", "Thursday challenge 30s")]
    public void A_move_may_stand_in_the_head(string line, string block) => Assert.Contains(block, SheetOf($"Quay\n\n{Three}{line}\n"), StringComparison.Ordinal);
}
