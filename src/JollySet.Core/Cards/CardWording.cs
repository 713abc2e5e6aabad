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
        if (Has(".m."))
            text = Dotted().Replace(text, m => m.Value.Replace(".", "", StringComparison.Ordinal) + " ");
        if (Has(".."))
            text = Leaders().Replace(text, " - ");
        if (Has(" * "))
            text = Dots().Replace(text, ", ");
        if (Has(" reps"))
            text = SetsThenReps().Replace(text, "${s}x${r}");
        if (Has(", ") && CountBehindComma().Count(text) > 1)
            text = CountBehindComma().Replace(text, " ");
        if (Has(": ") && CountBehindColon().Count(text) > 1)
            text = CountBehindColon().Replace(text, " ");
        if (Has(" rest "))
            text = RestThenMore().Replace(text, "${rest}, ");
        if (Has("work") && Has("rest"))
            text = WorkThenRest().Replace(text, "${w}/${r}");
        if (Has("|"))
            text = WayByStroke().Replace(text, " (${k}: ${w})");
        if (text.IndexOf(" | ", StringComparison.Ordinal) is > 0 and var stroke && (CardPhrases.BlockWord().IsMatch(text[..stroke]) || CardPhrases.PartOf(text[..stroke]) != CardPart.Main))
            text = text.Replace(" | ", " - ", StringComparison.Ordinal);
        if (Has("1st") || Has("2nd"))
            text = WhichMinute().Replace(text, "");
        if (Has(" es") || Has("0es") || Has("2es"))
            text = EachSideShort().Replace(text, " each side");
        if (Has("w/") || Has("w /"))
            text = WorkAndRest().Replace(text, "${w}/${r}");
        if (Has("round") || Has("lap"))
            text = RestOfRound().Replace(text, "rest ${t} between rounds");
        if (Has("repeat"))
            text = RestThenRepeat().Replace(text, "rest ${t} between rounds");
        if (Has("max"))
            text = MostRounds().Replace(text, "amrap ");
        if (Has("k"))
            text = ShortKilos().Replace(text, "${n}kg");
        return BringThem().Replace(LetteredList().Replace(text, "${n}: "), "kit: ");
    }

    /// <summary>“E.M.O.M.” and “A.M.R.A.P.”.</summary>
    [GeneratedRegex(@"\b(?:e\.m\.o\.m|a\.m\.r\.a\.p)\b\.?\s*", RegexOptions.IgnoreCase)]
    private static partial Regex Dotted();

    /// <summary>Dots that lead from a name to its number.</summary>
    [GeneratedRegex(@"(?<=[a-z)])\s*\.{2,}\s*(?=x?\s*\d)", RegexOptions.IgnoreCase)]
    private static partial Regex Leaders();

    /// <summary>Dots between the things of a list.</summary>
    [GeneratedRegex(@"(?<=\S)\s\*\s(?=[a-z]|\d{1,3}\s*(?:x\s*)?[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex Dots();

    /// <summary>“3 sets, 8 reps”.</summary>
    [GeneratedRegex(@"\b(?<s>\d{1,2})\s*sets?\s*(?:,|x|of|/)?\s*(?<r>\d{1,3}(?:\s*-\s*\d{1,3})?)\s*reps?\b(?!\s+(?:each|of|per)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex SetsThenReps();

    /// <summary>“Rows, 10 reps, presses, 8 reps”: the count is of the name before it.</summary>
    [GeneratedRegex(@"(?<=[a-z)]),\s*(?=(?:x\s*)?\d{1,3}(?:\s*reps?|\s*x\s*\d{1,3}(?:\s*reps?)?)(?:\s*(?:/|each|per|ea|a|both|e/s|p/s|[rl]\s+and)\s?[a-z]{0,5})?\s*(?:$|[,/;+&]))", RegexOptions.IgnoreCase)]
    private static partial Regex CountBehindComma();

    /// <summary>“Rows: 10, presses: 8”.</summary>
    [GeneratedRegex(@"(?<=[a-z]):\s+(?=\d{1,3}(?:\s*(?:x|sets?\s+of)\s*\d{1,3})?(?:\s*reps?)?\s*(?:$|[,/;+&(]|-\s|(?:and|with|into|x\s*\d)\b))", RegexOptions.IgnoreCase)]
    private static partial Regex CountBehindColon();

    /// <summary>“Work 40 rest 20”.</summary>
    [GeneratedRegex(@"(?<!\d\s*(?:s|secs?|seconds?)\s*)(?<!\b\d{2,3}\s*)\bwork\s*:?\s*(?<w>\d{2,3})\s*(?:s|secs?|seconds?)?\s*(?:[,;/+&-]|and|then)?\s*rest\s*:?\s*(?<r>\d{1,3})(?:\s*(?:s|secs?|seconds?)\b|\b(?!\s*m))", RegexOptions.IgnoreCase)]
    private static partial Regex WorkThenRest();

    /// <summary>“20 s rest 4 rounds”: the rest is the time before it.</summary>
    [GeneratedRegex(@"(?<rest>\b\d{1,3}\s*(?:s|secs?|seconds?)\s+rest)\s+(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex RestThenMore();

    /// <summary>“Press-up | easier knee press-up”.</summary>
    [GeneratedRegex(@"\s*\|\s*(?<k>easier|harder)\s*[:=]?\s+(?<w>[a-z][^|,;()]{2,40}?)\s*(?=$|[|,;])", RegexOptions.IgnoreCase)]
    private static partial Regex WayByStroke();

    /// <summary>“1st: …”, “2nd: …”: the order says as much.</summary>
    [GeneratedRegex(@"^(?:1st|2nd|3rd|4th)(?:\s+min(?:ute)?)?\s*[:-]\s*(?=[\da-z])", RegexOptions.IgnoreCase)]
    private static partial Regex WhichMinute();

    /// <summary>“Row 10 ES”.</summary>
    [GeneratedRegex(@"(?<=[A-Za-z\d)])\s*\bES\b(?=\s*(?:$|[,;)/]|\s[-x\d(]))|(?<=\d)es\b")]
    private static partial Regex EachSideShort();

    /// <summary>“40w/20r”.</summary>
    [GeneratedRegex(@"\b(?<w>\d{2,3})\s*s?\s*w\s*[/,+-]\s*(?<r>\d{1,3})\s*s?\s*r\b", RegexOptions.IgnoreCase)]
    private static partial Regex WorkAndRest();

    /// <summary>“Round rest 60”, “90 sec round break”.</summary>
    [GeneratedRegex(@"\b(?:round|lap|circuit)\s+(?:rest|break|recovery)\s*[:=-]?\s*(?<t>\d{1,3}(?:\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")(?![a-z]))?)|\b(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|""))\s+(?:round|lap|circuit)\s+(?:rest|break|recovery)\b", RegexOptions.IgnoreCase)]
    private static partial Regex RestOfRound();

    /// <summary>“Rest 60 s then repeat”.</summary>
    [GeneratedRegex(@"(?<=^|[,;\s]\s*)(?:rest|break|recover)\s+(?:for\s+)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")?)\s*[,;&+]?\s*(?:and\s+|then\s+)+(?:repeat|go\s+again|again)\.?$", RegexOptions.IgnoreCase)]
    private static partial Regex RestThenRepeat();

    /// <summary>“Max rounds in 8 min”.</summary>
    [GeneratedRegex(@"\bmax(?:imum)?\s+rounds\s+(?:in|for)\s+(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex MostRounds();

    /// <summary>“Press 12k” is twelve kilograms; what is run or rowed has metres.</summary>
    [GeneratedRegex(@"(?<=[a-z)]\s*[,@(x-]?\s*(?:2\s*x\s*)?)(?<!(?:^|[,;/+:]\s*)(?:run|jog|row|ride|bike|cycle|walk|ski)(?:ning|ging|ing)?\s*[,@(x-]?\s*)\b(?<n>[4-9]|[1-9]\d)k\b", RegexOptions.IgnoreCase)]
    private static partial Regex ShortKilos();

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
