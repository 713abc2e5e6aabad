using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>A block's settings, each a key and a value: <c>rest 20</c> on a sheet, <c>"rest": "20"</c> in JSON.</summary>
internal static class SettingsNotation
{
    private static readonly FrozenSet<string> ForWords = new[] { "after" }.ToFrozenSet();
    private static readonly FrozenSet<string> ForStations = new[] { "rounds", "work", "rest", "between", "after", "water", "demo" }.ToFrozenSet();

    /// <summary>The settings the format uses.</summary>
    public static FrozenSet<string> UsedBy(BlockFormat format) =>
        format is TalkFormat or ShowFormat or OwnFormat ? ForWords : ForStations;

    /// <summary>The key and the value of a setting as a sheet writes it; null when it is none.</summary>
    public static (string Key, Slice Value)? Parted(Slice setting)
    {
        var words = setting.Words();
        if (words.Count == 2 && (words[1].Is("rounds") || words[1].Is("round")))
            return ("rounds", words[0]);
        var key = words.Count > 0 ? words[0].Text.ToLowerInvariant() : "";
        return ForStations.Contains(key) && key != "rounds" ? (key, setting.From(words[0].Length).Trim()) : null;
    }

    /// <summary><paramref name="settings"/> with one more read into it; unchanged after an error.</summary>
    public static BlockSettings Read(BlockSettings settings, string key, Slice value, SheetErrors errors) => key switch
    {
        "rounds" => settings with { Rounds = Rounds(value, errors) ?? settings.Rounds },
        "work" => settings with { WorkSeconds = Work(value, errors) },
        "rest" => settings with { Rest = Rest(value, errors) },
        "between" => settings with { Between = GapNotation.Read(value, errors) },
        "after" => settings with { After = GapNotation.Read(value, errors) },
        "water" => settings with { Water = Water(value, errors) },
        "demo" => settings with { DemoSeconds = TimeNotation.Read(value, errors) },
        _ => settings,
    };

    /// <summary>Whether <paramref name="settings"/> says that key already.</summary>
    public static bool Says(BlockSettings settings, string key) => Write(settings).Any(s => s.Key == key);

    /// <summary>What is said, in the order it is written.</summary>
    public static IEnumerable<(string Key, string Value)> Write(BlockSettings settings)
    {
        if (settings.Rounds is { } rounds)
            yield return ("rounds", TimeNotation.Bare(rounds));
        if (!settings.WorkSeconds.IsEmpty)
            yield return ("work", string.Join('/', settings.WorkSeconds.Select(s => s.ToString(CultureInfo.InvariantCulture))));
        if (!settings.Rest.IsEmpty)
            yield return ("rest", string.Join('/', settings.Rest.Select(GapNotation.Write)));
        if (settings.Between is { } between)
            yield return ("between", GapNotation.Write(between));
        if (settings.DemoSeconds is { } demo)
            yield return ("demo", demo.ToString(CultureInfo.InvariantCulture));
        if (settings.Water is { } water)
            yield return ("water", string.Create(CultureInfo.InvariantCulture, $"{water.Seconds} after round {water.Round}"));
        if (settings.After is { } after)
            yield return ("after", GapNotation.Write(after));
    }

    private static Span? Rounds(Slice value, SheetErrors errors)
    {
        var ends = value.Text.Split("..");
        if (ends.Length > 2 || !int.TryParse(ends[0], NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var low)
            || !int.TryParse(ends[^1], NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var high))
            return errors.None<Span?>(value, "rounds are a whole number or a range: 3 rounds, 3..4 rounds");
        if (low < 1 || high > Limits.Rounds)
            return errors.None<Span?>(value, $"rounds go from 1 to the limit of {Limits.Rounds}");
        return low <= high ? new Span(low, high) : errors.None<Span?>(value, "a range goes from the smaller to the larger");
    }

    private static ImmutableArray<int> Work(Slice value, SheetErrors errors) =>
        [.. value.Split('/').Select(part => TimeNotation.Read(part, errors, least: 1)).OfType<int>()];

    private static ImmutableArray<Gap> Rest(Slice value, SheetErrors errors)
    {
        if (value.AfterWord("ratio") is null)
            return GapNotation.ReadByRound(value, errors);
        errors.Add(value, NotYetBuilt.Sentence("a rest ratio", "rest 20"));
        return [];
    }

    private static WaterAfterRound? Water(Slice value, SheetErrors errors)
    {
        const string form = "a water break is written “water 60 after round 2”, or “water” after a gap’s time";
        var words = value.Words();
        if (words.Count != 4 || !words[1].Is("after") || !words[2].Is("round")
            || !int.TryParse(words[3].Text, NumberStyles.None, CultureInfo.InvariantCulture, out var round) || round is < 1 or > Limits.Rounds)
            return errors.None<WaterAfterRound?>(value, form);
        return TimeNotation.Read(words[0], errors, least: 1) is { } seconds ? new WaterAfterRound(seconds, round) : null;
    }
}
