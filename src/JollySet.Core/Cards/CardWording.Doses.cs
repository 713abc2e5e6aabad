using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of what one station does: how many on each side, from so many to so many, how heavy, how slowly.</content>
internal static partial class CardWording
{
    private const int MostRange = 30;

    /// <summary>“Lunge 10+10”.</summary>
    [GeneratedRegex(@"(?<=[a-z)]\s+(?:x\s*)?)(?<n>\d{1,2})\s*\+\s*\k<n>\s*$", RegexOptions.IgnoreCase)]
    private static partial Regex SameAgain();

    /// <summary>“10 lunges on the right, 10 on the left”.</summary>
    [GeneratedRegex(@"^(?<n>\d{1,3})\s+(?<name>[a-z][a-z' -]+?)\s+on\s+the\s+(?:right|left)(?:\s+(?:side|leg|arm))?,?\s+(?:and\s+|then\s+)?\k<n>\s+on\s+the\s+(?:left|right)(?:\s+(?:side|leg|arm))?$", RegexOptions.IgnoreCase)]
    private static partial Regex RightThenLeft();

    /// <summary>“Lunge 10 then swap”.</summary>
    [GeneratedRegex(@"(?<=[a-z]\s+(?:x\s*)?\d{1,3}\s*(?:reps|s|secs?)?)\s*,?\s+then\s+(?:swap|switch|change)(?:\s+(?:sides?|legs?|arms?))?$", RegexOptions.IgnoreCase)]
    private static partial Regex ThenSwap();

    /// <summary>“Lunge 20 (10 each side)”, “20 lunges, 10 each leg”.</summary>
    [GeneratedRegex(@"^(?:(?<name>[a-z][a-z' -]+?)\s*,?\s+(?:x\s*)?(?<n>\d{1,3})|(?<n>\d{1,3})\s*(?:x\s*)?(?<name>[a-z][a-z' -]+?))\s*[,(]\s*(?<h>\d{1,3})\s*(?:on\s+)?(?:each|per|a)\s+(?:side|leg|arm)\)?$", RegexOptions.IgnoreCase)]
    private static partial Regex AllAndEach();

    /// <summary>“Half minute plank”, “plank 1/2 min”.</summary>
    [GeneratedRegex(@"(?<![0-9]\s*)\b(?:half|1/2)(?:\s+a)?\s+min(?:ute)?\b(?!\s*s)", RegexOptions.IgnoreCase)]
    private static partial Regex HalfMinute();

    [GeneratedRegex(@"\bheld\s+(?:for\s+)?(?=[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex HeldFor();

    [GeneratedRegex(@"(?<=[0-9]\s*(?:s|secs?|seconds?|reps?)?\s+)(?:on\s+)?both\s+sides\b", RegexOptions.IgnoreCase)]
    private static partial Regex OnBothSides();

    /// <summary>“Hold plank for 30 seconds”.</summary>
    [GeneratedRegex(@"^hold\s+(?!each|every|all|them|it\b)(?:an?\s+|the\s+|in\s+)?(?=[a-z][a-z' -]+\s+(?:for\s+)?[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)$)", RegexOptions.IgnoreCase)]
    private static partial Regex HoldFirst();

    /// <summary>“10/side step ups”.</summary>
    [GeneratedRegex(@"(?<=^[0-9]{1,3})\s*/\s*(?<side>side|leg|arm)\s+(?=[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex SideByStroke();

    /// <summary>“Lunges 10 each side, then swap”: each side is said already.</summary>
    [GeneratedRegex(@"(?<=[0-9][^0-9]*\beach\s+(?:side|leg|arm))\s*,?\s+then\s+(?:swap|switch|change)(?:\s+(?:sides?|legs?|arms?))?$", RegexOptions.IgnoreCase)]
    private static partial Regex EachThenSwap();

    /// <summary>“Sit ups / 10”.</summary>
    [GeneratedRegex(@"(?<=^[a-z][a-z' -]+[a-z])\s+/\s+(?=[0-9]{1,3}$)", RegexOptions.IgnoreCase)]
    private static partial Regex CountByStroke();

    /// <summary>“Lateral lunge x10 both legs”.</summary>
    [GeneratedRegex(@"(?<=[a-z]\s*,?\s+(?:x\s*)?\d{1,3}\s+)both\s+(?:legs|arms)$", RegexOptions.IgnoreCase)]
    private static partial Regex BothLegs();

    /// <summary>“(ea. side)”.</summary>
    [GeneratedRegex(@"\bea\.\s+(?=(?:side|leg|arm)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex EachDotted();

    /// <summary>“Goblet squat (KB 12kg) 12”.</summary>
    [GeneratedRegex(@"\(\s*(?<k>KBs?|DBs?|BB|barbell|dumbbells?|kettlebells?)\s+(?<w>\d{1,3}(?:\.\d)?\s*kgs?)\s*\)", RegexOptions.IgnoreCase)]
    private static partial Regex KitAndMass();

    /// <summary>“…, using 12kg”.</summary>
    [GeneratedRegex(@"\s*,?\s+using\s+(?:an?\s+)?(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex Using();

    /// <summary>“Plank x30s”.</summary>
    [GeneratedRegex(@"(?<=[a-z)]\s+)x\s*(?=\d{1,3}\s*(?:(?:s|secs?|seconds)\b|"")(?!\s*(?:x|rest|on|work|/)))", RegexOptions.IgnoreCase)]
    private static partial Regex TimesOfTime();

    /// <summary>“Plank – hold for 30 secs”.</summary>
    [GeneratedRegex(@"(?<=^[a-z][a-z' -]+?)\s*(?:\s-\s|[,(])\s*hold(?:ing)?\s+(?:it\s+)?(?:for\s+)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?))\)?$", RegexOptions.IgnoreCase)]
    private static partial Regex HoldBehind();

    /// <summary>“Squats, lunges, deadlifts, 12 each”: of each of them.</summary>
    [GeneratedRegex(@"(?<=^(?:[^:]{1,40}:)?[a-z' -]+(?:,[a-z' -]+)+[,.]\s*)(?<n>\d{1,3})(?:\s*x|\s*reps)?\s+each(?=\s*(?:$|[,.;]))", RegexOptions.IgnoreCase)]
    private static partial Regex EachOfListed();

    /// <summary>“30s each x 2”.</summary>
    [GeneratedRegex(@"(?<=\d\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")\s+each)\s*,?\s*x\s*(?<n>[2-9])(?=\s*(?:$|[,.]))", RegexOptions.IgnoreCase)]
    private static partial Regex TimesOfEach();

    /// <summary>“Legs, 20 each leg: kickbacks, clams”.</summary>
    [GeneratedRegex(@"^(?:(?<h>[a-z]+),?\s+)?(?<n>[0-9]{1,3})\s+(?:on\s+)?(?:each|per)\s+(?:side|leg|arm)\s*:\s+(?=[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex CountOnEachThen();

    /// <summary>“Glute bridges, 2 sets of 12, and clams, 2 sets of 12 on each side”: a dose each.</summary>
    [GeneratedRegex(@"(?<=^(?:(?:then\s+)?(?:we|they|I|you)\s+(?:did|do|had|have)\s+)?|,\s*(?:and\s+)?|\band\s+|\bthen\s+)(?<name>[a-z][a-z' -]+?)(?:,|\s+for)\s+(?<s>[2-6])\s+sets\s+of\s+(?<r>\d{1,3})(?:\s+reps)?(?:\s+(?:on\s+)?(?<e>(?:each|per)\s+(?:side|leg|arm)))?(?=\s*(?:$|[,.;]|\band\b))", RegexOptions.IgnoreCase)]
    private static partial Regex DosedBehind();

    /// <summary>“8 – 10 reps”, “between 8 and 10 press-ups”, “press-ups (8-10)”, “8/10 press-ups”, “press-ups 8 or 10”.</summary>
    [GeneratedRegex(@"(?<=[a-z]\s+)(?<!\bx\s+)(?<a>\d{1,2})\s+-\s+(?<b>\d{1,2})(?=\s*reps\b)|^between\s+(?<a>\d{1,2})\s+and\s+(?<b>\d{1,2})(?=\s+[a-z])|(?<=[a-z]\s*)\((?<a>\d{1,2})\s*-\s*(?<b>\d{1,2})\)$|^(?<a>\d{1,2})\s*/\s*(?<b>\d{1,2})(?=\s+[a-z])(?!\s+(?:x|on|work|rest|secs?|s|mins?|rounds?|sets?|reps|of|each|per|ladder|then)\b)|(?<=^[a-z][a-z' -]+\s(?:x\s*)?)(?<a>\d{1,2})\s+or\s+(?<b>\d{1,2})$", RegexOptions.IgnoreCase)]
    private static partial Regex RepsRange();

    /// <summary>“Press-ups 10, slowly”.</summary>
    [GeneratedRegex(@"(?<=[a-z]\s+)(?:x\s*)?(?<n>\d{1,3}),?\s+(?:nice\s+and\s+)?slow(?:ly)?$", RegexOptions.IgnoreCase)]
    private static partial Regex SlowBehind();

    /// <summary>“Press-ups x10 / knee press-ups”: the count is of both.</summary>
    [GeneratedRegex(@"^(?<a>[a-z][a-z' -]+?)\s+x\s*(?<n>\d{1,3})\s+/\s+(?<b>[a-z][a-z' -]+)$", RegexOptions.IgnoreCase)]
    private static partial Regex CountThenOther();

    /// <summary>“…, drop to knees if you need to”, “(full or knees)”, “knees down for an easier option”.</summary>
    [GeneratedRegex(@"\s*(?:\s-\s|[,(])\s*(?:(?:drop|go|come|get)\s+)?(?:down\s+)?(?:(?:on|to|onto|from)\s+)?(?:the\s+|your\s+|their\s+)?knees\s+(?:if\s+(?:you|they)\s+(?:need\s+(?:it|to)|want\s+to|have\s+to|can'?t\s+(?:do|manage)\s+(?:the\s+|a\s+)?(?:full(?:\s+ones?)?|them|it))|(?:down\s+)?for\s+(?:an?\s+|the\s+)?(?:easier|easy|beginner'?s?)(?:\s+(?:option|version|one)s?)?)\)?$|\s*[,(]\s*(?:full|toes)\s+or\s+(?:on\s+)?knees\)?$|\s*[,(]\s*(?:on\s+)?knees\s+or\s+(?:full|toes)\)?$", RegexOptions.IgnoreCase)]
    private static partial Regex OnKnees();

    /// <summary>“Warm them up for 5 mins”.</summary>
    [GeneratedRegex(@"^(?:(?:I|we)(?:'ll|\s+will)?\s+)?(?<w>warm|cool)\s+(?:them|everyone|everybody|us|the\s+(?:class|group))\s+(?<d>up|down)\b", RegexOptions.IgnoreCase)]
    private static partial Regex WarmThemUp();

    /// <summary>“Warm-up (approx 5 mins)”.</summary>
    [GeneratedRegex(@"\(\s*(?:approx\.?|approximately|about|around|roughly|circa)\s+(?=\d)", RegexOptions.IgnoreCase)]
    private static partial Regex AboutInBrackets();

    /// <summary>“Ten lunges each leg”.</summary>
    [GeneratedRegex(@"^(?:five|six|seven|eight|nine|ten|twelve|fifteen|sixteen|twenty)(?=\s+[a-z][a-z' -]+\s+(?:on\s+)?(?:each|per|a)\s+(?:side|leg|arm)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex SpokenEach();

    /// <summary>“Do 10 lunges”.</summary>
    [GeneratedRegex(@"^do\s+(?=\d{1,3}\s+[a-z])", RegexOptions.IgnoreCase)]
    private static partial Regex DoCount();

    /// <summary>“Lunges x10 right, x10 left”.</summary>
    [GeneratedRegex(@"(?<=[a-z]\s+)x\s*(?<n>\d{1,3})\s+(?:right|left),?\s+(?:and\s+)?x\s*\k<n>\s+(?:left|right)$", RegexOptions.IgnoreCase)]
    private static partial Regex RightCountLeft();

    /// <summary>“Plank – hold for 45”.</summary>
    [GeneratedRegex(@"(?<=\bhold\s+for\s+)(?<t>\d{2})$", RegexOptions.IgnoreCase)]
    private static partial Regex HoldForBare();

    /// <summary>“Press-ups, 8 to 12 of them”.</summary>
    [GeneratedRegex(@"(?<=[a-z],?\s+\d{1,3}(?:\s*(?:to|-)\s*\d{1,3})?)\s+of\s+(?:them|these|those)$", RegexOptions.IgnoreCase)]
    private static partial Regex OfThem();

    /// <summary>“Split squat 3x8/8”: as often on each side; what is worked for so long and rested for as long begins higher.</summary>
    [GeneratedRegex(@"(?<=^[a-z][a-z /'-]*\s)(?<s>[1-9])\s*x\s*(?<n>[3-9]|1[0-2])\s*/\s*\k<n>(?![\d/])", RegexOptions.IgnoreCase)]
    private static partial Regex RepsOnBoth();

    /// <summary>“Curl 3x12 s/s w/ dip 3x12”.</summary>
    [GeneratedRegex(@"(?<=\d|[a-z])\s+(?:ss|s/s|super-?\s?set(?:ted)?)\s+(?:w|w/|with)\s+(?=[a-z0-9])", RegexOptions.IgnoreCase)]
    private static partial Regex SupersetWithin();

    /// <summary>“Cat stretch and child's pose to finish”.</summary>
    [GeneratedRegex(@"^(?:(?:and|then)\s+)?(?<items>[a-z][a-z' ,&-]+?)\s+to\s+(?:finish|end|close)(?:\s+off)?[.!]?$", RegexOptions.IgnoreCase)]
    private static partial Regex ToFinish();

    /// <summary>“Clean 8/8”.</summary>
    [GeneratedRegex(@"(?<=,.*[a-z]\s+|^(?=.*,).*[a-z]\s+)(?<!\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+|\b(?:class|date|rated|on)\s+)(?<n>[1-9]|1[0-2])\s?/\s?\k<n>(?=\s*(?:$|[,;)]|-\s))", RegexOptions.IgnoreCase)]
    private static partial Regex CountOnBoth();

    /// <summary>“Row 3x8e”.</summary>
    [GeneratedRegex(@"(?<=\dx\s?\d{1,2}|\bx\s?\d{1,2})e\b", RegexOptions.IgnoreCase)]
    private static partial Regex EachByLetter();

    /// <summary>“45 s each, 2 goes”.</summary>
    [GeneratedRegex(@"\b(?<n>[2-9])\s+goes\b(?!\s+(?:at|on|each))", RegexOptions.IgnoreCase)]
    private static partial Regex Goes();

    /// <summary>“Squat 5x5 90r”.</summary>
    [GeneratedRegex(@"(?<=\dx\d{1,3}(?:\s+each\s+side)?)\s*,?\s+(?<t>\d{2,3})\s?r$", RegexOptions.IgnoreCase)]
    private static partial Regex RestLetterBehind();

    private static string EachOfAll(Match m) =>
        int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture) == int.Parse(m.Groups["h"].Value, CultureInfo.InvariantCulture) * 2 ? $"{m.Groups["name"].Value} {m.Groups["h"].Value} each side" : m.Value;

    private static string Range(Match m) =>
        int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture) < int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture) && int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture) <= MostRange ? $"{(m.Value[0] == '(' ? " " : "")}{m.Groups["a"].Value}-{m.Groups["b"].Value}" : m.Value;

    /// <summary>“60 sec's”.</summary>
    [GeneratedRegex(@"(?<=\d\s*(?:sec|min|rep|set|round))'s\b", RegexOptions.IgnoreCase)]
    private static partial Regex UnitsOwn();

    /// <summary>“Curl / triceps extension superset 3 x 12”, “squats/rows 3x10 superset”.</summary>
    [GeneratedRegex(@"^(?<a>[a-z][a-z' -]+?)\s*(?:/|\+|&|\band\b)\s*(?<b>[a-z][a-z' -]+?)\s+(?:super\s?set\s*[:,-]?\s*(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})|(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s*,?\s*super\s?set)\b(?<more>.*)$", RegexOptions.IgnoreCase)]
    private static partial Regex SupersetBehind();

    /// <summary>“8 x 20/10 each”: all rounds of one move before the next.</summary>
    [GeneratedRegex(@"^(?:8\s*(?:x|rounds\s+of)\s*20\s*/\s*10|an?\s+tabata)\s*,?\s*(?:of\s+|on\s+|for\s+)?each(?:\s+(?:exercise|move|one|station))?:?$", RegexOptions.IgnoreCase)]
    private static partial Regex TabataOfEach();

    /// <summary>“Pads 6 x 2 mins 30 secs rest”: the rest is no part of the minutes.</summary>
    [GeneratedRegex(@"(?<=\bx\s?[0-9]{1,2}\s?min(?:ute)?s?)\s+(?=[0-9]{1,3}\s?(?:s|secs?|seconds)\s+(?:rest|off|break|recovery)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex TimesOfMinutes();
}
