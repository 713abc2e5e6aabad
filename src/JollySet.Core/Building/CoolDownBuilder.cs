using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Building;

/// <summary>Puts a cool-down together: easy movement, then a stretch for each muscle that carried much of the load, both sides alike. It is for calm and range.</summary>
public static class CoolDownBuilder
{
    private const int RestSeconds = 10;
    private const int LeastEasy = 30;
    private const int MostEasy = 120;

    /// <summary>A block of about that many seconds, never longer; null where the plan has no main part or nothing suits the class.</summary>
    /// <param name="seed">The same seed gives the same block.</param>
    public static Built? Build(ClassPlan plan, Studio studio, int seconds, int seed = 0)
    {
        var balance = ClassBalance.Of(TimelineBuilder.Build(plan, studio));
        var all = balance.Muscles.Sum(m => m.LoadSeconds);
        if (all == 0)
            return null;
        var loaded = balance.Muscles.Where(m => m.LoadSeconds > studio.Rules.CoolDownShare * all).OrderByDescending(m => m.LoadSeconds).Select(m => m.Muscle).ToList();
        var next = balance.Muscles.Where(m => m.LoadSeconds > studio.Rules.CoolDownShare * all / 2 && !loaded.Contains(m.Muscle)).OrderByDescending(m => m.LoadSeconds).Select(m => m.Muscle).ToList();
        var older = plan.Brief.Audience.Contains(Audience.OlderAdults);
        var shortest = (older ? studio.Rules.CoolDownStretchLeastOlder : studio.Rules.CoolDownStretchLeast).InWholeSeconds;
        var longest = (older ? studio.Rules.CoolDownStretchMostOlder : studio.Rules.CoolDownStretchMost).InWholeSeconds;
        var stretches = Choose(Candidates(plan.Brief, studio.Library, seed), older, loaded, next, (seconds - LeastEasy) / (shortest + RestSeconds));
        var periods = stretches.Sum(s => Periods(s.Move));
        if (periods == 0)
            return null;
        var each = Math.Clamp((seconds - LeastEasy - (periods * RestSeconds)) / periods / 5 * 5, shortest, Math.Max(shortest, longest));
        var easy = Math.Clamp((seconds - (periods * (each + RestSeconds))) / 5 * 5, LeastEasy, MostEasy);
        var facts = new Facts(plan, studio);
        var lines = stretches.Select(s => NeedWays.Named(Line(s.Move, each), plan.Brief, facts)).Prepend(NeedWays.Named(Station.Of(EasyMove(plan.Brief, studio.Library), Timed.OfSeconds(easy)), plan.Brief, facts));
        return new Built(
            new Block(plan.Blocks.FirstOrDefault(b => b.Format is ReleaseFormat)?.Name ?? (plan.Find("Cool-down") is null ? "Cool-down" : "Cool-down last"), new ReleaseFormat(), new BlockSettings { Rest = [Gap.OfSeconds(RestSeconds)] }) { Stations = [.. lines] },
            [.. stretches.Select(s => s.Why).Prepend("lets breath and pulse come down")]);
    }

    private const int EasyRung = 3;
    private const int Hard = 3;

    /// <summary>The commonest march that spares whom it has to, standing where they can.</summary>
    private static string EasyMove(Brief brief, MoveLibrary library) => library.All.Where(m => m.Pattern == Pattern.March)
        .OrderByDescending(m => Suits.Needs(brief, m)).ThenByDescending(m => m.Tags.Staple).ThenByDescending(m => m.Posture == Posture.Standing).First().Name;

    private static int Periods(Move move) => move.Sides == MoveSides.OneSided ? 2 : 1;

    private static Station Line(Move move, int seconds) =>
        new(new OneMove(move.Name), Timed.OfSeconds(seconds), Sides: move.Sides == MoveSides.OneSided ? Sides.Of(SideWay.EachSide) : null);

    private static ImmutableArray<Move> Candidates(Brief brief, MoveLibrary library, int seed)
    {
        var all = library.All
            .Where(m => m.IsStretch && Suits.Needs(brief, m) && !AskFirst.SpeaksAgainst(brief, m) && (brief.Kit.IsEmpty ? m.Kit.All(k => k == "mat") : Suits.Kit(brief, m)))
            .ToArray();
        // Where everyone sits, a stretch that can be done sitting serves.
        if (all.Length == 0)
            all = [.. library.All.Where(m => m.IsStretch && !m.IsOnFloor && m.Kit.IsEmpty)];
        // At the end nobody learns anything new: easy ones, and those that everybody knows first.
        return [.. all.OrderBy(m => brief.Needs.Count(m.Troubles)).ThenBy(m => m.Tags.Rung > EasyRung).ThenByDescending(m => m.Tags.Staple).ThenBy(m => Luck.Of(seed, m.Name))];
    }

    /// <summary>The stretches that reach most of what is loaded with the fewest periods; then, while there is time, what comes next.</summary>
    private static ImmutableArray<(Move Move, string Why)> Choose(ImmutableArray<Move> candidates, bool older, List<Muscle> loaded, List<Muscle> next, int periods)
    {
        var chosen = new List<(Move Move, string Why)>();
        foreach (var muscles in new[] { loaded, next })
        {
            var open = muscles.ToList();
            open.RemoveAll(m => chosen.Any(c => Reaches(c.Move, m)));
            while (open.Count > 0 && candidates.Where(c => chosen.All(x => x.Move != c) && Periods(c) <= periods).OrderByDescending(c => (open.Count(m => Reaches(c, m)) * 2) + c.Tags.Staple - (Periods(c) * 2) - (c.Tags.Rung > EasyRung ? Hard : 0) - (older && c.IsOnFloor ? Hard : 0)).FirstOrDefault(c => open.Any(m => Reaches(c, m))) is { } stretch)
            {
                chosen.Add((stretch, $"reaches {Say.List([.. open.Where(m => Reaches(stretch, m)).Select(Words.Of)])}{(muscles == loaded ? ", which carried much of the load" : "")}"));
                open.RemoveAll(m => Reaches(stretch, m));
                periods -= Periods(stretch);
            }
        }

        return [.. chosen.OrderBy(c => c.Move.Level)];
    }

    private static bool Reaches(Move stretch, Muscle muscle) => stretch.Muscles.Any(m => m.Muscle == muscle);
}
