using System.Globalization;
using System.Text;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>The timeline for players, calendars and paper.</summary>
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

    /// <summary>iCalendar (RFC 5545): one event that lasts as long as the class by the clock, in floating local time.</summary>
    public static string Ics(Timeline timeline, DateTime start)
    {
        var end = start.AddSeconds(timeline.Length.UpTo(1).InWholeSeconds);
        string[] lines =
        [
            "BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//Jolly Set//class//EN", "BEGIN:VEVENT",
            $"UID:{start:yyyyMMddTHHmmss}-{Math.Abs(Stable(timeline.Plan.Title))}@jollyset.invalid",
            $"DTSTAMP:{start:yyyyMMddTHHmmss}Z",
            $"DTSTART:{start:yyyyMMddTHHmmss}",
            $"DTEND:{end:yyyyMMddTHHmmss}",
            $"SUMMARY:{IcsText(timeline.Plan.Title)}",
            .. timeline.Plan.Brief.Place is { } place ? new[] { $"LOCATION:{IcsText(place)}" } : [],
            $"DESCRIPTION:{IcsText(string.Join("\n", timeline.Blocks.Select(b => b.Name)))}",
            "END:VEVENT", "END:VCALENDAR",
        ];
        return string.Concat(lines.SelectMany(Folded).Select(line => line + "\r\n"));
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

    private static string IcsText(string text) => text
        .Replace("\\", "\\\\", StringComparison.Ordinal).Replace(";", "\\;", StringComparison.Ordinal)
        .Replace(",", "\\,", StringComparison.Ordinal).Replace("\n", "\\n", StringComparison.Ordinal);

    /// <summary>Lines of at most 75 octets, continued with a space.</summary>
    private static IEnumerable<string> Folded(string line)
    {
        var part = new StringBuilder();
        var bytes = 0;
        foreach (var rune in line.EnumerateRunes())
        {
            if (bytes + rune.Utf8SequenceLength > 74)
            {
                yield return part.ToString();
                part.Clear().Append(' ');
                bytes = 1;
            }

            part.Append(rune.ToString());
            bytes += rune.Utf8SequenceLength;
        }

        yield return part.ToString();
    }

    private static int Stable(string text) => text.Aggregate(17, (hash, c) => unchecked((hash * 31) + c));
}
