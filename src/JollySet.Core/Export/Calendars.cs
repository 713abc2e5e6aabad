using System.IO.Hashing;
using System.Text;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>A class for a calendar.</summary>
public static class Calendars
{
    /// <summary>iCalendar (RFC 5545): one event that lasts as long as the class by the clock, in floating local time.</summary>
    public static string Entry(Timeline timeline, DateTime start)
    {
        var plan = timeline.Plan;
        var (from, until) = (Floating(start), Floating(start.AddSeconds(timeline.Length.UpTo(1).InWholeSeconds)));
        var calendar = new Calendar { ProductId = "-//Jolly Set//class//EN" };
        calendar.Events.Add(new CalendarEvent
        {
            // The same class at the same time is the same event, however often it is taken in.
            Uid = $"{start:yyyyMMddTHHmmss}-{Convert.ToHexStringLower(XxHash3.Hash(Encoding.UTF8.GetBytes(plan.Title)))}@jollyset.invalid",
            DtStamp = new CalDateTime(DateTime.SpecifyKind(start, DateTimeKind.Utc)),
            Start = from,
            End = until,
            Summary = plan.Title,
            Location = plan.Brief.Place,
            Description = string.Join("\n", timeline.Blocks.Select(b => b.Name)),
        });
        return new CalendarSerializer().SerializeToString(calendar)!;
    }

    private static CalDateTime Floating(DateTime at) => new(DateTime.SpecifyKind(at, DateTimeKind.Unspecified));
}
