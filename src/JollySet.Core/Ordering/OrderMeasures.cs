using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;

namespace JollySet.Core.Ordering;

/// <summary>One thing an order is judged by.</summary>
/// <param name="Name">In plain words.</param>
/// <param name="Before">As it stands; less is better.</param>
/// <param name="After">In the order proposed.</param>
public sealed record OrderMeasure(string Name, decimal Before, decimal After);

/// <summary>What orders are judged by: each is a sum over neighbours or over places, so that the best order can be found exactly.</summary>
internal static class OrderMeasures
{
    private const int PlaceWeight = 5;
    private const decimal LastJump = 6;

    /// <summary>Costs of one station directly after another, with the weight each carries.</summary>
    public static ImmutableArray<(string Name, Func<OrderItem, OrderItem, decimal> Cost, Func<OrderWeights, int> Weight)> Steps { get; } =
    [
        ("Muscles that work twice running", (a, b) => IsCore(a) && IsCore(b) ? 0 : Math.Min(2, a.Overlap(b)), w => 10 * w.Muscles),
        ("Upper after upper, lower after lower", (a, b) => a.Region is Region.Upper or Region.Lower && a.Region == b.Region ? 1 : 0, w => 4 * w.Muscles),
        ("Grip twice running", (a, b) => a.Facts.Grips && b.Facts.Grips ? 1 : 0, w => 6 * w.Muscles),
        ("Hinge twice running", (a, b) => a.Facts.Move?.IsHinge() == true && b.Facts.Move?.IsHinge() == true ? 1 : 0, w => 6 * w.Muscles),
        ("Down to the floor or up", (a, b) => a.Facts.Level is { } from && b.Facts.Level is { } to && from != to ? 1 : 0, w => 10 * w.Floor),
        ("Changes of kit", (a, b) => (a.Facts.Held != b.Facts.Held ? 1 : 0) + (a.Facts.Props != b.Facts.Props ? 1 : 0), w => 7 * w.Kit),
    ];

    /// <summary>What one station directly after another costs in all.</summary>
    public static int StepCost(OrderItem from, OrderItem to, OrderWeights weights) => Steps.Sum(m => (int)(m.Cost(from, to) * m.Weight(weights)));

    /// <summary>Core work follows core work at the end: the middle of the body is not asked to rest from itself there.</summary>
    private static bool IsCore(OrderItem item) => item.Facts.Move?.IsCore() == true;

    /// <summary>Costs of a station in a place, from 0 for the first to 1 for the last.</summary>
    public static ImmutableArray<(string Name, Func<OrderItem, decimal, decimal> Cost, int Weight)> Places { get; } =
    [
        ("Big moves late", (i, t) => i.Facts.Move?.IsBig() == true ? t : 0, 6 * PlaceWeight),
        ("Jumps, skill and balance late", (i, t) => i.Facts.Move is { } m && (m.IsJump() || m.IsSkill() || m.IsBalance()) ? t + (m.IsJump() && t == 1 ? LastJump : 0) : 0, 14 * PlaceWeight),
        ("Core early", (i, t) => IsCore(i) ? 1 - t : 0, 12 * PlaceWeight),
    ];
}
