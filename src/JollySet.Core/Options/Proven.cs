using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>Whether a way goes round a need by the library's own facts; the instructor's own words are taken at their word.</summary>
public static class Proven
{
    /// <summary>Where less range, less weight or something to hold spares a joint.</summary>
    private static readonly string[] Joints = ["knees", "wrists", "shoulders", "low back", "neck", "hips"];

    /// <summary>Whether that way, in place of a move that troubles the need, spares it.</summary>
    /// <param name="troubling">The move that is done otherwise; null where it is not known.</param>
    public static bool Spares(Way way, string need, Move? troubling, Facts facts) => way switch
    {
        WordsWay => true,
        MoveWay other => facts.MoveOf(other.Move) is { } move && (!move.Troubles(need) || IsBare(other, move, need)),
        AdjustedWay adjusted => troubling?.Around.GetValueOrDefault(Needs.Named(need)) == Words.Of(adjusted.Adjustment) || Plainly(way, need, troubling, facts) || Eases(adjusted.Adjustment, Needs.Named(need), troubling),
        _ => false,
    };

    /// <summary>Whether a way that was not named for the need spares it all the same.</summary>
    public static bool Plainly(Way way, string need, Move? troubling, Facts facts) => way switch
    {
        MoveWay => Spares(way, need, troubling, facts),
        AdjustedWay adjusted => (adjusted.Adjustment, Needs.Named(need)) switch
        {
            (Adjustment.Supported, "balance") or (Adjustment.NoLoad, "no kit") => true,
            (Adjustment.Seated, "seated" or "balance" or "no floor") => CanSit(troubling),
            _ => false,
        },
        _ => false,
    };

    /// <summary>Whether a way, taken for another reason, troubles a need at that line: what the library does not know, and words that say nothing of the need, are not taken to spare it where the planned move does not.</summary>
    public static bool Troubles(Station line, Way way, string need, Facts facts)
    {
        if (line.Options.Any(o => o.Kind == OptionKind.ForNeed && Needs.Named(o.Need!) == Needs.Named(need) && o.Way == way))
            return false;
        var troubling = line.Doing.MoveNames().Select(facts.MoveOf).FirstOrDefault(m => m?.Troubles(need) == true);
        return way switch
        {
            MoveWay other => facts.MoveOf(other.Move) is not { } move || (move.Troubles(need) && !IsBare(other, move, need)),
            AdjustedWay => troubling is not null && !Plainly(way, need, troubling, facts),
            _ => troubling is not null,
        };
    }

    /// <summary>What spares a joint where it is named for it.</summary>
    private static bool Eases(Adjustment adjustment, string need, Move? move) => (adjustment, need) switch
    {
        (Adjustment.SmallerRange or Adjustment.NoLoad or Adjustment.Supported, _) => Joints.Contains(need),
        (Adjustment.Seated, _) => Joints.Contains(need) && CanSit(move),
        _ => false,
    };

    private static bool CanSit(Move? move) => move?.Tags.CanSit == true || move?.Around.GetValueOrDefault("seated") == Words.Of(Adjustment.Seated);

    /// <summary>A loaded move done with nothing in the hands needs no kit.</summary>
    private static bool IsBare(MoveWay way, Move move, string need) =>
        Needs.Named(need) == "no kit" && way.Load?.Level == LoadLevel.None && move.Kit.All(k => !KitList.IsProp(k));
}
