using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Mends a finding by another move in the place of one it speaks of, where that brings nothing worth a warning.</summary>
internal static class SwapMend
{
    /// <summary>What such a fix says before it is looked for.</summary>
    public const string Hint = "looks for another move for one of these places";

    /// <summary>The first swap that leaves no such finding and brings no other warning; null where there is none.</summary>
    /// <param name="block">Its place in the class, from 0.</param>
    /// <param name="stations">Where a swap may go, from 1, the likeliest first.</param>
    /// <param name="isIt">Whether a finding of the class as it would be is still this one.</param>
    public static PlanEdit? For(ClassUnderReview review, int block, IEnumerable<int> stations, Func<Finding, bool> isIt)
    {
        var known = Loud(Review.Of(review.Timeline));
        return stations.Select(n => review.Plan.Blocks[block].Stations.ElementAtOrDefault(n - 1)).OfType<Station>()
            .SelectMany(s => Swaps.For(review.Timeline, s.Id))
            .FirstOrDefault(s => After(review.Timeline, s.Edit) is { } then && !then.Any(isIt) && Loud(then).IsSubsetOf(known))?.Edit;
    }

    /// <summary>Codes of the warnings and stops that an edit would bring; null where it cannot be made.</summary>
    public static ImmutableArray<string>? Brought(Timeline timeline, PlanEdit edit) =>
        After(timeline, edit) is { } then ? [.. Loud(then).Except(Loud(Review.Of(timeline))).Select(f => f.Code)] : null;

    private static ImmutableArray<Finding>? After(Timeline timeline, PlanEdit edit) =>
        edit.Apply(timeline.Plan).Plan is { } plan ? Review.Of(TimelineBuilder.Build(plan, timeline.Studio)) : null;

    /// <summary>What matters, by what it is, where, and of what: its figures may differ.</summary>
    private static HashSet<(string Code, string? Block, string Subject)> Loud(IEnumerable<Finding> findings) =>
        [.. findings.Where(f => f.Severity > Severity.Note).Select(f => (f.Code, f.Block, f.Subject))];
}
