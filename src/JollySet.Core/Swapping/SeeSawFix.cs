using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

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
        var (brief, facts) = (Replacements.BriefOf(timeline), timeline.Facts);
        foreach (var (block, station) in Heavier(timeline, pair))
            foreach (var move in Lighter(timeline, pair, block, station).Take(MostMoves))
                yield return new SetStation(station.Id, SheetWriter.WriteStation(Lines.InPlaceOf(station, move, brief, facts)));
        if (timeline.Plan.Blocks.LastOrDefault(b => b.Format is CircuitFormat && !b.Settings.Work.IsEmpty && b.Stations.Length < Limits.Stations) is { } circuit)
            foreach (var move in Lighter(timeline, pair, circuit, null).Take(2))
                yield return new AddStation(circuit.Id, SheetWriter.WriteStation(NeedWays.Named(Lines.Of(move, null, brief, facts), brief, facts)));
    }

    /// <summary>Of the moves that may stand there, those whose prime movers or pattern are the lighter side's.</summary>
    private static IEnumerable<Move> Lighter(Timeline timeline, SeeSaw pair, Block block, Station? station) =>
        Replacements.For(timeline, block, station).Select(r => r.Move).Where(m => m.Pattern != Pattern.Locomotion && Serves(m, pair, pair.Lighter) && !Serves(m, pair, pair.Heavier));

    private static IEnumerable<(Block Block, Station Station)> Heavier(Timeline timeline, SeeSaw pair)
    {
        var facts = timeline.Facts;
        return timeline.Plan.Blocks.Where(b => b.IsMain && b.Format is not FlowFormat)
            .SelectMany(b => b.Stations.Select(s => (b, s)))
            .Where(p => p.s.Doing is OneMove one && facts.MoveOf(one.Name) is { } move && Serves(move, pair, pair.Heavier))
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
}
