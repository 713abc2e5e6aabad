using JollySet.Core.Moves;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>What the hem of a flag tells: the side, never by colour alone.</summary>
public enum Hem { Left, Right, Both, Alternating, Switch, Unsaid }

/// <summary>One flag on a rope, in pixels of the drawing.</summary>
/// <param name="Set">Index of its work period.</param>
/// <param name="Number">Its count; null for timed work.</param>
/// <param name="Count">The count as it is written on it, a range as both its ends.</param>
/// <param name="LearnWidth">The part of its width that is spent learning the move; 0 for none.</param>
/// <param name="Effort">What it asks of a regular by its end, 0 to 10: its drop.</param>
/// <param name="Tells">Everything about it in one sentence.</param>
public sealed record Flag(int Set, int Station, string Name, Family Family, Hem Hem, double X, double Width, int? Number, string? Count, double LearnWidth, double Effort, Level? Level, string Tells)
{
    /// <summary>How long it takes, in whole seconds.</summary>
    public int Seconds { get; init; }
}

/// <summary>How a set's side is drawn.</summary>
public static class Hems
{
    /// <summary>The hem of a set.</summary>
    public static Hem Of(WorkSet set) => set.Station == 0 ? Hem.Both : set.SwitchHalfway ? Hem.Switch : set.Side switch
    {
        Side.Left => Hem.Left,
        Side.Right => Hem.Right,
        Side.Both => Hem.Both,
        Side.Alternating => Hem.Alternating,
        _ => Hem.Unsaid,
    };

    /// <summary>In words.</summary>
    public static string Words(Hem hem) => hem switch
    {
        Hem.Left => "left",
        Hem.Right => "right",
        Hem.Both => "both sides",
        Hem.Alternating => "alternating",
        Hem.Switch => "switch halfway",
        _ => "side not said",
    };
}
