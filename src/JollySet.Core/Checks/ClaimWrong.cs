using JollySet.Core.Cues;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>What title and brief promise is kept.</summary>
internal sealed class ClaimWrong : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from claim in review.Timeline.Sets.IsEmpty ? [] : Claims.Of(review.Timeline)
        where claim.Verdict == Verdict.Wrong
        select new Finding("claim-wrong", Severity.Warn, $"“{claim.Text}” is promised; {claim.Says}.") { Subject = $"{claim.Text} – {claim.Says}" };
}
