using System.Globalization;
using JollySet.Core.Building;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan;

/// <summary>Turns a posted form into the edit it stands for. Every form says what it does in <c>do</c>.</summary>
internal static class EditForm
{
    private static readonly string[] BriefKeys = ["minutes", "place", "style", "focus", "goal", "audience", "people", "needs", "kit", "claims"];
    private static readonly string[] StationParts = ["move", "amount", "load", "tempo", "sides", "rest", "easier", "harder"];

    /// <summary>The edit, or null when the form asks for nothing known.</summary>
    public static PlanEdit? EditOf(IFormCollection form, ClassPlan plan, Timeline timeline)
    {
        var block = Text(form, "block");
        var station = Number(form, "station");
        var was = form.ContainsKey("was") ? Text(form, "was") : null;
        return ActionOf(form) switch
        {
            "brief" => new Several([.. Retitled(form, plan), .. Differing(form, BriefKeys, Brief(plan)).Select(l => new SetBriefLine(l.Key, l.Value))]),
            "sheet" => new ReplaceSheet(Text(form, "text")),
            "block" => new Several([.. Differing(form, BlockView.FieldKeys, Settings(plan, block)).Select(l => new SetBlockSetting(block, l.Key, l.Value)), .. Renamed(form, block)]),
            "block-text" => new ReplaceBlock(block, Text(form, "text")),
            "block-add" => new AddBlock(Text(form, "text")),
            "block-line" => new AddBlockLine(Text(form, "line")),
            "block-remove" => new RemoveBlock(block),
            "block-duplicate" => new DuplicateBlock(block),
            "block-up" => new MoveBlock(block, IndexOf(plan, block) - 1),
            "block-down" => new MoveBlock(block, IndexOf(plan, block) + 1),
            "add" => new AddStation(block, Text(form, "line")),
            "station" when was is not null && form.ContainsKey("line") && Text(form, "line").Trim() != was => new SetStation(block, station, Text(form, "line"), was),
            "station" => new SetStationParts(block, station, [.. Differing(form, StationParts, StationTexts(plan, block, station))], was),
            "remove" => new RemoveStation(block, station, was),
            "duplicate" => new DuplicateStation(block, station, was),
            "up" => new MoveStation(block, station, station - 1, was),
            "down" => new MoveStation(block, station, station + 1, was),
            "move" => new MoveStation(block, station, Number(form, "to"), was),
            "fit" => Core.Fitting.FitTo.Read(Number(form, "minutes"), Text(form, "edits")),
            "order" => Core.Ordering.PutInOrder.Read(Text(form, "edits")),
            "build" => Built(form, plan, timeline.Rules),
            "fix" => FindingOf(form, timeline) is { } finding ? new Mend(finding, finding.FixOrSearch(), timeline.Rules) : null,
            "dismiss" => FindingOf(form, timeline) is { MayBeDismissed: true } left ? new Dismiss(left.Code, left.Block, left.Mark, Text(form, "reason")) : null,
            "take-up" => new TakeUpAgain(Text(form, "code"), Text(form, "where") is { Length: > 0 } where ? where : null, Text(form, "mark")),
            _ => null,
        };
    }

    /// <summary>What the form asks for: the button pressed, or what the form does when none was.</summary>
    public static string ActionOf(IFormCollection form) => form["do"] is [.., { } last] ? last : "";

    /// <summary>Names a finding by what it says, so that a fix is only pressed for what was read.</summary>
    public static string FindingKey(Finding finding) => $"{finding.Code}|{finding.Block}|{string.Join(',', finding.Stations)}|{finding.Message}";

    private static Finding? FindingOf(IFormCollection form, Timeline timeline) => Review.Of(timeline).FirstOrDefault(f => FindingKey(f) == Text(form, "finding"));

    /// <summary>A warm-up or cool-down from what the main part loads, for the minutes given.</summary>
    private static PlanEdit? Built(IFormCollection form, ClassPlan plan, HouseRules rules)
    {
        var seconds = Math.Clamp(Number(form, "build-minutes"), 1, 30) * 60;
        var seed = Number(form, "seed");
        var built = Text(form, "build") == "cool-down" ? CoolDownBuilder.Build(plan, rules, seconds, seed) : WarmUpBuilder.Build(plan, rules, seconds, seed);
        return built is null ? null : PutBlock.Of(plan, built);
    }

    /// <summary>The parts of a station as their fields show them.</summary>
    public static Dictionary<string, string> StationTexts(ClassPlan plan, string block, int station) =>
        plan.Find(block) is { } found && station >= 1 && station <= found.Stations.Length
            ? StationRow.TextsOf(found.Stations[station - 1])
            : [];

    private static IEnumerable<(string Key, string Value)> Differing(IFormCollection form, IEnumerable<string> keys, Dictionary<string, string> now) =>
        keys.Where(key => form.ContainsKey(key) && Text(form, key).Trim() != now.GetValueOrDefault(key, "")).Select(key => (key, Text(form, key)));

    /// <summary>A new name goes last, so that the other edits still find the block.</summary>
    private static IEnumerable<PlanEdit> Renamed(IFormCollection form, string block) =>
        form.ContainsKey("name") && Text(form, "name").Trim() != block ? [new RenameBlock(block, Text(form, "name"))] : [];

    private static IEnumerable<PlanEdit> Retitled(IFormCollection form, ClassPlan plan) =>
        Text(form, "title") != plan.Title ? [new SetTitle(Text(form, "title"))] : [];

    private static Dictionary<string, string> Brief(ClassPlan plan) => PlanView.BriefTexts(plan.Brief);

    private static Dictionary<string, string> Settings(ClassPlan plan, string block) =>
        plan.Find(block) is { } found ? BlockView.SettingTexts(found) : [];

    private static int IndexOf(ClassPlan plan, string block) => plan.Find(block) is { } found ? plan.Blocks.IndexOf(found) : 0;

    private static string Text(IFormCollection form, string key) => form[key].ToString();

    private static int Number(IFormCollection form, string key) =>
        int.TryParse(form[key].ToString(), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number) ? number : 0;
}
