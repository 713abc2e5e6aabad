using System.Globalization;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>A timeline as rows that other programs read: seconds with one decimal, words in lower case, empty where nothing applies.</summary>
public sealed record TimelineRow(string Start, string End, string Kind, string Block, string Round, string Station, string Move, string Side, string Reps)
{
    /// <summary>The rows of <paramref name="timeline"/>, one a segment.</summary>
    public static IEnumerable<TimelineRow> Of(Timeline timeline) => timeline.Segments.Select(segment => new TimelineRow(
        segment.Start.ToString(),
        segment.End.ToString(),
        segment.Kind.ToString().ToLowerInvariant(),
        timeline.Blocks[segment.Block].Name,
        Number(segment.Round),
        Number(segment.Station),
        segment.Set >= 0 ? timeline.Sets[segment.Set].Facts.Name : "",
        segment.Side?.ToString().ToLowerInvariant() ?? "",
        segment.Reps?.ToString(CultureInfo.InvariantCulture) ?? ""));

    private static string Number(int number) => number > 0 ? number.ToString(CultureInfo.InvariantCulture) : "";
}
