using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Swapping;

/// <summary>One move that could stand in a station's place.</summary>
/// <param name="Load">How heavy it would be; null with nothing in the hands.</param>
/// <param name="Line">The station's line as it would be.</param>
/// <param name="Says">What the class would have otherwise, in a few words each; the length first.</param>
public sealed record Swap(int Station, Move Move, Load? Load, string Line, ImmutableArray<string> Says)
{
    /// <summary>Puts it there.</summary>
    public PlanEdit Edit => new SetStation(Station, Line);
}

/// <summary>The best others for a station.</summary>
public static class Swaps
{
    /// <summary>How many are offered.</summary>
    public const int Offered = 5;

    private const int LookedAt = 18;

    /// <summary>Of a class at the limits fewer are measured, so that the list still comes in a few seconds.</summary>
    private const int SegmentsLookedAt = 40_000;
    private const int OfOnePattern = 4;
    private const double OutOfSchool = 5;
    private const double OneMuscle = 2;
    private const double Open = 2;

    /// <summary>The most that the class's gain may weigh: a row stays a row, whatever another pattern would level.</summary>
    private const double MostGain = 2.5;

    /// <summary>The best five, best first: like what stands there, common, and good for the class as a whole. None where the station is several moves or of a repeated block.</summary>
    /// <param name="wanted">Which moves are asked for; null for all that suit.</param>
    public static ImmutableArray<Swap> For(Timeline timeline, int station, Func<Move, bool>? wanted = null)
    {
        if (timeline.Plan.FindStation(station) is not { } found || found.Block.Stations[found.At].Doing is not (OneMove or ToBeChosen))
            return [];
        var (block, line) = (found.Block, found.Block.Stations[found.At]);
        var (was, brief) = (Measured.Of(timeline), Replacements.BriefOf(timeline));
        var looked = Replacements.For(timeline, block, line).Where(c => wanted?.Invoke(c.Move) ?? true).Take(Math.Clamp(SegmentsLookedAt / Math.Max(1, timeline.Segments.Length), Offered, LookedAt))
            .Select(c => Looked(timeline, was, block, found.At, c.Move, c.Price, brief)).OfType<(Swap Swap, double Cost)>()
            .OrderBy(c => c.Cost).ToList();
        // Five of one pattern say little: the last place is for something else where there is anything.
        var best = looked.Take(Offered).ToList();
        if (best.Count == Offered && best.GroupBy(c => c.Swap.Move.Pattern).Max(g => g.Count()) > OfOnePattern && looked.Skip(Offered).Where(c => c.Swap.Move.Pattern != best[0].Swap.Move.Pattern).Take(1).ToList() is [var other])
            best[^1] = other;
        return [.. best.Select(c => c.Swap)];
    }

    private static (Swap, double)? Looked(Timeline timeline, Measured was, Block block, int at, Move move, double price, Brief brief)
    {
        var line = block.Stations[at];
        var then = Lines.InPlaceOf(line, move, brief, timeline.Facts);
        var text = SheetWriter.WriteStation(then);
        if (new SetStation(line.Id, text).Apply(timeline.Plan).Plan is not { } plan)
            return null;
        var effect = Effect.Of(was, Measured.Of(TimelineBuilder.Build(plan, timeline.Studio)));
        var (ways, open) = NeedsOf(timeline, line, then);
        var (beside, costs) = Beside(timeline, block, at, move);
        return (new Swap(line.Id, move, then.Load is { Rounds: [{ Level: > LoadLevel.Any } load, ..] } ? load : null, text, [effect.Says[0], .. ways, .. effect.Says.Skip(1), .. beside]), price + Math.Max(-MostGain, effect.Cost) + (Open * open) + costs);
    }

    /// <summary>How the two lines stand to what the class must be spared.</summary>
    private static (List<string> Says, int Open) NeedsOf(Timeline timeline, Station line, Station then)
    {
        var (says, open) = (new List<string>(), 0);
        foreach (var need in timeline.Plan.Brief.Needs)
        {
            var (before, after) = (Cover.Of(line, need, timeline.Facts), Cover.Of(then, need, timeline.Facts));
            open += (after.Kind == CoverKind.Open ? 1 : 0) - (before.Kind == CoverKind.Open ? 1 : 0);
            if (after.Kind == CoverKind.Fine && before.Kind is CoverKind.Open or CoverKind.Covered)
                says.Add($"fine for {need}");
            else if (after.Kind == CoverKind.Covered && before.Kind != CoverKind.Covered)
                says.Add($"for {need}: {Words.Of(after.Way!)}");
            else if (after.Kind == CoverKind.Open && before.Kind != CoverKind.Open)
                says.Add($"nothing named for {need}");
        }

        return (says, open);
    }

    /// <summary>What it would stand beside: out of the block's school, or one muscle twice where no school asks for it.</summary>
    private static (List<string> Says, double Cost) Beside(Timeline timeline, Block block, int at, Move move)
    {
        var school = block.Format is LinkedFormat linked ? linked.School : School.Any;
        var (says, cost) = (new List<string>(), 0.0);
        foreach (var other in new[] { at - 1, at + 1 }.Where(i => i >= 0 && i < block.Stations.Length).Select(i => timeline.Facts.Of(block.Stations[i], 1).Move).OfType<Move>())
        {
            if (school != School.Any && !Schools.Pairs(school, other, move))
            {
                says.Add($"not {school.ToString().ToLowerInvariant()} beside {other.Name}");
                cost += OutOfSchool;
            }
            else if (school == School.Any && block.IsMain && Schools.Pairs(School.Same, other, move))
            {
                says.Add($"one muscle twice, beside {other.Name}");
                cost += OneMuscle;
            }
        }

        return (says, cost);
    }
}
