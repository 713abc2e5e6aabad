using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Building;
using JollySet.Core.Checks;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Spoken;
using JollySet.Core.Timing;

namespace JollySet.Web.Pages.Plan;

/// <summary>Turns a posted form into the edit it stands for: what it says otherwise than the revision it was made on. Every form says what it does in <c>do</c>, and names blocks and stations by their numbers.</summary>
internal static class EditForm
{
    private const int MostShown = 7200;
    private const int MostNeeds = 40;
    private static readonly string[] BriefKeys = ["minutes", "place", "style", "focus", "goal", "audience", "people", "needs", "kit", "claims"];
    private static readonly string[] StationParts = ["move", "amount", "load", "tempo", "sides", "rest", "easier", "harder", "note"];

    /// <summary>The edit, or null when the form asks for nothing known.</summary>
    /// <param name="plan">The class as it was when the form was made.</param>
    public static PlanEdit? EditOf(IFormCollection form, ClassPlan plan, Studio studio)
    {
        var block = Number(form, "block");
        var station = Number(form, "station");
        return ActionOf(form) switch
        {
            "brief" => new Several([.. Retitled(form, plan), .. Differing(form, BriefKeys, PlanView.BriefTexts(plan.Brief)).Select(l => new SetBriefLine(l.Key, l.Value)), .. Picked(form)]),
            "sheet" => new ReplaceSheet(Text(form, "text")),
            "block" => new Several([.. Differing(form, BlockView.FieldKeys, Settings(plan, block)).Select(l => new SetBlockSetting(block, l.Key, l.Value)), .. Renamed(form, plan, block)]),
            "block-text" => new ReplaceBlock(block, Text(form, "text")),
            "block-new" => FreshBlock.Text(Text(form, "kind"), plan) is { } fresh ? new AddBlock(fresh, AddBlockLine.PlaceIn(plan)) : null,
            "block-add" => new AddBlock(Text(form, "text")),
            "block-line" => new AddBlockLine(Text(form, "line")),
            "block-remove" => new RemoveBlock(block),
            "block-duplicate" => new DuplicateBlock(block),
            "block-up" => new MoveBlock(block, PlaceOf(plan, block) - 1),
            "block-down" => new MoveBlock(block, PlaceOf(plan, block) + 1),
            "block-move" => new MoveBlock(block, Number(form, "to") - 1),
            "add" => new AddStation(block, Text(form, "line"), Number(form, "to") is > 0 and var to ? to : null),
            "station" => StationEdit(form, plan, station, studio),
            "swap" => new SetStation(station, Text(form, "line")),
            "remove" => Numbers(form, "stations") is { IsEmpty: false } several ? new RemoveStations(several) : new RemoveStation(station),
            "duplicate" => new DuplicateStation(station),
            "up" => new MoveStation(station, NumberOf(plan, station) - 1),
            "down" => new MoveStation(station, NumberOf(plan, station) + 1),
            "move" => new MoveStation(station, Number(form, "to")),
            "say" => CommandLine.Read(Text(form, "say"), new Here(TimelineBuilder.Build(plan, studio), Number(form, "open"), Number(form, "at"))).Edit,
            "carry" => new CarryStation(station, Number(form, "goal"), Number(form, "to"), form.ContainsKey("copy")),
            "carry-together" => new CarryStations(Numbers(form, "stations"), Number(form, "goal"), Number(form, "before") is > 0 and var before ? before : null, form.ContainsKey("copy")),
            "pull" => new PullAmounts(Numbers(form, "stations"), Math.Clamp(Number(form, "steps"), -1000, 1000), ShownOf(Text(form, "shown"))),
            "fit" => Core.Fitting.FitTo.Read(Number(form, "minutes"), Text(form, "edits")),
            "order" => Core.Ordering.PutInOrder.Read(Text(form, "edits")),
            "shows" => Core.Options.ShowPlan.Of(TimelineBuilder.Build(plan, studio), Showing.ShowingModel.Asked(Math.Clamp(Number(form, "count"), 1, 2), Text(form, "first").Split(','), Text(form, "second").Split(','))).Edit,
            "kit-out" => WayOut(form, TimelineBuilder.Build(plan, studio)),
            "close-net" => Core.Options.Net.Close(TimelineBuilder.Build(plan, studio), [.. Text(form, "needs").Split(',', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Take(MostNeeds)]),
            "build" => Built(form, plan, studio),
            "fix" => FindingOf(form, plan, studio) is { } finding ? new Mend(finding, finding.FixOrSearch(), studio) : null,
            ['f', 'i', 'x', '-', .. var which] when FindingOf(form, plan, studio) is { } finding && int.TryParse(which, NumberStyles.None, CultureInfo.InvariantCulture, out var at) && at < finding.Choices.Length => new Mend(finding, finding.Choices[at].Edit, studio),
            "mend-safe" => TimelineBuilder.Build(plan, studio) is var timeline && SafeMends.Of(timeline, Review.Of(timeline)) is { Mends.IsEmpty: false } safe ? safe.Edit : null,
            "dismiss" => FindingOf(form, plan, studio) is { MayBeDismissed: true } left ? new Dismiss(left.Code, left.Block, left.Mark, Text(form, "reason")) : null,
            "take-up" => new TakeUpAgain(Text(form, "code"), Text(form, "where") is { Length: > 0 } where ? where : null, Text(form, "mark")),
            _ => null,
        };
    }

    /// <summary>What the form asks for: the button pressed, or what the form does when none was. One that was refused or stale carries what it first did in <c>did</c>.</summary>
    public static string ActionOf(IFormCollection form) => form["did"] is [.., { Length: > 0 } first] ? first : form["do"] is [.., { } last] ? last : "";

    /// <summary>Names a finding by what it says, so that a fix is only pressed for what was read.</summary>
    public static string FindingKey(Finding finding) => $"{finding.Code}|{finding.Block}|{string.Join(',', finding.Stations)}|{finding.Message}";

    private static Finding? FindingOf(IFormCollection form, ClassPlan plan, Studio studio) =>
        Review.Of(TimelineBuilder.Build(plan, studio)).FirstOrDefault(f => FindingKey(f) == Text(form, "finding"));

    /// <summary>The whole line where that was changed, else the fields that were.</summary>
    private static PlanEdit StationEdit(IFormCollection form, ClassPlan plan, int station, Studio studio)
    {
        var was = StationTexts(plan, station);
        if (form.ContainsKey("line") && Text(form, "line").Trim() != was.GetValueOrDefault("line", "").Trim())
            return new SetStation(station, Text(form, "line"));
        var parts = Differing(form, StationParts.Concat(form.Keys.Where(k => k.StartsWith("for ", StringComparison.Ordinal))), was).ToList();
        return parts is [("move", var name)] ? Core.Swapping.TypedOver.Of(plan, station, name, studio) : new Several([.. parts.Select(p => new SetStationPart(station, p.Key, p.Value))]);
    }

    /// <summary>The way out of a shortage that was pressed, reckoned again for the class as it is.</summary>
    private static PlanEdit? WayOut(IFormCollection form, Timeline timeline)
    {
        var (stock, people) = (Core.Kit.StockLine.Read(Text(form, "stock")).Lines, Math.Clamp(Number(form, "people"), 1, 1000));
        var demand = Core.Kit.KitDemands.Of(timeline, people, stock).FirstOrDefault(d => d.Item == Text(form, "item") && d.Size == Text(form, "size"));
        return demand is null ? null : Core.Swapping.KitWaysOut.For(timeline, demand, people, stock).FirstOrDefault(w => w.Kind == Text(form, "kind"))?.Edit;
    }

    /// <summary>A warm-up or cool-down from what the main part loads, for the minutes given.</summary>
    private static PlanEdit? Built(IFormCollection form, ClassPlan plan, Studio studio)
    {
        var seconds = Math.Clamp(Number(form, "build-minutes"), 1, 30) * 60;
        var seed = Number(form, "seed");
        var built = Text(form, "build") == "cool-down" ? CoolDownBuilder.Build(plan, studio, seconds, seed) : WarmUpBuilder.Build(plan, studio, seconds, seed);
        return built is null ? null : PutBlock.Of(plan, built);
    }

    private static Dictionary<string, string> StationTexts(ClassPlan plan, int station) =>
        plan.FindStation(station) is { } found ? StationRow.TextsOf(found.Block.Stations[found.At]) : [];

    private static IEnumerable<(string Key, string Value)> Differing(IFormCollection form, IEnumerable<string> keys, Dictionary<string, string> then) =>
        keys.Where(key => form.ContainsKey(key) && Text(form, key).Trim() != then.GetValueOrDefault(key, "").Trim()).Select(key => (key, Text(form, key)));

    /// <summary>A word that was picked for a line of the brief.</summary>
    private static IEnumerable<PlanEdit> Picked(IFormCollection form) =>
        BriefKeys.Where(key => form.ContainsKey(key)).Select(key => (key, was: Text(form, key), now: Shared.Picks.Added(form, key, Text(form, key)))).Where(l => l.now != l.was).Select(l => new SetBriefLine(l.key, l.now));

    /// <summary>A new name goes last, so that the other edits still read the block as it was.</summary>
    private static IEnumerable<PlanEdit> Renamed(IFormCollection form, ClassPlan plan, int block) =>
        form.ContainsKey("name") && plan.FindBlock(block) is { } found && Text(form, "name").Trim() != found.Name ? [new RenameBlock(block, Text(form, "name"))] : [];

    private static IEnumerable<PlanEdit> Retitled(IFormCollection form, ClassPlan plan) =>
        form.ContainsKey("title") && Text(form, "title").Trim() != plan.Title ? [new SetTitle(Text(form, "title"))] : [];

    private static Dictionary<string, string> Settings(ClassPlan plan, int block) =>
        plan.FindBlock(block) is { } found ? BlockView.SettingTexts(found) : [];

    private static int PlaceOf(ClassPlan plan, int block) => plan.FindBlock(block) is { } found ? plan.Blocks.IndexOf(found) : 0;

    private static int NumberOf(ClassPlan plan, int station) => plan.FindStation(station) is { } found ? found.At + 1 : 0;

    /// <summary>What a flag shows: “x12”, “40s”.</summary>
    private static Amount? ShownOf(string text) =>
        int.TryParse(text.Trim('x', 's'), NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number is > 0 and <= MostShown ? text.StartsWith('x') ? Reps.Of(Math.Min(number, Limits.Reps)) : Timed.OfSeconds(number) : null;

    private static ImmutableArray<int> Numbers(IFormCollection form, string key) =>
        [.. Text(form, key).Split(',').Select(n => int.TryParse(n, NumberStyles.None, CultureInfo.InvariantCulture, out var number) ? number : 0).Where(n => n > 0).Distinct().Take(Limits.Blocks * Limits.Stations)];

    private static string Text(IFormCollection form, string key) => form[key].ToString();

    private static int Number(IFormCollection form, string key) =>
        int.TryParse(form[key].ToString(), NumberStyles.AllowLeadingSign, CultureInfo.InvariantCulture, out var number) ? number : 0;
}
