using System.Collections.Immutable;

namespace JollySet.Core.Moves.Names;

/// <summary>Two moves done as one, rep by rep: “reverse lunge to biceps curl”.</summary>
/// <remarks>What one rep of both costs is a convention of the trade; docs/model.md, “Names”.</remarks>
internal static class Combination
{
    private const string Slower = "slower";

    /// <summary>Whether the two make one rep: neither is a rest, and neither is a way of the other, as in “push-ups to knee push-ups”.</summary>
    public static bool AreOne(Move first, Move then) => !IsRest(first) && !IsRest(then) && !IsWay(first, then);

    /// <summary>Both in one rep: what either works, holds and troubles; a class slower than the slower, as hard on landing as the harder, as heavy as the lighter load.</summary>
    public static Move Of(Move first, Move then)
    {
        // “Squat to forward fold” is a squat; what is stretched on the way is not loaded.
        var (lead, other) = first.IsStretch && !then.IsStretch ? (then, first) : (first, then);
        var held = lead.Kit.Any(KitList.IsHeld);
        var isLower = other.Level > lead.Level;
        return lead with
        {
            Posture = isLower ? other.Posture : lead.Posture,
            Sides = Sides(lead.Sides, other.Sides),
            Pace = ASlower(lead.Pace, other.Pace),
            Load = lead.Load == LoadClass.None ? other.Load : other.Load == LoadClass.None || other.Load > lead.Load ? lead.Load : other.Load,
            Impact = other.Impact > lead.Impact ? other.Impact : lead.Impact,
            Muscles = other.IsStretch == lead.IsStretch ? [.. lead.Muscles.Concat(other.Muscles).GroupBy(m => m.Muscle).Select(g => g.MaxBy(m => m.Share))] : lead.Muscles,
            // One thing is in the hands: what the first of them holds.
            Kit = [.. lead.Kit.Concat(other.Kit.Where(item => !held || !KitList.IsHeld(item))).Distinct()],
            Planes = [.. lead.Planes.Union(other.Planes)],
            Joints = [.. lead.Joints.Union(other.Joints)],
            Cues = [first.Cues[0], then.Cues[0]],
            Easier = first.Name,
            Harder = Slower,
            Around = Around(lead, other),
            Tags = Tags(lead, other),
        };
    }

    private static bool IsWay(Move first, Move then) => (then.Pattern == Pattern.Mobility && then.Level == Level.Down)
        || (first.Pattern == then.Pattern && first.Pattern is Pattern.Squat or Pattern.Push or Pattern.TrunkFlexion or Pattern.HipBridge or Pattern.Brace && first.Muscles.Any(m => m.Share == 1 && then.Muscles.Any(t => t.Muscle == m.Muscle && t.Share == 1)))
        || (NameWords.Of(first.Name), NameWords.Of(then.Name)) is var (ours, theirs) && (ours.TrueForAll(theirs.Contains) || theirs.TrueForAll(ours.Contains));

    private static bool IsRest(Move move) => move.Pattern == Pattern.Mobility && move.Tags.Is(Role.Filler);

    private static MoveSides Sides(MoveSides a, MoveSides b) => a == MoveSides.OneSided || b == MoveSides.OneSided ? MoveSides.OneSided
        : a == MoveSides.Alternating || b == MoveSides.Alternating ? MoveSides.Alternating : MoveSides.Both;

    /// <summary>The classes go from the quickest to the slowest: a class slower than the slower of the two, as a squat to press is.</summary>
    private static PaceClass ASlower(PaceClass a, PaceClass b) => (PaceClass)Math.Min((int)(a > b ? a : b) + 1, (int)PaceClass.Slow);

    /// <summary>A way round what either troubles.</summary>
    private static ImmutableSortedDictionary<string, string> Around(Move lead, Move other)
    {
        var around = lead.Around;
        foreach (var (need, way) in other.Around)
            if (!around.ContainsKey(need))
                around = around.Add(need, way);
        return around;
    }

    private static Tags Tags(Move lead, Move other) => lead.Tags with
    {
        Rung = Math.Min(Math.Max(lead.Tags.Rung, other.Tags.Rung) + 1, 10),
        Staple = 0,
        IsHold = lead.Tags.IsHold && other.Tags.IsHold,
        IsExplosive = lead.Tags.IsExplosive || other.Tags.IsExplosive,
        IsSkill = lead.Tags.IsSkill || other.Tags.IsSkill,
        IsOneLegged = lead.Tags.IsOneLegged || other.Tags.IsOneLegged,
        IsHeadLow = lead.Tags.IsHeadLow || other.Tags.IsHeadLow,
        ArmsOverhead = lead.Tags.ArmsOverhead || other.Tags.ArmsOverhead || other.Pattern == Pattern.OverheadPush,
        Bears = other.Tags.Bears > lead.Tags.Bears ? other.Tags.Bears : lead.Tags.Bears,
        CanSit = lead.Tags.CanSit && other.Tags.CanSit,
        WorksUnloaded = lead.Tags.WorksUnloaded && other.Tags.WorksUnloaded,
        Newcomer = other.Tags.Newcomer < lead.Tags.Newcomer ? other.Tags.Newcomer : lead.Tags.Newcomer,
        IsCombined = true,
        IsBeginning = false,
    };
}
