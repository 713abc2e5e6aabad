using JollySet.Core.Building;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A warm-up is there, long enough for what follows, and rehearses every pattern of the main part.</summary>
internal sealed class WarmUpCheck : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var main = timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain).ToList();
        if (main.Count == 0 || review.Plan.Brief.Minutes is null)
            yield break;
        var hard = main.Any(s => s.Facts.Heavy || s.Facts.Move?.Impact == Impact.High);
        var there = timeline.Segments.Where(s => timeline.Blocks[s.Block].Format is PrepareFormat && s.Kind != Timing.SegmentKind.After).Sum(s => s.Length);
        if (there == Length.Zero)
        {
            yield return review.Plan.Brief.Before is { } before
                ? new Finding("warm-up-missing", Severity.Note, $"The warm-up is outside the booking: {before}.")
                : new Finding("warm-up-missing", hard ? Severity.Stop : Severity.Warn, hard ? "No warm-up, and heavy sets or jumps follow." : "No warm-up. Say “before:” where people come warm.") { FixSearch = () => Built(review) };
            yield break;
        }

        var least = WarmUps.Least(review.Plan.Brief, review.Rules, main.Any(WarmUps.WantsMore));
        if (there < least)
            yield return new Finding("warm-up-short", Severity.Note, $"The warm-up is {Say.Time(there)}; {least.InMinutes:0.#} min is the usual least here.", Numbers: Finding.Figures(("seconds", there.InSeconds), ("leastSeconds", least.InSeconds))) { FixSearch = () => Built(review) };
        var woken = timeline.Sets.Where(s => timeline.Blocks[s.Block].Format is PrepareFormat).Select(s => s.Facts.Move).OfType<Move>().SelectMany(WarmUps.Rehearses).ToHashSet();
        var open = WarmUps.ToRehearse(main).Where(p => !woken.Contains(p)).ToList();
        if (open.Count > 0)
            yield return new Finding("warm-up-pattern", Severity.Note, $"The warm-up does not rehearse {Say.List([.. open.Select(Words.Of)])}.", Numbers: Finding.Figures(("patterns", open.Count))) { FixSearch = () => Built(review) };
    }

    /// <summary>A warm-up from what the main part asks, of the usual least and no shorter than the one there is.</summary>
    private static Edits.PlanEdit? Built(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var there = timeline.Segments.Where(s => timeline.Blocks[s.Block].Format is PrepareFormat && s.Kind != Timing.SegmentKind.After).Sum(s => s.Length);
        var least = WarmUps.Least(review.Plan.Brief, review.Rules, timeline.Sets.Any(s => timeline.Blocks[s.Block].IsMain && WarmUps.WantsMore(s)));
        return WarmUpBuilder.Build(review.Plan, review.Timeline.Studio, Length.Max(there, least).InWholeSeconds) is { } built ? PutBlock.Of(review.Plan, built) : null;
    }
}
