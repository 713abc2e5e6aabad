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
    public static PlanEdit? For(ClassUnderReview review, int block, IEnumerable<int> stations, Func<Finding, bool> isIt) =>
        stations.Select(n => review.Plan.Blocks[block].Stations.ElementAtOrDefault(n - 1)).OfType<Station>()
            .SelectMany(s => Swaps.For(review.Timeline, s.Id))
            .FirstOrDefault(s => Brought(review.Timeline, s.Edit) is { } brought && brought.All(f => f.Severity == Severity.Note) && !brought.Any(isIt))?.Edit;

    /// <summary>What the class as it would be has that it has not yet, with the findings that stay aside where they are the same by code, place and subject; null where the edit cannot be made.</summary>
    public static ImmutableArray<Finding>? Brought(Timeline timeline, PlanEdit edit)
    {
        if (edit.Apply(timeline.Plan).Plan is not { } plan)
            return null;
        var known = Review.Of(timeline).Where(f => f.Severity > Severity.Note).Select(f => (f.Code, f.Block, f.Subject)).ToHashSet();
        return [.. Review.Of(TimelineBuilder.Build(plan, timeline.Studio)).Where(f => f.Severity == Severity.Note || !known.Contains((f.Code, f.Block, f.Subject)))];
    }
}
