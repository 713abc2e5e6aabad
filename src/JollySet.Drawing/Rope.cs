using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>A change that is too tight: where on the rope, and the seconds that are missing.</summary>
public sealed record Break(double X, int MissingSeconds);

/// <summary>Rope with nothing on it between two stations, where its block says how long it is.</summary>
/// <param name="Setting">The setting of the block that says so.</param>
public sealed record BareRope(double X, double Width, string Setting, int Seconds);

/// <summary>One rope: a round of a block, several equal rounds folded into one, or words.</summary>
/// <param name="Label">Which rounds, rung, side or sets it stands for; empty for the only one.</param>
/// <param name="Times">How many equal rounds it stands for.</param>
/// <param name="First">Whether it is its block's first.</param>
/// <param name="ShowsNames">Whether names hang under it: the first rope of a block, and one with other names than the rope above.</param>
/// <param name="KnotAfter">Whether another round follows.</param>
/// <param name="WaterSeconds">A bucket and its seconds at the rope's end; 0 for none.</param>
/// <param name="Word">What is said on bare rope; empty for flags.</param>
public sealed record Rope(
    int Block,
    string BlockName,
    string Label,
    int Times,
    bool First,
    bool ShowsNames,
    bool KnotAfter,
    int WaterSeconds,
    double Length,
    string Word,
    ImmutableArray<Flag> Flags,
    ImmutableArray<Break> Breaks,
    ImmutableArray<(double X, double Width)> Buckets,
    bool NarrowFlags)
{
    /// <summary>Where it is bare.</summary>
    public ImmutableArray<BareRope> Bare { get; init; } = [];

    /// <summary>How often its block goes round, where this is the last rope of one that says so; the knot at its end takes hold there.</summary>
    public int? Rounds { get; init; }
}
