using System.Text.Json;
using JollySet.Core.Export;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Cli;

/// <summary>The library, for people and for programs.</summary>
internal static class MovesAnswer
{
    public static string Table() => string.Concat(MoveLibrary.Shipped.All.Select(m =>
        $"{m.Name,-30} {Words.Of(m.Pattern),-14} {Words.Of(m.Posture),-10} {string.Join(", ", m.Muscles.Where(s => s.Share == 1).Select(s => Words.Of(s.Muscle))),-30} {string.Join(", ", m.Kit)}".TrimEnd() + "\n"));

    public static string Json() => JsonExport.Written(json =>
    {
        json.WriteStartArray();
        foreach (var move in MoveLibrary.Shipped.All)
        {
            json.WriteStartObject();
            json.WriteString("name", move.Name);
            WriteFacts(json, move);
            json.WriteStartObject("tags");
            MoveJson.WriteTags(json, move.Tags);
            json.WriteEndObject();
            json.WriteEndObject();
        }

        json.WriteEndArray();
    });

    /// <summary>The members of a move but for its name.</summary>
    public static void WriteFacts(Utf8JsonWriter json, Move move)
    {
        json.WriteStartArray("also");
        foreach (var name in move.Also)
            json.WriteStringValue(name);
        json.WriteEndArray();
        json.WriteString("pattern", Words.Of(move.Pattern));
        json.WriteString("posture", Words.Of(move.Posture));
        json.WriteString("level", move.Level.ToString().ToLowerInvariant());
        json.WriteString("sides", move.Sides == MoveSides.OneSided ? "one side at a time" : move.Sides.ToString().ToLowerInvariant());
        json.WriteNumber("secondsPerRep", HouseRules.Shipped.SecondsPerRep(move.Pace));
        json.WriteString("load", move.Load.ToString().ToLowerInvariant());
        json.WriteString("impact", move.Impact.ToString().ToLowerInvariant());
        json.WriteStartObject("muscles");
        foreach (var share in move.Muscles)
            json.WriteNumber(Words.Of(share.Muscle), share.Share);
        json.WriteEndObject();
        json.WriteStartArray("kit");
        foreach (var item in move.Kit)
            json.WriteStringValue(item);
        json.WriteEndArray();
        json.WriteStartArray("planes");
        foreach (var plane in move.Planes)
            json.WriteStringValue(plane.ToString().ToLowerInvariant());
        json.WriteEndArray();
        json.WriteStartArray("joints");
        foreach (var joint in move.Joints)
            json.WriteStringValue(joint.ToString().ToLowerInvariant());
        json.WriteEndArray();
        json.WriteStartArray("cues");
        foreach (var cue in move.Cues)
            json.WriteStringValue(cue);
        json.WriteEndArray();
        json.WriteString("caution", move.Caution);
        json.WriteString("easier", move.Easier.Trim('"'));
        json.WriteString("harder", move.Harder.Trim('"'));
        json.WriteStartObject("waysRound");
        foreach (var (need, way) in move.Around)
            json.WriteString(need, way.Trim('"'));
        json.WriteEndObject();
    }
}
