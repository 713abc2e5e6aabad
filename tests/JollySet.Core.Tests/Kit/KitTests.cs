using JollySet.Core.Checks;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Kit;

public class KitTests
{
    [Theory]
    [InlineData("12x8kg dumbbells", 12)]
    [InlineData("12 dumbbells", 12)]
    [InlineData("6 pairs of dumbbells", 12)]
    [InlineData("2 pairs of 8kg dumbbells", 4)]
    [InlineData("two bottles", 2)]
    [InlineData("1.5kg dumbbells", null)]
    [InlineData("1,5 kg dumbbells", null)]
    [InlineData("4-10kg dumbbells", null)]
    [InlineData("4–10 kg dumbbells", null)]
    [InlineData("8kg dumbbells", null)]
    [InlineData("10lb dumbbells", null)]
    [InlineData("20 pound kettlebell", null)]
    [InlineData("dumbbells", null)]
    [InlineData("99999999999 dumbbells", null)]
    public void A_number_counts_pieces_unless_it_is_a_size(string written, int? pieces) => Assert.Equal(pieces, KitStock.Of(written).Pieces);

    [Theory]
    [InlineData("barbell", "bar", false)]
    [InlineData("pull-up bar", "bar", true)]
    [InlineData("light dumbbells", "dumbbell", true)]
    [InlineData("a dumbbell", "dumbbells", true)]
    [InlineData("two filled bottles", "dumbbells", true)]
    [InlineData("bandana", "band", false)]
    [InlineData("resistance bands", "band", true)]
    [InlineData("heel wedge", "heel wedge", true)]
    [InlineData("wedge", "heel wedge", false)]
    [InlineData("step or bottom stair", "step", true)]
    [InlineData("footstep", "step", false)]
    public void An_entry_is_an_item_by_whole_words(string written, string item, bool isIt) => Assert.Equal(isIt, KitStock.Of(written).Is(item));

    private static IEnumerable<string> Used(string head, string line) => KitUse.Of(Sheet.Time(Sheet.OneBlock(head, line))).Select(u => u.Item);

    [Fact]
    public void What_a_load_names_stands_in_place_of_the_librarys()
    {
        Assert.Equal(["kettlebell"], Used("circuit, work 40", "bent-over row [heavy kettlebell]"));
        Assert.Equal(["broom"], Used("circuit, work 40", "deadlift [heavy broom]"));
        Assert.Equal(["dumbbells"], Used("circuit, work 40", "bent-over row [heavy]"));
    }

    [Fact]
    public void A_warm_up_needs_no_weights_unless_it_says_so()
    {
        Assert.Contains("dumbbells", Used("circuit, work 40", "lunge"));
        Assert.DoesNotContain("dumbbells", Used("prepare, work 40", "lunge"));
        Assert.Contains("dumbbells", Used("prepare, work 40", "lunge [light]"));
        Assert.Equal("", Sheet.Time(Sheet.OneBlock("prepare, work 40", "lunge")).Sets[0].Facts.Held);
    }

    [Theory]
    [InlineData("deadlift [100kg]", LoadLevel.Heavy)]
    [InlineData("deadlift [2x8kg]", LoadLevel.Moderate)]
    [InlineData("deadlift [4kg]", LoadLevel.Light)]
    [InlineData("lateral raise [2x6kg]", LoadLevel.Heavy)]
    [InlineData("lateral raise [2x3kg]", LoadLevel.Moderate)]
    [InlineData("overhead press [35lb]", LoadLevel.Heavy)]
    [InlineData("deadlift [light]", LoadLevel.Light)]
    public void A_said_weight_counts_by_what_is_usual_for_the_pattern(string line, LoadLevel level) =>
        Assert.Equal(level, Sheet.Time(Sheet.OneBlock("straight, 3 rounds, rest 90", $"{line} x5")).Sets[0].Facts.Weight);

    [Fact]
    public void A_heavy_weight_in_kilograms_wants_a_warm_up()
    {
        var findings = Review.Of(Sheet.Time("# T\nminutes: 20\n== A (straight, 3 rounds, rest 120)\ndeadlift x5 [100kg]\n"));
        Assert.Contains(findings, f => f is { Code: "warm-up-missing", Severity: Severity.Stop });
    }

    [Fact]
    public void The_opening_names_what_is_used_and_the_list_of_kit_names_no_weight_that_nobody_said()
    {
        var timeline = Sheet.Time("# T\nkit: mat, heavy dumbbells\n== A (circuit, work 40, rest 20)\nlateral raise\ngoblet squat [heavy]\nstep-up\n");
        Assert.Contains(Core.Cues.Opening.Of(timeline), s => s.StartsWith("You need mat, heavy dumbbells", StringComparison.Ordinal) && s.Contains("step", StringComparison.Ordinal));
        Assert.DoesNotContain(KitNeeds.Of(timeline), n => n.What.Contains("moderate", StringComparison.Ordinal));
        Assert.Contains(KitNeeds.Of(timeline), n => n.What.StartsWith("heavy", StringComparison.Ordinal));
    }

    [Fact]
    public void Reps_of_a_move_and_its_other_name_are_one_sum()
    {
        var move = Core.Moves.MoveLibrary.Shipped.All.First(m => !m.Also.IsEmpty);
        var reps = Totals.Of(Sheet.Time(Sheet.OneBlock("circuit, rest 20", $"{move.Name} x10", $"{move.Also[0]} x5"))).Reps;
        Assert.Equal((1, 15), (reps.Count, reps[move.Name]));
    }

    [Fact]
    public void A_need_that_nobody_knows_is_said_and_never_called_fine()
    {
        var plan = Sheet.Read("# T\nneeds: wobbly knees, vertigo-ish\n== A (circuit, work 40, rest 20)\njump squat\n");
        var findings = Review.Of(TimelineBuilder.Build(plan)).Where(f => f.Code == "need-unknown").ToList();
        Assert.Equal(2, findings.Count);
        Assert.Contains("Is “knees” meant?", findings[0].Message, StringComparison.Ordinal);
        Assert.All(Core.Options.Covers.Of(TimelineBuilder.Build(plan)), c => Assert.Equal(Core.Options.CoverKind.Unknown, c.Cover.Kind));
    }

    [Fact]
    public void A_focus_that_nobody_knows_is_kept_and_not_judged()
    {
        const string Sheets = "== A (circuit, 4 rounds, work 40, rest 20)\npush-up\nfloor press\nchest fly\n";
        Assert.Contains(Review.Of(Sheet.Time($"# T\nfocus: full body\n{Sheets}")), f => f.Code is "see-saw" or "region-off-focus");
        Assert.DoesNotContain(Review.Of(Sheet.Time($"# T\nfocus: seamanship\n{Sheets}")), f => f.Code is "see-saw" or "region-off-focus");
    }
}
