using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>The usual work and rest for a goal: ranges to plan inside, not limits of what anyone can do.</summary>
/// <param name="Work">Seconds of a timed set.</param>
/// <param name="WorkToRest">The most work for one of rest; null where the goal sets none.</param>
/// <param name="Rest">Seconds after a set or a round; null where the goal sets none.</param>
/// <remarks>Usual guidance of the trade; docs/model.md, "Work and rest by goal".</remarks>
public sealed record WorkAndRest((int Least, int Most)? Work, decimal? WorkToRest, (int Least, int Most)? Rest)
{
    /// <summary>The range of a class; null where no goal is said or it leaves rest to breath.</summary>
    public static WorkAndRest? Of(Brief brief, HouseRules rules) => brief.Goal switch
    {
        Goal.Strength => new(null, null, (rules.Whole("goal.strength-rest-least"), rules.Whole("goal.strength-rest-most"))),
        Goal.Muscle => new(null, null, (rules.Whole("goal.muscle-rest-least"), rules.Whole("goal.muscle-rest-most"))),
        Goal.StrengthEndurance => new((rules.Whole("goal.endurance-work-least"), rules.Whole("goal.endurance-work-most")), rules[RatioRule(brief)], null),
        Goal.Power => new((1, rules.Whole("goal.power-work-most")), 1 / rules["goal.power-rest"], null),
        _ => null,
    };

    /// <summary>Whether <paramref name="after"/> is inside, or no further outside than <paramref name="before"/> is.</summary>
    public bool Allows(Block before, Block after)
    {
        if (!after.IsMain)
            return true;
        return NotWorse(WorkOf(before), WorkOf(after), Work is { } work ? (work.Least, work.Most) : null)
            && NotWorse(RatioOf(before), RatioOf(after), WorkToRest is { } most ? (0, most) : null)
            && NotWorse(RestOf(before), RestOf(after), Rest is { } rest ? (rest.Least, rest.Most) : null);
    }

    private static string RatioRule(Brief brief)
    {
        var weakest = brief.Audience.DefaultIfEmpty(Audience.Regular);
        var easy = weakest.Any(a => a is Audience.Newcomer or Audience.FirstTimers or Audience.OlderAdults);
        var strong = weakest.Any(a => a is Audience.Regular or Audience.Strong);
        return !strong ? "goal.endurance-ratio-newcomer" : easy || !weakest.All(a => a == Audience.Strong) ? "goal.endurance-ratio-mixed" : "goal.endurance-ratio-strong";
    }

    private static bool NotWorse(decimal? before, decimal? after, (decimal Least, decimal Most)? range)
    {
        if (range is not { } r || after is not { } now)
            return true;
        decimal Outside(decimal value) => value < r.Least ? r.Least - value : value > r.Most ? value - r.Most : 0;
        return Outside(now) == 0 || (before is { } was && Outside(now) <= Outside(was));
    }

    private static decimal? WorkOf(Block block) => block.Settings.WorkSeconds.IsEmpty ? null : block.Settings.WorkSeconds[0];

    private static decimal? RestOf(Block block) => block.Format is StraightFormat || block.IsLinked
        ? block.Settings.Rest.IsEmpty ? block.Settings.Between?.Seconds.Low : block.Settings.Rest[0].Seconds.Low
        : null;

    private static decimal? RatioOf(Block block) =>
        WorkOf(block) is { } work && block is { Format: CircuitFormat, Settings.Rest: [{ Open: false } rest, ..] } ? work / Math.Max(1, rest.Seconds.Low) : null;
}
