using System.Buffers;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Cards;

/// <summary>What a card says of the class before its blocks: title, minutes, people, place, kit, needs, focus, goal.</summary>
internal sealed partial class CardHead
{
    private static readonly SearchValues<char> Signs = SearchValues.Create(",|#[]()\"");
    private readonly Dictionary<string, List<string>> lists = [];

    public string Title { get; set; } = "";
    public int? Minutes { get; set; }
    public int? People { get; private set; }
    public string? Place { get; private set; }
    public string? Goal { get; private set; }

    public IReadOnlyList<string> List(string key) => lists.GetValueOrDefault(key) ?? [];

    /// <summary>Takes what a line says of the class.</summary>
    /// <param name="mayTitle">Whether words that say nothing else are the title.</param>
    /// <returns>What was understood, and the words that were not; null where the line says nothing of the class.</returns>
    public (string Read, string Over)? Take(string text, bool mayTitle)
    {
        var (read, rest) = (new List<string>(), new List<string>());
        var line = text;
        if (Key().Match(line) is { Success: true } key && KeyOf(key.Groups["k"].Value) is { } named)
            return (string.Join(", ", Keyed(named, line[key.Length..])), "");
        if (AtPlace().Match(line) is { Success: true } at)
        {
            Place ??= at.Groups["p"].Value.Trim();
            read.Add($"place: {Place}");
            line = line[..at.Index] + line[(at.Index + at.Length)..];
        }

        var titled = false;
        foreach (var piece in Pieces(line))
        {
            var left = piece;
            if (MinutesLong().Match(left) is { Success: true } minutes && int.Parse(minutes.Groups["n"].Value, CultureInfo.InvariantCulture) is > 0 and <= 720 and var booked)
            {
                if (Minutes is not null)
                {
                    rest.Add(piece);
                    continue;
                }

                Minutes = booked;
                read.Add($"{Minutes} minutes");
                left = (left[..minutes.Index] + " " + left[(minutes.Index + minutes.Length)..]).Trim(' ', ':', '-', ',', '.');
            }

            if (PeopleMany().Match(left) is { Success: true } people && int.Parse(people.Groups["n"].Value, CultureInfo.InvariantCulture) is > 0 and <= 1000 and var many)
            {
                People ??= many;
                read.Add($"{People} people");
                left = (left[..people.Index] + " " + left[(people.Index + people.Length)..]).Trim(' ', ':', '-', ',', '.');
            }

            if (left.Length == 0)
                continue;
            var isTitle = mayTitle && Title.Length == 0 && !titled && SpokenNeed().Match(left) is not { Success: true };
            var said = isTitle ? [] : Known(left);
            if (said.Count == 0 && left.LastIndexOf(' ') > 0 && SpokenNeed().Match(left) is { Success: true } need)
            {
                said = Known(need.Value);
                left = left.Remove(need.Index, need.Length).Trim();
                if (said.Count > 0 && left.Length > 0 && mayTitle && !titled && Title.Length == 0)
                    (Title, titled) = (left, true);
                Known(left);
            }
            else if (said.Count == 0 && mayTitle && Title.Length == 0)
            {
                (Title, titled) = (Capped(left.TrimEnd('.', ' ')), true);
                read.Insert(0, Title);
                Implied(left);
                continue;
            }

            if (titled && left == Title)
            {
                read.Insert(0, Title);
                Implied(left);
            }

            read.AddRange(said);
            if (said.Count == 0)
                rest.Add(left);
        }

        return read.Count == 0 ? null : (string.Join(" · ", read.Distinct()), string.Join(", ", rest));
    }

    /// <summary>The header's lines of a sheet.</summary>
    public IEnumerable<string> Lines()
    {
        if (Minutes is { } minutes)
            yield return string.Create(CultureInfo.InvariantCulture, $"minutes: {minutes}");
        if (Place is { } place)
            yield return $"place: {Quoted(place)}";
        if (List("focus") is { Count: > 0 } focus)
            yield return $"focus: {string.Join(", ", focus)}";
        if (Goal is { } goal)
            yield return $"goal: {goal}";
        if (List("audience") is { Count: > 0 } audience)
            yield return $"audience: {string.Join(", ", audience)}";
        if (People is { } people)
            yield return string.Create(CultureInfo.InvariantCulture, $"people: {people}");
        if (List("needs") is { Count: > 0 } needs)
            yield return $"needs: {string.Join(", ", needs.Select(Quoted))}";
        if (List("kit") is { Count: > 0 } kit)
            yield return $"kit: {string.Join(", ", kit.Select(Quoted))}";
    }

    /// <summary>A title may say what the class is for, with what and for whom: bums &amp; tums, bands, over sixties.</summary>
    private void Implied(string title)
    {
        var topic = Topic().Replace(title, "").Trim();
        foreach (var region in BriefWords.Focus(topic))
            Add("focus", region);
        foreach (var who in BriefWords.Audience(topic))
            Add("audience", who);
        if (BriefWords.Kit(topic) is { } kit)
            Add("kit", kit);
    }

    private static string Quoted(string text) => text.AsSpan().ContainsAny(Signs) ? $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : text;

    private static string Capped(string text) => text.Length > Limits.NameLetters ? text[..Limits.NameLetters] : text;

    private void Add(string key, string word)
    {
        if (!lists.TryGetValue(key, out var words))
            lists[key] = words = [];
        if (!words.Contains(word))
            words.Add(word);
    }

    private IEnumerable<string> Keyed(string key, string value)
    {
        var parts = Parts().Split(value).Select(p => p.Trim().TrimEnd('.')).Where(p => p.Length > 0).ToList();
        switch (key)
        {
            case "title":
                Title = Capped(value.Trim());
                return [Title];
            case "minutes" or "people":
                var number = Number().Match(value);
                if (number.Success && int.TryParse(number.Value, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n is > 0 and <= 720)
                {
                    Minutes = key == "minutes" ? n : Minutes;
                    People = key == "people" ? n : People;
                }

                return [$"{number.Value} {key}"];
            case "place":
                Place = value.Trim();
                return [$"place: {Place}"];
            case "goal":
                Goal = BriefWords.Goal(value) ?? Goal;
                if (BriefWords.Goal(value) is null)
                    Add("notes", $"goal: {value.Trim()}");
                return [$"goal: {Goal ?? value.Trim()}"];
            case "audience":
                foreach (var part in parts.Prepend(value.Trim()))
                    foreach (var who in BriefWords.Audience(part))
                        Add("audience", who);
                if (List("audience").Count == 0)
                    Add("notes", $"level: {value.Trim()}");
                return [$"audience: {string.Join(", ", List("audience"))}"];
            case "needs":
                foreach (var part in parts)
                    Add("needs", BriefWords.Need(part) ?? part);
                return [$"needs: {string.Join(", ", List("needs"))}"];
            case "focus":
                foreach (var part in BriefWords.Focus(value) is { IsEmpty: false } whole ? [.. whole] : parts.SelectMany(p => BriefWords.Focus(p) is { IsEmpty: false } known ? [.. known] : new[] { p }))
                    Add("focus", part);
                return [$"focus: {string.Join(", ", List("focus"))}"];
            default:
                foreach (var part in parts)
                    Add("kit", KitOf(part) ?? part);
                return [$"kit: {string.Join(", ", List("kit"))}"];
        }
    }

    /// <summary>What a piece says when all of it is understood; nothing otherwise.</summary>
    private List<string> Known(string piece)
    {
        var said = new List<string>();
        var stripped = Leading().Replace(piece, "");
        if (BriefWords.Need(piece) is { } need)
        {
            Add("needs", need);
            said.Add($"needs: {need}");
        }
        else if (BriefWords.Audience(stripped) is { IsEmpty: false } audience)
        {
            foreach (var who in audience)
                Add("audience", who);
            said.Add($"for {string.Join(", ", audience)}");
        }
        else if (Key().Match(piece + ":") is { Success: true } goalKey && piece.Contains(' ', StringComparison.Ordinal) && BriefWords.Goal(piece[(piece.IndexOf(' ', StringComparison.Ordinal) + 1)..]) is { } goal && goalKey.Length > 0)
        {
            Goal = goal;
            said.Add($"goal: {goal}");
        }
        else if (GoalSaid().Match(piece) is { Success: true } spoken && BriefWords.Goal(spoken.Groups["g"].Value) is { } aim)
        {
            Goal = aim;
            said.Add($"goal: {aim}");
        }
        else if (Words(piece, KitOf) is { Count: > 0 } kit)
        {
            foreach (var item in kit)
                Add("kit", item);
            said.Add($"kit: {string.Join(", ", kit)}");
        }
        else if (Words(FocusWord().Replace(piece, ""), p => BriefWords.Focus(p) is { IsEmpty: false } f ? string.Join(", ", f) : null) is { Count: > 0 } focus && !(Title.Length == 0 && lists.Count == 0 && Minutes is null))
        {
            foreach (var region in focus.SelectMany(f => f.Split(", ")))
                Add("focus", region);
            said.Add($"focus: {string.Join(", ", focus)}");
        }

        return said;
    }

    /// <summary>Each of several words parted by signs or “and”, where all of them are understood.</summary>
    private static List<string>? Words(string piece, Func<string, string?> understood)
    {
        if (understood(piece) is { } whole)
            return [whole];
        var parts = Joins().Split(piece).Select(p => p.Trim()).Where(p => p.Length > 0).ToList();
        var found = parts.ConvertAll(p => understood(p));
        return found.Count > 0 && found.TrueForAll(f => f is not null) ? found.ConvertAll(f => f!) : null;
    }

    /// <summary>A thing of the kit list with its number and weight: <c>2 x 8kg DBs</c>, <c>light dumbbells</c>, <c>chair (optional)</c>.</summary>
    private static string? KitOf(string words)
    {
        var m = KitSized().Match(words);
        if (!m.Success || BriefWords.Kit(m.Groups["item"].Value) is not { } item)
            return null;
        var many = new string([.. m.Groups["size"].Value.Where(char.IsAsciiDigit)]);
        var load = m.Groups["load"].Value.Replace(" ", "", StringComparison.Ordinal).ToLowerInvariant();
        var weighed = load.Length > 0 && char.IsAsciiDigit(load[0]);
        var count = many is "" or "1" && load.Length == 0 ? "" : many;
        var thing = count.Length > 0 && count != "1" && !item.EndsWith('s') ? item + "s" : item;
        var size = weighed && count.Length > 0 ? $"{count}x{load}" : $"{count} {load}".Trim();
        return $"{size} {thing}".Trim() + (words.Contains("optional", StringComparison.OrdinalIgnoreCase) ? " (optional)" : "");
    }

    private static string? KeyOf(string key) => key.ToLowerInvariant() switch
    {
        "kit" or "equipment" or "gear" or "you need" or "need" or "what you need" or "kit needed" or "you will need" => "kit",
        "minutes" or "length" or "duration" or "time" => "minutes",
        "people" or "class size" or "numbers" or "participants" or "group" => "people",
        "place" or "venue" or "where" or "location" => "place",
        "focus" or "target" or "body part" or "muscles" => "focus",
        "goal" or "aim" => "goal",
        "level" or "audience" or "who" or "for" => "audience",
        "needs" or "injuries" or "care" or "watch out" or "mind" => "needs",
        "title" or "class" or "class name" => "title",
        _ => null,
    };

    private static IEnumerable<string> Pieces(string line) => Between().Split(line).Select(p => p.Trim()).Where(p => p.Length > 0);

    [GeneratedRegex(@"^(?<k>[a-z][a-z ]{1,18}?)\s*(?:[:=]|\s-\s)\s*(?=\S|$)", RegexOptions.IgnoreCase)]
    private static partial Regex Key();

    [GeneratedRegex(@"(?:\s|^)@\s*(?<p>(?:the\s+)?[a-z][^,|;*]*?)(?=\s*(?:,|\||;|\*| - |$))", RegexOptions.IgnoreCase)]
    private static partial Regex AtPlace();

    [GeneratedRegex(@"\b(?<n>\d{1,3})\s*-?\s*(?:minutes?|mins?\b\.?|minuten|')(?:\s+(?:class|total|session|long))?", RegexOptions.IgnoreCase)]
    private static partial Regex MinutesLong();

    [GeneratedRegex(@"(?:\b(?:for|up to|about|max|group of|approx\.?)\s+)*\b(?<n>\d{1,4})\s*(?:people|ppl|persons?|participants|pax|folks|heads)\b|\b(?:group|class) of\s+(?<n>\d{1,4})\b", RegexOptions.IgnoreCase)]
    private static partial Regex PeopleMany();

    [GeneratedRegex(@"\s+-\s+|\s*[,;|]\s*|\s*//\s*|\s+\*\s+|\.\s+(?=[A-Z\d])|(?<=[a-z]{3}):\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Between();

    [GeneratedRegex(@"\s*[,;+&/]\s*|\s+and\s+|\s+-\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Parts();

    [GeneratedRegex(@"\s*[+&/]\s*|\s+and\s+|\s+with\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Joins();

    [GeneratedRegex(@"^(?:everyone\s+|each\s+|all\s+)?(?<size>(?:\d{1,3}\s*x?\s*)|a\s+|some\s+)?(?<load>\d{1,3}(?:\.\d)?\s*(?:kg|lb)s?\s+|light\s+|heavy\s+|moderate\s+|medium\s+)?(?<item>[a-z][a-z \-]+?)(?:\s*\(?optional\)?)?\.?$", RegexOptions.IgnoreCase)]
    private static partial Regex KitSized();

    [GeneratedRegex(@"^(?:for|level|all)\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Leading();

    [GeneratedRegex(@"^(?:goal|aim)\s+(?<g>.+)$", RegexOptions.IgnoreCase)]
    private static partial Regex GoalSaid();

    [GeneratedRegex(@"^(?:focus(?:\s+on)?|target)\s+|\s+(?:focus|day)$", RegexOptions.IgnoreCase)]
    private static partial Regex FocusWord();

    [GeneratedRegex(@"\b(?:no (?:jump(?:s|ing)?|impact|floor(?: work)?|kit|equipment|kneeling)|low impact|(?:bad|sore|dodgy) (?:knees?|wrists?|backs?|shoulders?|hips?|necks?))\b", RegexOptions.IgnoreCase)]
    private static partial Regex SpokenNeed();

    [GeneratedRegex(@"\b(?:strength|class|circuit|conditioning|session|workout|blast|burn|hour)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Topic();

    [GeneratedRegex(@"\d+")]
    private static partial Regex Number();
}
