using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Cues;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan;

/// <summary>What is reckoned of a plan for the screen: its timeline, what its review says, and its drawing with one block open; its words, its sheet and the hanging drawing where they are looked at. It can be made while the plan is still being saved.</summary>
public sealed record PlanLook(
    Timeline Timeline,
    ImmutableArray<Finding> Standing,
    ImmutableArray<(Finding Finding, string Reason)> Dismissed,
    Totals Totals,
    Block? Open,
    Lazy<ImmutableArray<DrawnRope>> Wide,
    Lazy<string> Hanging)
{
    /// <summary>What is said of more flags than these is pinned to their rope.</summary>
    private const int MostFlags = 3;

    private readonly Lazy<SaidOfClass> said = new(() => SaidOfClass.Of(Timeline));
    private readonly Lazy<string> sheet = new(() => SheetWriter.Write(Timeline.Plan));

    /// <summary>What is said first and last, promised and minded.</summary>
    public SaidOfClass Said => said.Value;

    /// <summary>The class as a sheet.</summary>
    public string Sheet => sheet.Value;

    /// <summary>What matters of the findings, pinned to the flag or the rope it speaks of.</summary>
    private static ImmutableArray<DrawnRope> Pinned(ImmutableArray<DrawnRope> ropes, ClassPlan plan, ImmutableArray<Finding> standing)
    {
        var there = standing.Where(f => f.Severity > Severity.Note && f.Block is not null).OrderByDescending(f => f.Severity)
            .SelectMany(f => (f.Stations.Length is 0 or > MostFlags ? [0] : f.Stations).Select(s => (Block: plan.Find(f.Block!)?.Id ?? 0, Station: s, Pennant: new Pennant(f.Severity == Severity.Stop, f.Message))))
            .GroupBy(f => (f.Block, f.Station)).ToDictionary(g => g.Key, g => g.First().Pennant);
        return there.Count == 0 ? ropes : [.. ropes.Select(r => r.Pinned(station => there.GetValueOrDefault((r.Block, station))))];
    }

    /// <summary>Of the plan of a class, with what the studio knows; the wide drawing is made while the review goes on, where the page shows it.</summary>
    /// <param name="open">The number of the block that is open; the first of the main part where there is no such block.</param>
    /// <param name="hangs">Whether the page shows the rope hanging.</param>
    public static PlanLook Of(Guid id, ClassPlan plan, Studio studio, int open, bool hangs = false)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var block = plan.FindBlock(open) ?? plan.Blocks.FirstOrDefault(b => b.IsMain) ?? plan.Blocks.FirstOrDefault();
        var byName = timeline.Blocks.ToDictionary(b => b.Name);
        string Link(string name, int station) => $"/plan/{id}?block={plan.Find(name)?.Id}" + (byName[name].Stations.ElementAtOrDefault(station - 1) is { } line ? $"#s{line.Id}" : "");
        var efforts = new Lazy<Dictionary<int, double>>(() => EffortModel.AtSetEnds(timeline, Person.Regular));
        var wide = new Lazy<ImmutableArray<DrawnRope>>(() => BuntingSvg.Hung(timeline, efforts.Value, block?.Name, Link));
        var hanging = new Lazy<string>(() => HangingSvg.Of(timeline, efforts.Value, block?.Name, Link));
        var drawing = Task.Run(() => hangs ? (object)hanging.Value : wide.Value);
        var (standing, dismissed) = Review.Whole(timeline);
        var totals = Totals.Of(timeline);
        drawing.GetAwaiter().GetResult();
        var pinned = new Lazy<ImmutableArray<DrawnRope>>(() => Pinned(wide.Value, plan, standing));
        if (!hangs)
            Tell(pinned.Value);
        return new PlanLook(timeline, standing, dismissed, totals, block, pinned, hanging);
    }

    /// <summary>What tells each rope from others is reckoned here, while the plan is still being saved, and not when the page is written.</summary>
    private static void Tell(ImmutableArray<DrawnRope> ropes)
    {
        foreach (var rope in ropes)
            _ = rope.Key;
    }
}

/// <summary>What is said of a class: to open and to close with, what is promised and whether it holds, what to mind.</summary>
public sealed record SaidOfClass(ImmutableArray<string> Opening, ImmutableArray<string> Closing, ImmutableArray<Claim> Claims, ImmutableArray<string> Cautions)
{
    /// <summary>Of a timeline.</summary>
    public static SaidOfClass Of(Timeline timeline) => new(
        [.. Core.Cues.Opening.Of(timeline)],
        [.. Core.Cues.Closing.Of(timeline)],
        timeline.Sets.IsEmpty ? [] : [.. Core.Cues.Claims.Of(timeline)],
        [.. Core.Cues.Cautions.Of(timeline)]);
}
