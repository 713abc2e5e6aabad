using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>How far a pair is from level.</summary>
public enum Tilt { NotJudged, Level, Leaning, Tipped }

/// <summary>One pair that practitioners weigh against each other. Planning conventions, not thresholds of injury.</summary>
/// <param name="FirstSeconds">Load-seconds of its first side: in each second the largest share among its muscles.</param>
/// <param name="IsSoft">A pair that never goes beyond a note.</param>
public sealed record SeeSaw(string First, string Second, decimal FirstSeconds, decimal SecondSeconds, Tilt Tilt, bool IsSoft)
{
    /// <summary>How it hangs, in a word.</summary>
    public string TiltWord => Tilt == Tilt.NotJudged ? "not judged" : Tilt.ToString().ToLowerInvariant();

    /// <summary>Both names: <c>front delts | rear delts</c>.</summary>
    public string Name => $"{First} | {Second}";

    /// <summary>Heavier over lighter; null where one side is empty.</summary>
    public decimal? Ratio => Math.Min(FirstSeconds, SecondSeconds) is > 0 and var lighter ? Math.Max(FirstSeconds, SecondSeconds) / lighter : null;

    /// <summary>The name of the heavier side.</summary>
    public string Heavier => FirstSeconds >= SecondSeconds ? First : Second;

    /// <summary>The name of the lighter side.</summary>
    public string Lighter => FirstSeconds >= SecondSeconds ? Second : First;
}

/// <summary>The pairs of a class, weighed.</summary>
public static class SeeSaws
{
    /// <summary>Muscles on each side of a pair.</summary>
    public static ImmutableArray<(string First, string Second, ImmutableArray<Muscle> FirstMuscles, ImmutableArray<Muscle> SecondMuscles, bool IsSoft)> MusclePairs { get; } =
    [
        ("chest", "upper back and rear delts", [Muscle.Chest], [Muscle.UpperBack, Muscle.RearDelts], false),
        ("front delts", "rear delts", [Muscle.FrontDelts], [Muscle.RearDelts], false),
        ("biceps", "triceps", [Muscle.Biceps], [Muscle.Triceps], true),
        ("quads", "hamstrings and glutes", [Muscle.Quads], [Muscle.Hamstrings, Muscle.Glutes], false),
        ("abs", "lower back", [Muscle.Abs], [Muscle.LowerBack], true),
        ("adductors", "abductors", [Muscle.Adductors], [Muscle.Abductors], true),
    ];

    /// <summary>Patterns on each side of a pair.</summary>
    public static ImmutableArray<(string First, string Second, ImmutableArray<Pattern> FirstPatterns, ImmutableArray<Pattern> SecondPatterns, Region Region)> PatternPairs { get; } =
    [
        ("push", "pull", [Pattern.Push, Pattern.OverheadPush], [Pattern.Pull, Pattern.VerticalPull], Region.Upper),
        ("squat family", "hinge family", [Pattern.Squat, Pattern.Lunge], [Pattern.Hinge, Pattern.HipBridge], Region.Lower),
    ];

    /// <summary>Every pair, worst first, those not judged last.</summary>
    public static ImmutableArray<SeeSaw> Of(IReadOnlyCollection<Worked> worked, Focus focus, HouseRules rules) =>
    [
        .. Pairs(worked, focus, rules)
            .Append(Sides(worked, rules))
            .OrderByDescending(s => s.Tilt)
            .ThenBy(s => s.IsSoft)
            .ThenByDescending(s => s.Ratio ?? (s.FirstSeconds + s.SecondSeconds > 0 ? decimal.MaxValue : 0)),
    ];

    /// <summary>What one second of a move puts on each side of every pair, muscle pairs first: the largest share among a side's muscles, or the second itself where the pattern is a side's.</summary>
    public static IReadOnlyList<(decimal First, decimal Second)> SharesOf(Move move) => Shares.GetValue(move, Shared);

    private static readonly ConditionalWeakTable<Move, (decimal First, decimal Second)[]> Shares = [];

    private static (decimal First, decimal Second)[] Shared(Move move) =>
    [
        .. MusclePairs.Select(p => move.IsStretch ? (0m, 0m) : (Largest(move, p.FirstMuscles), Largest(move, p.SecondMuscles)))
            .Concat(PatternPairs.Select(p => (p.FirstPatterns.Contains(move.Pattern) ? 1m : 0, p.SecondPatterns.Contains(move.Pattern) ? 1m : 0))),
    ];

    /// <summary>Whether the focus covers each pair, in the same order.</summary>
    public static IEnumerable<bool> CoveredBy(Focus focus) =>
        MusclePairs.Select(p => p.FirstMuscles.Any(focus.Covers) && p.SecondMuscles.Any(focus.Covers))
            .Concat(PatternPairs.Select(p => focus.Regions.Contains(p.Region)));

    private static IEnumerable<SeeSaw> Pairs(IReadOnlyCollection<Worked> worked, Focus focus, HouseRules rules)
    {
        var names = MusclePairs.Select(p => (p.First, p.Second, p.IsSoft)).Concat(PatternPairs.Select(p => (p.First, p.Second, IsSoft: false))).ToList();
        var (first, second) = (new decimal[names.Count], new decimal[names.Count]);
        foreach (var work in worked)
        {
            var shares = SharesOf(work.Move);
            for (var at = 0; at < first.Length; at++)
            {
                first[at] += shares[at].First * work.Seconds;
                second[at] += shares[at].Second * work.Seconds;
            }
        }

        return CoveredBy(focus).Select((covered, i) => Weighed(names[i].First, names[i].Second, first[i], second[i], covered, names[i].IsSoft, rules));
    }

    private static decimal Largest(Move move, ImmutableArray<Muscle> muscles)
    {
        var largest = 0m;
        foreach (var (muscle, share) in move.Muscles)
            if (share > largest && muscles.Contains(muscle))
                largest = share;
        return largest;
    }

    private static SeeSaw Sides(IReadOnlyCollection<Worked> worked, HouseRules rules)
    {
        var (left, right) = (worked.Sum(w => w.LeftSeconds), worked.Sum(w => w.RightSeconds));
        var even = Math.Abs(left - right) <= rules.CheckSideShare * Math.Max(left, right);
        return new SeeSaw("left", "right", left, right, left + right == 0 ? Tilt.NotJudged : even ? Tilt.Level : Tilt.Tipped, false);
    }

    private static SeeSaw Weighed(string first, string second, decimal a, decimal b, bool covered, bool isSoft, HouseRules rules)
    {
        var (heavy, light) = (Math.Max(a, b), Math.Min(a, b));
        var tilt = !covered || heavy < rules.BalanceJudgedFrom * rules.BalanceSetSeconds ? Tilt.NotJudged
            : heavy <= rules.BalanceLevel * light ? Tilt.Level
            : heavy <= rules.BalanceLeaning * light ? Tilt.Leaning
            : Tilt.Tipped;
        return new SeeSaw(first, second, a, b, tilt, isSoft);
    }
}
