using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Something people will do that the plan does not say, and how long it takes.</summary>
public sealed record HiddenTime(string What, Length Length);

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
        var booked = timeline.Plan.Brief.Minutes is { } minutes ? Length.Minutes(minutes) : timeline.Length;
        return new HiddenTime("a warm-up", timeline.Rules.WarmUpLeastFor(booked));
    }

    private static HiddenTime? Rests(Timeline timeline)
    {
        var unsaid = timeline.Gaps.Where(g => g.Place == GapPlace.AfterRound && g.Extra > Length.Zero && timeline.Blocks[timeline.Sets[g.From].Block] is { IsLinked: false, Settings.Between: null }).ToList();
        return unsaid.Count == 0 ? null : new HiddenTime(unsaid.Count == 1 ? "a rest after a round" : $"{unsaid.Count} rests after rounds", unsaid.Sum(g => g.Extra));
    }

    private static HiddenTime? Water(Timeline timeline)
    {
        if (timeline.Gaps.Any(g => g.Water) || timeline.Length <= timeline.Rules.CheckWaterEvery)
            return null;
        var breaks = (int)(timeline.Length / timeline.Rules.CheckWaterEvery);
        return new HiddenTime(breaks == 1 ? "a water break" : $"{breaks} water breaks", breaks * timeline.Rules.ChangeWaterLeast);
    }
}
