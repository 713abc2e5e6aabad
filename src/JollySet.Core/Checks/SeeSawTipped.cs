using JollySet.Core.Balance;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;

namespace JollySet.Core.Checks;

/// <summary>Pairs that practitioners weigh against each other, judged by the class's focus; a class that says none is not judged.</summary>
internal sealed class SeeSawTipped : ICheck
{
    private const int MostLookedAt = 12;

    /// <summary>Pairs that weigh one thing in several ways: told once, by the worst.</summary>
    private static readonly string[][] OneThing = [["chest | upper back and rear delts", "front delts | rear delts", "push | pull"], ["quads | hamstrings and glutes", "squat family | hinge family"]];

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (review.Plan.Brief.Focus.IsEmpty)
            return [];
        return review.Balance.SeeSaws
            .Where(p => p.First != "left" && IsTold(review, p))
            .GroupBy(p => (Array.FindIndex(OneThing, t => t.Contains(p.Name)) is var thing and >= 0 ? thing.ToString(System.Globalization.CultureInfo.InvariantCulture) : p.Name, p.FirstSeconds > p.SecondSeconds))
            .Select(g => Found(review, g.OrderByDescending(p => p.Tilt).ThenByDescending(p => p.Ratio ?? decimal.MaxValue).ToList()));
    }

    /// <summary>Leaning or tipped beyond the slack; a soft pair where it is tipped.</summary>
    private static bool IsTold(ClassUnderReview review, SeeSaw pair)
    {
        var (heavy, light) = (Math.Max(pair.FirstSeconds, pair.SecondSeconds), Math.Min(pair.FirstSeconds, pair.SecondSeconds));
        return pair.Tilt is Tilt.Leaning or Tilt.Tipped && review.IsOver(heavy, light * (pair.IsSoft ? review.Rules.BalanceLeaning : review.Rules.BalanceLevel));
    }

    private static Finding Found(ClassUnderReview review, List<SeeSaw> pairs)
    {
        var (pair, set) = (pairs[0], review.Rules.BalanceSetSeconds);
        var tipped = pair.Tilt == Tilt.Tipped && !pair.IsSoft && (pair.Ratio is not { } ratio || review.IsOver(ratio, review.Rules.BalanceLeaning));
        return new Finding(
            "see-saw",
            tipped ? Severity.Warn : Severity.Note,
            $"{Sentence(pair, set)}{(pairs.Count > 1 ? $" Uneven like it: {Say.List([.. pairs.Skip(1).Select(p => $"{p.Heavier} against {p.Lighter}")])}." : "")}",
            Numbers: Finding.Figures(("firstSeconds", pair.FirstSeconds), ("secondSeconds", pair.SecondSeconds), ("ratio", Math.Round(pair.Ratio ?? 0, 2))))
        {
            Subject = pair.Name,
            FixSearch = () => FixOf(review, pair),
            FixHint = $"looks for the swap that gives {pair.Lighter} more",
        };
    }

    /// <summary>The best edit that brings nothing worth a warning; else the best that only tips another pair less than it levels this one.</summary>
    private static Edits.PlanEdit? FixOf(ClassUnderReview review, SeeSaw pair)
    {
        var brings = SeeSawFix.For(review.Timeline, pair).Take(MostLookedAt).Select(edit => (edit, codes: SwapMend.Brought(review.Timeline, edit))).ToList();
        return brings.FirstOrDefault(b => b.codes is { IsEmpty: true }).edit ?? brings.FirstOrDefault(b => b.codes is { } codes && codes.All(c => c == "see-saw")).edit;
    }

    /// <summary>A ratio is told where both sides have at least a set.</summary>
    private static string Sentence(SeeSaw pair, decimal set)
    {
        var (heavy, light) = (Math.Max(pair.FirstSeconds, pair.SecondSeconds), Math.Min(pair.FirstSeconds, pair.SecondSeconds));
        var works = pair.Heavier.EndsWith('s') ? "work" : "gets";
        return light == 0 ? $"{Say.Capital(pair.Heavier)} {works} {Say.Time(heavy)}, {pair.Lighter} not at all."
            : light < set ? $"{Say.Capital(pair.Heavier)} {works} {Say.Time(heavy)}, {pair.Lighter} hardly at all ({Say.Time(light)})."
            : $"{Say.Capital(pair.Heavier)} {works} {Say.Time(heavy)}, {pair.Lighter} {Say.Time(light)}: {pair.Ratio:0.0} to 1.";
    }
}
