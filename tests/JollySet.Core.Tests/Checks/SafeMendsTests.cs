using CsCheck;
using JollySet.Core.Checks;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Checks;

/// <summary>What may be mended at one press: rests, ways, showings, kit; never work, never words.</summary>
public class SafeMendsTests
{
    private const string Loose = "# T\nminutes: 20\naudience: newcomer\nkit: mat\n== A (superset, 3 rounds)\ngoblet squat x10 [heavy]\npush-up x10 | note: mine\n";

    private static SafeMends Of(string text)
    {
        var timeline = Sheet.Time(text);
        return SafeMends.Of(timeline, Review.Of(timeline));
    }

    [Fact]
    public void Rests_ways_and_kit_are_mended_together_and_say_what_they_do()
    {
        var safe = Of(Loose);
        Assert.Contains(safe.Mends, m => m.Finding.Code == "rest-unplanned" && m.Says.StartsWith("rest ", StringComparison.Ordinal));
        Assert.Contains(safe.Mends, m => m.Finding.Code == "no-easier-way" && m.Says.Contains("easier: ", StringComparison.Ordinal));
        Assert.Contains(safe.Mends, m => m.Finding.Code == "kit-unlisted");
        var codes = Review.Of(TimelineBuilder.Build(safe.Edit.Apply(Sheet.Read(Loose)).Plan!)).Select(f => f.Code).ToList();
        Assert.DoesNotContain("rest-unplanned", codes);
        Assert.DoesNotContain("no-easier-way", codes);
        Assert.DoesNotContain("kit-unlisted", codes);
    }

    [Fact]
    public void Two_things_that_are_not_listed_are_both_listed()
    {
        const string text = "# T\nminutes: 20\nkit: mat\n== A (circuit, 2 rounds, work 40, rest 20)\ngoblet squat [heavy]\nstep-up, switch halfway\n";
        var mended = Of(text).Edit.Apply(Sheet.Read(text)).Plan!;
        Assert.Equal(["dumbbells", "mat", "step"], mended.Brief.Kit.Order(StringComparer.Ordinal));
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(mended)), f => f is { Code: "kit-unlisted", Severity: Severity.Warn });
    }

    [Theory]
    [InlineData("no load")]
    [InlineData("3 cones")]
    public void A_thing_whose_name_reads_as_a_number_of_pieces_is_not_listed_by_itself(string thing)
    {
        var text = $"# T\nminutes: 20\nkit: mat\npeople: 12\n== A (circuit, 2 rounds, work 40, rest 20)\nsquat | kit: {thing}\n";
        Assert.DoesNotContain(Of(text).Mends, m => m.Finding.Code == "kit-unlisted");
        Assert.Contains(Review.Of(Sheet.Time(text)), f => f is { Code: "kit-unlisted", Severity: Severity.Warn, Fix: null });
    }

    [Theory]
    [InlineData("dodgy plumbing", "need-unknown")]
    public void What_nobody_understands_is_asked_before_other_warnings(string need, string code) =>
        Assert.Equal(code, Review.Of(Sheet.Time($"# T\nneeds: {need}\n== A (superset, 3 rounds)\njump squat x10\npush-up x10\n")).First(f => f.Severity == Severity.Warn).Code);

    [Theory]
    [InlineData("no jumping")]
    [InlineData("no jumps")]
    [InlineData("no impact")]
    public void A_class_to_be_spared_jumps_is_stopped_in_any_words(string need) =>
        Assert.Contains(Review.Of(Sheet.Time($"# T\nneeds: {need}\n== A (circuit, work 20, rest 20)\njump squat\nsquat\n")), f => f is { Code: "jumps-ceiling", Severity: Severity.Stop });

    [Fact]
    public void Work_and_words_stay_as_they_are()
    {
        var (before, after) = (Sheet.Read(Loose), Of(Loose).Edit.Apply(Sheet.Read(Loose)).Plan!);
        Assert.Equal(before.Blocks[0].Stations.Select(s => SheetWriter.WriteStation(s).Split(" |")[0]), after.Blocks[0].Stations.Select(s => SheetWriter.WriteStation(s).Split(" |")[0]));
        Assert.Equal("mine", Assert.Single(after.Blocks[0].Stations[1].Notes));
    }

    [Fact]
    public void Random_classes_lose_no_work_and_gain_nothing_worse() => PlanGen.Plans.Sample(
        plan =>
        {
            var timeline = TimelineBuilder.Build(plan);
            var findings = Review.Of(timeline);
            if (SafeMends.Of(timeline, findings) is not { Mends.IsEmpty: false } safe || safe.Edit.Apply(plan).Plan is not { } mended)
                return;
            Assert.Equal(timeline.Sets.Select(s => (s.Facts.Name, s.Length, s.Reps)), TimelineBuilder.Build(mended).Sets.Select(s => (s.Facts.Name, s.Length, s.Reps)));
            Assert.True(Review.Of(TimelineBuilder.Build(mended)).Count(f => f.Severity == Severity.Stop) <= findings.Count(f => f.Severity == Severity.Stop), SheetWriter.Write(plan));
        },
        iter: 200);

    [Fact]
    public void Whatever_a_class_holds_it_can_be_looked_at() => PlanGen.Plans.Sample(plan => Assert.All(Review.Of(TimelineBuilder.Build(plan)), f => Assert.NotEmpty(f.Message + f.FixSays(plan))), iter: 2000);

    /// <summary>A claim of so many moves was read as a number and was none: the class could not be opened again.</summary>
    [Theory]
    [InlineData("claims: ४ moves, १० minutes, ३ rounds")]
    [InlineData("kit: ४ mats, ४kg dumbbells, 2x٨kg dumbbells")]
    [InlineData("note: ४ moves in १० minutes, ४kg")]
    public void Digits_of_another_script_are_words(string line)
    {
        var timeline = Sheet.Time($"# T\n{line}\n== \"४ moves in १० minutes\" (talk 40s)\n== A (circuit, work 40, rest 20)\nsquat\n");
        Assert.All(Review.Of(timeline), f => Assert.NotEmpty(f.Message));
    }

    [Fact]
    public void A_hold_in_as_many_rounds_as_possible_is_looked_at() =>
        Assert.DoesNotContain(Review.Of(Sheet.Time("# T\n== A (amrap 5min)\nplank 40s\nplank 40s\n")), f => f.Code == "hold-no-cue");

    [Theory]
    [InlineData("# T\nminutes: 30\n== Hello (talk 40s)\n", "Nothing to judge yet: put in a block and its stations.")]
    [InlineData("# T\n== A (circuit, work 40, rest 20)\nsquat\n", "Nothing to mend.")]
    [InlineData("# T\nminutes: 2\n== A (circuit, 2 rounds, work 40, rest 45 water)\nside plank, switch halfway\n", "Nothing to mend: it keeps its minutes, left and right are even and there is water.")]
    public void Praise_says_only_what_holds(string text, string says) => Assert.Equal(says, AllWell.Of(Sheet.Time(text)));

    [Theory]
    [InlineData("# A\nminutes: 30\n== Welcome (talk 40s)", "Nothing to judge yet: put in a block and its stations.")]
    [InlineData("# A\n== A (circuit, work 40, rest 20)\nsquat", "Nothing that has to be mended.")]
    public void Beside_smaller_notes_nothing_is_praised(string text, string says) => Assert.Equal(says, AllWell.Of(Sheet.Time(text), hasNotes: true));

    [Fact]
    public void A_class_of_words_in_a_booking_is_told_what_is_left() =>
        Assert.Contains(Review.Of(Sheet.Time("# T\nminutes: 30\n== Hello (talk 40s)\n")), f => f.Code == "time-under");
}
