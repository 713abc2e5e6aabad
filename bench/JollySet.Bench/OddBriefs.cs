using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Bench;

/// <summary>A second grid: briefs as they come on odd days.</summary>
public static class OddBriefs
{
    private static readonly (string Focus, int Minutes, Goal Goal, DraftFormat Format, string Kit, Audience[] Who, string Needs)[] Shapes =
    [
        ("full body", 30, Goal.StrengthEndurance, DraftFormat.Circuit, "mat, 1 dumbbell", [Audience.Newcomer, Audience.Regular], ""),
        ("lower body", 45, Goal.Strength, DraftFormat.Straight, "mat, barbell, plates", [Audience.Regular, Audience.Strong], ""),
        ("full body", 40, Goal.Muscle, DraftFormat.Supersets, "mat, barbell, plates, bench", [Audience.Regular], ""),
        ("full body", 40, Goal.StrengthEndurance, DraftFormat.Circuit, "chair, light dumbbells", [Audience.OlderAdults], "balance"),
        ("full body", 30, Goal.StrengthEndurance, DraftFormat.Circuit, "chair", [Audience.OlderAdults], "seated"),
        ("shoulders", 25, Goal.StrengthEndurance, DraftFormat.Circuit, "light dumbbells, heavy dumbbells", [Audience.Regular], ""),
        ("back, biceps", 30, Goal.Muscle, DraftFormat.Supersets, "mat, light dumbbells, heavy dumbbells", [Audience.Regular, Audience.Strong], ""),
        ("glutes, hamstrings", 30, Goal.StrengthEndurance, DraftFormat.Circuit, "mat, heavy dumbbells, band", [Audience.Newcomer, Audience.Regular], ""),
        ("full body", 25, Goal.Mobility, DraftFormat.Circuit, "mat", [Audience.Newcomer, Audience.Regular], ""),
        ("full body", 40, Goal.Mobility, DraftFormat.Circuit, "mat", [Audience.OlderAdults], ""),
        ("full body", 10, Goal.StrengthEndurance, DraftFormat.Circuit, "mat", [Audience.Regular], ""),
        ("full body", 10, Goal.StrengthEndurance, DraftFormat.Circuit, "mat, light dumbbells", [Audience.Newcomer], ""),
        ("full body", 75, Goal.StrengthEndurance, DraftFormat.Circuit, "mat, light dumbbells, heavy dumbbells, kettlebell", [Audience.Regular, Audience.Strong], ""),
        ("full body", 75, Goal.Muscle, DraftFormat.Trios, "mat, light dumbbells, heavy dumbbells, band", [Audience.Regular], ""),
        ("core", 20, Goal.StrengthEndurance, DraftFormat.Circuit, "mat", [Audience.Newcomer, Audience.Regular], "low back"),
        ("full body", 30, Goal.Power, DraftFormat.Circuit, "mat, kettlebell, heavy dumbbells", [Audience.Regular, Audience.Strong], ""),
        ("upper body", 20, Goal.StrengthEndurance, DraftFormat.Circuit, "two bottles", [Audience.Newcomer], "no floor"),
        ("full body", 35, Goal.StrengthEndurance, DraftFormat.Ladder, "mat, moderate dumbbells", [Audience.Newcomer, Audience.Regular], "wrists"),
    ];

    /// <summary>Each with three seeds.</summary>
    public static IEnumerable<DraftRequest> Requests =>
        from shape in Shapes
        from seed in new[] { 1, 2, 3 }
        let brief = new Brief(shape.Minutes, ClassStyle.Led, Goal: shape.Goal)
        {
            Focus = [.. shape.Focus.Split(", ")],
            Audience = [.. shape.Who],
            Needs = shape.Needs.Length == 0 ? [] : [.. shape.Needs.Split(", ")],
            Kit = [.. shape.Kit.Split(", ")],
        }
        select new DraftRequest(brief, shape.Format, seed, []);
}
