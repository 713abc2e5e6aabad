using System.Collections.Immutable;
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
    /// <summary>The balance of a timeline.</summary>
    public static ClassBalance Of(Timeline timeline)
    {
        var worked = WorkedMoves.Of(timeline);
        var focus = Focus.Of(timeline.Plan.Brief);
        var muscles = MuscleLoads.Of(worked, timeline.Rules);
        return new ClassBalance(muscles, MuscleLoads.ByPattern(worked), MuscleLoads.ByPlane(worked), MuscleLoads.Regions(muscles), Balance.SeeSaws.Of(worked, focus, timeline.Rules), focus);
    }
}
