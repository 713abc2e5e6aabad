using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>A move that the class brings along.</summary>
/// <param name="Like">The library move whose facts it has; null: no facts.</param>
public sealed record NewMove(string Name, string? Like = null);

/// <summary>What the instructor decided: everything a class sheet says, and nothing computed.</summary>
public sealed record ClassPlan(string Title, Brief Brief)
{
    /// <summary>In the order they are taught.</summary>
    public ImmutableArray<Block> Blocks { get; init; } = [];

    /// <summary>Moves not in the library, in order of first use.</summary>
    public ImmutableArray<NewMove> NewMoves { get; init; } = [];

    /// <summary>The block of that name, or null.</summary>
    public Block? Find(string name) => Blocks.FirstOrDefault(b => b.Name == name);

    /// <summary>A block as it is taught: one that repeats another has that one's format, lines and settings under its own name.</summary>
    public Block Spelled(Block block) =>
        block.Format is AgainFormat again && Find(again.Of) is { } first
            ? block with { Format = first.Format, Settings = first.Settings.With(block.Settings), Stations = first.Stations }
            : block;

    /// <summary>The name of the next block that repeats <paramref name="of"/>: <c>A again</c>, <c>A again 3</c> …</summary>
    public static string AgainName(string of, int earlierRepeats) => earlierRepeats == 0 ? $"{of} again" : $"{of} again {earlierRepeats + 2}";
}
