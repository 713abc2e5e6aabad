using System.Globalization;

namespace JollySet.Core.Plans;

/// <summary>How figures are said on every screen.</summary>
public static class Say
{
    /// <summary>Under two minutes as <c>95 s</c>, longer as <c>12:30</c>, from an hour <c>1:02:30</c>; rounded to the second.</summary>
    public static string Time(Length length) => Time(length.InSeconds);

    /// <inheritdoc cref="Time(Length)"/>
    public static string Time(decimal seconds)
    {
        var whole = (int)Math.Round(seconds, MidpointRounding.AwayFromZero);
        return whole < 120 ? string.Create(CultureInfo.InvariantCulture, $"{whole} s") : Clock(whole);
    }

    /// <summary>Always as a clock: <c>0:45</c>, <c>12:30</c>, <c>1:02:30</c>.</summary>
    public static string Clock(int seconds) => seconds < 3600
        ? string.Create(CultureInfo.InvariantCulture, $"{seconds / 60}:{seconds % 60:00}")
        : string.Create(CultureInfo.InvariantCulture, $"{seconds / 3600}:{seconds / 60 % 60:00}:{seconds % 60:00}");

    /// <summary>The same of a length, rounded to the second.</summary>
    public static string Clock(Length length) => Clock((int)Math.Round(length.InSeconds, MidpointRounding.AwayFromZero));

    /// <summary>A list as it is spoken: <c>1, 2 and 5</c>.</summary>
    public static string List(IReadOnlyList<string> items) =>
        items.Count < 2 ? string.Concat(items) : $"{string.Join(", ", items.Take(items.Count - 1))} and {items[^1]}";

    /// <summary>First letter large, for the start of a line.</summary>
    public static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];
}
