using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>How one station shares its work between the participant's sides.</summary>
public enum SideWay
{
    /// <summary>The whole amount for one side, then for the other.</summary>
    EachSide,

    /// <summary>One period or count, changed at half.</summary>
    SwitchHalfway,
    Left,
    Right,
    Both,
    Alternating,
}

/// <summary>What the sheet says of sides: always the participant's.</summary>
/// <param name="Ways">By round; empty when only a direction is said.</param>
/// <param name="RightFirst">Right before left, where both come.</param>
/// <param name="ReverseHalfway">The direction changes at half; the side does not.</param>
public sealed record Sides(ImmutableArray<SideWay> Ways, bool RightFirst = false, bool ReverseHalfway = false)
{
    /// <summary>The same way every round.</summary>
    public static Sides Of(SideWay way) => new([way]);
}
