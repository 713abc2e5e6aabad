using Google.OrTools.Sat;
using JollySet.Core.Ordering;

namespace JollySet.Solving;

/// <summary>A good order by CP-SAT for a set time, with the bound it proves: for more stations than can be ordered exactly.</summary>
/// <remarks>A circuit through the stations (through a depot besides where rounds do not follow one another) carries the steps; the places are assigned and follow the circuit.</remarks>
internal sealed class CpOrder
{
    private const int Seconds = 8;
    private readonly OrderProblem problem;
    private readonly int n;
    private readonly CpModel model = new();
    private readonly BoolVar[,] at;
    private readonly BoolVar?[,] step;
    private readonly List<LinearExpr> terms = [];
    private readonly List<long> costs = [];

    private CpOrder(OrderProblem problem)
    {
        (this.problem, n) = (problem, problem.Count);
        (at, step) = (new BoolVar[n, n], new BoolVar?[n, n]);
    }

    /// <summary>Item by place and what no order can go below; the order as it stands where nothing better was found.</summary>
    public static (int[] Order, long Least) Solve(OrderProblem problem, int[] hint, CancellationToken stop)
    {
        var search = new CpOrder(problem);
        search.Places(hint);
        search.Circuit();
        search.LighterSteps();
        return search.Run(hint, stop);
    }

    private void Places(int[] hint)
    {
        for (var i = 0; i < n; i++)
        {
            for (var p = 0; p < n; p++)
            {
                at[i, p] = model.NewBoolVar($"at{i}_{p}");
                model.AddHint(at[i, p], hint[p] == i ? 1 : 0);
                if (problem.Place[i, p] >= OrderProblem.Never)
                    model.Add(at[i, p] == 0);
                else
                    Cost(at[i, p], problem.Place[i, p]);
            }
        }

        for (var i = 0; i < n; i++)
        {
            model.AddExactlyOne(Enumerable.Range(0, n).Select(p => at[i, p]));
            model.AddExactlyOne(Enumerable.Range(0, n).Select(p => at[p, i]));
        }
    }

    /// <summary>The steps, each at what the most counted one costs.</summary>
    private void Circuit()
    {
        var circuit = model.AddCircuit();
        for (var i = 0; i < n; i++)
        {
            if (!Closed)
            {
                circuit.AddArc(n, i, at[i, 0]);
                circuit.AddArc(i, n, at[i, n - 1]);
            }

            for (var j = 0; j < n; j++)
            {
                if (i == j || problem.Step[i, j] >= OrderProblem.Never)
                    continue;
                var taken = step[i, j] = model.NewBoolVar($"s{i}_{j}");
                circuit.AddArc(i, j, taken);
                Cost(taken, problem.StepCost(i, j, MostCounts));
                for (var p = 0; p < (Closed ? n : n - 1); p++)
                    model.AddBoolOr([taken.Not(), at[i, p].Not(), at[j, (p + 1) % n]]);
            }
        }
    }

    /// <summary>A step that counts less than the most, by its place, gives back the difference.</summary>
    private void LighterSteps()
    {
        for (var p = 1; p < n; p++)
            GiveBack(p - 1, p, MostCounts - problem.StepCounts[p]);
        if (Closed)
            GiveBack(n - 1, 0, MostCounts - SeamCounts);
    }

    private void GiveBack(int from, int to, int counts)
    {
        if (counts <= 0)
            return;
        for (var i = 0; i < n; i++)
        {
            for (var j = 0; j < n; j++)
            {
                if (step[i, j] is null || problem.StepCost(i, j, counts) == 0)
                    continue;
                var lighter = model.NewBoolVar($"l{from}_{i}_{j}");
                model.AddImplication(lighter, at[i, from]);
                model.AddImplication(lighter, at[j, to]);
                Cost(lighter, problem.StepCost(i, j, MostCounts - counts) - problem.StepCost(i, j, MostCounts));
            }
        }
    }

    private (int[] Order, long Least) Run(int[] hint, CancellationToken stop)
    {
        model.Minimize(LinearExpr.WeightedSum(terms, costs));
        var solver = new CpSolver { StringParameters = $"num_workers:2,max_time_in_seconds:{Seconds}" };
        using var stopped = stop.Register(solver.StopSearch);
        var status = solver.Solve(model);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            return (hint, 0);
        var order = Enumerable.Range(0, n).Select(p => Enumerable.Range(0, n).First(i => solver.BooleanValue(at[i, p]))).ToArray();
        return (order, (long)Math.Ceiling(solver.BestObjectiveBound - 1e-6));
    }

    private int SeamCounts => problem.Seams.IsEmpty ? 0 : problem.Seams[0].Counts;

    private bool Closed => SeamCounts > 0;

    private int MostCounts => Math.Max(SeamCounts, problem.StepCounts.Skip(1).Max());

    private void Cost(BoolVar variable, long cost)
    {
        if (cost == 0)
            return;
        terms.Add(variable);
        costs.Add(cost);
    }
}
