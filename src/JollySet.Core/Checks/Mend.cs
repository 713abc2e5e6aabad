using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Applies a finding's fix, unless that would bring a finding of higher severity.</summary>
/// <param name="Fix">Null where the search for one found nothing.</param>
public sealed record Mend(Finding Finding, PlanEdit? Fix, Studio Studio) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => Fix?.Summary(plan) ?? $"mended {Finding.Code}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (Fix is null)
            return EditResult.Refused("no single change from the library mends this without bringing something else; it wants your own hand");
        var result = Fix.Step(plan);
        if (result.Plan is not { } mended)
            return result;
        var known = Review.Of(TimelineBuilder.Build(plan, Studio)).Where(f => f.Severity > Finding.Severity).Select(f => (f.Code, f.Block)).ToHashSet();
        var worse = Review.Of(TimelineBuilder.Build(mended, Studio)).FirstOrDefault(f => f.Severity > Finding.Severity && !known.Contains((f.Code, f.Block)));
        return worse is null ? result : EditResult.Refused($"mending that would bring something worse: {worse.Message}");
    }
}
