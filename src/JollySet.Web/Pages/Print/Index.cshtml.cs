using System.Globalization;
using JollySet.Core.Export;
using JollySet.Data;
using JollySet.Drawing.Paper;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Print;

/// <summary>The run sheet, and a tear-off with kit and lay-out; both, and a handout, as PDF too.</summary>
public sealed class PrintModel(ClassBook shelf, ClassTimelines timelines, VenuesBook venues, VoiceBook voices) : PageModel
{
    private static readonly TimeOnly Usual = new(18, 0);

    /// <summary>The class.</summary>
    public Guid Id { get; private set; }

    /// <summary>What is printed.</summary>
    public RunSheet Sheet { get; private set; } = null!;

    /// <summary>Whether the cue sheet is printed.</summary>
    public bool WithWords { get; private set; }

    /// <summary>Shows it.</summary>
    /// <param name="words">Whether the cue sheet is printed with it.</param>
    public IActionResult OnGet(Guid id, string? start, bool words = false)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        (Id, WithWords) = (id, words);
        Sheet = SheetOf(kept, start, words);
        return Page();
    }

    /// <summary>The run sheet as a file.</summary>
    public IActionResult OnGetRunSheet(Guid id, string? start, bool words = false) =>
        shelf.Get(id) is { } kept ? Pdf(RunSheetPdf.Of(timelines.Of(kept), SheetOf(kept, start, words)), kept, "run sheet") : NotFound();

    /// <summary>The handout for those who take part.</summary>
    public IActionResult OnGetHandout(Guid id, string? start) =>
        shelf.Get(id) is { } kept ? Pdf(HandoutPdf.Of(timelines.Of(kept), SheetOf(kept, start, words: false)), kept, "handout") : NotFound();

    private FileContentResult Pdf(byte[] file, KeptClass kept, string what) => File(file, "application/pdf", $"{kept.Plan.Title}, {what}.pdf");

    private RunSheet SheetOf(KeptClass kept, string? start, bool words) =>
        RunSheet.Of(timelines.Of(kept), TimeOnly.TryParse(start, CultureInfo.InvariantCulture, out var chosen) ? chosen : Usual, venues.Of(kept.Plan.Brief), words ? voices.Current() : null);
}
