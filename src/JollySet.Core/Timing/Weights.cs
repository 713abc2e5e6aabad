using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>How heavy a load is for a move: said in words, or judged from its kilograms against what is usual for the move's pattern.</summary>
public static class Weights
{
    /// <summary>The level of a load; null where neither the load nor the library says one.</summary>
    public static LoadLevel? LevelOf(Load? load, Move? move, HouseRules rules) => load switch
    {
        { Level: { } said } => said,
        { Mass: not null } => LevelOf(KilogramsOf(load), move?.Pattern ?? Pattern.Any, rules),
        _ => move?.Load switch
        {
            LoadClass.Light => LoadLevel.Light,
            LoadClass.Moderate => LoadLevel.Moderate,
            LoadClass.Heavy => LoadLevel.Heavy,
            _ => null,
        },
    };

    /// <summary>Kilograms of all pieces together; 0 where no mass is said.</summary>
    public static decimal KilogramsOf(Load load) =>
        (load.Mass ?? 0) * (load.Pieces ?? 1) * (load.Unit == MassUnit.Lb ? Masses.KilogramsOfAPound : 1);

    private static LoadLevel LevelOf(decimal kilograms, Pattern pattern, HouseRules rules)
    {
        var (moderate, heavy) = pattern switch
        {
            Pattern.Squat or Pattern.Lunge or Pattern.Hinge or Pattern.HipBridge or Pattern.Carry or Pattern.CalfRaise => (rules.WeightModerateLegs, rules.WeightHeavyLegs),
            Pattern.Push or Pattern.Pull or Pattern.VerticalPull => (rules.WeightModeratePushPull, rules.WeightHeavyPushPull),
            Pattern.OverheadPush => (rules.WeightModerateOverhead, rules.WeightHeavyOverhead),
            _ => (rules.WeightModerateSmall, rules.WeightHeavySmall),
        };
        return kilograms >= heavy ? LoadLevel.Heavy
            : kilograms >= moderate ? LoadLevel.Moderate
            : LoadLevel.Light;
    }
}
