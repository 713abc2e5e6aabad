using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Session;

/// <summary>What the screen across a hall says of one segment.</summary>
internal static class StepWords
{
    /// <summary>What is done; of a stack and of as many rounds as possible the options below say of what.</summary>
    public static string Title(Block block, WorkSet set) => block.Format is AmrapFormat ? "As many rounds as you can"
        : set.Line.Doing is Stacked ? "Stack: one more of each"
        : Say.Capital(set.Facts.Name);

    /// <summary>How much, with what, and what to expect: <c>12–15 reps, heavy</c>, <c>13–16 reps likely</c>.</summary>
    public static string Amount(Timeline timeline, WorkSet set, Segment segment)
    {
        var count = segment.Reps == set.Reps ? set.CountText : segment.Reps?.ToString(System.Globalization.CultureInfo.InvariantCulture);
        var reps = count is null ? "" : $"{count} reps";
        var load = timeline.Blocks[set.Block].Format is AmrapFormat ? "" : LoadText(set);
        return string.Join(", ", new[] { reps, load }.Concat(Foreseen.Of(timeline, set)).Append(SideCount(timeline, set, segment)).Where(t => t.Length > 0));
    }

    /// <summary>Options before the work; of a stack and of as many rounds as possible what there is to do. Each as kind and way with a bar between.</summary>
    public static ImmutableArray<string> Options(Block block, WorkSet set) => block.Format is AmrapFormat
        ? [.. block.Stations.Take(6).Select(s => $"{SheetWriter.WriteAmount(s.Amount).Replace('x', '×')}|{Facts.NameOf(s.Doing)}{SidesText(s)}{EasierText(s)}")]
        : set.Line.Doing is Stacked stack ? [.. stack.Parts.Take(5).Select(p => $"1, 2, 3 …|{Facts.NameOf(p)}"), .. OptionsOf(set.Line).Take(2)]
        : [.. OptionsOf(set.Line).Take(4)];

    private static IEnumerable<string> OptionsOf(Station line) => line.Options.Select(o => $"{(o.Kind == OptionKind.ForNeed ? o.Need : o.Kind.ToString().ToLowerInvariant())}|{Core.Plans.Words.Of(o.Way)}").Concat(line.Shows is { } shows ? [$"shows|{shows}"] : Array.Empty<string>());

    /// <summary>Where one is: block, round or rung or set, station. In a gap it is the station that comes, the one that the line below marks too.</summary>
    public static string Place(WorkSet? set, Timeline timeline, Block block)
    {
        if (set is null)
            return block.Name;
        var there = timeline.Blocks[set.Block];
        var parts = new List<string> { there.Name };
        if (there.Settings.EachSide is not null && set.Side is Side.Left or Side.Right)
            parts.Add($"all {set.Side.ToString()!.ToLowerInvariant()}");
        if (set.Round > 0 && there.RoundCount > 1)
            parts.Add(RoundText(set.Round, there));
        if (set.Station > 0 && there.Stations.Length > 1)
            parts.Add($"station {set.Station} of {there.Stations.Length}");
        return string.Join(" · ", parts);
    }

    private static string RoundText(int round, Block block) => block.Rungs is { } rungs
        ? $"rung {rungs.Counts[round - 1]}{(rungs.InSeconds ? " s" : "")}, {round} of {block.RoundCount}"
        : $"{(block.Format is StraightFormat ? "set" : "round")} {round} of {block.RoundCount}";

    /// <summary>Which of its two sides it is, where they come one after the other.</summary>
    private static string SideCount(Timeline timeline, WorkSet set, Segment segment)
    {
        if (set.SecondSide && !set.SecondPass)
            return "second side";
        var after = segment.Set + 1 < timeline.Sets.Length ? timeline.Sets[segment.Set + 1] : null;
        return after is { SecondSide: true, SecondPass: false } && (after.Block, after.Round, after.Station) == (set.Block, set.Round, set.Station) ? "first side" : "";
    }

    private static string LoadText(WorkSet set) => set.Line.Load is { } load
        ? Core.Plans.Words.Of(load.Rounds.At(set.Round)) + (load.Then is { } then ? $", then {Core.Plans.Words.Of(then)}" : "")
        : "";

    private static string EasierText(Station station) => station.Options.FirstOrDefault(o => o.Kind == OptionKind.Easier) is { } easier ? $" – easier: {Core.Plans.Words.Of(easier.Way)}" : "";

    private static string SidesText(Station station) => station.Sides is { Ways.IsEmpty: false } ? $", {SheetWriter.WriteSides(station.Sides)}" : "";
}
