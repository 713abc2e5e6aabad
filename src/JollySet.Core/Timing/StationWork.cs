using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Turns a station's line into its work periods of one round: one, or two where each side has its own.</summary>
internal sealed class StationWork(ClassPlan plan, MoveLibrary library, HouseRules rules)
{
    private readonly Facts facts = new(plan, library);
    private readonly Pace pace = new(plan, rules);

    /// <summary>The work periods, in order.</summary>
    public ImmutableArray<WorkSet> Of(int blockIndex, Block block, int round, int station)
    {
        var line = block.Stations[station - 1];
        var found = facts.Of(line, round);
        var way = line.Sides is { Ways.IsEmpty: false } sides ? sides.Ways.At(round) : UsualWay(found.Move);
        var first = line.Sides?.RightFirst == true ? Side.Right : Side.Left;
        var target = TargetOf(line, block.Settings, found.Move, round);
        var set = Measured(target, line, found) with { Block = blockIndex, Round = round, Station = station };
        return way switch
        {
            SideWay.EachSide => [set with { Side = first }, set with { Side = WorkSet.OtherOf(first), SecondSide = true }],
            SideWay.SwitchHalfway => [set with { Side = first, SwitchHalfway = true }],
            SideWay.Left => [set with { Side = Side.Left }],
            SideWay.Right => [set with { Side = Side.Right }],
            SideWay.Both => [set with { Side = Side.Both }],
            SideWay.Alternating => [set with { Side = Side.Alternating }],
            _ => [set],
        };
    }

    private WorkSet Measured(Target target, Station line, WorkFacts found)
    {
        if (target.Reps is not { } reps)
            return new WorkSet(0, 0, 0, line, found, null, false, false, target.Seconds * 10, target.Seconds * 10, null, null, target.Said);
        var perRep = pace.SecondsPerRep(found.Move, line.Tempo);
        var tenths = Math.Max(1, Pace.Round(reps * perRep * 10));
        return new WorkSet(0, 0, 0, line, found, null, false, false, tenths, pace.LikelyTenths(tenths, reps, found.Heavy), reps, perRep, target.Said);
    }

    private Target TargetOf(Station line, BlockSettings settings, Move? move, int round) => line.Amount switch
    {
        Reps reps => reps.Counts.At(round) is { } count ? new Target(count.Low, 0, true) : Unsaid(timed: false),
        Timed timed => timed.Seconds.At(round) is { } seconds ? new Target(null, seconds.Low, true) : Unsaid(timed: true),
        _ when !settings.WorkSeconds.IsEmpty => new Target(null, settings.WorkSeconds.At(round), true),
        _ => Unsaid(timed: move?.Pattern is Pattern.Stretch or Pattern.Mobility or Pattern.Brace or Pattern.March),
    };

    private Target Unsaid(bool timed) => timed
        ? new Target(null, rules.Whole("target.seconds"), false)
        : new Target(rules.Whole("target.reps"), 0, false);

    private static SideWay? UsualWay(Move? move) => move?.Sides switch
    {
        MoveSides.Both => SideWay.Both,
        MoveSides.Alternating => SideWay.Alternating,
        _ => null,
    };

    private readonly record struct Target(int? Reps, int Seconds, bool Said);
}
