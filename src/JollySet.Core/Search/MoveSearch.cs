using System.Collections.Frozen;
using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;

namespace JollySet.Core.Search;

/// <summary>Finds moves by what people write: names, muscles, patterns, kit, needs, level and place, in any order.</summary>
public static class MoveSearch
{
    private const int LongestText = 200;
    private const int LongestPhrase = 4;

    /// <summary>Words after which a part of the body is one to be spared.</summary>
    private static readonly FrozenSet<string> Sparing = new[] { "spare", "spares", "sparing", "sore", "bad", "dodgy", "avoid", "protect", "kind", "not", "easy" }.ToFrozenSet();

    private static readonly FrozenSet<string> Fillers = new[] { "the", "for", "with", "and", "on", "to", "a", "an", "some", "my", "of", "move", "moves", "exercise", "exercises", "something", "work", "using", "in" }.ToFrozenSet();

    private static readonly FrozenDictionary<string, Level> Levels = new Dictionary<string, Level>
    {
        ["standing"] = Level.Up,
        ["upright"] = Level.Up,
        ["kneeling"] = Level.Middle,
        ["all fours"] = Level.Middle,
        ["floor"] = Level.Down,
        ["lying"] = Level.Down,
        ["mat work"] = Level.Down,
    }.ToFrozenDictionary();

    private static readonly FrozenDictionary<string, Role> Roles = new Dictionary<string, Role>
    {
        ["warm-up"] = Role.WarmUp,
        ["warm up"] = Role.WarmUp,
        ["warmup"] = Role.WarmUp,
        ["finisher"] = Role.Finisher,
        ["finishers"] = Role.Finisher,
        ["cool-down"] = Role.Stretch,
        ["cool down"] = Role.Stretch,
        ["stretches"] = Role.Stretch,
    }.ToFrozenDictionary();

    /// <summary>What a line asks.</summary>
    public static MoveQuestion Read(string text)
    {
        var line = (text.Length > LongestText ? text[..LongestText] : text).Trim();
        var (words, muscles, patterns, kit, spared) = (new List<string>(), new List<Muscle>(), new List<Pattern>(), new List<string>(), new List<string>());
        (Level? Level, Role? Role) said = default;
        foreach (var part in line.ToLowerInvariant().Split([',', ';', '·', '&', '+', '.'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
        {
            var tokens = part.Split(' ', StringSplitOptions.RemoveEmptyEntries);
            var sparing = false;
            for (var at = 0; at < tokens.Length;)
            {
                var taken = 0;
                for (var length = Math.Min(LongestPhrase, tokens.Length - at); length > 0 && taken == 0; length--)
                    taken = Takes(string.Join(' ', tokens[at..(at + length)]), sparing) ? length : 0;
                sparing = (sparing && Fillers.Contains(tokens[at])) || Sparing.Contains(tokens[at]);
                if (taken == 0 && !sparing && !Fillers.Contains(tokens[at]))
                    words.Add(tokens[at]);
                at += Math.Max(1, taken);
            }
        }

        return new MoveQuestion(line, [.. words], [.. muscles.Distinct()], [.. patterns.Distinct()], [.. kit.Distinct()], [.. spared.Distinct()], said.Level, said.Role);

        bool Takes(string phrase, bool sparing)
        {
            var isPlainWord = !sparing && !phrase.Contains(' ', StringComparison.Ordinal);
            if (BriefWords.Need(phrase) is { } need && Needs.Ways.Contains(need) && !(isPlainWord && (FocusOf(phrase).Count > 0 || BriefWords.Kit(phrase) is not null)))
                return Add(spared, need);
            if (phrase is "bodyweight" or "without kit" or "without equipment")
                return Add(spared, "no kit");
            if (FocusOf(phrase) is { Count: > 0 } worked)
            {
                muscles.AddRange(worked);
                return true;
            }

            if (phrase is "push" or "pushes" or "pull" or "pulls")
            {
                patterns.AddRange(phrase.StartsWith("push", StringComparison.Ordinal) ? [Pattern.Push, Pattern.OverheadPush] : [Pattern.Pull, Pattern.VerticalPull]);
                return true;
            }

            if (BriefWords.Kit(phrase) is { } item)
                return Add(kit, item);
            if (Levels.TryGetValue(phrase, out var level))
            {
                said.Level = level;
                return true;
            }

            if (Roles.TryGetValue(phrase, out var role))
            {
                said.Role = role;
                return true;
            }

            // “Squat” is a word of many names; “hinge” or “overhead push” is a kind.
            if (Plans.Words.TryPattern(phrase, out var pattern) && pattern is not (Pattern.Any or Pattern.Squat or Pattern.Lunge or Pattern.CalfRaise or Pattern.Carry or Pattern.March or Pattern.Jump))
            {
                patterns.Add(pattern);
                return true;
            }

            return false;
        }
    }

    /// <summary>The moves that answer, those first that are meant by name, then the common ones; every move, in the same order, where nothing is asked.</summary>
    public static ImmutableArray<Move> Find(MoveQuestion question, MoveLibrary library)
    {
        var meant = question.Text.Length > 0 && library.Reader.Read(question.Text) is { Known: not Sureness.Unknown } reading ? library.Find(reading.Base) : null;
        var whole = Split(question.Text);
        return
        [
            .. library.All
                .Select(move => (move, rank: Rank(move, question, meant, whole)))
                .Where(m => m.rank is not null)
                .OrderBy(m => m.rank)
                .ThenBy(m => question.Role is null && m.move.Pattern is Pattern.Mobility or Pattern.Stretch)
                .ThenByDescending(m => m.move.Tags.Staple)
                .ThenBy(m => m.move.Pattern)
                .ThenBy(m => m.move.Tags.Rung)
                .ThenBy(m => m.move.Name, StringComparer.Ordinal)
                .Select(m => m.move),
        ];
    }

    /// <summary>Reads a line and finds.</summary>
    public static ImmutableArray<Move> Find(string text, MoveLibrary library) => Find(Read(text), library);

    /// <summary>0 the move that is meant, 1 a name that begins with what is written, 2 one that has all of its words, 3 what answers all that is asked; null for none. A line that is understood to its last word asks for facts: “back” is no back lunge.</summary>
    private static int? Rank(Move move, MoveQuestion question, Move? meant, List<string> whole)
    {
        if (ReferenceEquals(move, meant))
            return 0;
        var names = move.Also.Prepend(move.Name).ToList();
        if (question.HasFacts && question.Words.IsEmpty)
            return question.Fits(move) ? 3 : whole.Count > 0 && names.Exists(n => Holds(n, whole)) ? 4 : null;
        if (whole.Count > 0 && names.Exists(n => n.StartsWith(question.Text, StringComparison.OrdinalIgnoreCase)))
            return 1;
        if (whole.Count > 0 && names.Exists(n => Holds(n, whole)))
            return 2;
        return (question.HasFacts || whole.Count == 0) && question.Fits(move) && (question.Words.IsEmpty || names.Exists(n => Holds(n, question.Words)) || question.Words.All(w => IsKind(move, w))) ? 3
            : !question.HasFacts && !question.Words.IsEmpty && question.Words.All(w => IsKind(move, w)) ? 3 : null;
    }

    private static bool IsKind(Move move, string word) => Plans.Words.Of(move.Pattern).Equals(word.TrimEnd('s'), StringComparison.OrdinalIgnoreCase);

    /// <summary>Whether a name has a word that begins with each of them.</summary>
    private static bool Holds(string name, IEnumerable<string> words)
    {
        var parts = Split(name);
        return words.All(w => parts.Exists(p => p.StartsWith(w, StringComparison.OrdinalIgnoreCase) || (w.Length > 3 && w.EndsWith('s') && p.Equals(w[..^1], StringComparison.OrdinalIgnoreCase))));
    }

    private static List<string> Split(string text) => [.. text.Split([' ', '-', ','], StringSplitOptions.RemoveEmptyEntries)];

    private static List<Muscle> FocusOf(string phrase)
    {
        // A search for them is one for names and patterns.
        if (Focus.IsWayToMove(phrase))
            return [];
        var focus = Focus.Of(new Brief() { Focus = [phrase] });
        // “Hips” and “pecs” are parts of the body, and no focus of a class.
        if (!focus.IsJudged)
            return [.. MuscleWords.Of(phrase)];
        if (focus.IsFullBody)
            return [];
        return [.. Enum.GetValues<Muscle>().Where(focus.Covers)];
    }

    private static bool Add(List<string> list, string what)
    {
        list.Add(what);
        return true;
    }
}
