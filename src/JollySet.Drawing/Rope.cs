using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>A change that is too tight: where on the rope, and the seconds that are missing.</summary>
public sealed record Break(double X, int MissingSeconds);

/// <summary>One rope: a round of a block, several equal rounds folded into one, or words.</summary>
/// <param name="Label">Block and round: <c>A · 1</c>.</param>
/// <param name="Caption">What is said once a block: its name or its timing.</param>
/// <param name="Times">How many equal rounds it stands for.</param>
/// <param name="ShowsNames">Whether names hang under it: the first rope of a block.</param>
/// <param name="KnotAfter">Whether another round follows.</param>
/// <param name="WaterSeconds">A bucket and its seconds at the rope's end; 0 for none.</param>
/// <param name="Word">What is said on bare rope; empty for flags.</param>
public sealed record Rope(
    int Block,
    string BlockName,
    string Label,
    string Caption,
    int Times,
    bool ShowsNames,
    bool KnotAfter,
    int WaterSeconds,
    double Length,
    string Word,
    ImmutableArray<Flag> Flags,
    ImmutableArray<Break> Breaks,
    ImmutableArray<(double X, double Width)> Buckets,
    bool NarrowFlags);
