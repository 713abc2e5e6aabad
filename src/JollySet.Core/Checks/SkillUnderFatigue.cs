using JollySet.Core.Effort;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A move with much to get right, or on one leg, where a newcomer's muscles are spent by then: form may go.</summary>
internal sealed class SkillUnderFatigue : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        if (!review.NewcomersCome || !timeline.Sets.Any(s => IsDemanding(timeline, s)))
            yield break;
        var ends = EffortModel.Of(timeline, Timing.Person.Newcomer).Sets.Where(s => IsDemanding(timeline, timeline.Sets[s.Set]) && s.Local >= (double)review.Rules.EffortFormGoes);
        foreach (var block in ends.GroupBy(e => timeline.Sets[e.Set].Block))
        {
            var stations = block.Select(e => timeline.Sets[e.Set].Station).Where(n => n > 0).Distinct().Order().ToList();
            yield return new Finding(
                "skill-under-fatigue",
                Severity.Note,
                $"{Say.Capital(Say.List([.. block.Select(e => timeline.Sets[e.Set].Facts.Name).Distinct()]))}: a newcomer’s {Words.Of(block.MaxBy(e => e.Local)!.Muscle)} may be spent by then; offer the easier way early.",
                timeline.Blocks[block.Key].Name,
                [.. stations],
                Finding.Figures(("sets", block.Count())));
        }
    }

    private static bool IsDemanding(Timing.Timeline timeline, Timing.WorkSet set) =>
        timeline.Blocks[set.Block].IsMain && set.Facts.Move is { } move && (move.IsSkill() || move.IsBalance());
}
