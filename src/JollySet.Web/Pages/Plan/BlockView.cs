using System.Collections.Immutable;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan;

/// <summary>One setting of the open block, as its field shows it.</summary>
/// <param name="Choices">Value and word of each, where one of a few is chosen; empty for free text.</param>
/// <param name="IsRare">Whether it stands among the further settings.</param>
public sealed record SettingField(string Key, string Label, string Value, string Hint, string? Error, ImmutableArray<(string Value, string Word)> Choices, bool IsRare)
{
    /// <summary>What is odd about it as it stands; empty where nothing is.</summary>
    public string Note { get; init; } = "";
}

/// <summary>The open block, to be edited.</summary>
/// <param name="Repeats">The block it repeats, or null.</param>
public sealed record BlockView(
    int Id,
    string Name,
    int Index,
    int Count,
    string Format,
    string? Repeats,
    bool IsWords,
    string Length,
    ImmutableArray<SettingField> Settings,
    ImmutableArray<StationRow> Stations,
    ImmutableArray<ChangeRow> Changes,
    ImmutableArray<string> Notes,
    string Text,
    FailedEdit? Failed)
{
    /// <summary>What could stand in its place, where that was asked; null else.</summary>
    public SwapsView? Swaps { get; init; }

    private static readonly ImmutableArray<(string Value, string Word)> NoYes = [("", "no"), ("yes", "yes")];

    private static readonly ImmutableArray<(string Key, string Label, string Hint, ImmutableArray<(string, string)> Choices, bool IsRare)> Fields =
    [
        ("format", "Format", "circuit", [], false),
        ("rounds", "Rounds", "1", [], false),
        ("work", "Work", "40", [], false),
        ("every", "A slot is", "60s", [], false),
        ("beat", "Beats a minute", "120", [], false),
        ("rest", "Rest", "not said", [], false),
        ("pause", "Pause within", "not said", [], false),
        ("between", "Between rounds", "the rest", [], false),
        ("after", "After the block", "not said", [], false),
        ("demo", "Demo", "0", [], true),
        ("water", "Water", "60 after round 2", [], true),
        ("each side", "All one side first", "", [("", "no"), ("yes", "left first"), ("right first", "right first")], true),
        ("optional", "May be dropped", "", NoYes, true),
        ("joined", "Goes on from the one before", "", NoYes, true),
    ];

    /// <summary>Every setting that has a field, by its key.</summary>
    public static IEnumerable<string> FieldKeys => Fields.Select(f => f.Key);

    /// <summary>The settings of a block by key, with its format.</summary>
    public static Dictionary<string, string> SettingTexts(Block block)
    {
        var texts = SheetWriter.WriteSettings(block.Settings).ToDictionary(s => s.Key, s => s.Value);
        texts["format"] = FormatSaid(block.Format);
        return texts;
    }

    /// <summary>The format as a person reads it; the notation takes these words too.</summary>
    private static string FormatSaid(BlockFormat format) => format switch
    {
        PrepareFormat => "warm-up",
        ReleaseFormat => "cool-down",
        OwnFormat => "own time" + SheetWriter.WriteFormat(format)["own".Length..],
        _ => SheetWriter.WriteFormat(format),
    };

    /// <summary>The view of a block of a timeline.</summary>
    public static BlockView Of(Timeline timeline, Totals totals, Block block, int revision, IReadOnlyList<Finding> findings, FailedEdit? failed)
    {
        var plan = timeline.Plan;
        var index = plan.Blocks.IndexOf(block);
        var spelled = timeline.Blocks[index];
        var texts = SettingTexts(block);
        var mine = failed?.Block == block.Id ? failed : null;
        var used = SheetWriter.SettingsOf(spelled.Format);
        var setsHere = timeline.Sets.Where(s => s.Block == index).ToLookup(s => s.Station);
        return new BlockView(
            block.Id,
            block.Name,
            index,
            plan.Blocks.Length,
            Core.Plans.Words.FormatName(spelled.Format),
            block.Format is AgainFormat again ? again.Of : null,
            spelled.IsWords,
            Say.Clock(totals.Blocks[index].Length),
            [
                .. Fields.Where(f => f.Key == "format" ? block.Format is not AgainFormat : used.Contains(f.Key)).Select(f => new SettingField(
                    f.Key,
                    f.Label,
                    mine is { Do: "block" } && mine.Typed.TryGetValue(f.Key, out var typed) ? typed : texts.GetValueOrDefault(f.Key, ""),
                    f.Hint,
                    mine is { Do: "block" } && mine.Field == f.Key ? mine.Message : null,
                    f.Choices,
                    f.IsRare)
                {
                    Note = f.Key == "work" && !block.Settings.Work.IsEmpty && !block.Stations.IsEmpty && block.Stations.All(s => s.Amount is not null) ? "No station uses it: each says how much itself." : "",
                }),
            ],
            [.. Enumerable.Range(1, block.Stations.Length).Select(n => StationRow.Of(timeline, setsHere[n], block, index, n, findings, mine?.Do is "station" ? mine : null))],
            ChangeRow.Of(timeline, index),
            block.Notes,
            mine is { Do: "block-text" } ? mine.Typed.GetValueOrDefault("text", "") : SheetWriter.WriteBlock(plan, block),
            mine)
        {
            Builds = BuildsOf(totals, block, index, revision),
        };
    }

    /// <summary>What of it stands on the page: another format or another kind of block has other fields.</summary>
    public string Shape => $"{Format} {Repeats} {IsWords} {Builds is not null}";

    /// <summary>What may be built anew in its place, with the minutes it has now; null for other blocks.</summary>
    public BuildView? Builds { get; init; }

    private static BuildView? BuildsOf(Totals totals, Block block, int index, int revision)
    {
        var minutes = Math.Clamp((int)Math.Round(totals.Blocks[index].Length.InMinutes, MidpointRounding.AwayFromZero), 1, 30);
        BuildView Of(string what, int least) => new(revision, block.Id, what, Math.Max(least, minutes), $"Another {what}");
        return block.Format switch { PrepareFormat => Of("warm-up", 3), ReleaseFormat => Of("cool-down", 2), _ => null };
    }

    /// <summary>What was typed into the field for another station, when it was refused.</summary>
    public string TypedLine => Failed is { Do: "add" } ? Failed.Typed.GetValueOrDefault("line", "") : "";
}
