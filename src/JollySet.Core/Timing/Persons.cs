using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>The three people a class is reckoned for.</summary>
public enum Person { Newcomer, Regular, Strong }

/// <summary>How fast each of them goes.</summary>
public static class Persons
{
    /// <summary>Factor on seconds a rep, from the house rules.</summary>
    public static decimal PaceOf(this HouseRules rules, Person person) => person switch
    {
        Person.Newcomer => rules.PaceNewcomer,
        Person.Strong => rules.PaceStrong,
        _ => rules.PaceRegular,
    };
}
