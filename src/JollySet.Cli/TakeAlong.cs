using System.Globalization;
using JollySet.Core.Cues.Saying;
using JollySet.Core.Export;
using JollySet.Core.Timing;

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
            string? text = kind switch
            {
                "chapters" => PlainTimers.Chapters(timeline),
                "intervals" => PlainTimers.Intervals(timeline),
                "words" => WordsExport.Text(CueSheet.Of(timeline, Voice.Usual)),
                "captions" => WordsExport.Vtt(CueSheet.Of(timeline, Voice.Usual)),
                "ics" => CueSheets.Ics(timeline, start),
                "md" => CueSheets.Markdown(timeline),
                _ => null,
            };
            if (text is null)
                return Commands.Refuse(error, $"--as is chapters, intervals, words, captions, wav, ics or md; “{kind}” is none of them");
            if (path is null)
                return Commands.Answer(output, text);
            File.WriteAllText(path, text);
            return 0;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return Commands.Refuse(error, $"{path} cannot be written");
        }
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
