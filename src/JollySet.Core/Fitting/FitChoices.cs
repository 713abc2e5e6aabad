using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Fitting;

/// <summary>For each thing that may vary the ways it might be, each with what it adds to the class: one is to be chosen of every group.</summary>
public static class FitChoices
{
    private static readonly Length LostAllowed = Length.Seconds(5);

    /// <summary>The groups for a kind: a block's inside and the gap after it are two. In each, the choice that changes nothing comes first.</summary>
    public static ImmutableArray<ImmutableArray<BlockChoice>> Of(FitRequest request, Timeline timeline, FitKind kind, CancellationToken stop = default)
    {
        var now = request.AimsAtClock ? timeline.Length : timeline.Likely;
        var teachable = new Teachable(request, now > Length.Minutes(request.Minutes));
        var groups = ImmutableArray.CreateBuilder<ImmutableArray<BlockChoice>>();
        for (var i = 0; i < request.Plan.Blocks.Length && !stop.IsCancellationRequested; i++)
        {
            groups.Add(Cheapest(Inside(request, teachable, i, kind)));
            groups.Add(Cheapest(After(request, timeline, teachable, i, kind)));
        }

        return [.. groups.Where(g => g.Length > 1)];
    }

    /// <summary>Of choices that add the same, the cheapest, apart by whether they change what is asked for.</summary>
    private static ImmutableArray<BlockChoice> Cheapest(IEnumerable<BlockChoice> choices) =>
        [.. choices.GroupBy(c => (c.Delta, c.IsChief, none: c.Cost == 0)).Select(g => g.MinBy(c => c.Cost)!).OrderBy(c => c.Cost)];

    private static IEnumerable<BlockChoice> Inside(FitRequest request, Teachable teachable, int index, FitKind kind)
    {
        var block = request.Plan.Blocks[index];
        var now = Measure(request, index, block);
        var range = WorkAndRest.Of(request.Plan.Brief, request.Studio.Rules);
        var floor = FloorOf(request, block, now);
        foreach (var (changed, cost, chief) in teachable.Variants(block, kind))
        {
            if (cost == 0)
                yield return new BlockChoice(index, block, Length.Zero, 0, false);
            else if (changed is null)
                yield return new BlockChoice(index, null, -now.Length - After(request, block), cost, true);
            else if (range?.Allows(block, changed) != false && Measure(request, index, changed) is var then
                && then.WorstLost <= Length.Max(now.WorstLost, LostAllowed) && (then.Even || !now.Even) && then.Length >= floor)
                yield return new BlockChoice(index, changed, then.Length - now.Length, cost, chief);
        }
    }

    private static IEnumerable<BlockChoice> After(FitRequest request, Timeline timeline, Teachable teachable, int index, FitKind kind)
    {
        var block = request.Plan.Blocks[index];
        yield return new BlockChoice(index, block, Length.Zero, 0, false);
        if (index == request.Plan.Blocks.Length - 1)
            yield break;
        var gap = timeline.Gaps.FirstOrDefault(g => g.Place == GapPlace.AfterBlock && timeline.Sets[g.From].Block == index);
        var need = request.AimsAtClock || gap is null ? Length.Zero : gap.Need - (gap.Planned - (block.Settings.After?.Length.Low ?? Length.Zero));
        foreach (var (changed, cost, length) in teachable.Afters(block))
            yield return new BlockChoice(index, changed, Length.Max(length, need) - Length.Max(block.Settings.After!.Length.Low, need), cost, kind == FitKind.Times);
    }

    private static Length After(FitRequest request, Block block) => request.Plan.Blocks[^1] == block ? Length.Zero : block.Settings.After?.Length.Low ?? Length.Zero;

    /// <summary>Warm-up and cool-down are never cut under their least, or under what they are where that is less.</summary>
    private static Length FloorOf(FitRequest request, Block block, (Length Length, Length WorstLost, bool Even) now) => block.Format switch
    {
        PrepareFormat => Length.Min(now.Length, request.Studio.Rules.WarmUpLeastFor(Length.Minutes(request.Minutes))),
        ReleaseFormat => Length.Min(now.Length, request.Studio.Rules.CoolDownLeast),
        _ => Length.Zero,
    };

    /// <summary>A block by itself, with those that repeat it: its length as aimed at, the worst change in it, and whether left equals right.</summary>
    private static (Length Length, Length WorstLost, bool Even) Measure(FitRequest request, int index, Block block)
    {
        var repeats = request.Plan.Blocks.Where(b => b.Format is AgainFormat a && a.Of == block.Name);
        var alone = request.Plan with { Blocks = [block, .. repeats] };
        var timeline = TimelineBuilder.Build(alone, request.Studio);
        var left = timeline.Segments.Where(s => s.Side == Side.Left).Sum(s => s.Length);
        var right = timeline.Segments.Where(s => s.Side == Side.Right).Sum(s => s.Length);
        return (request.AimsAtClock ? timeline.Length : timeline.Likely, timeline.Gaps.Select(g => g.Lost).DefaultIfEmpty().Max(), left == right);
    }
}
