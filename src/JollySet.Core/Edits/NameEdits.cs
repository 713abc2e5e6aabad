using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Says that a move nobody knew is like one that is known; the name stays as it was written.</summary>
public sealed record LikeMove(string Name, string Like) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"took {Name} to be like {Like}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) => MoveLibrary.Shipped.Find(Name) is not null
        ? EditResult.Refused($"“{Name}” is known already")
        : EditResult.Of((plan with { NewMoves = [.. plan.NewMoves.Where(m => !m.Name.Equals(Name, StringComparison.OrdinalIgnoreCase)), new NewMove(Name, Like)] }).WithUsedMoves());
}

/// <summary>Calls a move by another name wherever it stands.</summary>
public sealed record CallMove(string Name, string Instead) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"read {Name} as {Instead}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) => EditResult.Of(plan with
    {
        Blocks = [.. plan.Blocks.Select(b => b with { Stations = [.. b.Stations.Select(s => s with { Doing = Called(s.Doing), Options = [.. s.Options.Select(Called)] })] })],
    });

    private bool Is(string name) => name.Equals(Name, StringComparison.OrdinalIgnoreCase);

    private StationOption Called(StationOption option) => option.Way is MoveWay way && Is(way.Move) ? option with { Way = way with { Move = Instead } } : option;

    private Doing Called(Doing doing) => doing switch
    {
        OneMove one when Is(one.Name) => new OneMove(Instead),
        Combined several => new Combined(Called(several.Parts)),
        Together several => new Together(Called(several.Parts)),
        Growing several => new Growing(Called(several.Rounds)),
        Stacked several => new Stacked(Called(several.Parts)),
        _ => doing,
    };

    private ImmutableArray<Doing> Called(ImmutableArray<Doing> parts) => [.. parts.Select(Called)];
}
