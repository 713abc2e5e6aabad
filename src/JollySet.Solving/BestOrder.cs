using JollySet.Core.Ordering;

namespace JollySet.Solving;

/// <summary>The best order of stations: exact up to sixteen; beyond, the best that a solver finds in its time while its model is small, and what trying neighbours finds for more. The answer says which.</summary>
/// <param name="exactUpTo">The most stations that are ordered exactly.</param>
public sealed class BestOrder(int exactUpTo = SubsetOrder.Most) : IOrderer
{
    /// <summary>A solver's model grows with the cube of the stations; of this many it stays under a hundred megabytes.</summary>
    private const int MostForSolver = 36;

    /// <inheritdoc/>
    public OrderAnswer Order(OrderRequest request, IProgress<string>? told = null, CancellationToken stop = default)
    {
        var (problem, why) = OrderProblems.Of(request);
        if (problem is null)
            return OrderAnswer.Nothing(why!);
        if (problem.Count <= exactUpTo)
        {
            told?.Report($"Every order of {problem.Count} stations is weighed.");
            if (SubsetOrder.Solve(problem, stop) is { } exact)
                return OrderProblems.Answer(request, problem, exact, problem.CostOf(exact), OrderProof.Exact);
            return OrderProblems.Answer(request, problem, LocalOrder.From(problem, stop), 0, OrderProof.Tried);
        }

        told?.Report($"Neighbours of {problem.Count} stations are tried.");
        var tried = LocalOrder.From(problem, stop);
        if (problem.Count > MostForSolver || stop.IsCancellationRequested)
            return OrderProblems.Answer(request, problem, tried, 0, OrderProof.Tried);
        told?.Report("A solver looks for better, for eight seconds.");
        // The solver's circuit closes one seam over all stations; of several it leaves the seams out, which can only make its bound lower.
        var isWhole = problem.Seams is [] || (problem.Seams is [var only] && only.First == 0 && only.Last == problem.Count - 1);
        var (found, least) = CpOrder.Solve(isWhole ? problem : problem with { Seams = [] }, tried, stop);
        var best = problem.CostOf(found) < problem.CostOf(tried) ? found : tried;
        return OrderProblems.Answer(request, problem, best, least, OrderProof.Bounded);
    }
}
