using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>The class on one short rope a block, without words: for the shelf.</summary>
public static class SmallBunting
{
    private const double Width = 360;
    private const double Row = 30;
    private const int MostRows = 4;

    /// <summary>At most four ropes, the first round of each block that moves.</summary>
    public static string Of(Timeline timeline)
    {
        var ropes = BuntingLayout.Of(timeline, Width - 40).Where(r => !r.Flags.IsEmpty && r.First).ToList();
        var shown = ropes.Where(r => timeline.Blocks[r.Block].IsMain).Concat(ropes.Where(r => !timeline.Blocks[r.Block].IsMain)).Take(MostRows).OrderBy(r => r.Block).ToList();
        var svg = new Svg().Open("svg", "class", "bunting small", "viewBox", $"0 0 {Width} {FlagPath.N(Math.Max(1, shown.Count) * Row)}", "aria-hidden", "true", "focusable", "false");
        var y = 4.0;
        foreach (var rope in shown)
        {
            svg.Draw("path", "class", "rope", "d", $"M2 {FlagPath.N(y)}H{FlagPath.N(rope.Length + 10)}");
            foreach (var flag in rope.Flags)
                svg.Draw("path", "class", flag.Hem == Hem.Unsaid ? "cloth unsaid" : "cloth", "fill", $"url(#weave-{Weaves.NameOf(flag.Family)})", "d", FlagPath.Of(flag.Hem, 5 + flag.X, y, Math.Max(3, flag.Width), 11 + (1.2 * flag.Effort), 4));
            var rounds = timeline.Blocks[rope.Block].RoundCount;
            if (rounds > 1)
                svg.Say("text", $"×{rounds}", "class", "rope-end", "x", rope.Length + 14, "y", y + 5);
            y += Row;
        }

        return svg.Close().ToString();
    }
}
