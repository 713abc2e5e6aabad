namespace JollySet.Core.Ordering;

/// <summary>A good order quickly: stations are swapped and stretches moved elsewhere for as long as that costs less. A start for a solver, good enough for a draft, and all there is for very many stations.</summary>
public static class LocalOrder
{
    private const int LongestStretch = 4;

    /// <summary>Steps of work that one search may take, so that it ends after the same work on every machine.</summary>
    private const long Budget = 400_000_000;

    /// <summary>Item by place, never costlier than the order as it stands.</summary>
    /// <param name="stop">Ends it early with the best so far.</param>
    public static int[] From(OrderProblem problem, CancellationToken stop = default)
    {
        var order = Enumerable.Range(0, problem.Count).ToArray();
        var cost = problem.CostOf(order);
        var left = Budget;
        for (var better = true; better && left > 0 && !stop.IsCancellationRequested;)
            better = Swapped(problem, order, ref cost, ref left, stop) || Moved(problem, order, ref cost, ref left, stop);
        return order;
    }

    /// <summary>Every swap that costs less is made, until none does.</summary>
    private static bool Swapped(OrderProblem problem, int[] order, ref long cost, ref long left, CancellationToken stop)
    {
        var any = false;
        for (var found = true; found && left > 0 && !stop.IsCancellationRequested;)
        {
            found = false;
            for (var a = 0; a < order.Length; a++)
            {
                for (var b = a + 1; b < order.Length; b++)
                {
                    (order[a], order[b]) = (order[b], order[a]);
                    left -= order.Length;
                    if (problem.CostOf(order) is var now && now < cost)
                        (cost, found, any) = (now, true, true);
                    else
                        (order[a], order[b]) = (order[b], order[a]);
                }

                if (left <= 0 || stop.IsCancellationRequested)
                    return any;
            }
        }

        return any;
    }

    /// <summary>The best of all stretches put elsewhere.</summary>
    private static bool Moved(OrderProblem problem, int[] order, ref long cost, ref long left, CancellationToken stop)
    {
        var (best, bestCost, tried) = ((int[]?)null, cost, new int[order.Length]);
        for (var length = 1; length <= Math.Min(LongestStretch, order.Length - 1); length++)
        {
            for (var from = 0; from + length <= order.Length; from++)
            {
                for (var to = 0; to + length <= order.Length; to++)
                {
                    if (to == from)
                        continue;
                    Put(order, from, length, to, tried);
                    left -= order.Length;
                    if (problem.CostOf(tried) is var now && now < bestCost)
                        (best, bestCost) = ((int[])tried.Clone(), now);
                }

                if (left <= 0 || stop.IsCancellationRequested)
                    break;
            }
        }

        if (best is null)
            return false;
        best.CopyTo(order, 0);
        cost = bestCost;
        return true;
    }

    /// <summary>The order with a stretch begun at another place.</summary>
    private static void Put(int[] order, int from, int length, int to, int[] into)
    {
        if (to < from)
        {
            Array.Copy(order, 0, into, 0, to);
            Array.Copy(order, from, into, to, length);
            Array.Copy(order, to, into, to + length, from - to);
            Array.Copy(order, from + length, into, from + length, order.Length - from - length);
        }
        else
        {
            Array.Copy(order, 0, into, 0, from);
            Array.Copy(order, from + length, into, from, to - from);
            Array.Copy(order, from, into, to, length);
            Array.Copy(order, to + length, into, to + length, order.Length - to - length);
        }
    }
}
