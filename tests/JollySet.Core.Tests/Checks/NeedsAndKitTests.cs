using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>Needs, options, kit and what a class promises, each by hand.</summary>
public class NeedsAndKitTests
{
    private static ImmutableArray<Finding> Look(string text, string code) => [.. Review.Of(Sheet.Time(text)).Where(f => f.Code == code)];

    private static string? Worst(string text, string code) => Look(text, code).Select(f => (Severity?)f.Severity).Max()?.ToString();

    private static string Class(string header, params string[] lines) => $"# T\n{header}\n== A (circuit, work 40, rest 20)\n{string.Join('\n', lines)}\n";

    [Theory]
    [InlineData("knees", "squat", "Warn")]
    [InlineData("knees", "squat | for knees: glute bridge", null)]
    [InlineData("knees", "squat | easier: squat to chair", null)]
    [InlineData("wrists", "push-up | easier: knee push-up", "Warn")]
    [InlineData("no floor", "plank", "Stop")]
    [InlineData("no jumping", "jump squat", "Stop")]
    [InlineData("seated", "biceps curl | for seated: seated", null)]
    [InlineData("knees", "plank", null)]
    [InlineData("an early ferry", "squat", null)]
    [InlineData("balance", "single-leg deadlift | easier: supported", null)]
    public void A_crossing_of_station_and_need_is_fine_covered_or_open(string need, string line, string? severity) =>
        Assert.Equal(severity, Worst(Class($"needs: {need}", line), "need-open"));

    [Fact]
    public void An_open_need_is_mended_from_the_library()
    {
        var plan = Sheet.Read(Class("needs: knees, no floor", "squat", "push-up", "plank"));
        var (mended, fixes) = Review.Mended(plan, Studio.Shipped, "need-open");
        Assert.Equal(2, fixes);
        Assert.Empty(Look(SheetWriter.Write(mended), "need-open"));
        Assert.Contains("| for knees: squat to chair", SheetWriter.Write(mended), StringComparison.Ordinal);
    }

    [Fact]
    public void What_a_clinician_decides_is_shown_and_never_silenced()
    {
        var text = Class("needs: pregnancy", "squat");
        var finding = Look(text, "need-open").Single();
        Assert.Equal((Severity.Note, false), (finding.Severity, finding.MayBeDismissed));
        Assert.Contains("clinician decides", finding.Message, StringComparison.Ordinal);
        var dismissed = new Dismiss("need-open", finding.Block, finding.Mark, "I know").Apply(Sheet.Read(text)).Plan!;
        Assert.Single(Review.Of(TimelineBuilder.Build(dismissed)), f => f.Code == "need-open");
    }

    [Fact]
    public void A_dismissed_finding_returns_when_its_numbers_change()
    {
        var plan = Sheet.Read(Class("place: loft", "wrist curl 70s", "wrist curl 70s").Replace(", rest 20", ", rest 5", StringComparison.Ordinal));
        var streak = Review.Of(TimelineBuilder.Build(plan)).Single(f => f.Code == "streak" && f.Subject == "forearms");
        var left = new Dismiss(streak.Code, streak.Block, streak.Mark, "They asked for it").Apply(plan).Plan!;
        var (standing, dismissed) = Review.Whole(TimelineBuilder.Build(left));
        Assert.DoesNotContain(standing, f => f.Code == "streak" && f.Subject == "forearms");
        Assert.Equal("They asked for it", dismissed.Single().Reason);

        var longer = new SetStationPart(left.Find("A")!.Stations[0].Id, "amount", "80s").Apply(left).Plan!;
        Assert.Contains(Review.Of(TimelineBuilder.Build(longer)), f => f.Code == "streak" && f.Subject == "forearms");
        Assert.Contains(Review.Of(TimelineBuilder.Build(new TakeUpAgain(streak.Code, streak.Block, streak.Mark).Apply(left).Plan!)), f => f.Code == "streak");
    }

    [Fact]
    public void A_dismissal_is_written_and_read_with_its_reason_and_needs_one()
    {
        var plan = Sheet.Read(Class("place: loft", "squat"));
        var left = new Dismiss("streak", "A", "quads workSeconds 160", "They said \"more\", twice").Apply(plan).Plan!;
        Assert.Equal(left.Brief.Dismissed.AsEnumerable(), SheetReader.Read(SheetWriter.Write(left)).Plan!.Brief.Dismissed);
        Assert.Equal(left.Brief.Dismissed.AsEnumerable(), JsonPlanReader.Read(JsonPlanWriter.Write(left)).Plan!.Brief.Dismissed);
        Assert.Null(new Dismiss("streak", "A", "x", "  ").Apply(plan).Plan);
        Assert.Contains("the reason", Sheet.Errors("# T\ndismissed: streak, \"A\"\n"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("kit: mat", "goblet squat", "Warn")]
    [InlineData("kit: mat, one dumbbell", "goblet squat", null)]
    [InlineData("kit: mat, two bottles", "biceps curl", null)]
    [InlineData("kit: mat, step, dumbbells", "biceps curl", "Note")]
    [InlineData("kit: mat, step (optional), dumbbells", "biceps curl", null)]
    [InlineData("kit: dumbbells", "goblet squat [none]", "Note")]
    [InlineData("place: loft", "goblet squat", null)]
    public void Kit_is_what_people_are_told_to_bring(string header, string line, string? severity) =>
        Assert.Equal(severity, Worst(Class(header, line, "plank"), "kit-unlisted"));

    [Theory]
    [InlineData("people: 10\nkit: 20x5kg dumbbells", null)]
    [InlineData("people: 10\nkit: 10 pairs of dumbbells", null)]
    [InlineData("people: 10\nkit: 16x5kg dumbbells", "Warn")]
    [InlineData("people: 10\nkit: 1 dumbbell", "Stop")]
    [InlineData("people: 10\nkit: 5kg dumbbells", null)]
    [InlineData("people: 30\nstyle: follow-along\nkit: two bottles", null)]
    public void Stock_is_held_against_demand(string header, string? severity) => Assert.Equal(severity, Worst(Class(header, "biceps curl"), "kit-short"));

    [Fact]
    public void An_option_needs_its_kit_listed_too()
    {
        Assert.Equal("Note", Worst(Class("kit: mat", "squat | easier: squat to chair"), "option-kit"));
        Assert.Null(Worst(Class("kit: mat, chair", "squat | easier: squat to chair"), "option-kit"));
    }

    [Theory]
    [InlineData(6, "Note")]
    [InlineData(14, null)]
    public void A_prop_takes_time_to_place(int rest, string? severity) =>
        Assert.Equal(severity, Worst(Sheet.OneBlock($"circuit, work 40, rest {rest}", "squat", "step-up, switch halfway"), "prop-unplanned"));

    [Theory]
    [InlineData("audience: newcomer, regular", "Note")]
    [InlineData("audience: strong", "Note")]
    [InlineData("audience: newcomer", null)]
    public void The_strong_have_a_harder_way(string audience, string? severity)
    {
        Assert.Equal(severity, Worst(Class(audience, "squat | easier: squat to chair"), "no-harder-way"));
        Assert.Null(Worst(Class(audience, "squat | harder: jump squat"), "no-harder-way"));
    }

    [Theory]
    [InlineData("2 moves", true)]
    [InlineData("3 moves", false)]
    [InlineData("1 round", true)]
    [InlineData("2 rounds", false)]
    [InlineData("1 block", true)]
    [InlineData("2 minutes", true)]
    [InlineData("5 minutes", false)]
    [InlineData("no repeats", true)]
    [InlineData("low impact", true)]
    [InlineData("no kit", false)]
    [InlineData("no kit or only dumbbells", true)]
    [InlineData("upper body", true)]
    [InlineData("lower body", false)]
    [InlineData("a good mood", true)]
    public void A_claim_holds_or_is_told(string claim, bool holds) =>
        Assert.Equal(holds, Look(Class($"claims: {claim}", "biceps curl", "triceps extension"), "claim-wrong").IsEmpty);

    [Fact]
    public void A_title_promises_too()
    {
        Assert.Single(Look(Class("place: loft", "squat", "squat").Replace("# T", "# No repeats in the loft", StringComparison.Ordinal), "claim-wrong"));
        Assert.Empty(Look(Class("place: loft", "squat, each side", "plank").Replace("# T", "# No repeats in the loft", StringComparison.Ordinal), "claim-wrong"));
    }

    [Theory]
    [InlineData("note: We end with a finisher.", 1)]
    [InlineData("note: Water break half way.", 1)]
    [InlineData("note: Glute bridge again!", 1)]
    [InlineData("note: No finisher today.", 0)]
    [InlineData("focus: hamstrings", 1)]
    [InlineData("focus: biceps", 0)]
    [InlineData("note: Biceps curl as ever.", 0)]
    public void What_is_announced_is_planned(string header, int findings) => Assert.Equal(findings, Look(Class(header, "biceps curl"), "announced-unplanned").Length);
}
