using JollySet.Core.Plans;

namespace JollySet.Core.Edits;

/// <summary>Copies one line of a header, by its key.</summary>
internal static class BriefParts
{
    public static Brief Copied(Brief to, Brief from, string key) => key switch
    {
        "minutes" => to with { Minutes = from.Minutes },
        "place" => to with { Place = from.Place },
        "style" => to with { Style = from.Style },
        "facing" => to with { Facing = from.Facing },
        "focus" => to with { Focus = from.Focus },
        "goal" => to with { Goal = from.Goal },
        "audience" => to with { Audience = from.Audience },
        "people" => to with { People = from.People },
        "demonstrators" => to with { Demonstrators = from.Demonstrators },
        "needs" => to with { Needs = from.Needs },
        "kit" => to with { Kit = from.Kit },
        "pace" => to with { Pace = from.Pace },
        "before" => to with { Before = from.Before },
        "after" => to with { After = from.After },
        "claims" => to with { Claims = from.Claims },
        _ => throw new ArgumentOutOfRangeException(nameof(key), key, "A header has no such line."),
    };
}

/// <summary>Copies one setting of a bracket, by its key.</summary>
internal static class SettingParts
{
    public static BlockSettings Copied(BlockSettings to, BlockSettings from, string key) => key switch
    {
        "rounds" => to with { Rounds = from.Rounds },
        "work" => to with { Work = from.Work },
        "rest" => to with { Rest = from.Rest, Ratio = from.Ratio },
        "pause" => to with { Pause = from.Pause },
        "every" => to with { Every = from.Every },
        "beat" => to with { Beat = from.Beat },
        "each side" => to with { EachSide = from.EachSide },
        "between" => to with { Between = from.Between },
        "demo" => to with { Demo = from.Demo },
        "water" => to with { Water = from.Water },
        "optional" => to with { Optional = from.Optional },
        "joined" => to with { Joined = from.Joined },
        "after" => to with { After = from.After },
        _ => throw new ArgumentOutOfRangeException(nameof(key), key, "A bracket has no such setting."),
    };
}
