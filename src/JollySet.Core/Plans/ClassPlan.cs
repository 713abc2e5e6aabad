using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>A move that the class brings along.</summary>
/// <param name="Like">The move whose facts it has; null: no facts.</param>
/// <param name="But">In what it differs from that, as <see cref="Moves.Names.Differences"/> reads it; null: in nothing.</param>
public sealed record NewMove(string Name, string? Like = null, string? But = null);

/// <summary>What the instructor decided: everything a class sheet says, and nothing computed.</summary>
public sealed record ClassPlan(string Title, Brief Brief)
{
    /// <summary>In the order they are taught.</summary>
    public ImmutableArray<Block> Blocks { get; init; } = [];

    /// <summary>Moves not in the library, in order of first use.</summary>
    public ImmutableArray<NewMove> NewMoves { get; init; } = [];

    /// <summary>The highest number that a block or station of this class was ever given.</summary>
    public int LastId { get; init; }

    /// <summary>The block of that number, or null.</summary>
    public Block? FindBlock(int id) => id == 0 ? null : Blocks.FirstOrDefault(b => b.Id == id);

    /// <summary>The station of that number with its block and its place in it from 0, or null.</summary>
    public (Block Block, int At)? FindStation(int id)
    {
        if (id != 0)
            foreach (var block in Blocks)
                for (var at = 0; at < block.Stations.Length; at++)
                    if (block.Stations[at].Id == id)
                        return (block, at);
        return null;
    }

    /// <summary>The block of that name, or null.</summary>
    public Block? Find(string name) => Blocks.FirstOrDefault(b => b.Name == name);

    /// <summary>The names of every move in it, in the order written.</summary>
    public IEnumerable<string> MoveNames() => Blocks.SelectMany(b => b.Stations).SelectMany(s => s.MoveNames());

    /// <summary>The plan with only those new moves that it uses, in the order of first use.</summary>
    public ClassPlan WithUsedMoves()
    {
        if (NewMoves.IsEmpty)
            return this;
        var byName = NewMoves.DistinctBy(m => m.Name, StringComparer.OrdinalIgnoreCase).ToDictionary(m => m.Name, StringComparer.OrdinalIgnoreCase);
        var used = new List<NewMove>();
        foreach (var name in MoveNames())
            if (byName.Remove(name, out var move))
                used.Add(move);
        return this with { NewMoves = [.. used] };
    }

    /// <summary>A block as it is taught: one that repeats another has that one's format, lines and settings under its own name.</summary>
    public Block Spelled(Block block) =>
        block.Format is AgainFormat again && Find(again.Of) is { } first
            ? block with { Format = first.Format, Settings = first.Settings.With(block.Settings), Stations = first.Stations }
            : block;

    /// <summary>The name of the next block that repeats <paramref name="of"/>: <c>A again</c>, <c>A again 3</c> …</summary>
    public static string AgainName(string of, int earlierRepeats) => earlierRepeats == 0 ? $"{of} again" : $"{of} again {earlierRepeats + 2}";
}
