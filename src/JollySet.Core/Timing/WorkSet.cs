using System.Globalization;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>One work period: a station's work in one round, on one side where each side has its own.</summary>
/// <param name="Block">Index of its block, from 0.</param>
/// <param name="Round">From 1.</param>
/// <param name="Station">The line's number in its block, from 1.</param>
/// <param name="Side">Null where no side is said and the move needs one; the first half's where the side changes at half.</param>
/// <param name="SecondSide">Whether it is the other side of the set before it.</param>
/// <param name="Length">Length by the clock.</param>
/// <param name="Likely">Length with what load and late fatigue cost.</param>
/// <param name="Reps">Planned count; null for timed work.</param>
/// <param name="SecondsPerRep">Of counted work; null for timed.</param>
/// <param name="HasTarget">Whether the plan says how much.</param>
public sealed record WorkSet(
    int Block,
    int Round,
    int Station,
    Station Line,
    WorkFacts Facts,
    Side? Side,
    bool SecondSide,
    bool SwitchHalfway,
    Length Length,
    Length Likely,
    int? Reps,
    decimal? SecondsPerRep,
    bool HasTarget)
{
    /// <summary>Whether it has no count.</summary>
    public bool IsTimed => Reps is null;

    /// <summary>Whether the clock or a beat ends it, so that what follows begins on time whatever the change needs.</summary>
    public bool KeepsClock { get; init; }

    /// <summary>Whether it belongs to the second pass of a block that does each side.</summary>
    public bool SecondPass { get; init; }

    /// <summary>What its amount would take where a slot ends it before; null where nothing cuts it.</summary>
    public Length? Wanted { get; init; }

    /// <summary>In a slot: what load and late fatigue add, taken from the slot's rest.</summary>
    public Length SlotDebt { get; init; }

    /// <summary>What goes beyond the last slot of a class.</summary>
    public Length Lost { get; init; }

    /// <summary>Whether people meet the move here and learn it inside its work: timed, in a follow-along class, with no showing before.</summary>
    public bool LearnedInside { get; init; }

    /// <summary>Seconds that a rep of timed work is likely to take; null for holds, stretches, carries and counted work.</summary>
    public decimal? ExpectedSecondsPerRep { get; init; }

    /// <summary>Its count as it is said, a range as both its ends; null for timed work.</summary>
    public string? CountText => Reps is not { } reps ? null
        : Line.Amount is Reps said && said.Counts.At(Round) is { IsRange: true } range ? string.Create(CultureInfo.InvariantCulture, $"{range.Low}–{range.High}")
        : reps.ToString(CultureInfo.InvariantCulture);

    /// <summary>The other of left and right; the side itself otherwise.</summary>
    public static Side? OtherOf(Side? side) => side switch
    {
        Timing.Side.Left => Timing.Side.Right,
        Timing.Side.Right => Timing.Side.Left,
        _ => side,
    };
}

/// <summary>What the library and the line together say of a station.</summary>
/// <param name="Name">As it is called to the class.</param>
/// <param name="Move">The library's facts; null for a move with none and for one to be chosen.</param>
/// <param name="Family">The cloth it is drawn in.</param>
/// <param name="Level">Null when nobody knows.</param>
/// <param name="Held">What is in the hands, load included; empty for nothing.</param>
/// <param name="Props">What has to be placed, in one word list; empty for nothing.</param>
/// <param name="Weight">How heavy the load is for the move; null where nobody knows.</param>
public sealed record WorkFacts(string Name, Move? Move, Family Family, Level? Level, string Held, string Props, LoadLevel? Weight)
{
    /// <summary>Whether the load is a heavy one.</summary>
    public bool Heavy => Weight == LoadLevel.Heavy;

    /// <summary>Whether its hands tire: what they hold is heavy, pulled or carried.</summary>
    public bool Grips => GripsIn(Move);

    /// <summary>The same while one of its moves is done.</summary>
    public bool GripsIn(Move? part) => Held.Length > 0 && (Heavy || part?.Pattern is Pattern.Pull or Pattern.VerticalPull or Pattern.Carry);
}
