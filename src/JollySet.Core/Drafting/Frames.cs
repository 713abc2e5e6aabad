using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>Lists the frames a main part may have: for the format liked, the goal's work and rest, and who comes.</summary>
internal sealed class Frames
{
    /// <summary>What the last short block is called.</summary>
    public const string Finisher = "Finisher";

    private const int Water = 60;
    private const int After = 45;
    private const int LongestBlock = 17 * 60;
    private const int FinisherFrom = 30;
    private const int Pause = 15;
    private const int FewStations = 6;
    private const int WaterFrom = 6 * 60;
    private readonly DraftRequest request;
    private readonly bool gentle;
    private readonly bool counted;

    private Frames(DraftRequest request, bool counted)
    {
        this.counted = counted;
        this.request = request;
        gentle = request.Brief.NeedsMoreTime;
    }

    /// <summary>Frames of about that many seconds, the most usual first; the seed shifts what is nearly equal.</summary>
    /// <param name="slack">How much shorter they may be: talk and gaps can take that up.</param>
    /// <param name="counted">Whether sets may be counted rather than timed.</param>
    public static IEnumerable<Frame> For(DraftRequest request, int seconds, int slack, bool counted)
    {
        var chance = new Random(request.Seed);
        return new Frames(request, counted).All()
            .Select(f => f with { Cost = f.Cost + chance.NextDouble() + (Math.Abs(seconds - (slack / 2) - f.Seconds) / 120.0) })
            .Where(f => f.Seconds <= seconds && f.Seconds >= seconds - slack)
            .OrderBy(f => f.Cost);
    }

    private IEnumerable<Frame> All()
    {
        var finisher = request.Brief.Minutes >= FinisherFrom && request.Brief.Goal is Goal.StrengthEndurance or null ? FinisherBlock() : null;
        return from times in Counted ? CountedTimes() : Times()
               from blocks in Enumerable.Range(1, 8)
               from stations in Stations()
               from rounds in Rounds()
               let block = BlockOf(stations, rounds, times)
               where block.Seconds <= LongestBlock
               let all = Enumerable.Range(0, blocks).Select(i => Lettered(block, i, blocks)).Concat(finisher is null ? [] : [finisher]).ToImmutableArray()
               let total = blocks * stations
               where total is >= 3 and <= 20
               select new Frame(all, CostOf(blocks, stations, rounds) + times.Cost, SaysOf(blocks, stations, rounds, times));
    }

    /// <summary>Strength and muscle are counted where the format lets them be.</summary>
    public static bool IsCounted(DraftRequest request) =>
        request.Brief.Goal is Goal.Strength or Goal.Muscle && request.Format is DraftFormat.Supersets or DraftFormat.Trios or DraftFormat.Straight;

    private bool Counted => counted && IsCounted(request);

    private IEnumerable<int> Stations() => request.Format switch
    {
        DraftFormat.Supersets => [2],
        DraftFormat.Trios => [3],
        DraftFormat.Straight => [2, 3, 4],
        DraftFormat.Ladder => [3, 4],
        DraftFormat.Minute => [3, 4, 5],
        _ => [4, 5, 6, 7, 8, 9, 10],
    };

    private IEnumerable<int> Rounds() => request.Format == DraftFormat.Circuit ? [1, 2, 3, 4] : request.Format == DraftFormat.Ladder ? [3, 4] : [2, 3, 4];

    /// <summary>Work and rest in seconds, usual ones first; rest is long enough to change for who comes.</summary>
    private IEnumerable<WorkRest> Times()
    {
        var brief = request.Brief;
        var strong = brief.Audience.Any(a => a is Audience.Regular or Audience.Strong);
        var easy = brief.Audience.IsEmpty || brief.Audience.Any(a => a is Audience.Newcomer or Audience.FirstTimers or Audience.OlderAdults);
        (int, int, double)[] times = brief.Goal switch
        {
            Goal.Power => [(15, 60, 0), (15, 65, 0.3), (15, 75, 0.4)],
            Goal.Strength => [(25, 60, 0), (30, 60, 0.2), (25, 70, 0.3)],
            Goal.Mobility => [(45, 15, 0), (40, 15, 0.1), (50, 15, 0.2), (60, 15, 0.3)],
            _ when !strong || gentle => [(40, 40, 0), (30, 30, 0.1), (35, 35, 0.2), (45, 45, 0.3)],
            _ when easy => [(40, 20, 0), (40, 25, 0.2), (45, 25, 0.2), (50, 25, 0.3), (35, 20, 0.4), (40, 30, 0.4)],
            _ => [(40, 20, 0), (45, 20, 0.1), (50, 20, 0.2), (45, 25, 0.3), (60, 25, 0.4)],
        };
        return times.Select(t => new WorkRest(t.Item1, t.Item2, t.Item3));
    }

    /// <summary>Counted sets: about how long one takes, and the rest for the goal.</summary>
    private IEnumerable<WorkRest> CountedTimes() => request.Brief.Goal == Goal.Strength
        ? [new(18, 120, 0), new(18, 135, 0.1), new(18, 150, 0.2), new(18, 180, 0.3)]
        : [new(20, 75, 0), new(20, 60, 0.1), new(20, 90, 0.1), new(20, 105, 0.3), new(20, 120, 0.4)];

    private FrameBlock BlockOf(int stations, int rounds, WorkRest times)
    {
        var (work, rest) = (times.Work, times.Rest);
        var between = gentle ? 75 : 60;
        switch (request.Format)
        {
            case DraftFormat.Circuit:
                var circuit = new BlockSettings(Rounds: new Span(rounds), Between: rounds > 1 ? Gap.OfSeconds(between) : null) { Work = [Length.Seconds(work)], Rest = [Gap.OfSeconds(rest)] };
                return new FrameBlock(new Block("", new CircuitFormat(), circuit), stations, null, (rounds * ((stations * (work + rest)) - rest)) + ((rounds - 1) * between), rounds * work);
            case DraftFormat.Minute:
                var slot = work + rest <= 60 ? 60 : work + rest;
                var minute = new BlockSettings(Rounds: new Span(rounds), Every: slot == 60 ? null : Length.Seconds(slot));
                return new FrameBlock(new Block("", new MinuteFormat(), minute), stations, Timed.OfSeconds(work), stations * rounds * slot, rounds * work);
            case DraftFormat.Ladder:
                var rungs = new Rungs([work + 10, work + 10 - (10 * (rounds - 1))], 10, false, true);
                var restAfter = Math.Max(40, rest + 20);
                var sum = rungs.Counts.Sum();
                return new FrameBlock(new Block("", new LadderFormat(rungs), new BlockSettings(Pause: Gap.OfSeconds(gentle ? 30 : 20)) { Rest = [Gap.OfSeconds(restAfter)] }), stations, null, (stations * sum) + (rounds * (stations - 1) * (gentle ? 30 : 20)) + ((rounds - 1) * restAfter), sum);
            default:
                return SetsOf(stations, rounds, times);
        }
    }

    /// <summary>Supersets, trios and straight sets: counted for strength and muscle, timed else.</summary>
    private FrameBlock SetsOf(int stations, int rounds, WorkRest times)
    {
        var goal = request.Brief.Goal;
        Amount amount = Counted ? Reps.Of(goal == Goal.Strength ? 6 : 8) : Timed.OfSeconds(times.Work);
        var work = times.Work;
        var rest = Counted || request.Format == DraftFormat.Straight ? times.Rest : Math.Max(60, times.Rest * (stations - 1));
        var pause = gentle ? 30 : goal == Goal.Strength ? 30 : Pause;
        var straight = request.Format == DraftFormat.Straight;
        BlockFormat format = straight ? new StraightFormat() : new LinkedFormat(stations == 2 ? LinkedKind.Superset : LinkedKind.Trio, stations == 2 && Both ? School.Opposing : School.Any);
        var settings = new BlockSettings(Rounds: new Span(rounds), Between: straight ? Gap.OfSeconds(Math.Max(rest, 60)) : null, Pause: straight ? null : Gap.OfSeconds(pause)) { Rest = [Gap.OfSeconds(rest)] };
        var seconds = straight
            ? (stations * ((rounds * work) + ((rounds - 1) * rest))) + ((stations - 1) * Math.Max(rest, 60))
            : (rounds * ((stations * work) + ((stations - 1) * pause))) + ((rounds - 1) * rest);
        return new FrameBlock(new Block("", format, settings), stations, amount, seconds, rounds * work);
    }

    /// <summary>Whether the focus has muscles that work against each other.</summary>
    private bool Both => Balance.SeeSaws.CoveredBy(Balance.Focus.Of(request.Brief)).Any(c => c);

    private FrameBlock FinisherBlock()
    {
        var times = Times().First();
        var settings = new BlockSettings(After: Gap.OfSeconds(After), Optional: true) { Work = [Length.Seconds(times.Work)], Rest = [Gap.OfSeconds(times.Rest)] };
        return new FrameBlock(new Block(Finisher, new CircuitFormat(), settings), 3, null, (3 * (times.Work + times.Rest)) - times.Rest + After, times.Work);
    }

    /// <summary>Water after the first block and every second one from there, after long ones, and after the last.</summary>
    private static FrameBlock Lettered(FrameBlock block, int index, int blocks)
    {
        var water = index == blocks - 1 || index % 2 == 0 || block.Seconds > WaterFrom;
        var after = water ? Water : After;
        return block with { Block = block.Block with { Name = $"{(char)('A' + index)}", Settings = block.Block.Settings with { After = Gap.OfSeconds(after) with { Water = water } } }, Seconds = block.Seconds + after };
    }

    private double CostOf(int blocks, int stations, int rounds) => request.Format switch
    {
        DraftFormat.Circuit => (Math.Abs(stations - 6) * 0.25) + (Math.Abs(rounds - 3) * 0.4) + (Math.Abs(blocks - (request.Brief.Minutes >= 25 ? 2 : 1)) * 0.5) + (Math.Max(0, FewStations - (blocks * stations)) * 0.8),
        DraftFormat.Minute => (Math.Abs(stations - 4) * 0.3) + (Math.Abs(rounds - 3) * 0.4),
        _ => (Math.Abs(rounds - 3) * 0.6) + (Math.Max(0, FewStations - (blocks * stations)) * 0.7),
    };

    private string SaysOf(int blocks, int stations, int rounds, WorkRest times)
    {
        var goal = Words.Of(request.Brief.Goal ?? Goal.StrengthEndurance);
        var shape = $"{(blocks == 1 ? "One block" : $"{blocks} blocks")} of {stations} stations, {rounds} {(rounds == 1 ? "round" : "rounds")}";
        return Counted ? $"{shape}, counted, with the rest that {goal} usually takes." : $"{shape}, {times.Work} s on and {times.Rest} s off: usual for {goal} with who comes.";
    }

    /// <param name="Cost">How unusual the two are.</param>
    private readonly record struct WorkRest(int Work, int Rest, double Cost);
}
