using JollySet.Data;
using JollySet.Web.Live;
using JollySet.Web.Pages.Session;
using Microsoft.AspNetCore.Mvc;

namespace JollySet.Web.Pages.Live;

/// <summary>The hall's screen: the class on the clock, steered from elsewhere.</summary>
public sealed class DisplayModel(SessionBook sessions, VoiceBook voices, DeviceClock clock) : SessionPage(sessions, voices, clock)
{
    private readonly SessionBook sessions = sessions;

    /// <summary>Everything the script needs, once.</summary>
    public string DataJson(string code) => Data($"/live/d/{code}");

    /// <summary>Shows it; a class that has ended is told so.</summary>
    public IActionResult OnGet(string code) =>
        LiveRoutes.Found("d", code, sessions) is not { } found || !Load(found.Id) ? this.NoSuchCode() : found.HasEnded ? this.Ended() : Page();
}
