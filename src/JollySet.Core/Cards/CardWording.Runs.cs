using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of how a block runs, where one line says several things of it at once: rounds and reps, work and rest, a ladder and its step.</content>
internal static partial class CardWording
{
    private const string Clock = @"\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|"")?";
    private const string MinutesLong = @"\d{1,2}\s*(?:min(?:ute)?s?|')";
    private const string InSteps = @"\s*,?\s*\(?(?:going\s+)?(?:up|down)?\s*(?:in|by)\s+(?<k>twos|threes|fours|fives|tens|[2-5]'?s?|10'?s?)\)?";

    private static readonly string[] StepWords = ["ones", "twos", "threes", "fours", "fives"];

    /// <summary>“3x”, “x3”: a line of its own.</summary>
    /// <summary>“EMOM 8 mins odd: 10 press-ups even: 12 sit-ups”.</summary>
    public static CardPattern OddThenEven => field ??= new(@"^(?<h>(?:(?!\bodd\b).){0,30}?\b(?:emom|e\dmom)\b[^:]{0,20}?)[\s:,-]+odd(?:\s+min(?:ute)?s?)?\s*[:=-]\s*(?<a>\d[^:]*?)[,;/]?\s+even(?:\s+min(?:ute)?s?)?\s*[:=-]\s*(?<b>\d[^:]+)$", RegexOptions.IgnoreCase);

    private const string Plain = @"[a-z][a-z' -]+?";

    /// <summary>“A 4x8 goblet squat / push-up, 60s”: a letter's two by turns.</summary>
    /// <summary>“Rest 30 s between rungs” of a ladder.</summary>
    private static CardPattern BetweenRungs => field ??= new(@"\b(?:between|after)\s+(?:the\s+|each\s+|every\s+)?(?:rungs?|steps?|levels?)\b", RegexOptions.IgnoreCase);

    /// <summary>“Also twice”, “same again x2” below another list.</summary>
    private static CardPattern AlsoSoOften => field ??= new(@"^(?:also|again|the\s+same|ditto)[,:]?\s+(?=(?:twice|x\s?[2-9]|[2-9]\s*(?:x|times|rounds))[.!]?$)", RegexOptions.IgnoreCase);

    /// <summary>“Block B x3: 30s each lunge, press, curl”: so long each of a list, not on each side.</summary>
    private static CardPattern EachOfList => field ??= new(@"^(?<h>[^:]{2,40}):\s*(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?))\s+(?:of\s+)?each(?:\s+of)?\s+(?!(?:side|leg|arm|way|round|move|exercise|station|one|for|set)\b)(?=[a-z][a-z' -]+,\s)", RegexOptions.IgnoreCase);

    /// <summary>“Circuit 1 (4 x 40/20 squat / row / lunge)”: how it runs and its list in a bracket.</summary>
    private static CardPattern ListInBracket => field ??= new(@"^(?<h>[^():]{2,50}?)\s*\((?<how>[0-9]{1,2}\s*x\s*[0-9]{2}\s*/\s*[0-9]{2}|[0-9]{2}\s*/\s*[0-9]{2}(?:\s*x\s*[0-9]{1,2})?)\s*[:,-]?\s+(?<l>[a-z][^()]*(?:\s/\s|,\s)[^()]*)\)$", RegexOptions.IgnoreCase);

    /// <summary>“Wu 5 bike”.</summary>
    private static CardPattern PartNumberAndWord => field ??= new(@"^(?<p>wu|w/u|warm[\s-]?up)\s+(?<n>[0-9]{1,2})\s+(?!min|rounds?|x\b|reps|times|sets|moves|secs?|people)(?<w>[a-z]{3,12})$", RegexOptions.IgnoreCase);

    private static CardPattern LetteredByStroke => field ??= new(@"^(?<l>[A-H])\s*[.:)]?\s+(?<s>[2-6])\s*x\s*(?<r>[0-9]{1,2})\s+(?<a>" + Plain + @")\s+/\s+(?<b>" + Plain + @")(?<more>,?\s+(?:rest\s+)?[0-9]{2,3}\s*(?:s|secs?|seconds?)?(?:\s+rest)?)?$", RegexOptions.IgnoreCase);

    /// <summary>“Leg ext 3x15 / ham curl 3x15”: a pair.</summary>
    private static CardPattern SetsByStroke => field ??= new(@"^(?<l>[A-H]\d?\s*[.:)]\s*)?(?<a>[a-z][a-z' -]+?)\s+(?<s>[2-9])\s?x\s?(?<r>\d{1,2})\s+/\s+(?<b>[a-z][a-z' -]+?)\s+\k<s>\s?x\s?\k<r>$", RegexOptions.IgnoreCase);

    /// <summary>“Circuit x3 - 10 reps squats, …”: no three to ten.</summary>
    private static CardPattern TimesThenList => field ??= new(@"(?<=^[a-z][a-z ]*\bx\s?[2-9])\s-\s(?=\d{1,3}\s*(?:x\s*)?reps\s+(?:of\s+)?[a-z][^,]*,)", RegexOptions.IgnoreCase);

    private static CardPattern TimesAlone => field ??= new(@"^(?:(?<n>[2-9])\s?x|x\s?(?<n>[2-5]))[.:]?$", RegexOptions.IgnoreCase);

    /// <summary>“30 secs each of plank, crunches and climbers, 2 rounds”.</summary>
    private static CardPattern EachOf => field ??= new(@"^(?:(?<h>[a-z][^:,]{1,40}):\s+)?(?<n>\d{1,3})\s*(?<u>s|secs?|seconds?|mins?|minutes?)?(?:\s*reps|\s*x)?\s+(?:of\s+)?each\s+of:?\s+(?=[a-z][a-z' -]*(?:,|\sand\s))", RegexOptions.IgnoreCase);

    /// <summary>“10 of each: squats, rows and curls x 3”.</summary>
    private static CardPattern OfEachTimes => field ??= new(@"(?<=^[^:]*\b\d{1,3}\s*[a-z]*\s+(?:of\s+)?each:\s+[a-z][^:\d]*[a-z])\s*x\s*(?<n>[2-9])$", RegexOptions.IgnoreCase);

    /// <summary>“Between rounds 2 min pause”.</summary>
    private static CardPattern BetweenFirst => field ??= new(@"^between\s+(?:the\s+)?(?<w>rounds|sets|laps)\s*[:=-]?\s+(?<t>\d{1,3}(?:[.,]5)?\s*(?:s|secs?|seconds?|sek|mins?|minutes?|'|"")?)\.?(?:\s+(?:rest|pause|break|off))?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“A 10 minute AMRAP of 12 swings, 8 burpees”.</summary>
    private static CardPattern AmrapOf => field ??= new(@"^(?:(?<h>[^:]{2,40}):\s+)?(?:then\s+)?(?:an?\s+)?(?<a>\d{1,2}[\s-]*(?:mins?|minutes?)\s+amrap|amrap\s+(?:for\s+)?\d{1,2}\s*(?:mins?|minutes?|'))\s*(?:of|doing)\s+(?=\d.*(?:,|\band\b))", RegexOptions.IgnoreCase);

    /// <summary>“The lot x3”, “3 full rounds”, “run through 3 times”, “repeat circuit 3 times”, “thrice”.</summary>
    private static CardPattern RoundsByOtherWords => field ??= new(@"^(?!repeat\s+(?:[0-9]|two|three))(?:(?:(?:and|then)\s+)?(?:do|repeat|run|go|complete|perform)\s+)?(?>(?:(?:it|this|that|all|the|whole|entire|thing|lot|circuit|sequence|everything|through|round|around)\s+)*)(?:(?<n>[2-9]|two|three|four|five|six)\s*(?:full\s+rounds|complete\s+rounds|passes|cycles|loops|turns|r|x|times)(?:\s+(?:through|round|around|over|in\s+total|total))?|(?<=(?:lot|round|all|the\s+circuit|everything|whole\s+thing)\s+)x\s?(?<n>[2-9])|thrice)[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Rest between rounds 60s”, “3 rounds, rest between rounds: 1 min”.</summary>
    private static CardPattern RestBetweenWhat => field ??= new(@"^(?:(?<w>x\s?[0-9]|[0-9]{1,2}\s*(?:x|rounds?|rds|times|laps|circuits))(?:\s*[,;-]|\s+with)?\s+)?(?:rest|break)\s+(?:in\s+)?between\s+(?:each\s+|the\s+)?(?:rounds?|laps?|circuits?)\s*[:=-]?\s*(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)?|[1-9]\s*(?:mins?|minutes?|'))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“1 min rest per round”.</summary>
    private static CardPattern RestOfEachRound => field ??= new(@"\b(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-9]\s*(?:mins?|minutes?))\s+(?:of\s+)?(?:rest|break)\s+(?:per|each|every)\s+(?:round|lap|set)\b", RegexOptions.IgnoreCase);

    /// <summary>“3 rounds, 45 s rest between”.</summary>
    private static CardPattern RestBetweenTimes => field ??= new(@"(?<=^(?:x\s*\d|\d\s*x|\d{1,2}\s+(?:rounds|rds|times|laps|circuits))\b\s*[,;.:-]?\s+)(?<t>\d{2,3}\s*(?:s|secs?|seconds?)?|\d\s*(?:mins?|minutes?))\s+(?:rest\s+|break\s+|off\s+)?(?:in\s+)?(?:between|btw|btwn)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“3 rounds of 10”: of each move.</summary>
    private static CardPattern RoundsOfBare => field ??= new(@"(?<=\d\s*(?:rounds?|rds?|rnds?|laps?|circuits))\s+of\s+(?<n>\d{1,2})(?=\s*(?:$|[:.;)]))", RegexOptions.IgnoreCase);

    /// <summary>“Three rounds of ten”, “ten of each” among figures.</summary>
    private static CardPattern WordedReps => field ??= new(@"\b(?:two|three|four|five|six)\s+(?:rounds|sets|laps|circuits)\s+of\s+(?:five|six|eight|ten|twelve|fifteen|twenty)\b|^(?:five|six|eight|ten|twelve|fifteen|twenty)(?=\s+(?:of\s+(?:each|every|all)|reps?|each)\b)", RegexOptions.IgnoreCase);

    /// <summary>“10 reps each exercise”.</summary>
    private static CardPattern RepsEachMove => field ??= new(@"(?<=\breps)\s+(?:each|every)\s+(?:exercise|move|movement|one|station)\b", RegexOptions.IgnoreCase);

    /// <summary>“10 of everything”.</summary>
    private static CardPattern OfEverything => field ??= new(@"(?<=^(?:do\s+)?\d{1,3}\s*(?:reps\s+)?)of\s+(?:everything|all(?:\s+of\s+(?:them|these))?|the\s+lot)\b", RegexOptions.IgnoreCase);

    /// <summary>“10 reps each. Repeat x3”.</summary>
    private static CardPattern RepeatBehind => field ??= new(@"(?<=^\d{1,3}\s*[^.]*)\.\s+repeat\s+(?:(?:this|it|all)\s+)?(?:x\s*(?<n>[2-9])|(?<n>[2-9])\s*(?:x|times)|for\s+(?<n>[2-9])\s+rounds)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Circuit x3 (10 reps)”.</summary>
    private static CardPattern RepsInBrackets => field ??= new(@"(?<=\bx\s?\d|\d\s*rounds)\s*\((?<r>\d{1,3}\s*reps)(?:\s+(?:of\s+)?each)?\)", RegexOptions.IgnoreCase);

    /// <summary>“3R x 10”.</summary>
    private static CardPattern RoundsByLetter => field ??= new(@"^(?<n>[2-9])\s?R\b(?=\s*(?:x|of\b|[,:-])\s*\d)");

    /// <summary>“40/20 x3, R 60s”.</summary>
    private static CardPattern RestByOneLetter => field ??= new(@"(?<=\d\s*[,;]\s*)R\s*[:=]?\s*(?<t>\d{2,3})\s*(?:s|secs?|"")?$");

    /// <summary>“Rounds: 3 / Reps: 10”, “work 40 rest 20 rounds 3 rest between rounds 60”: nothing but what is what.</summary>
    private static CardPattern KeyedHow => field ??= new(@"^(?:(?<pre>[a-z][a-z ]{2,20}:\s+)?(?:(?:intervals?|timings?|format)\s*[:=-]?\s+)?(?<wr>\d{1,3}\s*/\s*\d{1,3})\s*s?\s*[,;.|&+-]\s*)?(?>(?<k>(?:rest\s+)?(?:between|after)\s+(?:each\s+)?(?:rounds?|laps?|sets?)|rounds|laps|sets|reps|rest|work|break)\s*(?:[:=]|-(?=\s))?\s*(?<v>" + Clock + @")(?![\d/:x-])\s*[,;/|.&+-]?\s*(?:and\s+)?){2,8}$", RegexOptions.IgnoreCase);

    /// <summary>“3 rounds. 60 between.”</summary>
    private static CardPattern BareBetween => field ??= new(@"(?<=\brounds\b[.,;]?\s+)(?<t>\d{2,3})\s*(?:s|secs?)?\s+between\.?$", RegexOptions.IgnoreCase);

    /// <summary>“40/20*3”.</summary>
    private static CardPattern StarTimes => field ??= new(@"(?<=\d/\d{1,3}s?)\s*\*\s*(?=\d{1,2}\b)", RegexOptions.IgnoreCase);

    /// <summary>“3 sets / 10 reps / 60s”.</summary>
    private static CardPattern SetsByStrokes => field ??= new(@"^(?<s>[2-9]|10)\s*sets\s*[/|-]\s*(?<r>\d{1,3}(?:-\d{1,3})?)\s*reps\s*[/|-]\s*(?:rest\s*)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'|""))(?:\s+(?:rest|off|break))?$", RegexOptions.IgnoreCase);

    /// <summary>“20 seconds hard, 10 seconds easy”.</summary>
    private static CardPattern HardEasy => field ??= new(@"\b(?<w>\d{1,3})\s*(?:s|secs?|seconds?)\s*(?:hard|all[\s-]out|flat[\s-]out|fast|max(?:imum)?\s+effort)\s*[,/;&+-]?\s*(?:and\s+|then\s+)?(?<r>\d{1,3})\s*(?:s|secs?|seconds?)?\s*(?:of\s+)?(?:easy|slow|rest|recover(?:y|ing)?|off|gentle)\b", RegexOptions.IgnoreCase);

    /// <summary>“Tabata: every exercise 20 on 10 off, 8 times”: all of one before the next.</summary>
    private static CardPattern EachByItself => field ??= new(@"^(?<h>tabata\s*[:,-]?\s+)?(?:(?:it's|its|it\s+is)\s+(?:an?\s+)?tabata(?:\s+(?:session|class))?,?\s+(?:so|with)\s+)?(?:each|every)\s+(?:exercise|move|one)\s+(?:is\s+|for\s+)?(?<w>[0-9]{2})\s*(?:s|secs?|seconds?)?\s*(?:on|work|/)\s*,?\s*(?:and\s+)?(?<r>[0-9]{2})\s*(?:s|secs?|seconds?)?(?:\s*(?:off|rest))?\s*,?\s*(?:x\s*(?<n>[0-9]{1,2})|(?:for\s+)?(?<n>[0-9]{1,2}|four|six|eight|ten)\s+(?:times|rounds))\.?$", RegexOptions.IgnoreCase);

    private static CardPattern TabataBehindTimes => field ??= new(@"^20\s*(?:s|secs?)?\s*/\s*10\s*(?:s|secs?)?\s+tabata\b", RegexOptions.IgnoreCase);

    private static CardPattern StretchItOff => field ??= new(@"\bstretch(?:\s+(?:it|everything))?\s+off\b(?=\s*(?:for\s+)?[0-9])", RegexOptions.IgnoreCase);

    /// <summary>“As many rounds in 12 mins as you can”.</summary>
    private static CardPattern ManyInMinutesAsCan => field ??= new(@"\bas\s+many\s+(?:rounds\s+)?in\s+(?<t>[0-9]{1,2}\s*(?:mins?|minutes?|'))\s+as\s+(?:(?:you|they|we)\s+can|possible)(?:\s+of\b)?", RegexOptions.IgnoreCase);

    /// <summary>“10 mins, max rounds”, “how many rounds can you do in 10 mins?”.</summary>
    private static CardPattern ManyInMinutes => field ??= new(@"(?<=^|[:-]\s+)(?:(?<t>" + MinutesLong + @")(?:\s+on\s+the\s+clock)?\s*[,:-]?\s+(?:max(?:imum)?\s+rounds|as\s+many(?:\s+rounds)?\s+as\s+(?:poss(?:ible)?|(?:you|we|they)\s+can)|keep\s+going)|how\s+many(?:\s+rounds)?\s+can\s+(?:you|we|they)\s+(?:do|get|fit)(?:\s+in)?\s+in\s+(?<t>" + MinutesLong + @")\??|how\s+many\s+rounds\s+in\s+(?<t>" + MinutesLong + @")\?|(?:set\s+(?:a|the)\s+(?:timer|clock)\s+(?:for\s+)?(?<t>" + MinutesLong + @")(?:\s+and|,)?\s+(?:do|get\s+through)\s+as\s+many\s+rounds\s+as\s+(?:you\s+can|possible)(?:\s+of\b)?)|(?:just\s+)?keep\s+going\s+(?:round\s+)?for\s+(?<t>" + MinutesLong + @"))(?=\s*(?:$|[:.!]|(?<=\?)\s))", RegexOptions.IgnoreCase);

    /// <summary>“A new move every minute for 12 mins”.</summary>
    private static CardPattern NewEveryMinute => field ??= new(@"^(?:start\s+)?(?:an?\s+)?(?:new|different|next)\s+(?:move|exercise|station|one)\s+(?:every|each|on\s+the)\s+min(?:ute)?\b,?", RegexOptions.IgnoreCase);

    /// <summary>“EMOM 12 – one exercise per minute”: that is what one is.</summary>
    private static CardPattern OneAMinute => field ??= new(@"(?<=\be1?mom\b.*)\s*[,(-]\s*(?:one|1)\s+(?:move|exercise|station)\s+(?:per|an?|each|every)\s+min(?:ute)?\)?", RegexOptions.IgnoreCase);

    /// <summary>“10, 8, 6, 4, 2 reps of each”, “10 > 8 > 6”, “10 reps then 8 then 6”.</summary>
    private static CardPattern RungsListed => field ??= new(@"^(?<l>\d{1,3}(?:\s*,\s*\d{1,3}){2,})\s*reps(?:\s+(?:of\s+)?(?:each|every)(?:\s+(?:move|exercise))?)?(?<c>:?)$|^(?<l>\d{1,3}(?:\s*>\s*\d{1,3}){2,})(?:\s*reps)?(?<c>:?)$|^(?<l>\d{1,3}(?:\s*reps)?(?:\s*,?\s*then\s+\d{1,3}){2,})(?:\s*reps)?(?<c>:?)$", RegexOptions.IgnoreCase);

    /// <summary>“From 10 down to 2 in twos”, “ladder down from 10 in 2s”, “start at 10 and drop 2 each round”.</summary>
    private static CardPattern RungsBySteps => field ??= new(@"^(?:ladder\W+)?(?:from\s+)?(?<a>\d{1,2})\s*(?:-|to|down\s+to|up\s+to)\s*(?<b>\d{1,2})" + InSteps + @"(?<c>:?)$|^(?:ladder\W+)?down\s+from\s+(?<a>\d{1,2})" + InSteps + @"(?<c>:?)$|^start(?:ing)?\s+(?:at|with|on)\s+(?<a>\d{1,2})(?:\s+reps)?,?\s+(?:and\s+)?(?:drop|lose|take\s+(?:off|away)|minus)\s+(?<k>[1-5])\s+(?:reps?\s+)?(?:each|every|per)\s+(?:round|time|set)(?<c>:?)$", RegexOptions.IgnoreCase);

    /// <summary>“Timing: 40 secs on, 20 secs off”.</summary>
    private static CardPattern TimingKey => field ??= new(@"^timings?\s*[:-]\s*(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“Finisher: tabata jumping jacks”.</summary>
    private static CardPattern TabataBehindHead => field ??= new(@"^(?<h>[a-z][a-z ]{2,20}):\s*(?<w>tabata)\s+(?<m>[a-z][a-z -]{2,30})$", RegexOptions.IgnoreCase);

    /// <summary>“T1: squat jumps + press-ups”.</summary>
    private static CardPattern TabataOfTwo => field ??= new(@"^(?<h>T\s?\d|tabata(?:\s+\d)?)\s*[:.-]\s+(?<a>[a-z][a-z' -]+?)\s+\+\s+(?<b>[a-z][a-z' -]+)$", RegexOptions.IgnoreCase);

    /// <summary>“We'll warm up for 8 minutes, just marching and side steps”.</summary>
    private static CardPattern WarmUpDoing => field ??= new(@"^(?:we(?:'ll|\s+will)?\s+)?(?<w>warm|cool)\s+(?<d>up|down)\s+(?:for\s+)?(?<t>\d{1,2}\s*min(?:ute)?s?),?\s+(?:just|doing)\s+(?<items>[a-z][^.:\d]*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Then a ladder of swings and presses: 10, 8, 6, 4, 2.”</summary>
    private static CardPattern LadderOf => field ??= new(@"^(?:then\s+|and\s+then\s+)?an?\s+(?<h>ladder|pyramid|countdown)\s+of\s+(?<items>[a-z][^:\d]*?):\s*(?<l>\d{1,3}(?:\s*[,-]\s*\d{1,3}){2,10})\.?$", RegexOptions.IgnoreCase);

    /// <summary>“45 secds”.</summary>
    private static CardPattern SecondsSlip => field ??= new(@"(?<=\d\s*)\b(?:secds|secnds|secons|secodns|scs|secsonds|seonds)\b", RegexOptions.IgnoreCase);

    /// <summary>“Finish with a stretch”.</summary>
    private static CardPattern WithAStretch => field ??= new(@"(?<=\b(?:finish|end|close)\s+with\s+)an?\s+(?=(?:stretch|cool)\w*\.?$)", RegexOptions.IgnoreCase);

    /// <summary>“2 mins rest before the next block”.</summary>
    private static CardPattern BeforeTheNext => field ??= new(@"\bbefore\s+(?:the\s+|each\s+)?next\s+(?:block|circuit|section|part|one)\b", RegexOptions.IgnoreCase);

    /// <summary>“Grab a drink (1 min)”, “take a minute”.</summary>
    private static CardPattern TakesBreak => field ??= new(@"^(?:grab|have|get|take)\s+(?:an?\s+|some\s+)?(?:quick\s+)?(?<w>drink|water|sip|breather)\s*[(,-]?\s*(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\)?$|^take\s+(?:an?\s+(?<m>min)(?:ute)?|(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)))(?:\s+(?:out|off|break|to\s+(?:rest|recover)))?$", RegexOptions.IgnoreCase);

    /// <summary>“1 min active recovery – march on the spot”: a rest, and what is done in it.</summary>
    private static CardPattern ActiveRest => field ??= new(@"^(?:(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\s+(?:of\s+)?active\s+(?:rest|recovery)|active\s+(?:rest|recovery)\s*[,:-]?\s*(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|')))\s*(?:[(:,-]\s*(?<m>[a-z][a-z ]{2,40}?)\)?)?$", RegexOptions.IgnoreCase);

    /// <summary>“Tabata (squat jumps / press-ups)”.</summary>
    private static CardPattern HeadThenMoves => field ??= new(@"^(?<h>(?:tabata|finisher|superset|burn\s?out)(?:\s+\d)?)\s*\((?<items>[a-z][a-z' -]*(?:\s*[/,+&]\s*[a-z][a-z' -]*)+)\)$", RegexOptions.IgnoreCase);

    /// <summary>“30 on 30 off for the first block, 3 times round”.</summary>
    private static CardPattern ForTheBlock => field ??= new(@"^(?:so\s+)?(?:we(?:'ll|\s+will)?\s+)?(?:do\s+)?(?<how>\d[^:]*?)\s+for\s+the\s+(?<b>(?:first|second|third|fourth|last|final|next)\s+(?:block|circuit|part|section|set))\b(?<more>[^:]*)$", RegexOptions.IgnoreCase);

    private static string ListOf(Match m) => $"{m.Groups["h"].Value}: {string.Join(", ", m.Groups["items"].Value.Split(['/', ',', '+', '&'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))}";

    private static string Break(Match m) => $"{(m.Groups["w"].Success ? m.Groups["w"].Value : "rest")} {(m.Groups["m"].Success ? "1 min" : m.Groups["t"].Value)}";

    /// <summary>What is what, in the order the reader knows.</summary>
    private static string Keyed(Match m)
    {
        var said = new Dictionary<string, string>(StringComparer.OrdinalIgnoreCase);
        for (var i = 0; i < m.Groups["k"].Captures.Count; i++)
            said[KeyOf(m.Groups["k"].Captures[i].Value)] = m.Groups["v"].Captures[i].Value.Trim();
        if (said.Count < m.Groups["k"].Captures.Count || (said.Count == 1 && !m.Groups["wr"].Success))
            return m.Value;
        string? Of(string key) => said.GetValueOrDefault(key);
        var work = m.Groups["wr"].Success ? m.Groups["wr"].Value : Of("work") is { } w ? Of("rest") is { } off ? $"{w} on {off} off" : $"work {w}" : null;
        var often = Of("sets") is { } sets && Of("reps") is { } of ? $"{sets} x {of}" : Of("sets") is { } alone ? $"{alone} sets" : Of("rounds") is { } rounds ? $"{rounds} rounds" : null;
        var reps = Of("reps") is { } r && Of("sets") is null ? $"{r} reps each" : null;
        var rest = (work is null || m.Groups["wr"].Success) && Of("rest") is { } t ? $"rest {t}" : null;
        var between = (Of("between") ?? Of("break")) is { } b ? $"{Seconds(b)} rest between rounds" : null;
        var whole = m.Groups["pre"].Value + string.Join(", ", new[] { work, often, reps, rest, between }.OfType<string>());
        // Two numbers of one kind: none of them is dropped.
        return said.Values.All(v => whole.Contains(v, StringComparison.Ordinal)) ? whole : m.Value;
    }

    /// <summary>A number alone is of seconds.</summary>
    private static string Seconds(string time) => time.All(char.IsAsciiDigit) ? time + "s" : time;

    private static string KeyOf(string key) =>
        key.Contains("between", StringComparison.OrdinalIgnoreCase) || key.Contains("after", StringComparison.OrdinalIgnoreCase) ? "between" : key.Equals("laps", StringComparison.OrdinalIgnoreCase) ? "rounds" : key;

    /// <summary>The rungs from one number to another; as it was where they do not meet.</summary>
    private static string Rungs(Match m)
    {
        var said = m.Groups["k"].Value.TrimEnd('s', 'S', '\'');
        var step = int.TryParse(said, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : m.Groups["k"].Value.Equals("tens", StringComparison.OrdinalIgnoreCase) ? 10 : Array.FindIndex(StepWords, w => w.Equals(m.Groups["k"].Value, StringComparison.OrdinalIgnoreCase)) + 1;
        var from = int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture);
        var to = m.Groups["b"].Success ? int.Parse(m.Groups["b"].Value, CultureInfo.InvariantCulture) : step;
        if (step <= 0 || (to - from) % step != 0 || Math.Abs(to - from) / step is < 2 or > 12)
            return m.Value;
        var rungs = Enumerable.Range(0, (Math.Abs(to - from) / step) + 1).Select(i => (from + (i * step * Math.Sign(to - from))).ToString(CultureInfo.InvariantCulture));
        return string.Join('-', rungs) + m.Groups["c"].Value;
    }

    private static string Dashes(Match m) => string.Join('-', m.Groups["l"].Value.Split([',', '>', ' '], StringSplitOptions.RemoveEmptyEntries).Where(p => char.IsAsciiDigit(p[0])).Select(p => new string([.. p.TakeWhile(char.IsAsciiDigit)]))) + m.Groups["c"].Value;

    /// <summary>“Tabata "Burpees"”: what stands in quotes is done.</summary>
    private static CardPattern TabataQuoted => field ??= new(@"\btabata\s+[""'“”„‟‚‘’](?<m>[^""'“”„‟‚‘’]{3,40})[""'“”„‟‚‘’]$", RegexOptions.IgnoreCase);

    /// <summary>“Finisher: press-ups AMRAP 4 min”.</summary>
    private static CardPattern AmrapBehind => field ??= new(@"^(?<h>(?:[a-h]\s+)?(?:finisher|challenge|burner|block\s+[a-h0-9]|[a-h])\s*[:-]\s*)(?<items>[a-z][a-z',/ -]+?)\s*[,-]?\s+amrap\s+(?:for\s+|in\s+)?(?<t>[0-9]{1,2}\s*(?:mins?|minutes?|'))$", RegexOptions.IgnoreCase);

    /// <summary>“Tabata x4 (squats/press-ups/lunges/plank) 1 min between”, “4 tabatas: squats, press-ups, lunges, plank - 1 min between”.</summary>
    private static CardPattern TabatasOfOne => field ??= new(@"^(?:(?<n>[2-6])\s*(?:x\s*)?tabatas?|tabatas?\s*x\s*(?<n>[2-6]))\s*(?:[:(]|\s-\s)\s*(?<items>[a-z][a-z' -]*[a-z](?:\s*[/,]\s*[a-z][a-z' -]*[a-z]){1,5})\s*\)?(?:\s*[,(-]?\s*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+(?:rest\s+)?(?:in\s+)?(?:between|btwn|btw|betw)(?:\s+each)?\)?\.?)?$", RegexOptions.IgnoreCase);
}
