using JollySet.Web.Live;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.Mvc.ViewFeatures;

namespace JollySet.Web.Pages.Live;

/// <summary>What is said to a code that opens nothing, or nothing any more.</summary>
internal static class CodeAnswers
{
    /// <summary>No class has it.</summary>
    public static IActionResult NoSuchCode(this PageModel page) => !page.HttpContext.RequestServices.GetRequiredService<Manners>().MayGuess(page.HttpContext)
        ? Told(page, "Too many tries", "Wait a minute, and look at the code again.", StatusCodes.Status429TooManyRequests)
        : Told(page, "No class has that code", "Look at it again: it has eight letters and numbers. Codes end with their class.", StatusCodes.Status404NotFound);

    /// <summary>Its class has ended.</summary>
    public static IActionResult Ended(this PageModel page) => Told(page, "That class has ended", "Codes end with their class; the next one has its own.", StatusCodes.Status410Gone);

    private static PartialViewResult Told(PageModel page, string title, string says, int status)
    {
        page.Response.StatusCode = status;
        return new PartialViewResult { ViewName = "~/Pages/Live/_Told.cshtml", StatusCode = status, ViewData = new ViewDataDictionary<(string, string)>(page.ViewData, (title, says)) };
    }
}
