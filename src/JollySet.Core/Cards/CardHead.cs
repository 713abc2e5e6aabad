using System.Buffers;
using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Cards;

/// <summary>What a card says of the class before its blocks: title, minutes, people, place, kit, needs, focus, goal.</summary>
internal sealed partial class CardHead
{
    private static readonly SearchValues<char> Signs = SearchValues.Create(",|#[]()\"");
    private static readonly ImmutableArray<string> ImpliedKeys = ["focus", "audience", "kit"];
    private const string SizesApart = "${a} ${thing} + ${b} ${thing}";
    private readonly Dictionary<string, List<string>> lists = [];

    public string Title { get; set; } = "";
    public int? Minutes { get; set; }
    public int? People { get; set; }
    public string? Place { get; private set; }
    public string? Goal { get; private set; }

    public IReadOnlyList<string> List(string key) => lists.GetValueOrDefault(key) ?? [];

    /// <summary>Takes what a line says of the class.</summary>
    /// <param name="mayTitle">Whether words that say nothing else are the title.</param>
    /// <returns>What was understood, and the words that were not; null where the line says nothing of the class.</returns>
    public (string Read, string Over)? Take(string text, bool mayTitle)
    {
        var (read, over) = (new List<string>(), new List<string>());
        if (Key().Match(text) is { Success: true } key && KeyOf(key.Groups["k"].Value) is { } named)
        {
            read.AddRange(Keyed(named, text[key.Length..].Trim(), over));
            return read.Count == 0 ? null : (string.Join(" · ", read), string.Join(", ", over));
        }

        var line = text;
        if (Place is null && AtPlace().Match(line) is { Success: true } at)
        {
            Place = at.Groups["p"].Value.Trim();
            read.Add($"place: {Place}");
            line = line.Remove(at.Index, at.Length);
        }

        // What stands in brackets is told for itself: “lower body (gym floor, 8 people)”.
        var asides = new List<string>();
        line = Bracketed().Replace(line, m =>
        {
            if (NeedsIn(m.Groups["in"].Value).Needs is { IsEmpty: false } needs && m.Groups["in"].Value.Contains(' ', StringComparison.Ordinal) && !IsAside(m.Groups["in"].Value))
            {
                foreach (var need in needs)
                    AddNeed(need);
                over.Add(m.Groups["in"].Value);
                read.Add($"needs: {string.Join(", ", needs)}");
                return " ";
            }

            if (!IsAside(m.Groups["in"].Value))
                return m.Value;
            asides.Add(m.Groups["in"].Value);
            return m.Index == 0 ? "" : ", ";
        });
        foreach (var piece in Pieces(line))
        {
            // A letter has no title, and what it greets with is kept.
            if (mayTitle && Title.Length == 0 && Greets().IsMatch(piece))
            {
                over.Add(piece);
                mayTitle = false;
                continue;
            }

            TakePiece(piece, mayTitle, read, over);
        }

        foreach (var piece in asides.SelectMany(Pieces))
            TakePiece(piece, mayTitle: false, read, over);
        return read.Count == 0 ? null : (string.Join(" · ", read.Distinct()), string.Join(", ", over));
    }

    /// <summary>Whether all that stands in brackets is something the head has a place for.</summary>
    private static bool IsAside(string inside)
    {
        var trial = new CardHead();
        var (read, over) = (new List<string>(), new List<string>());
        foreach (var piece in Pieces(inside))
            trial.TakePiece(piece, mayTitle: false, read, over);
        return read.Count > 0 && over.Count == 0;
    }

    // One of them is in everything a need is spoken in: looked for before the pattern.
    private static readonly SearchValues<string> NeedSigns = SearchValues.Create(["knee", "wrist", "back", "shoulder", "hip", "neck", "space", "jump", "impact", "floor", "down", "kit", "equipment", "kneel", "pregnan", "blood", "hypertension", "osteoporosis", "vertigo", "dizz", "natal"], StringComparison.OrdinalIgnoreCase);

    /// <summary>The needs spoken of in a sentence, as they are judged, and its words without them.</summary>
    public static (ImmutableArray<string> Needs, string Others) NeedsIn(string text)
    {
        var (needs, others) = (ImmutableArray.CreateBuilder<string>(), text);
        while (others.AsSpan().ContainsAny(NeedSigns) && SpokenNeed().Match(others) is { Success: true } spoken && BriefWords.Need(spoken.Groups["part"] is { Success: true } part ? $"bad {part.Value.TrimEnd('s', 'S')}" : spoken.Value) is { } need)
        {
            needs.Add(need);
            // “Bad knees and wrists”: the next words are needs too.
            var after = Joins().Split(others[(spoken.Index + spoken.Length)..]).Select(w => w.Trim()).ToList();
            var also = after.Skip(1).TakeWhile(w => BriefWords.Need(w) is not null).ToList();
            needs.AddRange(after[0].Length == 0 ? also.Select(w => BriefWords.Need(w)!) : []);
            others = others[..spoken.Index].TrimEnd() + " " + (after[0].Length == 0 ? string.Join(" and ", after.Skip(1 + also.Count)) : others[(spoken.Index + spoken.Length)..].TrimStart());
        }

        return (needs.ToImmutable(), needs.Count == 0 && text.Contains('(', StringComparison.Ordinal) ? text.Trim(' ', ',', ';', ':', '-') : LooseEnds().Replace(others, "").Trim());
    }

    /// <summary>What a spoken sentence says of the class: its regions and kit, wherever they stand in it.</summary>
    /// <param name="kitOnly">Whether regions are left alone.</param>
    public void Overhear(string sentence, bool kitOnly = false)
    {
        var words = sentence.Split([' ', ',', '.', '!', '?', ':', ';'], StringSplitOptions.RemoveEmptyEntries);
        for (var from = 0; from < words.Length; from++)
            for (var length = Math.Min(3, words.Length - from); length > 0; length--)
            {
                var phrase = string.Join(' ', words[from..(from + length)]);
                foreach (var region in length > 1 && !kitOnly ? BriefWords.Focus(phrase) : [])
                    Add("focus", region);
                foreach (var who in length > 1 && !kitOnly ? BriefWords.Audience(phrase) : [])
                    Add("audience", who);
                if ((length > 1 || phrase.Length > 4) && !(from > 0 && words[from - 1].ToLowerInvariant() is "no" or "without") && BriefWords.Kit(phrase) is { } thing)
                    Add("kit", thing);
            }
    }

    /// <summary>Notes kit of the class, where the words are known.</summary>
    public void AddKit(string words)
    {
        if (BriefWords.Kit(words) is { } thing)
            Add("kit", thing);
    }

    /// <summary>Notes the things of a list that are known: “1 DB, mat, chair”.</summary>
    public void AddKits(string list)
    {
        foreach (var thing in Parts().Split(list).Select(KitOf).OfType<string>())
            Add("kit", thing);
    }

    /// <summary>Hears how many come, where that is said beside other words.</summary>
    public void HearPeople(string words)
    {
        if (People is null && PeopleMany().Match(words) is { Success: true } people && Whole(people) is > 0 and <= 1000 and var many)
            People = many;
    }

    /// <summary>Notes a need of the class.</summary>
    public void AddNeed(string need) => Add("needs", need);

    private void TakePiece(string piece, bool mayTitle, List<string> read, List<string> over)
    {
        if (piece.Contains(':', StringComparison.Ordinal) && Key().Match(piece) is { Success: true } key && KeyOf(key.Groups["k"].Value) is { } named && named != "title" && Keyed(named, piece[key.Length..].Trim(), over) is { Count: > 0 } keyed)
        {
            read.AddRange(keyed);
            return;
        }

        var left = piece;
        if (Minutes is null && MinutesLong().Match(left) is { Success: true } minutes && Whole(minutes) is > 0 and <= 720 and var booked)
        {
            Minutes = booked;
            read.Add($"{Minutes} minutes");
            left = Without(left, minutes);
        }

        if (People is null && PeopleMany().Match(left) is { Success: true } people && Whole(people) is > 0 and <= 1000 and var many)
        {
            People = many;
            read.Add($"{People} people");
            left = Without(left, people);
        }

        if (mayTitle && Place is null && PlaceWithin().Match(left) is { Success: true } within)
        {
            Place = within.Groups["p"].Value;
            read.Add($"place: {Place}");
            left = Without(left, within);
        }

        if (mayTitle && Title.Length == 0 && Minutes is null && MinutesBare().Match(left) is { Success: true } bare)
        {
            Minutes = Whole(bare);
            read.Add($"{Minutes} minutes");
            left = left[..bare.Index].Trim();
        }

        left = Hollow().Replace(left, " ").Trim();
        // “Strength A (dumbbells)”.
        if (BracketedEnd().Match(left) is { Success: true } end && Words(end.Groups["in"].Value, KitOf) is { Count: > 0 } things)
        {
            things.ForEach(t => Add("kit", t));
            read.Add($"kit: {string.Join(", ", things)}");
            left = left[..end.Index].Trim();
        }

        if (left.Length == 0 || (left.Length < piece.Length && CardPhrases.IsEmpty(left)))
            return;
        // A tag is no part of a name; how somebody begins to speak is none either.
        if (mayTitle && Hashed().Matches(left) is { Count: > 0 } tags && tags.Count < left.Split(' ').Length)
        {
            over.Add(string.Join(' ', tags.Select(t => t.Value.Trim())));
            left = Hashed().Replace(left, " ").Trim();
        }

        if (mayTitle && Title.Length == 0 && Speaks().Replace(left, "") is var rest && rest.Length < left.Length && (rest.Length == 0 || Known(rest) is { Count: > 0 }))
        {
            read.AddRange(rest.Length == 0 ? [] : Known(rest));
            return;
        }

        var mayName = mayTitle && Title.Length == 0;
        if (!mayName && Known(left) is { Count: > 0 } said)
        {
            read.AddRange(said);
            return;
        }

        if (Place is null && !mayName && SomePlace().IsMatch(left.TrimEnd('.')) && NeedsIn(left).Needs.IsEmpty)
        {
            Place = left.TrimEnd('.');
            read.Add($"place: {Place}");
            return;
        }

        // “Strength for life – Weds 10am”: a day belongs to the name.
        if (mayTitle && Title.Length > 0 && (When().IsMatch(left) || (Title.Split(" – ").All(t => When().IsMatch(t)) && left.Split(' ').Length <= CardPhrases.FewWords && !left.Any(char.IsAsciiDigit) && NeedsIn(left).Needs.IsEmpty)))
        {
            Title = Capped($"{Title} – {left}");
            read.Add(Title);
            read.AddRange(Implied(left));
            return;
        }

        var (needs, others) = NeedsIn(left);
        foreach (var need in needs)
            AddNeed(need);
        if (!needs.IsEmpty)
            read.Add($"needs: {string.Join(", ", needs)}");
        if (mayName && others.Length > 0)
        {
            // What comes first is part of the name (“low impact Tuesday”), what comes after it is not (“bums and tums, no jumping”).
            left = Hollow().Replace(left, " ").Trim();
            Title = Capped((left.EndsWith(others, StringComparison.Ordinal) || !left.StartsWith(others, StringComparison.Ordinal) ? left : others).TrimEnd('.', ' '));
            read.Insert(0, Title);
            read.AddRange(Implied(others));
        }
        else if (others.Length > 0 && (needs.IsEmpty || Known(others).Count == 0))
        {
            over.Add(left);
        }
    }

    private static int Whole(Match m) => int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture);

    private static string Without(string text, Match m) => (text[..m.Index].TrimEnd() + " " + text[(m.Index + m.Length)..].TrimStart()).Trim(' ', ':', '-', ',', '.');

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
    private List<string> Implied(string title)
    {
        var before = ImpliedKeys.ToDictionary(key => key, key => List(key).Count);
        Imply(title);
        return [.. ImpliedKeys.Where(key => List(key).Count > before[key]).Select(key => $"{key}: {string.Join(", ", List(key).Skip(before[key]))}")];
    }

    private void Imply(string title)
    {
        var topic = Topic().Replace(Bracketed().Replace(title, ""), "").Trim();
        foreach (var region in BriefWords.Focus(topic) is { IsEmpty: false } whole ? whole : Joins().Split(topic).SelectMany(p => BriefWords.Focus(p.Trim())))
            Add("focus", region);
        foreach (var who in BriefWords.Audience(topic))
            Add("audience", who);
        // “KB flow”, “total body DBs”.
        var ends = topic.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        foreach (var thing in new[] { topic, ends.FirstOrDefault() ?? "", ends.LastOrDefault() ?? "" }.Select(BriefWords.Kit).OfType<string>().Distinct())
            Add("kit", thing);
        if (ends.Length > 1 && BriefWords.Kit(ends[0]) is not null)
            foreach (var region in BriefWords.Focus(string.Join(' ', ends[1..])))
                Add("focus", region);
        if (ends.Length > 1 && BriefWords.Kit(ends[^1]) is not null)
            foreach (var region in BriefWords.Focus(string.Join(' ', ends[..^1])))
                Add("focus", region);
        foreach (var need in topic.Split(' ').Select(BriefWords.Need).Where(n => n is "pregnancy" or "postnatal"))
            AddNeed(need!);
        // Who it is for may stand among other words: “HIIT, all levels”, “for the over-sixties”.
        var words = title.Split([' ', ',', ':', ';', '!'], StringSplitOptions.RemoveEmptyEntries);
        for (var from = 0; from < words.Length; from++)
            for (var length = Math.Min(3, words.Length - from); length > 0; length--)
                if (string.Join(' ', words[from..(from + length)]) is var phrase && (length > 1 || phrase.Contains('-', StringComparison.Ordinal) || (phrase.Length > 6 && phrase.EndsWith("s", StringComparison.OrdinalIgnoreCase))))
                    foreach (var who in BriefWords.Audience(phrase))
                        Add("audience", who);
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

    private List<string> Keyed(string key, string value, List<string> over)
    {
        var parts = Parts().Split(key == "kit" ? TwoSizes().Replace(value, SizesApart) : value).Select(p => p.Trim().TrimEnd('.')).Where(p => p.Length > 0).ToList();
        switch (key)
        {
            case "title" when Title.Length == 0 || Generic().IsMatch(Title):
                if (Title.Length > 0)
                    over.Add(Title);
                Title = Capped(value);
                foreach (var need in NeedsIn(value).Needs)
                    AddNeed(need);
                return [Title, .. Implied(value)];
            case "minutes" when Minutes is null && OnlyNumber().Match(value) is { Success: true } number && Whole(number) is > 0 and <= 720 and var booked:
                Minutes = booked;
                return [$"{booked} minutes"];
            case "people" when People is null && OnlyNumber().Match(value) is { Success: true } number && Whole(number) is > 0 and <= 1000 and var many:
                People = many;
                return [$"{many} people"];
            case "people" when People is null && PeopleMany().Match(value) is { Success: true } group && Whole(group) is > 0 and <= 1000 and var several:
                People = several;
                if (Without(value, group) is { Length: > 0 } more)
                {
                    over.Add(more);
                    foreach (var need in NeedsIn(more).Needs)
                        AddNeed(need);
                }

                return [$"{several} people"];
            case "place" when Place is null:
                Place = value;
                return [$"place: {value}"];
            case "goal" when BriefWords.Goal(value) is { } goal:
                Goal = goal;
                return [$"goal: {goal}"];
            case "audience":
                return Each("audience", BriefWords.Audience(value) is { IsEmpty: false } ? [value] : parts, BriefWords.Audience, over);
            case "needs":
                // A limit that nobody here knows stays one: the class is told that it is not judged.
                return Each("needs", parts, p => BriefWords.Need(p) is { } need ? [need] : NeedsIn(p) is { Needs.IsEmpty: false, Others.Length: 0 } spoken ? spoken.Needs : [p], over);
            case "focus":
                return Each("focus", BriefWords.Focus(value) is { IsEmpty: false } ? [value] : parts, p => BriefWords.Focus(p) is { IsEmpty: false } known ? known : [p], over);
            case "kit":
                return Each("kit", parts, p => [KitOf(p) ?? p], over);
            default:
                return [];
        }
    }

    /// <summary>Takes each part as what it is understood as; what is not is told apart, and its needs are heard.</summary>
    private List<string> Each(string key, List<string> parts, Func<string, ImmutableArray<string>> understood, List<string> over)
    {
        var read = new List<string>();
        foreach (var part in parts)
        {
            var known = understood(part);
            foreach (var word in known)
                Add(key, word);
            read.AddRange(known);
            if (!known.IsEmpty)
                continue;
            over.Add(part);
            foreach (var need in NeedsIn(part).Needs)
                AddNeed(need);
        }

        return read.Count == 0 ? [] : [$"{key}: {string.Join(", ", read)}"];
    }

    /// <summary>What a piece says when all of it is understood; nothing otherwise.</summary>
    private List<string> Known(string piece)
    {
        var said = new List<string>();
        piece = Hashed().Replace(piece, "").Trim();
        var stripped = Welcomed().Replace(Leading().Replace(piece, ""), "");
        if (Words(piece, BriefWords.Need) is { Count: > 0 } needs)
        {
            needs.ForEach(AddNeed);
            said.Add($"needs: {string.Join(", ", needs)}");
        }
        else if ((BriefWords.Audience(stripped) is { IsEmpty: false } bare ? bare : BriefWords.Audience(piece)) is { IsEmpty: false } audience)
        {
            foreach (var who in audience)
                Add("audience", who);
            said.Add($"for {string.Join(", ", audience)}");
        }
        else if (GoalSaid().Match(piece) is { Success: true } spoken && BriefWords.Goal(spoken.Groups["g"].Value) is { } aim)
        {
            Goal = aim;
            said.Add($"goal: {aim}");
        }
        else if (Words(TwoSizes().Replace(Brings().Replace(piece, ""), SizesApart), KitOf) is { Count: > 0 } kit)
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
        var isOne = m.Groups["size"].Value.Trim() == "1" && !m.Groups["set"].Success && item == "dumbbells";
        if (isOne)
            return $"1 {m.Groups["load"].Value.Trim()} dumbbell".Replace("  ", " ", StringComparison.Ordinal);
        var many = new string([.. m.Groups["size"].Value.Where(char.IsAsciiDigit)]);
        // “1 set of light ones” is as many as one holds.
        many = m.Groups["set"].Success && many == "1" ? "" : many;
        var load = m.Groups["load"].Value.Replace(" ", "", StringComparison.Ordinal).ToLowerInvariant();
        load = load switch { "medium" => "moderate", "lighter" => "light", "heavier" => "heavy", _ => load };
        var weighed = load.Length > 0 && char.IsAsciiDigit(load[0]);
        var count = many is "" or "1" && load.Length == 0 ? "" : many;
        var thing = count.Length > 0 && count != "1" && !item.EndsWith('s') ? item + "s" : item;
        var size = weighed && count.Length > 0 ? $"{count}x{load}" : $"{count} {load}".Trim();
        return $"{size} {thing}".Trim() + (words.Contains("optional", StringComparison.OrdinalIgnoreCase) ? " (optional)" : "");
    }

    private static string? KeyOf(string key) => key.ToLowerInvariant() switch
    {
        "kit" or "equipment" or "gear" or "bring" or "you need" or "need" or "what you need" or "kit needed" or "you will need" => "kit",
        "minutes" or "length" or "duration" or "time" or "total" or "total time" => "minutes",
        "people" or "class size" or "numbers" or "participants" or "group" or "client" or "clients" => "people",
        "place" or "venue" or "where" or "location" => "place",
        "focus" or "target" or "body part" or "muscles" => "focus",
        "goal" or "aim" => "goal",
        "level" or "audience" or "who" or "for" => "audience",
        "needs" or "injuries" or "care" or "watch out" or "mind" => "needs",
        "title" or "class" or "class name" or "class plan" or "class title" or "session plan" or "session" or "lesson plan" => "title",
        _ => null,
    };

    private static IEnumerable<string> Pieces(string line) => Between().Split(line).Select(p => p.Trim()).Where(p => p.Length > 0);

    [GeneratedRegex(@"^(?<k>[a-z][a-z ]{1,18}?)\s*(?:[:=]|\s-\s)\s*(?=\S|$)", RegexOptions.IgnoreCase)]
    private static partial Regex Key();

    [GeneratedRegex(@"(?:\s|^)@\s*(?!rpe|tempo\b|max|bw\b|bodyweight|body\s?weight)(?<p>(?:the\s+)?[a-z][^,|;*]*?)(?=\s*(?:,|\||;|\*| - |$))", RegexOptions.IgnoreCase)]
    private static partial Regex AtPlace();

    [GeneratedRegex(@"(?<!\bx\s*)\b(?<n>\d{1,3})\s*-?\s*(?:minutes?|mins?\b\.?|minuten|'|(?<=(?<!\d)[1-9]\d)m\b)(?!\s+(?:of|warm|stretch|mobil|cool|rest|plank|water|drink|break|between)\w*)(?:\s+(?:class|total|session|long))?", RegexOptions.IgnoreCase)]
    private static partial Regex MinutesLong();

    [GeneratedRegex(@"(?:\b(?:for|up to|about|max|group of|approx\.?)\s+)*\b(?<n>\d{1,4})\s*(?:people|ppl|pers(?:ons?)?\b\.?|participants|pax|booked|signed up|folks|heads|ladies|women|men|members|clients|adults|mums|dads|kids|runners|athletes|lads|girls|guys|lifters|attendees|bodies|teens|teenagers|seniors|folk|pensioners)\b(?:\s+max(?:imum)?\b)?|\b(?:group|class) of\s+(?<n>\d{1,4})\b|\b(?:max(?:imum)?|cap(?:ped\s+at|acity)?|limit(?:ed\s+to)?|up\s+to)\s*:?\s*(?<n>\d{1,3})(?=\s*(?:$|[,.;)]))|(?<=^|\s)~\s?(?<n>\d{1,3})(?=\s*(?:$|[,;(]))|(?<=[a-z]\s)\((?<n>[4-9]|[1-5]\d)\)$|\b(?:usually|about|around|normally|roughly)\s+(?:about\s+|around\s+)?(?<n>\d{1,3})\s+of\s+(?:them|you|us)\b|\b(?:usually|normally)\s+(?:about\s+|around\s+)?(?<n>\d{1,3})(?=\s*(?:,|$))", RegexOptions.IgnoreCase)]
    private static partial Regex PeopleMany();

    [GeneratedRegex(@"\s+-\s+|\s*[,;|]\s*|\s*//\s*|\s+/\s+|\s+\*\s+|\.\s+(?=[A-Z\d])|(?<!\b(?:goal|aim|focus|level|kit|equipment|people|place|venue|where|needs|time))(?<=[a-z]{3}):\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Between();

    [GeneratedRegex(@"\s*[,;+&/]\s*|\s+and\s+|\s+-\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Parts();

    [GeneratedRegex(@"\s*[+&/]\s*|\s+and\s+|\s+with\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Joins();

    [GeneratedRegex(@"^(?:everyone\s+|each\s+|all\s+)?(?<size>(?:\d{1,3}\s*x?\s*)|a\s+|some\s+)?(?:x\s*)?(?<set>(?:sets?|pairs?)\s+(?:of\s+)?)?(?<load>\d{1,3}(?:\.\d)?\s*(?:kg|lb)s?\s+|light(?:er)?\s+|heav(?:y|ier)\s+|moderate\s+|medium\s+)?(?<item>[a-z][a-z \-]+?)(?:\s*\(?optional\)?|\s+(?:each|per person|only|needed))?\.?$", RegexOptions.IgnoreCase)]
    private static partial Regex KitSized();

    [GeneratedRegex(@"(?<=^|\s)#[a-z]\w*", RegexOptions.IgnoreCase)]
    private static partial Regex Hashed();

    /// <summary>How somebody begins to speak.</summary>
    [GeneratedRegex(@"^(?:(?:right|ok(?:ay)?|so|well|now|tonight|today|this\s+(?:evening|morning)|tomorrow|we(?:'ve|\s+have)\s+got|it'?s|for)\b[\s,:]*)+", RegexOptions.IgnoreCase)]
    private static partial Regex Speaks();

    [GeneratedRegex(@"\s+(?:(?:are\s+)?(?:very\s+|all\s+)?welcome|friendly|only)[!.]*$", RegexOptions.IgnoreCase)]
    private static partial Regex Welcomed();

    [GeneratedRegex(@"^(?:for|level|all|mostly|mainly|some|a few)\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Leading();

    [GeneratedRegex(@"\s*[(\[]\s*[)\]]?\s*$|[(\[]\s*[)\]]")]
    private static partial Regex Hollow();

    [GeneratedRegex(@"^(?:please\s+)?bring\s+(?:your\s+(?:own\s+)?|an?\s+)?", RegexOptions.IgnoreCase)]
    private static partial Regex Brings();

    [GeneratedRegex(@"^(?:(?:hi|hiya|hello|hey|right|okay)(?=\s*[!,.]|\s+(?:all|there|everyone|team|folks)\b|$)|(?:hi|hiya|hello|hey)\s+[a-z]+$|(?:dear|thanks|thank you)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex Greets();

    [GeneratedRegex(@"^(?:(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?\b[\s,]*|(?:lun|mar|mercre|jeu|vendre|same)di\b\s*|dimanche\b\s*|(?:mon|diens|donners|frei|sams|sonn)tag\b\s*|mittwoch\b\s*|(?:lunes|martes|miércoles|jueves|viernes|sábado|domingo)\b\s*)?(?:\d{1,2}(?:[.:]\d\d)?\s*(?:[ap]m)|\d{1,2}[.:]\d\d|morning|evening|lunch(?:time)?|(?:week|wk|part|session|lesson|day)\s*\d{1,2})?$", RegexOptions.IgnoreCase)]
    private static partial Regex When();

    [GeneratedRegex(@"\s*\((?<in>[^()]+)\)$")]
    private static partial Regex BracketedEnd();

    [GeneratedRegex(@"\s*[(\[](?<in>[^()\[\]]+)[)\]]")]
    private static partial Regex Bracketed();

    /// <summary>A place at the end of other words, told by its capital or by what stands before it.</summary>
    [GeneratedRegex(@"(?<=\d\s*(?:[ap]m)?\s+|\bat\s+)(?<p>(?<=[ap]m\s+)(?:the\s+)?(?:hall|gym|studio|park|beach|loft|club|church|school|field|garden)$|(?:[Tt]he\s+)?(?:(?:St\.?|[A-Z][\w']*)\s+){1,3}(?:[Hh]all|[Gg]ym|[Ss]tudio|[Pp]ark|[Cc]entre|[Cc]enter|[Cc]lub|[Cc]hurch|[Ss]chool|[Pp]avilion|[Gg]reen)\b)")]
    private static partial Regex PlaceWithin();

    /// <summary>“Upper 45”: a number of minutes that a class has.</summary>
    [GeneratedRegex(@"(?<=^[A-Za-z][A-Za-z &+'-]{2,30}\s)(?<n>1[05]|[2-9][05])$")]
    private static partial Regex MinutesBare();

    /// <summary>“Light + medium dumbbells”.</summary>
    [GeneratedRegex(@"\b(?<a>light|medium|moderate|heavy)\s*(?:\+|&|/|and|-)\s*(?<b>light|medium|moderate|heavy)\s+(?<thing>[a-z]+)|\b(?<thing>[a-z]+)\s*\((?<a>light|medium|moderate|heavy)\s*(?:\+|&|/|and|-|,)\s*(?<b>light|medium|moderate|heavy)\)|\b(?<a>light(?:er)?)\s+(?<thing>dbs?|dumb\s?bells?|weights)\s*(?:\+|&|/|and|,)\s*(?:1\s+)?(?:an?other\s+)?(?:(?:sets?|pairs?)\s+(?:of\s+)?)?(?<b>heavier|heavy)(?=\s*(?:$|[,;.]))", RegexOptions.IgnoreCase)]
    private static partial Regex TwoSizes();

    [GeneratedRegex(@"^(?:goal|aim)\s+(?<g>.+)$", RegexOptions.IgnoreCase)]
    private static partial Regex GoalSaid();

    [GeneratedRegex(@"^(?:focus(?:\s+on)?|target)\s+|\s+(?:focus|day)$", RegexOptions.IgnoreCase)]
    private static partial Regex FocusWord();

    [GeneratedRegex(@"\b(?:(?:small|little|tight) space|(?:nothing|nobody|no\s+one|not)\s+on\s+the\s+floor|dizzy|(?:post|ante|pre)[\s-]?natal|no (?:jump(?:s|ing)?|impact|floor(?: work)?|kit|equipment|kneeling)|low impact|can(?:'t|not|t) (?:get|go) (?:down|to the floor|on the floor)|(?:bad|sore|dodgy|painful|stiff|weak|wonky|injured)\s+(?:(?:left|right|lower)\s+)?(?<part>" + Joint + @")|(?:mind|watch|protect|spare|remember|careful\s+(?:with|of)|easy\s+on|look\s+after)\s+(?:[a-z]+'s|her|his)\s+(?:(?:left|right|lower)\s+)?(?<part>" + Joint + @")|(?<part>" + Joint + @")\s+(?:injur(?:y|ies)|problems?|issues?|pain|trouble|replacements?|surgery|ops?|operations?)|pregnant|pregnancy|(?:high\s+)?blood\s+pressure|hypertension|osteoporosis|vertigo|(?:can't|cannot|can not|cant|not able to)\s+(?:do\s+)?(?:anything\s+)?kneel(?:ing)?(?:\s+down)?|new\s+(?:hips?|knees?))\b", RegexOptions.IgnoreCase)]
    private static partial Regex SpokenNeed();

    private const string Joint = "(?:knees?|wrists?|backs?(?!\\s+(?:knees?|legs?|foot|feet|heels?|arms?)\\b)|shoulders?|hips?|necks?)";

    [GeneratedRegex(@"\b(?:strength|class|circuits?|conditioning|session|workout|blast|burn|hour|day|super\s?sets?|sets|intervals?|ladders?|pyramids?|tabata|hiit|emom|amrap|(?:mon|tues|wednes|thurs|fri|satur|sun)days?)\b|\b\d+\s*x\s*\d+\b|(?<=\w)\s+[a-d1-9]$", RegexOptions.IgnoreCase)]
    private static partial Regex Topic();

    [GeneratedRegex(@"^(?:the\s+)?(?:[a-z'.]+\s+){0,2}(?:hall|gym(?:\s+floor)?|studio(?:\s+\w)?|park|beach|centre|center|club|church|school|pavilion|green|field|playground|garden|loft|barn|terrace|lawn)$|^(?:outdoors?|outside|at\s+home|home|online|zoom|indoors|(?:room|hall|court)\s+\w)$", RegexOptions.IgnoreCase)]
    private static partial Regex SomePlace();

    /// <summary>What any plan is called.</summary>
    [GeneratedRegex(@"^(?:lesson|session|class)\s+plan$|^plan$", RegexOptions.IgnoreCase)]
    private static partial Regex Generic();

    /// <summary>What joined words to a need that has been taken out of them.</summary>
    [GeneratedRegex(@"^(?:\s|[,;:.!+&/()-]|\band\b|\bwith\b)+|(?:\s|[,;:+&/()-]|\band\b|\bwith\b)+$", RegexOptions.IgnoreCase)]
    private static partial Regex LooseEnds();

    [GeneratedRegex(@"^(?:up to|about|max|approx\.?)?\s*(?<n>\d{1,4})\s*(?:minutes?|mins?|'|people|ppl)?\.?$", RegexOptions.IgnoreCase)]
    private static partial Regex OnlyNumber();
}
