using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>What a class is reckoned with: the house's numbers and the moves it knows. It travels with the timeline.</summary>
public sealed record Studio(HouseRules Rules, MoveLibrary Library)
{
    /// <summary>As shipped.</summary>
    public static Studio Shipped { get; } = new(HouseRules.Shipped, MoveLibrary.Shipped);

    /// <summary>The shipped moves under rules of the house's own.</summary>
    public static Studio With(HouseRules rules) => Shipped with { Rules = rules };
}
