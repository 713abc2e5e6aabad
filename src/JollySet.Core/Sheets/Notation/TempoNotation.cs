using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Tempos, each after its <c>@</c>: <c>3-0-1-1</c> with <c>X</c> for as fast as possible, <c>2</c>, <c>slow</c>, <c>2 then @4</c>.</summary>
internal static class TempoNotation
{
    private const int FinestDecimals = 3;
    private const string Forms = "a tempo is written @3-0-1-1 (down, bottom, up, top), @2 (seconds a rep, to a thousandth) or @slow";
    private const decimal Shortest = 0.1m;
    private const decimal Longest = 60;

    /// <summary>From the first <c>@</c> on.</summary>
    public static TempoPlan? Read(Slice slice, SheetErrors errors)
    {
        var then = slice.Text.IndexOf(" then ", StringComparison.OrdinalIgnoreCase);
        if (then < 0)
            return ReadOne(slice, errors) is { } only ? new TempoPlan(only) : null;
        var (first, second) = (ReadOne(slice.To(then).Trim(), errors), ReadOne(slice.From(then + 6).Trim(), errors));
        return first is null || second is null ? null : new TempoPlan(first, second);
    }

    /// <summary>One tempo with its <c>@</c>.</summary>
    public static Tempo? ReadOne(Slice slice, SheetErrors errors)
    {
        if (slice.First != '@')
            return errors.None<Tempo?>(slice, Forms);
        var text = slice.Text[1..];
        if (text.Split(' ') is [var beats, "beats" or "beat"])
            return int.TryParse(beats, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n is > 0 and <= 64
                ? new BeatsTempo(n)
                : errors.None<Tempo?>(slice, "beats are a whole number from 1 to 64: @4 beats");
        if (text.Equals("slow", StringComparison.OrdinalIgnoreCase))
            return new SlowTempo();
        var phases = text.Split('-');
        if (phases.Length == 1)
            return Seconds(text) is { } seconds ? Checked(new SecondsTempo(seconds), seconds, slice, errors) : errors.None<Tempo?>(slice, Forms);
        var read = phases.Select(p => p is "X" or "x" ? (true, null) : (Seconds(p) is not null, Seconds(p))).ToList();
        if (read.Count != 4 || !read.All(p => p.Item1))
            return errors.None<Tempo?>(slice, Forms);
        return Checked(new PhaseTempo(read[0].Item2, read[1].Item2, read[2].Item2, read[3].Item2), read.Sum(p => p.Item2 ?? 1), slice, errors);
    }

    public static string Write(TempoPlan plan) => plan.Then is { } then ? $"{Write(plan.First)} then {Write(then)}" : Write(plan.First);

    public static string Write(Tempo tempo) => tempo switch
    {
        PhaseTempo p => $"@{Phase(p.Down)}-{Phase(p.Bottom)}-{Phase(p.Up)}-{Phase(p.Top)}",
        SecondsTempo s => $"@{Phase(s.SecondsPerRep)}",
        BeatsTempo b => string.Create(CultureInfo.InvariantCulture, $"@{b.Beats} beats"),
        _ => "@slow",
    };

    private static Tempo? Checked(Tempo tempo, decimal seconds, Slice slice, SheetErrors errors) =>
        seconds is >= Shortest and <= Longest ? tempo : errors.None<Tempo?>(slice, $"a rep takes more than 0 s, {Shortest} s at the least, and at most {Longest} s");

    private static string Phase(decimal? seconds) => seconds?.ToString("0.###", CultureInfo.InvariantCulture) ?? "X";

    private static decimal? Seconds(string text) =>
        text.Length < 8 && decimal.TryParse(text, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var seconds) && seconds.Scale <= FinestDecimals ? seconds / 1.000m : null;
}
