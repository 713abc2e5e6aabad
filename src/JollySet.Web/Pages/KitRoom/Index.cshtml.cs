using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.KitRoom;

/// <summary>The studio's places, what each has, and how it is come to and left.</summary>
public sealed class KitRoomModel(VenuesBook venues) : PageModel
{
    /// <summary>The places.</summary>
    public ImmutableArray<Venue> Venues { get; private set; } = [];

    /// <summary>What was typed and is not kept.</summary>
    public (Venue Venue, string? Was)? Typed { get; private set; }

    /// <summary>What is wrong with it.</summary>
    public ImmutableArray<(string Field, string Says)> Wrong { get; private set; } = [];

    /// <summary>Shows them.</summary>
    public void OnGet() => Venues = venues.All();

    /// <summary>Keeps one as it was typed.</summary>
    /// <param name="was">The name it had; empty for a new one.</param>
    /// <param name="minutesIn">As typed.</param>
    /// <param name="minutesOut">As typed.</param>
    public IActionResult OnPostKeep(string? was, string? name, string? kit, string? minutesIn, string? minutesOut, string? floor, string? neighbours)
    {
        var before = string.IsNullOrEmpty(was) ? null : was;
        var venue = new Venue((name ?? "").Trim(), kit ?? "", Minutes(minutesIn), Minutes(minutesOut), floor ?? "", neighbours ?? "");
        Wrong = [.. venue.Wrong()];
        if (Wrong.IsEmpty && !venues.Keep(venue, before))
            Wrong = [("name", "there is a place of that name already, or there are too many")];
        if (Wrong.IsEmpty)
            return Redirect("/kit-room");
        (Venues, Typed) = (venues.All(), (venue, before));
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    /// <summary>Forgets one.</summary>
    public IActionResult OnPostForget(string? was)
    {
        venues.Forget(was ?? "");
        return Redirect("/kit-room");
    }

    private static int Minutes(string? typed) => string.IsNullOrWhiteSpace(typed) ? 0 : int.TryParse(typed, out var minutes) ? minutes : -1;
}
