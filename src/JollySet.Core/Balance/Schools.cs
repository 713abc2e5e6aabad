using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Balance;

/// <summary>What each school of supersets asks of two moves. Practitioners do not agree which is right, so each is known by name.</summary>
public static class Schools
{
    /// <summary>Whether the pair is of that school.</summary>
    public static bool Pairs(School school, Move a, Move b) => school switch
    {
        School.Opposing => Opposing(a, b) || Opposing(b, a),
        School.Same => Prime(a).Intersect(Prime(b)).Any(),
        School.Split => (IsUpper(a) && IsLower(b)) || (IsLower(a) && IsUpper(b)),
        School.Contrast => IsPowerOf(a, b) || IsPowerOf(b, a),
        _ => true,
    };

    /// <summary>What the school means, in a few words.</summary>
    public static string Means(School school) => school switch
    {
        School.Opposing => "muscles that work against each other",
        School.Same => "one muscle, two ways",
        School.Split => "one for the upper body, one for the lower",
        School.Contrast => "a strength move, then a power move of its pattern",
        _ => "any two",
    };

    /// <summary>Whether <paramref name="power"/> is a power move for the strength move's muscles.</summary>
    public static bool IsPowerOf(Move strength, Move power) =>
        !IsPower(strength) && IsPower(power) && Prime(strength).Intersect(Prime(power)).Any();

    private static bool IsPower(Move move) => move.Impact == Impact.High || move.Pace is PaceClass.Swing or PaceClass.PowerCompound;

    /// <summary>Both sides of every pair of muscles, and of patterns, a bit each: pairs are asked for by the hundred thousand when a class is drafted.</summary>
    private static readonly (ulong First, ulong Second)[] MuscleSides = [.. SeeSaws.MusclePairs.Select(p => (Bits(p.FirstMuscles.Select(m => (int)m)), Bits(p.SecondMuscles.Select(m => (int)m))))];

    private static readonly (ulong First, ulong Second)[] PatternSides = [.. SeeSaws.PatternPairs.Select(p => (Bits(p.FirstPatterns.Select(m => (int)m)), Bits(p.SecondPatterns.Select(m => (int)m))))];

    /// <summary>By pattern, or by the muscles that do most; one prime mover in both is one muscle twice, whatever else works.</summary>
    private static bool Opposing(Move a, Move b)
    {
        var (first, second) = (PrimeBits(a), PrimeBits(b));
        if ((first & second) == 0)
            foreach (var pair in MuscleSides)
                if ((first & pair.First) != 0 && (second & pair.Second) != 0)
                    return true;
        foreach (var pair in PatternSides)
            if ((pair.First >> (int)a.Pattern & 1) != 0 && (pair.Second >> (int)b.Pattern & 1) != 0)
                return true;
        return false;
    }

    private static ulong Bits(IEnumerable<int> of) => of.Aggregate(0UL, (bits, at) => bits | 1UL << at);

    private static ulong PrimeBits(Move move)
    {
        var bits = 0UL;
        foreach (var (muscle, share) in move.Muscles)
            if (share == 1)
                bits |= 1UL << (int)muscle;
        return bits;
    }

    private static IEnumerable<Muscle> Prime(Move move) => move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle);

    private static bool IsUpper(Move move) => Prime(move).Any(m => MuscleLoads.RegionOf(m) == Region.Upper) && !IsLower(move);

    private static bool IsLower(Move move) => Prime(move).Any(m => MuscleLoads.RegionOf(m) == Region.Lower);
}
