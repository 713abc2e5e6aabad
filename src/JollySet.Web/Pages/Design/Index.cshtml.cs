using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Drafting;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Searches;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Design;

/// <summary>One field of the brief.</summary>
public sealed record DesignField(string Key, string Label, string Value, string Hint, string? Error, ImmutableArray<(string Value, string Word)> Choices);

/// <summary>One line of a draft and why it is there.</summary>
public sealed record DraftLine(string Move, string Amount, string Why);

/// <summary>One block of a draft.</summary>
public sealed record DraftBlock(string Name, string Head, string Why, ImmutableArray<DraftLine> Lines);

/// <summary>A draft as it is shown.</summary>
public sealed record DraftView(string Title, string Clock, string Likely, string Verdict, string Drawing, string Hanging, string Frame, ImmutableArray<DraftBlock> Blocks);

/// <summary>What a search found, for the brief as it was typed.</summary>
public sealed record DraftFound(ImmutableArray<DesignField> Fields, int Seed, Draft Draft);

/// <summary>A whole first draft from a brief alone.</summary>
public sealed class DesignModel(ClassBook shelf, SessionBook sessions, RulesBook rules, SearchService searches) : SearchPage<DraftFound>(searches)
{
    private const int LastClasses = 3;

    /// <summary>The brief's fields with what was typed.</summary>
    public ImmutableArray<DesignField> Fields { get; private set; } = [];

    /// <summary>Which draft of this brief.</summary>
    public int Seed { get; private set; } = 1;

    /// <summary>The draft; null before one was asked for.</summary>
    public DraftView? View { get; private set; }

    /// <summary>Why there is none.</summary>
    public string? Why { get; private set; }

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

    /// <summary>Drafts a class, or another one: a page with script is told how far it is, one without waits.</summary>
    public async Task<IActionResult> OnPostDraft(int seed = 1, bool another = false)
    {
        Seed = Math.Max(1, another ? seed + 1 : seed);
        var form = new DesignForm(key => Request.Form[key].ToString(), fresh: false);
        Fields = form.Fields;
        if (form.Request(Seed, Recent()) is not { } request)
        {
            Response.StatusCode = StatusCodes.Status422UnprocessableEntity;
            return Request.Headers.ContainsKey("HX-Request") ? Partial("_Draft", this) : Page();
        }

        var house = rules.Studio();
        return await Search($"design {HttpContext.Connection.RemoteIpAddress}", (stop, told) => new DraftFound(Fields, request.Seed, Drafter.Make(request, house, told, stop)));
    }

    /// <summary>A line told back while it is typed.</summary>
    public IActionResult OnGetTold(string key) => Content(JollySet.Core.Balance.BriefTold.Of(key, Request.Query[key].ToString() is { Length: <= 1000 } line ? line : ""));

    /// <summary>Adds a word that was picked to its line.</summary>
    public IActionResult OnPostPick(int seed = 1)
    {
        Seed = Math.Max(1, seed);
        Fields = new DesignForm(key => Shared.Picks.Added(Request.Form, key, Request.Form[key].ToString()), fresh: false).Fields;
        return Request.Headers.ContainsKey("HX-Request") ? Partial("_Fields", this) : Page();
    }

    /// <summary>Puts the draft on the shelf: the same brief and seed give the same class.</summary>
    public IActionResult OnPostTake(int seed)
    {
        Seed = seed;
        var form = new DesignForm(key => Request.Form[key].ToString(), fresh: false);
        Fields = form.Fields;
        if (form.Request(seed, Recent()) is not { } request || Drafter.Make(request, rules.Studio(), stop: HttpContext.RequestAborted).Plan is not { } plan || Core.Keeping.Gate.Pass(plan).Passed is not { } passed)
            return Page();
        return Redirect($"/plan/{shelf.Add(passed, "designed from a brief").Id}");
    }

    /// <inheritdoc/>
    protected override string Address => "/design";

    /// <inheritdoc/>
    protected override string FoundPart => "_Draft";

    /// <inheritdoc/>
    protected override void Show(SearchJob job, DraftFound found)
    {
        (Fields, Seed, Why, Cannot, StoppedFor) = (found.Fields, found.Seed, found.Draft.Why, found.Draft.Cannot, job.StoppedFor);
        View = found.Draft.Plan is null ? null : ViewOf(found.Draft);
    }

    /// <summary>The moves of the last classes that were taught.</summary>
    private ImmutableHashSet<string> Recent() =>
        [.. sessions.LastTaught(LastClasses).SelectMany(t => t.Sets.Where(s => t.Blocks[s.Block].IsMain).SelectMany(s => s.Line.Doing.MoveNames()))];

    private DraftView ViewOf(Draft draft)
    {
        var timeline = TimelineBuilder.Build(draft.Plan!, rules.Studio());
        var findings = Review.Of(timeline);
        string Reason(string block, int station) => draft.Reasons.FirstOrDefault(r => r.Block == block && r.Station == station)?.Text ?? "";
        return new DraftView(
            draft.Plan!.Title,
            Say.Clock(timeline.Length),
            Say.Clock(timeline.Likely),
            findings.Count(f => f.Severity != Severity.Note) is var worse and > 0 ? $"{worse} to look at" : "its own checks find nothing that matters",
            BuntingSvg.Of(timeline, null, (_, _) => "#draft-title"),
            HangingSvg.Of(timeline, null, (_, _) => "#draft-title"),
            Reason("", 0),
            [
                .. draft.Plan.Blocks.Where(b => !b.IsWords).Select(b => new DraftBlock(
                    b.Name,
                    HeadOf(b),
                    Reason(b.Name, 0),
                    [.. b.Stations.Select((line, at) => new DraftLine(Say.Capital(Facts.NameOf(line.Doing)), $"{SheetWriter.WriteAmount(line.Amount)} {SheetWriter.WriteLoad(line.Load)}".Trim(), Reason(b.Name, at + 1)))])),
            ]);
    }

    private static string HeadOf(Block block)
    {
        var settings = block.Settings;
        string?[] parts =
        [
            block.RoundCount > 1 ? $"{block.RoundCount} rounds" : null,
            settings.Work.IsEmpty ? null : $"{settings.Work[0].InWholeSeconds} s on",
            settings.Rest.IsEmpty ? null : $"{settings.Rest[0].Length.Low.InWholeSeconds} s off",
        ];
        return string.Join(", ", parts.OfType<string>().Prepend(Core.Plans.Words.FormatName(block.Format)));
    }
}
