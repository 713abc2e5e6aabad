using System.Collections.Immutable;
using JollySet.Core.Drafting;
using JollySet.Core.Plans;
using JollySet.Data;
using JollySet.Web.Searches;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Design;

/// <summary>One field of the brief.</summary>
public sealed record DesignField(string Key, string Label, string Value, string Hint, string? Error, ImmutableArray<(string Value, string Word)> Choices);

/// <summary>What a search found, for the brief as it was typed.</summary>
public sealed record DraftFound(ImmutableArray<DesignField> Fields, int Seed, Drafts Drafts);

/// <summary>First drafts from a brief alone: three to compare, one looked at whole, blocks of the others put into it.</summary>
public sealed class DesignModel(ClassBook shelf, SessionBook sessions, RulesBook rules, SearchService searches) : SearchPage<DraftFound>(searches)
{
    private const int LastClasses = 3;
    private const int MostTaken = 12;

    /// <summary>The brief's fields with what was typed.</summary>
    public ImmutableArray<DesignField> Fields { get; private set; } = [];

    /// <summary>The first draft of this brief that is shown.</summary>
    public int Seed { get; private set; } = 1;

    /// <summary>Which of the three is looked at, from 1.</summary>
    public int Which { get; private set; } = 1;

    /// <summary>Blocks of the others that were put into it, in order.</summary>
    public ImmutableArray<string> Taken { get; private set; } = [];

    /// <summary>The search whose drafts these are, so that another look needs no other search.</summary>
    public Guid? Job { get; private set; }

    /// <summary>The three in small.</summary>
    public ImmutableArray<DraftCard> Cards { get; private set; } = [];

    /// <summary>The draft that is looked at; null before one was asked for.</summary>
    public DraftView? View { get; private set; }

    /// <summary>Why there is none.</summary>
    public string? Why { get; private set; }

    /// <summary>The brief near by that can be met, as the fields would say it.</summary>
    public ImmutableArray<(string Key, string Value)> Nearest { get; private set; } = [];

    /// <summary>What it cannot judge.</summary>
    public string? Cannot { get; private set; }

    /// <summary>Why the search ended early; null where it did not.</summary>
    public string? StoppedFor { get; private set; }

    /// <summary>Asks for a brief.</summary>
    public void OnGet(int seed = 1)
    {
        Seed = Math.Max(1, seed);
        Fields = new DesignForm(key => Request.Query[key].ToString(), fresh: true).Fields;
    }

    /// <summary>Drafts three classes, or three others: a page with script is told how far it is, one without waits.</summary>
    public async Task<IActionResult> OnPostDraft(int seed = 1, bool another = false)
    {
        Seed = Math.Max(1, another ? seed + Drafts.Compared : seed);
        var form = new DesignForm(key => Request.Form[key].ToString(), fresh: false);
        Fields = form.Fields;
        if (form.Request(Seed, Recent()) is not { } request)
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Request.Headers.ContainsKey("HX-Request") ? Partial("_Draft", this) : Page();
        }

        var house = rules.Studio();
        return await Search($"design {HttpContext.Connection.RemoteIpAddress}", (stop, told) => new DraftFound(Fields, request.Seed, Drafts.Of(request, house, told, stop)));
    }

    /// <summary>A line told back while it is typed.</summary>
    public IActionResult OnGetTold(string key) => Content(Core.Balance.BriefTold.Of(key, Request.Query[key].ToString() is { Length: <= 1000 } line ? line : ""));

    /// <summary>Adds a word that was picked to its line.</summary>
    public IActionResult OnPostPick(int seed = 1)
    {
        Seed = Math.Max(1, seed);
        Fields = new DesignForm(key => Shared.Picks.Added(Request.Form, key, Request.Form[key].ToString()), fresh: false).Fields;
        return Request.Headers.ContainsKey("HX-Request") ? Partial("_Fields", this) : Page();
    }

    /// <summary>Puts the draft that is looked at on the shelf: the one that was shown, also of a search that was stopped; where that is forgotten, the same brief and seed give the same class.</summary>
    public IActionResult OnPostTake(int seed, Guid job)
    {
        Seed = seed;
        var form = new DesignForm(key => Request.Form[key].ToString(), fresh: false);
        Fields = form.Fields;
        if (form.Request(seed, Recent()) is not { } request)
            return Page();
        var draft = (Kept(job)?.Drafts ?? Drafts.Of(request, rules.Studio(), stop: HttpContext.RequestAborted)).With(AskedWhich(), AskedTaken(), rules.Studio());
        if (draft.Plan is not { } plan || Core.Keeping.Gate.Pass(plan).Passed is not { } passed)
            return Page();
        return Redirect($"/plan/{shelf.Add(passed, "designed from a brief", draft.Told()).Id}");
    }

    /// <inheritdoc/>
    protected override string Address => "/design";

    /// <inheritdoc/>
    protected override string FoundPart => "_Draft";

    /// <inheritdoc/>
    protected override void Show(SearchJob job, DraftFound found)
    {
        var (drafts, studio) = (found.Drafts, rules.Studio());
        (Fields, Seed, StoppedFor, Job) = (found.Fields, found.Seed, job.StoppedFor, job.Id);
        (Which, Taken) = (Math.Clamp(AskedWhich(), 1, drafts.Made.Length), AskedTaken());
        var draft = drafts.With(Which, Taken, studio);
        (Why, Cannot) = (drafts.Nearest is { } near ? $"{draft.Why} {near.Says}".Trim() : draft.Why, draft.Cannot);
        Nearest = draft.Plan is null && drafts.Nearest is { } nearest ? DesignForm.Said(nearest.Request) : [];
        if (draft.Plan is null)
            return;
        Cards = [.. drafts.Made.Select((m, at) => DraftCard.Of(at + 1, m.Draft.Plan!, studio))];
        View = DraftView.Of(Which, draft, drafts, studio, Said("swap").Split(';')[^1] is { Length: > 0 } swap ? swap : null);
    }

    private string Said(string key) => Request.HasFormContentType ? string.Join(';', Request.Form[key].OfType<string>()) : string.Join(';', Request.Query[key].OfType<string>());

    private int AskedWhich() => int.TryParse(Said("which").Split(';')[^1], System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture, out var which) ? which : 1;

    private ImmutableArray<string> AskedTaken() => [.. Said("taken").Split(';', StringSplitOptions.RemoveEmptyEntries).Take(MostTaken)];

    /// <summary>The moves of the last classes that were taught.</summary>
    private ImmutableHashSet<string> Recent() =>
        [.. sessions.LastTaught(LastClasses).SelectMany(t => t.Sets.Where(s => t.Blocks[s.Block].IsMain).SelectMany(s => s.Line.Doing.MoveNames()))];
}
