using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>Chooses moves for the places of a main part so that together they are in balance: places are filled anew, one at a time, for as long as that makes the whole better.</summary>
internal sealed class MoveMix
{
    private const int Starts = 4;
    private const double NotPaired = 3;
    private const double SamePattern = 0.7;
    private const double SameKind = 0.8;
    private const double UpAndDown = 1.2;
    private const double OtherKit = 0.5;
    private const double OffRegion = 60;
    private const double OtherSides = 80;
    private readonly ImmutableArray<(Move Move, double Price)> pool;
    private readonly ImmutableArray<Slot> slots;
    private readonly double judged;
    private readonly double level;
    private readonly double leaning;
    private readonly (double Least, double Most) core;
    private readonly (double Least, double Most) other;
    private readonly Focus focus;
    private readonly double[][] sides;
    private readonly double[][] regions;
    private readonly int[] stems;
    private readonly int[] kits;
    private readonly Dictionary<School, byte[]> known = [];
    private readonly bool[] covered;
    private readonly bool[] soft;
    private readonly ImmutableArray<Want> wants;
    private readonly bool[][] meets;

    private MoveMix(ImmutableArray<(Move Move, double Price)> candidates, ImmutableArray<Slot> slots, Focus focus, HouseRules rules, ImmutableArray<Want> wants)
    {
        // Prices count from the cheapest, so that no part of the whole is below nothing.
        var cheapest = candidates.Min(c => c.Price);
        pool = [.. candidates.Select(c => (c.Move, c.Price - cheapest))];
        (this.slots, this.focus, this.wants) = (slots, focus, wants);
        (judged, level, leaning) = ((double)(rules.BalanceJudgedFrom * rules.BalanceSetSeconds), (double)rules.BalanceLevel, (double)rules.BalanceLeaning);
        (core, other) = (((double)rules.BalanceCoreLeast, (double)rules.BalanceCoreMost), ((double)rules.BalanceRegionLeast, (double)rules.BalanceRegionMost));
        meets = [.. wants.Select(w => pool.Select(p => w.Is(p.Move)).ToArray())];
        sides = [.. pool.Select(p => SeeSaws.SharesOf(p.Move).SelectMany(s => new[] { (double)s.First, (double)s.Second }).ToArray())];
        regions = [.. pool.Select(p => Enum.GetValues<Region>().Select(r => (double)p.Move.Muscles.Where(m => MuscleLoads.RegionOf(m.Muscle) == r).Sum(m => m.Share)).ToArray())];
        var kinds = pool.Select(p => StemOf(p.Move.Name)).ToList();
        stems = [.. kinds.Select(k => kinds.IndexOf(k))];
        var things = pool.Select(p => string.Join('|', p.Move.Kit)).ToList();
        kits = [.. things.Select(k => things.IndexOf(k))];
        covered = [.. SeeSaws.CoveredBy(focus)];
        soft = [.. SeeSaws.MusclePairs.Select(p => p.IsSoft).Concat(SeeSaws.PatternPairs.Select(_ => false))];
    }

    /// <summary>One place to fill.</summary>
    /// <param name="Seconds">Of work in the whole class.</param>
    /// <param name="School">What it has to be to the place before it; null for nothing.</param>
    /// <param name="OneSided">Whether it is a place for one side at a time; null where either will do.</param>
    public readonly record struct Slot(double Seconds, School? School, bool? OneSided = null);

    /// <summary>A move for each place; null where the pool is too small.</summary>
    public static ImmutableArray<Move>? Choose(ImmutableArray<(Move Move, double Price)> pool, ImmutableArray<Slot> slots, Focus focus, HouseRules rules, ImmutableArray<Want> wants, int seed)
    {
        if (pool.Length < slots.Length)
            return null;
        var mix = new MoveMix(pool, slots, focus, rules, wants);
        var random = new Random(seed);
        var best = Enumerable.Range(0, Starts).Select(start => mix.Improved(mix.Start(random, start))).MinBy(mix.Badness)!;
        return [.. best.Select(i => pool[i].Move)];
    }

    /// <summary>How far from good a choice of moves is, and the least that changing one of them would leave: a finished choice is never above it.</summary>
    public static (double Now, double LeastOfOneChange) Judged(ImmutableArray<(Move Move, double Price)> pool, ImmutableArray<Slot> slots, Focus focus, HouseRules rules, ImmutableArray<Want> wants, ImmutableArray<Move> chosen)
    {
        var mix = new MoveMix(pool, slots, focus, rules, wants);
        int[] places = [.. chosen.Select(m => pool.IndexOf(pool.First(p => p.Move == m)))];
        var (now, least) = (mix.Badness(places), double.MaxValue);
        for (var place = 0; place < places.Length; place++)
            for (var i = 0; i < pool.Length; i++)
                if (!places.Contains(i))
                    least = Math.Min(least, mix.Badness([.. places[..place], i, .. places[(place + 1)..]]));
        return (now, least);
    }

    /// <summary>The cheapest first, then some by chance.</summary>
    private int[] Start(Random random, int start)
    {
        var order = Enumerable.Range(0, pool.Length).ToArray();
        if (start > 0)
            random.Shuffle(order);
        return order[..slots.Length];
    }

    private int[] Improved(int[] chosen)
    {
        for (var (now, better) = (Badness(chosen), true); better;)
        {
            better = false;
            for (var place = 0; place < chosen.Length; place++)
            {
                var others = Without(chosen, place);
                var (was, best) = (chosen[place], chosen[place]);
                for (var i = 0; i < pool.Length; i++)
                {
                    if (Array.IndexOf(chosen, i) >= 0 || pool[i].Price >= now)
                        continue;
                    chosen[place] = i;
                    var badness = With(others, chosen, place, now);
                    if (badness < now - 1e-9)
                        (now, best, better) = (badness, i, true);
                    chosen[place] = was;
                }

                chosen[place] = best;
            }
        }

        return chosen;
    }

    private double Badness(int[] chosen) => With(Without(chosen, 0), chosen, 0);

    /// <summary>What all places but one weigh together.</summary>
    private (double[] Weights, double[] Load, int[] Patterns, int[] Met, double Sum) Without(int[] chosen, int left)
    {
        var (weights, load, patterns, met, sum) = (new double[covered.Length * 2], new double[3], new int[Enum.GetValues<Pattern>().Length], new int[wants.Length], 0.0);
        for (var place = 0; place < chosen.Length; place++)
        {
            if (place == left)
                continue;
            Weigh(chosen[place], slots[place].Seconds, weights, load);
            var (move, price) = pool[chosen[place]];
            sum += price + Sided(move, place) + (SamePattern * patterns[(int)move.Pattern]++);
            for (var w = 0; w < met.Length; w++)
                met[w] += meets[w][chosen[place]] ? 1 : 0;
            for (var other = place + 1; other < chosen.Length; other++)
                if (other != left && stems[chosen[other]] == stems[chosen[place]])
                    sum += SameKind;
            if (place != left + 1)
                sum += Paired(chosen, place);
        }

        return (weights, load, patterns, met, sum);
    }

    /// <summary>How far from good the whole is with the move chosen for that place.</summary>
    /// <param name="enough">What is no better than this is not reckoned to its end: no part of the whole is below nothing.</param>
    private double With((double[] Weights, double[] Load, int[] Patterns, int[] Met, double Sum) others, int[] chosen, int place, double enough = double.MaxValue)
    {
        var (move, price) = pool[chosen[place]];
        var sum = others.Sum + price + Sided(move, place) + (SamePattern * others.Patterns[(int)move.Pattern]) + Missing(others.Met, chosen[place]);
        if (sum >= enough)
            return sum;
        sum += Again(chosen, place) + Paired(chosen, place);
        if (place + 1 < chosen.Length)
            sum += Paired(chosen, place + 1);
        if (sum >= enough)
            return sum;
        Span<double> weights = stackalloc double[others.Weights.Length];
        Span<double> load = stackalloc double[3];
        others.Weights.CopyTo(weights);
        others.Load.CopyTo(load);
        Weigh(chosen[place], slots[place].Seconds, weights, load);
        return sum + Pairs(weights) + Regions(load);
    }

    private double Sided(Move move, int place) => slots[place].OneSided is { } one && one != (move.Sides == MoveSides.OneSided) ? OtherSides : 0;

    private void Weigh(int candidate, double seconds, Span<double> weights, Span<double> load)
    {
        for (var s = 0; s < weights.Length; s++)
            weights[s] += sides[candidate][s] * seconds;
        for (var r = 0; r < load.Length; r++)
            load[r] += regions[candidate][r] * seconds;
    }

    /// <summary>What a move is a kind of: a squat, a row, a side plank.</summary>
    private static string StemOf(string name) => name.StartsWith("side plank", StringComparison.Ordinal) ? "side plank" : name.Split(' ')[^1];

    /// <summary>The same kind of move elsewhere in the class is a little dull.</summary>
    private double Again(int[] chosen, int place)
    {
        var again = 0;
        for (var other = 0; other < chosen.Length; other++)
            if (other != place && stems[chosen[other]] == stems[chosen[place]])
                again++;
        return SameKind * again;
    }

    /// <summary>What the class should hold and does not.</summary>
    private double Missing(int[] met, int candidate)
    {
        var sum = 0.0;
        for (var w = 0; w < met.Length; w++)
            sum += wants[w].Weight * Math.Max(0, wants[w].Least - met[w] - (meets[w][candidate] ? 1 : 0));
        return sum;
    }

    /// <summary>A pair that is not of its school, or back to back on one muscle, or that goes to the floor and back or changes kit each time.</summary>
    private double Paired(int[] chosen, int place)
    {
        if (slots[place].School is not { } school)
            return 0;
        var (before, move) = (pool[chosen[place - 1]].Move, pool[chosen[place]].Move);
        return (Suit(school, chosen[place - 1], chosen[place]) ? 0 : NotPaired) + (before.Level == move.Level ? 0 : UpAndDown) + (kits[chosen[place - 1]] == kits[chosen[place]] ? 0 : OtherKit);
    }

    /// <summary>Whether two moves are a pair of the school, or apart where any will do; asked once for each two.</summary>
    private bool Suit(School school, int before, int move)
    {
        if (!known.TryGetValue(school, out var told))
            known[school] = told = new byte[pool.Length * pool.Length];
        ref var said = ref told[(before * pool.Length) + move];
        if (said == 0)
            said = (school == School.Any ? !Schools.Pairs(School.Same, pool[before].Move, pool[move].Move) : Schools.Pairs(school, pool[before].Move, pool[move].Move)) ? (byte)1 : (byte)2;
        return said == 1;
    }

    private double Pairs(ReadOnlySpan<double> weights)
    {
        var sum = 0.0;
        for (var pair = 0; pair < covered.Length; pair++)
        {
            var (heavy, light) = (Math.Max(weights[2 * pair], weights[(2 * pair) + 1]), Math.Min(weights[2 * pair], weights[(2 * pair) + 1]));
            if (!covered[pair] || heavy < judged || heavy <= level * light)
                continue;
            var ratio = light > 0 ? Math.Min(6, heavy / light) : 6;
            sum += (ratio <= leaning ? 1 + ratio : 6 + (2 * ratio)) * (soft[pair] ? 0.2 : 3);
        }

        return sum;
    }

    private double Regions(ReadOnlySpan<double> load)
    {
        var all = load[0] + load[1] + load[2];
        if (!focus.IsFullBody || all == 0)
            return 0;
        var off = 0.0;
        for (var region = 0; region < load.Length; region++)
        {
            var (least, most) = region == (int)Region.Core ? core : other;
            off += Math.Max(0, Math.Max(least + 0.01 - (load[region] / all), (load[region] / all) - (most - 0.01)));
        }

        return off * OffRegion;
    }
}
