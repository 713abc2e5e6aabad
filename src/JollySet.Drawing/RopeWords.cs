using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>What is said beside a rope.</summary>
internal static class RopeWords
{
    /// <summary>Which rounds, rung, side or sets it stands for; empty where there is only one.</summary>
    public static string Label(Block block, Turn turn, int times)
    {
        var side = block.Settings.EachSide is { } sides ? (turn.Pass == 0) != sides.RightFirst ? "left" : "right" : "";
        var rounds = block.Format switch
        {
            StraightFormat => block.RoundCount > 1 ? $"{Words.Counted(block.Settings.Rounds, "set")}" : "",
            _ when block.Rungs is { } rungs => rungs.InSeconds ? $"rung {rungs.Counts[turn.Number - 1]} s" : $"rung {rungs.Counts[turn.Number - 1]}",
            _ when block.RoundCount == 1 => "",
            _ when times == 1 => $"round {turn.Number}",
            _ => $"rounds {turn.Number}–{turn.Number + times - 1}",
        };
        return string.Join(" · ", new[] { side, rounds }.Where(w => w.Length > 0));
    }

    /// <summary>The word on bare rope.</summary>
    public static string Of(Block block) => block.Format switch
    {
        ShowFormat => "showing",
        OwnFormat => "own time",
        _ => "talk",
    };

    /// <summary>Whether it may be dropped or follows without a break.</summary>
    public static string Tag(Block block) => string.Join(", ", new[] { block.Settings.Optional ? "optional" : "", block.Settings.Joined ? "joined" : "" }.Where(w => w.Length > 0));
}
