using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Kit;

/// <summary>One thing a class needs, as it is said to people, and the moves it is for.</summary>
/// <param name="Item">The thing alone, without its weight.</param>
public sealed record KitNeed(string What, string Item, ImmutableArray<string> For);

/// <summary>What a class needs, in the order of use: the one list that the opening, the run sheet and the lay-out read. A weight is named only where the plan says it.</summary>
public static class KitNeeds
{
    private static readonly ConditionalWeakTable<Timeline, object> Known = [];

    /// <summary>The things, each once; reckoned once for a timeline.</summary>
    public static ImmutableArray<KitNeed> Of(Timeline timeline) => (ImmutableArray<KitNeed>)Known.GetValue(timeline, t => Reckoned(t));

    private static ImmutableArray<KitNeed> Reckoned(Timeline timeline)
    {
        var needs =
            from set in timeline.Sets
            from item in KitMeant.Of(timeline, timeline.Blocks[set.Block], set.Line)
            where item != "mat"
            let load = KitList.IsHeld(item) ? set.Line.Load?.Rounds.At(set.Round) : null
            select (what: Said(load, item), item, set.Facts.Name);
        return [.. needs.GroupBy(n => n.what).Select(g => new KitNeed(g.Key, g.First().item, [.. g.Select(n => n.Name).Distinct()]))];
    }

    /// <summary>The kinds of things alone, each once: one dumbbell and two are dumbbells.</summary>
    public static ImmutableArray<string> Kinds(Timeline timeline) =>
        [.. Of(timeline).Select(n => n.Item).Select(KitList.Kind).Distinct()];

    /// <summary>Of the things the class needs, those that the brief's kit does not name.</summary>
    public static IEnumerable<string> NotNamed(Timeline timeline) =>
        Of(timeline).Select(n => n.Item).Distinct().Where(item => !timeline.Plan.Brief.Kit.Any(there => Suits.Has(there, item)));

    private static string Said(Load? load, string item) => load switch
    {
        null or { Level: LoadLevel.None or LoadLevel.Any } => item,
        _ => $"{Words.Of(load with { Implement = null })} {item}",
    };
}
