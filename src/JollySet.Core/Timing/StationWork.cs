using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Turns a station's line into its work periods of one round: one, or two where each side has its own.</summary>
internal sealed class StationWork(ClassPlan plan, Studio studio)
{
    private readonly Facts facts = new(plan, studio);
    private readonly Dictionary<LineInRound, ImmutableArray<WorkSet>> known = [];
    private readonly Pace pace = new(plan, studio);

    /// <summary>The work periods, in order.</summary>
    /// <param name="pass">The side of the whole pass, where the block does each side.</param>
    public ImmutableArray<WorkSet> Of(int blockIndex, Block block, int round, int station, Side? pass)
    {
        var line = block.Stations[station - 1];
        var key = new LineInRound(line, Entry(block, line, round), blockIndex, pass);
        if (!known.TryGetValue(key, out var sets))
            known[key] = sets = Measure(blockIndex, block, line, round, pass);
        return [.. sets.Select(s => s with { Round = round, Station = station })];
    }

    private ImmutableArray<WorkSet> Measure(int blockIndex, Block block, Station line, int round, Side? pass)
    {
        var found = facts.Of(block, line, round);
        var way = line.Sides is { Ways.IsEmpty: false } sides ? sides.Ways.At(round) : UsualWay(found.Move);
        var first = line.Sides?.RightFirst == true ? Side.Right : Side.Left;
        var target = TargetOf(line, block, found.Move, round);
        var set = Measured(target, line, block, found, round) with { Block = blockIndex };
        if (pass is not null)
            return [set with { Side = line.Sides is { Ways.IsEmpty: false } ? Side.Both : pass }];
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

    /// <summary>Up to which round anything of the line or its block changes by round; later rounds are like that one.</summary>
    private static int Entry(Block block, Station line, int round)
    {
        if (block.Rungs is not null)
            return round;
        var amounts = line.Amount switch { Reps reps => reps.Counts.Length, Timed timed => timed.Lengths.Length, _ => block.Settings.Work.Length };
        var most = Math.Max(Math.Max(amounts, line.Load?.Rounds.Length ?? 1), Math.Max(line.Sides?.Ways.Length ?? 1, (line.Doing as Growing)?.Rounds.Length ?? 1));
        return Math.Min(round, Math.Max(1, most));
    }

    /// <summary>As many rounds as possible is one long work period of all its stations.</summary>
    public WorkSet Amrap(int blockIndex, Block block, Length length)
    {
        var all = facts.Of(block, block.Stations[0] with { Doing = new Combined([.. block.Stations.Select(s => s.Doing)]) }, 1);
        var name = string.Join(", ", block.Stations.Select(s => Facts.NameOf(s.Doing)));
        return new WorkSet(blockIndex, 1, 0, block.Stations[0], all with { Name = name }, null, false, false, length, length, null, null, true) { KeepsClock = true };
    }

    private WorkSet Measured(Target target, Station line, Block block, WorkFacts found, int round)
    {
        if (target.Reps is not { } reps)
            return new WorkSet(0, 0, 0, line, found, null, false, false, target.Length, target.Length, null, null, target.Said)
            {
                KeepsClock = true,
                ExpectedSecondsPerRep = IsRepeated(line, found.Move) ? ExpectedPerRep(line, block, round) : null,
            };
        var perRep = pace.SecondsPerRep(line.Doing.InRound(round), line.Tempo, block.Settings.Beat);
        var length = Length.Max(Length.Tick, Length.Seconds((reps * perRep) + pace.SecondsOf(line.Pulses)));
        var toTheBeat = block.Format is FlowFormat;
        return new WorkSet(0, 0, 0, line, found, null, false, false, length, toTheBeat ? length : pace.Likely(length, reps, found.Heavy), reps, perRep, target.Said) { KeepsClock = toTheBeat };
    }

    /// <summary>Whether timed work is made of reps that someone would count.</summary>
    private static bool IsRepeated(Station line, Move? move) => line.Doing is Stacked || (line.Amount is not Timed { Hold: true } && move is not null
        && move.Pattern is not (Pattern.Stretch or Pattern.Mobility or Pattern.Carry or Pattern.March or Pattern.Locomotion)
        && !move.Tags.IsHold);

    /// <summary>Of a stack: one of each, which is one step of its rungs.</summary>
    private decimal ExpectedPerRep(Station line, Block block, int round) => line.Doing.InRound(round) is Stacked stack
        ? stack.Parts.Sum(part => pace.SecondsPerRep(part, line.Tempo, block.Settings.Beat))
        : line.Pulses is not null ? studio.Rules.PacePulse : pace.SecondsPerRep(line.Doing.InRound(round), line.Tempo, block.Settings.Beat);

    private Target TargetOf(Station line, Block block, Move? move, int round) => line.Amount switch
    {
        Reps reps => reps.Counts.At(round) is { } count ? Counted(count.Low) : Unsaid(timed: false),
        Timed timed => timed.Lengths.At(round) is { } length ? new Target(null, length.Low, true) : Unsaid(timed: true),
        _ when block.Rungs is { } rungs => rungs.InSeconds ? new Target(null, Length.Seconds(rungs.Counts[round - 1]), true) : Counted(rungs.Counts[round - 1]),
        _ when !block.Settings.Work.IsEmpty => new Target(null, block.Settings.Work.At(round), true),
        _ => Unsaid(timed: line.Doing is Stacked || block.Format is FlowFormat || move?.Pattern is Pattern.Stretch or Pattern.Mobility or Pattern.Brace or Pattern.March),
    };

    private static Target Counted(int reps) => new(reps, Length.Zero, true);

    private Target Unsaid(bool timed) => timed
        ? new Target(null, studio.Rules.TargetSeconds, false)
        : new Target(studio.Rules.TargetReps, Length.Zero, false);

    private static SideWay? UsualWay(Move? move) => move?.Sides switch
    {
        MoveSides.Both => SideWay.Both,
        MoveSides.Alternating => SideWay.Alternating,
        _ => null,
    };

    private readonly record struct Target(int? Reps, Length Length, bool Said);

    /// <summary>A line, by itself and not by what it says, and the round from which on it stays the same.</summary>
    private readonly struct LineInRound(Station line, int entry, int block, Side? pass) : IEquatable<LineInRound>
    {
        private readonly Station line = line;
        private readonly (int, int, Side?) rest = (entry, block, pass);

        public bool Equals(LineInRound other) => ReferenceEquals(line, other.line) && rest == other.rest;

        public override bool Equals(object? obj) => obj is LineInRound other && Equals(other);

        public override int GetHashCode() => HashCode.Combine(System.Runtime.CompilerServices.RuntimeHelpers.GetHashCode(line), rest);
    }
}
