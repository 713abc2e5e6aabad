using JollySet.Core.Cards;
using JollySet.Core.Export;
using JollySet.Core.Sheets;

namespace JollySet.Cli;

/// <summary>A card as it is understood, for programs.</summary>
internal static class CardAnswer
{
    public static string Json(CardReading reading) => JsonExport.Written(json =>
    {
        json.WriteStartObject();
        json.WriteString("sheet", SheetWriter.Write(reading.Plan));
        json.WriteStartArray("lines");
        foreach (var line in reading.Lines)
        {
            json.WriteStartObject();
            json.WriteNumber("line", line.Line);
            json.WriteString("text", line.Text);
            json.WriteString("read", line.Read);
            json.WriteString("sure", line.Sure.ToString().ToLowerInvariant());
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteStartArray("questions");
        foreach (var question in reading.Questions)
        {
            json.WriteStartObject();
            json.WriteNumber("line", question.Line);
            json.WriteNumber("column", question.Column);
            json.WriteString("text", question.Text);
            json.WriteStartArray("choices");
            foreach (var choice in question.Choices)
                json.WriteStringValue(choice.Label);
            json.WriteEndArray();
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
    });
}
