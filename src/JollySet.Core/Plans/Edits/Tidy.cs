using System.Collections.Immutable;

namespace JollySet.Core.Plans.Edits;

/// <summary>Puts right what a change leaves behind: repeats whose first has gone, their numbers, moves nobody does any more.</summary>
internal static class Tidy
{
    public static ClassPlan Up(ClassPlan plan) => WithoutUnusedMoves(WithNamedRepeats(plan));

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
        var used = plan.Blocks.SelectMany(b => b.Stations).Select(s => s.Doing).OfType<OneMove>().Select(m => m.Name).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
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
