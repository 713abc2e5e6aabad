using System.Buffers;
using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;

namespace JollySet.Core.Cards;

/// <summary>A line of a card without what only adorns it.</summary>
/// <param name="Number">From 1; a row of a table that says a block and a move has one number for both.</param>
/// <param name="Raw">As it is written.</param>
/// <param name="Text">Its words: no bullet, no number in front, no emphasis, signs of other keyboards put right.</param>
/// <param name="Letter">The letter that ties it to others: A of A1, A2; none otherwise.</param>
/// <param name="IsHeading">Whether it is set apart as a heading.</param>
internal sealed record CardWords(int Number, string Raw, string Text, char? Letter, bool IsHeading)
{
    /// <summary>The card's own line it is of, from 1: several sentences may stand on one.</summary>
    public int Line { get; init; } = Number;

    /// <summary>Whether it is too long for a line of a card: its words are only its beginning.</summary>
    public bool IsLong { get; init; }

    /// <summary>Whether it is the name of a known move and nothing else.</summary>
    public bool IsName { get; init; }

    /// <summary>That line as it is written.</summary>
    public string Whole { get; init; } = Raw;
}

/// <summary>Takes a card apart into lines, whatever hand or program wrote it.</summary>
internal static class CardText
{
    /// <summary>Lines longer than this are sentences of a letter, not lines of a card.</summary>
    public const int LongestLine = 240;

    /// <summary>A longer paragraph is a letter.</summary>
    public const int LongestParagraph = 1500;

    private const int FewestByClock = 3;

    /// <summary>More long paragraphs are no letter about a class.</summary>
    private const int MostParagraphs = 12;

    /// <summary>The lines of a card; those of a table in the words of a card.</summary>
    /// <param name="library">A word of a move's name is no slip of another; times behind a move are its own.</param>
    /// <param name="guessed">Names taken for moves.</param>
    public static List<CardWords> Lines(string text, MoveLibrary library, IReadOnlySet<string> guessed)
    {
        var written = text.ReplaceLineEndings("\n").Split('\n');
        string[] raw = [.. CardLegend.Put(CardLetters.Put(written))];
        // The same words are asked for in many rows.
        var known = new Dictionary<string, bool>();
        bool IsMove(string words)
        {
            if (!known.TryGetValue(words, out var isMove))
                known[words] = isMove = guessed.Contains(words) || library.Understood(words) is not null;
            return isMove;
        }

        for (var at = 0; at < raw.Length; at++)
            if (raw[at].Length <= LongestLine && !raw[at].AsSpan().ContainsAny("\t|;") && Plain(raw[at]) is var plain && CardWording.WithDoseBehind(CardWording.OnEachSide(CardWording.AsFinisher(CardWording.AsStations(CardWording.TimesInOrder(plain))))) is var put && put != plain)
                raw[at] = put;
        // More of them than a class has blocks are none of a class.
        for (var (at, left) = (0, Plans.Limits.Blocks); at < raw.Length && left > 0; at++)
            if (written[at].Length <= LongestLine && CardCounted.Plain(Plain(raw[at]), IsMove) is { } counted)
                (raw[at], left) = (counted, left - 1);
        var rows = CardTable.Rows(raw, IsMove);
        var isTable = rows.Count > 0;
        if (!isTable)
        {
            var spoken = CardNumbers.AreSpoken(raw);
            var dictated = Enumerable.Range(0, raw.Length).Where(i => raw[i].Length is > 0 and <= LongestParagraph).Select(i => (At: i, Lines: CardDictation.Lines(Plain(raw[i]), IsMove))).Where(d => d.Lines is not null).ToList();
            // A few long paragraphs are their sentences; any other long line is none of a card.
            var areParagraphs = raw.Count(l => l.Length > LongestLine) <= MostParagraphs && raw.All(l => l.Length <= LongestParagraph);
            // “08:15 Rest” of a list by the clock is no rest of eight minutes.
            var isByClock = raw.Count(CardNumbers.IsTimed) >= FewestByClock;
            rows = CardNumbers.Rewritten([.. raw.Select(l => isByClock && CardNumbers.IsTimed(l) && l.Length <= LongestLine ? Plain(Keyed(l)) : l.Length > LongestLine && !areParagraphs ? "" : spoken ? CardNumbers.InDigits(Plain(Keyed(l))) : CardTimings.Plain(Plain(Keyed(l)), IsMove))]);
            if (spoken)
                for (var at = 0; at < raw.Length; at++)
                    if (raw[at].Length <= LongestLine && CardNumbers.InDigits(Plain(raw[at])) is var digits && digits != Plain(raw[at]))
                        rows.TryAdd(at, digits);
            foreach (var (at, put) in CardOverLines.Put([.. raw.Select(Plain)], IsMove, words => IsMove(words) && library.Reader.Read(words).Moves == 1))
                rows[at] = put;
            foreach (var (at, taken) in dictated)
                rows[at] = taken!;
        }

        else if (Array.FindLastIndex(raw, l => l.Any(char.IsLetterOrDigit)) is var last && !rows.ContainsKey(last) && CardNumbers.Closing(Plain(raw[last])) is { } closing)
        {
            rows[last] = closing;
        }

        // What stands around a table says how it runs as it does anywhere.
        if (isTable)
            for (var at = 0; at < raw.Length; at++)
                if (!rows.ContainsKey(at) && raw[at].Length <= LongestLine && Plain(Keyed(raw[at])) is var plain && CardTimings.Plain(plain, IsMove) is var timings && timings != plain)
                    rows[at] = timings;
        if (isTable)
            foreach (var (at, words) in CardNumbers.ByClock([.. raw.Select((l, i) => l.Length > LongestLine ? "" : rows.GetValueOrDefault(i, l))]))
                rows[at] = words;
        var lines = new List<CardWords>();
        for (var at = 0; at < raw.Length; at++)
        {
            var number = (lines.Count > 0 ? lines[^1].Number : 0) + 1;
            if (!rows.TryGetValue(at, out var row))
                lines.Add(Of(number, written[at], raw[at] == written[at] ? null : raw[at], library, IsMove) with { Line = at + 1 });
            else if (isTable || !row.Contains('\n', StringComparison.Ordinal))
                lines.AddRange(row.Split('\n').Select(r => Of(number, written[at], r, library, IsMove) with { Line = at + 1 }));
            else
                // Sentences on one line are lines of their own.
                lines.AddRange(row.Split('\n').Select((part, i) => Of(number + i, part, part, library, IsMove) with { Line = at + 1, Whole = written[at] }));
        }

        return Lettered(lines);
    }

    /// <summary>“C dips 3x10” below A1, A2, B1, B2 is C of them.</summary>
    private static List<CardWords> Lettered(List<CardWords> lines)
    {
        char? last = null;
        char? block = null;
        for (var at = 0; at < lines.Count; at++)
        {
            if (lines[at].Letter is null && last is { } before && NextLetter.Match(lines[at].Text) is { Success: true } next && next.Groups["l"].Value[0] == before + 1)
                lines[at] = lines[at] with { Letter = next.Groups["l"].Value[0], Text = lines[at].Text[next.Length..] };
            last = lines[at].Letter ?? last;
            // “C burpee ladder 1-8” below “A 40/20 …” and “B 30/15 …”.
            if (block is { } above && NextLetter.Match(lines[at].Text) is { Success: true } named && named.Groups["l"].Value[0] == above + 1)
                lines[at] = lines[at] with { Text = $"{named.Groups["l"].Value}: {lines[at].Text[named.Length..]}" };
            if (BlockLetter.Match(lines[at].Text) is { Success: true } begins)
                block = begins.Groups["l"].Value[0];
        }

        return lines;
    }

    private static CardPattern NextLetter => field ??= new(@"^(?<l>[B-H])\s+(?=[A-Za-z]{3})");

    /// <summary>“#1 squat x10”: a number of a list, no heading.</summary>
    private static CardPattern NumberSign => field ??= new(@"^#(?<n>[0-9]{1,2})(?:[.:)]|\s-)?\s+(?=[A-Za-z0-9])");

    /// <summary>“Row *each arm*”: words told with stress beside a name.</summary>
    private static CardPattern Emphasis => field ??= new(@"(?<=[A-Za-z0-9)]\s)\*(?<w>[A-Za-z][^*]{1,40}?)\*(?!\S)");

    /// <summary>“A 40/20 x3: …”, “C: …”.</summary>
    private static CardPattern BlockLetter => field ??= new(@"^(?<l>[A-H])(?:\s+(?=\d{2}\s*/\s*\d{2}|\d\s?x\b|\d+\s*rounds)|:\s)");

    /// <summary>“1) squats 2) rows”: no bullet of one line.</summary>
    private static CardPattern NumberedOnLine => field ??= new(@"^1\)\s.*\s2\)\s");

    private static CardWords Of(int number, string raw, string? row, MoveLibrary library, Func<string, bool> isMove)
    {
        if (raw.Length > LongestLine && row is null)
            return new CardWords(number, raw, Plain(raw[..LongestLine]), null, false) { IsLong = true };
        // The name of a move and nothing else, as most lines of most cards are, is written plainly.
        if (IsBareName(row ?? raw, library))
            return new CardWords(number, raw, row ?? raw, null, false) { IsName = true };
        var text = CardSlips.Put(RowWhole.Replace(Plain(Pictures(row ?? raw)), "${row}"), library.Reader.IsWord);
        text = NumberSign.Replace(text, "${n}. ");
        if (text.Contains("*_", StringComparison.Ordinal) && text.Contains("_*", StringComparison.Ordinal))
            text = text.Replace("*_", "*", StringComparison.Ordinal).Replace("_*", "*", StringComparison.Ordinal);
        var isHeading = text.StartsWith('#') || (text.StartsWith("**", StringComparison.Ordinal) && text.Contains("**", StringComparison.Ordinal)) || text.StartsWith("==", StringComparison.Ordinal);
        if (!text.Contains("**", StringComparison.Ordinal))
            text = Emphasis.Replace(text, "(${w})");
        text = text.TrimStart('#', '=', ' ').Replace("**", "", StringComparison.Ordinal).Replace("__", "", StringComparison.Ordinal).TrimEnd('=', '*', ' ');
        if (Framed.Match(text) is { Success: true } framed)
            (text, isHeading) = Unframed(framed.Groups["name"].Value, framed.Groups["more"].Value.TrimStart(':', '-', ' '), isMove);
        text = CardWording.OddThenEven.Replace(text, "${h}: ${a}, ${b}");
        text = CardPhrases.OddOrEven.Replace(Boxed.Replace(text, "${n} "), "");
        if (Slanted.Match(text) is { Success: true } slanted)
            text = slanted.Groups["in"].Value;
        // “- A1: …” in a list.
        if (ListSign.Match(text) is { Success: true } sign)
            text = text[sign.Length..];
        var letter = (char?)null;
        if (Tied.Match(text) is { Success: true } tied)
        {
            letter = tied.Groups["a"].Success ? char.ToUpperInvariant(tied.Groups["a"].Value[0]) : (char)('A' + tied.Groups["b"].Value[0] - '1');
            text = text[tied.Length..];
        }
        else if (Bullet.Match(text) is { Success: true } bullet && !NumberedOnLine.IsMatch(text))
        {
            text = text[bullet.Length..];
        }

        // From a number to a number is a ladder's way.
        text = FromTo.Replace(RungToRung.Replace(text, "-"), " to ");
        // Arrows list what belongs to what stands before the first.
        text = LedTo.Replace(text, " x");
        var arrow = text.IndexOf(" -> ", StringComparison.Ordinal);
        if (arrow > 0)
            text = text[..arrow] + (text[..arrow].Contains(": ", StringComparison.Ordinal) ? ", " : !CardPhrases.BlockWord.IsMatch(text) && CardPhrases.PartOf(text[..arrow]) == CardPart.Main ? CardPhrases.Arrow : ": ") + text[(arrow + 4)..].Replace(" -> ", ", ", StringComparison.Ordinal);
        var words = CardWording.Of(Rule.IsMatch(text) ? "" : CardTimings.Plain(CardForeign.Put(text).Trim().TrimEnd(';').Trim(), isMove));
        // What is all bullets is words after all.
        return new CardWords(number, raw, (row is null or { Length: > 0 }) && !words.Any(char.IsLetterOrDigit) && Plain(raw).Any(char.IsLetterOrDigit) ? Plain(raw) : words, letter, isHeading);
    }

    /// <summary>Pictures that stand for a word: a drop is water, two arrows in a ring are again.</summary>
    private static string Pictures(string text) =>
        Keycap.Replace(Keyed(Listed(text)), m => $"{string.Concat(m.Groups["n"].Captures)}. ") is var plain && plain.Any(char.IsSurrogate) ? plain.Replace("💧", " water ", StringComparison.Ordinal).Replace("🚰", " water ", StringComparison.Ordinal).Replace("🥤", " water ", StringComparison.Ordinal).Replace("🔁", SaysAgain.IsMatch(plain) || plain.TrimEnd().EndsWith("🔁", StringComparison.Ordinal) ? " " : " repeat ", StringComparison.Ordinal) : plain;

    /// <summary>“▪crunch ▪toe taps ▪plank”: the sign before the first parts the others.</summary>
    private static string Listed(string text)
    {
        if (Repeated.Match(text) is not { Success: true } m)
            return text;
        var sign = m.Groups["s"].Value;
        var first = text.IndexOf(sign, StringComparison.Ordinal) + sign.Length;
        return text[..first] + text[first..].Replace(sign, ", ", StringComparison.Ordinal);
    }

    /// <summary>A sign that is no letter at the head of a line, and before two words more of it.</summary>
    private static CardPattern Repeated => field ??= new(@"^\s*(?<s>(?:\p{So}|\p{Cs}|[•▪‣◦·])+\uFE0F?)\s*[\p{L}\d][^\n]*?\s\k<s>\s*[\p{L}\d][^\n]*?\s\k<s>\s*[\p{L}\d]");

    /// <summary>A picture before a number or words that says what they are: people, a place, a bag.</summary>
    private static string Keyed(string text)
    {
        if (!text.Any(char.IsSurrogate))
            return text;
        if (PictureKey.IsMatch(text))
            text = PictureKey.Replace(text.Replace(" | ", ", ", StringComparison.Ordinal), m => (m.Index > 0 ? ", " : "") + (m.Groups["people"].Success ? "people: " : m.Groups["place"].Success ? "place: " : "kit: ")).Replace(",, ", ", ", StringComparison.Ordinal);
        return PictureBetween.Replace(text, " -");
    }

    /// <summary>A picture between words and a number parts them.</summary>
    private static CardPattern PictureBetween => field ??= new(@"(?<=[a-z)])\s+(?:\p{Cs}|\p{So}|\uFE0F|\u200D)+(?=\s+[0-9])", RegexOptions.IgnoreCase);

    private static CardPattern PictureKey => field ??= new(@"(?:^|\s+)(?:(?<people>👥|👫|👪)\s*(?=\d)|(?<place>📍)\s*(?=\p{L})|(?<kit>🎒)\s*(?=[\p{L}\d]))");

    /// <summary>A number on a key before a line counts it.</summary>
    /// <summary>Words that say how often already, or how long.</summary>
    private static CardPattern SaysAgain => field ??= new(@"\b(?:repeat|rounds?|laps?|times|sets?|again|on|off|work|rest|secs?|seconds?|mins?|minutes?|[0-9]+\s?s)\b", RegexOptions.IgnoreCase);

    private static CardPattern Keycap => field ??= new(@"^\s*(?:(?<n>[0-9])\uFE0F?\u20E3)+\s*(?=\S)(?!(?:x\b|rounds?|rds?|sets?|laps?|times|reps?|min|sec|s\b|circuits?|blocks?|people)\b?)");

    /// <summary>The same words in the signs of one keyboard, without pictures.</summary>
    public static string Plain(string text)
    {
        if (text.Contains("w/ no ", StringComparison.OrdinalIgnoreCase))
            text = text.Replace("w/ no ", "with no ", StringComparison.OrdinalIgnoreCase);
        if (IsPlain(text))
            return text;
        var plain = new StringBuilder(text.Length);
        foreach (var rune in KeyedDigit.Replace(Normal(text), "${n}").EnumerateRunes())
        {
            var kind = Rune.GetUnicodeCategory(rune);
            // ❶ to ➓ count lines, as ① does.
            if (rune.Value is >= 0x2776 and <= 0x2793)
                plain.Append((rune.Value - 0x2776) % 10 + 1).Append(". ");
            else if (rune.Value is >= 0x2460 and <= 0x2473)
                plain.Append(rune.Value - 0x245F).Append(". ");
            // Digits of any script count alike.
            else if (kind == UnicodeCategory.DecimalDigitNumber)
                plain.Append((int)Rune.GetNumericValue(rune));
            else if (kind is UnicodeCategory.OtherSymbol or UnicodeCategory.Surrogate or UnicodeCategory.PrivateUse or UnicodeCategory.Format or UnicodeCategory.EnclosingMark || rune.Value is >= 0x1F3FB and <= 0x1F3FF || rune.Value is 0xFE0F or 0xFFFD or 0x27F2 or 0x27F3)
                plain.Append(' ');
            else if (Rune.IsWhiteSpace(rune) || kind == UnicodeCategory.Control)
                plain.Append(' ');
            else
                plain.Append(rune.ToString());
        }

        return Spaces.Replace(plain.ToString(), " ").Trim();
    }

    /// <summary>Whether nothing in it is written otherwise when it is written plainly: most lines.</summary>
    private static bool IsPlain(string text) =>
        text is [not ' ', .., not ' '] && !text.AsSpan().ContainsAnyExceptInRange(' ', '~') && !text.AsSpan().ContainsAny(Signs);

    /// <summary>Whether a text is the name of a move that is known, in letters, and nothing else.</summary>
    private static bool IsBareName(string text, MoveLibrary library) =>
        text is [not ' ', not ' ', .., not (' ' or '-')] && text.Length <= LongestName && !text.AsSpan().ContainsAnyExcept(NameLetters) && !text.Contains("  ", StringComparison.Ordinal) && !text.StartsWith("alternat", StringComparison.OrdinalIgnoreCase) && !text.StartsWith("stretch", StringComparison.OrdinalIgnoreCase) && library.Understood(text) is not null && !CardPhrases.StationOfRest.IsMatch(text) && CardPhrases.PartOf(text) == CardPart.Main;

    private const int LongestName = 40;

    private static readonly SearchValues<char> NameLetters = SearchValues.Create("abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ -");

    private static readonly SearchValues<string> Signs = SearchValues.Create(["  ", " : ", "''", "=>"], StringComparison.Ordinal);

    /// <summary>A number on a key: 4️⃣.</summary>
    private static CardPattern KeyedDigit => field ??= new(@"(?<n>[0-9])\uFE0F?\u20E3");

    private static string Normal(string text)
    {
        if (text.AsSpan().IndexOfAny(ArrowSigns) >= 0)
            text = Upwards.Replace(Downwards.Replace(WayDown.Replace(WayUp.Replace(text, " (harder: ${w})"), " (easier: ${w})"), " ↓ "), " ↑ ");
        text = DoublePrime.Replace(text, "s");
        if (text.AsSpan().IndexOfAny('¡', '¿') >= 0)
            text = Opened.Replace(text, "${said}");
        // « quotes what it closes; » alone leads on.
        if (text.Contains(" » ", StringComparison.Ordinal) && !text.Contains('«', StringComparison.Ordinal))
            text = text.Replace(" » ", ", ", StringComparison.Ordinal);
        var put = text.Replace("：", ": ", StringComparison.Ordinal).Replace("，", ", ", StringComparison.Ordinal).Replace("（", " (", StringComparison.Ordinal).Replace("【", " (", StringComparison.Ordinal).Replace('×', 'x').Replace('✖', 'x').Replace('✕', 'x').Replace('–', '-').Replace('—', '-').Replace('−', '-').Replace('’', '\'').Replace('‘', '\'').Replace('“', '"').Replace('”', '"').Replace('„', '"').Replace('‹', '(').Replace('›', ')').Replace("n° ", "", StringComparison.OrdinalIgnoreCase).Replace("nº ", "", StringComparison.OrdinalIgnoreCase).Replace("°/", ".", StringComparison.Ordinal).Replace("º ", ". ", StringComparison.Ordinal).Replace(".ª ", ". ", StringComparison.Ordinal).Replace(".º ", ". ", StringComparison.Ordinal).Replace("ª ", ". ", StringComparison.Ordinal).Replace("« ", "", StringComparison.Ordinal).Replace(" »", "", StringComparison.Ordinal).Replace("«", "", StringComparison.Ordinal).Replace("»", "", StringComparison.Ordinal).Replace(" : ", ": ", StringComparison.Ordinal).Replace('″', '"').Replace('′', '\'').Replace("''", "\"", StringComparison.Ordinal).Replace("…", "...", StringComparison.Ordinal).Replace("、", ". ", StringComparison.Ordinal).Replace('】', ')').Replace('「', '"').Replace('」', '"').Replace('•', '*').Replace('·', '*').Replace("→", " -> ", StringComparison.Ordinal).Replace("=>", " -> ", StringComparison.Ordinal).Replace("½", ".5", StringComparison.Ordinal);
        try
        {
            return put.Normalize(NormalizationForm.FormKC);
        }
        catch (ArgumentException)
        {
            return put;
        }
    }

    // The pictures of arrows share their first halves with others: the patterns tell which.
    private static readonly SearchValues<char> ArrowSigns = SearchValues.Create("⬇⬆↘↗\ud83d");

    /// <summary>“Jump squats ⬇️ squats”: an easier way.</summary>
    private static CardPattern Downwards => field ??= new(@"(?<=[A-Za-z)])\s*(?:[⬇↘]|🔽|👇)\uFE0F?\s*(?=[A-Za-z])");

    /// <summary>The only one of its line, and what it points to in words.</summary>
    private static CardPattern WayDown => field ??= new(@"(?<=^[^⬆↗↓↑]*[A-Za-z)])\s*(?:[⬇↘]|🔽|👇)\uFE0F?\s*(?<w>[A-Za-z][A-Za-z' -]{2,40})$");

    private static CardPattern WayUp => field ??= new(@"(?<=^[^⬇↘↓↑]*[A-Za-z)])\s*(?:[⬆↗]|🔼|👆)\uFE0F?\s*(?<w>[A-Za-z][A-Za-z' -]{2,40})$");

    private static CardPattern Upwards => field ??= new(@"(?<=[A-Za-z)])\s*(?:[⬆↗]|🔼|👆)\uFE0F?\s*(?=[A-Za-z])");

    private static CardPattern Tied => field ??= new(@"^(?!a\s\d{1,2}[\s-]+(?:min|sec|hour|round|station|exercise|move))(?:(?<a>[A-Ha-h])\s?\d\s?[.):\-]?\s+|(?<b>[1-8])[a-hA-H]\s?[.):]?\s+)(?=\S)", RegexOptions.IgnoreCase);

    private static CardPattern Bullet => field ??= new(@"^(?:[-*+>~]+\s*|\[[ x]?\]\s*|\d{1,2}\s?(?:\.\)|[.)])(?![\d.])\s*|[1-4]\s*[-/]\s+(?=[a-z])|0\d\s+(?=[a-z])|[a-h][.)]\s+|\(?[a-z]\)\s+|\(\d{1,2}\)\s+)+(?=\S)", RegexOptions.IgnoreCase);

    /// <summary>A line set in slanted letters.</summary>
    private static CardPattern Slanted => field ??= new(@"^(?<s>[_*])(?<in>[^_*\s][^_*]*[^_*\s])\k<s>$");

    /// <summary>A sign of a list before a letter and number of a pair.</summary>
    private static CardPattern ListSign => field ??= new(@"^[-*+]\s+(?=[A-Ha-h]\d\s?[.):-])");

    /// <summary>A row of cells between strokes, of a table without a head.</summary>
    private static CardPattern RowWhole => field ??= new(@"^\|\s*(?<row>[^|]+\|.*?)\s*\|$");

    /// <summary>Words between two of the same signs: a heading, and what stands behind it.</summary>
    private static CardPattern Framed => field ??= new(@"^(?!\|.*\|.*\|)(?:(?<s>[~_|=]|\*(?=[A-Za-z][^*]*[^*\s]\*(?:$|[\s:]))|[~*_=|-]{2,5})\s*(?<name>[A-Za-z][^~_=|<>*]{1,50}?)\s*\k<s>|<{1,3}\s*(?<name>[A-Za-z][^~_=|<>*]{1,50}?)\s*>{1,3})\s*(?<more>.*)$");

    /// <summary>A name set in stress and what stands behind it: “*Balance* tightrope walk, …” is a head and its list, “*Squats* 3x10” a move, “*WU* seated 10 min” goes on.</summary>
    private static (string Text, bool IsHeading) Unframed(string name, string more, Func<string, bool> isMove)
    {
        if (more.Length == 0)
            return (name, true);
        if (isMove(name))
            return ($"{name} {more}", false);
        var goesOn = char.IsLetter(more[0]) && !isMove(NoName.Replace(FirstOfList.Match(more).Value, "").Trim());
        return (goesOn ? $"{name} {more}" : $"{name}: {more}", true);
    }

    private static CardPattern FirstOfList => field ??= new(@"^[^,;:&+]*?(?=\s*(?:[,;:&+]|\s-\s|$))");

    private static CardPattern NoName => field ??= new(@"\s*(?:x\s*)?[0-9].*$|\s*\(.*$");

    /// <summary>A count in a box of its own before a move.</summary>
    private static CardPattern Boxed => field ??= new(@"^\[(?<n>\d{1,3})\]\s*(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>An arrow to a count alone.</summary>
    private static CardPattern LedTo => field ??= new(@"(?<=[a-z)])\s*->\s*(?=\d{1,3}\s*(?:reps?)?\s*(?:$|,))", RegexOptions.IgnoreCase);

    private static CardPattern FromTo => field ??= new(@"(?<=(?:^|\b(?:ladder|countdown|count\s+down|finisher|from)\W{0,3})\d{1,2})\s*->\s*(?=\d{1,2}\s*(?:$|[:,;)]|reps|of\b))", RegexOptions.IgnoreCase);

    /// <summary>“10 -> 8 -> 6 -> 4”.</summary>
    private static CardPattern RungToRung => field ??= new(@"(?<=(?:^|\s)[0-9]{1,2})\s*->\s*(?=[0-9]{1,2}\b(?:\s*->\s*[0-9]|(?<=->\s*[0-9]+\s*->\s*[0-9]+)\s*(?:$|[:,;)]|[a-z])))", RegexOptions.IgnoreCase);

    /// <summary>Seconds; inches where it is of a box.</summary>
    private static CardPattern DoublePrime => field ??= new(@"(?<=\d)(?<!['′’]\s?\d{1,2})\s?″(?!\s*(?:box|step|bench|platform|ball|plyo))", RegexOptions.IgnoreCase);

    /// <summary>“¡Clase del jueves!”: the signs around a cry.</summary>
    private static CardPattern Opened => field ??= new(@"^\s*[¡¿](?<said>[^¡¿!?]+)[!?]\s*$");

    private static CardPattern Rule => field ??= new(@"^[-=_*~.\s|:+]*$");

    private static CardPattern Spaces => field ??= new(@"\s+");
}
