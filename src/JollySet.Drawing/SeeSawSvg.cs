using JollySet.Core.Balance;
using JollySet.Core.Plans;

namespace JollySet.Drawing;

/// <summary>Draws one pair as a plank on a stone: the heavier side is down, the tilt is the ratio.</summary>
public static class SeeSawSvg
{
    private const double Steepest = 17;

    /// <summary>Room between the two names and at their ends.</summary>
    private const double Apart = 26;

    /// <summary>A letter of a name, in the drawing's units, by estimate.</summary>
    private const double SmallLetter = 8.4;
    private const double LargeLetter = 10;

    /// <summary>The drawing, large where it wants to be seen.</summary>
    public static string Of(SeeSaw pair, bool large)
    {
        var (width, reach) = large ? (420.0, 150.0) : (230.0, 78.0);
        var (middle, y) = (width / 2, large ? 66.0 : 44.0);
        var degrees = TiltOf(pair);
        var (cos, sin) = (Math.Cos(degrees * Math.PI / 180), Math.Sin(degrees * Math.PI / 180));
        var (left, right) = ((x: middle - (reach * cos), y: y - (reach * sin)), (x: middle + (reach * cos), y: y + (reach * sin)));
        var (names, step) = (NamesOf(pair, width, large), large ? 20.0 : 16.0);
        var plain = large ? 142.0 : 103.0;
        var height = plain + (step * (names.Max(n => n.Length) - 1));
        var svg = new Svg().Open("svg", "class", $"see-saw {pair.Tilt.ToString().ToLowerInvariant()}{(pair.IsSoft ? " soft" : "")}", "viewBox", $"0 0 {FlagPath.N(width)} {FlagPath.N(height)}", "role", "img", "aria-label", Words(pair))
            .Draw("path", "class", "stone", "d", $"M{FlagPath.N(middle - 20)} {FlagPath.N(y + 26)}q4 -24 20 -24q17 0 21 24z")
            .Draw("path", "class", "plank", "d", $"M{FlagPath.N(left.x)} {FlagPath.N(left.y)}L{FlagPath.N(right.x)} {FlagPath.N(right.y)}");
        Sack(svg, left.x + 14, left.y, pair.FirstSeconds, pair);
        Sack(svg, right.x - 14, right.y, pair.SecondSeconds, pair);
        for (var i = 0; i < names[0].Length; i++)
            svg.Say("text", names[0][i], "class", "side-name", "x", 6, "y", plain - 20 + (i * step));
        for (var i = 0; i < names[1].Length; i++)
            svg.Say("text", names[1][i], "class", "side-name", "x", width - 6, "y", plain - 20 + (i * step), "text-anchor", "end");
        return svg
            .Say("text", Say.Time(pair.FirstSeconds), "class", "side-time", "x", 6, "y", height - 5)
            .Say("text", Say.Time(pair.SecondSeconds), "class", "side-time", "x", width - 6, "y", height - 5, "text-anchor", "end")
            .Close().ToString();
    }

    /// <summary>The two names, the longer on two lines where both have no room beside each other.</summary>
    private static string[][] NamesOf(SeeSaw pair, double width, bool large)
    {
        var room = (int)((width - Apart) / (large ? LargeLetter : SmallLetter));
        var (first, second) = (Say.Capital(pair.First), Say.Capital(pair.Second));
        if (first.Length + second.Length <= room)
            return [[first], [second]];
        return first.Length > second.Length
            ? [Broken(first, room - second.Length), [second]]
            : [[first], Broken(second, room - first.Length)];
    }

    /// <summary>A name on two lines, the first as long as it may be.</summary>
    private static string[] Broken(string name, int letters)
    {
        var space = name.LastIndexOf(' ', Math.Clamp(letters, 0, name.Length - 1));
        return space > 0 ? [name[..space], name[(space + 1)..]] : [name];
    }

    /// <summary>What it shows, in words.</summary>
    public static string Words(SeeSaw pair) => $"{Say.Capital(pair.First)} {Say.Time(pair.FirstSeconds)}, {pair.Second} {Say.Time(pair.SecondSeconds)}: {pair.TiltWord}";

    /// <summary>Degrees, positive where the second side is down: 5 to level's limit, 10 to leaning's, then on to the steepest.</summary>
    private static double TiltOf(SeeSaw pair)
    {
        if (pair.FirstSeconds == pair.SecondSeconds)
            return 0;
        var degrees = pair.Ratio is { } ratio ? Math.Min(Steepest, 8 * Math.Log2((double)ratio) + 1) : Steepest;
        return pair.SecondSeconds > pair.FirstSeconds ? degrees : -degrees;
    }

    /// <summary>A sack whose size is its seconds, beside the larger of the two.</summary>
    private static void Sack(Svg svg, double x, double y, decimal seconds, SeeSaw pair)
    {
        var most = Math.Max(1, Math.Max(pair.FirstSeconds, pair.SecondSeconds));
        var size = 7 + (17 * Math.Sqrt((double)(seconds / most)));
        if (seconds > 0)
            svg.Draw("path", "class", "sack", "d", $"M{FlagPath.N(x - (size / 2))} {FlagPath.N(y - 3)}q-3 -{FlagPath.N(size)} {FlagPath.N(size / 3)} -{FlagPath.N(size)}h{FlagPath.N(size / 3)}q{FlagPath.N((size / 3) + 3)} 0 {FlagPath.N(size / 3)} {FlagPath.N(size)}z");
    }
}
