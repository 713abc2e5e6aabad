using System.Collections.Immutable;
using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Search;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan;

/// <summary>One thing that could stand there instead.</summary>
/// <param name="Cloth">The weave of its family; empty for a block.</param>
/// <param name="Line">The station's line, or the block as on a sheet.</param>
/// <param name="Says">What the class would have otherwise.</param>
public sealed record SwapRow(string Name, string Cloth, string Line, string Says);

/// <summary>What could stand in the place of a station or of a whole block.</summary>
/// <param name="Place">Where the list hangs: <c>s12</c> for a station, <c>b3</c> for a block.</param>
/// <param name="Instead">The name of what stands there.</param>
public sealed record SwapsView(Guid Id, int Revision, int Open, int Station, string Place, string Instead, ImmutableArray<SwapRow> Rows)
{
    /// <summary>The others for a station of a class; null where it has no such station.</summary>
    public static SwapsView? OfStation(KeptClass kept, Timeline timeline, int station, string? asked = null) => kept.Plan.FindStation(station) is not { } found ? null : new(
        kept.Id,
        kept.Revision,
        found.Block.Id,
        station,
        $"s{station}",
        Facts.NameOf(found.Block.Stations[found.At].Doing),
        [.. Swaps.For(timeline, station, Wanted(timeline, asked)).Select(s => new SwapRow(Say.Capital(s.Move.Name) + (s.Load is { } load ? $", {Words.Of(load)}" : ""), Weaves.NameOf(s.Move.Family), s.Line, string.Join(" · ", s.Says)))]);

    /// <summary>Moves that answer a question: words, muscle, pattern, kit, needs, level.</summary>
    private static Func<Move, bool>? Wanted(Timeline timeline, string? asked)
    {
        if (string.IsNullOrWhiteSpace(asked))
            return null;
        var found = MoveSearch.Find(asked, timeline.Library).Select(m => m.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return move => found.Contains(move.Name);
    }

    /// <summary>The others for a block of a class; null where it has no such block.</summary>
    public static SwapsView? OfBlock(KeptClass kept, Timeline timeline, int block) => kept.Plan.FindBlock(block) is not { } there ? null : new(
        kept.Id,
        kept.Revision,
        block,
        0,
        $"b{block}",
        there.Name,
        [.. BlockSwaps.For(timeline, block).Select(s => new SwapRow(Say.Capital(string.Join(", ", s.Moves)), "", s.Text, string.Join(" · ", s.Says)))]);
}
