using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>A move as a line of a draft: its amount, its sides, and a load that the kit has.</summary>
internal static class Lines
{
    private static readonly LoadLevel[] Levels = [LoadLevel.Heavy, LoadLevel.Moderate, LoadLevel.Light];

    public static Station Of(Move move, Amount? amount, Brief brief, Timing.Facts facts)
    {
        var line = StationFor.New(move, amount);
        line = line with { Options = [.. line.Options.Select(o => o with { Way = Options.NeedWays.There(o.Way, brief, facts) })] };
        if (move.Impact == Impact.High)
            line = line with { Options = [.. line.Options.Where(o => o.Kind != OptionKind.Easier), new StationOption(OptionKind.Easier, StationFor.WayOf(move.Around["no jumping"])!)] };
        return line.Load?.Rounds[0].Level is { } level ? line with { Load = LoadPlan.Of(There(level, move, brief)) } : line;
    }

    /// <summary>The level asked for, or the nearest that the kit names; where it names none, people choose.</summary>
    private static LoadLevel There(LoadLevel asked, Move move, Brief brief)
    {
        var entries = brief.Kit.Where(k => move.Kit.Any(item => KitList.IsHeld(item) && Suits.Has(k, item))).ToList();
        var named = Levels.Where(l => entries.Any(e => e.Contains(l.ToString(), StringComparison.OrdinalIgnoreCase))).ToList();
        return named.Count == 0 || named.Contains(asked) ? asked : named.MinBy(l => Math.Abs(l - asked));
    }
}
