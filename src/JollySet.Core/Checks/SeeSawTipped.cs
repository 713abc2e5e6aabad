using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Pairs that practitioners weigh against each other, judged by the class's focus; a class that says none is not judged.</summary>
internal sealed class SeeSawTipped : ICheck
{
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
            FixSearch = () => SeeSawFix.For(review.Timeline, pair),
        };

    private static string Sentence(SeeSaw pair)
    {
        var (heavy, light) = (Math.Max(pair.FirstSeconds, pair.SecondSeconds), Math.Min(pair.FirstSeconds, pair.SecondSeconds));
        return light == 0
            ? $"{Say.Capital(pair.Heavier)} work {Say.Time(heavy)}, {pair.Lighter} not at all."
            : $"{Say.Capital(pair.Heavier)} work {Say.Time(heavy)}, {pair.Lighter} {Say.Time(light)}: {pair.Ratio:0.0} to 1.";
    }
}
