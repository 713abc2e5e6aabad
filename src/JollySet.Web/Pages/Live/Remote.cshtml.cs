using JollySet.Core.Teaching;
using JollySet.Data;
using JollySet.Web.Live;
using JollySet.Web.Pages.Session;
using Microsoft.AspNetCore.Mvc;

namespace JollySet.Web.Pages.Live;

/// <summary>A phone that steers the class: what is on, what comes, and the keys.</summary>
public sealed class RemoteModel(SessionBook sessions, VoiceBook voices, DeviceClock clock, LiveHub hub, Manners manners) : SessionPage(sessions, voices, clock)
{
    private static readonly EventKind[] Keys = [EventKind.Start, EventKind.Pause, EventKind.Go, EventKind.Back, EventKind.Next, EventKind.Add, EventKind.Stop, EventKind.Skip, EventKind.Swap, EventKind.Cut, EventKind.Again, EventKind.Tap];
    private readonly SessionBook sessions = sessions;
    private readonly DeviceClock clock = clock;

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson(string code) => Data($"/live/r/{code}");

    /// <summary>Shows it.</summary>
    public IActionResult OnGet(string code) =>
        LiveRoutes.Found("r", code, sessions) is not { } found || !Load(found.Id) ? this.NoSuchCode() : found.HasEnded ? this.Ended() : Page();

    /// <summary>A key. It happens now, on the clock of the device that teaches; the end of a class is left to that device.</summary>
    /// <param name="known">How many events the remote knew of: a key pressed before it heard of another's is not taken twice.</param>
    public IActionResult OnPost(string code, string kind, int? value, int? known)
    {
        if (LiveRoutes.Found("r", code, sessions) is not { } found)
            return this.NoSuchCode();
        if (found.HasEnded)
            return this.Ended();
        if (!manners.MayPress(HttpContext))
            return StatusCode(StatusCodes.Status429TooManyRequests);
        var atMs = clock.NowMs + hub.AheadOf(found.Id);
        if (SentEvent.KindOf(kind) is not { } key || !Keys.Contains(key) || new SentEvent(1, kind, atMs, value).Checked(clock.Speed) is null)
            return BadRequest();
        var before = sessions.Events(found.Id) ?? [];
        // Two presses of next at once, from here and from there, are one.
        if (known is { } count && before.Skip(Math.Max(0, count)).Any(e => e.Kind == key && Math.Abs(atMs - e.AtMs) < TwiceMs * clock.Speed))
            return Answer(code, before.Count);
        if (!sessions.Press(found.Id, key, Math.Max(atMs, before.Count > 0 ? before[^1].AtMs : 0), value) || sessions.Events(found.Id) is not { } events)
            return Answer(code, before.Count);
        hub.TellEvents(found.Id, events, before.Count);
        return Answer(code, events.Count);
    }

    private const long TwiceMs = 700;

    /// <summary>A script hears how many events there are now, so that what it pressed itself is known to it.</summary>
    private IActionResult Answer(string code, int events) => Request.Headers.ContainsKey("X-Scripted") ? Content($"{events}") : Redirect($"/r/{code}");
}
