using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Building;

/// <summary>A block to begin with: a format with its usual times, and patterns of the class's focus still to be chosen.</summary>
public static class FreshBlock
{
    /// <summary>What it may be: its name in a form, and what a person reads.</summary>
    public static ImmutableArray<(string Kind, string Says)> Kinds { get; } =
    [
        ("circuit", "circuit: one station after another"),
        ("superset", "superset: two back to back"),
        ("straight", "straight sets: all rounds of one, then the next"),
        ("minute", "every minute: what is left of it is rest"),
        ("ladder", "ladder: 2, 4, 6, 8, 10"),
        ("amrap", "as many rounds as they can in 8 min"),
        ("talk", "words: welcome, water, a close"),
    ];

    /// <summary>The block as on a sheet; null for a kind there is none of.</summary>
    public static string? Text(string kind, ClassPlan plan)
    {
        var patterns = PatternsOf(Focus.Of(plan.Brief));
        string Lines(int count, string amount = "") => string.Concat(patterns.Take(count).Select(p => $"\nany: {p}{amount}"));
        var body = kind switch
        {
            "circuit" => "(circuit, 3 rounds, work 40, rest 20, between 60)" + Lines(4),
            "superset" => "(superset, 3 rounds, rest 60)" + Lines(2, " x10"),
            "straight" => "(straight, 3 rounds, rest 90)" + Lines(2, " x8"),
            "minute" => "(minute, 4 rounds)" + Lines(2, " x10"),
            "ladder" => "(ladder 2..10 step 2)" + Lines(2),
            "amrap" => "(amrap 8min)" + Lines(3, " x10"),
            "talk" => "(talk 60s)",
            _ => null,
        };
        return body is null ? null : $"== {(kind == "talk" ? WordsName(plan) : BlockLine.FreeLetter(plan))} {body}\n";
    }

    /// <summary>Opposites beside each other, as the focus allows.</summary>
    private static string[] PatternsOf(Focus focus) =>
        focus.Regions.SetEquals([Region.Upper]) ? ["push", "pull", "overhead push", "vertical pull"]
        : focus.Regions.SetEquals([Region.Lower]) ? ["squat", "hinge", "lunge", "hip bridge"]
        : focus.Regions.SetEquals([Region.Core]) ? ["brace", "trunk flexion", "rotation", "side bend"]
        : ["squat", "push", "hinge", "pull"];

    private static string WordsName(ClassPlan plan)
    {
        for (var n = 1; ; n++)
            if ((n == 1 ? "Words" : $"Words {n}") is var name && plan.Find(name) is null)
                return name;
    }
}
