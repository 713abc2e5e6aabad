using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Ordering;

/// <summary>Turns a request into numbers, and an order back into words and an edit.</summary>
public static class OrderProblems
{
    /// <summary>A break between blocks counts for less than one between stations.</summary>
    private const int AcrossBlocks = 30;

    /// <summary>The problem, or a sentence why there is none.</summary>
    public static (OrderProblem? Problem, string? Why) Of(OrderRequest request)
    {
        var plan = request.Plan;
        var facts = new Facts(plan, request.Studio);
        if (request.Block is { } name && plan.Find(name) is not { IsMain: true, Stations.IsEmpty: false })
            return (null, plan.Find(name) is null ? $"There is no block “{name}”." : $"“{name}” has no stations of the main part.");
        var blocks = plan.Blocks.Select((block, index) => (block, index)).Where(b => b.block.IsMain && !b.block.Stations.IsEmpty && (request.Block is null || b.block.Name == request.Block)).ToList();
        var items = blocks.SelectMany(b => b.block.Stations.Select((line, at) => new OrderItem(b.index, at + 1, line, facts.Of(line, 1)))).ToImmutableArray();
        return items.Length < 2 ? (null, "There is only one station; nothing to put in order.")
            : items.Length > OrderProblem.Most ? (null, $"{items.Length} stations are too many to put in order together; {OrderProblem.Most} is the most. Choose one block after the other.")
            : (Built(request, blocks, items, facts), null);
    }

    /// <summary>The answer for an order of the problem's items.</summary>
    /// <param name="least">What no order can go below.</param>
    /// <param name="how">How it was found.</param>
    public static OrderAnswer Answer(OrderRequest request, OrderProblem problem, IReadOnlyList<int> order, long least, OrderProof how)
    {
        var asItStands = Enumerable.Range(0, problem.Count).ToList();
        var (before, after) = (problem.CostOf(asItStands), problem.CostOf(order));
        if (after >= before)
            (order, after) = (asItStands, before);
        var measures = OrderMeasures.Steps.Select(m => new OrderMeasure(m.Name, Steps(problem, asItStands, m.Cost), Steps(problem, order, m.Cost)))
            .Concat(OrderMeasures.Places.Select(m => new OrderMeasure(m.Name, Places(problem, asItStands, m.Cost), Places(problem, order, m.Cost))));
        var same = order.SequenceEqual(asItStands);
        return new OrderAnswer(null, [.. order.Select(i => problem.Items[i])], same ? null : PutInOrder.Of(request.Plan, problem.Items, order), [.. measures], before, after, Math.Min(least, after), how);
    }

    private static OrderProblem Built(OrderRequest request, List<(Block Block, int Index)> blocks, ImmutableArray<OrderItem> items, Facts facts)
    {
        var n = items.Length;
        var (step, place) = (new int[n, n], new int[n, n]);
        // Straight sets do each station's rounds before the next; everything else comes round as often as it is taught, sides and repeats of the block included.
        var times = blocks.ToDictionary(b => b.Index, b => b.Block.Format is StraightFormat ? 1 : Times(request.Plan, b.Block));
        var counts = Enumerable.Range(0, n).Select(p => p > 0 && items[p].Block == items[p - 1].Block ? 100 * times[items[p].Block] : AcrossBlocks).ToImmutableArray();
        var seams = items.Select((item, place) => (item.Block, place)).GroupBy(i => i.Block).Where(g => times[g.Key] > 1 && g.Count() > 1)
            .Select(g => new Seam(g.First().place, g.Last().place, 100 * (times[g.Key] - 1))).ToImmutableArray();
        for (var i = 0; i < n; i++)
        {
            for (var j = 0; j < n; j++)
            {
                step[i, j] = OrderMeasures.StepCost(items[i], items[j], request.Weights);
                place[i, j] = OrderMeasures.Places.Sum(m => (int)(m.Cost(items[i], j / (decimal)(n - 1)) * m.Weight));
            }
        }

        Around(request, blocks, items, facts, place);
        Keep(request, items, step, place);
        return new OrderProblem { Items = items, Step = step, Place = place, StepCounts = counts, Seams = seams };
    }

    /// <summary>How often a block comes round: its rounds, for each side where it does each side, and those of the blocks that repeat it.</summary>
    private static int Times(ClassPlan plan, Block block) =>
        plan.Blocks.Where(b => b == block || (b.Format is AgainFormat again && again.Of == block.Name)).Select(plan.Spelled).Sum(b => b.RoundCount * (b.Settings.EachSide is null ? 1 : 2));

    /// <summary>The steps from the block before and to the block after, where one block is put in order.</summary>
    private static void Around(OrderRequest request, List<(Block Block, int Index)> blocks, ImmutableArray<OrderItem> items, Facts facts, int[,] place)
    {
        var (first, last) = (blocks[0].Index, blocks[^1].Index);
        var before = request.Plan.Blocks.Take(first).LastOrDefault(b => !b.Stations.IsEmpty)?.Stations[^1];
        var after = request.Plan.Blocks.Skip(last + 1).FirstOrDefault(b => !b.Stations.IsEmpty)?.Stations[0];
        for (var i = 0; i < items.Length; i++)
        {
            if (before is not null)
                place[i, 0] += Step(new OrderItem(-1, 1, before, facts.Of(before, 1)), items[i], request.Weights) * AcrossBlocks / 100;
            if (after is not null)
                place[i, items.Length - 1] += Step(items[i], new OrderItem(-1, 1, after, facts.Of(after, 1)), request.Weights) * AcrossBlocks / 100;
        }
    }

    private static int Step(OrderItem from, OrderItem to, OrderWeights weights) => OrderMeasures.Steps.Sum(m => (int)(m.Cost(from, to) * m.Weight(weights)));

    /// <summary>Pins stay, pairs stay together, and a station only goes where it takes the same time.</summary>
    private static void Keep(OrderRequest request, ImmutableArray<OrderItem> items, int[,] step, int[,] place)
    {
        var plan = request.Plan;
        for (var i = 0; i < items.Length; i++)
        {
            var mine = plan.Blocks[items[i].Block];
            var pinned = request.Pins.Contains((mine.Name, items[i].Number)) || mine.Format is LinkedFormat { School: School.Contrast };
            for (var p = 0; p < items.Length; p++)
                if (p != i && (pinned || (items[p].Block != items[i].Block && !Alike(mine, plan.Blocks[items[p].Block]))))
                    place[i, p] = OrderProblem.Never;
            if (request.Pairs.Contains((mine.Name, items[i].Number)) && i + 1 < items.Length && items[i + 1].Block == items[i].Block)
                Together(step, place, i, i + 1);
        }
    }

    private static void Together(int[,] step, int[,] place, int first, int second)
    {
        var n = step.GetLength(0);
        for (var x = 0; x < n; x++)
        {
            if (x != second)
                step[first, x] = OrderProblem.Never;
            if (x != first)
                step[x, second] = OrderProblem.Never;
        }

        place[second, 0] = OrderProblem.Never;
        place[first, n - 1] = OrderProblem.Never;
    }

    /// <summary>Circuits with the same times and rounds: a station takes as long in the one as in the other.</summary>
    private static bool Alike(Block a, Block b) =>
        a.Format is CircuitFormat && b.Format is CircuitFormat && a.RoundCount == b.RoundCount
        && a.Settings.Work.SequenceEqual(b.Settings.Work) && a.Settings.Rest.SequenceEqual(b.Settings.Rest)
        && a.Settings.EachSide is null && b.Settings.EachSide is null;

    private static decimal Steps(OrderProblem problem, IReadOnlyList<int> order, Func<OrderItem, OrderItem, decimal> cost)
    {
        var sum = Enumerable.Range(1, order.Count - 1).Sum(p => cost(problem.Items[order[p - 1]], problem.Items[order[p]]));
        return sum + problem.Seams.Sum(seam => cost(problem.Items[order[seam.Last]], problem.Items[order[seam.First]]));
    }

    private static decimal Places(OrderProblem problem, IReadOnlyList<int> order, Func<OrderItem, decimal, decimal> cost) =>
        Math.Round(order.Select((item, p) => cost(problem.Items[item], p / (decimal)(order.Count - 1))).Sum(), 1);
}
