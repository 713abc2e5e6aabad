using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Amounts: <c>x12</c>, <c>x12/12/10</c>, <c>x15..20</c>, <c>40s</c>, <c>60s/60s/30s</c>, <c>hold 40s</c>, <c>x?</c>, <c>?s</c>.</summary>
internal static class AmountNotation
{
    /// <summary>Whether a bare word on a station's line is meant as an amount, right or wrong.</summary>
    public static bool LooksLike(string word)
    {
        var body = word.StartsWith('x') || word.StartsWith('X') ? word[1..] : word;
        return body.Length > 0 && (char.IsAsciiDigit(body[0])
            || (body[0] == '?' && body.All(c => c is '?' or 's' or '/' || char.IsAsciiDigit(c)))
            || (body[0] == '-' && body.Length > 1 && char.IsAsciiDigit(body[1])));
    }

    /// <summary>The amount; null after adding the errors.</summary>
    public static Amount? Read(Slice slice, SheetErrors errors)
    {
        if (slice.AfterWord("hold") is { } held)
            return ReadTimed(held, errors, hold: true);
        return slice.First is 'x' or 'X' ? ReadReps(slice, errors) : ReadTimed(slice, errors, hold: false);
    }

    public static string Write(Amount amount) => amount switch
    {
        Reps reps => "x" + string.Join('/', reps.Counts.Select(c => c is { } count ? Bare(count) : "?")),
        Timed timed => (timed.Hold ? "hold " : "") + string.Join('/', timed.Lengths.Select(l => l is { } length ? TimeNotation.WithUnit(length) : "?s")),
        _ => "",
    };

    /// <summary>A count or a range of them.</summary>
    public static string Bare(Span span) => span.IsRange
        ? string.Create(CultureInfo.InvariantCulture, $"{span.Low}..{span.High}")
        : span.Low.ToString(CultureInfo.InvariantCulture);

    private static Reps? ReadReps(Slice slice, SheetErrors errors)
    {
        var counts = slice.From(1).Split('/').Select(part => (part, span: ReadCount(part, errors))).ToList();
        return counts.All(c => c.span is not null || c.part.Is("?")) ? new Reps([.. counts.Select(c => c.span)]) : null;
    }

    private static Span? ReadCount(Slice part, SheetErrors errors)
    {
        if (part.Is("?"))
            return null;
        var text = part.Text;
        var dots = text.IndexOf("..", StringComparison.Ordinal);
        var low = Count(dots < 0 ? text : text[..dots]);
        var high = dots < 0 ? low : Count(text[(dots + 2)..]);
        if (low is not { } l || high is not { } h)
            return errors.None<Span?>(part, "a count is written x12, x12/12/10, x15..20 or x?");
        if (l < 1 || h > Limits.Reps)
            return errors.None<Span?>(part, $"a count goes from 1 to the limit of {Limits.Reps} reps");
        return l <= h ? new Span(l, h) : errors.None<Span?>(part, "a range goes from the smaller to the larger");
    }

    private static int? Count(string text) =>
        int.TryParse(text, NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var count) ? count : null;

    private static Timed? ReadTimed(Slice slice, SheetErrors errors, bool hold)
    {
        var parts = slice.Split('/').Select(part => (part, span: part.Is("?s") ? (LengthSpan?)null : ReadLength(part, errors))).ToList();
        return parts.All(p => p.span is not null || p.part.Is("?s")) ? new Timed([.. parts.Select(p => p.span)], hold) : null;
    }

    private static LengthSpan? ReadLength(Slice part, SheetErrors errors) =>
        part.Text.All(char.IsAsciiDigit) && part.Length > 0
            ? errors.None<LengthSpan?>(part, $"an amount carries its unit: {part.Text}s for seconds, x{part.Text} for reps")
            : TimeNotation.ReadSpan(part, errors, least: 1, unit: true);
}
