using JollySet.Core.Ordering;

namespace JollySet.Solving;

/// <summary>The best order of stations: exact up to sixteen, beyond that the best CP-SAT finds in its time.</summary>
/// <param name="exactUpTo">The most stations that are ordered exactly.</param>
public sealed class BestOrder(int exactUpTo = SubsetOrder.Most) : IOrderer
{
    /// <inheritdoc/>
    public OrderAnswer Order(OrderRequest request, CancellationToken stop = default)
    {
        var (problem, why) = OrderProblems.Of(request);
        if (problem is null)
            return OrderAnswer.Nothing(why!);
        if (problem.Count > exactUpTo)
        {
            var (found, least) = CpOrder.Solve(problem, LocalOrder.From(problem), stop);
            return OrderProblems.Answer(request, problem, found, least);
        }

        var exact = SubsetOrder.Solve(problem, stop);
        return exact is null
            ? OrderProblems.Answer(request, problem, [.. Enumerable.Range(0, problem.Count)], 0)
            : OrderProblems.Answer(request, problem, exact, problem.CostOf(exact));
    }
}
