using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Leaves a finding as it is, with the reason; an earlier reason for the same thing gives way.</summary>
public sealed record Dismiss(string Code, string? Block, string Mark, string Reason) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"left {Code}{(Block is null ? "" : $" in {Block}")} as it is";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var reason = Reason.ReplaceLineEndings(" ").Trim();
        if (reason.Length is 0 or > Limits.NameLetters)
            return EditResult.Refused($"say why it may stay, in up to {Limits.NameLetters} letters") with { Field = "reason" };
        var others = plan.Brief.Dismissed.RemoveAll(d => d.Code == Code && d.Block == Block && d.Mark == Mark);
        return EditResult.Of(plan with { Brief = plan.Brief with { Dismissed = others.Add(new Dismissal(Code, Block, Mark, reason)) } });
    }
}

/// <summary>Takes up again what was dismissed.</summary>
public sealed record TakeUpAgain(string Code, string? Block, string Mark) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"took up {Code} again";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) =>
        EditResult.Of(plan with { Brief = plan.Brief with { Dismissed = plan.Brief.Dismissed.RemoveAll(d => d.Code == Code && d.Block == Block && d.Mark == Mark) } });
}
