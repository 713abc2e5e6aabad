using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Edits of one form, one after the other: all of them, or none.</summary>
public sealed record Several(ImmutableArray<PlanEdit> Edits) : PlanEdit
{
    private const int MostNamed = 3;

    /// <inheritdoc/>
    public override string Summary(ClassPlan plan)
    {
        var all = Edits.Select(e => e.Summary(plan)).Distinct().ToList();
        return all.Count == 0 ? "changed nothing"
            : all.Count <= MostNamed ? string.Join(", ", all)
            : $"{string.Join(", ", all.Take(MostNamed))} and {all.Count - MostNamed} more";
    }

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) =>
        Edits.Aggregate(EditResult.Of(plan), (so, edit) => so.Plan is { } now ? edit.Step(now) : so);
}
