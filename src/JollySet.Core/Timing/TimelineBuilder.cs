using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Computes every second of a class from its plan, the house rules and the library. The only place where times are made.</summary>
public sealed class TimelineBuilder
{
    private readonly ClassPlan plan;
    private readonly ChangeOver changes;
    private readonly ImmutableArray<Segment>.Builder segments = ImmutableArray.CreateBuilder<Segment>();
    private readonly ImmutableArray<WorkSet>.Builder sets = ImmutableArray.CreateBuilder<WorkSet>();
    private readonly ImmutableArray<GapRecord>.Builder gaps = ImmutableArray.CreateBuilder<GapRecord>();
    private Length now;
    private WorkStep? last;
    private PlannedGap? pending;
    private Length pendingLength;
    private bool pendingSaid;
    private bool pendingWater;
    private Length slotDebt;

    private TimelineBuilder(ClassPlan plan, Studio studio)
    {
        this.plan = plan;
        changes = new ChangeOver(plan.Brief, studio.Rules);
    }

    /// <summary>The timeline of <paramref name="plan"/>; as shipped unless a studio is given.</summary>
    public static Timeline Build(ClassPlan plan, Studio? studio = null)
    {
        studio ??= Studio.Shipped;
        var builder = new TimelineBuilder(plan, studio);
        builder.TakeAll(Arrangement.Of(plan, studio), until: static _ => false);
        return new Timeline(plan, studio)
        {
            Blocks = [.. plan.Blocks.Select(plan.Spelled)],
            Segments = builder.segments.ToImmutable(),
            Sets = builder.sets.ToImmutable(),
            Gaps = builder.gaps.ToImmutable(),
        };
    }

    /// <summary>How far the plan's timeline goes, built no further than the limits and thrown away.</summary>
    internal static Extent Measure(ClassPlan plan)
    {
        var builder = new TimelineBuilder(plan, Studio.Shipped);
        builder.TakeAll(Arrangement.Of(plan, Studio.Shipped), until: static b => b.Extent is { TooLong: true } or { TooMany: true });
        return builder.Extent;
    }

    private Extent Extent => new(now, segments.Count);

    private void TakeAll(IEnumerable<Step> steps, Func<TimelineBuilder, bool> until)
    {
        Step? here = null;
        foreach (var next in steps)
        {
            if (here is not null)
                Take(here, lastOfClass: false);
            if (until(this))
                return;
            here = next;
        }

        if (here is not null)
            Take(here, lastOfClass: true);
    }

    private void Take(Step step, bool lastOfClass)
    {
        switch (step)
        {
            case WordsStep words:
                TakeWords(words, lastOfClass);
                break;
            case WorkStep work:
                TakeWork(work, lastOfClass);
                break;
            case SlotStep slot:
                TakeSlot(slot, lastOfClass);
                break;
        }
    }

    private void TakeWords(WordsStep words, bool lastOfClass)
    {
        HoldOpenGap();
        Emit(words.Kind, words.Length, words.Block);
        pendingLength += words.Length;
        if (words.Kind == SegmentKind.Demo)
            ShowNextMoves(words.Block);
        if (!lastOfClass && words.After is { } after)
        {
            var length = after.Open ? changes.LeastOf(GapPlace.AfterBlock, after.Water) : after.Length.Low;
            Emit(SegmentKind.After, length, words.Block, gap: last is null ? -1 : gaps.Count, water: after.Water, open: after.Open);
            pendingLength += length;
            pendingWater |= after.Water;
            pendingSaid = true;
        }
    }

    /// <summary>A gap with no length said that words follow is laid down before them, at the least such a gap needs.</summary>
    private void HoldOpenGap()
    {
        if (pending is not { Gap: { Open: true } gap } || pendingSaid || last is null)
            return;
        pendingLength = changes.LeastOf(pending.Place, gap.Water);
        Emit(pending.Kind, pendingLength, last.Set.Block, last.Set.Round, last.Set.Station, gap: gaps.Count, water: gap.Water, open: true);
        pendingSaid = true;
    }

    /// <summary>After a showing, none of the next main block's moves is met for the first time.</summary>
    private void ShowNextMoves(int shownFrom)
    {
        if (plan.Blocks.Skip(shownFrom + 1).FirstOrDefault(b => plan.Spelled(b).IsMain) is not { } next)
            return;
        var block = plan.Spelled(next);
        foreach (var station in block.Stations)
            for (var round = 1; round <= (station.Doing is Growing growing ? growing.Rounds.Length : 1); round++)
                changes.Show(Facts.NameOf(station.Doing.InRound(round)));
    }

    private bool IsFlow(WorkSet set) => plan.Blocks[set.Block].Format is FlowFormat || (plan.Blocks[set.Block].Format is AgainFormat again && plan.Find(again.Of)?.Format is FlowFormat);

    private void TakeWork(WorkStep work, bool lastOfClass)
    {
        var learned = plan.Brief.IsFollowAlong && work.Set.IsTimed && work.Demo == Length.Zero && !changes.Knows(work.Set.Facts);
        sets.Add(learned ? work.Set with { LearnedInside = true } : work.Set);
        if (last is not null)
            CloseGap(last, work);
        if (work.Demo > Length.Zero)
            Emit(SegmentKind.Demo, work.Demo, work.Set.Block, work.Set.Round, work.Set.Station, work.Set.Side, null, sets.Count - 1);
        EmitWork(work.Set);
        changes.Done(work.Set.Facts);
        slotDebt += work.Set.SlotDebt;
        last = work;
        if (work.After is { } after)
            OpenGap(after, work.Set.Block, work.Set.Round, work.Set.Station, lastOfClass);
    }

    /// <summary>What is left of a slot is rest, the last one's too; the gap after the slot comes on top.</summary>
    private void TakeSlot(SlotStep slot, bool lastOfClass)
    {
        Emit(SegmentKind.Rest, slot.Length, slot.Block, slot.Round, slot.Station, gap: lastOfClass ? -1 : gaps.Count);
        if (lastOfClass)
            sets[^1] = sets[^1] with { Lost = Length.Max(Length.Zero, slotDebt - slot.Length) };
        OpenGap(slot.After, slot.Block, slot.Round, slot.Station, lastOfClass);
        pendingLength += slot.Length;
        pendingSaid |= slot.After.Gap is not { Open: true };
    }

    /// <summary>What the plan says is laid down at once; what it leaves unsaid waits for the next work to be reckoned.</summary>
    private void OpenGap(PlannedGap planned, int block, int round, int station, bool lastOfClass)
    {
        pending = planned;
        pendingLength = lastOfClass ? Length.Zero : planned.Length;
        pendingSaid = planned.Said && !lastOfClass && planned.Gap is not { Open: true };
        pendingWater = planned.Gap?.Water ?? false;
        if (pendingLength > Length.Zero)
            Emit(planned.Kind, pendingLength, block, round, station, gap: gaps.Count, water: pendingWater);
    }

    private void CloseGap(WorkStep from, WorkStep to)
    {
        var place = pending!.Place;
        var open = pending.Gap is { Open: true };
        var need = changes.Between(from.Set, to.Set, place, pendingWater, to.Demo > Length.Zero, IsFlow(from.Set) && IsFlow(to.Set));
        var planned = pendingLength + to.Demo;
        if (from.Set.KeepsClock && place == GapPlace.OtherSide && plan.Spelled(plan.Blocks[from.Set.Block]).Format is MinuteFormat)
        {
            // In a slot the change of side takes its time from the slot's rest.
            gaps.Add(new GapRecord(sets.Count - 2, sets.Count - 1, place, planned, pendingSaid, need, Length.Zero, Length.Zero, pendingWater, open));
            slotDebt += need;
            return;
        }

        var missing = Length.Max(Length.Zero, need + slotDebt - planned);
        slotDebt = Length.Zero;
        var (lost, extra) = (Length.Zero, Length.Zero);
        if (open)
            Emit(pending.Kind, missing, from.Set.Block, from.Set.Round, from.Set.Station, gap: gaps.Count, water: pendingWater, open: true);
        else if (!from.Set.KeepsClock && !pendingSaid)
            Emit(place == GapPlace.OtherSide ? SegmentKind.Switch : SegmentKind.Change, missing, from.Set.Block, from.Set.Round, from.Set.Station, gap: gaps.Count);
        else if (from.Set.KeepsClock && place is GapPlace.Within or GapPlace.OtherSide)
            lost = missing;
        else
            extra = missing;
        gaps.Add(new GapRecord(sets.Count - 2, sets.Count - 1, place, planned, pendingSaid && !open, need, lost, extra, pendingWater, open));
    }

    /// <summary>One row a side: two that touch where the side changes at half.</summary>
    private void EmitWork(WorkSet set)
    {
        var index = sets.Count - 1;
        if (!set.SwitchHalfway)
        {
            Emit(SegmentKind.Work, set.Length, set.Block, set.Round, set.Station, set.Side, set.Reps, index);
            return;
        }

        var firstReps = set.Reps is { } reps ? (reps + 1) / 2 : (int?)null;
        var first = set.Reps is { } all && all > 0 ? set.Length * ((decimal)firstReps!.Value / all) : set.Length / 2;
        Emit(SegmentKind.Work, first, set.Block, set.Round, set.Station, set.Side, firstReps, index);
        Emit(SegmentKind.Work, set.Length - first, set.Block, set.Round, set.Station, WorkSet.OtherOf(set.Side), set.Reps - firstReps, index);
    }

    private void Emit(SegmentKind kind, Length length, int block, int round = 0, int station = 0, Side? side = null, int? reps = null, int set = -1, int gap = -1, bool water = false, bool open = false)
    {
        if (length <= Length.Zero)
            return;
        segments.Add(new Segment(kind, now, now + length, block, round, station, side, reps, set, gap, water, open));
        now += length;
    }
}
