using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A muscle, the grip, the wrists, the arms overhead, a hinge or the neck should not go on too long without a break.</summary>
internal sealed class StreakTooLong : ICheck
{
    private const decimal FarOver = 1.5m;

    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from streak in review.Streaks
        where review.IsOver(streak.Work.InSeconds, streak.Limit.InSeconds)
        group streak by (streak.Block, string.Join('/', streak.Stations)) into together
        select Found(review, [.. together.OrderByDescending(s => s.Work / s.Limit)]);

    /// <summary>What goes on over the same stations is one fact: the arms and the grip of a row of curls.</summary>
    private static Finding Found(ClassUnderReview review, List<Streak> streaks)
    {
        var worst = streaks[0];
        return new Finding(
            "streak",
            review.IsOver(worst.Work.InSeconds, FarOver * worst.Limit.InSeconds) ? Severity.Warn : Severity.Note,
            $"{Say.Capital(Say.List([.. streaks.Select(s => s.What)]))}: {Say.Time(worst.Work)} of work with no break, from {Say.Clock(worst.Start)} on; {Say.Time(worst.Limit)} is the usual limit.",
            review.Timeline.Blocks[worst.Block].Name,
            worst.Stations,
            Finding.Figures(("workSeconds", worst.Work.InSeconds), ("limitSeconds", worst.Limit.InSeconds), ("fromSecond", worst.Start.InSeconds)))
        {
            Subject = string.Join(", ", streaks.Select(s => s.What)),
            FixSearch = () => SwapMend.For(review, worst.Block, worst.Stations.Reverse(), f => f.Code == "streak" && f.Subject.Split(", ").Contains(worst.What)),
            FixHint = SwapMend.Hint,
        };
    }
}
