using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>One number the product starts from: named, with a unit, a default and the range it may be set within.</summary>
public sealed record HouseRule(string Name, string Group, string Title, string Unit, decimal Default, decimal Least, decimal Most)
{
    /// <summary>What its values 0, 1 and so on mean, where it is a choice and no number.</summary>
    public ImmutableArray<string> Choices { get; init; } = [];

    /// <summary>Whether it is a length of time rather than a pace, a factor or a count.</summary>
    public bool IsLength => Unit is "s" or "min" && !Name.StartsWith("pace.", StringComparison.Ordinal);

    /// <summary>The value as it is reckoned with: lengths go by tenths of a second.</summary>
    public decimal Exact(decimal value) => !IsLength ? value : Unit == "s" ? Length.Seconds(value).InSeconds : Length.Minutes(value).InMinutes;

    /// <summary>Whether the rule may have that value.</summary>
    public bool Allows(decimal value) => value >= Least && value <= Most && (Choices.IsEmpty || value == decimal.Truncate(value));
}
