using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Three stations running, or more than half of all, on shoulders, arms, front of the legs, low back, wrists or neck, unless the class is about just that.</summary>
internal sealed class RegionRunning : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var least = review.Rules.CheckRunNote;
        var streaks = review.Streaks.Where(s => review.IsOver(s.Work.InSeconds, s.Limit.InSeconds)).ToList();
        foreach (var run in RegionRuns.Of(review.Timeline).Where(r => !IsMeant(review, r)))
        {
            var most = run.Stations >= least && review.IsOver((decimal)run.Stations / run.Of, review.Rules.CheckRunShare);
            // A streak of the same says as much already.
            if (!most && (run.Run.Length < least || streaks.Any(s => s.Block == run.Block && ThingsOf(run.Region).Contains(s.What))))
                continue;
            yield return new Finding(
                "region-run",
                most ? Severity.Warn : Severity.Note,
                most ? $"{run.Stations} of {run.Of} stations are on the {run.Region}." : $"{Say.Capital(run.Region)}: {run.Run.Length} stations running.",
                review.Timeline.Blocks[run.Block].Name,
                run.Run,
                Finding.Figures(("running", run.Run.Length), ("stations", run.Stations), ("of", run.Of)))
            {
                Subject = run.Region,
            };
        }
    }

    private static System.Collections.Immutable.ImmutableHashSet<string> ThingsOf(string region) => RegionRuns.Regions.First(r => r.Region == region).Streaks;

    /// <summary>Whether the brief names those very muscles, or the run is what a superset of one muscle means.</summary>
    private static bool IsMeant(ClassUnderReview review, RegionRun run) =>
        RegionRuns.Regions.First(r => r.Region == run.Region).Muscles.Any(review.Balance.Focus.Muscles.Contains)
        || (review.Timeline.Blocks[run.Block].Format is LinkedFormat { School: School.Same } && run.Run.Length <= review.Timeline.Blocks[run.Block].Stations.Length && run.Stations * 2 <= run.Of);
}
