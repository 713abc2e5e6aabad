using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Cues;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Shared;
using JollySet.Web.Parts;

namespace JollySet.Web.Pages.Plan;

/// <summary>A block's name in the list of blocks, with its length and the worst thing found in it.</summary>
public sealed record BlockTab(int Id, string Name, string Length, string Likely, bool IsOpen, Severity? Worst, bool IsWords);

/// <summary>A finding as it is shown.</summary>
/// <param name="Block">Number of the block it speaks of; null for the class.</param>
/// <param name="Station">Number of the first station it speaks of; null for the block.</param>
/// <param name="Choices">What the buttons say that mend it in one way or another, one on a line.</param>
/// <param name="Unknown">The move that nobody knows, where it speaks of one: its facts can be said.</param>
public sealed record FindingView(string Severity, string Message, int? Block, int? Station, string Key, bool HasFix, bool MayBeDismissed, string Choices, string? Unknown)
{
    /// <summary>Names it on the page.</summary>
    public string Id => PartList.HashOf(Key);
}

/// <summary>A finding left as it is, and what takes it up again.</summary>
public sealed record DismissedView(string Message, string Reason, string Code, string? Block, string Mark);

/// <summary>An edit that was made on an older revision.</summary>
/// <param name="MadeOn">That revision.</param>
/// <param name="Mine">What the edit would do; null for an undo, which is not put on top of anything.</param>
/// <param name="Fields">What was posted, to be posted again.</param>
public sealed record StaleEdit(int MadeOn, IReadOnlyList<string> Meanwhile, string? Mine, IReadOnlyList<KeyValuePair<string, string>> Fields);

/// <summary>A warm-up or cool-down that can be built from the main part.</summary>
/// <param name="Block">The open block.</param>
/// <param name="Minutes">What it has now, or what is usual.</param>
public sealed record BuildView(int Revision, int Block, string What, int Minutes, string Label);

/// <summary>Everything the Plan screen shows of a class.</summary>
public sealed record PlanView(
    Guid Id,
    int Revision,
    string Title,
    ClassHead Head,
    Dictionary<string, string> Brief,
    HungClass Wide,
    string Hanging,
    ImmutableArray<BlockTab> Blocks,
    BlockView? Open,
    ImmutableArray<FindingView> Findings,
    ImmutableArray<DismissedView> Dismissed,
    ImmutableArray<string> Opening,
    ImmutableArray<Claim> Claims,
    ImmutableArray<string> Cautions,
    string Sheet,
    string LastChange,
    bool CanUndo,
    bool CanRedo,
    FailedEdit? Failed,
    StaleEdit? Stale,
    string? Focus,
    string Line,
    Expansion? Expansion)
{
    private const int FewFindings = 4;

    /// <summary>What is worse than a note, and what only a clinician can judge.</summary>
    public FindingView[] ChiefFindings => [.. Findings.Where(f => f.Severity != "note" || !f.MayBeDismissed)];

    /// <summary>Notes that may wait; what only a clinician can judge stands with the rest.</summary>
    public FindingView[] SmallNotes => [.. Findings.Where(f => f is { Severity: "note", MayBeDismissed: true })];

    /// <summary>Notes are folded away where there is worse, or where they are many.</summary>
    public bool SmallNotesOpen => Failed is { Do: "dismiss" or "fix" } || Findings.Length <= FewFindings;

    /// <summary>What the class has neither of: a warm-up, a cool-down; with usual minutes.</summary>
    public required ImmutableArray<BuildView> Lacks { get; init; }

    /// <summary>The header's lines by key.</summary>
    public static Dictionary<string, string> BriefTexts(Brief brief) => SheetWriter.WriteBrief(brief).Where(l => l.Key is not ("note" or "dismissed")).ToDictionary(l => l.Key, l => l.Value);

    /// <summary>The view of a class as it was looked at.</summary>
    public static PlanView Of(KeptClass kept, PlanLook look, FailedEdit? failed = null, StaleEdit? stale = null, string? focus = null, string? line = null)
    {
        var (plan, timeline, findings, dismissed) = (kept.Plan, look.Timeline, look.Standing, look.Dismissed);
        var block = look.Open;
        var byName = timeline.Blocks.ToDictionary(b => b.Name);
        var totals = look.Totals;
        var typed = failed is { Do: "block-line" } ? failed.Typed.GetValueOrDefault("line") : line;
        var brief = BriefTexts(plan.Brief);
        if (failed is { Do: "brief" })
            foreach (var (key, value) in failed.Typed)
                brief[key] = value;
        return new PlanView(
            kept.Id,
            kept.Revision,
            failed is { Do: "brief" } ? failed.Typed.GetValueOrDefault("title", plan.Title) : plan.Title,
            ClassHead.Of(kept, timeline, totals, findings, "plan"),
            brief,
            look.Wide,
            look.Hanging,
            [.. plan.Blocks.Select((b, i) => new BlockTab(b.Id, b.Name, Say.Clock(totals.Blocks[i].Length), Say.Clock(totals.Blocks[i].Likely), b == block, findings.Where(f => f.Block == b.Name).Select(f => (Severity?)f.Severity).Max(), b.IsWords))],
            block is null ? null : BlockView.Of(timeline, totals, block, kept.Revision, findings, failed),
            [.. findings.Select(f => new FindingView(f.Severity.ToString().ToLowerInvariant(), f.Message, f.Block is null ? null : plan.Find(f.Block)?.Id, f.Stations.IsEmpty || f.Block is null ? null : byName.GetValueOrDefault(f.Block)?.Stations.ElementAtOrDefault(f.Stations[0] - 1)?.Id, EditForm.FindingKey(f), f.MayBeFixed, f.MayBeDismissed, string.Join('\n', f.Choices.Select(c => c.Label)), f.Code == "move-unknown" ? f.Subject : null))],
            [.. dismissed.Select(d => new DismissedView(d.Finding.Message, d.Reason, d.Finding.Code, d.Finding.Block, d.Finding.Mark))],
            look.Opening,
            look.Claims,
            look.Cautions,
            failed is { Do: "sheet" } ? failed.Typed.GetValueOrDefault("text", "") : look.Sheet,
            kept.LastChange,
            kept.CanUndo,
            kept.CanRedo,
            failed,
            stale,
            focus,
            typed ?? "",
            Expansion.Of(kept, timeline, typed))
        {
            Lacks = LacksOf(kept, timeline, block?.Id ?? 0),
        };
    }

    private static ImmutableArray<BuildView> LacksOf(KeptClass kept, Timeline timeline, int open)
    {
        var blocks = timeline.Plan.Blocks;
        if (!timeline.Sets.Any(s => timeline.Blocks[s.Block].IsMain))
            return [];
        BuildView Of(string what, int minutes) => new(kept.Revision, open, what, minutes, $"Build a {what}");
        return
        [
            .. blocks.Any(b => b.Format is PrepareFormat && !b.Stations.IsEmpty) ? [] : new[] { Of("warm-up", 5) },
            .. blocks.Any(b => b.Format is ReleaseFormat && !b.Stations.IsEmpty) ? [] : new[] { Of("cool-down", 3) },
        ];
    }
}
