using System.Collections.Immutable;

namespace JollySet.Core.Plans.Edits;

/// <summary>Puts right what a change leaves behind: repeats whose first has gone, their numbers, moves nobody does any more.</summary>
internal static class Tidy
{
    public static ClassPlan Up(ClassPlan plan) => WithoutUnusedMoves(WithNamedRepeats(Relinked(plan)));

    /// <summary>Two back to back are a superset, three a trio, more a giant set; one alone goes straight.</summary>
    private static ClassPlan Relinked(ClassPlan plan) => plan with { Blocks = [.. plan.Blocks.Select(Relinked)] };

    private static Block Relinked(Block block) => block.Format is not LinkedFormat linked ? block : block.Stations.Length switch
    {
        < 2 => block with { Format = new StraightFormat(), Settings = block.Settings with { EachSide = null } },
        2 => block with { Format = linked with { Kind = LinkedKind.Superset } },
        3 => block with { Format = linked with { Kind = LinkedKind.Trio } },
        _ => block with { Format = linked with { Kind = LinkedKind.Giant } },
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

    private static ClassPlan WithoutUnusedMoves(ClassPlan plan)
    {
        if (plan.NewMoves.IsEmpty)
            return plan;
        var used = plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
        var kept = used.Select(name => plan.NewMoves.FirstOrDefault(m => m.Name.Equals(name, StringComparison.OrdinalIgnoreCase))).OfType<NewMove>();
        return plan with { NewMoves = [.. kept] };
    }
}

/// <summary>The limits an edit could break.</summary>
internal static class SizeLimits
{
    public static string? Broken(ClassPlan plan) =>
        plan.Blocks.Length > Limits.Blocks ? $"a class has at most {Limits.Blocks} blocks"
        : plan.Blocks.Any(b => b.Stations.Length > Limits.Stations) ? $"a block has at most {Limits.Stations} stations"
        : Sheets.SizeCheck.TooLong(plan);
}
