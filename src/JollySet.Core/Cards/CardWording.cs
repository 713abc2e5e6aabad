using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Ways of writing that say the same as another, each a pattern and what it becomes: the other is what the reader knows. What needs the library to be told is in CardReader.Wording.</summary>
internal static partial class CardWording
{
    private const int MostDoubled = 300;

    /// <summary>A line in the words the rest of the reader knows.</summary>
    public static string Of(string text)
    {
        // What no line without a certain word can say is not looked for in it.
        bool Has(string word) => text.Contains(word, StringComparison.OrdinalIgnoreCase);
        if (text.StartsWith('('))
            text = InBracketsWhole().Replace(text, "${in}");
        if (Has(" of "))
            text = NumberOf().Replace(text, "${n} ${what}");
        if (Has("repetition"))
            text = Repetitions().Replace(text, "reps");
        if (Has("direction"))
            text = BothDirections().Replace(text, m => int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture) is <= MostDoubled and var n ? string.Create(CultureInfo.InvariantCulture, $"{n * 2}{m.Groups["u"].Value} reverse halfway") : m.Value);
        if (Has("p1") || Has("p 1") || Has("partner"))
            text = ByTurnsOfTwo().Replace(text, m => $"{(m.Groups["n"].Success ? $"{m.Groups["n"].Value} rounds: " : "pairs: ")}{m.Groups["a"].Value}, {m.Groups["b"].Value}{(m.Groups["how"].Value.Trim(' ', ',', '-') is { Length: > 0 } how ? $" ({how})" : "")}");
        if (Has("thru"))
            text = Thru().Replace(text, "through");
        if (Has(" steps"))
            text = StepsMany().Replace(text, "${n} (steps)");
        if (Has("rest as"))
            text = AsNeeded().Replace(text, "rest ");
        if (Has("figure"))
            text = FigureFour().Replace(text, "figure four");
        if (Has(" on"))
            text = MovesOn().Replace(text, "");
        if (text.Contains(':', StringComparison.Ordinal))
            text = TwoHeads().Replace(text, "${head} - ${what}: ");
        return BringThem().Replace(LetteredList().Replace(text, "${n}: "), "kit: ");
    }

    /// <summary>A line that stands in brackets as a whole.</summary>
    [GeneratedRegex(@"^\((?<in>[^()]{12,})\)\.?$")]
    private static partial Regex InBracketsWhole();

    [GeneratedRegex(@"\b(?:no\.?|nr\.?|number|#)\s*of\s+(?<what>rounds|sets|laps|people|participants)\s*[:=]?\s*(?:up\s+to\s+)?(?<n>\d{1,3})\b", RegexOptions.IgnoreCase)]
    private static partial Regex NumberOf();

    [GeneratedRegex(@"\brepetitions?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Repetitions();

    /// <summary>“30 s each direction”: a minute, turned round at half of it.</summary>
    [GeneratedRegex(@"\b(?<n>\d{1,3})(?<u>\s*(?:s|secs?|seconds?|reps?)?)\s*(?:in\s+)?(?:each|per|every)\s+direction\b", RegexOptions.IgnoreCase)]
    private static partial Regex BothDirections();

    /// <summary>What the one of two does and what the other, who then change places.</summary>
    [GeneratedRegex(@"\b(?:P|partner)\s?(?:1|A|one)\s*[:=-]?\s*(?<a>[^/;]+?)\s*[/;,]\s*(?:P|partner)\s?(?:2|B|two)\s*[:=-]?\s*(?<b>[^/;]+?)(?<how>\s*[-,(]\s*(?:then\s+)?(?:swap|switch|change)\b(?:(?!\s*x?\s*\d).)*)?(?:\s*x\s*(?<n>\d{1,2})\)?)?$", RegexOptions.IgnoreCase)]
    private static partial Regex ByTurnsOfTwo();

    /// <summary>“Block 3: 5 min carry: …”: the list stands behind the last colon.</summary>
    [GeneratedRegex(@"^(?<head>(?:block|circuit|part|round|station|set|section)\s*\w{1,2})\s*:\s*(?<what>[^:,/]{2,30}):\s+(?=[^:]+[,/][^:]+$)", RegexOptions.IgnoreCase)]
    private static partial Regex TwoHeads();

    [GeneratedRegex(@"\bthru\b", RegexOptions.IgnoreCase)]
    private static partial Regex Thru();

    /// <summary>Lunges are counted in steps.</summary>
    [GeneratedRegex(@"(?<=\bx\s*)(?<n>\d{1,3})\s+steps\b(?!\s*-?\s*ups?\b)", RegexOptions.IgnoreCase)]
    private static partial Regex StepsMany();

    /// <summary>“Rest as needed, 60-90 s”: that long.</summary>
    [GeneratedRegex(@"\brest\s+as\s+(?:needed|required)\s*,?\s*(?:but\s+)?(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex AsNeeded();

    /// <summary>A number that is part of a name.</summary>
    [GeneratedRegex(@"\bfigure[\s-]?4\b", RegexOptions.IgnoreCase)]
    private static partial Regex FigureFour();

    /// <summary>“2 sets of each move before moving on”: said twice.</summary>
    [GeneratedRegex(@"(?<=\beach\b.{0,20})\s*(?:before|then)\s+(?:you\s+)?mov(?:e|ing)\s+on(?:\s+to\s+the\s+next(?:\s+(?:one|move|exercise))?)?(?=\.?$)", RegexOptions.IgnoreCase)]
    private static partial Regex MovesOn();

    /// <summary>“T1 - squats / lunges”: a block of that name.</summary>
    [GeneratedRegex(@"^(?<n>[I-Z]\d{1,2})\s*(?:[-=)]|\.(?=\s))\s*(?=[A-Za-z])")]
    private static partial Regex LetteredList();

    /// <summary>“Bring a mat and …” with something one can carry.</summary>
    [GeneratedRegex(@"^(?:please\s+)?(?:bring|grab|you(?:'ll|\s+will)?\s+need)\s*:?\s+(?:along\s+)?(?:your\s+(?:own\s+)?|an?\s+|some\s+)?(?=.*\b(?:mats?|dbs?|kbs?|dumb\s?bells?|kettle\s?bells?|weights?|bands?|chairs?|towels?|steps?|balls?|broom|rucksack|bottles?)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex BringThem();
}
