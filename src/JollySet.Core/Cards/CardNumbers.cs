using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Numbers that only say where a line stands: 1, 2, 3 down the side, minute 1, minute 2, and the times of a clock.</summary>
internal static partial class CardNumbers
{
    private const int FewestNumbered = 3;
    private const int FewestTimes = 3;

    /// <summary>Parts of a class that stands on one line.</summary>
    private const int FewestParts = 3;
    private const int LongSentence = 80;
    private const int HoursUpTo = 5;
    private const int HoursOfADay = 24;
    private const int Noon = 12;
    private const int ShortestClass = 15;
    private const int LongestClass = 120;

    /// <summary>Lines without such numbers, by their place; several lines where one says several things.</summary>
    public static Dictionary<int, string> Rewritten(IReadOnlyList<string> lines)
    {
        var said = new Dictionary<int, string>();
        var filled = Enumerable.Range(0, lines.Count).Where(at => lines[at].Length > 0 && lines[at].Any(char.IsLetterOrDigit)).ToList();
        // “Start with 5 mins warm up, then …, and finish with a stretch”: a line each.
        foreach (var at in filled)
            if (CardParts.Of(lines[at]) is { } parts && parts != lines[at])
                said[at] = parts;
        // “Wu 5, tabata x4 (…) 1 min btwn, core 5, cd 5”: a line each.
        foreach (var at in filled)
            if (!said.ContainsKey(at) && lines[at].Length <= CardText.LongestLine && InShort(lines[at]) is { } shorts)
                said[at] = shorts;
        // “2a) bench 3x10 2b) chin-up 3x8”: a line each.
        foreach (var at in filled)
            if (!said.ContainsKey(at) && IsLettered(lines[at]) && Tied.Split(lines[at]) is { Length: > 1 } tied)
                said[at] = string.Join('\n', tied);
        // “Tues: upper - A1 press-up 3x10, A2 row 3x10”: a line each.
        foreach (var at in filled)
            if (!said.ContainsKey(at) && Lettered.Matches(lines[at]) is { Count: > 1 } letters)
                said[at] = string.Join('\n', letters.Select((m, i) => lines[at][m.Index..(i + 1 < letters.Count ? letters[i + 1].Index : lines[at].Length)].Trim(' ', ',', ';', '-')).Prepend(lines[at][..letters[0].Index].TrimEnd(' ', ':', '-', ',', ';')).Where(l => l.Length > 0));
        Pairs(lines, filled, said);
        // “… and stretch it out for 5 minutes”: two things.
        foreach (var at in filled)
            if (!said.ContainsKey(at) && (at == filled[^1] && FirstAndLast.IsMatch(lines[at]) ? FirstAndLast : at == filled[^1] && AndCoolDown.IsMatch(lines[at]) ? AndCoolDown : AndStretch).Split(lines[at]) is { Length: 2 } ends && ends[0].Length > 0)
                said[at] = string.Join('\n', ends.SelectMany(e => WithThanks.Match(e) is { Success: true } meant ? [meant.Groups["said"].Value, meant.Groups["thanks"].Value] : new[] { e }));
        // A letter's line is its sentences, a long one all that is said in a breath.
        var isLetter = filled.Count(at => IsTalk(lines[at])) is > 1 and var talk && talk * 2 >= filled.Count;
        foreach (var at in filled)
            if (lines[at].Length > CardText.LongestLine)
                said[at] = string.Join('\n', said.GetValueOrDefault(at, lines[at]).Split('\n').SelectMany(p => Parts(Breaths, p)).Where(b => b.Trim().Length > 0));
            else if (!said.ContainsKey(at) && filled.Count > 1 && ((isLetter && IsTalk(lines[at])) || !CardPhrases.BlockWord.IsMatch(lines[at])) && Parts(SentenceEnd, lines[at]).SelectMany(s => s.Length > LongSentence && !s.Contains(':', StringComparison.Ordinal) ? Parts(Steps, s) : [s]).ToList() is { Count: > 1 } told && (lines[at].Length > LongSentence || (at != filled[0] && told.TrueForAll(s => s.Contains(' ', StringComparison.Ordinal)) && (told.Skip(1).Any(SaysMore) || (isLetter && IsTalk(lines[at]))))))
                said[at] = string.Join('\n', told);
        Clock(lines, filled, said);
        Spans(lines, filled, said);
        Running(lines, filled, said);
        Rounds(lines, filled, said);
        // A card in one breath: its sentences are its lines.
        if (filled.Count is 1 or 2 && lines[filled[^1]].Length > LongSentence && InShort(lines[filled[^1]]) is null)
            said[filled[^1]] = string.Join('\n', (CardParts.Of(lines[filled[^1]]) ?? BehindGreeting(lines[filled[^1]]) ?? lines[filled[^1]]).Split('\n').SelectMany(p => Parts(Breaths, p)).Where(b => b.Trim().Length > 0));
        if (filled.Count > 1 && !said.ContainsKey(filled[^1]) && WithThanks.Match(lines[filled[^1]]) is { Success: true } thanked)
            said[filled[^1]] = $"{thanked.Groups["said"].Value}\n{thanked.Groups["thanks"].Value}";
        if (filled.Count > 1 && Closing(lines[filled[^1]]) is { } closing && !said.ContainsKey(filled[^1]))
            said[filled[^1]] = closing;
        if (filled.Count > 0 && !said.ContainsKey(filled[0]) && !CountsListed.IsMatch(lines[filled[0]]) && Sentences.Split(lines[filled[0]]) is { Length: > 1 } sentences && sentences.Skip(1).Any(p => HowItRuns.IsMatch(p) || Moves.BriefWords.Need(p) is not null || CardPhrases.PartsToCome.IsMatch(p.TrimEnd('.'))))
            said[filled[0]] = string.Join('\n', sentences);
        return said;
    }

    /// <summary>“Hi! Here’s tonight’s plan. We’ll warm up for …”: the greeting, and the class in its parts; null where it has none or they cannot be told.</summary>
    private static string? BehindGreeting(string line) =>
        Greeting.Match(line) is { Success: true } hello && CardParts.Of(line[hello.Length..]) is { } parts ? $"{hello.Value.Trim()}\n{parts}" : null;

    private static CardPattern Greeting => field ??= new(@"^(?:hi|hello|hey|hiya|morning|evening)\b[^.!?,]{0,30}[.!?,]\s+(?:[^.!?0-9]{3,40}\b(?:plan|class|session)\b[^.!?0-9]{0,20}[.!:]\s+)?", RegexOptions.IgnoreCase);

    /// <summary>“Pairs: squats + press-ups, lunges + rows”: a superset each, and how they run said of each of them.</summary>
    private static void Pairs(IReadOnlyList<string> lines, List<int> filled, Dictionary<int, string> said)
    {
        foreach (var at in filled)
        {
            if (said.ContainsKey(at) || PairsListed.Match(lines[at]) is not { Success: true } m)
                continue;
            var items = m.Groups["items"].Value.Split([',', ';'], StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
            var pairs = items.Select(i => OfPair.Match(i)).TakeWhile(p => p.Success).ToList();
            if (pairs.Count < 2)
                continue;
            // What stands behind them and says no more than how they run is said of each; other words are a line of their own.
            var rest = string.Join(", ", items.Skip(pairs.Count));
            var how = IsOfPairs(rest) ? rest : "";
            foreach (var below in rest.Length > 0 ? [] : filled.SkipWhile(f => f <= at).TakeWhile(f => IsOfPairs(lines[f])))
            {
                how = $"{how}, {lines[below].TrimEnd('.')}".TrimStart(',', ' ');
                said[below] = "";
            }

            said[at] = string.Join('\n', pairs.Select((p, n) => string.Create(CultureInfo.InvariantCulture, $"Superset {n + 1}: {p.Groups["a"].Value}, {p.Groups["b"].Value}{(how.Length > 0 ? $" - {how}" : "")}")).Concat(how.Length == 0 && rest.Length > 0 ? [rest] : []));
        }
    }

    private static CardPattern PairsListed => field ??= new(@"^(?:[a-z]+\s+)?(?:the\s+)?(?:pairs|supersets)(?:\s+(?:are|were|will\s+be))?\s*[:-]?\s+(?<items>[a-z].*)$", RegexOptions.IgnoreCase);

    private static CardPattern OfPair => field ??= new(@"^(?:and\s+|then\s+)*(?<a>[a-z][a-z' -]+?)\s*(?:\s(?:and|with|then)\s|[+&/])\s*(?<b>[a-z][a-z' -]+?)\.?$", RegexOptions.IgnoreCase);

    /// <summary>Whether a line says how several pairs run and names no move: “3 rounds of each, 40/20”.</summary>
    public static bool IsOfPairs(string line) => OfEachPair.IsMatch(line);

    private static CardPattern OfEachPair => field ??= new(@"^(?:[0-9x]+|for|each|every|pairs?|rounds?|sets?|reps?|of|rest|between|the|min|mins|minutes?|secs?|seconds?|s|on|off|work|times|and|with|then|all|(?<=[0-9])s)(?:[\s,/:.-]+(?:[0-9]+s?|x[0-9]*|for|each|every|pairs?|rounds?|sets?|reps?|of|rest|between|the|min|mins|minutes?|secs?|seconds?|s|on|off|work|times|and|with|then|all|one))*[.]?$", RegexOptions.IgnoreCase);

    private static CardPattern Lettered => field ??= new(@"(?<=^|[,;:]\s*|\s-\s+|\)\s+|[0-9]\s+)[A-D][1-4][.:)]?\s+(?=[A-Za-z0-9])");

    /// <summary>A class in short on one line, a line for each of its parts; null where it has fewer than three.</summary>
    private static string? InShort(string line)
    {
        var cuts = PartInShort.Matches(line).Select(m => (m.Index, End: m.Index + m.Length)).ToList();
        if (cuts.Count < FewestParts || line.Contains(';', StringComparison.Ordinal) || !PartsAtEnds.IsMatch(line))
            return null;
        var head = line[..cuts[0].Index].TrimEnd(' ', ',', ';', ':', '-');
        return string.Join('\n', cuts.Select((c, i) => line[c.End..(i + 1 < cuts.Count ? cuts[i + 1].Index : line.Length)].Trim(' ', ',', ';')).Prepend(head).SelectMany(p => SentenceBehind.Split(p)).Where(p => p.Length > 0));
    }

    /// <summary>Where a part begins that says its minutes or how it runs.</summary>
    private static CardPattern PartInShort => field ??= new(@"(?:^|(?<=\S)[,;:]\s+(?:then\s+|and\s+)?)(?=(?:wu|warm[\s-]?up|cd|cool[\s-]?down|stretch|core|abs|finisher|balance|mobility|cardio)\s*[:(-]?\s*[0-9]{1,2}(?:\s*(?:mins?|minutes?|'))?\)?\s*(?:[,;.]|$)|(?:tabata|emom|amrap)\b[^,;]*[0-9]|[2-6]\s*(?:x|rounds)\b[^,;]*[0-9]{2}\s*/\s*[0-9]{2})(?![^(]*\))", RegexOptions.IgnoreCase);

    private static CardPattern SentenceBehind => field ??= new(@"(?<=[a-z0-9)])\.\s+(?=[A-Z])");

    private static CardPattern PartsAtEnds => field ??= new(@"\b(?:wu|warm[\s-]?up)\b.*\b(?:cd|cool[\s-]?down|stretch)\b", RegexOptions.IgnoreCase);

    private static CardPattern AndStretch => field ??= new(@"(?<!^(?:then\s+)?cool[\s-]?down)\s+and\s+(?:then\s+)?(?=(?:stretch|cool\s+down)\b(?:\s+it)?(?:\s+(?:out|off|down))?\s+for\s+(?:the\s+last\s+)?\d|(?:afterwards|after\s+that|finally|then)\s+(?:\d{1,2}|five|ten|three|a\s+few)[\s-]+min|(?:we(?:'ll)?\s+)?(?:finish|end)\s+(?:on|with|off)\b|cool\s+down\s+(?:for|in)\s+the\s+last|(?:leave|save|allow|keep)\s+\d{1,2}\s*min)", RegexOptions.IgnoreCase);

    /// <summary>“Start with 5 mins mobility, finish with balance 5 mins”: two things.</summary>
    private static CardPattern FirstAndLast => field ??= new(@"(?<=^(?:we\s+)?(?:start|begin)(?:ing)?\s+with\s[^,;]*)[,;]\s+(?:and\s+|then\s+)*(?=(?:finish|end)(?:ing)?\s+with\s)", RegexOptions.IgnoreCase);

    /// <summary>“…, and cool down at the end” on the last line.</summary>
    private static CardPattern AndCoolDown => field ??= new(@",?\s+and\s+(?:then\s+)?(?=(?:an?\s+)?cool[\s-]?down\s+(?:at\s+the\s+end|after(?:wards)?)\.?$)", RegexOptions.IgnoreCase);

    /// <summary>Whether a line is spoken, of several words.</summary>
    private static bool IsTalk(string line) => line.Length > ShortTalk && line.TrimEnd()[^1] is '.' or '!' or '?' && SpokenBy.IsMatch(line);

    private const int ShortTalk = 40;

    private static CardPattern SpokenBy => field ??= new(@"\b(?:we|we'll|we're|we've|they|they're|you|you'll|I|I'll|I'm|I've|it's|that's|let's|there's|there\s+are|everyone|everybody)\b", RegexOptions.IgnoreCase);

    /// <summary>Whether a sentence says something of the class for itself: a part of it, whom it spares, what it needs.</summary>
    private static bool SaysMore(string sentence) => CardPhrases.PartOf(sentence) != CardPart.Main || Moves.BriefWords.Need(sentence) is not null || Moves.BriefWords.Kit(sentence) is not null;

    /// <summary>A line in its parts; whole where a bracket would be torn.</summary>
    private static string[] Parts(CardPattern between, string line) =>
        between.Split(line) is { Length: > 1 } parts && Array.TrueForAll(parts, p => p.Count(c => c == '(') == p.Count(c => c == ')')) ? parts : [line];

    /// <summary>The sentences of a last line that says how it all runs, a line each: “3 rounds, 1 min between. 20 people”; null where it is one, or says no such thing.</summary>
    public static string? Closing(string line) =>
        Sentences.Split(line) is { Length: > 1 } parts && HowItRuns.IsMatch(parts[0]) ? string.Join('\n', parts) : null;

    /// <summary>Whether a line begins with a time of the clock.</summary>
    public static bool IsTimed(string line) => Time.IsMatch(line);

    /// <summary>Lines that count on from 1.</summary>
    private static void Running(IReadOnlyList<string> lines, List<int> filled, Dictionary<int, string> said)
    {
        var before = 0;
        for (var from = 0; from < filled.Count; from++)
        {
            // A count goes on behind a line of water.
            var first = before > 0 && from > 0 && Pausing.IsMatch(lines[filled[from - 1]]) && Number.Match(lines[filled[from]]) is { Success: true } onwards && onwards.Groups["n"].Value == (before + 1).ToString(CultureInfo.InvariantCulture) ? before : 0;
            var run = filled.Skip(from).Where(at => !said.ContainsKey(at)).Select(at => (at, match: Number.Match(lines[at])))
                .TakeWhile((line, i) => line.match.Success && line.match.Groups["n"].Value.TrimStart('0') == (first + i + 1).ToString(CultureInfo.InvariantCulture)).ToList();
            // Two are enough where each says so, or has another number of its own.
            if (run.Count < (run.Count == 2 && (run.TrueForAll(r => r.match.Groups["word"].Success) || run.TrueForAll(r => HasCount.IsMatch(lines[r.at][r.match.Length..]))) ? 2 : run.Count == 1 && AlwaysCounts.IsMatch(lines[run[0].at]) ? 1 : first > 0 ? 1 : FewestNumbered))
                continue;
            before = first + run.Count;
            foreach (var (at, match) in run)
                said[at] = lines[at][match.Length..];
            // Minutes counted below a head that does not say so: one a minute.
            if (from > 0 && run.TrueForAll(r => ByMinute.IsMatch(lines[r.at])) && !said.ContainsKey(filled[from - 1]) && SaysRounds.IsMatch(lines[filled[from - 1]]))
                said[filled[from - 1]] = $"{lines[filled[from - 1]]}, every minute";
            from += run.Count - 1;
        }
    }

    /// <summary>“Round 1 60s, round 2 45s”, a line each: the work by round.</summary>
    private static void Rounds(IReadOnlyList<string> lines, List<int> filled, Dictionary<int, string> said)
    {
        for (var from = 0; from < filled.Count; from++)
        {
            var run = filled.Skip(from).Select(at => (at, match: RoundLong.Match(lines[at]))).TakeWhile((line, i) => line.match.Success && line.match.Groups["n"].Value == (i + 1).ToString(CultureInfo.InvariantCulture)).ToList();
            if (run.Count < 2)
                continue;
            foreach (var (at, _) in run.Skip(1))
                said[at] = "";
            said[run[0].at] = string.Join('-', run.Select(r => r.match.Groups["t"].Value)) + "s";
            from += run.Count - 1;
        }
    }

    /// <summary>Rows that begin with the time, as minutes of the class; empty where they are none.</summary>
    public static Dictionary<int, string> ByClock(IReadOnlyList<string> lines)
    {
        var said = new Dictionary<int, string>();
        Clock(lines, [.. Enumerable.Range(0, lines.Count).Where(at => lines[at].Any(char.IsLetterOrDigit))], said);
        return said;
    }

    /// <summary>A column of times, as minutes of the class: the way a margin says them.</summary>
    private static void Clock(IReadOnlyList<string> lines, List<int> filled, Dictionary<int, string> said)
    {
        var times = filled.Select(at => (at, match: Time.Match(lines[at]))).Where(t => t.match.Success).ToList();
        if (times.Count < FewestTimes)
            return;
        static int Part(Match m, string group) => int.Parse(m.Groups[group].Value, CultureInfo.InvariantCulture);
        var (first, last) = (Part(times[0].match, "a"), Part(times[^1].match, "a"));
        // 12:40 goes on to 1:05.
        int HoursOf(Match m) => Part(m, "a") is var hour && hour < first && first is > Noon - HoursUpTo and <= Noon && hour <= HoursUpTo ? hour + Noon : hour;
        // From 0:00 to 30:00 in minutes, from 0:00 to 0:50 or 18:00 to 18:50 in hours.
        var inHours = first == 0 ? last < HoursUpTo : first is >= HoursUpTo and < HoursOfADay && HoursOf(times[^1].match) is var hours && hours < HoursOfADay && hours - first is >= 0 and <= HoursUpTo;
        var minutes = times.Select(t => inHours ? (HoursOf(t.match) - first) * 60 + Part(t.match, "b") - Part(times[0].match, "b") : Part(t.match, "a") - first).ToList();
        // Where most lines stand between them, they have to be a clock's: 0:00, or the quarters and fives of an hour, one after the other.
        if (times.Count * 2 < filled.Count && !(first == 0 && Part(times[0].match, "b") == 0) && !(inHours && minutes[^1] is >= ShortestClass and <= LongestClass && times.Exists(t => Part(t.match, "b") != 0)))
            return;
        if (!inHours && times.Exists(t => Part(t.match, "b") != 0))
        {
            Ticking(lines, said, times.ConvertAll(t => (t.at, t.match.Length, (Part(t.match, "a") - first) * 60 + Part(t.match, "b"))));
            return;
        }

        if (minutes.Zip(minutes.Skip(1)).Any(m => m.Second <= m.First))
            return;
        for (var i = 0; i < times.Count; i++)
        {
            var words = lines[times[i].at][times[i].match.Length..];
            if (i == times.Count - 1)
                said[times[i].at] = TheEnd.IsMatch(words) ? ""
                    : !inHours && times[i].match.Groups["c"].Success && Part(times[i].match, "c") - first is var end && end > minutes[i] ? Margined(words, minutes[i], end)
                    : words;
            else
                said[times[i].at] = Margined(words, minutes[i], minutes[i + 1]);
        }
    }

    /// <summary>Minutes and seconds down the side: how long each is, behind its name.</summary>
    private static void Ticking(IReadOnlyList<string> lines, Dictionary<int, string> said, List<(int At, int Length, int Seconds)> times)
    {
        if (times.Zip(times.Skip(1)).Any(t => t.Second.Seconds <= t.First.Seconds))
            return;
        var isPart = false;
        foreach (var (time, next) in times.Zip(times.Skip(1)))
        {
            var words = lines[time.At][time.Length..];
            // A warm-up that names none of its moves is over where the next name stands.
            var opens = isPart && !IsPartAlone(words) && !new CardScan(words, isLine: false).SaysBlock && !CardPhrases.BlockWord.IsMatch(words) ? "Circuit\n" : "";
            isPart = IsPartAlone(words);
            var name = BehindName.Match(words) is { Success: true, Index: > 0 } sign ? sign.Index : words.Length;
            // The blank before the sign is the sign's: “| mod: …”.
            var named = words[..name].TrimEnd();
            said[time.At] = CardPhrases.SaysSame.IsMatch(words) || new CardScan(words[..Math.Max(name, words.IndexOf(':', StringComparison.Ordinal))], isLine: false).SaysBlock ? words : string.Create(CultureInfo.InvariantCulture, $"{opens}{named} {next.Seconds - time.Seconds} sec{words[named.Length..]}");
        }

        said[times[^1].At] = lines[times[^1].At][times[^1].Length..] is var last && TheEnd.IsMatch(last) ? "" : last;
    }

    /// <summary>What ends the name of what is done: its list, a remark, another way.</summary>
    private static CardPattern BehindName => field ??= new(@"[:(\[|]|\s-\s");

    private static bool IsPartAlone(string words) => CardPhrases.PartOf(words) != CardPart.Main && !words.AsSpan().ContainsAny(":(,-");

    /// <summary>“0-8 warm up, 8-20 legs”, a line each and one from where the other ended: minutes of the class.</summary>
    private static void Spans(IReadOnlyList<string> lines, List<int> filled, Dictionary<int, string> said)
    {
        static int Part(Match m, string group) => int.Parse(m.Groups[group].Value, CultureInfo.InvariantCulture);
        var spans = filled.Where(at => !said.ContainsKey(at)).Select(at => (at, match: Span.Match(lines[at]))).Where(s => s.match.Success && Part(s.match, "b") > Part(s.match, "a")).ToList();
        // A class begins at 0; “8-10 squats, 10-12 rows” are reps.
        if (spans.Count < FewestTimes || Part(spans[0].match, "a") != 0 || spans.Zip(spans.Skip(1)).Any(s => Part(s.First.match, "b") != Part(s.Second.match, "a")))
            return;
        foreach (var (at, match) in spans)
        {
            var words = lines[at][match.Length..];
            said[at] = CardPhrases.Drink.IsMatch(CardPhrases.WithoutStops(words)) ? string.Create(CultureInfo.InvariantCulture, $"{words} {Part(match, "b") - Part(match, "a")} min")
                : string.Create(CultureInfo.InvariantCulture, $"{Part(match, "a")}'-{Part(match, "b")}' {words}");
        }
    }

    private static string Margined(string words, int from, int to) =>
        RestAlone.Match(words) is { Success: true } rest ? rest.Groups["t"].Success ? words : string.Create(CultureInfo.InvariantCulture, $"{words} {to - from} min")
        : words.AsSpan().ContainsAny(":(") || PartOfClass.IsMatch(words) || new CardScan(words, isLine: false).SaysBlock ? string.Create(CultureInfo.InvariantCulture, $"{from}'-{to}' {words}")
        : string.Create(CultureInfo.InvariantCulture, $"{from}-{to} {words}") is var line && CardPhrases.Margin.IsMatch(line) ? line : string.Create(CultureInfo.InvariantCulture, $"{words} {to - from} min");

    /// <summary>“1 min rest”, “rest”, “water”: no part of a class.</summary>
    private static CardPattern RestAlone => field ??= new(@"^(?:(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?))\s+)?(?:rest|break|water|drinks?|recover(?:y)?)(?:\s+break)?(?:\s+(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)))?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern Time => field ??= new(@"^\s*(?<a>\d{1,3})[:.](?<b>[0-5]\d)(?:\s?[ap]\.?m\b\.?)?(?:\s*-\s*(?<c>\d{1,3})[:.]\d\d(?:\s?[ap]\.?m\b\.?)?)?\s*[-:)]?\s+(?=[A-Za-z]|\d{1,2}\s*(?:x|rounds?|rds|sets|mins?|minutes?)\b)", RegexOptions.IgnoreCase);

    /// <summary>Whether it begins as A1 and 1a do.</summary>
    private static bool IsLettered(string line) =>
        line.AsSpan().TrimStart() is [var a, var b, ..] && ((char.IsAsciiDigit(a) && char.IsAsciiLetter(b)) || (char.IsAsciiLetter(a) && char.IsAsciiDigit(b)));

    private static CardPattern Tied => field ??= new(@"(?<=^\s*(?:\d[a-h][.)]|[a-h]\d[.):]?)\s.*\S)\s+(?=(?:\d[b-h][.)]|[a-h][2-6][.):])\s)", RegexOptions.IgnoreCase);

    private static CardPattern Span => field ??= new(@"^\s*(?<a>\d{1,2})\s*'?\s*-\s*(?<b>\d{1,3})\s*(?:'|mins?\b)?\s*[-:.)]?\s+(?=[A-Za-z])");

    private static CardPattern RoundLong => field ??= new(@"^(?:round|rd|r)\s*(?<n>\d)\s*[-:=.]?\s*(?<t>\d{2,3})\s*(?:s|secs?|seconds?)(?:\s*(?:each|on|work|per (?:move|exercise|station)))?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern WithThanks => field ??= new(@"^(?<said>.*\w)[.!]\s+(?<thanks>(?:many\s+)?(?:thanks|thank\s+you|cheers|enjoy|have\s+fun|see\s+you|good\s+luck|well\s+done|that's\s+it)\b.{0,30})$", RegexOptions.IgnoreCase);

    private static CardPattern Pausing => field ??= new(@"\b(?:water|drinks?|rest|break)\b", RegexOptions.IgnoreCase);

    private static CardPattern ByMinute => field ??= new(@"^\s*min(?:ute)?\.?\s*\d", RegexOptions.IgnoreCase);

    private static CardPattern SaysRounds => field ??= new(@"^(?!.*\b(?:e\d?mom|every|minute)\b).*(?:\b\d{1,2}\s*(?:rounds?|rds?|sets?)\b|\bx\s*\d{1,2}\b)", RegexOptions.IgnoreCase);

    /// <summary>What can only be one of a list.</summary>
    private static CardPattern AlwaysCounts => field ??= new(@"^\s*(?:ex(?:ercise)?|move|stn)\s*#?1\b", RegexOptions.IgnoreCase);

    private static CardPattern HasCount => field ??= new(@"^\s*\d{1,3}\s*[x-]?\s*[a-z]|\d\s*(?:reps?|s|secs?)?\)?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern PartOfClass => field ??= new(@"\b(?:challenge|flow|practice|workout|work|games?|finisher|block|circuit|set)\s*\d?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern TheEnd => field ??= new(@"^(?:the\s+)?(?:end|finish|done|home|close|over|bye|goodbye)\b(?:\s+of\s+class)?[.!\s]*$", RegexOptions.IgnoreCase);

    private static CardPattern Number => field ??= new(@"^\s*(?:(?<word>min(?:ute)?\.?|station|stn|exercise|ex|move|no\.?|[ms](?=\d)|r(?=\d{1,2}\s*[-:.)]?\s+[a-z][a-z' -]*$))\s*#?(?<n>\d{1,2})\s*[-:.)]?\s+(?=\w)|(?<n>\d{1,2})\s*:\s+(?=[A-Za-z]|\d{1,3}\s*(?:x\s*)?[A-Za-z])|(?<n>\d{1,2})\s?[-/]\s+(?=\w)|(?<n>\d{1,2})[.)](?=\d{1,3}\s*(?:x|[a-z]|sets?\b))|(?<n>\d{1,2})\s+(?=\d{1,3}\s*x?\s*[a-z])|(?<n>\d{1,2})\s+(?=[A-Za-z])(?!(?:x|min(?:ute)?s?|m|h|hours?|s|secs?|seconds?|rounds?|rds?|sets?|laps?|times?|reps?|kgs?|lbs?|people|ppl|of)\b))", RegexOptions.IgnoreCase);

    private static CardPattern Breaths => field ??= new(@"\.\s+(?:(?:and\s+)?then\s+)?(?:an?\s+(?=(?:\d{1,2}|two|three|four|five|six|ten)[\s-]min))?|(?<=[!?])\s+(?=[A-Z\d])|\s+and\s+(?=stretch\b)|[,;]?\s+(?:and\s+)?then\s+(?!(?:a\s+)?\d{1,2}[\s-]*(?:s|secs?|seconds?|min(?:ute)?s?)?\s*(?:to\s+(?:move|change|swap|rest|switch|get|walk|breathe|recover|set)|of\s+rest|rest|off|break)\b)(?=\d|(?:an?|two|three|four|five|six)\s|core\b|stretch|cool|finish|abs\b)|,\s+and\s+(?=\d{1,2}\s*min(?:ute)?s?\s+(?:of\s+)?(?:stretch|cool|core|abs))|;\s+|,?\s+and\s+(?=(?:then\s+)?(?:we\s+)?stretch(?:ed)?[.!]?$)|,?\s+and\s+(?=(?:we(?:'ll)?\s+)?(?:finish|end)\s+(?:on|with|off)\b|cool\s+down\s+(?:for|in)\s+the\s+last)|,?\s+and\s+(?:afterwards|after\s+that|finally)\s+(?=(?:\d{1,2}|five|ten|three|a\s+few)[\s-]+min|stretch|cool)|\s+and\s+(?=\d{1,2}\s*min(?:ute)?s?\s+(?:of\s+)?(?:stretch|cool|core|abs))|(?<=\bhere(?:'s|\s+is)\s+[^:,]{3,30}):\s+|(?<=\b(?:at|in)\s+the\s+[a-z ]{3,24}):\s+(?=\d)|,\s+(?=\d{1,2}\s*(?:rounds?|rds?|sets?|x)\s+of\b(?!\s+\d{1,3}(?:-\d{1,3})?(?:\s+reps)?\s*(?:$|[,;.]|(?:on\s+)?each\b|per\b|then\b|and\b)))|\s+(?=(?:block|circuit|part)\s+(?:one|two|three|four|five|[1-6])\b)|(?<=\bmin(?:ute)?s?),?\s+(?=(?:warm(?:ing)?[\s-]?up|cool(?:ing)?[\s-]?down)\s+(?:for\s+)?\d{1,2}\s*min)|,?\s+(?:oh\s+)?and\s+(?=(?:please\s+)?(?:remember|don'?t\s+forget|mind)\b)|(?<=^plan\b[^:]{0,20}):\s+|(?<=\b(?:warm[\s-]?up|wu)\s+\d{1,2}(?:\s*min(?:ute)?s?)?),\s+|,\s+(?=(?:stretch|cool[\s-]?down|cd)\s+\d)|,\s+(?=\d\s*min(?:ute)?s?\s+(?:water|rest|break)\b)|(?<=^[^:\d]{1,16}):\s+(?=\d)", RegexOptions.IgnoreCase);

    private static CardPattern Sentences => field ??= new(@"(?<=[a-z\d]{2})(?<!\b(?:sek|sec|secs|min|mins|wdh|ca|approx|std|nr|rec))\.\s+(?=[a-z\d])", RegexOptions.IgnoreCase);

    /// <summary>“10 squats, 10 press-ups. 5 rounds”: the moves, and how often.</summary>
    private static CardPattern CountsListed => field ??= new(@"^\s*\d{1,3}\s+[a-z][^,.]*,\s*\d{1,3}s?\s+[a-z]", RegexOptions.IgnoreCase);

    /// <summary>Where a long sentence goes on to the next part of a class.</summary>
    private static CardPattern Steps => field ??= new(@",?\s+(?:and\s+)?then\s+(?=(?:an?|\d{1,2}|two|three|four|five|six)\s)(?!\d{1,2}\s*(?:s|secs?|seconds?|min|minute)\s+(?:to|rest|off)\b|(?:\d{1,2}|two)\s+of\s+each\b)|,\s+and\s+(?=\d{1,2}\s*min(?:ute)?s?\s+(?:of\s+)?(?:stretch|cool|core|abs))", RegexOptions.IgnoreCase);

    /// <summary>Where a sentence ends and the next begins.</summary>
    private static CardPattern SentenceEnd => field ??= new(@"(?<=(?:[A-Za-z\d)]{2}|\s\d)(?<!\b(?:[Ss]ek|[Ss]ecs?|[Mm]ins?|[Ww]dh|[Cc]a|[Aa]pprox|[Ss]td|[Nn]r|[Rr]ec))[.!?])\s+(?=[A-Z\d])");

    private static CardPattern HowItRuns => field ??= new(@"^\s*\d{1,3}\s*(?:x\s*)?(?:laps?|rounds?|rds?|sets?|times)\b|^\s*\d{1,3}\s*(?:s|secs?|seconds?|mins?)?\s*(?:on|work|stations?)\b|^\s*\d{2}\s*/\s*\d{2}\b", RegexOptions.IgnoreCase);
}
