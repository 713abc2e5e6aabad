using JollySet.Data;
using JollySet.Web.Live;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Live;

/// <summary>Where a code that was read aloud or off the wall is typed; it leads to whatever it opens.</summary>
public sealed class JoinModel(SessionBook sessions, Manners manners) : PageModel
{
    /// <summary>The code as it was typed.</summary>
    public string Typed { get; private set; } = "";

    /// <summary>Why it opens nothing; null where nothing was typed.</summary>
    public string? Wrong { get; private set; }

    /// <summary>Asks for it, or leads on.</summary>
    public IActionResult OnGet(string? code)
    {
        Typed = (code ?? "").Trim();
        if (Typed.Length == 0)
            return Page();
        foreach (var kind in new[] { "f", "d", "r" })
            if (LiveRoutes.Found(kind, Typed, sessions) is { } found)
                return found.HasEnded ? Refused("That class has ended; the next one has its own code.", StatusCodes.Status410Gone) : Redirect($"/{kind}/{SessionCodes.Read(Typed)}");
        return manners.MayGuess(HttpContext)
            ? Refused("No class has that code: it has eight letters and numbers.", StatusCodes.Status404NotFound)
            : Refused("Those were too many tries. Wait a minute, and look at the code again.", StatusCodes.Status429TooManyRequests);
    }

    private PageResult Refused(string says, int status)
    {
        Wrong = says;
        Response.StatusCode = status;
        return Page();
    }
}
