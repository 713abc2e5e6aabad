using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Session;

/// <summary>An event as the page sends it.</summary>
public sealed record SentEvent(int Number, string Kind, long AtMs, int? Value);

/// <summary>A small flag on the line below: the cloth, the hem and its name.</summary>
public sealed record SmallFlag(int Set, string Cloth, Drawing.Hem Hem, string Name);

/// <summary>Teach: the class on the clock, for a screen across a hall.</summary>
public sealed class IndexModel(SessionBook sessions, DeviceClock clock) : PageModel
{
    private static readonly JsonSerializerOptions Web = new(JsonSerializerDefaults.Web);

    /// <summary>The session.</summary>
    public KeptSession Session { get; private set; } = null!;

    /// <summary>Every segment.</summary>
    public ImmutableArray<Step> Steps { get; private set; } = [];

    /// <summary>Where it is, as the server reckons.</summary>
    public Anchor Now { get; private set; } = Anchor.Before;

    /// <summary>What is on: the current segment, or the first before the start.</summary>
    public Step Current => Steps[Math.Max(0, Now.Segment)];

    /// <summary>The speed of the clock; 1 save in tests.</summary>
    public int Speed => clock.Speed;

    /// <summary>The small flags of every round.</summary>
    public ImmutableArray<ImmutableArray<SmallFlag>> Ropes { get; private set; } = [];

    /// <summary>Where one may start: each block, and the segment it begins with.</summary>
    public ImmutableArray<(string Name, int Segment)> Starts { get; private set; } = [];

    /// <summary>What the number shows without script.</summary>
    public string Number => Now.Segment < 0 ? "" : Now.MsIn < 0 ? Seconds(-Now.MsIn) : Seconds((Current.Tenths * 100L) + Now.AddedMs - Now.MsIn);

    /// <summary>Shows the class where it is; an ended one shows its record.</summary>
    public IActionResult OnGet(Guid id)
    {
        if (!Load(id))
            return NotFound();
        return Session.Record is null && !Now.Ended ? Page() : Redirect($"/session/{id}/record");
    }

    /// <summary>A key pressed without script: the server's clock stands in for the device's.</summary>
    public IActionResult OnPost(Guid id, string kind, int? value)
    {
        if (!Load(id))
            return NotFound();
        if (Enum.TryParse<EventKind>(kind, ignoreCase: true, out var known))
            sessions.Add(id, [new SessionEvent(Session.Events.Count + 1, known, clock.NowMs, value)]);
        return Redirect($"/session/{id}");
    }

    /// <summary>Events of the page's own clock, in order; those sent before are passed over.</summary>
    public IActionResult OnPostEvents(Guid id, [FromBody] IReadOnlyList<SentEvent> events)
    {
        if (events is null || events.Count > 1000 || events.Any(e => !Enum.TryParse<EventKind>(e.Kind, true, out _)))
            return BadRequest();
        return sessions.Add(id, events.Select(e => new SessionEvent(e.Number, Enum.Parse<EventKind>(e.Kind, true), e.AtMs, e.Value))) ? new EmptyResult() : NotFound();
    }

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson() => JsonSerializer.Serialize(
        new
        {
            id = Session.Id,
            speed = Speed,
            countInMs = Session.Timeline.Rules.Whole("teach.count-in") * 1000,
            events = Session.Events.Select(e => new { number = e.Number, kind = e.Kind.ToString().ToLowerInvariant(), atMs = e.AtMs, value = e.Value }),
            steps = Steps,
        },
        Web);

    private bool Load(Guid id)
    {
        if (sessions.Get(id) is not { } session)
            return false;
        Session = session;
        var timeline = session.Timeline;
        Steps = Step.Of(timeline);
        Now = Place.At(timeline, session.Events, clock.NowMs);
        Ropes =
        [
            .. Step.RopesOf(timeline).Select(rope => rope.Select(set =>
                new SmallFlag(timeline.Sets.IndexOf(set), Drawing.Weaves.NameOf(set.Facts.Family), Drawing.Hems.Of(set), Say.Capital(set.Facts.Name))).ToImmutableArray()),
        ];
        Starts = [.. timeline.Blocks.Select((b, i) => (b.Name, timeline.Segments.IndexOf(timeline.Segments.FirstOrDefault(s => s.Block == i)!))).Where(s => s.Item2 >= 0)];
        return true;
    }

    private static string Seconds(long ms) => ((ms + 999) / 1000).ToString(System.Globalization.CultureInfo.InvariantCulture);
}
