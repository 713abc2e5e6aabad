namespace JollySet.Core.Timing;

/// <summary>Where each station of each block begins: found once, so that asking for every station takes no longer than the class is long.</summary>
public sealed class FirstSets
{
    private readonly Dictionary<(int Block, int Station), int> sets = [];
    private readonly Dictionary<int, int> firstOfBlock = [];
    private readonly int[] segments;

    /// <summary>Of a timeline.</summary>
    public FirstSets(Timeline timeline)
    {
        segments = new int[timeline.Sets.Length];
        for (var i = 0; i < timeline.Sets.Length; i++)
        {
            sets.TryAdd((timeline.Sets[i].Block, timeline.Sets[i].Station), i);
            firstOfBlock.TryAdd(timeline.Sets[i].Block, i);
        }

        for (var i = timeline.Segments.Length - 1; i >= 0; i--)
            if (timeline.Segments[i] is { Kind: SegmentKind.Work, Set: var set })
                segments[set] = i;
    }

    /// <summary>Index of the first set of a station, from 1, in a block; of what has none of its own, of the block.</summary>
    public int Of(int block, int station) => sets.TryGetValue((block, station), out var set) ? set : firstOfBlock[block];

    /// <summary>Index of the segment that a set begins with.</summary>
    public int SegmentOf(int set) => segments[set];
}
