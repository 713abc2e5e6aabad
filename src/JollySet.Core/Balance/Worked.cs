using System.Collections.Immutable;
using System.Runtime.CompilerServices;
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
    private static readonly ConditionalWeakTable<Timeline, ImmutableArray<Worked>[]> Known = [];

    /// <summary>The moves of the main blocks, in order; a move with no facts is left out, since nobody knows what it works.</summary>
    public static ImmutableArray<Worked> Of(Timeline timeline) => Known.GetValue(timeline, Read)[1];

    /// <summary>The same with warm-up and cool-down.</summary>
    public static ImmutableArray<Worked> OfAll(Timeline timeline) => Known.GetValue(timeline, Read)[0];

    /// <summary>All and the main part's: read once for a timeline, however many ask.</summary>
    private static ImmutableArray<Worked>[] Read(Timeline timeline)
    {
        var facts = timeline.Facts;
        var pace = new Pace(timeline.Plan, timeline.Studio);
        var parts = new Dictionary<(Station, Doing), ImmutableArray<(Move Move, decimal Share, bool Heavy)>>(new SamePair<Station, Doing>());
        var (all, main) = (ImmutableArray.CreateBuilder<Worked>(timeline.Sets.Length), ImmutableArray.CreateBuilder<Worked>(timeline.Sets.Length));
        for (var i = 0; i < timeline.Sets.Length; i++)
        {
            var set = timeline.Sets[i];
            var block = timeline.Blocks[set.Block];
            if (block.IsWords)
                continue;
            var key = (set.Line, set.Line.Doing.InRound(set.Round));
            if (!parts.TryGetValue(key, out var known))
                parts[key] = known = [.. from part in PartsOf(block, set, pace, timeline.Rules)
                                         where part.Doing is OneMove
                                         let move = facts.MoveOf(((OneMove)part.Doing).Name)
                                         where move is not null
                                         select (move, part.Share, part.Heavy)];
            foreach (var (move, share, heavy) in known)
            {
                var worked = WorkedOf(i, set, move, share * set.Length.InSeconds, heavy || set.Facts.Heavy);
                all.Add(worked);
                if (block.IsMain)
                    main.Add(worked);
            }
        }

        return [all.ToImmutable(), main.ToImmutable()];
    }

    /// <summary>The single moves of a set, each with its share of the time: one after the other by pace, both at once in full.</summary>
    private static IEnumerable<(Doing Doing, decimal Share, bool Heavy)> PartsOf(Block block, WorkSet set, Pace pace, HouseRules rules)
    {
        if (block.Format is not AmrapFormat)
            return Split(set.Line.Doing.InRound(set.Round), 1, pace).Select(p => (p.Doing, p.Share, false));
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
