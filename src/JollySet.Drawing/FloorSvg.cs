using System.Collections.Immutable;
using JollySet.Core.Carousels;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>The floor of a carousel: the room's outline, the stations as pitches round it, arrows from each to the next, and the middle kept clear.</summary>
public static class FloorSvg
{
    private const double Width = 900;
    private const double Height = 560;
    private const double PitchWide = 128;
    private const double PitchHigh = 66;
    private const double EdgeWide = 70;
    private const double EdgeHigh = 40;

    /// <summary>The whole plan; each pitch is a group that can be moved by hand.</summary>
    /// <param name="kept">Where stations were put by hand, by their place in the ring; the others stand as they are drawn.</param>
    public static string Of(Timeline timeline, Carousel carousel, ImmutableSortedDictionary<int, FloorPlace>? kept = null)
    {
        var n = carousel.Ring.Length;
        (double X, double Y) Put(int place) => kept is not null && kept.TryGetValue(place, out var put) ? (Math.Clamp(put.X, EdgeWide, Width - EdgeWide), Math.Clamp(put.Y, EdgeHigh, Height - EdgeHigh)) : At(place, n);
        var svg = new Svg().Open("svg", "class", "floor", "viewBox", $"0 0 {Width} {Height}", "role", "group", "aria-label", $"Floor plan: {n} stations round the room, in the order they are gone through");
        svg.Draw("path", "class", "walls", "d", $"M14 22Q10 10 26 12L{Width - 22} 9Q{Width - 8} 10 {Width - 10} 26L{Width - 13} {Height - 24}Q{Width - 12} {Height - 10} {Width - 28} {Height - 11}L24 {Height - 9}Q10 {Height - 10} 12 {Height - 26}Z")
            .Draw("ellipse", "class", "clear", "cx", Width / 2, "cy", Height / 2, "rx", 150, "ry", 74)
            .Say("text", "keep clear", "class", "clear-word", "x", Width / 2, "y", (Height / 2) + 6, "text-anchor", "middle");
        for (var place = 0; place < n; place++)
        {
            var ((x1, y1), (x2, y2)) = (Put(place), Put((place + 1) % n));
            var (dx, dy) = (x2 - x1, y2 - y1);
            var far = Math.Max(1, Math.Sqrt((dx * dx) + (dy * dy)));
            svg.Draw("path", "class", "way", "data-from", place, "data-to", (place + 1) % n, "d", $"M{FlagPath.N(x1 + (dx * 0.36))} {FlagPath.N(y1 + (dy * 0.36))}L{FlagPath.N(x1 + (dx * 0.64))} {FlagPath.N(y1 + (dy * 0.64))}m{FlagPath.N((-9 * dx / far) - (6 * dy / far))} {FlagPath.N((-9 * dy / far) + (6 * dx / far))}L{FlagPath.N(x1 + (dx * 0.64))} {FlagPath.N(y1 + (dy * 0.64))}l{FlagPath.N((-9 * dx / far) + (6 * dy / far))} {FlagPath.N((-9 * dy / far) - (6 * dx / far))}");
        }

        for (var place = 0; place < n; place++)
            Pitch(svg, timeline, carousel, place, Put(place));
        return svg.Close().ToString();
    }

    private static void Pitch(Svg svg, Timeline timeline, Carousel carousel, int place, (double X, double Y) now)
    {
        var (x, y) = At(place, carousel.Ring.Length);
        var bollard = carousel.Ring[place];
        var crew = carousel.Crews.Select((c, i) => (c, i)).FirstOrDefault(c => c.c.Start == place);
        var kit = string.Join(", ", KitDemands.Uses(timeline, carousel.Block, bollard.Item.Line).Select(u => u.What));
        var starts = crew.c is null ? "empty first" : $"{crew.c.Size} begin";
        svg.Open("g", "class", "pitch", "data-place", place, "data-x", x, "data-y", y, "data-now-x", now.X, "data-now-y", now.Y, "transform", $"translate({FlagPath.N(now.X - x)} {FlagPath.N(now.Y - y)})", "tabindex", 0, "role", "img", "aria-label", $"{place + 1}. {bollard.Item.Name}, {(kit.Length > 0 ? kit : "no kit")}, {starts}")
            .Draw("rect", "class", "mat", "x", x - (PitchWide / 2), "y", y - (PitchHigh / 2), "width", PitchWide, "height", PitchHigh, "rx", 5)
            .Draw("path", "class", "cloth", "fill", $"url(#weave-{Weaves.NameOf(bollard.Item.Facts.Family)})", "d", FlagPath.Of(Hem.Both, x - (PitchWide / 2) + 5, y - (PitchHigh / 2) + 5, 24, 24, 5))
            .Say("text", $"{place + 1}", "class", "pitch-number", "x", x - (PitchWide / 2) + 36, "y", y - (PitchHigh / 2) + 22)
            .Say("text", starts, "class", "pitch-small", "x", x + (PitchWide / 2) - 5, "y", y - (PitchHigh / 2) + 19, "text-anchor", "end")
            .Say("text", Names.Cut(Say.Capital(bollard.Item.Name), 19), "class", "pitch-name", "x", x - (PitchWide / 2) + 6, "y", y + 14)
            .Say("text", Names.Cut(kit.Length > 0 ? kit : "no kit", 22), "class", "pitch-small", "x", x - (PitchWide / 2) + 6, "y", y + 28)
            .Close();
    }

    /// <summary>Evenly along a rounded rectangle inside the walls, from the top left on clockwise.</summary>
    private static (double X, double Y) At(int place, int n)
    {
        var (left, top, right, low) = (96.0, 66.0, Width - 96, Height - 66);
        var (wide, high) = (right - left, low - top);
        var along = place * 2 * (wide + high) / n;
        return along < wide ? (left + along, top)
            : along < wide + high ? (right, top + along - wide)
            : along < (2 * wide) + high ? (right - (along - wide - high), low)
            : (left, low - (along - (2 * wide) - high));
    }
}
