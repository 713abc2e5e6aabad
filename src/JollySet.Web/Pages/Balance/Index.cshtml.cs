using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;
using JollySet.Web.Pages.Plan;
using JollySet.Web.Pages.Shared;
using Microsoft.AspNetCore.Mvc;
using Microsoft.AspNetCore.Mvc.RazorPages;

namespace JollySet.Web.Pages.Balance;

/// <summary>One see-saw as it is shown.</summary>
/// <param name="Fix">What levels it, in words; null where nothing does or nothing has to.</param>
/// <param name="After">What the fix does to every other pair that it changes.</param>
public sealed record SeeSawView(string Name, string Drawing, string Tilt, string Words, string? FindingKey, string? Fix, string After);

/// <summary>One bar of the muscles.</summary>
public sealed record MuscleBar(string Name, string Sets, string Seconds, int HardSets, double Width, string Region);

/// <summary>What the class loads: the pairs, worst first, the muscles and the regions.</summary>
public sealed class BalanceModel(ClassBook shelf, ClassTimelines timelines) : PageModel
{
    /// <summary>The class's head.</summary>
    public ClassHead Head { get; private set; } = null!;

    /// <summary>The revision shown.</summary>
    public int Revision { get; private set; }

    /// <summary>Pairs that lean or tip.</summary>
    public ImmutableArray<SeeSawView> Uneven { get; private set; } = [];

    /// <summary>Level ones, and those not judged.</summary>
    public ImmutableArray<SeeSawView> Quiet { get; private set; } = [];

    /// <summary>The muscles, most loaded first.</summary>
    public ImmutableArray<MuscleBar> Muscles { get; private set; } = [];

    /// <summary>Each region's share of the load.</summary>
    public ImmutableArray<(string Name, string Share)> Regions { get; private set; } = [];

    /// <summary>Work by pattern, most first.</summary>
    public string Patterns { get; private set; } = "";

    /// <summary>Work by plane, most first.</summary>
    public string Planes { get; private set; } = "";

    /// <summary>What the focus means, in words.</summary>
    public string Focus { get; private set; } = "";

    /// <summary>Shows them.</summary>
    public IActionResult OnGet(Guid id)
    {
        if (shelf.Get(id) is not { } kept)
            return NotFound();
        var timeline = timelines.Of(kept);
        var findings = Review.Of(timeline);
        Head = ClassHead.Of(kept, timeline, Totals.Of(timeline), findings, "balance");
        Revision = kept.Revision;
        var balance = ClassBalance.Of(timeline);
        Focus = kept.Plan.Brief.Focus.IsEmpty ? "full body, since nothing else is said" : string.Join(", ", kept.Plan.Brief.Focus) + (!balance.Focus.IsJudged ? " – not judged: no region or muscle of that name is known" : "");
        var views = balance.SeeSaws.Select(s => (pair: s, view: ViewOf(timeline, balance, s, findings))).ToList();
        Uneven = [.. views.Where(v => v.pair.Tilt is Tilt.Leaning or Tilt.Tipped).Select(v => v.view)];
        Quiet = [.. views.Where(v => v.pair.Tilt is Tilt.Level or Tilt.NotJudged && v.pair.FirstSeconds + v.pair.SecondSeconds > 0).Select(v => v.view)];
        var most = Math.Max(1, balance.Muscles.Max(m => m.LoadSeconds));
        Muscles = [.. balance.Muscles.Where(m => m.LoadSeconds > 0).OrderByDescending(m => m.LoadSeconds).Select(m => new MuscleBar(
            Say.Capital(Core.Plans.Words.Of(m.Muscle)), $"{m.SetEquivalents:0.0}", Say.Time(m.LoadSeconds), m.HardSets, (double)(m.LoadSeconds / most) * 200, MuscleLoads.RegionOf(m.Muscle).ToString().ToLowerInvariant()))];
        Patterns = string.Join(" · ", balance.Patterns.OrderByDescending(p => p.Value).Select(p => $"{Core.Plans.Words.Of(p.Key)} {Say.Time(p.Value)}"));
        Planes = string.Join(" · ", balance.Planes.OrderByDescending(p => p.Value).Select(p => $"{p.Key.ToString().ToLowerInvariant()} {Say.Time(p.Value)}"));
        Regions = [.. balance.Regions.Select(r => (r.Key == Region.Core ? "Core" : $"{r.Key} body", $"{r.Value:P0}"))];
        return Page();
    }

    private static SeeSawView ViewOf(Timeline timeline, ClassBalance balance, SeeSaw pair, IEnumerable<Finding> findings)
    {
        var large = pair.Tilt is Tilt.Leaning or Tilt.Tipped;
        var finding = findings.FirstOrDefault(f => f.Code == "see-saw" && f.Subject == pair.Name);
        var fix = large ? finding?.FixOrSearch() : null;
        return new SeeSawView(
            pair.Name,
            SeeSawSvg.Of(pair, large),
            pair.TiltWord,
            SeeSawSvg.Words(pair),
            finding is null ? null : EditForm.FindingKey(finding),
            fix is null ? null : FixText(timeline.Plan, fix),
            fix?.Apply(timeline.Plan).Plan is { } plan ? AfterText(balance, timeline, TimelineBuilder.Build(plan, timeline.Studio)) : "");
    }

    private static string FixText(ClassPlan plan, Core.Edits.PlanEdit fix) => fix switch
    {
        Core.Edits.SetStation set when plan.FindStation(set.Station) is { } there => $"In {there.Block.Name}, {set.Line.Split(" |")[0]} in place of {Core.Sheets.SheetWriter.WriteStation(there.Block.Stations[there.At]).Split(" |")[0]}",
        Core.Edits.AddStation add => $"In {plan.FindBlock(add.Block)?.Name}, add {add.Line.Split(" |")[0]}",
        _ => Say.Capital(fix.Summary(plan)),
    };

    private static string AfterText(ClassBalance before, Timeline was, Timeline becomes)
    {
        var after = ClassBalance.Of(becomes);
        var length = was.Length == becomes.Length ? "" : $"{Say.Clock(was.Length)} becomes {Say.Clock(becomes.Length)}";
        var changed = after.SeeSaws.Join(before.SeeSaws, a => a.Name, b => b.Name, (a, b) => (a, b)).Where(p => p.a.Tilt != p.b.Tilt).Select(p => $"{p.a.Name}: {p.b.TiltWord} → {p.a.TiltWord}");
        return string.Join("; ", changed.Append(length).Where(t => t.Length > 0));
    }
}
