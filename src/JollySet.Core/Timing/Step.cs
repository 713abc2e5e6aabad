using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>One thing of the class in order, before gaps are reckoned.</summary>
internal abstract record Step;

/// <summary>Words, a showing, or people's own time.</summary>
internal sealed record WordsStep(int Block, SegmentKind Kind, Length Length, Gap? After) : Step;

/// <summary>A work period and what the plan says of the gap after it; null where a <see cref="SlotStep"/> follows.</summary>
internal sealed record WorkStep(WorkSet Set, Length Demo, PlannedGap? After) : Step;

/// <summary>What is left of a slot after its work, and the gap after the slot.</summary>
internal sealed record SlotStep(int Block, int Round, int Station, Length Length, PlannedGap After) : Step;

/// <summary>What the plan says of one gap: with no <see cref="Gap"/> and no exact length it is not said.</summary>
/// <param name="Exact">A length that was reckoned from the work before it.</param>
internal sealed record PlannedGap(GapPlace Place, SegmentKind Kind, Gap? Gap, Length? Exact = null)
{
    public bool Said => Gap is not null || Exact is not null;

    public Length Length => Exact ?? Gap?.Length.Low ?? Length.Zero;
}
