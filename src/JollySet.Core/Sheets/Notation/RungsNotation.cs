using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Rungs: <c>12..1</c>, <c>10/8/6</c>, <c>60s..20s step 10s</c>, and with a turn <c>1..5..1</c>.</summary>
internal static class RungsNotation
{
    /// <summary>The rungs of a ladder (two ends) or pyramid (with a turn); null after adding the error.</summary>
    public static Rungs? Read(Slice slice, bool turns, SheetErrors errors)
    {
        var form = turns ? "a pyramid is written 1..5..1, or 20s..40s..20s step 10s" : "a ladder is written 12..1, 10/8/6, or 60s..20s step 10s";
        var words = slice.Words();
        if (words.Count == 0)
            return errors.None<Rungs?>(slice, form);
        var listed = words[0].IndexOutside('/') >= 0;
        var points = (listed ? words[0].Text.Split('/') : words[0].Text.Split("..")).Select(p => Count(p)).ToList();
        var step = words.Count == 1 ? (1, false) : words.Count == 3 && words[1].Is("step") ? Count(words[2].Text) : null;
        if (points.Contains(null) || step is null || points.Count != (listed ? points.Count : turns ? 3 : 2) || (listed && words.Count > 1))
            return errors.None<Rungs?>(slice, form);
        var inSeconds = points[0]!.Value.InSeconds;
        if (points.Any(p => p!.Value.InSeconds != inSeconds) || (words.Count == 3 && step.Value.InSeconds != inSeconds))
            return errors.None<Rungs?>(slice, "rungs are all reps or all seconds; a timed rung carries its unit, and so does its step");
        var rungs = new Rungs([.. points.Select(p => p!.Value.Value)], step.Value.Value, listed, inSeconds);
        if (rungs.Points.Any(p => p < 1 || p > (inSeconds ? Limits.Class.InWholeSeconds : Limits.Reps)) || rungs.Step < 1)
            return errors.None<Rungs?>(slice, "rungs and steps are at least 1");
        if (!rungs.ComesOut)
            return errors.None<Rungs?>(slice, $"steps of {rungs.Step} do not meet its ends");
        return rungs.Counts.Length <= Limits.Rounds ? rungs : errors.None<Rungs?>(slice, $"{rungs.Counts.Length} rungs; the limit is {Limits.Rounds} rounds");
    }

    public static string Write(Rungs rungs)
    {
        string Rung(int n) => n.ToString(CultureInfo.InvariantCulture) + (rungs.InSeconds ? "s" : "");
        return string.Join(rungs.Listed ? "/" : "..", rungs.Points.Select(Rung)) + (rungs.Step == 1 ? "" : $" step {Rung(rungs.Step)}");
    }

    private static (int Value, bool InSeconds)? Count(string text)
    {
        var inSeconds = text.EndsWith('s');
        return int.TryParse(inSeconds ? text[..^1] : text, NumberStyles.None, CultureInfo.InvariantCulture, out var value) ? (value, inSeconds) : null;
    }
}
