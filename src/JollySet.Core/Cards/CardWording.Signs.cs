using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of brackets, strokes, dots and arrows.</content>
internal static partial class CardWording
{
    /// <summary>A line that stands in brackets as a whole.</summary>
    [GeneratedRegex(@"^\((?<in>[^()]{12,})\)\.?$")]
    private static partial Regex InBracketsWhole();

    [GeneratedRegex(@"\[(?<in>[^\[\]]+)\]")]
    private static partial Regex Square();

    [GeneratedRegex(@"(?<=[a-z\d).""])\s>\s(?=[a-z]|\d+\s*[x-]?\s*[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex Greater();

    /// <summary>Dots between the things of a list.</summary>
    [GeneratedRegex(@"(?<=\S)\s\*\s(?!\d{1,3}\s*(?:each|per|ea|both|a\s+side|[rl]\s*(?:and|[+/&]))\b)(?=[(a-z]|\d{1,3}\s*(?:x\s*)?[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex Dots();

    /// <summary>Dots that lead from a name to its number.</summary>
    [GeneratedRegex(@"(?<=[a-z)])\s*\.{2,}\s*(?=x?\s*\d)", RegexOptions.IgnoreCase)]
    private static partial Regex Leaders();

    [GeneratedRegex(@"(?<!\S)\*(?<w>heavy|light|medium|moderate|slow)\*?(?!\S)", RegexOptions.IgnoreCase)]
    private static partial Regex Stressed();

    /// <summary>“Plank | 30s”, a row without a head.</summary>
    [GeneratedRegex(@"^(?<name>[a-z][a-z' -]*?)\s\|\s(?:(?<s>[1-9])\s\|\s)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?)|[1-3]\s*(?:mins?|minutes?))(?:\s*\|)?$", RegexOptions.IgnoreCase)]
    private static partial Regex RowOfTime();

    /// <summary>“Squat | 3 | 10”, a row without a head: sets and repetitions; “squat | 10”: repetitions.</summary>
    [GeneratedRegex(@"^(?<name>[a-z][^|\d]*?)\s\|\s(?:(?<s>[1-9])\s\|\s)?(?<r>\d{1,3}(?:\s?-\s?\d{1,3})?)(?:\s*reps?)?(?:\s\|\s(?<more>[^|]+))?$", RegexOptions.IgnoreCase)]
    private static partial Regex RowOfSets();

    [GeneratedRegex(@"\s\|\s(?=\d{1,3}\s*(?:x|reps?)\s*[a-z])|(?<=\d\s*(?:reps?)?\)?)\s\|\s(?=[a-z][^|]*\d)", RegexOptions.IgnoreCase)]
    private static partial Regex CountedStroke();

    /// <summary>“Press-up | easier knee press-up”.</summary>
    [GeneratedRegex(@"\s*(?:\|\s*(?<k>easier|harder)\s*[:=]?|/\s*(?<k>easier|harder)\s*[:=]|\s(?<k>easier|harder|mod|regression|reg)\s*=)\s+(?<w>[a-z][^|,;()]{2,40}?)\s*(?=$|[|,;])", RegexOptions.IgnoreCase)]
    private static partial Regex WayByStroke();

    /// <summary>“[KIT] mats”: a key or a head in its box.</summary>
    [GeneratedRegex(@"^\[(?<in>[A-Za-z][^\[\]]{1,60})\]\s*(?<more>\S.*)?$")]
    private static partial Regex BoxedHead();

    /// <summary>“T1 - squats / lunges”: a block of that name.</summary>
    [GeneratedRegex(@"^(?<n>[I-Z]\d{1,2})\s*(?:[-=)]|\.(?=\s))\s*(?=[A-Za-z])")]
    private static partial Regex LetteredList();

    /// <summary>“Block 3: 5 min carry: …”: the list stands behind the last colon.</summary>
    [GeneratedRegex(@"^(?<head>(?:block|circuit|part|round|station|set|section)\s*\w{1,2})\s*:\s*(?<what>[^:,/]{2,30}):\s+(?=[^:]+[,/][^:]+$)", RegexOptions.IgnoreCase)]
    private static partial Regex TwoHeads();

    /// <summary>“Circuit #2”.</summary>
    [GeneratedRegex(@"(?<=^(?:circuit|block|part|set|section|round|superset|strength|station|workout|conditioning|segment)\s+)#(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex Numbered();

    [GeneratedRegex(@"^(?:w\.\s?u|c\.\s?d)\b\.?", RegexOptions.IgnoreCase)]
    private static partial Regex ShortParts();

    /// <summary>“E.M.O.M.” and “A.M.R.A.P.”.</summary>
    [GeneratedRegex(@"\b(?:e\.m\.o\.m|a\.m\.r\.a\.p)\b\.?\s*", RegexOptions.IgnoreCase)]
    private static partial Regex Dotted();

    [GeneratedRegex(@"\bw/\s*(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex With();

    /// <summary>A number that is part of a name.</summary>
    [GeneratedRegex(@"\bfigure[\s-]?4\b", RegexOptions.IgnoreCase)]
    private static partial Regex FigureFour();

    /// <summary>“Bring a mat and …” with something one can carry.</summary>
    [GeneratedRegex(@"^(?:please\s+)?(?:bring|grab|you(?:'ll|\s+will)?\s+need)\s*:?\s+(?:along\s+)?(?:your\s+(?:own\s+)?|an?\s+|some\s+)?(?=.*\b(?:mats?|dbs?|kbs?|dumb\s?bells?|kettle\s?bells?|weights?|bands?|chairs?|towels?|steps?|balls?|broom|rucksack|bottles?)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex BringThem();

    /// <summary>“Kit mats and bands”: a key without its colon.</summary>
    [GeneratedRegex(@"^(?:kit|equipment|gear|props)\s+(?:is\s+|are\s+)?(?!required\b|needed\b|list\b|check\b|room\b|free\b)(?=(?:[a-z0-9&+/,]+\s+){0,3}(?:mats?|dbs?|kbs?|dumb\s?bel+s?|kettle\s?bel+s?|weights?|bands?|chairs?|towels?|steps?|balls?|broom|bench(?:es)?|bars?)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex KitWithoutColon();

    /// <summary>“Can you bring the mats?”</summary>
    [GeneratedRegex(@"^(?:and\s+|please\s+)*(?:can|could|would|will)\s+(?:you|someone|somebody|everyone|everybody|people)\s+(?:please\s+|all\s+)?bring\s+(?:the\s+|an?\s+|some\s+)?(?=[a-z0-9 ,&]+[?.!]*$)", RegexOptions.IgnoreCase)]
    private static partial Regex CanYouBring();

    /// <summary>“2 sets of each move before moving on”: said twice.</summary>
    [GeneratedRegex(@"(?<=\beach\b.{0,20})\s*(?:before|then)\s+(?:you\s+)?mov(?:e|ing)\s+on(?:\s+to\s+the\s+next(?:\s+(?:one|move|exercise))?)?(?=\.?$)", RegexOptions.IgnoreCase)]
    private static partial Regex MovesOn();

    /// <summary>What the one of two does and what the other, who then change places.</summary>
    [GeneratedRegex(@"\b(?:P|partner)\s?(?:1|A|one)\s*[:=-]?\s*(?<a>[^/;]+?)\s*[/;,]\s*(?:P|partner)\s?(?:2|B|two)\s*[:=-]?\s*(?<b>[^/;]+?)(?<how>\s*[-,(]\s*(?:then\s+)?(?:swap|switch|change)\b(?:(?!\s*x?\s*\d).)*)?(?:\s*x\s*(?<n>\d{1,2})\)?)?$", RegexOptions.IgnoreCase)]
    private static partial Regex ByTurnsOfTwo();

    /// <summary>“A) squat; b) row” on one line.</summary>
    [GeneratedRegex(@"(?<=^)a[).]\s+(?=[^;,]+[;,]\s*b[).]\s)|(?<=^(?:a[).]\s)?[^;,]+)\s*[;,]\s*[b-f][).]\s+(?=[a-z0-9])|(?<=[;,]\s*[b-e][).]\s[^;,]+)\s*[;,]\s*[c-f][).]\s+(?=[a-z0-9])", RegexOptions.IgnoreCase)]
    private static partial Regex LettersInLine();

    /// <summary>“1) squats 2) rows 3) plank” on one line.</summary>
    [GeneratedRegex(@"(?<=^|[:,;\s])(?:\s*(?<n>\d)\)\s+)(?=[\da-z])(?<=\b1\)\s.*)(?=.*\b2\)\s|(?<=\b2\)\s.*))", RegexOptions.IgnoreCase)]
    private static partial Regex NumbersInLine();
}
