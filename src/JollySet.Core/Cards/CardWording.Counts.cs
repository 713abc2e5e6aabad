using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of how often, how many sets, how heavy, on which side.</content>
internal static partial class CardWording
{
    /// <summary>“TGU 1/1 x 3”: so often on each side.</summary>
    private static CardPattern OneAndOne => field ??= new(@"(?<=[a-z]\s)(?<n>[1-6])/\k<n>(?=\s*x\s?[0-9])", RegexOptions.IgnoreCase);

    /// <summary>“20 secs, 30 secs, 40 secs, 30, 20”, “20/30/40/30/20 work, 10 s rest”: times, one after the other.</summary>
    private static CardPattern TimesMixed => field ??= new(@"(?<=^|\b(?:pyramid|ladder)s?(?:\s+(?:set|of))?\s*[:(,-]?\s*)(?<work>work(?:ing)?\s*:?\s*)?(?<n>[0-9]{2,3})\s*(?<u>s|secs?|seconds?)?(?:(?:\s*[,/-]\s*|\s+)(?<n>[0-9]{2,3})\s*(?<u>s\b|secs?\b|seconds?\b)?){2,9}(?<work>\s*(?:of\s+)?(?:work|on)\b)?(?:(?:\s*[,;/(-]\s*|\s+)(?:with\s+)?(?:rest\s*:?\s*(?<rest>[0-9]{1,2})\s*(?:s|secs?|seconds?)?|(?<rest>[0-9]{1,2})\s*(?:s|secs?|seconds?)?\s*(?:(?:rest|off|recovery|break)(?:\s+(?:in\s+)?between|\s+after)?|between|after)(?:\s+(?:each|every|all|the))*(?:\s+(?:exercises?|moves?|stations?|one))?)(?:\s*\)(?=\s*(?:$|:)))?)?(?=\s*(?:\)?\s*:|\)?$))", RegexOptions.IgnoreCase);

    /// <summary>“Then core” on a line of its own.</summary>
    private static CardPattern ThenPart => field ??= new(@"^(?:and\s+)?then\s+(?=(?:some\s+)?(?:core|abs|legs|arms|cardio|finisher|strength)\s*:?$)", RegexOptions.IgnoreCase);

    /// <summary>“2 x tabata plank (8 rounds 20/10)”: the tabata, its move, and how many in words.</summary>
    private static CardPattern TabatasOf => field ??= new(@"^(?<n>\d)\s*x\s*tabata\s+(?<m>[a-z][a-z -]+?)\s*[(,]\s*(?<how>[^()]*\d[^()]*?)\)?$", RegexOptions.IgnoreCase);

    /// <summary>“One holds a plank while the other does ten squats”: what each of the two does.</summary>
    private static CardPattern OneAndTheOther => field ??= new(@"\b(?:one|partner\s+(?:a|1|one)|p1)(?:\s+(?:person|partner|of\s+you|of\s+them))?\s+(?:holds?|does|performs?|is\s+doing)\s+(?:an?\s+)?(?<a>[a-z0-9][a-z0-9' -]{2,40}?),?\s+while\s+(?:the\s+)?(?:other|partner\s+(?:b|2|two)|p2)(?:\s+(?:one|person|partner))?\s+(?:holds?|does|performs?|is\s+doing)\s+(?:an?\s+)?(?<b>[a-z0-9][^,.;()]{2,40})", RegexOptions.IgnoreCase);

    /// <summary>“T1 squat / press-up”: the first tabata, and its two moves.</summary>
    private static CardPattern TabataOf => field ??= new(@"^(?<h>T\s?\d)\s*[-.)]?\s+(?=[a-z][^:]*\s/\s[^:]*$)", RegexOptions.IgnoreCase);

    /// <summary>“2 rnds”, “x 3rnds”.</summary>
    private static CardPattern RoundsInShort => field ??= new(@"(?<=(?<![0-9])[1-9][0-9]?)\s*rnds?\b\.?", RegexOptions.IgnoreCase);

    /// <summary>“10 squats, 8 press-ups 2 rounds”.</summary>
    private static CardPattern CountedThenRounds => field ??= new(@"(?<=[,/]\s*[0-9]{1,3}\s+[a-z][a-z' -]*)\s+(?<n>[2-9])\s+rounds$", RegexOptions.IgnoreCase);

    /// <summary>“squats x10, rows x12 (2x)”: a list, so often.</summary>
    private static CardPattern TimesInBracket => field ??= new(@"(?<=,.*[a-z].*)\(\s*(?<n>[2-9])\s*x\s*\)$", RegexOptions.IgnoreCase);

    /// <summary>“… 8 press-ups (twice)”.</summary>
    private static CardPattern TwiceInBracket => field ??= new(@"\(\s*twice\s*\)$", RegexOptions.IgnoreCase);

    /// <summary>“3 sets of each superset”, “tempo 311 throughout”: of all the pairs below.</summary>
    private static CardPattern OfEachPair => field ??= new(@"(?<=\d.*|tempo\s.*)(?:(?<s>\bsets)|(?<=\brounds))\s+(?:of|for|per|on)\s+(?:each|every|all(?:\s+the)?)\s+(?:pair|super\s?-?set|tri-?set|giant\s+set|block|couplet)s?\b|(?<=\d\s*(?:rounds|sets|laps))\s+per\s+(?:block|circuit|section|station)\b|\s+throughout\b(?=\s*(?:$|[,.;]))|\s+(?:for|per|in)\s+(?:each|every|all(?:\s+the)?)\s+(?:pair|super\s?-?set|tri-?set|giant\s+set|couplet)s?\b", RegexOptions.IgnoreCase);

    private static CardPattern OfEachOfThese => field ??= new(@"\bof\s+each\s+of\s+(?:these|them|those|the\s+following)\b", RegexOptions.IgnoreCase);

    /// <summary>“Bench 10 + row 10 x4 /60”: so many rounds, and the rest.</summary>
    private static CardPattern TimesThenRest => field ??= new(@"(?<=[a-z\d)]),?\s+x\s?(?<n>[2-9])\s*/\s*(?<t>\d{2,3})\s*s?$", RegexOptions.IgnoreCase);

    /// <summary>“EMOM 12. Minute one 15 swings, minute two 8 squats”: a list.</summary>
    private static string MinuteByMinute(string text)
    {
        if (MinuteNumber.Matches(text) is not { Count: > 1 } minutes)
            return text;
        var head = text[..minutes[0].Index].Trim(' ', '.', ',', ':', '-');
        var moves = minutes.Select((m, at) => text[(m.Index + m.Length)..(at + 1 < minutes.Count ? minutes[at + 1].Index : text.Length)].Trim(' ', '.', ',', ';') is var said && RestAlone.IsMatch(said) ? "rest" : said);
        return $"{(head.Length > 0 ? $"{head.Replace(": ", " - ", StringComparison.Ordinal)}: " : "EMOM: ")}{string.Join(", ", moves)}";
    }

    private static CardPattern RestAlone => field ??= new(@"^(?:an?\s+|your\s+|to\s+)?rest$", RegexOptions.IgnoreCase);

    private static CardPattern MinuteNumber => field ??= new(@"(?<=^|[\s,;.:(])(?:in\s+)?min(?:ute)?\s*(?:one|two|three|four|five|six|[1-6])\s*(?:is\b|[:,=-])?\s+(?=[\da-z])(?!rest\b)", RegexOptions.IgnoreCase);

    /// <summary>“1 squat 2 press 3 row”: numbers of a list, one after the other.</summary>
    private static string NumbersAlong(string text) =>
        CountedAlong.Match(text) is { Success: true } m && m.Groups["n"].Captures is { Count: > 1 } counts && counts.Select((c, at) => c.Value == (at + 2).ToString(CultureInfo.InvariantCulture)).All(isNext => isNext)
            ? string.Join(", ", m.Groups["name"].Captures.Select(c => c.Value.Trim())) : text;

    private static CardPattern CountedAlong => field ??= new(@"^1\s+(?<name>[a-z][a-z' -]*[a-z])(?:\s+(?<n>[2-9]|1\d)\s+(?<name>[a-z][a-z' -]*[a-z]))+$", RegexOptions.IgnoreCase);

    /// <summary>“40/20, each round twice”.</summary>
    private static CardPattern EachRoundAtEnd => field ??= new(@"^(?<how>\d[^:]{3,40}?),?\s+each\s+(?<w>round|circuit|block)\s+(?:x\s*)?(?<n>twice|two|three|four|[2-5])(?:\s*(?:times|x))?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Then 10 squats, 10 rows, 10 curls”: a block more.</summary>
    private static CardPattern ThenList => field ??= new(@"^(?:and\s+)?then\s+(?=[0-9]{1,3}\s+(?!rounds|sets|mins?|minutes?|secs?|seconds?|x|times|laps|more|exercises|stations|moves|circuits|blocks|supersets|on\b|off\b)[a-z]{3}[^,:]*(?:,\s*(?:and\s+)?[0-9]{1,3}\s+[a-z][^,:]*)+$)", RegexOptions.IgnoreCase);

    /// <summary>“Then 100 crunches”.</summary>
    private static CardPattern ThenSoMany => field ??= new(@"^(?:and\s+)?then\s+(?=\d{1,3}\s+(?!rounds|sets|mins?|minutes?|secs?|seconds?|x|times|laps|more|exercises|stations|moves|circuits|blocks|supersets|on\b|off\b)[a-z]{3}[^,:]*$)", RegexOptions.IgnoreCase);

    /// <summary>“Push-ups to failure x 2”.</summary>
    private static CardPattern MostThenSets => field ??= new(@"(?<=^|:\s)(?<name>[a-z][a-z' -]+?)\s*,?\s+(?<most>(?:to\s+)?failure|max(?:imum)?(?:\s+reps)?|amrap)\s*[,-]?\s*(?:x\s*(?<n>[2-9])|(?<n>[2-9])\s*(?:sets|times|rounds))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“3 circuits, each one 8 minutes: 40 on, 20 off x 2”: how many there will be is told beside how each runs.</summary>
    private static CardPattern SoManyParts => field ??= new(@"^(?<said>[2-8]\s+(?:circuits|blocks)\s*,?\s+(?:each\s+(?:one\s+)?(?:is\s+|of\s+)?|of\s+)\d{1,2}\s*(?:mins?|minutes?|'))\s*[:,;-]\s*(?<rest>\S.*)$", RegexOptions.IgnoreCase);

    /// <summary>“A 3x10 bench + 3x10 row, 60”: a superset of that letter.</summary>
    private static CardPattern LetteredPair => field ??= new(@"^(?<l>[A-H])\s*[.):-]?\s+(?<s>[2-9])\s*x\s*(?<r>\d{1,3})\s+(?<a>[A-Za-z][A-Za-z' -]+?)\s*\+\s*\k<s>\s*x\s*(?<q>\d{1,3})\s+(?<b>[A-Za-z][A-Za-z' -]+?)(?:\s*,\s*(?:rest\s+)?(?<t>\d{2,3})\s*(?:s|secs?)?)?$");

    /// <summary>“B 3x” alone: a block of that letter, and how often.</summary>
    private static CardPattern LetterTimes => field ??= new(@"^(?<l>[A-H])\s*[-:]?\s+(?:(?<n>[2-9])\s*x|x\s*(?<n>[2-9]))$");

    /// <summary>“Finisher: 1x; 50 burpees”: once is no count.</summary>
    private static CardPattern OnceThrough => field ??= new(@"(?<=:\s)1\s*x\s*[;,]\s*(?=\d)", RegexOptions.IgnoreCase);

    /// <summary>“Complex x 3 - 5 reps each”: how often, then how many.</summary>
    private static CardPattern TimesThenReps => field ??= new(@"\bx\s*(?<n>\d)\s+-\s+(?=\d{1,3}\s*(?:reps?|each)\b)", RegexOptions.IgnoreCase);

    /// <summary>“X 4 of each pair”.</summary>
    private static CardPattern TimesOfEachPair => field ??= new(@"(?<=\bx\s?\d{1,2})\s+of\s+(?:each|every)\s+(?:pair|super\s?-?set|one|block|circuit)s?\b", RegexOptions.IgnoreCase);

    /// <summary>“Go round twice, a minute's rest between”: between rounds.</summary>
    private static CardPattern GoRound => field ??= new(@"^(?:go|do\s+(?:it|this|them))\s+(?:it\s+)?(?:all\s+)?(?:round|through|around)\s+(?<n>twice|three\s+times|four\s+times|[2-5]\s*(?:x|times))\s*[,;]?\s+(?:with\s+)?(?:an?\s+)?(?<more>[^,;.]*\bbetween)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“D plank 3x40”: a block of that letter.</summary>
    private static CardPattern LetterThenSets => field ??= new(@"^(?<l>[A-H])\s+(?=(?<!A\s)[a-z][a-zA-Z' -]+\s[2-9]\s*x\s*\d|[2-9]\s*x\s*\d{1,3}\s+[a-zA-Z])");

    /// <summary>“Go up 20, 30, 40, 50”: rungs.</summary>
    private static CardPattern UpBy => field ??= new(@"^(?:go(?:ing)?\s+)?(?:up|down)\s+(?<l>\d{1,3}(?:\s*,\s*\d{1,3}){2,})", RegexOptions.IgnoreCase);

    /// <summary>“400 run”: metres.</summary>
    private static CardPattern BareMetres => field ??= new(@"(?<=^|[,;]\s*)(?<n>[1-9]\d?[05]0)\s+(?=(?:run|jog|sprint|walk|row|rowing|ski|swim)\b)", RegexOptions.IgnoreCase);

    /// <summary>“Each exercise 10 times”.</summary>
    private static CardPattern EachTimes => field ??= new(@"\beach\s+(?:exercise|move|one|station)\s+(?<n>\d{1,3})\s*(?:times|reps)\b", RegexOptions.IgnoreCase);

    /// <summary>“2 rounds of 8: squat, row”.</summary>
    private static CardPattern RoundsOfReps => field ??= new(@"^(?<n>\d)\s*(?:rounds|sets)\s+of\s+(?<r>\d{1,3})(?:\s*reps?)?(?:\s+each)?\s*:(?=\s+[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“1 / bench press / 3x10 / 60s”.</summary>
    private static CardPattern StrokedSets => field ??= new(@"^(?:\d{1,2}\s/\s)?(?<name>[a-z][^/]*?)\s/\s(?<s>\d)\s*x\s*(?<r>\d{1,3}\s*s?)(?:\s/\s(?:rest\s+)?(?<t>\d{2,3}\s*(?:s|secs?)?|\d\s*min))?$", RegexOptions.IgnoreCase);

    /// <summary>“Wu 5 / arms and back”.</summary>
    private static CardPattern StrokedPart => field ??= new(@"^(?<p>(?:wu|cd|w/u|c/d|warm[\s-]?up|cool[\s-]?down)\s*\d{1,2}(?:\s*min(?:ute)?s?)?)\s+/\s+(?<w>[a-z][^/\d]*)$", RegexOptions.IgnoreCase);

    /// <summary>“X2 each round”.</summary>
    private static CardPattern TimesEachRound => field ??= new(@"^x\s?(?<n>[2-9])\s+each\s+(?<w>round|circuit|block)s?\b", RegexOptions.IgnoreCase);

    /// <summary>“10 slow reps each”.</summary>
    private static CardPattern SlowReps => field ??= new(@"\b(?<n>\d{1,3})\s+(?:slow|controlled)\s+reps(?<each>\s+(?:each|per\s+\w+))?", RegexOptions.IgnoreCase);

    /// <summary>“100 squats between you”: who does them stands beside it.</summary>
    private static CardPattern Shared => field ??= new(@"(?<=[a-z])\s+(?<w>between\s+(?:you|us|everyone|everybody|all\s+of\s+(?:you|us)|the\s+(?:pair|two|team|group))|as\s+an?\s+(?:team|pair|group)|in\s+your\s+(?:teams?|pairs?))\s*$", RegexOptions.IgnoreCase);

    /// <summary>“… and you're done”.</summary>
    private static CardPattern AllDone => field ??= new(@"(?<=\d)\s*(?:&|and|then)\s+(?<w>(?:ur|your|you're|we're|were)\s+done\b.*)$", RegexOptions.IgnoreCase);

    /// <summary>“8-10 reps x 2”: two sets.</summary>
    private static CardPattern RepsTimes => field ??= new(@"\b(?<r>\d{1,3}(?:\s*(?:-|to)\s*\d{1,3})?)\s*reps\s*x\s*(?<n>[2-9])\b(?!\s*(?:\d|sets?|rounds?|rds?))", RegexOptions.IgnoreCase);

    private static CardPattern NumberOf => field ??= new(@"\b(?:no\.?|nr\.?|number|#)\s*of\s+(?<what>rounds|sets|laps|people|participants)\s*[:=]?\s*(?:up\s+to\s+)?(?<n>\d{1,3})\b", RegexOptions.IgnoreCase);

    private static CardPattern Repetitions => field ??= new(@"\brepetitions?\b", RegexOptions.IgnoreCase);

    /// <summary>“30 s each direction”: a minute, turned round at half of it.</summary>
    private static CardPattern BothDirections => field ??= new(@"\b(?<n>\d{1,3})(?<u>\s*(?:s|secs?|seconds?|reps?)?)\s*(?:in\s+)?(?:each|per|every)\s+direction\b", RegexOptions.IgnoreCase);

    /// <summary>Lunges are counted in steps.</summary>
    private static CardPattern StepsMany => field ??= new(@"(?<=\b(?:[2-9]\s?)?x\s*)(?<n>\d{1,3})\s+steps\b(?!\s*-?\s*ups?\b)", RegexOptions.IgnoreCase);

    /// <summary>“12 - rows”.</summary>
    private static CardPattern CountThenName => field ??= new(@"(?<=^|[,;]\s*|/\s+|:\s+)(?<n>[5-9]|\d\d)\s+-\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“10 x 3 sets”, “10 reps (3 sets)”.</summary>
    private static CardPattern RepsThenSets => field ??= new(@"\b(?<r>\d{1,3})\s*(?:(?:reps?)?\s*x\s*(?<s>\d)\s*sets?\b|reps?\s*\(\s*(?<s>\d)\s*sets?\s*\))", RegexOptions.IgnoreCase);

    /// <summary>“Rows, 10 reps, presses, 8 reps”: the count is of the name before it.</summary>
    private static CardPattern CountBehindComma => field ??= new(@"(?<=[a-z)]),\s*(?=(?:x\s*\d{1,3}(?:\s*reps?)?|\d{1,3}(?:\s*reps?|\s*x\s*\d{1,3}(?:\s*reps?)?))(?:\s*(?:/|each|per|ea|a|both|e/s|p/s|[rl]\s+and)\s?[a-z]{0,5})?\s*(?:$|[,/;+&]|->))", RegexOptions.IgnoreCase);

    /// <summary>“Rows: 10, presses: 8”.</summary>
    private static CardPattern CountBehindColon => field ??= new(@"(?<=[a-z]):\s+(?=\d{1,3}(?:\s*(?:x|sets?\s+of)\s*\d{1,3})?(?:\s*reps?)?(?:\s+(?:each|per)\s+[a-z]{3,4})?\s*(?:$|[,/;+&(]|->|-\s|(?:and|with|into|x\s*\d)\b))", RegexOptions.IgnoreCase);

    /// <summary>“x12r”, “12r”.</summary>
    private static CardPattern CountShort => field ??= new(@"\bx\s?(?<n>\d{1,3})r\b|(?<=[a-z]{2}\s)(?<n>[5-9]|[1-4]\d)r\b(?!.*\d\s?l\b)", RegexOptions.IgnoreCase);

    /// <summary>“Rounds: 3”.</summary>
    private static CardPattern RoundsAre => field ??= new(@"(?<!\d\s*|of\s+|\bbetween\s+|\bafter\s+|\beach\s+)\b(?:rounds|laps)\s*[:=]\s*(?<n>\d{1,2})\b(?!\s*(?:[-/:]|min|sec|s\b))", RegexOptions.IgnoreCase);

    /// <summary>“From 10 down to 1”, “start at 10, down to 1”.</summary>
    private static CardPattern FromTo => field ??= new(@"(?:\b(?:up|down|go(?:ing)?)\s+)?\b(?:from|start(?:ing)?\s+(?:at|from))\s+(?<a>\d{1,2})\s*,?\s*(?:and\s+)?(?:go(?:ing)?\s+|work(?:ing)?\s+)?(?:down\s+to|up\s+to|to)\s+(?<b>\d{1,2})(?=\s*(?:reps?|of|$|[:,;)]))", RegexOptions.IgnoreCase);

    /// <summary>“Row 10 ES”.</summary>
    private static CardPattern EachSideShort => field ??= new(@"(?<=[A-Za-z\d)(])\s*\bES\b(?=\s*(?:$|[,;)/]|\s[-x\d(]))|(?<=\d)es\b|(?<=[a-z\d)]\s)es(?=\s*$|\s+\d)");

    private static CardPattern EachSideDotted => field ??= new(@"\be\.\s?s\b\.?", RegexOptions.IgnoreCase);

    private static CardPattern EachWayShort => field ??= new(@"\be/w\b", RegexOptions.IgnoreCase);

    /// <summary>“Squats (10), rows (12)”.</summary>
    private static CardPattern CountsInBrackets => field ??= new(@"(?<=[a-z])\s+\((?<n>[0-9]{1,3})\)(?=\s*(?:,|\band\b|&|\+|$))", RegexOptions.IgnoreCase);
}
