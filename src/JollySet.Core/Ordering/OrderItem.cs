using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Ordering;

/// <summary>One station as ordering sees it.</summary>
/// <param name="Block">Index of the block it stands in.</param>
/// <param name="Number">Its number there, from 1.</param>
public sealed record OrderItem(int Block, int Number, Station Line, WorkFacts Facts)
{
    private readonly ImmutableArray<MuscleShare> working = [.. (Facts.Move?.Muscles ?? []).Where(m => m.Share >= 0.5m)];

    /// <summary>As it is called to the class.</summary>
    public string Name => Facts.Name;

    /// <summary>Upper, lower or core, by its prime movers; null where nobody knows.</summary>
    public Region? Region => Facts.Move is { Muscles.IsEmpty: false } move ? MuscleLoads.RegionOf(move.Muscles.MaxBy(m => m.Share).Muscle) : null;

    /// <summary>How much two stations ask of the same muscles: 1 for a shared prime mover, a half for one that assists in either.</summary>
    public decimal Overlap(OrderItem other)
    {
        var sum = 0m;
        foreach (var (muscle, share) in working)
            foreach (var theirs in other.working)
                if (theirs.Muscle == muscle)
                    sum += Math.Min(share, theirs.Share);
        return sum;
    }
}
