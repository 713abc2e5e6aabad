using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>The whole class on one rope, its length the class's own time: a cloth for each work, a pennant where something would go wrong.</summary>
public static class TimeLineSvg
{
    private const double Width = 1000;
    private const double Rope = 26;
    private const double Cloth = 40;
    private const double NamesAt = 84;

    /// <summary>The whole drawing.</summary>
    /// <param name="stops">Where pennants are pinned.</param>
    public static string Of(Timeline timeline, ImmutableArray<Length> stops)
    {
        var total = Math.Max(1, timeline.Length.InTenths);
        double X(Length at) => Width * at.InTenths / total;
        var svg = new Svg().Open("svg", "class", "bunting time-line", "viewBox", $"0 0 {Width} {NamesAt + 8}", "role", "img", "aria-label", $"The class over {Say.Clock(timeline.Length)}; {(stops.IsEmpty ? "nothing would go wrong" : $"something would go wrong at {string.Join(", ", stops.Select(Say.Clock))}")}");
        foreach (var block in timeline.Segments.GroupBy(s => s.Block))
        {
            var (from, to) = (X(block.First().Start), X(block.Last().End));
            svg.Draw("path", "class", "rope", "d", $"M{FlagPath.N(from)} {Rope}H{FlagPath.N(Math.Max(from + 1, to - 4))}");
            var fits = (int)((to - from) / 8);
            if (fits > 2)
                svg.Say("text", Names.Cut(timeline.Blocks[block.Key].Name, fits), "class", "time-line-name", "x", from, "y", NamesAt);
        }

        foreach (var work in timeline.Segments.Where(s => s.Kind == SegmentKind.Work))
        {
            var (from, wide) = (X(work.Start), X(work.Length));
            svg.Draw("path", "class", "cloth", "fill", $"url(#weave-{Weaves.NameOf(timeline.Sets[work.Set].Facts.Family)})", "d", FlagPath.Of(Hem.Unsaid, from, Rope, Math.Max(1.5, wide - 1), Cloth, Math.Min(8, wide / 2)));
        }

        foreach (var stop in stops)
            svg.Draw("path", "class", "stop-pennant", "d", $"M{FlagPath.N(X(stop))} {Rope}V4L{FlagPath.N(X(stop) + 11)} 9L{FlagPath.N(X(stop))} 14");
        return svg.Close().ToString();
    }
}
