using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Options;

/// <summary>What is better left out where someone's clinician has to be asked first. It clears nobody: it only keeps a draft from the plainly unusual.</summary>
public static class AskFirst
{
    /// <summary>The needs of the class that only a clinician can judge.</summary>
    public static IEnumerable<string> Of(Brief brief) => brief.Needs.Where(n => Needs.KindOf(n) == NeedKind.Ask);

    /// <summary>Whether the usual ways of one of them speak against the move.</summary>
    public static bool SpeaksAgainst(Brief brief, Move move) => Of(brief).Any(need => Speaks(Needs.Avoided(need), move));

    private static bool Speaks(Avoid avoid, Move move) =>
        (avoid.HasFlag(Avoid.LyingOnTheBack) && move.Posture == Posture.Lying)
        || (avoid.HasFlag(Avoid.Falling) && (move.Troubles("balance") || move.Impact >= Impact.Middle))
        || (avoid.HasFlag(Avoid.Jumps) && move.Impact >= Impact.Middle)
        || (avoid.HasFlag(Avoid.HardBracing) && move.Posture == Posture.Plank)
        || (avoid.HasFlag(Avoid.LongHolds) && (move is { Pattern: Pattern.Brace, Pace: PaceClass.Slow } || (move.Tags.IsHold && move.Pattern is not (Pattern.Stretch or Pattern.Carry))))
        || (avoid.HasFlag(Avoid.HeadLow) && move.Tags.IsHeadLow)
        || (avoid.HasFlag(Avoid.BendingOrTwisting) && move.Pattern is Pattern.TrunkFlexion or Pattern.Rotation or Pattern.SideBend);
}
