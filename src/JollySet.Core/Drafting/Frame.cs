using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>One block of the main part before its moves are chosen.</summary>
/// <param name="Stations">How many it has.</param>
/// <param name="Amount">What each line says itself; null where the block says it.</param>
/// <param name="Seconds">About how long it takes, the gap after it included.</param>
/// <param name="WorkSeconds">That one station works in the whole block.</param>
internal sealed record FrameBlock(Block Block, int Stations, Amount? Amount, int Seconds, double WorkSeconds);

/// <summary>The main part before its moves are chosen.</summary>
/// <param name="Cost">How unusual its numbers are, and what it lacks.</param>
/// <param name="Thin">What it lacks of a dose worth teaching.</param>
/// <param name="Says">What it is and why, in a sentence.</param>
internal sealed record Frame(ImmutableArray<FrameBlock> Blocks, double Cost, double Thin, string Says)
{
    /// <summary>The shortest period of its timed stations, seconds; 0 where none is timed.</summary>
    public int LeastWork => Blocks.Select(b => b.Block.Settings.Work.Select(w => w.InWholeSeconds).Concat(b.Amount is Timed { Lengths: [{ } only, ..] } ? [only.Low.InWholeSeconds] : []).DefaultIfEmpty(b.Block.Rungs?.Points.Min() ?? 0).Min()).DefaultIfEmpty().Min();

    /// <summary>Stations and rounds of its blocks: <c>5x2 4x2</c>.</summary>
    public string Shape => string.Join(' ', Blocks.Select(b => $"{b.Stations}x{b.Block.RoundCount}"));

    /// <summary>How long it takes, gaps after its blocks included.</summary>
    public int Seconds => Blocks.Sum(b => b.Seconds);

    /// <summary>The places its moves go to.</summary>
    public ImmutableArray<MoveMix.Slot> Slots =>
    [
        .. from block in Blocks
           let school = block.Block.Format is LinkedFormat linked ? linked.School : (School?)null
           from station in Enumerable.Range(0, block.Stations)
           select new MoveMix.Slot(block.WorkSeconds, station > 0 ? school : null),
    ];
}
