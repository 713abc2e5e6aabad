using System.Text;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Sheets;

/// <summary>Writes a plan as a class sheet; reading it back gives the same plan.</summary>
public static class SheetWriter
{
    /// <summary>The whole sheet, lines ended by LF.</summary>
    public static string Write(ClassPlan plan)
    {
        var text = new StringBuilder();
        text.Append("# ").Append(Quoted.Write(plan.Title)).Append('\n');
        foreach (var (key, value) in BriefNotation.Write(plan.Brief))
            text.Append(key).Append(": ").Append(IsFree(key) ? Quoted.Write(value) : value).Append('\n');
        var firstUse = FirstUses(plan);
        foreach (var block in plan.Blocks)
            text.Append('\n').Append(WriteBlock(block, firstUse));
        return text.ToString();
    }

    /// <summary>One block: its head, notes and lines, each ended by LF.</summary>
    public static string WriteBlock(ClassPlan plan, Block block) => WriteBlock(block, FirstUses(plan with { Blocks = [block] }));

    /// <summary>One station's line.</summary>
    public static string WriteStation(Station station) => StationNotation.Write(station, _ => null);

    /// <summary>What is done at a station, as it stands on its line.</summary>
    public static string WriteDoing(Doing doing) => StationNotation.WriteDoing(doing);

    /// <summary>One of a station's amount, load, tempo, sides or rest, as it stands on its line; empty when not said.</summary>
    public static string WriteAmount(Amount? amount) => amount is null ? "" : AmountNotation.Write(amount);

    /// <inheritdoc cref="WriteAmount"/>
    public static string WriteLoad(LoadPlan? load) => load is null ? "" : LoadNotation.Write(load)[1..^1];

    /// <inheritdoc cref="WriteAmount"/>
    public static string WriteTempo(TempoPlan? tempo) => tempo is null ? "" : TempoNotation.Write(tempo);

    /// <inheritdoc cref="WriteAmount"/>
    public static string WriteSides(Sides? sides) => sides is null ? "" : string.Join(", ", SidesNotation.Write(sides));

    /// <inheritdoc cref="WriteAmount"/>
    public static string WriteGap(Gap? gap) => gap is null ? "" : GapNotation.Write(gap);

    /// <summary>What someone does instead, as it stands after <c>easier:</c>.</summary>
    public static string WriteWay(Way way) => WayNotation.Write(way);

    /// <summary>How a block runs, as the first setting of its bracket.</summary>
    public static string WriteFormat(BlockFormat format) => FormatNotation.Write(format);

    /// <summary>The header's lines, each as key and value.</summary>
    public static IEnumerable<(string Key, string Value)> WriteBrief(Brief brief) => BriefNotation.Write(brief);

    /// <summary>The settings that a block of that format uses.</summary>
    public static IReadOnlySet<string> SettingsOf(BlockFormat format) => SettingsNotation.UsedBy(format);

    /// <summary>A block's settings, each as key and value.</summary>
    public static IEnumerable<(string Key, string Value)> WriteSettings(BlockSettings settings) => SettingsNotation.Write(settings);

    private static string WriteBlock(Block block, Func<string, NewMove?> firstUse)
    {
        var text = new StringBuilder();
        text.Append(BlockNotation.Write(block)).Append('\n');
        foreach (var note in block.Notes)
            text.Append("note: ").Append(Quoted.Write(note)).Append('\n');
        foreach (var station in block.Stations)
            text.Append(StationNotation.Write(station, firstUse)).Append('\n');
        return text.ToString();
    }

    private static bool IsFree(string key) => key is "place" or "before" or "after" or "note";

    /// <summary>Gives a class's own move the first time it is asked for, so that <c>new:</c> stands once.</summary>
    private static Func<string, NewMove?> FirstUses(ClassPlan plan)
    {
        var waiting = plan.NewMoves.DistinctBy(m => m.Name, StringComparer.OrdinalIgnoreCase).ToDictionary(m => m.Name, StringComparer.OrdinalIgnoreCase);
        return name => waiting.Remove(name, out var move) ? move : null;
    }
}
