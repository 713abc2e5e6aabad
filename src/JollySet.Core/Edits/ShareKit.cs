using JollySet.Core.Kit;
using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Says how people share what a block needs, as a note of the block; none takes the note away.</summary>
public sealed record ShareKit(int Block, Sharing Way) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan)
    {
        var name = plan.FindBlock(Block)?.Name ?? "a block";
        return Way == Sharing.None ? $"gave everyone their own in {name}" : $"taught {name} {(Way == Sharing.Pairs ? "with kit shared by two" : Shared.Note(Way))}";
    }

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        var others = block.Notes.Where(n => !Enum.GetValues<Sharing>().Any(s => s != Sharing.None && n.Trim().Equals(Shared.Note(s), StringComparison.OrdinalIgnoreCase)));
        return EditResult.Of(plan with { Blocks = plan.Blocks.Replace(block, block with { Notes = [.. others, .. Way == Sharing.None ? Array.Empty<string>() : [Shared.Note(Way)]] }) });
    }
}
