using JollySet.Core.Moves;

namespace JollySet.Drawing;

/// <summary>The seven cloths: a colour and a weave each, so that grey print tells them apart too. Colours come from the style sheet.</summary>
public static class Weaves
{
    /// <summary>The class and pattern name of a family's cloth.</summary>
    public static string NameOf(Family family) => family switch
    {
        Family.WholeBody => "whole",
        _ => family.ToString().ToLowerInvariant(),
    };

    /// <summary>What the weave is called.</summary>
    public static string WeaveOf(Family family) => family switch
    {
        Family.Push => "dots",
        Family.Pull => "twill",
        Family.Squat => "plain",
        Family.Hinge => "checks",
        Family.Core => "rings",
        Family.WholeBody => "bars",
        _ => "herringbone",
    };

    /// <summary>One hidden drawing that every flag of the page takes its cloth from.</summary>
    public static string Definitions()
    {
        var svg = new Svg().Open("svg", "class", "weaves", "width", 0, "height", 0, "aria-hidden", "true", "focusable", "false").Open("defs");
        foreach (var family in Enum.GetValues<Family>())
        {
            var size = family is Family.Push or Family.Core or Family.Hinge ? 10 : 8;
            svg.Open("pattern", "id", $"weave-{NameOf(family)}", "class", $"weave weave-{NameOf(family)}", "width", size, "height", size, "patternUnits", "userSpaceOnUse")
                .Draw("rect", "class", "ground", "width", size, "height", size);
            Threads(svg, family);
            svg.Close();
        }

        return svg.Close().Close().ToString();
    }

    private static void Threads(Svg svg, Family family)
    {
        switch (family)
        {
            case Family.Push:
                svg.Draw("circle", "class", "dot", "cx", 3, "cy", 3, "r", 1.3).Draw("circle", "class", "dot", "cx", 8, "cy", 8, "r", 1.3);
                break;
            case Family.Pull:
                svg.Draw("path", "class", "thread", "d", "M-2 2L2 -2M0 8L8 0M6 10L10 6");
                break;
            case Family.Hinge:
                svg.Draw("path", "class", "dot", "d", "M0 0H5V5H0ZM5 5H10V10H5Z");
                break;
            case Family.Core:
                svg.Draw("circle", "class", "thread", "cx", 5, "cy", 5, "r", 3);
                break;
            case Family.WholeBody:
                svg.Draw("path", "class", "thread", "d", "M0 4H8");
                break;
            case Family.Easy:
                svg.Draw("path", "class", "thread", "d", "M0 4L4 0L8 4M0 8L4 4L8 8");
                break;
            default:
                break;
        }
    }
}
