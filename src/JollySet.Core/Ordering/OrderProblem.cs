using System.Collections.Immutable;

namespace JollySet.Core.Ordering;

/// <summary>Where rounds follow one another: from the last of a run of places back to its first.</summary>
/// <param name="Counts">In hundredths, how much that step counts: a round more each.</param>
public readonly record struct Seam(int First, int Last, int Counts);

/// <summary>Which order of stations costs least: everything a solver needs, in whole numbers.</summary>
/// <remarks>The cost of an order is the sum of its steps (each times what the step counts), of its places, and of the seams where rounds follow one another.</remarks>
public sealed record OrderProblem
{
    /// <summary>A cost that forbids.</summary>
    public const int Never = 100_000_000;

    /// <summary>The most stations that are looked at together.</summary>
    public const int Most = 240;

    /// <summary>How many stations.</summary>
    public int Count => Items.Length;

    /// <summary>The stations as they stand.</summary>
    public required ImmutableArray<OrderItem> Items { get; init; }

    /// <summary>Cost of item j directly after item i, [i, j]; <see cref="Never"/> where a pair is kept together.</summary>
    public required int[,] Step { get; init; }

    /// <summary>Cost of item i in place p, [i, p]; <see cref="Never"/> where it may not stand.</summary>
    public required int[,] Place { get; init; }

    /// <summary>In hundredths, how much the step into place p counts; the first is the step from what comes before and is in <see cref="Place"/>.</summary>
    public required ImmutableArray<int> StepCounts { get; init; }

    /// <summary>One for each block that is done more than once.</summary>
    public required ImmutableArray<Seam> Seams { get; init; }

    /// <summary>What an order costs; <see cref="Never"/> or more where it is not allowed.</summary>
    /// <param name="order">Item by place.</param>
    public long CostOf(IReadOnlyList<int> order)
    {
        long cost = 0;
        for (var p = 0; p < order.Count; p++)
        {
            cost += Place[order[p], p];
            if (p > 0)
                cost += StepCost(order[p - 1], order[p], StepCounts[p]);
        }

        foreach (var seam in Seams)
            cost += StepCost(order[seam.Last], order[seam.First], seam.Counts);
        return cost;
    }

    /// <summary>One step; a kept pair is never parted, whatever the step counts.</summary>
    public int StepCost(int from, int to, int counts) => counts == 0 ? 0 : Step[from, to] >= Never ? Never : (int)Math.Min(Never, (long)Step[from, to] * counts / 100);
}
