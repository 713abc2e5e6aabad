using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Something people will do that the plan does not say, and the seconds it takes.</summary>
public sealed record HiddenTime(string What, int Seconds);

/// <summary>How much of a class its plan hides: a warm-up, water and rests after rounds happen whether or not they are planned.</summary>
public static class Hidden
{
    /// <summary>What is not planned, in the order of a class; nothing where all is said.</summary>
    public static ImmutableArray<HiddenTime> Of(Timeline timeline)
    {
        if (timeline.Sets.IsEmpty)
            return [];
        return [.. new[] { WarmUp(timeline), Rests(timeline), Water(timeline) }.OfType<HiddenTime>()];
    }

    private static HiddenTime? WarmUp(Timeline timeline)
    {
        if (timeline.Plan.Brief.Before is not null || timeline.Blocks.Any(b => b.Format is PrepareFormat))
            return null;
        var isShort = (timeline.Plan.Brief.Minutes ?? timeline.Tenths / 600) <= timeline.Rules["warm-up.short-class"];
        return new HiddenTime("a warm-up", timeline.Rules.Whole(isShort ? "warm-up.least-short" : "warm-up.least") * 60);
    }

    private static HiddenTime? Rests(Timeline timeline)
    {
        var unsaid = timeline.Gaps.Where(g => g.Place == GapPlace.AfterRound && g.ExtraTenths > 0 && timeline.Blocks[timeline.Sets[g.From].Block] is { IsLinked: false, Settings.Between: null }).ToList();
        return unsaid.Count == 0 ? null : new HiddenTime(unsaid.Count == 1 ? "a rest after a round" : $"{unsaid.Count} rests after rounds", unsaid.Sum(g => g.ExtraTenths) / 10);
    }

    private static HiddenTime? Water(Timeline timeline)
    {
        if (timeline.Gaps.Any(g => g.Water) || timeline.Tenths <= timeline.Rules["check.water-every"] * 10)
            return null;
        var breaks = timeline.Tenths / (timeline.Rules.Whole("check.water-every") * 10);
        return new HiddenTime(breaks == 1 ? "a water break" : $"{breaks} water breaks", breaks * timeline.Rules.Whole("change.water-least"));
    }
}
