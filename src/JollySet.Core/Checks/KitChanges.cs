using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Weights that change at every other gap cost more time than they are worth.</summary>
internal sealed class KitChanges : ICheck
{
    private const int FewGaps = 6;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var (changes, gaps, held) = (0, 0, "");
        foreach (var set in review.MainSets)
        {
            if (set.SecondSide)
                continue;
            gaps++;
            if (set.Facts.Held.Length == 0)
                continue;
            changes += held.Length > 0 && held != set.Facts.Held ? 1 : 0;
            held = set.Facts.Held;
        }

        if (!review.IsOver(changes, review.Rules.CheckKitChanges) && (gaps <= FewGaps || changes * 2 <= gaps - 1))
            yield break;
        yield return new Finding("kit-changes", Severity.Note, $"What people hold changes {changes} times; put stations with the same weights together.", Numbers: Finding.Figures(("changes", changes), ("gaps", Math.Max(0, gaps - 1))));
    }
}
