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
    private const double NotCore = 4;
    private const double SamePattern = 0.7;
    private readonly ImmutableArray<(Move Move, double Price)> pool;
    private readonly ImmutableArray<Slot> slots;
    private readonly HouseRules rules;
    private readonly Focus focus;
    private readonly double[][] sides;
    private readonly double[][] regions;
    private readonly bool[] covered;
    private readonly bool[] soft;

    private MoveMix(ImmutableArray<(Move Move, double Price)> pool, ImmutableArray<Slot> slots, Focus focus, HouseRules rules)
    {
        (this.pool, this.slots, this.focus, this.rules) = (pool, slots, focus, rules);
        sides = [.. pool.Select(p => SeeSaws.SharesOf(p.Move).SelectMany(s => new[] { (double)s.First, (double)s.Second }).ToArray())];
        regions = [.. pool.Select(p => Enum.GetValues<Region>().Select(r => (double)p.Move.Muscles.Where(m => MuscleLoads.RegionOf(m.Muscle) == r).Sum(m => m.Share)).ToArray())];
        covered = [.. SeeSaws.CoveredBy(focus)];
        soft = [.. SeeSaws.MusclePairs.Select(p => p.IsSoft).Concat(SeeSaws.PatternPairs.Select(_ => false))];
    }

    /// <summary>One place to fill.</summary>
    /// <param name="Seconds">Of work in the whole class.</param>
    /// <param name="School">What it has to be to the place before it; null for nothing.</param>
    /// <param name="Core">Whether it is meant for the middle of the body.</param>
    public readonly record struct Slot(double Seconds, School? School, bool Core);

    /// <summary>A move for each place; null where the pool is too small.</summary>
    public static ImmutableArray<Move>? Choose(ImmutableArray<(Move Move, double Price)> pool, ImmutableArray<Slot> slots, Focus focus, HouseRules rules, int seed)
    {
        if (pool.Length < slots.Length)
            return null;
        var mix = new MoveMix(pool, slots, focus, rules);
        var random = new Random(seed);
        var best = Enumerable.Range(0, Starts).Select(start => mix.Improved(mix.Start(random, start))).MinBy(mix.Badness)!;
        return [.. best.Select(i => pool[i].Move)];
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
                var (was, best) = (chosen[place], chosen[place]);
                for (var i = 0; i < pool.Length; i++)
                {
                    if (Array.IndexOf(chosen, i) >= 0)
                        continue;
                    chosen[place] = i;
                    var badness = Badness(chosen);
                    if (badness < now - 1e-9)
                        (now, best, better) = (badness, i, true);
                    chosen[place] = was;
                }

                chosen[place] = best;
            }
        }

        return chosen;
    }

    private double Badness(int[] chosen)
    {
        var weights = new double[covered.Length * 2];
        var load = new double[3];
        Span<int> patterns = stackalloc int[Enum.GetValues<Pattern>().Length];
        var sum = 0.0;
        for (var place = 0; place < chosen.Length; place++)
        {
            var (move, price) = pool[chosen[place]];
            sum += price;
            for (var s = 0; s < weights.Length; s++)
                weights[s] += sides[chosen[place]][s] * slots[place].Seconds;
            for (var r = 0; r < load.Length; r++)
                load[r] += regions[chosen[place]][r] * slots[place].Seconds;
            sum += SamePattern * patterns[(int)move.Pattern]++;
            if (slots[place].Core && !move.IsCore())
                sum += NotCore;
            if (slots[place].School is { } school && !Schools.Pairs(school, pool[chosen[place - 1]].Move, move))
                sum += NotPaired;
        }

        return sum + Pairs(weights) + Regions(load);
    }

    private double Pairs(double[] weights)
    {
        var (sum, judged) = (0.0, (double)(rules["balance.judged-from"] * rules["balance.set-seconds"]));
        var (level, leaning) = ((double)rules["balance.level"], (double)rules["balance.leaning"]);
        for (var pair = 0; pair < covered.Length; pair++)
        {
            var (heavy, light) = (Math.Max(weights[2 * pair], weights[(2 * pair) + 1]), Math.Min(weights[2 * pair], weights[(2 * pair) + 1]));
            if (!covered[pair] || heavy < judged || heavy <= level * light)
                continue;
            var ratio = light > 0 ? Math.Min(6, heavy / light) : 6;
            sum += (ratio <= leaning ? 1 + ratio : 6 + (2 * ratio)) * (soft[pair] ? 0.6 : 1);
        }

        return sum;
    }

    private double Regions(double[] load)
    {
        var all = load.Sum();
        if (!focus.IsFullBody || all == 0)
            return 0;
        var (least, most) = ((double)rules["balance.region-least"] + 0.01, (double)rules["balance.region-most"] - 0.01);
        return load.Select(l => l / all).Sum(share => share < least ? least - share : share > most ? share - most : 0) * 60;
    }
}
