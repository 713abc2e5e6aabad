using System.Text;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;
using JollySet.Core.Sheets;
using JollySet.Data;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;
using Microsoft.AspNetCore.Mvc.ViewFeatures;

namespace JollySet.Web.Pages.Plan;

/// <summary>The place of work: a class as bunting, and its open block as an editable list beside what was found.</summary>
public sealed class IndexModel(Data.Shelf shelf, TimelineShelf timelines) : PageModel
{
    /// <summary>What is shown.</summary>
    public PlanView View { get; private set; } = null!;

    /// <summary>Names of the library, for the fields that take a move.</summary>
    public static IEnumerable<string> MoveNames { get; } = [.. MoveLibrary.Shipped.All.Select(m => m.Name)];

    /// <summary>Shows a class with one block open.</summary>
    public IActionResult OnGet(Guid id, string? block, string? line)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        View = PlanView.Of(kept, timelines.Of(kept), block, line: line);
        return Page();
    }

    /// <summary>What a typed line would become.</summary>
    public IActionResult OnGetExpand(Guid id, string? line) => shelf.Get(id) is { } kept ? Part("_Expansion", Expansion.Of(kept, timelines.Of(kept), line)) : NotFound();

    /// <summary>The class as a sheet, to keep or to send.</summary>
    public IActionResult OnGetSheet(Guid id) => Download(id, plan => SheetWriter.Write(plan), "text/plain", "sheet");

    /// <summary>The class as JSON.</summary>
    public IActionResult OnGetJson(Guid id) => Download(id, JsonPlanWriter.Write, "application/json", "json");

    /// <summary>Makes one edit.</summary>
    public IActionResult OnPost(Guid id)
    {
        var form = Request.Form;
        var action = EditForm.ActionOf(form);
        if (action == "bring-back")
            shelf.BringBack(id);
        if (shelf.Get(id) is not { } kept)
            return Gone(id);
        if (action is "undo" or "redo")
            return Answer(action == "undo" ? shelf.Undo(id) : shelf.Redo(id), null);
        var madeOn = int.TryParse(form["revision"], out var revision) ? revision : kept.Revision;
        if (action == "as-copy")
            return AsCopy(id, madeOn, kept);
        if (EditForm.EditOf(WithoutDo(form), kept.Plan, timelines.Of(kept)) is not { } edit)
            return Answer(new SaveResult(SaveOutcome.Saved, kept, [], []), null);
        return Answer(shelf.Edit(id, madeOn, edit, onTop: form.ContainsKey("on-top")), edit);
    }

    private IActionResult Answer(SaveResult result, PlanEdit? edit)
    {
        if (result.Class is not { } kept)
            return Gone(RouteData.Values["id"] is string id ? Guid.Parse(id) : Guid.Empty);
        var form = Request.Form;
        var open = OpenAfter(form, result, edit);
        var (failed, stale) = result.Outcome switch
        {
            SaveOutcome.Refused => (FailedOf(form, result), null),
            SaveOutcome.Stale => ((FailedEdit?)null, new StaleEdit(result.Meanwhile, edit!.Summary, Posted(form))),
            _ => (null, null),
        };
        var isLive = Request.Headers.ContainsKey("HX-Request");
        if (result.Outcome == SaveOutcome.Saved && !isLive)
            return Redirect($"/plan/{kept.Id}?block={Uri.EscapeDataString(open ?? "")}");
        View = PlanView.Of(kept, timelines.Of(kept), open, failed, stale, FocusAfter(form, result.Outcome));
        Response.StatusCode = result.Outcome switch
        {
            SaveOutcome.Refused => StatusCodes.Status422UnprocessableEntity,
            SaveOutcome.Stale => StatusCodes.Status409Conflict,
            _ => StatusCodes.Status200OK,
        };
        return isLive ? Part("_Plan", View) : Page();
    }

    /// <summary>The class was taken off the shelf meanwhile: what was typed is shown, and it can be brought back with the edit.</summary>
    private PartialViewResult Gone(Guid id)
    {
        Response.StatusCode = StatusCodes.Status410Gone;
        var view = new GoneView(id, Posted(Request.Form));
        return Part(Request.Headers.ContainsKey("HX-Request") ? "_Gone" : "_GonePage", view);
    }

    private IActionResult AsCopy(Guid id, int madeOn, KeptClass now)
    {
        var before = shelf.PlanAt(id, madeOn) ?? now.Plan;
        var edit = EditForm.EditOf(WithoutDo(Request.Form), before, Core.Timing.TimelineBuilder.Build(before));
        var mine = edit?.Apply(before).Plan ?? before;
        var copy = shelf.Add(mine with { Title = mine.Title + " (mine)" }, "kept as a copy");
        var address = $"/plan/{copy.Id}";
        if (!Request.Headers.ContainsKey("HX-Request"))
            return Redirect(address);
        Response.Headers["HX-Redirect"] = address;
        return StatusCode(StatusCodes.Status204NoContent);
    }

    private PartialViewResult Part<T>(string name, T model) => new()
    {
        ViewName = name,
        StatusCode = Response.StatusCode,
        ViewData = new ViewDataDictionary<T>(MetadataProvider, ModelState) { Model = model },
    };

    private IActionResult Download(Guid id, Func<ClassPlan, string> written, string type, string ending)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var name = string.Join("-", kept.Plan.Title.ToLowerInvariant().Split([.. Path.GetInvalidFileNameChars(), ' ', '"', '\\'], StringSplitOptions.RemoveEmptyEntries));
        return File(Encoding.UTF8.GetBytes(written(kept.Plan)), type + "; charset=utf-8", $"{(name.Length == 0 ? "class" : name)}.{ending}");
    }

    /// <summary>A form that was refused or stale carries what it first did in <c>did</c>.</summary>
    private static IFormCollection WithoutDo(IFormCollection form) => form.ContainsKey("did")
        ? new FormCollection(form.Where(f => f.Key != "do").ToDictionary(f => f.Key == "did" ? "do" : f.Key, f => f.Value))
        : form;

    private static List<KeyValuePair<string, string>> Posted(IFormCollection form) =>
        [.. form.Where(f => !f.Key.StartsWith("__", StringComparison.Ordinal) && f.Key is not ("revision" or "on-top" or "do" or "did"))
            .Select(f => KeyValuePair.Create(f.Key, f.Value.ToString()))
            .Append(KeyValuePair.Create("did", EditForm.ActionOf(WithoutDo(form))))];

    private static FailedEdit FailedOf(IFormCollection form, SaveResult result) => new(
        EditForm.ActionOf(WithoutDo(form)),
        form["block"].ToString(),
        int.TryParse(form["station"], out var station) ? station : 0,
        result.Field,
        string.Join("; ", result.Errors.Select(e => e.Message)),
        result.Errors,
        form.Where(f => !f.Key.StartsWith("__", StringComparison.Ordinal)).ToDictionary(f => f.Key, f => f.Value.ToString()));

    private static string? OpenAfter(IFormCollection form, SaveResult result, PlanEdit? edit)
    {
        var block = form["block"].ToString();
        if (result.Outcome != SaveOutcome.Saved)
            return block;
        return EditForm.ActionOf(form) switch
        {
            "block-add" => result.Class!.Plan.Blocks[^1].Name,
            "block-line" => result.Class!.Plan.Blocks[AddBlockLine.PlaceIn(result.Class.Plan) - 1].Name,
            "block" when form.ContainsKey("name") => form["name"].ToString().Trim(),
            "block-text" when edit is ReplaceBlock replaced => NameOf(replaced, result.Class!.Plan),
            _ => block,
        };
    }

    private static string NameOf(ReplaceBlock replaced, ClassPlan plan) =>
        SheetReader.ReadBlock(replaced.Text, new ClassPlan("", new Brief()) { NewMoves = plan.NewMoves }).Block?.Name ?? replaced.Block;

    /// <summary>Where the keyboard goes on after an edit that moves things.</summary>
    private static string? FocusAfter(IFormCollection form, SaveOutcome outcome)
    {
        if (outcome != SaveOutcome.Saved || !int.TryParse(form["station"], out var station))
            return EditForm.ActionOf(form) == "add" && outcome == SaveOutcome.Saved ? "add-line" : null;
        return EditForm.ActionOf(form) switch
        {
            "up" => $"up-{Math.Max(1, station - 1)}",
            "down" => $"down-{station + 1}",
            "duplicate" => $"duplicate-{station + 1}",
            "remove" => $"remove-{Math.Max(1, station)}",
            _ => null,
        };
    }
}

/// <summary>A class that is gone, and what was typed for it.</summary>
public sealed record GoneView(Guid Id, IReadOnlyList<KeyValuePair<string, string>> Fields);
