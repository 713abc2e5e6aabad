using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Shelf;

/// <summary>A class as it stands on the shelf.</summary>
/// <param name="Kit">What one needs, as written.</param>
public sealed record ShelfItem(Guid Id, string Title, string Bunting, string Clock, string Likely, int? Minutes, string Focus, string Kit, string Changed);

/// <summary>The classes, each with its bunting in small.</summary>
public sealed class IndexModel(Data.Shelf shelf, TimelineShelf timelines, TimeProvider time) : PageModel
{
    /// <summary>What is searched for.</summary>
    [BindProperty(SupportsGet = true, Name = "q")]
    public string? Search { get; set; }

    /// <summary>The class that was taken off a moment ago and can be brought back.</summary>
    [BindProperty(SupportsGet = true)]
    public Guid? Removed { get; set; }

    /// <summary>What stands on the shelf.</summary>
    public IReadOnlyList<ShelfItem> Items { get; private set; } = [];

    /// <summary>Shows the shelf.</summary>
    public void OnGet() => Items = [.. timelines.Of(shelf.Find(Search)).Select(c => ItemOf(c.Class, c.Timeline))];

    /// <summary>Takes a class off.</summary>
    public IActionResult OnPostRemove(Guid id)
    {
        shelf.Remove(id);
        return RedirectToPage(new { removed = id });
    }

    /// <summary>Puts it back.</summary>
    public IActionResult OnPostBringBack(Guid id)
    {
        shelf.BringBack(id);
        return RedirectToPage();
    }

    /// <summary>Puts a copy of a class on the shelf and opens it.</summary>
    public IActionResult OnPostCopy(Guid id)
    {
        if (shelf.Get(id) is not { } kept)
            return RedirectToPage();
        var title = kept.Plan.Title.Length > Limits.NameLetters - 7 ? kept.Plan.Title : kept.Plan.Title + " (copy)";
        var copy = shelf.Add(kept.Plan with { Title = title }, $"copied from {kept.Plan.Title}");
        return Redirect($"/plan/{copy.Id}");
    }

    private ShelfItem ItemOf(KeptClass kept, Timeline timeline) => new(
        kept.Id,
        kept.Plan.Title,
        SmallBunting.Of(timeline),
        Say.ClockOfTenths(timeline.Tenths),
        Say.ClockOfTenths(timeline.LikelyTenths),
        kept.Plan.Brief.Minutes,
        string.Join(", ", kept.Plan.Brief.Focus),
        string.Join(", ", kept.Plan.Brief.Kit),
        Ago(time.GetUtcNow().UtcDateTime - kept.ChangedAt));

    private static string Ago(TimeSpan span) => span switch
    {
        { TotalMinutes: < 2 } => "just now",
        { TotalHours: < 1 } => $"{(int)span.TotalMinutes} min ago",
        { TotalDays: < 1 } => $"{(int)span.TotalHours} h ago",
        { TotalDays: < 2 } => "yesterday",
        _ => $"{(int)span.TotalDays} days ago",
    };
}
