using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>Names that nobody knows, taken for moves because of where they stand: in the dress of moves that are known, on the same line (“10 squats, 10 wobblers”) or near it (“T1 squats” over “T2 wobblers”). How a card runs is read as though they were known; they are asked about all the same.</summary>
internal static class CardGuesses
{
    /// <summary>A line further away is no neighbour.</summary>
    private const int Near = 4;

    /// <summary>A card with more lines has none guessed.</summary>
    private const int MostLines = 400;

    private const int LongestName = 32;

    /// <summary>Those names of a card, in any case.</summary>
    public static HashSet<string> In(string[] lines, Func<string, bool> isMove)
    {
        var guessed = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        if (lines.Length > MostLines)
            return guessed;
        var shapes = Array.ConvertAll(lines, l => Parts(l, isMove));
        for (var at = 0; at < shapes.Length; at++)
        {
            if (!shapes[at].Exists(p => p.Unknown is not null))
                continue;
            guessed.UnionWith(OnLine(shapes[at]));
            var dress = Dress(shapes[at]);
            // A name alone on its line is in nobody's dress, and a title in none.
            if (at > 0 && dress.AsSpan().ContainsAny("#:.)") && Enumerable.Range(Math.Max(1, at - Near), 2 * Near + 1).Any(i => i != at && i < shapes.Length && AreKnown(shapes[i]) && Dress(shapes[i]) == dress))
                guessed.UnionWith(shapes[at].Select(p => p.Unknown).OfType<string>());
        }

        return guessed;
    }

    private static bool AreKnown(List<Part> parts) => parts.TrueForAll(p => p.Unknown is null) && parts.Exists(p => p.IsKnown);

    private static string Dress(List<Part> parts) => string.Join(", ", parts.Select(p => p.Dress));

    /// <summary>The names of a line that stand there as its known ones do.</summary>
    private static IEnumerable<string> OnLine(List<Part> parts)
    {
        var known = parts.FindAll(p => p.IsKnown);
        var strange = parts.FindAll(p => p.Unknown is not null);
        if (known.Count == 0)
            return [];
        // “Squats, wobblers, rows”: as many known ones at least, and more than one.
        var isListOfNames = known.Count(IsBare) is > 1 and var bare && bare >= strange.Count(IsBare);
        // “21-15-9 squats, wobblers”: beside one known name it takes a number on the line, and a word that may be several of a thing.
        var isCounted = known.Count >= strange.Count && parts.Exists(p => p.Dress.Contains('#'));
        return strange.Where(s => s.IsSummed || (isListOfNames && IsBare(s)) || (isCounted && Plural.IsMatch(s.Unknown!)) || known.Exists(k => IsDressedAs(s, k))).Select(s => s.Unknown!);
    }

    private static bool IsBare(Part part) => part.Dress == Name;

    /// <summary>“10 N” and “3 rounds of 10 N”.</summary>
    private static bool IsDressedAs(Part part, Part other) =>
        !IsBare(part) && !IsBare(other) && (part.Dress.EndsWith(other.Dress, StringComparison.Ordinal) || part.Dress.StartsWith(other.Dress, StringComparison.Ordinal));

    /// <summary>A piece of a line: what stands around its name, the name where it is not known, whether it is.</summary>
    private sealed record Part(string Dress, string? Unknown, bool IsKnown, bool IsSummed);

    private const string Name = "N";

    private static List<Part> Parts(string line, Func<string, bool> isMove)
    {
        if (line.Length is 0 or > CardText.LongestLine || line.Contains('|', StringComparison.Ordinal))
            return [];
        if (line.Length <= LongestName && isMove(line))
            return [new Part(Name, null, true, false)];
        var parts = new List<Part>();
        line = Marker.Replace(InBrackets.Replace(line, " "), "${m} ");
        // What stands before a colon or a dash is called so; it is no move among others.
        var head = Head.Match(line).Length;
        foreach (var piece in Between.Split(line[head..]))
        {
            if (piece.Length == 0)
                continue;
            var (unknown, isKnown) = ((string?)null, false);
            var dress = Words.Replace(piece, run =>
            {
                var bare = Around.Replace(run.Value, "").Trim(' ', '-');
                if ((MoveAtEnd(bare, isMove) ?? MoveAtStart(bare, isMove)) is { } move)
                    (isKnown, bare) = (true, move);
                else if (unknown is null && MayName(bare))
                    unknown = bare;
                else
                    return run.Value.ToLowerInvariant();
                return run.Value.Replace(bare, Name, StringComparison.Ordinal);
            });
            parts.Add(new Part(Digits.Replace(dress.Trim(' ', '.', '!'), "#"), isKnown ? null : unknown, isKnown, Sum.IsMatch(line)));
        }

        if (head > 0)
            parts.Insert(0, new Part(Digits.Replace(line[..head].ToLowerInvariant().Trim(), "#"), null, false, false));
        return parts;
    }

    /// <summary>The move that words are, or end on: “a circuit of squats”; null where they do not.</summary>
    private static string? MoveAtEnd(string words, Func<string, bool> isMove)
    {
        for (var (at, tries) = (0, 0); at >= 0 && words.Length - at > 2 && tries < MostWords; tries++)
        {
            if (words.Length - at <= LongestName && isMove(words[at..]))
                return words[at..];
            at = words.IndexOf(' ', at) is > 0 and var space ? space + 1 : -1;
        }

        return null;
    }

    /// <summary>The move that words begin with: “squats bad knees”.</summary>
    private static string? MoveAtStart(string words, Func<string, bool> isMove)
    {
        for (var (at, tries) = (words.IndexOf(' '), 0); at is > 0 and <= LongestName && tries < MostWords; at = words.IndexOf(' ', at + 1), tries++)
            if (isMove(words[..at]))
                return words[..at];
        return null;
    }

    private const int MostWords = 7;

    /// <summary>Whether a few words may be what somebody calls a move: none that says anything else on a card.</summary>
    private static bool MayName(string words) =>
        words.Length is > 3 and <= LongestName && words.Split(' ').Length <= 3 && !words.AsSpan().ContainsAny("'’") && !Common.IsMatch(words) && !CardPhrases.BlockWord.IsMatch(words) && CardPhrases.PartOf(words) == CardPart.Main && !CardPhrases.GoesOn.IsMatch(words) && !CardPhrases.StationOfRest.IsMatch(words) && !CardPhrases.SaysNothing.IsMatch(words)
        && CardSlips.Put(words, _ => false) == words && CardHead.NeedsIn(words).Needs.IsEmpty && BriefWords.Kit(words) is null && BriefWords.Need(words) is null && BriefWords.Goal(words) is null && BriefWords.Focus(words).IsEmpty && BriefWords.Audience(words).IsEmpty;

    /// <summary>Letters with what joins them.</summary>
    private static CardPattern Words => field ??= new(@"[A-Za-z][A-Za-z'’-]*(?: [A-Za-z][A-Za-z'’-]*)*");

    private static CardPattern InBrackets => field ??= new(@"\s*(?:\([^()]*\)|\[[^\[\]]*\])");

    private static CardPattern Digits => field ??= new(@"[0-9]+|\b[A-H]\b(?=[.):]?\s+N\b)");

    /// <summary>What parts the pieces of a line; a number before the next name does too.</summary>
    private static CardPattern Between => field ??= new(@"\s*[,;:]\s+(?:and\s+|then\s+)?|\s+[/+&]\s+|\s+(?=[0-9]{1,2}[.)]\s)|\s+-\s+|\s+(?:and|then)\s+|(?<=[a-z])\s+(?=[0-9]{1,3}\s+[A-Za-z]{3})");

    /// <summary>“P1: ”, “Tabata 2 - ”, “A: ”: before one of several.</summary>
    private static CardPattern Marker => field ??= new(@"(?<=^|[,;/]\s)(?<m>(?:p|t|s|partner\s|tabata\s|station\s|stn\s|ex\s|exercise\s)?[0-9]{1,2}|[A-H])\s*(?::|\s-)\s+", RegexOptions.IgnoreCase);

    private static CardPattern Head => field ??= new(@"^[^,;/+&]*?(?::\s|\s-\s)\s*");

    private static CardPattern Sum => field ??= new(@"^(?:[A-H][.):]?\s+)?[^+,:;/]+ \+ [^+,:;/]+$");

    /// <summary>A word or two for several of a thing.</summary>
    private static CardPattern Plural => field ??= new(@"^(?:[a-z]{3,}\s)?[a-z]{3,}s$", RegexOptions.IgnoreCase);

    /// <summary>Words of a dose around a name.</summary>
    private static CardPattern Around => field ??= new(@"^(?:(?:x|s|m|sec(?:ond)?s?|min(?:ute)?s?|reps?|kg|of|rounds?|sets?|each|max|times|on|off|then|and|the|other|one|does|partner|tabata|station|block|round|[A-Z])\b\s*)+|\s*\b(?:(?:x|s|sec(?:ond)?s?|min(?:ute)?s?|reps?|each|per|side|leg|arm|both|sides|max|times|for|of|at|rounds?|sets?)\s*)+$", RegexOptions.IgnoreCase);

    /// <summary>Words that names of moves do not have.</summary>
    private static CardPattern Common => field ??= new(@"\b(?:and|or|the|your|you|if|to|of|with|for|on|at|no|not|all|same|it|this|that|is|are|do|does|then|repeat|again|times?|hold|slow(?:ly)?|fast|quick(?:ly)?|heavy|light|easy|easier|hard|harder|rest|recover|water|drink|break|breathe|rounds?|sets?|reps?|min(?:ute)?s?|sec(?:ond)?s?|each|every|between|after|before|ladder|pyramid|amrap|emom|tabata|finisher|circuit|class|week|today|tonight|monday|tuesday|wednesday|thursday|friday|saturday|sunday|mon|tues?|weds?|thurs?|fri|sat|sun|partner|team|music|song|track|note|nb|ps|max|amap|total|level|option|from|until|till|as|many|possible|body|weight|bodyweight|we|they|she|he|i|who|what|when|keep|go|get|try|think|feel|look|swap|change|switch|left|right|side|sides|home|done|end|start|begin|main|part|stage|new|old|mind|standing|seated|floor|lying|kneeling|behind|dynamic|up|down|out|in|high|low|wide|narrow|tall|tight|apart|together|cals?|calories)\b", RegexOptions.IgnoreCase);
}
