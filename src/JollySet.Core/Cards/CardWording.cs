using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Ways of writing that say the same as another, each a pattern and what it becomes: the other is what the reader knows. What needs the library to be told is in CardReader.Wording; the patterns are in the files beside this one.</summary>
internal static partial class CardWording
{
    /// <summary>Times one after the other, and the rest after each of them.</summary>
    private static string TimesInTurn(Match m) =>
        m.Groups["u"].Success || m.Groups["work"].Success ? $"{string.Join('-', m.Groups["n"].Captures.Select(c => c.Value))}s{(m.Groups["rest"].Success ? $", {m.Groups["rest"].Value}s rest between exercises" : "")}" : m.Value;

    private const int MostDoubled = 300;

    // In this order: what a later one looks for may be what an earlier one has put.
    private static Way[] Ways => field ??=
    [
        new(["(", ",", "-", "=", "["], OnEachSide),
        new(["fin", "end", "last", "follow"], AsFinisher),
        new(["0/10", "0 / 10"], TabataEachBetween, "${h} 20/10 x 8 each, ${t} between exercises"),
        new(["people", "ppl", "particip", "ladies", "men", "mums", "members", "clients"], AboutSoMany, ""),
        new([" r", "(r", "/r", ",r"], SetsThenR, m => $", rest {m.Groups["n"].Value}{(m.Groups["m"].Success ? " min" : m.Groups["n"].Value.Contains(':', StringComparison.Ordinal) ? "" : "s")}"),
        new(["rnd"], RoundsInShort, " rounds"),
        new([" rounds"], CountedThenRounds, ", ${n} rounds"),
        new(["x)"], TimesInBracket, "(x${n})"),
        new(["twice)"], TwiceInBracket, "(x2)"),
        new(["mom"], EmomOfOne, "EMOM ${t} min: ${n} ${m}"),
        new(["min", "mom"], AllThenAMinute, MinutesOf),
        new(["min", "mom"], AMinuteToAll, MinutesOf),
        new(["mom"], EmomToAll, MinutesOf),
        new(["min", "mom"], AMinuteSoLong, MinutesOf),
        new([" "], RungsBySigns, m => $"{(!m.Groups["w"].Success ? "" : IsThereAndBack(m.Groups["n"]) ? "pyramid " : "ladder ")}{string.Join('-', m.Groups["n"].Captures.Select(n => n.Value))}"),
        new([": "], RungsBehindMoves, m => $"ladder {m.Groups["l"].Value}: {string.Join(", ", RungMoves.Split(m.Groups["items"].Value))}"),
        new(["down"], RungsInSteps, RungsDownBy),
        new(["amrap", "mom"], NumberedThenLong, WhichOfThem),
        new([" min", "'"], LongThenNumbered, WhichOfThem),
        new([" min", "'"], OrdinalThenLong, WhichOfThem),
        new([" into ", " ss "], PairByWord, "Superset x${n}: ${a}, ${b}"),
        new([" / ", " + ", " & "], PairWithSets, m => $"Superset{(m.Groups["l"].Success ? $" {m.Groups["l"].Value}" : "")}: {m.Groups["s"].Value} rounds - {m.Groups["a"].Value} x{m.Groups["r"].Value}, {m.Groups["b"].Value} x{m.Groups["q"].Value}"),
        new([" / "], LetteredBoth, "Superset x${n}: ${a}, ${b}"),
        new([" / "], LetteredByStroke, m => $"Superset {m.Groups["l"].Value}: {m.Groups["s"].Value} rounds{(m.Groups["more"].Success ? $", rest {string.Concat(m.Groups["more"].Value.Where(char.IsAsciiDigit))}s" : "")} - {m.Groups["a"].Value} x{m.Groups["r"].Value}, {m.Groups["b"].Value} x{m.Groups["r"].Value}"),
        new(["sets", "reps", "s x", " x"], SetsNamed, "${s}x${r}"),
        new([" s", "0s", "5s", "sec"], SetsOfHold, m => CardPhrases.BlockWord.IsMatch(m.Groups["name"].Value) || CardPhrases.PartOf(m.Groups["name"].Value) != CardPart.Main || NoHold.IsMatch(m.Groups["name"].Value) ? m.Value : $"{m.Groups["name"].Value} {m.Groups["n"].Value}x{m.Groups["t"].Value}s"),
        new([" es", "0es", "2es", "8es"], EachSideInShort, " each side"),
        new(["side", "leg", "arm"], SetsOfSides, "${s}x${r} ${e}"),
        new(["k"], SetsAndLoad, "${s}x${r} @ ${w}kg"),
        new(["(", "[", "rounds"], RoundsOfNamedList, m => $"{m.Groups["h"].Value} - {m.Groups["n"].Value} rounds{(m.Groups["more"].Value.Trim(' ', ',') is { Length: > 0 } more ? $", {more}" : "")}: {m.Groups["items"].Value}"),
        new(["between", "btw"], RangeBetween, "rest ${t} between"),
        new(["between", "btw", "b/w"], LongBetween, "${t} rest between rounds"),
        new([" / ", " + ", " and ", " & "], RungsThenPair, "${l}: ${a}, ${b}"),
        new(["/", "-", ","], SameSetsBySigns, m => $"{m.Value.Count(c => c is ',' or '/' or '-') + 1}x{m.Groups["n"].Value}"),
        new([" for "], ForMinutesToo, "for ${n} min"),
        new([" min", " sec"], TimeInNumberWords, m => CardNumbers.InDigits(m.Value)),
        new(["("], InBracketsWhole, "${in}"),
        new(["rung", "between step", "between level", "after each"], BetweenRungs, "between rounds"),
        new(["twice", "x", "times", "rounds"], AlsoSoOften, ""),
        new([" each"], EachOfList, "${h}, ${t} each: "),
        new([" ("], ListInBracket, m => $"{m.Groups["h"].Value} {m.Groups["how"].Value}: {m.Groups["l"].Value.Replace(" / ", ", ", StringComparison.Ordinal)}"),
        new(["wu ", "w/u ", "warm"], PartNumberAndWord, "${p} ${n} min: ${w}"),
        new(["/"], OneAndOne, "${n} each side"),
        new(["/"], TwoLoads, "${name} ${a}kg/${b}kg x${r}"),
        new(["sec", "s,", "s/", "s /", "s-", "s -", "0s", "5s", "work"], TimesMixed, TimesInTurn),
        new(["then "], ThenPart, ""),
        new(["sex "], SlipOfSeconds, "secs"),
        new(["move"], TimeToMove, "${t} rest"),
        new([" on,"], OnThenOff, "${w}/${r}"),
        new(["'s"], UnitsOwn, "s"),
        new([" min"], TimesOfMinutes, ", "),
        new(["each"], TabataOfEach, "20/10 x 8 each"),
        new(["superset", "super set"], SupersetBehind, m => $"superset: {m.Groups["a"].Value} / {m.Groups["b"].Value} {m.Groups["s"].Value}x{m.Groups["r"].Value}{(m.Groups["more"].Value is { Length: > 0 } more && !more.StartsWith(',') ? "," : "")}{m.Groups["more"].Value}"),
        new([" / "], SetsByStroke, "${l}Superset: ${a} ${s}x${r}, ${b} ${s}x${r}"),
        new([" min"], PartsByMinutes, m => OwnMinutes.Replace(m.Value, o => string.Create(CultureInfo.InvariantCulture, $" {int.Parse(o.Groups["n"].Value, CultureInfo.InvariantCulture) * 60}s"))),
        new([" with ", " w/"], PartWithOne, "${p}: ${i}"),
        new([" of "], SetOfThings, ""),
        new(["for the"], ForTheBlock, "${b} - ${how}${more}"),
        new(["rounds", "sets", "laps", "reps"], NumberBehindKey, m => CardNumbers.InDigits(m.Value)),
        new(["give", "allow", "let "], GivesRest, m => $"{(m.Groups["m"].Success ? "60s" : m.Groups["t"].Value)} {(m.Groups["w"].Success ? "water" : "rest")}"),
        new(["main"], MainBitIs, ""),
        new(["main"], MainBit, "Main"),
        new(["finisher", "circuit", "blast", "burner"], QuickPart, ""),
        new(["next", "then ", "after that"], NextUp, ""),
        new([" ("], text => CountsInBrackets.Count(text) > 1 ? CountsInBrackets.Replace(text, " x${n}") : text),
        new(["sets", "rounds"], SetsThenTime, "${h}, rest ${t}"),
        new([";"], DoseBehindSemicolon, " - "),
        new([" each"], EachTimesBehind, ", ${n} rounds, ${r} each"),
        new(["between"], DrinkBetween, "${t} water between rounds"),
        new([" + ", " / ", " & "], PairOfDoses, m => $"{m.Groups["h"].Value}{m.Groups["a"].Value} + {m.Groups["b"].Value}, rest {m.Groups["t"].Value}"),
        new(["amrap"], AmrapBehind, "${h}AMRAP ${t}: ${items}"),
        new([" sets of "], text => DosedBehind.Count(text) > 1 ? DosedBehind.Replace(text, m => $"{m.Groups["name"].Value} {m.Groups["s"].Value}x{m.Groups["r"].Value}{(m.Groups["e"].Success ? $" {m.Groups["e"].Value}" : "")}") : text),
        new(["leave", "save", "allow", "keep"], LeaveFor, "${what} ${n} min"),
        new(["warm"], WarmUpFirst, "${what} ${n} min"),
        new(["half", "middle"], BreakHalfway, m => $", {m.Groups["t"].Value} {(m.Groups["w"].Success ? "water" : "rest")} between rounds"),
        new([" is ", " will be "], NumberedIs, "${h} ${w}: "),
        new([" is ", " will be "], LiftIs, m => $"{m.Groups["h"].Value}: {m.Groups["name"].Value} {m.Groups["s"].Value}x{m.Groups["r"].Value}{(m.Groups["t"].Success ? $", rest {m.Groups["t"].Value}" : "")}"),
        new(["rest", " r", "off", "break", "between"], RestBehindSets, m => $"{m.Groups["d"].Value}, rest {(m.Groups["t"].Value is ['m' or 'M', ..] ? "60s" : m.Groups["t"].Value is var t && char.IsAsciiDigit(t[^1]) ? $"{t}s" : t)}"),
        new([" is ", " are ", " will be ", " has "], PartIsListed, "${h}: "),
        new(["either side", "each side", "each end", "either end"], EitherSide, "${a} and ${b}, ${n} min each"),
        new(["we"], WeDoSets, ""),
        new(["rds", "rounds", "rnds"], LetterThenRounds, ""),
        new(["p/u", "s/u"], Ups),
        new(["work"], WorkForMinutes, " - "),
        new(["last", "final"], LastThingIs, ""),
        new(["stretch"], StretchAtEnd, m => $"{m.Groups["w"].Value}{(m.Groups["where"].Success ? $" ({m.Groups["where"].Value})" : "")}"),
        new(["add", "plus"], AddOne, ""),
        new(["mom"], EmomBehindName, "${e} ${t}: ${name} x${n}"),
        new([" each"], PyramidTold, m => $"pyramid {string.Join('-', m.Groups["n"].Captures.Select(n => n.Value))}s"),
        new([" of each"], RungsDown, m => SameCount(m) is { } from ? $"{(m.Groups["h"].Success ? m.Groups["h"].Value : "ladder")} {from}-1: {CountFirst.Replace(m.Groups["items"].Value, "")}" : m.Value),
        new([" of each"], RungsTold, Told),
        new(["today", "tonight", "tomorrow"], TomorrowIs, ""),
        new([" stretch"], StretchesListed, m => m.Groups["h"].Value + string.Join(", ", m.Groups["items"].Value.Replace(" and ", ", ", StringComparison.OrdinalIgnoreCase).Replace(" & ", ", ", StringComparison.Ordinal).Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries).Select(i => $"{i} stretch"))),
        new([" - "], NumberedTopic, "${h} ${w}: "),
        new(["amrap"], AmrapOf, m => $"{m.Groups["h"].Value} {m.Groups["a"].Value}: ".TrimStart()),
        new(["~"], AboutSign, ""),
        new([" - "], TimesThenList, ": "),
        new(["x"], TimesAlone, "${n} rounds"),
        new(["x", "times", "full ", "complete ", "pass", "cycle", "loop", "turn", "thrice", "r"], RoundsByOtherWords, m => $"{(m.Groups["n"].Success ? CardNumbers.InDigits(m.Groups["n"].Value) : "3")} rounds"),
        new(["rest between", "break between"], RestBetweenWhat, m => $"{(m.Groups["w"].Success ? $"{m.Groups["w"].Value}, " : "")}rest {m.Groups["t"].Value} between rounds"),
        new(["per round", "each round", "per lap", "per set"], RestOfEachRound, "${t} rest between rounds"),
        new([" each "], EachOf, m => $"{m.Groups["h"].Value} {m.Groups["n"].Value}{(m.Groups["u"].Success ? $" {m.Groups["u"].Value}" : " of")} each: ".TrimStart()),
        new([" each: "], OfEachTimes, ", ${n} rounds"),
        new(["between"], BetweenFirst, "rest ${t} between ${w}"),
        new(["betw", "btw"], RestBetweenTimes, "rest ${t} between rounds"),
        new(["ladder", "pyramid"], LadderByCommas, m => $"{m.Groups["h"].Value} {m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal).Replace('/', '-')}: {m.Groups["items"].Value}"),
        new([" back", " recovery"], WalkBack, ", ${t} rest (${w})"),
        new(["resting"], Resting, m => m.Groups["m"].Success ? "rest 60s" : "rest "),
        new(["breather", "off", "rest", "break"], Breather, m => m.Groups["m"].Success ? "60s rest" : $"{m.Groups["t"].Value} rest"),
        new(["with"], text => ListedTimes.IsMatch(text) ? text : WithARest.Replace(text, ", ")),
        new([" to ", "-"], LadderTo, Ladder),
        new([" to "], MovesDownTo, Ladder),
        new(["/", "ladder", "count"], RungsOfMoves, RungsAndMoves),
        new(["pyramid"], PyramidOf, m => $"pyramid {m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal).Replace(',', '-').Replace('/', '-')}s{(m.Groups["more"].Success ? $", {m.Groups["more"].Value.Trim(' ', ',', '(', ')')}" : "")}: {m.Groups["items"].Value.Trim()}"),
        new(["times", "whole", "entire", " x", "repeated"], WholeTimes, "${n} rounds"),
        new([" to "], ToMoveOn, "${w}/${r}"),
        new(["@"], AtWorkRest, ", "),
        new(["between"], BetweenSupersets, "rest ${t} between rounds"),
        new([" on"], OnThenRestOfRounds, "${w}s each, rest ${r}s between rounds"),
        new(["rest"], RestWithoutComma, ", "),
        new([], text => text.Length > 0 && text.AsSpan().Count(' ') > 2 && char.IsAsciiLetter(text[0]) && text.Count(char.IsAsciiDigit) > 2 ? SameSets.Replace(text, m => m.Value.Replace(" ", ", ", StringComparison.Ordinal)) : text),
        new([" x"], text => text.Count(c => c is 'x' or 'X') > 1 ? RepsThenTimes.Replace(text, "${s}x${r}") : text),
        new(["sets"], SetsByDashes, m => $"{m.Groups["name"].Value} {m.Groups["s"].Value}x{m.Groups["r"].Value}{(m.Groups["t"].Success ? $", rest {m.Groups["t"].Value}" : "")}"),
        new(["hour", "minute"], TimeInWords, m => m.Groups["half"].Success ? "30 min" : m.Groups["more"].Success ? "90 min" : m.Groups["three"].Success ? "45 min" : m.Groups["whole"].Success ? "60 min" : m.Groups["ninety"].Success ? "90s" : "30s"),
        new(["duration", "length", "time"], LongWithoutColon, ""),
        new(["class", "session", "title", "name"], ClassAndMore, ""),
        new(["theme", "muscle", "part", "area", "focus", "working"], FocusByOtherWords, "focus: "),
        new(["need"], NeedByStrokes, "kit: "),
        new(["h"], HourFirst, "60 min "),
        new(["/"], Day, Dated),
        new(["-"], SpellFirst, SpellBehind),
        new([" of ", "each", "reps"], WordedReps, m => CardNumbers.InDigits(m.Value)),
        new(["timing"], TimingKey, ""),
        new(["of each"], OfEachOfThese, "of each"),
        new([": "], CountOnEachThen, "${h} ${n} reps each side: "),
        new(["each ", "every "], EachByItself, m => $"{m.Groups["h"].Value}{m.Groups["w"].Value}/{m.Groups["r"].Value} x {CardNumbers.InDigits(m.Groups["n"].Value)} each"),
        new(["each "], EachRoundAtEnd, m => $"each {m.Groups["w"].Value} {m.Groups["n"].Value switch { "twice" or "two" => "2", "three" => "3", "four" => "4", var n => n }} times, {m.Groups["how"].Value}"),
        new(["then "], ThenSoMany, ""),
        new(["then "], ThenList, "A: "),
        new(["min"], MinuteByMinute),
        new(["x"], TimesThenRest, ", ${n} rounds, rest ${t}s"),
        new([" 2 "], NumbersAlong),
        new(["stretch"], MinutesToStretch, m => $"{m.Groups["w"].Value} {m.Groups["n"].Value} min: {LastAnd.Replace(m.Groups["items"].Value, ", ")}"),
        new([" aus"], OnOffInGerman, "${w}/${r}"),
        new([" of"], OffSlip, "on / ${t} off"),
        new(["tabata"], TabataQuoted, "Tabata ${m}"),
        new(["tabata"], TabataBehindTimes, "Tabata 20/10"),
        new([" off"], StretchItOff, "stretch"),
        new(["as many"], ManyInMinutesAsCan, "amrap ${t}"),
        new(["tabata"], TabataBehindHead, "${h} ${w}: ${m}"),
        new([" + "], TabataOfTwo, "${h}: ${a}, ${b}"),
        new(["just", "doing"], WarmUpDoing, "${w} ${d} ${t}: ${items}"),
        new([" of "], LadderOf, m => $"{m.Groups["h"].Value} {m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal).Replace(',', '-')}: {m.Groups["items"].Value.Replace(" and ", ", ", StringComparison.OrdinalIgnoreCase)}"),
        new(["s"], SecondsSlip, "secs"),
        new(["booked", "number", "no.", "attend"], NumberBooked, "people: "),
        new(["with a"], WithAStretch, ""),
        new(["before "], BeforeTheNext, "between blocks"),
        new(["grab", "have", "get", "take"], TakesBreak, Break),
        new(["active"], ActiveRest, m => $"rest {m.Groups["t"].Value}{(m.Groups["m"].Success ? $" ({m.Groups["m"].Value})" : "")}"),
        new(["("], HeadThenMoves, ListOf),
        new(["then", ">", ","], RungsListed, Dashes),
        new([" in ", " by ", "start"], RungsBySteps, Rungs),
        new([" of "], RoundsOfBare, ", ${n} reps each"),
        new(["reps"], RepsEachMove, " each"),
        new([" each"], EachOfListed, "${n} of each"),
        new([" each"], TimesOfEach, ", ${n} rounds"),
        new(["of "], OfEverything, "of each"),
        new(["repeat"], RepeatBehind, ", ${n} rounds"),
        new(["reps"], RepsInBrackets, ", ${r} each"),
        new(["r"], RoundsByLetter, "${n} rounds"),
        new(["r"], RestByOneLetter, "rest ${t}s"),
        new(["*"], StarTimes, " x"),
        new(["sets"], SetsByStrokes, "${s} x ${r}, rest ${t}"),
        new(["hard", "out", "fast", "effort"], HardEasy, "${w}/${r}"),
        new(["round", "many", "keep going"], ManyInMinutes, "AMRAP ${t}"),
        new(["min"], NewEveryMinute, "EMOM"),
        new(["mom"], OneAMinute, ""),
        new(["round", "reps", "sets", "laps", "work"], KeyedHow, Keyed),
        new(["x"], TimesOfTime, ""),
        new(["+"], SameAgain, "${n} each side"),
        new(["on the"], RightThenLeft, "${n} ${name} each side"),
        new(["then "], ThenSwap, " each side"),
        new(["ea."], EachDotted, "each "),
        new(["half", "1/2"], HalfMinute, "30s"),
        new(["held "], HeldFor, ""),
        new(["hold "], HoldFirst, ""),
        new(["both sides"], OnBothSides, "each side"),
        new(["/"], SideByStroke, " each ${side} "),
        new(["each "], EachThenSwap, ""),
        new([" / "], CountByStroke, " x"),
        new(["both "], BothLegs, "each side"),
        new(["kg"], KitAndMass, "with ${w} ${k}"),
        new(["using"], Using, " with "),
        new(["hold for"], HoldForBare, "${t}s"),
        new(["hold"], HoldBehind, " ${t}"),
        new(["-", "and", "/", " or "], RepsRange, Range),
        new(["slow"], SlowBehind, "x${n} (slow)"),
        new([" / "], CountThenOther, "${a} / ${b} x${n}"),
        new(["knees"], KneesSaid, " (knees if needed)"),
        new(["hard", "adv", "level", "more", "challenge", "add a", "strong"], HarderSaid, " (harder: ${w})"),
        new(["begin", "newb", "new "], EasierSaid, " (easier: ${w})"),
        new([" each", " per", " a "], SpokenEach, m => CardNumbers.InDigits(m.Value)),
        new(["do "], DoCount, ""),
        new(["right", "left"], RightCountLeft, "${n} each side"),
        new(["of them"], OfThem, ""),
        new(["knees"], OnKnees, " (knees if needed)"),
        new(["warm ", "cool "], WarmThemUp, "${w} ${d}"),
        new(["("], AboutInBrackets, "("),
        new([":"], ColonSeconds, "${n}s"),
        new(["min"], MinutesAndSeconds, "${m}:${s}"),
        new(["last "], LastFew, m => CardNumbers.InDigits(m.Value)),
        new(["last", "first", "final"], LastMinutes, "${what} ${n} min"),
        new([" for ", " in the "], ForTheLast, "${what} ${n} min"),
        new([" is a"], PartIsA, "${h}: "),
        new([" up,", "first,", "next,", "start,"], FirstUp, ""),
        new(["w "], WithShort, "with "),
        new(["'"], MinutesAndSecondsSigns, "${m}:${s}"),
        new(["between"], BareBetween, "${t}s between rounds"),
        new(["between", "after"], RestOfWhere, m => $"{(m.Groups["w"].Value is ['w' or 'W' or 'd' or 'D', ..] ? $"{m.Groups["t"].Value} water" : $"rest {WithoutHalves(m.Groups["t"].Value)}")} {m.Groups["where"].Value}"),
        new(["("], ListThenHow, "${h} ${how}: ${items}"),
        new([" need"], EveryoneNeeds, m => m.Groups["k"].Value.Split([", ", " and ", " & "], StringSplitOptions.None).All(k => Moves.BriefWords.Kit(Article.Replace(k.Trim(' ', ','), "")) is not null) ? $"kit: {m.Groups["k"].Value}" : m.Value),
        new(["need"], NeedThem, "kit: "),
        new(["eahc", "eech", "ecah"], EachSlip, "each"),
        new([" go ", "go ", "do "], GoListed, m => m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal).Replace(',', '-')),
        new(["challenge"], ChallengeOf, "Challenge: ${name} ${t}"),
        new(["if time", "if poss", "if we get"], IfTimeInShort, m => m.Groups["more"].Success ? "if there's time, " : "if there's time"),
        new(["if "], IfThereIsTime, "${more} (if there's time)"),
        new([" time"], RoundsIfTime, m => m.Groups["n"].Value is { Length: > 0 } n ? $"{n[0] - '1'}-{n} rounds" : "1-2 rounds"),
        new(["x"], TimesThenReps, "x${n}, "),
        new(["ev"], EverySlip, "every"),
        new(["inbetween"], InBetween, "in between"),
        new(["bring"], CanYouBring, "bring "),
        new(["of each", "of every"], TimesOfEachPair, ""),
        new(["go ", "do "], GoRound, "${n}, ${more} rounds"),
        new([" x"], MoveFinish, m => $"{m.Groups["h"].Value} {m.Groups["n"].Value} rounds: {m.Groups["name"].Value} {m.Groups["t"].Value}{(m.Groups["more"].Success ? $" ({m.Groups["more"].Value})" : "")}"),
        new(["throughout", "each", "every", "per "], OfEachPair, m => m.Groups["s"].Success ? "rounds" : ""),
        new(["up", "d"], PartSlip, m => m.Groups["up"].Success ? "warm up" : "cool down"),
        new([" of "], NumberOf, "${n} ${what}"),
        new(["repetition"], Repetitions, "reps"),
        new(["direction"], BothDirections, Doubled),
        new(["p1", "p 1", "partner"], ByTurnsOfTwo, Pairs),
        new(["while"], OneAndTheOther, m => $"{(m.Index == 0 ? "pairs: " : "")}{m.Groups["a"].Value}, {m.Groups["b"].Value}"),
        new([" / "], TabataOf, "${h}: "),
        new(["moves for", "exercises for", "stations for"], MovesFor, "each for "),
        new(["thru"], Thru, "through"),
        new(["r "], RestByLetter, "rest "),
        new(["circuits", "blocks"], SoManyParts, "${rest} (${said})"),
        new(["tabata "], TabatasOf, "tabata ${how}: ${m} (${n} tabatas of it)"),
        new([" each "], TimesEachRound, "each ${w} ${n} rounds"),
        new([" reps"], SlowReps, "${n} reps${each}, slow"),
        new(["between", "as a", "in your"], Shared, " (${w})"),
        new(["1x", "1 x"], OnceThrough, ""),
        new(["x"], LetterTimes, "${l}: ${n} rounds"),
        new(["x"], LetteredPair, m => $"Superset {m.Groups["l"].Value}: {m.Groups["s"].Value} rounds{(m.Groups["t"].Success ? $", rest {m.Groups["t"].Value}s" : "")} - {m.Groups["a"].Value} x{m.Groups["r"].Value}, {m.Groups["b"].Value} x{m.Groups["q"].Value}"),
        new(["x"], LetterThenSets, "${l}: "),
        new([" of "], PartOfMinutes, m => $"{m.Groups["h"].Value} {m.Groups["t"].Value}: {LastAnd.Replace(m.Groups["what"].Value, ", ")}"),
        new(["up ", "down "], UpBy, m => m.Groups["l"].Value.Replace(" ", "", StringComparison.Ordinal).Replace(',', '-')),
        new(["00", "50"], BareMetres, "${n}m "),
        new([" times", " reps"], EachTimes, "${n} reps each"),
        new(["rounds of", "sets of"], RoundsOfReps, "${n} rounds, ${r} reps each:"),
        new([" / "], StrokedSets, m => $"{m.Groups["name"].Value} {m.Groups["s"].Value}x{m.Groups["r"].Value}{(m.Groups["t"].Success ? $", rest {m.Groups["t"].Value}" : "")}"),
        new([" / "], StrokedPart, "${p} (${w})"),
        new(["min"], MinutesOn, m => $"{60 * int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture)}s"),
        new([" done"], AllDone, " (${w})"),
        new(["drink", "water", "breather"], GivesThem, "${t} ${w}${b}"),
        new(["x"], TimeThenSets, "${n}x${t} ${side}"),
        new([" reps x"], RepsTimes, "${n} x ${r}"),
        new([" steps"], StepsMany, "${n} (steps)"),
        new(["rest as"], AsNeeded, "rest "),
        new(["figure"], FigureFour, "figure four"),
        new([" on"], MovesOn, ""),
        new(["1) "], NumbersInLine, m => m.Index == 0 ? "" : m.Groups["n"].Value == "1" ? " " : ", "),
        new([":"], PartAndMinutes, m => CardPhrases.PartOf(m.Groups["h"].Value) == CardPart.Main ? m.Value : $"{m.Groups["h"].Value} {m.Groups["t"].Value}: "),
        new(["failure", "max", "amrap"], MostThenSets, "${name} ${n} x ${most}"),
        new(["max"], TimeOfMost, "max ${what} in ${t}"),
        new([":"], TwoHeads, "${head} - ${what}: "),
        new(["["], BoxedHead, m => m.Groups["more"].Success ? $"{m.Groups["in"].Value}: {m.Groups["more"].Value}" : m.Groups["in"].Value),
        new(["["], Square, "(${in})"),
        new(["("], RestInBrackets, "${w} ${t}"),
        new([" - "], PartThen, ""),
        new([" ~ "], text => text.Replace(" ~ ", " - ", StringComparison.Ordinal)),
        new([" // "], text => text.Replace(" // ", ", ", StringComparison.Ordinal)),
        new([" > "], Greater, ", "),
        new([" | "], RowOfTime, m => $"{m.Groups["name"].Value}{(m.Groups["s"].Success ? $" {m.Groups["s"].Value}x" : "")} {m.Groups["t"].Value}"),
        new([" | "], RowOfSets, m => $"{m.Groups["name"].Value} {(m.Groups["s"].Success ? m.Groups["s"].Value : "")}x{m.Groups["r"].Value}{(m.Groups["more"].Success ? $", {m.Groups["more"].Value}" : "")}"),
        new([" | "], StrokesAsCommas),
        new(["amrap", "emom", "tabata"], TimedColon, "${w} "),
        new(["amrap", "emom", "tabata"], Stuck, m => m.Groups["n"].Success ? $"{m.Groups["w"].Value} {m.Groups["n"].Value}" : m.Value + " "),
        new(["amrap", "emom", "tabata"], FullMinutes, "${n} min "),
        new(["cap"], AmrapCap, ""),
        new([" min"], OnOffTimesMinutes, " for ${n} min"),
        new(["-min", "-sec"], HyphenTime, "${n} ${u}"),
        new(["w.u", "c.d"], ShortParts, WithoutDots),
        new([")"], PartMinutes, m => CardPhrases.PartOf(m.Groups["h"].Value) == CardPart.Main ? m.Value : $"{m.Groups["h"].Value} {m.Groups["n"].Value} min"),
        new(["wu", "w/u", "cd", "c/d", "warm", "cool", "stretch"], MinutesFirst, "${p} ${n}"),
        new(["min", "'"], text => CardPhrases.PartOf(text) == CardPart.Main ? text : MinutesUpTo.Replace(text, "${a} ${u} (up to ${b})")),
        new(["s/"], TimesByStrokes, m => m.Value.Replace("s", "", StringComparison.OrdinalIgnoreCase).Replace('/', '-').Replace(" ", "", StringComparison.Ordinal) + "s"),
        new(["e/w"], EachWayShort, "each way"),
        new([" * "], Dots, ", "),
        new([" - "], CountThenName, "${n} "),
        new(["s'"], Possessive, "${u}"),
        new([".m."], Dotted, m => WithoutDots(m) + " "),
        new([".."], Leaders, " - "),
        new([" set"], RepsThenSets, "${s}x${r}"),
        new([", "], text => Several(CountBehindComma, text)),
        new([": "], text => Several(CountBehindColon, text)),
        new(["work"], WorkThenRest, "${w}/${r}"),
        new(["|", "easier", "harder", " mod", " reg"], WayByStroke, " (${k}: ${w})"),
        new([" | "], text => Behind(text, " | ")),
        new(["e.s"], EachSideDotted, "e/s"),
        new([" of each"], OfEach, "${t} each"),
        new(["end of"], EndOfRound, "after each "),
        new(["btwn", "b/t"], Btwn, "between"),
        new(["r"], CountShort, "x${n}"),
        new(["#"], Numbered, ""),
        new(["*"], Stressed, "(${w})"),
        new(["w/"], With, "with "),
        new([" ex"], ExerciseThenRest, "work"),
        new(["hold"], HoldEach, "each for "),
        new(["work"], WorkToRest, ""),
        new(["rounds", "laps"], RoundsAre, "${n} rounds"),
        new(["from ", "start"], FromTo, "ladder ${a}-${b}"),
        new([" | "], CountedStroke, ", "),
        new([" = "], text => Behind(text, " = ")),
        new(["1st", "2nd", "minute", "first", "second"], WhichMinute, ""),
        new(["es"], EachSideShort, " each side"),
        new(["w/", "w /"], WorkAndRest, "${w}/${r}"),
        new([")"], PartMinutesThen, m => CardPhrases.PartOf(m.Groups["h"].Value) == CardPart.Main ? m.Value : $"{m.Groups["h"].Value} {m.Groups["t"].Value}: "),
        new(["s/s", "ss ", "super"], SupersetWithin, " s/s "),
        new([" to finish", " to end", " to close"], ToFinish, m => $"finish with {m.Groups["items"].Value.Replace(" & ", " and ", StringComparison.Ordinal)}"),
        new(["x"], RepsOnBoth, "${s}x${n} each side"),
        new(["/"], CountOnBoth, "x${n} each side"),
        new(["btw", "b/w", "betw"], BareBtw, "${t}s between rounds"),
        new(["move ", "change", "swap "], ChangeFor, "rest "),
        new(["each "], EachStationTwice, m => $"{CardNumbers.InDigits(m.Groups["n"].Value) switch { "twice" => "2", var n => n }} rounds"),
        new(["drink", "water", "breather"], DrinkFor, "${t} ${w}"),
        new(["e"], EachByLetter, " each side"),
        new([" goes"], Goes, "${n} rounds"),
        new(["r"], RestLetterBehind, ", rest ${t}s"),
        new(["round", "lap"], RestOfRound, "rest ${t} between rounds"),
        new(["again", "more"], AgainAlone, "repeat"),
        new(["repeat", "again"], text => RestThenRepeat.Replace(text, $"{(RoundsSaid.IsMatch(text) ? "" : "repeat, ")}rest ${{t}} between rounds")),
        new(["max"], MostRounds, "amrap "),
        new([], LetteredList, "${n}: "),
        new(["bring", "grab", "need"], BringThem, "kit: "),
        new(["kit ", "equipment ", "gear ", "props "], KitWithoutColon, "kit: "),
        new([" off", " rests", "watr", "wter"], RestsSlip, m => m.Groups["w"].Success ? "water" : m.Groups["r"].Success ? "rest" : m.Value),
        new(["hr", "h"], HoursShort, Hours),
        new([" up"], MinutesToWarmUp, "Warm up ${n} min: ${what}"),
        new([" for "], PartForMinutes, "${w} ${n} min (${more})"),
        new(["b)", "b."], LettersInLine, m => m.Index == 0 ? "" : ", "),
        new(["after"], WaterAfterEach, m => $"{m.Groups["t"].Value} water between rounds"),
        new(["repeat", "as ", "same as"], RepeatAsOther, "${h} same as ${o}"),
    ];

    /// <summary>A line in the words the rest of the reader knows.</summary>
    public static string Of(string text)
    {
        var letters = LettersOf(text);
        foreach (var way in Ways)
            if (way.MayBeIn(text, letters) && way.Reworded(text) is var reworded && !ReferenceEquals(reworded, text))
                (text, letters) = (reworded, LettersOf(reworded));
        return text;
    }

    /// <summary>Which letters and signs a text has, a bit for each letter and one for several of the others: words whose bits it lacks are not in it. All of them where it has any but those of one keyboard.</summary>
    private static ulong LettersOf(string text)
    {
        var bits = 0ul;
        foreach (var c in text)
            bits |= char.IsAsciiLetter(c) ? 1ul << ((c | 0x20) - 'a') : c < 0x80 ? 1ul << (Letters + c % (64 - Letters)) : ulong.MaxValue;
        return bits;
    }

    private const int Letters = 26;

    /// <summary>“1 hr”, “1.5 hrs”, “1h15” in minutes.</summary>
    private static string Hours(Match m) => string.Create(CultureInfo.InvariantCulture, $"{(int)(decimal.Parse(m.Groups["n"].Value.Replace(',', '.'), CultureInfo.InvariantCulture) * 60) + (m.Groups["m"].Success ? int.Parse(m.Groups["m"].Value, CultureInfo.InvariantCulture) : 0)} min");

    /// <summary>“1,5 min” in seconds; any other time as it is.</summary>
    private static string WithoutHalves(string time) => time.AsSpan().IndexOfAny('.', ',') is > 0 and var at && int.TryParse(time[..at], NumberStyles.None, CultureInfo.InvariantCulture, out var whole) && time.Contains('m', StringComparison.OrdinalIgnoreCase) ? string.Create(CultureInfo.InvariantCulture, $"{whole * 60 + 30}s") : time;

    private static string WithoutDots(Match m) => m.Value.Replace(".", "", StringComparison.Ordinal);

    private static string Doubled(Match m) => int.Parse(m.Groups["n"].Value, CultureInfo.InvariantCulture) is <= MostDoubled and var n ? string.Create(CultureInfo.InvariantCulture, $"{n * 2}{m.Groups["u"].Value} reverse halfway") : m.Value;

    private static string Pairs(Match m) => $"{(m.Groups["n"].Success ? $"{m.Groups["n"].Value} rounds: " : "pairs: ")}{m.Groups["a"].Value}, {m.Groups["b"].Value}{(m.Groups["how"].Value.Trim(' ', ',', '-') is { Length: > 0 } how ? $" ({how})" : "")}";

    /// <summary>Several strokes part a list; one may stand before another way.</summary>
    private static string StrokesAsCommas(string text) =>
        text.Count(c => c == '|') > 1 && !text.Contains("| easier", StringComparison.OrdinalIgnoreCase) && !text.Contains("| harder", StringComparison.OrdinalIgnoreCase) ? text.Replace(" | ", ", ", StringComparison.Ordinal) : text;

    /// <summary>A sign between a name and its count, where a line has more than one of them.</summary>
    private static string Several(CardPattern sign, string text) => sign.Count(text) > 1 ? sign.Replace(text, " ") : text;

    /// <summary>“Circuit | 3 rounds”, “warm up = 5 min”: what stands behind the head.</summary>
    private static string Behind(string text, string sign) =>
        text.IndexOf(sign, StringComparison.Ordinal) is > 0 and var at && (CardPhrases.BlockWord.IsMatch(text) || CardPhrases.PartOf(text[..at]) != CardPart.Main) ? $"{text[..at]} - {text[(at + sign.Length)..]}" : text;

    /// <summary>A way of writing: one of its words is in every line that has it, where it has any.</summary>
    private sealed class Way(string[] words, Func<string, string> reworded)
    {
        public Way(string[] words, CardPattern pattern, string becomes)
            : this(words, text => pattern.Replace(text, becomes))
        {
        }

        public Way(string[] words, CardPattern pattern, MatchEvaluator becomes)
            : this(words, text => pattern.Replace(text, becomes))
        {
        }

        private readonly ulong[] letters = [.. words.Select(LettersOf)];

        public bool MayBeIn(string text, ulong of)
        {
            for (var at = 0; at < words.Length; at++)
                if ((letters[at] & ~of) == 0 && text.Contains(words[at], StringComparison.OrdinalIgnoreCase))
                    return true;
            return words.Length == 0;
        }

        public string Reworded(string text) => reworded(text);
    }
}
