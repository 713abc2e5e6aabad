using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A gap that is promised with no length takes its time all the same; a range leaves it open.</summary>
internal sealed class LengthUnsaid : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        foreach (var (block, index) in review.Plan.Blocks.Select((block, index) => (block, index)))
        {
            var open = review.Timeline.Gaps.Where(g => g.Open && review.Timeline.Sets[g.From].Block == index).ToList();
            if (open.Count > 0)
                yield return new Finding(
                    "length-unsaid",
                    Severity.Warn,
                    $"{block.Name} promises {(open.Count == 1 ? "a gap" : $"{open.Count} gaps")} with no length; {(open.Count == 1 ? "it needs" : "they need")} {Say.Time(open.Sum(g => g.Need))}.",
                    block.Name,
                    Numbers: Finding.Figures(("gaps", open.Count), ("needSeconds", open.Sum(g => g.Need).InSeconds)));
            if (Ranges.LeavesLengthOpen(block))
                yield return new Finding("length-unsaid", Severity.Note, $"{block.Name} leaves its length open with a range; the clock takes the low end.", block.Name);
        }
    }
}
