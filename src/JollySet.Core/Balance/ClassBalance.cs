using System.Collections.Immutable;
using System.Runtime.CompilerServices;
using JollySet.Core.Moves;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>The whole balance of a class: muscles, patterns, regions and pairs of the main blocks and finishers.</summary>
public sealed record ClassBalance(
    ImmutableArray<MuscleLoad> Muscles,
    ImmutableSortedDictionary<Pattern, decimal> Patterns,
    ImmutableSortedDictionary<Plane, decimal> Planes,
    ImmutableSortedDictionary<Region, decimal> Regions,
    ImmutableArray<SeeSaw> SeeSaws,
    Focus Focus)
{
    private static readonly ConditionalWeakTable<Timeline, ClassBalance> Known = [];

    /// <summary>The balance of a timeline, weighed once.</summary>
    public static ClassBalance Of(Timeline timeline) => Known.GetValue(timeline, Weighed);

    private static ClassBalance Weighed(Timeline timeline)
    {
        var worked = WorkedMoves.Of(timeline);
        var focus = Focus.Of(timeline.Plan.Brief);
        var muscles = MuscleLoads.Of(worked, timeline.Rules);
        return new ClassBalance(muscles, MuscleLoads.ByPattern(worked), MuscleLoads.ByPlane(worked), MuscleLoads.Regions(muscles), Balance.SeeSaws.Of(worked, focus, timeline.Rules), focus);
    }
}
