using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>The moves behind a block's head on its own line, and what is said among them of how they are done.</content>
public sealed partial class CardReader
{
    /// <summary>Seconds behind a list that are of all of it.</summary>
    private const int LeastOfAll = 120;

    /// <summary>Names before which sets behind the last may be of all.</summary>
    private const int MostOfOne = 6;

    /// <summary>Gives a block the moves on its line, and what they are done by.</summary>
    private void TakeItems(CardBlock block, string items, CardPart part, CardWords line)
    {
        items = WithoutHowBehind(block, items, part, line);
        items = WithoutHowAtOnce(block, items, line);
        var each = Scan(items, isLine: false);
        if (each.IsEach && Commas.Split(items) is var own && own.Count(i => Scan(i).Length is not null) < 2 && !Array.Exists(own, i => Scan(i) is { RepsLow: not null, Length: null }))
            block.Work ??= each.Length;

        // “Finisher: 3 rounds 30/30 - plank, dead bug”: how it runs stands before the moves.
        if (items.IndexOf(" - ", StringComparison.Ordinal) is > 0 and var dash && Scan(items[..dash], isLine: false) is { SaysBlock: true } how && IsEmpty(how.Left))
        {
            Applied(block, how, line, isSetting: false);
            items = items[(dash + 3)..];
        }

        if (block.Scheme is null && each.Scheme is not null)
            (block.Scheme, items) = (each.Scheme, each.Left);
        TakeStations(line, items, isListed: true);
    }

    /// <summary>The list without how it runs behind the last move.</summary>
    private string WithoutHowBehind(CardBlock block, string items, CardPart part, CardWords line)
    {
        // “… crunches. 1 min rest between sets.”: how it runs stands after the moves.
        if (items.LastIndexOf(". ", StringComparison.Ordinal) is > 0 and var stop && Scan(items[(stop + 2)..], isLine: false) is { } ending && (ending.SaysBlock || ending.Gaps.Count > 0) && IsEmpty(ending.Left))
        {
            Applied(block, ending, line, isSetting: false);
            items = items[..stop];
        }

        // “Biceps: curls, hammer curls - 30s each, no rest”, “warm-up: march, arm circles (6 mins)”.
        if (HowAtEnd.Match(items) is { Success: true } end && Scan(end.Groups["how"].Value, isLine: false) is { Any: true } at && IsEmpty(at.Left) && (Parted(end.Groups["items"].Value, isShort: true).Count > 1 || part != CardPart.Main))
        {
            if (at is { Length: { } long_, IsEach: false } && (part != CardPart.Main || (long_ >= LeastOfAll && at is { SaysBlock: false, Gaps.Count: 0 })))
                block.Length ??= long_;
            else
                Applied(block, at, line, isSetting: false);
            items = end.Groups["items"].Value;
        }

        // “Core: plank 1 min, side plank 30s, bridge 1 min x 2”: of all of them, where each has its time.
        if (part == CardPart.Main && block is { RoundsLow: null, Work: null } && TimeThenRounds.Match(line.Raw) is { Success: true } round && SetsLast.Match(items) is { Success: true } set && set.Groups["n"].Value == round.Groups["n"].Value && $"{set.Groups["items"].Value}{set.Groups["t"].Value}" is var whole && Commas.Split(whole) is { Length: > 2 } timed && Array.TrueForAll(timed, i => Scan(i) is { Length: not null, Sets: null }))
        {
            var (often, before) = (round.Groups["n"].Value, round.Groups["items"].Value);
            block.RoundsLow = int.Parse(often, System.Globalization.CultureInfo.InvariantCulture);
            items = whole;
            Ask(line, $"x {often}: all of them?", ("all of them", $"{before}, {often} rounds"), ("the last alone", TimeAtEnd.Replace(before, $"{often} x ${{t}}")));
        }

        // “Warm-up: shoulder rolls, marching 5 mins”: the minutes are the part's.
        if (part != CardPart.Main && block.Length is null && MinutesAtEnd.Match(items) is { Success: true } last && Commas.Split(last.Groups["items"].Value) is { Length: > 1 } others && others.All(i => Scan(i) is { Amount: null }))
        {
            block.Length = Scan(last.Groups["t"].Value, isLine: false).Length;
            items = last.Groups["items"].Value;
        }

        // “Swings, rows, rest as needed”: a rest that everybody measures for themselves.
        if (items.LastIndexOf(", ", StringComparison.Ordinal) is > 0 and var own && AsNeeded.IsMatch(items[own..]) && !items[(own + 2)..].Any(char.IsAsciiDigit))
        {
            beside.Add(items[(own + 2)..].TrimEnd('.'));
            items = items[..own];
        }

        if (Commas.Split(items) is { Length: > 1 } pieces && pieces.ToLookup(p => TakesTime.IsMatch(p.Trim(' ', '.'))) is var told && told[true].Any())
        {
            beside.AddRange(told[true].Select(p => p.Trim(' ', '.')));
            items = string.Join(", ", told[false]);
        }

        items = WithoutSetsOfAll(block, items, line);
        if (WithoutRemark(items) is { Remark: { } remark } plain)
        {
            beside.Add(remark);
            items = plain.Items;
        }

        // “Carry: farmers, suitcase, 40 s each, 20 s change”.
        if (HowBehind(items) is { How: { Count: > 0 } behind } ended)
        {
            foreach (var said in behind)
                Applied(block, Scan(said, isLine: false), line, isSetting: false);
            items = ended.Items;
        }

        return items;
    }

    private static CardPattern MinutesAtEnd => field ??= new(@"^(?<items>.*[a-z])\s+(?<t>[3-9]\s*(?:mins?|minutes?)|1\d\s*(?:mins?|minutes?))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Goblet squat, row, press 3 x 12”: sets behind the last of bare names are of all of them, asked about.</summary>
    private string WithoutSetsOfAll(CardBlock block, string items, CardWords line)
    {
        if (Commas.Split(items) is not { Length: > 1 and <= MostOfOne } names || Scan(names[^1]) is not { Sets: not null, Amount: not null, Load: null, Tempo: null, Gaps.Count: 0 } last || Understood(last.Left) is null
            || names.SkipLast(1).Any(n => Scan(n) is not { Any: false } || Understood(n.Trim()) is null) || names[^1].IndexOf(last.Left, StringComparison.Ordinal) is not 0)
            return items;
        var sets = names[^1][last.Left.Length..].Trim(' ', ',', '-');
        Applied(block, Scan(sets, isLine: false), line, isSetting: false);
        var at = line.Raw.LastIndexOf(last.Left, StringComparison.Ordinal);
        if (at > 0)
            Ask(line, $"{sets}: of each?", ("of each", line.Raw.Insert(at + last.Left.Length, " -")), ($"of {last.Left} alone", $"{line.Raw[..at].TrimEnd(' ', ',')}\n{line.Raw[at..]}"));
        return string.Join(", ", names.SkipLast(1).Append(last.Left));
    }

    /// <summary>The list without how it runs before its first move, beside its only one, or beside its last.</summary>
    private string WithoutHowAtOnce(CardBlock block, string items, CardWords line)
    {
        // “Warm up: 2 rounds of 5 inchworms, 10 good mornings”.
        if (RoundsOf.Match(items) is { Success: true } lead && block.RoundsLow is null && Parted(items[lead.Length..], isShort: true).Count > 1)
        {
            Applied(block, Scan(lead.Value, isLine: false), line, isSetting: false);
            items = items[lead.Length..];
        }

        // “Finisher: burpees 20 on 10 off x 8”.
        if (Scan(items, isLine: false) is { SaysBlock: true } within && Parted(items).Count == 1 && Understood(Scan(within.Left).Left) is not null)
        {
            Applied(block, within, line, isSetting: false);
            items = within.Left;
        }

        // “Legs: 4 x 45/15 squat, lunge L, lunge R”.
        if (Commas.Match(items) is { Success: true } stroke && Scan(items[..stroke.Index], isLine: false) is { SaysBlock: true } runs && (runs.Work is not null || runs.RoundsLow is not null) && Understood(runs.Left) is not null && !LapsOf.IsMatch(items[..stroke.Index]))
        {
            Applied(block, runs, line, isSetting: false);
            items = runs.Left + items[stroke.Index..];
        }

        // “Main: squats, push-ups, planks 45/15 x3”.
        if (items.LastIndexOf(',') is > 0 and var close && Scan(items[(close + 1)..], isLine: false) is { SaysBlock: true, Scheme: null } closing && (closing.Work is not null || closing.RoundsLow is not null) && Understood(closing.Left) is not null)
        {
            Applied(block, closing, line, isSetting: false);
            items = items[..(close + 1)] + " " + closing.Left;
        }

        return items;
    }

    private static CardPattern TimeThenRounds => field ??= new(@"^(?<items>.+[0-9]\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s+x\s*(?<n>[2-5])\.?$", RegexOptions.IgnoreCase);

    /// <summary>“…, bridge 2x1 min”.</summary>
    private static CardPattern SetsLast => field ??= new(@"^(?<items>.+,.*\s)(?<n>[2-5])\s*x\s*(?<t>[0-9]+\s*(?:s|secs?|seconds?|m|mins?|minutes?))\.?$", RegexOptions.IgnoreCase);

    private static CardPattern TimeAtEnd => field ??= new(@"(?<t>[0-9]+\s*(?:s|secs?|seconds?|m|mins?|minutes?))$", RegexOptions.IgnoreCase);
}
