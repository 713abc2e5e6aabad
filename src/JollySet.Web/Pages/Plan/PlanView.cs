using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Cues;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Plan.Bench;
using JollySet.Web.Pages.Shared;
using JollySet.Web.Parts;

namespace JollySet.Web.Pages.Plan;

/// <summary>A block's name in the list of blocks, with its length and the worst thing found in it.</summary>
public sealed record BlockTab(int Id, string Name, string Length, string Likely, bool IsOpen, Severity? Worst, bool IsWords);

/// <summary>A finding as it is shown.</summary>
/// <param name="Block">Number of the block it speaks of; null for the class.</param>
/// <param name="Station">Number of the first station it speaks of; null for the block.</param>
/// <param name="Asks">Whether it asks about words that nobody knows.</param>
/// <param name="FixSays">What its fix will do, in a few words; empty where there is none.</param>
/// <param name="Choices">What the buttons say that mend it in one way or another, one on a line.</param>
/// <param name="Unknown">The move that nobody knows, where it speaks of one: its facts can be said.</param>
public sealed record FindingView(string Severity, string Message, int? Block, int? Station, string Key, string FixSays, bool MayBeDismissed, bool Asks, string Choices, string? Unknown)
{
    /// <summary>Names it on the page.</summary>
    public string Id => PartList.HashOf(Key);

    /// <summary>Its weight in a word.</summary>
    public string Word => Severity switch { "stop" => "mend", "warn" => "look", _ => "note" };

    /// <summary>Whether one press mends it.</summary>
    public bool HasFix => FixSays.Length > 0;
}

/// <summary>A finding left as it is, and what takes it up again.</summary>
public sealed record DismissedView(string Message, string Reason, string Code, string? Block, string Mark);

/// <summary>What mending all that is safe would do, to be read before it is done.</summary>
/// <param name="Says">Each change, in a few words.</param>
/// <param name="Length">What becomes of the class's length; empty where it stays.</param>
public sealed record SafeMendsView(int Revision, ImmutableArray<string> Says, string Length)
{
    /// <summary>Of a class and what its review said.</summary>
    public static SafeMendsView Of(KeptClass kept, Timeline timeline, ImmutableArray<Finding> findings)
    {
        var safe = SafeMends.Of(timeline, findings);
        var after = safe.Edit.Apply(kept.Plan).Plan is { } plan ? TimelineBuilder.Build(plan, timeline.Studio) : timeline;
        return new SafeMendsView(kept.Revision, [.. safe.Mends.Select(m => Say.Capital(m.Says))], after.Length == timeline.Length ? "" : $"{Say.Clock(timeline.Length)} becomes {Say.Clock(after.Length)} planned");
    }
}

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
    PlanLook Look,
    ImmutableArray<BlockTab> Blocks,
    Block? OpenBlock,
    ImmutableArray<FindingView> Findings,
    ImmutableArray<DismissedView> Dismissed,
    string LastChange,
    bool CanUndo,
    bool CanRedo,
    FailedEdit? Failed,
    StaleEdit? Stale,
    string? Focus,
    string Line,
    Expansion? Expansion)
{
    private const int MostAtFirst = 3;
    private BlockView? open;

    /// <summary>The class on ropes.</summary>
    public ImmutableArray<DrawnRope> Wide => Look.Wide.Value;

    /// <summary>The open block as a list of fields.</summary>
    public BlockView? Open => open ??= OpenBlock is null ? null : OpenOf(BlockView.Of(Look.Timeline, Look.Totals, OpenBlock, Revision, Look.Standing, Failed), Id, Swaps);

    /// <summary>What could stand somewhere, where that was asked; null else.</summary>
    public SwapsView? Swaps { get; init; }

    /// <summary>The brief as a sentence.</summary>
    public ImmutableArray<BenchWord> BriefWords => Plan.Bench.BriefWords.Of(BriefTexts(Look.Timeline.Plan.Brief));

    /// <summary>What was done to the class, where that was asked; null else.</summary>
    public HistoryView? History { get; init; }

    /// <summary>What is open under its rope; null where nothing is.</summary>
    public BenchView? Bench { get; init; }

    /// <summary>What is said, for who does not see the line, after something was opened or changed.</summary>
    public string Tells => Bench is { } bench ? $"{bench.Tells}; class {Head.Clock}{(Head.Minutes is { } minutes ? $" of {minutes}:00" : "")}" : "";

    /// <summary>Which ropes there are, in order.</summary>
    public string RopesKey => string.Join(' ', Wide.Select(r => r.Id).Append(Bench?.Rope));

    /// <summary>The class hanging, as SVG.</summary>
    public string Hanging => Look.Hanging.Value;

    /// <summary>What is said first and last, promised and minded.</summary>
    public SaidOfClass Said => Look.Said;

    /// <summary>The class as a sheet, or what was typed for one that was refused.</summary>
    public string Sheet => Failed is { Do: "sheet" } ? Failed.Typed.GetValueOrDefault("text", "") : Look.Sheet;

    /// <summary>The worst, before anything is opened.</summary>
    public FindingView[] FirstFindings => [.. Findings.Where(f => f.Severity != "note").Take(MostAtFirst)];

    /// <summary>What only a clinician can judge, and words that nobody knows: always in sight.</summary>
    public FindingView[] Asked => [.. Findings.Where(f => f is { Severity: "note", MayBeDismissed: false } || f.Asks).Except(FirstFindings)];

    /// <summary>What is worth a look besides, and what must be mended beyond the first.</summary>
    public FindingView[] MoreFindings => [.. Findings.Where(f => f.Severity != "note").Except(FirstFindings).Except(Asked)];

    /// <summary>How many there are besides the worst, by weight; empty for none.</summary>
    public string Others
    {
        get
        {
            var worst = FirstFindings.FirstOrDefault()?.Severity;
            int Of(string severity) => Findings.Count(f => f.Severity == severity) - (severity == worst ? 1 : 0);
            var (mends, looks, notes) = (Of("stop"), Of("warn"), Of("note"));
            string?[] said = [mends > 0 ? $"{mends} more to mend" : null, looks > 0 ? worst == "stop" ? $"{looks} worth a look" : $"{looks} more worth a look" : null, notes > 0 ? notes == 1 ? "1 smaller note" : $"{notes} smaller notes" : null];
            return string.Join(", ", said.OfType<string>());
        }
    }

    /// <summary>Fixes that change no work and no words; offered together from two on.</summary>
    public required int SafeMends { get; init; }

    /// <summary>What is said where nothing was found.</summary>
    public required string AllWell { get; init; }

    /// <summary>What mending all that is safe would do, where it was asked; null else.</summary>
    public SafeMendsView? Safe { get; init; }

    /// <summary>Notes that may wait; what only a clinician can judge stands with the rest.</summary>
    public FindingView[] SmallNotes => [.. Findings.Where(f => f is { Severity: "note", MayBeDismissed: true })];

    /// <summary>Notes are said when asked; one whose fix or dismissal was refused shows why.</summary>
    public bool SmallNotesOpen => Failed is { Do: "dismiss" or "fix" } failed && SmallNotes.Any(f => f.Key == failed.Typed.GetValueOrDefault("finding"));

    /// <summary>The same for what stands beyond the first.</summary>
    public bool MoreFindingsOpen => Failed is { Do: "dismiss" or "fix" } failed && MoreFindings.Any(f => f.Key == failed.Typed.GetValueOrDefault("finding"));

    /// <summary>What the class has neither of: a warm-up, a cool-down; with usual minutes.</summary>
    public required ImmutableArray<BuildView> Lacks { get; init; }

    /// <summary>The header's lines by key.</summary>
    public static Dictionary<string, string> BriefTexts(Brief brief) => SheetWriter.WriteBrief(brief).Where(l => l.Key is not ("note" or "dismissed")).ToDictionary(l => l.Key, l => l.Value);

    /// <summary>The view of a class as it was looked at.</summary>
    public static PlanView Of(KeptClass kept, PlanLook look, FailedEdit? failed = null, StaleEdit? stale = null, string? focus = null, string? line = null, bool safe = false, SwapsView? swaps = null, int? at = null, int rope = 1)
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
        var view = new PlanView(
            kept.Id,
            kept.Revision,
            failed is { Do: "brief" } ? failed.Typed.GetValueOrDefault("title", plan.Title) : plan.Title,
            ClassHead.Of(kept, timeline, totals, findings, "plan"),
            brief,
            look,
            [.. plan.Blocks.Select((b, i) => new BlockTab(b.Id, b.Name, Say.Clock(totals.Blocks[i].Length), Say.Clock(totals.Blocks[i].Likely), b == block, findings.Where(f => f.Block == b.Name).Select(f => (Severity?)f.Severity).Max(), b.IsWords))],
            block,
            [.. findings.Select(f => new FindingView(f.Severity.ToString().ToLowerInvariant(), f.Message, f.Block is null ? null : plan.Find(f.Block)?.Id, f.Stations.IsEmpty || f.Block is null ? null : byName.GetValueOrDefault(f.Block)?.Stations.ElementAtOrDefault(f.Stations[0] - 1)?.Id, EditForm.FindingKey(f), f.FixSays(plan), f.MayBeDismissed, f.Asks, string.Join('\n', f.Choices.Select(c => c.Label)), f.Code == "move-unknown" ? f.Subject : null))],
            [.. dismissed.Select(d => new DismissedView(d.Finding.Message, d.Reason, d.Finding.Code, d.Finding.Block, d.Finding.Mark))],
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
            SafeMends = Core.Checks.SafeMends.CountOf(plan, findings),
            AllWell = Core.Checks.AllWell.Of(timeline, hasNotes: !findings.IsEmpty),
            Safe = safe ? SafeMendsView.Of(kept, timeline, findings) : null,
            Swaps = swaps,
        };
        return at is { } station ? view with { Bench = BenchView.Of(view, station, rope) } : view;
    }

    /// <summary>The open block of a class, with the list of others that was asked for.</summary>
    private static BlockView OpenOf(BlockView block, Guid id, SwapsView? swaps) => block with
    {
        Stations = [.. block.Stations.Select(s => s with { Class = id, Swaps = swaps?.Station == s.Id ? swaps : null })],
        Swaps = swaps is { Station: 0 } && swaps.Open == block.Id ? swaps : null,
    };

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
