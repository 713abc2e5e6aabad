using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Where people learn by following, somebody says hello first; time nobody planned for it comes off the work.</summary>
internal sealed class TalkUnplanned : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var blocks = review.Timeline.Blocks;
        if (review.Plan.Brief.IsFollowAlong && !review.Timeline.Sets.IsEmpty && !blocks.TakeWhile(b => b.IsWords).Any(b => b.Format is TalkFormat))
            yield return new Finding("talk-unplanned", Severity.Note, "People learn by following, and no welcome is planned: who you are, what they need, what comes.");
    }
}
