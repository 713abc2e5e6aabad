using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>What one station is for someone who follows along: its ways by what they choose.</summary>
/// <param name="Key">Block and line, from 0 and 1.</param>
/// <param name="Easier">Empty where none is named.</param>
/// <param name="Needs">For each need: fine, covered with its way, ask, or open.</param>
public sealed record OwnWay(int Block, int Number, string Easier, string Harder, ImmutableArray<(string Need, string State, string Way)> Needs);

/// <summary>Every station's ways, for the page of people who follow.</summary>
public static class OwnWays
{
    /// <summary>The needs of the class, and those people may have besides.</summary>
    public static ImmutableArray<string> Needs(Brief brief) => [.. brief.Needs.Concat(Moves.Needs.Ways).Distinct(StringComparer.OrdinalIgnoreCase)];

    /// <summary>For the blocks as they are taught.</summary>
    public static ImmutableArray<OwnWay> Of(Timeline timeline, IReadOnlyCollection<string> needs) =>
    [
        .. from block in timeline.Blocks.Select((b, i) => (b, i))
           from line in block.b.Stations.Select((s, n) => (s, n))
           select new OwnWay(
               block.i,
               line.n + 1,
               Named(line.s, OptionKind.Easier),
               Named(line.s, OptionKind.Harder),
               [.. needs.Select(need => StateOf(timeline, line.s, need))]),
    ];

    private static (string Need, string State, string Way) StateOf(Timeline timeline, Station line, string need)
    {
        var cover = Cover.Of(line, need, timeline.Facts);
        return cover.Kind switch
        {
            CoverKind.Covered => (need, "covered", cover.Way is { } way ? Plans.Words.Of(way) : ""),
            CoverKind.Ask => (need, "ask", ""),
            CoverKind.Fine => (need, "fine", ""),
            CoverKind.Unknown => (need, "unknown", ""),
            _ => (need, "open", ""),
        };
    }

    private static string Named(Station line, OptionKind kind) => line.Options.FirstOrDefault(o => o.Kind == kind) is { } option ? Plans.Words.Of(option.Way) : "";
}
