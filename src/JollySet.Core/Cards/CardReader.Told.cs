using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>A sentence as it is spoken: its moves, its parts and its numbers are read, and it is kept beside what became of it.</content>
public sealed partial class CardReader
{
    private const int FewestSpokenWords = 6;
    private const int FewestOfTalk = 3;
    private bool isTelling;

    /// <summary>Reads a spoken sentence that nothing else has an answer for: cut where it goes on, each piece a block, a part or how it runs.</summary>
    private bool TakesTold(CardWords line)
    {
        if (isTelling || !MayBeTold(line) || Told(BackToBack.Replace(CardNumbers.InDigits(line.Text), ", superset,")) is not { Count: > 0 } pieces)
            return false;
        var before = blocks.Count;
        isTelling = true;
        foreach (var piece in pieces)
        {
            var many = blocks.Count;
            Take(line with { Text = piece.Text }, isFirst: false);
            if (piece.Name.Length > 0 && blocks.Count == many + 1)
                blocks[^1].Name = FreeName(piece.Name);
        }

        isTelling = false;
        // What nothing has a place for is a note as it is.
        if ((pieces.Exists(p => p.IsMore) || !CardHead.NeedsIn(line.Raw).Needs.IsEmpty) && read.GetValueOrDefault(line.Number)?.Kind != CardLineKind.Note)
        {
            beside.Add(line.Raw.Trim());
            head.Overhear(WithoutBareMoves(line.Raw), kitOnly: true);
            if (blocks.Count > before)
                blocks[^1].IsTold = true;
            Ask(line, "is this how it is meant?", ("yes", line.Raw), ("a note", $"note: {line.Raw.Trim()}"));
        }

        return true;
    }

    /// <summary>A sentence without the moves in it that need no kit: “side steps” are no step.</summary>
    private string WithoutBareMoves(string text)
    {
        foreach (var (from, to) in Enumerable.Reverse(SaidMoves(text)))
            if (Understood(text[from..to]) is { Kit.IsEmpty: true })
                text = text.Remove(from, to - from);
        return text;
    }

    /// <summary>Whether somebody speaks in a line, and it is no head with its list.</summary>
    private bool MayBeTold(CardWords line)
    {
        var text = line.Text;
        if (text.Length > CardText.LongestParagraph || text.Count(c => c == ' ') < FewestSpokenWords - 1 || text.Contains('(', StringComparison.Ordinal) || AndStretch.IsMatch(text))
            return false;
        if (ToldList(text) is not null)
            return true;
        // “We do back squats, 5 sets of 5, 2 minutes rest”: a line of a card once it is known who does it.
        if (text != line.Raw && IsStation(text) && Scan(text) is { Sets: not null, RepsLow: not null })
            return false;
        var isSpoken = SameWith.IsMatch(text) || (Speaks.Count(line.Raw) >= FewestOfTalk && SpeaksOut.IsMatch(line.Raw));
        return isSpoken && !(IsHeaded(text) && (text.EndsWith(':') || Listed(text).Items is not null || SaidMoves(text).Count == 0));
    }

    /// <summary>Whether what stands before a colon is a head as it is: “Start with a little warm up:”, “First circuit - 45/15:”.</summary>
    private bool IsHeaded(string text)
    {
        if (text.EndsWith(':') || (AnyPart.Match(text) is { Success: true, Index: 0 } first && AnyPart.Matches(text).All(p => PartOf(p.Value) == PartOf(first.Value)) && SaidMoves(text).Count == 0))
            return true;
        if (text.IndexOf(": ", StringComparison.Ordinal) is not (> 0 and var colon))
            return false;
        var before = text[..colon];
        return (Chatter(before).Split(' ').Length <= FewWords && (PartOf(before) != CardPart.Main || Begin(before).Success || RegionAlone.IsMatch(before) || AreMoves(text[(colon + 2)..].TrimEnd('.'))))
            || (Scan(CardNumbers.InDigits(before), isLine: false) is { SaysBlock: true } or { RepsLow: not null } && Chatter(ManyExercises.Replace(BlockWord.Replace(Scan(CardNumbers.InDigits(before), isLine: false).Left, ""), "")).Length == 0);
    }

    /// <summary>“Thighs first: pliés, pulses in second and heel raises, 16 of each, twice through”: the names between the colon and how they run, more of them unknown than not.</summary>
    private (string Head, List<string> Items, string Behind)? ToldList(string text)
    {
        if (text.IndexOf(": ", StringComparison.Ordinal) is not (> 0 and var colon) || text[..colon].Split(' ').Length > FewWords || Begin(text[..colon]).Success || RegionAlone.IsMatch(text[..colon]) || PartOf(text[..colon]) != CardPart.Main)
            return null;
        var pieces = Commas.Split(text[(colon + 2)..].TrimEnd('.', '!'));
        var names = pieces.TakeWhile(p => OwnNames.IsMatch(p)).ToList();
        if (names.Count is 0 || names.Count == pieces.Length)
            return null;
        var items = names.SelectMany(n => And.Split(n)).ToList();
        return items.Count > 1 && items.Exists(i => Understood(i) is not null) && items.Count(i => Understood(i) is not null) * 2 <= items.Count ? (text[..colon], items, string.Join(", ", pieces.Skip(names.Count))) : null;
    }

    /// <summary>The lines that a spoken sentence is, and whether words of it are left over; none where it cannot be told.</summary>
    private List<(string Text, bool IsMore, string Name)> Told(string text)
    {
        if (ToldList(text) is var (before, names, behind) && CardTold.Of(behind) is { SaysHow: true, Length: null } runs)
            return [($"A - {string.Join(", ", runs.How())}:", HasWords(runs.Left), OrderWords.Replace(before, "")), .. names.Select(n => (runs.Reps is { } reps ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{n} x{reps}") : n, false, ""))];
        var lines = new List<(string Text, bool IsMore, string Name)>();
        var isMore = false;
        foreach (var piece in Clauses(WithTimes(text.Trim().TrimEnd('.', '!'))))
        {
            if (ToldLine(piece) is not { } line)
                return [];
            if (line.Text.Length > 0)
                lines.Add(line);
            isMore |= line.IsMore;
        }

        if (isMore && lines.Count > 0)
            lines[^1] = lines[^1] with { IsMore = true };
        return lines;
    }

    /// <summary>A sentence, cut where another part of the class begins.</summary>
    private List<string> Clauses(string text)
    {
        var moves = SaidMoves(text);
        var cuts = new List<int> { 0 };
        // A part of a class: moves, a warm-up, a drink.
        bool Holds(int from, int to) => moves.Exists(s => s.From >= from && s.To <= to) || AnyPart.IsMatch(text[from..to]) || DrinkWords.IsMatch(text[from..to]);
        foreach (Match m in GoesOnTo.Matches(text))
        {
            // “Squats, then lunges”: a list.
            if (moves.Exists(s => s.From < m.Index && s.To > m.Index) || (moves.FindLast(s => s.To <= m.Index) is { To: > 0 } last && moves.Find(s => s.From >= m.Index + m.Length) is { To: > 0 } next && JoinsMoves.IsMatch(text[last.To..next.From])))
                continue;
            if (Holds(cuts[^1], m.Index) && Holds(m.Index + m.Length, text.Length))
                cuts.Add(m.Index);
        }

        return [.. cuts.Select((c, i) => GoesOnTo.Match(text, c) is { Success: true } m && m.Index == c ? text[(c + m.Length)..(i + 1 < cuts.Count ? cuts[i + 1] : text.Length)] : text[c..(i + 1 < cuts.Count ? cuts[i + 1] : text.Length)])];
    }

    private (string Text, bool IsMore, string Name)? ToldLine(string text)
    {
        if (WithOwn(SaidMoves(text).FindAll(m => !NoMove.IsMatch(text[m.From..m.To])), text) is not { } moves)
            return null;
        var around = moves.Count > 0 ? $"{text[..moves[0].From]}{PlaceOfMoves}{text[moves[^1].To..]}" : text;
        var isSame = (SameTimes.IsMatch(around) || SameWith.IsMatch(around)) && blocks.Exists(IsSaid);
        if (isSame)
            around = SameTimes.Replace(SameWith.Replace(around, " "), " ");
        // “…, and the last time through I drop the rest”: of one round, kept in words.
        var some = moves.Count == 0 ? SomeRounds.Match(around) : Match.Empty;
        if (CardTold.Of(some.Success ? around[..some.Index] : around) is not { } told)
            return null;
        // “Shoulder and chest stretches”: a part.
        if (moves is [var only] && AnyPart.IsMatch(text[only.From..only.To]))
        {
            moves = [];
            if (CardTold.Of(text) is not { } whole)
                return null;
            told = whole;
        }

        if (moves.Count == 0)
            return ToldAlone(told, some.Success);
        var part = AnyPart.Match(told.Left);
        var items = moves.ConvertAll(m => ForItsTime.Replace(text[m.From..m.To], m => m.Value.Replace(" for", "", StringComparison.OrdinalIgnoreCase)));
        if (told.RepsASide is { } aSide)
            items = items.ConvertAll(i => Scan(i).Amount is null ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{i} x{aSide} each side") : i);
        var how = told.How();
        if (isSame)
            how.Add("same times");
        var isPair = items.Count is > 1 and <= MostLinked && (AsSuperset.IsMatch(told.Left) || (isSame && IsLikePair(items.Count)) || (items.Count == 2 && JoinsOfPair.IsMatch(text[moves[0].To..moves[1].From])));
        var amounts = items.Count(i => Scan(i).Amount is not null);
        if (part.Success)
            return items.Count == 1 && HasWords(told.Left.Remove(part.Index, part.Length)) ? (Part(part.Value, told.Length), true, CalledPart(part.Value)) : told.SaysHow || (told.Length is not null && amounts > 0) ? null : ($"{Part(part.Value, told.Length)}: {string.Join(", ", items)}", HasWords(told.Left.Remove(part.Index, part.Length)), CalledPart(part.Value));
        if (told is { Length: not null, IsAmrap: false, IsByMinute: false })
            return null;
        // A list and nothing else is read as any list.
        if (how.Count == 0 && amounts == 0 && !around.Any(char.IsLetter))
            return null;
        // One move by the way is no block, nor are two of which nothing is said.
        if (items.Count == 1 ? told.Rounds is null || (told.Work ?? told.Reps ?? (amounts > 0 ? 1 : null)) is null : how.Count == 0 && amounts < items.Count && items.Count < 3)
            return null;
        // “Back squats, 5 sets of 5, with 2 minutes rest”: sets of one move, and the rest between them.
        if (items.Count == 1 && told is { Rounds: { } sets, Reps: { } reps, Work: null } && SetsOfReps.IsMatch(around))
            return (string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{items[0]} {sets}x{reps}{((told.Between ?? told.Rest) is { } pause ? $", rest {pause}{(told.RestHigh is { } most ? $"-{most}" : "")}s" : "")}"), HasWords(told.Left), "");
        var name = isPair ? "Superset" : ToldName(told.Left, PlaceOfMoves);
        var which = isPair && Which.Match(told.Left) is { Success: true } w ? $"{w.Value} superset" : "";
        var left = isPair ? AsSuperset.Replace(Which.Replace(told.Left, " "), " ") : name.Length > 0 ? told.Left.Replace(name, " ", StringComparison.Ordinal) : told.Left;
        // Below a warm-up a list is the class's.
        var begins = name.Length > 0 && Begin(name).Success ? name : name.Length > 0 || isSame || (how.Count == 0 && Current is { Part: not CardPart.Main } above && (above.Stations.Count > 0 || above.IsTold)) ? "A" : "";
        return ($"{begins}{(begins.Length > 0 && how.Count > 0 ? begins == "A" ? " - " : " " : "")}{string.Join(", ", how)}{(begins.Length > 0 || how.Count > 0 ? ": " : "")}{string.Join(", ", items)}", HasWords(left), isPair ? which : begins == name ? "" : name);
    }

    private static CardPattern SetsOfReps => field ??= new(@"\b(?:[0-9]{1,2}|two|three|four|five|six|eight|ten)\s+sets\s+of\s+(?:[0-9]|two|three|four|five|six|eight|ten|twelve|fifteen|twenty)", RegexOptions.IgnoreCase);

    /// <summary>A sentence without moves: a part and its minutes, a drink, how it runs, or nothing of the class.</summary>
    private (string Text, bool IsMore, string Name)? ToldAlone(CardTold told, bool isMore)
    {
        var part = AnyPart.Match(told.Left);
        if (part.Success)
            return told.SaysHow ? null : (Part(part.Value, told.Length), isMore || HasWords(told.Left.Remove(part.Index, part.Length)), CalledPart(part.Value));
        if (told.SaysHow)
            return told.Length is null || told.IsByMinute ? ToldHow(told, isMore) : null;
        if (DrinkWords.Match(told.Left) is { Success: true } drink && blocks.Count > 0)
            return (string.Create(System.Globalization.CultureInfo.InvariantCulture, $"water {told.Length ?? 60}s"), isMore || HasWords(told.Left.Remove(drink.Index, drink.Length)), "");
        return told.Length is null ? ("", isMore || HasWords(told.Left), "") : null;
    }

    private static (string Text, bool IsMore, string Name) ToldHow(CardTold told, bool isMore)
    {
        var name = ToldName(told.Left, CardTold.Gone);
        return ($"{name}{(name.Length > 0 ? " - " : "")}{string.Join(", ", told.How())}", isMore || HasWords(name.Length > 0 ? told.Left.Replace(name, " ", StringComparison.Ordinal) : told.Left), "");
    }

    /// <summary>“March for two minutes, then shoulder rolls and ankle circles for a minute each”: a time behind each move, where the sentence has several.</summary>
    private string WithTimes(string text)
    {
        var digits = CardTold.Minutes(text);
        if (OwnTime.Matches(digits) is not { Count: > 1 } times || SaidMoves(digits) is not { Count: > 1 } moves)
            return text;
        var put = new System.Text.StringBuilder();
        var at = 0;
        foreach (Match time in times)
        {
            var own = moves.FindAll(m => m.From >= at && m.From < time.Index);
            if (own.Count == 0 || (own.Count > 1 && !time.Groups["each"].Success))
                return text;
            var length = string.Create(System.Globalization.CultureInfo.InvariantCulture, $" {CardTold.Seconds(time)}s");
            foreach (var to in own.Select(m => Math.Min(m.To, time.Index)))
            {
                put.Append(digits, at, to - at).Append(length);
                at = to;
            }

            at = time.Index + time.Length;
        }

        return put.Append(digits, at, digits.Length - at).ToString();
    }

    /// <summary>The moves of one list, with names of one's own among them; null where something else stands between them.</summary>
    private List<(int From, int To)>? WithOwn(List<(int From, int To)> moves, string text)
    {
        var all = new List<(int From, int To)>();
        if (moves.Count > 0 && OwnFirst.Match(text[..moves[0].From]) is { Success: true } lead && SaysNothing.Replace(lead.Groups["name"].Value, "").Trim().Length == lead.Groups["name"].Length && (lead.Groups["list"].Success || MayBeStation(lead.Groups["name"].Value)))
            all.Add((lead.Groups["name"].Index, lead.Groups["name"].Index + lead.Groups["name"].Length));
        var isPair = AsSuperset.IsMatch(text) || ForPair.IsMatch(text);
        foreach (var move in moves)
        {
            if (all.Count > 0)
            {
                var from = all[^1].To;
                if (from > move.From)
                    return null;
                var join = text[from..move.From];
                if (OwnBetween.Match(join) is { Success: true } own)
                    all.AddRange(own.Groups["name"].Captures.Select(n => (from + n.Index, from + n.Index + n.Length)));
                else if (!JoinsMoves.IsMatch(join) && !(isPair && JoinsOfPair.IsMatch(join)))
                    return null;
            }

            all.Add(move);
        }

        if (all.Count > 1 && OwnLast.Match(text[all[^1].To..]) is { Success: true } last && SaysNothing.Replace(last.Groups["name"].Value, "").Trim().Length == last.Groups["name"].Length)
            all.Add((all[^1].To + last.Groups["name"].Index, all[^1].To + last.Groups["name"].Index + last.Groups["name"].Length));
        return all;
    }

    /// <summary>The name of a part that is no part by its name: “easy cardio”.</summary>
    private static string CalledPart(string word) => PartOf(word) == CardPart.Main && !WarmThem.IsMatch(word) ? word : "";

    /// <summary>Whether the block above is a pair of as many moves.</summary>
    private bool IsLikePair(int many) => blocks.FindLast(IsSaid) is { IsSuperset: true } pair && pair.Stations.Count == many;

    private static string Part(string word, int? seconds) => WarmThem.IsMatch(word) || (PartOf(word) == CardPart.Main && !StretchWord.IsMatch(word)) ? Part("warm up", seconds) : PartOf(word) == CardPart.Main ? Part("cool down", seconds) : seconds is { } length ? length % 60 == 0 ? $"{word} {length / 60} min" : $"{word} {length}s" : word;

    /// <summary>What the words before the moves call their block: “we do legs, which is …”.</summary>
    private static string ToldName(string left, string up)
    {
        var before = left.IndexOf(up, StringComparison.Ordinal) is > 0 and var place ? left[..place] : "";
        foreach (var piece in before.Split([',', ':', '-', ';']).Reverse())
            foreach (var words in Endings(piece.Trim()))
                if (BlockWord.Match(words) is { Success: true, Index: 0 } named && named.Length == words.Length && !ManyParts.IsMatch(words) || RegionAlone.Match(words).Length == words.Length || BriefWords.Focus(words) is { IsEmpty: false })
                    return words;
        // “Then seat: …”.
        var last = before.TrimEnd();
        return last.EndsWith(':') && Chatter(OrderWords.Replace(last[(last.LastIndexOfAny([',', ';', '-', ':'], last.Length - 2) + 1)..], "")) is var called && called.Split(' ').Length <= 2 && last.Contains(called, StringComparison.Ordinal) ? called : "";
    }

    /// <summary>The last three words of a piece, the last two, the last; and the same without words that lead on.</summary>
    private static IEnumerable<string> Endings(string piece)
    {
        var words = LeadsToMoves.Replace(ArticleFirst.Replace(piece, ""), "").Split(' ', StringSplitOptions.RemoveEmptyEntries);
        for (var n = Math.Min(3, words.Length); n > 0; n--)
            yield return string.Join(' ', words[^n..]);
    }

    private static bool HasWords(string left) => Chatter(StationsWord.Replace(DrinkWords.Replace(left, " "), " ")).Any(char.IsLetterOrDigit);
}
