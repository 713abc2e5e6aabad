using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A step, chair, wall, band or bench takes time to place or clear; where the clock is kept, the gap has to hold it. One finding a block.</summary>
internal sealed class PropUnplanned : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var (timeline, least) = (review.Timeline, review.Rules.ChangeSettle + review.Rules.ChangeProp);
        var tight = timeline.Gaps.Where(g => g.Place != Timing.GapPlace.OtherSide && g.Planned < least && g.Said && timeline.Sets[g.From].KeepsClock && timeline.Sets[g.From].Facts.Props != timeline.Sets[g.To].Facts.Props);
        foreach (var block in tight.GroupBy(g => timeline.Sets[g.To].Block))
        {
            var sets = block.Select(g => timeline.Sets[g.To]).ToList();
            var prop = block.Select(g => timeline.Sets[g.To].Facts.Props.Length > 0 ? timeline.Sets[g.To].Facts.Props : timeline.Sets[g.From].Facts.Props).First();
            yield return new Finding(
                "prop-unplanned",
                Severity.Note,
                $"The {prop} has {block.Min(g => g.Planned).InWholeSeconds} s to be placed or cleared; {least.InWholeSeconds} s are usual. Set it out before the block.",
                timeline.Blocks[block.Key].Name,
                [.. sets.Select(s => s.Station).Distinct().Order()],
                Finding.Figures(("changes", block.Count()), ("leastSeconds", least.InSeconds)));
        }
    }
}
