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
    private static readonly ImmutableArray<string> ToldKeys = ["focus", "audience", "kit", "needs"];
    /// <summary>Minutes of the shortest class that a title tells: one tabata.</summary>
    private const int ShortestTitled = 4;

    private const int ShortestClass = 10;
    private const int LongestClass = 180;
    private const string SizesApart = "${a} ${thing} + ${b} ${thing}";
    private readonly Dictionary<string, List<string>> lists = [];

    /// <summary>Whether the line that is read names several things of the kit.</summary>
    private bool areThings;

    public string Title { get; set; } = "";
    public int? Minutes { get; set; }

    /// <summary>Whether the minutes are a bare number that may be people: it has to be asked.</summary>
    public bool AreMinutesLikely { get; private set; }
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
        if (Key.Match(text) is { Success: true } key && KeyOf(key.Groups["k"].Value) is { } named)
        {
            var value = text[key.Length..].Trim();
            // “People: 8, 40 min, dumbbells”: a number, and what else is said beside it.
            if (named is "people" or "minutes" && Pieces(value).ToList() is { Count: > 1 } several && OnlyNumber.IsMatch(several[0]))
            {
                read.AddRange(Keyed(named, several[0], over));
                several.Skip(1).ToList().ForEach(p => TakePiece(p, mayTitle: false, read, over));
                return read.Count == 0 ? null : (Together(read), string.Join(", ", over));
            }

            read.AddRange(Keyed(named, value, over));
            return read.Count == 0 ? null : (string.Join(" · ", read), string.Join(", ", over));
        }

        // “06:45 – 07:30” is one thing.
        var line = FromTill.Replace(text, m => m.Value.Replace(" ", "", StringComparison.Ordinal));
        if (Place is null && AtPlace.Match(line) is { Success: true } at)
        {
            Place = at.Groups["p"].Value.Trim();
            read.Add($"place: {Place}");
            foreach (var need in NeedsIn(Place).Needs)
                AddNeed(need);
            line = line.Remove(at.Index, at.Length);
        }

        if (People is null && SoManyOfThem.Match(line) is { Success: true } group && !PeopleMany.IsMatch(line) && Whole(group) is > 0 and var come)
        {
            People = come;
            read.Add(string.Create(CultureInfo.InvariantCulture, $"{come} people"));
            line = line.Remove(group.Index, group.Length);
        }

        // What stands in brackets is told for itself: “lower body (gym floor, 8 people)”.
        var asides = new List<string>();
        line = Bracketed.Replace(line, m =>
        {
            if (NeedsIn(m.Groups["in"].Value).Needs is { IsEmpty: false } needs && m.Groups["in"].Value.Contains(' ', StringComparison.Ordinal) && !IsAside(m.Groups["in"].Value, wholly: true))
            {
                foreach (var need in needs)
                    AddNeed(need);
                over.Add(m.Groups["in"].Value);
                read.Add($"needs: {string.Join(", ", needs)}");
                return " ";
            }

            if (!IsAside(m.Groups["in"].Value, wholly: false))
            {
                // “Push day (small group, 6)”: a comma in a bracket parts no title.
                if (!m.Groups["in"].Value.Contains(", ", StringComparison.Ordinal) || m.Index == 0)
                    return m.Value;
                foreach (var word in Pieces(m.Groups["in"].Value))
                    if (People is null && SomePeople.Match(word) is { Success: true } some)
                        read.Add(string.Create(CultureInfo.InvariantCulture, $"{People = Whole(some)} people"));
                    else
                        over.Add(word);
                return " ";
            }

            asides.Add(m.Groups["in"].Value);
            return m.Index == 0 ? "" : ", ";
        });
        // “Chair, light weights, small ball”: a chair among things is a thing.
        var pieces = Pieces(line).SelectMany(p => Joins.Split(p)).ToList();
        areThings = pieces.Count(p => KitOf(p.Trim()) is not null) > 1;
        // “12 DBs, 12 mats” above all is what to bring, and no title.
        mayTitle &= !areThings || !pieces.TrueForAll(p => KitOf(p.Trim()) is not null);
        foreach (var piece in mayTitle && Title.Length == 0 ? Titled(line) : Pieces(line))
        {
            // A letter has no title, and what it greets with is kept.
            if (mayTitle && Greets.IsMatch(piece))
            {
                over.Add(piece);
                mayTitle = false;
                continue;
            }

            TakePiece(piece, mayTitle, read, over);
        }

        foreach (var piece in asides.SelectMany(Pieces))
            TakePiece(piece, mayTitle: false, read, over);
        return read.Count == 0 ? null : (Together(read), string.Join(", ", over));
    }

    /// <summary>The title that a piece is, without how long and how many; null where nothing of it is a name.</summary>
    public static string? TitleOf(string piece)
    {
        var trial = new CardHead();
        trial.TakePiece(piece, mayTitle: true, [], []);
        return trial.Title.Length > 0 ? trial.Title : null;
    }

    /// <summary>Whether a piece is where a class is held, in words.</summary>
    public static bool IsPlace(string piece) => SomePlace.IsMatch(AtSign.Replace(piece, "").TrimEnd('.')) && NeedsIn(piece).Needs.IsEmpty;

    /// <summary>Whether a line is one title with a stroke in it.</summary>
    public static bool IsSlashedTitle(string line) => SlashedTitle.IsMatch(line) && line.Split(" / ").Skip(1).All(p => IsOnlyName(p.Trim()));

    /// <summary>Whether a piece says nothing of a class but regions of the body: a word of its name.</summary>
    private static bool IsOnlyName(string piece)
    {
        var trial = new CardHead { Title = " – " };
        trial.TakePiece(piece, mayTitle: false, [], []);
        return trial is { People: null, Minutes: null, Place: null } && trial.lists.Keys.All(k => k == "focus");
    }

    /// <summary>Whether a piece says something of the class and nothing else; null where it does not, false where a block may be called so.</summary>
    public static bool? Says(string piece)
    {
        var trial = new CardHead { Title = " – " };
        var (read, over) = (new List<string>(), new List<string>());
        trial.TakePiece(piece, mayTitle: false, read, over);
        // What stands around a need is kept beside it, and so is from when till when.
        if (read.Count == 0 || (over.Count > 0 && trial.List("needs").Count == 0 && FromTill.Match(over[0]).Length != piece.Length))
            return null;
        return trial.People is not null || trial.List("needs").Count > 0 || trial.List("audience").Count > 0 || trial.List("kit").Count > 1 || (trial.Place is not null && trial.Title.Length > 0) || piece.Contains(':', StringComparison.Ordinal);
    }

    /// <summary>Pieces with those that go on with the list of a key put together: “focus: chest”, “back”, “arms”.</summary>
    public static List<string> Listed(List<string> pieces)
    {
        var put = new List<string>();
        foreach (var piece in pieces)
            if (put.Count > 0 && Key.Match(put[^1]) is { Success: true } key && KeyOf(key.Groups["k"].Value) is var named && (named == "focus" ? !BriefWords.Focus(piece).IsEmpty : named == "kit" ? KitOf(piece) is not null : named == "needs" && BriefWords.Need(piece) is not null))
                put[^1] += $", {piece}";
            else
                put.Add(piece);
        return put;
    }

    /// <summary>Takes pieces one by one.</summary>
    /// <param name="isDay">Whether a piece is a day, which belongs to the title.</param>
    /// <returns>What was understood, and the pieces that are kept beside it; null where nothing was.</returns>
    public (List<string> Read, List<string> Over)? TakePieces(List<string> pieces, bool mayTitle, Predicate<string> isDay)
    {
        var (read, over) = (new List<string>(), new List<string>());
        areThings = pieces.SelectMany(p => Joins.Split(p)).Count(p => KitOf(p.Trim()) is not null) > 1;
        for (var at = 0; at < pieces.Count; at++)
        {
            if ((!mayTitle || at > 0) && isDay(pieces[at]) && Title.Length > 0)
            {
                if (Title.Contains(pieces[at], StringComparison.OrdinalIgnoreCase))
                    continue;
                if ($"{Title} – {pieces[at]}" is var longer && longer.Length > Limits.NameLetters)
                {
                    over.Add(pieces[at]);
                    continue;
                }

                Title = longer;
                read.Add(Title);
            }
            else
            {
                // “Monday 6pm – Strength”: a day alone is no name.
                TakePiece(pieces[at], mayTitle && (at == 0 || isDay(Title) || Generic.IsMatch(Title)), read, over);
            }
        }

        return read.Count == 0 ? null : ([Together(read)], over);
    }

    /// <summary>What was understood, each key once: “kit: mat, kettlebell”.</summary>
    private static string Together(List<string> read) =>
        string.Join(" · ", read.Distinct().GroupBy(r => r.IndexOf(": ", StringComparison.Ordinal) is > 0 and var end && ToldKeys.Contains(r[..end]) ? r[..(end + 2)] : r).Select(g => g.Count() == 1 ? g.First() : g.Key + string.Join(", ", g.Select(r => r[g.Key.Length..]))));

    /// <summary>Whether what stands in brackets is something the head has a place for.</summary>
    /// <param name="wholly">Whether all of it has to be; else one word of a list is enough.</param>
    private static bool IsAside(string inside, bool wholly)
    {
        var trial = new CardHead();
        var (read, over) = (new List<string>(), new List<string>());
        foreach (var piece in Pieces(inside))
            trial.TakePiece(piece, mayTitle: false, read, over);
        // A list one of whose words is the class's is told word for word; what is not understood of it is kept.
        return read.Count > 0 && (over.Count == 0 || (!wholly && inside.Contains(", ", StringComparison.Ordinal)));
    }

    // One of them is in everything a need is spoken in: looked for before the pattern.
    private static readonly SearchValues<string> NeedSigns = SearchValues.Create(["knee", "wrist", "back", "shoulder", "hip", "neck", "space", "jump", "impact", "floor", "down", "kit", "equipment", "kneel", "pregnan", "blood", "hypertension", "osteoporosis", "vertigo", "dizz", "natal", "standing", "seated", "sitting", "sits", "wheelchair", "overhead", "hand", "finger", "thumb", "bp", "ankle", "elbow", "pelvic", "prolapse", "get up", "getting up", "back up", "come up", "coming up", "hop", "arm", "balance", "unsteady", "wobbly", "shaky", "disc", "disk", "sciatica", "lumbago", "falling", "falls"], StringComparison.OrdinalIgnoreCase);

    /// <summary>The needs spoken of in a sentence, as they are judged, and its words without them.</summary>
    public static (ImmutableArray<string> Needs, string Others) NeedsIn(string text)
    {
        var (needs, others) = (ImmutableArray.CreateBuilder<string>(), text);
        // Words that only sound like one do not hide those behind them.
        while (others.AsSpan().ContainsAny(NeedSigns) && (SpokenNeed.Matches(others).Concat(SpokenLimit.Matches(others)).FirstOrDefault(m => NeedOf(m) is not null) ?? (others.Contains("'s ", StringComparison.Ordinal) && OwnJoint.Match(others) is { Success: true } own ? own : null)) is { } spoken)
        {
            needs.Add(NeedOf(spoken)!);
            // “Bad knees and wrists”: the next words are needs too.
            var after = Joins.Split(others[(spoken.Index + spoken.Length)..]).Select(w => w.Trim()).ToList();
            var also = after.Skip(1).TakeWhile(w => BriefWords.Need(w) is not null).ToList();
            needs.AddRange(after[0].Length == 0 ? also.Select(w => BriefWords.Need(w)!) : []);
            others = others[..spoken.Index].TrimEnd() + " " + (after[0].Length == 0 ? string.Join(" and ", after.Skip(1 + also.Count)) : others[(spoken.Index + spoken.Length)..].TrimStart());
        }

        if (needs.Contains("postnatal") && BeforeAndAfter.IsMatch(text))
            needs.Insert(0, "pregnancy");
        if (needs.Count > 0 && Filler.IsMatch(others.Trim()))
            return (needs.ToImmutable(), "");
        return (needs.ToImmutable(), needs.Count == 0 && text.Contains('(', StringComparison.Ordinal) ? text.Trim(' ', ',', ';', ':', '-') : LooseEnds.Replace(others, "").Trim());
    }

    /// <summary>The need that words speak of, as it is judged; null where they only sound like one.</summary>
    private static string? Spoken(Match m) => BriefWords.Need(m.Value.Equals("low-impact", StringComparison.OrdinalIgnoreCase) ? "low impact" : m.Groups["part"] is { Success: true } part ? $"bad {part.Value.TrimEnd('s', 'S')}" : m.Groups["seat"].Success ? "seated" : m.Groups["ground"].Success ? "no floor" : m.Groups["over"].Success ? "shoulders" : m.Groups["pelvic"].Success ? "pelvic floor" : m.Value);

    /// <summary>What a spoken sentence says of the class: its regions and kit, wherever they stand in it.</summary>
    /// <param name="kitOnly">Whether regions are left alone.</param>
    /// <returns>What of it was new, told.</returns>
    public List<string> Overhear(string sentence, bool kitOnly = false)
    {
        var before = ImpliedKeys.ToDictionary(key => key, key => List(key).Count);
        var words = sentence.Split([' ', ',', '.', '!', '?', ':', ';', '(', ')'], StringSplitOptions.RemoveEmptyEntries);
        for (var from = 0; from < words.Length; from++)
            for (var length = Math.Min(3, words.Length - from); length > 0; length--)
            {
                var phrase = string.Join(' ', words[from..(from + length)]);
                foreach (var region in length > 1 && !kitOnly ? BriefWords.Focus(phrase) : [])
                    Add("focus", region);
                foreach (var who in (length > 1 || (phrase.Length > 6 && phrase.TrimEnd('\'').EndsWith('s'))) && !words.Take(from).TakeLast(2).Any(w => w.ToLowerInvariant() is "no" or "not" or "without" or "never" or "few") ? BriefWords.Audience(phrase.TrimEnd('\'')) : [])
                    Add("audience", who);
                // “A pair of light dumbbells”.
                if (length == 2 && LoadWord.IsMatch(words[from]) && KitOf(phrase) is { } sized)
                    Add("kit", sized);
                else if (!(from > 0 && LoadWord.IsMatch(words[from - 1])) && (length > 1 || phrase.Length > 4 || (phrase.Length > 3 && phrase.EndsWith('s'))) && !(from > 0 && words[from - 1].ToLowerInvariant() is "no" or "without") && BriefWords.Kit(phrase) is { } thing)
                    Add("kit", thing);
            }

        var told = Added(before);
        if (!kitOnly && People is null)
        {
            HearPeople(sentence);
            if (People is { } come)
                told.Insert(0, string.Create(CultureInfo.InvariantCulture, $"{come} people"));
        }

        if (Place is null && !kitOnly && SpokenPlace.Match(sentence) is { Success: true } at && NeedsIn(at.Value).Needs.IsEmpty)
        {
            Place = at.Groups["p"].Value;
            told.Insert(0, $"place: {Place}");
        }

        if (Minutes is null && !kitOnly && SpokenMinutes.Match(sentence) is { Success: true } spell)
        {
            Minutes = Whole(spell);
            told.Insert(0, $"{Minutes} minutes");
        }

        return told;
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
        foreach (var thing in Parts.Split(list).Select(KitOf).OfType<string>())
            Add("kit", thing);
    }

    /// <summary>Hears how many come, where that is said beside other words.</summary>
    public void HearPeople(string words)
    {
        if (People is null && PeopleMany.Match(words) is { Success: true } people && Whole(people) is > 0 and <= 1000 and var many)
            People = many;
    }

    /// <summary>Notes a need of the class.</summary>
    public void AddNeed(string need) => Add("needs", need);

    private void TakePiece(string piece, bool mayTitle, List<string> read, List<string> over)
    {
        if (piece.Contains(':', StringComparison.Ordinal) && Key.Match(piece) is { Success: true } key && KeyOf(key.Groups["k"].Value) is { } named && named != "title" && Keyed(named, piece[key.Length..].Trim(), over) is { Count: > 0 } keyed)
        {
            read.AddRange(keyed);
            return;
        }

        var left = piece.TrimStart('/', '|', '~', '-', ' ');
        if (Minutes is null && MinutesLong.Match(left) is { Success: true } minutes && Whole(minutes) is > 0 and <= 720 and var booked && booked >= (mayTitle ? ShortestTitled : ShortestClass))
        {
            Minutes = booked;
            read.Add($"{Minutes} minutes");
            left = Without(left, minutes);
        }

        // “KB Thursday (45)”: as long as a class is, and more than come to most.
        if (mayTitle && Minutes is null && People is null && MinutesInBrackets.Match(left) is { Success: true } inBrackets)
        {
            Minutes = Whole(inBrackets);
            AreMinutesLikely = true;
            read.Add($"{Minutes} minutes");
            left = Without(left, inBrackets);
        }

        // “12:15-12:45” stays in the title, and is how long.
        if ((mayTitle || FromTill.Match(left).Length == left.Length) && Minutes is null && FromTill.Match(left) is { Success: true } till && Till(till) is >= ShortestClass and <= LongestClass and var spell)
        {
            Minutes = spell;
            read.Add($"{Minutes} minutes");
        }

        if (People is null && PeopleMany.Match(left) is { Success: true } people && Whole(people) is > 0 and <= 1000 and var many)
        {
            People = many;
            read.Add($"{People} people");
            left = Without(left, people);
        }

        // “@ the quay hall” among pieces.
        if (Place is null && AtPlace.Match(left) is { Success: true, Index: 0 } at && at.Length == left.Length)
        {
            Place = at.Groups["p"].Value.Trim();
            read.Add($"place: {Place}");
            return;
        }

        // “45 minutes in the church hall”, “Kettlebells at the leisure centre”.
        if (Place is null && SpokenPlace.Match(left) is { Success: true } spoken && (mayTitle ? spoken.Index > 0 && spoken.Index + spoken.Length == left.Length && !CardPhrases.IsSpoken.IsMatch(left) : spoken.Length == left.Length) && NeedsIn(spoken.Value).Needs.IsEmpty)
        {
            Place = spoken.Groups["p"].Value;
            read.Add($"place: {Place}");
            left = Without(left, spoken);
        }

        if (mayTitle && Place is null && PlaceWithin.Match(left) is { Success: true } within)
        {
            Place = within.Groups["p"].Value;
            read.Add($"place: {Place}");
            left = Without(left, within);
        }

        if (mayTitle && Title.Length == 0 && Minutes is null && MinutesBare.Match(left) is { Success: true } bare)
        {
            Minutes = Whole(bare);
            read.Add($"{Minutes} minutes");
            left = left[..bare.Index].Trim();
        }

        // “Legs – mats – 45”: a number alone behind the title.
        if (mayTitle && Title.Length > 0 && Minutes is null && MinutesAlone.IsMatch(left))
        {
            Minutes = int.Parse(left, CultureInfo.InvariantCulture);
            read.Add($"{Minutes} minutes");
            return;
        }

        left = Hollow.Replace(left, " ").Trim();
        // “Strength A (dumbbells)”.
        if (BracketedEnd.Match(left) is { Success: true } end && Words(end.Groups["in"].Value, KitOf) is { Count: > 0 } things)
        {
            things.ForEach(t => Add("kit", t));
            read.Add($"kit: {string.Join(", ", things)}");
            left = left[..end.Index].Trim();
        }

        if (left.Length == 0 || (left.Length < piece.Length && CardPhrases.IsEmpty(left)))
            return;
        // A tag is no part of a name; how somebody begins to speak is none either.
        if (mayTitle && Hashed.Matches(left) is { Count: > 0 } tags && tags.Count < left.Split(' ').Length)
        {
            over.Add(string.Join(' ', tags.Select(t => t.Value.Trim())));
            left = Hashed.Replace(left, " ").Trim();
        }

        // “Ok so for Thursday I'm thinking a full body one”: no title, but it may say what the class is.
        if (mayTitle && Title.Length == 0 && CardPhrases.IsSpoken.IsMatch(left) && left.Split(' ').Length > CardPhrases.FewWords)
        {
            over.Add(left);
            read.AddRange(Overhear(left));
            return;
        }

        if (mayTitle && Title.Length == 0 && Speaks.Replace(left, "").TrimEnd('.', '!') is var rest && rest.Length < left.TrimEnd('.', '!').Length && (rest.Length == 0 || !BriefWords.Focus(rest).IsEmpty || Known(rest) is { Count: > 0 }))
        {
            foreach (var region in BriefWords.Focus(rest))
                Add("focus", region);
            read.AddRange(rest.Length == 0 ? [] : BriefWords.Focus(rest) is { IsEmpty: false } focus ? [$"focus: {string.Join(", ", focus)}"] : Known(rest));
            return;
        }

        var mayName = mayTitle && Title.Length == 0;
        // “"Friday Grinder" | 50 min”.
        if (mayName && left is ['"', .. var inside, '"'] && !inside.Contains('"', StringComparison.Ordinal))
            left = inside;
        // “Week 3 of 6 – Upper”: what anything may be called is no name.
        if (mayTitle && Generic.IsMatch(Title) && left.Split(' ').Length <= CardPhrases.FewWords && !left.Any(char.IsAsciiDigit) && NeedsIn(left).Needs.IsEmpty && IsOnlyName(left))
        {
            Title = Capped($"{Title} – {left}");
            read.Add(Title);
            read.AddRange(Implied(left));
            return;
        }

        // “Monday – Strength”: a day alone is no name.
        if (mayTitle && Title.Length > 0 && Title.Split(" – ").All(t => When.IsMatch(t)) && BriefWords.Goal(left) is not null && Known(left) is { Count: > 0 } aim)
        {
            Title = Capped($"{Title} – {left}");
            read.Add(Title);
            read.AddRange(aim);
            return;
        }

        if (!mayName && Known(left) is { Count: > 0 } said)
        {
            // “Una – hip replacement”: whose it is stays with it.
            if (said[0].StartsWith("needs: ", StringComparison.Ordinal) && over.Count > 0 && SomeName.IsMatch(over[^1]))
                over[^1] += $" - {left}";
            read.AddRange(said);
            return;
        }

        if (Place is null && !mayName && SomePlace.IsMatch(left.TrimEnd('.')) && NeedsIn(left).Needs.IsEmpty)
        {
            Place = InThe.Replace(left.TrimEnd('.'), "");
            read.Add($"place: {Place}");
            return;
        }

        // “Strength for life – Weds 10am”: a day belongs to the name.
        if (!mayTitle && Title.Length > 0 && left.Length == piece.Length && WhenAlone.IsMatch(left) && !Title.Contains(left, StringComparison.OrdinalIgnoreCase) && !Title.Contains(" – ", StringComparison.Ordinal))
        {
            Title = Capped($"{Title} – {left}");
            read.Add(Title);
            return;
        }

        if (mayTitle && Title.Length > 0 && (When.IsMatch(left) || (Title.Split(" – ").All(t => When.IsMatch(t)) && left.Split(' ').Length <= CardPhrases.FewWords && !left.Any(char.IsAsciiDigit) && NeedsIn(left).Needs.IsEmpty) || IsMoreOfTitle(left)))
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
        if (mayName && others.Length > 0 && (needs.IsEmpty || !CountAlone.IsMatch(others)))
        {
            // What comes first is part of the name (“low impact Tuesday”), what comes after it is not (“bums and tums, no jumping”).
            left = Hollow.Replace(left, " ").Trim();
            Title = Capped((left.EndsWith(others, StringComparison.Ordinal) || !left.StartsWith(others, StringComparison.Ordinal) ? left : others).TrimEnd('.', ' '));
            read.Insert(0, Title);
            read.AddRange(Implied(others));
        }
        else if (others.Length > 0 && (needs.IsEmpty || Known(others).Count == 0) && KeyOf(left.TrimEnd(':')) != "kit" && left.Any(char.IsLetterOrDigit))
        {
            over.Add(left.TrimStart('-', ' '));
        }
    }

    /// <summary>“Boot camp – lower body burn”, “SENIORS – CHAIR STRENGTH”: words that name a class, behind a short title.</summary>
    private bool IsMoreOfTitle(string piece) => !Title.Contains(" – ", StringComparison.Ordinal) && Title.Split(' ').Length <= 2 && piece.Split(' ').Length is > 1 and <= CardPhrases.FewWords && !piece.Any(char.IsAsciiDigit) && Topic.IsMatch(piece) && !piece.Contains(Title, StringComparison.OrdinalIgnoreCase) && NeedsIn(piece).Needs.IsEmpty;

    /// <summary>Minutes from the one hour to the other, over noon too: 12.15 to 1.00.</summary>
    private static int Till(Match m) => Clock(m, "c", "d") - Clock(m, "a", "b") is var minutes && minutes < 0 && Clock(m, "a", "b") <= Noon + 59 ? minutes + Noon : minutes;

    private const int Noon = 12 * 60;

    private static int Clock(Match m, string hours, string minutes) => int.Parse(m.Groups[hours].Value, CultureInfo.InvariantCulture) * 60 + (m.Groups[minutes].Success ? int.Parse(m.Groups[minutes].Value, CultureInfo.InvariantCulture) : 0);

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
        return Added(before);
    }

    /// <summary>What has come to the lists since, told.</summary>
    private List<string> Added(Dictionary<string, int> before) =>
        [.. ImpliedKeys.Where(key => List(key).Count > before[key]).Select(key => $"{key}: {string.Join(", ", List(key).Skip(before[key]))}")];

    private void Imply(string title)
    {
        var topic = Topic.Replace(Bracketed.Replace(title, ""), "").Trim();
        // “Full body strength legs/core”, “… dumbbells & mats”: the first of several ends other words.
        var joined = Parts.Split(topic);
        var plain = joined.Length;
        while (plain > 1 && (!BriefWords.Focus(joined[plain - 1]).IsEmpty || BriefWords.Kit(joined[plain - 1]) is not null))
            plain--;
        if (plain < joined.Length && joined[plain - 1].LastIndexOf(' ') is > 0 and var last && joined[plain - 1][last..].Trim() is var first)
        {
            foreach (var region in BriefWords.Focus(first))
                Add("focus", region);
            AddKit(first);
        }

        foreach (var region in BriefWords.Focus(topic) is { IsEmpty: false } whole ? whole : Parts.Split(topic).SelectMany(p => BriefWords.Focus(p.Trim())))
            Add("focus", region);
        // “Strong” alone is what a class is called.
        foreach (var who in BriefWords.Audience(topic).Where(w => w != "strong" || topic.Contains(' ', StringComparison.Ordinal)))
            Add("audience", who);
        // “KB flow”, “total body DBs”.
        var ends = topic.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        foreach (var thing in new[] { topic, ends.FirstOrDefault() ?? "", WithKit.IsMatch(topic) ? "" : ends.LastOrDefault() ?? "" }.Select(BriefWords.Kit).OfType<string>().Distinct())
            Add("kit", thing);
        if (WithKit.Match(topic) is { Success: true } held)
            AddKits(held.Groups["kit"].Value);
        if (ends.Length > 1 && BriefWords.Kit(ends[0]) is not null)
            foreach (var region in BriefWords.Focus(string.Join(' ', ends[1..])))
                Add("focus", region);
        if (ends.Length > 1 && BriefWords.Kit(ends[^1]) is not null)
            foreach (var region in BriefWords.Focus(string.Join(' ', ends[..^1])))
                Add("focus", region);
        // “Upper body hypertrophy”; strength, power and toning are what many a class is called.
        if (Goal is null && title.Contains("hypertrophy", StringComparison.OrdinalIgnoreCase))
            Goal = BriefWords.Goal("hypertrophy");
        foreach (var need in topic.Split(' ').Select(BriefWords.Need).Where(n => n is "pregnancy" or "postnatal"))
            AddNeed(need!);
        // Who it is for may stand among other words: “HIIT, all levels”, “for the over-sixties”.
        string[] words = [.. title.Split([' ', ',', ':', ';', '!'], StringSplitOptions.RemoveEmptyEntries).Select(w => OfMany.Replace(w, "s"))];
        for (var from = 0; from < words.Length; from++)
            for (var length = Math.Min(3, words.Length - from); length > 0; length--)
            {
                var phrase = string.Join(' ', words[from..(from + length)]);
                // “Full body fusion”.
                foreach (var region in length > 1 && List("focus").Count == 0 ? BriefWords.Focus(phrase) : [])
                    Add("focus", region);
                if (length > 1 || phrase.Contains('-', StringComparison.Ordinal) || (phrase.Equals("senior", StringComparison.OrdinalIgnoreCase) && from + 1 < words.Length && SeniorWhat.IsMatch(words[from + 1])) || (phrase.Length > 6 && phrase.EndsWith("s", StringComparison.OrdinalIgnoreCase)))
                    foreach (var who in BriefWords.Audience(phrase))
                        Add("audience", who);
            }
    }

    private static string Quoted(string text) => text.AsSpan().ContainsAny(Signs) ? $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : text;

    /// <summary>As long as a name may be.</summary>
    public static string Capped(string text) => text.Length > Limits.NameLetters ? text[..Limits.NameLetters] : text;

    private void Add(string key, string word)
    {
        if (!lists.TryGetValue(key, out var words))
            lists[key] = words = [];
        if (!words.Contains(word))
            words.Add(word);
    }

    /// <summary>“Legs, bums and tums, 45 min”: several regions are one title.</summary>
    private static IEnumerable<string> Titled(string line)
    {
        if (IsSlashedTitle(line))
            return [line];
        var pieces = Pieces(line).ToList();
        var many = pieces.FindIndex(p => Joins.Split(p).Any(w => BriefWords.Focus(w).IsEmpty)) is var end and >= 0 ? end : pieces.Count;
        return many < 2 || !line.StartsWith(string.Join(", ", pieces.Take(many)), StringComparison.Ordinal) ? pieces : pieces.Skip(many).Prepend(string.Join(", ", pieces.Take(many)));
    }

    private static IEnumerable<string> Pieces(string line) => Between.Split(line).Select(p => p.Trim()).Where(p => p.Length > 0);
}
