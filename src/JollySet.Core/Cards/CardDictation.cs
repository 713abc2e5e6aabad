using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>
/// A class that is dictated: one long line with hardly a sign in it, “start with a five minute warm up then three rounds of squats rows and press ups forty seconds on twenty off …”.
/// It is taken from left to right as parts with their minutes, breaks, moves the library knows, and clauses of how they run; where anything else stands in it, it is left alone.
/// </summary>
internal sealed class CardDictation
{
    private const int FewestWords = 12;
    private const int MostNameWords = 4;

    /// <summary>Words before the first part or move that say something of the class.</summary>
    private const int MostHeadWords = 10;

    private readonly string text;
    private readonly Func<string, bool> isMove;
    private readonly List<string> lines = [];
    private readonly List<string> moves = [];
    private readonly List<string> clauses = [];

    private CardDictation(string text, Func<string, bool> isMove) => (this.text, this.isMove) = (text, isMove);

    /// <summary>The lines of a card that a dictated line is; null where it is none.</summary>
    public static string? Lines(string line, Func<string, bool> isMove) =>
        line.AsSpan().ContainsAny(",;:") || line.AsSpan().Count(' ') < FewestWords || new CardDictation(CardNumbers.InDigits(ClassLong.Replace(line, m => $"{(Array.IndexOf(Tens, m.Groups["tens"].Value.ToLowerInvariant()) + 2) * 10 + 5}")).Trim(' ', '.', '!'), isMove).Taken() is not { } taken ? null : taken;

    private string? Taken()
    {
        var at = Head();
        var isParted = true;
        while (at < text.Length)
        {
            if (Next.Match(text, at) is { Success: true, Length: > 0 } next)
            {
                (at, isParted) = (at + next.Length, true);
                continue;
            }

            if (Filler.Match(text, at) is { Success: true, Length: > 0 } filler)
            {
                at += filler.Length;
                continue;
            }

            // What comes behind “then” is a block of its own where the one before has its moves and how they run.
            if (isParted && moves.Count > 0 && clauses.Count > 0 && !Ends())
                return null;
            if (Part.Match(text, at) is { Success: true } part)
            {
                if (!Ends())
                    return null;
                lines.Add($"{part.Groups["p"].Value} {part.Groups["n"].Value} min");
                at += part.Length;
            }
            else if (isParted && Break.Match(text, at) is { Success: true } pause)
            {
                if (!Ends())
                    return null;
                lines.Add($"{pause.Groups["n"].Value} min {(pause.Groups["w"].Success ? "water" : "rest")}");
                at += pause.Length;
            }
            else if (Name(at) is > 0 and var name)
            {
                moves.Add(text.Substring(at, name).Trim());
                at += name;
            }
            else if (Off.Match(text, at) is { Success: true } off)
            {
                clauses.Add(off.Value);
                at += off.Length;
            }
            else if (CardTimings.OneClause(text, at) is var end && end > at)
            {
                // “20 seconds rest after that …” leads to what comes.
                end = at + Trailing.Replace(text[at..end], "").Length;
                clauses.Add(text[at..end].Trim());
                at = end;
            }
            else
            {
                return null;
            }

            isParted = false;
        }

        return Ends() && lines.Count > 1 ? string.Join('\n', lines) : null;
    }

    /// <summary>Where what is said of the class as a whole ends, before its first part: “okay so tomorrow's class is 45 minutes starting with …”.</summary>
    private int Head()
    {
        if (Opens.Match(text) is not { Success: true } m || m.Groups["head"].Value.Split(' ', StringSplitOptions.RemoveEmptyEntries).Length is 0 or > MostHeadWords || !ClassWord.IsMatch(m.Groups["head"].Value))
            return 0;
        var head = Filler.Replace(m.Groups["head"].Value.Trim(), "");
        // “Wednesday six pm about twenty people”: when it is, and how many come.
        lines.Add(DayFirst.IsMatch(head) ? AboutSoMany.Replace(head, ", ${n} people") : $"note: {m.Groups["head"].Value.Trim()}");
        return m.Groups["head"].Length;
    }

    /// <summary>How long the longest name of a move is that stands at a place, with how often before it or behind it; 0 where none does.</summary>
    private int Name(int at)
    {
        var count = Count.Match(text, at) is { Success: true } m ? m.Length : 0;
        for (var words = MostNameWords; words > 0; words--)
            if (Words(words).Match(text, at + count) is { Success: true } name && IsOne(name.Value))
                return count + name.Length;
        return 0;
    }

    /// <summary>Whether words are the name of one move: of “goblet squats rows” both halves are, and it is none.</summary>
    private bool IsOne(string name)
    {
        var words = name.Split(' ');
        return !Array.Exists(words, NoName.IsMatch) && isMove(name) && !Enumerable.Range(1, words.Length - 1).Any(n => isMove(string.Join(' ', words[..n])) && isMove(string.Join(' ', words[n..])));
    }

    /// <summary>Ends a block; false where it has moves and nothing of how they run, or the other way round.</summary>
    private bool Ends()
    {
        if (moves.Count == 0 && clauses.Count == 0)
            return true;
        if (moves.Count == 0 || (clauses.Count == 0 && !moves.TrueForAll(m => char.IsAsciiDigit(m[0]))))
            return false;
        lines.Add(clauses.Count == 0 ? string.Join(", ", moves) : $"{CardTimings.Plain(string.Join(", ", clauses), isMove)}: {string.Join(", ", moves)}");
        moves.Clear();
        clauses.Clear();
        return true;
    }

    /// <summary>Words between names, and those of how long and how often.</summary>
    private static CardPattern NoName => field ??= new("^(?:and|then|next|after|rest|break|recovery|minutes?|seconds?|rounds?|times|each|twice)$", RegexOptions.IgnoreCase);

    private static CardPattern Words(int n) => n switch { 1 => One, 2 => Two, 3 => Three, _ => Four };

    private static CardPattern One => field ??= new(@"\G[a-z'-]+(?=\s|$)", RegexOptions.IgnoreCase);

    private static CardPattern Two => field ??= new(@"\G[a-z'-]+\s[a-z'-]+(?=\s|$)", RegexOptions.IgnoreCase);

    private static CardPattern Three => field ??= new(@"\G[a-z'-]+(?:\s[a-z'-]+){2}(?=\s|$)", RegexOptions.IgnoreCase);

    private static CardPattern Four => field ??= new(@"\G[a-z'-]+(?:\s[a-z'-]+){3}(?=\s|$)", RegexOptions.IgnoreCase);

    private static CardPattern Count => field ??= new(@"\G[0-9]{1,3}\s+(?!(?:seconds?|secs?|s|min(?:ute)?s?|rounds?|times|sets?|laps?|reps?|on|off|x|of)\b)", RegexOptions.IgnoreCase);

    /// <summary>What leads from one thing to the next.</summary>
    private static CardPattern Next => field ??= new(@"\G\s*(?:(?:and\s+)?(?:then|next|after\s+that|followed\s+by|finally|lastly|afterwards)\b|(?:and\s+)?(?:(?:we\s+|to\s+)?(?:start|begin|finish|end)(?:ing|s)?(?:\s+(?:off|up))?(?:\s+(?:with|on|by))?|(?:go|move|moving|going)\s+(?:on\s+)?(?:in)?to|first(?:\s+up)?)\b)\s*", RegexOptions.IgnoreCase);

    /// <summary>Words between things that say nothing.</summary>
    private static CardPattern Filler => field ??= new(@"\G(?:\s+|(?:and|of|for|the|some|a|an|we|we'll|we're|i|do|doing|have|okay|ok|so|right|well|now|um|er|with|it's|there's|is|just|quick|nice|good|going\s+to)\b(?!\s*min(?:ute)?\b))+", RegexOptions.IgnoreCase);

    /// <summary>A part and its minutes, in either order.</summary>
    private static CardPattern Part => field ??= new(@"\G(?:(?<n>[0-9]{1,2})\s*-?\s*min(?:ute)?s?\s+(?:of\s+|to\s+|for\s+)?(?:an?\s+)?(?<p>warm(?:ing)?[\s-]?up|cool(?:ing)?[\s-]?down|stretch(?:ing|es)?|mobility|mobilis(?:ing|ation)|relaxation)|(?<p>warm[\s-]?up|cool[\s-]?down|stretch(?:ing)?|mobility)\s+(?:for\s+)?(?<n>[0-9]{1,2})(?:\s*min(?:ute)?s?|$))\b", RegexOptions.IgnoreCase);

    /// <summary>“20 seconds rest”, whatever comes next.</summary>
    private static CardPattern Off => field ??= new(@"\G[0-9]{1,3}\s*(?:seconds?|secs?|s)\s+(?:rest|off|recovery|break)\b(?!\s+(?:in\s+)?(?:between|after\s+each))", RegexOptions.IgnoreCase);

    private static CardPattern Trailing => field ??= new(@"\s+(?:after|before|at|in)$", RegexOptions.IgnoreCase);

    /// <summary>A break between two blocks.</summary>
    private static CardPattern Break => field ??= new(@"\G(?<n>[0-9]{1,2})\s*-?\s*min(?:ute)?s?\s+(?:of\s+|for\s+(?:an?\s+)?)?(?>(?<w>water(?:\s+break)?|drinks?(?:\s+break)?)|rest(?:\s+break)?|break)\b(?!\s+(?:in\s+)?(?:between|after(?!\s+that)|btw)\b)", RegexOptions.IgnoreCase);

    /// <summary>What is said before the first of what is done.</summary>
    private static CardPattern Opens => field ??= new(@"^(?<head>.+?)\s+(?=(?:and\s+)?(?:we\s+)?(?:start|begin)(?:ing|s)?\b|warm(?:ing)?[\s-]?up\b|[0-9]{1,2}[\s-]*min(?:ute)?s?\s+warm)", RegexOptions.IgnoreCase);

    private static readonly string[] Tens = ["twenty", "thirty", "forty", "fifty"];

    /// <summary>“… is forty five minutes”: as long as a class is, no forty and five.</summary>
    private static CardPattern ClassLong => field ??= new(@"(?<=\b(?:is|be|an?|our|for|about|got|have)\s)(?<tens>twenty|thirty|forty|fifty)[\s-]five(?=[\s-]min)", RegexOptions.IgnoreCase);

    private static CardPattern DayFirst => field ??= new(@"^(?:on\s+)?(?:mon|tues|wednes|thurs|fri|satur|sun)day\b", RegexOptions.IgnoreCase);

    private static CardPattern AboutSoMany => field ??= new(@"\s+(?:with\s+|for\s+)?(?:about\s+|around\s+)?(?<n>[0-9]{1,3})\s+people\b", RegexOptions.IgnoreCase);

    private static CardPattern ClassWord => field ??= new(@"\b(?:class|session|workout|minutes|people|(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b", RegexOptions.IgnoreCase);
}
