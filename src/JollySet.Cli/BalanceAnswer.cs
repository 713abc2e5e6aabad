using System.Globalization;
using System.Text;
using JollySet.Core.Balance;
using JollySet.Core.Export;
using JollySet.Core.Plans;

namespace JollySet.Cli;

/// <summary>The balance of a class, for people and for programs.</summary>
internal static class BalanceAnswer
{
    public static string Table(ClassBalance balance)
    {
        var text = new StringBuilder();
        foreach (var pair in balance.SeeSaws)
            text.Append(CultureInfo.InvariantCulture, $"{pair.TiltWord,-12} {pair.Name,-28} {Say.Time(pair.FirstSeconds),8} {Say.Time(pair.SecondSeconds),8}{(pair.Ratio is { } ratio ? $"  {ratio:0.00} to 1" : "")}\n");
        text.Append('\n');
        foreach (var muscle in balance.Muscles.Where(m => m.LoadSeconds > 0).OrderByDescending(m => m.LoadSeconds))
            text.Append(CultureInfo.InvariantCulture, $"{Words.Of(muscle.Muscle),-14} {muscle.LoadSeconds,8:0} s {muscle.SetEquivalents,6:0.0} sets{(muscle.HardSets > 0 ? $"  {muscle.HardSets} heavy" : "")}\n");
        text.Append('\n');
        text.Append(string.Join(", ", balance.Patterns.OrderByDescending(p => p.Value).Select(p => $"{Words.Of(p.Key)} {Say.Time(p.Value)}"))).Append('\n');
        text.Append(string.Join(", ", balance.Planes.OrderByDescending(p => p.Value).Select(p => $"{p.Key.ToString().ToLowerInvariant()} {Say.Time(p.Value)}"))).Append("\n\n");
        foreach (var (region, share) in balance.Regions)
            text.Append(CultureInfo.InvariantCulture, $"{region.ToString().ToLowerInvariant(),-14} {share * 100,8:0} %\n");
        return text.ToString();
    }

    public static string Json(ClassBalance balance, IEnumerable<RecoveryLane> lanes) => JsonExport.Written(json =>
    {
        json.WriteStartObject();
        json.WriteStartArray("seeSaws");
        foreach (var pair in balance.SeeSaws)
        {
            json.WriteStartObject();
            json.WriteString("first", pair.First);
            json.WriteString("second", pair.Second);
            json.WriteNumber("firstSeconds", Math.Round(pair.FirstSeconds, 1));
            json.WriteNumber("secondSeconds", Math.Round(pair.SecondSeconds, 1));
            json.WriteString("tilt", pair.TiltWord);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteStartObject("muscles");
        foreach (var muscle in balance.Muscles)
        {
            json.WriteStartObject(Words.Of(muscle.Muscle));
            json.WriteNumber("loadSeconds", Math.Round(muscle.LoadSeconds, 1));
            json.WriteNumber("setEquivalents", Math.Round(muscle.SetEquivalents, 2));
            json.WriteNumber("hardSets", muscle.HardSets);
            json.WriteEndObject();
        }

        json.WriteEndObject();
        json.WriteStartObject("patterns");
        foreach (var (pattern, seconds) in balance.Patterns)
            json.WriteNumber(Words.Of(pattern), Math.Round(seconds, 1));
        json.WriteEndObject();
        json.WriteStartObject("planes");
        foreach (var (plane, seconds) in balance.Planes)
            json.WriteNumber(plane.ToString().ToLowerInvariant(), Math.Round(seconds, 1));
        json.WriteEndObject();
        WriteRecovery(json, lanes);
        json.WriteStartObject("regions");
        foreach (var (region, share) in balance.Regions)
            json.WriteNumber(region.ToString().ToLowerInvariant(), Math.Round(share, 3));
        json.WriteEndObject();
        json.WriteEndObject();
    });

    /// <summary>Each lane with its limit, its longest streak and its work periods.</summary>
    private static void WriteRecovery(System.Text.Json.Utf8JsonWriter json, IEnumerable<RecoveryLane> lanes)
    {
        json.WriteStartArray("recovery");
        foreach (var lane in lanes)
        {
            json.WriteStartObject();
            json.WriteString("what", lane.What);
            if (lane.Limit is { } limit)
                json.WriteNumber("limitSeconds", limit.InSeconds);
            json.WriteNumber("longestSeconds", lane.Longest.InSeconds);
            json.WriteStartArray("periods");
            foreach (var spell in lane.Spells)
            {
                json.WriteStartObject();
                json.WriteNumber("start", spell.Start.InSeconds);
                json.WriteNumber("end", spell.End.InSeconds);
                if (spell.Rest is { } rest)
                    json.WriteNumber("restBefore", rest.InSeconds);
                json.WriteNumber("streak", spell.Streak.InSeconds);
                json.WriteBoolean("meant", spell.Meant);
                json.WriteEndObject();
            }

            json.WriteEndArray();
            json.WriteEndObject();
        }

        json.WriteEndArray();
    }
}
