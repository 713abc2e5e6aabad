using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>What title, block names, notes and focus announce stands in the plan: a warm-up, a cool-down, water, a finisher, a muscle, a move.</summary>
internal sealed partial class AnnouncedUnplanned : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var plan = review.Plan;
        if (review.Timeline.Sets.IsEmpty)
            return [];
        var said = plan.Blocks.SelectMany(b => b.Notes.Prepend(b.Name)).Concat(plan.Brief.Notes).Prepend(plan.Title).Where(t => !t.Contains("no ", StringComparison.OrdinalIgnoreCase)).ToList();
        return Parts(review, said).Concat(Muscles(review)).Concat(Moved(review.Timeline, said)).DistinctBy(f => f.Message);
    }

    private static IEnumerable<Finding> Parts(ClassUnderReview review, List<string> said)
    {
        var plan = review.Plan;
        (string Word, Regex Says, bool Planned)[] parts =
        [
            ("a warm-up", WarmUp(), plan.Blocks.Any(NamedParts.IsWarmUp) || plan.Brief.Before is not null),
            ("a cool-down", CoolDown(), plan.Blocks.Any(NamedParts.IsCoolDown) || plan.Brief.After is not null),
            ("water", Water(), review.Timeline.Gaps.Any(g => g.Water)),
            ("a finisher", Finisher(), plan.Blocks.Any(b => b.Settings.Optional || Finisher().IsMatch(b.Name))),
        ];
        return from part in parts
               where !part.Planned && said.Any(t => part.Says.IsMatch(t))
               select Found($"{Say.Capital(part.Word)} is announced and not planned.", part.Word);
    }

    private static IEnumerable<Finding> Muscles(ClassUnderReview review) =>
        from muscle in review.Balance.Focus.Muscles
        where review.Balance.Muscles[(int)muscle].LoadSeconds == 0
        select Found($"The focus names {Words.Of(muscle)}, and nothing works them.", Words.Of(muscle));

    /// <summary>A note that speaks of a library move which no station does and no option offers. Names of one word mean too many things, save those of jumps.</summary>
    private static IEnumerable<Finding> Moved(Timing.Timeline timeline, List<string> said)
    {
        var plan = timeline.Plan;
        var done = new Lazy<string>(() => string.Join('|', plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames().Concat(s.Options.Select(o => Words.Of(o.Way))))));
        return from text in said
               from move in timeline.Library.SpokenOf(text)
               where !done.Value.Contains(move.Name, StringComparison.OrdinalIgnoreCase)
               select Found($"{Say.Capital(move.Name)} is announced (“{text}”) and not planned.", move.Name);
    }

    private static Finding Found(string sentence, string subject) => new("announced-unplanned", Severity.Warn, sentence) { Subject = subject };

    [GeneratedRegex(@"\bwarm[- ]?up\b", RegexOptions.IgnoreCase)]
    private static partial Regex WarmUp();

    [GeneratedRegex(@"\b(cool[- ]?down|stretch at the end|end with a stretch)\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoolDown();

    [GeneratedRegex(@"\bwater break\b", RegexOptions.IgnoreCase)]
    private static partial Regex Water();

    [GeneratedRegex(@"\bfinisher\b", RegexOptions.IgnoreCase)]
    private static partial Regex Finisher();
}
