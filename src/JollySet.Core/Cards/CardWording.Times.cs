using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of how long, and the rests.</content>
internal static partial class CardWording
{
    /// <summary>“R 60 between rounds”: a rest; “r 90 s” alone is one too.</summary>
    private static CardPattern RestByLetter => field ??= new(@"^(?:r|R(?=.*\b(?:between|btw|after)\b))\s+(?=\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|')?\s*(?:$|[,.;]|(?:in\s+)?(?:between|btw|after)\b))");

    /// <summary>“10 s each side x 2”: sets of a time.</summary>
    private static CardPattern TimeThenSets => field ??= new(@"\b(?<t>\d{1,3}\s*(?:s|secs?|seconds?))\s*(?<side>(?:each|per|a|/)\s*(?:side|leg|arm|way)|e/?s\b|ea\b)\s*,?\s*x\s*(?<n>[2-9])\s*$|(?<=[a-z)]\s+)(?<!\b(?:rest|work|on|off|up|down|circuit|block|set|tabata|stations?|intervals?|emom|amrap|each|of|for|every)\s+)(?<!\d\s*,.*)(?<t>\d{2,3}\s*(?:s|secs?|seconds?)|[1-5]\s*(?:mins?|minutes?))\s*x\s*(?<n>[2-9])\s*$", RegexOptions.IgnoreCase);

    private static CardPattern Thru => field ??= new(@"\bthru\b", RegexOptions.IgnoreCase);

    /// <summary>“Rest as needed, 60-90 s”: that long.</summary>
    private static CardPattern AsNeeded => field ??= new(@"\brest\s+as\s+(?:needed|required)\s*,?\s*(?:but\s+)?(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“AMRAP: 8 mins: …”.</summary>
    private static CardPattern TimedColon => field ??= new(@"\b(?<w>amrap|emom|tabata)\s*:\s*(?=\d{1,2}\s*(?:mins?|minutes?|')?\s*:)", RegexOptions.IgnoreCase);

    /// <summary>“EMOM10”.</summary>
    private static CardPattern Stuck => field ??= new(@"\b(?<w>amrap|emom|tabata)(?:(?=\d)|(?<!\d\s*(?:mins?|minutes?|')?\s*\w+)(?<!\d\s*(?:mins?\b|minutes\b|').*)\s*\((?<n>\d{1,2})\))", RegexOptions.IgnoreCase);

    /// <summary>“8:00 AMRAP”.</summary>
    private static CardPattern FullMinutes => field ??= new(@"\b(?<n>\d{1,2}):00\s+(?=(?:amrap|emom|tabata)\b)", RegexOptions.IgnoreCase);

    /// <summary>“30-sec”, “8-minute”.</summary>
    private static CardPattern HyphenTime => field ??= new(@"\b(?<n>\d{1,3})-(?<u>min(?:ute)?s?|sec(?:ond)?s?)\b", RegexOptions.IgnoreCase);

    /// <summary>“60 seconds' rest”.</summary>
    private static CardPattern Possessive => field ??= new(@"\b(?<u>seconds|secs|minutes|mins)'(?=\s)", RegexOptions.IgnoreCase);

    /// <summary>“Work 40 rest 20”.</summary>
    private static CardPattern WorkThenRest => field ??= new(@"(?<!\d\s*(?:s|secs?|seconds?)\s*)(?<!\b\d{2,3}\s*)\bwork\s*:?\s*(?<w>\d{2,3})\s*(?:s|secs?|seconds?)?\s*(?:[,;/+&-]|and|then)?\s*rest\s*:?\s*(?<r>\d{1,3})(?:\s*(?:s|secs?|seconds?)\b|\b(?!\s*m))", RegexOptions.IgnoreCase);

    /// <summary>“30 s of each”.</summary>
    private static CardPattern OfEach => field ??= new(@"(?<t>\b\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|"")\.?)\s+of\s+each\b(?!\s+side)", RegexOptions.IgnoreCase);

    private static CardPattern EndOfRound => field ??= new(@"\bat\s+(?:the\s+)?end\s+of\s+(?:each\s+|every\s+|the\s+|a\s+)?(?=round|circuit|lap|set)", RegexOptions.IgnoreCase);

    private static CardPattern Btwn => field ??= new(@"\b(?:btwn|b/t)\b", RegexOptions.IgnoreCase);

    /// <summary>“40 s ex / 20 s rest”.</summary>
    private static CardPattern ExerciseThenRest => field ??= new(@"(?<=\d\s*(?:s|secs?|seconds?)?\s+)ex(?:ercise)?\b(?=\s*[/,&+-]?\s*\d{1,3}\s*[a-z]{0,7}\s*(?:rest|off)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Four moves for 40 seconds”: each of them.</summary>
    private static CardPattern MovesFor => field ??= new(@"(?<=\b(?:moves|exercises|stations)\s+)for\s+(?=\d{2}\s*(?:s|secs?|seconds?)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Hold each 30 s”.</summary>
    private static CardPattern HoldEach => field ??= new(@"\bhold(?:ing)?\s+(?:each|all)\s+(?:stretch\s+|one\s+)?(?:for\s+)?(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“40:20 work:rest”.</summary>
    private static CardPattern WorkToRest => field ??= new(@"(?<=\d{2}\s*[:/]\s*\d{1,2})\s+\(?work\s*[:/]\s*rest\)?", RegexOptions.IgnoreCase);

    /// <summary>“1st: …”, “2nd: …”: the order says as much.</summary>
    private static CardPattern WhichMinute => field ??= new(@"^(?:(?:1st|2nd|3rd|4th|first|second|third|fourth)(?:\s+min(?:ute)?)?|min(?:ute)?\s+(?:one|two|three|four|five|[a-e]))\s*[:-]\s*(?=[\da-z])|^(?:1st|2nd|3rd|4th|first|second|third|fourth)\s+min(?:ute)?\s+(?=\d{1,2}\s+[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“40w/20r”.</summary>
    private static CardPattern WorkAndRest => field ??= new(@"\b(?<w>\d{2,3})\s*s?\s*w\s*[/,+-]\s*(?<r>\d{1,3})\s*s?\s*r\b", RegexOptions.IgnoreCase);

    /// <summary>“Round rest 60”, “90 sec round break”.</summary>
    private static CardPattern RestOfRound => field ??= new(@"\b(?:round|lap|circuit)\s+(?:rest|break|recovery)\s*[:=-]?\s*(?<t>\d{1,3}(?:\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")(?![a-z]))?)|\b(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|""))\s+(?:round|lap|circuit)\s+(?:rest|break|recovery)\b", RegexOptions.IgnoreCase);

    /// <summary>“8 min cap AMRAP”, “AMRAP, cap of 8 min”: how long.</summary>
    private static CardPattern AmrapCap => field ??= new(@"\(?\bcap\b\)?(?:\s+of)?\s*(?=amrap)|(?<=\bamrap\b.{0,20})\s*[,(]?\s*\bcap\b(?:\s+of|\s*:)?\)?", RegexOptions.IgnoreCase);

    /// <summary>“50/10 then 40/20 then 30/30” with commas between them; seconds as numbers.</summary>
    public static string TimesInOrder(string text) =>
        TimesByRound.Replace(text, m => string.Join(", ", m.Groups["w"].Captures.Zip(m.Groups["r"].Captures, (w, r) => $"{w.Value}/{r.Value}")));

    /// <summary>“50/10, 40/20, 30/30”, “R1 40/20, R2 45/15”: a round each.</summary>
    public static CardPattern TimesByRound => field ??= new(@"(?<![\d/.])(?<!\b(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\W+)" + OfRound + "(?:(?:\\s*[,;+&]\\s*|\\s+-\\s+|\\s*->\\s*|\\s+)(?:(?:then|and)\\s+)?" + OfRound + @"){1,7}(?![\d/.])", RegexOptions.IgnoreCase);

    private const string OfRound = @"(?:(?:r|rd|round)\s*[1-9]\s*[:=-]?\s*)?(?<w>[2-9][05]|15)(?:\s?s)?\s*/\s*(?<r>[1-6][05]|5)(?:\s?s)?(?![\d/]|\s*x)";

    /// <summary>“30/30 x 10 mins”: so long, not so often.</summary>
    private static CardPattern OnOffTimesMinutes => field ??= new(@"(?<=[0-9]{2}\s*/\s*[0-9]{2})\s*x\s*(?<n>[0-9]{1,2})\s*min(?:ute)?s?\b", RegexOptions.IgnoreCase);

    private static CardPattern RoundsSaid => field ??= new(@"[0-9]\s*(?:x\b|rounds?|rds?|times|laps?)|\bx\s*[0-9]", RegexOptions.IgnoreCase);

    /// <summary>“2 mins off & go again x3”, alone below a list.</summary>
    private static CardPattern RestAndAgain => field ??= new(@"^(?:then\s+)?(?:(?:take|have|rest|break|recover)\s+(?:for\s+)?(?<t>" + Minute + @")(?:\s+(?:off|rest|break))?|(?<t>" + Minute + @")\s*(?:off|out|rest|break|recovery|breather))(?:\s*[,;&+]\s*|\s+and\s+|\s+then\s+|(?<=,)\s*then\s+)+(?:repeat|again|(?:go|do)\s+(?:(?:it|that|this|round|through)\s+)*again)(?:\s*,?\s*(?:x\s*(?<n>[2-9])|(?<n>[2-9])\s*(?:x|times)))?[.!]*$", RegexOptions.IgnoreCase);

    private const string Minute = @"[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?|'|"")|[0-9]:[0-5][0-9]";

    /// <summary>“Rest 60 s then repeat”.</summary>
    private static CardPattern RestThenRepeat => field ??= new(@"(?<=^|[,;\s]\s*)(?:rest|break|recover)\s+(?:for\s+)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")?)\s*[,;&+]?\s*(?:and\s+|then\s+)+(?:repeat|go\s+again|again)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Half an hour”, “an hour and a half”, “a minute and a half”.</summary>
    private static CardPattern TimeInWords => field ??= new(@"\b(?:(?<half>half\s+an?\s+hour|half-hour|30-minute)|(?<more>(?:an|one|1)\s+hour\s+and\s+a\s+half|1\.5\s+hours|hour\s+and\s+a\s+half)|(?<three>(?:three[\s-]quarters|3/4)\s+(?:of\s+an\s+)?hour)|(?<=^|[,;:(]\s*|\bfor\s+|-\s+)(?<whole>(?:an|one|1)\s+hour)(?=\s*(?:$|[,;.)]|class|session|-\s))|(?<ninety>(?:a|one|1)\s+minute\s+and\s+a\s+half)|(?<thirty>half\s+a\s+min(?:ute)?))\b", RegexOptions.IgnoreCase);

    /// <summary>“Rest between rounds: 90s”, “between exercises – 15s”: where, then how long.</summary>
    private static CardPattern RestOfWhere => field ??= new(@"(?<=^|[,;(]\s*|\s-\s+|:\s+)(?:(?<w>(?:water|drinks?)(?:\s+(?:break|stop))?|rest|recovery|break|pause)(?:\s+(?:period|time))?\s+)?(?<where>(?:in\s+)?between\s+(?:the\s+|each\s+|all\s+)?(?:rounds?|sets?|circuits?|exercises?|moves?|stations?|laps?|supersets?|blocks?)|after\s+(?:each|every)\s+(?:round|set|circuit|exercise|move|station|lap|superset|block))\s*(?:\s-|[:=;])\s*(?:rest\s+)?(?<t>\d{1,3}(?:[.,]5)?\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")|\d:\d\d)(?:\s+(?:rest|break|recovery))?\.?(?=\s*(?:$|[,;)]))", RegexOptions.IgnoreCase);

    /// <summary>“Two minutes rest”, “forty seconds”.</summary>
    private static CardPattern TimeInNumberWords => field ??= new(@"(?<!\bmin(?:ute)?\s)\b(?:two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty|forty|fifty|sixty|ninety)(?:[\s-]five)?\s+(?:(?:to|or)\s+(?:two|three|four|five|six|seven|eight|nine|ten|fifteen|twenty|thirty|forty|sixty|ninety)\s+)?(?=(?:min(?:ute)?|sec(?:ond)?)s?\b)", RegexOptions.IgnoreCase);

    private static CardPattern RestsSlip => field ??= new(@"(?<=\d\s*(?:s|secs?|seconds?|min(?:ute)?s?)\s+)(?<r>rests)\b|\b(?<w>watr|wter)\b", RegexOptions.IgnoreCase);

    /// <summary>“1 hr”, “1.5 hrs”, “1h15” as long as a class may be.</summary>
    private static CardPattern HoursShort => field ??= new(@"(?<=^|[,;|(]\s*|\s-\s+|^[^\d]{2,40}\s)(?<n>[12](?:[.,](?:5|25|75))?)\s*(?:hrs?|hours?|h)(?:\s*(?<m>15|30|45)(?:\s*min(?:ute)?s?)?)?(?=\s*(?:$|[,;|).]|-\s|class\b|session\b))", RegexOptions.IgnoreCase);

    /// <summary>“Balance for 4 mins holding the chair”.</summary>
    private static CardPattern PartForMinutes => field ??= new(@"^(?<w>balance|core|abs|arms|legs|mobility|stretch(?:es|ing)?)\s+for\s+(?<n>\d{1,2})\s*(?:mins?|minutes?|')\s+(?!at\s+the\s+end|to\s+(?:finish|start|end)|afterwards)(?<more>[a-z][a-z ]{3,40})\.?$", RegexOptions.IgnoreCase);

    /// <summary>“3 mins to stretch calves, quads and chest”.</summary>
    private static CardPattern MinutesToStretch => field ??= new(@"^(?:(?:the\s+)?last\s+)?(?<n>\d{1,2})\s*(?:mins?|minutes?|')\s+(?:to\s+)?(?<w>stretch(?:ing)?)\s+(?:the\s+|our\s+|your\s+|out\s+(?:the\s+)?)?(?<items>[a-z]+(?:\s[a-z]+)?(?:,\s*[a-z]+(?:\s[a-z]+)?)*,?\s+(?:and|&)\s+[a-z]+(?:\s[a-z]+)?)[.!]*$", RegexOptions.IgnoreCase);

    private static CardPattern OnOffInGerman => field ??= new(@"\b(?<w>\d{1,3})\s*(?:s|sek\.?|sec|"")?\s*an\s*[/,-]?\s*(?<r>\d{1,3})\s*(?:s|sek\.?|sec|"")?\s*aus\b", RegexOptions.IgnoreCase);

    /// <summary>“40 secs on / 20 secs of”: a letter is left out.</summary>
    private static CardPattern OffSlip => field ??= new(@"\bon\s*[/,-]?\s*(?<t>\d{1,3}\s*(?:s|secs?|seconds?)?)\s+of\b(?=\s*(?:$|x\b|x\s*\d|[,;.)]|for\s+\d))", RegexOptions.IgnoreCase);

    /// <summary>“5 min jog to warm up”.</summary>
    private static CardPattern MinutesToWarmUp => field ??= new(@"^(?<n>\d{1,2})\s*(?:mins?|minutes?|')\s+(?<what>[a-z][a-z ,&]{2,60}?)\s+to\s+(?:warm\s+up|get\s+warm|start|loosen\s+up)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“2 mins water after each” round.</summary>
    private static CardPattern WaterAfterEach => field ??= new(@"(?:\bwith\s+)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+(?:for\s+)?(?:water|drinks?)(?:\s+break)?\s+after\s+each(?:\s+(?:lap|round|circuit|one))?\b(?=\s*(?:$|[,.;)]))|\b(?:water|drinks?)\s+(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+after\s+(?:each|every)\s+(?:lap|round|circuit)\b", RegexOptions.IgnoreCase);

    /// <summary>“Round 3 – repeat round 1”.</summary>
    private static CardPattern RepeatAsOther => field ??= new(@"^(?<h>(?:round|block|circuit|part|set)\s*(?:\d{1,2}|[a-h]))\s*[:,-]?\s+(?:\(?(?:repeat|same\s+as|as)\s+)(?<o>(?:round|block|circuit|part|set)\s*(?:\d{1,2}|[a-h]))(?:\s+again)?\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Stretch for the last 6 minutes”, “stretch for 5 at the end”, “cool down for the last 5”.</summary>
    private static CardPattern ForTheLast => field ??= new(@"^(?:(?:then|and|so|finally|lastly)\s+)*(?:just\s+)?(?<what>stretch(?:es|ing)?(?:\s+out)?|cool[\s-]?down|warm[\s-]?up|core|abs)(?:\s+it\s+(?:out|off|down))?\s+(?:for|in)\s+(?:the\s+(?:last|final|first)\s+)?(?:about\s+)?(?:(?<n>\d{1,2})\s*(?:mins?|minutes?|')|(?<n>[2-9]|1[0-5]))(?:\s+(?:at\s+the\s+(?:very\s+)?(?:end|start|beginning)|to\s+(?:finish|end|start)))?[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Leave 5 mins at the end for stretching”.</summary>
    private static CardPattern LeaveFor => field ??= new(@"^(?:please\s+)?(?:leave|save|allow|keep)\s+(?:the\s+last\s+)?(?<n>\d{1,2})\s*(?:mins?|minutes?)\s+(?:at\s+the\s+end\s+)?(?:for|to)\s+(?:an?\s+|some\s+)?(?<what>stretch(?:es|ing)?|cool(?:ing)?[\s-]?down)(?:\s+at\s+the\s+end)?[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Please do a 5 min warm up first”.</summary>
    private static CardPattern WarmUpFirst => field ??= new(@"^(?:please\s+)?(?:do|give\s+(?:them|everyone))\s+an?\s+(?<n>\d{1,2})[\s-]*min(?:ute)?s?\s+(?<what>warm[\s-]?up)\s+(?:first|before(?:hand)?|to\s+start)[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Twice with a 2 min water break halfway”.</summary>
    private static CardPattern BreakHalfway => field ??= new(@"(?<=\b(?:twice|2\s+(?:rounds|times|laps))\b.*?)\s*,?\s*(?:and\s+|with\s+)?(?:an?\s+)?(?<t>\d{1,2}\s*(?:mins?|minutes?)|\d{2,3}\s*(?:s|secs?|seconds?))\s+(?<w>(?:water|drinks?)\s+)?(?:break|rest|stop|pause)\s+(?:halfway|half\s+way|in\s+the\s+middle|at\s+half\s*time)\b(?:\s+through)?", RegexOptions.IgnoreCase);

    /// <summary>“Next up dead bugs …”, “then it's …”: how it is led to.</summary>
    /// <summary>“March for 3 minutes and do shoulder rolls for 2”: minutes too.</summary>
    private static CardPattern ForMinutesToo => field ??= new(@"(?<=\bfor\s+(?:[0-9]{1,2}|[a-z]{3,6})\s*min(?:ute)?s?\b.*)\bfor\s+(?<n>[1-4]|two|three|four)(?=\s*(?:$|[,.;]|and\b))", RegexOptions.IgnoreCase);

    /// <summary>“…, 30 on, 15 off”: one behind the other.</summary>
    private static CardPattern OnThenOff => field ??= new(@"(?<![0-9])(?<w>[0-9]{2,3})\s*(?:s|secs?|seconds?)?\s+on\s*,\s*(?<r>[0-9]{1,3})\s*(?:s|secs?|seconds?)?\s+(?:off|rest)\b(?!\s+(?:in\s+)?(?:between|after))", RegexOptions.IgnoreCase);

    private static CardPattern NextUp => field ??= new(@"^(?:next\s+up|up\s+next)\s*:?\s+(?=[a-z0-9])|^(?:after\s+that|then|next)\s*,?\s+(?:(?:we\s+(?:do|have)|it's|comes|there's)\s+)?(?:an?|the|our)\s+(?:quick\s+|short\s+)?(?=(?:[a-z]+\s+){1,2}(?:block|circuit|section|round|set|part)\s*[:-]\s)|^(?:next\s+(?:it's|we\s+have|is|are|comes)|then\s+(?:it's|we\s+have|comes)|after\s+that\s+(?:it's|we\s+have|comes))\s*:?\s+(?=(?:\d|[a-z]).*(?:,|\band\b|\d))", RegexOptions.IgnoreCase);

    /// <summary>“Calf, hamstring and chest stretches”.</summary>
    private static CardPattern StretchesListed => field ??= new(@"^(?<h>(?:cool[\s-]?down|stretch(?:es|ing)?|finish|end)[^:]{0,20}:\s+)(?<items>[a-z]+(?:,\s*[a-z]+)*,?\s+(?:and|&)\s+[a-z]+)\s+stretch(?:es)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Finisher is a 3 minute wall sit”.</summary>
    private static CardPattern PartIsA => field ??= new(@"^(?:(?:the|our)\s+)?(?<h>finisher|main\s+(?:set|part|block)|core|cool[\s-]?down|warm[\s-]?up)\s+(?:is|will\s+be)\s+an?\s+(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“First up, 3 rounds of …”: how it is led to.</summary>
    private static CardPattern FirstUp => field ??= new(@"^(?:first(?:\s+(?:up|off))?|up\s+first|next(?:\s+up)?|second|third|then|to\s+start|last(?:ly)?)\s*[,:]\s+(?=(?:we\s+(?:do|have)\s+)?(?:\d|an?\s+\d|two|three|four|five|six))", RegexOptions.IgnoreCase);

    /// <summary>“X3 w 1 min rest”.</summary>
    private static CardPattern WithShort => field ??= new(@"(?<=\S\s)w\s+(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>1'30".</summary>
    private static CardPattern MinutesAndSecondsSigns => field ??= new(@"(?<!\d)(?<m>[1-9])'\s?(?<s>[0-5]\d)""");

    /// <summary>“Circuit of 8 (squat, row, plank) 40/20 x3”: the list stands before how it runs.</summary>
    private static CardPattern ListThenHow => field ??= new(@"^(?<h>(?:circuit|main\s+(?:set|circuit|block)|stations|block\s+\w|circuit\s+\w)(?:\s+of\s+\d{1,2})?)\s*[:-]?\s*\((?<items>[a-z][^()\d]*,[^()\d]*)\)\s*[,:-]?\s*(?<how>x?\s*\d[^()]*)$", RegexOptions.IgnoreCase);

    private static CardPattern NeedThem => field ??= new(@"^(?:(?:you(?:'ll|\s+will)?|we(?:'ll|\s+will)?)\s+)?need(?:ed)?\s*:?\s+(?=(?:\d{1,2}|an?|the|some|your)\s+(?:[a-z]+\s+){0,2}(?:mats?|dbs?|kbs?|dumb\s?bells?|kettle\s?bells?|weights?|bands?|chairs?|towels?|steps?|balls?)\b)", RegexOptions.IgnoreCase);

    private static CardPattern EachSlip => field ??= new(@"\b(?:eahc|eech|ecah)\b", RegexOptions.IgnoreCase);

    /// <summary>“:30/side”: seconds.</summary>
    private static CardPattern ColonSeconds => field ??= new(@"(?<=^|[\s,(;-]):(?<n>[1-5][05]|60|90)(?=$|[\s,;)/])");

    /// <summary>“1 min 30”.</summary>
    private static CardPattern MinutesAndSeconds => field ??= new(@"\b(?<m>[1-9])\s*(?:min(?:ute)?s?|m)\s*(?:and\s+)?(?<s>[1-5][05])\b(?:\s*(?:s|secs?|seconds?)\b)?(?!\s*(?:[/x:.\d]|reps?\b|[a-z]+\s+(?:on|off)\b|on\b|off\b|[a-z]*(?:squat|lunge|press|row|swing|burpee|jump|sit|push|curl|crunch)))", RegexOptions.IgnoreCase);

    /// <summary>“For the last five”.</summary>
    private static CardPattern LastFew => field ??= new(@"(?<=\b(?:for|in)\s+the\s+last\s+)(?:two|three|four|five|six|eight|ten)(?=\s*[.!]?$)", RegexOptions.IgnoreCase);

    /// <summary>“Last 3 minutes stretch”.</summary>
    private static CardPattern LastMinutes => field ??= new(@"^(?:the\s+)?(?:last|final|first)\s+(?<n>\d{1,2})\s*(?:mins?|minutes?|')\s*[:,-]?\s+(?:is\s+|are\s+|for\s+|an?\s+|of\s+)*(?<what>stretch(?:es|ing)?(?:\s+out)?(?:\s+and\s+(?:a\s+)?(?:chat|breathe|breathing|relax(?:ation)?|cuppa|tea))?|cool[\s-]?down|warm[\s-]?up|core|abs|mobility)[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Then go 2, 4, 6, 8 of each of these:”: rungs.</summary>
    private static CardPattern GoListed => field ??= new(@"^(?:(?:then|and|next)\s+)?(?:(?:we|you)\s+)?(?:go|do|complete)\s+(?<l>\d{1,3}(?:\s*,\s*\d{1,3}){2,})(?:\s*reps)?(?:\s+(?:of|for)\s+(?:each|all|every)(?:\s+(?:one|move|exercise))?(?:\s+of\s+(?:these|them|the\s+following))?)?\s*:?$", RegexOptions.IgnoreCase);

    /// <summary>“Twice if time”, “if time allows: plank”.</summary>
    private static CardPattern IfTimeInShort => field ??= new(@"\bif\s+(?:time(?:\s+(?:allows|permits|left))?|poss(?:ible)?|we\s+get\s+time)(?:(?<more>\s+(?=repeat|again|twice|do\b|go\b))|(?=$|\s*[,:.)-]))", RegexOptions.IgnoreCase);

    /// <summary>“Twice through if there's time”, “repeat if there's time”: the last round is the one that may be dropped.</summary>
    private static CardPattern RoundsIfTime => field ??= new(@"^(?:(?:go|do)\s+(?:it\s+|this\s+|all\s+)?)?(?:(?<again>repeat(?:\s+(?:it|all|that|this|the\s+(?:whole\s+)?(?:circuit|lot|thing|block)))?|(?:go\s+)?(?:round\s+)?again|x\s?2|2\s?x|twice|(?:two|2)\s+(?:rounds|times))|(?<n>[3-9])\s*(?:rounds?|times|x)|x\s?(?<n>[3-9]))(?:\s+(?:through|round|over|around|all))*\s*[,(-]?\s*if\s+(?:there(?:'s|\s+is)|you\s+have|we\s+have)\s+time\)?[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“If there's time, 3 rounds of …”: what may be dropped.</summary>
    private static CardPattern IfThereIsTime => field ??= new(@"^(?:(?:and|then|finisher)\s*[:,]?\s+)?if\s+(?:there(?:'s|\s+is)|you\s+have|we\s+have|you've\s+got|we've\s+got)\s+(?:any\s+)?time(?:\s+left)?\s*(?:[:,-]\s*|\s(?=(?:we|they|you)(?:'ll|\s+will)?\s+(?:do|finish)))(?:(?:we|they|you)(?:'ll|\s+will)?\s+do\s+)?(?<more>\S.*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“A 3 minute plank challenge”.</summary>
    private static CardPattern ChallengeOf => field ??= new(@"(?<=^|time,?\s+(?:(?:we|they|you)(?:'ll|\s+will)?\s+do\s+)?|^(?:then|finish\s+with|and)\s+)(?:an?\s+|the\s+)?(?<t>[0-9]{1,2}[\s-]?(?:mins?|minutes?|secs?|seconds?))\s+(?<name>[a-z][a-z' -]{2,30}?)\s+(?:challenge|test|hold\s+challenge)(?=\.?$)", RegexOptions.IgnoreCase);

    private static CardPattern EverySlip => field ??= new(@"\b(?:evry|evrey|evey|eveyr|ev'?ry)\b", RegexOptions.IgnoreCase);

    private static CardPattern InBetween => field ??= new(@"\binbetween\b", RegexOptions.IgnoreCase);

    /// <summary>“Max rounds in 8 min”.</summary>
    private static CardPattern MostRounds => field ??= new(@"\bmax(?:imum)?\s+rounds\s+(?:in|for)\s+(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“Warm up (6)”: minutes, as few as a warm-up has.</summary>
    private static CardPattern PartMinutes => field ??= new(@"^(?<h>[a-z][a-z &/-]{1,24}?)\s*\((?<n>[2-9]|1\d|20)\)(?=\s*(?:[:-]|$))", RegexOptions.IgnoreCase);

    /// <summary>“Then again”: all of it once more.</summary>
    private static CardPattern AgainAlone => field ??= new(@"^(?:and\s+|then\s+|all\s+(?:of\s+(?:it|that)\s+)?|everything\s+|the\s+lot\s+)+(?:once\s+more|again)[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Quick warm up - 5 minutes of jogging, squats and reaches”.</summary>
    private static CardPattern PartOfMinutes => field ??= new(@"^(?<h>(?:[a-z]+\s+)?(?:warm[\s-]?up|cool[\s-]?down))(?:\s*[-:,]\s*|\s+(?:will\s+be|is|are)\s+(?:about\s+)?)(?<t>\d{1,2}\s*(?:mins?|minutes?))\s+of\s+(?<what>[a-z][^:]*(?:,|\sand\s)[^:]*?)\.?$", RegexOptions.IgnoreCase);

    private static CardPattern LastAnd => field ??= new(@",?\s+and\s+(?!.*,)", RegexOptions.IgnoreCase);

    /// <summary>“1 min on 30 s off”.</summary>
    private static CardPattern MinutesOn => field ??= new(@"\b(?<n>[12])\s*min(?:ute)?s?(?=\s+(?:on|work)\b[\s,/&]*\d)", RegexOptions.IgnoreCase);

    /// <summary>“Give them a minute for a drink”.</summary>
    private static CardPattern GivesThem => field ??= new(@"^(?:(?:and|then|so)\s+)*(?:(?:give|let|allow)\s+(?:them|everyone|everybody|people|the\s+class)\s+(?:have\s+)?|we(?:ll)?\s+(?:have|take)\s+|there(?:s|\s+is)\s+|take\s+|have\s+)(?<t>(?:an?|one|two|\d{1,2})\s*(?:min(?:ute)?s?)|\d{2}\s*(?:s|secs?|seconds?))(?<b>\s+(?:in\s+)?between\s+(?:the\s+|each\s+)?(?:rounds?|sets?|circuits?|laps?))?\s+(?:for|to\s+(?:have|get|grab))\s+(?:an?\s+|some\s+|their\s+)?(?<w>drink|water|breather)s?(?<b>\s+(?:in\s+)?between\b[^.]*)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Wrm up”, “cool dwon”: slips of a part's name.</summary>
    private static CardPattern PartSlip => field ??= new(@"(?<=^|^\d{1,2}\s*(?:mins?|minutes?|')\s+)(?:(?<up>(?!warm)w[arm]{2,4}[\s-]?up|warm[\s-]?(?:upp+|ip|pu))|(?!cool[\s-]?down)c[ol]{2,4}[\s-]?d[own]{2,4})\b", RegexOptions.IgnoreCase);

    /// <summary>“5 wu”: minutes before a part.</summary>
    private static CardPattern MinutesFirst => field ??= new(@"^(?<n>[2-9]|1\d)(?::00)?\s+(?<p>wu|w/u|cd|c/d|warm[\s-]?up|cool[\s-]?down|stretch)$", RegexOptions.IgnoreCase);

    /// <summary>“Core (5)”, “Main (20)”: minutes of a part.</summary>
    private static CardPattern PartAndFew => field ??= new(@"^(?<p>main|core|abs|finisher|cardio|strength|conditioning|floor(?:\s?work)?|mat\s?work|balance|legs|arms|upper(?:\s+body)?|lower(?:\s+body)?|full\s+body)\s*\((?<n>[3-9]|[1-4][05])\)$", RegexOptions.IgnoreCase);

    /// <summary>“Stretch seated 6 mins: hamstrings, chest”: how they are done stands behind the minutes.</summary>
    private static CardPattern StretchPlacedFor => field ??= new(@"^(?<w>stretch(?:es|ing)?|cool[\s-]?down)\s+(?<where>(?:seated|sitting|standing|lying)(?:\s+down)?|(?:on|in)\s+(?:the\s+|our\s+|your\s+)?(?:chairs?|mats?|floor))\s*[,:-]?\s*(?<t>[0-9]{1,2}\s*(?:mins?|minutes?|'))(?=\s*(?:[:,-]|$))", RegexOptions.IgnoreCase);

    /// <summary>“Stretch 3-4 mins”: the shorter, and both are told.</summary>
    private static CardPattern MinutesUpTo => field ??= new(@"(?<=[a-z:)]\W{0,3})(?<!\(\s*)\b(?<a>\d{1,2})\s*(?:-|(?<!\b1\s*)/|\bto\b)\s*(?<b>\d{1,2})\s*(?<u>mins?\b|minutes?\b|')", RegexOptions.IgnoreCase);

    /// <summary>“20s/30s/40s”: a time each.</summary>
    private static CardPattern TimesByStrokes => field ??= new(@"\b\d{1,3}\s?s?(?:\s*/\s*\d{1,3}\s?s(?![a-z])){2,}", RegexOptions.IgnoreCase);

    /// <summary>“Warm up: 5 mins - jog, lunges”: the minutes are the part's.</summary>
    private static CardPattern PartAndMinutes => field ??= new(@"^(?<h>[a-z][a-z &/-]{1,24}?)\s*:\s*(?<t>\d{1,2}\s*(?:mins?|minutes?|'))\s*[-,:]\s*(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“3 min max burpees”.</summary>
    private static CardPattern TimeOfMost => field ??= new(@"\b(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+(?:of\s+)?max(?:imum)?\s+(?:reps\s+(?:of\s+)?)?(?<what>(?!rounds|reps|effort)[a-z][a-z' -]{2,40})$", RegexOptions.IgnoreCase);

    /// <summary>“Track 2 legs 5:00 squats, lunges”, “Song 3 (4:45) arms: curls, presses”: a piece of music, how long it is, and what is done to it.</summary>
    private static CardPattern TrackOfMinutes => field ??= new(@"^(?<p>(?:track|song|tune|t)\s?#?[0-9]{1,2})\s*[:.)]?\s*(?:-\s*)?(?:(?<h>[a-z][a-z &+/'-]{1,30}?)[\s:(-]+(?<m>[0-9]{1,2}):(?<s>[0-5][0-9])\b(?:\s*(?:mins?|minutes?))?\)?|\(?(?<m>[0-9]{1,2}):(?<s>[0-5][0-9])\b(?:\s*(?:mins?|minutes?))?\)?[\s:-]*(?<h>[a-z][a-z &+/'-]{1,30}?)(?=\s*(?:[,:]|\s-\s|$)))(?:[\s:,-]+(?<items>[a-z].*))?$", RegexOptions.IgnoreCase);
}
