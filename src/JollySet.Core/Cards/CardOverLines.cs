using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>What only several lines together say: a list counted on over its lines, “repeat 1-3” below numbers, tabatas under one head. Each line is put as one that says it alone.</summary>
internal static class CardOverLines
{
    /// <summary>The lines that are put otherwise, by their place; a line may become several.</summary>
    /// <param name="isMove">Whether words are a move that is known.</param>
    /// <param name="isOneMove">Whether words are one move, not two in one rep.</param>
    public static Dictionary<int, string> Put(string[] lines, Func<string, bool> isMove, Func<string, bool> isOneMove)
    {
        var put = new Dictionary<int, string>();
        CardShared.Put(lines, put, isMove);
        CardTabatas.Put(lines, put, isMove);
        CardSetsByStroke.Put(lines, put, isMove);
        CardTracks.Put(lines, put, isMove);
        CardTopLine.Put(lines, put);
        CardClockParts.Put(lines, put);
        CardLetteredStations.Put(lines, put, isMove);
        CardMoreMoves.Put(lines, put);
        Dates(lines, put);
        SignedOff(lines, put, isMove);
        BlocksOnALine(lines, put, isMove);
        Counted(lines, put, isMove);
        Repeats(lines, put);
        CardTimeline.Put(lines, put);
        var (pairs, areTabatas) = (new CardPairs(lines, isOneMove), CardTabatas.AreMany(lines));
        for (var at = 0; at < lines.Length; at++)
            if (!put.ContainsKey(at) && lines[at].Length is > 0 and <= CardText.LongestLine && (pairs.Line(lines[at], isMove) ?? CardTabatas.Line(lines[at], areTabatas, isMove) ?? CardPlaces.Line(lines[at], IsBelow(lines, at), at > 0 ? lines[at - 1] : "", at + 1 < lines.Length ? lines[at + 1] : "", isMove) ?? Alone(lines, at, isMove)) is { } line)
                put[at] = line;
        return put;
    }

    /// <summary>“Circuit Sat 25/10” above “3 rounds 40/20”: a date, no work and rest.</summary>
    private static void Dates(string[] lines, Dictionary<int, string> put)
    {
        for (var (at, seen) = (0, 0); at < lines.Length && seen < TopLines; seen += lines[at].Length > 0 ? 1 : 0, at++)
            if (lines[at].Length <= CardText.LongestLine && DayAndDate.IsMatch(lines[at]) && !put.ContainsKey(at) && Array.Exists(lines, l => l != lines[at] && SaysHow.IsMatch(l)))
                put[at] = DatesKey.IsMatch(lines[at]) ? $"note: {lines[at].Trim()}" : DayAndDate.Replace(lines[at], "${d}.${m}");
    }

    /// <summary>“Block 1 squats and press ups, block 2 lunges and rows. 30 secs each, 4 rounds”: a line of each, and how they run.</summary>
    private static void BlocksOnALine(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var at = 0; at < lines.Length; at++)
        {
            if (put.ContainsKey(at) || lines[at].Length > CardText.LongestLine || BlocksListed.Match(lines[at]) is not { Success: true } m)
                continue;
            var blocks = m.Groups["b"].Captures.Select((b, i) => (Name: b.Value, Items: MovesBetween.Split(m.Groups["w"].Captures[i].Value.Trim(' ', ',', ';', '.')))).ToList();
            if (!blocks.TrueForAll(b => b.Items.Length > 1 && b.Items.Count(isMove) * 2 >= b.Items.Length))
                continue;
            var how = m.Groups["how"].Value.Trim(' ', '.');
            put[at] = string.Join('\n', blocks.Select(b => $"{b.Name}{(how.Length > 0 ? $" ({how})" : "")}: {string.Join(", ", b.Items)}"));
        }
    }

    /// <summary>“Then stretch at the end. Jo”: who wrote it is no part of what is done.</summary>
    private static void SignedOff(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        if (Array.FindLastIndex(lines, l => l.Any(char.IsLetterOrDigit)) is > 0 and var last && !put.ContainsKey(last) && lines[last].Length <= CardText.LongestLine && NameBehind.Match(lines[last]) is { Success: true } m && !isMove(m.Groups["n"].Value) && CardPhrases.PartOf(m.Groups["n"].Value) == CardPart.Main)
            put[last] = $"{lines[last][..m.Index]}\nnote: {m.Value.Trim()}";
    }

    /// <summary>One line put otherwise; null where it says what it says alone.</summary>
    private static string? Alone(string[] lines, int at, Func<string, bool> isMove)
    {
        var line = lines[at];
        if (RestThenAgain.Match(line) is { Success: true } again)
            return $"{(again.Groups["n"].Success ? $"{again.Groups["n"].Value} rounds, " : lines[Math.Max(0, at - FewLines)..at].Any(l => SaysRounds.IsMatch(l)) ? "" : "2 rounds, ")}{again.Groups["t"].Value} between rounds";
        if (SwapsAfter.Replace(line, "${t} each") is var each && each != line)
            return each;
        if (line.Contains(", ", StringComparison.Ordinal) && ListOfMinutes.Match(line) is { Success: true } part && CardPhrases.PartOf(part.Groups["h"].Value) == CardPart.Main && part.Groups["i"].Captures.Count(i => isMove(i.Value.Trim())) * 2 >= part.Groups["i"].Captures.Count)
            return $"{part.Groups["h"].Value} {part.Groups["t"].Value}: {string.Join(", ", part.Groups["i"].Captures.Select(i => i.Value.Trim()))}";
        if (MoveFinish.Match(line) is { Success: true } ends && isMove(ends.Groups["name"].Value))
            return $"{ends.Groups["h"].Value} {ends.Groups["n"].Value} rounds: {ends.Groups["name"].Value} {ends.Groups["t"].Value}{(ends.Groups["more"].Success ? $" ({ends.Groups["more"].Value})" : "")}";
        if (ShinBoxes.Match(line) is { Success: true } box && (line.Contains(", ", StringComparison.Ordinal) ? line.Any(char.IsLetter) : IsAmongCounted(lines, at)))
            return ShinBoxes.Replace(line, "90/90 (x${n})");
        if (CardWording.TurnsOfTwo(line) is { } turns)
            return turns;
        if (CardTimedList.Line(line, isMove) is { } timed)
            return timed;
        if (SectionAlone.IsMatch(line) && IsBelow(lines, at))
            return $"{line.Trim()}:";
        if (ChallengeIs.Match(line) is { Success: true } dare && isMove(dare.Groups["m"].Value))
            return $"{(dare.Groups["h"].Success ? dare.Groups["h"].Value : "Challenge: ")}{dare.Groups["m"].Value}";
        if (LadderNamed.Match(line) is { Success: true } rungs && IsBelow(lines, at) && Moves.BriefWords.Kit(rungs.Groups["m"].Value) is null && !isMove(rungs.Groups["m"].Value) && (at + 1 >= lines.Length || lines[at + 1].Any(char.IsAsciiDigit) || CardPhrases.PartOf(lines[at + 1]) != CardPart.Main))
            return $"{rungs.Groups["w"].Value} {rungs.Groups["l"].Value}: {rungs.Groups["m"].Value}";
        var bare = WithoutLetter(lines, at);
        return CardRungs.Line(line, isMove) ?? MostOf(bare, isMove) ?? CardTails.Line(line, IsBelow(lines, at)) ?? (bare == line ? null : bare);
    }

    /// <summary>Whether a line beside this one is a name and how often.</summary>
    private static bool IsAmongCounted(string[] lines, int at) =>
        (at > 0 && NameAndTimes.IsMatch(lines[at - 1])) || (at + 1 < lines.Length && NameAndTimes.IsMatch(lines[at + 1]));

    private static CardPattern NameAndTimes => field ??= new(@"^\s*(?:[-*]\s*)?[a-z][a-z' -]{2,40}\s*x\s*[0-9]{1,2}\b", RegexOptions.IgnoreCase);

    /// <summary>“90/90 x 8” among moves: the seat with both knees at right angles, no work and rest.</summary>
    private static CardPattern ShinBoxes => field ??= new(@"\b90\s*/\s*90s?\s*x\s*(?<n>[0-9]{1,2})\b(?!\s*rounds)", RegexOptions.IgnoreCase);

    /// <summary>Whether anything stands between a line and the title.</summary>
    private static bool IsBelow(string[] lines, int at) => Array.FindIndex(lines, l => l.Length > 0) is var title && Array.FindIndex(lines, title + 1, l => l.Length > 0) is >= 0 and var next && next < at;

    /// <summary>“1. squats 2. rows” above “3. curls 4. plank”: the numbers count the moves, on all of these lines.</summary>
    private static void Counted(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var from = 0; from < lines.Length; from++)
        {
            var (run, count, next) = (new List<string>(), 0, from);
            for (; next < lines.Length && !put.ContainsKey(next) && CountedOn(lines[next], count + 1, isMove) is { } names; next++)
            {
                run.Add(string.Join('\n', names));
                count += names.Length;
            }

            // Numbers that begin anew are no counts of what is done where a sign stands behind them, or where they go on below.
            if (run.Count > 0 && count > run.Count && count >= FewestCounted && (run.Count > 1 || Signed.IsMatch(lines[from])))
                for (var at = 0; at < run.Count; at++)
                    put[from + at] = run[at];
            from = Math.Max(from, next - 1);
        }
    }

    /// <summary>The moves of a line whose numbers go on from one; null where it says anything else.</summary>
    private static string[]? CountedOn(string line, int first, Func<string, bool> isMove)
    {
        if (line.Length > CardText.LongestLine || Items.Match(line) is not { Success: true } m)
            return null;
        var numbers = m.Groups["n"].Captures;
        for (var at = 0; at < numbers.Count; at++)
            if (numbers[at].Value != (first + at).ToString(CultureInfo.InvariantCulture))
                return null;
        var names = m.Groups["w"].Captures.Select(c => c.Value.Trim(' ', ',', ';', '.', '-', '/', '|')).ToArray();
        return Array.TrueForAll(names, n => n.Length > 2) && names.Count(isMove) * 2 > names.Length ? names : null;
    }

    /// <summary>“Repeat 1-3 x 2”, “repeat steps 1 to 3, 4 rounds in total” below lines with these numbers: so many rounds.</summary>
    private static void Repeats(string[] lines, Dictionary<int, string> put)
    {
        var numbers = Array.ConvertAll(lines, l => Number.Match(l) is { Success: true } n ? n.Groups["n"].Value : "");
        for (var at = 1; at < lines.Length; at++)
        {
            if (lines[at].Length > CardText.LongestLine || Repeat.Match(lines[at]) is not { Success: true } m)
                continue;
            if (m.Groups["a"].Success && (Above(m.Groups["a"].Value) is not { } first || Above(m.Groups["b"].Value) is not { } last || last <= first))
                continue;
            var more = m.Groups["n"].Value.ToLowerInvariant() switch
            {
                "" => 2,
                "once" => 2,
                "twice" => m.Groups["more"].Success ? 3 : 2,
                "thrice" => 3,
                "two" or "three" or "four" or "five" => Array.IndexOf(Words, m.Groups["n"].Value.ToLowerInvariant()) + 2 + (m.Groups["more"].Success ? 1 : 0),
                var n => int.Parse(n, CultureInfo.InvariantCulture) + (m.Groups["more"].Success ? 1 : 0),
            };
            // What is done once before them is a block of its own.
            if (m.Groups["a"].Success && Above(m.Groups["a"].Value) is { } begins && Array.IndexOf(numbers, (int.Parse(m.Groups["a"].Value, CultureInfo.InvariantCulture) - 1).ToString(CultureInfo.InvariantCulture), 0, begins) >= 0)
            {
                put[begins] = string.Create(CultureInfo.InvariantCulture, $"then {more} rounds of:\n{put.GetValueOrDefault(begins, lines[begins])}");
                put[at] = $"note: {lines[at].Trim()}";
            }
            else
            {
                put[at] = string.Create(CultureInfo.InvariantCulture, $"{more} rounds");
            }

            int? Above(string number) => Array.LastIndexOf(numbers, number, at - 1) is >= 0 and var place ? place : null;
        }
    }

    /// <summary>“Finisher: AMRAP 4 min burpees”, “burpees max reps in 2 mins”: as many of one move as there is time for.</summary>
    private static string? MostOf(string line, Func<string, bool> isMove) =>
        line.Any(char.IsAsciiDigit) && MostInTime.Match(line) is { Success: true } m && isMove(m.Groups["m"].Value.Trim()) ? $"{(m.Groups["h"].Success ? $"{m.Groups["h"].Value}: " : "")}max {m.Groups["m"].Value.Trim()} in {m.Groups["n"].Value} min" : null;

    /// <summary>“C finisher: …”, “C: tabata …” below A and B, “Finisher - tabata …”: named by what it is.</summary>
    private static string WithoutLetter(string[] lines, int at) =>
        TabataBehind.Match(lines[at]) is { Success: true } named ? lines[at][named.Length..] :
        LetterBefore.Match(lines[at]) is { Success: true } m && Array.Exists(lines, l => l.TrimStart().StartsWith((char)(m.Groups["l"].Value[0] - 1))) ? lines[at][m.Length..] : lines[at];

    private const int FewLines = 12;
    private const int FewestCounted = 4;
    private static readonly string[] Words = ["two", "three", "four", "five"];
    private const string Times = @"(?<n>[2-9]|once|twice|thrice|two|three|four|five)";

    private static CardPattern NameBehind => field ??= new(@"(?<=\b(?:end|mins?|minutes?|stretch|down|up|rounds?|time|it|them)[.!])\s+(?<n>[A-Z][a-z]{1,9})(?:\s+x{1,3})?[.!]?$");

    private static CardPattern BlocksListed => field ??= new(@"^\s*(?:(?<b>(?:block|circuit|set|part)\s+[1-9])\s*[:-]?\s+(?<w>[a-z][a-z' &,+-]*?)(?:[,;.]\s+(?:and\s+|then\s+)?(?=(?:block|circuit|set|part)\s+[1-9])|$|\.\s+(?=[0-9]))){2,}(?<how>[0-9][^:]{3,50})?$", RegexOptions.IgnoreCase);

    private static CardPattern MovesBetween => field ??= new(@"\s*[,+&]\s*(?:and\s+)?|\s+and\s+", RegexOptions.IgnoreCase);

    /// <summary>“Technique – goblet squat, deadlift 10 mins”: a part, its moves and how long all of it is.</summary>
    private static CardPattern ListOfMinutes => field ??= new(@"^\s*(?<h>[a-z][a-z &]{2,24}?)\s*(?::|\s-)\s+(?<i>[a-z][a-z' -]{2,30}?)(?:,\s*(?<i>[a-z][a-z' -]{2,30}?))+,?\s+(?<t>[3-9]\s*(?:mins?|minutes?)|1[0-5]\s*(?:mins?|minutes?))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Tone section” alone on its line, below a title.</summary>
    private static CardPattern SectionAlone => field ??= new(@"^\s*[a-z][a-z ]{2,18}\s(?:section|segment)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“Sprint finish: 6 x 20 sec, walk back”: the move stands in the head.</summary>
    private static CardPattern MoveFinish => field ??= new(@"^\s*(?<h>(?<name>[a-z]{3,10}(?:\s[a-z]{3,8})??)s?\s+(?:finish(?:er)?|challenge|finale|intervals|repeats|test|blast))\s*[:,-]\s*(?<n>[0-9]{1,2})\s*x\s*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?))(?:\s*[,(-]\s*(?<more>[a-z][a-z ]{2,40})\)?)?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“Block 3: wall sit challenge”: what is done in it is the move.</summary>
    private static CardPattern ChallengeIs => field ??= new(@"^\s*(?<h>(?:block\s+[0-9]|finish(?:er)?|to\s+finish|[a-h])\s*(?::|\s-|\))\s+)?(?<m>[a-z][a-z' -]{2,30}?)\s+challenge[.!]?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“Push ladder 1-2-3-4-5” above what has its own times or ends the class: of whatever it is called by.</summary>
    private static CardPattern LadderNamed => field ??= new(@"^\s*(?:[-*]\s*)?(?<m>(?!rep\b|reps\b|the\b|up\b|down\b|step\b)[a-z]{3,10}(?:\s[a-z]{3,10})?)\s+(?<w>ladder|pyramid)\s*[:,-]?\s+(?<l>[0-9]{1,2}(?:\s*-\s*[0-9]{1,2}){2,12})\s*$", RegexOptions.IgnoreCase);

    private const int TopLines = 4;

    private static CardPattern DayAndDate => field ??= new(@"(?<=\b(?:mon|tues?|wed|weds|wednes|thu|thurs?|fri|sat|satur|sun)(?:day)?s?,?\s+(?:the\s+)?)(?<d>0?[1-9]|[12][0-9]|3[01])/(?<m>0?[1-9]|1[0-2])(?![0-9/.]|\s*(?:x|s\b|secs?|seconds?|on\b|work))", RegexOptions.IgnoreCase);

    private static CardPattern DatesKey => field ??= new(@"^\s*(?:dates?|days?|when)\s*:", RegexOptions.IgnoreCase);

    private static CardPattern SaysHow => field ??= new(@"\b[2-6][05]\s*/\s*[1-6][05]\b|\b[2-9]\s*(?:rounds?|rds|laps|sets|x)\b|\bx\s?[0-9]|\b(?:emom|amrap|tabata)\b", RegexOptions.IgnoreCase);

    private static CardPattern Items => field ??= new(@"^\s*(?:(?<n>[0-9]{1,2})(?:\s?[.):]|\s-)?\s*(?<w>[a-z][^0-9:()]{2,40})(?=[0-9]|$))+$", RegexOptions.IgnoreCase);

    private static CardPattern Signed => field ??= new(@"^\s*[0-9]{1,2}\s?[.)]");

    private static CardPattern Number => field ??= new(@"^\s*(?<n>[0-9]{1,2})(?:\s?[.):]|\s-|\s(?=[a-z]))", RegexOptions.IgnoreCase);

    private static CardPattern Repeat => field ??= new(@"^\s*(?:then\s+|and\s+)*(?:repeat|rpt|redo)\s+(?:(?:steps?|exercises?|moves?|numbers?|stations?|nos?\.?)\s+)?(?:#?(?<a>[1-9][0-9]?)\s*(?:-|to|thru|through)\s*#?(?<b>[1-9][0-9]?)|all\s+(?:[3-9]|of\s+(?:it|them|that)))(?:[\s,-]*(?:for\s+)?(?:x\s*)?" + Times + @"(?:\s*x\b)?(?<more>\s+(?:more|extra))?(?:\s*(?:rounds?|times|sets|laps|in\s+total|total|through|altogether)\b)*)?[.!]*\s*$", RegexOptions.IgnoreCase);

    /// <summary>“Rest 1 min, then go round again”.</summary>
    private static CardPattern RestThenAgain => field ??= new(@"^\s*(?:then\s+)?(?:rest\s+(?:for\s+)?(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))|(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*(?:rest|break|off))\s*[,.;-]?\s*(?:and\s+)?(?:then\s+)?(?:go\s+(?:a)?round\s+again|(?:all\s+)?again|repeat(?:\s+(?:it\s+)?all)?|start\s+again|do\s+it\s+(?:all\s+)?again)(?:\s*(?:,\s*)?(?:x\s*)?(?<n>[2-6])\s*(?:x\b|rounds|times|laps)?(?:\s+in\s+(?:all|total))?)?[.!]*\s*$", RegexOptions.IgnoreCase);

    private static CardPattern SaysRounds => field ??= new(@"\b[2-9]\s*(?:rounds?|rds?|laps?|times)\b|^\s*x\s?[2-9]\s*$|^\s*[2-9]\s*x\s*$|\b[0-9]{2}\s*/\s*[0-9]{2}\s*x\s*[2-9]\b|\btwice\b", RegexOptions.IgnoreCase);

    /// <summary>“Partner circuit, 30 sec swap”: so long each; nobody needs it to change places.</summary>
    private static CardPattern SwapsAfter => field ??= new(@"(?<=\b(?:partners?|pairs|twos)\b.*)(?<t>\b(?:[2-9][05]|[1-9])\s*(?:s|secs?|seconds?|mins?|minutes?))\s+swaps?\b", RegexOptions.IgnoreCase);

    private static CardPattern MostInTime => field ??= new(@"^\s*(?:(?<h>finisher|burn\s?out|cash\s?out|[a-h])(?:\s*(?:[:.,)]|\s-)\s*|\s+(?=[0-9]|amrap)))?(?:amrap\s*[:-]?\s*(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')?\s*(?:of\s+|:\s*|-\s*)?(?<m>[a-z][a-z' -]{2,40})|(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')\s*amrap\s*(?:of\s+|:\s*|-\s*)?(?<m>[a-z][a-z' -]{2,40})|(?<m>[a-z][a-z' -]{2,40}?)\s*[,:-]?\s*(?:amrap|max(?:imum)?\s+reps)\s*(?:in|for)?\s*(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|'))[.]?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern TabataBehind => field ??= new(@"^\s*(?:finisher|to\s+finish|cash\s?out|burn\s?out)\s*[:,-]\s*(?=tabata\s+[a-z])", RegexOptions.IgnoreCase);

    private static CardPattern LetterBefore => field ??= new(@"^\s*(?<l>[B-H])\s*(?:[.):-]\s*|\s)(?=(?i:finisher|tabata)\b)");
}
