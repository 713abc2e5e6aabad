using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A long hold carries the reminder to breathe. One finding a block.</summary>
internal sealed class HoldNoCue : ICheck
{
    private const string Reminder = "Keep breathing; ease the grip.";

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var most = review.Rules.CheckHoldSeconds;
        foreach (var (block, index) in review.OwnBlocks)
        {
            var held = review.SetsOf(index).Where(s => s.Station > 0 && IsHold(s) && review.IsOver(s.Length.InSeconds, most.InSeconds) && !IsReminded(s)).Select(s => s.Station).Distinct().Order().ToList();
            if (held.Count > 0)
                yield return new Finding(
                    "hold-no-cue",
                    Severity.Note,
                    $"{Say.Capital(Say.List([.. held.Select(n => Timing.Facts.NameOf(block.Stations[n - 1].Doing))]))}: held over {most.InSeconds:0.#} s with no word about breathing.",
                    block.Name,
                    [.. held],
                    Finding.Figures(("stations", held.Count)),
                    new Several([.. held.Select(n => (PlanEdit)new SetStationPart(block.Stations[n - 1].Id, "note", Reminder))]));
        }
    }

    private static bool IsHold(Timing.WorkSet set) =>
        set.IsTimed && (set.Line.Amount is Timed { Hold: true } || (set.Facts.Move is { Pattern: Pattern.Brace } && set.ExpectedSecondsPerRep is null))
        && set.Facts.Move?.Pattern is not (Pattern.Stretch or Pattern.Mobility or Pattern.Carry);

    private static bool IsReminded(Timing.WorkSet set) =>
        set.Line.Notes.Concat(set.Facts.Move?.Cues ?? []).Any(t => t.Contains("breath", StringComparison.OrdinalIgnoreCase));
}
