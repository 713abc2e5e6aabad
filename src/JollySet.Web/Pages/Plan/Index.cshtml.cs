using System.Text;
using JollySet.Core.Cards;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Spoken;
using JollySet.Data;
using JollySet.Web.Pages.Plan.Bench;
using JollySet.Web.Parts;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Plan;

/// <summary>The place of work: a class as bunting, and its open block as an editable list beside what was found.</summary>
public sealed class PlanModel(ClassBook shelf, ClassTimelines timelines, RulesBook rules, SessionBook sessions, MovesBook moves, PartList parts) : PageModel
{
    private (ClassPlan Plan, int Open, Task<PlanLook> Look)? ahead;

    /// <summary>What is shown.</summary>
    public PlanView View { get; private set; } = null!;

    /// <summary>Names of the library, for the fields that take a move.</summary>
    public IEnumerable<string> MoveNames => rules.Studio().Library.Offered;

    /// <summary>Shows a class with one block open, by its number.</summary>
    /// <param name="at">The station that is open on the bench, 0 for the block alone; the bench is for a page that is there already.</param>
    /// <param name="rope">Which of the block's ropes the bench stands under.</param>
    public IActionResult OnGet(Guid id, int block, string? line, bool safe, int swap, [FromQuery(Name = "swap-block")] bool swapBlock, int? at, int rope, bool history, int? before, int? one, int? other)
    {
        if (shelf.Get(id) is not { } kept)
            return Missing(id);
        var look = PlanLook.Of(id, kept.Plan, rules.Studio(), block, parts.IsAsleep("line-wide"));
        View = PlanView.Of(kept, look, line: line, safe: safe, swaps: swap > 0 ? SwapsView.OfStation(kept, look.Timeline, swap) : swapBlock ? SwapsView.OfBlock(kept, look.Timeline, block) : null, at: parts.IsLive ? at : null, rope: rope);
        if (history)
            View = View with { History = HistoryView.Of(shelf, sessions, kept, look.Timeline, block, before) with { Two = one is { } from && other is { } to ? TwoStates.Of(shelf, kept, rules.Studio(), from, to) : null } };
        return parts.IsLive ? Parts(StatusCodes.Status200OK, kept) : Page();
    }

    /// <summary>The revision the class is at, for a page that looks whether another has changed it.</summary>
    public IActionResult OnGetRevision(Guid id) => shelf.RevisionOf(id) is { } revision ? new JsonResult(revision) : NotFound();

    /// <summary>What mending all that is safe would do.</summary>
    public IActionResult OnGetSafe(Guid id, int block)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        return Partial("_SafeMends", (id, block, (SafeMendsView?)SafeMendsView.Of(kept, timeline, Core.Checks.Review.Of(timeline))));
    }

    /// <summary>What could stand in a station's place.</summary>
    /// <param name="q">What is asked of them: words, a muscle, a pattern, kit, needs, a level.</param>
    public IActionResult OnGetSwaps(Guid id, int station, string? q) => shelf.Get(id) is { } kept && SwapsView.OfStation(kept, timelines.Of(kept), station, q) is { } swaps ? Partial("_Swaps", swaps) : NotFound();

    /// <summary>Moves to hang on the line, as small flags by family.</summary>
    /// <param name="q">What is asked of them: words, a muscle, a pattern, kit, needs, a level.</param>
    public IActionResult OnGetHang(Guid id, int block, string? q) => shelf.Get(id) is { } kept ? Partial("_Hang", HangView.Of(kept, timelines.Of(kept), block, q)) : NotFound();

    /// <summary>What could stand in a block's place.</summary>
    public IActionResult OnGetSwapBlocks(Guid id, int block) => shelf.Get(id) is { } kept && SwapsView.OfBlock(kept, timelines.Of(kept), block) is { } swaps ? Partial("_Swaps", swaps) : NotFound();

    /// <summary>What a typed line would become.</summary>
    public IActionResult OnGetExpand(Guid id, string? line) => shelf.Get(id) is { } kept ? Partial("_Expansion", Expansion.Of(kept, timelines.Of(kept), line)) : NotFound();

    /// <summary>What an edit would do, before it is taken: asked with what its form would post.</summary>
    public IActionResult OnGetWould(Guid id)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var form = new FormCollection(Request.Query.ToDictionary(q => q.Key, q => q.Value));
        var edit = form["do"] == "put-back" ? int.TryParse(form["number"], out var number) && shelf.PlanAt(id, number) is { } then ? new PutBack(then, number) : null : EditForm.EditOf(form, kept.Plan, rules.Studio());
        var would = Would.Of(timelines.Of(kept), edit);
        return new JsonResult(new { says = would.Says, refused = would.IsRefused, ropes = would.Ropes });
    }

    /// <summary>What a line of words would do.</summary>
    public IActionResult OnGetSay(Guid id, string? say, int open, int at)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        var said = CommandLine.Read((say ?? "")[..Math.Min(say?.Length ?? 0, 400)], new Here(timeline, open, at));
        var would = Would.Of(timeline, said.Edit);
        return new JsonResult(new { does = said.Does, way = said.Way, would = would.Says, ropes = would.Ropes, wrong = said.Wrong ?? (would.IsRefused ? would.Says : null) });
    }

    /// <summary>What was done to the class, and each state it was in.</summary>
    /// <param name="before">Only states earlier than this one.</param>
    public IActionResult OnGetHistory(Guid id, int block, int? before) => shelf.Get(id) is { } kept ? Partial("_History", HistoryView.Of(shelf, sessions, kept, timelines.Of(kept), block, before)) : NotFound();

    /// <summary>Two states of the class beside each other.</summary>
    public IActionResult OnGetTwo(Guid id, int one, int other) => shelf.Get(id) is { } kept && TwoStates.Of(shelf, kept, rules.Studio(), one, other) is { } two ? Partial("_TwoStates", two) : NotFound();

    /// <summary>The class as a sheet, to keep or to send.</summary>
    public IActionResult OnGetSheet(Guid id) => Download(id, SheetWriter.Write, "text/plain", "sheet");

    /// <summary>The class as JSON.</summary>
    public IActionResult OnGetJson(Guid id) => Download(id, JsonPlanWriter.Write, "application/json", "json");

    /// <summary>The class as a card to send, to read on a phone and to copy.</summary>
    public IActionResult OnGetCard(Guid id) => shelf.Get(id) is { } kept ? Content(PlainCard.Write(kept.Plan), "text/plain; charset=utf-8", Encoding.UTF8) : NotFound();

    /// <summary>The class as a table for a spreadsheet.</summary>
    public IActionResult OnGetCsv(Guid id) => Download(id, plan => "\uFEFF" + PlainTable.Csv(plan), "text/csv", "csv");

    /// <summary>The class as a table in Markdown.</summary>
    public IActionResult OnGetTable(Guid id) => Download(id, PlainTable.Markdown, "text/markdown", "md");

    /// <summary>The text of a class that cannot be read, as it is kept.</summary>
    public IActionResult OnGetKept(Guid id) => shelf.GetBroken(id) is { } broken
        ? File(Encoding.UTF8.GetBytes(broken.Text), "application/json; charset=utf-8", "class-as-kept.json")
        : NotFound();

    /// <summary>Makes one edit.</summary>
    public IActionResult OnPost(Guid id)
    {
        var request = new EditRequest(Request.Form);
        if (request.BringsBack)
            shelf.BringBack(id);
        if (request.Revision is not { } madeOn)
            return BadRequest();
        var hangs = parts.IsAsleep("line-wide");
        return request.Do switch
        {
            "undo" => Answer(id, request, shelf.Undo(id, madeOn)),
            "redo" => Answer(id, request, shelf.Redo(id, madeOn)),
            _ when request.AsCopy => AsCopy(id, request, madeOn),
            _ => Edited(id, request, madeOn, hangs),
        };
    }

    /// <summary>One edit; its answer is written while the disk writes the edit, and sent when that is done. Not where a move is learned with it: that changes what is shown.</summary>
    private IActionResult Edited(Guid id, EditRequest request, int madeOn, bool hangs)
    {
        (KeptClass Of, IActionResult Answer)? written = null;
        void WriteAhead(SaveResult ahead)
        {
            if (ahead.Class is not { Plan.NewMoves.IsEmpty: true } kept)
                return;
            written = (kept, Shown(id, request, ahead, kept));
            (written.Value.Answer as PartsResult<PlanView>)?.Write(PageContext).GetAwaiter().GetResult();
        }

        var result = shelf.Edit(
            id,
            madeOn,
            plan => EditOf(id, request, plan),
            request.WhenStale,
            plan => LookAhead(id, plan, request.Open, hangs),
            parts.IsLive ? WriteAhead : null);
        return written is { } there && ReferenceEquals(there.Of, result.Class) ? there.Answer : Answer(id, request, result);
    }

    /// <summary>The edit of a form; an earlier state is looked up first.</summary>
    private PlanEdit? EditOf(Guid id, EditRequest request, ClassPlan plan) => request.Do == "put-back"
        ? shelf.PlanAt(id, request.Number) is { } then ? new PutBack(then, request.Number) : null
        : EditForm.EditOf(request.Form, plan, rules.Studio());

    /// <summary>What the class becomes is looked at while it is being saved.</summary>
    private void LookAhead(Guid id, ClassPlan plan, int open, bool hangs) => ahead = (plan, open, Task.Run(() => PlanLook.Of(id, plan, rules.Studio(), open, hangs)));

    private PlanLook LookAt(KeptClass kept, int open) => ahead is { } look && look.Open == open && ReferenceEquals(look.Plan, kept.Plan)
        ? look.Look.GetAwaiter().GetResult()
        : PlanLook.Of(kept.Id, kept.Plan, rules.Studio(), open, parts.IsAsleep("line-wide"));

    private IActionResult Answer(Guid id, EditRequest request, SaveResult result)
    {
        if (result.Class is not { } kept)
            return Gone(id, request);
        if (result.Outcome == SaveOutcome.Saved && !kept.Plan.NewMoves.IsEmpty)
            moves.Learn(kept.Plan, shelf.PlanAt(id, request.Revision!.Value));
        return Shown(id, request, result, kept);
    }

    private IActionResult Shown(Guid id, EditRequest request, SaveResult result, KeptClass kept)
    {
        var open = OpenAfter(request, result);
        if (result.Outcome == SaveOutcome.Saved && !parts.IsLive)
            return Redirect(request.Back is { } back ? $"/{back}/{kept.Id}{request.BackQuery}" : $"/plan/{kept.Id}?block={open}");
        if (result.Outcome == SaveOutcome.Refused && parts.IsLive)
            return new JsonResult(new { field = result.Field, message = string.Join("; ", result.Errors.Select(e => e.Message)), errors = result.Errors.Take(50).Select(e => new { e.Line, e.Column, e.Message }) }) { StatusCode = StatusCodes.Status422UnprocessableEntity };
        var failed = result.Outcome == SaveOutcome.Refused ? request.Failed(result) : null;
        var stale = result.Outcome == SaveOutcome.Stale ? new StaleEdit(request.Revision!.Value, result.Meanwhile, MineText(id, request), request.Carried()) : null;
        View = PlanView.Of(kept, LookAt(kept, open), failed, stale, FocusAfter(request, result, kept), at: AtAfter(request, result), rope: request.Rope);
        Response.StatusCode = result.Outcome switch
        {
            SaveOutcome.Refused => StatusCodes.Status422UnprocessableEntity,
            SaveOutcome.Stale => StatusCodes.Status409Conflict,
            _ => StatusCodes.Status200OK,
        };
        return parts.IsLive ? Parts(Response.StatusCode, kept) : Page();
    }

    private PartsResult<PlanView> Parts(int status, KeptClass kept) =>
        new("_Plan", View, status, ("revision", kept.Revision), ("open", View.OpenBlock?.Id), ("at", View.Bench?.Station), ("rope", View.Bench?.Nth), ("says", View.Tells), ("focus", View.Focus), ("title", View.Title));

    /// <summary>What an edit that met another would do; null for undo and redo.</summary>
    private string? MineText(Guid id, EditRequest request) => request.Do is "undo" or "redo" ? null
        : shelf.PlanAt(id, request.Revision!.Value) is { } before && EditOf(id, request, before) is { } edit ? edit.Summary(before) : "your change";

    /// <summary>The class was taken off the shelf meanwhile: what was typed is shown, and it can be brought back with the edit.</summary>
    private PartialViewResult Gone(Guid id, EditRequest request)
    {
        Response.StatusCode = StatusCodes.Status410Gone;
        var part = Partial(parts.IsLive ? "_Gone" : "_GonePage", new GoneView(id, request.Carried().Append(KeyValuePair.Create("revision", $"{request.Revision}")).ToList()));
        part.StatusCode = StatusCodes.Status410Gone;
        return part;
    }

    private IActionResult AsCopy(Guid id, EditRequest request, int madeOn)
    {
        if ((shelf.PlanAt(id, madeOn) ?? shelf.Get(id)?.Plan) is not { } before)
            return Gone(id, request);
        var edit = EditOf(id, request, before);
        var mine = edit?.Apply(before).Plan ?? before;
        var (passed, errors) = Core.Keeping.Gate.Pass(mine with { Title = CopyTitle.Of(mine.Title, "mine") });
        if (passed is null)
            return Answer(id, request, new SaveResult(SaveOutcome.Refused, shelf.Get(id), errors, []));
        var address = $"/plan/{shelf.Add(passed, "kept as a copy").Id}";
        if (!parts.IsLive)
            return Redirect(address);
        Response.Headers["HX-Redirect"] = address;
        return StatusCode(StatusCodes.Status204NoContent);
    }

    /// <summary>A class that is not there, or whose row cannot be read: the text of that one is offered.</summary>
    private IActionResult Missing(Guid id) => shelf.GetBroken(id) is { } broken
        ? new PartialViewResult { ViewName = "_BrokenPage", StatusCode = StatusCodes.Status200OK, ViewData = new Microsoft.AspNetCore.Mvc.ViewFeatures.ViewDataDictionary<BrokenClass>(MetadataProvider, ModelState) { Model = broken } }
        : NotFound();

    private IActionResult Download(Guid id, Func<ClassPlan, string> written, string type, string ending)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        return File(Encoding.UTF8.GetBytes(written(kept.Plan)), type + "; charset=utf-8", $"{FileName.Of(kept.Plan.Title)}.{ending}");
    }

    /// <summary>The block that is open afterwards: one that was just added, else the one that was.</summary>
    private static int OpenAfter(EditRequest request, SaveResult result)
    {
        if (result.Outcome == SaveOutcome.Saved && request.Do is "block-new" or "block-add" or "block-line" or "block-duplicate" && result.Class!.Plan.Blocks.MaxBy(b => b.Id) is { } added)
            return added.Id;
        // What is open on the bench is followed where it is carried.
        return request.Do == "carry" && request.At == request.Station && result.Class?.Plan.FindStation(request.Station)?.Block.Id == request.Goal ? request.Goal : request.Open;
    }

    /// <summary>What is open on the bench afterwards: a station that was just added, the one that takes the place of one taken out, else what was.</summary>
    private static int? AtAfter(EditRequest request, SaveResult result)
    {
        if (request.At is not { } at || result is not { Outcome: SaveOutcome.Saved, Class: { } kept })
            return request.At;
        var block = kept.Plan.FindBlock(request.Open);
        return request.Do switch
        {
            "add" => block?.Stations.MaxBy(s => s.Id)?.Id ?? at,
            "remove" when block is { Stations.IsEmpty: false } => block.Stations[Math.Clamp(request.Place - 1, 0, block.Stations.Length - 1)].Id,
            _ => at,
        };
    }

    /// <summary>Where the keyboard goes on after an edit that moves things.</summary>
    private static string? FocusAfter(EditRequest request, SaveResult result, KeptClass kept)
    {
        if (result.Outcome != SaveOutcome.Saved)
            return null;
        var block = kept.Plan.FindBlock(request.Open);
        return request.Do switch
        {
            "add" => "add-line",
            "up" => $"up-{request.Station}",
            "down" => $"down-{request.Station}",
            "duplicate" when kept.Plan.FindStation(request.Station) is { } found && found.At + 1 < found.Block.Stations.Length => $"duplicate-{found.Block.Stations[found.At + 1].Id}",
            "remove" when block is { Stations.IsEmpty: false } => $"remove-{block.Stations[Math.Clamp(request.Place - 1, 0, block.Stations.Length - 1)].Id}",
            "remove" => "add-line",
            _ => null,
        };
    }
}

/// <summary>A class that is gone, and what was typed for it.</summary>
public sealed record GoneView(Guid Id, IReadOnlyList<KeyValuePair<string, string>> Fields);
