using System.Collections.Frozen;
using JollySet.Core.Moves;

namespace JollySet.Core.Kit;

/// <summary>What does at home for a thing one has not: closed, unbreakable, gripped all the way round, and nothing that rolls or is hung from a door.</summary>
public static class HomeThings
{
    private static readonly FrozenDictionary<string, string> Known = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase)
    {
        ["dumbbell"] = "a full water bottle: a litre and a half is 1.5 kg",
        ["dumbbells"] = "two full water bottles alike: a litre and a half is 1.5 kg",
        ["kettlebell"] = "a packed rucksack held by its loop, its seams tried first; not swung, not overhead",
        ["barbell"] = "a packed rucksack, worn or held in front",
        ["plate"] = "a thick book held in both hands",
        ["ball"] = "a cushion or a closed packet; not thrown",
        ["mat"] = "a carpet or a folded blanket that cannot slip",
        ["step"] = "the lowest stair, with something to hold",
        ["chair"] = "a firm chair against a wall",
        ["bench"] = "the floor",
        ["band"] = "a towel pulled taut",
        ["slider"] = "a folded cloth on a smooth floor",
        ["pad"] = "a folded towel",
        ["heel wedge"] = "a book that cannot slip under the heels",
        ["sandbag"] = "a packed rucksack, its seams tried first",
        ["cable"] = "a band fixed to something that cannot move",
        ["skipping rope"] = "no rope: the same small jumps, or steps",
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    /// <summary>For what a class needs, each thing once, with what does instead; null where nothing does, and only the way without kit is left.</summary>
    public static IEnumerable<(string Item, string? Instead)> For(IEnumerable<KitNeed> needs) =>
        needs.Select(n => KitList.Kind(n.Item)).Distinct().Select(item => (item, Known.GetValueOrDefault(item)));
}
