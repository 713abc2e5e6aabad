using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A station has to say how much: its own amount, or the block's work.</summary>
internal sealed class NoTarget : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) => Counted(review).Concat(AsManyRounds(review));

    private static IEnumerable<Finding> Counted(ClassUnderReview review) =>
        from entry in review.OwnBlocks
        from set in review.SetsOf(entry.Index)
        where set.Round == 1 && !set.SecondSide && !set.SecondPass && !set.HasTarget
        let reckoned = set.IsTimed ? $"{set.Length.InWholeSeconds}s" : $"x{set.Reps}"
        select Found(set.Facts.Name, entry.Block, set.Station, reckoned, set.IsTimed ? set.Length.InSeconds : set.Reps!.Value);

    private static IEnumerable<Finding> AsManyRounds(ClassUnderReview review) =>
        from entry in review.OwnBlocks
        where entry.Block.Format is AmrapFormat
        from line in entry.Block.Stations.Select((station, at) => (station, number: at + 1))
        where line.station.Amount is null or Reps { Counts: [null, ..] } or Timed { Lengths: [null, ..] }
        let reps = review.Rules.TargetReps
        select Found(Facts.NameOf(line.station.Doing), entry.Block, line.number, $"x{reps}", reps);

    private static Finding Found(string name, Block block, int station, string reckoned, decimal value) => new(
        "no-target",
        Severity.Stop,
        $"{Say.Capital(name)} has no target; it is reckoned as {reckoned}.",
        block.Name,
        [station],
        Finding.Figures(("reckoned", value)),
        new SetStationPart(block.Stations[station - 1].Id, "amount", reckoned));
}
