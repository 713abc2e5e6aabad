using System.Globalization;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Export;
using JollySet.Core.Timing;
using JollySet.Drawing.Paper;

namespace JollySet.Cli;

/// <summary>A class for things that are not the application: text for timers and films, and sound.</summary>
internal static class TakeAlong
{
    private const int LeastBeats = 30;
    private const int MostBeats = 240;

    /// <summary>Writes it to a file, or text to standard output; a sound needs a file.</summary>
    public static int Run(Arguments arguments, Timeline timeline, TextWriter output, TextWriter error, DateTime start)
    {
        var path = arguments.Options.GetValueOrDefault("--out");
        var kind = arguments.Options.GetValueOrDefault("--as", "");
        try
        {
            if (kind == "wav")
                return Wav(arguments, timeline, path, error);
            if (kind is "run-sheet" or "handout")
                return Pdf(kind, timeline, path, error, start);
            string? text = kind switch
            {
                "chapters" => PlainTimers.Chapters(timeline),
                "intervals" => PlainTimers.Intervals(timeline),
                "words" => WordsExport.Text(CueSheet.Of(timeline, Voice.Usual)),
                "captions" => WordsExport.Vtt(CueSheet.Of(timeline, Voice.Usual)),
                "ics" => Calendars.Entry(timeline, start),
                "md" => CueSheets.Markdown(timeline),
                _ => null,
            };
            if (text is null)
                return Commands.Refuse(error, $"--as is chapters, intervals, words, captions, wav, run-sheet, handout, ics or md; “{kind}” is none of them");
            if (path is null)
                return Commands.Answer(output, text);
            File.WriteAllText(path, text);
            return 0;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException or ArgumentException)
        {
            return Commands.Refuse(error, $"{path} cannot be written");
        }
    }

    private static int Pdf(string kind, Timeline timeline, string? path, TextWriter error, DateTime start)
    {
        if (path is null)
            return Commands.Refuse(error, "a PDF needs --out PATH");
        var sheet = RunSheet.Of(timeline, TimeOnly.FromDateTime(start), voice: kind == "run-sheet" ? Voice.Usual : null);
        File.WriteAllBytes(path, kind == "handout" ? HandoutPdf.Of(timeline, sheet) : RunSheetPdf.Of(timeline, sheet));
        return 0;
    }

    private static int Wav(Arguments arguments, Timeline timeline, string? path, TextWriter error)
    {
        int? beats = null;
        if (arguments.Options.TryGetValue("--beats", out var said))
        {
            if (!int.TryParse(said, NumberStyles.None, CultureInfo.InvariantCulture, out var n) || n is < LeastBeats or > MostBeats)
                return Commands.Refuse(error, $"--beats goes from {LeastBeats} to {MostBeats} a minute");
            beats = n;
        }

        if (path is null)
            return Commands.Refuse(error, "a sound needs --out PATH");
        using var file = File.Create(path);
        WavExport.Write(timeline, file, beats);
        return 0;
    }
}
