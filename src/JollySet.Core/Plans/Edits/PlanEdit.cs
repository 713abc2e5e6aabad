using System.Collections.Immutable;
using JollySet.Core.Sheets;

namespace JollySet.Core.Plans.Edits;

/// <summary>One change to a plan, small enough to have a name, to be saved as it is made and to be put on top of another's.</summary>
public abstract record PlanEdit
{
    /// <summary>What it does, for the history: “changed rest in A”.</summary>
    public abstract string Summary { get; }

    /// <summary>The plan with the change, or what stands in its way; <paramref name="plan"/> itself is never touched.</summary>
    public EditResult Apply(ClassPlan plan)
    {
        var result = Change(plan);
        if (result.Plan is null)
            return result;
        var tidy = Tidy.Up(result.Plan);
        if (SizeLimits.Broken(tidy) is { } sentence)
            return EditResult.Refused(sentence);
        // What cannot be written and read back contradicts itself somewhere: the reader knows the sentence for it.
        var read = SheetReader.Read(SheetWriter.Write(tidy));
        return read.IsGood ? new EditResult(tidy, []) : new EditResult(null, read.Errors, result.Field);
    }

    /// <summary>The change itself.</summary>
    protected abstract EditResult Change(ClassPlan plan);
}

/// <summary>A changed plan, or the errors that stand in its way.</summary>
/// <param name="Field">The part or setting that was refused, where one was.</param>
public sealed record EditResult(ClassPlan? Plan, ImmutableArray<SheetError> Errors, string? Field = null)
{
    /// <summary>A changed plan.</summary>
    public static EditResult Of(ClassPlan plan) => new(plan, []);

    /// <summary>One sentence about something that is no longer there or too much.</summary>
    public static EditResult Refused(string sentence) => new(null, [new SheetError(1, 1, "", sentence)]);

    /// <summary>The block has gone meanwhile.</summary>
    public static EditResult NoBlock(string name) => Refused($"there is no block “{name}” any more");

    /// <summary>The station has gone or changed place meanwhile.</summary>
    public static EditResult NoStation(string block, int station) => Refused($"there is no station {station} in “{block}” any more");
}
