using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>The first word of a block's bracket: how it runs.</summary>
internal static class FormatNotation
{
    /// <summary>Every format that is built, as its first word.</summary>
    public const string Built = "talk 40s, show 30s, own 60s, prepare, release, circuit, superset opposing, trio, giant, straight, ladder 12..1, pyramid 1..5..1, minute, amrap 10min or flow";

    /// <summary>The format; null after adding the error.</summary>
    public static BlockFormat? Read(Slice slice, SheetErrors errors)
    {
        var words = slice.Words();
        if (words.Count == 0)
            return errors.None<BlockFormat?>(slice, $"the bracket begins with the format: {Built}");
        var rest = slice.From(words[0].Length).Trim();
        var word = words[0].Text.ToLowerInvariant();
        return word switch
        {
            "talk" => Time(rest, errors) is { } s ? new TalkFormat(s) : null,
            "show" => Time(rest, errors) is { } s ? new ShowFormat(s) : null,
            "own" => Time(rest.Words() is [var time, ..] && time.Is("time") ? rest.From(time.Length).Trim() : rest, errors) is { } s ? new OwnFormat(s) : null,
            "prepare" or "warm-up" => Alone(new PrepareFormat(), rest, errors),
            "release" or "cool-down" => Alone(new ReleaseFormat(), rest, errors),
            "circuit" => Alone(new CircuitFormat(), rest, errors),
            "superset" => Linked(LinkedKind.Superset, rest, errors),
            "trio" => Linked(LinkedKind.Trio, rest, errors),
            "giant" => Linked(LinkedKind.Giant, rest, errors),
            "straight" => Alone(new StraightFormat(), rest, errors),
            "ladder" => RungsNotation.Read(rest, turns: false, errors) is { } rungs ? new LadderFormat(rungs) : null,
            "pyramid" => RungsNotation.Read(rest, turns: true, errors) is { } rungs ? new PyramidFormat(rungs) : null,
            "minute" => Alone(new MinuteFormat(), rest, errors),
            "amrap" => Time(rest, errors) is { } s ? new AmrapFormat(s) : null,
            "flow" => Alone(new FlowFormat(), rest, errors),
            _ => errors.None<BlockFormat?>(slice, $"a format is {Built}"),
        };
    }

    public static string Write(BlockFormat format) => format switch
    {
        TalkFormat talk => string.Create(CultureInfo.InvariantCulture, $"talk {TimeNotation.Bare(talk.Length)}s"),
        ShowFormat show => string.Create(CultureInfo.InvariantCulture, $"show {TimeNotation.Bare(show.Length)}s"),
        OwnFormat own => string.Create(CultureInfo.InvariantCulture, $"own {TimeNotation.Bare(own.Length)}s"),
        LinkedFormat { School: School.Any } => Words.FormatName(format),
        LinkedFormat linked => $"{Words.FormatName(format)} {linked.School.ToString().ToLowerInvariant()}",
        LadderFormat ladder => $"ladder {RungsNotation.Write(ladder.Rungs)}",
        PyramidFormat pyramid => $"pyramid {RungsNotation.Write(pyramid.Rungs)}",
        AmrapFormat amrap => string.Create(CultureInfo.InvariantCulture, $"amrap {TimeNotation.Bare(amrap.Length)}s"),
        _ => Words.FormatName(format),
    };

    private static LinkedFormat? Linked(LinkedKind kind, Slice school, SheetErrors errors)
    {
        foreach (var known in Enum.GetValues<School>())
            if (school.IsEmpty || school.Is(known.ToString()))
                return new LinkedFormat(kind, school.IsEmpty ? School.Any : known);
        return errors.None<LinkedFormat?>(school, "a school is opposing, same, split, contrast or any");
    }

    private static Length? Time(Slice slice, SheetErrors errors) => TimeNotation.Read(slice, errors, least: 1, unit: true);

    private static BlockFormat? Alone(BlockFormat format, Slice rest, SheetErrors errors) =>
        rest.IsEmpty ? format : errors.None<BlockFormat?>(rest, "after the format a comma is expected before the next setting");
}
