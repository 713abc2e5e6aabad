using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

/// <summary>What one class has otherwise than another: its length, see-saws, kit and the stretches without a break.</summary>
/// <param name="Longer">By the clock; below nothing where it is shorter.</param>
/// <param name="Says">Each thing that changes, in a few words, what is gained first.</param>
/// <param name="Cost">What it takes away from the class as it was, weighed; below nothing where the class gains.</param>
public sealed record Effect(Length Longer, ImmutableArray<string> Says, double Cost)
{
    private const int MostPairs = 2;
    private const double PairWeight = 1.2;
    private const double StreakWeight = 2.5;
    private const double KitWeight = 0.6;
    private const double SecondsAWeight = 25;

    /// <summary>Between the class as it is and as it would be.</summary>
    public static Effect Of(Measured was, Measured then)
    {
        var longer = then.Clock - was.Clock;
        var (levelled, tipped) = Pairs(was.Balance, then.Balance);
        var (rested, going) = (Over(was).Keys.Except(Over(then).Keys).ToList(), Over(then).Where(s => !Over(was).TryGetValue(s.Key, out var before) || s.Value > before).ToList());
        var (dropped, wanted) = (was.Kit.Except(then.Kit).ToList(), then.Kit.Except(was.Kit).ToList());
        string?[] says =
        [
            Length(longer),
            .. levelled,
            rested.Count > 0 ? $"{Say.List(rested)} no longer too long without a break" : null,
            dropped.Count > 0 ? $"no more {Say.List(dropped)}" : null,
            wanted.Count > 0 ? $"needs {Say.List(wanted)}" : null,
            .. tipped,
            .. going.Select(s => $"{s.Key} {Say.Time(s.Value)} with no break"),
        ];
        var cost = (PairWeight * (double)(SeeSawFix.Badness(then.Balance) - SeeSawFix.Badness(was.Balance)))
            + (StreakWeight * (going.Count - rested.Count)) + (KitWeight * (wanted.Count - dropped.Count)) + (Math.Abs((double)longer.InSeconds) / SecondsAWeight);
        return new Effect(longer, [.. says.OfType<string>()], cost);
    }

    /// <summary>How much longer or shorter, in words.</summary>
    public static string Length(Length longer) => longer.InSeconds switch
    {
        0 => "same length",
        > 0 => $"{Say.Time(longer)} longer",
        _ => $"{Say.Time(-longer.InSeconds)} shorter",
    };

    /// <summary>Pairs that come nearer to level, and those that go from it; what is soft or not judged is left out.</summary>
    private static (IEnumerable<string> Nearer, IEnumerable<string> Further) Pairs(ClassBalance was, ClassBalance then)
    {
        var pairs = was.SeeSaws.Join(then.SeeSaws, s => s.Name, s => s.Name, (a, b) => (Was: a, Then: b)).Where(p => !p.Was.IsSoft && p.Was.First != "left" && p.Was.Tilt != p.Then.Tilt).ToList();
        return (Said(pairs.Where(p => p.Then.Tilt < p.Was.Tilt && p.Then.Tilt != Tilt.NotJudged)), Said(pairs.Where(p => p.Then.Tilt > p.Was.Tilt && p.Then.Tilt > Tilt.Level)));
    }

    private static IEnumerable<string> Said(IEnumerable<(SeeSaw Was, SeeSaw Then)> pairs)
    {
        var says = pairs.Select(p => $"{(p.Then.Tilt == Tilt.Level ? "levels" : p.Then.Tilt < p.Was.Tilt ? "eases" : p.Then.Tilt == Tilt.Leaning ? "leans" : "tips")} {p.Was.First} against {p.Was.Second}").ToList();
        return says.Count > MostPairs + 1 ? says.Take(MostPairs).Append($"and {says.Count - MostPairs} pairs more") : says;
    }

    /// <summary>What goes on past its limit, and how long.</summary>
    private static Dictionary<string, Plans.Length> Over(Measured of) => of.Streaks.Where(s => s.Work > s.Limit).GroupBy(s => s.What).ToDictionary(g => g.Key, g => g.Max(s => s.Work));
}

/// <summary>A class with what its effects are told by, measured once.</summary>
public sealed record Measured(Timeline Timeline, Length Clock, ClassBalance Balance, ImmutableArray<Streak> Streaks, ImmutableHashSet<string> Kit)
{
    /// <summary>Of a timeline.</summary>
    public static Measured Of(Timeline timeline) => new(timeline, timeline.Length, ClassBalance.Of(timeline), Core.Balance.Streaks.Of(timeline), [.. KitNeeds.Kinds(timeline)]);
}
