using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of what a card says of the class before its blocks: how long, when, of what, with what.</content>
internal static partial class CardWording
{
    private const int ShortestSpell = 25;
    private const int LongestSpell = 180;
    private const int LastYear = 39;

    /// <summary>“Allow five minutes either side for warming up and cooling down”.</summary>
    private static CardPattern EitherSide => field ??= new(@"^(?:(?:please\s+)?(?:allow|leave|keep|save|with|and)\s+)?(?<n>[0-9]{1,2})\s*min(?:ute)?s?\s+(?:(?:at\s+)?(?:either|each)\s+(?:side|end))\s+for\s+(?:the\s+|a\s+)?(?<a>warm[a-z]*[\s-]?up)\s+and\s+(?:the\s+|a\s+)?(?<b>cool[a-z]*[\s-]?down|stretch(?:ing)?)[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Cool down with couch stretch 60s each side”.</summary>
    private static CardPattern PartWithOne => field ??= new(@"^(?<p>warm[\s-]?up|cool[\s-]?down)\s+(?:with|w/)\s*(?:an?\s+)?(?<i>[a-z][a-z' -]+?\s+\d{1,3}\s*(?:s|secs?|seconds?|min(?:ute)?s?)\s*(?:/\s?(?:side|leg|arm)|(?:each|per|a)\s+(?:side|leg|arm)|each))$", RegexOptions.IgnoreCase);

    /// <summary>“Warm-up: skipping 3 mins, then mobility 3 mins”: each for its own time.</summary>
    private static CardPattern PartsByMinutes => field ??= new(@"^(?:warm(?:ing)?[\s-]?up|cool(?:ing)?[\s-]?down)\s*[:-]\s*[a-z][a-z' -]{2,30}?\s+\d{1,2}\s*min(?:ute)?s?(?:\s*,\s*(?:and\s+)?(?:then\s+)?[a-z][a-z' -]{2,30}?\s+\d{1,2}\s*min(?:ute)?s?){1,5}\.?$", RegexOptions.IgnoreCase);

    private static CardPattern OwnMinutes => field ??= new(@"\s+(?<n>\d{1,2})\s*min(?:ute)?s?\b", RegexOptions.IgnoreCase);

    /// <summary>“One set of light weights”: things, and no set of the class.</summary>
    private static CardPattern SetOfThings => field ??= new(@"\b(?:one|an?|1)\s+(?:set|pair)\s+of\s+(?=(?:(?:light|lighter|heavy|heavier|medium|hand|small|big)\s+)*(?:weights|dumb\s?bells|DBs|kettle\s?bells|KBs|bands|loops)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Duration 45 min”.</summary>
    private static CardPattern LongWithoutColon => field ??= new(@"^(?:duration|length|class\s+length|time)\s+(?=\d{2,3}\s*(?:min|'))", RegexOptions.IgnoreCase);

    /// <summary>“Class: Full body, 45 min”: a title, and more.</summary>
    private static CardPattern ClassAndMore => field ??= new(@"^(?:class|session|title|name)\s*:\s+(?=[^,:]+(?:,|\s-)\s*\d{1,3}\s*(?:min|'))", RegexOptions.IgnoreCase);

    /// <summary>“Muscle groups: chest, back”, “theme – core”.</summary>
    private static CardPattern FocusByOtherWords => field ??= new(@"^(?:theme|muscle\s+groups?|muscles(?:\s+(?:worked|used))?|body\s+parts?|(?:target\s+)?areas?|today'?s?\s+focus|focus\s+areas?|working)\s*(?::|\s-)\s*(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“No. booked: 18”.</summary>
    private static CardPattern NumberBooked => field ??= new(@"(?:\b(?:no\.?|number)\s+(?:booked|of\s+people|attending|expected)|(?<=^|[,;-]\s*)(?:numbers?|attend(?:ees|ing|ance)|booked))\s*:\s*(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“Need mats/bands/DBs”.</summary>
    private static CardPattern NeedByStrokes => field ??= new(@"^needs?\s+(?=(?:mats?|dbs?|kbs?|dumb\s?bells?|kettle\s?bells?|weights?|bands?|chairs?|towels?|steps?|balls?)\s*/)", RegexOptions.IgnoreCase);

    /// <summary>“1 hour strength”.</summary>
    private static CardPattern HourFirst => field ??= new(@"^(?:1|one|an)\s*-?\s*(?:hours?|hr)\b\s*(?:of\s+)?(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>24/11/26.</summary>
    private static CardPattern Day => field ??= new(@"(?<=^(?:[a-z][a-z ]{2,24}?\s*[:-]?\s+)?)(?<d>0?[1-9]|[12]\d|3[01])/(?<m>0?[1-9]|1[0-2])/(?<y>(?:20)?\d\d)(?=\s*(?:$|[,:-]))", RegexOptions.IgnoreCase);

    /// <summary>“18:00-18:45 Circuits, sports hall”: when, for as long as a class is.</summary>
    private static CardPattern SpellFirst => field ??= new(@"^(?<w>(?<a>[5-9]|1\d|2[0-3])[:.](?<b>[0-5]\d)\s*-\s*(?<c>\d{1,2})[:.](?<e>[0-5]\d))\s*[,:-]?\s+(?<t>[a-z][^,|-]*)(?<more>.*)$", RegexOptions.IgnoreCase);

    /// <summary>“Main bit: …”.</summary>
    private static CardPattern MainBit => field ??= new(@"^(?:the\s+)?main\s+(?:bit|piece|chunk|event)(?=\s*(?:[:-]\s|\())", RegexOptions.IgnoreCase);

    /// <summary>“A quick core finisher”.</summary>
    private static CardPattern QuickPart => field ??= new(@"(?<=^|^(?:then|next|after\s+that)\s*,?\s+)(?:it's\s+)?an?\s+(?:(?:quick|short|little|fast|nice|gentle)\s+)?(?=(?:[a-z]+\s+)?(?:finisher|circuit|blast|burner)\s*(?:[:(-]|of\b))", RegexOptions.IgnoreCase);

    /// <summary>“Part one is strength. 4 rounds of …”.</summary>
    private static CardPattern NumberedIs => field ??= new(@"^(?:the\s+)?(?<h>(?:block|circuit|part|section|superset|round|set|station)\s+(?:\d|[A-D]|one|two|three|four|five)|(?:first|second|third|fourth|last|final)\s+(?:block|circuit|part|section|round|set|half))\s+(?:is|will\s+be)\s+(?:all\s+)?(?:about\s+)?(?:the\s+|our\s+|your\s+)?(?<w>[a-z]+(?:\s+(?:and|&)\s+[a-z]+)?)[.:]\s+(?=\S)", RegexOptions.IgnoreCase);

    /// <summary>“The first circuit is swings, squats and presses, 30 on, 15 off”.</summary>
    private static CardPattern PartIsListed => field ??= new(@"^(?:the\s+)?(?<h>(?:block|circuit|part|section|superset|round|set)\s+(?:\d|[A-D]|one|two|three|four|five)|(?:first|second|third|fourth|last|final|next)\s+(?:block|circuit|part|section|round|set|superset|pair))\s+(?:is|are|will\s+be|has)\s+(?=[a-z][a-z' -]*,\s*[a-z][a-z' -]*(?:,|\sand\s))", RegexOptions.IgnoreCase);

    /// <summary>“Main lift is back squats, 5 sets of 5 with 2 minutes between sets”.</summary>
    private static CardPattern LiftIs => field ??= new(@"^(?:the\s+)?(?<h>(?:main|first|second|third|last|big)\s+(?:lift|exercise|move))\s+(?:is|will\s+be)\s+(?:the\s+)?(?<name>[a-z][a-z' -]+?),?\s+(?<s>\d{1,2})(?:\s+sets\s+of\s+|\s*x\s*)(?<r>\d{1,3}(?:-\d{1,3})?)(?:\s+reps)?(?:\s*,?\s+(?:with\s+)?(?<t>\d{1,3}\s*(?:mins?|minutes?|s|secs?|seconds?))(?:\s+(?:of\s+)?rest)?(?:\s+(?:in\s+)?between(?:\s+(?:each\s+)?sets?)?)?)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Finished with stretches”, “then stretches in the chair”.</summary>
    private static CardPattern StretchAtEnd => field ??= new(@"^(?:(?:and|then|finally|lastly|after\s+that|(?:we\s+)?finish(?:ed|ing|es)?(?:\s+(?:off|up))?\s+with|(?:we\s+)?end(?:ed|ing|s)?\s+with)\s+)*(?:some\s+|a\s+few\s+|a\s+little\s+|lots\s+of\s+)?(?<w>stretch(?:es|ing)?)(?:\s+(?<where>(?:in|on|with)\s+(?:the\s+|a\s+|our\s+|their\s+)?[a-z]{3,12}s?))?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“C 3 rds 30/15 climbers, dead bugs”: a letter before how it runs.</summary>
    private static CardPattern LetterThenRounds => field ??= new(@"^[A-H]\s+(?=[2-9]\s?(?:rounds|rds|rnds)\s+[0-9]{2}\s*/\s*[0-9]{2}\s+[a-zA-Z])");

    /// <summary>“Everyone needs a kettlebell and a mat”.</summary>
    private static CardPattern EveryoneNeeds => field ??= new(@"^(?:(?:everyone|everybody|they(?:'ll|\s+will)?|people(?:\s+will)?|each\s+(?:person|of\s+them)|we(?:'ll|\s+will)?)(?:\s+will)?\s+)?needs?\s+(?<k>[a-z][a-z, &'-]{2,60}?)(?:\s+each)?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern Article => field ??= new(@"^(?:an?|the|some|one|two|their(?:\s+own)?)\s+", RegexOptions.IgnoreCase);

    /// <summary>“P/u”, “s/u”: press-ups and sit-ups.</summary>
    public static string Ups(string text) => UpsByStroke.Replace(text, m => m.Value[0] is 'p' or 'P' ? "push-up" : "sit-up");

    /// <summary>“P/u”, “s/u”.</summary>
    private static CardPattern UpsByStroke => field ??= new(@"(?<![a-z0-9/])[ps]/us?(?![a-z0-9/])", RegexOptions.IgnoreCase);

    /// <summary>“Balance work 5 mins”.</summary>
    private static CardPattern WorkForMinutes => field ??= new(@"(?<=^(?:[a-z]+\s+)*(?:balance|core|abs|floor|mat|band|ball|chair|arm|leg|strength|mobility))\s+work\s*[,:-]?\s+(?=[0-9]{1,2}\s*(?:mins?|minutes?|'))", RegexOptions.IgnoreCase);

    /// <summary>“Last thing is a plank for a minute”.</summary>
    private static CardPattern LastThingIs => field ??= new(@"^(?:and\s+)?(?:the\s+)?(?:last|final)\s+(?:thing|one|move|exercise|bit)\s+(?:is|was|will\s+be)\s+(?:an?\s+|the\s+)?(?=[a-z0-9])", RegexOptions.IgnoreCase);

    /// <summary>“Add a 1 min plank”: one more of the list.</summary>
    private static CardPattern AddOne => field ??= new(@"^(?:and\s+)?(?:add|plus)\s+(?:in\s+|on\s+)?(?:an?\s+)?(?=[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|x)?\s+[a-z]{3})", RegexOptions.IgnoreCase);

    /// <summary>“Swings EMOM 8 x12”: how it runs stands behind the name.</summary>
    private static CardPattern EmomBehindName => field ??= new(@"^(?<name>[a-z][a-z' -]{2,30}?)\s*[:,-]?\s+(?<e>emom)\s*(?:for\s+)?(?<t>[0-9]{1,2})(?:\s*(?:mins?|minutes?|'))?\s*[:,-]?\s*x\s*(?<n>[0-9]{1,2})$", RegexOptions.IgnoreCase);

    /// <summary>“We do back squats, 5 sets of 5, 2 minutes rest”: who speaks leads to the lift.</summary>
    private static CardPattern WeDoSets => field ??= new(@"^(?:and\s+|then\s+)?we(?:'re|\s+are|'ll|\s+will)?\s+(?:do|doing|have|be\s+doing)\s+(?=[a-z][a-z' -]+?(?:,|\s+for)?\s+[0-9]\s+sets\s+of\s+[0-9]{1,2}\b)", RegexOptions.IgnoreCase);

    /// <summary>“Tomorrow is a kettlebell class”.</summary>
    private static CardPattern TomorrowIs => field ??= new(@"^(?:today|tonight|tomorrow)(?:\s+is|\s+will\s+be|'s)\s+(?:an?\s+)?(?=[a-z][a-z ]{2,30}\b(?:class|session|workout)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Block 1 is legs - squats, lunges and deadlifts”: what it is about belongs to its name.</summary>
    private static CardPattern NumberedTopic => field ??= new(@"^(?<h>(?:block|circuit|part|section|superset|round|set|station)\s+(?:\d|[A-D]))(?:\s+(?:is|will\s+be)|\s*[=:-])?\s+(?:all\s+)?(?<w>(?!(?:on|off|min|mins|sec|secs|x|then|of|and|rest|reps)\b)[a-z]+(?:\s*(?:\band\b|&|/|\+)?\s*[a-z]+)?)\s+-\s+(?=[^:]*(?:,|\sand\s))", RegexOptions.IgnoreCase);

    /// <summary>A date that three rungs of a ladder are not.</summary>
    private static string Dated(Match m)
    {
        int Of(string group) => int.Parse(m.Groups[group].Value, CultureInfo.InvariantCulture);
        var isRungs = m.Groups["y"].Length == 2 && m.Groups["d"].Value[0] != '0' && m.Groups["m"].Value[0] != '0' && (Math.Sign(Of("m") - Of("d")) == Math.Sign(Of("y") - Of("m")) || Of("y") > LastYear || Of("y") < 20);
        return isRungs ? m.Value : m.Value.Replace('/', '.');
    }

    private static string SpellBehind(Match m)
    {
        int Of(string group) => int.Parse(m.Groups[group].Value, CultureInfo.InvariantCulture);
        return (Of("c") * 60) + Of("e") - (Of("a") * 60) - Of("b") is >= ShortestSpell and <= LongestSpell && CardPhrases.PartOf(m.Groups["t"].Value) == CardPart.Main ? $"{m.Groups["t"].Value.TrimEnd()}, {m.Groups["w"].Value.Replace(" ", "", StringComparison.Ordinal)}{m.Groups["more"].Value}" : m.Value;
    }

    /// <summary>“10 ladies + 2 gents”: twelve people.</summary>
    private static CardPattern TwoKindsOfPeople => field ??= new(@"(?<=^|[,;]\s+)(?<a>[1-9][0-9]?)\s+(?:ladies|women|girls|adults|mums|regulars)\s*(?:\+|&|,|\band\b)\s*(?<b>[1-9][0-9]?)\s+(?:gents|gentlemen|men|boys|blokes|guys|children|kids|dads|newbies|beginners|new(?:\s+(?:ones|people))?)\b", RegexOptions.IgnoreCase);

    /// <summary>“Step section - 20 min (basic, V step, knee ups)”: a part, how long it is, and what is done in it.</summary>
    private static CardPattern SectionOfList => field ??= new(@"^(?<h>[a-z][a-z ]{2,20}\s(?:section|part|bit|block))\s*(?:-|:|,)?\s*(?<t>[0-9]{1,2}\s*(?:mins?|minutes?|'))\s*\((?<l>[a-z][^()0-9:]*,[^()0-9:]*)\)$", RegexOptions.IgnoreCase);

    /// <summary>“About 14 people”.</summary>
    private static CardPattern AboutSoMany => field ??= new(@"^(?:about|around|approx\.?|roughly|up\s+to|expect(?:ing)?)\s+(?=[0-9]{1,3}\s+(?:people|ppl|participants|ladies|women|men|mums|members|clients)\b)", RegexOptions.IgnoreCase);

    /// <summary>“8 rounds 20/10 each, 1 min between”: a tabata of each, and the rest between them.</summary>
    private static CardPattern TabataEachBetween => field ??= new(@"^(?:(?<h>tabata)\s*[:,-]?\s+)?(?:(?:8\s*(?:rounds?|rds|x|sets)\s*(?:of\s+)?)?20\s*(?:s(?:ecs?)?)?\s*/\s*10\s*(?:s(?:ecs?)?)?(?:\s*x\s*8(?:\s*rounds?)?)?)\s*,?\s*(?:of\s+|on\s+|for\s+)?each(?:\s+(?:move|exercise|one))?\s*[,;:(-]+\s*(?:then\s+|with\s+)?(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*(?:rest\s+|break\s+|off\s+)?(?:in\s+)?between(?:\s+(?:each|them|moves|exercises|each\s+(?:move|exercise|one)))?\)?\.?$", RegexOptions.IgnoreCase);
}
