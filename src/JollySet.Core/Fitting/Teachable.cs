using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>The numbers a block may be given that can be taught: steps of five seconds, equal through a block, a ladder's top by one.</summary>
/// <remarks>Costs grow faster than steps, so that a change is spread rather than taken out of one place.</remarks>
/// <param name="shortens">Whether the class has to become shorter; only then is anything left out.</param>
internal sealed class Teachable(FitRequest request, bool shortens)
{
    private const int DropCost = 8;
    private static readonly Length LeastWork = Length.Seconds(20);
    private static readonly Length Five = Length.Seconds(5);
    private static readonly Length Quarter = Length.Seconds(15);
    private static readonly int[] RoundCosts = [0, 10, 24, 42];
    private static readonly int[] RungCosts = [0, 4, 9, 15, 22];
    private static readonly int[] WorkCosts = [0, 2, 5, 9, 14];
    private static readonly int[] GapCosts = [0, 1, 2, 4, 6];
    private static readonly int[] StationCosts = [0, 12, 28];

    /// <summary>Every variant of a block for a kind, with its cost; the block itself comes first, at no cost.</summary>
    public IEnumerable<(Block? Changed, int Cost, bool IsChief)> Variants(Block block, FitKind kind)
    {
        yield return (block, 0, false);
        if (block.Format is AgainFormat || block.IsWords)
            yield break;
        if (kind == FitKind.Block && shortens && block.Settings.Optional && !request.Locks.Any(l => l == block.Name || l.StartsWith(block.Name + "/", StringComparison.Ordinal)))
            yield return (null, DropCost, true);
        var gaps = kind == FitKind.Times ? 4 : 2;
        foreach (var (chief, chiefCost) in Chief(block, kind))
            foreach (var (rested, restCost) in Rests(chief, gaps))
                foreach (var (between, betweenCost) in Betweens(rested, 2))
                    if (chiefCost + restCost + betweenCost > 0)
                        yield return (between, chiefCost + restCost + betweenCost, chiefCost > 0 || (kind == FitKind.Times && restCost + betweenCost > 0));
    }

    /// <summary>The gaps after a block: quarters of a minute more or less, never under what water needs.</summary>
    public IEnumerable<(Block Changed, int Cost, Length After)> Afters(Block block)
    {
        if (!Variable.Gap(block.Settings.After) || !Free(block, "after"))
            yield break;
        var now = block.Settings.After!.Length.Low;
        var least = Length.Min(now, block.Settings.After.Water ? request.Studio.Rules.ChangeWaterLeast : request.Studio.Rules.ChangeBlockLeast);
        for (var step = -4; step <= 4; step++)
            if (step != 0 && now + (Quarter * step) >= least)
                yield return (block with { Settings = block.Settings with { After = block.Settings.After with { Length = new LengthSpan(now + (Quarter * step)) } } }, GapCosts[Math.Abs(step)], now + (Quarter * step));
    }

    private IEnumerable<(Block Block, int Cost)> Chief(Block block, FitKind kind) => kind switch
    {
        FitKind.Rounds => Rounds(block).Concat(Rungs(block)).Prepend((block, 0)),
        FitKind.Times => Works(block).Prepend((block, 0)),
        FitKind.Moves => Fewer(block).Prepend((block, 0)),
        _ => [(block, 0)],
    };

    private IEnumerable<(Block, int)> Rounds(Block block)
    {
        if (!Variable.Rounds(block) || !Free(block, "rounds"))
            yield break;
        for (var step = -3; step <= 3; step++)
        {
            var rounds = block.RoundCount + step;
            if (step != 0 && rounds is >= 1 and <= Limits.Rounds && (block.Settings.Water is not { } water || water.Round < rounds))
                yield return (block with { Settings = block.Settings with { Rounds = new Span(rounds) } }, RoundCosts[Math.Abs(step)]);
        }
    }

    /// <summary>The top of a ladder moves by one step; a listed one loses its ends.</summary>
    private IEnumerable<(Block, int)> Rungs(Block block)
    {
        if (block.Rungs is not { } rungs || !Free(block, "rungs"))
            yield break;
        for (var step = -4; step <= 4; step++)
            if (step != 0 && Moved(rungs, step) is { } moved && (block.Settings.Water is not { } water || water.Round < moved.Counts.Length))
                yield return (block with { Format = block.Format is PyramidFormat ? new PyramidFormat(moved) : new LadderFormat(moved) }, RungCosts[Math.Abs(step)]);
        if (!rungs.Listed && rungs.Step == 1 && !rungs.InSeconds && rungs with { Step = 2 } is { ComesOut: true } steeper)
            yield return (block with { Format = block.Format is PyramidFormat ? new PyramidFormat(steeper) : new LadderFormat(steeper) }, RungCosts[3]);
    }

    private static Rungs? Moved(Rungs rungs, int by)
    {
        if (rungs.Listed)
            return by < 0 && rungs.Points.Length + by >= 2 ? rungs with { Points = rungs.Points[..^-by] } : null;
        var top = rungs.Points.Max();
        var points = rungs.Points.Select(p => p == top ? p + (by * rungs.Step) : p).ToImmutableArray();
        var moved = rungs with { Points = points };
        return points.Min() >= 1 && points.Max() > points.Min() && points.Max() <= Limits.Reps && moved.Counts.Length <= Limits.Rounds ? moved : null;
    }

    private IEnumerable<(Block, int)> Works(Block block)
    {
        if (!Variable.Work(block) || !Free(block, "work"))
            yield break;
        for (var step = -4; step <= 4; step++)
            if (step != 0 && block.Settings.Work.Min() + (Five * step) >= Length.Min(LeastWork, block.Settings.Work.Min()))
                yield return (block with { Settings = block.Settings with { Work = [.. block.Settings.Work.Select(w => w + (Five * step))] } }, WorkCosts[Math.Abs(step)]);
    }

    /// <summary>One or two stations fewer: first the one whose pattern the class does most often, the later of equals.</summary>
    private IEnumerable<(Block, int)> Fewer(Block block)
    {
        if (!shortens || !Variable.Stations(block) || !Free(block, "stations") || request.Plan.Blocks.Any(b => b.Format is AgainFormat a && a.Of == block.Name))
            yield break;
        var fewer = block;
        for (var dropped = 1; dropped <= 2 && fewer.Stations.Length > 2; dropped++)
        {
            fewer = fewer with { Stations = fewer.Stations.RemoveAt(LeastMissed(fewer)) };
            yield return (fewer, StationCosts[dropped]);
        }
    }

    private int LeastMissed(Block block)
    {
        var facts = new Timing.Facts(request.Plan, request.Studio);
        var all = request.Plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).Select(s => facts.Of(s, 1).Move?.Pattern).ToList();
        return Enumerable.Range(0, block.Stations.Length).MaxBy(i => (all.Count(p => p == facts.Of(block.Stations[i], 1).Move?.Pattern), i));
    }

    private IEnumerable<(Block Block, int Cost)> Rests(Block block, int most)
    {
        yield return (block, 0);
        if (!Variable.Rest(block) || !Free(block, "rest"))
            yield break;
        for (var step = -most; step <= most; step++)
            if (step != 0 && block.Settings.Rest.Min(g => g.Length.Low) + (Five * step) >= Five && block.Settings.Rest.All(g => !g.Water || g.Length.Low + (Five * step) >= request.Studio.Rules.ChangeWaterLeast))
                yield return (block with { Settings = block.Settings with { Rest = [.. block.Settings.Rest.Select(g => g with { Length = new LengthSpan(g.Length.Low + (Five * step)) })] } }, GapCosts[Math.Abs(step)]);
    }

    private IEnumerable<(Block Block, int Cost)> Betweens(Block block, int most)
    {
        yield return (block, 0);
        if (!Variable.Gap(block.Settings.Between) || block.RoundCount < 2 || !Free(block, "between"))
            yield break;
        var between = block.Settings.Between!;
        var least = Length.Min(between.Length.Low, between.Water ? request.Studio.Rules.ChangeWaterLeast : request.Studio.Rules.ChangeRoundLeast);
        for (var step = -most; step <= most; step++)
            if (step != 0 && between.Length.Low + (Quarter * step) >= least)
                yield return (block with { Settings = block.Settings with { Between = between with { Length = new LengthSpan(between.Length.Low + (Quarter * step)) } } }, GapCosts[Math.Abs(step)]);
    }

    private bool Free(Block block, string what) => !request.Locks.Contains(FitItem.KeyOf(block.Name, what)) && !request.Locks.Contains(block.Name);
}
