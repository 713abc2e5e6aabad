using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Gaps: <c>20</c>, <c>30..60</c>, <c>?</c>, each perhaps with <c>water</c>.</summary>
internal static class GapNotation
{
    public static Gap? Read(Slice slice, SheetErrors errors)
    {
        var words = slice.Words();
        if (words.Count == 0)
            return errors.None<Gap?>(slice, "a time is expected: 20, 1:30, 30..60 or ?");
        var water = words[^1].Is("water");
        if (words.Count > (water ? 2 : 1))
            return errors.None<Gap?>(words[1], "after a gap’s time only “water” may stand");
        if (words[0].Is("?"))
            return Gap.Promised with { Water = water };
        return TimeNotation.ReadSpan(words[0], errors) is { } seconds ? new Gap(seconds, water) : null;
    }

    /// <summary>One gap a round, parted by <c>/</c>.</summary>
    public static ImmutableArray<Gap> ReadByRound(Slice slice, SheetErrors errors) =>
        [.. slice.Split('/').Select(part => Read(part, errors)).OfType<Gap>()];

    public static string Write(Gap gap) => (gap.Open ? "?" : TimeNotation.Bare(gap.Length)) + (gap.Water ? " water" : "");
}
