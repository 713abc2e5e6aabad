using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Session;

/// <summary>One segment, planned and real.</summary>
public sealed record RecordRow(string Block, string What, string Planned, string Real, string Difference, bool Missed);

/// <summary>What a class really took, kept at its end.</summary>
public sealed class RecordModel(SessionBook sessions, DeviceClock clock) : PageModel
{
    private const long Noticed = 500;

    /// <summary>The session.</summary>
    public Guid Id { get; private set; }

    /// <summary>The class.</summary>
    public Guid ClassId { get; private set; }

    /// <summary>Its title.</summary>
    public string ClassTitle { get; private set; } = "";

    /// <summary>Planned length.</summary>
    public string Planned { get; private set; } = "";

    /// <summary>Real length, standing still included.</summary>
    public string Real { get; private set; } = "";

    /// <summary>Time the clock stood still; null for none.</summary>
    public string? Paused { get; private set; }

    /// <summary>Segment by segment.</summary>
    public IReadOnlyList<RecordRow> Rows { get; private set; } = [];

    /// <summary>The segment it ended in, from which it may go on.</summary>
    public int LastSegment { get; private set; }

    /// <summary>Shows the record. Looking changes nothing: it was kept when the class was ended.</summary>
    public IActionResult OnGet(Guid id)
    {
        if (sessions.Get(id) is not { } session)
            return NotFound();
        var place = Place.At(session.Timeline, session.Events, clock.NowMs);
        if (session.Record is null && !place.Ended)
            return Redirect($"/session/{id}");
        var record = session.Record ?? TaughtRecord.Of(session.Timeline, session.Events, clock.NowMs);
        LastSegment = Math.Max(0, place.Segment);
        Id = id;
        var timeline = session.Timeline;
        (ClassId, ClassTitle) = (session.ClassId, timeline.Plan.Title);
        (Planned, Real) = (Say.Time(record.PlannedMs / 1000m), Say.Time((record.RealMs + record.PausedMs) / 1000m));
        Paused = record.PausedMs >= Noticed ? Say.Time(record.PausedMs / 1000m) : null;
        Rows = [.. record.Segments.Select(s => RowOf(s, timeline.Blocks[timeline.Segments[s.Segment].Block].Name, CueSheets.Title(timeline, timeline.Segments[s.Segment])))];
        return Page();
    }

    private static RecordRow RowOf(TaughtSegment segment, string block, string what)
    {
        var difference = segment.RealMs - segment.PlannedMs;
        var missed = segment.RealMs < Noticed;
        return new RecordRow(
            block,
            what,
            Say.Time(segment.PlannedMs / 1000m),
            missed ? "–" : Say.Time(segment.RealMs / 1000m),
            missed || Math.Abs(difference) < Noticed ? "" : $"{(difference > 0 ? "+" : "−")}{Say.Time(Math.Abs(difference) / 1000m)}",
            missed);
    }
}
