using System.Globalization;
using JollySet.Core.Export;
using JollySet.Core.Moves.Names;

namespace JollySet.Cli;

/// <summary>How names are understood, for people and for programs.</summary>
internal static class NameAnswer
{
    public static string Table(IEnumerable<NameReading> readings) => string.Concat(readings.Select(r =>
        string.Create(CultureInfo.InvariantCulture, $"{r.Known.ToString().ToLowerInvariant(),-8} {r.Text,-30} {r.How}\n")));

    public static string Json(IEnumerable<NameReading> readings) => JsonExport.Written(json =>
    {
        json.WriteStartArray();
        foreach (var reading in readings)
        {
            json.WriteStartObject();
            json.WriteString("text", reading.Text);
            json.WriteString("known", reading.Known.ToString().ToLowerInvariant());
            if (reading.Move is { } named)
                json.WriteString("name", named.Name);
            else
                json.WriteNull("name");
            json.WriteString("base", reading.Base);
            json.WriteStartArray("modifiers");
            foreach (var modifier in reading.Modifiers)
                json.WriteStringValue(modifier);
            json.WriteEndArray();
            json.WriteString("how", reading.How);
            json.WriteStartArray("nearest");
            foreach (var near in reading.Nearest)
                json.WriteStringValue(near);
            json.WriteEndArray();
            if (reading.Move is { } move)
                MovesAnswer.WriteFacts(json, move);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    });
}
