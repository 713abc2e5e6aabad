using System.Collections.Immutable;

namespace JollySet.Drawing;

/// <summary>A rope with all that its drawing is made of.</summary>
/// <param name="Ids">What names each flag on a page; null where none is named.</param>
/// <param name="Tag">A word on its block, under the name.</param>
/// <param name="Ways">The address that each flag opens, and last the one that the block's name does.</param>
public sealed record HungRope(Rope Rope, IReadOnlyList<string?> Ids, bool IsOpen, string Tag, ImmutableArray<string> Ways)
{
    /// <summary>What is pinned to each flag, and last to the rope itself; empty where nothing is.</summary>
    public ImmutableArray<Pennant?> Pennants { get; init; } = [];

    /// <summary>Says all of it: two ropes with the same key are drawn alike.</summary>
    public string Key => string.Join('\n', new object?[] { Rope with { Flags = [], Breaks = [], Buckets = [], Bare = [] }, IsOpen, Tag }
        .Concat(Ids).Concat(Ways).Concat(Rope.Flags).Concat(Rope.Breaks).Concat(Rope.Bare).Concat(Pennants).Concat(Rope.Buckets.Select(b => (object?)b)));
}

/// <summary>Something to look at, pinned where it is.</summary>
/// <param name="MustMend">Whether it has to be mended: a swallowtail; else a pointed one.</param>
/// <param name="Says">What it is.</param>
public sealed record Pennant(bool MustMend, string Says);

/// <summary>One rope as it is drawn, from the rope down; drawn when it is asked for.</summary>
/// <param name="Block">The number of its block.</param>
/// <param name="Nth">Which of that block's ropes it is, from 1.</param>
/// <param name="Above">What stands free above it, in units of the drawing.</param>
/// <param name="Label">Whose rope it is, in words.</param>
public sealed record DrawnRope(int Block, int Nth, double Above, string Label, HungRope Hung)
{
    private readonly Lazy<(string Svg, double Height)> drawn = new(() => BuntingSvg.Draw(Hung));
    private readonly Lazy<string> key = new(() => $"{Above} {Label} {Hung.Key}");

    /// <summary>The same with what is pinned to its flags, by their stations, and to itself (station 0).</summary>
    public DrawnRope Pinned(Func<int, Pennant?> pinned) => new(Block, Nth, Above, Label, Hung with
    {
        // A rope with the names of the one above has its pennants, too.
        Pennants = [.. Hung.Rope.Flags.Select((f, i) => Hung.Rope.ShowsNames && Hung.Rope.Flags.FirstOrDefault(o => o.Station == f.Station) == f ? pinned(f.Station) : null), Hung.Rope.First ? pinned(0) : null],
    });

    /// <summary>Names it on a page.</summary>
    public string Id => $"rope-{Block}-{Nth}";

    /// <summary>Says all that it is drawn from.</summary>
    public string Key => key.Value;

    /// <summary>The same without names, to be laid over a page that has it.</summary>
    public DrawnRope Unnamed() => new(Block, Nth, Above, Label, Hung with { Ids = [.. Hung.Ids.Select(_ => (string?)null)], Pennants = [] });

    /// <summary>The rope and what hangs on it.</summary>
    public string Svg => drawn.Value.Svg;

    /// <summary>How much it takes of the drawing's height, with what stands free above it.</summary>
    public double Height => Above + drawn.Value.Height;

    /// <summary>The part of the drawing that is its own.</summary>
    public string ViewBox => $"0 {FlagPath.N(-Above)} {FlagPath.N(BuntingSvg.Width)} {FlagPath.N(Height)}";
}
