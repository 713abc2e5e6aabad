using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Every second of a class, computed from its plan. Everything that speaks of time reads this.</summary>
public sealed record Timeline(ClassPlan Plan, HouseRules Rules)
{
    /// <summary>The blocks as they are taught: repeats spelled out.</summary>
    public required ImmutableArray<Block> Blocks { get; init; }

    /// <summary>In order; they touch and never overlap.</summary>
    public required ImmutableArray<Segment> Segments { get; init; }

    /// <summary>Every work period, in order.</summary>
    public required ImmutableArray<WorkSet> Sets { get; init; }

    /// <summary>What lies between each two work periods, in order.</summary>
    public required ImmutableArray<GapRecord> Gaps { get; init; }

    /// <summary>Length by the clock.</summary>
    public int Tenths => Segments.IsEmpty ? 0 : Segments[^1].EndTenths;

    /// <summary>Length when run from memory: never under the clock's.</summary>
    public int LikelyTenths => Tenths + Gaps.Sum(g => g.ExtraTenths) + Sets.Sum(s => s.LikelyTenths - s.Tenths);

    /// <summary>Work lost to changes that are too tight.</summary>
    public int LostTenths => Gaps.Sum(g => g.LostTenths) + Sets.Sum(s => s.LostTenths);
}
