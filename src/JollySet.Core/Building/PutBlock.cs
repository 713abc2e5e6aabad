using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Building;

/// <summary>Puts a built warm-up or cool-down in its place: instead of the one there is, else before the main part or at the end.</summary>
public static class PutBlock
{
    /// <summary>The edit.</summary>
    public static PlanEdit Of(ClassPlan plan, Built built)
    {
        var text = SheetWriter.WriteBlock(plan, built.Block);
        if (plan.Find(built.Block.Name) is { } there && there.Format.GetType() == built.Block.Format.GetType())
            return new ReplaceBlock(there.Id, text);
        var firstMain = plan.Blocks.Select((b, i) => (b, i)).Where(b => b.b.IsMain || b.b.Format is ShowFormat).Select(b => b.i).FirstOrDefault();
        return built.Block.Format is PrepareFormat ? new AddBlock(text, firstMain) : new AddBlock(text, plan.Blocks.Length);
    }
}
