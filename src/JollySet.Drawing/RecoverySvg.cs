using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>Draws when muscles, hands, low back, knees and neck work along the class, a rope each, on the time axis of the effort drawing.</summary>
public static class RecoverySvg
{
    private const double Row = 24;
    private const double Tall = 13;
    private const double Top = 30;

    /// <summary>The lanes, longest streak beside its limit first: work as cloth, a streak over its limit in another weave with its seconds.</summary>
    public static string Of(Timeline timeline, ImmutableArray<RecoveryLane> lanes)
    {
        var ordered = lanes.OrderByDescending(Strain).ThenByDescending(l => l.Spells.Sum(s => s.Work)).ToList();
        var scale = Scale.Filling(EffortSvg.Width - EffortSvg.Left - EffortSvg.Right, timeline.Length);
        var svg = new Svg().Open("svg", "class", "recovery", "viewBox", $"0 0 {FlagPath.N(EffortSvg.Width)} {FlagPath.N(Top + (ordered.Count * Row) + 6)}", "role", "img", "aria-label", "When each muscle works and how long it goes on. " + string.Join("; ", ordered.Select(Words)));
        foreach (var block in timeline.Segments.GroupBy(s => s.Block))
            Block(svg, timeline, block.Key, EffortSvg.Left + scale.Of(block.First().Start), EffortSvg.Left + scale.Of(block.Last().End), ordered.Count);
        var y = Top;
        foreach (var lane in ordered)
        {
            svg.Draw("path", "class", "lane", "d", $"M{FlagPath.N(EffortSvg.Left)} {FlagPath.N(y)}H{FlagPath.N(EffortSvg.Width - EffortSvg.Right)}");
            foreach (var spell in lane.Spells)
                svg.Draw("path", "class", IsOver(lane, spell) ? "spell over" : spell.Meant ? "spell meant" : "spell", "d", Cloth(EffortSvg.Left + scale.Of(spell.Start), EffortSvg.Left + scale.Of(spell.End), y));
            svg.Say("text", Say.Capital(lane.What), "class", IsStrained(lane) ? "lane-name over" : "lane-name", "x", EffortSvg.Width - EffortSvg.Right + 8, "y", y + 11);
            svg.Say("text", Say.Time(lane.Longest), "class", IsStrained(lane) ? "lane-time over" : "lane-time", "x", EffortSvg.Width - 4, "y", y + 11, "text-anchor", "end");
            y += Row;
        }

        return svg.Close().ToString();
    }

    /// <summary>Where a block begins, with its name where there is room.</summary>
    private static void Block(Svg svg, Timeline timeline, int block, double from, double to, int lanes)
    {
        svg.Draw("path", "class", "begins", "d", $"M{FlagPath.N(from)} {FlagPath.N(Top - 8)}V{FlagPath.N(Top + (lanes * Row))}");
        var (name, letters) = (timeline.Blocks[block].Name, (int)((to - from) / 7.6));
        if (letters >= 3)
            svg.Say("text", name.Length <= letters ? name : name[..(letters - 1)] + "…", "class", "lane-block", "x", from, "y", Top - 13);
    }

    /// <summary>One lane in words: its longest streak, and the shortest rest before it works again.</summary>
    public static string Words(RecoveryLane lane)
    {
        var rests = lane.Spells.Select(s => s.Rest).OfType<Length>().ToList();
        return $"{lane.What}: at most {Say.Time(lane.Longest)} at a stretch{(rests.Count > 0 ? $", again after {Say.Time(rests.Min())} at the least" : "")}";
    }

    private static decimal Strain(RecoveryLane lane) => lane.Limit is { } limit ? lane.Spells.Where(s => !s.Meant).Select(s => s.Streak).DefaultIfEmpty().Max() / limit : 0;

    private static bool IsStrained(RecoveryLane lane) => Strain(lane) > 1;

    private static bool IsOver(RecoveryLane lane, Spell spell) => !spell.Meant && spell.Streak > lane.Limit;

    private static string Cloth(double from, double to, double y) =>
        $"M{FlagPath.N(from)} {FlagPath.N(y)}H{FlagPath.N(Math.Max(from + 1.5, to))}V{FlagPath.N(y + Tall)}H{FlagPath.N(from)}Z";
}
