using System.Globalization;

namespace JollySet.Drawing;

/// <summary>The outline of a flag as SVG path data.</summary>
public static class FlagPath
{
    /// <summary>From its top left corner clockwise; <paramref name="bite"/> is how deep a notch or cut goes.</summary>
    public static string Of(Hem hem, double x, double y, double width, double drop, double bite) =>
        string.Concat(Corners(hem, x, y, width, drop, bite).Skip(1).Select(c => $"L{N(c.X)} {N(c.Y)}").Prepend($"M{N(x)} {N(y)}")) + "Z";

    /// <summary>Its corners from the top left one clockwise.</summary>
    public static IEnumerable<(double X, double Y)> Corners(Hem hem, double x, double y, double width, double drop, double bite)
    {
        var (right, low, middle) = (x + width, y + drop, x + (width / 2));
        var up = low - Math.Min(bite, width * 0.8);
        var slope = low - Math.Min(bite * 1.6, width * 0.8);
        var corners = hem switch
        {
            Hem.Left => new[] { (right, slope), (x, low) },
            Hem.Right => [(right, low), (x, slope)],
            Hem.Both => [(right, low), (middle, up), (x, low)],
            Hem.Alternating => [(right, low), (x + (width * 0.75), up), (middle, low), (x + (width * 0.25), up), (x, low)],
            Hem.Switch => [(right, low), (middle + 1.5, low), (middle + 1.5, low - (bite * 1.8)), (middle - 1.5, low - (bite * 1.8)), (middle - 1.5, low), (x, low)],
            _ => [(right, low), (x, low)],
        };
        return corners.Prepend((right, y)).Prepend((x, y));
    }

    /// <summary>A number as SVG writes it, to a tenth.</summary>
    public static string N(double number) => Math.Round(number, 1).ToString(CultureInfo.InvariantCulture);
}
