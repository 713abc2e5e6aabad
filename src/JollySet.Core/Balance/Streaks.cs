using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>A stretch in which one thing works with no break worth the name.</summary>
/// <param name="What">A muscle, grip, wrists, overhead, hinge or neck.</param>
/// <param name="WorkTenths">The work in it; short gaps do not count and do not break it.</param>
/// <param name="LimitTenths">The house rule's limit for it.</param>
/// <param name="Block">Where it begins.</param>
/// <param name="Stations">Its stations in that block.</param>
public sealed record Streak(string What, int StartTenths, int WorkTenths, int LimitTenths, int Block, ImmutableArray<int> Stations);

/// <summary>How long muscles, hands and the low back go on without a break.</summary>
public static class Streaks
{
    private static readonly HashSet<string> OnForearms = new(StringComparer.OrdinalIgnoreCase) { "plank", "knee plank", "side plank", "side plank on knees", "side plank dip", "side plank reach-through", "plank hip dip" };

    /// <summary>The longest streak of each thing that works at all in the main blocks, longest beside its limit first. What a superset of one muscle means to do is left out for its muscles, and so are as many rounds as possible, where people take breaks of their own.</summary>
    public static ImmutableArray<Streak> Of(Timeline timeline)
    {
        var worked = WorkedMoves.Of(timeline);
        var spans = timeline.Segments.Where(s => s.Kind == SegmentKind.Work).GroupBy(s => s.Set).ToDictionary(g => g.Key, g => (Start: g.First().StartTenths, End: g.Last().EndTenths));
        var by = new Dictionary<string, Dictionary<int, decimal>>();
        foreach (var work in worked.Where(w => timeline.Sets[w.Set].Station > 0))
            foreach (var what in Things(timeline, timeline.Sets[work.Set], work.Move).Distinct())
            {
                var sets = by.TryGetValue(what, out var found) ? found : by[what] = [];
                sets[work.Set] = sets.GetValueOrDefault(work.Set) + work.Seconds;
            }

        return [.. by.Select(b => Longest(timeline, b.Key, b.Value, spans)).OrderByDescending(s => (decimal)s.WorkTenths / s.LimitTenths)];
    }

    private static IEnumerable<string> Things(Timeline timeline, WorkSet set, Move move)
    {
        if (timeline.Blocks[set.Block].Format is not LinkedFormat { School: School.Same })
            foreach (var (muscle, share) in move.Muscles)
                if (share >= 0.5m && !move.IsStretch)
                    yield return Words.Of(muscle);
        if (set.Facts.Held.Length > 0 && (set.Facts.Heavy || move.Pattern is Pattern.Pull or Pattern.VerticalPull or Pattern.Carry))
            yield return "grip";
        if (move.Posture == Posture.AllFours || (move.Posture == Posture.Plank && !OnForearms.Contains(move.Name)))
            yield return "wrists";
        if (move.Pattern == Pattern.OverheadPush || move.Name.Contains("overhead", StringComparison.OrdinalIgnoreCase))
            yield return "overhead";
        if (move.Posture == Posture.Hinged)
            yield return "hinge";
        if (move is { Posture: Posture.Lying, Pattern: Pattern.TrunkFlexion })
            yield return "neck";
    }

    private static Streak Longest(Timeline timeline, string what, Dictionary<int, decimal> sets, Dictionary<int, (int Start, int End)> spans)
    {
        var rules = timeline.Rules;
        var limit = (int)(rules[what is "overhead" or "hinge" ? "streak.posture" : "streak.muscle"] * 10);
        var order = sets.OrderBy(s => s.Key).ToList();
        var (from, work) = (0, 0);
        var (bestFrom, bestTo, bestWork) = (0, 0, 0);
        for (var i = 0; i < order.Count; i++)
        {
            var (start, end) = spans[order[i].Key];
            if (i > 0 && start - spans[order[i - 1].Key].End >= rules["streak.break"] * 10)
                (from, work) = (i, 0);
            work += (int)Math.Min(order[i].Value * 10, end - start);
            if (work > bestWork)
                (bestFrom, bestTo, bestWork) = (from, i, work);
        }

        var best = order[bestFrom..(bestTo + 1)].Select(s => s.Key).ToList();
        var block = timeline.Sets[best[0]].Block;
        return new Streak(what, spans[best[0]].Start, bestWork, limit, block, [.. best.Where(s => timeline.Sets[s].Block == block).Select(s => timeline.Sets[s].Station).Where(n => n > 0).Distinct().Order()]);
    }
}
