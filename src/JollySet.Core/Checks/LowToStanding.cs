using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Up slowly after work low down: a short way from the floor to standing wants a word. One finding a block.</summary>
internal sealed class LowToStanding : ICheck
{
    private const string Reminder = "Up slowly, by way of one knee.";

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var (timeline, least) = (review.Timeline, review.Rules.ChangeSettle + review.Rules.ChangeLevel);
        var quick = timeline.Gaps.Where(g => g.Planned < least && (g.Said || timeline.Sets[g.From].KeepsClock)
            && timeline.Sets[g.From].Facts.Move is { IsOnFloor: true, Level: Level.Down } && timeline.Sets[g.To].Facts.Level == Level.Up
            && !timeline.Sets[g.To].Line.Notes.Any(n => n.Contains("slowly", StringComparison.OrdinalIgnoreCase)));
        foreach (var block in quick.GroupBy(g => timeline.Sets[g.To].Block))
        {
            var stations = block.Select(g => timeline.Sets[g.To].Station).Where(n => n > 0).Distinct().Order().ToList();
            var own = !timeline.Plan.Blocks[block.Key].Stations.IsEmpty;
            yield return new Finding(
                "low-to-standing",
                Severity.Note,
                $"{(block.Count() == 1 ? "Once" : $"{block.Count()} times")} from the floor to standing in under {least.InWholeSeconds} s; say “up slowly”.",
                timeline.Blocks[block.Key].Name,
                [.. stations],
                Finding.Figures(("times", block.Count())),
                own && stations.Count > 0 ? new Several([.. stations.Select(n => (PlanEdit)new SetStationPart(timeline.Plan.Blocks[block.Key].Stations[n - 1].Id, "note", Reminder))]) : null);
        }
    }
}
