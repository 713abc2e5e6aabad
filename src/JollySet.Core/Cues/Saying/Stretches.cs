using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues.Saying;

/// <summary>What lies between two work periods, or before the first: all of it, words and demos included.</summary>
/// <param name="First">Index of its first segment.</param>
/// <param name="From">The work before it; null before the first.</param>
/// <param name="To">The work after it; null after the last.</param>
internal sealed record GapStretch(int First, Length Start, Length End, Segment? From, Segment? To, bool Water);

/// <summary>One stretch of work, with its index.</summary>
internal sealed record WorkStretch(int Index, Segment Segment);

/// <summary>A class parted into work and what lies between. Work that touches has a stretch of no length between.</summary>
internal sealed record Stretches(ImmutableArray<GapStretch> Gaps, ImmutableArray<WorkStretch> Works)
{
    public static Stretches Of(Timeline timeline)
    {
        var gaps = ImmutableArray.CreateBuilder<GapStretch>();
        var works = ImmutableArray.CreateBuilder<WorkStretch>();
        Segment? from = null;
        var (start, first, water) = (Length.Zero, 0, false);
        for (var i = 0; i < timeline.Segments.Length; i++)
        {
            var segment = timeline.Segments[i];
            water |= segment.Water;
            if (segment.Kind != SegmentKind.Work)
                continue;
            gaps.Add(new GapStretch(Math.Min(first, i), start, segment.Start, from, segment, water));
            works.Add(new WorkStretch(i, segment));
            (from, start, first, water) = (segment, segment.End, i + 1, false);
        }

        if (start < timeline.Length)
            gaps.Add(new GapStretch(first, start, timeline.Length, from, null, water));
        return new Stretches(gaps.ToImmutable(), works.ToImmutable());
    }
}
