using JollySet.Core.Plans;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.Data.Sqlite;

namespace JollySet.Web.Pages;

/// <summary>Says what went wrong, and what to do.</summary>
[ResponseCache(Duration = 0, NoStore = true)]
[IgnoreAntiforgeryToken]
public sealed class TroubleModel : PageModel
{
    /// <summary>In three words.</summary>
    public string Heading { get; private set; } = "";

    /// <summary>In a sentence.</summary>
    public string Sentence { get; private set; } = "";

    /// <summary>The page for a status.</summary>
    public void OnGet(int? code) => Tell(code);

    /// <summary>The same, when a post went wrong.</summary>
    public void OnPost(int? code) => Tell(code);

    private void Tell(int? code)
    {
        var error = HttpContext.Features.Get<IExceptionHandlerFeature>()?.Error;
        (Heading, Sentence) = code switch
        {
            404 => ("Not on the shelf", "There is no such page, or the class was removed from the shelf."),
            400 => ("That form was too old", "Go back, reload the page and send it once more; what you typed is still there."),
            413 => ("Too large", $"That was {(long?)HttpContext.Items["size"] / 1000} kB; a sheet is at most {Limits.Bytes / 1000} kB. Go back: what you typed is still there."),
            _ when IsDiskFull(error) => ("No room on the disk", "The change could not be kept because the disk is full. Make room and send it again; go back for what you typed."),
            _ => ("Something went wrong", "The change was not kept. Go back for what you typed and try again."),
        };
    }

    private static bool IsDiskFull(Exception? error)
    {
        for (var e = error; e is not null; e = e.InnerException)
            if (e is SqliteException { SqliteErrorCode: 13 })
                return true;
        return false;
    }
}
