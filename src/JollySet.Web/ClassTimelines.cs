using System.Collections.Concurrent;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;

namespace JollySet.Web;

/// <summary>What the shelf shows of a class.</summary>
public sealed record ClassCard(string Drawing, string Clock, string Likely);

/// <summary>The timelines of kept classes by the studio's rules, and their small drawings for the shelf.</summary>
public sealed class ClassTimelines(RulesBook rules)
{
    private const int MostCards = 2000;
    private readonly ConcurrentDictionary<(Guid, int), (Studio Studio, ClassCard Card)> cards = new();

    /// <summary>Computed anew each time: it takes less than looking it up would be worth.</summary>
    public Timeline Of(KeptClass kept) => TimelineBuilder.Build(kept.Plan, rules.Studio());

    /// <summary>The card of a class, drawn once for each revision and set of rules.</summary>
    public ClassCard CardOf(KeptClass kept)
    {
        var current = rules.Studio();
        if (cards.TryGetValue((kept.Id, kept.Revision), out var known) && ReferenceEquals(known.Studio, current))
            return known.Card;
        var timeline = TimelineBuilder.Build(kept.Plan, current);
        var card = new ClassCard(SmallBunting.Of(timeline), Say.Clock(timeline.Length), Say.Clock(timeline.Likely));
        if (cards.Count >= MostCards)
            cards.Clear();
        cards[(kept.Id, kept.Revision)] = (current, card);
        return card;
    }
}
