using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Balance;

/// <summary>What one muscle gets in a class.</summary>
/// <param name="LoadSeconds">Share × seconds of work, summed.</param>
/// <param name="SetEquivalents">Load-seconds in sets of the house rule's length, whatever the format.</param>
/// <param name="HardSets">Sets with a heavy load in which it is the prime mover: light timed work is no hard set.</param>
public sealed record MuscleLoad(Muscle Muscle, decimal LoadSeconds, decimal SetEquivalents, int HardSets);

/// <summary>Where a muscle belongs.</summary>
public enum Region { Upper, Core, Lower }

/// <summary>What every muscle and pattern gets in the main blocks and finishers.</summary>
public static class MuscleLoads
{
    /// <summary>All nineteen muscles, in their usual order.</summary>
    public static ImmutableArray<MuscleLoad> Of(IReadOnlyCollection<Worked> worked, HouseRules rules)
    {
        var all = Enum.GetValues<Muscle>();
        var (load, hard) = (new decimal[all.Length], new HashSet<int>[all.Length]);
        foreach (var work in worked.Where(w => !w.Move.IsStretch))
        {
            foreach (var (muscle, share) in work.Move.Muscles)
            {
                load[(int)muscle] += share * work.Seconds;
                if (work.Heavy && share == 1)
                    (hard[(int)muscle] ??= []).Add(work.Set);
            }
        }

        return [.. all.Select(m => new MuscleLoad(m, load[(int)m], load[(int)m] / rules.BalanceSetSeconds, hard[(int)m]?.Count ?? 0))];
    }

    /// <summary>Seconds of work by pattern; patterns that never come are left out.</summary>
    public static ImmutableSortedDictionary<Pattern, decimal> ByPattern(IEnumerable<Worked> worked) =>
        worked.GroupBy(w => w.Move.Pattern).ToImmutableSortedDictionary(g => g.Key, g => g.Sum(w => w.Seconds));

    /// <summary>Seconds of work by plane; a move that goes through several shares its seconds among them. Planes that never come are left out.</summary>
    public static ImmutableSortedDictionary<Plane, decimal> ByPlane(IEnumerable<Worked> worked) =>
        worked.SelectMany(w => w.Move.Planes.Select(plane => (plane, seconds: w.Seconds / w.Move.Planes.Length)))
            .GroupBy(p => p.plane).ToImmutableSortedDictionary(g => g.Key, g => g.Sum(p => p.seconds));

    /// <summary>Where the muscle belongs.</summary>
    public static Region RegionOf(Muscle muscle) => muscle switch
    {
        Muscle.Abs or Muscle.Obliques or Muscle.LowerBack => Region.Core,
        >= Muscle.HipFlexors => Region.Lower,
        _ => Region.Upper,
    };

    /// <summary>Each region's share of all load-seconds, 0 to 1; all 0 where there are none.</summary>
    public static ImmutableSortedDictionary<Region, decimal> Regions(IReadOnlyCollection<MuscleLoad> loads)
    {
        var all = loads.Sum(l => l.LoadSeconds);
        return Enum.GetValues<Region>().ToImmutableSortedDictionary(r => r, r => all == 0 ? 0 : loads.Where(l => RegionOf(l.Muscle) == r).Sum(l => l.LoadSeconds) / all);
    }
}
