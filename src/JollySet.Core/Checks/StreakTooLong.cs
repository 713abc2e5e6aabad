using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A muscle, the grip, the wrists, the arms overhead, a hinge or the neck should not go on too long without a break.</summary>
internal sealed class StreakTooLong : ICheck
{
    private const decimal FarOver = 1.5m;

    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from streak in Streaks.Of(review.Timeline)
        where streak.Work > streak.Limit
        select new Finding(
            "streak",
            streak.Work > FarOver * streak.Limit ? Severity.Warn : Severity.Note,
            $"{Say.Capital(streak.What)}: {Say.Time(streak.Work)} of work with no break, from {Say.Clock(streak.Start)} on; {Say.Time(streak.Limit)} is the usual limit.",
            review.Timeline.Blocks[streak.Block].Name,
            streak.Stations,
            Finding.Figures(("workSeconds", streak.Work.InSeconds), ("limitSeconds", streak.Limit.InSeconds), ("fromSecond", streak.Start.InSeconds)))
        {
            Subject = streak.What,
        };
}
