using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Lines of rest and water.</content>
public sealed partial class CardReader
{
    private const int MostRested = 3;

    /// <summary>“6. Rest / water” among stations: one of them is to rest. By the minute it has its slot; in a circuit the one before it rests as long.</summary>
    private bool TakesStationOfRest(CardWords line)
    {
        if (Current is not { Part: CardPart.Main, Stations.Count: > 0 } block || block.Stations.Count >= Limits.Stations || block.Stations[^1].Rested >= MostRested || !StationOfRest.IsMatch(line.Text))
            return false;
        if (block.Every is { } every)
        {
            block.Stations.Add(new CardStation(line.Number, "rest") { Amount = string.Create(CultureInfo.InvariantCulture, $"{every}s") });
            Say(line, CardLineKind.Station, "");
            return true;
        }

        block.Stations[^1].Rested++;
        Say(line, CardLineKind.Setting, $"a station to rest after {block.Stations[^1].Name}");
        return true;
    }

    /// <summary>“…, minute 4 is a rest” in a list by the clock: a slot of it; null for anything else.</summary>
    private CardStation? RestInSlot(CardWords line, string part) =>
        Current is { Every: { } every, Part: CardPart.Main } && StationOfRest.IsMatch(part) ? new CardStation(line.Number, "rest") { Amount = string.Create(CultureInfo.InvariantCulture, $"{every}s") } : null;

    private static CardPattern Throughout => field ??= new(@"\b(?:throughout|all\s+the\s+way\s+through|everywhere|for\s+everything)\b", RegexOptions.IgnoreCase);

    /// <summary>“Water after round 2”: a drink in the place of that gap; any other break there is kept in words, as no sheet can say it.</summary>
    private bool TakesWaterAfterRound(CardWords line)
    {
        if (Current is not { Part: CardPart.Main } block || AfterRound.Match(line.Text) is not { Success: true } m)
            return false;
        var round = m.Groups["n"].Value.ToLowerInvariant() switch { "first" or "one" => 1, "second" or "two" => 2, "third" or "three" => 3, var n => int.Parse(n, CultureInfo.InvariantCulture) };
        var seconds = m.Groups["t"].Success ? Scan(m.Groups["t"].Value, isLine: false).Length ?? 60 : 60;
        // After the first of two rounds is between rounds.
        if (block.RoundsLow == 2 && round == 1)
            return false;
        if (!m.Groups["water"].Success || block.IsLinked || block.IsStraight)
        {
            Note(line);
            return true;
        }

        block.WaterAfter = (seconds, round);
        Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"after round {round} of {block.Name}: {seconds} s, with water"));
        if (!m.Groups["t"].Success)
            Ask(line, $"how long for the drink after round {round}?", [.. new[] { "60 s", "30 s", "90 s" }.Select(t => ($"{t}, with water", $"{t} {line.Text}"))]);
        return true;
    }

    /// <summary>“2 min between sets” below “Set 1” and “Set 2”: between blocks that are called so.</summary>
    private bool IsBetweenNamed(string text) => BetweenThings.Match(text) is { Success: true } m && blocks.Count(b => b.Part == CardPart.Main && b.Name.StartsWith(m.Groups["w"].Value + " ", StringComparison.OrdinalIgnoreCase) && b.Name.Any(char.IsAsciiDigit)) > 1;

    /// <summary>“Tabata 1 - …” and “Tabata 2 - …”: the last two blocks have a number each, and their moves on their own line.</summary>
    private bool AreNumberedLists() => blocks.Count > 1 && blocks.TakeLast(2).All(b => b is { Part: CardPart.Main, Stations.Count: > 1 } && char.IsAsciiDigit(b.Name[^1]) && b.Stations.TrueForAll(s => s.Line == b.Line));

    /// <summary>“Tabata 1”, “Tabata 2”: the last two blocks are tabatas.</summary>
    private bool AreTabatas() => blocks.Count > 1 && blocks.TakeLast(2).All(b => b is { Part: CardPart.Main, Stations.Count: > 0, After: null } && b.Name.StartsWith("tabata", StringComparison.OrdinalIgnoreCase));

    /// <summary>Whether a block goes round several times, its moves on its own line, and has no rest between rounds yet.</summary>
    private static bool IsRoundOnLine(CardBlock block) => block is { Part: CardPart.Main, RoundsLow: > 1, Between: null, After: null, IsLinked: false, IsStraight: false, Every: null, IsAmrap: false, Scheme: null, Stations.Count: > 1 } && block.Stations.TrueForAll(s => s.Line == block.Line);

    /// <summary>Whether a block's moves stand on its own line and it has no rest between them yet.</summary>
    private static bool IsOpenList(CardBlock block) => block is { Part: CardPart.Main, Rest: null, IsLinked: false, IsStraight: false, Every: null, IsAmrap: false, Scheme: null, Stations.Count: > 1 } && block.Stations.TrueForAll(s => s.Line == block.Line && s.Rest is null);

    /// <summary>Whether a block goes round by counts and has no rest yet.</summary>
    private static bool IsCounted(CardBlock block) => block is { RoundsLow: > 1, Work: null, Between: null, Every: null, IsAmrap: false, Scheme: null, Stations.Count: > 1 } && block.Stations.TrueForAll(s => s is { Amount: not null, Rest: null });

    /// <summary>A line that says nothing but a rest, or that it is time to drink.</summary>
    private bool TakesGap(CardWords line)
    {
        if (Current is not { } block)
            return false;
        // “2 min break after lap 1” of two laps is between them.
        if (block.RoundsLow == 2 && AfterFirst.IsMatch(line.Text))
            line = line with { Text = AfterFirst.Replace(line.Text, "between rounds") };
        // “60s” alone below a pair, sets or counted rounds is their rest.
        if (TimeAlone.IsMatch(line.Text) && block is { Part: CardPart.Main, Stations.Count: > 0, Rest: null } && (block.Letter is not null || block.IsSuperset || block.IsStraight || IsCounted(block)) && Scan(line.Text, isLine: false).Length is { } alone)
        {
            Gap(block, alone, CardGap.Unsaid, onHead: false);
            block.IsRested = block.IsStraight;
            Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"rest {alone} s"));
            return true;
        }

        // “60s” alone between a block and the next one's head is the gap after it.
        if (TimeAlone.IsMatch(line.Text) && block is { Part: CardPart.Main, Stations.Count: > 1, After: null } && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } then && (Scan(then.Text, isLine: false) is { SaysBlock: true } || Begin(then.Text).Success) && !IsStation(then.Text) && Scan(line.Text, isLine: false).Length is { } gone)
        {
            block.After = gone;
            Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"after {block.Name}: {gone} s"));
            return true;
        }

        var scan = Scan(line.Text, isLine: false);
        if (scan is { IsDrinkOpen: true, Gaps.Count: 0 })
        {
            Applied(block, scan, line, isSetting: false);
            if (!IsEmpty(scan.Left))
                beside.Add(scan.Left);
            Say(line, CardLineKind.Setting, $"between rounds of {block.Name}: {block.Between} s, with water");
            return true;
        }

        var drinks = scan.SaysWater || Drink.IsMatch(WithoutStops(scan.Left));
        if (scan.Gaps.Count > 0 && (IsEmpty(scan.Left) || drinks))
        {
            // “A minute in between” below a list that is gone round by counts: between the rounds.
            if (scan.Gaps is [(_, _, CardGap.Moves)] && IsCounted(block) && JustBetween.IsMatch(line.Text))
                scan = Scan(JustBetween.Replace(line.Text, "between rounds"), isLine: false);
            if (!IsEmpty(scan.Left) && !Drink.IsMatch(WithoutStops(scan.Left)))
                block.Notes.Add(scan.Left);
            // “1 min between blocks”, below several: after each of them but the last.
            if ((BetweenBlocks.IsMatch(line.Text) || IsBetweenNamed(line.Text) || (BetweenEach.IsMatch(line.Text) && AreNumberedLists()) || (JustBetween.IsMatch(line.Text) && AreTabatas())) && blocks.FindAll(b => b.Part == CardPart.Main && b.Stations.Count > 0) is { Count: > 1 } several && several[^1] == block)
            {
                foreach (var one in several.SkipLast(1))
                    (one.After, one.Water) = (one.After ?? scan.Gaps[0].Seconds, one.Water || drinks);
                Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"{scan.Gaps[0].Seconds} s between blocks"));
                return true;
            }

            // “30 s rest between exercises” below the stretch at the end: of every block that has not said its own.
            var isThroughout = Throughout.IsMatch(line.Text) && block.Part == CardPart.Main;
            if ((block.Part == CardPart.CoolDown || isThroughout) && scan.Gaps is [(var rested, var longestRest, var where)] && (isThroughout || where is CardGap.Moves or CardGap.Rounds) && blocks.FindAll(b => b is { Part: CardPart.Main, Stations.Count: > 0, Every: null, IsAmrap: false } && (where == CardGap.Moves || b.IsLinked || b.IsStraight ? b.Rest is null : b.Between is null && b.RoundsLow > 1)) is { Count: > 0 } ofAll)
            {
                ofAll.ForEach(b => Gap(b, rested, where, onHead: false, longestRest));
                Say(line, CardLineKind.Setting, string.Join(" · ", ofAll.Select(b => b.Told())));
                return true;
            }

            // “Rest 60 s between sets” below several supersets that do not say theirs: of all of them.
            if (block.IsLinked && scan.Gaps is [(var all, var most, CardGap.Rounds or CardGap.Moves)])
                foreach (var pair in blocks.AsEnumerable().Reverse().Skip(1).TakeWhile(b => b is { IsLinked: true, Rest: null, RoundsLow: > 1 }))
                    (pair.Rest, pair.RestHigh) = (all, most);
            // “90s rest” below sets that nothing parts: of all of them.
            var isGoingOn = block.IsUnnamed || blocks.Exists(b => b != block && block.Name.StartsWith(b.Name + " ", StringComparison.OrdinalIgnoreCase) && block.Name[(b.Name.Length + 1)..].All(char.IsAsciiDigit));
            if (block is { IsStraight: true } && isGoingOn && scan.Gaps is [(var every, var longest, not CardGap.After)])
                for (var at = blocks.Count - 2; at >= 0 && blocks[at] is { IsStraight: true, Rest: null, Between: null, After: null, Stations.Count: > 0 } list && list.Stations.TrueForAll(s => s.Rest is null) && list.Stations[^1].Line + 1 >= blocks[at + 1].Line && blocks[at + 1].Stations[0].Line == blocks[at + 1].Line; at--)
                    (list.Rest, list.RestHigh) = (every, longest);
            // “15 s rest between exercises” below several lists, each on its line: of all of them.
            if (scan.Gaps is [(var pause, var upTo, CardGap.Moves)] && IsOpenList(block))
                foreach (var list in blocks.AsEnumerable().Reverse().Skip(1).TakeWhile(IsOpenList))
                    (list.Rest, list.RestHigh) = (pause, upTo);
            // “1 min between rounds” below several circuits, each on its line with its rounds: of all of them.
            if (scan.Gaps is [(var round, null, CardGap.Rounds)] && IsRoundOnLine(block))
                foreach (var list in blocks.AsEnumerable().Reverse().Skip(1).TakeWhile(IsRoundOnLine))
                    list.Between = round;
            block.IsRested = block.IsStraight && scan.Gaps[0].For == CardGap.Unsaid;
            // A rest below a block whose moves stood on its own line comes after it.
            var closes = block is { Part: CardPart.Main, IsStraight: false } && !(block.RoundsLow > 1) && !block.IsLinked && block.Stations.Count > 1 && block.Stations.TrueForAll(s => s.Line == block.Line);
            closes |= (block.Every is not null || block.IsAmrap || block.Name.StartsWith("tabata", StringComparison.OrdinalIgnoreCase)) && block.Stations.Count > 0;
            // Where another head comes next, the rest is the one before it: below a ladder, or below moves that stood on one line.
            closes |= block is { Part: CardPart.Main, Stations.Count: > 0 } && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next
                && (block.Scheme is not null ? (block.Rest is null || block.Rest != scan.Gaps[0].Seconds) && (BeginsBlock(next.Text) || SameAgain.IsMatch(next.Text)) : block is { Work: not null, Rest: not null, IsLinked: false } && block.Stations.TrueForAll(s => s.Line == block.Line) && Listed(next.Text).Items is not null);
            // “60 s rest” in the list of a circuit, and a longer one set apart from it before the next.
            closes |= block is { Part: CardPart.Main, RoundsLow: > 1, IsLinked: false, IsStraight: false, After: null } && (block.Between ?? (block.Stations.Count > 0 ? block.Stations[^1].Rest : null)) < scan.Gaps[0].Seconds && IsSetApart(line) && words.Exists(w => w.Number > line.Number && BeginsBlock(w.Text));
            foreach (var (seconds, high, gap) in scan.Gaps.Select(g => closes && g.For == CardGap.Unsaid ? (g.Seconds, g.High, CardGap.After) : g))
                Gap(block, seconds, drinks && gap != CardGap.Rounds ? CardGap.After : gap, onHead: false, high);
            // A rest between rounds has one length: the longer is kept in words.
            if (scan.Gaps.Exists(g => g.High is not null) && block is { RestHigh: null, IsStraight: false, IsLinked: false })
                beside.Add(AsTyped(line));
            var inBetween = drinks && scan.Gaps.Exists(g => g.For == CardGap.Rounds);
            (block.Water, block.WaterBetween) = (block.Water || (drinks && !inBetween), block.WaterBetween || inBetween);
            block.AfterLine = drinks && !inBetween ? line.Number : block.AfterLine;
            Say(line, CardLineKind.Setting, drinks ? $"{(inBetween ? "between rounds of" : "after")} {block.Name}: {scan.Gaps[0].Seconds} s, with water" : $"rest {scan.Gaps[0].Seconds} s");
            return true;
        }

        if (scan.SaysNoRest && IsEmpty(scan.Left))
        {
            block.SaysNoRest = true;
            Say(line, CardLineKind.Setting, "no rest");
            return true;
        }

        if (RestsFreely.IsMatch(line.Text) || (scan.Gaps.Count > 0 && BeginsWithRest.IsMatch(line.Text)))
        {
            Note(line);
            return true;
        }

        if (AfterRounds.IsMatch(line.Text) && scan.Gaps.Count == 0)
        {
            Note(line);
            return true;
        }

        if (!drinks)
            return false;
        (block.After, block.Water, block.AfterLine) = (scan.Length ?? block.After ?? 60, true, line.Number);
        SayDrink(block, line);
        if (scan.Length is null)
            Ask(line, $"how long for the drink after {block.Name}?", ("60 s, with water", $"{line.Text.TrimEnd('!', '.')} 60s"), ("30 s", $"{line.Text.TrimEnd('!', '.')} 30s"), ("90 s", $"{line.Text.TrimEnd('!', '.')} 90s"));
        return true;
    }

    /// <summary>Whether nothing stands on the line above.</summary>
    private bool IsSetApart(CardWords line) => words.Find(w => w.Number == line.Number - 1) is { Text.Length: 0 };

    private void SayDrink(CardBlock block, CardWords line) => Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"after {block.Name}: {block.After} s, with water"));
}
