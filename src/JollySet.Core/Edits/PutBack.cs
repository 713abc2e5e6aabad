using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Makes a class what it was at an earlier revision, as a change of its own.</summary>
/// <param name="Then">The class as it was.</param>
/// <param name="Number">That revision.</param>
public sealed record PutBack(ClassPlan Then, int Number) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"brought back state {Number}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) =>
        // Numbers that were given stay given, so that nobody's open form comes to speak of another station.
        EditResult.Of(Then with { LastId = Math.Max(Then.LastId, plan.LastId) });
}
