using System.Collections.Frozen;
using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>
/// How a block runs, told clause by clause: so many stations, so long on, so long off, how often, how long between the rounds, in any order and by any signs.
/// A stretch of a line that is such clauses and nothing else becomes the words of a head; whatever else stands in it, it is left alone, so that nothing is lost.
/// </summary>
internal sealed partial class CardTimings
{
    private const int LongestWork = 300;
    private const int LongestRest = 180;
    private const int LongRest = 45;
    private const int MostRounds = 20;
    private const int MostReps = 100;
    private const int FewestReps = 9;

    private readonly List<int> bare = [];
    private int? work;
    private int? rest;
    private int? rounds;
    private int? reps;
    private int? between;
    private bool isRestSaidOfMoves;
    private bool isWater;
    private bool isSets;
    private bool isRound;
    private bool isDose;
    private bool isWhole;
    private bool isTimes;
    private string? who;

    private CardTimings() { }

    /// <summary>The line with its timings in the words of a head, seconds as numbers: “Main: 2 rounds, 45/15”; as it is where none of its stretches is timings alone.</summary>
    /// <param name="isMove">Whether words are a move: what stands behind one is the move's own.</param>
    public static string Plain(string text, Func<string, bool> isMove)
    {
        if (!Figures.IsMatch(text))
            return text;
        text = RoundsOfTime.Replace(text, "${n} rounds, ${t} each");
        // “3-13 circuit: 30/15, squats, rows”: the minutes at the side are no timing of it.
        if (Side.Match(text) is { Success: true } side)
            return Plain(text[side.Length..], isMove) is var rest && rest.StartsWith(side.Groups["name"].Value, StringComparison.Ordinal) ? side.Value + rest : $"{side.Value}{side.Groups["name"].Value} - {rest}";
        // “A: squats, rows - 40/20 x 3”: the letter is no part of the list.
        var letter = LetterBefore.Match(text).Length;
        if (Around(text[letter..], isMove) is { } around)
            return letter > 0 ? $"{text[0]} - {around}" : around;
        foreach (var start in Starts.Matches(text).Select(m => m.Index + m.Length).Prepend(0))
        {
            var before = text[..start].TrimEnd(' ', ':', '-', '(', '.');
            if (before.Any(char.IsAsciiDigit) && !NameBefore.IsMatch(before))
                break;
            var told = new CardTimings { isRound = OfRounds.IsMatch(before), isDose = Doses.IsMatch(text) };
            var end = told.Takes(text, start);
            if (end > start && Ends(text, start, end) && told.Told() is { } plain && !(start > 0 && isMove(before)))
                // “Main: 45 on, 15 off: squats, rows”: the name, how it runs, its list.
                return text[end..].TrimStart() is [':', ..] && text[..start].TrimEnd() is [.., ':'] ? $"{before} - {plain}{text[end..]}" : $"{text[..start]}{plain}{text[end..]}";
        }

        return text;
    }

    /// <summary>Whether a stretch is whole where it ends: at the line's end, its bracket's, or the list of its moves.</summary>
    private static bool Ends(string text, int start, int end)
    {
        var more = text[end..].TrimStart();
        return start > 0 && text[start - 1] == '(' ? more.StartsWith(')') : more.TrimEnd('.', ':', ' ').Length == 0 || (more[0] == ':' && !more[1..].TrimStart().StartsWith('-'));
    }

    /// <summary>Takes clauses from a place on; where the last of them ends, or −1 where one contradicts another.</summary>
    private int Takes(string text, int at)
    {
        while (at < text.Length)
        {
            if (Sign.Match(text, at) is { Success: true, Length: > 0 } sign && sign.Index == at && !(sign.Value is "-" && at + 1 < text.Length && char.IsAsciiDigit(text[at + 1])))
            {
                at += sign.Length;
                continue;
            }

            if (ClauseAt(text, at) is not { } m)
                break;
            if (!Holds(m))
                return -1;
            at += m.Length;
        }

        return at;
    }

    /// <summary>Where the clause that stands at a place ends; the place itself where none does.</summary>
    public static int OneClause(string text, int at) => ClauseAt(text, at) is { } m ? at + m.Length : at;

    private static Match? ClauseAt(string text, int at) =>
        MayBegin(text, at) ? Clauses.Select(c => c.Match(text, at)).FirstOrDefault(m => m.Success) : null;

    /// <summary>Whether a clause may begin here: with a figure, a sign or one of its first words.</summary>
    private static bool MayBegin(string text, int at)
    {
        var end = at;
        while (end < text.Length && char.IsAsciiLetter(text[end]))
            end++;
        return end == at || Firsts.Contains(text.AsSpan(at, end - at));
    }

    private bool Holds(Match m)
    {
        if (m.Groups["between"].Success)
        {
            isWater |= m.Groups["water"].Success;
            isRound |= OfRounds.IsMatch(m.Value);
            return Once(ref between, Seconds(m));
        }

        if (m.Groups["who"].Success)
        {
            who ??= m.Groups["who"].Value;
            return true;
        }

        if (m.Groups["stations"].Success)
        {
            isRound |= m.Groups["stand"].Success;
            return true;
        }

        if (m.Groups["whole"].Success)
            return isWhole = true;
        // “3 sets of 10” alone is read as such.
        if (m.Groups["dose"].Success && !isWhole)
            return false;
        if (m.Groups["reps"].Success)
            return Once(ref reps, Number(m.Groups["n"]));
        if (m.Groups["pair"].Success)
            return Once(ref work, Number(m.Groups["w"])) && Once(ref rest, Number(m.Groups["r"])) && (isRestSaidOfMoves = true);
        if (m.Groups["rounds"].Success)
        {
            isSets |= m.Groups["sets"].Success;
            isTimes |= m.Value[0] is 'x' or 'X' && char.IsAsciiDigit(m.Value[^1]);
            return Once(ref rounds, m.Groups["twice"].Success ? 2 : m.Groups["thrice"].Success ? 3 : Number(m.Groups["n"]));
        }

        if (m.Groups["rest"].Success)
        {
            isRestSaidOfMoves |= m.Groups["moves"].Success;
            return Once(ref rest, Seconds(m));
        }

        if (m.Groups["work"].Success)
            return Once(ref work, Seconds(m));
        // What nothing is said of is worked where it stands before the rest.
        bare.Add(Seconds(m));
        return work is not null || rest is null;
    }

    private static bool Once(ref int? said, int now)
    {
        if (said is { } before && before != now)
            return false;
        said = now;
        return now > 0;
    }

    /// <summary>In the words of a head; null where they leave open what it is that is done, or which of two things a time is.</summary>
    /// <param name="isList">Whether all of it is said of a list of moves: so many of each need no rounds, and “x 12” is so many of each, “x 8” a tabata’s rounds.</param>
    private string? Told(bool isList = false)
    {
        if (isList && isTimes && rounds >= FewestReps && (reps, work, rest, between, bare.Count) is (null, null, null, null, 0))
            (reps, rounds) = (rounds, null);
        var isWorkSaid = work is not null;
        foreach (var time in bare)
            if (work is null && reps is null)
                work = time;
            else if (rest is null && time < work && time < LongRest)
                rest = time;
            else
                return null;
        // “2 x 8 each”, “10 reps x 2” are sets, and read as such.
        if (rounds is < 1 or > MostRounds || rest > LongestRest || (isDose && reps is not null))
            return null;
        // Where there are rounds, what is called a set is one.
        var areSets = isSets && !isRound && !isRestSaidOfMoves;
        if (rest >= LongRest && rounds is not null && !isRestSaidOfMoves && (reps is not null || isWorkSaid) && between is null && !areSets)
            (rest, between) = (null, rest);
        var done = (work, rest, reps) switch
        {
            ( > 4 and <= LongestWork, { } off, null) when rounds is null || off < LongRest || isRestSaidOfMoves => string.Create(CultureInfo.InvariantCulture, $"{work}/{off}"),
            ( > 4 and <= LongestWork, null, null) when isWorkSaid && rounds is not null && !areSets => string.Create(CultureInfo.InvariantCulture, $"{work}s each"),
            (null, _, <= MostReps) when areSets && rounds is not null && between is null => string.Create(CultureInfo.InvariantCulture, $"{rounds} sets of {reps}{(rest is { } off ? $", rest {off}s" : "")}"),
            (null, null, <= MostReps) when (rounds is not null || isList) && !areSets => string.Create(CultureInfo.InvariantCulture, $"{reps} of each"),
            (null, { } off, <= MostReps) when rounds is not null && !areSets => string.Create(CultureInfo.InvariantCulture, $"{reps} of each, rest {off}s{(isRestSaidOfMoves ? " between exercises" : "")}"),
            _ => null,
        };
        if (done is null)
            return null;
        if (rounds is { } often && !(areSets && reps is not null))
            done = string.Create(CultureInfo.InvariantCulture, $"{often} {(areSets ? "sets" : "rounds")}, {done}");
        if (between is { } pause)
            done = string.Create(CultureInfo.InvariantCulture, $"{done}, {pause}s {(isWater ? "water" : "rest")} between rounds");
        // Who goes together is told beside it.
        return who is { } together ? $"{done}, {together}" : done;
    }

    private static int Seconds(Match m)
    {
        if (m.Groups["half"].Success)
            return 30;
        if (m.Groups["one"].Success)
            return 60;
        var n = Number(m.Groups["n"]);
        if (m.Groups["clock"] is { Success: true } clock)
            return n * 60 + Number(clock);
        return m.Groups["min"].Success ? n * 60 + (m.Groups["more"] is { Success: true } more ? Number(more) : 0) : n;
    }

    private static int Number(Group said) => int.TryParse(said.Value, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n
        : Array.FindIndex(Words, w => w.Equals(said.Value, StringComparison.OrdinalIgnoreCase)) + 1;

    private static readonly string[] Words = ["one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];

    private static readonly FrozenSet<string>.AlternateLookup<ReadOnlySpan<char>> Firsts = new[]
    {
        "x", "a", "an", "half", "min", "mins", "minute", "minutes", "rest", "resting", "r", "off", "recover", "recovery", "recovering", "break", "breaks", "breather", "breathers", "take", "have", "water",
        "change", "changes", "changeover", "changeovers", "changing", "transition", "transitions", "swap", "swaps", "switch", "switching", "rotate", "rotating", "rotation", "turn", "turnaround", "move", "moving", "do", "on", "work", "working",
        "all", "each", "every", "complete", "perform", "for", "repeat", "repeated", "go", "run", "it", "this", "everything", "the", "circuit", "through", "round", "around", "twice", "thrice", "in", "groups", "teams",
    }.Concat(Words).ToFrozenSet(StringComparer.OrdinalIgnoreCase).GetAlternateLookup<ReadOnlySpan<char>>();

    private const string N = @"(?<n>[0-9]{1,3}|one|two|three|four|five|six|seven|eight|nine|ten)";

    /// <summary>A time with its unit.</summary>
    private const string T = @"(?:(?<half>half\s+a\s+min(?:ute)?|1/2\s+min(?:ute)?)|(?<one>(?:an?\s+|one\s+|(?<![0-9]\s?))min(?:ute)?(?:'?s)?\b(?!s))|(?<n>[0-9]):(?<clock>[0-5][0-9])|(?<n>[0-9]{1,3})(?:\s*|-)(?:(?<min>m(?:in(?:ute)?s?)?\b\.?|'(?!'))(?:\s*(?<more>[0-9]{1,2})\s*(?:s(?:ec(?:ond)?s?)?)?\b)?|s(?:ec(?:ond)?s?)?\b\.?(?:')?|""|''))";

    /// <summary>A time whose unit may be left out.</summary>
    private const string Tb = "(?:" + T + @"|(?<n>[0-9]{2,3})(?!\s*x|\s*:\s*[0-9]|\s*/\s*[0-9]{2}\b(?!\s*[sm""])))";
    private const string Moves = @"(?:stations?|stns?|exercises?|moves?|movements?|ones?|things?|drills?|equipment)";
    private const string Round = @"(?:rounds?|laps?|circuits?|sets?|goes|rnds?|rds?|times?\s+round|loops?)";
    private const string Off = @"(?:rest(?:ing)?|off|change[\s-]?overs?|chang(?:e|ing)|transitions?|recover(?:y|ing)?|breaks?|breathers?|swaps?|switch(?:ing)?|rotat(?:e|ing|ion)|turn\s?around|mov(?:e\s+(?:on|round|over|along)|ing(?:\s+(?:on|round|over|along))?)|r\b)";
    private const string To = @"(?:to\s+(?:change|move|swap|switch|rest|recover|reset|transition|rotate|get|walk|run|jog|catch)(?:\s+(?:over|on|along|around|round|across|ready|set|up|stations?|there|your\s+breath|to))*(?:\s+(?:the|their|your)\s+next(?:\s+" + Moves + ")?)?)";
    private const string Each = @"(?:(?:on|at|per|for|in|of)\s+)?(?:each|every|per|all|ea)\b(?:\s+of\s+them)?(?:\s+(?:of\s+the\s+)?" + Moves + @")?|(?:per|on\s+the|a)\s+" + Moves;

    private static CardPattern OfRounds => field ??= new(@"\b(?:rounds?|laps?|circuits?|repeat)\b", RegexOptions.IgnoreCase);

    private static CardPattern Doses => field ??= new(@"[0-9]\s*x\s*[0-9]|\b(?:reps?|each)\s+x\s*[0-9]", RegexOptions.IgnoreCase);

    /// <summary>“6 x 2 min rounds”.</summary>
    private static CardPattern RoundsOfTime => field ??= new(@"\b(?<n>[0-9]{1,2})\s*x\s*(?<t>[0-9]{1,3}\s*(?:mins?|minutes?|s|secs?|seconds?))\s+rounds\b(?!\s+of\b)", RegexOptions.IgnoreCase);

    private static CardPattern Figures => field ??= new(@"[0-9]");

    /// <summary>Where a stretch of timings may begin: behind a name and its sign, or in a bracket.</summary>
    private static CardPattern Starts => field ??= new(@":\s+(?!-)|\s-\s|\(|\.\s+(?=\S)");

    private static CardPattern Side => field ??= new(@"^[0-9]{1,3}'?\s*-\s*[0-9]{1,3}'?\s+(?=(?<name>[a-z]+):\s)", RegexOptions.IgnoreCase);

    private static CardPattern LetterBefore => field ??= new("^[A-H]:\\s+");

    /// <summary>“Block 2”, “Part 1 legs”.</summary>
    private static CardPattern NameBefore => field ??= new(@"^(?>[a-z][a-z']*)(?:\s[a-z']+)?\s[0-9]{1,2}[a-d]?(?:\s[a-z']+){0,3}$", RegexOptions.IgnoreCase);

    private static CardPattern Sign => field ??= new(@"\G(?>(?:[\s,;+/&.-]+|(?:and|then|with|plus|of)\b|(?:followed|repeated)\s+by\b|w/)+)", RegexOptions.IgnoreCase);

    /// <summary>What a clause may be; the first that stands at a place is meant.</summary>
    private static CardPattern[] Clauses => field ??=
    [
        Clause(@"(?<between>" + T + @"\s*(?:(?:of\s+)?(?:" + Off + @"|(?<water>water|drinks?))(?:\s+break)?\s*)?(?:in\s+)?(?:(?:between|btw|b/w|betw|after)(?:\s+(?:each|every|the))?|at\s+the\s+end\s+of\s+(?:each|every|the)|(?:per|each|every))\s+" + Round + @"|(?:rest(?:ing)?|recover(?:ing)?|break|take|have|(?<water>water))\s*:?\s*(?:for\s+)?" + T + @"\s+(?:rest\s+|break\s+)?(?:between|after|btw)(?:\s+(?:each|every|the))?\s+" + Round + @"|(?:rest\s+)?" + T + @"\s+(?:rest\s+|off\s+)?(?:and\s+|then\s+|&\s+)+repeat\b|(?:rest|break)\s+between\s+(?:the\s+)?" + Round + @"\s*[:=-]?\s*" + T + @"|" + T + @"\s*(?<water>water|drinks?)(?:\s+breaks?)?(?=\s*(?:$|[,;.)])))"),
        Clause(@"(?<stations>[0-9]{1,2}\s*x?\s*(?:different\s+)?(?:(?<stand>stations?|stns?)|exercises?|moves|movements|drills)\b(?:\s+(?:of|each|in\s+total|total)\b)?)"),
        Clause(@"(?<whole>(?:(?:each|every)\s+(?:move|exercise|one)(?=\s*[:-]?\s*[0-9]\s+sets\s+of\s)|(?<!of\s+)everything|all\s+(?:moves|exercises|stations))\b(?:\s+(?:is|are|for|gets?))?(?=\s*[:,-]?\s*(?:[0-9]|x\s?[0-9])))"),
        Clause(@"(?<reps>(?<=\bsets\s+of\s+)(?<dose>(?<n>[0-9]{1,2}))(?=\s*(?:[,;+-]|$))|(?:do\s+)?(?:x\s*)?" + N + @"\s*(?:(?:reps?|repetitions|times(?=\s+(?:each|of\s+each|per)\b))\b(?:\s+(?:" + Each + @"|of\s+everything))?|(?:of\s+)?(?:each|everything)\b(?:\s+(?:of\s+the\s+)?" + Moves + @"\b)?(?!\s+(?:side|leg|arm|way|of)\b)))"),
        Clause(@"(?<pair>(?:work\s*:?\s*(?:for\s+)?)?(?!90\s*/\s*90\b)(?<w>[0-9]{2,3})\s*(?:s(?:ec(?:ond)?s?)?)?\s*[/:]\s*(?<r>[1-9][0-9]|[5-9])\s*(?:s(?:ec(?:ond)?s?)?)?\b(?!\s*(?:x\s*[0-9]*\s*(?:kg|lb|reps?)|min|between\s+" + Round + @"|after|work|on\b|" + Round + @"))(?:\s*(?:" + Off + @"|" + To + @")\b(?!\s+(?:between\s+(?:the\s+)?" + Round + @"|after|[0-9]|" + Round + @")))?(?:\s*(?:in\s+)?(?:between|btw)\b(?!\s+(?:the\s+)?" + Round + @")(?:\s+(?:each\s+)?" + Moves + @")?)?|(?<w>[0-9]{2,3})\s*(?:s(?:ec(?:ond)?s?)?\s+)?(?:on|work)\b[\s,/&+-]*(?:and\s+|then\s+)?(?<r>[0-9]{1,3})\s*(?:s(?:ec(?:ond)?s?)?\s+)?(?:off|rest)\b(?!\s+(?:between|after)))"),
        Clause(@"(?<rounds>(?:(?:all|complete|perform|do|for|repeat(?:ed)?|go|run|work)\s+)*(?:(?:it|this|all|everything|the\s+(?:lot|circuit)|(?<=(?:repeat|do|complete)\s+)circuit|through|round|around)\s+)*(?:x\s*(?<n>[0-9]{1,2})\b(?:\s*" + Round + @")?|(?<twice>twice)\b|(?<thrice>thrice)\b|" + N + @"\s*(?:x\b|times\b|(?:(?:full|complete|whole)\s+)?(?:(?<sets>sets)|" + Round + @")\b))(?:\s+(?:through|round|around|over|in\s+total|total|of|in\s+all)\b)*)"),
        Clause(@"(?<rest>" + Off + @"\s*(?:time|period)?\s*[:=]?\s*(?:for\s+|in\s+|of\s+|is\s+)?" + Tb + @"(?!\s*(?:between|after|per|each|every|mins?|rest|rounds?|times)\b)(?:\s+between\s+(?<moves>(?:each\s+)?" + Moves + @"))?|(?:" + T + @"|(?<n>[0-9]{1,3}))\s*(?:of\s+|for\s+)?(?:" + Off + @"\b(?:\s+(?:period|time))?|(?<moves>" + To + @"))(?!\s+(?:between|after|btw)\s+(?:each\s+|every\s+|the\s+)?" + Round + @")(?!\s+(?:[0-9]|in\b|per\b|each\s+round))(?:\s+(?<moves>(?:in\s+)?(?:between|btw|after|at|before)(?:\s+(?:each|every|them|the)\b)?(?:\s+(?:next\s+)?" + Moves + @")?))?|" + T + @"\s+(?<moves>(?:in\s+)?(?:between|btw)(?:\s+(?:each|every|them)\b)?(?:\s+" + Moves + @")?)(?!\s+(?:the\s+)?" + Round + @"))"),
        Clause(@"(?<work>each\s+" + T + @"(?!\s*(?:" + Off + @"|side|leg|arm|way)\b)|(?:work(?:ing)?(?:\s+time)?\s*[:=]?\s*(?:for\s+)?" + Tb + @"|(?:do|on)\s*[:=]?\s*(?:for\s+)?" + T + @")(?!\s*(?:rounds?|times|rest|off|of)\b)(?:\s+(?:" + Each + @"))?|" + T + @"\s*(?:(?:of\s+)?(?:work|effort|working|on|intervals?)\b(?:\s+(?:" + Each + @"))?|" + Each + @"|stations?\b)(?!\s*rounds?)|(?<n>[0-9]{2,3})\s+(?:on|work)\b(?:\s+(?:" + Each + @"))?)"),
        Clause(@"(?:in\s+)?(?<who>(?:groups|teams)\s+of\s+[0-9]{1,2}\b|(?:[2-6]|two|three|four)\s+(?:people\s+)?(?:per|at\s+(?:each|every|a)|on\s+(?:each|every)|to\s+(?:a|each))\s+station\b)"),
        Clause("(?<bare>" + T + ")"),
    ];

    private static CardPattern Clause(string of) => new(@"\G(?:" + of + ")", RegexOptions.IgnoreCase);
}
