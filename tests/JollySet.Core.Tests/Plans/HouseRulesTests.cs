using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Plans;

public sealed class HouseRulesTests
{
    public static TheoryData<string> Names => [.. HouseRules.All.Select(r => r.Name)];

    /// <summary>A rule's property: <c>change.round-least</c> is <c>ChangeRoundLeast</c>.</summary>
    private static object? Typed(HouseRules rules, string name) =>
        typeof(HouseRules).GetProperty(string.Concat(name.Split('.', '-').Select(Say.Capital)))?.GetValue(rules);

    private static decimal InItsUnit(object? value, string unit) => value switch
    {
        Length length => unit == "min" ? length.InMinutes : length.InSeconds,
        int count => count,
        decimal number => number,
        Enum choice => Convert.ToInt32(choice, System.Globalization.CultureInfo.InvariantCulture),
        _ => throw new InvalidOperationException("The rule has no property."),
    };

    [Theory]
    [MemberData(nameof(Names))]
    public void Every_rule_has_a_property_that_follows_it(string name)
    {
        var rule = HouseRules.Find(name)!;
        Assert.Equal(rule.Default, InItsUnit(Typed(HouseRules.Shipped, name), rule.Unit));
        var other = rule.Default == rule.Least ? rule.Most : rule.Least;
        Assert.Equal(other, InItsUnit(Typed(HouseRules.Shipped.Set(name, other), name), rule.Unit));
        Assert.Equal(rule.Default, HouseRules.Shipped.Set(name, other).Set(name, rule.Default)[name]);
    }

    [Fact]
    public void A_length_is_kept_to_the_tenth_and_a_pace_as_it_is_said()
    {
        var rules = HouseRules.Shipped.Set("change.settle", 6.26m).Set("pace.leg", 2.65m);
        Assert.Equal((6.3m, 2.65m, 2.65m), (rules["change.settle"], rules["pace.leg"], rules.PaceLeg));
        Assert.Empty(HouseRules.Shipped.Set("change.settle", 6.04m).Changed);
    }
}
