using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of how a rest is said, and a number of rounds in a sentence.</content>
internal static partial class CardWording
{
    /// <summary>“60 on, 90 rest between rounds”: as long a rest is none of the work's.</summary>
    private static CardPattern OnThenRestOfRounds => field ??= new(@"(?<=^|,\s*)(?<w>[0-9]{2})\s*(?:s|secs?|seconds?)?\s+on\s*,?\s+(?:and\s+|with\s+)?(?<r>(?:4[5-9]|[5-9][0-9]|1[0-9][0-9]))\s*(?:s|secs?|seconds?)?\s+(?:rest|off|break)\s+(?:in\s+)?between\s+(?:each\s+|the\s+)?(?:rounds?|laps?|sets?)$", RegexOptions.IgnoreCase);

    /// <summary>“5x5 R2M”, “4x8 (R 90s)”, “3x10 - 90s R”: the rest behind sets by its letter.</summary>
    private static CardPattern SetsThenR => field ??= new(@"(?<=\b[0-9]{1,2}\s?(?:x|sets?\s+(?:of|x))\s?(?:[0-9]{1,3}|max|amrap)\b.*?)[\s,;/(-]+(?:w/\s*)?(?:ri?(?:\s*[:=]\s*|\s*)(?:(?<n>[1-9])\s*(?<m>m(?:ins?)?|')|(?<n>[0-9]:[0-5][0-9])|(?<n>[1-9][0-9]{1,2})\s*(?:s(?:ecs?)?|"")|(?<=[:=]\s*)(?<n>[1-9][0-9]{1,2}))|(?:(?<n>[1-9])\s*(?<m>m(?:ins?)?|')|(?<n>[1-9][0-9]{1,2})\s*(?:s(?:ecs?)?|""))\s*r)\s*\)?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“60 btw”.</summary>
    /// <summary>“50 SEC WORK / 10 SEC MOVE”.</summary>
    private static CardPattern TimeToMove => field ??= new(@"(?<t>\b\d{1,3}\s*(?:s|secs?|seconds?))\s+move(?=\s*(?:$|[,/;.)|]))", RegexOptions.IgnoreCase);

    private static CardPattern SlipOfSeconds => field ??= new(@"(?<=\d\s?)sex(?=\s+(?:on|off|work|rest|each)\b)", RegexOptions.IgnoreCase);

    private static CardPattern BareBtw => field ??= new(@"^(?<t>\d{2,3})\s*s?\s+(?:btw|b/w|betw)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Work 1 min, move 15 secs”.</summary>
    private static CardPattern ChangeFor => field ??= new(@"(?<=\d\s*[a-z]*\s*[,;/]\s*)(?:move|change(?:over)?|swap)\s+(?:for\s+|in\s+)?(?=\d{1,2}\s*(?:s|secs?|seconds?)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Everyone does each station twice”.</summary>
    private static CardPattern EachStationTwice => field ??= new(@"\b(?:(?:everyone|everybody|we|they|you)\s+)?(?:does?|visits?|go(?:es)?\s+to)\s+(?:each|every)\s+(?:station|exercise|move|one)\s+(?:(?<n>twice)|(?<n>[2-6]|two|three|four)\s+times)(?=\s*(?:$|[,.;]))", RegexOptions.IgnoreCase);

    /// <summary>“Grab a drink for two minutes”.</summary>
    private static CardPattern DrinkFor => field ??= new(@"^(?:(?:then|and|so)\s+)*(?:everyone\s+)?(?:grab|get|have|take)s?\s+(?:an?\s+|your\s+|some\s+)?(?<w>drink|water|breather)s?\s+for\s+(?<t>(?:an?|one|two|\d{1,2})\s*(?:min(?:ute)?s?)|\d{2}\s*(?:s|secs?|seconds?))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Warm-up (5') jog, hip circles”: the minutes are the part's, and its moves follow.</summary>
    private static CardPattern PartMinutesThen => field ??= new(@"^(?<h>[a-z][a-z &/-]{1,24}?)\s*\(\s*(?<t>\d{1,2}\s*(?:mins?|minutes?|'))\s*\)\s*(?=[a-z][^:]*$)", RegexOptions.IgnoreCase);

    /// <summary>“6 x 20 seconds with 40 seconds walk back”: how long the rest is, and what is done in it.</summary>
    private static CardPattern WalkBack => field ??= new(@"(?<=[0-9]\s*(?:s|secs?|seconds?|m|metres?)?)\s*(?:,|with|and|/)?\s*\b(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?))\s+(?:of\s+)?(?<w>(?:easy\s+)?(?:walk|jog)(?:ing)?\s+(?:back|recovery))\b", RegexOptions.IgnoreCase);

    /// <summary>“A minute’s rest”, “minute off”, “60 second breather”: so long a rest.</summary>
    private static CardPattern Breather => field ??= new(@"\b(?:an?\s+|one\s+)?(?<=^|[\s,(])(?:(?<!\d[\s-]*)(?<m>min)(?:ute)?(?:'?s)?|(?<t>\d{1,3}\s*-?\s*(?:s|secs?|seconds?|mins?|minutes?)))\s+(?:of\s+)?(?:breather|off|(?<=minute'?s\s)(?:rest|break))\b(?=\s*(?:$|[,.;)]|in\s+between|between|after|then|and|at))", RegexOptions.IgnoreCase);

    /// <summary>“Resting a minute”, “resting 60s”.</summary>
    private static CardPattern Resting => field ??= new(@"\bresting\s+(?:for\s+)?(?:(?:a|one)\s+(?<m>min)(?:ute)?\b|(?=\d))", RegexOptions.IgnoreCase);

    /// <summary>“With a 20 second rest”: one more thing that is said.</summary>
    private static CardPattern WithARest => field ??= new(@"(?<=[a-z\d])\s+with\s+(?:an?\s+)?(?=(?:\d{1,3}\s*-?\s*(?:s|secs?|seconds?|mins?|minutes?)|(?:a\s+)?min(?:ute)?'?s?)\s+(?:of\s+)?(?:rest|break|off|breather)\b)", RegexOptions.IgnoreCase);

    private static CardPattern ListedTimes => field ??= new(@"\d\s*(?:s|secs?)?[-,/\s]\s*\d{2,3}\s*(?:s|secs?)?[-,/\s]\s*\d{2,3}", RegexOptions.IgnoreCase);

    /// <summary>“Repeated 3 times”, “whole thing x3”, “all of it 3 times”, “3 times in total”.</summary>
    private static CardPattern WholeTimes => field ??= new(@"\brepeated\s+(?:x\s*)?(?<n>\d{1,2})(?:\s*(?:x|times))?\b|\b(?:the\s+)?(?:whole|entire)\s+(?:thing|lot|circuit|set|sequence|list)\s*,?\s*(?:x\s*(?<n>\d{1,2})|(?<n>\d{1,2})\s*(?:x|times))\b|(?<=^|[,.;]\s*|\s-\s)(?:all\s+of\s+(?:it|this|that|them)|(?:do|repeat|run)\s+(?:it|this|that|them|it\s+all)(?:\s+all)?)\s+(?<n>\d{1,2})\s*(?:x|times)\b", RegexOptions.IgnoreCase);

    /// <summary>“Rest (1 min)”.</summary>
    private static CardPattern RestInBrackets => field ??= new(@"^(?<w>rest|recovery|break|water|drink)s?\s*\((?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|'))\)$", RegexOptions.IgnoreCase);

    /// <summary>“Parte - calentamiento: 8 min”, its number taken off.</summary>
    private static CardPattern PartThen => field ??= new(@"^(?:parte|partie|teil)\s+-\s+(?=\p{L})", RegexOptions.IgnoreCase);

    /// <summary>“40 on / 20 to move on”.</summary>
    private static CardPattern ToMoveOn => field ??= new(@"\b(?<w>\d{1,3})\s*(?:(?:s|secs?|seconds?)?\s*(?:on|work)|(?:s|secs?|seconds?)(?:\s+each|(?=,?\s+(?:and\s+)?then\s)))\s*[/,;-]?\s*(?:and\s+|then\s+|with\s+)*(?<r>\d{1,3})\s*(?:s|secs?|seconds?)?\s*to\s+(?:move(?:\s+(?:on|round|along|over))?|change(?:\s+over)?|swap(?:\s+over)?|switch(?:\s+over)?|rotate|transition)\b", RegexOptions.IgnoreCase);

    /// <summary>“3 rounds @ 40/20”.</summary>
    private static CardPattern AtWorkRest => field ??= new(@"(?<=\b(?:rounds?|rds?|laps?|sets?|x\s?\d{1,2}))\s*@\s*(?=\d{1,3}s?\s*[/:]\s*\d)", RegexOptions.IgnoreCase);

    /// <summary>“60 seconds between supersets” below one.</summary>
    private static CardPattern BetweenSupersets => field ??= new(@"^(?:rest\s+(?:for\s+)?)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))(?:\s+(?:of\s+)?(?:rest|break))?\s+between\s+(?:each\s+|the\s+|every\s+)?super-?\s?sets?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“… rows x12 x4 rest 1 min”: a comma is left out.</summary>
    private static CardPattern RestWithoutComma => field ??= new(@"(?<=\dm?s?\s+x\s?\d{1,2})\s+(?=rest\s+\d)|(?<=^[^,:]{0,30}(?:rounds|sets|laps)\s?\d?)\s+(?=rest\s+\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Rounds: three”.</summary>
    private static CardPattern NumberBehindKey => field ??= new(@"(?<=\b(?:rounds|sets|laps|reps)\s*[:=]\s*)(?:two|three|four|five|six|eight|ten|twelve)\b", RegexOptions.IgnoreCase);

    /// <summary>“Deadlifts 8 8 8 8”: a set each.</summary>
    private static CardPattern SameSets => field ??= new(@"(?<=^[a-z][a-z' -]+\s)(?<n>\d{1,2})(?:\s+\k<n>){2,7}(?=$|\s*[,(]|\s+(?:rest|r\d))", RegexOptions.IgnoreCase);

    /// <summary>“Deadlifts x8 x4”: four sets of eight.</summary>
    private static CardPattern RepsThenTimes => field ??= new(@"(?<=^[a-z][a-z' -]+\s)x\s?(?<r>\d{1,3})\s*x\s?(?<s>[2-9])(?=$|\s*[,(]|\s+rest)", RegexOptions.IgnoreCase);

    /// <summary>“Deadlifts - 8 reps - 4 sets - 90s”.</summary>
    private static CardPattern SetsByDashes => field ??= new(@"^(?<name>[a-z][a-z' -]+?)\s+-\s+(?:(?<r>\d{1,3})\s*reps?\s*[,-]\s*(?<s>\d{1,2})\s*sets?|(?<s>\d{1,2})\s*sets?\s*[,-]\s*(?<r>\d{1,3})\s*reps?)(?:\s*[,-]\s*(?:rest\s*)?(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))(?:\s+rest)?)?$", RegexOptions.IgnoreCase);

    /// <summary>“Give them a minute between rounds”.</summary>
    private static CardPattern GivesRest => field ??= new(@"^(?:and\s+)?(?:give|allow|let)\s+(?:(?:them|everyone|everybody|people|yourself|the\s+class)\s+)?(?:have\s+)?(?:a\s+good\s+|at\s+least\s+|about\s+)?(?:(?:an?|one)\s+(?<m>min)(?:ute)?|(?<t>\d{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)))(?:'?s)?(?:\s+(?:to\s+)?(?:rest|off|break|recover)|\s+(?:for|to\s+(?:have|get))\s+(?:an?\s+)?(?<w>drink|water)|\s+for\s+a\s+(?:rest|breather))?(?=\s+(?:in\s+)?(?:between|after|at))", RegexOptions.IgnoreCase);

    /// <summary>“The main bit is a circuit of …”.</summary>
    private static CardPattern MainBitIs => field ??= new(@"^(?:the\s+)?main\s+(?:bit|part|set|block|thing|section|workout)\s+(?:is|will\s+be)\s+(?:an?\s+)?(?=circuit|superset|ladder|pyramid|tabata|emom|amrap|\d)", RegexOptions.IgnoreCase);

    /// <summary>“Then a ladder, 10-8-6-4-2, deadlifts and presses”.</summary>
    private static CardPattern LadderByCommas => field ??= new(@"^(?:(?:then|next|after\s+that)\s+)?(?:an?\s+)?(?<h>ladder|pyramid)\s*[,:-]\s*(?<l>\d{1,3}(?:\s*[-/]\s*\d{1,3}){2,10})(?:\s*reps)?\s*[,:-]\s*(?:of\s+)?(?<items>[a-z][^:\d]*?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“60-90 sec between sets”.</summary>
    private static CardPattern RangeBetween => field ??= new(@"(?<=^|[,(;]\s*)(?<t>[0-9]{1,3}\s*(?:-|to)\s*[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+(?:in\s+)?(?:between|btw)\b(?=\s+(?:each\s+|all\s+|the\s+)?(?:sets?|rounds?|exercises|supersets?)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Do 4 rounds of …”.</summary>
    private static CardPattern DoRounds => field ??= new(@"^(?:then\s+)?(?:do|complete|perform)\s+(?=[2-9]\s*(?:rounds?|rds|sets|laps)\b)", RegexOptions.IgnoreCase);

    /// <summary>“90s rest, stay controlled” alone on its line: a rest, and words beside it.</summary>
    private static CardPattern RestThenRemark => field ??= new(@"^(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-5]\s*(?:mins?|minutes?))\s+(?:rest|recovery|break),\s+(?<r>(?:stay|keep|take|don't|breathe|shake|slow|heavy|build|add|no|focus|use|if|as)\b[a-z ',-]{2,50})[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Rest 20 x3” alone on its line: the rest, and how often it goes round.</summary>
    private static CardPattern RestThenTimes => field ??= new(@"^rest\s+(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)?|[1-5]\s*(?:m|mins?|minutes?))\s*[,;-]?\s*(?:x\s?(?<n>[2-9])|(?<n>[2-9])\s?x)$", RegexOptions.IgnoreCase);

    /// <summary>“Block 1 (3x / 60s)”, “Block 2 (x3, 60s rest)”: rounds, and the rest behind each.</summary>
    private static CardPattern RoundsAndRest => field ??= new(@"(?<=^[a-z][a-z0-9 -]{0,24})\s*\((?:x\s?(?<n>[2-9])|(?<n>[2-9])\s?(?:x|rounds?|rds?))\s*[/,;-]?\s*(?:(?<w>rest)\s+)?(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-5]\s*(?:m|mins?|minutes?))(?:\s+(?<w>rest|off|break))?\)$", RegexOptions.IgnoreCase);

    /// <summary>“2 mins for a drink in between”.</summary>
    private static CardPattern DrinkBetween => field ??= new(@"^(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+(?:for\s+)?(?:an?\s+)?(?:quick\s+)?(?:drinks?|water)(?:\s+break)?\s+(?:in\s+)?between(?:\s+(?:each\s+|the\s+)?(?:rounds?|laps?|circuits?))?[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“4 rounds of 10 squats, 30 sec plank with a minute between rounds”: the rest is no plank's.</summary>
    private static CardPattern WithBetweenRounds => field ??= new(@"(?<=^(?:then\s+|do\s+)*[2-9]\s*(?:rounds|rds|sets)\b.*[a-z)])(?<!\b(?:rest|resting|rests|break|take|recover))\s*,?\s+(?:(?:with|and|taking)\s+)?(?:(?<m>a\s+minute(?:'?s)?|one\s+minute)|(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-3]\s*min(?:ute)?s?))(?:\s+(?:of\s+)?(?:rest|break|recovery))?\s+(?:in\s+)?between(?:\s+(?:each\s+|the\s+|every\s+)?rounds?)(?=[.!]*$)", RegexOptions.IgnoreCase);

    /// <summary>“3 x 12 curls + 3 x 12 rows, 60 s”: what stands behind both is their rest.</summary>
    private static CardPattern PairOfDoses => field ??= new(@"^(?<h>[a-z][a-z ]{2,20}\s*[:-]\s*)?(?<a>[2-6]\s*x\s*[0-9]{1,2}\s+[a-z][a-z' -]+?)\s+[+/&]\s+(?<b>[2-6]\s*x\s*[0-9]{1,2}\s+[a-z][a-z' -]+?)\s*,\s*(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-3]\s*min(?:ute)?s?)$", RegexOptions.IgnoreCase);

    /// <summary>“… – 3 sets – 60s”: the time behind so many sets of two or more moves is their rest.</summary>
    private static CardPattern SetsThenTime => field ??= new(@"^(?<h>.*[/+,].*[0-9]\s*(?:sets|rounds))\s*[-,/]\s*(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?))$", RegexOptions.IgnoreCase);

    /// <summary>“Squats, rows, press-ups; 10 each”.</summary>
    private static CardPattern DoseBehindSemicolon => field ??= new(@"(?<=^[^;]*,[^;]*);\s*(?=(?:x\s?)?[0-9][^;,]*$)");

    /// <summary>“Squats, rows, press-ups – 12 each x 2”, “… 12 each (2 rounds)”: of all of them, where none of them has a number of its own.</summary>
    private static CardPattern EachTimesBehind => field ??= new(@"(?<=(?:^|[:-]\s)[^0-9:]*,[^0-9:]*?)(?:\s*[-,:]\s*|\s+)(?:all\s+)?(?:x\s?)?(?<r>[0-9]{1,2})\s+(?:reps\s+)?(?:each|all)\s*[-,]?\s*\(?\s*(?:repeat\s+)?(?:x\s*(?<n>[2-9])|(?<n>[2-9])\s*(?:rounds?|sets?|x|times))\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Rest 2 min / feed break”: a rest, and what is done in it.</summary>
    private static CardPattern RestAndRemark => field ??= new(@"^(?<r>(?:rest|break)\s+(?:for\s+)?[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?|'))\s*(?:[/&+,]|\s-)\s*(?<w>(?!.*\b(?:water|drinks?|sip|between|after|then|repeat|before|each|every|again|rounds?|sets?)\b)[a-z][a-z' ]{2,40})$", RegexOptions.IgnoreCase);

    /// <summary>“Between rounds 90 secs water”.</summary>
    private static CardPattern DrinkBetweenRounds => field ??= new(@"^(?:in\s+)?between\s+(?:each\s+|the\s+|every\s+)?(?:rounds?|laps?|circuits?)\s*[:,-]?\s*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s*(?:of\s+|for\s+)?(?<w>water|rest|drinks?)(?:\s+break)?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern TimeBetweenRounds => field ??= new(@"^(?:in\s+)?between\s+(?:each\s+|the\s+|every\s+)?(?:rounds?|laps?|circuits?)\s*[:,-]?\s*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\.?$", RegexOptions.IgnoreCase);
}
