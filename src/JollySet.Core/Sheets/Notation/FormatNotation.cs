using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>The first word of a block's bracket: how it runs.</summary>
internal static class FormatNotation
{
    /// <summary>Every format that is built, as its first word.</summary>
    public const string Built = "talk 40s, show 30s, own 60s, prepare, circuit or release";

    /// <summary>The format; null after adding the error.</summary>
    public static BlockFormat? Read(Slice slice, SheetErrors errors)
    {
        var words = slice.Words();
        if (words.Count == 0)
            return errors.None<BlockFormat?>(slice, $"the bracket begins with the format: {Built}");
        var rest = slice.From(words[0].Length).Trim();
        var word = words[0].Text.ToLowerInvariant();
        if (NotYetBuilt.Format(word) is { } sentence)
            return errors.None<BlockFormat?>(slice, sentence);
        return word switch
        {
            "talk" => Seconds(rest, errors) is { } s ? new TalkFormat(s) : null,
            "show" => Seconds(rest, errors) is { } s ? new ShowFormat(s) : null,
            "own" => Seconds(rest, errors) is { } s ? new OwnFormat(s) : null,
            "prepare" => Alone(new PrepareFormat(), rest, errors),
            "release" => Alone(new ReleaseFormat(), rest, errors),
            "circuit" => Alone(new CircuitFormat(), rest, errors),
            _ => errors.None<BlockFormat?>(slice, $"a format is {Built}"),
        };
    }

    /// <summary>Whether the word begins a format, built or to come.</summary>
    public static bool IsFormatWord(string word) =>
        word.ToLowerInvariant() is "talk" or "show" or "own" or "prepare" or "release" or "circuit" || NotYetBuilt.Format(word) is not null;

    public static string Write(BlockFormat format) => format switch
    {
        TalkFormat talk => string.Create(CultureInfo.InvariantCulture, $"talk {talk.Seconds}s"),
        ShowFormat show => string.Create(CultureInfo.InvariantCulture, $"show {show.Seconds}s"),
        OwnFormat own => string.Create(CultureInfo.InvariantCulture, $"own {own.Seconds}s"),
        _ => Words.FormatName(format),
    };

    private static int? Seconds(Slice slice, SheetErrors errors) => TimeNotation.Read(slice, errors, least: 1, unit: true);

    private static BlockFormat? Alone(BlockFormat format, Slice rest, SheetErrors errors) =>
        rest.IsEmpty ? format : errors.None<BlockFormat?>(rest, "after the format a comma is expected before the next setting");
}
