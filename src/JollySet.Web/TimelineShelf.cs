using JollySet.Core.Timing;
using JollySet.Data;

namespace JollySet.Web;

/// <summary>The timeline of a kept class by the studio's rules.</summary>
public sealed class TimelineShelf(RulesBook rules)
{
    /// <summary>Computed anew each time: it takes less than looking it up would be worth.</summary>
    public Timeline Of(KeptClass kept) => TimelineBuilder.Build(kept.Plan, rules.Current());

    /// <summary>Timelines of many classes by the same rules.</summary>
    public IEnumerable<(KeptClass Class, Timeline Timeline)> Of(IEnumerable<KeptClass> classes)
    {
        var current = rules.Current();
        return classes.Select(c => (c, TimelineBuilder.Build(c.Plan, current)));
    }
}
