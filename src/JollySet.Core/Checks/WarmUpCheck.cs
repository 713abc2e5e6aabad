using JollySet.Core.Building;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A warm-up comes before the main part, is long enough for what follows, and rehearses the first patterns by something like them.</summary>
internal sealed class WarmUpCheck : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var main = review.MainSets.ToList();
        if (main.Count == 0)
            yield break;
        var hard = main.Any(s => s.Facts.Heavy || s.Facts.Move?.Impact == Impact.High);
        var there = LengthOf(timeline, main[0].Block);
        if (there == Length.Zero)
        {
            yield return review.Plan.Brief.Before is { } before
                ? new Finding("warm-up-missing", Severity.Note, $"The warm-up is outside the booking: {before}.")
                : new Finding("warm-up-missing", hard ? Severity.Stop : Severity.Warn, hard ? "No warm-up, and heavy sets or jumps follow." : "No warm-up. Say “before:” where people come warm.") { FixSearch = () => Built(review), FixHint = $"builds a warm-up of {Say.Time(LeastOf(review))} from the main part" };
            yield break;
        }

        var least = LeastOf(review);
        var isSaid = timeline.Blocks.Take(main[0].Block).Any(b => b.Format is PrepareFormat);
        if (review.IsUnder(there.InSeconds, least.InSeconds))
            yield return new Finding("warm-up-short", Severity.Note, $"The warm-up is {Say.Time(there)}; {Say.Time(least)} is the usual least here.", Numbers: Finding.Figures(("seconds", there.InSeconds), ("leastSeconds", least.InSeconds))) { FixSearch = isSaid ? () => Built(review) : null, FixHint = $"builds a warm-up of {Say.Time(LeastOf(review))} from the main part" };
        // Of what is not said nothing can be missed.
        if (!isSaid)
            yield break;
        var woken = timeline.Sets.Where(s => s.Block < main[0].Block && timeline.Blocks[s.Block].Format is PrepareFormat).SelectMany(s => s.Line.Doing.InRound(s.Round).MoveNames()).Select(timeline.Facts.MoveOf).OfType<Move>().SelectMany(WarmUps.Rehearses).ToHashSet();
        var open = WarmUps.FirstToRehearse(main).Where(p => !woken.Contains(p)).ToList();
        if (open.Count > 0)
            yield return new Finding("warm-up-pattern", Severity.Note, $"The warm-up does not rehearse {Say.List([.. open.Select(Words.Of)])}, which {(open.Count == 1 ? "comes" : "come")} early.", Numbers: Finding.Figures(("patterns", open.Count))) { FixSearch = () => Built(review), FixHint = $"builds a warm-up of {Say.Time(LeastOf(review))} from the main part" };
    }

    /// <summary>Of the warm-ups that come before the main part.</summary>
    private static Length LengthOf(Timeline timeline, int firstMain) =>
        timeline.Segments.Where(s => s.Block >= 0 && s.Block < firstMain && NamedParts.IsWarmUp(timeline.Blocks[s.Block]) && s.Kind != SegmentKind.After).Sum(s => s.Length);

    private static Length LeastOf(ClassUnderReview review) =>
        WarmUps.Least(review.Booked, review.People, review.Rules, review.MainSets.Any(WarmUps.WantsMore));

    /// <summary>A warm-up from what the main part asks, of the usual least and no shorter than the one there is.</summary>
    private static Edits.PlanEdit? Built(ClassUnderReview review)
    {
        var there = LengthOf(review.Timeline, review.MainSets.First().Block);
        return WarmUpBuilder.Build(review.Plan, review.Timeline.Studio, Length.Max(there, LeastOf(review)).InWholeSeconds) is { } built ? PutBlock.Of(review.Plan, built) : null;
    }
}
