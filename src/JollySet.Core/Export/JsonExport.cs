using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>Timeline, totals and findings as JSON for other programs; docs/command-line.md lists the members.</summary>
public static class JsonExport
{
    /// <summary>A list of segments with the members of the CSV's columns; those where nothing applies are left out.</summary>
    public static string Timeline(Timeline timeline) => Written(json =>
    {
        json.WriteStartArray();
        foreach (var (segment, row) in timeline.Segments.Zip(TimelineRow.Of(timeline)))
        {
            json.WriteStartObject();
            Time(json, "start", segment.Start);
            Time(json, "end", segment.End);
            json.WriteString("kind", row.Kind);
            json.WriteString("block", row.Block);
            if (segment.Round > 0)
                json.WriteNumber("round", segment.Round);
            if (segment.Station > 0)
                json.WriteNumber("station", segment.Station);
            if (row.Move.Length > 0)
                json.WriteString("move", row.Move);
            if (row.Side.Length > 0)
                json.WriteString("side", row.Side);
            if (segment.Reps is { } reps)
                json.WriteNumber("reps", reps);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    });

    /// <summary>The sums of a class.</summary>
    public static string Totals(Totals totals) => Written(json =>
    {
        json.WriteStartObject();
        Time(json, "seconds", totals.Length);
        Time(json, "workSeconds", totals.Work);
        Time(json, "restSeconds", totals.Rest);
        Time(json, "changeSeconds", totals.Change);
        Time(json, "talkSeconds", totals.Talk);
        Time(json, "likelySeconds", totals.Likely);
        Time(json, "lostSeconds", totals.Lost);
        json.WriteNumber("stations", totals.Stations);
        json.WriteNumber("workPeriods", totals.WorkPeriods);
        json.WriteNumber("distinctMoves", totals.DistinctMoves);
        json.WriteStartObject("reps");
        foreach (var (move, reps) in totals.Reps)
            json.WriteNumber(move, reps);
        json.WriteEndObject();
        json.WriteStartArray("blocks");
        foreach (var block in totals.Blocks)
        {
            json.WriteStartObject();
            json.WriteString("name", block.Name);
            json.WriteString("format", block.Format);
            json.WriteNumber("rounds", block.Rounds);
            Time(json, "seconds", block.Length);
            Time(json, "likelySeconds", block.Likely);
            Time(json, "workSeconds", block.Work);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    });

    /// <summary>A list of findings, worst first.</summary>
    public static string Findings(IEnumerable<Finding> findings) => Written(json =>
    {
        json.WriteStartArray();
        foreach (var finding in findings)
        {
            json.WriteStartObject();
            json.WriteString("code", finding.Code);
            json.WriteString("severity", finding.Severity.ToString().ToLowerInvariant());
            if (finding.Block is { } block)
                json.WriteString("block", block);
            else
                json.WriteNull("block");
            json.WriteStartArray("stations");
            foreach (var station in finding.Stations)
                json.WriteNumberValue(station);
            json.WriteEndArray();
            json.WriteString("message", finding.Message);
            json.WriteStartObject("numbers");
            foreach (var (name, value) in finding.Numbers)
                json.WriteNumber(name, value);
            json.WriteEndObject();
            json.WriteBoolean("fix", finding.FixOrSearch() is not null);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    });

    /// <summary>JSON of that content, ended by LF.</summary>
    public static string Written(Action<Utf8JsonWriter> content)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream, new JsonWriterOptions { Indented = true, NewLine = "\n", Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping }))
            content(json);
        return Encoding.UTF8.GetString(stream.ToArray()) + "\n";
    }

    private static void Time(Utf8JsonWriter json, string name, Length length)
    {
        json.WritePropertyName(name);
        json.WriteRawValue(length.ToString());
    }
}
