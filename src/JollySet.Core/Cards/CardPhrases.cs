using System.Buffers;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>The words by which a card says what a line is: a warm-up, a block, a way, a drink; and those that say nothing.</summary>
internal static partial class CardPhrases
{
    /// <summary>Stands where an arrow may lead from a head to its list, or from one move to the next: who knows the moves tells which.</summary>
    public const string Arrow = " -> ";

    /// <summary>A name of a block or move has no more words.</summary>
    public const int FewWords = 5;

    // Looked for before the patterns that are dear.
    private static readonly SearchValues<string> Cools = SearchValues.Create(["vasana", "corpse", "final relax", "cool", "cd", "c/d", "c-d", "stretch", "wind", "relax", "retour", "tirements", "abwärmen", "dehnen", "vuelta", "estiramientos"], StringComparison.OrdinalIgnoreCase);

    public static CardPart PartOf(string text) => WarmUp.IsMatch(text) ? CardPart.WarmUp : text.AsSpan().ContainsAny(Cools) && CoolDown.IsMatch(text) ? CardPart.CoolDown : CardPart.Main;

    /// <summary>Another way to do a move, as it stands in brackets: easier, harder, or, for a need.</summary>
    public static (string Kind, string Text)? WayOf(string text) =>
        ForNeed.Match(text) is { Success: true } spared && BriefWords.Need(spared.Groups["n"].Value) is { } need ? ($"for {need}", spared.Groups["w"].Value.Trim())
        : WayLast.Match(text) is { Success: true } last ? (last.Groups["k"].Value.StartsWith("hard", StringComparison.OrdinalIgnoreCase) ? "harder" : "easier", last.Groups["w"].Value.Trim())
        : AsOption.Match(text) is { Success: true } option ? ("easier", option.Groups["w"].Value)
        : Way.Match(text) is not { Success: true } m ? null
        : (m.Groups["or"].Success ? "or" : m.Groups["harder"].Success ? "harder" : "easier", m.Groups["w"].Value.Trim());

    /// <summary>What is allowed instead: “knees ok”, “on the knees if needed”.</summary>
    public static CardPattern Allowed => field ??= new(@"^(?:can\s+|may\s+)?(?:do|be\s+done)\s+(?:it\s+|this\s+|them\s+|these\s+)?(?:on|from)\s+(?:the\s+|your\s+)?(?<w>[a-z]{3,12})$|^(?<w>[a-z]{3,12})\s+or\s+(?:full|toes|standard|normal|regular|straight\s+legs?)$|^(?:full|toes|standard|normal|regular)\s+or\s+(?<w>[a-z]{3,12})$|^(?:easier|easy)\s+(?:on|from)\s+(?:the\s+|your\s+)?(?<w>[a-z]{3,12})$|^(?:on\s+(?:the\s+|your\s+)?)?(?<w>[a-z' -]{3,40}?)\s+(?:ok|okay|(?:is\s+|are\s+)?fine|allowed|optional|if\s+(?:needed|preferred|(?:you|they)\s+(?:need(?:\s+to)?|like|want|prefer|must)|necessary|it\s+is\s+easier|easier))$", RegexOptions.IgnoreCase);

    public static CardPattern ForNeed => field ??= new(@"^(?:for\s+)?(?<n>[a-z' -]{3,30}?)\s*[:=]\s*(?<w>.+)$", RegexOptions.IgnoreCase);

    public static string WithoutBrackets(string text) => Brackets.Replace(text, " ").Trim();

    public static string WithoutStopsAround(string text)
    {
        var words = text.Split(' ').ToList();
        while (words.Count > 0 && IsEmpty(words[0]))
            words.RemoveAt(0);
        while (words.Count > 0 && IsEmpty(words[^1]) && !(words.Count > 1 && words[^1].Equals("work", StringComparison.OrdinalIgnoreCase)))
            words.RemoveAt(words.Count - 1);
        return string.Join(' ', words);
    }

    public static bool IsEmpty(string text) => text.Length == 0 || WithoutStops(text).Length == 0;

    public static string WithoutStops(string text) => Spaces.Replace(Stops.Replace(AllAgain.Replace(text, " "), " "), " ").Trim(' ', ',', '.', ':', ';', '-', '!', '(', ')');

    public static bool IsSentence(string text) => text.Split(' ').Length is var count && ((count >= FewWords && (text.TrimEnd().EndsWith('.') || text.Contains("! ", StringComparison.Ordinal))) || (count >= 3 && (text.TrimEnd().EndsWith('!') || text.TrimEnd().EndsWith('?'))));

    /// <summary>Minutes or people beside other words: a line of the head, whatever its first word.</summary>
    public static CardPattern TitleBesides => field ??= new(@"(?:[,|;*]|\s-\s)\s*(?:\d{1,3}\s*(?:minutes|mins?|')|(?:up to\s+)?\d{1,3}\s*(?:people|ppl))\b(?!\s*(?:each|rest|between))", RegexOptions.IgnoreCase);

    public static CardPattern Margin => field ??= new(@"^(?<a>\d{1,3})'-(?<b>\d{1,3})'\s+|^(?!1\s*-\s*\d{1,2}\s+ladder)(?<a>\d{1,2})\s*-\s*(?<b>\d{1,3})\s*(?<u>minutes?|mins?|')?\s*[:.)-]?\s*(?=(?:warm|wu\b|w/u|cool|cd\b|stretch|circuit|main|block|part|strength|cardio|core|finisher|superset|ladder|e\d?mom|tabata|amrap|round(?!s)|set\b|talk|intro|welcome|hiit|abs|legs|upper|lower|mobil))", RegexOptions.IgnoreCase);

    /// <summary>“Repeat”, “then again”, “do that twice”.</summary>
    public static CardPattern RepeatAlone => field ??= new(@"^(?:and\s+|then\s+)?(?:repeat|again|do\s+(?:it|that|this)\s+(?:again|twice))(?:\s+(?:(?:the\s+)?circuit|(?:the\s+)?block|it|all|this|from\s+the\s+top|[2-9]\s+more\s+times|x\s?[2-9]))*[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>A day, a time of day or how many come: what only a first line says.</summary>
    public static CardPattern SaysWhen => field ??= new(@"\b(?:mon|tues|wednes|thurs|fri|satur|sun)days?\b|\b\d{1,2}(?:[.:]\d\d)?\s*[ap]m\b|\b\d{1,3}\s*(?:people|ppl|pax|participants|booked)\b|(?<=[a-z]\s*,?\s+)\d{1,2}[:.][0-5]\d-\d{1,2}[:.][0-5]\d\b", RegexOptions.IgnoreCase);

    public static CardPattern WarmUp => field ??= new(@"^(?:the\s+)?w(?:/?u|/up|-up)\b|^(?:échauffement|echauffement|aufwärmen|calentamiento|riscaldamento|aquecimento|opwarm(?:ing|en)|uppvärmning|opvarmning)\b|\bwarm(?:ing)?[\s-]*up\b(?!\s+sets?)|\bgetting\s+warm\b|^(?:mobili[sz](?:e|er|ation)|mobility|loosen(?:ing)?(?:\s+(?:up|off))|activation|pulse raiser|prep|opening(?!\s+(?:circuit|block|set|part|round))(?=\s*(?:$|[:(-]))|mob(?=\s*(?:[:-]|\d)))\b(?!\s+(?:drill|flow))", RegexOptions.IgnoreCase);

    public static CardPattern CoolDown => field ??= new(@"^c(?:/?d|[/-]down)\b|^(?:sh?avasana|corpse\s+pose|final\s+relaxation)\b|^(?:retour au calme|étirements|abwärmen|dehnen|vuelta a la calma|estiramientos|defaticamento|stretching finale|alongamentos?|afkoelen|cooling[- ]?down|nedvarvning|abkühlen)\b|\bcool(?:ing)?[\s-]*down\b|\bfinish with (?:a )?stretch(?:es|ing)?\b|(?<=\bfinish(?:ing)?(?:\s+off)?\s+with\b.{0,24})\bstretch(?:es|ing)?\b|^(?:seated|final|gentle|full[\s-]body|floor|whole[\s-]body)\s+stretch(?:es|ing)?(?=\s*[-:(,]?\s*\d{1,2}\s*(?:min|'))|^(?:final|end|closing)\s+stretch(?:es|ing)?(?=\s*(?:$|[:(-]))|^stretch(?:es|ing)?(?:\s+it)?(?:\s+all)?(?:\s+(?:out|off|down))?(?:\s*(?:&|\+|\band)\s*(?:(?:we're\s+)?done|(?:go\s+)?home|that's\s+(?:it|all)|relax(?:ation)?|breathe|breathing|chat|goodbyes?|(?:a\s+)?(?:cup\s+of\s+)?(?:tea|coffee|cuppa)|cool[\s-]?down))?(?:\s+(?:after(?:wards)?|at\s+the\s+end|to\s+finish|by\s+the\s+[a-z]+))?(?=\s*(?:$|\+|[:.,!\-(]|\d|for\s+\d))|(?<=^\d{1,2}\s*(?:min(?:ute)?s?|')\s+(?:of\s+)?)stretch(?:es|ing)?\s*$|^(?:an?\s+)?(?:big|nice|good|long|proper|quick|short|lovely|little)\s+(?:long\s+|gentle\s+)?stretch(?:es|ing)?(?=\s*(?:$|[.!,(]|in\s+the|out\b|at\s+the\s+end|to\s+finish|\d))|^stretch(?:es|ing)?\s*(?:&|\+|\band)\s*[a-z]+(?=\s*[-:(]?\s*1?\d\s*(?:mins?|minutes?|')?\)?$)|^wind down\b|^relax(?:ation)?(?=\s*(?:[:(,-]\s*)?(?:\d{1,2}\s*(?:min|')|$))|^stretch(?:es)? to (?:finish|end)\b|^end stretch(?:es)?\b", RegexOptions.IgnoreCase);

    public static CardPattern BlockWord => field ??= new(@"^(?:the\s+)?(?:(?:bloc|bloque|zirkel|circuito|runde)\s*(?:\d{1,2}|[a-d])\b(?!\s*x)|(?:round|circuit|block|part|set|section)\s+(?:one|two|three|four|five)\b|(?:circuit|block|blk|part|round|set|section|station|interval|segment|superset|super set|tri-?set|giant set|complex|strength|core|cardio|conditioning)s?(?:\s*(?:\d{1,2}|[a-h])\b(?!\s*(?:reps?\b|of\s+each|mins?\b|minutes?\b|'|secs?\b|seconds?\b|s\b|on\b|work\b|rounds?|rnds?|rds?|laps?|circuits?\b|sets?\b|tours?|runden|times|/|:\d\d|-\d\d|x\s*(?:$|[^\s\d]|\d{1,3}\s*(?:each|reps?)\b|\d{2,3}\s*(?:s|secs?|seconds?)?\s*(?:$|[/:,])))))?|(?:first|second|third|fourth|fifth|last|final)\s+(?:block|circuit|round|set|part|section|superset|strength|half)|pairs?\s*\d{1,2}|(?:track|song|phase|stage)\s*\d{1,2}(?!\s*(?:mins?|minutes?|x))|sec\s\d(?=\s*[:-])|(?:partner|team|group|final|mini)\s+(?:challenge|finisher|relay)|finishers?|skills?(?:\s+(?:work|practice))?(?=\s*[:-])|cash[\s-]?out|buy[\s-]?(?:in|out)|burn[\s-]?out|bonus|(?:start|end|finish|opener|closer)(?=\s*:)|main(?:\s+(?:set|part|block|workout|circuit))?|strength|cardio|core|abs|legs|upper(?:\s+body)?|lower(?:\s+body)?|(?:amrap|e\d?mom)\s[1-9](?=:\s(?:amrap|e\d?mom)\b)|emom|e\dmom|amrap|(?:ascending|descending)(?:\s+ladder)?|count\s?down|ladder|pyramid|tabata|hiit|metcon|burner|challenge|workout|intervals|every min(?:ute)?(?:\s+on\s+the\s+min(?:ute)?)?|[a-h](?=\s*[:)-])|[i-z]\d{1,2}(?=:)|[stg]s\s?[1-9]|(?:r|rd|rnd|[stpbc])\s?[1-9](?=\s*:?\s*$))(?=$|[\s:,;.()\[\]x\-!])", RegexOptions.IgnoreCase);

    public static CardPattern StationsSaid => field ??= new(@"\b(?:[4-9]|1[0-9]|20)\s*(?:stations|stns)\b", RegexOptions.IgnoreCase);

    /// <summary>A class, and the sets or rounds of each of its blocks.</summary>
    public static CardPattern TopicAndSets => field ??= new(@"^(?<t>[a-z][a-z0-9' &/-]{2,40}?)\s*(?:\s-\s|[,:]\s)\s*(?<n>[2-9])\s*(?:sets|rounds)\s+(?:of\s+)?(?:each|all)\b(?<more>.*)$", RegexOptions.IgnoreCase);

    /// <summary>A word for the class, and how all of it runs.</summary>
    public static CardPattern TopicAndHow => field ??= new(@"^(?<t>[a-z][a-z' &-]{2,30}?)\s+(?<how>\d{2}\s*[/:]\s*\d{2}.*)$", RegexOptions.IgnoreCase);

    /// <summary>What a part of a class is for, alone on its line.</summary>
    public static CardPattern RegionAlone => field ??= new(@"^(?:balance|arms|back|chest|shoulders|glutes|bums?|tums|biceps|triceps|hamstrings|quads|calves|push|pull|(?:bands?|balls?|weights|hand\s+weights|dumbbells?|kettlebells?|broom(?:stick)?s?|towels?|chairs?|floor|standing|seated|mat\s?work|floor\s?work)(?=\s*:?\s*[(-]?\s*\d{1,2}\s*(?:mins?|minutes?|')))(?=\s*:?\s*(?:[(-]?\s*\d{1,2}\s*(?:mins?|minutes?|')\s*\)?\s*:?\s*(?:\([a-z ]+\))?)?$)", RegexOptions.IgnoreCase);

    public static CardPattern Super => field ??= new(@"\b(?:super\s?-?sets?|superserien?|superséries?|supersatz|supersätze|tri-?sets?|giant sets?|[stg]s\s?[1-9]|pairs?\s+\d|(?:first|second|third|fourth|last|next)\s+pair|complex)\b", RegexOptions.IgnoreCase);

    public static CardPattern Topic => field ??= new(@"^(?:strength|cardio|core|abs|legs|upper(?:\s+body)?|lower(?:\s+body)?|hiit|challenge|workout|intervals|stations|full\s+body|(?:pyramid|ladder|tabata|emom|amrap|circuit|stations?|interval)s?\s+(?:class|session|night|express|day|strength|training|fitness|workout|club|(?:mon|tues|wednes|thurs|fri|satur|sun)days?))\b(?!\s+(?:\d(?!\d?\s*(?:min|')|[05]\b)|[a-h]\b|set|part|block))", RegexOptions.IgnoreCase);

    public static CardPattern Talk => field ??= new(@"^(?:welcome|intro(?:duction)?|outro|chat|talk|hello|goodbye|briefing|announcements?|safety|(?:[a-z]+\s+){1,2}talk)\b.{0,30}\d", RegexOptions.IgnoreCase);

    public static CardPattern TalkWord => field ??= new(@"^(?:welcome|intro(?:duction)?|outro|chat|hello|goodbye|briefing|announcements?|notices)\b", RegexOptions.IgnoreCase);

    public static CardPattern Cap => field ??= new(@"^(?:time\s+)?cap\b|^total\b|^approx\b", RegexOptions.IgnoreCase);

    public static CardPattern HeadKey => field ??= new(@"^(?:kit|equipment|gear|props?|geräte|material|matériel|attrezzi|bring|you need|you will need|kit needed|people|venue|place|where|location|focus|goal|level|needs|injuries|watch out|minutes|duration|class size|class|clients?|participants|total|total time|time|when|date|day)\s*(?:[:=]|\s-\s)|^(?:kit|equipment|gear)\s+(?:is|are)\s", RegexOptions.IgnoreCase);

    public static CardPattern Drink => field ??= new(@"^(?:(?:a\s+)?(?:(?:little|quick|short)\s+)?(?:water|drinks?|sip|tea)(?:\s+(?:of\s+)?(?:water|break|stop|time|middle|half\s?way))*)(?:\s+again)?$", RegexOptions.IgnoreCase);

    public static CardPattern Brackets => field ??= new(@"\s*(?:\(|\[)(?<in>[^()\[\]]*)(?:\)|\])\s*");

    public static CardPattern Dashes => field ??= new(@"\s+-\s+|\s*;\s*|\.\s+");

    /// <summary>Moves with sets of their own on one line, and the rest of all of them.</summary>
    public static CardPattern SetsThenRest => field ??= new(@"^(?<sets>[a-z][a-z' -]*?\s\d{1,2}\s*x\s*\d{1,3}(?:\s+(?:each|per|a)\s+(?:side|leg|arm))?(?:\s*[,;]\s*[a-z][a-z' -]*?\s\d{1,2}\s*x\s*\d{1,3}(?:\s+(?:each|per|a)\s+(?:side|leg|arm))?)+)\s*[,;.]\s*(?:all\s+)?(?<rest>rest\s*:?\s*\d{2,3}\s*(?:s|secs?|seconds?)?|\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")?\s+rest(?:\s+between(?:\s+sets)?)?|rest\s*:?\s*\d\s*(?:mins?|minutes?|'))\.?$", RegexOptions.IgnoreCase);

    public static CardPattern Commas => field ??= new(@"\s*[,;]\s*|\s+(?:then|followed by)\s+", RegexOptions.IgnoreCase);

    public static CardPattern Plus => field ??= new(@"\s*(?:\+|&|/)\s*|\s+(?:to|into|and|with|w/|plus|then|n)\s+", RegexOptions.IgnoreCase);

    private static CardPattern Spaces => field ??= new(@"\s+");

    public static CardPattern OpensQuote => field ??= new(@"(?<!\d)""");

    public static CardPattern SecondsSign => field ??= new(@"(?<=\d)""(?![\w""])");

    public static CardPattern RestIs => field ??= new(@"^(?:rest|recovery|recover)\s*[-:]\s*(?=\d)", RegexOptions.IgnoreCase);

    public static CardPattern ShortSuperset => field ??= new(@"^s/?s(?:\s?(?=\d{0,2}\s*[:()-])|\s+(?=\w))", RegexOptions.IgnoreCase);

    public static CardPattern TimesATime => field ??= new(@"(?<=^[a-z][a-z -]*\s)x\s+(?=\d{1,3}\s*(?:mins?|minutes?|secs?|seconds?)\b)", RegexOptions.IgnoreCase);

    /// <summary>A stroke with room on both sides parts what a list has.</summary>
    public static CardPattern Strokes => field ??= new(@"\s+/\s+");

    /// <summary>A bare number after a warm-up's or cool-down's word: minutes.</summary>
    public static CardPattern BareMinutes => field ??= new(@"\s(?<n>\d{1,2})$");

    public static CardPattern And => field ??= new(@"\s+and\s+", RegexOptions.IgnoreCase);

    public static CardPattern AndSign => field ??= new(@"\s+(?:and|&|\+)\s+", RegexOptions.IgnoreCase);

    /// <summary>Minutes before the first of a list.</summary>
    public static CardPattern MinutesOfAll => field ??= new(@"^\s*(?<n>[4-9]|1[0-5])\s*(?:mins?|minutes?|')\s+(?:of\s+)?(?=[a-z])", RegexOptions.IgnoreCase);

    public static CardPattern ForEach => field ??= new(@"\b(?:each|all|every)\b", RegexOptions.IgnoreCase);

    public static CardPattern SaysMore => field ??= new(@"^\s*(?::\s|\s-\s)(?!\s*\()");

    /// <summary>A station at which nothing is done.</summary>
    public static CardPattern StationOfRest => field ??= new(@"^(?:(?:active|full|total)\s+)?(?:rest|recovery|recover)(?:\s+(?:station|slot|minute|time))?(?:\s*[/+&,]\s*(?:water|drink|sip))?[.!]?$|^(?:water|drink)\s*[/+&]\s*rest[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>What joins the last of a list to the others.</summary>
    public static CardPattern LeadingAnd => field ??= new(@"^(?:and|&)\s+", RegexOptions.IgnoreCase);

    /// <summary>Before the next count of a list without commas: “5 burpees 10 sit-ups”.</summary>
    public static CardPattern NextCount => field ??= new(@"(?<=[a-z)])\s+(?=\d{1,3}\s+[a-z])", RegexOptions.IgnoreCase);

    /// <summary>A bare multiplier: how often all of it.</summary>
    public static CardPattern TimesOnly => field ??= new(@"^x\s*\d{1,2}$", RegexOptions.IgnoreCase);

    /// <summary>“… side plank R x2” behind a list whose moves have their own amounts: how often all of it.</summary>
    public static CardPattern TimesAtEnd => field ??= new(@"(?<=[a-z)])\s+x\s*(?<n>\d{1,2})$|(?<=,.*[a-z]\s+(?:x\s*)?(?:[6-9]|\d\d)(?:\s*(?:s|secs?|seconds?))?)\s+x\s*(?<n>[2-5])$", RegexOptions.IgnoreCase);

    public static CardPattern Minutes => field ??= new(@"\s\d{1,2}\s*(?:mins?|minutes?|')$", RegexOptions.IgnoreCase);

    public static CardPattern TimeAlone => field ??= new(@"^(?:\d{2,3}\s*(?:s|secs?|seconds?)|\d\s*(?:mins?|minutes?)|\d:\d\d)$", RegexOptions.IgnoreCase);

    /// <summary>A way of doing the move before it, alone.</summary>
    public static CardPattern OnlyHow => field ??= new(@"^(?:hold|pulses?)$", RegexOptions.IgnoreCase);

    /// <summary>The way a ladder goes, before its moves.</summary>
    public static CardPattern UpOrDown => field ??= new(@"^(?:up|down)\b\s*[:-]?\s*", RegexOptions.IgnoreCase);

    public static CardPattern StretchOf => field ??= new(@"^(?<head>stretch(?:es|ing)?)\s+(?:out\s+)?(?:the\s+|your\s+)?(?<items>[a-z].+)$", RegexOptions.IgnoreCase);

    public static CardPattern InBrackets => field ??= new(@"^(?<head>[^()]+)\((?<in>[^()]+)\)\.?$");

    public static CardPattern CountThenWords => field ??= new(@"^(?<name>[A-Za-z][^,\d]*?)\s+(?:x\s*)?(?<n>\d{1,3})\s*,\s*(?<more>[a-z].+)$", RegexOptions.IgnoreCase);

    /// <summary>A number alone after a move's name: how often.</summary>
    public static CardPattern BareCount => field ??= new(@"^\s*\d{1,3}\s*$");

    public static CardPattern TempoAlone => field ??= new(@"^\d-\d-[\dx](?:-[\dx])?$", RegexOptions.IgnoreCase);

    /// <summary>A side alone, as it stands behind a dash.</summary>
    public static CardPattern SideAlone => field ??= new(@"^\s*(?:on\s+(?:the\s+)?)?(?:r|l|right|left)(?:\s+(?:side|leg|arm))?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“(6/6)” beside twelve: six on each side.</summary>
    public static CardPattern HalfEach => field ??= new(@"^(?<n>\d{1,2})\s*/\s*\k<n>$");

    /// <summary>How a list's moves are done, behind a dash, a comma or in brackets after the last of them.</summary>
    public static CardPattern HowAtEnd => field ??= new(@"^(?<items>.+?)(?:,\s+(?<how>rest\s+\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)|\d{1,2}\s*(?:rounds?|rds?|times))\.?|\s+-\s+(?<how>(?:once|twice|[^-()]*\d[^()]*))|\s*\((?<how>[^()]*\d[^()]*)\)\.?)$");

    /// <summary>Two moves as often each, one after the other.</summary>
    public static CardPattern AsOften => field ??= new(@"(?<=^|:\s*)(?<n>\d{1,2})\s+(?<a>[a-z][^+&]+?)\s*[+&]\s*\k<n>\s+(?<b>[a-z][^+&]+)$", RegexOptions.IgnoreCase);

    public static CardPattern FullStop => field ??= new(@"(?<=[a-z\d]{2})\.\s+(?=[a-z\d])", RegexOptions.IgnoreCase);

    private static CardPattern AllAgain => field ??= new(@"\b(?:it\s+)?all\s+again\b", RegexOptions.IgnoreCase);

    public static CardPattern SetByDashes => field ??= new(@"^(?<name>[a-z][a-z' -]*?)\s*[:\s]\s*(?<l>\d{1,2}(?:\s*-\s*\d{1,2}){2,})(?<more>(?:[\s,].*)?)$", RegexOptions.IgnoreCase);

    /// <summary>Three or four small numbers, or a nought among them.</summary>
    public static CardPattern LooksLikeTempo => field ??= new(@"^(?:[0-4]\s*-\s*){2,3}[0-4]$|\b0\b");

    public static CardPattern OnOrOff => field ??= new(@"\d{1,3}\s*(?:s|secs?|seconds?)?\s+(?:on|off|work|rest)\b", RegexOptions.IgnoreCase);

    public static CardPattern HeadOfBracket => field ??= new(@"^(?<h>[a-z][a-z ]{1,20}?)\s*[:,-]?\s+(?<more>(?:x\s*\d{1,2}|\d{1,2}\s*(?:x|rounds?|sets?))\s*(?:of\s*)?\(.+)$", RegexOptions.IgnoreCase);

    /// <summary>Rounds of what stands in brackets, and behind them how they go.</summary>
    public static CardPattern RoundsOfBracket => field ??= new(@"^(?:x\s*(?<n>\d{1,2})|(?<n>\d{1,2})\s*(?:x|rounds?|sets?|times))(?:\s+of)?\s*(?:\((?<items>[^()]+(?:[,;]|\s/\s|\s\+\s)[^()]+)\)|\[(?<items>[^\[\]]+(?:[,;]|\s/\s|\s\+\s)[^\[\]]+)\]|\{(?<items>[^{}]+(?:[,;]|\s/\s|\s\+\s)[^{}]+)\})(?<how>(?:[\s,.;:>-]+[^()\[\]]*\d[^()\[\]]*)?)\.?$|^[(\[](?<items>[^()\[\]]+(?:[,;]|\s/\s|\s\+\s)[^()\[\]]+)[)\]]\s*x\s*(?<n>\d{1,2})(?<how>(?:[\s,.;:>-]+[^()\[\]]*\d[^()\[\]]*)?)\.?$", RegexOptions.IgnoreCase);

    public static CardPattern OnTheir => field ??= new(@"^(?:on|from|with)\s+(?:the\s+|your\s+|an?\s+)?", RegexOptions.IgnoreCase);

    /// <summary>What is said over several parts.</summary>
    public static CardPattern OverOthers => field ??= new(@"^(?:the\s+)?(?:main|workout|class|programme|program)\b", RegexOptions.IgnoreCase);

    /// <summary>How a block runs between its name and its moves, after the colon: “block 1: ladder 1-2-3 cleans”.</summary>
    public static CardPattern HowBehindColon => field ??= new(@"^(?<head>[^:]{1,40}):\s*(?<how>(?:(?:ladder|pyramid|emom|amrap|tabata)\s*)?\d{1,3}(?:\s*-\s*\d{1,3}){2,}\s*(?:reps?|s|secs?)?|(?:emom|amrap|tabata)\s*\d{1,2}\s*(?:mins?|')?|\d{1,2}\s*(?:mins?|')\s*(?:emom|amrap|tabata))\s*[-,]?\s*(?<items>(?:of\s+)?[a-z][^:]*)$", RegexOptions.IgnoreCase);

    /// <summary>A word of one’s own before how a block runs: “partner AMRAP 10: …”.</summary>
    public static CardPattern WordBefore => field ??= new(@"^(?<w>[A-Z]{2,6}|partner|team|pairs?|group|big|quick|long|short|final|last|mini|kb|db|bodyweight|bw|core|leg|abs|upper|lower)\s+(?=(?:AMRAP|EMOM|TABATA|amrap|emom|tabata|Amrap|Emom|Tabata)\b.*\d)");

    /// <summary>Rounds before the moves they are of.</summary>
    public static CardPattern RoundsOf => field ??= new(@"^(?:\d{1,2}|two|three|four|five|six)\s*(?:rounds?|rds?|sets?|laps?)(?:\s+of\s+|\s*:\s*)(?=\d{1,3}\s*(?:/\s*\d{1,3}\s*)?[a-z])", RegexOptions.IgnoreCase);

    /// <summary>Stretches under the word for how one is placed.</summary>
    public static CardPattern StretchesPlaced => field ??= new(@"^(?<pos>sit|sitting|seated|standing|stand|lying|on\s+the\s+(?:floor|mat))\s*[:-]\s*stretch(?:es)?\s*:?\s+(?<items>[a-z].+)$", RegexOptions.IgnoreCase);

    /// <summary>A line that begins with its number.</summary>
    public static CardPattern Counted => field ??= new(@"^\s*[0-9]{1,2}\s*[.)]");

    /// <summary>“(E: step back)”, “(H: jump)”.</summary>
    public static CardPattern LetterOfWay => field ??= new(@"^[EH]\s*[:=]\s*(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>The sign of a list before its words.</summary>
    public static CardPattern Bulleted => field ??= new(@"^(?:(?<b>\s*[-–—*+•·▪‣◦>])\s+|\s*(?<b>)\d{1,2}\s?[.):]?\s+(?=[A-Za-z]))\S?");

    /// <summary>What parts a list in brackets.</summary>
    public static CardPattern BracketItems => field ??= new(@"\s*[,;]\s*|\s+[/+]\s+");

    /// <summary>A time and what is done in it; a time of rest.</summary>
    public static CardPattern TimedThing => field ??= new(@"^(?<t>\d{1,3})\s*(?:s|secs?|seconds?|"")?\s*(?:of\s+)?(?:(?<off>off|rest|break|easy|recover(?:y)?|pause)|(?:work\s+)?(?<name>[a-z][a-z' +-]*))$", RegexOptions.IgnoreCase);

    /// <summary>Rounds of what stands in brackets, the moves behind it.</summary>
    public static CardPattern RoundsOfHow => field ??= new(@"(?<n>\b\d{1,2})\s*(?:x|rounds?(?:\s+of)?)\s*\((?<how>[^()]*\d[^()]*)\)\s*[:,-]?\s*(?<items>[a-z].*)$", RegexOptions.IgnoreCase);

    public static CardPattern ForPeople => field ??= new(@"(?<=^(?:circuits?|workout|stations?|main)\b.{0,12})\s+for\s+(?<n>[4-9]|[1-5]\d)\b(?=\s*(?:$|[,:;.(-]|people\b|ppl\b))(?:\s*(?:people|ppl))?", RegexOptions.IgnoreCase);

    /// <summary>Words of how something is done, no name.</summary>
    public static CardPattern SaysHow => field ??= new(@"^(?:without|no|with|keep(?:ing)?|stay(?:ing)?|don't|don’t)\b", RegexOptions.IgnoreCase);

    /// <summary>The letter and number a line begins with.</summary>
    public static CardPattern LetterWord => field ??= new(@"(?:[A-H]\s?\d|[1-8][A-H])\b", RegexOptions.IgnoreCase);

    public static CardPattern Usual => field ??= new(@"^(?:(?:as\s+)?usual|about|at\s+(?:the\s+)?(?:start|end)s?)$", RegexOptions.IgnoreCase);

    /// <summary>Warm-up and cool-down told together.</summary>
    public static CardPattern BothEnds => field ??= new(@"^(?:plus\s+|with\s+)?(?:a\s+|the\s+)?(?:usual\s+)?(?<a>warm(?:ing)?[\s-]?up|wu)\s*(?:and|&|\+|/)\s*(?<b>cool(?:ing)?[\s-]?down|cd|stretch(?:ing)?)\b(?<more>[^\d]{0,20})(?<n>\d{1,2})\s*(?:mins?|minutes?|')\s*(?:each|of\s+each)?\.?$", RegexOptions.IgnoreCase);

    public static CardPattern BetweenEach => field ??= new(@"\b(?:between|after)\s+each(?:\s+one)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>Two parts on one line, each with its minutes behind it.</summary>
    public static CardPattern TwoWithMinutes => field ??= new(@"^(?<a>[^(),;]{3,40}\(\d{1,2}\s*(?:mins?|minutes?|')\))\s*[,;+&]\s*(?:then\s+|and\s+)?(?<b>[^(),;]{3,40}\(\d{1,2}\s*(?:mins?|minutes?|')\))\.?$", RegexOptions.IgnoreCase);

    public static CardPattern CountAndRemark => field ??= new(@"^(?<h>[a-z][a-z -]{2,24}):\s*(?<n>\d{1,3}(?:\s*(?:mins?|minutes?|s|secs?|seconds?))?)\s+(?<name>[a-z][a-z' -]{2,30}),\s*(?<more>[a-z][a-z ]{5,40})\.?$", RegexOptions.IgnoreCase);

    /// <summary>The same as before, moves and all.</summary>
    public static CardPattern SaysSame => field ??= new(@"\bsame(?:\s+(?:again|moves|exercises|thing|as\s+(?:above|before|(?:block|circuit|part|round)\s*\w)))?\)?[.!]?\s*$|[,(:-]\s*as\s+(?:above|before|last)\)?[.!]?\s*$|(?<=\b(?:round|block|circuit|set|part)\s*(?:[2-9]|two|three|four)\s*[:,(-]?\s*)repeat(?:\s+(?:it|that|all|same))?\)?[.!]?\s*$", RegexOptions.IgnoreCase);

    /// <summary>All of the block above once more.</summary>
    public static CardPattern SameAgain => field ??= new(@"^(?:(?:and|then|now|after\s+that)\s+)*(?:do\s+)?(?:the\s+)?same\s+(?:again|pyramid|ladder)(?:\s+again)?[.!:]?$", RegexOptions.IgnoreCase);

    /// <summary>One block once more, by its name.</summary>
    public static CardPattern NamedAgain => field ??= new(@"^(?<as>(?:cardio|tone|strength|core|section|legs|arms|abs|power)\s*[0-9a-d]?)\s*[:-]\s*(?:repeat|same\s+as)\s+(?<n>[a-z]+\s?[0-9a-d]?)[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Repeat block 1”, “then redo the circuit twice”.</summary>
    public static CardPattern RepeatNamed => field ??= new(@"^(?:(?:and|then|now)\s+)*(?:repeat|redo)\s+(?:the\s+)?(?<n>(?:block|circuit|part|round|set|superset)\s*\w{1,5}?)(?:\s*(?:x\s*(?<r>[2-9])|(?<r>[2-9])\s*(?:times|rounds|x)|(?<r>twice)))?[.!]?$", RegexOptions.IgnoreCase);

    public static CardPattern ThenMore => field ??= new(@"^(?<a>[^,:-]{2,30}?)\s*,?\s+then\s+(?<b>.*\d.*)$", RegexOptions.IgnoreCase);

    /// <summary>From which minute to which, in brackets.</summary>
    public static CardPattern BracketMargin => field ??= new(@"\s*\(\s*(?<a>\d{1,2})\s*(?:-|to)\s*(?<b>\d{1,3})\s*(?:mins?|minutes?|')?\s*\)", RegexOptions.IgnoreCase);

    /// <summary>Two change places or parts.</summary>
    public static CardPattern SwapAlone => field ??= new(@"^(?:(?:and|then|now)\s+)*(?:swap|switch|change)(?:\s+(?:over|places|partners|roles|round))?[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>Who of a pair does what.</summary>
    public static CardPattern LetterOfPair => field ??= new(@"^(?<n>[A-Da-d])\s*[:=]\s*(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>As many as one can.</summary>
    public static CardPattern MostOf => field ??= new(@"^(?<w>max(?:imum)?(?:\s+reps?(?:\s+of)?)?)\s+(?<name>[a-z].*)$", RegexOptions.IgnoreCase);

    /// <summary>The same from its end to its beginning.</summary>
    public static CardPattern Backwards => field ??= new(@"^(?:then\s+)?(?:repeat|do|go|back)\s+(?:it\s+|all\s+|that\s+)*(?:backwards|in\s+reverse|reverse|the\s+other\s+way)(?:\s+order)?(?=$|[\s.,;!(-])", RegexOptions.IgnoreCase);

    /// <summary>How long every station is.</summary>
    public static CardPattern AllLast => field ??= new(@"^(?:all|each|every)\s+(?:stations?|exercises?|moves?)(?:\s+(?:is|are|for|lasts?))?\s*[:-]?\s*(?<t>\d{1,3}\s*(?:secs?|seconds?|s|mins?|minutes?)\b)(?!\s*each|\s*,\s*\d{1,3}\s*(?:secs?|seconds?|s)\s*,)", RegexOptions.IgnoreCase);

    /// <summary>“Seated option”.</summary>
    public static CardPattern AsOption => field ??= new(@"^(?<w>seated|kneeling|knees?|wall|supported|standing|chair|lighter|slower|no\s+jump)\s+(?:option|version)$|^beginners?\s+(?:do\s+|can\s+)?(?<w>[a-z][a-z' -]{3,40})$", RegexOptions.IgnoreCase);

    public static CardPattern BetweenBlocks => field ??= new(@"\b(?:between|after)\s+(?:each\s+|the\s+|all\s+(?:the\s+)?)?(?:blocks?|parts?|sections?|tabatas?)\b", RegexOptions.IgnoreCase);

    public static CardPattern BetweenThings => field ??= new(@"\b(?:between|after)\s+(?:each\s+|the\s+|all\s+(?:the\s+)?)?(?<w>set|circuit|superset|round|section|pair|part|track|station)s?\b", RegexOptions.IgnoreCase);

    /// <summary>Before the next of several keys on one line.</summary>
    public static CardPattern NextKey => field ??= new(@"(?:\s*[*|/;,])?\s+(?=(?:kit|equipment|people|venue|place|where|location|focus|goal|level|duration|class(?:\s+(?:size|name))?|participants|time|date|day|instructor|teacher|numbers|needs|injuries|care|watch\s+out|mind|notes?)\s*:\s)", RegexOptions.IgnoreCase);

    public static CardPattern ClassIs => field ??= new(@"^class\s*(?::|-\s)\s*(?<what>\S.*)$", RegexOptions.IgnoreCase);

    public static CardPattern Joined => field ??= new(@"\s+\+\s+");

    /// <summary>What was done on one side comes again on the other.</summary>
    public static CardPattern OtherSide => field ??= new(@"^(?:(?:then|and|now|repeat)\s+)*(?:on\s+)?(?:the\s+)?(?<s>right|left|other)\s+(?:side|leg|arm)(?:\s+too)?$|^(?:(?:then|and|now)\s+)*(?:swap|switch|change)\s+(?:sides|legs|arms|hands|over)(?:\s+and\s+repeat)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>How many of a thing are held, beside a block's name.</summary>
    public static CardPattern OneBell => field ??= new(@"\s*,\s*(?:1|2|one|two|single)\s+(?:bells?|kbs?|dbs?|kettlebells?|dumbbells?)$", RegexOptions.IgnoreCase);

    /// <summary>Two by turns.</summary>
    public static CardPattern ByTurns => field ??= new(@"\balternat(?:e|ing)\s+(?:between\s+)?(?<a>[a-z][a-z' -]{2,30}?)\s+(?:and|with|&)\s+(?<b>[a-z][a-z' -]{2,30})$", RegexOptions.IgnoreCase);

    /// <summary>One of several in each slot of time.</summary>
    public static CardPattern OneInEach => field ??= new(@"\b(?:alternat|by turns|odd|even|one (?:each|a|in))", RegexOptions.IgnoreCase);

    /// <summary>“R1 10 reps, R2 12 reps”: how often by round, on one line.</summary>
    public static CardPattern RepsOfRounds => field ??= new(@"^(?:r(?:ound|d)?\s*(?<i>\d)\s*[-:=]?\s*(?<n>\d{1,3})\s*(?:reps?)?\s*[,;/]?\s*){2,}(?:each)?$", RegexOptions.IgnoreCase);

    /// <summary>“8 x 20/10 each”: all rounds of a move before the next.</summary>
    public static CardPattern WholeEach => field ??= new(@"\d\s*x\s*\d{2,3}\s*/\s*\d{1,3}\s*s?\s*(?:each|per\s+(?:move|exercise|station))\b", RegexOptions.IgnoreCase);

    /// <summary>“8 bench press / 8 rows, 90s”: a time behind two that are counted is the rest.</summary>
    public static CardPattern CountedPairAndRest => field ??= new(@"^(?<two>[0-9]{1,2}\s+[a-z][a-z' -]+?\s+/\s+[0-9]{1,2}\s+[a-z][a-z' -]+?),\s*(?:rest\s+)?(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?))(?:\s+rest)?$", RegexOptions.IgnoreCase);

    /// <summary>“20/10 x 8 each”.</summary>
    public static CardPattern SoOftenEach => field ??= new(@"(?:\bx\s*\d{1,2}|\b\d{1,2}\s*(?:x|rounds?|sets|times))\s+(?:of\s+|for\s+)?each\b(?!\s+(?:pair|superset|side|leg|arm))", RegexOptions.IgnoreCase);

    /// <summary>Rounds of timed things, each with a word or two.</summary>
    public static CardPattern TimesAndWords => field ??= new(@"^(?<head>[^:]*\d\s*rounds?):\s*(?<items>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)\s+[a-z]+(?:\s+[a-z]+){0,2}(?:\s*,\s*\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)\s+[a-z]+(?:\s+[a-z]+){0,2})+)$", RegexOptions.IgnoreCase);

    public static CardPattern WorkAndEasy => field ??= new(@"\b(?<w>\d{2,3})\s*(?:s|secs?|seconds?)\s+(?:of\s+)?(?!(?:per|each|every|on|work|working|for)\b)(?<name>[a-z][a-z' -]{2,40}?)\s*[/,]\s*(?<r>\d{1,3})\s*(?:s|secs?|seconds?)\s+(?:easy|slow|walk|rest|recover(?:y)?|off|jog)(?:\s+(?:pace|walk|jog))?\s*$", RegexOptions.IgnoreCase);

    public static CardPattern MostIn => field ??= new(@"(?<=^|:\s)(?<name>[a-z][a-z' -]{2,40}?)(?<c>\s+challenge)?\s*(?:,|:|\s-)?\s+as\s+many\s+as\s+(?:you|they|we|possible)(?:\s+can)?(?:\s+do)?\s+in\s+(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))(?=\s*(?:\.?$|\())|\b(?:max(?:imum)?(?:\s+(?:reps|number))?(?:\s+of)?|as many)\s+(?!rounds\b|reps\b)(?<name>[a-z][a-z' -]{2,40}?)\s+(?:as\s+(?:you\s+can|possible)\s+)?in\s+(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s*$", RegexOptions.IgnoreCase);

    /// <summary>A block that runs as the one before it.</summary>
    public static CardPattern SameTimes => field ??= new(@"[\s,.(-]*\b(?:same\s+(?:timings?|times|reps|numbers?|counts?|rests?|again|format|intervals?|set-?up|moves|exercises|as\s+(?:above|before|(?:block|circuit|part|round)\s*\w))|same(?=\s*(?:$|\)\s*:?\s*$))|(?:(?:timings?|times)\s+)?as\s+(?:above|before|last)(?=\s*[.!)]?\s*:?\s*$)|ditto(?=\s*[.!)]?\s*:?\s*$)|(?<=\b(?:round|block|circuit|set|part)\s*(?:[2-9]|two|three|four)\s*[:,(-]?\s*)repeat(?:\s+(?:it|that|all))?(?=\s*[.!)]?\s*$))\b[.)]?", RegexOptions.IgnoreCase);

    /// <summary>A rest as long as each needs.</summary>
    public static CardPattern RestsFreely => field ??= new(@"^\(?rests?\s+(?:as|when|if|where)\b", RegexOptions.IgnoreCase);

    /// <summary>A load as it is called by its number: “8s”.</summary>
    public static CardPattern Called => field ??= new(@"^[12]?\d(?:\.5)?s$");

    /// <summary>“Everyone has light dumbbells & a mat”, “only 6 kettlebells”.</summary>
    public static CardPattern HasKit => field ??= new(@"^(?:(?:everyone|everybody)\s+(?:has(?:\s+got)?|gets|needs)|(?:we|i|you|they)(?:'ve|'ll)?\s+(?:(?:only\s+)?have(?:\s+got)?|(?:only\s+)?got|need)|there(?:'s|\s+are|\s+is)(?:\s+only)?|only|just|using)\s+(?<k>[a-z0-9][a-z0-9 ,+&'-]{2,60}?)(?:\s+(?:available|each|today|tonight|only|there|per\s+person))*[.!]*$", RegexOptions.IgnoreCase);

    public static CardPattern KitSigns => field ??= new(@"\s*(?:,\s*(?:and\s+)?|\s(?:and|&|\+)\s)\s*", RegexOptions.IgnoreCase);

    /// <summary>How many of it, and how heavy.</summary>
    public static CardPattern KitCounted => field ??= new(@"^(?:(?:an?|one|two|some|[0-9]{1,2}(?:\s*x)?|light|medium|heavy|pairs?\s+of|set\s+of)\s+)+", RegexOptions.IgnoreCase);

    /// <summary>What is said of kit alone: “DBs only”.</summary>
    public static CardPattern OnlyThis => field ??= new(@"^(?<k>[a-z][a-z +&-]{1,30}?)\s+(?:only|please|needed|for\s+everyone)[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>A title said as what it is: “core class plan:”.</summary>
    public static CardPattern PlanNamed => field ??= new(@"\b(?:class|session|workout|lesson)(?:\s+plan)?:$", RegexOptions.IgnoreCase);

    public static CardPattern ClassLong => field ??= new(@"\b(?:[1-9][05]|[1-9]\d)\s*-?\s*min", RegexOptions.IgnoreCase);

    /// <summary>A number in brackets right behind words.</summary>
    public static CardPattern CountInBrackets => field ??= new(@"(?<=^|[,;/+&:]\s*|-\s+|\b(?:and|into|with|then|of|round|rounds)\s+)(?<name>[a-z]+(?:[\s'-][a-z]+)*)\s*\((?<n>\d{1,3})\)", RegexOptions.IgnoreCase);

    public static CardPattern SaysPair => field ??= new(@"\bsuper\s?-?set|\bs/?s\b|\btri-?set|\bgiant\s+set", RegexOptions.IgnoreCase);

    /// <summary>“Rows x10 superset with presses x10”.</summary>
    public static CardPattern SupersetWith => field ??= new(@"^(?<a>[^:]*[a-z][^:]*?\d?)\s+(?:super\s?-?set(?:ted|s)?\s+(?:with|into|to|w/)|s/s(?:\s+with)?|ss\s+with)\s+(?<b>[^:]*[a-z][^:]*)$", RegexOptions.IgnoreCase);

    /// <summary>What a list of moves may be headed by.</summary>
    public static CardPattern MovesAre => field ??= new(@"^(?:the\s+)?(?:moves|exercises|stations)\s*:\s*(?=[a-z])", RegexOptions.IgnoreCase);

    public static CardPattern AfterFirst => field ??= new(@"\bafter\s+(?:the\s+)?(?:(?:lap|round|circuit)\s+(?:1|one)|first\s+(?:lap|round|circuit))\b", RegexOptions.IgnoreCase);

    /// <summary>A class that is named after how it runs, or says that it is one and how long.</summary>
    public static CardPattern NamesClass => field ??= new(@"^[^:\d]*\bfor\s+(?:(?:the|our|all)\s+)?(?:over[\s-]?\d{2}s?|older\s+adults|seniors|beginners|mums)\b|^(?:[a-z-]+\s+)?(?:pyramid|ladder|tabata|emom|amrap|circuit|interval)s?\s+(?:class|session|night|express|day|strength|training|fitness|workout|club|(?:mon|tues|wednes|thurs|fri|satur|sun)days?)\b|^[^:\d]*\b(?:class|session)\b[^:\d]*\d{1,3}\s*(?:mins?|minutes|')", RegexOptions.IgnoreCase);

    /// <summary>From so long to so long.</summary>
    public static CardPattern RangeAlone => field ??= new(@"^\d{1,3}\s*-\s*\d{1,3}\s*(?:mins?|minutes?|'|s|secs?|seconds?)$", RegexOptions.IgnoreCase);

    /// <summary>A letter that stands before how a block runs.</summary>
    public static CardPattern LetterAlone => field ??= new(@"^\s*\(?(?<n>[A-Ha-h])\s*[.)]\s");

    public static CardPattern ShortRounds => field ??= new(@"(?<=\s|\()R\s?(?<n>[2-9])(?=$|[\s,)])(?!\s*[:=-])");

    /// <summary>A name and its count: “rows = 12”, “rows * 12”, “rows for 12”.</summary>
    public static CardPattern CountIs => field ??= new(@"(?<=^|[,;/+&:]\s*|-\s+|\b(?:and|into|with|then)\s+)(?<name>[a-z]+(?:[\s'-][a-z]+)*?)(?:\s*=\s*|\s\*\s*)(?<n>\d{1,3})\b(?!\s*(?:kg|secs?\b|s\b|mins?\b|minutes|'|x\s*\d|[.:/-]\s?\d))|(?<=^|[,;/+&:]\s*|-\s+|\b(?:and|into|with|then)\s+)(?<name>[a-z]+(?:[\s'-][a-z]+)*?)\s+for\s+(?<n>\d{1,3})(?=\s*(?:reps?)?\s*(?:$|[,;/(]|->|-\s))", RegexOptions.IgnoreCase);

    /// <summary>A name and its kilograms in short: “press 12k”.</summary>
    public static CardPattern ShortKilos => field ??= new(@"(?<=^|[,;/+&:]\s*|-\s+|\b(?:and|into|with|then)\s+)(?<name>[a-z]+(?:[\s'-][a-z]+)*?)\s*[,@(]?\s*\b(?<n>(?:2\s*x\s*)?(?:[4-9]|[1-9]\d))k\b\)?", RegexOptions.IgnoreCase);

    /// <summary>A superset told on its head's line, with how often behind it.</summary>
    public static CardPattern PairOnLine => field ??= new(@"^(?<head>(?:super\s?-?set|ss|s/s|tri-?set|giant set)s?(?:\s*\d{1,2}(?=\s*[:-]))?\s*(?:[:-]\s*|\s))(?<moves>[^:]+?)(?:\s*[-,]?\s*\(?(?:x\s*(?<n>\d{1,2})|(?<=[a-z)]\s*[-,(]?\s*|\d\s*(?:reps|[-,(]|\s)\s*)(?<n>\d{1,2})\s*(?:rounds?|sets?|rds?|times|x))\)?)?$", RegexOptions.IgnoreCase);

    /// <summary>Words that join a name to what comes after it.</summary>
    public static CardPattern Trailing => field ??= new(@"(?:\s+(?:is|are|of|for|each|with|à|-))+\s*$", RegexOptions.IgnoreCase);

    public static CardPattern IfTime => field ??= new(@"^\(?if\s+(?:there(?:'s|\s+is)|you\s+have|we\s+have)\s+time\)?$", RegexOptions.IgnoreCase);

    /// <summary>“Round these six”: what leads to a list and names nothing.</summary>
    public static CardPattern RoundThese => field ??= new(@"^(?:we\s+)?(?:go\s+|do\s+)?(?:round|around|through)\s+(?:these|them|all)(?:\s+(?:of\s+them|\w+))?(?:\s+(?:exercises|moves|stations))?$", RegexOptions.IgnoreCase);

    /// <summary>Where a part stands in the class, which its name need not say.</summary>
    public static CardPattern AtTheEnd => field ??= new(@"(?<=\w)\s*,?\s+(?:at\s+the\s+(?:end|start|beginning)|to\s+(?:finish|start|end|begin|close))(?:\s+(?:off|with))?$", RegexOptions.IgnoreCase);

    public static CardPattern LeadsOn => field ??= new(@"(?<=\w)(?:[\s,:=(-]+(?:complete|perform|go|do|through|approx|all|total|in|then|with|and|=))+$", RegexOptions.IgnoreCase);

    /// <summary>Where a title line goes on with something else.</summary>
    public static CardPattern TitleParts => field ??= new(@"\s*[,;|]\s*|\s+-\s+|(?<!\d\s*(?:s|secs?|seconds?)?)\s+/\s+|:\s+(?=\d)", RegexOptions.IgnoreCase);

    public static CardPattern JustBetween => field ??= new(@"\b(?:in\s+)?between\s*[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>A drink between rounds, where its time is put.</summary>
    public static CardPattern WaterBetweenWord => field ??= new(@"\b(?:an?\s+)?(?:quick\s+)?(?:sip\s+of\s+)?(?:water|drinks?)(?:\s+(?:break|stop))?\s+(?:in\s+)?between", RegexOptions.IgnoreCase);

    /// <summary>Every other minute: the order says as much.</summary>
    public static CardPattern OddOrEven => field ??= new(@"(?:\b(?:on\s+)?(?:the\s+)?(?:odd|even)s?(?:\s+min(?:ute)?s?\b\s*[:-]?|\s*[:-]|(?=\s+\d{1,2}\s+[a-z]))\s*)(?=[\da-z])", RegexOptions.IgnoreCase);

    /// <summary>What holds for every round told of before.</summary>
    public static CardPattern OfEachRound => field ??= new(@"^(?:(?:do|repeat)\s+)?(?:each|every|all)\s+(?:rounds?|circuits?|blocks?|sets?|supersets?)\b", RegexOptions.IgnoreCase);

    /// <summary>A break after a round that is named.</summary>
    public static CardPattern AfterRound => field ??= new(@"^(?:(?:and|then|with)\s+)?(?:an?\s+)?(?:(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\s+)?(?:quick\s+|short\s+|little\s+)?(?:(?<water>water|drinks?)(?:\s+(?:break|stop))?|breather|rest|break)(?:\s*[(:,-]?\s*(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\)?)?\s+after\s+(?:(?:the\s+)?(?:round|rd|lap|circuit|set)\s*(?<n>[1-9])|(?:the\s+)?(?<n>first|second|third)\s+(?:round|lap|circuit|set)|(?<n>[1-9]|one|two|three)\s+(?:rounds?|laps?|circuits?|sets?))(?:\s*[(:,-]?\s*(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\)?)?[.!]?$", RegexOptions.IgnoreCase);

    public static CardPattern AfterRounds => field ??= new(@"\b(?:after|between)\s+(?:each|every|all)\s+(?:rounds?|sets?|laps?)\b", RegexOptions.IgnoreCase);

    public static CardPattern BeginsWithRest => field ??= new(@"^(?:rests?|pause|break|recover(?:y)?)\b", RegexOptions.IgnoreCase);

    public static CardPattern Or => field ??= new(@"\s+or\s+", RegexOptions.IgnoreCase);

    /// <summary>“Knee push-up = easier”.</summary>
    public static CardPattern WayLast => field ??= new(@"^(?<w>[a-z][a-z' -]{2,40}?)\s*(?:=|:|\bis)\s*(?<k>easier|harder)(?:\s+(?:option|version|way))?$", RegexOptions.IgnoreCase);

    public static CardPattern Way => field ??= new(@"^(?:(?<or>or|alt|alternative)|(?<harder>(?:(?:to\s+)?make\s+(?:it|them|this)\s+)?(?:harder|tougher)(?:\s+(?:option|version|way))?|hard(?:\s+option)?|advanced(?:\s+option)?|adv|prog|progression|(?:to\s+)?progress|(?:level|lvl|l)\s*[23])|(?:(?:to\s+)?make\s+(?:it|them|this)\s+)?(?:easier|easy)(?:\s+(?:option|version|way))?|sub|mod|modify|modification|modified|reg|regression|regress|scaled?|beginners?|newbies|newcomers|novices|low(?:er)?(?:[\s-]impact)?(?:\s+(?:option|version))?|option|(?:level|lvl|l)\s*1)\s*(?:[:=-]\s*|(?<=\bor)\s+)(?<w>.+)$", RegexOptions.IgnoreCase);

    public static CardPattern Stops => field ??= new(@"\b(?:(?:not\s+)?for\s+time|so|begin|then|it'?s|its|it|of|for|we|we'll|start|starts|with|an?|the|and|do|doing|is|this|thru|together|turns|about|around|take|now|next|go|through|all|in|on|to|finish|have|repeat|everything|at|each|as|x|times?|that|your|you|follow(?:ing|ed)?|by|work|resting|secs?|approx|total|complete|perform|here|below|reps|hold(?=\s+an?\b)|perform|get|just|after that)\b", RegexOptions.IgnoreCase);
}
