using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Core.Teaching;

/// <summary>What a class that is ahead of its plan may do once more: the device chooses of it, by what fits and what has been done least.</summary>
public static class OnceMore
{
    /// <summary>Work of the main part that is whole in itself: no one side alone, so that sides stay even. Indexes of segments, in order.</summary>
    public static ImmutableArray<int> Of(Timeline timeline) =>
    [
        .. timeline.Segments.Select((s, i) => (s, i))
            .Where(s => s.s is { Kind: SegmentKind.Work, Side: not (Side.Left or Side.Right) } && timeline.Blocks[s.s.Block].IsMain)
            .Select(s => s.i),
    ];
}
