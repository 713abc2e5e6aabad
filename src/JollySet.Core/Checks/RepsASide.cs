using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A count a side is twice the reps, and instructors forget it; a count that drifts by a third between rounds is told too. One finding a block.</summary>
internal sealed class RepsASide : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        foreach (var (block, index) in review.OwnBlocks.Where(b => b.Block.IsMain))
        {
            var sided = review.SetsOf(index).Where(s => s is { Station: > 0, Reps: not null, SwitchHalfway: false, Side: Side.Left or Side.Right }).GroupBy(s => s.Station)
                .Where(g => g.Any(s => s.Side == Side.Left) && g.Any(s => s.Side == Side.Right)).ToList();
            var many = sided.Where(g => g.Max(s => s.Reps) >= review.Rules.CheckEachSideReps).ToList();
            if (many.Count > 0)
                yield return new Finding(
                    "reps-a-side",
                    Severity.Note,
                    $"{Say.Capital(Say.List([.. many.Select(g => $"{g.First().Facts.Name}: {g.Max(s => s.Reps)} a side is {2 * g.Max(s => s.Reps)}")]))}.",
                    block.Name,
                    [.. many.Select(g => g.Key)],
                    Finding.Figures(("stations", many.Count)));
            foreach (var drift in sided.Where(Drifts))
                yield return new Finding(
                    "reps-a-side",
                    Severity.Note,
                    $"{Say.Capital(drift.First().Facts.Name)} goes from {drift.Max(s => s.Reps)} to {drift.Min(s => s.Reps)} a side between rounds.",
                    block.Name,
                    [drift.Key],
                    Finding.Figures(("most", drift.Max(s => s.Reps)!.Value), ("least", drift.Min(s => s.Reps)!.Value)))
                {
                    Subject = "drift",
                };
        }
    }

    /// <summary>By a third or more, where no ladder means it.</summary>
    private static bool Drifts(IGrouping<int, WorkSet> sets) => sets.First().Line.Amount is Reps && sets.Min(s => s.Reps) * 3 <= sets.Max(s => s.Reps) * 2;
}
