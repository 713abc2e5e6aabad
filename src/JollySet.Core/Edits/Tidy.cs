using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Puts right what a change leaves behind: repeats whose first has gone, their numbers, moves nobody does any more.</summary>
internal static class Tidy
{
    public static ClassPlan Up(ClassPlan before, ClassPlan plan) =>
        Ids.Given(WithFollowingDismissals(before, WithNamedRepeats(WithUsedSettings(Relinked(plan))).WithUsedMoves()));

    private static ClassPlan Relinked(ClassPlan plan) => plan with { Blocks = [.. plan.Blocks.Select(Relinked)] };

    private static Block Relinked(Block block) => block.Format is not LinkedFormat linked ? block
        : LinkedFormat.KindOf(block.Stations.Length) is { } kind ? block with { Format = linked with { Kind = kind } }
        : Alone(block);

    /// <summary>One station alone goes straight; where the block says what straight sets have no word for, it is a circuit of one.</summary>
    private static Block Alone(Block block) => block.Settings is { Water: null, EachSide: null }
        ? block with { Format = new StraightFormat() }
        : block with { Format = new CircuitFormat(), Settings = block.Settings with { Pause = null } };

    /// <summary>A repeat of a block that lost its pause says none either.</summary>
    private static ClassPlan WithUsedSettings(ClassPlan plan) => plan with
    {
        Blocks = [.. plan.Blocks.Select(b => b.Format is AgainFormat again && plan.Find(again.Of) is { Format: CircuitFormat } ? b with { Settings = b.Settings with { Pause = null } } : b)],
    };

    private static ClassPlan WithNamedRepeats(ClassPlan plan)
    {
        var blocks = ImmutableArray.CreateBuilder<Block>();
        foreach (var block in plan.Blocks)
        {
            if (block.Format is not AgainFormat again)
                blocks.Add(block);
            else if (blocks.Any(b => b.Name == again.Of))
                blocks.Add(block with { Name = ClassPlan.AgainName(again.Of, blocks.Count(b => b.Format is AgainFormat a && a.Of == again.Of)) });
            else
                blocks.Add(plan.Spelled(block));
        }

        return plan with { Blocks = blocks.ToImmutable() };
    }

    /// <summary>What was dismissed in a block stays dismissed under the name that the block has now.</summary>
    private static ClassPlan WithFollowingDismissals(ClassPlan before, ClassPlan plan)
    {
        if (plan.Brief.Dismissed.IsEmpty)
            return plan;
        var renamed = before.Blocks
            .Select(b => (was: b.Name, now: plan.FindBlock(b.Id)?.Name))
            .Where(n => n.now is not null && n.now != n.was)
            .ToDictionary(n => n.was, n => n.now!);
        bool WasThere(Dismissal d) => before.Brief.Dismissed.Contains(d);
        var dismissed = plan.Brief.Dismissed.Select(d => d.Block is { } name && WasThere(d) && renamed.TryGetValue(name, out var now) ? d with { Block = now } : d);
        return renamed.Count == 0 ? plan : plan with { Brief = plan.Brief with { Dismissed = [.. dismissed] } };
    }
}
