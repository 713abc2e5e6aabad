using System.Globalization;
using JollySet.Core.Outside;
using JollySet.Core.Teaching;
using JollySet.Data;
using JollySet.Web.Live;
using Microsoft.AspNetCore.Mvc;

namespace JollySet.Web.Pages.Session;

/// <summary>Teach: the class on the clock, for a screen across a hall.</summary>
public sealed class SessionModel(SessionBook sessions, VoiceBook voices, DeviceClock clock, LiveHub hub, DeviceSet devices) : SessionPage(sessions, voices, clock)
{
    private const int MostEvents = 1000;
    private const int MostSpoken = 300;
    private const long MostAhead = 400L * 24 * 3600 * 1000;
    private readonly SessionBook sessions = sessions;
    private readonly DeviceClock clock = clock;

    /// <summary>Whether the end was asked for and waits to be confirmed, where there is no script.</summary>
    public bool AsksEnd { get; private set; }

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson() => Data($"/live/session/{Session.Id}");

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
        if (SentEvent.KindOf(kind) is { } known && new SentEvent(1, kind, clock.NowMs, value).Checked(clock.Speed) is not null)
        {
            if (!sessions.Press(id, known, clock.NowMs, value))
                return NotFound();
            Tell(id);
        }

        return Redirect($"/session/{id}");
    }

    /// <summary>All events there are, for a page that has fallen behind. The device that teaches says how far its clock is ahead of this machine's, so that others can follow it.</summary>
    /// <param name="ahead">In ms.</param>
    public IActionResult OnGetEvents(Guid id, string? ahead)
    {
        if (sessions.Events(id) is not { } events)
            return NotFound();
        if (long.TryParse(ahead, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var ms) && Math.Abs(ms) < MostAhead * clock.Speed && hub.Ahead(id, ms))
            hub.TellEvents(id, events, events.Count);
        return new JsonResult(EventsOf(events));
    }

    /// <summary>Events of the page's own clock, in order; those sent before are known again. Where another device came first, the answer is 409 with all there are.</summary>
    public IActionResult OnPostEvents(Guid id, [FromBody] IReadOnlyList<SentEvent?>? events)
    {
        if (events is null || events.Count is 0 or > MostEvents)
            return BadRequest();
        var read = events.Select(e => e?.Checked(clock.Speed)).ToList();
        if (read.Contains(null))
            return BadRequest();
        switch (sessions.Add(id, read.OfType<SessionEvent>()))
        {
            case AddOutcome.Gone:
                return NotFound();
            case AddOutcome.Clash:
                return new JsonResult(EventsOf(sessions.Events(id)!)) { StatusCode = StatusCodes.Status409Conflict };
            default:
                Tell(id, read.Min(e => e!.Number) - 1);
                return new EmptyResult();
        }
    }

    /// <summary>What comes from outside, where something is switched on.</summary>
    public IActionResult OnGetOutside(Guid id) =>
        sessions.Get(id) is { } session ? new JsonResult(OutsideView.Of(devices, session, clock.NowMs, name => Request.Query[name])) : NotFound();

    /// <summary>A sentence spoken by the voice that stands in where the browser has none.</summary>
    public IActionResult OnGetVoice(Guid id, string? text, bool fails = false)
    {
        if (text is not { Length: > 0 and <= MostSpoken })
            return BadRequest();
        var heard = devices.Voice(fails).Speak(text);
        return heard.Told is { } sound ? File(sound, "audio/wav") : new ContentResult { Content = heard.Why, StatusCode = StatusCodes.Status503ServiceUnavailable };
    }

    /// <summary>The codes for a second screen, a remote and people who follow, made when they are asked for.</summary>
    public IActionResult OnPostCodes(Guid id) =>
        sessions.Codes(id) is { } codes ? Partial("_Codes", CodesView.Of(codes, Request)) : NotFound();

    private void Tell(Guid id, int from = 0)
    {
        if (sessions.Events(id) is { } events)
            hub.TellEvents(id, events, from);
    }
}
