using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Several moves on one line: a head and its list, what is said behind it, and where one move ends and the next begins.</content>
public sealed partial class CardReader
{
    /// <summary>Moves one after the other with nothing between their names, as they are dictated: “squats press ups plank”; null where they are not all known, or fewer than three.</summary>
    private List<string>? InARow(string text)
    {
        var row = text.Split(' ');
        if (row.Length is < 3 or > MostInARow || row.Any(w => !w.All(c => char.IsLetter(c) || c is '-' or '\'')))
            return null;
        // From the end: how long the first name of each rest is, where all of it can be read.
        var first = new int[row.Length + 1];
        for (var from = row.Length - 1; from >= 0; from--)
            first[from] = Enumerable.Range(1, Math.Min(4, row.Length - from)).LastOrDefault(n => (from + n == row.Length || first[from + n] > 0) && Understood(string.Join(' ', row[from..(from + n)])) is not null);
        var moves = new List<string>();
        for (var from = 0; from < row.Length && first[from] > 0; from += first[from])
            moves.Add(string.Join(' ', row[from..(from + first[from])]));
        return moves.Count > 2 ? moves : null;
    }

    /// <summary>The moves of a line that lists several, else the line.</summary>
    private List<string> Parted(string text, bool isShort = false)
    {
        var parts = Commas.Split(text).Select(p => Bare(LeadingAnd.Replace(p.Trim().TrimEnd('.'), ""))).Where(p => p.Length > 0).ToList();
        // “40 s of squats and 40 s of rows”: two, where each says its own amount.
        parts = parts.SelectMany(p => AndSign.Split(p) is { Length: 2 } both && both.All(b => Scan(b) is { Amount: not null }) ? both : new[] { p }).ToList();
        // “Squats, heel raises and knee lifts”: the last two of a list, though one of them be unknown.
        if (parts.Count > 1 && And.Split(parts[^1]) is [var lastButOne, var last] && Understood(parts[^1]) is null && (IsListed(lastButOne) || IsListed(last)) && IsNameLike(lastButOne) && IsNameLike(last) && parts.SkipLast(1).Count(IsListed) * 2 >= parts.Count - 1)
            parts = [.. parts.SkipLast(1), Bare(lastButOne), Bare(last)];
        if (parts.Count < 2 && Strokes.Split(text) is { Length: > 2 } strokes)
            parts = [.. strokes.Select(p => p.Trim())];
        // “Rows x8 / presses x8”: each has its own.
        if (parts.Count < 2 && Strokes.Split(text) is { Length: 2 } pair && Array.TrueForAll(pair, p => Scan(p) is { Amount: not null, SaysBlock: false } one && Understood(WithoutBrackets(one.Left)) is not null))
            return [.. pair];
        if (parts.Count < 2 && Current is { Scheme: not null, Stations.Count: 0 } && Strokes.Split(text) is { Length: 2 } rung && Array.TrueForAll(rung, p => Understood(p) is not null))
            return [.. rung];
        // “Squat hold / jumping jacks” below “in pairs”: what each of the two does.
        if (parts.Count < 2 && Current is { Part: CardPart.Main, Begun: { } begun } && (ForPair.IsMatch(begun) || begun.StartsWith("tabata", StringComparison.OrdinalIgnoreCase)) && Strokes.Split(text) is { Length: 2 } two && Array.TrueForAll(two, p => Understood(p) is not null))
            return [.. two];
        if (parts.Count < 2 && NextCount.Split(text) is { Length: > 1 } counted && counted.All(c => Scan(c) is { RepsLow: not null, SaysBlock: false } each && KnownAs(WithoutBrackets(each.Left)) != Sureness.Unknown) && counted.Any(c => Understood(WithoutBrackets(Scan(c).Left)) is not null))
            return [.. counted];
        if (parts.Count < 2)
            return [text];
        // “Affondi, piegamenti” below a superset that waits for its moves: the two of it, known or not.
        if (AreOfSuperset(text))
            return parts;
        if (parts.TrueForAll(p => char.IsAsciiDigit(p[0]) && Scan(p) is { RepsLow: not null }) || (isShort && parts.TrueForAll(p => char.IsAsciiDigit(p[0]) && Scan(p) is { Length: not null } timed && timed.Left.Split(' ').Length <= 3)))
            return parts;
        // What has sets and reps of its own is a thing of its own, whether its name is known or not.
        if (parts.TrueForAll(p => Scan(p) is { Sets: not null, RepsLow: not null } own && own.Left.Any(char.IsLetter) && own.Left.Split(' ').Length <= FewWords))
            return parts;
        if ((isShort || parts.Count > 2) && parts.TrueForAll(p => Scan(p) is { Amount: not null, SaysBlock: false, Gaps.Count: 0 } own && own.Left.Any(char.IsLetter) && !IsEmpty(own.Left) && own.Left.Split(' ').Length <= 3 && own.Left.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')))
            return parts;
        // “Bike 3 mins, band pull-aparts” in a part: half of them known is enough.
        if (isShort && char.IsLetter(parts[0][0]) && parts.TrueForAll(p => Scan(p) is { SaysBlock: false, Gaps.Count: 0, Left: var own } && own.Length > 2 && own.Split(' ').Length <= 3 && own.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'') && !IsSpoken.IsMatch(p) && !GoesOn.IsMatch(p) && PartOf(p) == CardPart.Main) && parts.Exists(p => Scan(p).Amount is not null) && parts.Count(IsListed) * 2 >= parts.Count)
            return parts;
        if (isShort && parts.Count > 2 && parts.TrueForAll(p => p.Split(' ').Length <= FewWords && p.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'') && !IsSpoken.IsMatch(p) && !GoesOn.IsMatch(p)) && parts.Count(p => Understood(p) is not null) * 2 >= parts.Count)
            return parts;
        var names = parts.ConvertAll(p => Scan(p) is var scan && WithoutStopsAround(WithoutBrackets(scan.Left)) is { Length: > 0 } left && (Understood(left) is not null || Understood(left + " stretch") is not null || KnownAs(left) == Sureness.Likely));
        return names.Count(n => n) >= 2 && names.Count(n => n) * 2 > names.Count || (isShort && parts.TrueForAll(p => (p.Split(' ').Count(w => w != "+") <= 3 || (p.Split(' ').Length == 4 && p.Contains(" with ", StringComparison.OrdinalIgnoreCase))) && !p.Any(char.IsAsciiDigit))) ? parts : [text];
    }

    /// <summary>“Some hip openers”, “a plank”: the move.</summary>
    private string Bare(string item) => SomeOf.Match(item) is { Success: true } some && IsListed(item[some.Length..]) ? item[some.Length..] : item;

    private bool IsListed(string item) => Understood(WithoutBrackets(Scan(item).Left)) is not null;

    private bool IsNameLike(string item) => IsListed(item) || (Scan(item).Left is var left && left.Split(' ').Length <= FewWords && left.Any(char.IsLetter) && left.All(c => char.IsLetter(c) || c is ' ' or '-' or '\''));

    /// <summary>Whether a line is two or three names below a superset that says how often and waits for its moves.</summary>
    private bool AreOfSuperset(string text) => Current is { IsSuperset: true, Stations.Count: 0, ForAll: not null } && Commas.Split(text) is { Length: 2 or 3 } names && names.All(p => p.Split(' ').Length <= 3 && p.Any(char.IsLetter) && p.All(c => char.IsLetter(c) || c is ' ' or '-' or '\''));

    /// <summary>Head and list of a line that has both: “warm-up: jog, hip circles”.</summary>
    private (string Head, string? Items) Listed(string text)
    {
        if (!lists.TryGetValue(text, out var listed))
            lists[text] = listed = ListOf(text);
        return listed;
    }

    private (string Head, string? Items) ListOf(string text)
    {
        // “5 rounds: 1 min fast, 1 min walk”: times and a word each.
        if (TimesAndWords.Match(text) is { Success: true } timed && Scan(timed.Groups["head"].Value, isLine: false) is { RoundsLow: not null } round && IsEmpty(round.Left))
            return (timed.Groups["head"].Value, timed.Groups["items"].Value);
        for (var colon = text.IndexOf(':', StringComparison.Ordinal); colon > 0 && colon < text.Length - 1; colon = text.IndexOf(':', colon + 1))
        {
            if ((char.IsAsciiDigit(text[colon - 1]) && char.IsAsciiDigit(text[colon + 1])) || IsInBrackets(text, colon))
                continue;
            var items = text[(colon + 1)..].Trim();
            var isPart = PartOf(text[..colon]) != CardPart.Main;
            // “Cool-down: foam roll + couch stretch”: what is joined in a part is its list.
            if (isPart && !items.Contains(", ", StringComparison.Ordinal) && items.Split(" + ") is { Length: > 1 } added && added.Any(a => Understood(Scan(a).Left) is not null))
                items = string.Join(", ", added);
            // “T1: squat jumps / plank”.
            if (Strokes.Split(HowBehind(items).Items) is { Length: > 1 and <= 6 } struck && (struck is { Length: 2 } && struck.All(t => Understood(Scan(t).Left) is not null)
                || ((Super.IsMatch(text[..colon]) || BlockWord.IsMatch(text[..colon])) && struck.All(t => Scan(t).Left is var left && left.Any(char.IsLetter) && left.Split(' ').Length <= FewWords) && (Super.IsMatch(text[..colon]) || struck.Any(t => Understood(WithoutStopsAround(Scan(t).Left)) is not null)))))
                items = string.Join(", ", struck.Concat(HowBehind(items).How));
            // “Pair 1: squat jumps + press-ups”: the two of it, no move made of both.
            if (Super.IsMatch(text[..colon]) && items.Split(" + ") is { Length: > 1 and <= 4 } joined && joined.All(j => WithoutBrackets(Scan(j).Left) is { Length: > 0 } name && name.Split(' ').Length <= 4 && name.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')) && joined.Any(j => Understood(WithoutBrackets(Scan(j).Left)) is not null))
                items = string.Join(", ", joined);
            // “Arms (2 x 10): curls, press up to ceiling”: whatever it is called, it is done so often.
            if (Scan(text[..colon], isLine: false) is { Sets: not null, RepsLow: not null } && Commas.Split(items) is { Length: > 1 } called && called.All(t => t.Split(' ').Length <= FewWords && t.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')) && (called.Any(t => Understood(t) is not null) || (called.Length > 2 && BlockWord.IsMatch(text[..(colon + 1)]))))
                return (text[..colon], items);
            isPart |= NamedMinutes.IsMatch(text[..colon]) || !BriefWords.Focus(text[..colon]).IsEmpty || Scan(text[..colon], isLine: false).Work is not null;
            var bare = HowAtEnd.Match(items) is { Success: true } how && Scan(how.Groups["how"].Value, isLine: false) is { Any: true } said && IsEmpty(said.Left) ? how.Groups["items"].Value : HowBehind(WithoutRemark(items).Items).Items;
            if (isPart && PartOf(text[..colon]) != CardPart.Main && MinutesAtEnd.Match(bare) is { Success: true } minutes)
                bare = minutes.Groups["items"].Value;
            var areAmounts = Commas.Split(bare) is { Length: > 1 } own && own.All(i => Scan(i).Amount is not null);
            var listed = Parted(bare, isShort: isPart || bare.Length < items.Length || areAmounts || Super.IsMatch(text[..colon])).Select(i => Scan(i).Left).ToList();
            // “Finisher: wall sit - max hold x 2”.
            if (listed.Count == 1 && (BlockWord.IsMatch(text[..(colon + 1)]) || RegionAlone.IsMatch(text[..colon])) && (IsMove(Dashes.Split(listed[0])[0].Trim()) || (listed[0].Split(' ').Length <= 3 && KnownAs(listed[0]) == Sureness.Likely) || Or.Split(listed[0]) is [var one, _] && IsMove(one)))
                return (text[..colon], items);
            var isCoolDown = PartOf(text[..colon]) == CardPart.CoolDown;
            if (listed.Count > 1 && BlockWord.IsMatch(text[..(colon + 1)]) && listed.TrueForAll(i => KnownAs(WithoutBrackets(i)) != Sureness.Unknown))
                return (text[..colon], items);
            if (listed.Count > 0 && listed.Exists(i => i.Length > 0 && ((listed.Count > 1 && Super.IsMatch(text[..colon])) || ((Scan(text[..colon], isLine: false).SaysBlock && (listed.Count > 1 || (BlockWord.IsMatch(text) && i.Split(' ').Length <= 3 && i.All(c => char.IsLetter(c) || c is ' ' or '-')))) || IsMove(WithoutBrackets(i)) || (colon == 1 && KnownAs(WithoutBrackets(i)) == Sureness.Likely) || (isCoolDown && Understood(i + " stretch") is not null) || (isPart && listed.Count > 1 && i.Split(' ').Length <= 3) || (listed.Count > 1 && areAmounts) || (listed.Count > 1 && bare.Length < items.Length && i.Split(' ').Length <= 3 && KnownAs(i) == Sureness.Likely)))) && (isPart || BlockWord.IsMatch(text[..(colon + 1)]) || listed.Count > 1 || Scan(text[..colon], isLine: false).SaysBlock))
                return (text[..colon], items);
        }

        // “Stretch hips, hamstrings, lats”.
        if (StretchOf.Match(text) is { Success: true } stretched && Commas.Split(stretched.Groups["items"].Value).SelectMany(i => And.Split(i)).ToList() is { Count: > 0 } all && (all.Count > 1 || blocks.Count > 0) && all.All(i => i.Split(' ').Length <= 3) && all.Any(i => Understood(i + " stretch") is not null))
            return (stretched.Groups["head"].Value, string.Join(", ", all));

        // “A warm-up (about 4 minutes, just marching and reaching)”.
        if (PartOf(text) != CardPart.Main && InBrackets.Match(text) is { Success: true } told && Commas.Split(told.Groups["in"].Value).SelectMany(i => And.Split(i)).Select(i => i.Trim()).ToList() is var pieces
            && pieces.FindAll(i => !IsEmpty(Scan(i, isLine: false).Left)) is { Count: > 0 } named && named.Exists(i => Understood(WithoutStopsAround(Scan(i).Left)) is not null) && named.TrueForAll(i => i.Split(' ').Length <= 3 && !i.Any(char.IsAsciiDigit)))
            return ($"{told.Groups["head"].Value} {string.Join(' ', pieces.Except(named))}", string.Join(", ", named.Select(WithoutStopsAround)));

        // “Warm up - 6 mins - jog, arm circles”: the last dash before a list, on a line that begins a block.
        for (var dash = text.LastIndexOf(" - ", StringComparison.Ordinal); dash > 0; dash = text.LastIndexOf(" - ", dash, StringComparison.Ordinal))
        {
            var (before, items) = (text[..dash], text[(dash + 3)..].Trim());
            // “Glutes - kickbacks, clams, 20 each leg”.
            if (RegionAlone.Match(before).Length == before.Length && ListOf($"{before}: {items}") is { Items: not null } region)
                return region;
            // “Finisher - 1 min plank”.
            if (BlockWord.Match(before) is { Success: true, Index: 0 } alone && alone.Length == before.Length && Scan(items) is { SaysBlock: false, Amount: not null } only && IsMove(only.Left))
                return (before, items);
            // “Standing behind chair - heel raises, knee bends, 10 of each x 2”: a few words, a list of moves, and how often.
            if (before.Split(' ').Length <= FewWords && before.All(c => char.IsLetter(c) || c is ' ' or '&') && Understood(before) is null && HowBehind(items) is { How.Count: > 0 } ended && Commas.Split(ended.Items) is { Length: > 1 } moved
                && Array.TrueForAll(moved, n => n.Split(' ').Length <= 4) && moved.Count(n => KnownAs(WithoutBrackets(Scan(n).Left)) != Sureness.Unknown) * 2 > moved.Length)
                return (before, items);
            // “Tabata 1 - squat jumps / squat hold”.
            if (BlockWord.Match(before) is { Success: true } word && before[word.Length..].All(c => char.IsAsciiDigit(c) || c == ' ') && Strokes.Split(items) is { Length: > 1 and <= 6 } struck && struck.All(s => s.Split(' ').Length <= 3 && s.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')) && struck.Any(s => Understood(s) is not null))
                return (before, string.Join(", ", struck));
            if ((PartOf(before) != CardPart.Main || BlockWord.IsMatch(before) || Super.IsMatch(before) || Scan(before, isLine: false).SaysBlock || NamedMinutes.IsMatch(before) || RegionAlone.IsMatch(before)) && Understood(Scan(before).Left) is null
                && Parted(items = AllOf(items), isShort: PartOf(before) != CardPart.Main || Scan(before, isLine: false).SaysBlock).ConvertAll(i => WithoutBrackets(Scan(i).Left)) is { Count: > 1 } moves && (moves.Exists(i => Understood(i) is not null || (PartOf(before) != CardPart.Main && KnownAs(i) == Sureness.Likely) || (PartOf(before) == CardPart.CoolDown && Understood(i + " stretch") is not null)) || (moves.Count > 2 && Scan(before, isLine: false) is { Work: not null, Left: var more } && IsEmpty(more) && moves.TrueForAll(i => i.Split(' ').Length <= 3 && i.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')))))
                return (before, items);
        }

        return (text, null);
    }

    /// <summary>Whether a head or a part stands above of which no move is said yet: the next list is its own. A part with minutes needs none.</summary>
    private bool WaitsForMoves => Current is { Stations.Count: 0, IsOwnTime: false } open && (open.Part == CardPart.Main || open.Length is null);

    /// <summary>“Rows and kickbacks, 20 each leg, no jumping”: moves, what is said of all of them, and whom it spares; a head with its list.</summary>
    private string AsListOfAll(string text)
    {
        if ((WaitsForMoves && Current!.Part == CardPart.Main) || !text.Contains(", ", StringComparison.Ordinal) || !text.Any(char.IsAsciiDigit) || text.AsSpan().ContainsAny(":(/+|"))
            return text;
        var pieces = Commas.Split(text.TrimEnd('.'));
        var spared = pieces.Reverse().TakeWhile(p => BriefWords.Need(p) is not null).Reverse().ToList();
        var how = pieces.SkipLast(spared.Count).Reverse().Select(HowOfAll).TakeWhile(h => h is not null).Reverse().ToList();
        var named = pieces.SkipLast(spared.Count + how.Count).ToList();
        var moves = named.SelectMany(i => IsMove(i) ? [i] : And.Split(LeadingAnd.Replace(i, ""))).Select(i => i.Trim()).ToList();
        // A longer list, of which nothing else is said, is read as any list.
        if (how.Count == 0 || moves.Count < 2 || (moves.Count > 2 && spared.Count == 0 && moves.Count == named.Count) || !moves.TrueForAll(m => m.Split(' ').Length <= FewWords && !m.Contains(" of ", StringComparison.Ordinal) && m.All(c => char.IsLetter(c) || c is ' ' or '-' or '\''))
            || moves.Count(m => KnownAs(m) != Sureness.Unknown) * 2 <= moves.Count || !moves.Exists(m => Understood(m) is not null))
            return text;
        // Below “warm up” they are done in it, each so often or so long.
        var each = WaitsForMoves ? how is [{ } only] ? AmountOfEach(only) : null : "";
        if (each is null)
            return text;
        beside.AddRange(spared);
        if (each.Length > 0)
            return string.Join(", ", moves.Select(m => $"{m} {each}"));
        return $"A - {string.Join(", ", how)}: {string.Join(", ", moves)}";
    }

    /// <summary>“10 of each” is x10, “30s each” is 30s; null where it is neither.</summary>
    private string? AmountOfEach(string how) =>
        Scan(how, isLine: false) is not { SaysBlock: false, Sets: null, RoundsLow: null, Gaps.Count: 0, Amount: { } amount } scan ? null : $"{amount}{(scan.SaysEachSide || scan.Sides is not null ? " each side" : "")}";

    /// <summary>“Squats 15 / lunges 10 / bridges 20 x3”: the last count is of all of them.</summary>
    private string AsStrokesTimes(string text)
    {
        if (!text.Contains(" / ", StringComparison.Ordinal) || text.Contains(':', StringComparison.Ordinal) || TimesBehindStrokes.Match(text) is not { Success: true } m || Strokes.Split(m.Groups["items"].Value) is not { Length: > 1 } items
            || !Array.TrueForAll(items, i => Scan(i) is { Amount: not null, Sets: null, SaysBlock: false } own && own.Left.Split(' ').Length <= FewWords) || items.Count(i => KnownAs(WithoutBrackets(Scan(i).Left)) != Sureness.Unknown) * 2 <= items.Length)
            return text;
        if (!WaitsForMoves || Current is not { Part: CardPart.Main, RoundsLow: null } head)
            return $"A - {m.Groups["n"].Value} rounds: {string.Join(", ", items)}";
        // “Block 1” above it: its moves, and how often.
        head.RoundsLow = int.Parse(m.Groups["n"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture);
        return string.Join(", ", items);
    }

    private static CardPattern TimesBehindStrokes => field ??= new(@"^(?<items>.+[0-9]\s*(?:s|secs?|(?:es|each|per)(?:\s+(?:side|leg|arm))?|reps)?)\s*,?\s+x\s?(?<n>[2-9])$", RegexOptions.IgnoreCase);

    /// <summary>What is said behind a list of all of it, in the words of a head; null where it is something else.</summary>
    private string? HowOfAll(string said)
    {
        if (SoManyOfAll.Match(said) is { Success: true } m)
            return $"{m.Groups["n"].Value} {(m.Groups["side"].Success ? "reps each side" : "of each")}{(m.Groups["x"].Success ? $", {m.Groups["x"].Value} rounds" : "")}";
        return Scan(said, isLine: false) is { Sets: null, Sides: null, Load: null } scan && (scan.SaysBlock || scan.IsEach || scan.IsOfAll || scan.Gaps.Count > 0) && IsEmpty(scan.Left) ? said : null;
    }

    private static CardPattern SoManyOfAll => field ??= new(@"^(?:(?<n>[0-9]{1,3})\s*(?:reps\s+)?(?:of\s+)?(?:on\s+)?(?:each|per)(?:\s+(?<side>side|leg|arm))?(?:\s*x\s*(?<x>[2-9]))?|(?<x>[2-9])\s*(?:rounds|rds)\s+of\s+(?<n>[0-9]{1,3})(?:\s+(?:reps|each|of\s+each))?)$", RegexOptions.IgnoreCase);

    private static bool IsInBrackets(string text, int at) => text.AsSpan(0, at).Count('(') > text.AsSpan(0, at).Count(')') && text.IndexOf(')', at) > 0;

    /// <summary>“Squat jumps & climbers” is a list of both, where both are moves and not one by that name.</summary>
    private string AllOf(string items) =>
        AndSign.Split(items) is [var one, var other] && Understood(items) is null && Understood(one) is not null && Understood(other) is not null ? $"{one}, {other}" : items;

    /// <summary>Whether it is a few words and no move, and says nothing of how anything runs.</summary>
    private bool IsRemark(string said) => TakesTime.IsMatch(said) || said.Split(' ').Length > 3 && said.All(c => char.IsLetter(c) || c is ' ' or '\'' or '-') && (Scan(said, isLine: false) is { Any: false } || AsNeeded.IsMatch(said)) && KnownAs(said) == Sureness.Unknown && !LinkedAnd.Split(said).Any(IsMovePiece);

    /// <summary>“…, 10 of each, 2 rounds, take as long a rest as you need”: the last is said of all of it, no move.</summary>
    private (string Items, string? Remark) WithoutRemark(string items) =>
        items.LastIndexOf(", ", StringComparison.Ordinal) is > 0 and var at && items[(at + 2)..].TrimEnd('.') is var said && IsRemark(said) && HowBehind(items[..at]).How.Count > 0
            ? (items[..at], said) : (items, null);

    private static CardPattern SoManyOnEach => field ??= new(@"\s*(?:,|\s-)\s+(?<n>[0-9]{1,3})\s+(?:reps\s+)?(?:on\s+)?(?:each|per)\s+(?:side|leg|arm)\.?$", RegexOptions.IgnoreCase);

    /// <summary>A list without what is said behind it of how its moves are done: “swings, pulldowns, 40 s each, 30 s rest”.</summary>
    private (string Items, List<string> How) HowBehind(string items)
    {
        var how = new List<string>();
        items = items.Replace("; ", ", ", StringComparison.Ordinal);
        if (TimesAtEnd.Match(items) is { Success: true } all && Commas.Split(items[..all.Index]) is { Length: > 1 } own && (own.Length > 2 || char.IsAsciiDigit(items[all.Index - 1])) && (own.All(i => Scan(i).Amount is not null) || own.SkipLast(1).All(i => i.Length > 0 && char.IsAsciiDigit(i[0]) && Scan(i).RepsLow is not null)))
            (items, how) = (items[..all.Index], [$"x{all.Groups["n"].Value}"]);
        // “8 bench press / 8 ring rows, 90s”: a time behind moves that are counted is the rest.
        if (items.LastIndexOf(", ", StringComparison.Ordinal) is > 0 and var lone && TimeAlone.IsMatch(items[(lone + 2)..]) && Strokes.Split(items[..lone]) is { Length: > 1 } counted && counted.All(i => Scan(i) is { RepsLow: not null, Length: null }))
        {
            how.Insert(0, $"rest {items[(lone + 2)..]}");
            items = items[..lone];
        }

        // “Kickbacks, clams, 20 each leg”: of all of them.
        if (SoManyOnEach.Match(items) is { Success: true } sided && items.IndexOf(", ", StringComparison.Ordinal) < sided.Index)
            (items, how) = (items[..sided.Index], [$"{sided.Groups["n"].Value} reps each side"]);

        for (var comma = items.LastIndexOf(", ", StringComparison.Ordinal); comma > 0 && (items.IndexOf(", ", StringComparison.Ordinal) < comma || TimesOnly.IsMatch(items[(comma + 2)..]) || Strokes.IsMatch(items[..comma])); comma = items.LastIndexOf(", ", StringComparison.Ordinal))
        {
            if (Scan(items[(comma + 2)..], isLine: false) is not { Sets: null, Sides: null, Load: null } scan || !(scan.SaysBlock || scan.IsEach || scan.IsOfAll || scan.Gaps.Count > 0 || TimesOnly.IsMatch(items[(comma + 2)..])) || !IsEmpty(scan.Left))
                break;
            how.Insert(0, items[(comma + 2)..]);
            items = items[..comma];
        }

        return (items, how);
    }
}
