using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Building;
using JollySet.Core.Checks;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Core.Spoken;

/// <summary>Reads what an instructor says to a class: “rest 30”, “row x12”, “swap squat for lunge”, “fit 25”, “warm-up 4”.</summary>
public static partial class CommandLine
{
    /// <summary>Every way of speaking, first that fits.</summary>
    private static readonly ImmutableArray<(Regex Form, Func<Match, Here, Said?> Read)> Forms =
    [
        (Plain(), (m, _) => new Said($"{m.Value.ToLowerInvariant()}", Way: m.Value.ToLowerInvariant())),
        (Mending(), (m, here) => m.Groups["all"].Success ? MendSafe(here) : MendWorst(here)),
        (Fitting(), (m, _) => new Said($"fit it to {m.Groups["n"].Value} minutes", Way: $"fit {m.Groups["n"].Value}")),
        (Making(), (m, here) => Made(here, m.Groups["what"].Value[0] is 'w' or 'W', m.Groups["n"].Success ? Number(m) : 0)),
        (Swapping(), (m, here) => Swapped(here, m.Groups["x"].Value, m.Groups["y"].Value)),
        (Moving(), (m, here) => Moved(here, m.Groups["x"].Value, m.Groups["y"].Value, m.Groups["side"].Value.Equals("after", StringComparison.OrdinalIgnoreCase))),
        (Taking(), (m, here) => Taken(here, m.Groups["x"].Value)),
        (Repeating(), (m, here) => At(here, m.Groups["x"].Value, s => new Said($"{Name(s)} once more", new DuplicateStation(s.Id)))),
        (CountFirst(), (m, here) => Set(here, "rounds", m.Groups["n"].Value, m.Groups["where"].Value)),
        (Setting(), (m, here) => Set(here, m.Groups["key"].Value.ToLowerInvariant(), m.Groups["value"].Value, m.Groups["where"].Value)),
        (Title(), (m, _) => new Said($"title: {m.Groups["value"].Value}", new SetTitle(m.Groups["value"].Value))),
        (BriefLine(), (m, here) => Told(here, m.Groups["key"].Value.ToLowerInvariant(), m.Groups["value"].Value.Trim())),
        (WholeBlock(), (m, _) => new Said("adds a block", new AddBlockLine(m.Value))),
        (Adding(), (m, here) => Added(here, m.Groups["line"].Value)),
        (Amount(), (m, here) => here.StationNamed(m.Groups["x"].Value) is { } station ? Changed(station, m.Groups["part"].Value) : null),
    ];

    /// <summary>What can be said, by example.</summary>
    public static ImmutableArray<string> Examples { get; } =
    [
        "rest 30", "rest 20 in B", "3 rounds", "row x12", "squat 45s", "row heavy", "swap push-up for floor press", "row before squat", "add dead bug 40s", "take out crunch", "squat once more",
        "warm-up 4", "fit 25", "minutes 45", "needs knees", "mend", "mend all", "undo", "undo all", "teach",
    ];

    /// <summary>What a line says; what it does not understand it says.</summary>
    public static Said Read(string line, Here here)
    {
        var words = Courtesy().Replace(line.Trim().TrimEnd('.', '!'), "").Trim();
        if (words.Length == 0)
            return Said.Not("");
        foreach (var (form, read) in Forms)
            if (form.Match(words) is { Success: true } match && read(match, here) is { } said)
                return said;
        return here.StationNamed(words) is { } there ? new Said($"opens {Name(there)}", Way: $"at {there.Id}")
            : here.Timeline.Facts.MoveOf(SheetReader.ReadStation(words, here.Plan).Station is { Doing: OneMove one } ? one.Name : "") is not null ? Added(here, words)
            : Said.Not($"“{words}” is not understood. Say it as “{Examples[0]}”, “{Examples[3]}” or “{Examples[6]}”.");
    }

    private static Said At(Here here, string words, Func<Station, Said> then) =>
        here.StationNamed(words) is { } station ? then(station) : Said.Not($"no “{words.Trim()}” in this class");

    private static string Name(Station station) => Facts.NameOf(station.Doing);

    private static Said Set(Here here, string key, string value, string where)
    {
        var block = where.Length > 0 ? here.BlockNamed(where) : here.Open;
        if (block is null)
            return Said.Not(where.Length > 0 ? $"no block “{where.Trim()}” in this class" : "this class has no block yet");
        return new Said($"{key} {value} in {block.Name}", new SetBlockSetting(block.Id, key, value.Trim()));
    }

    /// <summary>A line of the brief. What is a list gains what is said: whom to spare is never dropped by naming another.</summary>
    private static Said Told(Here here, string key, string value)
    {
        var was = SheetWriter.WriteBrief(here.Plan.Brief).FirstOrDefault(l => l.Key == key).Value ?? "";
        var then = key is "needs" or "kit" or "claims" && was.Length > 0 ? $"{was}, {value}" : value;
        return new Said($"{key}: {then}", new SetBriefLine(key, then));
    }

    private static Said Swapped(Here here, string old, string name) => At(here, old, station =>
        here.Timeline.Facts.MoveOf(name.Trim()) is { } move ? new Said($"{move.Name} in place of {Name(station)}", TypedOver.Of(here.Plan, station.Id, move.Name, here.Timeline.Studio)) : Said.Not($"“{name.Trim()}” is no move of the library; its own name may be near: {string.Join(", ", here.Timeline.Library.Reader.Read(name.Trim()).Nearest)}"));

    private static Said Moved(Here here, string what, string goal, bool after) => At(here, what, station => At(here, goal, other =>
    {
        if (station.Id == other.Id)
            return Said.Not("that is the same station");
        var there = here.Plan.FindStation(other.Id)!.Value;
        var mine = here.Plan.FindStation(station.Id)!.Value;
        var to = there.At + (after ? 2 : 1) - (mine.Block == there.Block && mine.At < there.At ? 1 : 0);
        return new Said($"{Name(station)} {(after ? "after" : "before")} {Name(other)}", new CarryStation(station.Id, there.Block.Id, to));
    }));

    private static Said Taken(Here here, string what)
    {
        if (here.StationNamed(what) is { } station)
            return new Said($"takes {Name(station)} out", new RemoveStation(station.Id));
        return here.BlockNamed(what) is { } block ? new Said($"takes {block.Name} out", new RemoveBlock(block.Id)) : Said.Not($"no “{what.Trim()}” in this class");
    }

    private static Said Added(Here here, string line) => here.Open is { IsWords: false } block
        ? new Said($"{line.Trim()} into {block.Name}", new AddStation(block.Id, line.Trim(), here.Plan.FindStation(here.Station) is { } open && open.Block == block ? open.At + 2 : null))
        : Said.Not("open a block that has stations first");

    private static Said Changed(Station station, string part)
    {
        var key = LoadWords().IsMatch(part) ? "load" : part.StartsWith('@') ? "tempo" : SideWords().IsMatch(part) ? "sides" : "amount";
        return new Said($"{Name(station)} {part}", new SetStationPart(station.Id, key, key == "amount" ? AmountOf(station, part) : part));
    }

    /// <summary>An amount as the sheet writes it; a bare number is reps where the station has reps.</summary>
    private static string AmountOf(Station station, string part)
    {
        var (number, unit) = (Leading().Match(part).Value, Leading().Replace(part, "").Trim());
        return unit switch
        {
            "" when number.StartsWith('x') || number.StartsWith('X') => number.ToLowerInvariant(),
            "" => SheetWriter.WriteAmount(station.Amount).StartsWith('x') ? "x" + number : number + "s",
            "reps" or "rep" => "x" + number.TrimStart('x', 'X'),
            "m" or "min" => number + "min",
            _ => number + "s",
        };
    }

    private static Said Made(Here here, bool isWarmUp, int minutes)
    {
        var (what, seconds) = (isWarmUp ? "warm-up" : "cool-down", Math.Clamp(minutes == 0 ? isWarmUp ? 5 : 3 : minutes, 1, 30) * 60);
        var built = isWarmUp ? WarmUpBuilder.Build(here.Plan, here.Timeline.Studio, seconds) : CoolDownBuilder.Build(here.Plan, here.Timeline.Studio, seconds);
        return built is null ? Said.Not($"there is no main part yet to make a {what} for") : new Said($"a {what} of {seconds / 60} min", PutBlock.Of(here.Plan, built));
    }

    private static Said MendWorst(Here here) =>
        Review.Of(here.Timeline).FirstOrDefault(f => f.MayBeFixed) is { } worst ? new Said($"{worst.FixSays(here.Plan)}: {worst.Message}", new Mend(worst, worst.FixOrSearch(), here.Timeline.Studio)) : Said.Not("nothing that one press would mend");

    private static Said MendSafe(Here here) =>
        SafeMends.Of(here.Timeline, Review.Of(here.Timeline)) is { Mends.IsEmpty: false } safe ? new Said(string.Join("; ", safe.Mends.Select(m => m.Says)), safe.Edit) : Said.Not("nothing that is safe to mend by itself");

    private static int Number(Match match) => int.Parse(match.Groups["n"].Value, CultureInfo.InvariantCulture);

    private const RegexOptions Any = RegexOptions.IgnoreCase | RegexOptions.CultureInvariant;

    [GeneratedRegex(@"^(?:please\s+|make\s+(?:the\s+)?|set\s+(?:the\s+)?|let'?s\s+|can you\s+)+", Any)]
    private static partial Regex Courtesy();

    [GeneratedRegex(@"^(?:undo|redo|undo all|teach|print|balance|effort|order|fit|brief|sheet|history)$", Any)]
    private static partial Regex Plain();

    [GeneratedRegex(@"^mend(?:\s+(?:it|the worst)|\s+(?<all>all|what is safe|everything|safe))?$", Any)]
    private static partial Regex Mending();

    [GeneratedRegex(@"^fit(?:\s+(?:it\s+)?(?:to|in))?\s+(?<n>[0-9]{1,3})(?:\s*min(?:ute)?s?)?$", Any)]
    private static partial Regex Fitting();

    [GeneratedRegex(@"^(?:a\s+|new\s+|another\s+)?(?<what>warm[- ]?up|cool[- ]?down)(?:\s+(?:of\s+)?(?<n>[0-9]{1,2})(?:\s*min(?:ute)?s?)?)?$", Any)]
    private static partial Regex Making();

    [GeneratedRegex(@"^(?:(?:swap|replace|change)\s+(?<x>.+?)\s+(?:for|with|by|to)\s+(?<y>.+)|(?<y>.+?)\s+(?:instead of|in place of)\s+(?<x>.+)|(?<x>.+?)\s*(?:->|→|=>)\s*(?<y>.+))$", Any)]
    private static partial Regex Swapping();

    [GeneratedRegex(@"^(?:move\s+|put\s+)?(?<x>.+?)\s+(?<side>before|after)\s+(?!round)(?<y>[^0-9].*)$", Any)]
    private static partial Regex Moving();

    [GeneratedRegex(@"^(?:take out|remove|delete|drop|without|no more)\s+(?<x>.+)$|^take\s+(?<x>.+?)\s+out$", Any)]
    private static partial Regex Taking();

    [GeneratedRegex(@"^(?:duplicate|repeat|again)\s+(?<x>.+)$|^(?<x>.+?)\s+(?:again|once more|twice)$", Any)]
    private static partial Regex Repeating();

    [GeneratedRegex(@"^(?<n>[0-9]{1,2})\s+rounds(?:\s+in\s+(?<where>.+))?$", Any)]
    private static partial Regex CountFirst();

    [GeneratedRegex(@"^(?<key>rounds|work|rest|between|after|pause|every|beat|water|demo|format)s?\s+(?:to\s+)?(?<value>.+?)(?:\s+in\s+(?<where>.+))?$", Any)]
    private static partial Regex Setting();

    [GeneratedRegex(@"^(?:title|name|call it)\s+(?<value>.+)$", Any)]
    private static partial Regex Title();

    [GeneratedRegex(@"^(?<key>minutes|place|style|focus|goal|audience|people|needs|kit|claims)\s*:?\s+(?<value>.+)$", Any)]
    private static partial Regex BriefLine();

    [GeneratedRegex(@"^[^:]*[0-9][^:]*:\s*\S.*$", Any)]
    private static partial Regex WholeBlock();

    [GeneratedRegex(@"^(?:add|and)\s+(?:an?\s+)?(?<line>.+)$", Any)]
    private static partial Regex Adding();

    [GeneratedRegex(@"^(?<x>.*?[a-z].*?)\s+(?:to\s+|for\s+)?(?<part>x?[0-9]+(?:[-–][0-9]+)?\s*(?:s|sec|secs|seconds|reps|m|min)?|@\S+|none|light|moderate|heavy|each side|alternating|both|switch halfway)$", Any)]
    private static partial Regex Amount();

    [GeneratedRegex("^(?:none|light|moderate|heavy)$", Any)]
    private static partial Regex LoadWords();

    [GeneratedRegex("^(?:each side|alternating|both|switch halfway)$", Any)]
    private static partial Regex SideWords();

    [GeneratedRegex(@"^x?[0-9]+(?:[-–][0-9]+)?", Any)]
    private static partial Regex Leading();
}
