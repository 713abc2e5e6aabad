using JollySet.Core.Ordering;

namespace JollySet.Solving;

/// <summary>The best order exactly, by a dynamic programme over sets of stations placed so far, the last of them and, where rounds follow one another, the first of the run it stands in.</summary>
/// <remarks>After Held and Karp 1962, with the seam of each run closed at its last place. Time n³ 2ⁿ, space n² 2ⁿ with seams, n 2ⁿ without.</remarks>
internal sealed class SubsetOrder
{
    /// <summary>The most stations that are ordered so.</summary>
    public const int Most = 16;

    private readonly OrderProblem problem;
    private readonly int n;
    private readonly int firsts;
    private readonly int[] cost;
    private readonly byte[] previous;
    private readonly Seam?[] seamAt;

    private SubsetOrder(OrderProblem problem)
    {
        (this.problem, n) = (problem, problem.Count);
        firsts = problem.Seams.IsEmpty ? 1 : n;
        seamAt = new Seam?[n];
        foreach (var seam in problem.Seams)
            for (var p = seam.First; p <= seam.Last; p++)
                seamAt[p] = seam;
        cost = new int[(1 << n) * n * firsts];
        previous = new byte[cost.Length];
        Array.Fill(cost, OrderProblem.Never);
    }

    /// <summary>Item by place; null where none is allowed or the search was stopped.</summary>
    public static int[]? Solve(OrderProblem problem, CancellationToken stop) => new SubsetOrder(problem).Run(stop);

    private int[]? Run(CancellationToken stop)
    {
        for (var i = 0; i < n; i++)
            if (problem.Place[i, 0] < OrderProblem.Never)
                cost[At(1 << i, i, FirstAfter(0, i, 0))] = Closed(problem.Place[i, 0], 0, i, FirstAfter(0, i, 0));
        for (var set = 1; set < (1 << n) - 1; set++)
        {
            if ((set & 0xFF) == 0 && stop.IsCancellationRequested)
                return null;
            var place = int.PopCount(set);
            for (var last = 0; last < n; last++)
                if ((set & (1 << last)) != 0)
                    for (var first = 0; first < firsts; first++)
                        if (cost[At(set, last, first)] is var here && here < OrderProblem.Never)
                            Extend(set, last, first, here, place);
        }

        return Back();
    }

    private void Extend(int set, int last, int first, int here, int place)
    {
        var counts = problem.StepCounts[place];
        for (var next = 0; next < n; next++)
        {
            if ((set & (1 << next)) != 0)
                continue;
            var begun = FirstAfter(place, next, first);
            var there = Closed((long)here + problem.Place[next, place] + problem.StepCost(last, next, counts), place, next, begun);
            var at = At(set | (1 << next), next, begun);
            if (there >= cost[at])
                continue;
            cost[at] = there;
            previous[at] = (byte)((last * firsts) + first is var code && code < 256 ? code : throw new InvalidOperationException("Too many stations."));
        }
    }

    /// <summary>The first of the run that a place stands in; 0 where no round follows.</summary>
    private int FirstAfter(int place, int item, int before) => firsts == 1 || seamAt[place] is not { } seam ? 0 : seam.First == place ? item : before;

    /// <summary>With the step back to the first of the run, where the run ends here.</summary>
    private int Closed(long sum, int place, int item, int first) =>
        (int)Math.Min(OrderProblem.Never, sum + (seamAt[place] is { } seam && seam.Last == place ? problem.StepCost(item, first, seam.Counts) : 0));

    private int[]? Back()
    {
        var set = (1 << n) - 1;
        var (last, first) = (-1, 0);
        for (var i = 0; i < n; i++)
            for (var f = 0; f < firsts; f++)
                if (last < 0 || cost[At(set, i, f)] < cost[At(set, last, first)])
                    (last, first) = (i, f);
        if (cost[At(set, last, first)] >= OrderProblem.Never)
            return null;
        var order = new int[n];
        for (var p = n - 1; p >= 0; p--)
        {
            order[p] = last;
            var code = previous[At(set, last, first)];
            set &= ~(1 << last);
            (last, first) = (code / firsts, code % firsts);
        }

        return order;
    }

    private int At(int set, int last, int first) => (((set * n) + last) * firsts) + first;
}
