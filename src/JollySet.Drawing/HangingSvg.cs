using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Draws a class for a narrow screen: the rope hangs, time runs down, a station a line.</summary>
public static class HangingSvg
{
    private const double Width = 340;
    private const double RopeX = 14;
    private const double Reach = 52;
    private const double TextX = 84;
    private const double Shortest = 26;
    private const double Longest = 84;
    private const double PixelsASecond = 0.75;

    /// <inheritdoc cref="BuntingSvg.Of"/>
    public static string Of(Timeline timeline, string? open, Func<string, int, string> link)
    {
        var svg = new Svg();
        var y = 18.0;
        foreach (var rope in BuntingLayout.Of(timeline, Width))
        {
            if (rope.First || rope.Label.Length > 0)
            {
                var name = rope.Flags.IsEmpty ? $"{rope.BlockName} – {rope.Word}" : rope.First ? rope.BlockName : "";
                var round = Say.Capital(rope.Label);
                svg.Say("text", Shortened(string.Join(" · ", new[] { name, round }.Where(w => w.Length > 0)), 42), "class", rope.BlockName == open ? "rope-name open" : "rope-name", "x", 4, "y", y + 2);
                y += 16;
            }

            var top = y;
            foreach (var flag in rope.Flags)
                y = Flag(svg, rope, flag, timeline.Sets[flag.Set], y, link);
            svg.Draw("path", "class", "rope", "d", $"M{RopeX} {FlagPath.N(top - 6)}V{FlagPath.N(Math.Max(top + 4, y))}");
            y += rope.Flags.IsEmpty ? 16 : 22;
        }

        return $"<svg class=\"hanging\" width=\"{Width}\" height=\"{FlagPath.N(y)}\" viewBox=\"0 0 {Width} {FlagPath.N(y)}\" role=\"group\" aria-label=\"The class as flags on a hanging line\">{svg}</svg>";
    }

    private static double Flag(Svg svg, Rope rope, Flag flag, WorkSet set, double y, Func<string, int, string> link)
    {
        var height = Math.Clamp(set.Tenths / 10.0 * PixelsASecond, Shortest, Longest);
        if (rope.Breaks.FirstOrDefault(b => Math.Abs(b.X - flag.X) < 0.01) is { } tight)
        {
            svg.Say("text", $"−{tight.MissingSeconds} s for the change", "class", "missing", "x", TextX, "y", y + 10);
            y += 16;
        }

        var side = Hems.Of(set) is Hem.Left or Hem.Right or Hem.Switch ? ", " + Hems.Words(Hems.Of(set)) : "";
        var amount = flag.Count is { } reps ? $"×{reps}" : Say.Time(set.Tenths / 10m);
        svg.Open("a", "href", link(rope.BlockName, flag.Station), "class", "flag", "aria-label", $"{rope.BlockName}: {flag.Tells}")
            .Draw("path", "class", flag.Hem == Hem.Unsaid ? "cloth unsaid" : "cloth", "fill", $"url(#weave-{Weaves.NameOf(flag.Family)})", "d", FlagPath.Of(flag.Hem, RopeX + 2, y, Reach, height, 7))
            .Say("text", Shortened(flag.Name, 24) + side, "class", "name", "x", TextX, "y", y + 16)
            .Say("text", amount, "class", "amount", "x", Width - 6, "y", y + 16, "text-anchor", "end")
            .Close();
        return y + height + 6;
    }

    private static string Shortened(string text, int letters) => text.Length <= letters ? text : text[..(letters - 1)] + "…";
}
