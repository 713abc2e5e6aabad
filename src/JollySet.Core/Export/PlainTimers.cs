using System.Globalization;
using System.Text;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>The class for things that know only times: chapters of a film, and any plain timer.</summary>
public static class PlainTimers
{
    /// <summary>Chapters, a block a line: <c>0:00 Hello</c>. What lasts no time has none.</summary>
    public static string Chapters(Timeline timeline)
    {
        var text = new StringBuilder();
        var block = -1;
        foreach (var segment in timeline.Segments.Where(s => s.Length > Length.Zero))
        {
            if (segment.Block == block)
                continue;
            block = segment.Block;
            text.Append(CultureInfo.InvariantCulture, $"{Say.Clock(segment.Start.DownTo(1))} {timeline.Blocks[block].Name}\n");
        }

        return text.ToString();
    }

    /// <summary>Intervals to set on a timer, a line each: seconds, a tab, what it is. Neighbours of one kind with no work are one.</summary>
    public static string Intervals(Timeline timeline)
    {
        var lines = new List<(Length Time, bool IsWork, string What)>();
        foreach (var segment in timeline.Segments.Where(s => s.Length > Length.Zero))
        {
            var isWork = segment.Kind == SegmentKind.Work;
            if (!isWork && lines is [.., { IsWork: false } last])
                lines[^1] = last with { Time = last.Time + segment.Length };
            else
                lines.Add((segment.Length, isWork, CueSheets.Title(timeline, segment)));
        }

        return string.Concat(lines.Select(l => string.Create(CultureInfo.InvariantCulture, $"{l.Time.InSeconds:0.#}\t{(l.IsWork ? l.What : l.What is "Rest" or "Water" ? l.What : "Ready")}\n")));
    }
}
