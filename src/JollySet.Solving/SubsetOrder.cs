using JollySet.Core.Ordering;

namespace JollySet.Solving;

/// <summary>The best order exactly, by a dynamic programme over sets of stations placed so far and the last of them.</summary>
/// <remarks>Held and Karp 1962; where rounds follow one another the seam is closed for each first station in turn. Time n³ 2ⁿ, space n 2ⁿ.</remarks>
internal static class SubsetOrder
{
    /// <summary>The most stations that are ordered so.</summary>
    public const int Most = 16;

    /// <summary>Item by place; null where none is allowed or the search was stopped.</summary>
    public static int[]? Solve(OrderProblem problem, CancellationToken stop)
    {
        var n = problem.Count;
        var (best, bestCost) = ((int[]?)null, (long)OrderProblem.Never);
        // With no seam one pass serves all first stations at once.
        foreach (var first in problem.SeamCounts == 0 ? [-1] : Enumerable.Range(0, n))
        {
            if (stop.IsCancellationRequested)
                return null;
            if (From(problem, first) is not { } order || problem.CostOf(order) is var cost && cost >= bestCost)
                continue;
            (best, bestCost) = (order, cost);
        }

        return best;
    }

    private static int[]? From(OrderProblem problem, int first)
    {
        var n = problem.Count;
        var full = (1 << n) - 1;
        var cost = new int[(full + 1) * n];
        var previous = new sbyte[(full + 1) * n];
        Array.Fill(cost, OrderProblem.Never);
        for (var i = 0; i < n; i++)
            if (first < 0 || i == first)
                cost[((1 << i) * n) + i] = problem.Place[i, 0];
        for (var set = 1; set < full; set++)
        {
            var place = int.PopCount(set);
            var counts = problem.StepCounts[place];
            for (var last = 0; last < n; last++)
            {
                var here = cost[(set * n) + last];
                if (here >= OrderProblem.Never)
                    continue;
                for (var next = 0; next < n; next++)
                {
                    if ((set & (1 << next)) != 0)
                        continue;
                    var there = (long)here + problem.Place[next, place] + problem.StepCost(last, next, counts);
                    var at = ((set | (1 << next)) * n) + next;
                    if (there >= cost[at])
                        continue;
                    cost[at] = (int)there;
                    previous[at] = (sbyte)last;
                }
            }
        }

        return Back(problem, first, cost, previous);
    }

    private static int[]? Back(OrderProblem problem, int first, int[] cost, sbyte[] previous)
    {
        var n = problem.Count;
        var set = (1 << n) - 1;
        var last = Enumerable.Range(0, n).MinBy(i => cost[(set * n) + i] + (long)(first < 0 ? 0 : problem.StepCost(i, first, problem.SeamCounts)));
        if (cost[(set * n) + last] >= OrderProblem.Never)
            return null;
        var order = new int[n];
        for (var p = n - 1; p >= 0; p--)
        {
            order[p] = last;
            var before = previous[(set * n) + last];
            set &= ~(1 << last);
            last = before;
        }

        return order;
    }
}
