using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>How people speak of a class in a message: what comes first, what then, who comes, how it ends.</content>
internal static partial class CardPhrases
{
    /// <summary>How a message says what comes first.</summary>
    [GeneratedRegex(@"^(?:I|we)(?:'ll|\s+will)?\s+warm\s+(?:(?:you|them|everyone|us)\s+up|up)(?:\s+for\s+(?:about\s+)?(?<t>(?:\d{1,2}|two|three|four|five|six|eight|ten)\s*min(?:ute)?s?))?\s+with\s+(?:some\s+)?(?<what>[a-z].*?)\.?$|^(?:(?:we(?:'ll)?|I|please)\s+)?(?:usually\s+)?(?:starts?|begins?|opens?|kicks?)(?:\s+(?:them|us|it|everyone|everybody|the\s+class))?(?:\s+off)?\s+with\s+(?:a\s+few\s+|some\s+|an?\s+(?=\d|warm))?(?:(?:about\s+)?(?<t>(?:\d{1,2}|two|three|four|five|six|seven|eight|ten)\s*min(?:ute)?s?)\s+(?:of\s+)?)?(?<what>[a-z].*?)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex StartsWith();

    /// <summary>How a message names the class it is about.</summary>
    [GeneratedRegex(@"^(?:(?:so|right|ok|this\s+is)[\s,]+)*(?:the\s+)?(?<t>(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|tonight|tomorrow|today|next\s+week)(?:'s|s')?\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout|circuits?))\s+(?:is|will|has)\b|^(?:so\s+)?(?<t>(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:'s|s')\s+plan)\b|\b(?:cover|take|teach|run|do)\s+(?:my|the)\s+(?<t>(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:'s|s')?(?:\s+\d{1,2}(?:[.:]\d\d)?\s*[ap]m)?\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout|circuits?))\b|\bhere(?:'s|\s+is|\s+are)\s+(?:the\s+)?(?<t>(?:mon|tues|wednes|thurs|fri|satur|sun)day(?:(?:'s|s')?(?:\s+[a-z-]+){1,2}|))\s*:?$|\b(?:take|cover|teach|run)\s+(?:my|the|our)\s+(?<t>(?:[a-z-]+\s+){1,2}(?:class|session|workout))\b|^(?<t>class\s+for\s+(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b(?=\s*[:,])|\b(?:it's|its|this\s+is|thinking(?:\s+of)?|doing|teaching|planning|fancy)\s+(?:about\s+)?(?:my|our|the|an?)\s+(?:(?:usual|nice|simple|regular|normal|quick|short|easy|little|proper|good|new|\d{1,3}[\s-]?min(?:ute)?s?|(?:half|one)[\s-]hour|hour)\s+)*(?<t>(?:[a-z-]+\s+){1,3}?(?:class|session|workout))\b|^(?:ladies|everyone|team|all|guys|folks)\s*[,!]\s*(?<t>(?:tonight|today|tomorrow)'s\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout))\b|\bplan\s+(?:is\s+)?for\s+(?<t>(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|tonight|tomorrow|today|next\s+week)(?:'s|s')?\s+(?:[a-z-]+\s+){0,2}(?:class|session|workout|circuits?))\b", RegexOptions.IgnoreCase)]
    public static partial Regex ClassCalled();

    /// <summary>“Finish off with a two minute plank”.</summary>
    [GeneratedRegex(@"^(?:(?:then|and|to)\s+)*(?:we(?:'ll|\s+will)?\s+)?(?:finish|end|close)(?:\s+(?:off|up|it))?\s+(?:with|on)\s+(?<what>[a-z0-9].*?)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex FinishesOn();

    /// <summary>“…, and a stretch”.</summary>
    [GeneratedRegex(@"^(?<a>.*?\d.*?),?\s+(?:and|then|\+|&)\s+(?:then\s+)?(?:an?\s+)?(?:quick\s+|final\s+|good\s+|long\s+|nice\s+)?(?<b>stretch(?:ing)?|cool[\s-]?down)[.!]*$", RegexOptions.IgnoreCase)]
    public static partial Regex AndStretch();

    [GeneratedRegex(@"\s+challenge\b", RegexOptions.IgnoreCase)]
    public static partial Regex Challenge();

    /// <summary>“Some hip openers”, “a plank”.</summary>
    [GeneratedRegex(@"^(?:some|an?|a\s+few|a\s+bit\s+of|a\s+couple\s+of|a\s+quick)\s+(?=[a-z0-9])", RegexOptions.IgnoreCase)]
    public static partial Regex SomeOf();

    /// <summary>A name and how often it is done.</summary>
    [GeneratedRegex(@"(?<=^|[,:]\s+|\band\s+)(?<name>[a-z][a-z' -]*?)\s+for\s+(?:(?<n>\d{1,3})(?<reps>\s*reps)|(?<n>\d|1\d|20)|(?<long>[3-9]\d))(?=\s*(?:$|[,.;]|\band\b|\b(?:each|per|a)\s+(?:side|leg|arm)\b))", RegexOptions.IgnoreCase)]
    public static partial Regex ForSoMany();

    /// <summary>How often, and a time.</summary>
    [GeneratedRegex(@"^(?<n>[2-9]|10)\s*(?<w>sets|rounds|rds|laps)\s*[,/@-]?\s*(?<t>\d{2,3}\s*(?:s|secs?|seconds?|""))\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex SetsAndTime();

    /// <summary>Which of the moves above, by their numbers, are done once more.</summary>
    [GeneratedRegex(@"^(?:repeat|again)\s+(?:nos?\.?\s*|numbers?\s+|exercises?\s+|moves?\s+|stations?\s+)?(?<a>[1-9]\d?)\s*(?:-|to)\s*(?<b>[1-9]\d?)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex RepeatRange();

    /// <summary>A rest that everybody measures for themselves.</summary>
    [GeneratedRegex(@"\bas\s+(?:long|much|short|little)\s+(?:an?\s+|of\s+an?\s+)?(?:rest|break|breather)\b|\brest\s+as\s+(?:long|much|needed|required)\b|\brest\s+when(?:ever)?\b", RegexOptions.IgnoreCase)]
    public static partial Regex AsNeeded();

    /// <summary>A word of how heavy, before the name.</summary>
    [GeneratedRegex(@"^(?:heavy|light|medium|moderate)\s+", RegexOptions.IgnoreCase)]
    public static partial Regex LoadBefore();

    /// <summary>Minutes of all that is named before them.</summary>
    [GeneratedRegex(@"\s+for\s+(?:about\s+)?(?<t>\d{1,2}\s*min(?:ute)?s?)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex ForMinutes();

    /// <summary>“Start with 5 mins mobility”, wherever it is written.</summary>
    [GeneratedRegex(@"^(?:we\s+)?start(?:ing)?\s+with\s", RegexOptions.IgnoreCase)]
    public static partial Regex StartsLine();

    /// <summary>“Before it we do back squats”.</summary>
    [GeneratedRegex(@"^before\s+(?:it|that|this)\b,?\s+\S", RegexOptions.IgnoreCase)]
    public static partial Regex BeforeThat();

    /// <summary>What comes first, wherever it is written.</summary>
    [GeneratedRegex(@"\b(?:first|beforehand|before\s+that|before\s+(?:you|we|they)\s+start|to\s+start|(?<=^)start(?:ing)?\s+with|warm(?:ing)?[\s-]?up\s+(?:is|was|will\s+be))\b", RegexOptions.IgnoreCase)]
    public static partial Regex ComesFirst();

    /// <summary>How a message says what comes last.</summary>
    [GeneratedRegex(@"^(?:(?:then|and)\s+)?(?:finish|end|close)(?:\s+(?:off|it))?\s+with\s+(?:a\s+few\s+|some\s+)?(?<w>stretch(?:es|ing)?|stretching\s+out)\s*(?:\s-\s|[,(])\s*(?<what>[a-z].*?)\)?\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex FinishesWith();

    /// <summary>How it runs and what is done, joined by a word: “three rounds of 45 s work and 15 s rest with squats, plank and jacks”.</summary>
    [GeneratedRegex(@"^(?<how>[^:]*(?:\d|\b(?:one|two|three|four|five|six|eight|ten)\b)[^:]*?)\s+(?:with|of|doing)\s+(?<items>[a-z\d][^:]*(?:,|\s+and\s+)[^:]*?)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex WithMoves();

    /// <summary>“3 sets of each superset”.</summary>
    [GeneratedRegex(@"\b(?:of|for|per|on)\s+(?:each|every|all(?:\s+the)?)\s+(?:pair|super\s?-?set|tri-?set|giant\s+set|couplet)s?\b", RegexOptions.IgnoreCase)]
    public static partial Regex OfEachBelow();

    [GeneratedRegex(@"^(?<h>(?:[a-z]+\s+)?(?:\d{1,2}\s*(?:m|mins?|minutes?|')\s+)?)(?<w>tabata)\s+(?:of\s+)?(?<name>[a-z][a-z' -]{2,40})$|^(?<name>[a-z][a-z' -]{2,40}?)(?<h>),?\s+(?<w>tabata)(?:[\s-]+style)?$", RegexOptions.IgnoreCase)]
    public static partial Regex TabataThen();

    /// <summary>A word, what stands beside it, and how it runs behind a colon.</summary>
    [GeneratedRegex(@"^(?<name>[a-z]+(?:\s+[a-z]+)?)\s*,\s*(?<more>[a-z][^:\d]{2,40}):\s*(?<how>\d[^:]*)$", RegexOptions.IgnoreCase)]
    public static partial Regex NamedHow();

    /// <summary>“Same 5 moves each set, twice through:”.</summary>
    [GeneratedRegex(@"^(?:the\s+|all\s+the\s+)?same\s+(?:\d{1,2}\s+)?(?:moves|exercises|stations)\b(?:\s+(?:in|for)?\s*(?:each|every|all)(?:\s+(?:set|round|block|circuit|part|time)s?)?)?\s*[,:-]?\s*(?<how>[^:]*?)\s*(?::\s*(?<more>\S.*)?)?$", RegexOptions.IgnoreCase)]
    public static partial Regex SameMovesEach();

    /// <summary>So many rounds of names with a count behind each, nothing between them.</summary>
    [GeneratedRegex(@"^(?<n>[2-9])\s*(?:x|rounds?\s*(?:of)?|rds?)\s*:?\s+(?<item>[a-z][a-z' -]*?\s+x?\d{1,3}(?:\s*(?:es|e/s|each(?:\s+(?:side|leg|arm))?|per\s+(?:side|leg|arm)|/side))?\s*,?\s+){1,8}(?<item>[a-z][a-z' -]*?\s+x?\d{1,3}(?:\s*(?:es|e/s|each(?:\s+(?:side|leg|arm))?|per\s+(?:side|leg|arm)|/side))?)(?:\s+(?:rest\s+)?(?<t>\d{2,3}\s*(?:s|secs?)|[1-3]\s*min))?$", RegexOptions.IgnoreCase)]
    public static partial Regex RowOfCounts();

    /// <summary>A count that is said to be one.</summary>
    [GeneratedRegex(@"\bx\s*\d|\d\s*(?:x|reps?|times)\b", RegexOptions.IgnoreCase)]
    public static partial Regex TimesSign();

    [GeneratedRegex(@"^(?<h>[^:]{3,30}):\s*(?<pre>[^:]*,)\s*(?<n>\d{1,2}|two|three|four|five|six)\s+rounds?\s+of\s+(?<items>[a-z\d][^:]*?)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex HeadThenRoundsOf();

    /// <summary>“L1 squat / L2 goblet squat / L3 jump squat”: the one in the middle, and its ways.</summary>
    [GeneratedRegex(@"^(?:L|Lv|level)\s?1\s*[:=-]?\s+(?<a>[a-z][^/|;]*?)\s*[/|;,]\s*(?:L|Lv|level)\s?2\s*[:=-]?\s+(?<b>[a-z][^/|;]*?)(?:\s*[/|;,]\s*(?:L|Lv|level)\s?3\s*[:=-]?\s+(?<c>[a-z][^/|;]*?))?$", RegexOptions.IgnoreCase)]
    public static partial Regex ThreeLevels();

    /// <summary>“Balance 4 mins”.</summary>
    [GeneratedRegex(@"^[a-z]+(?:\s+[a-z]+)?\s*[,(-]?\s*\d{1,2}\s*(?:mins?|minutes?|')\)?$", RegexOptions.IgnoreCase)]
    public static partial Regex NamedMinutes();

    /// <summary>A bare number as long as a rest behind a name.</summary>
    [GeneratedRegex(@"\s+(?<n>30|45|60|75|90|120|150|180)$")]
    public static partial Regex NumberAtEnd();

    [GeneratedRegex(@"\s+to\s+(?:get|warm|start|loosen|wake)\s+(?:[a-z']+\s*){1,4}\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex ToGetWarm();

    /// <summary>What A does, and what B.</summary>
    [GeneratedRegex(@"^(?:A|P1|partner\s+(?:A|1|one))\s*[:=)-]\s*(?<a>[a-z0-9][^:/;]{2,40}?)\s*[/;,]?\s+(?:B|P2|partner\s+(?:B|2|two))\s*[:=)-]\s*(?<b>[a-z0-9][^:/;]{2,40})$", RegexOptions.IgnoreCase)]
    public static partial Regex OneOrOther();

    [GeneratedRegex(@"^with\s+(?=an?\s|\d|no\b)", RegexOptions.IgnoreCase)]
    public static partial Regex WithWord();

    /// <summary>A word that goes on, and an article behind it.</summary>
    [GeneratedRegex(@"^(?:after\s+that|then|next|and|finally)\s*,?\s+(?:we\s+(?:do|have)\s+)?(?:an?\s+)?(?=\d|tabata\b)", RegexOptions.IgnoreCase)]
    public static partial Regex AfterThat();

    /// <summary>How hurried it is.</summary>
    [GeneratedRegex(@"^(?:no\s+(?:rush|hurry)|take\s+(?:your|their)\s+time|(?:at\s+|go\s+at\s+)?(?:your|their)\s+own\s+pace|nice\s+and\s+(?:slow|steady|easy)|(?:slow\s+and\s+)?(?:steady|controlled)(?:\s+pace)?|keep\s+moving|(?:good|perfect)\s+form|easy\s+pace|quality\s+(?:over\s+quantity|reps))$", RegexOptions.IgnoreCase)]
    public static partial Regex TakesTime();

    /// <summary>Words of a sentence that lead on and say nothing of a class.</summary>
    [GeneratedRegex(@"\b(?:it's|that's|we're|we'll|i'll|you'll|let's|i've|we've|i|we|you|they|us|them|it|that|this|these|those|everyone|everybody|is|are|be|was|has|have|got|do|does|doing|done|did|was|were|had|go|goes|going|get|let|will|can|gonna|want|start|starts|starting|finish|finishing|end|ending|move|moving|on|onto|into|in|out|up|to|at|by|of|off|for|from|with|without|through|the|a|an|some|few|couple|normally|usually|always|generally|roughly|maybe|probably|basically|actually|really|total|altogether|each\s+time|bit|bits|little|lot|lots|quick|nice|simple|easy|good|great|proper|just|only|about|around|round|so|then|now|next|after|afterwards|before|first|second|third|last|final|finally|again|and|but|or|all|as|each|both|our|your|my|their|there|here|ok|right|well|also|plus|more|exercises?|moves?|stuff|things?|followed|straight|back|time|times|through|comes?|made|consists?|includes?|including|includes|called|like|using|repeat|keep|make|work|working|way|part|bit|mainly|mostly)\b", RegexOptions.IgnoreCase)]
    public static partial Regex SaysNothing();

    /// <summary>How a message ends.</summary>
    [GeneratedRegex(@"^(?:(?:all\s+|well\s+)?done|the\s+end|smash(?:ed)?\s+it|good\s+(?:job|work)|(?:many\s+)?thanks|thank\s+you|cheers|ta|see\s+you|good\s+luck|have\s+fun|enjoy|love|best(?:\s+wishes)?|x{1,4})(?=$|[\s,!.])(?:(?!\d).){0,30}$", RegexOptions.IgnoreCase)]
    public static partial Regex SignsOff();

    /// <summary>How somebody speaks before saying how a block runs.</summary>
    [GeneratedRegex(@"^(?:so\s+)?(?:then\s+)?(?:we|I|let)(?:'ll|\s+will|'re\s+going\s+to|'s)\s+(?:then\s+)?(?:do|be\s+doing|have|go\s+for)\s+(?=(?:\d|an?\b|one|two|three|four|five|six|eight|ten|twenty|thirty|forty|sixty))", RegexOptions.IgnoreCase)]
    public static partial Regex WeDo();

    /// <summary>A word before what a message is about.</summary>
    [GeneratedRegex(@"^(?:the\s+)?(?:plan|session|today|tonight|tomorrow|programme|program)\s*:\s*(?=\S)", RegexOptions.IgnoreCase)]
    public static partial Regex PlanIs();

    /// <summary>A sentence as it is spoken, no title.</summary>
    [GeneratedRegex(@"\b(?:I|I'll|I'm|we|we'll|let's|because|(?:can|could|would|will)\s+you)\b|\b(?:is|are)\b.*[.:]\s*$", RegexOptions.IgnoreCase)]
    public static partial Regex IsSpoken();

    /// <summary>Somebody speaking about what comes below, without a number and without naming it.</summary>
    [GeneratedRegex(@"^(?:they|we|you|i|he|she|everyone|everybody|here(?:'s|\s+is|\s+are)?|this\s+is|these\s+are|that's|it's)\b(?!\s+(?:will\s+)?need\b)[^\d:]*:$", RegexOptions.IgnoreCase)]
    public static partial Regex SpeaksOf();

    [GeneratedRegex(@"^(?:then\s+|and\s+)?(?:repeat|do)\s+both(?:\s+(?:of\s+(?:them|those)|rounds|circuits|blocks|sets|parts))?(?:\s+(?:again|once\s+more|one\s+more\s+time))?[.!]?$", RegexOptions.IgnoreCase)]
    public static partial Regex RepeatBoth();

    [GeneratedRegex(@"^(?:then\s+)?(?:repeat|redo|do\s+(?:it|this|that)|go\s+through\s+(?:it|this|that))\b", RegexOptions.IgnoreCase)]
    public static partial Regex RepeatAgain();

    /// <summary>A word that only says what comes next.</summary>
    [GeneratedRegex(@"^(?:then|next|and|finally|to\s+finish|finish\s+(?:off\s+)?with(?=\s+(?:an?\s+)?\d))\b[,:]?\s+", RegexOptions.IgnoreCase)]
    public static partial Regex NextWord();

    /// <summary>What goes on from a part before it: a part of its own.</summary>
    [GeneratedRegex(@"^(?:then|next|now|after that|to finish|finish(?:ing)?\s+(?:off\s+)?with|finally|lastly)\b", RegexOptions.IgnoreCase)]
    public static partial Regex GoesOn();

    /// <summary>Who teaches, what is played, who is new: about the class, and no title, block or move of it.</summary>
    [GeneratedRegex(@"^(?:(?:instructor|coach|teacher|trainer|taught\s+by|led\s+by|music|playlist|tunes|soundtrack)\b\s*(?::|-|\s(?=\S))\s*\S.{0,60}$|cover(?:ing)?\s+for\s+[a-z]+\s*$|(?:\d{1,2}|one|two|three|some|a\s+few)\s+(?:new|extra)\s+(?:people|faces|members|starters|ladies|ones|folk|joiners)\b.{0,40}$|(?:so\s+|ok\s+|right\s+)?(?:(?:I'm|I\s+am|we're|I\s+was)\s+(?:thinking|planning|going\s+(?:for|with))|I\s+(?:fancy|thought))\b[^:\d]{0,70}$)", RegexOptions.IgnoreCase)]
    public static partial Regex AboutClass();

    /// <summary>“Change sides” on a line of its own.</summary>
    [GeneratedRegex(@"^(?:then\s+)?(?:swap|change|switch)\s+(?:sides?|legs?|arms?)(?:\s+(?:and|then|&)\s+repeat)?[.!]*$", RegexOptions.IgnoreCase)]
    public static partial Regex ChangeSides();

    /// <summary>“Avoid shoulders creeping up”: a cue, and no move.</summary>
    [GeneratedRegex(@"^(?:avoid|don'?t|do\s+not|make\s+sure|remember\s+to|keep\s+(?:your|their|the))\s+[a-z][^\d:]{3,}$", RegexOptions.IgnoreCase)]
    public static partial Regex CueAlone();

    /// <summary>“… squats x10 each” at the end of a list.</summary>
    [GeneratedRegex(@"(?:x\s*)?\d{1,3}\s*(?:reps\s+)?each\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex CountEach();

    /// <summary>“Swings 15 times”.</summary>
    [GeneratedRegex(@"^(?<name>[a-z][a-z' -]+?),?\s+(?<n>[5-9]|\d{2})\s+times$", RegexOptions.IgnoreCase)]
    public static partial Regex SoManyTimes();

    /// <summary>“Rest 1 min (march)”: a rest, and what is done in it.</summary>
    [GeneratedRegex(@"^(?<rest>rest\s*:?\s*\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\s*\((?<m>[a-z][^()]{2,40})\)$", RegexOptions.IgnoreCase)]
    public static partial Regex RestDoing();

    /// <summary>“Watch: Odile's knee”: what is to be minded, and no title.</summary>
    [GeneratedRegex(@"^(?:watch(?:\s+out)?|mind|careful|caution|nb|n\.b\.|warning|remember|health|injur(?:y|ies)|limits?)\b", RegexOptions.IgnoreCase)]
    public static partial Regex ToMind();

    /// <summary>Who comes, on a line of its own behind the blocks.</summary>
    [GeneratedRegex(@"^\d{1,3}\s+(?:people|ppl|participants)\b", RegexOptions.IgnoreCase)]
    public static partial Regex WhoComes();

    /// <summary>A block as it is dictated: its number, its moves, and how they are done.</summary>
    [GeneratedRegex(@"^(?:then\s+)?(?<head>(?:block|circuit|part|superset)\s+(?:one|two|three|four|five|six|[1-6]))\s+(?<rest>[a-z][^:]+)$", RegexOptions.IgnoreCase)]
    public static partial Regex Dictated();

    [GeneratedRegex(@",?\s+(?:the\s+)?same\s+(?:again|times|sets|reps|as\s+(?:before|above))\b(?:\s+(?:and\s+)?then)?", RegexOptions.IgnoreCase)]
    public static partial Regex SameAgainBehind();

    /// <summary>What says of a list only that it goes on.</summary>
    [GeneratedRegex(@"^(?:the\s+|all\s+the\s+)?usual(?:\s+(?:stuff|things|moves|bits))?$|^etc\.?$|^and\s+so\s+on$|^stuff\s+like\s+that$", RegexOptions.IgnoreCase)]
    public static partial Regex TheUsual();

    [GeneratedRegex(@"\b(?:(?:in|as)\s+(?:pairs|twos)|pairs|partners?)\b", RegexOptions.IgnoreCase)]
    public static partial Regex ForPair();

    /// <summary>How many parts there will be.</summary>
    [GeneratedRegex(@"^\d{1,2}\s+(?:circuits?|blocks?|parts?|supersets?|exercises|moves)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex PartsToCome();

    [GeneratedRegex(@"^(?:about\s+|ca?\.?\s+)?(?<n>\d{2,3})\s*(?:mins?|minutes?)\s+(?:in\s+(?:total|all)|all\s+in|altogether|total)\s*(?:[.!]?$|[,;.]\s*(?<more>.+)$)", RegexOptions.IgnoreCase)]
    public static partial Regex InAll();

    /// <summary>“Main: 2 circuits”.</summary>
    [GeneratedRegex(@"[:-]\s*\d{1,2}\s+(?:circuits|blocks|parts|sections|supersets)\.?$", RegexOptions.IgnoreCase)]
    public static partial Regex SaysParts();

    /// <summary>Minutes before what they are of.</summary>
    [GeneratedRegex(@"^(?<n>[2-9]|[1-9]\d)\s*(?:min(?:ute)?s?|')\s+(?:of\s+)?(?!stations?\b|sets?\b|rounds?\b|blocks?\b|rest\b)(?<what>[a-z][^:,(\d]*?)(?<more>\s*(?:[:(,].*)?)$", RegexOptions.IgnoreCase)]
    public static partial Regex MinutesOf();

    [GeneratedRegex(@"\b(?:and|&)\s+stretch(?:es|ing)?\s*$", RegexOptions.IgnoreCase)]
    public static partial Regex Ending();
}
