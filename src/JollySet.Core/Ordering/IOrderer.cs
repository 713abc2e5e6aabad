using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;

namespace JollySet.Core.Ordering;

/// <summary>A block, or the whole main part, to be put in its best order.</summary>
/// <param name="Block">The block's name; null for the whole main part.</param>
/// <param name="Pins">Stations that keep their place, as block and number.</param>
/// <param name="Pairs">Stations that keep the next one directly after them, as block and number.</param>
public sealed record OrderRequest(ClassPlan Plan, Studio Studio, string? Block, OrderWeights Weights, ImmutableHashSet<(string Block, int Number)> Pins, ImmutableHashSet<(string Block, int Number)> Pairs)
{
    /// <summary>With nothing pinned and the usual weights.</summary>
    public static OrderRequest Of(ClassPlan plan, string? block) => new(plan, Studio.Shipped, block, new OrderWeights(), [], []);
}

/// <summary>How an order was found, and so what is known of it.</summary>
public enum OrderProof
{
    /// <summary>Every order was weighed.</summary>
    Exact,

    /// <summary>A solver gave a bound.</summary>
    Bounded,

    /// <summary>Neighbours were tried.</summary>
    Tried,
}

/// <summary>The best order found.</summary>
/// <param name="Why">A sentence where nothing is proposed; null otherwise.</param>
/// <param name="Order">The stations in the order proposed.</param>
/// <param name="Edit">Puts them so; null where they stand so already.</param>
/// <param name="Measures">Before and after.</param>
/// <param name="CostBefore">The weighted sum as it stands.</param>
/// <param name="CostAfter">The same in the order proposed: never more.</param>
/// <param name="LeastPossible">What no order can go below; equal to <paramref name="CostAfter"/> where the order is proven best, 0 where nobody knows.</param>
/// <param name="How">How it was found.</param>
public sealed record OrderAnswer(string? Why, ImmutableArray<OrderItem> Order, PlanEdit? Edit, ImmutableArray<OrderMeasure> Measures, long CostBefore, long CostAfter, long LeastPossible, OrderProof How)
{
    /// <summary>Whether no order is better.</summary>
    public bool Proven => LeastPossible >= CostAfter;

    /// <summary>How far the proposed order may be from the best, as a share of its cost.</summary>
    public decimal Gap => CostAfter <= 0 ? 0 : Math.Max(0, (CostAfter - LeastPossible) / (decimal)CostAfter);

    /// <summary>Nothing to propose.</summary>
    public static OrderAnswer Nothing(string why) => new(why, [], null, [], 0, 0, 0, OrderProof.Exact);

    /// <summary>How good it is known to be, in a sentence.</summary>
    public string Says => Proven ? "Proven: no other order is better by these weights, over all rounds as they are taught."
        : How == OrderProof.Bounded && LeastPossible > 0 ? $"The best found in its time; at most {Gap:P0} may be left."
        : "The best found by trying neighbours; nobody knows whether there is a better one.";
}

/// <summary>Finds the best order of stations.</summary>
public interface IOrderer
{
    /// <summary>The best order; the best found so far when <paramref name="stop"/> is asked for.</summary>
    /// <param name="told">Hears how far it is.</param>
    OrderAnswer Order(OrderRequest request, IProgress<string>? told = null, CancellationToken stop = default);
}
