using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Fitting;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using JollySet.Web.Searches;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Fit;

/// <summary>One proposal as it is shown.</summary>
/// <param name="Edits">The edits as the form that takes it carries them.</param>
/// <param name="Lines">The class as it is and as it would be.</param>
public sealed record ProposalView(string Kind, string Clock, string Likely, ImmutableArray<string> Says, string Edits, bool Proven, TwoLines? Lines);

/// <summary>What may be locked of one block.</summary>
public sealed record LockGroup(string Block, ImmutableArray<(FitItem Item, bool IsLocked)> Items);

/// <summary>What a search found, for the class as it was then.</summary>
public sealed record FitFound(int Revision, FitRequest Request, FitAnswer Answer);

/// <summary>Making a class as long as its booking: what may change, and up to three ways.</summary>
public sealed class FitModel(ClassBook shelf, ClassTimelines timelines, IFitter fitter, SearchService searches) : SearchPage<FitFound>(searches)
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision the proposals are for.</summary>
    public int Revision { get; private set; }

    /// <summary>The length wanted.</summary>
    public int Minutes { get; private set; }

    /// <summary>The length aimed at: the clock's or the likely one.</summary>
    public string AimedAt { get; private set; } = "";

    /// <summary>What may be locked.</summary>
    public ImmutableArray<LockGroup> Locks { get; private set; } = [];

    /// <summary>The proposals; null before anything was asked.</summary>
    public ImmutableArray<ProposalView>? Proposals { get; private set; }

    /// <summary>Why there is none.</summary>
    public string? Why { get; private set; }

    /// <summary>Why the search ended early; null where it did not.</summary>
    public string? StoppedFor { get; private set; }

    /// <summary>Asks how long.</summary>
    public IActionResult OnGet(Guid id, int? minutes, string[] locked) => Load(id, minutes, locked) is null ? NotFound() : Page();

    /// <summary>Begins the search: a page with script is told how far it is, one without waits for the answer.</summary>
    public async Task<IActionResult> OnPost(Guid id, int? minutes, string[] locked)
    {
        if (Load(id, minutes, locked) is not { } request)
            return NotFound();
        var revision = Revision;
        return await Search($"fit {id}", (stop, told) => new FitFound(revision, request, fitter.Fit(request, told, stop)));
    }

    private FitRequest? Load(Guid id, int? minutes, string[] locked)
    {
        if (shelf.Get(id) is not { } kept)
            return null;
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "fit");
        Revision = kept.Revision;
        Minutes = Math.Clamp(minutes ?? kept.Plan.Brief.Minutes ?? (int)Math.Ceiling(timeline.Length.InMinutes), 1, 720);
        Locks = [.. FitItem.Of(kept.Plan).GroupBy(i => i.Block).Select(g => new LockGroup(g.Key, [.. g.Select(i => (i, locked.Contains(i.Key)))]))];
        var request = new FitRequest(kept.Plan, timeline.Studio, Minutes, [.. locked]);
        AimedAt = request.AimsAtClock ? "at its planned length, as a class that is followed along" : "at its length with people, as a class that is led";
        return request;
    }

    /// <inheritdoc/>
    protected override string Address => $"/fit/{Head.Id}";

    /// <inheritdoc/>
    protected override string FoundPart => "_Proposals";

    /// <inheritdoc/>
    protected override bool LoadAgain(Guid id) => Load(id, null, []) is not null;

    /// <inheritdoc/>
    protected override void Show(SearchJob job, FitFound found)
    {
        (Revision, Minutes, StoppedFor) = (found.Revision, found.Request.Minutes, found.Answer.Stopped ? job.StoppedFor : null);
        Answer(found.Request, found.Answer);
    }

    private void Answer(FitRequest request, FitAnswer answer)
    {
        var now = TimelineBuilder.Build(request.Plan, request.Studio);
        TwoLines? Lines(FitProposal proposal) => new FitTo(request.Minutes, proposal.Edits).Apply(request.Plan).Plan is { } plan ? TwoLines.Of(now, TimelineBuilder.Build(plan, request.Studio)) : null;
        Why = answer.Why;
        Proposals = [.. answer.Proposals.Select(p => new ProposalView(KindText(p.Kind), Say.Clock(p.Clock), Say.Clock(p.Likely), p.Says, FitTo.Write(p.Edits), p.Proven, Lines(p)))];
    }

    private static string KindText(FitKind kind) => kind switch
    {
        FitKind.Rounds => "Other rounds",
        FitKind.Times => "Other times",
        FitKind.Moves => "Fewer moves",
        _ => "A block dropped",
    };
}
