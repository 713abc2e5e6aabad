using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>The rungs of a ladder or pyramid, as written: turning points with a step between them, or every rung by itself.</summary>
/// <param name="Points">From and to; from, turn and to; or each rung.</param>
/// <param name="Step">Between two points; 1 unless said.</param>
/// <param name="Listed">Whether each rung is written: <c>10/8/6</c>.</param>
/// <param name="InSeconds">Seconds rather than reps.</param>
public sealed record Rungs(ImmutableArray<int> Points, int Step, bool Listed, bool InSeconds)
{
    /// <summary>Each round's count or seconds, in order. A turning point comes once.</summary>
    public ImmutableArray<int> Counts => Listed ? Points : [.. Points.Zip(Points.Skip(1)).SelectMany((leg, i) => Leg(leg.First, leg.Second).Skip(i == 0 ? 0 : 1))];

    /// <summary>Whether every turning point is met by whole steps.</summary>
    public bool ComesOut => Listed || Points.Zip(Points.Skip(1)).All(leg => Math.Abs(leg.First - leg.Second) % Step == 0);

    private IEnumerable<int> Leg(int from, int to)
    {
        for (var at = from; from <= to ? at <= to : at >= to; at += from <= to ? Step : -Step)
            yield return at;
    }
}
