using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Hard landings never come last: they want fresh legs.</summary>
internal sealed class JumpsLast : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        if (review.MainSets.LastOrDefault() is { Facts.Move.Impact: Impact.High } last && review.MainSets.Any(s => s.Facts.Move?.Impact != Impact.High))
            yield return new Finding("jumps-last", Severity.Warn, $"{Say.Capital(last.Facts.Name)} is the last of the main part; jumps want fresh legs.", timeline.Blocks[last.Block].Name, [last.Station]);
    }
}
