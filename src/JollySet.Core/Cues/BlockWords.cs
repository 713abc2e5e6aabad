using System.Globalization;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>How a block is announced: its name, its format and its numbers.</summary>
internal static class BlockWords
{
    /// <summary>The name without a letter before it: <c>A: Deck circuit</c> is the deck circuit; a letter alone is said as a block.</summary>
    public static string NameOf(Block block) => block.Name switch
    {
        [var letter, ':', ' ', .. var name] when char.IsAsciiLetter(letter) && name.Length > 0 => name,
        [_] => $"block {block.Name}",
        _ => block.Name,
    };

    /// <summary>What it is, in a few words: <c>a circuit of four stations, three rounds, 40 on, 20 off</c>.</summary>
    public static string Of(Block block)
    {
        var stations = block.Stations.Length;
        string?[] parts =
        [
            block.Format switch
            {
                LinkedFormat { Kind: LinkedKind.Superset } => "a superset of two",
                LinkedFormat { Kind: LinkedKind.Trio } => "a trio",
                LinkedFormat => $"{Spoken.Number(stations)} in a row",
                StraightFormat => stations == 1 ? "straight sets" : $"straight sets of {Spoken.Of(stations, "move")}",
                LadderFormat ladder => $"a ladder{(ladder.Rungs.InSeconds ? " of times" : "")} {Ends(ladder.Rungs)}",
                PyramidFormat pyramid => $"a pyramid{(pyramid.Rungs.InSeconds ? " of times" : "")} {Ends(pyramid.Rungs)}",
                MinuteFormat => $"{Spoken.Of(stations, "station")}, {(block.Settings.Every is { } every && every != Length.Minutes(1) ? $"one every {Seconds(every)}" : "one each minute")}",
                AmrapFormat amrap => $"as many good rounds of {Spoken.Of(stations, "station")} as come in {Say.Time(amrap.Length)}",
                FlowFormat => $"a flow of {Spoken.Of(stations, "move")}",
                _ when stations == 1 => Facts.NameOf(block.Stations[0].Doing),
                _ => $"a circuit of {Spoken.Of(stations, "station")}",
            },
            block.Format is AmrapFormat or LadderFormat or PyramidFormat ? null : block.RoundCount == 1 ? block.Format is CircuitFormat or FlowFormat ? "once through" : null : block.Format is StraightFormat ? $"{Spoken.Of(block.RoundCount, "set")} of each" : Spoken.Of(block.RoundCount, "round"),
            block.Settings.Work is [var work] ? $"{Seconds(work)} on" : block.Settings.Work is { Length: > 1 } works ? $"{string.Join(", then ", works.Select(Seconds))} on" : null,
            block.Settings.Rest is [{ Length: var rest }] && !block.Settings.Work.IsEmpty && rest.Low == rest.High && rest.Low > Length.Zero ? $"{Seconds(rest.Low)} off" : null,
            block.Settings.EachSide is null ? null : "all of one side, then the other",
        ];
        return string.Join(", ", parts.OfType<string>());
    }

    /// <summary>Where a ladder begins, turns and ends.</summary>
    private static string Ends(Rungs rungs)
    {
        var counts = rungs.Counts;
        var unit = rungs.InSeconds ? " seconds" : "";
        if (counts.IsEmpty)
            return "";
        if (rungs.Listed)
            return $"of {string.Join(", ", counts)}{unit}";
        var says = $"from {Spoken.Number(rungs.Points[0])}";
        for (var i = 1; i < rungs.Points.Length; i++)
            says += $"{(i > 1 ? " and" : "")} {(rungs.Points[i] > rungs.Points[i - 1] ? "up" : "down")} to {Spoken.Number(rungs.Points[i])}";
        return $"{says}{unit}{(rungs.Step > 1 ? $", {Spoken.Number(rungs.Step)} at a time" : "")}";
    }

    private static string Seconds(Length length) => length.InSeconds.ToString("0.#", CultureInfo.InvariantCulture);
}
