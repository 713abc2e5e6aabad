using System.Collections.Immutable;

namespace JollySet.Core.Moves.Names;

/// <summary>A word that changes a move by a rule.</summary>
/// <param name="Says">What it is told as.</param>
/// <param name="Words">The words it is written with, folded; several ways parted by a bar.</param>
/// <param name="Rule">The move so changed; the move itself where it is that already; null where it makes no sense.</param>
public sealed record Modifier(string Says, string Words, Func<Move, Move?> Rule)
{
    /// <summary>Each way it is written, as words.</summary>
    public ImmutableArray<string[]> Ways { get; } = [.. Words.Split('|').Select(w => w.Split(' '))];
}

/// <summary>The modifiers of names, and what each changes.</summary>
/// <remarks>What a modifier does to shares, kit and needs is a convention of the trade; docs/model.md, “Names”.</remarks>
public static class Modifiers
{
    private const string Supported = "supported";
    private const string Smaller = "smaller range";

    /// <summary>All of them, those of more words first.</summary>
    public static ImmutableArray<Modifier> All { get; } =
    [
        new("half-kneeling", "half kneeling", m => IsUpper(m) ? Kneeling(m) with { Around = Added(Kneeling(m), ("balance", Supported)) } : null),
        new("tall-kneeling", "tall kneeling", m => IsUpper(m) ? Kneeling(m) : null),
        new("single-arm", "single arm", SingleArm),
        new("single-leg", "single leg", SingleLeg),
        new("dumbbell", "dumbbell|double dumbbell", m => Held(m, m.Sides == MoveSides.OneSided ? "dumbbell" : "dumbbells")),
        new("kettlebell", "kettlebell", m => Held(m, "kettlebell")),
        new("barbell", "barbell", m => m.Sides == MoveSides.OneSided ? null : Held(m, "barbell")),
        new("banded", "band|banded", Banded),
        new("bodyweight", "bodyweight|body weight|no weight|unloaded", m => m.Kit.Any(KitList.IsHeld) && !IsLegs(m) ? null : Unloaded(m)),
        new("weighted", "weighted|loaded", m => m.Kit.Any(KitList.IsHeld) ? m : IsLegs(m) || m.Pattern is Pattern.TrunkFlexion or Pattern.Rotation ? Held(m, "dumbbell") : null),
        new("seated", "seated|sitting", Seated),
        new("standing", "standing", m => m.Posture == Posture.Standing ? m : null),
        new("kneeling", "kneeling", m => m.Posture is Posture.Kneeling or Posture.AllFours ? m : IsUpper(m) ? Kneeling(m) : null),
        new("lying", "lying|supine|floor", m => m.Posture == Posture.Lying ? m : null),
        new("bent-over", "bent over", m => m.Posture == Posture.Hinged ? m : null),
        new("alternating", "alternating", m => m.Sides == MoveSides.Alternating ? m : m.Pattern is Pattern.Stretch ? null : m with { Sides = MoveSides.Alternating, Pace = m.Pace == PaceClass.UpperBody ? PaceClass.AlternatingPull : m.Pace }),
        new("staggered", "staggered|split stance", m => m.Posture is Posture.Standing or Posture.Hinged && m.Pattern is not (Pattern.Lunge or Pattern.Jump) ? AtLeast(m, Muscle.Obliques, 0.25m) with { Sides = MoveSides.OneSided } : null),
        new("wide", "wide|wide stance", m => m.Pattern == Pattern.Squat ? AtLeast(m, Muscle.Adductors, 0.5m) with { Around = Added(m, ("hips", Smaller)) } : null),
        new("pulsing", "pulse|pulsing", m => m.Pattern is Pattern.Stretch or Pattern.March ? null : Unloaded(m) with { Pace = PaceClass.Pulse }),
        new("slow", "slow|tempo|eccentric|negative", m => m with { Pace = PaceClass.Slow }),
        new("with a pause", "pause|paused", m => m with { Pace = PaceClass.Slow }),
    ];

    private static bool IsUpper(Move m) => m.Pattern is Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull or Pattern.Isolation or Pattern.Rotation
        && m.Posture is Posture.Standing or Posture.Kneeling or Posture.Seated && m.Muscles.All(s => s.Share < 1 || !Legs.Contains(s.Muscle));

    private static bool IsLegs(Move m) => m.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Lunge or Pattern.HipBridge or Pattern.CalfRaise;

    private static readonly ImmutableHashSet<Muscle> Legs = [Muscle.Quads, Muscle.Hamstrings, Muscle.Glutes, Muscle.Calves, Muscle.Adductors, Muscle.Abductors, Muscle.HipFlexors];

    private static Move? SingleArm(Move m) => m.Sides == MoveSides.OneSided ? m
        : m.Pattern is Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull or Pattern.Isolation or Pattern.Carry or Pattern.Hinge && m.Kit.Any(i => KitList.IsHeld(i) || i == "band")
            ? AtLeast(m, Muscle.Obliques, 0.25m) with { Sides = MoveSides.OneSided, Kit = [.. m.Kit.Select(i => i == "dumbbells" ? "dumbbell" : i)] }
            : null;

    private static Move? SingleLeg(Move m) => m.Pattern is not (Pattern.Squat or Pattern.Hinge or Pattern.HipBridge or Pattern.CalfRaise) ? null
        : m.Sides == MoveSides.OneSided ? m
        : AtLeast(m, Muscle.Abductors, 0.25m) with
        {
            Sides = MoveSides.OneSided,
            Load = m.Load > LoadClass.Light ? m.Load - 1 : m.Load,
            Around = m.Level == Level.Up ? Added(m, ("balance", Supported)) : m.Around,
        };

    private static Move Kneeling(Move m) => AtLeast(m with { Muscles = [.. m.Muscles.Where(s => !Legs.Contains(s.Muscle))] }, Muscle.Glutes, 0.25m) with
    {
        Posture = Posture.Kneeling,
        Kit = m.Kit.Contains("mat") ? m.Kit : m.Kit.Add("mat"),
        Around = Added(m, ("knees", Supported), ("no floor", "seated")),
    };

    private static Move? Seated(Move m) => m.Posture == Posture.Seated ? m
        : !IsUpper(m) ? null
        : m with
        {
            Posture = Posture.Seated,
            Kit = m.Kit.Contains("chair") ? m.Kit : m.Kit.Add("chair"),
            Muscles = [.. m.Muscles.Where(s => !Legs.Contains(s.Muscle))],
            Around = m.Around.Remove("balance").Remove("knees").Remove("seated"),
        };

    /// <summary>The same with something else in the hands: only where something is held, or legs can carry it.</summary>
    private static Move? Held(Move m, string item) => m.Kit.Contains(item) ? m
        : m.Kit.Any(KitList.IsHeld) ? m with { Kit = [.. m.Kit.Select(i => KitList.IsHeld(i) ? item : i).Distinct()] }
        : IsLegs(m) && m.Load == LoadClass.None && m.Impact < Impact.High ? m with { Kit = m.Kit.Insert(0, item), Load = LoadClass.Moderate, Around = Added(m, ("no kit", "no load")) }
        : null;

    private static Move? Banded(Move m) => m.Kit.Contains("band") ? m
        : m.Impact > Impact.Low || m.Pattern is Pattern.Stretch or Pattern.Carry ? null
        : m with { Kit = [.. m.Kit.Where(i => !KitList.IsHeld(i)), "band"], Load = IsLegs(m) ? LoadClass.Moderate : LoadClass.Light, Around = Added(m, ("no kit", "no load")) };

    private static Move Unloaded(Move m) => m with { Kit = [.. m.Kit.Where(i => !KitList.IsHeld(i))], Load = LoadClass.None, Around = m.Around.Remove("no kit") };

    private static Move AtLeast(Move m, Muscle muscle, decimal share) => m.Muscles.Any(s => s.Muscle == muscle)
        ? m with { Muscles = [.. m.Muscles.Select(s => s.Muscle == muscle && s.Share < share ? s with { Share = share } : s)] }
        : m with { Muscles = m.Muscles.Add(new MuscleShare(muscle, share)) };

    private static ImmutableSortedDictionary<string, string> Added(Move m, params ReadOnlySpan<(string Need, string Way)> needs)
    {
        var around = m.Around;
        foreach (var (need, way) in needs)
            if (!around.ContainsKey(need))
                around = around.Add(need, way);
        return around;
    }
}
