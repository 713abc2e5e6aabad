using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Drawing;

namespace JollySet.Web.Pages.Plan;

/// <summary>One station of the open block, as its row shows it.</summary>
/// <param name="Texts">What its fields hold.</param>
/// <param name="FailedField">The field whose value was refused, or null.</param>
public sealed record StationRow(
    int Block,
    int Id,
    int Number,
    int Count,
    Dictionary<string, string> Texts,
    string Cloth,
    string FlagPath,
    string Takes,
    (string Words, bool IsTight)? Then,
    string UsualLoad,
    string UsualAmount,
    string UsualSides,
    string UsualRest,
    string Cue,
    string Caution,
    ImmutableArray<string> Options,
    ImmutableArray<string> Notes,
    Severity? Worst,
    string? FailedField,
    string? FailedMessage)
{
    /// <summary>The class it is of.</summary>
    public Guid Class { get; init; }

    /// <summary>What could stand in its place, where that was asked; null else.</summary>
    public SwapsView? Swaps { get; init; }

    /// <summary>The parts of a station in the sheet's words.</summary>
    public static Dictionary<string, string> TextsOf(Station station) => new(station.Options.Where(o => o.Kind == OptionKind.ForNeed).DistinctBy(o => o.Need).Select(o => KeyValuePair.Create("for " + o.Need, SheetWriter.WriteWay(o.Way))))
    {
        ["move"] = SheetWriter.WriteDoing(station.Doing),
        ["amount"] = SheetWriter.WriteAmount(station.Amount),
        ["load"] = SheetWriter.WriteLoad(station.Load),
        ["tempo"] = SheetWriter.WriteTempo(station.Tempo),
        ["sides"] = SheetWriter.WriteSides(station.Sides),
        ["rest"] = SheetWriter.WriteGap(station.Rest),
        ["easier"] = OptionText(station, OptionKind.Easier),
        ["harder"] = OptionText(station, OptionKind.Harder),
        ["line"] = SheetWriter.WriteStation(station),
    };

    /// <summary>The row of a station in a timeline.</summary>
    public static StationRow Of(Timeline timeline, IEnumerable<WorkSet> itsSets, Block block, int blockIndex, int number, IEnumerable<Finding> findings, FailedEdit? failed)
    {
        var station = block.Stations[number - 1];
        var sets = itsSets.ToList();
        var first = sets.Count > 0 ? sets[0] : timeline.Sets.First(s => s.Block == blockIndex);
        var move = sets.Count > 0 ? first.Facts.Move : timeline.Facts.Of(station, 1).Move;
        var texts = TextsOf(station);
        var mine = failed is not null && failed.Station == station.Id;
        if (mine)
            foreach (var (field, value) in failed!.Typed)
                texts[field] = value;
        return new StationRow(
            block.Id,
            station.Id,
            number,
            block.Stations.Length,
            texts,
            Weaves.NameOf(first.Facts.Family),
            Drawing.FlagPath.Of(Hems.Of(first), 1, 1, 30, 24, 6),
            TakesText(sets),
            ChangeRow.After(timeline, blockIndex, number),
            move is null || move.Load == Core.Moves.LoadClass.None ? "none" : Core.Plans.Words.Of(move.Load),
            sets.Count == 0 ? "" : first.Reps is { } reps ? $"x{reps}" : $"{first.Length.InWholeSeconds} s",
            SidesOf(first, move),
            RestOf(block),
            move is null ? "" : string.Join(" · ", move.Cues),
            move?.Caution ?? "",
            [.. Foreseen.Of(timeline, first).Concat(station.Options.Select(o => $"{FlagWords.OptionWord(o)}: {Core.Plans.Words.Of(o.Way)}"))],
            station.Notes,
            findings.Where(f => f.Block == block.Name && f.Stations.Contains(number)).Select(f => (Severity?)f.Severity).Max(),
            mine ? failed!.Field : null,
            mine ? failed!.Message : null);
    }

    /// <summary>What stands where the line says nothing of sides.</summary>
    private static string SidesOf(WorkSet set, Core.Moves.Move? move) =>
        Hems.Of(set) switch
        {
            Hem.Unsaid => move is null ? "" : "not said",
            Hem.Left or Hem.Right => "each side",
            var hem => Hems.Words(hem),
        };

    /// <summary>The rest that the block gives where the line says none.</summary>
    private static string RestOf(Block block)
    {
        var gap = block.IsLinked ? block.Settings.Pause : block.Settings.Rest.FirstOrDefault();
        return gap is null ? "none" : $"{SheetWriter.WriteGap(gap)} s";
    }

    /// <summary>The value of a field.</summary>
    public string Text(string field) => Texts.GetValueOrDefault(field, "");

    private static string OptionText(Station station, OptionKind kind) =>
        station.Options.FirstOrDefault(o => o.Kind == kind) is { } option ? SheetWriter.WriteWay(option.Way) : "";

    private static string TakesText(List<WorkSet> sets)
    {
        if (sets.Count == 0)
            return "";
        var one = sets.Where(s => s.Round == 1).Sum(s => s.Length).InSeconds;
        return sets[0].Reps is null ? Say.Time(one) : $"≈ {Say.Time(one)}";
    }
}

/// <summary>An edit that was refused: where, what was typed and why.</summary>
public sealed record FailedEdit(string Do, int Block, int Station, string? Field, string Message, IReadOnlyList<SheetError> Errors, IReadOnlyDictionary<string, string> Typed);
