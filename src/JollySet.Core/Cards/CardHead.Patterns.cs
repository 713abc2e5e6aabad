using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of what a head says.</content>
internal sealed partial class CardHead
{
    private static CardPattern Key => field ??= new(@"^(?<k>[a-zà-ÿ][a-zà-ÿ ]{1,18}?)\s*(?:[:=]|\s-\s)\s*(?=\S|$)", RegexOptions.IgnoreCase);

    private static CardPattern AtPlace => field ??= new(@"(?:\s|^)@\s*(?!rpe|tempo\b|max|bw\b|bodyweight|body\s?weight)(?<p>(?:the\s+)?[a-z][^,|;*]*?)(?=\s*(?:,|\||;|\*|\(|\.\s| - |\s(?:[01]?[0-9]|2[0-3])[:.][0-5][0-9]\b|$))", RegexOptions.IgnoreCase);

    private static CardPattern MinutesLong => field ??= new(@"(?<!\bx\s*)\b(?<n>\d{1,3})\s*-?\s*(?:minutes?|mins?\b\.?|minuten|mn\b|'|(?<=(?<!\d)[1-9]\d)m\b)(?!\s+(?:of\b|(?:warm|stretch|mobil|cool|rest|plank|water|drink|break|between)\w*))(?:\s+(?:class|total|session|long))?", RegexOptions.IgnoreCase);

    /// <summary>“Beginners' circuit”, “beginner's strength”: of several.</summary>
    private static CardPattern OfMany => field ??= new(@"(?<=[a-z]{4})(?:s'|'s)$", RegexOptions.IgnoreCase);

    private static CardPattern PeopleMany => field ??= new(@"(?:\b(?:for|up to|about|max\.?|group of|approx\.?|expecting)\s+)*(?<![0-9][.:])\b(?:\d{1,3}\s*(?:-|to)\s*)?(?<n>\d{1,4})\s*(?!(?:people|ppl|persons?)\s+(?:(?:on|at|per|to)\s+(?:each|every|an?|stations?)|each|a\s+station)\b)(?:people|ppl|pers(?:ons?|onnes|onen|onas|one)?\b\.?|participants|pax|booked|signed up|folks|heads|ladies|women|men|members|clients|adults|mums|dads|kids|runners|athletes|lads|girls|guys|regulars|beginners|newbies|newcomers|lifters|attendees|bodies|teens|teenagers|seniors|folk|pensioners|coming|expected|pupils|students|children|players|learners|spots|places|spaces|deelnemers|Teilnehmer|turning\s+up)\b(?:\s+max(?:imum)?\b)?(?:\s+(?:booked(?:\s+in)?|signed\s+up|coming))?|\b(?:there(?:'ll|\s+will|\s+should|\s+might)\s+be|there\s+are|I've\s+got|we're|there's|it's)\s+(?:about\s+|around\s+)?(?<n>\d{1,3})\s+of\s+(?:them|you|us)\b|(?<=^|[,;]\s*|\s-\s+)(?<n>[0-9]{1,3})\s+(?:tonight|attending|on\s+the\s+list|x\s+people)(?=\s*(?:$|[,.;]))|\b(?:group|class|crowd|bunch|gang)\s+of\s+(?:about\s+|around\s+|roughly\s+|up\s+to\s+)?(?<n>\d{1,4})\b|(?<n>\d{1,3})-?ish\s+(?:people|ppl|in\s+(?:the|my|this)\s+(?:class|group|room)|of\s+(?:them|us))|(?:about|around|roughly|approx\.?)\s+(?<n>\d{1,3})\s+in\s+(?:the|my|this)\s+(?:class|group|room|session)|\b(?:usually|normally|generally|often)\s+(?:get|have|expect|see)\s+(?:about\s+|around\s+)?(?<n>\d{1,3})(?=\s*(?:$|[,.;]|or\s+so|ish|people))|\b(?:max(?:imum)?|cap(?:ped\s+at|acity)?|limit(?:ed\s+to)?|up\s+to)\s*:?\s*(?<n>\d{1,3})(?=\s*(?:$|[,.;)]))|(?<=^|[,;]\s*)(?<n>\d{1,3})\s+max(?:imum)?(?=\s*(?:$|[,.;)]))|(?<=^|\s)~\s?(?<n>\d{1,3})(?=\s*(?:$|[,;(]))|(?<=[a-z]\s)\((?<n>[4-9]|[1-5]\d)\)$|^(?:approx\.?|about|around|roughly|circa)\s+(?<n>[4-9]|[12]\d)$|\b(?:just\s+)?(?:the\s+|us\s+)(?<n>[2-9])(?:\s+of\s+us)?(?=\s*(?:$|[,;]|\.(?!\d)|and\b))|\bexpect(?:ing)?\s+(?:about\s+|around\s+)?(?<n>\d{1,3})(?=\s*(?:$|[,.;)]))|^(?:[-/]\s*)?for\s+(?<n>[4-9]|[12]\d)$|\b(?:usually|about|around|normally|roughly)\s+(?:about\s+|around\s+)?(?<n>\d{1,3})\s+of\s+(?:them|you|us)\b|\b(?:usually|normally)\s+(?:about\s+|around\s+)?(?<n>\d{1,3})(?=\s*(?:,|$))", RegexOptions.IgnoreCase);

    private static CardPattern Between => field ??= new(@"\s+-\s+|\s*[,;|]\s*|\s*//\s*|\s+/\s+|\s+\*\s+|(?<!\b(?:max|ca|approx|St|No|Nr))\.\s+(?=[A-Z\d])|(?<!\b(?:goals?|aims?|objectives?|of\s+(?:the\s+)?(?:class|session)|focus|level|kit|equipment|people|place|venue|where|needs|time))(?<=[a-z]{3}):\s+", RegexOptions.IgnoreCase);

    private static CardPattern Parts => field ??= new(@"\s*[,;+&/]\s*|\s+(?:and|und|et)\s+|\s+-\s+", RegexOptions.IgnoreCase);

    private static CardPattern Joins => field ??= new(@"\s*[+&/]\s*|\s+(?:and|und|et)\s+|\s+with\s+", RegexOptions.IgnoreCase);

    private static CardPattern KitSized => field ??= new(@"^(?:everyone\s+|each\s+|all\s+)?(?<size>(?:\d{1,3}\s*x?\s*)|a\s+|some\s+|one\s+|two\s+)?(?:x\s*)?(?<set>(?:sets?|pairs?)\s+(?:of\s+)?)?(?<load>(?:\d{1,2}(?:\.\d)?\s*-\s*)?\d{1,3}(?:\.\d)?\s*(?:kg|lb)s?\s+|light(?:er)?\s+|heav(?:y|ier)\s+|moderate\s+|medium\s+)?(?<item>[a-zà-ÿ][a-zà-ÿ \-]+?)(?:\s*\(?optional\)?|\s+(?:each|per\s+(?:person|pair|head)|only|needed|out))?(?:\s+(?<behind>\d{1,2}(?:\s*-\s*\d{1,2})?\s*(?:kg|lb)s?))?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern Hashed => field ??= new(@"(?<=^|\s)#[a-z]\w*", RegexOptions.IgnoreCase);

    /// <summary>How somebody begins to speak.</summary>
    private static CardPattern Speaks => field ??= new(@"^(?:(?:right|ok(?:ay)?|so|well|now|tonight|today|this\s+(?:evening|morning)|tomorrow|we(?:'ve|\s+have)\s+got|(?:we|I)\s+(?:work(?:ed)?|focus+(?:ed)?|train(?:ed)?|did)(?:\s+on)?|(?:we're|I'm)\s+(?:working|focus+ing)\s+on|it'?s|for)\b[\s,:]*)+", RegexOptions.IgnoreCase);

    private static CardPattern Welcomed => field ??= new(@"\s+(?:(?:are\s+)?(?:very\s+|all\s+)?welcome|friendly|only)[!.]*$", RegexOptions.IgnoreCase);

    private static CardPattern Leading => field ??= new(@"^(?:(?:it's|this\s+is|they're|they\s+are|these\s+are)\s+(?:(?:all|mostly|for|the|my|our)\s+)*|(?:for|level|all|mostly|mainly|some|a few)\s+)(?=\S)", RegexOptions.IgnoreCase);

    private static CardPattern Hollow => field ??= new(@"\s*[(\[]\s*[)\]]?\s*$|[(\[]\s*[)\]]");

    private static CardPattern Brings => field ??= new(@"^(?:(?:please\s+)?bring\s+|w/\s*|with\s+|uses?\s*:?\s+|using\s+|(?:you(?:'ll)?\s+)?need(?:s|ed)?\s+|equipment\s*[:-]\s*|kit\s*[:-]\s*)(?:your\s+(?:own\s+)?|an?\s+)?", RegexOptions.IgnoreCase);

    private static CardPattern Greets => field ??= new(@"^(?:(?:good\s+)?(?:morning|evening|afternoon)\s+(?:all|ladies|everyone|everybody|team|folks|gang|guys|both|gents)\b|(?:good\s+)?(?:morning|evening|afternoon)(?=\s*[!.]|$)|(?:hi|hiya|hello|hey|right|okay)(?=\s*[!,.]|\s+(?:all|there|everyone|team|folks)\b|$)|(?:hi|hiya|hello|hey)\s+[a-z]+$|(?:hi|hiya|hello|hey)\b(?=.*(?:\?|\b(?:pls|please|can\s+you|could\s+you)\b))|(?:dear|thanks|thank you)\b)", RegexOptions.IgnoreCase);

    private static CardPattern When => field ??= new(@"^(?:(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?\b[\s,]*(?:(?:/|&|\+|and)\s*(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?\b\s*)?|(?:lun|mar|mercre|jeu|vendre|same)di\b\s*|dimanche\b\s*|(?:mon|diens|donners|frei|sams|sonn)tag\b\s*|mittwoch\b\s*|(?:lunes|martes|miércoles|jueves|viernes|sábado|domingo)\b\s*)?(?:(?:a\s+las\s+|à\s+|um\s+|alle\s+)?\d{1,2}(?:[.:]\d\d)?\s*(?:h\s?(?:\d\d)?|Uhr)|\d{1,2}(?:[.:]\d\d)?\s*(?:-\s*\d{1,2}(?:[.:]\d\d)?\s*)?(?:[ap]m)|[ap]\.?m\.?|\d{1,2}[.:]\d\d|morning|evening|lunch(?:time)?|(?:week|wk|part|session|lesson|day)\s*\d{1,2}|\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)(?:\s+20\d\d)?|\d{1,2}\.\d{1,2}\.(?:20)?\d\d)?$", RegexOptions.IgnoreCase);

    private static CardPattern BracketedEnd => field ??= new(@"\s*\((?<in>[^()]+)\)$");

    private static CardPattern Bracketed => field ??= new(@"\s*[(\[](?<in>[^()\[\]]+)[)\]]");

    /// <summary>A place at the end of other words, told by its capital or by what stands before it.</summary>
    private static CardPattern PlaceWithin => field ??= new(@"(?<=\d\s*(?:[ap]m)?\s+|\bat\s+)(?<p>(?<=[ap]m\s+)(?:the\s+)?(?:hall|gym|studio|park|beach|loft|club|church|school|field|garden)$|(?:[Tt]he\s+)?(?:(?:St\.?|[A-Z][\w']*)\s+){1,3}(?:[Hh]all|[Gg]ym|[Ss]tudio|[Pp]ark|[Cc]entre|[Cc]enter|[Cc]lub|[Cc]hurch|[Ss]chool|[Pp]avilion|[Gg]reen)\b)");

    /// <summary>“Thursday's session will be 50 minutes”.</summary>
    private static CardPattern SpokenMinutes => field ??= new(@"(?:\b(?:is|be|are|have|got|lasts?|run(?:s|ning)?\s+for|it's)\s+(?:about\s+|only\s+)?|(?<=,\s)(?:about|around)\s+)(?<n>[2-9][05]|1[0-7][05])[\s-]*min(?:ute)?s?\b(?!\s+(?:of|warm|rest|each))", RegexOptions.IgnoreCase);

    /// <summary>“It's at the harbour hall”.</summary>
    private static CardPattern SpokenPlace => field ??= new(@"\b(?:at|in|on)\s+the\s+(?<p>(?:[a-z']+\s+){0,2}(?:hall|gym|studio|park|centre|center|church|school|pavilion|loft|barn|green|field|beach|lawn|terrace|common|woods|car\s+park|parking\s+lot))\b(?=\s*(?:$|[,.;!?)]|at\b|on\b|for\b|please\b))", RegexOptions.IgnoreCase);

    private static CardPattern Please => field ??= new(@"^please\s+|\s+please[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Upper 45”: a number of minutes that a class has.</summary>
    private static CardPattern MinutesBare => field ??= new(@"(?<=^(?:[A-Za-z]+\s\d{1,2}(?:[.:]\d\d)?\s?[ap]m\s)?[A-Za-z][A-Za-z &+'-]{2,30}\s)(?<!\b(?:over|after|past|under|plus|of|at|the|level|week|wk|part|day|no|top|room|studio|session|zone|hall|club|for|yr|year|years|grade|class|form|term|block|phase|age|aged)\s)(?<n>1[05]|[2-9][05])$");

    private static CardPattern FromTill => field ??= new(@"(?<![\d:.])(?<a>\d{1,2})(?:[:.](?<b>[0-5]\d)|(?=\s*(?:[ap]m\s*)?(?:-|to|till)\s*\d{1,2}(?:[:.]\d\d)?\s*[ap]m\b))\s*(?:[ap]m\s*)?(?:-|to|till)\s*(?<c>\d{1,2})(?:[:.](?<d>[0-5]\d)|(?=\s*[ap]m\b))(?![\d:.])");

    private static CardPattern SomeName => field ??= new(@"^[A-Z][a-z]+$");

    /// <summary>A class for seniors by its name; a senior coach is none.</summary>
    private static CardPattern SeniorWhat => field ??= new("^(?:fit(?:ness)?|strength|class|circuits?|stretch|yoga|movers?|mobility|exercise|conditioning|tone|chair|balance|gentle|wellness)$", RegexOptions.IgnoreCase);

    /// <summary>“Strength with mats + DBs”.</summary>
    private static CardPattern WithKit => field ??= new(@"(?:^|\s)(?:w/|with|using)\s*(?<kit>\S.*)$", RegexOptions.IgnoreCase);

    private static CardPattern MinutesAlone => field ??= new(@"^(?:1[05]|[2-9][05])$");

    /// <summary>“Light + medium dumbbells”.</summary>
    private static CardPattern TwoSizes => field ??= new(@"\b(?<a>light|medium|moderate|heavy)\s*(?:\+|&|/|and|-)\s*(?<b>light|medium|moderate|heavy)\s+(?<thing>[a-z]+)|\b(?<thing>[a-z]+)\s*\((?<a>light|medium|moderate|heavy)\s*(?:\+|&|/|and|-|,)\s*(?<b>light|medium|moderate|heavy)\)|\b(?<a>light(?:er)?)\s+(?<thing>dbs?|dumb\s?bells?|weights)\s*(?:\+|&|/|and|,)\s*(?:1\s+)?(?:an?other\s+)?(?:(?:sets?|pairs?)\s+(?:of\s+)?)?(?<b>heavier|heavy)(?=\s*(?:$|[,;.]))", RegexOptions.IgnoreCase);

    private static CardPattern GoalSaid => field ??= new(@"^(?:goal|aim|objective)\s*[:-]?\s+(?<g>.+)$", RegexOptions.IgnoreCase);

    private static CardPattern FocusWord => field ??= new(@"^(?:focus(?:\s+on)?|target)\s+|\s+(?:focus|day)$", RegexOptions.IgnoreCase);

    private static CardPattern SpokenNeed => field ??= new(@"\b(?:(?:small|little|tight) space|(?<ground>(?:nothing|nobody|no[\s-]?one|none\s+of\s+them|not)\s+(?:(?:gets?|goes|going|lies|can\s+(?:get|go|lie)|will\s+(?:get|go)|wants\s+to\s+(?:get|go|lie))\s+(?:down\s+)?)?(?:on|onto|to)\s+the\s+floor)|dizzy|(?:post|ante|pre)[\s-]?natal|(?<ground>(?:all|everything)(?:\s+is|'s)?\s+standing|standing\s+only|(?:don't|doesn't|do\s+not|won't|can't|cannot|cant|struggles?\s+to|unable\s+to|not\s+able\s+to|hard\s+to|hate)\s+(?:get(?:ting)?|go(?:ing)?|lie|lying)\s+(?:up\s+(?:and\s+)?)?(?:down\s+)?(?:to|on|onto|from|off)\s+(?:the\s+)?floor|(?:get(?:ting)?\s+)?up\s+(?:from|off)\s+the\s+floor\s+(?:is|are)\s+(?:hard|tricky|difficult))|(?:nothing|not)\s+(?:too\s+)?(?:jumpy|bouncy)|avoid (?:jumping|jumps|impact|kneeling)|no (?:jump(?:s|ing)?|impact|floor(?: work)?|kit|equipment|kneeling)|low[\s-]impact|can(?:'t|not|t) (?:get|go) (?:down|to the floor|on the floor)|not\s+for\s+(?:her|his|[a-z]+'s)\s+(?:(?:left|right|bad|sore)\s+)?(?<part>" + Joint + @")|no\s+(?<part>wrists)(?=\s*[.,;!)]|\s*$)|(?:arthritis|pain|trouble|problems?)\s+in\s+(?:(?:her|his|their|the|both)\s+)?(?<part>hands?|fingers?|thumbs?)|high\s+bp|because\s+of\s+(?:her|his|their|the|an?|[a-z]+'s)\s+(?:(?:left|right|lower|bad|sore|dodgy)\s+)*(?<part>" + Joint + @")|(?:arthritis|arthritic|pain|niggles?|trouble|problems?|injur(?:y|ies)|surgery|an?\s+op(?:eration)?)\s+(?:in|on|with|to)\s+(?:(?:her|his|their|the|both|one|my)\s+)?(?:(?:left|right|lower)\s+)?(?<part>" + Joint + @")|(?:bad|sore|dodgy|painful|stiff|weak|wonky|injured|frozen|arthritic|creaky|achy|aching|swollen|strained|sprained|torn|pulled|twisted|broken|fractured)\s+(?:(?:left|right|lower)\s+)?(?<part>" + Joint + @")|(?:mind|watch|protect|spare|remember|careful\s+(?:with|of)|easy\s+on|look\s+after):?\s+(?:[a-z]+'s|her|his)\s+(?:(?:left|right|lower)\s+)?(?<part>" + Joint + @")|mind\s+(?:the|those)\s+(?<part>" + Joint + @")(?=.{0,30}\b(?:has|had|have|is|are|got)\b)|(?<!\b(?:if|when|where|case)\s+(?:(?:the|your|their|any)\s+)?)(?<part>" + Joint + @")\s+(?:(?:is|are|still|a\s+bit|really|quite|very)\s+)*(?:bad|sore|dodgy|painful|stiff|weak|wonky|injured|playing\s+up|hurts?|hurting|aching|not\s+(?:great|good|right))\b(?!\s+(?:(?:left|right|lower)\s+)?" + Joint + @")|(?<part>" + Joint + @")\s+(?:injur(?:y|ies)|problems?|issues?|pain|trouble|replacements?|surgery|ops?|operations?|niggles?|thing\s+going\s+on|arthritis|complaints?|conditions?)|(?:(?:keep|stay|get|weight)\s+off|no\s+(?:weight|load|pressure)\s+(?:on|through)|nothing\s+(?:on|through)|go\s+easy\s+on|spare)\s+(?:the\s+|your\s+|their\s+|her\s+|his\s+|those\s+|any\s+|that\s+|my\s+)?(?:(?:left|right|bad|sore|lower)\s+)*(?<part>" + Joint + @")(?!\s+(?:row|press|raise|extension|drive|lift|squat|lunge|day|work))|(?<over>no(?:thing)?\s+overhead)(?:\s+(?:work|pressing|presses|lifting|moves|stuff))?|(?<part>" + Joint + @")[\s-](?:friendly|safe)|(?:kind|gentle)\s+(?:to|on|for)\s+(?:the\s+|your\s+|their\s+|everyone's\s+)?(?<part>" + Joint + @")|(?:weak|bad|mind\s+(?:the|your|their)|careful\s+(?:with|of)(?:\s+(?:the|your))?|protect\s+(?:the|your)|watch\s+(?:the|your)|spare\s+(?:the|your)|pressure\s+on(?:\s+the)?|load\s+on(?:\s+the)?|easy\s+on(?:\s+the)?|kind\s+to(?:\s+the)?)\s+(?<pelvic>pelvic[\s-]floors?)|(?<pelvic>pelvic[\s-]floors?)[\s-](?:friendly|safe|issues?|problems?|trouble|pain|weakness|niggles?|aware|surgery|injur(?:y|ies))|prolapse|pregnant|pregnancy|(?:high\s+)?blood\s+pressure|hypertension|osteoporosis|vertigo|(?:can't|cannot|can not|cant|not able to)\s+(?:do\s+)?(?:anything\s+)?kneel(?:ing)?(?:\s+down)?|new\s+(?:hips?|knees?)|(?<seat>seated(?=\s+(?:[a-z]+\s+){0,2}(?:class|session)\b)|(?:all|everyone|everybody)\s+(?:is\s+|stays\s+|sits?\b|seated)(?:seated|sitting)?|(?<=\b(?:\d{1,2}|one|two|three|some)\s+)(?:must\s+|need(?:s)?\s+to\s+)?(?:stays?|remains?|be)\s+(?:seated|sitting)|(?:must|need(?:s)?\s+to)\s+(?:stay|remain|be)\s+(?:seated|sitting))|wheelchairs?)\b", RegexOptions.IgnoreCase);

    /// <summary>“Una's knees”: whose they are.</summary>
    private static CardPattern OwnJoint => field ??= new(@"(?<!\S)(?!(?:today|tonight|tomorrow|let|that|it|here|there|who|what|this|child|[a-z]+day)'s)(?-i:[A-Z])[a-z]+'s\s+(?:(?:left|right|bad|sore)\s+)?(?<part>knees?|wrists?|shoulders?|hips?|necks?)(?=\s*[.,;!)]|\s*$)", RegexOptions.IgnoreCase);

    private const string Joint = "(?:knees?|wrists?|ankles?|elbows?|backs?(?!\\s+(?:knees?|legs?|foot|feet|heels?|arms?)\\b)|shoulders?|hips?|necks?)";

    private static CardPattern Topic => field ??= new(@"\b(?:strength|class|circuits?|conditioning|session|workout|blast|burn|hour|day|hypertrophy|express|super\s?sets?|sets|intervals?|ladders?|pyramids?|tabata|hiit|emom|amrap|(?:mon|tues|wednes|thurs|fri|satur|sun)days?|(?<=^)(?:mon|tues?|weds?|thu(?:rs?)?|fri|sat|sun)(?=\s))\b|\b\d+\s*x\s*\d+\b|(?<!\d)\d{1,2}(?:[.:]\d\d)?\s*[ap]m\b|(?<=\w)\s+[a-d1-9]$", RegexOptions.IgnoreCase);

    private static CardPattern SomePlace => field ??= new(@"^(?:the\s+)?(?:[a-z'.]+\s+){0,3}(?:hall|(?<=scout\s)hut|gym(?:\s+floor)?|studio(?:\s+\w)?|park|beach|centre|center|club|church|school|pavilion|green|field|playground|garden|loft|barn|terrace|lawn|common|woods|parking\s+lot|court|lodge|rec|pitch|annexe?|(?<=(?:care|nursing|residential)\s)home|(?<=(?:community|function|church|village)\s)rooms?|(?<=fire\s)station)$|^(?:outdoors?|outside|at\s+home|home|online|zoom|indoors|(?:room|hall|court)\s+\w)$", RegexOptions.IgnoreCase);

    private static CardPattern InThe => field ??= new(@"^(?:in|at|on)\s+(?:the\s+)?", RegexOptions.IgnoreCase);

    private static CardPattern LoadWord => field ??= new("^(?:light(?:er)?|heav(?:y|ier)|medium|moderate)$", RegexOptions.IgnoreCase);

    /// <summary>How a message to a friend ends.</summary>
    private static CardPattern Kisses => field ??= new(@"\s+x{1,3}$", RegexOptions.IgnoreCase);

    /// <summary>A day with its hour, on a line of its own.</summary>
    private static CardPattern WhenAlone => field ??= new(@"^(?:mon|tues?|wed(?:s|nes)?|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:day)?s?\b[\s,]*(?:\d{1,2}(?:[.:]\d\d)?\s*[ap]m|\d{1,2}[.:]\d\d)$", RegexOptions.IgnoreCase);

    /// <summary>Where a place ends and something else is said.</summary>
    private static CardPattern BehindPlace => field ??= new(@"\s*(?:[,;(]|\.\s|\s-\s)");

    /// <summary>What any plan is called.</summary>
    private static CardPattern Generic => field ??= new(@"^(?:lesson|session|class)\s+plan$|^plan$|^(?:week|wk|day|session)\s*[0-9]{1,2}(?:\s+of\s+[0-9]{1,2})?$", RegexOptions.IgnoreCase);

    /// <summary>What joined words to a need that has been taken out of them.</summary>
    private static CardPattern LooseEnds => field ??= new(@"^(?:\s|[,;:.!+&/()-]|\band\b|\bwith\b)+|(?:\s|[,;:&/()-]|(?<!\d)\+|\band\b|\bwith\b)+$", RegexOptions.IgnoreCase);

    /// <summary>What says nothing beside a need: “low impact only please”.</summary>
    private static CardPattern Filler => field ??= new(@"^(?:(?:only|please|pls|needed|required|today|tonight)[\s.!]*)+$", RegexOptions.IgnoreCase);

    /// <summary>“One”, “3 with”: how many somebody is of whom a need is told.</summary>
    private static CardPattern CountAlone => field ??= new(@"^(?:\d{1,2}|one|two|three|four|some|a\s+few|a\s+couple)(?:\s+(?:with|of\s+them|have|has|is|are|an?))*$", RegexOptions.IgnoreCase);

    private static CardPattern OnlyNumber => field ??= new(@"^(?:up to|about|max|approx\.?)?\s*(?<n>\d{1,4})\s*(?:minutes?|mins?|'|people|ppl)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Full body 45 min”: how long, at the end of a title.</summary>
    private static CardPattern LengthBehind => field ??= new(@"\s*[,(-]?\s*\b(?<n>[0-9]{2,3})\s*min(?:ute)?s?\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Beginners class, 14 of them”: people, where nothing else says how many.</summary>
    private static CardPattern SoManyOfThem => field ??= new(@"(?<!\b(?:stations?|exercises|moves|rounds|blocks|sets)\b.{0,12})(?<=(?:^|[,;(-]\s*))(?<n>\d{1,3})\s+of\s+(?:them|us)(?=\s*(?:$|[,;.)]|booked|coming|today|tonight))", RegexOptions.IgnoreCase);

    /// <summary>“Pre & post natal”: both of them.</summary>
    private static CardPattern BeforeAndAfter => field ??= new(@"\b(?:pre|ante)[\s-]*(?:&|and|\+|/)\s*post[\s-]?natal\b", RegexOptions.IgnoreCase);

    /// <summary>“… (45)” behind a title.</summary>
    private static CardPattern MinutesInBrackets => field ??= new(@"(?<=[a-z]\s*)\((?<n>30|35|40|45|50|55|60|75|90)\)$", RegexOptions.IgnoreCase);

    private static CardPattern AtSign => field ??= new(@"^@\s*");

    /// <summary>“Upper / lower split”: words of one name.</summary>
    private static CardPattern SlashedTitle => field ??= new(@"^[a-z][a-z' &+-]{2,24}(?:\s+/\s+[a-z][a-z' &+-]{2,24}){1,3}$", RegexOptions.IgnoreCase);

    private static CardPattern SomePeople => field ??= new(@"^(?<n>[4-9]|[1-4][0-9])$");
}
