using JollySet.Core.Moves;
using PdfSharp.Drawing;

namespace JollySet.Drawing.Paper;

/// <summary>Flags in ink: the outline of the screen's, its weave as lines and dots clipped to it, so that a grey printer tells the families apart.</summary>
internal static class PaperFlags
{
    private static readonly XPen Edge = new(XColors.Black, 0.7) { LineJoin = XLineJoin.Round };
    private static readonly XPen Thread = new(XColors.Black, 0.5);

    /// <summary>Draws one; all measures in points.</summary>
    public static void Draw(XGraphics pen, Family family, Hem hem, double x, double y, double width, double drop)
    {
        var corners = FlagPath.Corners(hem, x, y, width, drop, Math.Min(4, drop * 0.3)).Select(c => new XPoint(c.X, c.Y)).ToArray();
        var outline = new XGraphicsPath();
        outline.AddPolygon(corners);
        var state = pen.Save();
        pen.IntersectClip(outline);
        Weave(pen, family, new XRect(x, y, width, drop));
        pen.Restore(state);
        if (hem == Hem.Unsaid)
            pen.DrawPolygon(new XPen(XColors.Black, 0.7) { DashStyle = XDashStyle.Dash }, corners);
        else
            pen.DrawPolygon(Edge, corners);
    }

    private static void Weave(XGraphics pen, Family family, XRect cloth)
    {
        switch (family)
        {
            case Family.Push:
                Each(cloth, 4, (x, y, odd) => Dot(pen, x + (odd ? 2 : 0), y + 1));
                break;
            case Family.Pull:
                for (var x = cloth.Left - cloth.Height; x < cloth.Right; x += 3.5)
                    pen.DrawLine(Thread, x, cloth.Bottom, x + cloth.Height, cloth.Top);
                break;
            case Family.Hinge:
                Each(cloth, 3, (x, y, odd) => pen.DrawRectangle(XBrushes.Black, x + (odd ? 3 : 0), y, 3, 3), 6);
                break;
            case Family.Core:
                Each(cloth, 5, (x, y, _) => pen.DrawEllipse(Thread, x + 1, y + 1, 3, 3));
                break;
            case Family.WholeBody:
                for (var y = cloth.Top + 2; y < cloth.Bottom; y += 3)
                    pen.DrawLine(Thread, cloth.Left, y, cloth.Right, y);
                break;
            case Family.Easy:
                Each(cloth, 5, (x, y, _) => pen.DrawLines(Thread, [new XPoint(x, y + 3), new XPoint(x + 2.5, y), new XPoint(x + 5, y + 3)]));
                break;
            default:
                break;
        }
    }

    private static void Dot(XGraphics pen, double x, double y) => pen.DrawEllipse(XBrushes.Black, x, y, 1.3, 1.3);

    /// <summary>Rows of the same thing, every second row told apart.</summary>
    private static void Each(XRect cloth, double step, Action<double, double, bool> draw, double? across = null)
    {
        var odd = false;
        for (var y = cloth.Top; y < cloth.Bottom; y += step, odd = !odd)
            for (var x = cloth.Left; x < cloth.Right; x += across ?? step)
                draw(x, y, odd);
    }
}
