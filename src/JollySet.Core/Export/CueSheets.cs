using System.Globalization;
using System.Text;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>The timeline for players and paper.</summary>
public static class CueSheets
{
    /// <summary>WebVTT: a cue a segment, for a player beside a recording of one's own.</summary>
    public static string Vtt(Timeline timeline)
    {
        var text = new StringBuilder("WEBVTT\n");
        for (var i = 0; i < timeline.Segments.Length; i++)
        {
            var segment = timeline.Segments[i];
            text.Append(CultureInfo.InvariantCulture, $"\n{i + 1}\n{Stamp(segment.Start)} --> {Stamp(segment.End)}\n{Escaped(Title(timeline, segment))}\n");
        }

        return text.ToString();
    }

    /// <summary>Markdown: a heading a block and a row a segment.</summary>
    public static string Markdown(Timeline timeline)
    {
        var text = new StringBuilder();
        text.Append(CultureInfo.InvariantCulture, $"# {timeline.Plan.Title}\n\n{Say.Clock(timeline.Length)} planned, {Say.Clock(timeline.Likely)} with people\n");
        var block = -1;
        foreach (var segment in timeline.Segments)
        {
            if (segment.Block != block)
                text.Append(CultureInfo.InvariantCulture, $"\n## {timeline.Blocks[block = segment.Block].Name}\n\n| from | for | what |\n|---:|---:|---|\n");
            text.Append(CultureInfo.InvariantCulture, $"| {Say.Clock(segment.Start)} | {segment.Length} s | {Title(timeline, segment).Replace("|", "\\|", StringComparison.Ordinal)} |\n");
        }

        return text.ToString();
    }

    /// <summary>What a segment is called: <c>Goblet squat, left, 12 reps</c> or <c>Rest</c>.</summary>
    public static string Title(Timeline timeline, Segment segment)
    {
        if (segment.Kind is SegmentKind.Demo && segment.Set >= 0)
            return $"Watch: {timeline.Sets[segment.Set].Facts.Name}";
        if (segment.Kind is SegmentKind.Talk or SegmentKind.Demo)
            return timeline.Blocks[segment.Block].Name;
        if (segment.Kind != SegmentKind.Work)
            return segment.Water ? "Water" : GapTitle(segment.Kind);
        var side = segment.Side is Side.Left or Side.Right ? $", {segment.Side.ToString()!.ToLowerInvariant()}" : "";
        var set = timeline.Sets[segment.Set];
        var count = segment.Reps == set.Reps ? set.CountText : segment.Reps?.ToString(CultureInfo.InvariantCulture);
        return Say.Capital(set.Facts.Name) + side + (count is null ? "" : $", {count} reps");
    }

    private static string GapTitle(SegmentKind kind) => kind switch
    {
        SegmentKind.Change => "Change over",
        SegmentKind.Switch => "Other side",
        _ => "Rest",
    };

    internal static string Stamp(Length at) =>
        TimeSpan.FromMilliseconds(at.InMilliseconds).ToString(@"hh\:mm\:ss\.fff", CultureInfo.InvariantCulture);

    internal static string Escaped(string text) => text.Replace("&", "&amp;", StringComparison.Ordinal).Replace("<", "&lt;", StringComparison.Ordinal);
}
