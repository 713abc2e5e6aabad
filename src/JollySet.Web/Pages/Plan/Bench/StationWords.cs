using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan.Bench;

/// <summary>A station as a sentence: “bent-over row, 40 s, heavy, both sides, easier: supported”.</summary>
internal static class StationWords
{
    /// <summary>The words of a station; grey where its block or the library says it for it.</summary>
    public static IEnumerable<BenchWord> Of(Timeline timeline, Station station, StationRow row)
    {
        yield return new BenchWord("station", "move", "Move", row.Text("move"), row.Text("move")) { List = "moves" };
        yield return Part("amount", "Amount", row, row.UsualAmount.Length > 0 ? row.UsualAmount : "amount not said", row.Text("amount").StartsWith('x') || row.UsualAmount.StartsWith('x') ? "x6\nx8\nx10\nx12\nx15\n=as the block says" : "20s\n30s\n40s\n45s\n60s\n=as the block says");
        yield return Part("load", "Load", row, row.UsualLoad == "none" ? "nothing in the hands" : row.UsualLoad, "none\nlight\nmoderate\nheavy\n=as the move has it") with { List = "loads" };
        yield return Part("sides", "Sides", row, row.UsualSides.Length > 0 ? row.UsualSides : "side not said", "each side\nalternating\nboth\nswitch halfway\n=as the move has it") with { List = "sides" };
        yield return Part("easier", "Easier way", row, "none said", "") with { Lead = "· easier", List = "moves" };
        yield return Part("harder", "Harder way", row, "none said", "") with { Lead = "· harder", List = "moves" };
        foreach (var need in timeline.Plan.Brief.Needs)
            yield return ForNeed(timeline, station, row, need);
        yield return Part("rest", "Rest after it", row, row.UsualRest == "none" ? "no rest of its own" : row.UsualRest, "0\n10\n15\n20\n30\n60\n=as the block says") with { Lead = "· then" };
        yield return Part("tempo", "Tempo", row, "tempo", "@2-0-1-0\n@3-0-1-1\n@4-0-1-0\n=none") with { IsRare = true };
        yield return new BenchWord("station", "note", "A note", "a note", "") { IsRare = true };
        yield return new BenchWord("station", "line", "The whole line, as on a sheet", "as text", row.Text("line")) { IsRare = true };
    }

    private static BenchWord Part(string name, string label, StationRow row, string unsaid, string choices)
    {
        var value = row.Text(name);
        return new BenchWord("station", name, label, value.Length == 0 ? unsaid : name is "amount" or "rest" && value.All(char.IsDigit) ? value + " s" : value, value) { Choices = choices };
    }

    private static BenchWord ForNeed(Timeline timeline, Station station, StationRow row, string need)
    {
        var cover = Cover.Of(station, need, timeline.Facts);
        var (value, way) = (row.Text("for " + need), cover.Way is { } w ? Words.Of(w) : "");
        var says = (value.Length, cover.Kind) switch
        {
            ( > 0, _) => value,
            (_, CoverKind.Fine) => "fine as it is",
            (_, CoverKind.Covered) => $"the easier way ({way})",
            (_, CoverKind.Open) => way.Length > 0 ? $"nothing yet: {way}?" : "nothing yet",
            _ => "ask first",
        };
        return new BenchWord("station", "for " + need, $"For {need}", says, value)
        {
            Lead = $"· for {need}",
            List = "moves",
            IsOpen = cover.Kind == CoverKind.Open,
            Choices = cover.Kind == CoverKind.Open && way.Length > 0 ? way : "",
        };
    }
}
