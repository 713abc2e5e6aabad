using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Teaching;

/// <summary>What kind of thing is given up to win back time, cheapest first.</summary>
public enum CutKind { Talk, Finisher, Round, Station, Rest }

/// <summary>One thing that could be given up.</summary>
/// <param name="Number">Its place in the order, cheapest first; events name it by this.</param>
/// <param name="Says">What it is: <c>round 3 of Deck</c>.</param>
/// <param name="Takes">What it takes from which segments.</param>
public sealed record Cut(int Number, CutKind Kind, string Says, ImmutableArray<Taken> Takes)
{
    /// <summary>The first segment it touches: once that has begun it is too late for it.</summary>
    public int First => Takes.Min(t => t.Segment);

    /// <summary>What it wins.</summary>
    public Length Gain => Takes.Sum(t => t.Time);
}

/// <summary>Cuts that together win back enough, or as much as can be.</summary>
/// <param name="Wins">What they win together.</param>
/// <param name="IsEnough">Whether that is what was wanted.</param>
public sealed record CutOffer(ImmutableArray<Cut> Cuts, Length Wins, bool IsEnough);
