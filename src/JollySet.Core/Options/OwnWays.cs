using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>A way that is named, and which needs it would trouble.</summary>
/// <param name="Says">In words; empty where none is named.</param>
public sealed record NamedWay(string Says, ImmutableArray<string> Troubles);

/// <summary>How a station stands to a need: fine, covered with its way, ask, unknown, or open.</summary>
public sealed record NeedState(string Need, CoverKind State, NamedWay Way);

/// <summary>What one station is for someone who follows along: its ways, with all that a device needs to choose by what people keep to themselves.</summary>
/// <param name="Block">Index of its block as it is taught.</param>
/// <param name="Number">The line's number in its block, from 1.</param>
public sealed record OwnWay(int Block, int Number, NamedWay Easier, NamedWay Harder, ImmutableArray<NeedState> Needs);

/// <summary>Every station's ways, for the page of people who follow.</summary>
public static class OwnWays
{
    private static readonly NamedWay None = new("", []);

    /// <summary>The needs of the class, and those people may have besides.</summary>
    public static ImmutableArray<string> Needs(Brief brief) => [.. brief.Needs.Concat(Moves.Needs.Ways).Distinct(StringComparer.OrdinalIgnoreCase)];

    /// <summary>For the blocks as they are taught.</summary>
    public static ImmutableArray<OwnWay> Of(Timeline timeline, IReadOnlyCollection<string> needs)
    {
        var facts = timeline.Facts;
        return
        [
            .. from block in timeline.Blocks.Select((b, i) => (b, i))
               from line in block.b.Stations.Select((s, n) => (s, n))
               select new OwnWay(
                   block.i,
                   line.n + 1,
                   Option(line.s, OptionKind.Easier),
                   Option(line.s, OptionKind.Harder),
                   [.. needs.Select(need => StateOf(line.s, need))]),
        ];

        NeedState StateOf(Station line, string need)
        {
            var cover = Cover.Of(line, need, facts);
            return new NeedState(need, cover.Kind, cover is { Kind: CoverKind.Covered, Way: { } way } ? Named(line, way, need) : None);
        }

        NamedWay Option(Station line, OptionKind kind) => line.Options.FirstOrDefault(o => o.Kind == kind) is { } option ? Named(line, option.Way, null) : None;

        NamedWay Named(Station line, Way way, string? covers) => new(Words.Of(way), [.. needs.Where(n => n != covers && Proven.Troubles(line, way, n, facts))]);
    }
}
