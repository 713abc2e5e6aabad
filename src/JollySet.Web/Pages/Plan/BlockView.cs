using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan;

/// <summary>One setting of the open block, as its field shows it.</summary>
public sealed record SettingField(string Key, string Label, string Value, string Hint, string? Error);

/// <summary>The open block, to be edited.</summary>
/// <param name="Repeats">The block it repeats, or null.</param>
public sealed record BlockView(
    string Name,
    int Index,
    int Count,
    string Format,
    string? Repeats,
    bool IsWords,
    string Length,
    ImmutableArray<SettingField> Settings,
    ImmutableArray<StationRow> Stations,
    ImmutableArray<string> Notes,
    string Text,
    FailedEdit? Failed)
{
    private static readonly ImmutableArray<(string Key, string Label, string Hint)> Fields =
    [
        ("format", "Format", "circuit"),
        ("rounds", "Rounds", "1"),
        ("work", "Work", "40"),
        ("rest", "Rest", "not said"),
        ("between", "Between rounds", "the rest"),
        ("demo", "Demo", "0"),
        ("water", "Water", "60 after round 2"),
        ("after", "After the block", "not said"),
    ];

    /// <summary>The settings of a block by key, with its format.</summary>
    public static Dictionary<string, string> SettingTexts(Block block)
    {
        var texts = SheetWriter.WriteSettings(block.Settings).ToDictionary(s => s.Key, s => s.Value);
        texts["format"] = SheetWriter.WriteFormat(block.Format);
        return texts;
    }

    /// <summary>The view of a block of a timeline.</summary>
    public static BlockView Of(Timeline timeline, Block block, IReadOnlyList<Finding> findings, FailedEdit? failed)
    {
        var plan = timeline.Plan;
        var index = plan.Blocks.IndexOf(block);
        var spelled = timeline.Blocks[index];
        var texts = SettingTexts(block);
        var mine = failed?.Block == block.Name ? failed : null;
        var used = SheetWriter.SettingsOf(spelled.Format);
        return new BlockView(
            block.Name,
            index,
            plan.Blocks.Length,
            Core.Plans.Words.FormatName(spelled.Format),
            block.Format is AgainFormat again ? again.Of : null,
            spelled.IsWords,
            Say.ClockOfTenths(Totals.Of(timeline).Blocks[index].Tenths),
            [
                .. Fields.Where(f => f.Key == "format" ? block.Format is not AgainFormat : used.Contains(f.Key)).Select(f => new SettingField(
                    f.Key,
                    f.Label,
                    mine is { Do: "block" } && mine.Typed.TryGetValue(f.Key, out var typed) ? typed : texts.GetValueOrDefault(f.Key, ""),
                    f.Hint,
                    mine is { Do: "block" } && mine.Field == f.Key ? mine.Message : null)),
            ],
            [.. Enumerable.Range(1, block.Stations.Length).Select(n => StationRow.Of(timeline, block, index, n, findings, mine?.Do is "station" ? mine : null))],
            block.Notes,
            mine is { Do: "block-text" } ? mine.Typed["text"] : SheetWriter.WriteBlock(plan, block),
            mine);
    }

    /// <summary>What was typed into the field for another station, when it was refused.</summary>
    public string TypedLine => Failed is { Do: "add" } ? Failed.Typed.GetValueOrDefault("line", "") : "";
}
