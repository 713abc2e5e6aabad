using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Web.Pages.Shared;

namespace JollySet.Web.Pages.Plan;

/// <summary>Two states of a class beside each other: the earlier one as a ghost, and what changed on the way.</summary>
/// <param name="From">Number of the earlier state.</param>
/// <param name="To">Number of the later one.</param>
public sealed record TwoStates(int From, int To, string Says, TwoLines Lines)
{
    /// <summary>Of two states by their numbers, whichever is said first; null where one of them is not there.</summary>
    public static TwoStates? Of(ClassBook book, KeptClass kept, Studio studio, int one, int other)
    {
        var (from, to) = (Math.Min(one, other), Math.Max(one, other));
        if (book.PlanAt(kept.Id, from) is not { } was || book.PlanAt(kept.Id, to) is not { } then)
            return null;
        var (before, after) = (TimelineBuilder.Build(was, studio), TimelineBuilder.Build(then, studio));
        ImmutableArray<string> says = [$"{Say.Clock(before.Length)} became {Say.Clock(after.Length)}", .. Effect.Of(Measured.Of(before), Measured.Of(after)).Says.Skip(1)];
        return new TwoStates(from, to, string.Join(" · ", says), TwoLines.Of(before, after));
    }
}
