using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>One thing of the class in order, before gaps are reckoned.</summary>
internal abstract record Step;

/// <summary>Words, a showing, or people's own time.</summary>
internal sealed record WordsStep(int Block, SegmentKind Kind, int Tenths, Gap? After) : Step;

/// <summary>A work period and what the plan says of the gap after it; null where a <see cref="SlotStep"/> follows.</summary>
internal sealed record WorkStep(WorkSet Set, int DemoTenths, PlannedGap? After) : Step;

/// <summary>What is left of a slot after its work, and the gap after the slot.</summary>
internal sealed record SlotStep(int Block, int Round, int Station, int Tenths, PlannedGap After) : Step;

/// <summary>What the plan says of one gap: with no <see cref="Gap"/> and no exact length it is not said.</summary>
/// <param name="ExactTenths">A length that was reckoned from the work before it.</param>
internal sealed record PlannedGap(GapPlace Place, SegmentKind Kind, Gap? Gap, int? ExactTenths = null)
{
    public bool Said => Gap is not null || ExactTenths is not null;

    public int Tenths => ExactTenths ?? (Gap?.Seconds.Low ?? 0) * 10;
}
