using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Building;

/// <summary>Puts a warm-up together from what the main part asks for: the pulse first, then the joints it loads and its patterns done lightly.</summary>
public static class WarmUpBuilder
{
    private const int RestSeconds = 10;
    private const int AfterSeconds = 30;
    private const int EasyRung = 4;
    private const int FromStationsPulseTwice = 7;
    private static readonly ImmutableArray<int> WorkSeconds = [40, 45, 35, 30, 50];

    /// <summary>A block of about that many seconds, never longer; null where the plan has no main part or nothing suits the class.</summary>
    /// <param name="seed">The same seed gives the same block; another one other moves where several serve.</param>
    public static Built? Build(ClassPlan plan, Studio studio, int seconds, int seed = 0)
    {
        var timeline = TimelineBuilder.Build(plan, studio);
        var main = timeline.Sets.Where(s => timeline.Blocks[s.Block].IsMain).ToList();
        var candidates = Candidates(plan.Brief, studio.Library, seed);
        if (main.Count == 0 || candidates.IsEmpty)
            return null;
        var asks = new Asks([.. WarmUps.ToRehearse(main)], Joints(main));
        var (work, stations) = Shape(seconds);
        var chosen = Choose(candidates, asks, stations);
        var facts = new Facts(plan, studio);
        var left = Math.Max(0, seconds - (chosen.Length * (work + RestSeconds)) + RestSeconds);
        var lines = chosen.Select((c, at) => NeedWays.Named(Line(c.Move, at == 0 && left > 0 ? Timed.OfSeconds(work + Math.Min(left, work)) : null), plan.Brief, facts));
        return new Built(
            new Block(FreeName(plan), new PrepareFormat(), new BlockSettings(After: Gap.OfSeconds(AfterSeconds)) { Work = [Length.Seconds(work)], Rest = [Gap.OfSeconds(RestSeconds)] }) { Stations = [.. lines] },
            [.. chosen.Select(c => c.Why)]);
    }

    /// <summary>The work and the number of stations that come nearest below the length.</summary>
    private static (int Work, int Stations) Shape(int seconds) => WorkSeconds
        .Select(work => (work, stations: Math.Max(2, (seconds + RestSeconds) / (work + RestSeconds))))
        .MinBy(s => seconds - (s.stations * (s.work + RestSeconds)) + RestSeconds is var left && left < 0 ? 10_000 - left : left);

    private static ImmutableArray<Move> Candidates(Brief brief, MoveLibrary library, int seed)
    {
        var all = library.All
            .Where(m => m.Load == LoadClass.None && m.Kit.All(k => k is "mat" or "wall" or "chair") && !m.IsStretch && m.Impact <= Impact.Middle && !m.IsBalance() && !m.IsCore())
            .Where(m => m.Pattern is Pattern.Mobility or Pattern.March or Pattern.Locomotion or Pattern.Squat or Pattern.Hinge or Pattern.Lunge or Pattern.Push or Pattern.Pull)
            .Where(m => brief.Kit.IsEmpty ? m.Kit.All(KitList.IsGiven) : Suits.Kit(brief, m))
            .Where(m => Suits.Needs(brief, m) && !AskFirst.SpeaksAgainst(brief, m) && m.Tags.Is(Role.WarmUp))
            .ToArray();
        return [.. all.OrderBy(m => Suits.EveryNeed(brief, m) ? 0 : 1).ThenBy(m => m.Level).ThenByDescending(m => m.Tags.Staple).ThenBy(m => Luck.Of(seed, m.Name))];
    }

    private static List<Joint> Joints(IEnumerable<WorkSet> main) =>
        [.. main.SelectMany(s => s.Facts.Move?.Joints ?? []).GroupBy(j => j).OrderByDescending(g => g.Count()).Select(g => g.Key)];

    private static ImmutableArray<(Move Move, string Why)> Choose(ImmutableArray<Move> candidates, Asks asks, int stations)
    {
        var chosen = new List<(Move Move, string Why)>();
        var pulse = candidates.Where(m => m.Pattern is Pattern.March or Pattern.Locomotion && m.Level == Level.Up).OrderBy(m => m.Impact == Impact.None).ThenBy(m => m.Impact).ThenByDescending(m => m.Tags.Staple).ToList();
        var pulses = Math.Min(pulse.Count, stations >= FromStationsPulseTwice ? 2 : 1);
        if (asks.Patterns.Contains(Pattern.Jump))
            pulse = [.. pulse.OrderByDescending(m => m.Impact == Impact.Middle).ThenByDescending(m => m.Tags.Staple).Take(pulses).OrderBy(m => m.Impact)];
        foreach (var move in pulse.Take(pulses))
        {
            asks.Take(move);
            chosen.Add((move, "raises the pulse"));
        }

        while (chosen.Count < stations && candidates.Where(m => m.Pattern is not (Pattern.March or Pattern.Locomotion) && chosen.All(c => c.Move != m)).MaxBy(asks.Worth) is { } next)
            chosen.Add((next, asks.Take(next)));
        // The pulse first, joints before patterns, and the floor in one piece.
        return [.. chosen.Take(pulses), .. chosen.Skip(pulses).OrderBy(c => c.Move.Level).ThenBy(c => c.Move.Pattern != Pattern.Mobility)];
    }

    private static Station Line(Move move, Timed? amount) => new(new OneMove(move.Name), amount, Sides: move.Sides == MoveSides.OneSided ? Sides.Of(SideWay.SwitchHalfway) : null);

    private static string FreeName(ClassPlan plan) => plan.Blocks.FirstOrDefault(b => b.Format is PrepareFormat)?.Name ?? (plan.Find("Warm-up") is null ? "Warm-up" : "Warm-up first");

    /// <summary>What is still to be rehearsed and woken.</summary>
    private sealed class Asks(List<Pattern> patterns, List<Joint> joints)
    {
        private readonly List<Pattern> patterns = patterns;
        private readonly List<Joint> joints = joints;

        public IReadOnlyCollection<Pattern> Patterns => patterns;

        /// <summary>Patterns count most; going to the floor or fetching something costs a warm-up more than it gives.</summary>
        public int Worth(Move move) =>
            (6 * WarmUps.Rehearses(move).Distinct().Count(patterns.Contains)) + (2 * move.Joints.Count(joints.Contains)) + move.Tags.Staple - (move.Level == Level.Up ? 0 : 5) - (move.Kit.Any(KitList.IsProp) ? 3 : 0) - (move.Tags.Rung > EasyRung ? 4 : 0);

        public string Take(Move move)
        {
            var (rehearsed, woken) = (WarmUps.Rehearses(move).Distinct().Where(patterns.Contains).ToList(), move.Joints.Where(joints.Contains).ToList());
            patterns.RemoveAll(rehearsed.Contains);
            joints.RemoveAll(woken.Contains);
            List<string> says = [];
            if (rehearsed.Count > 0)
                says.Add($"rehearses {Say.List([.. rehearsed.Select(Words.Of)])}");
            if (woken.Count > 0)
                says.Add($"wakes {Say.List([.. woken.Select(j => j.ToString().ToLowerInvariant())])}");
            return says.Count > 0 ? string.Join(", ", says) : "keeps people moving";
        }
    }
}
