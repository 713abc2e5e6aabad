using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>What an edit would do to a class, before it is taken.</summary>
/// <param name="Says">Its length before and after, and what else changes; or why it cannot be.</param>
/// <param name="IsRefused">Whether it cannot be.</param>
public sealed record Would(string Says, bool IsRefused)
{
    private const int MostRopes = 8;

    /// <summary>The ropes that would hang otherwise, to be laid over those that hang.</summary>
    public ImmutableArray<Ghost> Ropes { get; private init; } = [];

    private static ImmutableArray<Ghost> Otherwise(Timeline now, Timeline then)
    {
        static ImmutableArray<DrawnRope> Hung(Timeline timeline) => BuntingSvg.Hung(timeline, EffortModel.AtSetEnds(timeline, Person.Regular), null, (_, _) => "");
        var there = Hung(now).ToDictionary(r => r.Id, r => r.Key);
        return [.. Hung(then).Where(r => there.TryGetValue(r.Id, out var key) && key != r.Key).Take(MostRopes).Select(r => r.Unnamed()).Select(r => new Ghost(r.Id, r.ViewBox, r.Svg))];
    }

    /// <summary>Of a class at the limits only the length is told: nobody waits for the rest of it while typing.</summary>
    private const int MostSegments = 6000;

    /// <summary>Of an edit on a class.</summary>
    public static Would Of(Timeline timeline, PlanEdit? edit)
    {
        if (edit is null)
            return new Would("", false);
        var result = edit.Apply(timeline.Plan);
        if (result.Plan is not { } plan)
            return new Would(string.Join("; ", result.Errors.Select(e => e.Message)), true);
        var then = TimelineBuilder.Build(plan, timeline.Studio);
        var longer = then.Length - timeline.Length;
        var length = longer == Length.Zero ? $"Still {Say.Clock(timeline.Length)}" : $"{Say.Clock(timeline.Length)} becomes {Say.Clock(then.Length)}";
        if (timeline.Segments.Length > MostSegments)
            return new Would(length, false);
        var effect = Effect.Of(Measured.Of(timeline), Measured.Of(then));
        return new Would(string.Join(" · ", effect.Says.Skip(1).Prepend(length)), false) { Ropes = Otherwise(timeline, then) };
    }
}

/// <summary>A rope as it would hang.</summary>
public sealed record Ghost(string Id, string Box, string Svg);
