using System.Text;
using JollySet.Core.Export;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Cli;

/// <summary>Each station against each need of the class, for people and for programs.</summary>
internal static class CoverageAnswer
{
    public static string Of(Timeline timeline, Arguments arguments)
    {
        IReadOnlyList<string> needs = arguments.Options.TryGetValue("--needs", out var asked) ? asked.Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries) : timeline.Plan.Brief.Needs;
        var net = Net.Of(timeline, needs);
        return arguments.Has("--json") ? Json(net) : Table(net, needs);
    }

    /// <summary>What is said of a crossing: <c>fine</c>, <c>covered</c>, <c>ask</c> or <c>open</c>. What nobody knows is open until a way is named for it.</summary>
    private static string StateOf(NetRow row, Crossing crossing) => crossing.Cover.Kind switch
    {
        CoverKind.Fine => "fine",
        CoverKind.Covered => "covered",
        CoverKind.Ask => "ask",
        CoverKind.Unknown when NamedFor(row, crossing) is not null => "covered",
        _ => "open",
    };

    /// <summary>The way that covers it; empty where nothing does or nothing has to.</summary>
    private static string WayOf(NetRow row, Crossing crossing) => (crossing.Cover.Kind switch
    {
        CoverKind.Covered => crossing.Cover.Way,
        CoverKind.Open => null,
        _ => NamedFor(row, crossing),
    }) is { } way ? Words.Of(way) : "";

    private static Way? NamedFor(NetRow row, Crossing crossing) => row.Line.Options.FirstOrDefault(o => o.Kind == OptionKind.ForNeed && string.Equals(o.Need, crossing.Need, StringComparison.OrdinalIgnoreCase))?.Way;

    private static string Table(IReadOnlyCollection<NetRow> net, IReadOnlyList<string> needs)
    {
        if (needs.Count == 0)
            return "No needs are named in the brief; --needs knees,wrists asks for some.\n";
        var text = new StringBuilder();
        foreach (var row in net)
            foreach (var crossing in row.Crossings)
                text.Append($"{row.Block.Name,-20} {row.Number,3} {row.Name,-28} {crossing.Need,-14} {StateOf(row, crossing),-8} {WayOf(row, crossing)}{(crossing.Proposed is { } proposed ? $"perhaps {Words.Of(proposed)}" : "")}".TrimEnd()).Append('\n');
        return text.ToString();
    }

    private static string Json(IEnumerable<NetRow> net) => JsonExport.Written(json =>
    {
        json.WriteStartArray();
        foreach (var row in net)
            foreach (var crossing in row.Crossings)
            {
                json.WriteStartObject();
                json.WriteString("block", row.Block.Name);
                json.WriteNumber("station", row.Number);
                json.WriteString("move", row.Name);
                json.WriteString("need", crossing.Need);
                json.WriteString("state", StateOf(row, crossing));
                json.WriteString("way", WayOf(row, crossing));
                json.WriteEndObject();
            }

        json.WriteEndArray();
    });
}
