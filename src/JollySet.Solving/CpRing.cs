using Google.OrTools.Sat;
using JollySet.Core.Carousels;
using JollySet.Core.Ordering;

namespace JollySet.Solving;

/// <summary>The closed ring that costs least, by CP-SAT: a circuit through all stations, each step at its cost.</summary>
public sealed class CpRing : IRing
{
    private const double Seconds = 2.5;

    /// <inheritdoc/>
    public (int[] Order, bool Proven) Close(OrderProblem problem, CancellationToken stop = default)
    {
        var (n, model) = (problem.Count, new CpModel());
        if (n < 3)
            return ([.. Enumerable.Range(0, n)], true);
        var step = new BoolVar?[n, n];
        var (terms, costs) = (new List<LinearExpr>(), new List<long>());
        var circuit = model.AddCircuit();
        for (var i = 0; i < n; i++)
            for (var j = 0; j < n; j++)
            {
                if (i == j)
                    continue;
                var taken = step[i, j] = model.NewBoolVar($"s{i}_{j}");
                circuit.AddArc(i, j, taken);
                model.AddHint(taken, j == (i + 1) % n ? 1 : 0);
                terms.Add(taken);
                costs.Add(problem.Step[i, j]);
            }

        model.Minimize(LinearExpr.WeightedSum(terms, costs));
        var solver = new CpSolver { StringParameters = FormattableString.Invariant($"num_workers:2,max_time_in_seconds:{Seconds},random_seed:1") };
        using var stopped = stop.Register(solver.StopSearch);
        var status = solver.Solve(model);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? (Followed(step, solver, n), status == CpSolverStatus.Optimal) : ([.. Enumerable.Range(0, n)], false);
    }

    /// <summary>From the first station round, so that the ring begins where the block does.</summary>
    private static int[] Followed(BoolVar?[,] step, CpSolver solver, int n)
    {
        var (order, at) = (new int[n], 0);
        for (var p = 0; p < n; p++)
        {
            order[p] = at;
            at = Enumerable.Range(0, n).First(j => step[at, j] is { } taken && solver.BooleanValue(taken));
        }

        return order;
    }
}
