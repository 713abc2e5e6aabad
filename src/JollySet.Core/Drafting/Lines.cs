using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Drafting;

/// <summary>A move as a line of a draft: its amount, its sides, and a load that the kit has.</summary>
internal static class Lines
{
    public static Station Of(Move move, Amount? amount, Brief brief, Timing.Facts facts)
    {
        var line = StationFor.New(move, amount);
        line = line with { Options = [.. line.Options.Select(o => o with { Way = Options.NeedWays.There(o.Way, brief, facts) })] };
        if (move.Impact == Impact.High)
            line = line with { Options = [.. line.Options.Where(o => o.Kind != OptionKind.Easier), new StationOption(OptionKind.Easier, StationFor.WayOf(move.Around["no jumping"])!)] };
        if (brief.Audience.Contains(Audience.OlderAdults) && move.IsBalance())
            line = line with { Options = [new StationOption(OptionKind.Easier, new AdjustedWay(Adjustment.Supported)), .. line.Options.Where(o => o.Kind != OptionKind.Easier)] };
        return Loads.TryOf(move, brief, out var level) && level is { } load ? line with { Load = new LoadPlan([new Load(load, Implement: load > LoadLevel.Any ? Loads.StandIn(move, brief) : null)]) } : line;
    }
}
