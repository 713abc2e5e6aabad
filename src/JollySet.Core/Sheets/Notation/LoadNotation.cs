using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Loads, inside square brackets: <c>heavy</c>, <c>2x8kg</c>, <c>10lb</c>, <c>1 heavy</c>, <c>heavy kettlebell</c>, by round, or <c>light then heavy</c>.</summary>
internal static class LoadNotation
{
    private const string Forms = "a load is light, moderate, heavy, none, any, 12kg, 10lb, 2x8kg, or one of these with an implement";

    /// <summary>The inside of the brackets.</summary>
    public static LoadPlan? Read(Slice slice, SheetErrors errors)
    {
        var words = slice.Text;
        var then = words.IndexOf(" then ", StringComparison.OrdinalIgnoreCase);
        if (then > 0)
        {
            var (first, second) = (ReadOne(slice.To(then).Trim(), errors), ReadOne(slice.From(then + 6).Trim(), errors));
            return first is null || second is null ? null : new LoadPlan([first], second);
        }

        var rounds = slice.Split('/').Select(part => ReadOne(part, errors)).ToImmutableArray();
        return rounds.Contains(null) ? null : new LoadPlan([.. rounds.OfType<Load>()]);
    }

    /// <summary>One load.</summary>
    public static Load? ReadOne(Slice slice, SheetErrors errors)
    {
        var words = slice.Words();
        if (words.Count == 0)
            return errors.None<Load?>(slice, Forms);
        var load = new Load();
        var next = 0;
        if (words.Count > 1 && int.TryParse(words[0].Text, NumberStyles.None, CultureInfo.InvariantCulture, out var pieces) && pieces is > 0 and <= 100)
        {
            load = load with { Pieces = pieces };
            next = 1;
        }

        load = Weighed(load, words[next].Text);
        if (load is { Level: null, Mass: null })
            return errors.None<Load?>(words[next], Forms);
        if (slice.Text.IndexOfAny(['[', ']']) >= 0)
            return errors.None<Load?>(slice, "a load’s own words hold no square brackets");
        return next + 1 == words.Count ? load : load with { Implement = string.Join(' ', words.Skip(next + 1).Select(w => w.Text)) };
    }

    public static string Write(LoadPlan plan) =>
        $"[{(plan.Then is { } then ? $"{Words.Of(plan.Rounds[0])} then {Words.Of(then)}" : string.Join('/', plan.Rounds.Select(Words.Of)))}]";

    private static Load Weighed(Load load, string word)
    {
        if (char.IsLetter(word[0]) && Enum.TryParse<LoadLevel>(word, ignoreCase: true, out var level))
            return load with { Level = level };
        var times = word.IndexOf('x', StringComparison.OrdinalIgnoreCase);
        if (times > 0 && int.TryParse(word[..times], NumberStyles.None, CultureInfo.InvariantCulture, out var pieces) && pieces is > 0 and <= 100)
            (load, word) = (load with { Pieces = pieces }, word[(times + 1)..]);
        MassUnit? unit = word.EndsWith("kg", StringComparison.OrdinalIgnoreCase) ? MassUnit.Kg
            : word.EndsWith("lb", StringComparison.OrdinalIgnoreCase) ? MassUnit.Lb : null;
        return unit is { } u && decimal.TryParse(word[..^2], NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var mass) && mass is > 0 and <= 1000
            ? load with { Mass = mass, Unit = u }
            : load;
    }
}
