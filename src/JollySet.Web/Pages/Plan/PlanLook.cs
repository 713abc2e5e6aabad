using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Cues;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan;

/// <summary>What is reckoned of a plan for the screen: its timeline, what its review says, its words, and its drawing with one block open. It can be made while the plan is still being saved.</summary>
public sealed record PlanLook(
    Timeline Timeline,
    ImmutableArray<Finding> Standing,
    ImmutableArray<(Finding Finding, string Reason)> Dismissed,
    Totals Totals,
    ImmutableArray<string> Opening,
    ImmutableArray<string> Closing,
    ImmutableArray<Claim> Claims,
    ImmutableArray<string> Cautions,
    string Sheet,
    Block? Open,
    HungClass Wide,
    string Hanging)
{
    /// <summary>Of the plan of a class, with what the studio knows; the drawing is made while the review goes on.</summary>
    /// <param name="open">The number of the block that is open; the first of the main part where there is no such block.</param>
    public static PlanLook Of(Guid id, ClassPlan plan, Studio studio, int open)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var block = plan.FindBlock(open) ?? plan.Blocks.FirstOrDefault(b => b.IsMain) ?? plan.Blocks.FirstOrDefault();
        var drawing = Task.Run(() => Drawn(id, plan, timeline, block?.Name));
        var (standing, dismissed) = Review.Whole(timeline);
        var totals = Totals.Of(timeline);
        var claims = timeline.Sets.IsEmpty ? [] : Core.Cues.Claims.Of(timeline);
        var (opening, closing, cautions, sheet) = (Core.Cues.Opening.Of(timeline).ToImmutableArray(), Core.Cues.Closing.Of(timeline).ToImmutableArray(), Core.Cues.Cautions.Of(timeline).ToImmutableArray(), SheetWriter.Write(plan));
        var (wide, hanging) = drawing.GetAwaiter().GetResult();
        return new PlanLook(timeline, standing, dismissed, totals, opening, closing, claims, cautions, sheet, block, wide, hanging);
    }

    private static (HungClass Wide, string Hanging) Drawn(Guid id, ClassPlan plan, Timeline timeline, string? open)
    {
        var byName = timeline.Blocks.ToDictionary(b => b.Name);
        string Link(string name, int station) => $"/plan/{id}?block={plan.Find(name)?.Id}#s{byName[name].Stations.ElementAtOrDefault(station - 1)?.Id}";
        var efforts = EffortModel.AtSetEnds(timeline, Person.Regular);
        return (BuntingSvg.Hung(timeline, efforts, open, Link), HangingSvg.Of(timeline, efforts, open, Link));
    }
}
