using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of brackets, strokes, dots and arrows.</content>
internal static partial class CardWording
{
    /// <summary>A line that stands in brackets as a whole.</summary>
    private static CardPattern InBracketsWhole => field ??= new(@"^\((?<in>[^()]{12,})\)\.?$");

    private static CardPattern Square => field ??= new(@"\[(?<in>[^\[\]]+)\]");

    private static CardPattern Greater => field ??= new(@"(?<=[a-z\d).""])\s>\s(?=[a-z]|\d+\s*[x-]?\s*[a-z])", RegexOptions.IgnoreCase);

    /// <summary>Dots between the things of a list.</summary>
    private static CardPattern Dots => field ??= new(@"(?<=\S)\s\*\s(?!\d{1,3}\s*(?:each|per|ea|both|a\s+side|[rl]\s*(?:and|[+/&]))\b)(?=[(a-z]|\d{1,3}\s*(?:x\s*)?[a-z])", RegexOptions.IgnoreCase);

    /// <summary>Dots that lead from a name to its number.</summary>
    private static CardPattern Leaders => field ??= new(@"(?<=[a-z)])\s*\.{2,}\s*(?=x?\s*\d)", RegexOptions.IgnoreCase);

    private static CardPattern Stressed => field ??= new(@"(?<!\S)\*(?<w>heavy|light|medium|moderate|slow)\*?(?!\S)", RegexOptions.IgnoreCase);

    /// <summary>“Plank | 30s”, a row without a head.</summary>
    private static CardPattern RowOfTime => field ??= new(@"^(?<name>[a-z][a-z' -]*?)\s\|\s(?:(?<s>[1-9])\s\|\s)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?)|[1-3]\s*(?:mins?|minutes?))(?:\s*\|)?$", RegexOptions.IgnoreCase);

    /// <summary>“Squat | 3 | 10”, a row without a head: sets and repetitions; “squat | 10”: repetitions.</summary>
    private static CardPattern RowOfSets => field ??= new(@"^(?<name>[a-z][^|\d]*?)\s\|\s(?:(?<s>[1-9])\s\|\s)?(?<r>\d{1,3}(?:\s?-\s?\d{1,3})?)(?:\s*reps?)?(?:\s\|\s(?<more>[^|]+))?$", RegexOptions.IgnoreCase);

    private static CardPattern CountedStroke => field ??= new(@"\s\|\s(?=\d{1,3}\s*(?:x|reps?)\s*[a-z])|(?<=\d\s*(?:reps?)?\)?)\s\|\s(?=[a-z][^|]*\d)", RegexOptions.IgnoreCase);

    private static CardPattern AboutSign => field ??= new(@"(?<=[a-z(:]\s*)~\s?(?=[0-9]{1,2}\s*(?:m(?:in(?:ute)?s?)?\b|'))", RegexOptions.IgnoreCase);

    /// <summary>“Press-up | easier knee press-up”.</summary>
    private static CardPattern WayByStroke => field ??= new(@"\s*(?:\|\s*(?<k>easier|harder)(?!\s+(?:option|version|way|one|is|are|with|alternative)\b)\s*[:=]?|/\s*(?<k>easier|harder)\s*[:=]|\s(?<k>easier|harder|mod|regression|reg)\s*=)\s+(?<w>[a-z][^|,;()]{2,40}?)\s*(?=$|[|,;])", RegexOptions.IgnoreCase);

    /// <summary>“[KIT] mats”: a key or a head in its box.</summary>
    private static CardPattern BoxedHead => field ??= new(@"^\[(?<in>[A-Za-z][^\[\]]{1,60})\]\s*(?<more>\S.*)?$");

    /// <summary>“T1 - squats / lunges”: a block of that name.</summary>
    private static CardPattern LetteredList => field ??= new(@"^(?<n>[I-Z]\d{1,2})\s*(?:[-=)]|\.(?=\s))\s*(?=[A-Za-z])");

    /// <summary>“Block 3: 5 min carry: …”: the list stands behind the last colon.</summary>
    private static CardPattern TwoHeads => field ??= new(@"^(?<head>(?:block|circuit|part|round|station|set|section)\s*\w{1,2})\s*:\s*(?<what>[^:,/]{2,30}):\s+(?=[^:]+[,/][^:]+$)", RegexOptions.IgnoreCase);

    /// <summary>“Circuit #2”.</summary>
    private static CardPattern Numbered => field ??= new(@"(?<=^(?:circuit|block|part|set|section|round|superset|strength|station|workout|conditioning|segment)\s+)#(?=\d)", RegexOptions.IgnoreCase);

    private static CardPattern ShortParts => field ??= new(@"^(?:w\.\s?u|c\.\s?d)\b\.?", RegexOptions.IgnoreCase);

    /// <summary>“E.M.O.M.” and “A.M.R.A.P.”.</summary>
    private static CardPattern Dotted => field ??= new(@"\b(?:e\.m\.o\.m|a\.m\.r\.a\.p)\b\.?\s*", RegexOptions.IgnoreCase);

    private static CardPattern With => field ??= new(@"\bw/\s*(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>A number that is part of a name.</summary>
    private static CardPattern FigureFour => field ??= new(@"\bfigure[\s-]?4\b", RegexOptions.IgnoreCase);

    /// <summary>“Bring a mat and …” with something one can carry.</summary>
    private static CardPattern BringThem => field ??= new(@"^(?:please\s+)?(?:bring|grab|you(?:'ll|\s+will)?\s+need)\s*:?\s+(?:along\s+)?(?:your\s+(?:own\s+)?|an?\s+|some\s+)?(?=.*\b(?:mats?|dbs?|kbs?|dumb\s?bells?|kettle\s?bells?|weights?|bands?|chairs?|towels?|steps?|balls?|broom|rucksack|bottles?)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Kit mats and bands”: a key without its colon.</summary>
    private static CardPattern KitWithoutColon => field ??= new(@"^(?:kit|equipment|gear|props)\s+(?:is\s+|are\s+)?(?!required\b|needed\b|list\b|check\b|room\b|free\b)(?=(?:[a-z0-9&+/,]+\s+){0,3}(?:mats?|dbs?|kbs?|dumb\s?bel+s?|kettle\s?bel+s?|weights?|bands?|chairs?|towels?|steps?|balls?|broom|bench(?:es)?|bars?)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Can you bring the mats?”</summary>
    private static CardPattern CanYouBring => field ??= new(@"^(?:and\s+|please\s+)*(?:can|could|would|will)\s+(?:you|someone|somebody|everyone|everybody|people)\s+(?:please\s+|all\s+)?bring\s+(?:the\s+|an?\s+|some\s+)?(?=[a-z0-9 ,&]+[?.!]*$)", RegexOptions.IgnoreCase);

    /// <summary>“2 sets of each move before moving on”: said twice.</summary>
    private static CardPattern MovesOn => field ??= new(@"(?<=\beach\b.{0,20})\s*(?:before|then)\s+(?:you\s+)?mov(?:e|ing)\s+on(?:\s+to\s+the\s+next(?:\s+(?:one|move|exercise))?)?(?=\.?$)", RegexOptions.IgnoreCase);

    /// <summary>What the one of two does and what the other, who then change places.</summary>
    private static CardPattern ByTurnsOfTwo => field ??= new(@"\b(?:P|partner)\s?(?:1|A|one)\s*[:=-]?\s*(?<a>[^/;]+?)\s*[/;,]\s*(?:P|partner)\s?(?:2|B|two)(?!\s*(?:rests?|recovers?|is\s+resting|off)\b)\s*[:=-]?\s*(?<b>[^/;]+?)(?<how>\s*[-,(]\s*(?:then\s+)?(?:swap|switch|change)\b(?:(?!\s*x?\s*\d).)*)?(?:\s*x\s*(?<n>\d{1,2})\)?)?$", RegexOptions.IgnoreCase);

    /// <summary>“A) squat; b) row” on one line.</summary>
    private static CardPattern LettersInLine => field ??= new(@"(?<=^)a[).]\s+(?=[^;,]+[;,]\s*b[).]\s)|(?<=^(?:a[).]\s)?[^;,]+)\s*[;,]\s*[b-f][).]\s+(?=[a-z0-9])|(?<=[;,]\s*[b-e][).]\s[^;,]+)\s*[;,]\s*[c-f][).]\s+(?=[a-z0-9])", RegexOptions.IgnoreCase);

    /// <summary>“1) squats 2) rows 3) plank” on one line.</summary>
    private static CardPattern NumbersInLine => field ??= new(@"(?<=^|[:,;\s])(?:\s*(?<n>\d)\)\s+)(?=[\da-z])(?<=\b1\)\s.*)(?=.*\b2\)\s|(?<=\b2\)\s.*))", RegexOptions.IgnoreCase);
}
