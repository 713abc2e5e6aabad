using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of what one station does: how many on each side, from so many to so many, how heavy, how slowly.</content>
internal static partial class CardWording
{
    /// <summary>“Swings 16/12 x15”: two sizes of a kettlebell, no work and rest; what may be either (“20/10”) is left.</summary>
    private static CardPattern TwoLoads => field ??= new(@"^(?<name>[a-z][a-z' -]*[a-z])\s+(?!(?:20/10|10/5|20/15)\b)(?<a>8|12|16|20|24|28|32)/(?<b>4|6|8|12|16|20|24)\s*,?\s*x\s*(?<r>[0-9]{1,2})$", RegexOptions.IgnoreCase);

    private const int MostRange = 30;

    /// <summary>“Lunge 10+10”.</summary>
    private static CardPattern SameAgain => field ??= new(@"(?<=[a-z)]\s+(?:x\s*)?)(?<n>\d{1,2})\s*\+\s*\k<n>\s*$", RegexOptions.IgnoreCase);

    /// <summary>“10 lunges on the right, 10 on the left”.</summary>
    private static CardPattern RightThenLeft => field ??= new(@"^(?<n>\d{1,3})\s+(?<name>[a-z][a-z' -]+?)\s+on\s+the\s+(?:right|left)(?:\s+(?:side|leg|arm))?,?\s+(?:and\s+|then\s+)?\k<n>\s+on\s+the\s+(?:left|right)(?:\s+(?:side|leg|arm))?$", RegexOptions.IgnoreCase);

    /// <summary>“Lunge 10 then swap”.</summary>
    private static CardPattern ThenSwap => field ??= new(@"(?<=[a-z]\s+(?:x\s*)?\d{1,3}\s*(?:reps|s|secs?)?)\s*,?\s+then\s+(?:swap|switch|change)(?:\s+(?:sides?|legs?|arms?))?$", RegexOptions.IgnoreCase);

    /// <summary>“Lunge 20 (10 each side)”, “20 lunges, 10 each leg”.</summary>
    private static CardPattern AllAndEach => field ??= new($@"^(?:(?<name>[a-z][a-z' -]+?)\s*[,:-]?\s+{SetsOfIt}(?:x\s*)?(?<n>\d{{1,3}})|{SetsOfIt}(?<n>\d{{1,3}})\s*(?:x\s*)?(?!(?:mins?|minutes?|secs?|seconds?|s|rounds?|reps|sets?)\b)(?<name>[a-z][a-z' -]+?))\s*(?:\b(?:reps|in\s+all|total|in\s+total)\b\s*)?(?:[,(=[-]|\s-)\s*(?:i\.?e\.?,?\s+|that(?:'s|\s+is)\s+|so\s+)?{SharedBySides}(?<alt>,?\s*alternat(?:ing|e))?\s*[)\]]?(?<more>,?\s*(?:-\s+|,\s*)(?:rest\s+)?[0-9]{{1,3}}\s*(?:s|secs?|seconds?|m|mins?|minutes?)?(?:\s+rest)?)?$", RegexOptions.IgnoreCase);

    /// <summary>“3 x”, “3 sets of” before so many.</summary>
    private const string SetsOfIt = @"(?:(?<s>[2-9])\s*(?:x|sets?(?:\s+of|\s*x)?)\s*)?";

    /// <summary>The same in brackets, in a list.</summary>
    private static CardPattern AllAndEachListed => field ??= new($@"(?<=^\s*(?:[-•*]\s*|[0-9]{{1,2}}[.)]\s+|[A-H][0-9][.):]?\s+)?|[,;:/+]\s*|\band\s+)(?:(?<name>[a-z][a-z' -]+?)\s+(?:x\s*)?(?<n>\d{{1,3}})|(?<n>\d{{1,3}})\s*(?:x\s*)?(?!(?:mins?|minutes?|secs?|seconds?|s|rounds?|reps|sets?)\b)(?<name>[a-z][a-z' -]+?))\s*[([]\s*{SharedBySides}(?<alt>,?\s*alternat(?:ing|e))?\s*[)\]](?=\s*(?:$|[,;/.&@+]|and\b|(?:every|each|on\s+the)\s+min|with\b|w/|[0-9.]+\s?kg))", RegexOptions.IgnoreCase);

    private const string SharedBySides = @"(?<h>\d{1,3})\s*(?:reps\s+)?(?:(?:on\s+|for\s+|to\s+)?(?:each|per|an?|every|ea\.?)\s+(?:side|leg|arm|foot|hand|way)|/\s?(?:side|leg|arm|foot|hand|s|l)|e/?s|each|ea\.?|(?:on\s+(?:the\s+)?)?(?:left|right|[lr])\s*(?:[,/+&]|and|then)?\s*\k<h>\s*(?:on\s+(?:the\s+)?)?(?:left|right|[lr])|\+\s*\k<h>)";

    /// <summary>“Half minute plank”, “plank 1/2 min”.</summary>
    private static CardPattern HalfMinute => field ??= new(@"(?<![0-9]\s*)\b(?:half|1/2)(?:\s+a)?\s+min(?:ute)?\b(?!\s*s)", RegexOptions.IgnoreCase);

    private static CardPattern HeldFor => field ??= new(@"\bheld\s+(?:for\s+)?(?=[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)\b)", RegexOptions.IgnoreCase);

    private static CardPattern OnBothSides => field ??= new(@"(?<=[0-9]\s*(?:s|secs?|seconds?|reps?)?\s+)(?:on\s+)?both\s+sides\b", RegexOptions.IgnoreCase);

    /// <summary>“Hold plank for 30 seconds”.</summary>
    private static CardPattern HoldFirst => field ??= new(@"^hold\s+(?!each|every|all|them|it\b)(?:an?\s+|the\s+|in\s+)?(?=[a-z][a-z' -]+\s+(?:for\s+)?[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)$)", RegexOptions.IgnoreCase);

    /// <summary>“10/side step ups”.</summary>
    private static CardPattern SideByStroke => field ??= new(@"(?<=^[0-9]{1,3})\s*/\s*(?<side>side|leg|arm)\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“Lunges 10 each side, then swap”: each side is said already.</summary>
    private static CardPattern EachThenSwap => field ??= new(@"(?<=[0-9][^0-9]*\beach\s+(?:side|leg|arm))\s*,?\s+then\s+(?:swap|switch|change)(?:\s+(?:sides?|legs?|arms?))?$", RegexOptions.IgnoreCase);

    /// <summary>“Sit ups / 10”.</summary>
    private static CardPattern CountByStroke => field ??= new(@"(?<=^[a-z][a-z' -]+[a-z])\s+/\s+(?=[0-9]{1,3}$)", RegexOptions.IgnoreCase);

    /// <summary>“Lateral lunge x10 both legs”.</summary>
    private static CardPattern BothLegs => field ??= new(@"(?<=[a-z]\s*,?\s+(?:x\s*)?\d{1,3}\s+)both\s+(?:legs|arms)$", RegexOptions.IgnoreCase);

    /// <summary>“(ea. side)”.</summary>
    private static CardPattern EachDotted => field ??= new(@"\bea\.\s+(?=(?:side|leg|arm)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Goblet squat (KB 12kg) 12”.</summary>
    private static CardPattern KitAndMass => field ??= new(@"\(\s*(?<k>KBs?|DBs?|BB|barbell|dumbbells?|kettlebells?)\s+(?<w>\d{1,3}(?:\.\d)?\s*kgs?)\s*\)", RegexOptions.IgnoreCase);

    /// <summary>“…, using 12kg”.</summary>
    private static CardPattern Using => field ??= new(@"\s*,?\s+using\s+(?:an?\s+)?(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“Plank x30s”.</summary>
    private static CardPattern TimesOfTime => field ??= new(@"(?<=[a-z)]\s+)x\s*(?=\d{1,3}\s*(?:(?:s|secs?|seconds)\b|"")(?!\s*(?:x|rest|on|work|/)))", RegexOptions.IgnoreCase);

    /// <summary>“Plank – hold for 30 secs”.</summary>
    private static CardPattern HoldBehind => field ??= new(@"(?<=^[a-z][a-z' -]+?)\s*(?:\s-\s|[,(])\s*hold(?:ing)?\s+(?:it\s+)?(?:for\s+)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?))\)?$", RegexOptions.IgnoreCase);

    /// <summary>“Squats, lunges, deadlifts, 12 each”: of each of them.</summary>
    private static CardPattern EachOfListed => field ??= new(@"(?<=^(?:[^:]{1,40}:)?[a-z' -]+(?:,[a-z' -]+)+[,.]\s*)(?<n>\d{1,3})(?:\s*x|\s*reps)?\s+each(?=\s*(?:$|[,.;]))", RegexOptions.IgnoreCase);

    /// <summary>“30s each x 2”.</summary>
    private static CardPattern TimesOfEach => field ??= new(@"(?<=\d\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")\s+each)\s*,?\s*x\s*(?<n>[2-9])(?=\s*(?:$|[,.]))", RegexOptions.IgnoreCase);

    /// <summary>“Legs, 20 each leg: kickbacks, clams”.</summary>
    private static CardPattern CountOnEachThen => field ??= new(@"^(?:(?<h>[a-z]+),?\s+)?(?<n>[0-9]{1,3})\s+(?:on\s+)?(?:each|per)\s+(?:side|leg|arm)\s*:\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“Glute bridges, 2 sets of 12, and clams, 2 sets of 12 on each side”: a dose each.</summary>
    private static CardPattern DosedBehind => field ??= new(@"(?<=^(?:(?:then\s+)?(?:we|they|I|you)\s+(?:did|do|had|have)\s+)?|,\s*(?:and\s+)?|\band\s+|\bthen\s+)(?<name>[a-z][a-z' -]+?)(?:,|\s+for)\s+(?<s>[2-6])\s+sets\s+of\s+(?<r>\d{1,3})(?:\s+reps)?(?:\s+(?:on\s+)?(?<e>(?:each|per)\s+(?:side|leg|arm)))?(?=\s*(?:$|[,.;]|\band\b))", RegexOptions.IgnoreCase);

    /// <summary>“8 – 10 reps”, “between 8 and 10 press-ups”, “press-ups (8-10)”, “8/10 press-ups”, “press-ups 8 or 10”.</summary>
    private static CardPattern RepsRange => field ??= new(@"(?<=[a-z]\s+)(?<!\bx\s+)(?<a>\d{1,2})\s+-\s+(?<b>\d{1,2})(?=\s*reps\b)|^between\s+(?<a>\d{1,2})\s+and\s+(?<b>\d{1,2})(?=\s+[a-z])|(?<=[a-z]\s*)\((?<a>\d{1,2})\s*-\s*(?<b>\d{1,2})\)$|^(?<a>\d{1,2})\s*/\s*(?<b>\d{1,2})(?=\s+[a-z])(?!\s+(?:x|on|work|rest|secs?|s|mins?|rounds?|sets?|reps|of|each|per|ladder|then)\b)|(?<=^[a-z][a-z' -]+\s(?:x\s*)?)(?<a>\d{1,2})\s+or\s+(?<b>\d{1,2})$", RegexOptions.IgnoreCase);

    /// <summary>“Press-ups 10, slowly”.</summary>
    private static CardPattern SlowBehind => field ??= new(@"(?<=[a-z]\s+)(?:x\s*)?(?<n>\d{1,3}),?\s+(?:nice\s+and\s+)?slow(?:ly)?$", RegexOptions.IgnoreCase);

    /// <summary>“Press-ups x10 / knee press-ups”: the count is of both.</summary>
    private static CardPattern CountThenOther => field ??= new(@"^(?<a>[a-z][a-z' -]+?)\s+x\s*(?<n>\d{1,3})\s+/\s+(?<b>[a-z][a-z' -]+)$", RegexOptions.IgnoreCase);

    /// <summary>“…, drop to knees if you need to”, “(full or knees)”, “knees down for an easier option”.</summary>
    private static CardPattern OnKnees => field ??= new(@"\s*(?:\s-\s|[,(])\s*(?:(?:drop|go|come|get)\s+)?(?:down\s+)?(?:(?:on|to|onto|from)\s+)?(?:the\s+|your\s+|their\s+)?knees\s+(?:if\s+(?:you|they)\s+(?:need\s+(?:it|to)|want\s+to|have\s+to|can'?t\s+(?:do|manage)\s+(?:the\s+|a\s+)?(?:full(?:\s+ones?)?|them|it))|(?:down\s+)?for\s+(?:an?\s+|the\s+)?(?:easier|easy|beginner'?s?)(?:\s+(?:option|version|one)s?)?)\)?$|\s*[,(]\s*(?:full|toes)\s+or\s+(?:on\s+)?knees\)?$|\s*[,(]\s*(?:on\s+)?knees\s+or\s+(?:full|toes)\)?$", RegexOptions.IgnoreCase);

    /// <summary>“Warm them up for 5 mins”.</summary>
    private static CardPattern WarmThemUp => field ??= new(@"^(?:(?:I|we)(?:'ll|\s+will)?\s+)?(?<w>warm|cool)\s+(?:them|everyone|everybody|us|the\s+(?:class|group))\s+(?<d>up|down)\b", RegexOptions.IgnoreCase);

    /// <summary>“Warm-up (approx 5 mins)”.</summary>
    private static CardPattern AboutInBrackets => field ??= new(@"\(\s*(?:approx\.?|approximately|about|around|roughly|circa)\s+(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“Ten lunges each leg”.</summary>
    private static CardPattern SpokenEach => field ??= new(@"^(?:five|six|seven|eight|nine|ten|twelve|fifteen|sixteen|twenty)(?=\s+[a-z][a-z' -]+\s+(?:on\s+)?(?:each|per|a)\s+(?:side|leg|arm)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Do 10 lunges”.</summary>
    private static CardPattern DoCount => field ??= new(@"^do\s+(?=\d{1,3}\s+[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“Lunges x10 right, x10 left”.</summary>
    private static CardPattern RightCountLeft => field ??= new(@"(?<=[a-z]\s+)x\s*(?<n>\d{1,3})\s+(?:right|left),?\s+(?:and\s+)?x\s*\k<n>\s+(?:left|right)$", RegexOptions.IgnoreCase);

    /// <summary>“Plank – hold for 45”.</summary>
    private static CardPattern HoldForBare => field ??= new(@"(?<=\bhold\s+for\s+)(?<t>\d{2})$", RegexOptions.IgnoreCase);

    /// <summary>“Press-ups, 8 to 12 of them”.</summary>
    private static CardPattern OfThem => field ??= new(@"(?<=[a-z],?\s+\d{1,3}(?:\s*(?:to|-)\s*\d{1,3})?)\s+of\s+(?:them|these|those)$", RegexOptions.IgnoreCase);

    /// <summary>“Split squat 3x8/8”: as often on each side; what is worked for so long and rested for as long begins higher.</summary>
    private static CardPattern RepsOnBoth => field ??= new(@"(?<=^[a-z][a-z /'-]*\s)(?<s>[1-9])\s*x\s*(?<n>[3-9]|1[0-2])\s*/\s*\k<n>(?![\d/])", RegexOptions.IgnoreCase);

    /// <summary>“Curl 3x12 s/s w/ dip 3x12”.</summary>
    private static CardPattern SupersetWithin => field ??= new(@"(?<=\d|[a-z])\s+(?:ss|s/s|super-?\s?set(?:ted)?)\s+(?:w|w/|with)\s+(?=[a-z0-9])", RegexOptions.IgnoreCase);

    /// <summary>“Cat stretch and child's pose to finish”.</summary>
    private static CardPattern ToFinish => field ??= new(@"^(?:(?:and|then)\s+)?(?<items>[a-z][a-z' ,&-]+?)\s+to\s+(?:finish|end|close)(?:\s+off)?[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Clean 8/8”.</summary>
    private static CardPattern CountOnBoth => field ??= new(@"(?<=,.*[a-z]\s+|^(?=.*,).*[a-z]\s+)(?<!\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+|\b(?:class|date|rated|on)\s+)(?<n>[1-9]|1[0-2])\s?/\s?\k<n>(?=\s*(?:$|[,;)]|-\s))", RegexOptions.IgnoreCase);

    /// <summary>“Row 3x8e”.</summary>
    private static CardPattern EachByLetter => field ??= new(@"(?<=\dx\s?\d{1,2}|\bx\s?\d{1,2})e\b", RegexOptions.IgnoreCase);

    /// <summary>“45 s each, 2 goes”.</summary>
    private static CardPattern Goes => field ??= new(@"\b(?<n>[2-9])\s+goes\b(?!\s+(?:at|on|each))", RegexOptions.IgnoreCase);

    /// <summary>“Squat 5x5 90r”.</summary>
    private static CardPattern RestLetterBehind => field ??= new(@"(?<=\dx\d{1,3}(?:\s+each\s+side)?)\s*,?\s+(?<t>\d{2,3})\s?r$", RegexOptions.IgnoreCase);

    /// <summary>A line, and what is done so often in all and half of it on each side as so often on each side.</summary>
    public static string OnEachSide(string line) => !line.AsSpan().ContainsAny("(,-=[") || !line.Any(char.IsAsciiDigit) ? line : AllAndEachListed.Replace(AllAndEach.Replace(line, EachOfAll), EachOfAll);

    private static string EachOfAll(Match m)
    {
        if (int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture) != int.Parse(m.Groups["h"].Value, CultureInfo.InvariantCulture) * 2)
            return m.Value;
        var (name, sets, more) = (m.Groups["name"].Value, m.Groups["s"].Success ? $"{m.Groups["s"].Value}x" : "", m.Groups["more"].Value);
        return m.Groups["alt"].Success ? $"{name} {sets}{m.Groups["n"].Value} alternating{more}" : sets.Length > 0 ? $"{name} {sets}{m.Groups["h"].Value} each side{more}" : $"{m.Groups["h"].Value} {name} each side{more}";
    }

    private static string Range(Match m) =>
        int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture) < int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture) && int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture) <= MostRange ? $"{(m.Value[0] == '(' ? " " : "")}{m.Groups["a"].Value}-{m.Groups["b"].Value}" : m.Value;

    /// <summary>“60 sec's”.</summary>
    private static CardPattern UnitsOwn => field ??= new(@"(?<=\d\s*(?:sec|min|rep|set|round))'s\b", RegexOptions.IgnoreCase);

    /// <summary>“Curl / triceps extension superset 3 x 12”, “squats/rows 3x10 superset”.</summary>
    private static CardPattern SupersetBehind => field ??= new(@"^(?<a>[a-z][a-z' -]+?)\s*(?:/|\+|&|\band\b)\s*(?<b>[a-z][a-z' -]+?)\s+(?:super\s?set\s*[:,-]?\s*(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})|(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s*,?\s*super\s?set)\b(?<more>.*)$", RegexOptions.IgnoreCase);

    /// <summary>“8 x 20/10 each”: all rounds of one move before the next.</summary>
    private static CardPattern TabataOfEach => field ??= new(@"^(?:8\s*(?:x|rounds\s+of)\s*20\s*/\s*10|an?\s+tabata)\s*,?\s*(?:of\s+|on\s+|for\s+)?each(?:\s+(?:exercise|move|one|station))?:?$", RegexOptions.IgnoreCase);

    /// <summary>“Pads 6 x 2 mins 30 secs rest”: the rest is no part of the minutes.</summary>
    private static CardPattern TimesOfMinutes => field ??= new(@"(?<=\bx\s?[0-9]{1,2}\s?min(?:ute)?s?)\s+(?=[0-9]{1,3}\s?(?:s|secs?|seconds)\s+(?:rest|off|break|recovery)\b)", RegexOptions.IgnoreCase);

    /// <summary>“6 cleans (3/3)”: half of them on each side.</summary>
    private static CardPattern HalfOnEach => field ??= new(@"^(?:(?<t>[0-9]{1,2})\s*x?\s+(?<name>[a-z][a-z' -]{2,40}?)|(?<name>[a-z][a-z' -]{2,40}?)\s+(?:x\s*)?(?<t>[0-9]{1,2}))\s*,?\s*\(?(?<n>[0-9]{1,2})\s*/\s*\k<n>\)?$", RegexOptions.IgnoreCase);
}
