using System.Collections.Frozen;
using System.Globalization;
using JollySet.Core.Moves;

namespace JollySet.Core.Plans;

/// <summary>The field's words for the plan's values, as they are written on a sheet.</summary>
public static class Words
{
    private static readonly FrozenDictionary<string, Pattern> PatternByWord = Enum.GetValues<Pattern>()
        .ToFrozenDictionary(p => Of(p), StringComparer.OrdinalIgnoreCase);

    /// <summary>Spelled with spaces: <c>hip bridge</c>; <see cref="Pattern.Any"/> is <c>move</c>.</summary>
    public static string Of(Pattern pattern) => pattern switch
    {
        Pattern.OverheadPush => "overhead push",
        Pattern.VerticalPull => "vertical pull",
        Pattern.HipBridge => "hip bridge",
        Pattern.TrunkFlexion => "trunk flexion",
        Pattern.SideBend => "side bend",
        Pattern.CalfRaise => "calf raise",
        Pattern.Any => "move",
        _ => pattern.ToString().ToLowerInvariant(),
    };

    /// <summary>The pattern of that word.</summary>
    public static bool TryPattern(string word, out Pattern pattern) => PatternByWord.TryGetValue(word, out pattern);

    /// <summary>Every pattern's word.</summary>
    public static IEnumerable<string> PatternWords => Enum.GetValues<Pattern>().Select(Of);

    /// <summary><c>upper back</c>, <c>front delts</c> …</summary>
    public static string Of(Muscle muscle) => muscle switch
    {
        Muscle.UpperBack => "upper back",
        Muscle.FrontDelts => "front delts",
        Muscle.SideDelts => "side delts",
        Muscle.RearDelts => "rear delts",
        Muscle.LowerBack => "lower back",
        Muscle.HipFlexors => "hip flexors",
        _ => muscle.ToString().ToLowerInvariant(),
    };

    /// <summary><c>standing</c>, <c>all fours</c> …</summary>
    public static string Of(Posture posture) => posture == Posture.AllFours ? "all fours" : posture.ToString().ToLowerInvariant();

    /// <summary><c>no load</c> has no word; the others their own.</summary>
    public static string Of(LoadClass load) => load == LoadClass.None ? "" : load.ToString().ToLowerInvariant();

    /// <summary>As it stands in square brackets.</summary>
    public static string Of(Load load)
    {
        var weight = load switch
        {
            { Level: { } level } => level.ToString().ToLowerInvariant(),
            { Mass: { } mass } => $"{mass.ToString(CultureInfo.InvariantCulture)}{load.Unit.ToString().ToLowerInvariant()}",
            _ => "",
        };
        var pieces = load.Pieces is { } n ? n.ToString(CultureInfo.InvariantCulture) + (load.Mass is null ? " " : "x") : "";
        return $"{pieces}{weight} {load.Implement}".Trim();
    }

    /// <summary>As it stands on a station's line.</summary>
    public static string Of(SideWay way) => way switch
    {
        SideWay.EachSide => "each side",
        SideWay.SwitchHalfway => "switch halfway",
        _ => way.ToString().ToLowerInvariant(),
    };

    /// <summary><c>smaller range</c>, <c>no load</c> …</summary>
    public static string Of(Adjustment adjustment) => adjustment switch
    {
        Adjustment.SmallerRange => "smaller range",
        Adjustment.NoLoad => "no load",
        _ => adjustment.ToString().ToLowerInvariant(),
    };

    /// <summary>What an option's way says, without notation.</summary>
    public static string Of(Way way) => way switch
    {
        MoveWay move => move.Load is { } load ? $"{move.Move}, {Of(load)}" : move.Move,
        AdjustedWay adjusted => Of(adjusted.Adjustment),
        WordsWay words => words.Words,
        _ => "",
    };

    /// <summary><c>first-timers</c>, <c>older adults</c> …</summary>
    public static string Of(Audience audience) => audience switch
    {
        Audience.FirstTimers => "first-timers",
        Audience.OlderAdults => "older adults",
        _ => audience.ToString().ToLowerInvariant(),
    };

    /// <summary><c>strength endurance</c> …</summary>
    public static string Of(Goal goal) => goal == Goal.StrengthEndurance ? "strength endurance" : goal.ToString().ToLowerInvariant();

    /// <summary><c>led</c> or <c>follow-along</c>.</summary>
    public static string Of(ClassStyle style) => style == ClassStyle.FollowAlong ? "follow-along" : "led";

    /// <summary>A number of things, a range as both its ends: <c>3 sets</c>, <c>3–4 rounds</c>.</summary>
    public static string Counted(Span? number, string thing)
    {
        var span = number ?? new Span(1);
        var count = span.IsRange ? $"{span.Low}–{span.High}" : span.Low.ToString(CultureInfo.InvariantCulture);
        return $"{count} {thing}{(span is { Low: 1, IsRange: false } ? "" : "s")}";
    }

    /// <summary>The first word of a block's bracket.</summary>
    public static string FormatName(BlockFormat format) => format switch
    {
        TalkFormat => "talk",
        ShowFormat => "show",
        OwnFormat => "own",
        PrepareFormat => "prepare",
        ReleaseFormat => "release",
        AgainFormat => "again",
        LinkedFormat linked => linked.Kind.ToString().ToLowerInvariant(),
        StraightFormat => "straight",
        LadderFormat => "ladder",
        PyramidFormat => "pyramid",
        MinuteFormat => "minute",
        AmrapFormat => "amrap",
        FlowFormat => "flow",
        _ => "circuit",
    };
}
