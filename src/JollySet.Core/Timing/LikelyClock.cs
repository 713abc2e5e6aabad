using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>When things happen where a class is run from memory: every set and gap takes what it likely takes.</summary>
public static class LikelyClock
{
    /// <summary>Start and end of each segment, in the timeline's order; they touch, and the last end is <see cref="Timeline.Likely"/>.</summary>
    public static ImmutableArray<(Length Start, Length End)> Of(Timeline timeline)
    {
        var extra = timeline.Gaps.GroupBy(g => g.To).ToDictionary(g => g.Key, g => g.Sum(e => e.Extra));
        var starts = new Length[timeline.Segments.Length + 1];
        var (late, begun, pending) = (Length.Zero, -1, Length.Zero);
        for (var i = 0; i < timeline.Segments.Length; i++)
        {
            var segment = timeline.Segments[i];
            var begins = segment is { Kind: SegmentKind.Work, Set: >= 0 } && segment.Set != begun;
            if (begins || segment.Kind is not (SegmentKind.Work or SegmentKind.Switch))
                (late, pending) = (late + pending, Length.Zero);
            if (begins)
            {
                late += extra.GetValueOrDefault(segment.Set);
                begun = segment.Set;
                pending = timeline.Sets[begun].Likely - timeline.Sets[begun].Length;
            }

            starts[i] = segment.Start + late;
        }

        starts[^1] = timeline.Likely;
        return [.. Enumerable.Range(0, timeline.Segments.Length).Select(i => (starts[i], starts[i + 1]))];
    }
}
