using System.Collections.Immutable;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Sides: <c>each side</c>, <c>right/left/alternating</c>, <c>right first</c>, <c>reverse halfway</c> …</summary>
internal static class SidesNotation
{
    /// <summary>The ways a station may share its sides, by their words.</summary>
    public static IReadOnlyDictionary<string, SideWay> Ways { get; } =
        Enum.GetValues<SideWay>().ToDictionary(w => Words.Of(w), StringComparer.OrdinalIgnoreCase);

    /// <summary>Whether the part is about sides at all.</summary>
    public static bool LooksLike(Slice part) =>
        part.Is("right first") || part.Is("reverse halfway") || Ways.ContainsKey(part.Split('/')[0].Text);

    /// <summary>What is known so far with one more part of the line.</summary>
    public static Sides? Add(Sides? sides, Slice part, SheetErrors errors)
    {
        sides ??= new Sides([]);
        if (part.Is("right first"))
            return sides.RightFirst ? Twice(sides, part, errors) : sides with { RightFirst = true };
        if (part.Is("reverse halfway"))
            return sides.ReverseHalfway ? Twice(sides, part, errors) : sides with { ReverseHalfway = true };
        if (!sides.Ways.IsEmpty)
            return Twice(sides, part, errors);
        var ways = ImmutableArray.CreateBuilder<SideWay>();
        foreach (var word in part.Split('/'))
        {
            if (Ways.TryGetValue(word.Text, out var way))
                ways.Add(way);
            else
                errors.Add(word, $"a side is one of {string.Join(", ", Ways.Keys)}");
        }

        return sides with { Ways = ways.ToImmutable() };
    }

    /// <summary>The parts of a line that say it; none when nothing is said.</summary>
    public static IEnumerable<string> Write(Sides sides)
    {
        if (!sides.Ways.IsEmpty)
            yield return string.Join('/', sides.Ways.Select(Words.Of));
        if (sides.RightFirst)
            yield return "right first";
        if (sides.ReverseHalfway)
            yield return "reverse halfway";
    }

    private static Sides Twice(Sides sides, Slice part, SheetErrors errors)
    {
        errors.Add(part, "sides are said already on this line");
        return sides;
    }
}
