using System.Collections.Immutable;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>One of the classes on a card.</summary>
/// <param name="Text">The line that names it, what the card says of all of them, and its own lines.</param>
/// <param name="Lines">For each line of the text the card's line that it is, from 1.</param>
public sealed record CardClass(string Text, ImmutableArray<int> Lines);

/// <summary>A class of a card, as it is understood.</summary>
public sealed record CardClassRead(CardClass Class, CardReading Reading);

/// <summary>A card may hold several classes, each under its day or number: “MON … WED …”.</summary>
public static class CardClasses
{
    /// <summary>Below a day; one is enough below a number that says it is a class's.</summary>
    private const int FewestLines = 2;

    /// <summary>Two weeks of days; what has more is a list of something else.</summary>
    private const int MostClasses = 14;

    /// <summary>The classes on a card, in its order; one, all of it, where nothing says that there are more.</summary>
    public static ImmutableArray<CardClass> Of(string text)
    {
        var lines = text.ReplaceLineEndings("\n").Split('\n');
        var begins = Begins(lines);
        if (begins.Count < 2)
            return [Whole(text)];
        var shared = Enumerable.Range(0, begins[0]).ToList();
        var ends = begins.Skip(1).Append(lines.Length);
        return [.. begins.Zip(ends, (from, to) => Enumerable.Range(from + 1, to - from - 1).Prepend(from).ToList())
            .Select(own => shared.Count == 0 ? own : [own[0], .. shared, .. own.Skip(1)])
            .Select(own => new CardClass(string.Join('\n', own.Select(i => lines[i])), [.. own.Select(i => i + 1)]))];
    }

    /// <summary>Every class on a card as it is understood; none where the card is larger than one may be.</summary>
    /// <param name="asOne">Whether all of it is one class, whatever it says.</param>
    public static ImmutableArray<CardClassRead> Read(string text, MoveLibrary library, bool asOne = false)
    {
        var classes = asOne ? [Whole(text)] : Of(text);
        var read = classes.Select(c => (Class: c, Reading: CardReader.Read(c.Text, library))).ToList();
        return read.Exists(r => r.Reading is null) ? [] : [.. read.Select(r => new CardClassRead(r.Class, r.Reading!))];
    }

    private static CardClass Whole(string text) => new(text, [.. Enumerable.Range(1, text.ReplaceLineEndings("\n").Count(c => c == '\n') + 1)]);

    /// <summary>The places of the lines that begin a class; none where fewer than two do, or where one of them has hardly a line below it.</summary>
    private static List<int> Begins(string[] lines)
    {
        if (lines.Length > CardReader.MostLines)
            return [];
        foreach (var (way, fewest) in new[] { (Day, FewestLines), (Numbered, 1), (Hour, 1), (TimeOfDay, FewestLines), (DayLine, 0) })
        {
            var begins = Enumerable.Range(0, lines.Length).Where(i => lines[i].Length < CardText.LongestLine && way.IsMatch(CardText.Plain(lines[i]))).ToList();
            // Days set apart by empty lines need no more than a line below each.
            var least = way == Day && (begins.TrueForAll(b => b == 0 || lines[b - 1].Trim().Length == 0) || begins.TrueForAll(b => lines.Skip(b + 1).FirstOrDefault(l => l.Trim().Length > 0) is { } below && SaysHow.IsMatch(below))) ? 1 : fewest;
            var distinct = begins.Select(i => way.Match(CardText.Plain(lines[i])) is var m ? m.Groups["n"].Value.ToUpperInvariant() + (way == Day ? string.Concat(m.Value.Where(char.IsAsciiDigit)) + m.Groups["half"].Value.ToUpperInvariant() : "") : "").Distinct().Count();
            if (begins.Count is > 1 and <= MostClasses && (way != Hour || AreApart(begins.ConvertAll(i => way.Match(CardText.Plain(lines[i])).Groups["n"].Value))) && distinct == begins.Count && begins.Zip(begins.Skip(1).Append(lines.Length)).All(b => Enumerable.Range(b.First + 1, b.Second - b.First - 1).Count(i => lines[i].Any(char.IsLetter)) >= least))
                return begins;
        }

        return [];
    }

    /// <summary>A day alone, or with an hour or a word of what it is.</summary>
    private static CardPattern Day => field ??= new(@"^[#*_=>\s-]*(?:\d{1,2}[.)]\s*)?(?<n>mon|tue|wed|thu|fri|sat|sun|tomorrow|today)(?:s|nes|rs|ur)?(?:day)?s?\b['’]?s?(?:\s+(?:class|session|workout|(?<half>am|pm|morning|lunch(?:time)?|afternoon|evening|night)|(?:[12]?\d|3[01])/(?:0?[1-9]|1[0-2])(?:/\d{2,4})?(?!\d)|(?<=\d\s?(?:[ap]m)?\s+(?:[a-z&-]+\s+){0,3})[a-z][a-z&-]+|upper(?:\s+body)?|lower(?:\s+body)?|full\s+body|legs|core|cardio|strength|hiit|push|pull|arms|back|chest|mobility|kettlebells?|circuits?|stretch|glutes|conditioning|\d{1,2}(?:[:.]\d\d)?\s*(?:[ap]m)?))*\s*(?:[:(*_=-].{0,40})?$", RegexOptions.IgnoreCase);

    /// <summary>Whether hours are those of classes: of parts of one class there is less between them.</summary>
    private static bool AreApart(List<string> hours)
    {
        var minutes = hours.ConvertAll(h => h.Split([':', '.'], 2) is [var hour, .. var rest] && int.TryParse(new string([.. hour.Where(char.IsAsciiDigit)]), out var n) ? (n % 12 * 60) + (rest is [var more] && int.TryParse(new string([.. more.Where(char.IsAsciiDigit)]), out var m) ? m : 0) + (h.Contains('p', StringComparison.OrdinalIgnoreCase) || n > 12 ? 720 : 0) : 0);
        return minutes.Zip(minutes.Skip(1)).All(m => Math.Abs(m.Second - m.First) >= ShortestClass);
    }

    private static CardPattern SaysHow => field ??= new(@"[0-9]+\s*(?:rounds?|/|x|reps|secs?|mins?|sets)|x\s?[0-9]|amrap|emom", RegexOptions.IgnoreCase);

    private const int ShortestClass = 45;

    /// <summary>“Tues: A1 press-up 3x10, A2 row 3x10”: a class on its line.</summary>
    private static CardPattern DayLine => field ??= new(@"^[#*_=>\s-]*(?<n>mon|tue|wed|thu|fri|sat|sun)(?:s|nes|rs|ur)?(?:day)?s?\s*[:–-]\s*(?=.*[a-z].*\d)(?=.*,).{20,}$", RegexOptions.IgnoreCase);

    /// <summary>“6am”, “18:30 class”: an hour of the day alone.</summary>
    private static CardPattern Hour => field ??= new(@"^[#*_=>\s-]*(?<n>\d{1,2}(?:[:.]\d\d)?\s*[ap]m|(?:[6-9]|1\d|2[01])[:.][0-5]\d)(?:\s*(?:class|session|group|crew)|(?:\s*[-–:,]?\s+[a-z&+'-]+){1,4})?\s*:?$", RegexOptions.IgnoreCase);

    /// <summary>“Morning (9:30):” and “Evening (18:30):”.</summary>
    private static CardPattern TimeOfDay => field ??= new(@"^[#*_=>\s-]*(?<n>morning|lunch(?:time)?|afternoon|evening|am|pm)\b(?:\s+(?:class|session|group|circuits?))?\s*(?:\([^()]{1,24}\)|\d{1,2}(?:[:.]\d\d)?\s*(?:[ap]m)?)?\s*:?[\s=*_-]*$", RegexOptions.IgnoreCase);

    /// <summary>“Class 1”, “Session B”, “Day 2 – lower”.</summary>
    private static CardPattern Numbered => field ??= new(@"^[#*_=>\s-]*(?:class|session|day|week|workout|lesson)\s*(?<n>\d{1,2}|[A-D])\b\s*(?:[:(*_=-].{0,40})?$", RegexOptions.IgnoreCase);
}
