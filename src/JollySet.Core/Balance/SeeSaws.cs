using System.Collections.Immutable;
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
        .. MusclePairs.Select(p => Muscles(worked, p, focus, rules))
            .Concat(PatternPairs.Select(p => Patterns(worked, p, focus, rules)))
            .Append(Sides(worked, rules))
            .OrderByDescending(s => s.Tilt)
            .ThenBy(s => s.IsSoft)
            .ThenByDescending(s => s.Ratio ?? (s.FirstSeconds + s.SecondSeconds > 0 ? decimal.MaxValue : 0)),
    ];

    private static SeeSaw Muscles(IEnumerable<Worked> worked, (string First, string Second, ImmutableArray<Muscle> FirstMuscles, ImmutableArray<Muscle> SecondMuscles, bool IsSoft) pair, Focus focus, HouseRules rules)
    {
        var loaded = worked.Where(w => !w.Move.IsStretch).ToList();
        decimal Side(ImmutableArray<Muscle> muscles) => loaded.Sum(w => w.Seconds * w.Move.Muscles.Where(m => muscles.Contains(m.Muscle)).Select(m => m.Share).DefaultIfEmpty(0).Max());
        var covered = pair.FirstMuscles.Any(focus.Covers) && pair.SecondMuscles.Any(focus.Covers);
        return Weighed(pair.First, pair.Second, Side(pair.FirstMuscles), Side(pair.SecondMuscles), covered, pair.IsSoft, rules);
    }

    private static SeeSaw Patterns(IEnumerable<Worked> worked, (string First, string Second, ImmutableArray<Pattern> FirstPatterns, ImmutableArray<Pattern> SecondPatterns, Region Region) pair, Focus focus, HouseRules rules)
    {
        var all = worked.ToList();
        decimal Side(ImmutableArray<Pattern> patterns) => all.Where(w => patterns.Contains(w.Move.Pattern)).Sum(w => w.Seconds);
        return Weighed(pair.First, pair.Second, Side(pair.FirstPatterns), Side(pair.SecondPatterns), focus.Regions.Contains(pair.Region), false, rules);
    }

    private static SeeSaw Sides(IReadOnlyCollection<Worked> worked, HouseRules rules)
    {
        var (left, right) = (worked.Sum(w => w.LeftSeconds), worked.Sum(w => w.RightSeconds));
        var even = Math.Abs(left - right) <= rules["check.side-share"] * Math.Max(left, right);
        return new SeeSaw("left", "right", left, right, left + right == 0 ? Tilt.NotJudged : even ? Tilt.Level : Tilt.Tipped, false);
    }

    private static SeeSaw Weighed(string first, string second, decimal a, decimal b, bool covered, bool isSoft, HouseRules rules)
    {
        var (heavy, light) = (Math.Max(a, b), Math.Min(a, b));
        var tilt = !covered || heavy < rules["balance.judged-from"] * rules["balance.set-seconds"] ? Tilt.NotJudged
            : heavy <= rules["balance.level"] * light ? Tilt.Level
            : heavy <= rules["balance.leaning"] * light ? Tilt.Leaning
            : Tilt.Tipped;
        return new SeeSaw(first, second, a, b, tilt, isSoft);
    }
}
