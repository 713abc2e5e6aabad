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
        var quick = timeline.Gaps.Where(g => (g.Said || timeline.Sets[g.From].KeepsClock) && RisesIn(timeline, g, least, review.Rules.ChangeSettle)
            && !timeline.Sets[g.To].Line.Notes.Any(n => n.Contains("slowly", StringComparison.OrdinalIgnoreCase)));
        foreach (var block in quick.GroupBy(g => timeline.Sets[g.To].Block))
        {
            var stations = block.Select(g => timeline.Sets[g.To].Station).Where(n => n > 0).Distinct().Order().ToList();
            var own = !timeline.Plan.Blocks[block.Key].Stations.IsEmpty;
            yield return new Finding(
                "low-to-standing",
                Severity.Note,
                $"{block.Count() switch { 1 => "Once", 2 => "Twice", var times => $"{times} times" }} from low down to standing in under {least.InWholeSeconds} s; say “up slowly”.",
                timeline.Blocks[block.Key].Name,
                [.. stations],
                Finding.Figures(("times", block.Count())),
                own && stations.Count > 0 ? new Several([.. stations.Select(n => (PlanEdit)new SetStationPart(timeline.Plan.Blocks[block.Key].Stations[n - 1].Id, "note", Reminder))]) : null);
        }
    }

    /// <summary>From the floor in too short a time to get up; from a deep hinge upright with no time to breathe out.</summary>
    private static bool RisesIn(Timing.Timeline timeline, Timing.GapRecord gap, Length fromFloor, Length fromHinge) =>
        timeline.Sets[gap.To].Facts is { Level: Level.Up, Move: { } next } && timeline.Sets[gap.From].Facts.Move is { } before
        && ((gap.Planned < fromFloor && before is { IsOnFloor: true, Level: Level.Down })
            || (gap.Planned < fromHinge && before is { Pattern: Pattern.Hinge or Pattern.Squat, Tags.IsHold: false } && before.IsBig() && next.Posture == Posture.Standing && next.Pattern is Pattern.OverheadPush or Pattern.Jump));
}
