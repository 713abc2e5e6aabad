using System.Collections.Immutable;
using System.Text;
using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Draws the three people's effort as water over the class's own time axis.</summary>
public static class EffortSvg
{
    internal const double Width = 1200;
    internal const double Left = 44;
    internal const double Right = 150;
    private const double Top = 14;
    private const double Tall = 250;
    private const double NameStep = 17;
    private static readonly Length Step = Length.Seconds(3);
    private static readonly Length Long = Length.Minutes(40);

    /// <summary>The drawing: the newcomer's line on top, the strong person's below, blocks along the foot.</summary>
    public static string Of(Timeline timeline, ImmutableArray<EffortCurve> curves)
    {
        var scale = Scale.Filling(Width - Left - Right, timeline.Length);
        var svg = new Svg().Open("svg", "class", "effort", "viewBox", $"0 0 {FlagPath.N(Width)} {FlagPath.N(Top + Tall + 66)}", "role", "img", "aria-label", Words(curves));
        foreach (var (level, word) in new[] { (2.0, "light"), (5, "hard"), (7, "very hard") })
            svg.Draw("path", "class", level == 5 ? "mark hard" : "mark", "d", $"M{FlagPath.N(Left)} {FlagPath.N(Y(level))}H{FlagPath.N(Width - Right)}")
                .Say("text", $"{level:0}", "class", "scale", "x", Left - 8, "y", Y(level) + 5, "text-anchor", "end")
                .Say("text", word, "class", "scale", "x", Left + 4, "y", Y(level) - 4);
        foreach (var curve in curves)
            svg.Draw("path", "class", $"water {Name(curve)}", "d", Path(curve, scale));
        var below = Top + Tall + 5 + NameStep;
        foreach (var curve in curves.Where(c => !c.Samples.IsEmpty).Reverse())
        {
            below = Math.Min(Y(curve.Samples[^1].Effort) + 5, below - NameStep);
            svg.Say("text", Say.Capital(curve.Person.ToString().ToLowerInvariant()), "class", $"who {Name(curve)}", "x", Width - Right + 8, "y", below);
        }

        Blocks(svg, timeline, scale);
        return svg.Close().ToString();
    }

    /// <summary>What it shows, in words.</summary>
    public static string Words(ImmutableArray<EffortCurve> curves) =>
        "Effort over the class. " + string.Join("; ", curves.Select(c => $"{c.Person.ToString().ToLowerInvariant()}: peak {c.Peak.Effort:0.0} at {Say.Clock(c.Peak.At)}, {c.MinutesFrom(5):0.0} minutes hard or above"));

    private static string Path(EffortCurve curve, Scale scale)
    {
        var path = new StringBuilder($"M{FlagPath.N(Left)} {FlagPath.N(Y(0))}");
        var last = Length.Zero;
        foreach (var sample in curve.Samples)
        {
            if (sample.At - last < Step && sample.At != curve.Samples[^1].At)
                continue;
            last = sample.At;
            path.Append('L').Append(FlagPath.N(Left + scale.Of(sample.At))).Append(' ').Append(FlagPath.N(Y(sample.Effort)));
        }

        return path.ToString();
    }

    /// <summary>Each block's stretch, with its name where there is room, and the minutes.</summary>
    private static void Blocks(Svg svg, Timeline timeline, Scale scale)
    {
        var foot = Top + Tall;
        foreach (var block in timeline.Segments.GroupBy(s => s.Block))
        {
            var (from, to) = (Left + scale.Of(block.First().Start), Left + scale.Of(block.Last(s => s.Kind != SegmentKind.After).End));
            svg.Draw("path", "class", "rope", "d", $"M{FlagPath.N(from)} {FlagPath.N(foot + 10)}H{FlagPath.N(Math.Max(from + 2, to - 3))}");
            var letters = (int)((to - from) / 7.6);
            var name = timeline.Blocks[block.Key].Name;
            if (letters >= 3)
                svg.Say("text", name.Length <= letters ? name : name[..(letters - 1)] + "…", "class", "block-name", "x", from, "y", foot + 28);
        }

        for (var minute = 0; Length.Minutes(minute) <= timeline.Length; minute += timeline.Length > Long ? 10 : 5)
            svg.Say("text", $"{minute} min", "class", "scale", "x", Left + scale.Of(Length.Minutes(minute)), "y", foot + 50);
    }

    private static string Name(EffortCurve curve) => curve.Person.ToString().ToLowerInvariant();

    private static double Y(double effort) => Top + Tall - (effort / 10 * Tall);
}
