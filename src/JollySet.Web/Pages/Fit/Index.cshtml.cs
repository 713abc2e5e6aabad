using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Fitting;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Fit;

/// <summary>One proposal as it is shown.</summary>
/// <param name="Edits">The edits as the form that takes it carries them.</param>
public sealed record ProposalView(string Kind, string Clock, string Likely, ImmutableArray<string> Says, string Edits, bool Proven);

/// <summary>What may be locked of one block.</summary>
public sealed record LockGroup(string Block, ImmutableArray<(FitItem Item, bool IsLocked)> Items);

/// <summary>Making a class as long as its booking: what may change, and up to three ways.</summary>
public sealed class IndexModel(Data.Shelf shelf, TimelineShelf timelines, IFitter fitter) : PageModel
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

    /// <summary>Asks how long, and answers when told; <paramref name="locked"/> holds the keys of what stays.</summary>
    public IActionResult OnGet(Guid id, int? minutes, string[] locked, bool work = false)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), Review.Of(timeline), "fit");
        Revision = kept.Revision;
        Minutes = Math.Clamp(minutes ?? kept.Plan.Brief.Minutes ?? (timeline.Tenths + 599) / 600, 1, 720);
        Locks = [.. FitItem.Of(kept.Plan).GroupBy(i => i.Block).Select(g => new LockGroup(g.Key, [.. g.Select(i => (i, locked.Contains(i.Key)))]))];
        var request = new FitRequest(kept.Plan, timeline.Rules, Minutes, [.. locked]);
        AimedAt = request.AimsAtClock ? "by the clock, as a class that is followed along" : "in likelihood, as a class that is led";
        if (work)
            Answer(fitter.Fit(request, HttpContext.RequestAborted));
        return Request.Headers.ContainsKey("HX-Request") ? Partial("_Proposals", this) : Page();
    }

    private void Answer(FitAnswer answer)
    {
        Why = answer.Why;
        Proposals = [.. answer.Proposals.Select(p => new ProposalView(KindText(p.Kind), Say.ClockOfTenths(p.ClockTenths), Say.ClockOfTenths(p.LikelyTenths), p.Says, FitTo.Write(p.Edits), p.Proven))];
    }

    private static string KindText(FitKind kind) => kind switch
    {
        FitKind.Rounds => "Other rounds",
        FitKind.Times => "Other times",
        FitKind.Moves => "Fewer moves",
        _ => "A block dropped",
    };
}
