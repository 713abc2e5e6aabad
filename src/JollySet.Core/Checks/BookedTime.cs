using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>The class has to fit the minutes booked, by the clock and in likelihood.</summary>
internal sealed class BookedTime : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (review.Plan.Brief.Minutes is not { } minutes || review.Timeline.Segments.IsEmpty)
            yield break;
        var (booked, clock, likely) = (Length.Minutes(minutes), review.Timeline.Length, review.Timeline.Likely);
        var figures = Finding.Figures(("bookedSeconds", booked.InSeconds), ("clockSeconds", clock.InSeconds), ("likelySeconds", likely.InSeconds));
        if (review.IsOver((clock - booked).InSeconds, booked.InSeconds * review.Rules.CheckOverShare))
            yield return new Finding("time-over", Severity.Stop, $"As planned the class takes {Say.Time(clock)}: {Say.Time(clock - booked)} more than the {minutes} min booked.", Numbers: figures);
        else if (review.IsOver((likely - booked).InSeconds, review.Rules.CheckOverWarn.InSeconds))
            yield return new Finding("time-over", Severity.Warn, $"With people the class takes about {Say.Time(likely)}: {Say.Time(likely - booked)} more than the {minutes} min booked.", Numbers: figures);
        if (review.IsOver((booked - clock).InSeconds, booked.InSeconds * review.Rules.CheckUnderNote))
            yield return new Finding("time-under", Severity.Note, $"As planned {Say.Time(booked - clock)} of the {minutes} min booked are left.", Numbers: figures);
    }
}
