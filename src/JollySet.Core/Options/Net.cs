using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Options;

/// <summary>One crossing of the net.</summary>
/// <param name="Proposed">What the library would name where the crossing is open; null elsewhere.</param>
public sealed record Crossing(string Need, Cover Cover, Way? Proposed);

/// <summary>One station of the net: its crossings, and its easier and harder way.</summary>
/// <param name="Number">The line's number in its block, from 1.</param>
public sealed record NetRow(Block Block, int Number, Station Line, string Name, ImmutableArray<Crossing> Crossings)
{
    /// <summary>The named way of that kind; null where there is none.</summary>
    public Way? Named(OptionKind kind) => Line.Options.FirstOrDefault(o => o.Kind == kind)?.Way;
}

/// <summary>The options of a class: stations down, needs across.</summary>
public static class Net
{
    /// <summary>Every station of the class's own blocks against those needs.</summary>
    public static ImmutableArray<NetRow> Of(Timeline timeline, IReadOnlyList<string> needs)
    {
        var facts = timeline.Facts;
        return
        [
            .. from block in timeline.Plan.Blocks
               from line in block.Stations.Select((station, at) => (station, number: at + 1))
               select new NetRow(block, line.number, line.station, Facts.NameOf(line.station.Doing), [.. needs.Select(need => CrossingOf(timeline, line.station, need, facts))]),
        ];
    }

    /// <summary>Every open crossing that has a way which keeps half of the muscles, spares the need by the library's facts and needs nothing that is not there; each with that way.</summary>
    public static ImmutableArray<(NetRow Row, string Need, RoundWay Way)> SafeToClose(Timeline timeline, IReadOnlyList<string> needs) =>
    [
        .. from row in Of(timeline, needs)
           from crossing in row.Crossings
           where crossing.Cover.Kind == CoverKind.Open
           let way = RoundWays.For(timeline, row.Line, crossing.Need, needs).FirstOrDefault(w => w.IsSafe)
           where way is not null
           select (row, crossing.Need, way),
    ];

    /// <summary>Names those ways; null where there is none.</summary>
    public static PlanEdit? Close(Timeline timeline, IReadOnlyList<string> needs)
    {
        var safe = SafeToClose(timeline, needs);
        return safe.IsEmpty ? null : new CloseNet([.. safe.Select(s => new SetStationPart(s.Row.Line.Id, $"for {s.Need}", SheetWriter.WriteWay(s.Way.Way)))]);
    }

    private static Crossing CrossingOf(Timeline timeline, Station line, string need, Facts facts)
    {
        var cover = Cover.Of(line, need, facts);
        return new Crossing(need, cover, cover is { Kind: CoverKind.Open, Way: { } way } ? NeedWays.There(way, timeline.Plan.Brief, facts) : null);
    }
}

/// <summary>Names a way for every crossing that can be closed safely.</summary>
public sealed record CloseNet(ImmutableArray<SetStationPart> Ways) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => Ways.Length == 1 ? Ways[0].Summary(plan) : $"named {Ways.Length} ways round";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) => new Several([.. Ways]).Step(plan);
}
