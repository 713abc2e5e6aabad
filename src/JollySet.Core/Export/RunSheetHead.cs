using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>What a block's bracket says, in words to be read from standing.</summary>
internal static class RunSheetHead
{
    /// <summary>Format, rounds, times and what to expect: <c>superset, opposing, 3 rounds, 45 s off</c>.</summary>
    public static string Of(Timeline timeline, Block block, int index)
    {
        var settings = block.Settings;
        string?[] parts =
        [
            FormatText(block),
            block.Rungs is null && (block.RoundCount > 1 || settings.Rounds is { IsRange: true }) ? Words.Counted(settings.Rounds, block.Format is StraightFormat ? "set" : "round") : null,
            settings.EachSide is { } sides ? sides.RightFirst ? "all right, then all left" : "all left, then all right" : null,
            settings.Every is { } every ? $"a station every {Say.Time(every)}" : block.Format is MinuteFormat ? "a station every minute" : null,
            settings.Beat is { } beat ? $"{beat} beats a minute" : null,
            settings.Work.IsEmpty ? null : $"{string.Join("/", settings.Work.Select(work => TimeNotation.Bare(work)))} s on",
            settings.Rest.IsEmpty ? null : $"{string.Join("/", settings.Rest.Select(GapText))} off",
            settings.Ratio is { } ratio ? $"rest {ratio.Rest} for {ratio.Work} of work" : null,
            settings.Pause is { } pause ? $"{GapText(pause)} within" : null,
            settings.Between is { } between ? $"{GapText(between)} between {(block.Format is StraightFormat ? "stations" : "rounds")}{(between.Water ? ", water" : "")}" : null,
            settings.Water is { } water ? $"water {GapText(water.Gap)} after round {water.Round}" : null,
            settings.Joined ? "straight on from the block before" : null,
            settings.Optional ? "may be left out" : null,
            Expected.RoundsOf(timeline, index) is { } rounds ? $"about {rounds.Newcomer}, {rounds.Regular}, {rounds.Strong} rounds (newcomer, regular, strong)" : null,
        ];
        return string.Join(", ", parts.OfType<string>());
    }

    /// <summary>Seconds of a gap, a range as both its ends.</summary>
    public static string GapText(Gap gap) => gap.Open ? "?" : Bare(gap.Length) + " s";

    private static string Bare(LengthSpan span) => span.IsRange ? $"{TimeNotation.Bare(span.Low)}–{TimeNotation.Bare(span.High)}" : TimeNotation.Bare(span.Low);

    private static string? FormatText(Block block) => block.Format switch
    {
        CircuitFormat or PrepareFormat or ReleaseFormat => null,
        LinkedFormat { School: not School.Any } linked => $"{Words.FormatName(linked)}, {linked.School.ToString().ToLowerInvariant()}",
        AmrapFormat amrap => $"as many rounds as possible in {Say.Time(amrap.Length)}",
        StraightFormat => "straight sets",
        LadderFormat or PyramidFormat => $"{Words.FormatName(block.Format)} {string.Join("–", block.Rungs!.Counts)}{(block.Rungs.InSeconds ? " s" : "")}",
        _ => Words.FormatName(block.Format),
    };
}
