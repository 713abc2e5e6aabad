using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>Lists the frames a main part may have: for the format liked, the goal's work and rest, and who comes.</summary>
internal sealed class Frames
{
    /// <summary>Of the seconds there are, what changes may come to need.</summary>
    private const int Margin = 40;
    private const double Thin = 150;
    private const double FewSets = 0.25;
    private const double OnePass = 24;
    private const double Uneven = 0.6;

    /// <summary>Shapes of a main part that drafts of one brief go through.</summary>
    private const int Shapes = 3;

    /// <summary>How much more another shape may lack of the dose.</summary>
    private const double NearlyAsGood = 1;
    private const int ShortClass = 20;
    private const double FewPlaces = 3;
    private const int Water = 45;
    private const int ShortAfter = 30;
    private const int After = 45;
    private const int LongestBlock = 21 * 60;
    private static readonly (int Stations, int Rounds)[] LastOnes = [(0, 0), (1, 0), (0, 1)];
    private const int Pause = 15;
    private const int FewStations = 6;
    private const int WaterFrom = 6 * 60;
    private readonly DraftRequest request;
    private readonly HouseRules rules;
    private readonly bool gentle;
    private readonly bool counted;

    private Frames(DraftRequest request, HouseRules rules, bool counted)
    {
        this.rules = rules;
        this.counted = counted;
        this.request = request;
        gentle = request.Brief.NeedsMoreTime;
    }

    /// <summary>Frames of about that many seconds, the most usual first; the seed shifts what is nearly equal.</summary>
    /// <param name="slack">How much shorter they may be: talk and gaps can take that up.</param>
    /// <param name="counted">Whether sets may be counted rather than timed.</param>
    public static IEnumerable<Frame> For(DraftRequest request, HouseRules rules, int seconds, int slack, bool counted)
    {
        var chance = new Random(request.Seed);
        var frames = new Frames(request, rules, counted).All()
            .Select(f => f with { Cost = f.Cost + chance.NextDouble() + (Math.Abs(seconds - Margin - f.Seconds) / 40.0) })
            .Where(f => f.Seconds <= seconds && f.Seconds >= seconds - slack)
            .OrderBy(f => f.Cost).ToList();
        // Another draft of a brief takes another shape: the second best, then the third, then the best again with other moves.
        var shapes = frames.Where(f => f.Thin <= frames[0].Thin + NearlyAsGood).Select(f => f.Shape).Distinct().Take(Shapes).ToList();
        var first = shapes.Count == 0 ? "" : shapes[(request.Seed - 1) % shapes.Count];
        return frames.OrderBy(f => f.Shape == first && f.Thin <= frames[0].Thin + NearlyAsGood ? 0 : 1);
    }

    private IEnumerable<Frame> All()
    {
        return from times in Counted ? CountedTimes() : Times()
               from blocks in Enumerable.Range(1, 8)
               from stations in Stations()
               from rounds in Rounds()
               from between in gentle ? [75, 60] : new[] { 60, 45 }
               let block = BlockOf(stations, rounds, times, between)
               where block.Seconds <= LongestBlock
               from less in blocks > 1 ? LastOnes : LastOnes[..1]
               where less.Stations == 0 || (request.Format == DraftFormat.Circuit && stations > 4)
               where less.Rounds == 0 || rounds > 2
               let last = less == (0, 0) ? block : BlockOf(stations - less.Stations, rounds - less.Rounds, times, between)
               let all = Enumerable.Range(0, blocks).Select(i => Lettered(i == blocks - 1 ? last : block, i, blocks)).ToImmutableArray()
               let total = (blocks * stations) - less.Stations
               where total is >= 3 and <= 20
               let thin = ThinCost(all, total, rounds - less.Rounds)
               select new Frame(all, CostOf(blocks, stations, rounds) + times.Cost + (less == (0, 0) ? 0 : Uneven) + thin, thin, SaysOf(all, times));
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
            Goal.Power => [(15, 45, 0), (20, 60, 0.1), (15, 60, 0.3)],
            Goal.Strength => [(25, 60, 0), (30, 60, 0.2), (25, 70, 0.3)],
            Goal.Mobility => [(45, 15, 0), (40, 15, 0.1), (50, 15, 0.2), (60, 15, 0.3)],
            _ when gentle => [(40, 30, 0), (45, 30, 0.1), (40, 25, 0.2), (35, 30, 0.3)],
            _ when !strong => [(40, 30, 0), (40, 25, 0.1), (35, 25, 0.2), (45, 30, 0.3), (40, 40, 0.5)],
            _ when easy => [(45, 15, 0), (45, 20, 0.1), (40, 20, 0.2), (50, 20, 0.2), (40, 15, 0.3), (50, 25, 0.4)],
            _ => [(45, 15, 0), (50, 20, 0.1), (40, 20, 0.2), (45, 20, 0.2), (60, 20, 0.3)],
        };
        // A short class has no time for long rests, nor for long periods where it is very short.
        (int, int, double)[] brisk = brief.Goal is Goal.StrengthEndurance or null && !gentle && brief.Minutes <= ShortClass ? [(50, 15, 0.2), (30, 15, 0.5), (35, 15, 0.5)] : gentle && brief.Minutes <= ShortClass ? [(40, 20, 0.2), (30, 20, 0.4)] : [];
        return times.Concat(brisk).Select(t => new WorkRest(t.Item1, t.Item2, t.Item3));
    }

    /// <summary>Counted sets: about how long one takes, and the rest for the goal.</summary>
    private IEnumerable<WorkRest> CountedTimes() => request.Brief.Goal == Goal.Strength
        ? [new(18, 120, 0), new(18, 135, 0.1), new(18, 150, 0.2), new(18, 180, 0.3)]
        : LightOnly ? [new(35, 60, 0), new(35, 45, 0.1), new(35, 50, 0.2)] : [new(22, 75, 0), new(22, 60, 0), new(22, 90, 0.3)];

    private FrameBlock BlockOf(int stations, int rounds, WorkRest times, int between)
    {
        var (work, rest) = (times.Work, times.Rest);
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
        Amount amount = Counted ? Reps.Of(goal == Goal.Strength ? 6 : LightOnly ? 16 : 10) : Timed.OfSeconds(times.Work);
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

    /// <summary>Whether no weight listed is more than light: reps go up in place of load.</summary>
    private bool LightOnly => request.Brief.Kit.Select(Kit.KitStock.Of).Where(k => Moves.KitList.Known.Any(i => Moves.KitList.IsHeld(i) && k.Is(i))).All(k => k.Weight == LoadLevel.Light);

    /// <summary>Whether the focus has muscles that work against each other.</summary>
    private bool Both => Balance.SeeSaws.CoveredBy(Balance.Focus.Of(request.Brief)).Any(c => c);

    /// <summary>What the class would lack of a dose worth teaching: main part, work, sets, places for what it covers, a second round.</summary>
    private double ThinCost(ImmutableArray<FrameBlock> blocks, int stations, int rounds)
    {
        var (booked, brief) = (Length.Minutes(request.Brief.Minutes!.Value), request.Brief);
        var people = brief.Audience.IsEmpty ? [Audience.Newcomer, Audience.Regular] : brief.Audience;
        var seconds = (double)booked.InSeconds;
        var main = (blocks.Sum(b => b.Seconds) - After) / seconds;
        var work = blocks.Sum(b => b.Stations * b.WorkSeconds) / seconds;
        var cost = Thin * Math.Max(0, (double)Timing.Dose.MainLeast(booked, people, rules) + 0.02 - main);
        cost += brief.Goal is Goal.StrengthEndurance or null ? Thin * Math.Max(0, (double)Timing.Dose.WorkLeast(booked, people, rules) + 0.01 - work) : 0;
        cost += brief.Goal == Goal.Muscle ? FewSets * Math.Max(0, (rules.DoseMuscleSets * seconds / 1500) - (stations * rounds)) : 0;
        cost += brief.Goal is Goal.Strength or Goal.Power && rounds < 3 ? OnePass : 0;
        cost += Balance.Focus.Of(brief).IsFullBody ? FewPlaces * Math.Max(0, (brief.Minutes >= 24 && people.Contains(Audience.OlderAdults) ? 6 : brief.Minutes >= 30 ? 8 : brief.Minutes >= 24 ? 7 : brief.Minutes <= 12 ? 3 : 4) - stations) : 0;
        return cost + (rounds == 1 ? stations < 10 || people.Contains(Audience.Newcomer) || (people.Contains(Audience.OlderAdults) && brief.Minutes > ShortClass) ? OnePass : OnePass / 3 : 0) + (people.All(p => p is Audience.Newcomer or Audience.FirstTimers or Audience.OlderAdults) ? Math.Max(0, stations - 8) * 0.4 : 0);
    }

    /// <summary>Water after the first block and every second one from there, after long ones, and after the last, save in a short class.</summary>
    private FrameBlock Lettered(FrameBlock block, int index, int blocks)
    {
        var shortClass = request.Brief.Minutes <= ShortClass;
        var water = !(shortClass && index == blocks - 1) && (index == blocks - 1 || index % 2 == 0 || block.Seconds > WaterFrom);
        var after = water ? Water : shortClass ? ShortAfter : After;
        return block with { Block = block.Block with { Name = $"{(char)('A' + index)}", Settings = block.Block.Settings with { After = Gap.OfSeconds(after) with { Water = water } } }, Seconds = block.Seconds + after };
    }

    private double CostOf(int blocks, int stations, int rounds) => request.Format switch
    {
        DraftFormat.Circuit => (Math.Abs(stations - 6) * 0.25) + (Math.Abs(rounds - 3) * 0.4) + (Math.Abs(blocks - (request.Brief.Minutes >= 25 ? 2 : 1)) * 0.5) + (Math.Max(0, FewStations - (blocks * stations)) * 0.8),
        DraftFormat.Minute => (Math.Abs(stations - 4) * 0.3) + (Math.Abs(rounds - 3) * 0.4),
        _ => (Math.Abs(rounds - 3) * 0.6) + (Math.Max(0, FewStations - (blocks * stations)) * 0.7),
    };

    private string SaysOf(ImmutableArray<FrameBlock> blocks, WorkRest times)
    {
        var goal = Words.Of(request.Brief.Goal ?? Goal.StrengthEndurance);
        var kinds = blocks.GroupBy(b => (b.Stations, b.Block.RoundCount)).Select(g => $"{(g.Count() == 1 ? "one block" : $"{Number(g.Count())} blocks")} of {Number(g.Key.Stations)} stations, {Number(g.Key.RoundCount)} {(g.Key.RoundCount == 1 ? "round" : "rounds")}").ToList();
        var shape = Say.Capital(string.Join("; ", kinds));
        return Counted ? $"{shape}; counted, with the rest that {goal} usually takes." : $"{shape}; {times.Work} s on and {times.Rest} s off, usual for {goal} with who comes.";
    }

    private static string Number(int number) => Cues.Spoken.Number(number);

    /// <param name="Cost">How unusual the two are.</param>
    private readonly record struct WorkRest(int Work, int Rest, double Cost);
}
