using System.Text;
using System.Text.Encodings.Web;
using System.Text.Json;
using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Sheets;

/// <summary>Writes a plan as JSON: the sheet's words, each under its key.</summary>
public static class JsonPlanWriter
{
    /// <summary>Indented JSON, ended by LF; reading it back gives the same plan.</summary>
    public static string Write(ClassPlan plan)
    {
        using var stream = new MemoryStream();
        using (var json = new Utf8JsonWriter(stream, new JsonWriterOptions { Indented = true, NewLine = "\n", Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping }))
        {
            json.WriteStartObject();
            json.WriteNumber("jollySet", 1);
            json.WriteString("title", plan.Title);
            WriteBrief(json, plan.Brief);
            if (!plan.NewMoves.IsEmpty)
                WriteList(json, "newMoves", plan.NewMoves, WriteNewMove);
            WriteList(json, "blocks", plan.Blocks, WriteBlock);
            json.WriteEndObject();
        }

        return Encoding.UTF8.GetString(stream.ToArray()) + "\n";
    }

    private static void WriteBrief(Utf8JsonWriter json, Brief brief)
    {
        foreach (var (key, value) in BriefNotation.Write(brief with { Notes = [], Dismissed = [] }))
        {
            switch (key)
            {
                case "minutes" or "people" or "demonstrators" or "pace":
                    json.WritePropertyName(key);
                    json.WriteRawValue(value);
                    break;
                case "focus":
                    WriteWords(json, key, brief.Focus);
                    break;
                case "needs":
                    WriteWords(json, key, brief.Needs);
                    break;
                case "kit":
                    WriteWords(json, key, brief.Kit);
                    break;
                case "claims":
                    WriteWords(json, key, brief.Claims);
                    break;
                case "audience":
                    WriteWords(json, key, brief.Audience.Select(Words.Of));
                    break;
                default:
                    json.WriteString(key, value);
                    break;
            }
        }

        if (!brief.Dismissed.IsEmpty)
            WriteList(json, "dismissed", brief.Dismissed, WriteDismissal);
        if (!brief.Notes.IsEmpty)
            WriteWords(json, "notes", brief.Notes);
    }

    private static void WriteDismissal(Utf8JsonWriter json, Dismissal dismissal)
    {
        json.WriteString("code", dismissal.Code);
        if (dismissal.Block is { } block)
            json.WriteString("block", block);
        json.WriteString("mark", dismissal.Mark);
        json.WriteString("reason", dismissal.Reason);
    }

    private static void WriteNewMove(Utf8JsonWriter json, NewMove move)
    {
        json.WriteString("name", move.Name);
        if (move.Like is { } like)
            json.WriteString("like", like);
        if (move.But is { } but)
            json.WriteString("but", but);
    }

    private static void WriteBlock(Utf8JsonWriter json, Block block)
    {
        if (block.Format is AgainFormat again)
            json.WriteString("again", again.Of);
        else
        {
            json.WriteString("name", block.Name);
            json.WriteString("format", FormatNotation.Write(block.Format));
        }

        json.WriteStartObject("settings");
        foreach (var (key, value) in SettingsNotation.Write(block.Settings))
            json.WriteString(key, value);
        json.WriteEndObject();
        if (!block.Notes.IsEmpty)
            WriteWords(json, "notes", block.Notes);
        if (!block.Stations.IsEmpty)
            WriteList(json, "stations", block.Stations, WriteStation);
    }

    private static void WriteStation(Utf8JsonWriter json, Station station)
    {
        json.WriteString(station.Doing is ToBeChosen ? "any" : "move", station.Doing switch
        {
            OneMove one => Quoted.Write(one.Name),
            ToBeChosen chosen => Words.Of(chosen.Pattern),
            var several => StationNotation.WriteDoing(several),
        });
        Said(json, "amount", SheetWriter.WriteAmount(station.Amount));
        Said(json, "pulses", station.Pulses is null ? "" : station.Pulses.Count?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "yes");
        Said(json, "start", string.Join('/', station.StartRungs));
        Said(json, "load", SheetWriter.WriteLoad(station.Load));
        Said(json, "tempo", SheetWriter.WriteTempo(station.Tempo));
        Said(json, "sides", SheetWriter.WriteSides(station.Sides));
        Said(json, "rest", SheetWriter.WriteGap(station.Rest));
        if (!station.Options.IsEmpty)
            WriteList(json, "options", station.Options, (j, option) => j.WriteString(StationNotation.OptionKey(option), WayNotation.Write(option.Way)));
        if (!station.Kit.IsEmpty)
            WriteWords(json, "kit", station.Kit);
        if (station.Demo is { } demo)
            json.WriteNumber("demo", demo.InWholeSeconds);
        Said(json, "shows", station.Shows ?? "");
        if (!station.Notes.IsEmpty)
            WriteWords(json, "notes", station.Notes);
    }

    private static void Said(Utf8JsonWriter json, string key, string value)
    {
        if (value.Length > 0)
            json.WriteString(key, value);
    }

    private static void WriteWords(Utf8JsonWriter json, string key, IEnumerable<string> words)
    {
        json.WriteStartArray(key);
        foreach (var word in words)
            json.WriteStringValue(word);
        json.WriteEndArray();
    }

    private static void WriteList<T>(Utf8JsonWriter json, string key, IEnumerable<T> items, Action<Utf8JsonWriter, T> members)
    {
        json.WriteStartArray(key);
        foreach (var item in items)
        {
            json.WriteStartObject();
            members(json, item);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    }
}
