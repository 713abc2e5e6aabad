using System.Collections.Immutable;

namespace JollySet.Core.Plans.Edits;

/// <summary>Edits of one form, one after the other: all of them, or none.</summary>
public sealed record Several(ImmutableArray<PlanEdit> Edits) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary => string.Join(", ", Edits.Select(e => e.Summary).DefaultIfEmpty("changed nothing"));

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) =>
        Edits.Aggregate(EditResult.Of(plan), (so, edit) => so.Plan is { } now ? edit.Apply(now) : so);
}

/// <summary>Says several parts of one station anew.</summary>
public sealed record SetStationParts(string Block, int Station, ImmutableArray<(string Part, string Value)> Parts, string? Was = null) : StationEdit(Block, Station, Was)
{
    /// <inheritdoc/>
    public override string Summary => $"changed {Say.List([.. Parts.Select(p => p.Part)])} of station {Station} in {Block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at) =>
        new Several([.. Parts.Select(p => new SetStationPart(Block, at + 1, p.Part, p.Value))]).Apply(plan);
}
