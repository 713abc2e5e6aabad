using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A slot of so many seconds holds only so many reps.</summary>
internal sealed class RepTargetImpossible : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from set in review.Timeline.Sets
        where set.Wanted is not null && !set.SecondSide
        group set by (set.Block, set.Station) into station
        let worst = station.MaxBy(s => s.Wanted - s.Length)!
        let block = review.Timeline.Blocks[worst.Block]
        select new Finding(
            "rep-target-impossible",
            Severity.Stop,
            $"{Say.Capital(worst.Facts.Name)}: {Amount(worst)} {(worst.Reps > 1 ? "take" : "takes")} {Say.Time(worst.Wanted!.Value)}; the slot leaves it {Say.Time(worst.Length)}.",
            block.Name,
            [worst.Station],
            Finding.Figures(("neededSeconds", worst.Wanted!.Value.InSeconds), ("slotSeconds", worst.Length.InSeconds)),
            FixOf(review, worst));

    private static string Amount(WorkSet set) => set.Reps is { } reps ? $"{reps} reps" : "its time";

    /// <summary>As many reps as the slot holds, where one count is said for all rounds.</summary>
    private static Edits.SetStationPart? FixOf(ClassUnderReview review, WorkSet set)
    {
        var own = review.Plan.Blocks[set.Block];
        return own.Stations.Length < set.Station || set is not { Reps: not null, SecondsPerRep: { } perRep, Line.Amount: Reps { Counts.Length: 1 } } || (int)(set.Length.InSeconds / perRep) < 1
            ? null
            : new Edits.SetStationPart(own.Stations[set.Station - 1].Id, "amount", $"x{(int)(set.Length.InSeconds / perRep)}");
    }
}
