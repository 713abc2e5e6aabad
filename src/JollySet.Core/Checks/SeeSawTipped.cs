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
            FixSearch = () => FixOf(review, pair),
        };

    /// <summary>The best edit that brings nothing worth a warning; else the best that only tips another pair less than it levels this one.</summary>
    private static Edits.PlanEdit? FixOf(ClassUnderReview review, SeeSaw pair)
    {
        var brings = SeeSawFix.For(review.Timeline, pair).Take(MostLookedAt).Select(edit => (edit, codes: Brought(review, edit))).ToList();
        return brings.FirstOrDefault(b => b.codes is { Count: 0 }).edit ?? brings.FirstOrDefault(b => b.codes is { } codes && codes.All(c => c == "see-saw")).edit;
    }

    /// <summary>Codes of the warnings and stops an edit would bring: a swap that breaks a superset's school, the minutes or a muscle's rest is no help. Null where it cannot be made.</summary>
    private static List<string>? Brought(ClassUnderReview review, Edits.PlanEdit edit)
    {
        if (edit.Apply(review.Plan).Plan is not { } plan)
            return null;
        var known = Review.Of(review.Timeline).Where(f => f.Severity > Severity.Note).Select(f => (f.Code, f.Block, f.Subject)).ToHashSet();
        return [.. Review.Of(Timing.TimelineBuilder.Build(plan, review.Timeline.Studio)).Where(f => f.Severity > Severity.Note && !known.Contains((f.Code, f.Block, f.Subject))).Select(f => f.Code)];
    }

    private static string Sentence(SeeSaw pair)
    {
        var (heavy, light) = (Math.Max(pair.FirstSeconds, pair.SecondSeconds), Math.Min(pair.FirstSeconds, pair.SecondSeconds));
        return light == 0
            ? $"{Say.Capital(pair.Heavier)} work {Say.Time(heavy)}, {pair.Lighter} not at all."
            : $"{Say.Capital(pair.Heavier)} work {Say.Time(heavy)}, {pair.Lighter} {Say.Time(light)}: {pair.Ratio:0.0} to 1.";
    }
}
