using System.Buffers;
using System.Collections.Concurrent;
using System.Collections.Frozen;
using System.Collections.Immutable;

namespace JollySet.Core.Moves.Names;

/// <summary>Reads names as people write them: a base and modifiers in any order, with hyphens or without, one or many, short or long, a slip of the pen in them. What is not certain is never taken as if it were.</summary>
public sealed partial class NameReader
{
    private static readonly FrozenDictionary<string, (Modifier Modifier, string[] Way)[]> ByFirst = Modifiers.All
        .SelectMany(m => m.Ways.Select(way => (m, way)))
        .GroupBy(w => w.way[0])
        .ToFrozenDictionary(g => g.Key, g => g.ToArray());

    /// <summary>Signs that part one thing from another: what holds one is no single name.</summary>
    private static readonly SearchValues<char> Joints = SearchValues.Create("&+>|/;#=@\"[]()");

    /// <summary>More words than any name has.</summary>
    private const int MostWords = 10;

    private const int MostModifiers = 5;

    /// <summary>What may stand between the parts of one name.</summary>
    private static readonly ImmutableArray<string> Joins = ["with", "to", "and", "into", "plus"];
    private const int Choices = 3;
    private const int LongWord = 7;
    private const int ShortestSlip = 4;
    private const int MostSlipped = 5;
    private const int MostMended = 20_000;
    private const string Vowels = "aeiou";
    private readonly FrozenDictionary<string, Move> byKey;
    private readonly FrozenDictionary<string, Move?> bySorted;
    private readonly FrozenDictionary<string, Move?> byContent;
    private readonly FrozenDictionary<string, Move> byLetters;
    private readonly FrozenDictionary<string, Move[]> byAsked;
    private readonly ImmutableArray<(Move Move, HashSet<string> Words)> all;
    private readonly FrozenDictionary<string, int[]> byWord;
    private readonly ConcurrentDictionary<string, string> mended = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<string, List<(string Word, int Edits)>> nearWords = new(StringComparer.Ordinal);
    private readonly ConcurrentDictionary<string, NameReading?> bySlips = new(StringComparer.Ordinal);
    private readonly FrozenSet<string> vocabulary;

    /// <summary>A reader over a library's names.</summary>
    public NameReader(MoveLibrary library)
    {
        var names = library.All.SelectMany(m => m.Also.Prepend(m.Name).Select(name => (move: m, words: NameWords.Of(name)))).Where(n => n.words.Count > 0).ToList();
        byKey = names.GroupBy(n => NameWords.KeyOf(n.words)).Where(g => g.Select(n => n.move).Distinct().Count() == 1).ToFrozenDictionary(g => g.Key, g => g.First().move);
        bySorted = names.GroupBy(n => Sorted(n.words)).ToFrozenDictionary(g => g.Key, g => g.Select(n => n.move).Distinct().Count() == 1 ? g.First().move : null);
        // What is asked about by one word is asked about by the other: a leg lift and a leg raise.
        var shortNames = library.All.SelectMany(m => m.Asked).Select(name => Content(NameWords.Of(name))).ToHashSet();
        byContent = names.Where(n => !n.words.Exists(Joins.Contains)).GroupBy(n => Content(n.words)).Where(g => g.Key.Contains(' ', StringComparison.Ordinal) && !shortNames.Contains(g.Key)).ToFrozenDictionary(g => g.Key, g => g.Select(n => n.move).Distinct().Count() == 1 ? g.First().move : null);
        byLetters = library.All.SelectMany(m => m.Also.Prepend(m.Name).Select(name => (move: m, letters: NameWords.Joined(name)))).GroupBy(n => n.letters).Where(g => g.Select(n => n.move).Distinct().Count() == 1).ToFrozenDictionary(g => g.Key, g => g.First().move);
        byAsked = library.All.SelectMany(m => m.Asked.Select(name => (move: m, key: NameWords.KeyOf(NameWords.Of(name))))).GroupBy(n => n.key).ToFrozenDictionary(g => g.Key, g => g.Select(n => n.move).OrderByDescending(m => m.Tags.Staple).ToArray());
        all = [.. names.Select(n => (n.move, n.words.ToHashSet()))];
        byWord = all.SelectMany((n, at) => n.Words.Select(word => (word, at))).GroupBy(w => w.word).ToFrozenDictionary(g => g.Key, g => g.Select(w => w.at).ToArray());
        vocabulary = names.SelectMany(n => n.words).Concat(Modifiers.All.SelectMany(m => m.Ways).SelectMany(w => w)).Concat(NameWords.Joins).ToFrozenSet();
    }

    /// <summary>Whether a word stands in the name of a move, or changes one.</summary>
    public bool IsWord(string word) => NameWords.Of(word).TrueForAll(vocabulary.Contains);

    /// <summary>What a name means.</summary>
    public NameReading Read(string text) =>
        text.Contains('/', StringComparison.Ordinal) ? ReadPlain(NameWords.WithoutStrokes(text)) with { Text = text }
        : ReadPlain(text) is var reading && reading.Known == Sureness.Certain && AreTwo(text) ? reading with { Known = Sureness.Likely, How = $"is {reading.How} meant, or both?", Meant = reading.Base } : reading;

    /// <summary>Whether “squats and presses” is said, of which each is a move: two of them, more likely than one.</summary>
    private bool AreTwo(string text) =>
        text.IndexOf("s and ", StringComparison.OrdinalIgnoreCase) is > 1 and var and && text[and - 1] is not ('s' or 'S') && !byLetters.ContainsKey(NameWords.Joined(text)) && BaseOf(NameWords.Of(text[..(and + 1)])) is not null && BaseOf(NameWords.Of(text[(and + 6)..])) is not null;

    private NameReading ReadPlain(string text)
    {
        var words = NameWords.Of(text);
        if (words.Count > MostWords)
            return new NameReading(text, Sureness.Unknown, null, "", [], "a sentence is no name", []);
        // “Clean & press” is one name where it is one with “and”.
        if (text.Contains('&', StringComparison.Ordinal) && BaseOf(NameWords.Of(text.Replace("&", " and ", StringComparison.Ordinal))) is { } joined)
            return Told(text, joined, [], joined);
        // “Cat/cow” is one name where it is one with nothing between.
        if (text.Contains('/', StringComparison.Ordinal) && !text.Contains('&', StringComparison.Ordinal) && BaseOf(words) is { } stroked)
            return Told(text, stroked, [], stroked);
        if (text.AsSpan().ContainsAny(Joints))
            return new NameReading(text, Sureness.Unknown, null, "", [], "several things stand in it", Near(words, Choices, ""));
        if (words.Count == 0)
            return new NameReading(text, Sureness.Unknown, null, "", [], "there is no word in it", []);
        return Certainly(text, words) ?? Likely(text, words) ?? Unknown(text, words);
    }

    /// <summary>What a coach would not ask about; null where there is nothing of it.</summary>
    private NameReading? Certainly(string text, List<string> words)
    {
        if (byLetters.TryGetValue(NameWords.Joined(text), out var written))
            return Told(text, written, [], written);
        if (Understood(text, words) is { } sure && IsOneOf(text))
            return sure;
        // “Squat and reach” is a squat with reach, “burpee into push-up” a burpee to push-up: one name, joined by another word.
        for (var at = 1; at + 1 < words.Count; at++)
            if (Joins.Contains(words[at]))
                foreach (var join in Joins)
                    if (Named([.. words[..at], join, .. words[(at + 1)..]]) is { } joint)
                        return Told(text, joint, [], joint);
        // “Bench tricep dips”, “reverse lunge to curl”, which is both in one rep, “push-up on the bench”.
        if ((Redundant(text, words) ?? Combined(text, words)) is { } other)
            return other;
        if (Placed(words) is { } placed)
            return Told(text, placed, [], placed);
        // “Seated marching” is a seated march.
        return words.ConvertAll(Doing) is var done && !done.SequenceEqual(words) && Understood(text, done) is { } doing && IsOneOf(text) ? doing : null;
    }

    /// <summary>What is most likely meant, and is asked; null where nothing is likely.</summary>
    private NameReading? Likely(string text, List<string> words)
    {
        // “Dips” are most likely those of the triceps.
        if (byAsked.TryGetValue(NameWords.KeyOf(words), out var meant))
            return new NameReading(text, Sureness.Likely, meant[0], meant[0].Name, [], $"is {meant[0].Name} meant?", [.. meant.Select(m => m.Name).Concat(Near(words, Choices, meant[0].Name)).Distinct().Take(Choices)]) { Meant = meant[0].Name, Several = [.. meant] };
        if (AskedWith(text, words) is { } other)
            return other;
        if (MendedWords(text) is var mended && !mended.SequenceEqual(words) && Understood(text, mended) is { } slip)
            return slip with { Known = Sureness.Likely, How = $"is {slip.How} meant?", Nearest = [slip.Base, .. Near(mended, Choices - 1, slip.Base)], Meant = slip.Modifiers.IsEmpty ? slip.Base : string.Join(' ', mended) };
        if (SideBySide(text) is { } pair)
            return pair;
        return BySlips(text, words) is { } only ? only with { Known = Sureness.Likely, How = $"is {only.How} meant?", Nearest = [only.Base, .. Near(words, Choices - 1, only.Base)], Meant = only.Base } : null;
    }

    private NameReading Unknown(string text, List<string> words)
    {
        var near = Near(words, Choices, "");
        if (near.IsEmpty)
            near = Near(MendedWords(text), Choices, "");
        return new NameReading(text, Sureness.Unknown, null, "", [], near.IsEmpty ? "nothing like it is known" : $"near are {string.Join(", ", near)}", near) { Shared = near.IsEmpty ? 0 : SharedWith(near[0], words) };
    }

    /// <summary>The words with their slips put right.</summary>
    private List<string> MendedWords(string text) => NameWords.Of(string.Join(' ', NameWords.Split(text.Length > NameWords.LongestName ? text[..NameWords.LongestName] : text).Select(Put)));

    /// <summary>A name of which a word says what the move says already: the muscle it works, or both legs of what both do.</summary>
    private NameReading? Redundant(string text, List<string> words)
    {
        for (var at = 0; at < words.Count && words.Count > 2; at++)
        {
            var isBoth = words[at] is "double" or "both" or "two" && at + 1 < words.Count && words[at + 1] is "leg" or "arm";
            if (!isBoth && !MuscleWords.Has(words[at]))
                continue;
            List<string> rest = [.. words[..at], .. words[(at + 1)..]];
            var found = Understood(text, rest) ?? (Placed(rest) is { } placed ? Told(text, placed, [], placed) : null) ?? (isBoth ? Understood(text, [.. words[..at], .. words[(at + 2)..]]) : null);
            if (found?.Move is { } move && (isBoth ? move.Sides != MoveSides.OneSided : MuscleWords.IsOf(words[at], move)) && IsOneOf(text))
                return found;
        }

        return null;
    }

    /// <summary>“Push-up on the bench” is a bench push-up.</summary>
    private Move? Placed(List<string> words) => words.IndexOf("on") is > 0 and var on && on + 1 < words.Count ? Named([.. words[(on + 1)..], .. words[..on]]) ?? BaseOf([.. words[..on], .. words[(on + 1)..]]) : null;

    /// <summary>What is done, without its “-ing”, where that is a word of the library.</summary>
    private string Doing(string word)
    {
        if (word.Length < LongWord || !word.EndsWith("ing", StringComparison.Ordinal))
            return word;
        var stem = word[..^3];
        return vocabulary.Contains(stem) ? stem
            : stem[^1] == stem[^2] && vocabulary.Contains(stem[..^1]) ? stem[..^1]
            : vocabulary.Contains(stem + "e") ? stem + "e" : word;
    }

    /// <summary>What stands after a comma changes what stands before it; where it is a move itself, two are named.</summary>
    private static bool IsOneOf(string text)
    {
        var comma = text.IndexOf(',', StringComparison.Ordinal);
        if (comma < 0)
            return true;
        var words = NameWords.Of(text[comma..]);
        var found = Found(words);
        return Enumerable.Range(0, words.Count).All(at => found.Exists(f => at >= f.At && at < f.At + f.Length));
    }

    /// <summary>The base that keeps most of the words, with the modifiers that are left; null where there is none.</summary>
    private NameReading? Understood(string text, List<string> words)
    {
        if (BaseOf(words) is { } whole)
            return Told(text, whole, [], whole);
        var found = Found(words);
        if (found.Count is 0 or > MostModifiers)
            return null;
        // Fewest words taken out first: a name that holds a modifier's word may be a base of its own.
        foreach (var taken in Enumerable.Range(1, (1 << found.Count) - 1).OrderBy(taken => WordsOf(found, taken)))
        {
            var rest = new List<string>(words.Count);
            for (var i = 0; i < words.Count; i++)
                if (!IsTaken(found, taken, i))
                    rest.Add(words[i]);
            if (rest.Count + WordsOf(found, taken) != words.Count || BaseOf(rest) is not { } move)
                continue;
            var (changed, says) = ((Move?)move, ImmutableArray.CreateBuilder<string>());
            for (var i = 0; i < found.Count && changed is not null; i++)
            {
                if ((taken & (1 << i)) == 0)
                    continue;
                var before = changed;
                changed = found[i].Modifier.Rule(before);
                if (changed is not null && !ReferenceEquals(changed, before))
                    says.Add(found[i].Modifier.Says);
            }

            if (changed is not null)
                return Told(text, move, says.ToImmutable(), changed);
        }

        return null;
    }

    private static int WordsOf(List<(Modifier Modifier, int At, int Length)> found, int taken)
    {
        var words = 0;
        for (var i = 0; i < found.Count; i++)
            words += (taken & (1 << i)) != 0 ? found[i].Length : 0;
        return words;
    }

    private static bool IsTaken(List<(Modifier Modifier, int At, int Length)> found, int taken, int place)
    {
        for (var i = 0; i < found.Count; i++)
            if ((taken & (1 << i)) != 0 && place >= found[i].At && place < found[i].At + found[i].Length)
                return true;
        return false;
    }

    private static NameReading Told(string text, Move of, ImmutableArray<string> modifiers, Move changed) => modifiers.IsEmpty
        ? new NameReading(text, Sureness.Certain, of, of.Name, [], of.Name, [])
        : new NameReading(text, Sureness.Certain, changed with { Name = $"{string.Join(", ", modifiers)} {of.Name}", Also = [] }, of.Name, modifiers, $"{string.Join(", ", modifiers)} · {of.Name}", []);

    private Move? BaseOf(List<string> words) => words.Count == 0 ? null
        : Named(words) ?? WithKit(words) ?? (words.Count > 1 ? ByContent(words) : null) ?? OfBall(words);

    private Move? Named(List<string> words) => byKey.GetValueOrDefault(NameWords.KeyOf(words)) ?? bySorted.GetValueOrDefault(Sorted(words));

    /// <summary>“Chest press with band” is the band chest press; “standing with the chair” only tells where one stands.</summary>
    private Move? WithKit(List<string> words) => words is [.., "with", var item] && KitList.Known.Contains(KitList.Kind(item)) && !KitList.IsOffFloor(item) ? Named([item, .. words[..^2]]) : null;

    private Move? ByContent(List<string> words) => byContent.GetValueOrDefault(Content(words));

    /// <summary>What a name says whatever joins its words: “plank with reach” is a plank reach, a leg lift a leg raise, a side jump a side hop.</summary>
    private static string Content(List<string> words) =>
        string.Join(' ', words.Where((w, at) => at == 0 || at == words.Count - 1 || w is not ("with" or "and")).Select(w => w switch { "lift" => "raise", "hop" => "jump", "lateral" or "sideway" => "side", "rotation" or "turn" => "twist", "touch" => "tap", _ => w }));

    /// <summary>“Stability ball crunch” is the ball crunch, where that is done on one.</summary>
    private Move? OfBall(List<string> words)
    {
        var at = words.IndexOf("ball") - 1;
        if (at < 0 || words[at] is not ("stability" or "medicine"))
            return null;
        List<string> plain = [.. words[..at], .. words[(at + 1)..]];
        var move = Named(plain) ?? ByContent(plain);
        return move?.Kit.Contains(words[at] == "stability" ? "stability ball" : "ball") == true ? move : null;
    }

    private static string Sorted(IEnumerable<string> words) => string.Join(' ', words.Order(StringComparer.Ordinal));

    private static List<(Modifier Modifier, int At, int Length)> Found(List<string> words)
    {
        var found = new List<(Modifier, int, int)>();
        for (var at = 0; at < words.Count; at++)
            if (ByFirst.TryGetValue(words[at], out var ways))
                // “Half kneeling” is one thing, not half of another.
                foreach (var (modifier, way) in ways)
                    if (Stands(words, at, way) && !Array.Exists(ways, w => w.Way.Length > way.Length && Stands(words, at, w.Way)))
                        found.Add(at > 0 && Joins.Contains(words[at - 1]) ? (modifier, at - 1, way.Length + 1) : (modifier, at, way.Length));
        return found;
    }

    private int SharedWith(string name, List<string> words) =>
        words.SelectMany(w => byWord.GetValueOrDefault(w) ?? []).Where(at => all[at].Move.Name == name).GroupBy(at => at).Select(g => g.Count()).DefaultIfEmpty().Max();

    private static bool Stands(List<string> words, int at, string[] way)
    {
        if (at + way.Length > words.Count)
            return false;
        for (var i = 0; i < way.Length; i++)
            if (words[at + i] != way[i])
                return false;
        return true;
    }

    /// <summary>A word as it is written, its slips put right.</summary>
    private string Put(string raw)
    {
        var words = NameWords.Of(raw);
        // “Rowes” are rows and no rower.
        if (raw.EndsWith("es", StringComparison.Ordinal) && raw.Length > ShortestSlip && vocabulary.Contains(raw[..^2]) && !vocabulary.Contains(raw))
            return raw[..^2];
        return words.TrueForAll(vocabulary.Contains) ? raw : Mended(raw) is var whole && whole != raw ? whole : string.Join(' ', words.Select(Mended));
    }

    /// <summary>The one name that words may be with one of them another word a letter or two away, where that word alone may be several: “jumping jaks”; null where several names may be meant, or none.</summary>
    private NameReading? BySlips(string text, List<string> words)
    {
        if (words.Count is 0 or > MostSlipped || words.FindAll(w => !vocabulary.Contains(w)) is not [{ } slip] || (slip.Length < ShortestSlip && words.Count == 1))
            return null;
        var key = string.Join(' ', words);
        if (bySlips.TryGetValue(key, out var before))
            return before is null ? null : before with { Text = text };
        if (bySlips.Count >= MostMended)
            bySlips.Clear();
        return bySlips[key] = OnlyOne(text, words, slip);
    }

    /// <summary>The one name that the words make with another in the place of one of them; null where there are several, or none.</summary>
    private NameReading? OnlyOne(string text, List<string> words, string slip)
    {
        NameReading? only = null;
        // “Seated marhcing” is a march.
        var near = slip.Length >= LongWord && slip.EndsWith("ing", StringComparison.Ordinal) ? NearWords(slip).Concat(NearWords(slip[..^3])) : NearWords(slip);
        foreach (var (word, _) in near)
        {
            // Of a short word alone a vowel is left out, or it is none: “squt”, and not “plan” for plank.
            if (words.Count == 1 && slip.Length == ShortestSlip && !LacksVowel(slip, word))
                continue;
            if (Understood(text, words.ConvertAll(w => w == slip ? word : w)) is not { Modifiers.IsEmpty: true } found)
                continue;
            if (only is not null && only.Base != found.Base)
                return null;
            only = found;
        }

        return only;
    }

    private static bool LacksVowel(string slip, string word)
    {
        var at = 0;
        while (at < slip.Length && at < word.Length && slip[at] == word[at])
            at++;
        return word.Length == slip.Length + 1 && Vowels.Contains(word[at], StringComparison.Ordinal) && word.AsSpan(at + 1).SequenceEqual(slip.AsSpan(at));
    }

    /// <summary>The known words a letter away from a word, two from a long one, and how far. Each word is looked for once.</summary>
    private List<(string Word, int Edits)> NearWords(string word)
    {
        if (word.Length < ShortestSlip - 1)
            return [];
        if (nearWords.TryGetValue(word, out var before))
            return before;
        if (nearWords.Count >= MostMended)
            nearWords.Clear();
        var most = word.Length >= LongWord ? 2 : 1;
        return nearWords[word] = [.. vocabulary.Where(v => Math.Abs(v.Length - word.Length) <= most && v.Length >= ShortestSlip - 1).Select(v => (Word: v, Edits: NearestName.Edits(word, v, most))).Where(v => v.Edits <= most)];
    }

    /// <summary>The one known word that a word is a slip of: one letter in a word of four or more, two in a longer one. Each word is looked for once.</summary>
    private string Mended(string word)
    {
        if (vocabulary.Contains(word))
            return word;
        if (mended.TryGetValue(word, out var before))
            return before;
        if (mended.Count >= MostMended)
            mended.Clear();
        return mended[word] = Found(word);
    }

    private string Found(string word)
    {
        // In a short word only two letters may have changed places, or its one vowel be left out.
        if (word.Length == ShortestSlip - 1)
            return new[] { $"{word[1]}{word[0]}{word[2]}", $"{word[0]}{word[2]}{word[1]}" }.Concat(word.AsSpan().ContainsAny(Vowels) ? [] : Vowels.SelectMany(v => new[] { word.Insert(1, $"{v}"), word.Insert(2, $"{v}") })).Where(vocabulary.Contains).Distinct().ToList() is [var swapped] ? swapped : word;
        if (word.Length < ShortestSlip)
            return word;
        var near = NearWords(word).OrderBy(v => v.Edits).ToList();
        // “Kness” is a slip of knees.
        if (near.Count == 0 && word[^1] == 's')
            near = [.. vocabulary.Where(v => v.Length >= ShortestSlip && Math.Abs(v.Length + 1 - word.Length) <= 1).Select(v => (Word: v, Edits: NearestName.Edits(word, $"{v}s", 1))).Where(v => v.Edits <= 1)];
        // Letters that have changed places are the likelier slip.
        if (near.Count > 1 && near.Where(v => v.Word.Order().SequenceEqual(word.Order())).ToList() is [var turned])
            return turned.Word;
        near = [.. near.Take(2)];
        return near.Count == 1 || (near.Count == 2 && near[0].Edits < near[1].Edits) ? near[0].Word : word;
    }

    /// <summary>The names that share most words with it, the last word, which mostly says the kind, counting twice; among equals the common ones.</summary>
    private ImmutableArray<string> Near(List<string> words, int most, string butNot)
    {
        var shared = new Dictionary<int, int>();
        for (var i = 0; i < words.Count; i++)
            foreach (var at in byWord.GetValueOrDefault(words[i]) ?? [])
                shared[at] = shared.GetValueOrDefault(at) + (i == words.Count - 1 ? 2 : 1);
        var best = new List<(Move Move, int Shared, int Extra)>(most + 1);
        foreach (var (at, count) in shared)
        {
            var found = (all[at].Move, Shared: count, Extra: all[at].Words.Count);
            if (found.Move.Name == butNot || (best.Count == most && !IsNearer(found, best[^1])))
                continue;
            // A move stands once, by the nearest of its names.
            var same = best.FindIndex(b => ReferenceEquals(b.Move, found.Move));
            if (same >= 0 && !IsNearer(found, best[same]))
                continue;
            if (same >= 0)
                best.RemoveAt(same);
            best.Insert(best.FindIndex(b => IsNearer(found, b)) is var before and >= 0 ? before : best.Count, found);
            if (best.Count > most)
                best.RemoveAt(most);
        }

        return [.. best.Select(b => b.Move.Name)];
    }

    private static bool IsNearer((Move Move, int Shared, int Extra) a, (Move Move, int Shared, int Extra) b) =>
        a.Shared != b.Shared ? a.Shared > b.Shared
        : a.Move.Tags.Staple != b.Move.Tags.Staple ? a.Move.Tags.Staple > b.Move.Tags.Staple
        : a.Extra != b.Extra ? a.Extra < b.Extra
        : string.CompareOrdinal(a.Move.Name, b.Move.Name) < 0;
}
