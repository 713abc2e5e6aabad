using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>Puts the moves of a main part in order: the opener first, what is fast and what is big early, then one leg, then arms, the trunk last; no two neighbours with one prime mover, the floor in one piece.</summary>
internal static class Arrange
{
    private const double OneMuscle = 9;
    private const double OneRegion = 1.2;
    private const double UpAndDown = 1.6;
    private const double OtherKit = 0.4;
    private const double OutOfTurn = 1.1;
    private const double NoOpener = 60;

    /// <summary>The moves in the order of the frame's places.</summary>
    public static ImmutableArray<Move> Of(Frame frame, ImmutableArray<Move> moves, DraftRequest request)
    {
        var focus = Focus.Of(request.Brief);
        bool Opens(Move move) => Wants.Opens(move, focus, request.Brief.Goal);
        var groups = frame.Blocks.All(b => b.Block.Format is LinkedFormat) ? InGroups(frame, moves) : Dealt(frame, moves, Opens);
        // Blocks of one size change places, so that the class opens with what opens it.
        var first = groups.FindIndex(g => g.Exists(Opens));
        if (first > 0 && groups[first].Count == groups[0].Count)
            (groups[0], groups[first]) = (groups[first], groups[0]);
        return [.. groups.SelectMany((group, at) => Ordered(group, at == 0 ? Opens : null, frame.Blocks[at].Block))];
    }

    /// <summary>Stations that belong together stay together.</summary>
    private static List<List<Move>> InGroups(Frame frame, ImmutableArray<Move> moves)
    {
        var (groups, at) = (new List<List<Move>>(), 0);
        foreach (var block in frame.Blocks)
        {
            groups.Add([.. moves.Skip(at).Take(block.Stations)]);
            at += block.Stations;
        }

        return [.. groups.OrderBy(g => g.Min(Rank))];
    }

    /// <summary>By rank, upper and lower in turn, dealt out so that each block has of everything.</summary>
    private static List<List<Move>> Dealt(Frame frame, ImmutableArray<Move> moves, Func<Move, bool> opens)
    {
        var groups = frame.Blocks.Select(_ => new List<Move>()).ToList();
        var at = 0;
        foreach (var move in moves.OrderBy(m => opens(m) ? 0 : 1).ThenBy(Rank).ThenBy(m => (int)m.Pattern))
        {
            while (groups[at % groups.Count].Count >= frame.Blocks[at % groups.Count].Stations)
                at++;
            groups[at++ % groups.Count].Add(move);
        }

        return groups;
    }

    /// <summary>Explosive first, then the big ones, one leg, small muscles, and the trunk.</summary>
    private static int Rank(Move move) =>
        move.Tags.IsExplosive || move.IsSkill() ? 0
        : move.IsCore() ? 4
        : move.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Push or Pattern.Pull or Pattern.OverheadPush or Pattern.VerticalPull && !move.IsBalance() ? 1
        : move.Pattern is Pattern.Lunge or Pattern.HipBridge || move.IsBalance() ? 2
        : 3;

    /// <summary>The best of changing two at a time, from the order by rank.</summary>
    private static List<Move> Ordered(List<Move> group, Func<Move, bool>? opens, Block block)
    {
        var order = group.OrderBy(Rank).ToList();
        for (var (now, better) = (Cost(order, opens, block), true); better;)
        {
            better = false;
            for (var i = 0; i < order.Count; i++)
                for (var j = i + 1; j < order.Count; j++)
                {
                    (order[i], order[j]) = (order[j], order[i]);
                    var cost = Cost(order, opens, block);
                    if (cost < now - 1e-9)
                        (now, better) = (cost, true);
                    else
                        (order[i], order[j]) = (order[j], order[i]);
                }
        }

        return order;
    }

    private static double Cost(List<Move> order, Func<Move, bool>? opens, Block block)
    {
        var cost = opens is not null && !opens(order[0]) ? NoOpener : 0;
        for (var i = 0; i < order.Count; i++)
        {
            for (var j = i + 1; j < order.Count; j++)
                cost += OutOfTurn * Math.Max(0, Rank(order[i]) - Rank(order[j]));
            if (i + 1 < order.Count)
                cost += Beside(order[i], order[i + 1]);
        }

        return cost + (block.RoundCount > 1 && order.Count > 2 ? Beside(order[^1], order[0]) : 0);
    }

    private static double Beside(Move a, Move b) =>
        (Prime(a).Intersect(Prime(b)).Any() ? OneMuscle : 0)
        + (RegionOf(a) == RegionOf(b) ? OneRegion : 0)
        + (a.Level == b.Level ? 0 : UpAndDown)
        + (a.Kit.SequenceEqual(b.Kit) ? 0 : OtherKit);

    private static IEnumerable<Muscle> Prime(Move move) => move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle);

    private static Region RegionOf(Move move) => MuscleLoads.RegionOf(move.Muscles.MaxBy(m => m.Share).Muscle);
}
