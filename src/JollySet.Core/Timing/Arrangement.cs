using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Puts a plan's work in order: which set follows which, and which setting says the gap between them.</summary>
internal sealed class Arrangement
{
    private readonly ClassPlan plan;
    private readonly StationWork work;

    private Arrangement(ClassPlan plan, Studio studio)
    {
        this.plan = plan;
        work = new StationWork(plan, studio);
    }

    /// <summary>Every step of the class, in order, each made when it is asked for.</summary>
    public static IEnumerable<Step> Of(ClassPlan plan, Studio studio)
    {
        var arrangement = new Arrangement(plan, studio);
        return Enumerable.Range(0, plan.Blocks.Length).SelectMany(arrangement.StepsOf);
    }

    private IEnumerable<Step> StepsOf(int index)
    {
        var block = plan.Spelled(plan.Blocks[index]);
        return block.Format switch
        {
            TalkFormat talk => [new WordsStep(index, SegmentKind.Talk, talk.Length, block.Settings.After)],
            OwnFormat own => [new WordsStep(index, SegmentKind.Talk, own.Length, block.Settings.After)],
            ShowFormat show => [new WordsStep(index, SegmentKind.Demo, show.Length, block.Settings.After)],
            AmrapFormat amrap when !block.Stations.IsEmpty => [new WorkStep(work.Amrap(index, block, amrap.Length), Length.Zero, AfterBlock(index, block))],
            _ => Sets(index, block),
        };
    }

    private IEnumerable<Step> Sets(int index, Block block)
    {
        var repeats = plan.Blocks[index].Format is AgainFormat;
        var sinceRest = Length.Zero;
        foreach (var (here, next) in WithNext(Order(block)))
        {
            var line = block.Stations[here.Station - 1];
            var sets = work.Of(index, block, here.Round, here.Station, here.Side);
            if (block.Format is MinuteFormat)
                sets = InSlot(sets, SlotOf(block));
            for (var i = 0; i < sets.Length; i++)
            {
                sinceRest += sets[i].Length;
                var first = here.Round == 1 && i == 0 && !here.SecondPass && !repeats;
                var demo = first ? line.Demo ?? block.Settings.Demo ?? Length.Zero : Length.Zero;
                var after = i < sets.Length - 1 ? OtherSide(block, line, here.Round)
                    : next is { } then ? After(block, line, here, then)
                    : AfterBlock(index, block);
                after = WithRatio(block, after, sinceRest);
                var slot = block.Format is MinuteFormat && i == sets.Length - 1;
                yield return new WorkStep(here.SecondPass ? sets[i] with { SecondPass = true } : sets[i], demo, slot ? null : after);
                if (slot)
                    yield return new SlotStep(index, here.Round, here.Station, Length.Max(Length.Zero, SlotOf(block) - sets.Sum(s => s.Length)), after);
                if (after.Said && after.Kind != SegmentKind.Pause)
                    sinceRest = Length.Zero;
            }
        }
    }

    private static IEnumerable<(SetPlace Here, SetPlace? Next)> WithNext(IEnumerable<SetPlace> places)
    {
        SetPlace? here = null;
        foreach (var next in places)
        {
            if (here is { } known)
                yield return (known, next);
            here = next;
        }

        if (here is { } last)
            yield return (last, null);
    }

    /// <summary>A slot keeps the clock: what load and late fatigue add is taken from its rest, it ends what would go beyond it, and its sides share it.</summary>
    private static ImmutableArray<WorkSet> InSlot(ImmutableArray<WorkSet> sets, Length slot)
    {
        var fits = sets.Sum(s => s.Length) <= slot;
        return
        [
            .. sets.Select(s => s with
            {
                Wanted = fits ? null : s.Length,
                Length = fits ? s.Length : slot / sets.Length,
                Likely = fits ? s.Length : slot / sets.Length,
                SlotDebt = s.Likely - s.Length,
                KeepsClock = true,
            }),
        ];
    }

    /// <summary>Which round of which station follows which: round by round, or station by station, and all for one side first where the block says so.</summary>
    private static IEnumerable<SetPlace> Order(Block block)
    {
        var rounds = Enumerable.Range(1, block.RoundCount).ToList();
        var stations = Enumerable.Range(1, block.Stations.Length).ToList();
        var once = block.Format is StraightFormat
            ? stations.SelectMany(s => rounds.Select(r => new SetPlace(r, s, null, false)))
            : rounds.SelectMany(r => stations.Select(s => new SetPlace(r, s, null, false)));
        if (block.Settings.EachSide is not { } sides)
            return once;
        var (first, second) = sides.RightFirst ? (Side.Right, Side.Left) : (Side.Left, Side.Right);
        return once.Select(p => p with { Side = first }).Concat(once.Select(p => p with { Side = second, SecondPass = true }));
    }

    private static PlannedGap After(Block block, Station line, SetPlace here, SetPlace next)
    {
        if (block.Format is FlowFormat)
            return new PlannedGap(GapPlace.Within, SegmentKind.Rest, null, Length.Zero);
        if (block.Format is MinuteFormat)
            return new PlannedGap(GapPlace.Within, SegmentKind.Rest, null);
        if (block.Format is StraightFormat)
            return here.Station == next.Station
                ? new PlannedGap(GapPlace.Within, SegmentKind.Rest, line.Rest ?? InRound(block, here.Round))
                : BetweenStations(block, line, here.Round);
        return here.Round == next.Round && here.SecondPass == next.SecondPass
            ? Within(block, line, here.Round)
            : AfterRound(block, line, here);
    }

    private static PlannedGap Within(Block block, Station line, int round) => block.IsLinked
        ? new PlannedGap(GapPlace.Within, line.Rest is null ? SegmentKind.Pause : SegmentKind.Rest, line.Rest ?? block.Settings.Pause)
        : new PlannedGap(GapPlace.Within, SegmentKind.Rest, line.Rest ?? InRound(block, round));

    private static PlannedGap OtherSide(Block block, Station line, int round) => block.Format switch
    {
        FlowFormat or MinuteFormat => new PlannedGap(GapPlace.OtherSide, SegmentKind.Rest, null, Length.Zero),
        StraightFormat or LinkedFormat or LadderFormat or PyramidFormat => new PlannedGap(GapPlace.OtherSide, SegmentKind.Pause, block.Settings.Pause),
        _ => Within(block, line, round) with { Place = GapPlace.OtherSide },
    };

    private static PlannedGap BetweenStations(Block block, Station line, int round) => block.Settings.Between is { } between
        ? new PlannedGap(GapPlace.AfterRound, SegmentKind.Between, between)
        : new PlannedGap(GapPlace.AfterRound, SegmentKind.Rest, line.Rest ?? InRound(block, round));

    private static PlannedGap AfterRound(Block block, Station last, SetPlace here)
    {
        var (settings, round) = (block.Settings, here.Round);
        if (settings.Water is { } water && water.Round == here.Round && !here.SecondPass)
            return new PlannedGap(GapPlace.AfterRound, SegmentKind.Between, water.Gap with { Water = true });
        if (settings.Between is { } between)
            return new PlannedGap(GapPlace.AfterRound, SegmentKind.Between, between);
        return block.IsLinked && InRound(block, round) is { } rest
            ? new PlannedGap(GapPlace.AfterRound, SegmentKind.Rest, rest)
            : new PlannedGap(GapPlace.AfterRound, SegmentKind.Rest, last.Rest ?? InRound(block, round));
    }

    /// <summary>The gap after a block; a joined block follows as a station of this one would.</summary>
    private PlannedGap AfterBlock(int index, Block block)
    {
        if (index + 1 == plan.Blocks.Length || !plan.Spelled(plan.Blocks[index + 1]).Settings.Joined || block.Stations.IsEmpty)
            return new PlannedGap(GapPlace.AfterBlock, SegmentKind.After, block.Settings.After);
        return Within(block, block.Stations[^1], block.RoundCount);
    }

    /// <summary>A rest ratio gives the rests that the block leaves to it their length, in whole seconds, rounded up.</summary>
    private static PlannedGap WithRatio(Block block, PlannedGap gap, Length worked)
    {
        if (block.Settings.Ratio is not { } ratio || gap.Said || gap.Place == GapPlace.AfterBlock)
            return gap;
        var applies = block.IsLinked ? gap.Place == GapPlace.AfterRound : gap.Kind == SegmentKind.Rest;
        return applies ? gap with { Exact = Length.Seconds(Math.Ceiling(worked.InSeconds * ratio.Rest / ratio.Work)) } : gap;
    }

    private static Gap? InRound(Block block, int round) => block.Settings.Rest.IsEmpty ? null : block.Settings.Rest.At(round);

    private static Length SlotOf(Block block) => block.Settings.Every ?? Length.Minutes(1);

    /// <param name="Side">The side of the whole pass, where the block does each side.</param>
    private readonly record struct SetPlace(int Round, int Station, Side? Side, bool SecondPass);
}
