using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A need in words that nobody here knows is not judged at any station, and that is said.</summary>
internal sealed class NeedUnknown : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from need in review.Plan.Brief.Needs.Distinct(StringComparer.OrdinalIgnoreCase)
        where Needs.KindOf(need) == NeedKind.Unknown
        select new Finding("need-unknown", Severity.Warn, $"“{need}” is not understood: no station is judged by it. {Needs.Suggestion(need)}")
        {
            Subject = need,
            Asks = true,
        };
}
