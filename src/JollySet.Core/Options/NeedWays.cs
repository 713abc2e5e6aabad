using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>Names the library's way round wherever a need of the class is open.</summary>
public static class NeedWays
{
    /// <summary>The line with an option for each open need.</summary>
    public static Station Named(Station line, Brief brief, Facts facts)
    {
        foreach (var need in brief.Needs)
            if (Cover.Of(line, need, facts) is { Kind: CoverKind.Open, Way: { } way })
                line = line with { Options = line.Options.Add(new StationOption(OptionKind.ForNeed, There(way, brief, facts), need)) };
        return line;
    }

    /// <summary>A way that needs kit the class does not have gives way to the same move done smaller.</summary>
    public static Way There(Way way, Brief brief, Facts facts) =>
        way is MoveWay other && facts.MoveOf(other.Move) is { } move && !(brief.Kit.IsEmpty ? move.Kit.All(KitList.IsGiven) : Suits.Kit(brief, move))
            ? new AdjustedWay(Adjustment.SmallerRange)
            : way;
}
