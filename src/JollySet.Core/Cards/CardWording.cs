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
        if (Has("["))
            text = Square().Replace(text, "(${in})");
        if (Has(" ~ ") || Has(" // "))
            text = text.Replace(" ~ ", " - ", StringComparison.Ordinal).Replace(" // ", ", ", StringComparison.Ordinal);
        if (Has(" > "))
            text = Greater().Replace(text, ", ");
        if (Has(" | ") && !Has("| easier") && !Has("| harder") && text.Count(c => c == '|') > 1)
            text = text.Replace(" | ", ", ", StringComparison.Ordinal);
        if (Has("amrap") || Has("emom") || Has("tabata"))
            text = TimedColon().Replace(text, "${w} ");
        if (Has("amrap") || Has("emom") || Has("tabata"))
            text = CapOf().Replace(FullMinutes().Replace(Stuck().Replace(text, m => m.Groups["n"].Success ? $"{m.Groups["w"].Value} {m.Groups["n"].Value}" : m.Value + " "), "${n} min "), "");
        if (Has("-min") || Has("-sec"))
            text = HyphenTime().Replace(text, "${n} ${u}");
        if (Has("w.u") || Has("c.d"))
            text = ShortParts().Replace(text, m => m.Value.Replace(".", "", StringComparison.Ordinal));
        if (Has(" * "))
            text = Dots().Replace(text, ", ");
        text = CountIs().Replace(CountThenName().Replace(text, "${n} "), " x");
        if (Has("s'"))
            text = Possessive().Replace(text, "${u}");
        if (Has(".m."))
            text = Dotted().Replace(text, m => m.Value.Replace(".", "", StringComparison.Ordinal) + " ");
        if (Has(".."))
            text = Leaders().Replace(text, " - ");
        if (Has(", then"))
            text = CommaThen().Replace(text, ", ");
        if (Has("reps of"))
            text = RepsOf().Replace(text, "${n} ");
        if (Has(" reps"))
            text = SetsThenReps().Replace(text, "${s}x${r}");
        if (Has(" set"))
            text = RepsThenSets().Replace(text, "${s}x${r}");
        if (Has(", ") && CountBehindComma().Count(text) > 1)
            text = CountBehindComma().Replace(text, " ");
        if (Has(": ") && CountBehindColon().Count(text) > 1)
            text = CountBehindColon().Replace(text, " ");
        if (Has(" rest "))
            text = RestThenMore().Replace(text, "${rest}, ");
        if (Has("work") && Has("rest"))
            text = WorkThenRest().Replace(text, "${w}/${r}");
        if (Has("|") || Has("easier") || Has("harder") || Has(" mod") || Has(" reg"))
            text = WayByStroke().Replace(text, " (${k}: ${w})");
        if (text.IndexOf(" | ", StringComparison.Ordinal) is > 0 and var stroke && (CardPhrases.BlockWord().IsMatch(text[..stroke]) || CardPhrases.PartOf(text[..stroke]) != CardPart.Main))
            text = text.Replace(" | ", " - ", StringComparison.Ordinal);
        if (Has("e.s"))
            text = EachSideDotted().Replace(text, "e/s");
        if (Has(" of each"))
            text = OfEach().Replace(text, "${t} each");
        if (Has("end of"))
            text = EndOfRound().Replace(text, "after each ");
        if (Has("btwn") || Has("b/t"))
            text = Btwn().Replace(text, "between");
        if (Has("r"))
            text = CountShort().Replace(text, "x${n}");
        if (Has("#"))
            text = Numbered().Replace(text, "");
        if (Has("interval") || Has("station"))
            text = LongIntervals().Replace(text, "each");
        if (Has("*"))
            text = Stressed().Replace(text, "(${w})");
        if (Has("w/"))
            text = With().Replace(text, "with ");
        if (Has(" ex"))
            text = ExerciseThenRest().Replace(text, "work");
        if (Has("hold"))
            text = HoldEach().Replace(text, "each for ");
        if (Has("work") && Has("rest"))
            text = WorkToRest().Replace(text, "");
        if (Has("rounds") || Has("laps"))
            text = RoundsAre().Replace(text, "${n} rounds");
        if (Has(" rounds of "))
            text = RoundsAsSets().Replace(text, "${s}x${r}");
        if (Has("("))
            text = CountInBrackets().Replace(text, " x${n}");
        if (Has("from ") || Has("start"))
            text = UpOrDown().Replace(text, "ladder ${a}-${b}");
        if (Has(" | "))
            text = CountedStroke().Replace(text, ", ");
        if (text.IndexOf(" = ", StringComparison.Ordinal) is > 0 and var equals && (CardPhrases.BlockWord().IsMatch(text) || CardPhrases.PartOf(text[..equals]) != CardPart.Main))
            text = $"{text[..equals]} - {text[(equals + 3)..]}";
        if (Has("1st") || Has("2nd") || Has("minute"))
            text = WhichMinute().Replace(text, "");
        if (Has(" es") || Has("(es") || Has("0es") || Has("2es"))
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

    [GeneratedRegex(@"\[(?<in>[^\[\]]+)\]")]
    private static partial Regex Square();

    [GeneratedRegex(@"(?<=[a-z\d).""])\s>\s(?=[a-z]|\d+\s*[x-]?\s*[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex Greater();

    /// <summary>“EMOM10”.</summary>
    [GeneratedRegex(@"\b(?<w>amrap|emom|tabata)(?:(?=\d)|\s*\((?<n>\d{1,2})\))", RegexOptions.IgnoreCase)]
    private static partial Regex Stuck();

    [GeneratedRegex(@"(?<=\bamrap\W{1,3}\d{1,2}\s*(?:mins?|minutes?|'))\s+cap\b", RegexOptions.IgnoreCase)]
    private static partial Regex CapOf();

    /// <summary>“AMRAP: 8 mins: …”.</summary>
    [GeneratedRegex(@"\b(?<w>amrap|emom|tabata)\s*:\s*(?=\d{1,2}\s*(?:mins?|minutes?|')?\s*:)", RegexOptions.IgnoreCase)]
    private static partial Regex TimedColon();

    /// <summary>“8:00 AMRAP”.</summary>
    [GeneratedRegex(@"\b(?<n>\d{1,2}):00\s+(?=(?:amrap|emom|tabata)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex FullMinutes();

    /// <summary>“30-sec”, “8-minute”.</summary>
    [GeneratedRegex(@"\b(?<n>\d{1,3})-(?<u>min(?:ute)?s?|sec(?:ond)?s?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex HyphenTime();

    [GeneratedRegex(@"^(?:w\.\s?u|c\.\s?d)\b\.?", RegexOptions.IgnoreCase)]
    private static partial Regex ShortParts();

    /// <summary>“Rows = 12”, “rows * 12”, “rows x12r”.</summary>
    [GeneratedRegex(@"(?<=[a-z)])(?<!\b(?:countdown|ladder|pyramid|finisher|rounds|sets|laps|minutes|mins|people|time|total|class|numbers?))\s*(?:=|\s\*)\s*(?=\d{1,3}\b(?!\s*(?:kg|secs?\b|s\b|mins?\b|minutes|people|ppl|pax|booked|members|max\b|'|x\s*\d|[.:/-]\s?\d)))|(?<=[a-z)])(?<!\b(?:amrap|emom|tabata|circuit|stations?|class|workout|block|session|set|plank|hold|sit))\s+for\s+(?=\d{1,3}\s*(?:reps?)?\s*(?:$|[,;/(]|->|-\s))", RegexOptions.IgnoreCase)]
    private static partial Regex CountIs();

    /// <summary>“12 - rows”.</summary>
    [GeneratedRegex(@"(?<=^|[,;]\s*|/\s+|:\s+)(?<n>[5-9]|\d\d)\s+-\s+(?=[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex CountThenName();

    /// <summary>“60 seconds' rest”.</summary>
    [GeneratedRegex(@"\b(?<u>seconds|secs|minutes|mins)'(?=\s)", RegexOptions.IgnoreCase)]
    private static partial Regex Possessive();

    /// <summary>Dots between the things of a list.</summary>
    [GeneratedRegex(@"(?<=\S)\s\*\s(?!\d{1,3}\s*(?:each|per|ea|both|a\s+side|[rl]\s*(?:and|[+/&]))\b)(?=[(a-z]|\d{1,3}\s*(?:x\s*)?[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex Dots();

    [GeneratedRegex(@",\s*then\s+(?=\d{1,3}\s*(?:x\s*)?[a-z])(?!\d{1,3}\s*(?:rounds?|rds?|sets?|mins?|minutes?|secs?|seconds?|s|x)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex CommaThen();

    /// <summary>“12 reps of rows”.</summary>
    [GeneratedRegex(@"\b(?<n>\d{1,3})\s*reps\s+of\s+(?=[a-z])(?!each|all|every|the\b|it\b|them\b)", RegexOptions.IgnoreCase)]
    private static partial Regex RepsOf();

    /// <summary>“3 sets, 8 reps”.</summary>
    [GeneratedRegex(@"\b(?<s>\d{1,2})\s*sets?\s*(?:,|x|of|/)?\s*(?<r>\d{1,3}(?:\s*-\s*\d{1,3})?)\s*reps?\b(?!\s+(?:each|of|per)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex SetsThenReps();

    /// <summary>“10 x 3 sets”, “10 reps (3 sets)”.</summary>
    [GeneratedRegex(@"\b(?<r>\d{1,3})\s*(?:(?:reps?)?\s*x\s*(?<s>\d)\s*sets?\b|reps?\s*\(\s*(?<s>\d)\s*sets?\s*\))", RegexOptions.IgnoreCase)]
    private static partial Regex RepsThenSets();

    /// <summary>“Rows, 10 reps, presses, 8 reps”: the count is of the name before it.</summary>
    [GeneratedRegex(@"(?<=[a-z)]),\s*(?=(?:x\s*\d{1,3}(?:\s*reps?)?|\d{1,3}(?:\s*reps?|\s*x\s*\d{1,3}(?:\s*reps?)?))(?:\s*(?:/|each|per|ea|a|both|e/s|p/s|[rl]\s+and)\s?[a-z]{0,5})?\s*(?:$|[,/;+&]|->))", RegexOptions.IgnoreCase)]
    private static partial Regex CountBehindComma();

    /// <summary>“Rows: 10, presses: 8”.</summary>
    [GeneratedRegex(@"(?<=[a-z]):\s+(?=\d{1,3}(?:\s*(?:x|sets?\s+of)\s*\d{1,3})?(?:\s*reps?)?(?:\s+(?:each|per)\s+[a-z]{3,4})?\s*(?:$|[,/;+&(]|->|-\s|(?:and|with|into|x\s*\d)\b))", RegexOptions.IgnoreCase)]
    private static partial Regex CountBehindColon();

    /// <summary>“Work 40 rest 20”.</summary>
    [GeneratedRegex(@"(?<!\d\s*(?:s|secs?|seconds?)\s*)(?<!\b\d{2,3}\s*)\bwork\s*:?\s*(?<w>\d{2,3})\s*(?:s|secs?|seconds?)?\s*(?:[,;/+&-]|and|then)?\s*rest\s*:?\s*(?<r>\d{1,3})(?:\s*(?:s|secs?|seconds?)\b|\b(?!\s*m))", RegexOptions.IgnoreCase)]
    private static partial Regex WorkThenRest();

    /// <summary>“20 s rest 4 rounds”: the rest is the time before it.</summary>
    [GeneratedRegex(@"(?<rest>\b\d{1,3}\s*(?:s|secs?|seconds?)\s+rest)\s+(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex RestThenMore();

    /// <summary>“Press-up | easier knee press-up”.</summary>
    [GeneratedRegex(@"\s*(?:\|\s*(?<k>easier|harder)\s*[:=]?|/\s*(?<k>easier|harder)\s*[:=]|\s(?<k>easier|harder|mod|regression|reg)\s*=)\s+(?<w>[a-z][^|,;()]{2,40}?)\s*(?=$|[|,;])", RegexOptions.IgnoreCase)]
    private static partial Regex WayByStroke();

    [GeneratedRegex(@"\bw/\s*(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex With();

    /// <summary>“40 s ex / 20 s rest”.</summary>
    [GeneratedRegex(@"(?<=\d\s*(?:s|secs?|seconds?)?\s+)ex(?:ercise)?\b(?=\s*[/,&+-]?\s*\d{1,3}\s*[a-z]{0,7}\s*(?:rest|off)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex ExerciseThenRest();

    /// <summary>“Hold each 30 s”.</summary>
    [GeneratedRegex(@"\bhold(?:ing)?\s+(?:each|all)\s+(?:stretch\s+|one\s+)?(?:for\s+)?(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex HoldEach();

    /// <summary>“40:20 work:rest”.</summary>
    [GeneratedRegex(@"(?<=\d{2}\s*[:/]\s*\d{1,2})\s+\(?work\s*[:/]\s*rest\)?", RegexOptions.IgnoreCase)]
    private static partial Regex WorkToRest();

    /// <summary>“Rounds: 3”.</summary>
    [GeneratedRegex(@"(?<!\d\s*|of\s+)\b(?:rounds|laps)\s*[:=]\s*(?<n>\d{1,2})\b(?!\s*(?:[-/:]|min|sec|s\b))", RegexOptions.IgnoreCase)]
    private static partial Regex RoundsAre();

    /// <summary>“Rows 3 rounds of 12”: sets of it.</summary>
    [GeneratedRegex(@"(?<=[a-z)]\s+)(?<s>\d)\s+rounds\s+of\s+(?<r>\d{1,3})(?=\s*(?:reps?\s*)?(?:$|[,;/]))", RegexOptions.IgnoreCase)]
    private static partial Regex RoundsAsSets();

    /// <summary>“Rows (x12)”, “rows (12 reps)”.</summary>
    [GeneratedRegex(@"(?<=[a-z])\s*\((?:x\s*(?<n>\d{1,3})|(?<n>\d{1,3})\s*(?:x|reps?))\)", RegexOptions.IgnoreCase)]
    private static partial Regex CountInBrackets();

    /// <summary>“From 10 down to 1”, “start at 10, down to 1”.</summary>
    [GeneratedRegex(@"(?:\b(?:up|down|go(?:ing)?)\s+)?\b(?:from|start(?:ing)?\s+(?:at|from))\s+(?<a>\d{1,2})\s*,?\s*(?:and\s+)?(?:go(?:ing)?\s+|work(?:ing)?\s+)?(?:down\s+to|up\s+to|to)\s+(?<b>\d{1,2})(?=\s*(?:reps?|of|$|[:,;)]))", RegexOptions.IgnoreCase)]
    private static partial Regex UpOrDown();

    [GeneratedRegex(@"\s\|\s(?=\d{1,3}\s*(?:x|reps?)\s*[a-z])|(?<=\d\s*(?:reps?)?\)?)\s\|\s(?=[a-z][^|]*\d)", RegexOptions.IgnoreCase)]
    private static partial Regex CountedStroke();

    [GeneratedRegex(@"\be\.\s?s\b\.?", RegexOptions.IgnoreCase)]
    private static partial Regex EachSideDotted();

    /// <summary>“30 s of each”.</summary>
    [GeneratedRegex(@"(?<t>\b\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|"")\.?)\s+of\s+each\b(?!\s+side)", RegexOptions.IgnoreCase)]
    private static partial Regex OfEach();

    [GeneratedRegex(@"\bat\s+(?:the\s+)?end\s+of\s+(?:each\s+|every\s+|the\s+|a\s+)?(?=round|circuit|lap|set)", RegexOptions.IgnoreCase)]
    private static partial Regex EndOfRound();

    [GeneratedRegex(@"\b(?:btwn|b/t)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Btwn();

    /// <summary>“x12r”, “12r”.</summary>
    [GeneratedRegex(@"\bx\s?(?<n>\d{1,3})r\b", RegexOptions.IgnoreCase)]
    private static partial Regex CountShort();

    /// <summary>“Circuit #2”.</summary>
    [GeneratedRegex(@"(?<=^(?:circuit|block|part|set|section|round|superset|strength|station|workout|conditioning|segment)\s+)#(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex Numbered();

    /// <summary>“40 s intervals, 20 s rest”.</summary>
    [GeneratedRegex(@"(?<=\b\d{1,3}\s*(?:s|secs?|seconds?)\s+)(?:intervals?|stations?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex LongIntervals();

    [GeneratedRegex(@"(?<!\S)\*(?<w>heavy|light|medium|moderate|slow)\*?(?!\S)", RegexOptions.IgnoreCase)]
    private static partial Regex Stressed();

    /// <summary>“1st: …”, “2nd: …”: the order says as much.</summary>
    [GeneratedRegex(@"^(?:(?:1st|2nd|3rd|4th|first|second|third|fourth)(?:\s+min(?:ute)?)?|min(?:ute)?\s+(?:one|two|three|four|five|[a-e]))\s*[:-]\s*(?=[\da-z])", RegexOptions.IgnoreCase)]
    private static partial Regex WhichMinute();

    /// <summary>“Row 10 ES”.</summary>
    [GeneratedRegex(@"(?<=[A-Za-z\d)(])\s*\bES\b(?=\s*(?:$|[,;)/]|\s[-x\d(]))|(?<=\d)es\b")]
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
