using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Skill, balance and jumps come before fatigue: first met in the last third of the main part's work they come late. One finding a block.</summary>
internal sealed class OrderSpent : ICheck
{
    private const int FewSets = 5;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var main = timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain).ToList();
        if (main.Count < FewSets)
            yield break;
        var (all, done) = (main.Sum(s => s.Length), Length.Zero);
        var (met, late) = (new HashSet<string>(), new List<Timing.WorkSet>());
        foreach (var set in main)
        {
            var fresh = met.Add(set.Facts.Name);
            if (fresh && done > review.Rules.OrderLate * all && set.Facts.Move is { } move && (move.IsJump() || move.IsBalance() || move.IsSkill()))
                late.Add(set);
            done += set.Length;
        }

        foreach (var block in late.GroupBy(s => s.Block))
            yield return new Finding(
                "order-spent",
                Severity.Warn,
                $"{Say.Capital(Say.List([.. block.Select(s => s.Facts.Name).Distinct()]))} {(block.Select(s => s.Facts.Name).Distinct().Count() == 1 ? "comes" : "come")} in the last third; {Word(block.First().Facts.Move!)} wants a fresh body.",
                timeline.Blocks[block.Key].Name,
                [.. block.Select(s => s.Station).Distinct()],
                Finding.Figures(("stations", block.Select(s => s.Station).Distinct().Count())));
    }

    private static string Word(Move move) => move.IsJump() ? "jumping" : move.IsBalance() ? "balance" : "skill";
}
