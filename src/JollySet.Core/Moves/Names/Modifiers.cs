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
        new("half-kneeling", "half kneeling|half kneel", m => IsUpper(m) ? Kneeling(m) with { Around = Added(Kneeling(m), ("balance", Supported)) } : null),
        new("tall-kneeling", "tall kneeling|tall kneel", m => IsUpper(m) ? Kneeling(m) : null),
        new("single-arm", "single arm", SingleArm),
        new("single-leg", "single leg", SingleLeg),
        new("dumbbell", "dumbbell|double dumbbell|with dumbbell|holding dumbbell", m => Loaded(m, IsTrunk(m) || m.Sides == MoveSides.OneSided ? "dumbbell" : "dumbbells")),
        new("kettlebell", "kettlebell|with kettlebell", m => Loaded(m, "kettlebell")),
        new("barbell", "barbell|ez bar|trap bar|hex bar", m => m.Sides == MoveSides.OneSided && m.Pattern != Pattern.Lunge ? null : Held(m, "barbell")),
        new("banded", "band|with band|mini band|loop band|booty band|loop|tube", Banded),
        new("on a cable", "cable|with cable|on cable", m => AtStack(m, "cable")),
        new("on a machine", "machine|on machine", m => m.Pattern == Pattern.Rotation || m.Posture == Posture.Hinged ? null : AtStack(m, "machine")),
        new("bodyweight", "bodyweight|body weight|no weight|unloaded", m => m.Kit.Any(KitList.IsHeld) && !IsLegs(m) ? null : Unloaded(m)),
        new("weighted", "weighted|loaded|with weight", m => m.Kit.Any(KitList.IsHeld) ? m : IsLegs(m) ? Held(m, "dumbbell") : AtChest(m, "dumbbell") ?? (m.Pattern == Pattern.Brace && m.Posture == Posture.Lying && m.Load == LoadClass.None && m.Kit.All(k => k == "mat") ? m with { Kit = m.Kit.Insert(0, "dumbbell"), Load = LoadClass.Light, Around = Added(m, ("no kit", "no load")), Tags = m.Tags with { WorksUnloaded = true } } : null)),
        new("seated", "seated|sitting", Seated),
        new("standing", "standing", m => m.Posture == Posture.Standing ? m : null),
        new("kneeling", "kneeling", m => m.Posture is Posture.Kneeling or Posture.AllFours ? m : IsUpper(m) ? Kneeling(m) : null),
        new("lying", "lying|supine|floor", m => m.Posture == Posture.Lying ? m : null),
        new("bent-over", "bent over", m => m.Posture == Posture.Hinged ? m : null),
        new("alternating", "alternating", m => m.Sides == MoveSides.Alternating ? m : m.Pattern is Pattern.Stretch ? null : m with { Sides = MoveSides.Alternating, Pace = m.Pace == PaceClass.UpperBody ? PaceClass.AlternatingPull : m.Pace }),
        new("staggered", "staggered|staggered stance|split stance", m => m.Posture is Posture.Standing or Posture.Hinged && m.Pattern is not (Pattern.Lunge or Pattern.Jump) ? AtLeast(m, Muscle.Obliques, 0.25m) with { Sides = MoveSides.OneSided } : null),
        new("wide", "wide|wide stance", m => m.Pattern == Pattern.Squat ? AtLeast(m, Muscle.Adductors, 0.5m) with { Around = Added(m, ("hips", Smaller)) } : null),
        new("pulsing", "pulse|pulsing", m => m.Pattern is Pattern.Stretch or Pattern.March ? null : Unloaded(m) with { Pace = PaceClass.Pulse }),
        new("slow", "slow|tempo|eccentric|negative", m => m with { Pace = PaceClass.Slow }),
        new("with a pause", "pause|paused", m => m with { Pace = PaceClass.Slow }),
        // Which side it is begins or ends nothing of a move that has two.
        new("a side", "left|right|left side|right side|left leg|right leg|left arm|right arm", m => m.Sides == MoveSides.OneSided ? m : null),
        new("pose", "pose|posture", m => m.Pattern is Pattern.Stretch || m.Tags.IsHold ? m : null),
        new("stretch", "stretch", m => m.Pattern is Pattern.Stretch or Pattern.Mobility ? m : null),
        new("fast", "fast|quick|speedy|speed", m => m.Pattern is Pattern.Locomotion or Pattern.March or Pattern.Jump ? m : m.Pattern == Pattern.Squat && m.Load == LoadClass.None && m.Impact == Impact.None && !m.Tags.IsHold ? m with { Pace = PaceClass.Pulse } : null),
        new("on the spot", "on spot|in place", m => m.Pattern is Pattern.Locomotion or Pattern.March or Pattern.Jump ? m with { Around = m.Around.Remove("small space") } : null),
        new("there and back", "forward and back|forward and backward|back and forth|side to side|up and down", m => m.Pattern is Pattern.Mobility or Pattern.Locomotion or Pattern.March ? m : null),
        new("sideways", "lateral|sideway|sideways", m => m.Pattern is Pattern.Locomotion or Pattern.Jump || m.Pattern == Pattern.Lunge && m.Kit.Contains("step") ? m.Planes.Contains(Plane.Frontal) ? m : m with { Planes = m.Planes.Add(Plane.Frontal) } : null),
        new("on the floor", "on floor|on mat", m => m.IsOnFloor ? m : null),
        new("on the forearms", "forearm|elbow|on forearm|on elbow", m => m.Tags.Bears == Bearing.Forearms ? m : null),
        new("big", "big|large|forward|backward|backwards", m => m.Pattern == Pattern.Mobility ? m : null),
        new("low-impact", "low impact|no impact|low", LowImpact),
        new("modified", "modified", m => m.Posture == Posture.Plank && m.Impact < Impact.Middle ? OnKnees(m) : LowImpact(m)),
        .. Stances,
        .. Grips,
        .. Carried,
        .. Changed,
        .. Ranges,
    ];

    /// <summary>How one stands, lies or leans.</summary>
    private static IEnumerable<Modifier> Stances =>
    [
        new("chest-supported", "chest supported|chest on a bench", m => m.Pattern is Pattern.Pull or Pattern.Isolation && m.Posture == Posture.Hinged && m.Muscles.Any(s => s.Share == 1 && s.Muscle is Muscle.UpperBack or Muscle.Lats or Muscle.RearDelts or Muscle.SideDelts) ? Without(m, Muscle.LowerBack) with { Posture = Posture.Lying, Kit = With(m.Kit, "bench"), Around = m.Around.Remove("low back") } : null),
        new("supported", "supported|assisted|with support|holding chair|holding wall|holding on|hand on wall|hand on chair|with chair|at chair|at wall|with wall|against wall", m => m.IsStretch ? m : m.Level != Level.Up ? null : m.Troubles("balance") ? m with { Around = m.Around.Remove("balance"), Tags = m.Tags with { IsOneLegged = false } } : m.Posture == Posture.Standing && m.Load == LoadClass.None ? m : null),
        new("in its place", "on bench|on step|on box|on chair|off bench|off step|off box|off chair|from bench|from step|from chair|from box", m => m.Kit.Any(k => k is "bench" or "step" or "chair") ? m : null),
        new("with the arms", "with arm|with arm swing|with clap|with touch|with floor touch", m => m.Pattern is Pattern.Locomotion or Pattern.March or Pattern.Jump ? m : null),
        new("narrow", "narrow|narrow stance|close stance", m => m.Pattern == Pattern.Squat ? Without(m, Muscle.Adductors) : null),
        new("eyes closed", "eye closed|eye shut", m => m.Level == Level.Up && m.Load == LoadClass.None ? m with { Around = Added(m, ("balance", Supported)) } : null),
        new("heels raised", "heel raised|heel elevated", m => m.Pattern != Pattern.Squat || m.Posture != Posture.Standing ? null : AtMost(m, Muscle.Glutes, 0.5m) with { Kit = With(m.Kit, "heel wedge"), Around = Added(m, ("knees", "squat to chair"), ("no kit", Smaller)) }),
        new("front foot raised", "front foot raised|front foot elevated", m => m.Pattern == Pattern.Lunge && m.Sides == MoveSides.OneSided && !m.Kit.Contains("step") ? AtLeast(m, Muscle.Glutes, 1) with { Kit = With(m.Kit, "step"), Around = Added(m, ("hips", "squat to chair"), ("no kit", Smaller)) } : null),
        new("feet raised", "feet raised|feet elevated|feet up|decline", m => m.Kit.Contains("step") ? null : m.Pattern == Pattern.Push && m.Posture == Posture.Plank ? AtLeast(m, Muscle.FrontDelts, 1) with { Kit = With(m.Kit, "step"), Around = Added(m, ("no kit", Smaller)) }
            : m.Pattern == Pattern.HipBridge ? AtLeast(m, Muscle.Hamstrings, 1) with { Kit = With(m.Kit, "step"), Around = Added(m, ("no kit", Smaller)) }
            : m.Pattern is Pattern.TrunkFlexion or Pattern.Rotation && m.Posture is Posture.Seated or Posture.Lying && m.Kit.Contains("mat") ? AtLeast(m, Muscle.HipFlexors, 0.5m) : null),
        new("feet raised", "raised", m => m.Pattern == Pattern.HipBridge && !m.Kit.Contains("step") ? AtLeast(m, Muscle.Hamstrings, 1) with { Kit = With(m.Kit, "step"), Around = Added(m, ("no kit", Smaller)) } : null),
        new("hands raised", "hand raised|hand elevated|incline|hand on bench|on bench|on step|on box|on chair|off bench|off step|off box|off chair", HandsRaised),
    ];

    /// <summary>How the hands take hold.</summary>
    private static IEnumerable<Modifier> Grips =>
    [
        new("close grip", "close grip|narrow grip|close hand|narrow|close", m => m.Pattern == Pattern.Push ? AtMost(AtLeast(m, Muscle.Triceps, 1), Muscle.Chest, 0.5m) : m.Pattern == Pattern.Pull && m.Posture != Posture.Plank ? AtLeast(m, Muscle.Lats, 0.5m) : null),
        new("wide grip", "wide grip|wide hand", m => m.Pattern switch
        {
            Pattern.Push => AtMost(AtLeast(m, Muscle.Chest, 1), Muscle.Triceps, 0.25m) with { Around = Added(m, ("shoulders", Smaller)) },
            Pattern.Pull or Pattern.VerticalPull => AtLeast(m, Muscle.UpperBack, 1) with { Around = Added(m, ("shoulders", Smaller)) },
            _ => null,
        }),
        new("neutral grip", "neutral grip|neutral|hammer grip", m => m.Pattern is Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull && m.Kit.Any(i => KitList.IsHeld(i) || i == "bar") ? AtLeast(m, Muscle.Forearms, 0.25m) with { Around = m.Around.Remove("wrists") } : null),
        new("reverse grip", "reverse grip|underhand|under hand|supinated|palm up", m => m.Pattern is Pattern.Pull or Pattern.VerticalPull ? AtLeast(m, Muscle.Biceps, 0.5m) : null),
        new("overhand", "pronated", m => m.Pattern is Pattern.Pull or Pattern.VerticalPull ? m : null),
    ];

    /// <summary>Where a weight is carried while the legs work.</summary>
    private static IEnumerable<Modifier> Carried =>
    [
        new("goblet", "goblet|goblet hold", m => Carrying(m) is { } legs ? Same(AtLeast(AtLeast(legs, Muscle.Abs, 0.25m), Muscle.UpperBack, 0.25m) with { Kit = OneHeld(m, "dumbbell") }, m) : null),
        new("front rack", "front rack|racked|in rack|front loaded", m => Carrying(m) is { } legs ? AtLeast(AtLeast(legs, Muscle.Abs, 0.25m), Muscle.UpperBack, 0.25m) with { Kit = m.Kit.Any(KitList.IsHeld) ? m.Kit : OneHeld(m, "dumbbells"), Around = Added(legs, ("wrists", "no load")) } : null),
        new("overhead", "overhead|overhead hold", m => Carrying(m) is { } legs ? AtLeast(AtLeast(legs, Muscle.FrontDelts, 0.5m), Muscle.UpperBack, 0.5m) with { Load = LoadClass.Light, Kit = m.Kit.Any(KitList.IsHeld) ? m.Kit : OneHeld(m, "dumbbell"), Around = Added(legs, ("shoulders", "no load"), ("low back", "no load")), Tags = m.Tags with { ArmsOverhead = true } } : null),
        new("suitcase", "suitcase|suitcase hold|offset", m => Carrying(m) is { } legs ? AtLeast(legs, Muscle.Obliques, 0.5m) with { Sides = MoveSides.OneSided, Kit = OneHeld(m, "dumbbell") } : null),
        new("with a rucksack", "rucksack|backpack", m => Loaded(m, "rucksack")),
        new("with a sandbag", "sandbag|with sandbag", m => Loaded(m, "sandbag")),
        new("with a plate", "plate", m => Loaded(m, "plate")),
        new("with a ball", "ball|medicine ball", m => m.Kit.Contains("stability ball") ? null : Loaded(m, "ball")),
        new("on a ball", "stability ball|on stability ball|on ball", OnBall),
        new("in straps", "suspended|suspension|strap|on strap|in strap|on ring|ring", InStraps),
    ];

    /// <summary>What is done besides, or otherwise.</summary>
    private static IEnumerable<Modifier> Changed =>
    [
        new("held", "hold|isometric|iso|static", m => m.Tags.IsHold ? m : IsLegs(m) || m.Pattern is Pattern.TrunkFlexion or Pattern.Push or Pattern.SideBend or Pattern.Brace or Pattern.Isolation ? m with { Pace = PaceClass.Slow, Tags = m.Tags with { IsHold = true } } : null),
        new("one-and-a-half", "one and half|1 and half|1 5|1 1 2", m => m.Tags.IsHold || m.Pattern is Pattern.Stretch or Pattern.Mobility or Pattern.March or Pattern.Locomotion or Pattern.Jump ? null : m with { Pace = PaceClass.Slow }),
        new("explosive", "explosive|plyo|plyometric|power|powerful", m => m.Impact == Impact.High ? m : m.Pattern is Pattern.Push or Pattern.Squat or Pattern.Lunge or Pattern.Hinge && m.Load != LoadClass.Heavy ? m with { Pace = PaceClass.PowerCompound, Tags = m.Tags with { IsExplosive = true, IsSkill = true } } : null),
        new("jumping", "jumping|jump|with jump", m => m.Impact == Impact.High ? m : m.Pattern is Pattern.Squat or Pattern.Lunge && m.Posture == Posture.Standing && m.Kit.All(KitList.IsHeld)
            ? Unloaded(m) with { Impact = Impact.High, Pace = PaceClass.PowerCompound, Tags = m.Tags with { IsExplosive = true }, Around = Added(m with { Around = m.Around.Remove("no kit") }, ("knees", "squat to chair"), ("no jumping", "squat"), ("quiet", "squat")) } : null),
        new("walking", "walking|moving", m => m.Pattern is Pattern.Lunge or Pattern.Carry || m.Pattern == Pattern.Locomotion && m.Impact == Impact.Middle && m.Level == Level.Up ? m with { Sides = m.Pattern == Pattern.Lunge ? MoveSides.Alternating : m.Sides, Impact = m.Impact < Impact.Low ? Impact.Low : m.Impact, Around = Added(m, ("small space", "\"on the spot\"")) } : null),
        new("with rotation", "with rotation|with twist|rotation|twist|twisting|rotating", m => m.Pattern is Pattern.Squat or Pattern.Lunge or Pattern.Push or Pattern.OverheadPush && m.Impact < Impact.Middle || m.Pattern == Pattern.TrunkFlexion || m.Pattern is Pattern.Brace && m.Posture == Posture.Plank || m.Pattern is Pattern.Jump or Pattern.Locomotion && m.Impact > Impact.None ? AtLeast(m, Muscle.Obliques, 0.5m) with { Planes = m.Planes.Contains(Plane.Transverse) ? m.Planes : m.Planes.Add(Plane.Transverse), Around = Added(m, ("low back", Smaller)) } : null),
        new("with knee drive", "with knee drive|knee drive|with knee lift|knee lift|with knee raise|knee raise|to knee drive|with knee|with high knee", m => m.Pattern is Pattern.Lunge && m.Sides != MoveSides.Both || m.Pattern == Pattern.Squat && m.Load == LoadClass.None && m.Sides == MoveSides.Both ? AtLeast(m, Muscle.HipFlexors, 0.5m) with { Around = Added(m, ("balance", Supported)) } : null),
        new("with a kick", "with kick|kick|kicking", m => m.Tags.IsHold || m.Level == Level.Down && m.Pattern != Pattern.HipBridge ? null
            : m.Pattern is Pattern.Lunge or Pattern.HipBridge || m.Pattern == Pattern.Squat && m.Sides == MoveSides.Both && m.Load < LoadClass.Heavy ? AtLeast(m, Muscle.HipFlexors, 0.5m) with { Sides = m.Sides == MoveSides.Both ? MoveSides.Alternating : m.Sides, Around = m.Level == Level.Up ? Added(m, ("balance", Supported)) : m.Around } : null),
        new("with a reach", "with reach|reach|reaching", m => m.IsStretch ? m : m.Pattern is Pattern.Squat or Pattern.Lunge or Pattern.HipBridge or Pattern.TrunkFlexion && m.Load == LoadClass.None && m.Impact < Impact.Middle ? AtLeast(m, Muscle.UpperBack, 0.25m) : null),
        new("sliding", "slider|sliding|on slider", m => m.Kit.Contains("slider") ? m : m.Pattern == Pattern.Brace && m.Posture == Posture.Plank && !m.Tags.IsHold ? m with { Kit = m.Kit.Insert(0, "slider"), Impact = Impact.None, Around = Added(m, ("no kit", Smaller)).Remove("no jumping").Remove("quiet"), Tags = m.Tags with { IsExplosive = false } } : m.Kit.Contains("towel") && m.Pattern == Pattern.HipBridge ? m with { Kit = [.. m.Kit.Select(k => k == "towel" ? "slider" : k)] } : m.Pattern == Pattern.Lunge && m.Kit.All(KitList.IsHeld) ? Unloaded(m) with { Kit = ["slider"], Around = Added(m with { Around = m.Around.Remove("no kit") }, ("no kit", "lunge with knee lift")) } : null),
    ];

    /// <summary>How far it goes, how long the lever is, and where the weight is.</summary>
    private static IEnumerable<Modifier> Ranges =>
    [
        // What would have been done in a smaller range for somebody's sake is done so already.
        new("smaller range", "partial|partial range|half|half range|quarter|mini|small|shallow|short range", m => m.Pattern == Pattern.Mobility ? m : HasRange(m) ? m with { Around = m.Around.RemoveRange(m.Around.Where(a => a.Value == Smaller).Select(a => a.Key)) } : null),
        new("full range", "full|full range|deep", m => HasRange(m) ? m : null),
        new("long-lever", "long lever|long arm", m => m.Pattern switch
        {
            Pattern.Brace when m.Posture == Posture.Plank => AtLeast(m, Muscle.Abs, 0.5m) with { Around = Added(m, ("low back", Smaller)) },
            Pattern.HipBridge => AtLeast(m, Muscle.Hamstrings, 0.5m),
            Pattern.TrunkFlexion when m.Posture == Posture.Lying => m,
            _ => null,
        }),
        new("straight-leg", "straight leg|with straight leg|leg straight", m => m.Pattern switch
        {
            Pattern.HipBridge when m.Posture == Posture.Lying => AtLeast(m, Muscle.Hamstrings, 0.5m),
            Pattern.TrunkFlexion or Pattern.Brace when m.Posture == Posture.Lying => AtLeast(m, Muscle.HipFlexors, 0.5m) with { Around = Added(m, ("low back", Smaller)) },
            _ => null,
        }),
        new("bent-knee", "bent knee|bent leg|knee bent|with bent knee", m => m.Posture == Posture.Lying && m.Pattern is Pattern.TrunkFlexion or Pattern.Brace or Pattern.HipBridge ? m : null),
        new("deficit", "deficit", m => m.Kit.Contains("step") ? null : m.Pattern switch
        {
            Pattern.Push when m.Posture == Posture.Plank => m with { Kit = With(m.Kit, "step"), Around = Added(m, ("shoulders", Smaller), ("no kit", Smaller)) },
            Pattern.Lunge when m.Posture == Posture.Standing && m.Impact < Impact.Middle => AtLeast(m, Muscle.Glutes, 0.5m) with { Kit = With(m.Kit, "step"), Around = Added(m, ("hips", "squat to chair"), ("no kit", Smaller)) },
            Pattern.Hinge when m.Kit.Any(KitList.IsHeld) && m.Pace != PaceClass.PowerCompound => m with { Kit = With(m.Kit, "step"), Around = Added(m, ("low back", Smaller)) },
            _ => null,
        }),
        new("toes out", "toe out|toe turned out", m => m.Pattern == Pattern.Squat && m.Posture == Posture.Standing ? AtLeast(m, Muscle.Adductors, 0.25m) : m.Pattern == Pattern.HipBridge ? AtLeast(m, Muscle.Abductors, 0.25m) : null),
        new("see-saw", "see saw|seesaw", m => m.Pattern is Pattern.Pull or Pattern.OverheadPush or Pattern.Push && m.Kit.Contains("dumbbells") && m.Sides != MoveSides.OneSided ? AtLeast(m, Muscle.Obliques, 0.25m) with { Sides = MoveSides.Alternating } : null),
        new("opposite arm", "contralateral|opposite arm|opposite hand", m => m.Pattern is Pattern.Hinge or Pattern.Lunge && m.Sides == MoveSides.OneSided && m.Kit.All(KitList.IsHeld) && Held(m, "dumbbell") is { } held ? AtLeast(held, Muscle.Obliques, 0.25m) : null),
        new("two weights", "double|pair", m => m.Kit.Contains("dumbbells") || (m.Kit.Contains("kettlebell") && m.Sides != MoveSides.OneSided) ? m : null),
        new("on all fours", "all four|on all four|quadruped", m => m.Posture == Posture.AllFours ? m : null),
        new("prone", "prone|face down", m => m.Posture == Posture.Lying && m.Pattern is Pattern.VerticalPull or Pattern.Pull or Pattern.Hinge or Pattern.HipBridge ? m : null),
        new("side-lying", "side lying", m => m.Posture == Posture.Lying && m.Sides == MoveSides.OneSided && m.Muscles.Any(s => s.Muscle is Muscle.Abductors or Muscle.Adductors or Muscle.Obliques && s.Share == 1) ? m : null),
        new("on the knees", "on knee|from knee", OnKnees),
        new("on a pad", "on pad|on balance pad|on cushion", m => m.Posture == Posture.Standing && m.Impact == Impact.None && m.Pattern is not (Pattern.Stretch or Pattern.Carry) ? AtLeast(AtLeast(m, Muscle.Calves, 0.25m), Muscle.Abductors, 0.25m) with { Kit = With(m.Kit, "pad"), Around = Added(m, ("balance", Supported)) } : null),
        new("on the fists", "on fist|on knuckle|on handle", m => m.Posture == Posture.Plank && m.Tags.Bears == Bearing.Hands ? m with { Around = m.Around.Remove("wrists") } : null),
        new("with a broom", "broom|broomstick|stick|dowel", m => m.Kit.Contains("broom") ? m : m.Sides == MoveSides.OneSided || !m.Kit.Any(k => k is "barbell" or "dumbbells") && !(m.Pattern == Pattern.Hinge && m.Load == LoadClass.None) ? null : Held(m, "broom") is { } light ? light with { Load = LoadClass.Light } : null),
    ];

    /// <summary>Whether it can be done less far than all the way.</summary>
    private static bool HasRange(Move m) => !m.Tags.IsHold && m.Impact < Impact.Middle && !m.Tags.IsExplosive
        && m.Pattern is Pattern.Squat or Pattern.Lunge or Pattern.Hinge or Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull or Pattern.HipBridge or Pattern.TrunkFlexion or Pattern.Isolation or Pattern.CalfRaise;

    /// <summary>A move of the legs that a weight can be carried through: loaded moderately where it was not.</summary>
    private static Move? Carrying(Move m) => m.Pattern is Pattern.Squat or Pattern.Lunge && m.Posture == Posture.Standing && m.Impact < Impact.Middle && m.Pace != PaceClass.PowerCompound && m.Kit.All(k => KitList.IsHeld(k) || k is "step" or "chair")
        ? m with { Load = m.Load == LoadClass.None ? LoadClass.Moderate : m.Load, Around = m.Kit.Contains("step") || m.Kit.Contains("chair") ? m.Around : m.Around.SetItem("no kit", "no load"), Tags = m.Tags with { WorksUnloaded = true } }
        : null;

    /// <summary>The move itself where it is held and works so already: a goblet squat.</summary>
    private static Move Same(Move changed, Move m) => changed.Kit.SequenceEqual(m.Kit) && changed.Muscles.SequenceEqual(m.Muscles) && changed.Load == m.Load ? m : changed;

    private static ImmutableArray<string> OneHeld(Move m, string item) => [item, .. m.Kit.Where(k => !KitList.IsHeld(k))];

    private static ImmutableArray<string> With(ImmutableArray<string> kit, string item) => kit.Contains(item) ? kit : kit.Add(item);

    private static Move Without(Move m, Muscle muscle) => m with { Muscles = [.. m.Muscles.Where(s => s.Muscle != muscle || s.Share == 1)] };

    private static Move AtMost(Move m, Muscle muscle, decimal share) => m with { Muscles = [.. m.Muscles.Select(s => s.Muscle == muscle && s.Share > share ? s with { Share = share } : s)] };

    private static bool IsUpper(Move m) => m.Pattern is Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull or Pattern.Isolation or Pattern.Rotation
        && m.Posture is Posture.Standing or Posture.Kneeling or Posture.Seated && m.Muscles.All(s => s.Share < 1 || !Legs.Contains(s.Muscle));

    private static bool IsLegs(Move m) => m.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Lunge or Pattern.HipBridge or Pattern.CalfRaise;

    private static readonly ImmutableHashSet<Muscle> Legs = [Muscle.Quads, Muscle.Hamstrings, Muscle.Glutes, Muscle.Calves, Muscle.Adductors, Muscle.Abductors, Muscle.HipFlexors];

    private static Move? SingleArm(Move m) => m.Sides == MoveSides.OneSided ? m
        : (m.Pattern is Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull or Pattern.Isolation or Pattern.Carry or Pattern.Hinge || m.Tags.IsCombined && m.Pattern is Pattern.Squat or Pattern.Lunge) && m.Kit.Any(i => KitList.IsHeld(i) || i == "band")
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
        : !IsUpper(m) && !(m.Tags.CanSit && (m.Level == Level.Up || m.IsStretch) && m.Load == LoadClass.None && m.Impact == Impact.None) ? null
        : m with
        {
            Posture = Posture.Seated,
            Kit = m.Kit.Contains("chair") ? m.Kit : m.Kit.Add("chair"),
            Muscles = IsUpper(m) ? [.. m.Muscles.Where(s => !Legs.Contains(s.Muscle))] : m.Muscles,
            Around = m.Around.Remove("balance").Remove("knees").Remove("seated").Remove("no floor"),
        };

    /// <summary>The same with something else in the hands: only where something is held, or legs can carry it.</summary>
    private static Move? Held(Move m, string item) => m.Kit.Contains(item) ? m
        : m.Kit.Any(KitList.IsHeld) ? m with { Kit = [.. m.Kit.Select(i => KitList.IsHeld(i) ? item : i).Distinct()] }
        : IsLegs(m) && m.Load == LoadClass.None && m.Impact < Impact.High || m.Pattern == Pattern.Jump && m.Tags.Bears == Bearing.Hands || IsPunching(m) && m.Load == LoadClass.None ? m with { Kit = m.Kit.Insert(0, item), Load = LoadClass.Moderate, Around = Added(m, ("no kit", "no load")) }
        : null;

    /// <summary>With that in the hands: instead of what is held, at the chest, or carried by the legs.</summary>
    private static Move? Loaded(Move m, string item) => m.Kit.Any(KitList.IsHeld) || !IsTrunk(m) ? Held(m, item) : AtChest(m, item);

    /// <summary>Arms that work fast with nothing in the hands.</summary>
    private static bool IsPunching(Move m) => m.Pattern == Pattern.Locomotion && m.Impact == Impact.None && m.Muscles.Any(s => s.Muscle == Muscle.FrontDelts && s.Share == 1);

    private static bool IsTrunk(Move m) => m.Pattern is Pattern.TrunkFlexion or Pattern.Rotation;

    /// <summary>A weight at the chest of a trunk move that is done without one.</summary>
    private static Move? AtChest(Move m, string item) => m.Kit.Contains(item) ? m
        : IsTrunk(m) && m.Load == LoadClass.None && m.Impact < Impact.Middle && m.Posture != Posture.Plank && !m.Tags.IsHold && m.Kit.All(k => k is "mat" or "chair")
            ? m with { Kit = m.Kit.Insert(0, item), Load = LoadClass.Light, Around = m.Kit.Contains("chair") ? m.Around : Added(m, ("no kit", "no load")), Tags = m.Tags with { WorksUnloaded = true } } : null;

    /// <summary>On the large ball: what is done on a bench or chair, a crunch, a plank, a bridge.</summary>
    private static Move? OnBall(Move m)
    {
        const string Ball = "stability ball";
        return m.Kit.Contains(Ball) ? m
            : m.Impact > Impact.None || m.Kit.Any(k => k is "bar" or "straps" or "step" or "wall" or "barbell" or "band") ? null
            : m.Kit.Any(k => k is "bench" or "chair") ? m with { Kit = [.. m.Kit.Select(k => k is "bench" or "chair" ? Ball : k)], Around = Added(m, ("balance", Supported), ("no kit", Smaller)) }
            : m.Pattern is Pattern.TrunkFlexion or Pattern.HipBridge && m.Posture == Posture.Lying || m.Pattern == Pattern.Brace && m.Posture == Posture.Plank || m.Pattern is Pattern.Push && m.Level == Level.Down ? AtLeast(m, Muscle.Abs, 0.5m) with { Kit = With(m.Kit, Ball), Around = Added(m, ("balance", Supported), ("no kit", Smaller)) }
            : null;
    }

    /// <summary>With a foot always down.</summary>
    private static Move? LowImpact(Move m) => m.Impact < Impact.Middle ? null : m with { Impact = Impact.Low, Around = m.Around.Remove("no jumping").Remove("quiet"), Tags = m.Tags with { IsExplosive = false } };

    /// <summary>The hands on a bench, the body on a slope.</summary>
    private static Move? HandsRaised(Move m) => m.Posture == Posture.Plank && m.Pattern is Pattern.Push or Pattern.Brace or Pattern.Locomotion && m.Tags.Bears == Bearing.Hands && !m.Kit.Contains("step")
        ? m with { Posture = Posture.Standing, Kit = [.. m.Kit.Where(k => k != "mat"), "bench"], Around = Added(m, ("no kit", Smaller)).Remove("no floor") } : null;

    private static Move? OnKnees(Move m) => m.Posture == Posture.Plank && m.Tags.Bears != Bearing.None && m.Impact == Impact.None ? Without(m, Muscle.Quads) with { Around = Added(m, ("knees", Supported)) } : null;

    /// <summary>Hands or feet in straps, the body its own weight.</summary>
    private static Move? InStraps(Move m)
    {
        const string Straps = "straps";
        ImmutableArray<string> hung = [Straps, .. m.Kit.Where(k => k != "mat" && k != "bench" && k != "slider" && k != "bar" && !KitList.IsHeld(k))];
        var around = Added(m, ("no kit", Smaller));
        return m.Impact > Impact.None || m.Kit.Any(k => k is Straps or "chair" or "step" or "stability ball" or "band" or "wall" or "barbell") ? null
            : m.Pattern == Pattern.Pull && m.Posture is Posture.Hinged or Posture.Standing or Posture.Lying || m.Pattern == Pattern.Isolation && m.Posture is Posture.Standing or Posture.Hinged && IsUpper(m with { Posture = Posture.Standing })
                ? Without(m, Muscle.LowerBack) with { Posture = Posture.Standing, Kit = hung, Load = LoadClass.None, Around = around.Remove("low back").Remove("no floor") }
            : m.Pattern == Pattern.Push && m.Posture == Posture.Plank ? AtLeast(m, Muscle.Abs, 0.5m) with { Posture = Posture.Standing, Kit = hung, Around = around.Remove("no floor") }
            : m.Pattern is Pattern.Squat or Pattern.Lunge && m.Posture == Posture.Standing ? m with { Kit = hung, Load = LoadClass.None, Around = around.Remove("balance") }
            : m.Pattern is Pattern.Brace or Pattern.TrunkFlexion && m.Posture == Posture.Plank ? AtLeast(m, Muscle.Abs, 0.5m) with { Kit = [Straps, .. m.Kit.Where(k => k != "slider")], Around = around }
            : null;
    }

    private static Move? Banded(Move m) => m.Kit.Contains("band") ? m
        : m.Pattern is Pattern.Stretch or Pattern.Carry || m.Kit.Contains("stability ball") ? null
        : m with { Kit = [.. m.Kit.Where(i => !KitList.IsHeld(i)), "band"], Load = IsLegs(m) ? LoadClass.Moderate : LoadClass.Light, Around = Added(m, ("no kit", "no load")) };

    /// <summary>A stack of weights does what a band does that is fixed to something.</summary>
    private static Move? AtStack(Move m, string stack) => m.Kit.Contains(stack) ? m
        : m.Pattern is Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull or Pattern.Rotation or Pattern.Isolation or Pattern.CalfRaise && m.Posture is Posture.Standing or Posture.Seated or Posture.Kneeling or Posture.Hinged && m.Impact == Impact.None && Banded(m) is { } banded
            ? banded with { Kit = [.. banded.Kit.Select(i => i == "band" ? stack : i)] } : null;

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
