using System.Collections.Immutable;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Edits;

/// <summary>One change to a plan, small enough to have a name, to be saved as it is made and to be put on top of another's. It speaks of blocks and stations by their numbers.</summary>
public abstract record PlanEdit
{
    /// <summary>What it does to <paramref name="plan"/>, for the history: “changed rest in A”.</summary>
    public abstract string Summary(ClassPlan plan);

    /// <summary>The plan with the change, ready to be kept, or what stands in its way; <paramref name="plan"/> itself is never touched.</summary>
    /// <param name="passing">Hears what the plan becomes before the gate has looked at it, so that it can be reckoned meanwhile.</param>
    public EditResult Apply(ClassPlan plan, Action<ClassPlan>? passing = null)
    {
        var result = Step(plan);
        if (result.Plan is null)
            return result;
        passing?.Invoke(result.Plan);
        var (passed, errors) = Gate.Pass(result.Plan);
        return passed is null ? new EditResult(null, errors, result.Field) : new EditResult(passed.Plan, [], result.Field) { Passed = passed };
    }

    /// <summary>The change as one step of several: tidied, not yet through the gate.</summary>
    internal EditResult Step(ClassPlan plan)
    {
        var result = Change(plan);
        return result.Plan is { } changed ? result with { Plan = Tidy.Up(plan, changed) } : result;
    }

    /// <summary>The change itself.</summary>
    protected abstract EditResult Change(ClassPlan plan);
}

/// <summary>A changed plan, or the errors that stand in its way.</summary>
/// <param name="Field">The part or setting that was changed or refused, where it was one.</param>
public sealed record EditResult(ClassPlan? Plan, ImmutableArray<SheetError> Errors, string? Field = null)
{
    /// <summary>The plan as it went through the gate; null where it did not.</summary>
    public PassedPlan? Passed { get; init; }

    /// <summary>A changed plan.</summary>
    public static EditResult Of(ClassPlan plan, string? field = null) => new(plan, [], field);

    /// <summary>One sentence about something that is no longer there or too much.</summary>
    public static EditResult Refused(string sentence, string? field = null) => new(null, [new SheetError(1, 1, "", sentence) { IsSentence = true }], field);

    /// <summary>The block has gone meanwhile.</summary>
    public static EditResult NoBlock { get; } = Refused("that block is not there any more");

    /// <summary>The station has gone meanwhile.</summary>
    public static EditResult NoStation { get; } = Refused("that station is not there any more");
}
