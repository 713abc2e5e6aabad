using System.Globalization;
using System.Text;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Plans;

namespace JollySet.Core.Export;

/// <summary>The cue sheet for people, programs and players.</summary>
public static class WordsExport
{
    /// <summary>A cue a line: when, and what.</summary>
    public static string Text(CueSheet sheet)
    {
        var text = new StringBuilder();
        foreach (var cue in sheet.Said)
            text.Append(CultureInfo.InvariantCulture, $"{When(cue),7}  {cue.Text}\n");
        if (!sheet.Left.IsEmpty)
            text.Append("\nNo time for:\n");
        foreach (var cue in sheet.Left)
            text.Append(CultureInfo.InvariantCulture, $"{When(cue),7}  {cue.Text}\n");
        return text.ToString();
    }

    /// <summary>A list of <c>at</c> (seconds), <c>kind</c>, <c>text</c>.</summary>
    public static string Json(CueSheet sheet) => JsonExport.Written(json =>
    {
        json.WriteStartArray();
        foreach (var cue in sheet.Said)
        {
            json.WriteStartObject();
            json.WriteNumber("at", cue.At.InSeconds);
            json.WriteString("kind", cue.KindName);
            json.WriteString("text", cue.Text);
            json.WriteEndObject();
        }

        json.WriteEndArray();
    });

    /// <summary>WebVTT: each cue as long as it takes to say; what is said before the clock starts and after it has ended is no part of the film.</summary>
    public static string Vtt(CueSheet sheet)
    {
        var text = new StringBuilder("WEBVTT\n");
        foreach (var cue in sheet.Said.Where(c => !c.Outside))
            text.Append(CultureInfo.InvariantCulture, $"\n{CueSheets.Stamp(cue.At)} --> {CueSheets.Stamp(cue.Ends)}\n{CueSheets.Escaped(cue.Text)}\n");
        return text.ToString();
    }

    private static string When(Cue cue) => !cue.Outside ? Say.Clock(cue.At) : cue.Kind == CueKind.Closing ? "after" : "before";
}
