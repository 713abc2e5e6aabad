using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>The usual work and rest for a goal: ranges to plan inside, not limits of what anyone can do.</summary>
/// <param name="Work">Of a timed set.</param>
/// <param name="WorkToRest">The most work for one of rest; null where the goal sets none.</param>
/// <param name="Rest">After a set or a round; null where the goal sets none.</param>
/// <remarks>Usual guidance of the trade; docs/model.md, "Work and rest by goal".</remarks>
public sealed record WorkAndRest((Length Least, Length Most)? Work, decimal? WorkToRest, (Length Least, Length Most)? Rest)
{
    /// <summary>The range of a class; null where no goal is said or it leaves rest to breath.</summary>
    public static WorkAndRest? Of(Brief brief, HouseRules rules) => brief.Goal switch
    {
        Goal.Strength => new(null, null, (rules.GoalStrengthRestLeast, rules.GoalStrengthRestMost)),
        Goal.Muscle => new(null, null, (rules.GoalMuscleRestLeast, rules.GoalMuscleRestMost)),
        Goal.StrengthEndurance => new((rules.GoalEnduranceWorkLeast, rules.GoalEnduranceWorkMost), Ratio(brief, rules), null),
        Goal.Power => new((Length.Seconds(1), rules.GoalPowerWorkMost), 1 / rules.GoalPowerRest, null),
        _ => null,
    };

    /// <summary>Whether <paramref name="after"/> is inside, or no further outside than <paramref name="before"/> is.</summary>
    public bool Allows(Block before, Block after)
    {
        if (!after.IsMain)
            return true;
        return NotWorse(WorkOf(before), WorkOf(after), Work is { } work ? (work.Least.InSeconds, work.Most.InSeconds) : null)
            && NotWorse(RatioOf(before), RatioOf(after), WorkToRest is { } most ? (0, most) : null)
            && NotWorse(RestOf(before), RestOf(after), Rest is { } rest ? (rest.Least.InSeconds, rest.Most.InSeconds) : null);
    }

    private static decimal Ratio(Brief brief, HouseRules rules)
    {
        var weakest = brief.Audience.DefaultIfEmpty(Audience.Regular);
        var easy = weakest.Any(a => a is Audience.Newcomer or Audience.FirstTimers or Audience.OlderAdults);
        var strong = weakest.Any(a => a is Audience.Regular or Audience.Strong);
        return !strong ? rules.GoalEnduranceRatioNewcomer : easy || !weakest.All(a => a == Audience.Strong) ? rules.GoalEnduranceRatioMixed : rules.GoalEnduranceRatioStrong;
    }

    private static bool NotWorse(decimal? before, decimal? after, (decimal Least, decimal Most)? range)
    {
        if (range is not { } r || after is not { } now)
            return true;
        decimal Outside(decimal value) => value < r.Least ? r.Least - value : value > r.Most ? value - r.Most : 0;
        return Outside(now) == 0 || (before is { } was && Outside(now) <= Outside(was));
    }

    private static decimal? WorkOf(Block block) => block.Settings.Work.IsEmpty ? null : block.Settings.Work[0].InSeconds;

    private static decimal? RestOf(Block block) => block.Format is StraightFormat || block.IsLinked
        ? block.Settings.Rest.IsEmpty ? block.Settings.Between?.Length.Low.InSeconds : block.Settings.Rest[0].Length.Low.InSeconds
        : null;

    private static decimal? RatioOf(Block block) =>
        WorkOf(block) is { } work && block is { Format: CircuitFormat, Settings.Rest: [{ Open: false } rest, ..] } ? work / Math.Max(1, rest.Length.Low.InSeconds) : null;
}
