using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>What a stretch of the class is.</summary>
public enum SegmentKind { Talk, Demo, Work, Rest, Pause, Between, After, Change, Switch }

/// <summary>The participant's side that works.</summary>
public enum Side { Left, Right, Both, Alternating }

/// <summary>One stretch of the class, its ends told from the first word. Segments touch and never overlap.</summary>
/// <param name="Block">Index of its block, from 0; a gap belongs to the block before it.</param>
/// <param name="Round">From 1; 0 where nothing applies.</param>
/// <param name="Station">The line's number in its block, from 1; 0 where nothing applies.</param>
/// <param name="Set">Index into <see cref="Timeline.Sets"/> for work and for the demo before it; -1 elsewhere.</param>
/// <param name="Gap">Index into <see cref="Timeline.Gaps"/> for what lies between work; -1 elsewhere.</param>
/// <param name="Water">Whether it is a water break.</param>
/// <param name="Open">Whether the plan promises it with no length, so that it is reckoned and may be held.</param>
public sealed record Segment(
    SegmentKind Kind,
    Length Start,
    Length End,
    int Block,
    int Round,
    int Station,
    Side? Side = null,
    int? Reps = null,
    int Set = -1,
    int Gap = -1,
    bool Water = false,
    bool Open = false)
{
    /// <summary>How long it is.</summary>
    public Length Length => End - Start;
}
