using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;

namespace JollySet.Core.Ordering;

/// <summary>A block, or the whole main part, to be put in its best order.</summary>
/// <param name="Block">The block's name; null for the whole main part.</param>
/// <param name="Pins">Stations that keep their place, as block and number.</param>
/// <param name="Pairs">Stations that keep the next one directly after them, as block and number.</param>
public sealed record OrderRequest(ClassPlan Plan, HouseRules Rules, string? Block, OrderWeights Weights, ImmutableHashSet<(string Block, int Number)> Pins, ImmutableHashSet<(string Block, int Number)> Pairs)
{
    /// <summary>With nothing pinned and the usual weights.</summary>
    public static OrderRequest Of(ClassPlan plan, string? block) => new(plan, HouseRules.Shipped, block, new OrderWeights(), [], []);
}

/// <summary>The best order found.</summary>
/// <param name="Why">A sentence where nothing is proposed; null otherwise.</param>
/// <param name="Order">The stations in the order proposed.</param>
/// <param name="Edit">Puts them so; null where they stand so already.</param>
/// <param name="Measures">Before and after.</param>
/// <param name="CostBefore">The weighted sum as it stands.</param>
/// <param name="CostAfter">The same in the order proposed: never more.</param>
/// <param name="LeastPossible">What no order can go below; equal to <paramref name="CostAfter"/> where the order is proven best.</param>
public sealed record OrderAnswer(string? Why, ImmutableArray<OrderItem> Order, PlanEdit? Edit, ImmutableArray<OrderMeasure> Measures, long CostBefore, long CostAfter, long LeastPossible)
{
    /// <summary>Whether no order is better.</summary>
    public bool Proven => LeastPossible >= CostAfter;

    /// <summary>How far the proposed order may be from the best, as a share of its cost.</summary>
    public decimal Gap => CostAfter <= 0 ? 0 : Math.Max(0, (CostAfter - LeastPossible) / (decimal)CostAfter);

    /// <summary>Nothing to propose.</summary>
    public static OrderAnswer Nothing(string why) => new(why, [], null, [], 0, 0, 0);
}

/// <summary>Finds the best order of stations.</summary>
public interface IOrderer
{
    /// <summary>The best order; the best found so far when <paramref name="stop"/> is asked for.</summary>
    OrderAnswer Order(OrderRequest request, CancellationToken stop = default);
}
