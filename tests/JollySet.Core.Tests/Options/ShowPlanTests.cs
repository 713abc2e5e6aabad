using System.Collections.Immutable;
using CsCheck;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Options;

/// <summary>Who shows what, shared fairly, and the option line before the work.</summary>
public class ShowPlanTests
{
    private static Timeline Class(string settings = "circuit, 2 rounds, work 40, rest 20") => TimelineBuilder.Build(Ids.Given(Sheet.Read($"""
        # T
        == A ({settings})
        goblet squat [heavy] | easier: squat to chair | for knees: glute bridge
        push-up | easier: knee push-up
        bent-over row [heavy] | easier: no load
        plank | easier: smaller range

        """)));

    private static string Texts(ShowPlan plan) => string.Join("; ", plan.Stations.Select(s => s.Text));

    [Fact]
    public void Two_share_what_both_can_show()
    {
        var plan = ShowPlan.Of(Class(), [[], []]);
        Assert.All(plan.Stations, s => Assert.Matches("^1 base, 2 easier$|^1 easier, 2 base$", s.Text));
        Assert.Equal(plan.HardMinutes[0], plan.HardMinutes[1]);
    }

    [Fact]
    public void Nobody_shows_what_troubles_them() =>
        Assert.StartsWith("1 for knees, 2 base; ", Texts(ShowPlan.Of(Class(), [["knees"], []])), StringComparison.Ordinal);

    [Fact]
    public void One_shows_as_planned_and_the_way_that_spares_them_where_it_troubles() =>
        Assert.Equal("1 for knees; 1 base; 1 base; 1 base", Texts(ShowPlan.Of(Class(), [["knees"]])));

    [Fact]
    public void It_is_written_into_the_class_and_reads_back()
    {
        var timeline = Class();
        var after = ShowPlan.Of(timeline, [[], []]).Edit.Apply(timeline.Plan).Plan!;
        Assert.Contains("| shows: ", SheetWriter.Write(after), StringComparison.Ordinal);
        Assert.Equal(SheetWriter.Write(after), SheetWriter.Write(SheetReader.Read(SheetWriter.Write(after)).Plan!));
        Assert.Equal(timeline.Length, TimelineBuilder.Build(after).Length);
    }

    [Fact]
    public void No_other_parting_is_fairer() => Gen.Select(PlanGen.Plans, Gen.OneOf(Needs.Ways.ToArray()).Array[0, 2]).Sample((plan, needs) =>
    {
        var timeline = TimelineBuilder.Build(Ids.Given(plan));
        var shown = ShowPlan.Of(timeline, [[.. needs], []]);
        var both = shown.Stations.Where(s => s.Shows.Contains("base") && needs.All(n => Cover.Of(s.Line, n, timeline.Facts).Kind is CoverKind.Fine or CoverKind.Unknown) && s.Shows.Any(w => w != "base")).ToList();
        var difference = shown.Stations.Sum(s => (s.Shows[0] == "base" ? s.Hard : 0) - (s.Shows[1] == "base" ? s.Hard : 0));
        // Giving any one station to the other is no fairer, beyond the rounding to five seconds a station.
        Assert.All(both, s => Assert.True(Math.Abs(Given(difference, s)) >= Math.Abs(difference) - (10 * shown.Stations.Length)));
        // The one who gives it away may have nothing else to show, and then still shows it.
        decimal Given(decimal from, Showing s) => s.Shows[0] == "base"
            ? from - s.Hard - (ShowPlan.Shows(s.Line, [.. needs], false, true, timeline.Facts) == "base" ? 0 : s.Hard)
            : from + s.Hard + (ShowPlan.Shows(s.Line, [], false, true, timeline.Facts) == "base" ? 0 : s.Hard);
        Assert.All(shown.Stations, s => Assert.False(s.Shows[0] == "base" && needs.Any(n => Cover.Of(s.Line, n, timeline.Facts).Kind is CoverKind.Open or CoverKind.Covered)));
    });

    [Fact]
    public void The_option_line_needs_its_time_in_the_gap()
    {
        var timeline = Class("circuit, 2 rounds, work 40, rest 5");
        var line = OptionLine.Of(timeline, timeline.Plan.Blocks[0], 2);
        Assert.Equal("Easier: knee push-up", line.Words);
        Assert.True(line.Missing > Length.Zero);
        var slow = Class("circuit, 2 rounds, work 40, rest 60");
        Assert.Equal(Length.Zero, OptionLine.Of(slow, slow.Plan.Blocks[0], 2).Missing);
    }

    [Fact]
    public void What_demonstrators_must_be_spared_is_kept_with_the_class_and_read_again() =>
        Gen.Select(PlanGen.Plans, Gen.OneOf(Needs.Ways.ToArray()).Array[0, 4].Array[1, 2]).Sample((plan, wishes) =>
        {
            var needs = wishes.Select(w => w.Distinct().ToImmutableArray()).ToImmutableArray();
            var noted = ShowNeeds.Noted(plan, needs);
            Assert.Equal(needs.Select(n => string.Join('|', n)), ShowNeeds.Of(noted).Take(needs.Length).Select(n => string.Join('|', n)));
            Assert.Equal(plan.Brief.Notes.AsEnumerable(), ShowNeeds.Noted(noted, [[]]).Brief.Notes);
            Assert.Equal(ShowNeeds.Of(noted).Select(n => string.Join('|', n)), ShowNeeds.Of(JollySet.Core.Sheets.SheetReader.Read(JollySet.Core.Sheets.SheetWriter.Write(noted)).Plan!).Select(n => string.Join('|', n)));
        });
}
