using JollySet.Core.Plans;
using JollySet.Core.Search;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Shelf;

/// <summary>A class as it stands on the shelf.</summary>
/// <param name="Kit">What one needs, as written.</param>
public sealed record ShelfItem(Guid Id, string Title, string Bunting, string Clock, string Likely, int? Minutes, string Focus, string Kit, string Changed, TaughtLink? Taught);

/// <summary>The way to the record of the last time a class was taught.</summary>
/// <param name="Says">When, and how often in all.</param>
public sealed record TaughtLink(Guid Session, string Says);

/// <summary>The classes, each with its bunting in small.</summary>
public sealed class ShelfModel(ClassBook shelf, ClassTimelines timelines, MovesBook moves, SessionBook sessions, TimeProvider time) : PageModel
{
    private const int PageSize = 24;
    private const int MostMoves = 6;

    /// <summary>What is searched for.</summary>
    [BindProperty(SupportsGet = true, Name = "q")]
    public string? Search { get; set; }

    /// <summary>The class that was taken off a moment ago and can be brought back.</summary>
    [BindProperty(SupportsGet = true)]
    public Guid? Removed { get; set; }

    /// <summary>What stands on the shelf.</summary>
    public IReadOnlyList<ShelfItem> Items { get; private set; } = [];

    /// <summary>Shows the shelf.</summary>
    public void OnGet()
    {
        var page = shelf.Find(Search, PageSize * (Math.Max(1, PageNumber) - 1), PageSize);
        var taught = sessions.Taught([.. page.Classes.Select(c => c.Id)]).ToLookup(t => t.ClassId);
        Items = [.. page.Classes.Select(c => ItemOf(c, timelines.CardOf(c), [.. taught[c.Id]]))];
        Broken = page.Broken;
        if (!string.IsNullOrWhiteSpace(Search))
            Moves = [.. MoveSearch.Find(Search, moves.Library()).Take(MostMoves).Select(m => (m.Name, JollySet.Web.Pages.Moves.MoveFacts.SlugOf(m.Name)))];
        Pages = (page.All + PageSize - 1) / PageSize;
    }

    /// <summary>Rows that cannot be read, each a card that says so.</summary>
    public IReadOnlyList<BrokenClass> Broken { get; private set; } = [];

    /// <summary>Moves that answer what is searched for, the first few.</summary>
    public IReadOnlyList<(string Name, string Slug)> Moves { get; private set; } = [];

    /// <summary>Which page of the shelf, from 1.</summary>
    [BindProperty(SupportsGet = true, Name = "page")]
    public int PageNumber { get; set; } = 1;

    /// <summary>How many pages there are.</summary>
    public int Pages { get; private set; }

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
        if (Core.Keeping.Gate.Pass(kept.Plan with { Title = CopyTitle.Of(kept.Plan.Title, "copy") }).Passed is not { } passed)
            return RedirectToPage();
        var copy = shelf.Add(passed, $"copied from {kept.Plan.Title}");
        return Redirect($"/plan/{copy.Id}");
    }

    private ShelfItem ItemOf(KeptClass kept, ClassCard card, List<(Guid ClassId, Guid Session, DateTime At)> taught) => new(
        kept.Id,
        kept.Plan.Title,
        card.Drawing,
        card.Clock,
        card.Likely,
        kept.Plan.Brief.Minutes,
        string.Join(", ", kept.Plan.Brief.Focus),
        string.Join(", ", kept.Plan.Brief.Kit),
        Ago(time.GetUtcNow().UtcDateTime - kept.ChangedAt),
        taught.Count == 0 ? null : new TaughtLink(taught[0].Session, $"taught {Ago(time.GetUtcNow().UtcDateTime - taught[0].At)}{(taught.Count > 1 ? $", {taught.Count} times" : "")}"));

    private static string Ago(TimeSpan span) => span switch
    {
        { TotalMinutes: < 2 } => "just now",
        { TotalHours: < 1 } => $"{(int)span.TotalMinutes} min ago",
        { TotalDays: < 1 } => $"{(int)span.TotalHours} h ago",
        { TotalDays: < 2 } => "yesterday",
        _ => $"{(int)span.TotalDays} days ago",
    };
}
