using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Session;

/// <summary>Pins a class for teaching, or asks whether to go on with one that was begun.</summary>
public sealed class OpenModel(ClassBook shelf, RulesBook rules, SessionBook sessions, ClassTimelines timelines, DeviceClock clock) : PageModel
{
    /// <summary>The class.</summary>
    public Guid Id { get; private set; }

    /// <summary>Its title.</summary>
    public string ClassTitle { get; private set; } = "";

    /// <summary>A session of it that was begun and not ended.</summary>
    public Guid? Unfinished { get; private set; }

    /// <summary>Whether the class has nothing in it.</summary>
    public bool NothingToTeach { get; private set; }

    /// <summary>Asks.</summary>
    public IActionResult OnGet(Guid id) => Ask(id);

    /// <summary>Opens a session, unless one is running and nobody said to begin anew.</summary>
    public IActionResult OnPost(Guid id, string? anew)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        if (timelines.Of(kept).Segments.IsEmpty || (anew is null && sessions.Unfinished(id) is not null))
            return Ask(id);
        // Beginning anew ends what was begun: a class is under way once at the most.
        if (sessions.Unfinished(id) is { } left)
            sessions.Press(left, Core.Teaching.EventKind.End, clock.NowMs);
        return Redirect($"/session/{sessions.Open(kept, rules.Studio())}");
    }

    private IActionResult Ask(Guid id)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        (Id, ClassTitle, Unfinished, NothingToTeach) = (id, kept.Plan.Title, sessions.Unfinished(id), timelines.Of(kept).Segments.IsEmpty);
        return Page();
    }
}
