using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Kit;

/// <summary>What one station needs of one thing.</summary>
/// <param name="Item">As the library or the line names it.</param>
/// <param name="Pieces">For one person.</param>
public sealed record KitUse(Block Block, int Station, string Item, int Pieces)
{
    /// <summary>Every station's needs, in the order of the class. What a load of none leaves on the floor is not needed; a wall is always there.</summary>
    public static ImmutableArray<KitUse> Of(Timeline timeline)
    {
        return [.. timeline.Plan.Blocks.SelectMany(b => b.Stations.SelectMany((line, at) => OfLine(b, at + 1, line, timeline)))];
    }

    /// <summary>What a single move needs, for an option.</summary>
    public static IEnumerable<string> Items(Move move) => move.Kit.Where(k => k is not "wall");

    private static IEnumerable<KitUse> OfLine(Block block, int number, Station line, Timeline timeline) =>
        KitMeant.Of(timeline, block, line).Select(item => new KitUse(block, number, item, PiecesOf(line, item)));

    /// <summary>Pieces of a thing that one person takes at a line.</summary>
    internal static int PiecesOf(Station line, string item) =>
        KitList.IsHeld(item) && line.Load?.Rounds.Max(l => l.Pieces) is { } said ? said : item.Equals("dumbbells", StringComparison.OrdinalIgnoreCase) ? 2 : 1;
}
