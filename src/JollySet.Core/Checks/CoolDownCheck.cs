using JollySet.Core.Building;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A cool-down is there and reaches each muscle that carried more than a tenth of the load. It is for calm and range.</summary>
internal sealed class CoolDownCheck : ICheck
{
    private const int Usual = 180;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        if (!timeline.Sets.Any(s => timeline.Blocks[s.Block].IsMain))
            yield break;
        var released = timeline.Sets.Where(s => timeline.Blocks[s.Block].Format is ReleaseFormat).ToList();
        if (released.Count == 0 && timeline.Blocks.Any(NamedParts.IsCoolDown))
            yield break;
        if (released.Count == 0)
        {
            yield return review.Plan.Brief.After is { } after
                ? new Finding("cool-down-missing", Severity.Note, $"The cool-down is outside the booking: {after}.")
                : new Finding("cool-down-missing", Severity.Warn, "No cool-down. Say “after:” where people stretch by themselves.") { FixSearch = () => Built(review), FixHint = "builds a cool-down from what worked" };
            yield break;
        }

        var all = review.Balance.Muscles.Sum(m => m.LoadSeconds);
        var reached = released.Select(s => s.Facts.Move).OfType<Move>().Where(m => m.IsStretch).SelectMany(m => m.Muscles.Select(s => s.Muscle)).ToHashSet();
        var open = review.Balance.Muscles.Where(m => review.IsOver(m.LoadSeconds, review.Rules.CoolDownShare * all) && !reached.Contains(m.Muscle)).OrderByDescending(m => m.LoadSeconds).ToList();
        if (all > 0 && open.Count > 0)
            yield return new Finding("cool-down-muscle", Severity.Note, $"The cool-down does not reach {Say.List([.. open.Select(m => Words.Of(m.Muscle))])}, which carried more than a tenth of the load.", Numbers: Finding.Figures(("muscles", open.Count))) { FixSearch = () => Built(review), FixHint = "builds a cool-down from what worked" };
    }

    /// <summary>A cool-down from what was loaded, no shorter than the one there is.</summary>
    private static Edits.PlanEdit? Built(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var there = timeline.Segments.Where(s => timeline.Blocks[s.Block].Format is ReleaseFormat && s.Kind != Timing.SegmentKind.After).Sum(s => s.Length).InWholeSeconds;
        return CoolDownBuilder.Build(review.Plan, review.Timeline.Studio, Math.Max(there, Usual)) is { } built ? PutBlock.Of(review.Plan, built) : null;
    }
}
