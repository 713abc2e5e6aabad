using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>What is in use when: a lane a thing over the class's own time, as high as so many are needed, with a line at what there is.</summary>
public static class KitSvg
{
    private const double Width = 1000;
    private const double Left = 170;
    private const double Lane = 46;
    private const double Most = 30;
    private const double BlockNames = 30;

    /// <summary>The whole drawing.</summary>
    public static string Of(Timeline timeline, ImmutableArray<KitDemand> demands)
    {
        var height = (demands.Length * Lane) + BlockNames + 8;
        var svg = new Svg().Open("svg", "class", "kit-lanes", "viewBox", $"0 0 {Width} {FlagPath.N(height)}", "role", "img", "aria-label", $"What is in use when: {string.Join("; ", demands.Select(Told))}");
        var total = Math.Max(1, timeline.Length.InTenths);
        double X(Length at) => Left + ((Width - Left - 8) * at.InTenths / total);
        for (var i = 0; i < demands.Length; i++)
            DrawLane(svg, demands[i], 8 + (i * Lane), X);
        foreach (var block in timeline.Segments.GroupBy(s => s.Block).Where(g => timeline.Blocks[g.Key].Stations.Length > 0))
        {
            var (from, to) = (X(block.First().Start), X(block.Last().End));
            svg.Draw("path", "class", "rope", "d", $"M{FlagPath.N(from)} {FlagPath.N(height - BlockNames)}H{FlagPath.N(Math.Max(from + 2, to - 3))}");
            var fits = (int)((to - from) / 7.5);
            if (fits > 2)
                svg.Say("text", Names.Cut(timeline.Blocks[block.Key].Name, fits), "x", from, "y", height - 12);
        }

        return svg.Close().ToString();
    }

    private static void DrawLane(Svg svg, KitDemand demand, double top, Func<Length, double> x)
    {
        var floor = top + Most + 4;
        var scale = Most / Math.Max(1, Math.Max(demand.Needed, demand.There ?? 0));
        svg.Say("text", Names.Cut(demand.What, 22), "class", "kit-name", "x", 0, "y", floor - 8);
        foreach (var spell in Merged(demand.Spells))
        {
            var there = Math.Min(spell.Pieces, demand.There ?? spell.Pieces);
            var (from, wide) = (x(spell.Start), Math.Max(2, x(spell.End) - x(spell.Start)));
            svg.Draw("rect", "class", "in-use", "x", from, "y", floor - (there * scale), "width", wide, "height", there * scale);
            if (spell.Pieces > there)
                svg.Draw("rect", "class", "short", "x", from, "y", floor - (spell.Pieces * scale), "width", wide, "height", (spell.Pieces - there) * scale);
        }

        svg.Draw("path", "class", "lane", "d", $"M{Left} {FlagPath.N(floor)}H{Width - 8}");
        if (demand.There is { } stock)
            svg.Draw("path", "class", "there", "d", $"M{Left} {FlagPath.N(floor - (stock * scale))}H{Width - 8}");
    }

    /// <summary>One bar where the same number stays in use from station to station.</summary>
    private static IEnumerable<KitSpell> Merged(ImmutableArray<KitSpell> spells)
    {
        KitSpell? last = null;
        foreach (var spell in spells.OrderBy(s => s.Start))
        {
            if (last is not null && last.Block == spell.Block && last.Station == spell.Station && last.Pieces == spell.Pieces && (spell.Start - last.End).InSeconds <= 20)
                last = last with { End = spell.End };
            else
            {
                if (last is not null)
                    yield return last;
                last = spell;
            }
        }

        if (last is not null)
            yield return last;
    }

    private static string Told(KitDemand demand) => $"{demand.What}, {demand.Needed} needed{(demand.There is { } there ? $" of {there}" : "")}";
}
