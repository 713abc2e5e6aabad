using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A station has to say how much: its own amount, or the block's work.</summary>
internal sealed class NoTarget : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from entry in review.OwnBlocks
        from set in review.Timeline.Sets
        where set.Block == entry.Index && set.Round == 1 && !set.SecondSide && !set.HasTarget
        let reckoned = set.IsTimed ? $"{set.Tenths / 10}s" : $"x{set.Reps}"
        select new Finding(
            "no-target",
            Severity.Stop,
            $"{Say.Capital(set.Facts.Name)} has no target; it is reckoned as {reckoned}.",
            entry.Block.Name,
            [set.Station],
            Finding.Figures(("reckoned", set.IsTimed ? set.Tenths / 10m : set.Reps!.Value)),
            new SetStationPart(entry.Block.Name, set.Station, "amount", reckoned));
}
