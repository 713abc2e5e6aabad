using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using JollySet.Core.Checks;
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
            Tenths(json, "start", segment.StartTenths);
            Tenths(json, "end", segment.EndTenths);
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
        Tenths(json, "seconds", totals.Tenths);
        Tenths(json, "workSeconds", totals.WorkTenths);
        Tenths(json, "restSeconds", totals.RestTenths);
        Tenths(json, "changeSeconds", totals.ChangeTenths);
        Tenths(json, "talkSeconds", totals.TalkTenths);
        Tenths(json, "likelySeconds", totals.LikelyTenths);
        Tenths(json, "lostSeconds", totals.LostTenths);
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
            Tenths(json, "seconds", block.Tenths);
            Tenths(json, "likelySeconds", block.LikelyTenths);
            Tenths(json, "workSeconds", block.WorkTenths);
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

    private static void Tenths(Utf8JsonWriter json, string name, int tenths)
    {
        json.WritePropertyName(name);
        json.WriteRawValue(TimelineRow.Seconds(tenths));
    }
}
