using JollySet.Core.Moves;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Moves;

/// <summary>A move of one's own, or a shipped one whose facts are changed.</summary>
public sealed class EditModel(MovesBook book) : PageModel
{
    /// <summary>The move whose facts are changed; null for a new one.</summary>
    [BindProperty(SupportsGet = true, Name = "slug")]
    public string? Slug { get; set; }

    /// <summary>For a new one: the move it begins as.</summary>
    [BindProperty(SupportsGet = true, Name = "like")]
    public string? Like { get; set; }

    /// <summary>The class to go back to.</summary>
    [BindProperty(SupportsGet = true, Name = "back")]
    public Guid? Back { get; set; }

    /// <summary>The fields.</summary>
    public MoveForm Form { get; private set; } = null!;

    /// <summary>The move it is of; null for a new one.</summary>
    public Move? Before { get; private set; }

    /// <summary>Shows the fields, filled from the move or from the one it is like.</summary>
    public IActionResult OnGet(string? name)
    {
        var library = book.Library();
        if (!Found(library))
            return NotFound();
        var like = Before ?? (Like is { Length: > 0 } said ? library.Understood(said) : null) ?? OwnMoves.Blank;
        Form = MoveForm.Of(like, Before?.Name ?? (name is { Length: <= 200 } ? name.Trim() : ""));
        return Page();
    }

    /// <summary>Keeps it, or says beside each field what is wrong.</summary>
    public IActionResult OnPost()
    {
        var library = book.Library();
        if (!Found(library))
            return NotFound();
        Form = MoveForm.Of(Request.Form);
        var like = Before ?? (Like is { Length: > 0 } said ? library.Understood(said) : null);
        var move = Form.Read(like, library);
        if (move is not null && Taken(library, move.Name))
        {
            Form.Wrong["name"] = $"“{move.Name}” is a move already: change its facts instead";
            move = null;
        }

        if (move is not null && !book.Keep([move]))
        {
            Form.Wrong["name"] = $"a studio has up to {OwnMoves.Most} moves of its own";
            move = null;
        }

        if (move is null)
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Page();
        }

        // One's own move under another name is the same move; a shipped one keeps its name.
        if (Before is not null && !move.Name.Equals(Before.Name, StringComparison.OrdinalIgnoreCase))
            book.Forget(Before.Name);
        return Redirect(Back is { } id ? $"/plan/{id}" : $"/moves/{MoveFacts.SlugOf(move.Name)}");
    }

    /// <summary>Whether another move has the name, or one whose address would be the same.</summary>
    private bool Taken(MoveLibrary library, string name) =>
        (library.Find(name) ?? MoveFacts.Find(library, MoveFacts.SlugOf(name))) is { } other ? !other.Name.Equals(Before?.Name, StringComparison.OrdinalIgnoreCase) : MoveFacts.SlugOf(name) == "new";

    private bool Found(MoveLibrary library) => Slug is null || (Before = MoveFacts.Find(library, Slug)) is not null;
}
