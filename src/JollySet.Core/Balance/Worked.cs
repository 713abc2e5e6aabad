using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Balance;

/// <summary>One move inside a work period: what was done for how many seconds.</summary>
/// <param name="Set">Index of its work period.</param>
/// <param name="Seconds">Its part of the period, by pace where moves take turns.</param>
/// <param name="LeftSeconds">Of these, with the participant's left side.</param>
public sealed record Worked(int Set, Move Move, decimal Seconds, decimal LeftSeconds, decimal RightSeconds, bool Heavy);

/// <summary>Reads a timeline's work move by move.</summary>
public static class WorkedMoves
{
    /// <summary>The moves of the main blocks, in order; a move with no facts is left out, since nobody knows what it works.</summary>
    public static ImmutableArray<Worked> Of(Timeline timeline) => Of(timeline, block => block.IsMain);

    /// <summary>The moves of the blocks chosen.</summary>
    public static ImmutableArray<Worked> Of(Timeline timeline, Func<Block, bool> chosen)
    {
        var facts = timeline.Facts;
        var pace = new Pace(timeline.Plan, timeline.Studio);
        var worked = ImmutableArray.CreateBuilder<Worked>();
        for (var i = 0; i < timeline.Sets.Length; i++)
        {
            var set = timeline.Sets[i];
            var block = timeline.Blocks[set.Block];
            if (!chosen(block))
                continue;
            foreach (var (doing, share, heavy) in PartsOf(block, set, pace, timeline.Rules))
                if (doing is OneMove one && facts.MoveOf(one.Name) is { } move)
                    worked.Add(WorkedOf(i, set, move, share * set.Length.InSeconds, heavy));
        }

        return worked.ToImmutable();
    }

    /// <summary>The single moves of a set, each with its share of the time: one after the other by pace, both at once in full.</summary>
    private static IEnumerable<(Doing Doing, decimal Share, bool Heavy)> PartsOf(Block block, WorkSet set, Pace pace, HouseRules rules)
    {
        if (block.Format is not AmrapFormat)
            return Split(set.Line.Doing.InRound(set.Round), 1, pace).Select(p => (p.Doing, p.Share, set.Facts.Heavy));
        var stations = block.Stations.Select(s => (station: s, seconds: AmountSeconds(s, pace))).ToList();
        var all = Math.Max(1, stations.Sum(s => s.seconds));
        return stations.SelectMany(s => Split(s.station.Doing, s.seconds / all, pace).Select(p => (p.Doing, p.Share, Weights.LevelOf(s.station.Load?.Rounds[0], null, rules) == LoadLevel.Heavy)));
    }

    private static IEnumerable<(Doing Doing, decimal Share)> Split(Doing doing, decimal share, Pace pace) => doing switch
    {
        Combined combined => InTurn(combined.Parts, share, pace),
        Stacked stack => InTurn(stack.Parts, share, pace),
        Together together => together.Parts.SelectMany(p => Split(p, share, pace)),
        _ => [(doing, share)],
    };

    private static IEnumerable<(Doing, decimal)> InTurn(ImmutableArray<Doing> parts, decimal share, Pace pace)
    {
        var all = parts.Sum(p => pace.SecondsPerRep(p, null));
        return parts.SelectMany(p => Split(p, share * pace.SecondsPerRep(p, null) / all, pace));
    }

    private static decimal AmountSeconds(Station station, Pace pace) => station.Amount switch
    {
        Reps { Counts: [{ } count, ..] } => count.Low * pace.SecondsPerRep(station.Doing, station.Tempo),
        Timed { Lengths: [{ } length, ..] } => length.Low.InSeconds,
        _ => 10 * pace.SecondsPerRep(station.Doing, station.Tempo),
    } * (station.Sides?.Ways is [SideWay.EachSide, ..] ? 2 : 1);

    private static Worked WorkedOf(int index, WorkSet set, Move move, decimal seconds, bool heavy)
    {
        var halves = set.SwitchHalfway || set.Side == Side.Alternating;
        return new Worked(
            index,
            move,
            seconds,
            halves ? seconds / 2 : set.Side == Side.Left ? seconds : 0,
            halves ? seconds / 2 : set.Side == Side.Right ? seconds : 0,
            heavy);
    }
}
