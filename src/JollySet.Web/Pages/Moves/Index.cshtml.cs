using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Search;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Moves;

/// <summary>Every move the studio knows, found by whatever one knows of it.</summary>
public sealed class MovesModel(MovesBook book) : PageModel
{
    private const int PageSize = 42;

    /// <summary>Words one may pick instead of typing them.</summary>
    public static ImmutableArray<(string Label, ImmutableArray<string> Words)> Picks { get; } =
    [
        ("Works", ["legs", "glutes", "back", "chest", "shoulders", "arms", "core"]),
        ("With", ["no kit", "dumbbells", "kettlebell", "band", "chair", "step"]),
        ("Sparing", ["spare knees", "spare wrists", "spare low back", "no floor", "no jumping", "seated"]),
        ("For", ["warm-up", "stretches", "standing", "quiet"]),
    ];

    /// <summary>What is searched for.</summary>
    [BindProperty(SupportsGet = true, Name = "q")]
    public string? Search { get; set; }

    /// <summary>Which page, from 1.</summary>
    [BindProperty(SupportsGet = true, Name = "page")]
    public int PageNumber { get; set; } = 1;

    /// <summary>What was understood.</summary>
    public MoveQuestion Question { get; private set; } = MoveQuestion.Nothing;

    /// <summary>The moves of this page.</summary>
    public ImmutableArray<MoveFacts> Moves { get; private set; } = [];

    /// <summary>How many answer, how many the studio knows, and how many of them are its own.</summary>
    public (int Found, int All, int Own) Count { get; private set; }

    /// <summary>How many pages there are.</summary>
    public int Pages => (Count.Found + PageSize - 1) / PageSize;

    /// <summary>What is wrong with a file that was brought.</summary>
    public string? Wrong { get; private set; }

    /// <summary>Shows them.</summary>
    public void OnGet() => Fill();

    /// <summary>The list alone, while one types.</summary>
    public IActionResult OnGetFound()
    {
        Fill();
        // What is looked for stands in the address: a reload, a link and the way back find it again.
        Response.Headers["HX-Replace-Url"] = "/moves" + Request.QueryString.Value?.Replace("handler=found&", "", StringComparison.Ordinal).Replace("?handler=found", "", StringComparison.Ordinal);
        return Partial("_Found", this);
    }

    /// <summary>Names that answer, for a place where a move is chosen.</summary>
    public IActionResult OnGetNames()
    {
        var library = book.Library();
        var question = MoveSearch.Read(Search ?? "");
        return Partial("_Names", (question.Told, MoveSearch.Find(question, library).Take(12).Select(m => MoveFacts.Of(m, ImmutableHashSet<string>.Empty)).ToList()));
    }

    /// <summary>The studio's own moves as a file.</summary>
    public IActionResult OnGetOwn() => File(System.Text.Encoding.UTF8.GetBytes(OwnMoves.Write(book.Own())), "application/json", "moves.json");

    /// <summary>Takes moves from a file of that form.</summary>
    public IActionResult OnPostBring(IFormFile? file)
    {
        if (file is { Length: > 0 and <= Limits.JsonBytes })
        {
            using var reader = new StreamReader(file.OpenReadStream());
            (var moves, Wrong) = OwnMoves.Read(reader.ReadToEnd());
            if (Wrong is null && book.Keep(moves))
                return Redirect("/moves?q=own");
            Wrong ??= $"A studio has up to {OwnMoves.Most} moves of its own.";
        }
        else
        {
            Wrong = file is { Length: > 0 } ? "The file is too large for a list of moves." : "Choose a file first.";
        }

        Fill();
        Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
        return Page();
    }

    private void Fill()
    {
        var library = book.Library();
        var own = book.Own().Select(m => m.Name).ToImmutableHashSet(StringComparer.OrdinalIgnoreCase);
        Question = MoveSearch.Read(Search ?? "");
        var found = Search?.Trim() == "own" ? [.. library.All.Where(m => own.Contains(m.Name))] : MoveSearch.Find(Question, library);
        Count = (found.Length, library.All.Length, own.Count);
        PageNumber = Math.Clamp(PageNumber, 1, Math.Max(1, Pages));
        Moves = [.. found.Skip(PageSize * (PageNumber - 1)).Take(PageSize).Select(m => MoveFacts.Of(m, own))];
    }
}
