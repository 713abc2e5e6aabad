using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Kit;

/// <summary>What a station means to use where its line names nothing: the library's usual, unless people bring something of the same kind or the move works with nothing in the hands.</summary>
public static class KitMeant
{
    private static readonly string[] FreeWeights = ["dumbbells", "dumbbell", "kettlebell", "barbell", "plate", "rucksack", "sandbag"];
    private static readonly string[] Seats = ["chair", "bench", "step"];

    /// <summary>The items one person needs at that line, as the brief's kit lets them be meant.</summary>
    public static IEnumerable<string> Of(Timeline timeline, Block block, Station line)
    {
        var kit = timeline.Plan.Brief.Kit;
        var items = timeline.Facts.KitOf(block, line);
        if (kit.IsEmpty || !line.Kit.IsEmpty || (line.Load?.Rounds.Any(l => l.Implement is not null) ?? false))
            return items;
        var unloaded = line.Load is null && line.Doing.MoveNames().All(n => timeline.Facts.MoveOf(n) is not { } move || (move.Tags.WorksUnloaded && move.Load < LoadClass.Heavy));
        return items.Select(item => Listed(kit, item) ? item : Alike(kit, item) is { } other ? other : unloaded && KitList.IsHeld(item) ? null : item).OfType<string>();
    }

    private static bool Listed(IEnumerable<string> kit, string item) => kit.Any(there => Suits.Has(there, item));

    /// <summary>What is listed and does the same work: one free weight for another, one seat for another.</summary>
    private static string? Alike(IReadOnlyCollection<string> kit, string item) =>
        new[] { FreeWeights, Seats }.Where(kind => kind.Contains(item, StringComparer.OrdinalIgnoreCase)).SelectMany(kind => kind).FirstOrDefault(other => Listed(kit, other));
}
