using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of what is picked out.</content>
internal sealed partial class CardScan
{
    private static CardPattern Numbers => field ??= new(@"\b(?:once|twice|(?:an?|one|two|three|four|five|six|eight|ten|twelve|fifteen|twenty|thirty|forty|forty-five|sixty)(?=[\s-]+(?:more\s+|full\s+)?(?:rounds?|times|sets?|minutes?|mins?|seconds?|secs?|reps?|people|laps?|each|on|off|rest|work|per\s+(?:side|leg|arm))\b)|(?<=\bsets?\s+of\s+)(?:four|five|six|eight|ten|twelve|fifteen|twenty)\b|(?:thirty|forty|forty-five|fifty|sixty)(?=\s+(?:ten|fifteen|twenty|thirty)\b)|(?<=\b(?:thirty|forty|forty-five|fifty|sixty)\s+)(?:ten|fifteen|twenty|thirty)\b)", RegexOptions.IgnoreCase);

    private static CardPattern MinuteOff => field ??= new(@"(?<![\d.]\s?)\b(?:1\s+)?min(?:ute)?s?['s]*\s+(?<off>break|rest|off|recovery|between)\b", RegexOptions.IgnoreCase);

    private static CardPattern EveryMinute => field ??= new(@"(?:\b(?<t>\d{1,2})\s*(?:'|min(?:ute)?s?)\s*(?:of\s+)?(?=\be\d?mom\b))?\b(?:e(?<n>\d)?mom(?!\s[1-9]:\se\d?mom)|(?:on|at)\s+the\s+min(?:ute)?|every\s+(?:(?<n>\d)\s*)?min(?:ute)?s?(?:\s+on\s+the\s+min(?:ute)?)?)\b\s*(?:[-:,]|(?<x>x)|for)?\s*(?:(?<t>\d{1,2})(?!\d)\s*(?:'|min(?:ute)?s?\b)?(?!\s*(?:rounds?|rds?|sets?|/|x|kgs?\b|lbs?\b|s\b|secs?\b|seconds?\b|reps?\b)))?", RegexOptions.IgnoreCase);

    private static CardPattern Amrap => field ??= new(@"(?:(?<t>" + Time + @")\s*)?\b(?:amrap(?!\s[1-9]:\samrap)|as many (?:rounds|reps)(?: and reps)? as (?:possible|you can))\b\s*(?:in|for|[-:,])?\s*(?<t>" + Time + @"|\d{1,2}\b(?!\s*[a-z]))?", RegexOptions.IgnoreCase);

    private static CardPattern PiecesLoad => field ??= new(@"(?:(?:@|\bw/)\s*|\b(?:with|at|on|using)\s+(?:an?\s+)?)?\b(?<n>[12])\s*x\s*(?<w>\d{1,3}(?:[.,]\d)?)\s*(?<u>kgs?|lbs?|kilos?)\b(?:\s*(?:kbs?|dbs?|dumbbells?|kettlebells?|each)(?=\s*(?:$|[),;/-]|x?\s*\d|(?:each|per|ea|both|left|right|[lr]\b|[ep]/s)\b|an?\s+side)))?", RegexOptions.IgnoreCase);

    private static CardPattern StarCount => field ??= new(@"(?<=[a-z)\],])\s*\*\s?(?=\d{1,3}\b)", RegexOptions.IgnoreCase);

    private static CardPattern Mass => field ??= new(@"(?:(?:@|\bw/)\s*|\b(?:with|at|on|using)\s+(?:an?\s+)?)?\b(?<w>\d{1,3}(?:[.,]\d{1,2})?)\s*(?<u>kgs?|lbs?|kilos?)\b(?:\s*(?:kbs?|dbs?|dumbbells?|kettlebells?|each)(?=\s*(?:$|[),;/-]|x?\s*\d|(?:each|per|ea|both|left|right|[lr]\b|[ep]/s)\b|an?\s+side)))?", RegexOptions.IgnoreCase);

    private static CardPattern TempoDigits => field ??= new(@"(?:\btempo\s*:?\s*|@\s*)(?<a>\d)\s*[-./]?\s*(?<b>\d)\s*[-./]?\s*(?<c>[\dx])(?:\s*[-./]?\s*(?<d>[\dx]))?(?!\d)", RegexOptions.IgnoreCase);

    private static CardPattern TimesWorkRest => field ??= new(@"\b(?<n>\d{1,2})\s*x\s*(?<w>\d{1,3})\s*s?\s*(?:/|(?<=\d\d\s*s?\s*):)\s*(?<r>\d{1,3})\s*s?\b", RegexOptions.IgnoreCase);

    private static CardPattern OnOff => field ??= new(@"\b(?<w>\d{1,3})\s*(?:" + Seconds + @")?\s*(?:of\s+|de\s+|d'\s?)?(?:on|work|working|arbeit|trabajo|travail|effort|lavoro)\b[\s,;:/&+-]*(?:and\s+|then\s+|with\s+)?(?<r>\d{1,3})\s*(?:" + Seconds + @")?\s*(?:of\s+|de\s+)?(?:off|rust|rest|pause|recovery|descanso|repos|pausa|recupero)\b(?:\s*,?\s*x\s*(?<n>\d{1,2})\b(?!\s*\d)(?:\s*(?:rounds?|rds?|sets?|times)\b)?)?", RegexOptions.IgnoreCase);

    private static CardPattern Running => field ??= new(@"(?=[\s\d])(?:(?<![\d/x.:-])(?:\d{1,3}\s*-\s*){2,}\d{1,3}(?:\s*-?\s*\.{2,}\s*-?\s*\d{1,3})?\s*(?:secs?|seconds?|s)?\b|(?<![\d/x.:-])\d{1,3}\s*-\s*\d{1,3}\s*-?\s*\.{2,}\s*-?\s*\d{1,3}(?:\s*(?:secs?|seconds?|s)\b)?|^\s*(?:\d{1,3}\s+){3,}\d{1,3}\s*$|(?<![\d/x.:-])(?:\d{2}\s+){3,}\d{2}\s*(?:secs?|seconds?|s)\b|^\s*(?:\d{1,3}\s*/\s*){2,}\d{1,3}\s*(?:secs?|seconds?|s|reps)?(?:\s*of)?\s*:?\s*$|(?<=\b(?:ladder|countdown|count\s+down|pyramid|finisher)\W{0,3})\d{1,3}(?:(?:\s*[/,]\s*\d{1,3}){2,}(?:\s*(?:secs?|seconds?|s)\b)?|(?:\s+\d{1,3}){2,}(?=\s*(?:$|[:)]|reps)))|^\s*(?:\d{1,3}\s+){2,}\d{1,3}\s*(?:reps)?(?:\s*of)?\s*:?\s*$|^\s*(?:\d{1,3}\s*,\s*){2,}\d{1,3}\s*(?:reps)?(?:\s*of)?\s*:?\s*$|(?<=\b(?:ladder|countdown|count\s+down|ascending|descending)\b[^\d]{0,12})\d{1,3}\s*(?:-|to|\.{2,}|down to|up to)\s*\d{1,3}|\b\d{1,3}\s*(?:-|to|\.{2,}|down to|up to)\s*\d{1,3}(?=\s*(?:ladder|countdown)\b)|^\s*\d{1,2}\s*(?:down\s+to|up\s+to|to)\s*\d{1,2}\s*(?:reps?)?\s*(?:of)?\s*:?\s*$|(?<=^\s*|\bfinishers?\b\W{0,4})(?:[5-9]|1\d|20)\s*(?:-|\.{2,}|down\s+to|to)\s*1(?![\d.,/x-]|:\d)(?!\s*(?:of\s+\w|min|leg|arm|side|set|round|time|kg)\w*)|(?:(?<=\bfinishers?\b\W{0,4})1\s*(?:-|\.{2,}|up\s+to|to)|(?<=^\s*)1\s*(?:\.{2,}|up\s+to|to))\s*(?:[5-9]|1[025]|20)(?=\s*(?:reps?\s*)?(?:of\s*)?(?:$|[:)])))", RegexOptions.IgnoreCase);

    private static CardPattern WorkRest => field ??= new(@"(?<![\d/.])(?!(?<=^\W*(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\s+)(?:[12]?\d|3[01])/(?:0?[1-9]|1[0-2])(?!\d))(?!90\s*/\s*90\b|(?:[12][1-46-9]|31)/(?:0[1-9]|1[12])(?!\d)|1[0-2]/(?:1[1-46-9]|2[1-46-9]|31)(?!\d))(?<w>\d{2,3})\s*(?:" + Seconds + @")?\s*(?:/\s*(?<r>\d{1,3})|(?<!\b(?:mon|tue|wed|thu|fri|sat|sun)(?:s|nes|rs|ur)?(?:day)?s?\b.*)(?<=[05]\s*(?:s\s*)?):\s*(?<r>\d{0,2}[05]))\s*(?:" + Seconds + @")?(?![\d/]|\.\d|:(?!\s|$)|\s*[ap]m\b)", RegexOptions.IgnoreCase);

    private static CardPattern RestFirst => field ??= new(@"\b(?:rest|rust|break|brake|repos|recover(?:y)?|r[ée]cup(?:[ée]ration)?|pausa|descanso|breather|pause|(?<!stretch(?:es|ing)?\s+)off)\b\s*[:=]?\s*(?:for\s+|of\s+|about\s+)*(?<t>" + Time + @"|\d{1,3}\b(?!\s*(?:[x/]|times|rounds?|rds?|sets?|laps?)))" + Between, RegexOptions.IgnoreCase);

    /// <summary>“With a sip of water in between”.</summary>
    private static CardPattern DrinkBetween => field ??= new(@"(?:\bwith\s+)?\b(?:an?\s+)?(?:quick\s+)?(?:sip\s+of\s+)?(?:water|drinks?)(?:\s+(?:break|stop))?\s+(?:in\s+)?between(?:\s+(?:each\s+|every\s+|the\s+)?(?:rounds?|sets?|laps?|circuits?))?(?!\s*[:=-]?\s*\d)\b", RegexOptions.IgnoreCase);

    private static CardPattern RestLast => field ??= new(@"(?:\b(?:take|then|with|and)\s+)?(?<t>" + Time + @")\s*(?:(?:of|for|de)\s+)?(?:an?\s+)?\b(?:rest|rust|break|brake|repos|recover(?:y)?|r[ée]cup(?:[ée]ration)?|pausa|descanso|breather|pause|off(?!\s+(?:the|your|a|our)\s)|(?<water>(?:drinks?|water)(?:\s+(?:break|stop))?(?=\s+(?:in\s+)?(?:between|btw|b/w))))\b" + Between, RegexOptions.IgnoreCase);

    private static CardPattern BetweenOnly => field ??= new(@"(?<t>" + Time + @")\s*(?<where>(?:in\s+)?(?:between|btw|b/w|after|to\s+change\s*over|(?:to\s+)?change(?:over)?(?!\s*(?:sides?|legs?|arms?|hands?|over\b|half|direction))|transition|to\s+move(?:\s+on)?|(?:to\s+)?(?:swap|switch)(?:\s+over)?(?!\s*(?:sides?|legs?|arms?|hands?)))\b\s*(?:each\s+|every\s+|all\s+)?(?:" + Rounds + "|" + Moves + @")?\b)", RegexOptions.IgnoreCase);

    private static CardPattern RestRange => field ??= new(@"(?:\brest\s*[:=]?\s*)?\b(?<t>\d{1,3})\s*(?:-|\bto\b)\s*(?<h>\d{1,3})\s*(?<u>" + Seconds + "|" + Minutes + @")\s*(?:rest\b)?" + Between + @"(?<=rest.*|rest)", RegexOptions.IgnoreCase);

    /// <summary>“40-20” on a head.</summary>
    private static CardPattern WorkDashRest => field ??= new(@"(?<!\d\s?[/x.'-]\s?)(?<!\d:|[/x.-])\b(?<w>30|40|45|50|60)\s*(?:" + Seconds + @")?\s*-\s*(?<r>10|15|20|30)\b\s*(?:" + Seconds + @")?(?<!\b30.*30.*)(?!\d|\s*(?:[-.:/%]|x(?!\s*\d)|reps?\b|kgs?|mins?|minutes?|'|rest(?!\s*\d)|down|people))", RegexOptions.IgnoreCase);

    private static CardPattern WorkSaid => field ??= new(@"\bwork\s*[:=]?\s*(?:for\s+)?(?<t>" + Time + @"|\d{1,3}\b(?!\s*(?:[/x:]|rounds?\b|sets?\b|laps?\b|times\b)))", RegexOptions.IgnoreCase);

    private static CardPattern WorkOnly => field ??= new(@"(?<![\d:/.-])\b(?<w>\d{2,3})\s*" + Seconds + @"\s*(?:on|of\s+work|work|arbeit|trabajo|travail|lavoro)\b(?!\s+(?:the|each|your)\b)", RegexOptions.IgnoreCase);

    /// <summary>“2 sets, 50 s each” on a head: two rounds.</summary>
    private static CardPattern SetsAsRounds => field ??= new(@"\b(?<n>\d{1,2})\s*(?:sets?\s*,?|x(?=\s*" + Time + @"\s*(?:each|on|work)\s*[,/;-]\s*" + Time + @"\s*(?:change|rest|off|between|to\s)))\s*(?=" + Time + @"\s*(?:each(?!\s+(?:side|leg|arm|way))|ea\b|on\b|work\b)|\d{2,3}\s*s?\s*(?:[/:-]\s*\d|on\b|work\b))", RegexOptions.IgnoreCase);

    private static CardPattern BareSeconds => field ??= new(@"(?<![\d:]):(?<n>[0-5]\d)\b");

    private static CardPattern Exertion => field ??= new(@"[\s,(@-]*\bRPE\s*\d{1,2}(?:\.\d)?(?:\s*-\s*\d{1,2})?\)?|[\s,(@-]*\b\d{1,3}\s*%(?:\s*(?:of\s+)?1\s?RM)?\)?", RegexOptions.IgnoreCase);

    private static CardPattern NoRest => field ??= new(@"\b(?:no|without|little|minimal|minimum) (?:rest|break)s?\b(?:\s+between\s+(?:exercises|moves|rounds|sets))?", RegexOptions.IgnoreCase);

    private static CardPattern HalfwayTurn => field ??= new(@"\b(?:reverse|change direction|other way)\s*(?:at\s+|about\s+)?half(?:\s?way)?\b", RegexOptions.IgnoreCase);

    private static CardPattern Halfway => field ??= new(@"\b(?:swap|switch|change)(?:\s+(?:sides?|legs?|arms?|over))?\s+(?:at\s+)?half(?:\s?-?(?:way|time))?\b", RegexOptions.IgnoreCase);

    private static CardPattern EachSide => field ??= new(@"(?:\b(?:on\s+)?(?:each|per|every|ea\.?|p/?|(?<=\d\s*(?:reps?\s+|secs?\s+|s\s+)?|^\s*(?:x\s*)?\d{1,3}\s(?:.*\s)?)a(?!s\b))|/(?!\s*(?:side|leg|arm|hand)\s+(?:curl|ext|press|raise|lift|swing|circle|plank|lunge|bend|step|release|walk|drop|lower|kick|tap|reach|drive))|\be/)\s*(?:side|leg|arm|way|hand|foot|ankle|s)\b|\b(?:p/s|e/s|ea\.?\s?s)\b", RegexOptions.IgnoreCase);

    private static CardPattern BothInTurn => field ??= new(@"\b(?:both sides|right\s+side\s+then\s+(?:the\s+)?left(?:\s+side)?|left\s+side\s+then\s+(?:the\s+)?right(?:\s+side)?|l\s*[&/+]\s*r|r\s*[&/+]\s*l|left\s*(?:and|then|&|\+|/)\s*right|right\s*(?:and|then|&|\+|/)\s*left|l then r|r\s+(?:then|and)\s+l|g\s+puis\s+d|d\s+puis\s+g|gauche\s*(?:puis|et|/)\s*droite|droite\s*(?:puis|et|/)\s*gauche|izquierda\s*[y/]\s*derecha|l\s+and\s+r)\b", RegexOptions.IgnoreCase);

    private static CardPattern InTurns => field ??= new(@"\balt(?:ernat(?:e|ing))?\.?\s+(?:sides?|legs?|arms?)\b|\balt(?:ernat(?:e|ing))?\.?\s*(?=$|,)|(?<=,\s*)alternating\b|\(alt(?:ernat(?:e|ing))?\.?\)", RegexOptions.IgnoreCase);

    private static CardPattern RoundCount => field ??= new(@"\b(?:go(?:ing)?\s+(?:a?round|through)\s+(?:it\s+|them\s+|that\s+|this\s+|everything\s+)?)?(?:x\s*)?(?<!(?:^|\s)[0-9]{1,2}[.:])(?<n>\d{1,3})(?:(?:\s*(?:to|\.\.)\s*|-|(?<!x\s?\d{1,3})\s*-\s*)(?<m>\d{1,3}))?\s*x?\s*(?:rounds?|ronds?|rnds?|rds?|laps?|rft\b|sets?(?!\s*(?:of|x|,)?\s*\d)|times(?:\s+(?:through|round))?|time\s+(?:through|round)|runden|rondas?|vueltas?(?!\s+a\b)|giri|giro|circuits?(?!\s*,?\s+each\b)|tours?|x through)\b(?:\s+(?:through|in\s+total|total)\b)?(?:\s+of(?:\s+the following)?\b)?", RegexOptions.IgnoreCase);

    private static CardPattern Repeat => field ??= new(@"(?<!\bno[\s-])\b(?:repeat|rpt|redo)\b(?:\s+(?:all|everything|the (?:circuit|block|lot)|(?:all\s+)?from the (?:top|start|beginning)))?\s*(?:x\s*)?(?<n>\d{1,2})?(?:\s*times)?\s*(?:x\b)?", RegexOptions.IgnoreCase);

    private static CardPattern SetsOf => field ??= new(@"\b(?<!\b(?:week|wk|day|part|session|lesson|phase|level|class)\s+)(?<n>\d{1,2})\s*(?:(?:sets?|lots)\s*(?:x|of|by|\*|,)?|x|of|by|\*)\s*(?:(?<t>" + Time + @")(?!\s*blocks?\b)|(?<a>\d{1,3})(?!\s*-?\s*min(?:ute)?s?\s+blocks?\b)(?:\s*(?:-|to|\.\.)\s*(?<b>\d{1,3}))?(?:\s*reps?\b)?(?![\d/])(?:\s*(?<each>each|ea)\b(?!\s+(?:side|leg|arm|way|hand|s)\b))?)", RegexOptions.IgnoreCase);

    private static CardPattern ByRound => field ??= new(@"(?:\bx\s*)?(?<![\d/])(?<l>\d{1,3}(?:\s*/\s*\d{1,3}){2,})(?:\s*reps?\b)?", RegexOptions.IgnoreCase);

    private static CardPattern EachLong => field ??= new(@"\b(?:each|every)\s+(?:one\s+|move\s+|exercise\s+)?for\s+(?<t>" + Time + @")|(?<t>" + Time + @")\s*(?:(?:each|ea\b\.?)(?:\s+(?:exercise|move|station|stretch|one)\b)?(?!\s+(?:side|leg|arm|way|hand|s\b))|per (?:move|exercise|station)|a (?:move|station)|stations?)\b", RegexOptions.IgnoreCase);

    private static CardPattern Lasting => field ??= new(@"(?:\b(?:for\s+)?(?:about\s+|around\s+)?)(?<t>" + Time + ")", RegexOptions.IgnoreCase);

    private static CardPattern Times => field ??= new(@"\bx\s*(?<n>\d{1,3})(?:\s*(?:-|to|\.\.)\s*(?<m>\d{1,3}))?\b(?!\s*[x/])(?:\s*reps?\b)?|\b(?<n>\d{1,3})(?:\s*(?:-|to|\.\.)\s*(?<m>\d{1,3}))?\s*(?:reps?|x|total)\b(?!\s*\d)", RegexOptions.IgnoreCase);

    private static CardPattern EachCount => field ??= new(@"\b(?:x\s*)?(?<n>\d{1,3})(?:\s*(?:-|to|\.\.)\s*(?<m>\d{1,3}))?\s*(?:(?:reps?|x)\s*)?(?:each|ea)\b\.?", RegexOptions.IgnoreCase);

    private static CardPattern CountFirst => field ??= new(@"^\s*(?<n>\d{1,3})(?:\s*(?:-|to)\s*(?<m>\d{1,3}))?\s+(?=[a-z])(?!(?<=^\s*[12]\s+)(?:arm|leg)\b)(?!(?:kg|lb|kilo|and a half|handed|legged|armed|people|ppl)\b)", RegexOptions.IgnoreCase);

    private static CardPattern CountLast => field ??= new(@"(?<=[a-z)](?:\s*[-:,]){0,2}\s*)(?<n>\d{1,3})(?:\s*(?:-|to)\s*(?<m>\d{1,3}))?[\s,]*$", RegexOptions.IgnoreCase);

    private static CardPattern TempoThenStroke => field ??= new(@"(?<tempo>@\s*\d[-./]?\d[-./]?[\dx](?:[-./]?[\dx])?)\s*/\s*(?=\d)", RegexOptions.IgnoreCase);

    private static CardPattern TimesSaid => field ??= new(@"\d\s*times\b", RegexOptions.IgnoreCase);

    /// <summary>“Circuit x 3” beside how often each is done.</summary>
    private static CardPattern TimesAlone => field ??= new(@"\bx\s*(?<n>\d{1,2})\b(?!\s*[\dx/])", RegexOptions.IgnoreCase);

    /// <summary>A weight behind all else: “deadlift 8 light”.</summary>
    private static CardPattern WeightAtEnd => field ??= new(@"(?<=\d\s*(?:reps?|s|secs?)?\s*[,@(]?\s*)\b(?<w>heavy|light|moderate|medium|med)\b\)?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“Every 90 s x 4”, “every 2' on the 2'”: slots of that length.</summary>
    private static CardPattern EveryTime => field ??= new(@"(?<!\b(?:swap|switch|change|rotate|move|on)\s+)\b(?:every\s+|e(?=\d{2}\s?s\b))(?<t>\d{1,3}\s*(?:" + Seconds + @"|')|\d:[0-5]\d)(?:\s+on\s+the\s+(?:\d{1,3}\s*(?:" + Seconds + @"|')|\d:[0-5]\d|min(?:ute)?))?\s*(?:[-:,(]\s*)?(?:x\s*(?<x>\d{1,2})\b(?:\s*(?:rounds?|sets?|times)\b)?\)?|for\s+(?<x>\d{1,2})\s*(?:rounds?|rds?|sets?)\b|for\s+(?<total>" + Time + @"))?", RegexOptions.IgnoreCase);

    private static CardPattern Weight => field ??= new(@"(?:\bw(?:ith|/)\s+(?:an?\s+)?)?\b(?<w>heavy|light|moderate|medium|med)\b(?!\s*-?balls?\b)(?:\s+(?:weights?|dbs?|dumbbells?|load))?!*", RegexOptions.IgnoreCase);

    /// <summary>“Tabata x8”: its eight rounds.</summary>
    private static CardPattern TabataRounds => field ??= new(@"(?<=\btabata)\s*x\s*(?<n>8)\b(?!\s*[\d/:x])", RegexOptions.IgnoreCase);

    private static CardPattern ManyTabatas => field ??= new(@"^\s*(?<n>\d)\s*x\s*tabatas?\b|\btabatas?\s*x\s*(?<n>\d)\b(?!\s*[\d/:x])", RegexOptions.IgnoreCase);

    private static CardPattern WorkRestTimes => field ??= new(@"\b(?<w>\d{1,3})\s*s?\s*[/:]\s*(?<r>\d{1,3})\s*s?\s*x\s*(?<n>\d{1,2})\b(?!\s*[/:\d])(?:\s*(?:rounds?|rds?|sets?|times|laps?)\b)?", RegexOptions.IgnoreCase);

    private static CardPattern MassWord => field ??= new("kg|kilo|lb", RegexOptions.IgnoreCase);

    /// <summary>Two weights: the lighter is the load, both are kept in words.</summary>
    private static CardPattern LoadRange => field ??= new(@"@?\s*\b(?<w>\d{1,3}(?:[.,]\d)?)\s*(?:kg)?\s*(?:-|to|/)\s*(?<v>\d{1,3}(?:[.,]\d)?)\s*(?<u>kgs?|lbs?|kilos?)\b", RegexOptions.IgnoreCase);

    /// <summary>“3x20 @16”: kilograms, as they stand on the thing.</summary>
    private static CardPattern LoadAt => field ??= new(@"@\s*(?<w>\d{1,2}(?:[.,]5)?)(?=\s*(?:$|[,;)]))");

    /// <summary>“10/10 single-arm rows”: as often on each side; as long as a work period begins at 20 s.</summary>
    private static CardPattern SameOnBoth => field ??= new(@"^\s*(?<n>[4-9]|1\d)\s*/\s*\k<n>\s+(?=[a-z])", RegexOptions.IgnoreCase);

    private static CardPattern SetsOfMost => field ??= new(@"\b(?<n>\d{1,2})\s*(?:sets?\s*(?:x|of|to|at)?|x)\s*(?<most>max(?:imum)?(?:\s+reps?)?|amrap|(?:to\s+)?failure|amap|to fail)\b", RegexOptions.IgnoreCase);

    private static CardPattern SetByCommas => field ??= new(@"(?<=[a-z)]\s*[-:]?\s*)(?<l>\d{1,2}(?:\s*,\s*\d{1,2}){2,})(?:\s*reps?)?[\s,]*$", RegexOptions.IgnoreCase);

    /// <summary>How many moves there are: whoever counts the lines knows.</summary>
    private static CardPattern HowMany => field ??= new(@"\b(?:\d{1,2}|five|six|seven|eight|nine|ten)\s+(?:different\s+)?(?:exercises|moves|stations)\b(?:\s+of\b)?", RegexOptions.IgnoreCase);

    private static CardPattern SetsOfMetres => field ??= new(@"\b(?<n>\d{1,2})\s*(?:sets?\s*(?:x|of)?|x)\s*(?<far>\d{1,4}\s*(?:m|metres?|meters?|yards?|yds?))\b(?!\s*in)", RegexOptions.IgnoreCase);

    private static CardPattern MinutesShort => field ??= new(@"\b(?<n>[1-9]\d)\s?m\b(?!\s*in)", RegexOptions.IgnoreCase);

    private static CardPattern ToFailure => field ??= new(@",?\s*\b(?:(?:to|until|till)\s+failure|(?:un)?till?\s+you\s+drop|to\s+exhaustion|as\s+long\s+as\s+you\s+can)\b[!.]*", RegexOptions.IgnoreCase);

    /// <summary>“Max burpees”, “max reps of press-ups”.</summary>
    private static CardPattern MaxFirst => field ??= new(@"^max(?:imum)?\s+(?:reps?\s+(?:of\s+)?)?(?!hold|effort|reps?\b|rounds|sets|in\b|of\b)(?=[a-z]{3})", RegexOptions.IgnoreCase);

    private static CardPattern Metres => field ??= new(@"\b(?:\d{2,4}\s*(?:m|metres?|meters?|yards?|yds?)|\d{1,4}\s*(?:cals?|calories?)|(?<![.,\d])\d{1,2}(?:[.,]\d{1,2})?\s*(?:km|kilomet(?:re|er)s?|miles?|k(?=\s+(?:run|jog|row|ski|walk|bike|cycle)\b)))\b(?!\s*in)", RegexOptions.IgnoreCase);

    private static CardPattern NoWeight => field ??= new(@"\b(?:no weights?|unweighted|without weights?|(?<=[-,(]\s*)(?:bw|body-?\s?weight)(?=\s*(?:$|[,)])))\b", RegexOptions.IgnoreCase);

    private static CardPattern TimesListed => field ??= new(@"\b(?:\d{1,3}\s*(?:secs?|seconds?|s)(?:\s*,\s*|\s+)){2,}(?:(?:and|then)\s+)?\d{1,3}\s*(?:secs?|seconds?|s)\b", RegexOptions.IgnoreCase);

    private static CardPattern LoadByRound => field ??= new(@"\b(?<n>\d{1,2})\s*(?:@|x|at)\s*(?<w>\d{1,3}(?:[.,]\d{1,2})?)\s*kg\b(?:\s*[,;/]\s*(?:then\s+)?(?<n>\d{1,2})\s*(?:@|x|at)\s*(?<w>\d{1,3}(?:[.,]\d{1,2})?)\s*kg\b)+", RegexOptions.IgnoreCase);

    private static CardPattern Side => field ??= new(@"^\s*(?<s>R|L|right|left|Right|Left|RIGHT|LEFT)\b[:.)-]?\s+(?![Ss]its?\b)(?=[A-Za-z])|\s+[-(]?(?:on\s+(?:the\s+)?)?(?<s>R|L|right|left|Right|Left|RIGHT|LEFT|links|rechts|Links|Rechts|gauche|droite|izquierda|derecha|sinistra|destra)\)?(?:\s+(?:side|leg|arm))?\s*$");

    private static CardPattern Slowly => field ??= new(@"\(slow(?:ly)?\)|[,-]\s*slow(?:ly)?\s*$|^\s*slow(?:ly)?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern WordOfRounds => field ??= new(Rounds, RegexOptions.IgnoreCase);

    private static CardPattern WordOfMoves => field ??= new(Moves, RegexOptions.IgnoreCase);

    private static CardPattern AfterLetter => field ??= new(@"(?<=\brest\b.*)\s+after\s+[a-h]\d\b", RegexOptions.IgnoreCase);

    private static CardPattern ShortRest => field ??= new(@"(?<=(?:\d|amrap|max)\s*|\b\d{1,2}\s?x\s?\d.*[a-z]\s)\br(?<t>\d{1,3}(?:'|""|s|:\d\d)?)(?=$|[\s,;)])", RegexOptions.IgnoreCase);

    private static CardPattern EachOften => field ??= new(@"\b(?<n>\d{1,3})(?:\s*(?:-|to)\s*(?<m>\d{1,3}))?\s*(?:reps?\s+)?(?:(?:of|for|on)\s+(?:each|every|all)|(?<=reps?\s+)(?:each|per)(?=\s+(?:moves?|exercises?|station)))\b(?:\s+(?:moves?|exercises?|stations?|one|of\s+them))?", RegexOptions.IgnoreCase);

    private static CardPattern SetsEach => field ??= new(@"\b(?<n>\d{1,2})\s*sets?\s+(?:of\s+)?(?:each|every)\b(?!\s+(?:side|leg|arm))(?:\s+(?:moves?|exercises?|one))?", RegexOptions.IgnoreCase);

    private static CardPattern RoundsSaid => field ??= new(@"\d\s*(?:rounds?|rds?|laps?|circuits?)\b", RegexOptions.IgnoreCase);

    /// <summary>“Forty twenty”, as it is spoken.</summary>
    private static CardPattern TwoTimes => field ??= new(@"(?<![\d/:.])\b(?<w>30|40|45|50|60)\s+(?<r>10|15|20|30)\b(?=\s*(?:$|[,;.(]|x\s*\d|\d+\s*(?:times|rounds?|sets?)|for\b))");

    /// <summary>“10, 9, 8 … 1”.</summary>
    private static CardPattern CommasOn => field ??= new(@"\b\d{1,3}(?:\s*,\s*\d{1,3})+\s*,?\s*\.{2,}\s*\d{1,3}\b");

    /// <summary>“30 R 30 L”, “30s R, 30s L”: as much on each side.</summary>
    private static CardPattern RightAndLeft => field ??= new(@"\b(?<n>\d{1,3})(?<u>\s*" + Seconds + @")?\s*(?:R|right)\s*[,/&+]?\s*(?:and\s+)?\k<n>(?:\s*" + Seconds + @")?\s*(?:L|left)\b|\b(?<n>\d{1,3})(?<u>\s*" + Seconds + @")?\s*(?:L|left)\s*[,/&+]?\s*(?:and\s+)?\k<n>(?:\s*" + Seconds + @")?\s*(?:R|right)\b", RegexOptions.IgnoreCase);

    private static CardPattern LastingRange => field ??= new(@"\b(?<t>\d{1,3})\s*(?:-|to)\s*(?<h>\d{1,3})\s*(?<u>" + Seconds + ")", RegexOptions.IgnoreCase);

    private static CardPattern PairsOf => field ??= new(@"\bin\s+(?<n>[234])'?s\b", RegexOptions.IgnoreCase);

    private static CardPattern BackAgain => field ??= new(@"[\s,]*(?:and\s+|then\s+)*(?:back\s+(?:down|up|again)|down\s+again|up\s+again|and\s+down)\b(?:\s+again)?(?!\s*:?\s*\d|\s*,\s*\d{1,3}\s*(?:$|[-,/]|reps))", RegexOptions.IgnoreCase);

    private static CardPattern RestBare => field ??= new(@"(?<=^|,\s*|\band\s+|/\s*)(?<t>[1-9]\d)\s+(?:rest|off|break)\b" + Between, RegexOptions.IgnoreCase);

    private static CardPattern TimeAtEnd => field ??= new(@"\s*[,;/-]\s*(?<t>\d{2,3}\s*" + Seconds + @"|\d\s*" + Minutes + @"|\d:\d\d)\s*(?<where>)$", RegexOptions.IgnoreCase);

    /// <summary>“5x5 deadlift 2min”.</summary>
    private static CardPattern TimeBehindName => field ??= new(@"(?<=[a-z)]\s+)(?<t>\d{2,3}\s*" + Seconds + @"|[1-5]\s*" + Minutes + @"|\d:\d\d)\s*(?<where>)$", RegexOptions.IgnoreCase);

    private static CardPattern BetweenAlone => field ??= new(@"^(?:in\s+)?(?:between|btw|b/w)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“10 reps each” on a head: of every move.</summary>
    private static CardPattern RepsEach => field ??= new(@"\b(?<n>\d{1,3})(?:\s*(?:-|to)\s*(?<m>\d{1,3}))?\s*(?:reps?|x)\s+(?:each|ea)\b(?!\s*(?:side|leg|arm|way|hand|s\b))", RegexOptions.IgnoreCase);

    private static CardPattern Digits => field ??= new(@"\d+");

    private static CardPattern InSeconds => field ??= new(@"\d\s*s(?:ec|econd)?s?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern Spaces => field ??= new(@"\s+");

    private static CardPattern Hollow => field ??= new(@"[(\[][\s,;:.\-+&/]*[)\]]");

    private static CardPattern Ends => field ??= new(@"^[\s,;:.\-+&/@=]+|[\s,;:.\-+&/@=(\[]+$");

    /// <summary>Against the clock.</summary>
    private static CardPattern ForTime => field ??= new(@"(?<=\d.*[a-z])(?<!\bnot)\s*[,(-]?\s*\bfor\s+time\b\)?", RegexOptions.IgnoreCase);

    /// <summary>The longest a thing for time may take.</summary>
    private static CardPattern TimeCap => field ??= new(@",?\s*\(?\b(?:time\s+)?cap(?:ped\s+at)?\s*:?\s*\d{1,2}\s*(?:mins?|minutes?|')\)?|,?\s*\(?\b\d{1,2}\s*(?:mins?|minutes?|')\s*(?:time\s+)?cap\b\)?", RegexOptions.IgnoreCase);
}
