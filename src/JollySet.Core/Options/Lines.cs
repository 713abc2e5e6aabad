using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>A move as a line of a class: its amount, its sides, an easier way that is there, and a load that the kit has.</summary>
internal static class Lines
{
    /// <summary>A line of its own; the block says how much where <paramref name="amount"/> does not.</summary>
    public static Station Of(Move move, Amount? amount, Brief brief, Facts facts) => Fitted(StationFor.New(move, amount), move, brief, facts);

    /// <summary>The move in another's place: as much of it, after the same rest, with a way round for each need. What was noted there stays, and so does what was said for a need that the library does not judge.</summary>
    public static Station InPlaceOf(Station other, Move move, Brief brief, Facts facts)
    {
        var line = Fitted(StationFor.InPlaceOf(other, move), move, brief, facts);
        var said = other.Options.Where(o => o is { Kind: OptionKind.ForNeed, Need: { } need } && Needs.KindOf(need) != NeedKind.Way);
        return NeedWays.Named(line with { Notes = other.Notes, Options = [.. line.Options, .. said] }, brief, facts);
    }

    private static Station Fitted(Station line, Move move, Brief brief, Facts facts)
    {
        line = line with { Options = [.. line.Options.Select(o => o with { Way = NeedWays.There(o.Way, brief, facts) })] };
        if (move.Impact == Impact.High)
            line = line with { Options = [.. line.Options.Where(o => o.Kind != OptionKind.Easier), new StationOption(OptionKind.Easier, StationFor.WayOf(move.Around["no jumping"])!)] };
        if (brief.Audience.Contains(Audience.OlderAdults) && move.IsBalance())
            line = line with { Options = [new StationOption(OptionKind.Easier, new AdjustedWay(Adjustment.Supported)), .. line.Options.Where(o => o.Kind != OptionKind.Easier)] };
        return Loads.TryOf(move, brief, out var level) && level is { } load ? line with { Load = new LoadPlan([new Load(load, Implement: load > LoadLevel.Any ? Loads.StandIn(move, brief) : null)]) } : line;
    }
}
