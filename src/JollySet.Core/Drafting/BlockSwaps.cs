using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Building;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Core.Drafting;

/// <summary>Another block for a block's place: the same shape, other moves.</summary>
/// <param name="Text">The block as on a sheet, under its old name.</param>
/// <param name="Moves">Its moves, in order.</param>
/// <param name="Says">What the class would have otherwise; the length first.</param>
public sealed record BlockSwap(int Block, string Text, ImmutableArray<string> Moves, ImmutableArray<string> Says)
{
    /// <summary>Puts it there.</summary>
    public PlanEdit Edit => new ReplaceBlock(Block, Text);
}

/// <summary>Others for a block, of its length: a main block keeps its format, rounds and times; a warm-up or cool-down is built anew from what the main part loads.</summary>
public static class BlockSwaps
{
    /// <summary>How many are offered.</summary>
    public const int Offered = 3;

    private const int Tried = 6;
    private const int SameLengthSeconds = 15;
    private const int FullSides = 60;
    private const double OfItsPattern = 45;

    /// <summary>The balance of one block alone says nothing: the whole class is measured afterwards.</summary>
    private static readonly Focus Nothing = new([], []);

    /// <summary>Three others at most, each with at least half of its moves unlike the ones before; none for words, for a block that repeats another, and where too few moves suit.</summary>
    public static ImmutableArray<BlockSwap> For(Timeline timeline, int block)
    {
        if (timeline.Plan.FindBlock(block) is not { IsWords: false, Stations.IsEmpty: false, Format: not AgainFormat } there)
            return [];
        var was = Measured.Of(timeline);
        var found = new List<(BlockSwap Swap, double Cost)>();
        foreach (var stations in there.IsMain ? Mixed(timeline, there) : Built(timeline, there))
        {
            var moves = stations.Stations.SelectMany(s => s.Doing.MoveNames()).ToImmutableArray();
            if (moves.SequenceEqual(there.Stations.SelectMany(s => s.Doing.MoveNames())) || found.Exists(f => f.Swap.Moves.Intersect(moves).Count() * 2 > moves.Length))
                continue;
            var text = SheetWriter.WriteBlock(timeline.Plan, stations);
            if (new ReplaceBlock(block, text).Apply(timeline.Plan).Plan is not { } plan)
                continue;
            var effect = Effect.Of(was, Measured.Of(TimelineBuilder.Build(plan, timeline.Studio)));
            if (Math.Abs(effect.Longer.InSeconds) <= SameLengthSeconds)
                found.Add((new BlockSwap(block, text, moves, effect.Says), effect.Cost));
        }

        return [.. found.OrderBy(f => f.Cost).Take(Offered).Select(f => f.Swap)];
    }

    /// <summary>Main blocks: what stands on each place works as long as what stood there, on as many sides.</summary>
    private static IEnumerable<Block> Mixed(Timeline timeline, Block block)
    {
        var (brief, facts, index) = (Replacements.BriefOf(timeline), timeline.Facts, timeline.Plan.Blocks.IndexOf(block));
        var places = block.Stations.Select((s, at) => (Station: s, At: at, Was: facts.Of(s, 1).Move)).Where(p => p.Station.Doing is OneMove or ToBeChosen).ToList();
        var school = block.Format is LinkedFormat linked ? linked.School : (School?)null;
        var slots = places.Select((p, i) => new MoveMix.Slot((double)timeline.Sets.Where(s => s.Block == index && s.Station == p.At + 1).Sum(s => s.Length).InSeconds, i > 0 && places[i - 1].At == p.At - 1 ? school : null, p.Was?.Sides == MoveSides.OneSided)).ToImmutableArray();
        var wants = places.Select(p => p.Was?.Pattern ?? ((p.Station.Doing as ToBeChosen)?.Pattern)).OfType<Pattern>().GroupBy(p => p).Select(g => new Want(Words.Of(g.Key), m => m.Pattern == g.Key, g.Count(), OfItsPattern)).ToImmutableArray();
        var (counted, here) = (block.Stations.Any(s => s.Amount is Reps), places.Select(p => p.Was?.Name).ToHashSet());
        ImmutableHashSet<string> recent = [.. timeline.Plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames())];
        for (var seed = 1; seed <= Tried && places.Count > 0; seed++)
        {
            var pool = MovePool.Of(new DraftRequest(brief, DraftFormat.Circuit, seed, recent), timeline.Library, counted, FullSides).Where(p => !here.Contains(p.Move.Name) && (brief.NeedsMoreTime || !p.Move.Tags.IsBeginning)).ToImmutableArray();
            if (MoveMix.Choose(pool, slots, Nothing, timeline.Rules, wants, seed) is not { } chosen)
                yield break;
            recent = recent.Union(chosen.Select(m => m.Name));
            var placed = Placed([.. places.Select(p => p.Was?.Pattern)], chosen, slots);
            yield return block with { Stations = [.. block.Stations.Select((s, at) => places.FindIndex(p => p.At == at) is var i and >= 0 ? Lines.InPlaceOf(s, placed[i], brief, facts) with { Id = 0 } : s)] };
        }
    }

    /// <summary>Where no school ties neighbours, each move stands where one of its pattern stood.</summary>
    private static List<Move> Placed(ImmutableArray<Pattern?> patterns, ImmutableArray<Move> chosen, ImmutableArray<MoveMix.Slot> slots)
    {
        var order = chosen.ToList();
        if (slots.Any(s => s.School is not null))
            return order;
        for (var at = 0; at < order.Count; at++)
        {
            var other = order[at].Pattern == patterns[at] ? -1 : order.FindIndex(m => m.Pattern == patterns[at] && order.IndexOf(m) is var i && patterns[i] != patterns[at] && slots[i].OneSided == slots[at].OneSided);
            if (other >= 0)
                (order[at], order[other]) = (order[other], order[at]);
        }

        return order;
    }

    private static IEnumerable<Block> Built(Timeline timeline, Block block)
    {
        var seconds = (int)Totals.Of(timeline).Blocks[timeline.Plan.Blocks.IndexOf(block)].Length.InWholeSeconds;
        for (var seed = 1; seed <= Tried; seed++)
            if ((block.Format is PrepareFormat ? WarmUpBuilder.Build(timeline.Plan, timeline.Studio, seconds, seed) : CoolDownBuilder.Build(timeline.Plan, timeline.Studio, seconds, seed)) is { } built)
                yield return built.Block with { Name = block.Name, Settings = built.Block.Settings with { After = block.Settings.After }, Notes = [.. block.Notes, .. block.Stations.SelectMany(s => s.Notes)] };
    }
}
