using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Session;

/// <summary>An event as the page sends it.</summary>
public sealed record SentEvent(int Number, string? Kind, long AtMs, int? Value)
{
    private const int MostNumber = 100_000;
    private const long Earliest = 946_684_800_000;
    private const long Latest = 4_102_444_800_000;
    private const int MostSeconds = 12 * 3600;

    /// <summary>The event, where everything it says can be; null otherwise.</summary>
    /// <param name="speed">Factor of the device's clock, 1 save in tests.</param>
    public SessionEvent? Checked(int speed) =>
        Number is > 0 and <= MostNumber && AtMs >= Earliest && AtMs <= Latest * speed && (Value is null || Math.Abs((long)Value.Value) <= MostSeconds) && KindOf(Kind) is { } kind
            ? new SessionEvent(Number, kind, AtMs, Value)
            : null;

    /// <summary>The kind of that name; null for a number or anything else.</summary>
    public static EventKind? KindOf(string? name)
    {
        foreach (var kind in Enum.GetValues<EventKind>())
            if (kind.ToString().Equals(name, StringComparison.OrdinalIgnoreCase))
                return kind;
        return null;
    }
}

/// <summary>A small flag on the line below: the cloth, the hem and its name.</summary>
public sealed record SmallFlag(int Set, string Cloth, Drawing.Hem Hem, string Name);

/// <summary>Teach: the class on the clock, for a screen across a hall.</summary>
public sealed class SessionModel(SessionBook sessions, VoiceBook voices, DeviceClock clock) : PageModel
{
    private const int MostEvents = 1000;
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
    public string Number => Now.Segment < 0 ? "" : Now.MsIn < 0 ? Seconds(-Now.MsIn) : Seconds(Length.Tenths(Current.Tenths).InMilliseconds + Now.AddedMs - Now.MsIn);

    /// <summary>Whether the end was asked for and waits to be confirmed, where there is no script.</summary>
    public bool AsksEnd { get; private set; }

    /// <summary>Shows the class where it is; one that someone has ended shows its record. A class whose time is over is not ended by looking at it: the device that teaches it may hold what is not sent yet.</summary>
    public IActionResult OnGet(Guid id, bool ask = false)
    {
        if (!Load(id))
            return NotFound();
        AsksEnd = ask;
        return Session.Record is null ? Page() : Redirect($"/session/{id}/record");
    }

    /// <summary>A key pressed without script: the server's clock stands in for the device's.</summary>
    public IActionResult OnPost(Guid id, string kind, int? value)
    {
        if (kind == "ask-end")
            return Redirect($"/session/{id}?ask=true");
        if (SentEvent.KindOf(kind) is { } known && new SentEvent(1, kind, clock.NowMs, value).Checked(clock.Speed) is not null && !sessions.Press(id, known, clock.NowMs, value))
            return NotFound();
        return Redirect($"/session/{id}");
    }

    /// <summary>All events there are, for a page that has fallen behind.</summary>
    public IActionResult OnGetEvents(Guid id) => sessions.Events(id) is { } events ? new JsonResult(EventsOf(events)) : NotFound();

    /// <summary>Events of the page's own clock, in order; those sent before are known again. Where another device came first, the answer is 409 with all there are.</summary>
    public IActionResult OnPostEvents(Guid id, [FromBody] IReadOnlyList<SentEvent?>? events)
    {
        if (events is null || events.Count is 0 or > MostEvents)
            return BadRequest();
        var read = events.Select(e => e?.Checked(clock.Speed)).ToList();
        if (read.Contains(null))
            return BadRequest();
        return sessions.Add(id, read.OfType<SessionEvent>()) switch
        {
            AddOutcome.Gone => NotFound(),
            AddOutcome.Clash => new JsonResult(EventsOf(sessions.Events(id)!)) { StatusCode = StatusCodes.Status409Conflict },
            _ => new EmptyResult(),
        };
    }

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson() => JsonSerializer.Serialize(
        new
        {
            id = Session.Id,
            speed = Speed,
            countInMs = Session.Timeline.Rules.TeachCountIn.InMilliseconds,
            events = EventsOf(Session.Events),
            steps = Steps,
            cuts = Cuts.Of(Session.Timeline).Select(c => new { c.Number, c.Says, takes = c.Takes.Select(t => new[] { t.Segment, t.Time.InTenths }) }),
            bookedTenths = Session.Timeline.Plan.Brief.Minutes is { } minutes ? Length.Minutes(minutes).InTenths : 0,
            lateMs = Session.Timeline.Rules.TeachLate.InMilliseconds,
            cues = CuesOf(Session.Timeline),
        },
        Web);

    private static IEnumerable<SentEvent> EventsOf(IEnumerable<SessionEvent> events) => events.Select(e => new SentEvent(e.Number, e.Kind.ToString().ToLowerInvariant(), e.AtMs, e.Value));

    /// <summary>What is said, by the stretch it is said in: a class whose clock was changed says it in its place all the same.</summary>
    private IEnumerable<object> CuesOf(Timeline timeline) => CueSheet.Of(timeline, voices.Current()).Said.Where(c => !c.Outside).Select(c =>
    {
        // A gap's later words lie in a later stretch of it.
        var index = c.Segment;
        while (index + 1 < timeline.Segments.Length && timeline.Segments[index + 1].Start <= c.At)
            index++;
        return new { segment = index, inMs = (c.At - timeline.Segments[index].Start).InMilliseconds, forMs = c.Takes.InMilliseconds, text = c.Text, kind = c.KindName };
    });

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
                new SmallFlag(set.Index, Drawing.Weaves.NameOf(set.Set.Facts.Family), Drawing.Hems.Of(set.Set), Say.Capital(set.Set.Facts.Name))).ToImmutableArray()),
        ];
        var firsts = timeline.Segments.Select((s, i) => (s.Block, i)).DistinctBy(s => s.Block).ToDictionary(s => s.Block, s => s.i);
        Starts = [.. timeline.Blocks.Select((b, i) => (b.Name, firsts.GetValueOrDefault(i, -1))).Where(s => s.Item2 >= 0)];
        return true;
    }

    private static string Seconds(long ms) => ((ms + 999) / 1000).ToString(System.Globalization.CultureInfo.InvariantCulture);
}
