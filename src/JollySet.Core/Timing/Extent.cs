using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>How large a class would become, reckoned before anything of it is built: its length by the clock and the pieces its timeline would have.</summary>
/// <param name="Seconds">By the clock, from everything that takes time; what no one says is reckoned at the least its change needs.</param>
/// <param name="Segments">At most.</param>
public readonly record struct Extent(decimal Seconds, long Segments)
{
    private const int LeastWithin = 6;
    private const int LeastOtherSide = 4;
    private const int LeastAfterRound = 20;
    private const int LeastAfterBlock = 30;

    /// <summary>A sentence when the class is beyond a limit; null when it may be built.</summary>
    public static string? Broken(ClassPlan plan)
    {
        if (plan.Blocks.Length > Limits.Blocks)
            return $"a class has at most {Limits.Blocks} blocks";
        if (plan.Blocks.Any(b => b.Stations.Length > Limits.Stations))
            return $"a block has at most {Limits.Stations} stations";
        var extent = Of(plan);
        if (extent.Seconds > Limits.Seconds)
            return string.Create(CultureInfo.InvariantCulture, $"the class takes {Math.Floor(extent.Seconds / 360) / 10} hours or more; the limit is {Limits.Seconds / 3600} hours");
        return extent.Segments <= Limits.Segments ? null
            : string.Create(CultureInfo.InvariantCulture, $"the class would be cut into {extent.Segments} pieces of work and rest; the limit is {Limits.Segments}");
    }

    /// <summary>The extent of a plan.</summary>
    public static Extent Of(ClassPlan plan)
    {
        var pace = new Pace(plan, HouseRules.Shipped, MoveLibrary.Shipped);
        var sum = new Extent(0, 0);
        foreach (var block in plan.Blocks)
            sum = sum.And(Of(plan.Spelled(block), pace));
        return sum;
    }

    private static Extent Of(Block block, Pace pace) => (block.Format switch
    {
        TalkFormat talk => new Extent(talk.Seconds, 1),
        ShowFormat show => new Extent(show.Seconds, 1),
        OwnFormat own => new Extent(own.Seconds, 1),
        AmrapFormat amrap => new Extent(block.Stations.IsEmpty ? 0 : amrap.Seconds, 1),
        _ => Rounds(block, pace),
    }).And(block.Stations.IsEmpty && !block.IsWords ? default : Gap(block.Settings.After, IsCounted(block), LeastAfterBlock));

    /// <summary>Rounds that differ one by one, then the last of them for all that follow.</summary>
    private static Extent Rounds(Block block, Pace pace)
    {
        if (block.Stations.IsEmpty)
            return default;
        var rounds = block.RoundCount;
        var differing = block.Rungs is not null ? rounds : Math.Min(rounds, Math.Max(Listed(block.Settings), block.Stations.Max(Listed)));
        var sum = default(Extent);
        for (var round = 1; round <= differing; round++)
            sum = sum.And(Round(block, round, pace).Times(round == differing ? rounds - differing + 1 : 1));
        return sum.Times(block.Settings.EachSide is null ? 1 : 2);
    }

    private static Extent Round(Block block, int round, Pace pace)
    {
        var sum = default(Extent);
        for (var at = 0; at < block.Stations.Length; at++)
        {
            var line = block.Stations[at];
            var sides = line.Sides is { Ways.IsEmpty: false } said ? said.Ways.At(round) : SideWay.Both;
            var periods = sides == SideWay.EachSide && block.Settings.EachSide is null ? 2 : 1;
            var work = Work(line, block, round, pace) * periods;
            sum = sum.And(block.Format is MinuteFormat
                ? new Extent(block.Settings.EverySeconds ?? 60, periods + 1)
                : new Extent(work, sides == SideWay.SwitchHalfway ? 2 : periods).And(Gaps(block, line, round, at, periods, work)));
            if (round == 1 && (line.DemoSeconds ?? block.Settings.DemoSeconds) is { } demo)
                sum = sum.And(new Extent(demo, 1));
        }

        return sum;
    }

    private static decimal Work(Station line, Block block, int round, Pace pace)
    {
        decimal Counted(int reps) => (reps * pace.SecondsPerRep(line.Doing.InRound(round), line.Tempo, block.Settings.Beat)) + pace.PulseSeconds(line.Pulses);
        return line.Amount switch
        {
            Reps reps => Counted(reps.Counts.At(round)?.Low ?? HouseRules.Shipped.Whole("target.reps")),
            Timed timed => timed.Seconds.At(round)?.Low ?? HouseRules.Shipped.Whole("target.seconds"),
            _ when block.Rungs is { } rungs => rungs.InSeconds ? rungs.Counts[round - 1] : Counted(rungs.Counts[round - 1]),
            _ => block.Settings.WorkSeconds.IsEmpty ? Counted(HouseRules.Shipped.Whole("target.reps")) : block.Settings.WorkSeconds.At(round),
        };
    }

    private static Extent Gaps(Block block, Station line, int round, int at, int periods, decimal work)
    {
        if (block.Format is FlowFormat)
            return default;
        var (settings, counted) = (block.Settings, line.Amount is Reps || IsCounted(block));
        var inRound = settings.Rest.IsEmpty ? null : settings.Rest.At(round);
        var ratio = settings.Ratio is { } r ? new Extent(work * r.Rest / r.Work, 1) : default;
        var within = Gap(block.IsLinked ? line.Rest ?? settings.Pause : line.Rest ?? inRound, counted, LeastWithin);
        var side = block.IsLinked || block.Format is StraightFormat ? Gap(settings.Pause, counted, LeastOtherSide) : within;
        var ends = block.Format is StraightFormat || at == block.Stations.Length - 1;
        var after = !ends ? within
            : settings.Water is { } water && water.Round == round ? Gap(water.Gap, counted, LeastAfterRound)
            : Gap(settings.Between ?? (block.IsLinked ? inRound : line.Rest ?? inRound), counted, LeastAfterRound);
        return after.And(ratio).And(side.Times(periods - 1));
    }

    /// <summary>Said, or reckoned at the least where it is promised or follows counted work; nothing else.</summary>
    private static Extent Gap(Gap? gap, bool counted, int least) =>
        gap is { Open: false } said ? new Extent(said.Seconds.Low, said.Seconds.Low > 0 ? 1 : 0)
        : gap is not null || counted ? new Extent(least, 1)
        : default;

    private static bool IsCounted(Block block) => block.Rungs is { InSeconds: false } || (block.Rungs is null && block.Settings.WorkSeconds.IsEmpty) || block.Stations.LastOrDefault()?.Amount is Reps;

    private static int Listed(BlockSettings settings) => Math.Max(settings.Water?.Round + 1 ?? 1, Math.Max(settings.WorkSeconds.Length, settings.Rest.Length));

    private static int Listed(Station line) => Math.Max(
        line.Amount switch { Reps reps => reps.Counts.Length, Timed timed => timed.Seconds.Length, _ => 2 },
        Math.Max(line.Sides?.Ways.Length ?? 1, (line.Doing as Growing)?.Rounds.Length ?? 1));

    private Extent And(Extent other) => new(Seconds + other.Seconds, Segments + other.Segments);

    private Extent Times(int times) => new(Seconds * times, Segments * times);
}
