using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>One thing of the class in order, before gaps are reckoned: words or a work period.</summary>
internal abstract record Step;

/// <summary>Words, a showing, or people's own time.</summary>
internal sealed record WordsStep(int Block, SegmentKind Kind, int Tenths, Gap? After) : Step;

/// <summary>A work period and what the plan says of the gap after it.</summary>
internal sealed record WorkStep(WorkSet Set, int DemoTenths, PlannedGap? After) : Step;

/// <summary>What the plan says of one gap: null <see cref="Gap"/> is not said.</summary>
internal sealed record PlannedGap(GapPlace Place, SegmentKind Kind, Gap? Gap);
