using CsCheck;
using Ical.Net;
using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Export;

/// <summary>The calendar's entry, read by a reader that is not ours.</summary>
public class CalendarsTests
{
    private static readonly DateTime Evening = new(2026, 11, 24, 18, 30, 0, DateTimeKind.Unspecified);

    [Fact]
    public void It_says_what_when_and_where()
    {
        var entry = Read(Calendars.Entry(Sheet.Time("# Slack; Water, and back\nplace: the old sail loft\n== A (circuit, work 40, rest 20)\nsquat\npush-up\n"), Evening));
        Assert.Equal("Slack; Water, and back", entry.Summary);
        Assert.Equal("the old sail loft", entry.Location);
        Assert.Equal(Evening, entry.Start!.Value);
        Assert.True(entry.Start.IsFloating);
        Assert.Equal(Evening.AddSeconds(100), entry.End!.Value);
    }

    [Fact]
    public void The_same_class_at_the_same_time_is_the_same_event()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 40", "squat"));
        Assert.Equal(Calendars.Entry(timeline, Evening), Calendars.Entry(timeline, Evening));
        Assert.NotEqual(Read(Calendars.Entry(timeline, Evening)).Uid, Read(Calendars.Entry(timeline, Evening.AddDays(7))).Uid);
    }

    [Fact]
    public void Whatever_a_class_is_called_the_entry_can_be_read_and_says_it() =>
        PlanGen.Plans.Sample(plan => Assert.Equal(Bare(plan.Title), Bare(Read(Calendars.Entry(TimelineBuilder.Build(plan), Evening)).Summary!)), iter: 100);

    private static string Bare(string text) => string.Concat(text.Where(c => !char.IsWhiteSpace(c) && !char.IsControl(c)));

    private static Ical.Net.CalendarComponents.CalendarEvent Read(string text) => Assert.Single(Calendar.Load(text)!.Events);
}
