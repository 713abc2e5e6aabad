using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Stations back to back are done to be rested after: a round whose rest nobody planned is where classes run over.</summary>
internal sealed class NoRoundRest : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        foreach (var (block, index) in timeline.Blocks.Select((block, index) => (block, index)))
        {
            if (!block.IsLinked || block.RoundCount < 2 || block.Stations.IsEmpty)
                continue;
            var unsaid = timeline.Gaps.Where(g => g is { Place: GapPlace.AfterRound, Said: false } && timeline.Sets[g.From].Block == index).ToList();
            if (unsaid.Count == 0)
                continue;
            var need = unsaid.Max(g => g.Need).UpTo(5).InWholeSeconds;
            yield return new Finding(
                "no-round-rest",
                Severity.Warn,
                $"{block.Name} says no rest after its rounds; each needs about {need} s, {Say.Time(unsaid.Sum(g => g.Need))} in all.",
                block.Name,
                Numbers: Finding.Figures(("rounds", block.RoundCount), ("needSeconds", need), ("inAllSeconds", unsaid.Sum(g => g.Need).InSeconds)),
                Fix: new SetBlockSetting(block.Id, "rest", $"{need}"));
        }
    }
}
