using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Ways of writing that say the same as another: the other is read.</content>
public sealed partial class CardReader
{
    private static readonly System.Buffers.SearchValues<string> MostWords = System.Buffers.SearchValues.Create(["max", "as many"], StringComparison.OrdinalIgnoreCase);

    // In this order: what a later one looks for may be what an earlier one has put.
    private static readonly Func<CardReader, string, string>[] Rewordings =
    [
        (_, t) => Plainer(t), (_, t) => WeDo.Replace(PlanIs.Replace(t, ""), ""), (r, t) => r.AsEither(t), (r, t) => r.AsSetsThatBuild(t), (r, t) => r.AsSetsOfEach(t), (r, t) => r.AsMinded(t), (r, t) => r.AsShared(t), (r, t) => r.AsListOfAll(t), (r, t) => r.AsDistance(t), (r, t) => r.OfMachine(t), (r, t) => r.AsSameAgain(t), (r, t) => r.AsStrokesTimes(t), (r, t) => r.AsTogether(t), (r, t) => r.AsBoth(t), (r, t) => r.AsLevels(t), (r, t) => r.AsFor(t), (r, t) => r.AsSetsAndRest(t), (r, t) => r.WithoutRemarkBehind(t), (r, t) => r.AsPieces(t), (r, t) => r.AsNamed(t), (r, t) => r.AsRoundsOf(t), (r, t) => r.AsRow(t), (r, t) => r.AsDictated(t), (r, t) => r.AsListed(t), (r, t) => r.AsCounted(t), (_, t) => AsShortRounds(t), (r, t) => r.AsPair(t),
        (r, t) => r.AsEachSide(t), (r, t) => r.AsFirstList(t), (r, t) => r.AsBareMinutes(t), (r, t) => r.AsHoldLadder(t), (r, t) => r.AsFirstAndLast(t), (r, t) => r.AsWith(t), (r, t) => r.AsNext(t), (r, t) => r.AsRemarked(t), (r, t) => r.AsHead(t), (r, t) => r.AsPlan(t), (r, t) => r.AsStretches(t), (r, t) => r.WithoutRepeat(t), (_, t) => AsEach(t), (r, t) => r.AsTabata(t), (r, t) => r.AsPart(t), (r, t) => r.AsOneMove(t), (r, t) => r.AsSets(t), (r, t) => r.AsSlots(t),
        (r, t) => r.AsHow(t), (r, t) => r.AsHeadedRounds(t), (_, t) => AsRounds(t), (_, t) => AsMost(t), (_, t) => AsInterval(t), (_, t) => AsRungs(t), (r, t) => r.AsLadderOf(t), (r, t) => r.AsTurns(t), (r, t) => r.AsCompleted(t), (r, t) => r.AsPartWith(t), (r, t) => r.AsSaidList(t), (r, t) => r.AsSaidSets(t), (r, t) => r.AsSaid(t), (r, t) => r.AsSaidPart(t), (r, t) => r.AsSaidHow(t),
    ];

    /// <summary>A line in the words the rest of the reader knows.</summary>
    private string Reworded(string text)
    {
        foreach (var way in Rewordings)
            text = way(this, text);
        return text;
    }

    /// <summary>“Rest - 30s” is a rest of 30 s, “SS2: …” a superset, “warm up x 5 mins” a warm-up of five minutes, 40" forty seconds where nothing is quoted.</summary>
    private static string Plainer(string text)
    {
        text = TimesATime.Replace(ShortSuperset.Replace(RestIs.Replace(text, "rest "), "Superset "), "");
        return text.Contains('"', StringComparison.Ordinal) && !OpensQuote.IsMatch(text) ? SecondsSign.Replace(text, "s") : text;
    }

    /// <summary>“Shoulder press - seated if needed”: a move, and another way for whoever needs it.</summary>
    private string AsIfNeeded(string text) => text.Contains(" if ", StringComparison.OrdinalIgnoreCase) && IfNeeded.Match(text) is { Success: true } m && Understood(Scan(m.Groups["own"].Value).Left) is not null ? $"{m.Groups["own"].Value} ({m.Groups["w"].Value})" : text;

    private static CardPattern IfNeeded => field ??= new(@"^(?<own>[a-z0-9][a-z0-9' -]{2,40}?)\s+-\s+(?<w>[a-z][a-z' -]{2,40}?\s+if\s+(?:needed|required|necessary|preferred|(?:you|they)\s+(?:need|prefer|like|want|must|have)(?:\s+to)?))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Deadlift 5-5-5-3-3-1 build”: a count for each set, and how its load goes.</summary>
    private string AsSetsThatBuild(string text)
    {
        if (!char.IsAsciiLetter(text.FirstOrDefault()) || SetsThatBuild.Match(text) is not { Success: true } m || Understood(m.Groups["name"].Value) is null)
            return text;
        var counts = BetweenCounts.Split(m.Groups["l"].Value);
        var how = m.Groups["w"].Value.Trim() is { Length: > 0 } said ? $" ({said})" : "";
        return counts.Distinct().Count() == 1 ? $"{m.Groups["name"].Value} {counts.Length}x{counts[0]}{how}" : $"{m.Groups["name"].Value} {string.Join('/', counts)}{how}";
    }

    private static CardPattern SetsThatBuild => field ??= new(@"^(?<name>[a-z][a-z' -]+?)\s*[:,]?\s+(?<l>[0-9]{1,2}(?:\s*-\s*[0-9]{1,2}){2,9}|[0-9]{1,2}(?:\s*,\s*[0-9]{1,2}){2,9}|[0-9]{1,2}(?:\s*/\s*[0-9]{1,2}){2,9})(?:\s*reps?\b)?(?:\s*(?:[,(-]\s*)?(?<w>(?:build|work(?:ing)?\s+up|heav(?:y|ier)|add(?:ing)?\s|go(?:ing)?\s+(?:up|heav)|increas|up\s+the|@\s*rpe)[a-z0-9 ]{0,40}))?\)?$", RegexOptions.IgnoreCase);

    private static CardPattern BetweenCounts => field ??= new(@"\s*[-,/]\s*");

    /// <summary>“Row/bike” and “5 min bike/treadmill” are one or the other: nobody is at two machines at once.</summary>
    private string AsEither(string text) => text.Contains('/', StringComparison.Ordinal) && Either.Match(text) is { Success: true } m && m.Groups["ways"].Value.Split('/') is var ways
        && Array.TrueForAll(ways, w => library.Reader.Read(w) is { Move.Pattern: Pattern.Locomotion or Pattern.March or Pattern.Jump } || library.Reader.Read(w + " machine") is { Move.Pattern: Pattern.Locomotion })
        && Array.Exists(ways, w => Understood(w) is { Pattern: Pattern.Locomotion } move && move.Kit.Any(KitList.IsProp))
            ? $"{m.Groups["before"].Value}{string.Join(" or ", ways)}{m.Groups["behind"].Value}" : text;

    private static CardPattern Either => field ??= new(@"^(?<before>[0-9:]+\s?(?:['""]|m|mins?|minutes?|s|secs?|seconds?)?\s+)?(?<ways>[a-z]{3,12}(?: (?:machine|run|walk|sprint))?(?:/[a-z]{3,12}(?: (?:machine|run|walk|sprint))?){1,3})(?<behind>\s+[0-9].*)?$", RegexOptions.IgnoreCase);

    /// <summary>“A: press-ups / B: plank” is what the one of two does and what the other.</summary>
    private string AsBoth(string text) =>
        OneOrOther.Match(text) is { Success: true } m && new[] { "a", "b" }.Select(g => m.Groups[g].Value.Trim()).ToList() is var both && both.TrueForAll(b => Understood(WithoutBrackets(Scan(b).Left)) is not null) ? string.Join(", ", both) : text;

    /// <summary>“First block: in pairs, 30 seconds each, 4 rounds of swings, press-ups and squats” is a head, how it runs, and its moves.</summary>
    private string AsRoundsOf(string text)
    {
        if (HeadThenRoundsOf.Match(text) is not { Success: true } m || Begin(m.Groups["h"].Value) is not { Success: true } || Done(ItemsOfMessage(m.Groups["items"].Value)) is not { Moves.Count: > 1 } done)
            return text;
        var before = Commas.Split(m.Groups["pre"].Value).Where(p => p.Trim().Length > 0).ToList();
        var runs = before.FindAll(p => Scan(p, isLine: false) is { Any: true } said && IsEmpty(said.Left));
        var notes = before.Except(runs).ToList();
        if (notes.Count > 0)
            beside.Add(string.Join(", ", notes.Select(n => n.Trim())));
        return $"{m.Groups["h"].Value} {string.Join(", ", runs.Prepend($"{m.Groups["n"].Value} rounds").Concat(done.How))}: {string.Join(", ", done.Moves)}";
    }

    /// <summary>“L1 squat / L2 goblet squat / L3 jump squat” is the one in the middle, with an easier and a harder way.</summary>
    private string AsLevels(string text)
    {
        if (ThreeLevels.Match(text) is not { Success: true } m || new[] { "a", "b", "c" }.Select(g => m.Groups[g]).Any(g => g.Success && Understood(WithoutBrackets(g.Value)) is null))
            return text;
        return m.Groups["c"].Success ? $"{m.Groups["b"].Value} (easier: {m.Groups["a"].Value}) (harder: {m.Groups["c"].Value})" : $"{m.Groups["a"].Value} (harder: {m.Groups["b"].Value})";
    }

    /// <summary>“4x squat 12 rdl 12 lunge 10es 60s” is four rounds of them, and the rest between.</summary>
    private string AsRow(string text)
    {
        if (RowOfCounts.Match(text) is not { Success: true } m)
            return text;
        var items = m.Groups["item"].Captures.Select(c => c.Value.Trim()).ToList();
        return items.TrueForAll(i => Scan(i) is { RepsLow: not null } one && KnownAs(one.Left) != Sureness.Unknown)
            ? $"{m.Groups["n"].Value} rounds{(m.Groups["t"].Success ? $", {m.Groups["t"].Value} between rounds" : "")}: {string.Join(", ", items)}" : text;
    }

    /// <summary>“Arms, light weights, no rest: 30 s each” above its moves is a head, how it runs and what stands beside it.</summary>
    private string AsNamed(string text)
    {
        if (NamedHow.Match(text) is not { Success: true } m || Scan(m.Groups["how"].Value, isLine: false) is not { Any: true } how || !IsEmpty(how.Left) || Understood(m.Groups["name"].Value) is not null)
            return text;
        var more = Commas.Split(m.Groups["more"].Value).Where(p => p.Length > 0).ToList();
        var runs = more.FindAll(p => Scan(p, isLine: false) is { } said && (said.SaysNoRest || said.Gaps.Count > 0 || said.SaysBlock) && IsEmpty(said.Left));
        head.AddKits(string.Join(", ", more.Except(runs)));
        return $"{m.Groups["name"].Value} - {string.Join(", ", runs.Prepend(m.Groups["how"].Value))}{(more.Count > runs.Count ? $" ({string.Join(", ", more.Except(runs))})" : "")}";
    }

    /// <summary>“Block one squats and rows three sets of twelve thirty seconds rest”, as it is dictated, is a head and its list.</summary>
    private string AsDictated(string text)
    {
        if (Dictated.Match(text) is not { Success: true } m || Scan(SameAgainBehind.Replace(m.Groups["rest"].Value, "")) is not { SaysBlock: false } scan)
            return text;
        var moves = Commas.Split(scan.Left).SelectMany(p => And.Split(p)).Select(WithoutStopsAround).ToList();
        var isSame = SameAgainBehind.IsMatch(m.Groups["rest"].Value);
        // What the rewording has no word for is left as it was said.
        if (moves.Exists(n => Understood(n) is null) || !(isSame ? scan is { Sets: null, Amount: null, Gaps.Count: 0 } : scan is { Sets: not null, Amount: not null, RepsByRound: null })
            || scan is not { Load: null, Sides: null, Tempo: null, Remark: null, SaysNoRest: false, SaysWater: false, Gaps.Count: <= 1 } || scan.Gaps.Exists(g => g.High is not null))
            return text;
        var how = isSame ? "same times" : $"{scan.Sets} x {scan.Amount?.TrimStart('x').Replace("..", "-", StringComparison.Ordinal)}";
        var rest = scan.Gaps.Count > 0 ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $", rest {scan.Gaps[0].Seconds}s") : "";
        return $"{m.Groups["head"].Value} {how}{rest}: {string.Join(", ", moves)}";
    }

    /// <summary>“Squat (15)”, “squat = 15” and “squat for 15” are fifteen of them, “press 12k” is twelve kilograms of what has a load.</summary>
    private string AsCounted(string text)
    {
        string OfMove(CardPattern pattern, string becomes) => pattern.Replace(text, m => Understood(Super.Replace(m.Groups["name"].Value, "").Trim()) is { } move && (becomes.Length > 0 || move.Pattern != Pattern.Locomotion) ? $"{m.Groups["name"].Value} {becomes}{m.Groups["n"].Value}{(becomes.Length > 0 ? "" : "kg")}" : m.Value);
        if (text.Contains('(', StringComparison.Ordinal) && (Current is not { Work: not null, Part: CardPart.Main } || BlockWord.IsMatch(text) || Super.IsMatch(text)))
            text = OfMove(CountInBrackets, "x");
        if (text.AsSpan().ContainsAny('=', '*') || text.Contains(" for ", StringComparison.OrdinalIgnoreCase))
            text = OfMove(CountIs, "x");
        if (CountInWords.Match(text) is { Success: true } inWords && Understood(inWords.Groups["name"].Value) is not null)
            text = CardNumbers.InDigits(text);
        if (text.EndsWith(" times", StringComparison.OrdinalIgnoreCase))
            text = OfMove(SoManyTimes, "x");
        return text.Contains('k', StringComparison.OrdinalIgnoreCase) && text.Any(char.IsAsciiDigit) ? OfMove(ShortKilos, "") : text;
    }

    /// <summary>“Ten burpees”, “burpees ten times”.</summary>
    private static CardPattern CountInWords => field ??= new(@"^(?:two|four|five|six|eight|ten|twelve|fifteen|sixteen|twenty|thirty|forty|fifty)\s+(?<name>[a-z][a-z' -]{2,40})$|^(?<name>[a-z][a-z' -]{2,40}?)\s+(?:five|six|eight|ten|twelve|fifteen|twenty)\s+times$", RegexOptions.IgnoreCase);

    /// <summary>“Squat - row - plank” and “squat -> row, plank” are lists, where all of them are moves.</summary>
    private string AsListed(string text)
    {
        if (text.IndexOf(Arrow, StringComparison.Ordinal) is > 0 and var arrow)
            return $"{text[..arrow]}{(Understood(WithoutBrackets(Scan(text[..arrow]).Left)) is not null ? ", " : ": ")}{text[(arrow + Arrow.Length)..]}";
        // “40/20: squats + rows + burpees”: three and more are a list, two one move.
        if (text.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon && text[(colon + 2)..].Split(" + ") is { Length: > 2 } summed && Array.TrueForAll(summed, s => Understood(WithoutBrackets(Scan(s).Left)) is not null))
            return $"{text[..colon]}: {string.Join(", ", summed)}";
        if (!text.Contains(" - ", StringComparison.Ordinal))
            return text;
        // What is only an amount is of the name before it.
        var parts = text.Split(" - ").Aggregate(new List<string>(), (list, piece) =>
        {
            if (list.Count > 0 && (OnlyAmount(list[0]) ? OnlyAmount(list[^1]) : OnlyAmount(piece)))
                list[^1] += " " + piece;
            else
                list.Add(piece);
            return list;
        });
        return parts.Count > 1 && parts.TrueForAll(p => p.Length > 2 && Scan(p) is { SaysBlock: false } part && Understood(WithoutBrackets(part.Left)) is not null && (parts.Count > 2 || part.Amount is not null || Current is { Scheme: not null, Stations.Count: 0 })) ? string.Join(", ", parts) : text;
    }

    private bool OnlyAmount(string piece) => Scan(piece) is { } scan && (scan.Amount ?? scan.RepsByRound) is not null && IsEmpty(scan.Left);

    /// <summary>“Circuit R3” is three rounds, where no other R is counted beside it.</summary>
    private static string AsShortRounds(string text) =>
        BlockWord.Match(text) is { Success: true } && ShortRounds.Matches(text) is [{ } m] ? $"{text[..m.Index]}{m.Groups["n"].Value} rounds{text[(m.Index + m.Length)..]}" : text;

    /// <summary>“Superset: rows x10 & presses x8 x3” is a superset of three rounds, and its moves.</summary>
    private string AsPair(string text)
    {
        if (!SaysPair.IsMatch(text))
            return text;
        text = SupersetWith.Match(text) is { Success: true } joined ? $"Superset: {joined.Groups["a"].Value} / {joined.Groups["b"].Value}" : text;
        if (PairOnLine.Match(text) is not { Success: true } m || Plus.Split(m.Groups["moves"].Value) is not { Length: > 1 and <= 4 } moves || !Array.TrueForAll(moves, p => Scan(p) is { Amount: not null, SaysBlock: false, Sets: null } part && Understood(part.Left) is not null))
            return text;
        var times = m.Groups["n"].Success ? $" {m.Groups["n"].Value} rounds" : "";
        return $"{m.Groups["head"].Value.TrimEnd(' ', ':', '-')}{times}: {string.Join(", ", moves.Select(p => p.Replace(", ", " ", StringComparison.Ordinal)))}";
    }

    /// <summary>“Finisher: 100 push-ups, partition as needed” is a head, its move, and what is said of it.</summary>
    private string AsRemarked(string text) =>
        CountAndRemark.Match(text) is { Success: true } m && BlockWord.IsMatch(m.Groups["h"].Value + ":") && Understood(m.Groups["name"].Value) is not null && KnownAs(m.Groups["more"].Value) == Sureness.Unknown ? $"{m.Groups["h"].Value}: {m.Groups["n"].Value} {m.Groups["name"].Value} ({m.Groups["more"].Value})" : text;

    /// <summary>“Block 1: ladder 1-2-3 cleans” is a block that is a ladder, and its moves.</summary>
    private string AsHead(string text) =>
        HowBehindColon.Match(text) is { Success: true } m && BlockWord.IsMatch(m.Groups["head"].Value + ":") && Understood(Scan(m.Groups["items"].Value).Left) is not null ? $"{m.Groups["head"].Value} {m.Groups["how"].Value}: {m.Groups["items"].Value}"
        : WordBefore.Match(text) is { Success: true } word ? $"{text[word.Length..]} ({word.Groups["w"].Value})" is var moved && text.IndexOf(':', StringComparison.Ordinal) is > 0 and var colon ? $"{text[word.Length..colon]} ({word.Groups["w"].Value}){text[colon..]}" : moved
        : text;

    /// <summary>“Carry: farmers, suitcase L” is a farmer's carry and a suitcase carry, “sit: stretch neck, chest” stretches done sitting.</summary>
    private string AsCompleted(string text)
    {
        if (StretchesPlaced.Match(text) is { Success: true } placed)
            return $"stretches ({placed.Groups["pos"].Value}): {placed.Groups["items"].Value}";
        var colon = text.LastIndexOf(": ", StringComparison.Ordinal);
        if (colon < 1 || PartOf(text[..colon]) != CardPart.Main || Scan(text[..colon], isLine: false).Left.Split(' ')[^1].Trim('(', ')') is not { Length: > 3 } last || !last.All(char.IsLetter))
            return text;
        var (items, how) = HowBehind(text[(colon + 2)..]);
        var pieces = (Commas.Split(items) is { Length: > 1 } listed ? listed : Strokes.Split(items)).Select(p => p.Trim()).ToList();
        var whole = pieces.ConvertAll(p => Scan(p).Left is { Length: > 0 } left && Understood(left) is null && Understood($"{left} {last}") is not null ? p.Replace(left, $"{left} {last}", StringComparison.Ordinal) : p);
        return pieces.Count > 1 && !whole.SequenceEqual(pieces) && whole.TrueForAll(p => Understood(Scan(p).Left) is not null) ? $"{text[..(colon + 2)]}{string.Join(", ", whole.Concat(how))}" : text;
    }

    /// <summary>“3 rounds of 45 s work and 15 s rest with squats, plank and jacks” is a head and its list; what only goes on is left out.</summary>
    private string AsWith(string text)
    {
        return (text.Contains(" with ", StringComparison.OrdinalIgnoreCase) || text.Contains(" of ", StringComparison.OrdinalIgnoreCase) || text.Contains(" doing ", StringComparison.OrdinalIgnoreCase)) && WithMoves.Match(AfterThat.Replace(text, "")) is { Success: true } m && Scan(m.Groups["how"].Value, isLine: false) is var how && (how.SaysBlock || BlockWord.IsMatch(how.Left) || how.Left.Contains("tabata", StringComparison.OrdinalIgnoreCase)) && (IsEmpty(how.Left) || BlockWord.Match(how.Left).Length == how.Left.Length)
            && ItemsOfMessage(m.Groups["items"].Value).SelectMany(Apart).ToList() is { Count: > 1 } items && Done(items) is { } done ? $"{m.Groups["how"].Value}{string.Concat(done.How.Select(h => $", {h}"))}: {string.Join(", ", done.Moves)}" : text;
    }

    /// <summary>The moves of a spoken list and what is said behind them of how they are done; null where one of them is neither.</summary>
    private (List<string> Moves, List<string> How)? Done(List<string> items)
    {
        var moves = items.TakeWhile(i => Understood(WithoutBrackets(Scan(i).Left)) is not null).ToList();
        var how = items.Skip(moves.Count).Select(i => WithWord.Replace(i, "")).ToList();
        return moves.Count > 0 && how.TrueForAll(h => (Scan(h, isLine: false) is { Any: true } said && IsEmpty(said.Left)) || SameTimes.Match(h).Length == h.Length) ? (moves, how) : null;
    }

    /// <summary>“Then abs 5 mins” begins a block as “abs 5 mins” does.</summary>
    private string AsNext(string text) =>
        NextWord.Match(text) is not { Success: true } next ? text : text[next.Length..] is var rest && PartOf(rest) == CardPart.CoolDown ? rest
        : BlockWord.IsMatch(rest) && Listed(rest).Items is not null ? rest
        : BlockWord.IsMatch(rest) && !Super.IsMatch(rest) && rest.Any(char.IsAsciiDigit) && !rest.Contains(',', StringComparison.Ordinal) && Minutes.IsMatch(rest) ? rest : text;

    /// <summary>“C: burpee ladder 1-8” is that ladder, and its move.</summary>
    private string AsLadderOf(string text) =>
        LadderOfMove.Match(text) is { Success: true } m && Understood(m.Groups["m"].Value) is not null ? $"{m.Groups["l"].Value}ladder {m.Groups["a"].Value}-{m.Groups["b"].Value}: {m.Groups["m"].Value}" : text;

    /// <summary>“C: burpee ladder 1-8”.</summary>
    private static CardPattern LadderOfMove => field ??= new(@"^(?<l>[A-H]:\s*)?(?<m>[a-z][a-z' -]+?)\s+(?:ladder|countdown)\s*[:,-]?\s+(?<a>\d{1,2})\s*(?:-|to)\s*(?<b>\d{1,2})$", RegexOptions.IgnoreCase);

    /// <summary>“R1 10 reps, R2 12 reps” are rungs.</summary>
    private static string AsRungs(string text) =>
        RepsOfRounds.Match(text) is { Success: true } m && m.Groups["n"].Captures.Count > 2 ? string.Join('-', m.Groups["n"].Captures.Select(c => c.Value)) : text;

    /// <summary>“Alternate sit-ups and leg raises” is a list of both.</summary>
    private string AsTurns(string text) =>
        ByTurns.Match(text) is { Success: true } m && Understood(m.Groups["a"].Value) is not null && Understood(m.Groups["b"].Value) is not null ? $"{text[..m.Index]}{m.Groups["a"].Value}, {m.Groups["b"].Value}" : text;

    /// <summary>“20s sprint / 40s easy” is 20 on and 40 off.</summary>
    private static string AsInterval(string text) =>
        IntervalsFor.Match(text) is { Success: true } many && int.Parse(many.Groups["t"].Value, System.Globalization.CultureInfo.InvariantCulture) * 60 / Math.Max(1, int.Parse(many.Groups["w"].Value, System.Globalization.CultureInfo.InvariantCulture) + int.Parse(many.Groups["r"].Value, System.Globalization.CultureInfo.InvariantCulture)) is > 1 and <= 60 and var times
            ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{times} rounds {many.Groups["w"].Value}/{many.Groups["r"].Value}: {many.Groups["name"].Value}")
        : WorkAndEasy.Match(text) is { Success: true } m && !text[..m.Index].Contains(',', StringComparison.Ordinal) ? $"{text[..m.Index]}{m.Groups["w"].Value}/{m.Groups["r"].Value}: {m.Groups["name"].Value.Trim()}" : text;

    /// <summary>“Max push-ups in 60s” is 60 s of them.</summary>
    private static string AsMost(string text) =>
        text.AsSpan().ContainsAny(MostWords) && MostIn.Match(text) is { Success: true } m ? $"{text[..m.Index]}{(m.Groups["c"].Success ? "Challenge: " : "")}{m.Groups["name"].Value.Trim()} {m.Groups["t"].Value} (as many as you can){text[(m.Index + m.Length)..].TrimEnd('.')}" : text;

    /// <summary>“8 front squats + 8 push presses” is both of them, eight times.</summary>
    private string AsOneMove(string text) =>
        AsOften.Match(text) is { Success: true } both && Understood(both.Groups["a"].Value) is not null && Understood(both.Groups["b"].Value) is not null
            ? $"{text[..both.Index]}{both.Groups["a"].Value} + {both.Groups["b"].Value} x{both.Groups["n"].Value}" : text;

    /// <summary>“After that a 4 minute tabata of climbers.” without how it is led to, and its stop.</summary>
    private static string Opened(string text) => AfterThat.Replace(text, "").TrimEnd('.');

    /// <summary>“Tabata hollow rock” is a tabata, and its move.</summary>
    private string AsTabata(string text) =>
        TabataThen.Match(Opened(text)) is { Success: true } m && (Understood(m.Groups["name"].Value) is not null || KnownAs(m.Groups["name"].Value) == Sureness.Likely) && (Understood(text) is null || m.Groups["h"].Value.Any(char.IsAsciiDigit)) ? $"{m.Groups["h"].Value}{m.Groups["w"].Value}: {m.Groups["name"].Value}" : text;

    /// <summary>“Swings: 10 x 10 on the minute” is how it runs, and its move.</summary>
    private string AsSlots(string text) =>
        text.Contains("every", StringComparison.OrdinalIgnoreCase) && Scan(Brackets.Replace(text, ", ${in}")) is { Every: { } every, RoundsLow: { } times, Amount: { } amount, Work: null, Scheme: null, Load: null, Tempo: null, Sides: null, Remark: null, Gaps.Count: 0 } slot && Understood(slot.Left.TrimEnd(' ', ',')) is not null
            ? string.Create(System.Globalization.CultureInfo.InvariantCulture, $"every {every}s x {times}: {slot.Left.TrimEnd(' ', ',')} {(amount.Split('/') is { Length: > 1 } reps && reps.Skip(1).All(r => r == reps[0].TrimStart('x')) ? reps[0] : amount)}")
        : text.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon && Scan(text[(colon + 2)..], isLine: false) is { Every: not null, RoundsLow: not null } slots && IsEmpty(slots.Left) && Understood(text[..colon]) is not null ? $"{text[(colon + 2)..]}: {text[..colon]}" : text;

    /// <summary>“Deadlift: 5-5-5, build up” is three sets of it.</summary>
    private string AsSets(string text)
    {
        var head = text.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon && BlockWord.IsMatch(text[..(colon + 1)]) ? text[..(colon + 2)] : "";
        return head + OfSets(text[head.Length..]);
    }

    private string OfSets(string text) =>
        SetByDashes.Match(text) is { Success: true } sets && Understood(sets.Groups["name"].Value.Trim()) is not null && !LooksLikeTempo.IsMatch(sets.Groups["l"].Value)
            ? $"{sets.Groups["name"].Value.Trim()} {sets.Groups["l"].Value.Replace('-', ',').Replace('/', ',')}{(sets.Groups["more"].Value.Trim(' ', ',') is { Length: > 0 } more ? more is ['(', .., ')'] ? $" {more}" : $" ({more})" : "")}" : text;

    /// <summary>“Core 3x (planks, crunches)” is a head, and three rounds of them.</summary>
    private string AsHeadedRounds(string text) =>
        HeadOfBracket.Match(text) is { Success: true } headed && BlockWord.Match(headed.Groups["h"].Value) is { Success: true } word && word.Length == headed.Groups["h"].Length && Scan(headed.Groups["more"].Value, isLine: false) is var how && !IsEmpty(how.Left.Trim('/', ' ')) && AsRounds(headed.Groups["more"].Value) is var of && of != headed.Groups["more"].Value && !OnOrOff.IsMatch(of)
            ? $"{headed.Groups["h"].Value} {of}" : text;

    /// <summary>“3 x (10 squats, 10 rows)” is three rounds of them; “3 x [40 s squat / 20 s off / 40 s row / 60 s off]” too, with work, rest and the rest between rounds.</summary>
    private static string AsRounds(string text)
    {
        // “3 rounds (40 s on / 20 s off)” says how it runs, not what is done.
        if (RoundsOfBracket.Match(text) is not { Success: true } rounds || ItemsOf(rounds.Groups["items"].Value).TrueForAll(i => OnOrOff.Match(i).Length == i.Length))
            return text;
        var (items, how) = (ItemsOf(rounds.Groups["items"].Value), rounds.Groups["how"].Value.Replace(';', ',').Trim(' ', ',', '.', ':', '>', '-'));
        var (runs, moves) = Timed(items) ?? ("", items);
        return $"{rounds.Groups["n"].Value} rounds{runs}{(how.Length > 0 ? $", {how}" : "")}: {string.Join(", ", moves)}";
    }

    private static List<string> ItemsOf(string list) => [.. BracketItems.Split(list).Select(i => i.Trim()).Where(i => i.Length > 0)];

    /// <summary>Work and rest of a list where each move has its time and a time of rest after it; null where it is no such list.</summary>
    private static (string Runs, List<string> Moves)? Timed(List<string> items)
    {
        var told = items.ConvertAll(i => TimedThing.Match(i));
        if (told.Count < 2 || !told.TrueForAll(t => t.Success))
            return null;
        var (moves, rests) = (told.FindAll(t => t.Groups["name"].Success), told.FindAll(t => t.Groups["off"].Success));
        if (rests.Count == 0 || moves.Count < 1 || moves.Select(t => t.Groups["t"].Value).Distinct().Count() != 1)
            return null;
        var last = told[^1].Groups["off"].Success ? told[^1].Groups["t"].Value : null;
        var within = rests.SkipLast(last is null ? 0 : 1).Select(t => t.Groups["t"].Value).Distinct().ToList();
        if (within.Count > 1 || told.Zip(told.Skip(1)).Any(t => t.First.Groups["off"].Success && t.Second.Groups["off"].Success))
            return null;
        var rest = within.Count == 1 ? within[0] : null;
        var runs = rest is not null ? $" {moves[0].Groups["t"].Value}/{rest}" : $", {moves[0].Groups["t"].Value}s each";
        return (runs + (last is not null && last != rest ? $", {last}s between rounds" : ""), moves.ConvertAll(t => t.Groups["name"].Value.Trim()));
    }

    /// <summary>“Goblet squats for 10 and rows for 10 each arm” is so often, “plank for 20” and whatever is done for 30 and more so many seconds.</summary>
    private string AsFor(string text) =>
        text.Contains(" for ", StringComparison.OrdinalIgnoreCase) ? ForSoMany.Replace(text, m => Scan(m.Groups["name"].Value) is { Any: false } or { Load: not null } && Understood(Scan(LoadBefore.Replace(m.Groups["name"].Value, "")).Left) is { } move ? $"{m.Groups["name"].Value} {(m.Groups["long"].Success ? $"{m.Groups["long"].Value}s" : move.Tags.IsHold && !m.Groups["reps"].Success ? $"{m.Groups["n"].Value}s" : $"x{m.Groups["n"].Value}")}" : m.Value) : text;

    /// <summary>“10 of each, two rounds, take as long as you need”: how it runs, and words beside it.</summary>
    private string WithoutRemarkBehind(string line)
    {
        var text = line.TrimEnd(':');
        if (text.LastIndexOf(", ", StringComparison.Ordinal) is not (> 0 and var at) || !char.IsAsciiDigit(HeadBefore.Replace(text, "")[0]) || !IsRemark(text[(at + 2)..].TrimEnd('.')) || CardTimings.Plain(text[..at], w => Understood(w) is not null) is not { } how || !Array.TrueForAll(Commas.Split(HeadBefore.Replace(how, "")), p => HowOf(p) is not null))
            return line;
        beside.Add(text[(at + 2)..].TrimEnd('.'));
        return how;
    }

    /// <summary>“Rounds: …”.</summary>
    private static CardPattern HeadBefore => field ??= new(@"^[a-z]{3,12}(?::|\s-)\s+(?=[0-9])", RegexOptions.IgnoreCase);

    /// <summary>“3 sets 60 s” below moves that are counted: the time is the rest.</summary>
    private string AsSetsAndRest(string text) =>
        Current is { Stations: { Count: > 0 } counted } && SetsAndTime.Match(text) is { Success: true } m && counted.TrueForAll(s => s is { Amount: ['x', ..], Sets: null }) ? $"{m.Groups["n"].Value} {m.Groups["w"].Value}, rest {m.Groups["t"].Value}" : text;

    /// <summary>“Plank ladder 30/45/60”: what is held is held for seconds.</summary>
    private string AsHoldLadder(string text) => HoldLadder.Match(text) is { Success: true } m && Understood(m.Groups["name"].Value) is { Tags.IsHold: true } && BetweenCounts.Split(m.Groups["l"].Value).All(n => int.Parse(n, System.Globalization.CultureInfo.InvariantCulture) >= LeastHeld) ? $"{m.Groups["w"].Value} {BetweenCounts.Replace(m.Groups["l"].Value, "-")}s: {m.Groups["name"].Value}" : text;

    private static CardPattern HoldLadder => field ??= new(@"^(?<name>[a-z][a-z' -]{2,30}?)\s+(?<w>ladder|pyramid)\s*[:,-]?\s*(?<l>[0-9]{2,3}(?:\s*[/,-]\s*[0-9]{2,3}){2,7})$|^(?<w>ladder|pyramid)\s+(?<l>[0-9]{2,3}(?:\s*[/,-]\s*[0-9]{2,3}){2,7}):\s+(?<name>[a-z][a-z' -]{2,30}?)$", RegexOptions.IgnoreCase);

    /// <summary>“Core 5” on a card that says “wu 5”: minutes.</summary>
    private string AsBareMinutes(string text) => BareMinutesOf.Match(text) is { Success: true } m && words.Exists(w => PartBare.IsMatch(w.Text)) ? $"{m.Groups["p"].Value} {m.Groups["n"].Value} min" : text;

    private static CardPattern BareMinutesOf => field ??= new(@"^(?<p>(?:core|abs|balance|cardio|arms|legs|mobility|finisher|conditioning|relax(?:ation)?|games?|floor\s*work)(?:\s+work)?)\s*[:,-]?\s*\(?(?<n>[2-9]|1[0-9]|20)\)?$", RegexOptions.IgnoreCase);

    private static CardPattern PartBare => field ??= new(@"^(?:wu|w/u|warm[\s-]?up|cd|c/d|cool[\s-]?down|stretch(?:es|ing)?)\s*[:,-]?\s*\(?(?:[2-9]|1[0-9]|20)\)?$", RegexOptions.IgnoreCase);

    /// <summary>“Bird dog (each)”: each side, where it has sides.</summary>
    private string AsEachSide(string text) =>
        EachAlone.Match(text) is { Success: true } m && Understood(Scan(m.Groups["name"].Value).Left) is { Sides: not MoveSides.Both } ? $"{m.Groups["name"].Value} each side" : text;

    private static CardPattern EachAlone => field ??= new(@"^(?<name>[a-z][a-z' -]{2,40}?)\s*(?:\((?:each|ea)\.?\)|(?<!\bof\s)\beach)$", RegexOptions.IgnoreCase);

    /// <summary>“March, knee lifts, arm circles - 5 min” before all else is the warm-up.</summary>
    private string AsFirstList(string text) =>
        blocks.Count == 0 && PartOf(text) == CardPart.Main && FirstList.Match(text) is { Success: true } m && Commas.Split(m.Groups["items"].Value) is { Length: > 2 } items && Array.TrueForAll(items, i => KnownAs(i) != Sureness.Unknown) && items.Select(Understood).OfType<Move>().ToList() is var moves && moves.Count * 2 > items.Length
        && moves.Count(m => m.Tags.Is(Role.WarmUp) || m.Pattern is Pattern.Mobility or Pattern.March) * 2 > moves.Count && words.Exists(w => w.Text.Length > 0 && w.Text != text && BeginsBlock(w.Text))
            ? $"Warm up {m.Groups["t"].Value}: {m.Groups["items"].Value}" : text;

    private static CardPattern FirstList => field ??= new(@"^(?<items>[a-z][a-z' ,-]*?[a-z])(?:\s*[,:-]|\s*\(|\s+for)?\s+(?:for\s+)?\(?(?<t>(?:[3-9]|10)\s*(?:mins?|minutes?|'))\)?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Start with five minutes of marching and toe taps” is the warm-up, “finish with stretches: calf, chest” the cool-down.</summary>
    private string AsFirstAndLast(string text) =>
        blocks.Count == 0 && PartOf(text) == CardPart.Main && StartsWith.Match(text) is { Success: true } first && ForMinutes.Match(first.Groups["what"].Value) is var forAll && ItemsOfMessage(ForMinutes.Replace(first.Groups["what"].Value, "")) is { Count: > 1 } items
            ? $"Warm up{(first.Groups["t"].Success ? " " + first.Groups["t"].Value : forAll.Success ? " " + forAll.Groups["t"].Value : "")}: {string.Join(", ", items)}"
            : blocks.Count > 0 && FinishesWith.Match(text) is { Success: true } last ? $"{last.Groups["w"].Value}: {string.Join(", ", ItemsOfMessage(last.Groups["what"].Value))}"
            : blocks.Count > 0 && FinishesOn.Match(text) is { Success: true } end && (PartOf(text) == CardPart.Main || ItemsOfMessage(end.Groups["what"].Value) is { Count: > 1 } known && known.TrueForAll(i => KnownAs(i) != Sureness.Unknown)) && Whole(ItemsOfMessage(Challenge.Replace(end.Groups["what"].Value, "")).ConvertAll(i => SomeOf.Replace(i, ""))) is { Count: > 0 } ends && MovesFirst(ends) is > 0 and var moves && ends.Skip(moves).All(i => HowOf(i) is not null || IsNameLike(i))
                ? $"{(ends.Take(moves).All(i => Understood(WithoutBrackets(Scan(i).Left)) is { Pattern: Pattern.Stretch or Pattern.Mobility }) ? "Cool down" : "Finisher")}: {string.Join(", ", ends)}" : text;

    /// <summary>“…, 30 s per side” belongs to the move before it.</summary>
    private List<string> Whole(List<string> items) =>
        items is [.., var last, var amount] && Scan(amount) is { Amount: not null, SaysBlock: false, IsEach: false, IsOfAll: false, Gaps.Count: 0 } scan && IsEmpty(scan.Left) ? [.. items.SkipLast(2), $"{last} {amount}"] : items;

    private int MovesFirst(List<string> items) => items.TakeWhile(i => Understood(WithoutBrackets(Scan(i).Left)) is not null).Count();

    private static List<string> ItemsOfMessage(string list) => [.. Commas.Split(ToGetWarm.Replace(list, "")).SelectMany(i => And.Split(i)).SelectMany(i => NextCount.Split(i) is { Length: > 1 } counted && Array.TrueForAll(counted, c => char.IsAsciiDigit(c[0])) ? counted : [i]).Select(i => i.Trim()).Where(i => i.Length > 0)];

    /// <summary>Names of a message one after the other with nothing between: “bridges dead bugs plank”; else the item.</summary>
    private List<string> Apart(string item) => Understood(WithoutBrackets(Scan(item).Left)) is null && InARow(item) is { } row ? row : [item];

    /// <summary>“3x (40s each, 20s off) squat, plank” is three rounds, how each goes, and the moves.</summary>
    private string AsHow(string text) =>
        RoundsOfHow.Match(text) is { Success: true } m && Scan(m.Groups["how"].Value, isLine: false) is { Any: true } how && IsEmpty(how.Left)
            ? $"{text[..m.Index]}{m.Groups["n"].Value} rounds, {m.Groups["how"].Value} - {m.Groups["items"].Value}" : text;

    /// <summary>“10 mins mobility and pulse raise” is that part, ten minutes long.</summary>
    private string AsPart(string text) =>
        MinutesOf.Match(text) is { Success: true } m && (PartOf(m.Groups["what"].Value) != CardPart.Main || (BlockWord.IsMatch(m.Groups["what"].Value) && Understood(m.Groups["what"].Value) is null) || Ending.IsMatch(m.Groups["what"].Value))
            ? $"{(Ending.IsMatch(m.Groups["what"].Value) ? "cool down, " : "")}{m.Groups["what"].Value} {m.Groups["n"].Value} mins{m.Groups["more"].Value}" : text;

    /// <summary>“All stations 45 secs” is 45 s each.</summary>
    private static string AsEach(string text) => AllLast.Match(text) is { Success: true } m ? $"{m.Groups["t"].Value} each{text[m.Length..]}" : text;

    /// <summary>“Rest 60 s then repeat” below so many rounds: their rest, and no more of them.</summary>
    private string WithoutRepeat(string text) => Current is { RoundsLow: > 1 } ? AgainAndRest.Replace(text, "") : text;

    private static CardPattern AgainAndRest => field ??= new(@"^repeat,\s+(?=rest\s+[0-9])", RegexOptions.IgnoreCase);

    /// <summary>“Calf, hamstring and chest stretches” are a stretch of each; below the main part they are a part.</summary>
    private string AsStretches(string text)
    {
        if (StretchesOf.Match(text) is not { Success: true } m)
            return text;
        var items = ItemsOfMessage((m.Groups["a"].Success ? m.Groups["a"] : m.Groups["b"]).Value).ConvertAll(i => $"{i} stretch");
        return items.Count < 2 || !items.TrueForAll(i => Understood(i) is not null) ? text : $"{(Current?.Part == CardPart.CoolDown ? "" : "Stretch: ")}{string.Join(", ", items)}";
    }

    private static CardPattern StretchesOf => field ??= new(@"^(?<a>[a-z]+(?:,\s*[a-z]+)*,?\s+(?:and|&)\s+[a-z]+)\s+stretch(?:es|ing)\.?$|^stretch(?:es)?\s+(?:for|of)\s+(?:the\s+)?(?<b>[a-z]+(?:,\s*[a-z]+)*,?\s+(?:and|&)\s+[a-z]+)\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Squats and rows”: two, each of them many; “clean and press” is one.</summary>
    private static CardPattern BothMany => field ??= new(@"^[a-z][a-z' -]*s\s+(?:and|&)\s+[a-z' -]+s$", RegexOptions.IgnoreCase);

    /// <summary>“Arms: curls, rows, press-ups, 3 sets of 12” is so often each of them.</summary>
    private string AsSetsOfEach(string text)
    {
        if (text.Length > CardText.LongestLine || !text.Any(char.IsAsciiDigit) || !(text.Contains('x', StringComparison.OrdinalIgnoreCase) || text.Contains("sets", StringComparison.OrdinalIgnoreCase)) || SetsBehindList.Match(text) is not { Success: true } m)
            return text;
        var items = Commas.Split(m.Groups["items"].Value).Select(i => LeadingAnd.Replace(i, "").Trim()).SelectMany(i => IsMove(i) && !BothMany.IsMatch(i) ? [i] : AndSign.Split(i)).Select(i => i.Trim()).ToList();
        if (items.Exists(i => GoesOn.IsMatch(i) || i.Split(' ').Length > FewWords) || items.Count(i => KnownAs(i) != Sureness.Unknown) * 2 <= items.Count)
            return text;
        return $"{(m.Groups["h"].Success ? m.Groups["h"].Value + " " : "")}{m.Groups["s"].Value} x {m.Groups["r"].Value}{m.Groups["e"].Value}{m.Groups["more"].Value}: {string.Join(", ", items)}";
    }

    /// <summary>“Arms: curls, rows, press-ups, 3 sets of 12”, “squats, rows 12 x 3”: of each of them.</summary>
    private static CardPattern SetsBehindList => field ??= new(@"^(?:(?<h>[a-z][a-z &/-]{1,24}?(?:\s*\([^()0-9]{2,30}\))?)\s*(?::|\s-)\s+)?(?<items>[a-z][a-z' -]+?s\s+(?:and|&)\s+[a-z][a-z' -]+?s|[a-z][a-z' -]+?(?:,\s*(?:and\s+|&\s+)?[a-z][a-z' -]+?)+(?:,?\s+(?:and|&)\s+[a-z][a-z' -]+?)?)\s*(?:,|\s-|:)?\s+(?:(?<s>[2-6])\s*(?:sets\s+of|sets\s*x|x)\s*(?<r>[0-9]{1,2})(?:\s*reps)?|(?<r>[0-9]{1,2})\s*(?:reps\s*)?x\s*(?<s>[2-6])(?:\s+sets)?|(?<s>[2-6])\s+sets,?\s+(?<r>[0-9]{1,2})\s+reps|(?<r>[0-9]{1,2})\s+reps,?\s+(?<s>[2-6])\s+sets)(?<e>\s+each(?:\s+(?:side|leg|arm))?)?(?<more>,\s*[^:]{3,40})?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Class: squats, rows 40/20” is what is done in it, no title.</summary>
    private string AsPlan(string text) =>
        ClassIs.Match(text) is { Success: true } m && (Scan(m.Groups["what"].Value, isLine: false).SaysBlock || Parted(m.Groups["what"].Value).Count > 1) ? m.Groups["what"].Value : text;

    /// <summary>“Swings 30 on 30 off for 5 minutes”.</summary>
    private static CardPattern IntervalsFor => field ??= new(@"^(?<name>[a-z][a-z' -]+?)\s*[:,-]?\s+(?<w>[0-9]{2,3})\s*(?:s|secs?|seconds?)?\s+on\s*[,/]?\s*(?:and\s+)?(?<r>[0-9]{2,3})\s*(?:s|secs?|seconds?)?\s+off\s+for\s+(?<t>[0-9]{1,2})\s*min(?:ute)?s?\.?$|^(?<name>[a-z][a-z' -]+?)\s*[:,-]?\s+(?<w>[0-9]{2,3})\s*/\s*(?<r>[0-9]{2,3})\s+for\s+(?<t>[0-9]{1,2})\s*min(?:ute)?s?\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Farmer's carry, 4 lengths”: how far stands in words beside the move.</summary>
    private string AsDistance(string text) =>
        text.Contains(" length", StringComparison.OrdinalIgnoreCase) && LengthsBehind.Match(text) is { Success: true } m && text[..m.Index] is var before && IsMove(before[(Math.Max(before.LastIndexOf(": ", StringComparison.Ordinal), before.LastIndexOf("- ", StringComparison.Ordinal)) + 1)..].Trim()) ? $"{before} ({m.Groups["n"].Value})" : text;

    /// <summary>“Same again but 30/10” below a block: a block of its own with the same moves.</summary>
    private string AsSameAgain(string text) =>
        Current is { Part: CardPart.Main, Stations.Count: > 0 } && text.Any(char.IsAsciiDigit) && SameButHow.Match(text) is { Success: true } m ? $"{FreeName("B")}: {m.Groups["how"].Value}, same again" : text;

    private static CardPattern SameButHow => field ??= new(@"^(?:(?:then|and|now)\s+)*(?:(?:the\s+)?same(?:\s+(?:again|moves|exercises|list|circuit|thing))?|(?:repeat|do)(?:\s+(?:it|that|all|them|everything|the\s+(?:lot|list|circuit)))*(?:\s+again)?)\s*[,:-]?\s*(?:but\s+)?(?:(?:at|with|for|as|on|this\s+time)\s+)*(?<how>[1-6][05]\s*(?:s|secs?|seconds?)?\s*(?:on|work)?\s*[/,:]\s*[0-6][05]\s*(?:s|secs?|seconds?)?\s*(?:off|rest)?(?:\s*x\s*[2-9])?)[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“500m row”, “15 cal row”: what has a machine of its name, so far or so many calories of it, is done on the machine; asked.</summary>
    private string OfMachine(string text) =>
        text.Length > 0 && text.Any(char.IsAsciiDigit) && FarOfName.IsMatch(text)
            ? FarOfName.Replace(text, m => m.Groups["w"].Value is var name && Understood(name) is { Pattern: not (Pattern.Locomotion or Pattern.Carry) } && library.Reader.Read($"{name} machine") is { Move.Pattern: Pattern.Locomotion } ? $"{m.Value} machine" : m.Value) : text;

    private static CardPattern FarOfName => field ??= new(@"\b(?:[1-9][0-9]?[05]0\s*(?:m|metres?|meters?)|[1-9](?:[.,][0-9])?\s*(?:k|km|kilomet(?:re|er)s?)|[1-9][0-9]?\s*(?:cals?|calories?))\s+(?<w>[a-z]{3,9})\b(?=\s*(?:$|[,/+(;.]|x\s?[0-9]))", RegexOptions.IgnoreCase);

    private static CardPattern LengthsBehind => field ??= new(@"(?<=[a-z])\s*,?\s+(?<n>(?:[0-9]{1,2}|one|two|three|four|five|six)\s+lengths?(?:\s+of\s+the\s+[a-z]+)?)\.?$", RegexOptions.IgnoreCase);
}
