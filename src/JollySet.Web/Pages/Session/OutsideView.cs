using JollySet.Core.Outside;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using JollySet.Data;

namespace JollySet.Web.Pages.Session;

/// <summary>What comes from outside while a class is taught.</summary>
/// <param name="Lines">What is told, in passing.</param>
/// <param name="Faults">What tells nothing, a sentence each.</param>
public sealed record OutsideView(IReadOnlyList<string> Lines, IReadOnlyList<string> Faults)
{
    private const int UsualPeople = 12;

    /// <summary>Asks what the teaching device has switched on; each is off, on, or fails.</summary>
    public static OutsideView Of(DeviceSet devices, KeptSession session, long nowMs, Func<string, string?> switched)
    {
        var timeline = session.Timeline;
        var place = Place.At(timeline, session.Events, nowMs);
        var began = session.Events.LastOrDefault(e => e.Kind == EventKind.Start)?.AtMs;
        var ms = began is { } start ? nowMs - start : -1;
        var segment = place.Segment < 0 ? null : timeline.Segments[place.Segment];
        var moment = segment is null ? Length.Zero : segment.Start + Length.Tenths((int)Math.Max(0, place.MsIn / 100));
        var (lines, faults) = (new List<string>(), new List<string>());
        Ask("bookings", fails => devices.Bookings(fails).At(timeline.Plan.Brief.People ?? UsualPeople, ms), OutsideWords.Of);
        Ask("call", fails => devices.Call(fails).At(ms), OutsideWords.Of);
        Ask("music", fails => devices.Music(fails).At(ms), music => OutsideWords.Of(music, segment is null ? null : timeline.Blocks[segment.Block].Settings.Beat));
        Ask("heart", fails => devices.Heart(fails).At(timeline, moment), OutsideWords.Of);
        return new OutsideView(lines, faults);

        void Ask<T>(string name, Func<bool, Heard<T>> ask, Func<T, string> words)
            where T : class
        {
            if (switched(name) is not ("on" or "fails"))
                return;
            var heard = ask(switched(name) == "fails");
            if (heard.Told is { } told)
                lines.Add(words(told));
            else
                faults.Add(heard.Why);
        }
    }
}
