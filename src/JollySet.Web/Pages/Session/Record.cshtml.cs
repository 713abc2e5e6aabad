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

    /// <summary>The longest note.</summary>
    public const int MostLetters = 4000;

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

    /// <summary>When it was taught.</summary>
    public DateTime At { get; private set; }

    /// <summary>What stopped it, was left out or done otherwise, a sentence each.</summary>
    public IReadOnlyList<string> Happened { get; private set; } = [];

    /// <summary>Whether somebody stopped the class: an incident note is asked for.</summary>
    public bool WasStopped { get; private set; }

    /// <summary>What the instructor wrote.</summary>
    public (string Note, string Incident) Written { get; private set; }

    /// <summary>What people who followed sent.</summary>
    public IReadOnlyList<(string Nickname, string What, string Did)> Followed { get; private set; } = [];

    /// <summary>Keeps what the instructor wrote.</summary>
    public IActionResult OnPostWrite(Guid id, string? note, string? incident)
    {
        sessions.Write(id, Cut(note), Cut(incident));
        return Redirect($"/session/{id}/record#written");
    }

    private static string Cut(string? text) => (text ?? "").Trim() is { Length: > MostLetters } longer ? longer[..MostLetters] : (text ?? "").Trim();

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
        At = session.At;
        Written = sessions.Written(id) ?? ("", "");
        WasStopped = session.Events.Any(e => e.Kind == EventKind.Stop);
        Happened = [.. Told(session, place)];
        Followed = [.. sessions.Notes(id).Where(n => n.Set < timeline.Sets.Length).Select(n => (n.Nickname, SetOf(timeline, n.Set), string.Join(" with ", new[] { n.Reps is { } reps ? $"{reps} reps" : "", n.Kilograms is { } mass ? Masses.Said(mass, timeline.Rules) : "" }.Where(t => t.Length > 0))))];
        return Page();
    }

    private static IEnumerable<string> Told(KeptSession session, Anchor place)
    {
        var timeline = session.Timeline;
        if (session.Events.Count(e => e.Kind == EventKind.Stop) is var stops and > 0)
            yield return stops == 1 ? "It was stopped once." : $"It was stopped {stops} times.";
        var cuts = Cuts.Of(timeline);
        if (place.Cuts.Length > 0)
            yield return $"Left out: {Say.List([.. place.Cuts.Split(',').Select(c => cuts[int.Parse(c, System.Globalization.CultureInfo.InvariantCulture)].Says)])}.";
        var swapped = session.Events.Where(e => e.Kind == EventKind.Swap && e.Value >= 0 && e.Value < timeline.Sets.Length).GroupBy(e => timeline.Sets[e.Value!.Value].Facts.Name).Where(g => g.Count() % 2 == 1).Select(g => g.Key).ToList();
        if (swapped.Count > 0)
            yield return $"Done the easier way: {Say.List(swapped)}.";
        var again = session.Events.Where(e => e.Kind == EventKind.Again && e.Value >= 0 && e.Value < timeline.Segments.Length && timeline.Segments[e.Value.Value].Set >= 0).Select(e => timeline.Sets[timeline.Segments[e.Value!.Value].Set].Facts.Name).Distinct().ToList();
        if (again.Count > 0)
            yield return $"Done again, or made up for: {Say.List(again)}.";
        foreach (var taps in session.Events.Where(e => e.Kind == EventKind.Tap && e.Value >= 0 && e.Value < timeline.Sets.Length).GroupBy(e => e.Value!.Value).OrderBy(g => g.Key))
            yield return Core.Timing.Expected.StackOf(timeline, timeline.Sets[taps.Key]) is { } stack
                ? $"{SetOf(timeline, taps.Key)}: up to rung {stack.Start + taps.Count()}."
                : $"{timeline.Blocks[timeline.Sets[taps.Key].Block].Name}: {taps.Count()} {(taps.Count() == 1 ? "round" : "rounds")}.";
        var missed = Missed.Of(timeline, session.Events, place.AtMs);
        if (missed.Length > 0)
            yield return $"Passed over: {Say.List([.. missed.OrderBy(m => m.Segment).Select(m => CueSheets.Title(timeline, timeline.Segments[m.Segment])).Distinct()])}.";
    }

    private static string SetOf(Core.Timing.Timeline timeline, int index)
    {
        var set = timeline.Sets[index];
        return Say.Capital(set.Facts.Name) + (timeline.Blocks[set.Block].RoundCount > 1 ? $", round {set.Round}" : "");
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
