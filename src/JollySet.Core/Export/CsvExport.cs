using System.Text;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>The timeline as CSV (RFC 4180), lines ended by LF.</summary>
public static class CsvExport
{
    /// <summary>The first line.</summary>
    public const string Header = "start,end,kind,block,round,station,move,side,reps";

    /// <summary>Header and a row a segment.</summary>
    public static string Write(Timeline timeline)
    {
        var text = new StringBuilder(Header).Append('\n');
        foreach (var row in TimelineRow.Of(timeline))
            text.AppendJoin(',', row.Start, row.End, row.Kind, Field(row.Block), row.Round, row.Station, Field(row.Move), row.Side, row.Reps).Append('\n');
        return text.ToString();
    }

    private static string Field(string text) =>
        text.AsSpan().ContainsAny(",\"\r\n") ? $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : text;
}
