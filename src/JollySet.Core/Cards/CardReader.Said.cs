using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>A sentence about one block: its moves are found in it, and what stands around them is what the block is called, how it runs, and words.</content>
public sealed partial class CardReader
{
    private const int LongestSaidName = 5;
    // One of them is in every sentence about a part, or about how a block runs.
    private static readonly System.Buffers.SearchValues<string> WordsOfParts = System.Buffers.SearchValues.Create(["warm", "cool", "stretch", "mobility", "relax"], StringComparison.OrdinalIgnoreCase);
    private static readonly System.Buffers.SearchValues<string> WordsOfHow = System.Buffers.SearchValues.Create(["round", "rest", "between", "times", "sec", "lap", "twice", "off", "break"], StringComparison.OrdinalIgnoreCase);

    private const string PlaceOfMoves = " , ";

    /// <summary>How many of the blocks to come have been said to be supersets.</summary>
    private int pairsToCome;

    /// <summary>“Then it's three supersets.”: those to come.</summary>
    private bool SaysPairsToCome(CardWords line)
    {
        if (PairsToCome.Match(line.Text) is not { Success: true } m)
            return false;
        pairsToCome = int.Parse(CardNumbers.InDigits(m.Groups["n"].Value), System.Globalization.CultureInfo.InvariantCulture);
        Note(line);
        return true;
    }

    /// <summary>“Then we do three rounds of swings and rows, 10 of each, with a minute's rest after each round” is how it runs, and a list.</summary>
    private string AsSaid(string text)
    {
        if (text.Length > CardText.LongestParagraph || text.Count(c => c == ' ') < 3 || !(SaysNothing.IsMatch(text) || text.Contains(" - ", StringComparison.Ordinal) || text.Contains(" + ", StringComparison.Ordinal)) || IsStation(text) || Listed(text).Items is not null || AreMoves(text) || SaidMoves(text) is not { Count: > 0 } moves)
            return text;
        var (from, to) = (moves[0].From, moves[^1].To);
        if (moves.Zip(moves.Skip(1)).Any(m => m.First.To > m.Second.From))
            return text;
        var items = moves.ConvertAll(m => text[m.From..m.To]);
        var joins = moves.Zip(moves.Skip(1)).Select(m => text[m.First.To..m.Second.From]).ToList();
        var (behind, remarks) = WithoutRemarks(text[to..]);
        // “On the mat”, “with the bands”: kit of the class.
        var things = WithThing.Matches($"{text[..from]} {string.Concat(joins)} {behind}").Select(m => m.Groups["k"].Value).Where(k => BriefWords.Kit(k) is not null).ToList();
        string Bare(string said) => WithThing.Replace(said, m => things.Contains(m.Groups["k"].Value) ? " " : m.Value);
        // Between its moves stands nothing but what joins them.
        if (joins.Exists(j => !JoinsMoves.IsMatch(Bare(j)) && !(pairsToCome > 0 && JoinsPair.IsMatch(j))))
            return text;
        var isSame = SameTimes.IsMatch(behind) && blocks.Exists(IsSaid);
        if (isSame)
            behind = SameTimes.Replace(behind, " ");
        var isPair = items.Count is > 1 and <= MostLinked && (AsSuperset.IsMatch(behind) || pairsToCome > 0);
        // How fast it is done is a word beside the move.
        if (behind.Contains("for time", StringComparison.OrdinalIgnoreCase))
            return text;
        var (name, around, led) = SaidName(Bare(text[..from]) + PlaceOfMoves + Bare(isPair ? AsSuperset.Replace(behind, " ") : behind));
        if (isPair && name?.Length == 0)
            name = "Superset";
        if (name is null || Scan(CardNumbers.InDigits(around), isLine: false) is not { Load: null, Tempo: null, Sides: null, Remark: null, RepsByRound: null, Tabatas: null, Scheme: null } scan || Chatter(scan.Left).Any(char.IsLetterOrDigit))
            return text;
        // “A finisher of wall sits - 3 lots of 45 seconds with 15 seconds rest”.
        if (scan.Sets is { } sets && (name.Length == 0 || items.Exists(i => Scan(i).Amount is not null) || (scan.RepsLow ?? scan.Length) is null || scan.RoundsLow is not null))
            return text;
        if (scan.Sets is { } often)
        {
            var dose = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{often} x {(scan.RepsLow is { } reps ? $"{reps}{(scan.RepsHigh is { } upTo ? $"-{upTo}" : "")}" : $"{scan.Length}s")}");
            beside.AddRange(remarks);
            things.ForEach(head.AddKit);
            var rest = scan.Gaps is [var pause, ..] ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $", rest {pause.Seconds}s") : "";
            return items.Count == 1 ? $"{name}: {items[0]} {dose}{rest}" : $"{name} - {dose}{rest}: {string.Join(", ", items)}";
        }

        // “Finisher: a wall sit, 2 minutes”: so long the one move.
        var own = items.Count == 1 && scan is { SaysBlock: false, IsEach: false, Length: not null } ? scan.Length : null;
        if (items.Count == 1 && (PartOf(name) != CardPart.Main || (own is not null && Scan(items[0]).Amount is not null)))
            return text;
        if (own is not null)
            items[0] = $"{items[0]} {own}s";
        // “Warm up 5 min marching and arm swings”: its minutes, not those of the first.
        if (PartOf(name) != CardPart.Main && items.Count > 1 && LeadingMinutes.Match(items[0]) is { Success: true } whole && !items.Skip(1).Any(i => i.Any(char.IsAsciiDigit)) && scan.Length is null)
        {
            items[0] = items[0][whole.Length..];
            name = $"{name} {whole.Groups["n"].Value} min";
        }

        var how = SaidHow(scan, own is null);
        if (isSame)
            how.Add("same times");
        // “March for 3 minutes and do shoulder rolls for 2”: a list, each with its own.
        if (name.Length == 0 && how.Count == 0 && items.Count > 1 && ForItsTime.Count(text) == items.Count)
        {
            beside.AddRange(remarks);
            return string.Join(", ", items);
        }

        if (name.Length == 0 && (items.Count == 1 ? scan.Work is null || scan.RoundsLow is null : !(scan.SaysBlock || scan.IsEach || scan.IsOfAll || isSame)))
            return text;
        if (isSame && name.Length == 0)
            name = IsLikePair(items.Count) ? "Superset" : "A -";
        if (isPair && pairsToCome > 0)
            pairsToCome--;
        beside.AddRange(led is null ? remarks : [led, .. remarks]);
        things.ForEach(head.AddKit);
        return $"{name}{(name.Length > 0 && how.Count > 0 ? " " : "")}{string.Join(", ", how)}: {string.Join(", ", items)}";
    }

    /// <summary>“We did squats 3 x 12, then lunges 3 x 10 each leg, with a minute's rest between sets” is those sets, and their rest.</summary>
    private string AsSaidSets(string text)
    {
        if (!text.Contains(',', StringComparison.Ordinal) || text.Length > CardText.LongestLine || !SaysNothing.IsMatch(text) || text.Count(char.IsAsciiDigit) < 4)
            return text;
        var pieces = Commas.Split(text.TrimEnd('.', '!')).Select(p => LedInto.Replace(p.Trim(), "")).ToList();
        var sets = pieces.TakeWhile(p => Scan(p) is { Sets: not null, SaysBlock: false, Gaps.Count: 0 } scan && Understood(WithoutBrackets(scan.Left)) is not null).ToList();
        if (sets.Count < 2 || pieces.Count > sets.Count + 1 || string.Join(", ", pieces) == text)
            return text;
        if (pieces.Count == sets.Count)
            return string.Join(", ", sets);
        return Scan(CardNumbers.InDigits(pieces[^1]), isLine: false) is { Gaps: [var rest], SaysBlock: false } said && Chatter(said.Left).Length == 0 ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{string.Join(", ", sets)}, rest {rest.Seconds}s") : text;
    }

    private static CardPattern LedInto => field ??= new(@"^(?:(?:and|then|so|next|finally|lastly|after\s+that|followed\s+by|we|they|I|you|did|do|had|have|it\s+was|it's)\s+)+", RegexOptions.IgnoreCase);

    /// <summary>“Three rounds in total with 90 secs between rounds” is how it runs, and words.</summary>
    private string AsSaidHow(string text)
    {
        if (text.Length > CardText.LongestLine || text.Count(c => c == ' ') < 3 || !text.AsSpan().ContainsAny(WordsOfHow) || !SaysNothing.IsMatch(text) || PartOf(text) != CardPart.Main || text.Contains(':', StringComparison.Ordinal) || BlockWord.IsMatch(text) || OfEachRound.IsMatch(text) || OfSome.IsMatch(text))
            return text;
        var scan = Scan(CardNumbers.InDigits(text.TrimEnd('.', '!')), isLine: false);
        return scan is { SaysBlock: true } or { Gaps.Count: > 0 } && scan is { Load: null, Tempo: null, Sides: null, Sets: null, Remark: null, RepsByRound: null, Tabatas: null, Scheme: null, IsAmrap: false, Every: null, RepsLow: null } && (scan.Length is null || scan.IsEach) && !IsEmpty(scan.Left) && Chatter(scan.Left).Length == 0
            ? string.Join(", ", SaidHow(scan, isWithLength: true)) : text;
    }

    /// <summary>Said of one round, or of some of the class.</summary>
    private static CardPattern OfSome => field ??= new(@"\b(?:first|second|third|last|final|half|only|other|if|when|until|after\s+(?:two|three|\d)|before)\b", RegexOptions.IgnoreCase);

    /// <summary>“Exercises are squats, rows and lunges” is that list; below a warm-up it is the class's.</summary>
    private string AsSaidList(string text) => SaidList(text) is var list && list != text && Current is { Part: not CardPart.Main } ? $"A: {list}" : list;

    private string SaidList(string text) =>
        ListIs.Match(text) is { Success: true } m && ItemsOfMessage(m.Groups["items"].Value.TrimEnd('.', '!')) is { Count: > 1 } items && items.TrueForAll(i => i.Split(' ').Length <= FewWords && !i.Contains(':', StringComparison.Ordinal)) && items.Count(i => MayBeStation(i)) * 2 > items.Count
            ? string.Join(", ", items) : text;

    private static CardPattern ListIs => field ??= new(@"^(?:(?:and|so|then|ok|the|your|our|these|this)\s+)*(?:exercises|stations|moves|movements|ones|line-?\s?up)\s+(?:are|were|will\s+be|is)\s*:?\s+(?<items>[a-z0-9].*,.*|[a-z0-9].*\sand\s.*)$", RegexOptions.IgnoreCase);

    /// <summary>“Warm up with a jog and some dynamic stretches, 6 mins”: a part, its moves and its minutes.</summary>
    private string AsPartWith(string text)
    {
        if (!text.AsSpan().ContainsAny(WordsOfParts) || (PartWith.Match(text) is { Success: true } with ? with : ToWarmUp.Match(text)) is not { Success: true } m || Listed(text).Items is not null || ItemsOfMessage(m.Groups["items"].Value) is not { Count: > 1 } items)
            return text;
        var names = items.ConvertAll(i => SomeOf.Replace(LedInto.Replace(i, ""), ""));
        return names.TrueForAll(i => i.Split(' ').Length <= 3 && i.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')) && names.Exists(i => Understood(i) is not null)
            ? $"{(m.Groups["w"].Success ? m.Groups["w"].Value : "Warm up")}{(m.Groups["n"].Success ? $" {CardNumbers.InDigits(m.Groups["n"].Value)} min" : "")}: {string.Join(", ", names.Select(n => LapsBehind.Replace(n, " (${laps})")))}" : text;
    }

    private static CardPattern PartWith => field ??= new(@"^(?:(?:and|then|we|please|so|before\s+that|after\s+that)\s+)*(?:(?:an?\s+)?(?<n>\d{1,2}|three|four|five|six|eight|ten)[\s-]*min(?:ute)?s?\s+)?(?<w>warm[\s-]?up|cool[\s-]?down)\s+(?:with|is|will\s+be|of)\s+(?<items>[a-z][^.:0-9]*?)(?:,?\s*(?:for\s+|about\s+|around\s+)*(?<n>\d{1,2}|three|four|five|six|eight|ten)\s*min(?:ute)?s?)?(?:\s+(?:total|in\s+all))?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern LapsBehind => field ??= new(@"\s+(?<laps>(?:a|one|two|three|four)\s+laps?)$", RegexOptions.IgnoreCase);

    /// <summary>“First we'll jog and do some leg swings to get warm, about 6 minutes”.</summary>
    private static CardPattern ToWarmUp => field ??= new(@"^(?:(?:first|and|then|so|to\s+start)\s*,?\s+)*(?:(?:we|I|they|you)(?:'ll|\s+will)?\s+)?(?<items>[a-z][^.:]*?)\s+to\s+(?:get\s+warm|warm\s+(?:us\s+|everyone\s+|you\s+)?up)(?:,?\s*(?:for\s+|about\s+|around\s+)*(?<n>\d{1,2}|three|four|five|six|eight|ten)\s*min(?:ute)?s?)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“We start with a gentle warm up, 5 minutes, whatever you like” is that part, so long, and words beside it.</summary>
    private string AsSaidPart(string line)
    {
        if (line.Length > CardText.LongestLine || !line.AsSpan().ContainsAny(WordsOfParts) || !SaidPart.IsMatch(line))
            return line;
        var text = CardNumbers.InDigits(line);
        if (text.Count(c => c == ' ') < 3 || SaidPart.Matches(text) is not [{ } part, ..] parts || parts.Any(p => PartOf(p.Value) != PartOf(part.Value)) || SaidMinutes.Matches(text) is not [{ } minutes] || Listed(text).Items is not null)
            return line;
        // “Cool down and stretch” is one name.
        if (parts.Count > 1 && JoinsMoves.IsMatch(text[(part.Index + part.Length)..parts[1].Index]))
            return line;
        var left = text.Remove(Math.Max(part.Index, minutes.Index), part.Index > minutes.Index ? part.Length : minutes.Length);
        left = left.Remove(Math.Min(part.Index, minutes.Index), part.Index > minutes.Index ? minutes.Length : part.Length);
        left = SaidPart.Replace(left, " ");
        left = WithThing.Replace(left, m => BriefWords.Kit(m.Groups["k"].Value) is null ? m.Value : " ");
        var (around, remarks) = Chatter(left).Any(char.IsLetterOrDigit) ? WithoutRemarks(left) : (left, []);
        // “…, whatever you like”.
        if (remarks.Count == 0 && around.LastIndexOf(',') is > 0 and var comma && around[(comma + 1)..].Trim(' ', '.', '!') is var loose && loose.Contains(' ', StringComparison.Ordinal) && loose.All(c => char.IsLetter(c) || c is ' ' or '\'') && Scan(loose, isLine: false) is { Any: false } && !MayBeStation(loose))
            (around, remarks) = (around[..comma], [loose]);
        if ((!LedTo.IsMatch(around.TrimStart()) && !(around.Trim().Length == 0 && WithThing.IsMatch(text))) || around.Any(char.IsAsciiDigit) || Chatter(around).Any(char.IsLetterOrDigit))
            return line;
        beside.AddRange(remarks);
        foreach (Match thing in WithThing.Matches(text))
            head.AddKit(thing.Groups["k"].Value);
        return $"{part.Value} {minutes.Groups["n"].Value} min";
    }

    /// <summary>Where moves stand in a sentence, with how much of each.</summary>
    private List<(int From, int To)> SaidMoves(string text)
    {
        var tokens = SaidWords.Matches(text);
        // A name that is certain has no word but those of names.
        var known = tokens.Select(t => char.IsLetter(t.Value[0]) && IsWord(t.Value)).ToArray();
        var moves = new List<(int From, int To)>();
        for (var at = 0; at < tokens.Count; at++)
        {
            if ((moves.Count > 0 && tokens[at].Index < moves[^1].To) || !known[at] || !(at == 0 || StandsBeforeMove.IsMatch(tokens[at - 1].Value)))
                continue;
            for (var n = Math.Min(LongestSaidName, tokens.Count - at); n > 0; n--)
            {
                var (first, last) = (tokens[at], tokens[at + n - 1]);
                if (Array.IndexOf(known, false, at, n) >= 0 || at + n < tokens.Count && !StandsBehindMove.IsMatch(tokens[at + n].Value))
                    continue;
                var name = text[first.Index..(last.Index + last.Length)];
                if (!name.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'') || Understood(name) is null)
                    continue;
                moves.Add(WithAmount(text, moves.Count > 0 ? moves[^1].To : 0, first.Index, last.Index + last.Length));
                at += n - 1;
                break;
            }
        }

        return moves.Count > 0 ? WithSlips(text, moves) : moves;
    }

    /// <summary>The same with what stands alone between two signs of a list and is most likely a move: “jumping jaks and squats”.</summary>
    private List<(int From, int To)> WithSlips(string text, List<(int From, int To)> moves) =>
        [.. moves.Concat(PiecesOfList.Matches(text).Select(m => m.Groups["name"]).Where(n => !moves.Exists(m => m.From < n.Index + n.Length && n.Index < m.To) && n.Value.Split(' ').Length <= FewWords && MayBeStation(n.Value)).Select(n => WithAmount(text, n.Index, n.Index, n.Index + n.Length))).OrderBy(m => m.From)];

    /// <summary>A move with the count before it and the amount, the side and the bracket behind it.</summary>
    private (int From, int To) WithAmount(string text, int least, int from, int to)
    {
        var behind = ForItsTime.Count(text) > 1 && ForItsTime.Match(text[to..]) is { Success: true, Index: 0 } its ? its : AmountBehind.Match(text[to..]);
        var end = string.IsNullOrWhiteSpace(behind.Value) ? to : to + behind.Length;
        var start = end == to && CountBefore.Match(text[least..from]) is { Success: true } count ? least + count.Index : from;
        if (start < from)
            end += SideBehind.Match(text[to..]).Length;
        return Scan(text[start..end]) is { SaysBlock: false, Gaps.Count: 0 } scan && (Understood(WithoutBrackets(scan.Left)) is not null || WithoutBrackets(scan.Left) == text[from..to]) ? (start, end) : (from, to);
    }

    /// <summary>What a sentence calls its block, and the rest of it; no name where words are left that are neither.</summary>
    private (string? Name, string Around, string? Remark) SaidName(string around)
    {
        if (PartOf(around) is var part && part != CardPart.Main)
        {
            var match = part == CardPart.WarmUp ? WarmUp.Match(around) : CoolDown.Match(around);
            return (match.Value, around.Remove(match.Index, match.Length), null);
        }

        around = LastOne.Replace(around, "");
        var led = LedTo.Match(around).Length;
        var called = Begin(around[led..]) is { Success: true, Index: 0 } begins ? begins.Value : "";
        if (called.Length > 0)
            called += NumberNext.Match(around[(led + called.Length)..]).Value;
        var rest = called.Length > 0 ? around[(led + called.Length)..] : around;
        var before = rest.IndexOf(PlaceOfMoves, StringComparison.Ordinal) is var place && place > 0 ? rest[..place] : "";
        var said = Chatter(Scan(CardNumbers.InDigits(before), isLine: false).Left);
        if (said.Length == 0)
            return (called, rest, null);
        if (before.TrimEnd().EndsWith(':') && said.Split(' ') is { Length: > 1 } words && RegionAlone.Match(words[^1]).Length == words[^1].Length && called.Length == 0)
        {
            return (words[^1], rest[place..], before.Trim(' ', ':'));
        }

        if (said.Split(' ').Length > FewWords || !(BlockWord.Match(said).Length == said.Length || RegionAlone.Match(said).Length == said.Length || BriefWords.Focus(said) is { IsEmpty: false }) || Understood(said) is not null)
            return (null, rest, null);
        foreach (var word in said.Split(' '))
            if (rest.IndexOf(word, StringComparison.Ordinal) is >= 0 and var at)
                rest = rest.Remove(at, word.Length);
        return (called.Length > 0 ? $"{called} - {said}" : said, rest, null);
    }

    /// <summary>How a block runs, in the words of a head.</summary>
    private static List<string> SaidHow(CardScan scan, bool isWithLength)
    {
        static string Up(int? most) => most is { } high ? $"-{high}" : "";
        var how = new List<string>();
        if (scan.IsAmrap)
            how.Add("AMRAP");
        if (scan.Every is { } every)
            how.Add($"every {every}s");
        if (isWithLength && (scan.Length ?? scan.Total) is { } length)
            how.Add(scan.IsEach ? $"{length}s each" : length % 60 == 0 ? $"{length / 60} min" : $"{length}s");
        if (scan.RoundsLow is { } rounds)
            how.Add($"{rounds}{Up(scan.RoundsHigh)} rounds");
        if (scan.Work is { } work)
            how.Add(scan.Rest is { } rest ? $"{work}/{rest}" : $"{work}s work");
        if (scan.RepsLow is { } reps)
            how.Add($"{reps}{Up(scan.RepsHigh)} of each");
        how.AddRange(scan.Gaps.Select(g => scan.SaysWater && g.For == CardGap.Rounds ? $"{g.Seconds}s water between rounds" : $"rest {g.Seconds}{Up(g.High)}s{(g.For switch { CardGap.Rounds => " between rounds", CardGap.Moves => " between exercises", CardGap.After => " after", _ => "" })}"));
        if (scan.IsDrinkOpen)
            how.Add("water between rounds");
        if (scan.SaysNoRest)
            how.Add("no rest");
        return how;
    }

    /// <summary>What is said behind the moves, without pieces that say nothing of how they run.</summary>
    private (string Behind, List<string> Remarks) WithoutRemarks(string behind)
    {
        var remarks = new List<string>();
        foreach (var piece in PieceEnd.Split(behind).Select(p => p.Trim(' ', '.', '!', ',')).Where(IsRemark).ToList())
        {
            remarks.Add(piece);
            behind = behind.Replace(piece, "", StringComparison.Ordinal);
        }

        return (behind, remarks);
    }

    /// <summary>Words of a sentence without those that only lead on.</summary>
    private static string Chatter(string text) => string.Join(' ', SaysNothing.Replace(WithoutStops(SaysNothing.Replace(text, " ")), " ").Split(' ', StringSplitOptions.RemoveEmptyEntries)).Trim(' ', ',', '.', ':', ';', '-', '!', '(', ')', '\'');

    private static CardPattern LeadingMinutes => field ??= new(@"^(?<n>[0-9]{1,2})\s*min(?:ute)?s?\s+(?:of\s+)?(?=[a-z])", RegexOptions.IgnoreCase);

    private static CardPattern SaidPart => field ??= new(@"\bwarm(?:ing)?[\s-]?up\b|\bcool(?:ing)?[\s-]?down\b|\b(?:(?:seated|final|gentle|full[\s-]body|long|standing|floor)\s+)?stretch(?:es|ing)?\b|\bmobility\b|\brelaxation\b", RegexOptions.IgnoreCase);

    private static CardPattern SaidMinutes => field ??= new(@"\b(?<n>[0-9]{1,2})[\s-]*(?:min(?:ute)?s?\b|')(?:'?s\b)?", RegexOptions.IgnoreCase);

    private static CardPattern SaidWords => field ??= new(@"[A-Za-z][A-Za-z']*(?:-[A-Za-z]+)*|[0-9]+(?:[.:/-][0-9]+)*|[^\s]");

    private static CardPattern StandsBeforeMove => field ??= new(@"^(?:[,;:.&+(/-]|\d.*|an?|the|of|with|some|doing|do|is|are|be|and|then|by|into|x|few|s|secs?|seconds?|mins?|minutes?|reps|through|plus|both|our|we|I|you|they|next|now|it's|that's|got|have|has|was|were|will|does|which|using|usual|like|for)$", RegexOptions.IgnoreCase);

    private static CardPattern StandsBehindMove => field ??= new(@"^(?:[,;:.)&+(/!-]|\d.*|and|then|for|x|with|at|in|each|followed|plus|as|ten|twelve|fifteen|twenty|eight|six|five|twice|three|four|all|to|while|before|after|until)$", RegexOptions.IgnoreCase);

    private static CardPattern JoinsMoves => field ??= new(@"^\s*(?:,|;|\+|&|/|\s-\s|and|then|plus|,?\s*(?:and|then|and\s+then|followed\s+by|plus))\s*(?:(?:we\s+)?do\s+)?(?:some|an?|the|a\s+few)?\s*$", RegexOptions.IgnoreCase);

    /// <summary>So many right before a name, no rounds of it.</summary>
    private static CardPattern CountBefore => field ??= new(@"(?<![\d:/-])\b(?<!\b(?:rounds|sets|times|x)\s+of\s+)[0-9]{1,3}(?:-[0-9]{1,3})?\s*(?:x\s*|reps\s+(?:of\s+)?|[\s-]?(?:secs?|seconds?|min|minute)\s+)?$", RegexOptions.IgnoreCase);

    private static CardPattern AmountBehind => field ??= new(@"^\s*(?:(?:x\s*[0-9]{1,3}|(?:for\s+)?[0-9]{1,3}\s*(?:s|secs?|seconds?)|[0-9]{1,3})(?:\s*-\s*[0-9]{1,3})?(?:\s*reps)?(?!\s*(?:rounds?|sets|times|of|on|off|mins?|minutes?|x|/|each\s*(?:$|[,.;)])|(?:s|secs?|seconds?)\s+(?:on|off|rest|each|work)))(?:\s*(?:each|per|a|every)\s+(?:side|leg|arm|way)|\s*(?:e/s|es|l/r|/side))?(?=\s*(?:$|[,;.:)&+(]|-\s|and\b|then\b)))?(?:\s*\([^()]{3,40}\))?", RegexOptions.IgnoreCase);

    private static CardPattern SideBehind => field ??= new(@"^\s+(?:on\s+)?(?:each|per|either)\s+(?:side|leg|arm)\b", RegexOptions.IgnoreCase);

    private static CardPattern WithThing => field ??= new(@"\b(?:on|with|using)\s+(?:the|a|an|your|our|their|some)?\s*(?<k>(?:light|heavy)\s+[a-z]+|[a-z]+)\b", RegexOptions.IgnoreCase);

    /// <summary>Words alone between two signs of a list.</summary>
    private static CardPattern PiecesOfList => field ??= new(@"(?<=^|[,:+]\s+|\s-\s+|\b(?:and|with|of)\s+)(?!(?:the|a|an|each|no|then)\b)(?<name>[a-z][a-z' -]{3,40}?)(?=\s*(?:$|[,.;]|\s[-+]\s|\s(?:and|&|then|for)\s|\s(?:x\s?)?[0-9]))", RegexOptions.IgnoreCase);

    private static CardPattern AsSuperset => field ??= new(@"\b(?:(?:as|in|for)\s+)?(?:an?\s+)?(?:super[\s-]?sets?|pair|tri-?set|giant\s+set)\b|\bback\s+to\s+back\b", RegexOptions.IgnoreCase);

    /// <summary>“Shoulder press with pulldowns”, of a pair.</summary>
    private static CardPattern JoinsPair => field ??= new(@"^\s*(?:with|into|then|\+|paired\s+with)\s*$", RegexOptions.IgnoreCase);

    private static CardPattern PairsToCome => field ??= new(@"^(?:(?:and|then|so|next|after\s+that|main\s+bit|main\s+part)[\s,:]+)*(?:(?:it's|there\s+are|there's|we've\s+got|we\s+have|we\s+do|we'll\s+do|I've\s+got|do)\s+)?(?<n>[2-6]|two|three|four|five|six)\s+(?:super[\s-]?sets|pairs)[.:!]?$", RegexOptions.IgnoreCase);

    /// <summary>The number of a part: “tabata 1 - …”.</summary>
    private static CardPattern NumberNext => field ??= new(@"^\s+[0-9]{1,2}(?=\s*(?:[-:,]|is\b|$))", RegexOptions.IgnoreCase);

    /// <summary>“First up is …”, “last one: …”: which of the parts comes.</summary>
    private static CardPattern LastOne => field ??= new(@"^(?:(?:the|and|then)\s+)*(?:first|next|last|second|third|fourth|fifth|final)\s+(?:(?:one|up|off|thing|bit|pair)\b|(?=is\b|are\b|we\b|:))(?:\s*[:,]|\s+(?:is|are|we(?:'ll)?|comes?))*\s*", RegexOptions.IgnoreCase);

    /// <summary>“… for 3 minutes and …”: of the move before it.</summary>
    private static CardPattern ForItsTime => field ??= new(@"\s+for\s+[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)(?=\s*(?:$|[,;.]|and\b|then\b))", RegexOptions.IgnoreCase);

    /// <summary>What leads to a block's name.</summary>
    private static CardPattern LedTo => field ??= new(@"^(?:(?:and|then|so|now|next|ok|right|after(?:wards|\s+that)|we(?:'ll|\s+will)?|I(?:'ll)?|you(?:'ll)?|they|it's|do|have|go|move\s+on|at|on|in|to|into|is|for|the|a|an|up|finally|first|start|begin|open|kick\s+off|finish|end|with|last|bit|some)\b[\s,:]*)+", RegexOptions.IgnoreCase);
}
