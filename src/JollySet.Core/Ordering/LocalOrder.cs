namespace JollySet.Core.Ordering;

/// <summary>A good order quickly: single stations and stretches are moved elsewhere for as long as that costs less. A start for a solver, and good enough for a draft.</summary>
public static class LocalOrder
{
    private const int LongestStretch = 4;

    /// <summary>Item by place, never costlier than the order as it stands.</summary>
    public static int[] From(OrderProblem problem)
    {
        var order = Enumerable.Range(0, problem.Count).ToArray();
        for (var cost = problem.CostOf(order); ;)
        {
            var better = Neighbours(order).Select(o => (order: o, cost: problem.CostOf(o))).MinBy(o => o.cost);
            if (better.cost >= cost)
                return order;
            (order, cost) = better;
        }
    }

    private static IEnumerable<int[]> Neighbours(int[] order)
    {
        for (var length = 1; length <= LongestStretch; length++)
        {
            for (var from = 0; from + length <= order.Length; from++)
            {
                var stretch = order[from..(from + length)];
                int[] others = [.. order[..from], .. order[(from + length)..]];
                for (var to = 0; to <= others.Length; to++)
                    if (to != from)
                        yield return [.. others[..to], .. stretch, .. others[to..]];
            }
        }

        for (var a = 0; a < order.Length; a++)
        {
            for (var b = a + 1; b < order.Length; b++)
            {
                var swapped = (int[])order.Clone();
                (swapped[a], swapped[b]) = (order[b], order[a]);
                yield return swapped;
            }
        }
    }
}
