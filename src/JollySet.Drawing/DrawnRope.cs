using System.Collections.Immutable;

namespace JollySet.Drawing;

/// <summary>A rope with all that its drawing is made of.</summary>
/// <param name="Ids">What names each flag on a page; null where none is named.</param>
/// <param name="Tag">A word on its block, under the name.</param>
/// <param name="Ways">The address that each flag opens, and last the one that the block's name does.</param>
public sealed record HungRope(Rope Rope, IReadOnlyList<string?> Ids, bool IsOpen, string Tag, ImmutableArray<string> Ways)
{
    /// <summary>Says all of it: two ropes with the same key are drawn alike.</summary>
    public string Key => string.Join('\n', new object?[] { Rope with { Flags = [], Breaks = [], Buckets = [], Bare = [] }, IsOpen, Tag }
        .Concat(Ids).Concat(Ways).Concat(Rope.Flags).Concat(Rope.Breaks).Concat(Rope.Bare).Concat(Rope.Buckets.Select(b => (object?)b)));
}

/// <summary>One rope as it is drawn, from the rope down; drawn when it is asked for.</summary>
/// <param name="Block">The number of its block.</param>
/// <param name="Nth">Which of that block's ropes it is, from 1.</param>
/// <param name="Above">What stands free above it, in units of the drawing.</param>
/// <param name="Label">Whose rope it is, in words.</param>
public sealed record DrawnRope(int Block, int Nth, double Above, string Label, HungRope Hung)
{
    private readonly Lazy<(string Svg, double Height)> drawn = new(() => BuntingSvg.Draw(Hung));

    /// <summary>Names it on a page.</summary>
    public string Id => $"rope-{Block}-{Nth}";

    /// <summary>Says all that it is drawn from.</summary>
    public string Key => $"{Above} {Label} {Hung.Key}";

    /// <summary>The rope and what hangs on it.</summary>
    public string Svg => drawn.Value.Svg;

    /// <summary>How much it takes of the drawing's height, with what stands free above it.</summary>
    public double Height => Above + drawn.Value.Height;

    /// <summary>The part of the drawing that is its own.</summary>
    public string ViewBox => $"0 {FlagPath.N(-Above)} {FlagPath.N(BuntingSvg.Width)} {FlagPath.N(Height)}";
}
