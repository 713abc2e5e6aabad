using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>What a class is reckoned with: the house's numbers and the moves it knows. It travels with the timeline.</summary>
public sealed record Studio(HouseRules Rules, MoveLibrary Library)
{
    /// <summary>As shipped.</summary>
    public static Studio Shipped { get; } = new(HouseRules.Shipped, MoveLibrary.Shipped);
}
