using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>What an edit would do to a class, before it is taken.</summary>
/// <param name="Says">Its length before and after, and what else changes; or why it cannot be.</param>
/// <param name="IsRefused">Whether it cannot be.</param>
public sealed record Would(string Says, bool IsRefused)
{
    /// <summary>Of an edit on a class.</summary>
    public static Would Of(Timeline timeline, PlanEdit? edit)
    {
        if (edit is null)
            return new Would("", false);
        var result = edit.Apply(timeline.Plan);
        if (result.Plan is not { } plan)
            return new Would(string.Join("; ", result.Errors.Select(e => e.Message)), true);
        var then = TimelineBuilder.Build(plan, timeline.Studio);
        var effect = Effect.Of(Measured.Of(timeline), Measured.Of(then));
        var length = effect.Longer == Length.Zero ? $"Still {Say.Clock(timeline.Length)}" : $"{Say.Clock(timeline.Length)} becomes {Say.Clock(then.Length)}";
        return new Would(string.Join(" · ", effect.Says.Skip(1).Prepend(length)), false);
    }
}
