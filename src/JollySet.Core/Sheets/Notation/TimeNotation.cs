using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Times: <c>40</c>, <c>40s</c>, <c>1:30</c>, <c>2min</c>, and ranges of them.</summary>
internal static class TimeNotation
{
    private const string Forms = "a time is written 40, 40s, 1:30 or 2min";
    private const string UnitForms = "a time with its unit is expected: 40s, 1:30 or 2min";

    /// <summary>The time, at least <paramref name="least"/> seconds; null after adding the error.</summary>
    public static Length? Read(Slice slice, SheetErrors errors, int least = 0, bool unit = false)
    {
        var text = slice.Text;
        if (text.StartsWith('-') && text.Length > 1 && char.IsDigit(text[1]))
            return errors.None<Length?>(slice, $"a time cannot be negative; {Forms}");
        if (Parsed(text) is not { } parsed)
            return errors.None<Length?>(slice, unit ? UnitForms : Forms);
        if (parsed.ClockSeconds > 59)
            return errors.None<Length?>(slice, "after the colon the seconds go to 59; write 1:30 for ninety seconds");
        if (unit && !parsed.HasUnit)
            return errors.None<Length?>(slice, $"the number has no unit; write {text}s for seconds");
        if (parsed.Seconds > Limits.Class.InWholeSeconds)
            return errors.None<Length?>(slice, "longer than the limit of 12 hours");
        if (parsed.Seconds < least)
            return errors.None<Length?>(slice, $"a time here is at least {least} s");
        return Length.Seconds((int)parsed.Seconds);
    }

    /// <summary>A time or a range of times: <c>30..60</c>.</summary>
    public static LengthSpan? ReadSpan(Slice slice, SheetErrors errors, int least = 0, bool unit = false)
    {
        var dots = slice.Text.IndexOf("..", StringComparison.Ordinal);
        if (dots < 0)
            return Read(slice, errors, least, unit) is { } one ? new LengthSpan(one) : null;
        var low = Read(slice.To(dots), errors, least);
        var high = Read(slice.From(dots + 2), errors, least, unit);
        if (low is not { } l || high is not { } h)
            return null;
        return l <= h ? new LengthSpan(l, h) : errors.None<LengthSpan?>(slice, "a range goes from the smaller to the larger");
    }

    /// <summary>Bare seconds: <c>40</c>.</summary>
    public static string Bare(LengthSpan span) => span.IsRange
        ? string.Create(CultureInfo.InvariantCulture, $"{Bare(span.Low)}..{Bare(span.High)}")
        : Bare(span.Low);

    /// <summary>A plan's times are whole seconds.</summary>
    public static string Bare(Length length) => length.InWholeSeconds.ToString(CultureInfo.InvariantCulture);

    /// <summary>With the unit: <c>40s</c>.</summary>
    public static string WithUnit(LengthSpan span) => Bare(span) + "s";

    private static (long Seconds, bool HasUnit, int ClockSeconds)? Parsed(string text)
    {
        if (Number(text) is { } bare)
            return (bare, false, 0);
        if (text.EndsWith("min", StringComparison.OrdinalIgnoreCase) && Number(text[..^3].TrimEnd()) is { } minutes)
            return (minutes * 60, true, 0);
        if (text.EndsWith('s') && Number(text[..^1].TrimEnd()) is { } seconds)
            return (seconds, true, 0);
        var colon = text.IndexOf(':', StringComparison.Ordinal);
        return colon > 0 && text.Length == colon + 3 && Number(text[..colon]) is { } m && Number(text[(colon + 1)..]) is { } s
            ? ((m * 60) + s, true, (int)s)
            : null;
    }

    private static long? Number(string text) =>
        text.Length is > 0 and < 10 && text.All(char.IsAsciiDigit) ? long.Parse(text, CultureInfo.InvariantCulture) : null;
}
