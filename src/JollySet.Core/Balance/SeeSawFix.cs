using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>The swap or addition that levels a pair, from moves that fit kit, needs and block: the one that leaves all pairs best.</summary>
public static class SeeSawFix
{
    private const int MostMoves = 5;
    private const int MostStations = 4;

    /// <summary>The edits that make the whole better, best first.</summary>
    public static ImmutableArray<PlanEdit> For(Timeline timeline, SeeSaw pair)
    {
        var before = Badness(ClassBalance.Of(timeline));
        return
        [
            .. Candidates(timeline, pair)
                .Select(edit => (edit, after: edit.Apply(timeline.Plan).Plan is { } plan ? Badness(ClassBalance.Of(TimelineBuilder.Build(plan, timeline.Studio))) : decimal.MaxValue))
                .Where(c => c.after < before)
                .OrderBy(c => c.after)
                .Select(c => c.edit),
        ];
    }

    /// <summary>How far all pairs together are from level: a tipped one weighs twice a leaning one, soft ones a quarter; within each, the nearer to level the better.</summary>
    public static decimal Badness(ClassBalance balance) => balance.SeeSaws.Sum(s => (s.Tilt switch { Tilt.Tipped => 4m, Tilt.Leaning => 2m, _ => 0 } + (s.Tilt is Tilt.NotJudged ? 0 : 1 - (s.Ratio is { } ratio ? 1 / ratio : 0))) / (s.IsSoft ? 4 : 1));

    private static IEnumerable<PlanEdit> Candidates(Timeline timeline, SeeSaw pair)
    {
        var moves = Lighter(timeline, pair);
        foreach (var station in Heavier(timeline, pair))
            foreach (var move in moves.OrderByDescending(m => Likeness(timeline, station, m)).Take(MostMoves))
                yield return new SetStation(station.Id, SheetWriter.WriteStation(StationFor.InPlaceOf(station, move)));
        if (timeline.Plan.Blocks.LastOrDefault(b => b.Format is CircuitFormat && !b.Settings.Work.IsEmpty && b.Stations.Length < Limits.Stations) is { } circuit)
            foreach (var move in moves.Take(2))
                yield return new AddStation(circuit.Id, SheetWriter.WriteStation(StationFor.New(move)));
    }

    /// <summary>Moves whose prime movers or pattern are the lighter side's, and that the class can do; those it has already come last.</summary>
    private static ImmutableArray<Move> Lighter(Timeline timeline, SeeSaw pair)
    {
        var plan = timeline.Plan;
        var used = plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. timeline.Library.All
                .Where(m => m.Pattern is not (Pattern.Stretch or Pattern.Mobility or Pattern.Locomotion or Pattern.March) && m.Impact != Impact.High && Serves(m, pair, pair.Lighter) && !Serves(m, pair, pair.Heavier))
                .Where(m => Suits.Kit(plan.Brief, m) && Suits.Needs(plan.Brief, m))
                .OrderBy(m => used.Contains(m.Name)).ThenBy(m => m.Pattern == Pattern.Isolation).ThenByDescending(m => m.Tags.Staple),
        ];
    }

    private static IEnumerable<Station> Heavier(Timeline timeline, SeeSaw pair)
    {
        var facts = timeline.Facts;
        return timeline.Plan.Blocks.Where(b => b.IsMain && b.Format is not FlowFormat)
            .SelectMany(b => b.Stations)
            .Where(s => s.Doing is OneMove one && facts.MoveOf(one.Name) is { } move && Serves(move, pair, pair.Heavier))
            .Reverse()
            .Take(MostStations);
    }

    private static bool Serves(Move move, SeeSaw pair, string side)
    {
        foreach (var p in SeeSaws.MusclePairs)
            if (p.First == pair.First)
                return move.Muscles.Any(m => m.Share == 1 && (side == p.First ? p.FirstMuscles : p.SecondMuscles).Contains(m.Muscle));
        foreach (var p in SeeSaws.PatternPairs)
            if (p.First == pair.First)
                return (side == p.First ? p.FirstPatterns : p.SecondPatterns).Contains(move.Pattern);
        return false;
    }

    /// <summary>The same level and the same things in the hands make a swap easy to teach.</summary>
    private static int Likeness(Timeline timeline, Station station, Move move)
    {
        var facts = timeline.Facts.Of(station, 1);
        return (facts.Level == move.Level ? 2 : 0) + (facts.Move is { } was && was.Kit.SequenceEqual(move.Kit) ? 2 : 0) + (move.Pattern == Pattern.Isolation ? 0 : 1);
    }
}
