using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>Where in the class a gap falls.</summary>
public enum GapPlace { Within, OtherSide, AfterRound, AfterBlock }

/// <summary>What lies between two work periods: what is planned, what the change needs, what that costs.</summary>
/// <param name="From">Index of the set before it.</param>
/// <param name="To">Index of the set after it.</param>
/// <param name="Planned">Said by the plan, with demo and words on the way.</param>
/// <param name="Said">Whether the plan says a length; of counted work a gap not said is its need, reckoned.</param>
/// <param name="Lost">Of the next work, where the clock is kept although the change needs longer.</param>
/// <param name="Extra">Beyond the clock when run from memory.</param>
public sealed record GapRecord(
    int From,
    int To,
    GapPlace Place,
    Length Planned,
    bool Said,
    Length Need,
    Length Lost,
    Length Extra,
    bool Water,
    bool Open)
{
    /// <summary>Whether its length is reckoned, not said: promised with a question mark, or left unsaid after counted work.</summary>
    public bool Reckoned => Open || !Said;
}
