using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Draws a class for a narrow screen: the open block's rope hangs, time runs down, a station a line; the other blocks are furled to a line each.</summary>
public static class HangingSvg
{
    private const double Width = 340;
    private const double RopeX = 14;
    private const double LeastReach = 28;
    private const double ReachAStep = 3.4;
    private const double TextX = 84;
    private const double Shortest = 26;
    private const double Longest = 84;
    private const double PixelsASecond = 0.75;
    private const double Furled = 9;
    private const int MostFurled = 32;

    /// <inheritdoc cref="BuntingSvg.Of"/>
    public static string Of(Timeline timeline, string? open, Func<string, int, string> link) => Of(timeline, Core.Effort.EffortModel.AtSetEnds(timeline, Person.Regular), open, link);

    /// <inheritdoc cref="BuntingSvg.Hung"/>
    public static string Of(Timeline timeline, Dictionary<int, double> efforts, string? open, Func<string, int, string> link)
    {
        var svg = new Svg();
        var y = 18.0;
        foreach (var block in BuntingLayout.Of(timeline, Width, efforts).GroupBy(r => r.Block))
        {
            var ropes = block.ToList();
            y = ropes[0].BlockName == open && !ropes[0].Flags.IsEmpty ? Hang(svg, timeline, ropes, y, link) : Furl(svg, timeline, ropes, y, link);
        }

        return $"<svg class=\"hanging\" width=\"{Width}\" height=\"{FlagPath.N(y)}\" viewBox=\"0 0 {Width} {FlagPath.N(y)}\" role=\"group\" aria-label=\"The class as flags on a hanging line\">{svg}</svg>";
    }

    /// <summary>One line: name, length, and its stations as small flags.</summary>
    private static double Furl(Svg svg, Timeline timeline, List<Rope> ropes, double y, Func<string, int, string> link)
    {
        var rope = ropes[0];
        var length = timeline.Segments.Where(s => s.Block == rope.Block && s.Kind != SegmentKind.After).Sum(s => s.Length);
        var rounds = timeline.Blocks[rope.Block].RoundCount;
        svg.Open("a", "href", link(rope.BlockName, 1), "class", "furled", "aria-label", $"Open {rope.BlockName}")
            .Draw("rect", "class", "reach", "x", 0, "y", y - 16, "width", Width, "height", rope.Flags.IsEmpty ? 24 : 44)
            .Say("text", Shortened(rope.BlockName, 30), "class", "rope-name", "x", 4, "y", y + 2)
            .Say("text", Say.Clock(length) + (rounds > 1 ? $" · ×{rounds}" : ""), "class", "rope-word", "x", Width - 6, "y", y + 2, "text-anchor", "end");
        if (!rope.Flags.IsEmpty)
        {
            var shown = ropes.SelectMany(r => r.ShowsNames ? r.Flags : []).Take(MostFurled).ToList();
            svg.Draw("path", "class", "rope", "d", $"M4 {FlagPath.N(y + 9)}H{FlagPath.N(10 + (shown.Count * (Furled + 1)))}");
            foreach (var (flag, i) in shown.Select((f, i) => (f, i)))
                svg.Draw("path", "class", flag.Hem == Hem.Unsaid ? "cloth unsaid" : "cloth", "fill", $"url(#weave-{Weaves.NameOf(flag.Family)})", "d", FlagPath.Of(flag.Hem, 6 + (i * (Furled + 1)), y + 9, Furled, 13, 3));
        }

        svg.Close();
        return y + (rope.Flags.IsEmpty ? 26 : 48);
    }

    private static double Hang(Svg svg, Timeline timeline, List<Rope> ropes, double y, Func<string, int, string> link)
    {
        foreach (var rope in ropes)
        {
            var words = new[] { rope.First ? rope.BlockName : "", Say.Capital(rope.Label), rope.Times > 1 ? $"×{rope.Times}" : "" };
            svg.Say("text", Shortened(string.Join(" · ", words.Where(w => w.Length > 0)), 42), "class", rope.First ? "rope-name open" : "rope-round", "x", 4, "y", y + 2);
            y += 16;
            var top = y;
            foreach (var flag in rope.Flags)
                y = Flag(svg, rope, flag, timeline.Sets[flag.Set], y, link);
            svg.Draw("path", "class", "rope", "d", $"M{RopeX} {FlagPath.N(top - 6)}V{FlagPath.N(Math.Max(top + 4, y))}");
            y += 22;
        }

        return y;
    }

    private static double Flag(Svg svg, Rope rope, Flag flag, WorkSet set, double y, Func<string, int, string> link)
    {
        var height = Math.Clamp((double)set.Length.InSeconds * PixelsASecond, Shortest, Longest);
        if (rope.Breaks.FirstOrDefault(b => Math.Abs(b.X - flag.X) < 0.01) is { } tight)
        {
            svg.Say("text", $"−{tight.MissingSeconds} s for the change", "class", "missing", "x", TextX, "y", y + 10);
            y += 16;
        }

        var side = Hems.Of(set) is Hem.Left or Hem.Right or Hem.Switch ? ", " + Hems.Words(Hems.Of(set)) : "";
        var amount = flag.Count is { } reps ? $"×{reps}" : Say.Time(set.Length);
        svg.Open("a", "href", link(rope.BlockName, flag.Station), "class", "flag", "aria-label", $"{rope.BlockName}: {flag.Tells}")
            .Draw("rect", "class", "reach", "x", RopeX + 2, "y", y - 3, "width", Width - RopeX - 2, "height", height + 6)
            .Draw("path", "class", flag.Hem == Hem.Unsaid ? "cloth unsaid" : "cloth", "fill", $"url(#weave-{Weaves.NameOf(flag.Family)})", "d", FlagPath.Of(flag.Hem, RopeX + 2, y, LeastReach + (ReachAStep * flag.Effort), height, 7))
            .Say("text", Shortened(flag.Name, 24) + side, "class", "name", "x", TextX, "y", y + 16)
            .Say("text", amount, "class", "amount", "x", Width - 6, "y", y + 16, "text-anchor", "end")
            .Close();
        return y + height + 6;
    }

    private static string Shortened(string text, int letters) => text.Length <= letters ? text : text[..(letters - 1)] + "…";
}
