using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>How often a class comes back to one small region, counted in stations, whatever the rest.</summary>
/// <param name="Region">Shoulders, arms, front of the legs, low back, wrists or neck.</param>
/// <param name="Block">Index of the block with the longest run.</param>
/// <param name="Run">Its stations of that run, numbers from 1.</param>
/// <param name="Stations">Stations of the whole main part on it.</param>
/// <param name="Of">Stations of the whole main part.</param>
public sealed record RegionRun(string Region, int Block, ImmutableArray<int> Run, int Stations, int Of);

/// <summary>Finds the stations running on one region.</summary>
public static class RegionRuns
{
    /// <summary>The small regions, and the things of <see cref="Recovery"/> that are theirs.</summary>
    public static ImmutableArray<(string Region, ImmutableHashSet<Muscle> Muscles, ImmutableHashSet<string> Streaks)> Regions { get; } =
    [
        ("shoulders", [Muscle.FrontDelts, Muscle.SideDelts, Muscle.RearDelts], ["front delts", "side delts", "rear delts", "overhead"]),
        ("arms", [Muscle.Biceps, Muscle.Triceps, Muscle.Forearms], ["biceps", "triceps", "forearms"]),
        ("front of the legs", [Muscle.Quads, Muscle.HipFlexors], ["quads", "hip flexors", "knees"]),
        ("low back", [Muscle.LowerBack], ["lower back", "hinge"]),
        ("wrists", [], ["wrists"]),
        ("neck", [], ["neck"]),
    ];

    /// <summary>The longest run of each region that is met at all.</summary>
    public static IEnumerable<RegionRun> Of(Timeline timeline)
    {
        var lines = timeline.Sets
            .Where(s => s.Station > 0 && timeline.Blocks[s.Block].IsMain && s.Facts.Move is not null)
            .GroupBy(s => (s.Block, s.Station)).Select(g => g.First()).OrderBy(s => s.Block).ThenBy(s => s.Station).ToList();
        foreach (var (region, muscles, _) in Regions)
        {
            var on = lines.Where(s => Works(s, region, muscles)).Select(s => (s.Block, s.Station)).ToHashSet();
            if (on.Count > 0)
                yield return Longest(region, lines, on);
        }
    }

    private static RegionRun Longest(string region, List<WorkSet> lines, HashSet<(int Block, int Station)> on)
    {
        var (best, run) = (new List<WorkSet>(), new List<WorkSet>());
        foreach (var set in lines)
        {
            if (run.Count > 0 && (run[^1].Block != set.Block || run[^1].Station != set.Station - 1))
                run = [];
            if (!on.Contains((set.Block, set.Station)))
            {
                run = [];
                continue;
            }

            run.Add(set);
            best = run.Count > best.Count ? [.. run] : best;
        }

        return new RegionRun(region, best[0].Block, [.. best.Select(s => s.Station)], on.Count, lines.Count);
    }

    private static bool Works(WorkSet set, string region, ImmutableHashSet<Muscle> muscles)
    {
        var move = set.Facts.Move!;
        return region switch
        {
            "wrists" => move.Tags.Bears == Bearing.Hands && move.Level != Level.Up,
            "neck" => move is { Posture: Posture.Lying, Pattern: Pattern.TrunkFlexion },
            "low back" => move.IsHinge() || move.Muscles.Any(m => m.Share == 1 && muscles.Contains(m.Muscle)),
            _ => !move.IsStretch && move.Muscles.Any(m => m.Share == 1 && muscles.Contains(m.Muscle)),
        };
    }
}
