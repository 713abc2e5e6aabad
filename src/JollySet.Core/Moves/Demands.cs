namespace JollySet.Core.Moves;

/// <summary>What a move asks of a fresh body: landing hard, standing on one leg, or much to get right at once.</summary>
public static class Demands
{
    /// <summary>Both feet leave and land hard.</summary>
    public static bool IsJump(this Move move) => move.Impact == Impact.High;

    /// <summary>Standing on one leg with nothing else to lean on; a lunge keeps both feet down.</summary>
    public static bool IsBalance(this Move move) => move.Tags.IsOneLegged;

    /// <summary>Loaded and fast, or with many parts: it goes wrong first when people tire.</summary>
    public static bool IsSkill(this Move move) => move.Tags.IsSkill;

    /// <summary>A low back held in a hinge.</summary>
    public static bool IsHinge(this Move move) => move.Posture == Posture.Hinged;

    /// <summary>A big move: several large muscles under load.</summary>
    public static bool IsBig(this Move move) =>
        move.Pattern is Pattern.Squat or Pattern.Hinge or Pattern.Lunge or Pattern.Push or Pattern.OverheadPush or Pattern.Pull or Pattern.VerticalPull
        && move.Muscles.Count(m => m.Share >= 0.5m) >= 2;

    /// <summary>Work for the middle of the body: it braces everything else, so it comes after.</summary>
    public static bool IsCore(this Move move) => move.Family == Family.Core;
}
