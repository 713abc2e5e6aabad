using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A move of many parts met unshown inside a set costs the set; so does one that grows in, or a new one inside a short set of a follow-along class. One finding a block.</summary>
internal sealed class FirstShowing : ICheck
{
    private const int ManyParts = 3;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var met = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var (many, fresh) = (new List<WorkSet>(), new List<WorkSet>());
        foreach (var set in timeline.Sets)
        {
            var block = timeline.Blocks[set.Block];
            var first = met.Add(set.Facts.Name);
            if (!first || !block.IsMain || set.Station == 0 || set.SecondSide || IsShown(review, set))
                continue;
            if (set.Line.Doing.InRound(set.Round).MoveNames().Count() >= ManyParts)
                many.Add(set);
            else if ((set.Line.Doing is Growing && set.Round > 1) || (set.LearnedInside && !IsEverydayMove(set) && !review.IsOver(set.Length.InSeconds, review.Rules.CheckNewMoveSet.InSeconds)))
                fresh.Add(set);
        }

        foreach (var block in many.GroupBy(s => s.Block))
            yield return Found(review, [.. block], Severity.Warn, block.Count() == 1 ? "is met inside a set with nobody having shown it" : "are met inside a set with nobody having shown them");
        foreach (var block in fresh.GroupBy(s => s.Block))
            yield return Found(review, [.. block], Severity.Note, block.Count() == 1 ? "is new inside a short set" : "are new inside short sets");
    }

    /// <summary>What comes to everybody's mind first needs no showing.</summary>
    private static bool IsEverydayMove(WorkSet set) => set.Facts.Move is not { } move || (move.Tags.Staple >= 2 && !move.Tags.IsSkill);

    private static Finding Found(ClassUnderReview review, List<WorkSet> sets, Severity severity, string what)
    {
        var block = review.Timeline.Blocks[sets[0].Block];
        var stations = sets.Select(s => s.Station).Distinct().Order().ToList();
        return new Finding(
            "first-showing",
            severity,
            $"{Say.Capital(Say.List([.. sets.Select(s => s.Facts.Name).Distinct()]))} {what}; show it before, or plan a demo.",
            block.Name,
            [.. stations],
            Finding.Figures(("stations", stations.Count)),
            sets[0].Block < review.Plan.Blocks.Length && !review.Plan.Blocks[sets[0].Block].Stations.IsEmpty
                ? new Several([.. stations.Select(n => (PlanEdit)new SetStationPart(block.Stations[n - 1].Id, "demo", $"{review.Rules.ChangeFirstShow.InWholeSeconds}"))])
                : null);
    }

    /// <summary>Whether a demo stands before it, or its block's moves were shown.</summary>
    private static bool IsShown(ClassUnderReview review, WorkSet set)
    {
        var timeline = review.Timeline;
        if (set.Line.Demo is not null || timeline.Blocks[set.Block].Settings.Demo is not null)
            return true;
        var before = timeline.Blocks.Take(set.Block).Reverse().TakeWhile(b => b.IsWords || b.Format is PrepareFormat or ReleaseFormat);
        return before.Any(b => b.Format is ShowFormat);
    }
}
