using System.Collections.Frozen;
using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>A block's settings, each a key and a value: <c>rest 20</c> on a sheet, <c>"rest": "20"</c> in JSON.</summary>
internal static class SettingsNotation
{
    private static readonly FrozenSet<string> Known =
        new[] { "rounds", "work", "every", "beat", "rest", "pause", "between", "demo", "each side", "water", "optional", "joined", "after" }.ToFrozenSet();

    private static readonly FrozenSet<string> ForWords = new[] { "after", "optional" }.ToFrozenSet();
    private static readonly FrozenSet<string> ForCircuits = Known.Except(["pause", "every", "beat"]).ToFrozenSet();
    private static readonly FrozenSet<string> ForLinked = Known.Except(["every", "beat"]).ToFrozenSet();
    private static readonly FrozenSet<string> ForStraight = Known.Except(["every", "beat", "each side", "water"]).ToFrozenSet();
    private static readonly FrozenSet<string> ForRungs = ForLinked.Except(["rounds", "work"]).ToFrozenSet();
    private static readonly FrozenSet<string> ForMinute = new[] { "rounds", "work", "every", "demo", "optional", "joined", "after" }.ToFrozenSet();
    private static readonly FrozenSet<string> ForAmrap = new[] { "optional", "joined", "after" }.ToFrozenSet();
    private static readonly FrozenSet<string> ForFlow = new[] { "rounds", "work", "beat", "demo", "each side", "optional", "joined", "after" }.ToFrozenSet();

    /// <summary>The settings the format uses.</summary>
    public static FrozenSet<string> UsedBy(BlockFormat format) => format switch
    {
        TalkFormat or ShowFormat or OwnFormat => ForWords,
        LinkedFormat => ForLinked,
        StraightFormat => ForStraight,
        LadderFormat or PyramidFormat => ForRungs,
        MinuteFormat => ForMinute,
        AmrapFormat => ForAmrap,
        FlowFormat => ForFlow,
        _ => ForCircuits,
    };

    /// <summary>Why the format does not use a setting, and what to write instead.</summary>
    public static string NotUsed(BlockFormat format, string key) => (format, key) switch
    {
        (LadderFormat or PyramidFormat, "rounds") => $"a {Words.FormatName(format)}’s rounds are its rungs; leave “rounds” out and say them there",
        (LadderFormat or PyramidFormat, "work") => $"a {Words.FormatName(format)}’s rungs say the work; write timed rungs, such as 60s..20s step 10s",
        (FlowFormat, "rest" or "pause" or "between") => "flow has no gaps; write circuit for a block with rests",
        (MinuteFormat, "rest" or "pause" or "between") => "what is left of a slot is rest; say the slot with “every 90s”",
        (AmrapFormat, "rounds") => "the time ends an amrap, not rounds; leave “rounds” out",
        (_, "beat") => "only flow has a beat",
        (_, "every") => "only minute has slots",
        _ => $"{Words.FormatName(format)} never uses “{key}”; leave it out",
    };

    /// <summary>The key and the value of a setting as a sheet writes it; null when it is none.</summary>
    public static (string Key, Slice Value)? Parted(Slice setting)
    {
        var words = setting.Words();
        if (words.Count == 2 && (words[1].Is("rounds") || words[1].Is("round")))
            return ("rounds", words[0]);
        if (setting.Is("each side"))
            return ("each side", setting.To(0));
        var key = words.Count > 0 ? words[0].Text.ToLowerInvariant() : "";
        return Known.Contains(key) && key != "rounds" ? (key, setting.From(words[0].Length).Trim()) : null;
    }

    /// <summary><paramref name="settings"/> with one more read into it; unchanged after an error.</summary>
    public static BlockSettings Read(BlockSettings settings, string key, Slice value, SheetErrors errors) => key switch
    {
        "rounds" => settings with { Rounds = Rounds(value, errors) ?? settings.Rounds },
        "work" => settings with { Work = Work(value, errors) },
        "rest" when value.AfterWord("ratio") is { } ratio => settings with { Ratio = Ratio(ratio, errors) },
        "rest" => settings with { Rest = GapNotation.ReadByRound(value, errors) },
        "pause" => settings with { Pause = GapNotation.Read(value, errors) },
        "every" => settings with { Every = TimeNotation.Read(value, errors, least: 1, unit: true) },
        "beat" => settings with { Beat = Beat(value, errors) },
        "each side" => settings with { EachSide = EachSide(value, errors) },
        "optional" => settings with { Optional = Flag(value, errors) },
        "joined" => settings with { Joined = Flag(value, errors) },
        "between" => settings with { Between = GapNotation.Read(value, errors) },
        "after" => settings with { After = GapNotation.Read(value, errors) },
        "water" => settings with { Water = Water(value, errors) },
        "demo" => settings with { Demo = TimeNotation.Read(value, errors) },
        _ => settings,
    };

    /// <summary>Whether <paramref name="settings"/> says that key already.</summary>
    public static bool Says(BlockSettings settings, string key) => Write(settings).Any(s => s.Key == key);

    /// <summary>What is said, in the order it is written.</summary>
    public static IEnumerable<(string Key, string Value)> Write(BlockSettings settings)
    {
        if (settings.Rounds is { } rounds)
            yield return ("rounds", AmountNotation.Bare(rounds));
        if (!settings.Work.IsEmpty)
            yield return ("work", string.Join('/', settings.Work.Select(TimeNotation.Bare)));
        if (!settings.Rest.IsEmpty)
            yield return ("rest", string.Join('/', settings.Rest.Select(GapNotation.Write)));
        if (settings.Ratio is { } ratio)
            yield return ("rest", string.Create(CultureInfo.InvariantCulture, $"ratio {ratio.Work}:{ratio.Rest}"));
        if (settings.Pause is { } pause)
            yield return ("pause", GapNotation.Write(pause));
        if (settings.Every is { } every)
            yield return ("every", TimeNotation.Bare(every) + "s");
        if (settings.Beat is { } beat)
            yield return ("beat", beat.ToString(CultureInfo.InvariantCulture));
        if (settings.EachSide is { } eachSide)
            yield return ("each side", eachSide.RightFirst ? "right first" : "yes");
        if (settings.Between is { } between)
            yield return ("between", GapNotation.Write(between));
        if (settings.Demo is { } demo)
            yield return ("demo", TimeNotation.Bare(demo));
        if (settings.Water is { } water)
            yield return ("water", string.Create(CultureInfo.InvariantCulture, $"{GapNotation.Write(water.Gap with { Water = false })} after round {water.Round}"));
        if (settings.Optional)
            yield return ("optional", "yes");
        if (settings.Joined)
            yield return ("joined", "yes");
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

    private static ImmutableArray<Length> Work(Slice value, SheetErrors errors) =>
        [.. value.Split('/').Select(part => TimeNotation.Read(part, errors, least: 1)).OfType<Length>()];

    private static RestRatio? Ratio(Slice value, SheetErrors errors)
    {
        var parts = value.Text.Split(':');
        return parts.Length == 2
            && int.TryParse(parts[0], NumberStyles.None, CultureInfo.InvariantCulture, out var work) && work is > 0 and <= 100
            && int.TryParse(parts[1], NumberStyles.None, CultureInfo.InvariantCulture, out var rest) && rest is > 0 and <= 100
            ? new RestRatio(work, rest)
            : errors.None<RestRatio?>(value, "a rest ratio is work to rest, such as “rest ratio 2:1”");
    }

    private static int? Beat(Slice value, SheetErrors errors) =>
        int.TryParse(value.Text, NumberStyles.None, CultureInfo.InvariantCulture, out var beat) && beat is >= 20 and <= 300
            ? beat
            : errors.None<int?>(value, "a beat is a whole number a minute, from 20 to 300");

    private static BlockSides? EachSide(Slice value, SheetErrors errors) =>
        value.IsEmpty || value.Is("yes") ? new BlockSides(false)
        : value.Is("right first") ? new BlockSides(true)
        : errors.None<BlockSides?>(value, "“each side” stands alone, or with “right first” after a comma");

    private static bool Flag(Slice value, SheetErrors errors)
    {
        if (!value.IsEmpty && !value.Is("yes"))
            errors.Add(value, "nothing is expected after this word");
        return true;
    }

    private static WaterAfterRound? Water(Slice value, SheetErrors errors)
    {
        const string form = "a water break is written “water 60 after round 2” (or “water ? after round 2”), or “water” after a gap’s time";
        var words = value.Words();
        if (words.Count != 4 || !words[1].Is("after") || !words[2].Is("round")
            || !int.TryParse(words[3].Text, NumberStyles.None, CultureInfo.InvariantCulture, out var round) || round is < 1 or > Limits.Rounds)
            return errors.None<WaterAfterRound?>(value, form);
        if (words[0].Is("?"))
            return new WaterAfterRound(Gap.Promised with { Water = true }, round);
        return TimeNotation.ReadSpan(words[0], errors, least: 1) is { } length ? new WaterAfterRound(new Gap(length, Water: true), round) : null;
    }
}
