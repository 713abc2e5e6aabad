using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>A stretch in which one thing works with no break worth the name.</summary>
/// <param name="What">A muscle, grip, wrists, overhead, hinge or neck.</param>
/// <param name="Work">The work in it; short gaps do not count and do not break it.</param>
/// <param name="Limit">The house rule's limit for it.</param>
/// <param name="Block">Where it begins.</param>
/// <param name="Stations">Its stations in that block.</param>
public sealed record Streak(string What, Length Start, Length Work, Length Limit, int Block, ImmutableArray<int> Stations);

/// <summary>How long muscles, hands and the low back go on without a break.</summary>
public static class Streaks
{
    /// <summary>The longest streak of each thing that has a limit, longest beside its limit first. What a superset of one muscle means to do is left out for its muscles.</summary>
    public static ImmutableArray<Streak> Of(Timeline timeline) =>
        [.. Recovery.Of(timeline).Select(lane => Longest(timeline, lane)).OfType<Streak>().OrderByDescending(s => s.Work / s.Limit)];

    private static Streak? Longest(Timeline timeline, RecoveryLane lane)
    {
        var last = -1;
        for (var i = 0; i < lane.Spells.Length; i++)
            if (!lane.Spells[i].Meant && (last < 0 || lane.Spells[i].Streak > lane.Spells[last].Streak))
                last = i;
        if (last < 0 || lane.Limit is not { } limit)
            return null;
        var first = last;
        while (lane.Spells[first].Streak > lane.Spells[first].Work)
            first--;
        var block = timeline.Sets[lane.Spells[first].Set].Block;
        var stations = lane.Spells[first..(last + 1)].Select(s => timeline.Sets[s.Set]).Where(s => s.Block == block && s.Station > 0).Select(s => s.Station).Distinct().Order();
        return new Streak(lane.What, lane.Spells[first].Start, lane.Spells[last].Streak, limit, block, [.. stations]);
    }
}
