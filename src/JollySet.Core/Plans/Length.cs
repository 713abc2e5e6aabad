using System.Globalization;

namespace JollySet.Core.Plans;

/// <summary>A length of time, or a moment told from the first word of a class: whole tenths of a second, made and read by unit.</summary>
public readonly record struct Length : IComparable<Length>
{
    private const int TenthsASecond = 10;
    private const int TenthsAMinute = 600;
    private const int MillisecondsATenth = 100;

    /// <summary>What no class comes near; longer ones are cut there.</summary>
    private const int MostTenths = 20_000_000;

    private Length(int tenths) => InTenths = tenths;

    /// <summary>No time at all.</summary>
    public static Length Zero => default;

    /// <summary>The smallest there is.</summary>
    public static Length Tick => new(1);

    /// <summary>Tenths of a second, as they are counted.</summary>
    public int InTenths { get; }

    /// <summary>Seconds, to the tenth.</summary>
    public decimal InSeconds => InTenths / (decimal)TenthsASecond;

    /// <summary>Whole seconds, what is over left out.</summary>
    public int InWholeSeconds => InTenths / TenthsASecond;

    /// <summary>Minutes, unrounded.</summary>
    public decimal InMinutes => InTenths / (decimal)TenthsAMinute;

    /// <summary>Milliseconds, for a clock that runs.</summary>
    public long InMilliseconds => InTenths * (long)MillisecondsATenth;

    /// <summary>So many tenths of a second.</summary>
    public static Length Tenths(int tenths) => new(tenths);

    /// <summary>So many seconds, to the nearest tenth, halves up.</summary>
    public static Length Seconds(int seconds) => new(seconds * TenthsASecond);

    /// <inheritdoc cref="Seconds(int)"/>
    public static Length Seconds(decimal seconds) => Nearest(seconds * TenthsASecond);

    /// <summary>So many minutes, to the nearest tenth of a second.</summary>
    public static Length Minutes(decimal minutes) => Seconds(minutes * TenthsAMinute / TenthsASecond);

    /// <summary>The longer of two.</summary>
    public static Length Max(Length a, Length b) => a >= b ? a : b;

    /// <summary>The shorter of two.</summary>
    public static Length Min(Length a, Length b) => a <= b ? a : b;

    /// <summary>How far apart two are.</summary>
    public static Length Apart(Length a, Length b) => a >= b ? a - b : b - a;

    /// <summary>The next whole number of those seconds, or the length itself where it is one.</summary>
    public Length UpTo(int seconds)
    {
        var step = seconds * TenthsASecond;
        return new((InTenths + step - 1) / step * step);
    }

    /// <summary>The whole number of those seconds that lies below, or the length itself where it is one.</summary>
    public Length DownTo(int seconds)
    {
        var step = seconds * TenthsASecond;
        return new(InTenths / step * step);
    }

    private static Length Nearest(decimal tenths) => new((int)Math.Clamp(Math.Round(tenths, MidpointRounding.AwayFromZero), -MostTenths, MostTenths));

    /// <inheritdoc/>
    public int CompareTo(Length other) => InTenths.CompareTo(other.InTenths);

    /// <summary>Seconds with one decimal, as other programs read them.</summary>
    public override string ToString() => string.Create(CultureInfo.InvariantCulture, $"{InSeconds:0.0}");

    /// <summary>Both together.</summary>
    public static Length operator +(Length a, Length b) => new(a.InTenths + b.InTenths);

    /// <summary>What is left; below nothing where the second is longer.</summary>
    public static Length operator -(Length a, Length b) => new(a.InTenths - b.InTenths);

    /// <summary>Shorter by that much instead of longer.</summary>
    public static Length operator -(Length a) => new(-a.InTenths);

    /// <summary>So many times.</summary>
    public static Length operator *(Length a, int times) => new(a.InTenths * times);

    /// <inheritdoc cref="op_Multiply(Length, int)"/>
    public static Length operator *(int times, Length a) => a * times;

    /// <summary>That share of it, to the nearest tenth, halves up.</summary>
    public static Length operator *(Length a, decimal share) => Nearest(a.InTenths * share);

    /// <inheritdoc cref="op_Multiply(Length, decimal)"/>
    public static Length operator *(decimal share, Length a) => a * share;

    /// <summary>In so many equal parts, what is over left out.</summary>
    public static Length operator /(Length a, int parts) => new(a.InTenths / parts);

    /// <summary>How often the second goes into the first.</summary>
    public static decimal operator /(Length a, Length b) => (decimal)a.InTenths / b.InTenths;

    /// <summary>Shorter.</summary>
    public static bool operator <(Length a, Length b) => a.InTenths < b.InTenths;

    /// <summary>Longer.</summary>
    public static bool operator >(Length a, Length b) => a.InTenths > b.InTenths;

    /// <summary>No longer.</summary>
    public static bool operator <=(Length a, Length b) => a.InTenths <= b.InTenths;

    /// <summary>No shorter.</summary>
    public static bool operator >=(Length a, Length b) => a.InTenths >= b.InTenths;
}

/// <summary>A length, or a range of them whose low end is the one the clock uses.</summary>
public readonly record struct LengthSpan(Length Low, Length High)
{
    /// <summary>A length that is no range.</summary>
    public LengthSpan(Length length)
        : this(length, length)
    {
    }

    /// <summary>Whether the two ends differ.</summary>
    public bool IsRange => Low != High;
}

/// <summary>Sums of lengths.</summary>
public static class Lengths
{
    /// <summary>All of them together.</summary>
    public static Length Sum(this IEnumerable<Length> lengths) => lengths.Aggregate(Length.Zero, static (sum, length) => sum + length);

    /// <summary>What each of them lasts, together.</summary>
    public static Length Sum<T>(this IEnumerable<T> things, Func<T, Length> length)
    {
        var sum = Length.Zero;
        foreach (var thing in things)
            sum += length(thing);
        return sum;
    }
}
