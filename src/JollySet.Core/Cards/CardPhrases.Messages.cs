using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>How people speak of a class in a message: what comes first, what then, who comes, how it ends.</content>
internal static partial class CardPhrases
{
    /// <summary>How a message says what comes first.</summary>
    public static CardPattern StartsWith => field ??= new(@"^(?:I|we)(?:'ll|\s+will)?\s+warm\s+(?:(?:you|them|everyone|us)\s+up|up)(?:\s+for\s+(?:about\s+)?(?<t>(?:\d{1,2}|two|three|four|five|six|eight|ten)\s*min(?:ute)?s?))?\s+with\s+(?:some\s+)?(?<what>[a-z].*?)\.?$|^(?:(?:we(?:'ll)?|I|please)\s+)?(?:usually\s+)?(?:starts?|begins?|opens?|kicks?)(?:\s+(?:them|us|it|everyone|everybody|the\s+class))?(?:\s+off)?\s+with\s+(?:a\s+few\s+|some\s+|an?\s+(?=\d|warm))?(?:(?:about\s+)?(?<t>(?:\d{1,2}|two|three|four|five|six|seven|eight|ten)\s*min(?:ute)?s?)\s+(?:of\s+)?)?(?<what>[a-z].*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>How a message names the class it is about.</summary>
    public static CardPattern ClassCalled => field ??= new(@"^(?:(?:so|right|ok|this\s+is)[\s,]+)*(?:the\s+)?(?<t>(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|tonight|tomorrow|today|next\s+week)(?:'s|s')?\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout|circuits?))\s+(?:is|will|has)\b|^(?:so\s+)?(?<t>(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:'s|s')\s+plan)\b|\b(?:cover|take|teach|run|do)\s+(?:my|the)\s+(?<t>(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:'s|s')?(?:\s+\d{1,2}(?:[.:]\d\d)?\s*[ap]m)?\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout|circuits?))\b|\bhere(?:'s|\s+is|\s+are)\s+(?:the\s+)?(?<t>(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:(?:'s|s')?(?:\s+[a-z-]+){1,2}|))\s*:?$|\b(?:take|cover|teach|run)\s+(?:my|the|our)\s+(?<t>(?:[a-z-]+\s+){1,2}(?:class|session|workout))\b|^(?<t>class\s+for\s+(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b(?=\s*[:,])|\b(?:it's|its|this\s+is|thinking(?:\s+of)?|doing|teaching|planning|fancy)\s+(?:about\s+)?(?:my|our|the|an?)\s+(?:(?:usual|nice|simple|regular|normal|quick|short|easy|little|proper|good|new|\d{1,3}[\s-]?min(?:ute)?s?|(?:half|one)[\s-]hour|hour)\s+)*(?<t>(?:[a-z-]+\s+){1,3}?(?:class|session|workout))\b|^(?:ladies|everyone|team|all|guys|folks)\s*[,!]\s*(?<t>(?:tonight|today|tomorrow)'s\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout))\b|\bplan\s+(?:is\s+)?for\s+(?<t>(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|tonight|tomorrow|today|next\s+week)(?:'s|s')?\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout|circuits?))\b", RegexOptions.IgnoreCase);

    /// <summary>“Finish off with a two minute plank”.</summary>
    public static CardPattern FinishesOn => field ??= new(@"^(?:(?:then|and|to)\s+)*(?:we(?:'ll|\s+will)?\s+)?(?:finish|end|close)(?:\s+(?:off|up|it))?\s+(?:with|on)\s+(?<what>[a-z0-9].*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“…, and a stretch”.</summary>
    public static CardPattern AndStretch => field ??= new(@"^(?<a>.*?\d.*?),?\s+(?:and|then|\+|&)\s+(?:then\s+)?(?:an?\s+)?(?:quick\s+|final\s+|good\s+|long\s+|nice\s+)?(?<b>stretch(?:ing)?|cool[\s-]?down)[.!]*$", RegexOptions.IgnoreCase);

    public static CardPattern Challenge => field ??= new(@"\s+challenge\b", RegexOptions.IgnoreCase);

    /// <summary>“Some hip openers”, “a plank”.</summary>
    public static CardPattern SomeOf => field ??= new(@"^(?:some|an?|a\s+few|a\s+bit\s+of|a\s+couple\s+of|a\s+quick)\s+(?=[a-z0-9])", RegexOptions.IgnoreCase);

    /// <summary>A name and how often it is done.</summary>
    public static CardPattern ForSoMany => field ??= new(@"(?<=^|[,:]\s+|\band\s+)(?<name>[a-z][a-z' -]*?)\s+for\s+(?:(?<n>\d{1,3})(?<reps>\s*reps)|(?<n>\d|1\d|20)|(?<long>[3-9]\d))(?=\s*(?:$|[,.;]|\band\b|\b(?:each|per|a)\s+(?:side|leg|arm)\b))", RegexOptions.IgnoreCase);

    /// <summary>How often, and a time.</summary>
    public static CardPattern SetsAndTime => field ??= new(@"^(?<n>[2-9]|10)\s*(?<w>sets|rounds|rds|laps)\s*[,/@-]?\s*(?<t>\d{2,3}\s*(?:s|secs?|seconds?|""))\.?$", RegexOptions.IgnoreCase);

    /// <summary>Which of the moves above, by their numbers, are done once more.</summary>
    public static CardPattern RepeatRange => field ??= new(@"^(?:repeat|again)\s+(?:nos?\.?\s*|numbers?\s+|exercises?\s+|moves?\s+|stations?\s+)?(?<a>[1-9]\d?)\s*(?:-|to)\s*(?<b>[1-9]\d?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>A rest that everybody measures for themselves.</summary>
    public static CardPattern AsNeeded => field ??= new(@"\bas\s+(?:long|much|short|little)\s+(?:an?\s+|of\s+an?\s+)?(?:rest|break|breather)\b|\brest\s+as\s+(?:long|much|needed|required)\b|\brest\s+when(?:ever)?\b", RegexOptions.IgnoreCase);

    /// <summary>A word of how heavy, before the name.</summary>
    public static CardPattern LoadBefore => field ??= new(@"^(?:heavy|light|medium|moderate)\s+", RegexOptions.IgnoreCase);

    /// <summary>Minutes of all that is named before them.</summary>
    public static CardPattern ForMinutes => field ??= new(@"\s+for\s+(?:about\s+)?(?<t>\d{1,2}\s*min(?:ute)?s?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Start with 5 mins mobility”, wherever it is written.</summary>
    public static CardPattern StartsLine => field ??= new(@"^(?:we\s+)?start(?:ing)?\s+with\s", RegexOptions.IgnoreCase);

    /// <summary>“Before it we do back squats”.</summary>
    public static CardPattern BeforeThat => field ??= new(@"^before\s+(?:it|that|this)\b,?\s+\S", RegexOptions.IgnoreCase);

    /// <summary>What comes first, wherever it is written.</summary>
    public static CardPattern ComesFirst => field ??= new(@"\b(?:first|beforehand|before\s+that|before\s+(?:you|we|they)\s+start|to\s+start|(?<=^)start(?:ing)?\s+with|warm(?:ing)?[\s-]?up\s+(?:is|was|will\s+be))\b", RegexOptions.IgnoreCase);

    /// <summary>How a message says what comes last.</summary>
    public static CardPattern FinishesWith => field ??= new(@"^(?:(?:then|and)\s+)?(?:finish|end|close)(?:\s+(?:off|it))?\s+with\s+(?:a\s+few\s+|some\s+)?(?<w>stretch(?:es|ing)?|stretching\s+out)\s*(?:\s-\s|[,(])\s*(?<what>[a-z].*?)\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>How it runs and what is done, joined by a word: “three rounds of 45 s work and 15 s rest with squats, plank and jacks”.</summary>
    public static CardPattern WithMoves => field ??= new(@"^(?<how>[^:]*(?:\d|\b(?:one|two|three|four|five|six|eight|ten)\b)[^:]*?)\s+(?:with|of|doing)\s+(?<items>[a-z\d][^:]*(?:,|\s+and\s+)[^:]*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“3 sets of each superset”.</summary>
    public static CardPattern OfEachBelow => field ??= new(@"\b(?:of|for|per|on)\s+(?:each|every|all(?:\s+the)?)\s+(?:pair|super\s?-?set|tri-?set|giant\s+set|couplet)s?\b", RegexOptions.IgnoreCase);

    public static CardPattern TabataThen => field ??= new(@"^(?<h>(?:[a-z]+\s+)?(?:\d{1,2}\s*(?:m|mins?|minutes?|')\s+)?)(?<w>tabata)\s+(?:of\s+)?(?<name>[a-z][a-z' -]{2,40})$|^(?<name>[a-z][a-z' -]{2,40}?)(?<h>),?\s+(?<w>tabata)(?:[\s-]+style)?$", RegexOptions.IgnoreCase);

    /// <summary>A word, what stands beside it, and how it runs behind a colon.</summary>
    public static CardPattern NamedHow => field ??= new(@"^(?<name>[a-z]+(?:\s+[a-z]+)?)\s*,\s*(?<more>[a-z][^:\d]{2,40}):\s*(?<how>\d[^:]*)$", RegexOptions.IgnoreCase);

    /// <summary>“Same 5 moves each set, twice through:”.</summary>
    public static CardPattern SameMovesEach => field ??= new(@"^(?:the\s+|all\s+the\s+)?same\s+(?:\d{1,2}\s+)?(?:moves|exercises|stations)\b(?:\s+(?:in|for)?\s*(?:each|every|all)(?:\s+(?:set|round|block|circuit|part|time)s?)?)?\s*[,:-]?\s*(?<how>[^:]*?)\s*(?::\s*(?<more>\S.*)?)?$", RegexOptions.IgnoreCase);

    /// <summary>So many rounds of names with a count behind each, nothing between them.</summary>
    public static CardPattern RowOfCounts => field ??= new(@"^(?<n>[2-9])\s*(?:x|rounds?\s*(?:of)?|rds?)\s*:?\s+(?<item>[a-z][a-z' -]*?\s+x?\d{1,3}(?:\s*(?:es|e/s|each(?:\s+(?:side|leg|arm))?|per\s+(?:side|leg|arm)|/side))?\s*,?\s+){1,8}(?<item>[a-z][a-z' -]*?\s+x?\d{1,3}(?:\s*(?:es|e/s|each(?:\s+(?:side|leg|arm))?|per\s+(?:side|leg|arm)|/side))?)(?:\s+(?:rest\s+)?(?<t>\d{2,3}\s*(?:s|secs?)|[1-3]\s*min))?$", RegexOptions.IgnoreCase);

    /// <summary>A count that is said to be one.</summary>
    public static CardPattern TimesSign => field ??= new(@"\bx\s*\d|\d\s*(?:x|reps?|times)\b", RegexOptions.IgnoreCase);

    public static CardPattern HeadThenRoundsOf => field ??= new(@"^(?<h>[^:]{3,30}):\s*(?<pre>[^:]*,)\s*(?<n>\d{1,2}|two|three|four|five|six)\s+rounds?\s+of\s+(?<items>[a-z\d][^:]*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“L1 squat / L2 goblet squat / L3 jump squat”: the one in the middle, and its ways.</summary>
    public static CardPattern ThreeLevels => field ??= new(@"^(?:L|Lv|level)\s?1\s*[:=-]?\s+(?<a>[a-z][^/|;]*?)\s*[/|;,]\s*(?:L|Lv|level)\s?2\s*[:=-]?\s+(?<b>[a-z][^/|;]*?)(?:\s*[/|;,]\s*(?:L|Lv|level)\s?3\s*[:=-]?\s+(?<c>[a-z][^/|;]*?))?$", RegexOptions.IgnoreCase);

    /// <summary>“Balance 4 mins”.</summary>
    public static CardPattern NamedMinutes => field ??= new(@"^[a-z]+(?:\s+[a-z]+)?\s*[,(-]?\s*\d{1,2}\s*(?:mins?|minutes?|')\)?$", RegexOptions.IgnoreCase);

    /// <summary>A bare number as long as a rest behind a name.</summary>
    public static CardPattern NumberAtEnd => field ??= new(@"\s+(?<n>30|45|60|75|90|120|150|180)$");

    public static CardPattern ToGetWarm => field ??= new(@"\s+to\s+(?:get|warm|start|loosen|wake)\s+(?:[a-z']+\s*){1,4}\.?$", RegexOptions.IgnoreCase);

    /// <summary>What A does, and what B.</summary>
    public static CardPattern OneOrOther => field ??= new(@"^(?:A|P1|partner\s+(?:A|1|one))\s*[:=)-]\s*(?<a>[a-z0-9][^:/;]{2,40}?)\s*[/;,]?\s+(?:B|P2|partner\s+(?:B|2|two))\s*[:=)-]\s*(?<b>[a-z0-9][^:/;]{2,40})$", RegexOptions.IgnoreCase);

    public static CardPattern WithWord => field ??= new(@"^with\s+(?=an?\s|\d|no\b)", RegexOptions.IgnoreCase);

    /// <summary>A word that goes on, and an article behind it.</summary>
    public static CardPattern AfterThat => field ??= new(@"^(?:after\s+that|then|next|and|finally)\s*,?\s+(?:we\s+(?:do|have)\s+)?(?:an?\s+)?(?=\d|tabata\b)", RegexOptions.IgnoreCase);

    /// <summary>How hurried it is.</summary>
    public static CardPattern TakesTime => field ??= new(@"^(?:no\s+(?:rush|hurry)|take\s+(?:your|their)\s+time|(?:at\s+|go\s+at\s+)?(?:your|their)\s+own\s+pace|nice\s+and\s+(?:slow|steady|easy)|(?:slow\s+and\s+)?(?:steady|controlled)(?:\s+pace)?|keep\s+moving|(?:good|perfect)\s+form|easy\s+pace|quality\s+(?:over\s+quantity|reps))$", RegexOptions.IgnoreCase);

    /// <summary>Words of a sentence that lead on and say nothing of a class.</summary>
    public static CardPattern SaysNothing => field ??= new(@"\b(?:it's|that's|we're|we'll|i'll|you'll|let's|i've|we've|i|we|you|they|us|them|it|that|this|these|those|everyone|everybody|is|are|be|was|has|have|got|do|does|doing|done|did|was|were|had|go|goes|going|get|let|will|can|gonna|want|start|starts|starting|finish|finishing|end|ending|move|moving|on|onto|into|in|out|up|to|at|by|of|off|for|from|with|without|through|the|a|an|some|few|couple|normally|usually|always|generally|roughly|maybe|probably|basically|actually|really|total|altogether|each\s+time|bit|bits|little|lot|lots|quick|nice|simple|easy|good|great|proper|just|only|about|around|round|so|then|now|next|after|afterwards|before|first|second|third|last|final|finally|again|and|but|or|all|as|each|both|our|your|my|their|there|here|ok|right|well|also|plus|more|exercises?|moves?|stuff|things?|followed|straight|back|time|times|through|comes?|made|consists?|includes?|including|includes|called|like|using|repeat|keep|make|work|working|way|part|bit|mainly|mostly)\b", RegexOptions.IgnoreCase);

    /// <summary>How a message ends.</summary>
    public static CardPattern SignsOff => field ??= new(@"^(?:(?:all\s+|well\s+)?done|the\s+end|smash(?:ed)?\s+it|good\s+(?:job|work)|(?:many\s+)?thanks|thank\s+you|cheers|ta|see\s+you|good\s+luck|have\s+fun|enjoy|love|best(?:\s+wishes)?|x{1,4})(?=$|[\s,!.])(?:(?!\d).){0,30}$", RegexOptions.IgnoreCase);

    /// <summary>How somebody speaks before saying how a block runs.</summary>
    public static CardPattern WeDo => field ??= new(@"^(?:so\s+)?(?:then\s+)?(?:we|I|let)(?:'ll|\s+will|'re\s+going\s+to|'s)\s+(?:then\s+)?(?:do|be\s+doing|have|go\s+for)\s+(?=(?:\d|an?\b|one|two|three|four|five|six|eight|ten|twenty|thirty|forty|sixty))", RegexOptions.IgnoreCase);

    /// <summary>A word before what a message is about.</summary>
    public static CardPattern PlanIs => field ??= new(@"^(?:the\s+)?(?:plan|session|today|tonight|tomorrow|programme|program)\s*:\s*(?=\S)", RegexOptions.IgnoreCase);

    /// <summary>A sentence as it is spoken, no title.</summary>
    public static CardPattern IsSpoken => field ??= new(@"\b(?:I|I'll|I'm|we|we'll|let's|because|(?:can|could|would|will)\s+you)\b|\b(?:is|are)\b.*[.:]\s*$", RegexOptions.IgnoreCase);

    /// <summary>Somebody speaking about what comes below, without a number and without naming it.</summary>
    public static CardPattern SpeaksOf => field ??= new(@"^(?:they|we|you|i|he|she|everyone|everybody|here(?:'s|\s+is|\s+are)?|this\s+is|these\s+are|that's|it's)\b(?!\s+(?:will\s+)?need\b)[^\d:]*:$", RegexOptions.IgnoreCase);

    public static CardPattern RepeatBoth => field ??= new(@"^(?:then\s+|and\s+)?(?:repeat|do)\s+both(?:\s+(?:of\s+(?:them|those)|rounds|circuits|blocks|sets|parts))?(?:\s+(?:again|once\s+more|one\s+more\s+time))?[.!]?$", RegexOptions.IgnoreCase);

    public static CardPattern RepeatAgain => field ??= new(@"^(?:then\s+)?(?:repeat|redo|do\s+(?:it|this|that)|go\s+through\s+(?:it|this|that))\b", RegexOptions.IgnoreCase);

    /// <summary>A word that only says what comes next.</summary>
    public static CardPattern NextWord => field ??= new(@"^(?:then|next|and|finally|to\s+finish|finish\s+(?:off\s+)?with(?=\s+(?:an?\s+)?\d))\b[,:]?\s+", RegexOptions.IgnoreCase);

    /// <summary>What goes on from a part before it: a part of its own.</summary>
    public static CardPattern GoesOn => field ??= new(@"^(?:then|next|now|after that|to finish|finish(?:ing)?\s+(?:off\s+)?with|finally|lastly)\b", RegexOptions.IgnoreCase);

    /// <summary>“Hi, classes for the week:”.</summary>
    public static CardPattern Announces => field ??= new(@"^(?:hi|hiya|hello|hey|dear|morning|evening|here\s+are|these\s+are)\b[^0-9:]{0,40}\b(?:class(?:es)?|sessions?|workouts?|plans?)\b[^0-9:]{0,30}:?$", RegexOptions.IgnoreCase);

    /// <summary>Who teaches, what is played, who is new: about the class, and no title, block or move of it.</summary>
    public static CardPattern AboutClass => field ??= new(@"^(?:(?:instructor|coach|teacher|trainer|taught\s+by|led\s+by|music|playlist|tunes|soundtrack)\b\s*(?::|-|\s(?=\S))\s*\S.{0,60}$|cover(?:ing)?\s+for\s+[a-z]+\s*$|(?:\d{1,2}|one|two|three|some|a\s+few)\s+(?:new|extra)\s+(?:people|faces|members|starters|ladies|ones|folk|joiners)\b.{0,40}$|(?:so\s+|ok\s+|right\s+)?(?:(?:I'm|I\s+am|we're|I\s+was)\s+(?:thinking|planning|going\s+(?:for|with))|I\s+(?:fancy|thought))\b[^:\d]{0,70}$)", RegexOptions.IgnoreCase);

    /// <summary>“Change sides” on a line of its own.</summary>
    public static CardPattern ChangeSides => field ??= new(@"^(?:then\s+)?(?:swap|change|switch)\s+(?:sides?|legs?|arms?)(?:\s+(?:and|then|&)\s+repeat)?[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Avoid shoulders creeping up”: a cue, and no move.</summary>
    public static CardPattern CueAlone => field ??= new(@"^(?:avoid|don'?t|do\s+not|make\s+sure|remember\s+to|keep\s+(?:your|their|the))\s+[a-z][^\d:]{3,}$", RegexOptions.IgnoreCase);

    /// <summary>“… squats x10 each” at the end of a list.</summary>
    public static CardPattern CountEach => field ??= new(@"(?:x\s*)?\d{1,3}\s*(?:reps\s+)?each\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Swings 15 times”.</summary>
    public static CardPattern SoManyTimes => field ??= new(@"^(?<name>[a-z][a-z' -]+?),?\s+(?<n>[5-9]|\d{2})\s+times$", RegexOptions.IgnoreCase);

    /// <summary>“Rest 1 min (march)”: a rest, and what is done in it.</summary>
    public static CardPattern RestDoing => field ??= new(@"^(?<rest>rest\s*:?\s*\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\s*\((?<m>[a-z][^()]{2,40})\)$", RegexOptions.IgnoreCase);

    /// <summary>“Watch: Odile's knee”: what is to be minded, and no title.</summary>
    public static CardPattern ToMind => field ??= new(@"^(?:watch(?:\s+out)?|mind|careful|caution|nb|n\.b\.|warning|remember|health|injur(?:y|ies)|limits?)\b", RegexOptions.IgnoreCase);

    /// <summary>Who comes, on a line of its own behind the blocks.</summary>
    public static CardPattern WhoComes => field ??= new(@"^\d{1,3}\s+(?:people|ppl|participants|ladies|women|members|clients)\b", RegexOptions.IgnoreCase);

    /// <summary>A block as it is dictated: its number, its moves, and how they are done.</summary>
    public static CardPattern Dictated => field ??= new(@"^(?:then\s+)?(?<head>(?:block|circuit|part|superset)\s+(?:one|two|three|four|five|six|[1-6]))\s+(?<rest>[a-z][^:]+)$", RegexOptions.IgnoreCase);

    public static CardPattern SameAgainBehind => field ??= new(@",?\s+(?:the\s+)?same\s+(?:again|times|sets|reps|as\s+(?:before|above))\b(?:\s+(?:and\s+)?then)?", RegexOptions.IgnoreCase);

    /// <summary>What says of a list only that it goes on.</summary>
    public static CardPattern TheUsual => field ??= new(@"^(?:the\s+|all\s+the\s+)?usual(?:\s+(?:stuff|things|moves|bits))?$|^etc\.?$|^and\s+so\s+on$|^stuff\s+like\s+that$", RegexOptions.IgnoreCase);

    public static CardPattern ForPair => field ??= new(@"\b(?:(?:in|as)\s+(?:pairs|twos)|pairs|partners?)\b", RegexOptions.IgnoreCase);

    /// <summary>How many parts there will be.</summary>
    public static CardPattern PartsToCome => field ??= new(@"^\d{1,2}\s+(?:circuits?|blocks?|parts?|supersets?|exercises|moves)\.?$", RegexOptions.IgnoreCase);

    public static CardPattern InAll => field ??= new(@"^(?:about\s+|ca?\.?\s+)?(?<n>\d{2,3})\s*(?:mins?|minutes?)\s+(?:in\s+(?:total|all)|all\s+in|altogether|total)\s*(?:[.!]?$|[,;.]\s*(?<more>.+)$)", RegexOptions.IgnoreCase);

    /// <summary>“Main: 2 circuits”.</summary>
    public static CardPattern SaysParts => field ??= new(@"[:-]\s*\d{1,2}\s+(?:circuits|blocks|parts|sections|supersets)\.?$", RegexOptions.IgnoreCase);

    /// <summary>Minutes before what they are of.</summary>
    public static CardPattern MinutesOf => field ??= new(@"^(?<n>[2-9]|[1-9]\d)\s*(?:min(?:ute)?s?|')\s+(?:of\s+)?(?!stations?\b|sets?\b|rounds?\b|blocks?\b|rest\b)(?<what>[a-z][^:,(\d]*?)(?<more>\s*(?:[:(,].*)?)$", RegexOptions.IgnoreCase);

    public static CardPattern Ending => field ??= new(@"\b(?:and|&)\s+stretch(?:es|ing)?\s*$", RegexOptions.IgnoreCase);
}
