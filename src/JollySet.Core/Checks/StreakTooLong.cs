using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A muscle, the grip, the wrists, the arms overhead, a hinge or the neck should not go on too long without a break.</summary>
internal sealed class StreakTooLong : ICheck
{
    private const decimal FarOver = 1.5m;

    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from streak in Streaks.Of(review.Timeline)
        where streak.WorkTenths > streak.LimitTenths
        select new Finding(
            "streak",
            streak.WorkTenths > FarOver * streak.LimitTenths ? Severity.Warn : Severity.Note,
            $"{Say.Capital(streak.What)}: {Say.Time(streak.WorkTenths / 10m)} of work with no break, from {Say.ClockOfTenths(streak.StartTenths)} on; {Say.Time(streak.LimitTenths / 10m)} is the usual limit.",
            review.Timeline.Blocks[streak.Block].Name,
            streak.Stations,
            Finding.Figures(("workSeconds", streak.WorkTenths / 10m), ("limitSeconds", streak.LimitTenths / 10m), ("fromSecond", streak.StartTenths / 10m)))
        {
            Subject = streak.What,
        };
}
