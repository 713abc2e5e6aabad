namespace JollySet.Core.Plans;

/// <summary>One number the product starts from: named, with a unit, a default and the range it may be set within.</summary>
public sealed record HouseRule(string Name, string Group, string Title, string Unit, decimal Default, decimal Least, decimal Most)
{
    /// <summary>Whether the rule may have that value.</summary>
    public bool Allows(decimal value) => value >= Least && value <= Most;
}
