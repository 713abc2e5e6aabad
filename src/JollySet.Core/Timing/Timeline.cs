using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Every second of a class, computed from its plan. Everything that speaks of time reads this.</summary>
public sealed record Timeline(ClassPlan Plan, Studio Studio)
{
    /// <summary>The house rules it was reckoned by.</summary>
    public HouseRules Rules => Studio.Rules;

    /// <summary>The moves it was reckoned with.</summary>
    public MoveLibrary Library => Studio.Library;

    /// <summary>Looks up what its lines mean.</summary>
    public Facts Facts => new(Plan, Studio);

    /// <summary>The blocks as they are taught: repeats spelled out.</summary>
    public required ImmutableArray<Block> Blocks { get; init; }

    /// <summary>In order; they touch and never overlap.</summary>
    public required ImmutableArray<Segment> Segments { get; init; }

    /// <summary>Every work period, in order.</summary>
    public required ImmutableArray<WorkSet> Sets { get; init; }

    /// <summary>What lies between each two work periods, in order.</summary>
    public required ImmutableArray<GapRecord> Gaps { get; init; }

    /// <summary>Length by the clock.</summary>
    public Length Length => Segments.IsEmpty ? Length.Zero : Segments[^1].End;

    /// <summary>Length when run from memory: never under the clock's.</summary>
    public Length Likely => Length + Gaps.Sum(g => g.Extra) + Sets.Sum(s => s.Likely - s.Length);

    /// <summary>Whether a change takes so much from the work after it that people notice.</summary>
    public bool IsTight(GapRecord gap) => gap.Lost > Length.Max(Rules.CheckTightSeconds, Sets[gap.To].Length * Rules.CheckTightShare);

    /// <summary>Work lost to changes that are too tight.</summary>
    public Length Lost => Gaps.Sum(g => g.Lost) + Sets.Sum(s => s.Lost);
}
