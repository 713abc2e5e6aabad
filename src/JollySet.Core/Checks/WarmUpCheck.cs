using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A warm-up is there, long enough for what follows, and rehearses every pattern of the main part.</summary>
internal sealed class WarmUpCheck : ICheck
{
    private static readonly HashSet<Pattern> Rehearsed = [Pattern.Squat, Pattern.Hinge, Pattern.Lunge, Pattern.Push, Pattern.OverheadPush, Pattern.Pull, Pattern.VerticalPull, Pattern.Rotation, Pattern.Jump];

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var main = timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain).ToList();
        if (main.Count == 0 || review.Plan.Brief.Minutes is null)
            yield break;
        var hard = main.Any(s => s.Facts.Heavy || s.Facts.Move?.Impact == Impact.High);
        var tenths = timeline.Segments.Where(s => timeline.Blocks[s.Block].Format is PrepareFormat && s.Kind != Timing.SegmentKind.After).Sum(s => s.Tenths);
        if (tenths == 0)
        {
            yield return review.Plan.Brief.Before is { } before
                ? new Finding("warm-up-missing", Severity.Note, $"The warm-up is outside the booking: {before}.")
                : new Finding("warm-up-missing", hard ? Severity.Stop : Severity.Warn, hard ? "No warm-up, and heavy sets or jumps follow." : "No warm-up. Say “before:” where people come warm.");
            yield break;
        }

        var least = LeastMinutes(review, main.Any(s => s.Facts.Move?.Impact == Impact.High));
        if (tenths < least * 600)
            yield return new Finding("warm-up-short", Severity.Note, $"The warm-up is {Say.Time(tenths / 10m)}; {least:0.#} min is the usual least here.", Numbers: Finding.Figures(("seconds", tenths / 10m), ("leastSeconds", least * 60)));
        var woken = timeline.Sets.Where(s => timeline.Blocks[s.Block].Format is PrepareFormat).Select(s => s.Facts.Move).OfType<Move>().SelectMany(Like).ToHashSet();
        var open = main.Select(s => s.Facts.Move?.Pattern).OfType<Pattern>().Distinct().Where(p => Rehearsed.Contains(p) && !woken.Contains(p)).ToList();
        if (open.Count > 0)
            yield return new Finding("warm-up-pattern", Severity.Note, $"The warm-up does not rehearse {Say.List([.. open.Select(Words.Of)])}.", Numbers: Finding.Figures(("patterns", open.Count)));
    }

    private static decimal LeastMinutes(ClassUnderReview review, bool jumps)
    {
        var rules = review.Rules;
        var least = jumps ? rules["warm-up.least-jumps"] : review.Plan.Brief.Minutes <= rules["warm-up.short-class"] ? rules["warm-up.least-short"] : rules["warm-up.least"];
        return review.Plan.Brief.Audience.Contains(Audience.OlderAdults) ? least * rules["warm-up.older"] : least;
    }

    /// <summary>What a warm-up move rehearses: its own pattern, and what mobility wakes.</summary>
    private static IEnumerable<Pattern> Like(Move move) => move.Pattern switch
    {
        Pattern.Mobility => move.Muscles.Any(m => MuscleIsUpper(m.Muscle)) ? [Pattern.Push, Pattern.Pull, Pattern.OverheadPush, Pattern.VerticalPull, .. move.Muscles.Any(m => m.Muscle == Muscle.Obliques) ? [Pattern.Rotation] : Array.Empty<Pattern>()] : [Pattern.Lunge, Pattern.Rotation],
        Pattern.Squat => [Pattern.Squat, Pattern.Lunge],
        Pattern.Lunge => [Pattern.Lunge, Pattern.Squat],
        Pattern.Locomotion or Pattern.March => [Pattern.Lunge, move.Impact == Impact.Middle ? Pattern.Jump : Pattern.March, .. move.Name.Contains("inchworm", StringComparison.Ordinal) ? [Pattern.Push, Pattern.Hinge] : Array.Empty<Pattern>()],
        _ => [move.Pattern],
    };

    private static bool MuscleIsUpper(Muscle muscle) => Balance.MuscleLoads.RegionOf(muscle) == Balance.Region.Upper;
}
