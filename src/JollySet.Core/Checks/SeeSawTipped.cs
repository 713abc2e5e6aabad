using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Pairs that practitioners weigh against each other, judged by the class's focus; a class that says none is not judged.</summary>
internal sealed class SeeSawTipped : ICheck
{
    private const int MostLookedAt = 12;

    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from pair in review.Balance.SeeSaws
        where !review.Plan.Brief.Focus.IsEmpty && pair.Tilt is Tilt.Leaning or Tilt.Tipped && pair.First != "left"
        select new Finding(
            "see-saw",
            pair.Tilt == Tilt.Tipped && !pair.IsSoft ? Severity.Warn : Severity.Note,
            Sentence(pair),
            Numbers: Finding.Figures(("firstSeconds", pair.FirstSeconds), ("secondSeconds", pair.SecondSeconds), ("ratio", Math.Round(pair.Ratio ?? 0, 2))))
        {
            Subject = pair.Name,
            FixSearch = () => SeeSawFix.For(review.Timeline, pair).Take(MostLookedAt).FirstOrDefault(edit => BringsNothing(review, edit)),
        };

    /// <summary>A swap that levels a pair and breaks a superset's school, the minutes or a muscle's rest would be no help.</summary>
    private static bool BringsNothing(ClassUnderReview review, Plans.Edits.PlanEdit edit)
    {
        if (edit.Apply(review.Plan).Plan is not { } plan)
            return false;
        var known = Review.Of(review.Timeline).Where(f => f.Severity > Severity.Note).Select(f => (f.Code, f.Block, f.Subject)).ToHashSet();
        return Review.Of(Timing.TimelineBuilder.Build(plan, review.Rules)).All(f => f.Severity == Severity.Note || known.Contains((f.Code, f.Block, f.Subject)));
    }

    private static string Sentence(SeeSaw pair)
    {
        var (heavy, light) = (Math.Max(pair.FirstSeconds, pair.SecondSeconds), Math.Min(pair.FirstSeconds, pair.SecondSeconds));
        return light == 0
            ? $"{Say.Capital(pair.Heavier)} work {Say.Time(heavy)}, {pair.Lighter} not at all."
            : $"{Say.Capital(pair.Heavier)} work {Say.Time(heavy)}, {pair.Lighter} {Say.Time(light)}: {pair.Ratio:0.0} to 1.";
    }
}
