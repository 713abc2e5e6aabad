using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Carries a station to a place of any block, from 1 as it will be; or a copy of it, while it stays where it is.</summary>
public sealed record CarryStation(int Station, int Block, int To, bool Copy = false) : StationEdit(Station)
{
    /// <inheritdoc/>
    protected override string Said(string name, string block) => Copy ? $"put {name} of {block} in once more" : $"carried {name} out of {block}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan, Block block, int at)
    {
        if (plan.FindBlock(Block) is not { } goal)
            return EditResult.NoBlock;
        if (goal.IsWords || goal.Format is AgainFormat)
            return EditResult.Refused($"“{goal.Name}” has no stations of its own");
        if (goal == block && !Copy)
            return new MoveStation(Station, To).Step(plan);
        var station = Copy ? block.Stations[at] with { Id = 0 } : block.Stations[at];
        var blocks = Copy ? plan.Blocks : plan.Blocks.Replace(block, block with { Stations = block.Stations.RemoveAt(at) });
        return EditResult.Of(plan with { Blocks = blocks.Replace(goal, goal with { Stations = goal.Stations.Insert(Math.Clamp(To - 1, 0, goal.Stations.Length), station) }) });
    }
}
