using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Options;

/// <summary>What is better left out where someone's clinician has to be asked first. It clears nobody: it only keeps a draft from the plainly unusual.</summary>
public static class AskFirst
{
    /// <summary>The needs of the class that only a clinician can judge.</summary>
    public static IEnumerable<string> Of(Brief brief) => brief.Needs.Where(n => Needs.KindOf(n) == NeedKind.Ask);

    /// <summary>Whether the usual ways of one of them speak against the move.</summary>
    public static bool SpeaksAgainst(Brief brief, Move move) => Of(brief).Any(need => Avoids(Needs.UsualWays(need), move));

    private static bool Avoids(string usual, Move move)
    {
        bool Says(string words) => usual.Contains(words, StringComparison.OrdinalIgnoreCase);
        return (Says("lying on the back") && move.Posture == Posture.Lying)
            || (Says("risk of falling") && (move.Troubles("balance") || move.Impact >= Impact.Middle))
            || (Says("no jumps") && move.Impact >= Impact.Middle)
            || (Says("hard bracing") && move.Posture == Posture.Plank)
            || (Says("long holds") && (move is { Pattern: Pattern.Brace, Pace: PaceClass.Slow } || (move.Tags.IsHold && move.Pattern is not (Pattern.Stretch or Pattern.Carry))))
            || (Says("head below the heart") && move.Tags.IsHeadLow)
            || (Says("bending or twisting") && move.Pattern is Pattern.TrunkFlexion or Pattern.Rotation or Pattern.SideBend);
    }
}
