using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>How one station stands to one need.</summary>
public enum CoverKind
{
    /// <summary>Nothing in it troubles the need.</summary>
    Fine,

    /// <summary>A named option goes round it.</summary>
    Covered,

    /// <summary>Only the person's own clinician can say.</summary>
    Ask,

    /// <summary>Nobody here knows the need; nothing is said about it.</summary>
    Unknown,

    /// <summary>Nothing is named.</summary>
    Open,
}

/// <summary>The crossing of a station with a need.</summary>
/// <param name="Way">The option that covers it, or the library's way round where it is open; null elsewhere.</param>
public sealed record Cover(CoverKind Kind, Way? Way)
{
    /// <summary>The crossing of a line with a need of the class.</summary>
    public static Cover Of(Station line, string need, Facts facts)
    {
        switch (Needs.KindOf(need))
        {
            case NeedKind.Ask:
                return new Cover(CoverKind.Ask, null);
            case NeedKind.Unknown:
                return new Cover(CoverKind.Unknown, null);
        }

        var troubling = line.Doing.MoveNames().Select(facts.MoveOf).FirstOrDefault(m => m?.Troubles(need) == true && !IsEased(line, m, need));
        if (troubling is null)
            return new Cover(CoverKind.Fine, null);
        return Named(line, need, troubling, facts) is { } way ? new Cover(CoverKind.Covered, way) : new Cover(CoverKind.Open, StationFor.WayOf(troubling.Around[Needs.Named(need)]));
    }

    /// <summary>An option for the need itself that spares it, else an easier or equal move, or adjustment, that is known to.</summary>
    private static Way? Named(Station line, string need, Move troubling, Facts facts) =>
        line.Options.Where(o => o.Kind == OptionKind.ForNeed && Needs.Named(o.Need!) == Needs.Named(need)).Select(o => o.Way).FirstOrDefault(w => Proven.Spares(w, need, troubling, facts))
        ?? line.Options.Where(o => o.Kind is OptionKind.Easier or OptionKind.Or).Select(o => o.Way).FirstOrDefault(w => Proven.Plainly(w, need, troubling, facts));

    /// <summary>A loaded move done with no load needs no kit.</summary>
    private static bool IsEased(Station line, Move move, string need) =>
        Needs.Named(need) == "no kit" && move.Kit.All(k => !KitList.IsProp(k)) && line.Load is { Rounds: [{ Level: LoadLevel.None }] };
}

/// <summary>The needs of a class against its stations.</summary>
public static class Covers
{
    /// <summary>Every station line with every need that is judged or must be asked about.</summary>
    public static ImmutableArray<(Block Block, int Station, string Need, Cover Cover)> Of(Timeline timeline)
    {
        var (plan, facts) = (timeline.Plan, timeline.Facts);
        return
        [
            .. from block in plan.Blocks
               from line in block.Stations.Select((station, at) => (station, number: at + 1))
               from need in plan.Brief.Needs
               select (block, line.number, need, Cover.Of(line.station, need, facts)),
        ];
    }
}
