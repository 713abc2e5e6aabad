using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>“Repeat 3 times” at the end of a block that has said how often.</content>
public sealed partial class CardReader
{
    private const int LongestNamed = 45;

    /// <summary>How often is said once: again it is the same, or kept in words.</summary>
    private bool TakesRepeat(CardWords line, CardScan scan, bool isEmpty)
    {
        var isRepeat = RepeatAlone.IsMatch(line.Text);
        if (Current is not { Part: CardPart.Main, RoundsLow: not null, Stations.Count: > 0 } block || !(isRepeat || (isEmpty && scan.RoundsLow is not null)))
            return false;
        var saysMore = scan is not { Work: null, Scheme: null, Every: null, IsAmrap: false, Length: null, Gaps.Count: 0, RepsLow: null, Sets: null };
        // Moves below it are a block of their own.
        var isLast = words.Find(w => w.Number > line.Number && w.Text.Length > 0) is not { } next || PartOf(next.Text) != CardPart.Main || Begin(next.Text).Success;
        if (saysMore || !isLast)
            return false;
        if (scan.RoundsLow is null || scan.RoundsLow == block.RoundsLow)
            Say(line, CardLineKind.Setting, block.Told());
        else
            Note(line);
        return true;
    }

    /// <summary>“Repeat for 12 mins”, “= 12 min”, “repeat” below moves that are done one a minute: how long all of it takes, and nothing else.</summary>
    private bool TakesMinutesInAll(CardWords line)
    {
        if (Current is not { Part: CardPart.Main, Every: not null, Stations.Count: > 0 } block)
            return false;
        var total = block.Total ?? block.Length;
        if (MinutesInAll.Match(line.Raw.TrimStart() is ['=', ..] sum ? sum : line.Text) is { Success: true } m && int.Parse(m.Groups["n"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture) * 60 is var said)
        {
            if (total is null && block.RoundsLow is null)
                block.Total = said;
            else if (said != (total ?? block.Every * block.Stations.Count * block.RoundsLow))
                Note(line);
        }
        else if (!RepeatAlone.IsMatch(line.Text) || line.Text.Any(char.IsAsciiDigit) || (total is null && block.RoundsLow is null))
        {
            return false;
        }

        settings[line.Number] = block;
        return true;
    }

    private static CardPattern MinutesInAll => field ??= new(@"^(?:(?:(?:and\s+|then\s+)?(?:repeat|continue|carry\s+on|keep\s+going|go|cycle|rotate|alternate)(?:\s+(?:through|round|around|this|these|it|them|all|the|minutes?|moves?))*\s+(?:for|until|till)|for|=|total(?:\s+of|:|\s+time:?)?)\s*(?:a\s+total\s+of\s+)?(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')|(?<n>[0-9]{1,2})\s*(?:mins?|minutes?|')(?=\s+(?:in\s+)?(?:total|all)))(?:\s+(?:(?:in\s+)?total|in\s+all|altogether))?[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“Repeat 3-7” below seven moves: the last five once more.</summary>
    private bool TakesRange(CardWords line)
    {
        if (RepeatRange.Match(line.Text) is not { Success: true } range || Current is not { Part: CardPart.Main, RoundsLow: null, Letter: null, IsSuperset: false } block)
            return false;
        var (from, to) = (int.Parse(range.Groups["a"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture), int.Parse(range.Groups["b"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture));
        if (from < 1 || from >= to || to != block.Stations.Count)
            return false;
        if (from > 1)
        {
            var again = new CardBlock(block.Stations[from - 1].Line, FreeName("A"), CardPart.Main) { Work = block.Work, Rest = block.Rest };
            again.Stations.AddRange(block.Stations.Skip(from - 1));
            block.Stations.RemoveRange(from - 1, block.Stations.Count - from + 1);
            blocks.Add(again);
        }

        Current.RoundsLow = 2;
        settings[line.Number] = Current;
        return true;
    }

    /// <summary>“AMRAP 12 mins” below moves that are counted, with nothing of its own below it: how they run.</summary>
    private bool TakesAmrapBelow(CardWords line, CardScan scan)
    {
        if (scan is not { IsAmrap: true, Length: not null } || Current is not { Part: CardPart.Main, HasSettings: false, Stations.Count: > 1 } block || !block.Stations.TrueForAll(s => s is { Amount: not null, Sets: null }))
            return false;
        var isLast = words.Find(w => w.Number > line.Number && w.Text.Length > 0) is not { } next || PartOf(next.Text) != CardPart.Main || Begin(next.Text).Success;
        return isLast && Applied(block, scan, line);
    }

    /// <summary>“Main x 3” below the block of that name: how often it goes round.</summary>
    private bool TakesRoundsOfNamed(CardWords line)
    {
        if (blocks.Count == 0 || line.Text.Length > LongestNamed || NamedTimes.Match(line.Text) is not { Success: true } m || blocks.Find(b => b is { RoundsLow: null, Scheme: null, Stations.Count: > 0 } && b.Name.Equals(m.Groups["name"].Value, StringComparison.OrdinalIgnoreCase)) is not { } block)
            return false;
        block.RoundsLow = int.Parse(m.Groups["n"].ValueSpan, System.Globalization.CultureInfo.InvariantCulture);
        settings[line.Number] = block;
        return true;
    }

    /// <summary>“3 sets of each, rest 60” below a list: of one move before the next.</summary>
    private bool TakesSetsOfEach(CardWords line)
    {
        if (!SetsOfEachBelow.IsMatch(line.Text) || Current is not { Part: CardPart.Main, Stations.Count: > 0, RoundsLow: null, Work: null, Scheme: null, Every: null, IsAmrap: false, IsLinked: false } block
            || block.Stations.Exists(s => s.Sets is not null) || Scan(line.Text, isLine: false) is not { Sets: { } sets } scan || scan.Gaps.Count > 1)
            return false;
        block.Stations.ForEach(s => s.Sets = sets);
        if (scan.Gaps is [var gap])
            (block.Rest, block.RestHigh) = (gap.Seconds, gap.High);
        settings[line.Number] = block;
        return true;
    }

    /// <summary>Whether a line of moves stands below the rounds of those above it, and has rounds of its own below: “squats x10”, “3 rounds”, “sit-ups x10”, “3 rounds”.</summary>
    private bool BeginsBelowRounds(CardWords line)
    {
        bool AreDone(string text) => Commas.Split(text).All(p => Scan(p) is { SaysBlock: false } one && (one.Amount is not null || Understood(WithoutBrackets(one.Left)) is not null));
        bool SaysRounds(string text) => Scan(text, isLine: false) is { RoundsLow: > 1, Work: null } scan && IsEmpty(scan.Left);
        if (Current is not { Part: CardPart.Main, RoundsLow: > 1, Stations.Count: > 0, Letter: null, IsLinked: false } block || LineAbove(line) is var above && (settings.GetValueOrDefault(above) != block || above <= block.Stations[^1].Line) || blocks.Count >= Plans.Limits.Blocks || !AreDone(line.Text))
            return false;
        return words.Where(w => w.Number > line.Number && w.Text.Length > 0).SkipWhile(w => !SaysRounds(w.Text) && w.Letter is null && AreDone(w.Text)).FirstOrDefault() is { } below && SaysRounds(below.Text);
    }

    /// <summary>“3 x 10” below moves of which nothing is said: so many sets of each of them.</summary>
    private bool TakesSetsBelow(CardWords line)
    {
        if (line.Text is not [>= '1' and <= '9', ..] || Current is not { Part: CardPart.Main, Stations.Count: > 0, HasSettings: false, RoundsLow: null, Work: null, Letter: null, IsLinked: false } block || block.Stations.Exists(s => s.Sets is not null || s.Amount is not null)
            || Scan(line.Text, isLine: false) is not { Sets: not null, Amount: not null, Load: null, Remark: null, Gaps.Count: < 2 } scan || !IsEmpty(scan.Left))
            return false;
        block.Stations.ForEach(s => s.Take(scan));
        if (scan.Gaps is [var gap])
            (block.Rest, block.RestHigh) = (gap.Seconds, gap.High);
        settings[line.Number] = block;
        return true;
    }

    private static CardPattern SetsOfEachBelow => field ??= new(@"^(?:do\s+)?[2-9]\s*sets?\s+(?:of\s+)?(?:each|every)(?:\s+(?:one|move|exercise))?(?:\s+before\s+(?:moving|going|you\s+move)\s+on)?(?:\s*[,;-]?\s+(?:with\s+)?(?:rest\s+)?[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)?(?:\s+(?:rest|off))?(?:\s+(?:in\s+)?between(?:\s+sets)?)?)?\.?$", RegexOptions.IgnoreCase);

    private static CardPattern NamedTimes => field ??= new(@"^(?<name>[a-z][a-z0-9 -]{1,24}?)\s*(?:[:,-]\s*)?(?:x\s?(?<n>[2-9])|(?<n>[2-9])\s?x|(?<n>[2-9])\s+(?:rounds|times))\.?$", RegexOptions.IgnoreCase);

    /// <summary>“Repeat both rounds”: the two above, once more; asked.</summary>
    private bool TakesBothAgain(CardWords line)
    {
        if (!RepeatBoth.IsMatch(line.Text))
            return false;
        // Two moves of one block: again, where it is not said how often.
        if (Current is { Part: CardPart.Main, Stations.Count: 2 } two && blocks.Count(b => b is { Part: CardPart.Main, Stations.Count: > 0 }) == 1)
        {
            if (two.RoundsLow is null)
                (two.RoundsLow, settings[line.Number]) = (2, two);
            else
                Note(line);
            return true;
        }

        if (blocks.FindAll(b => b is { Part: CardPart.Main, Stations.Count: > 0 }) is not { Count: > 1 } done || blocks.Count + 2 > Plans.Limits.Blocks)
            return false;
        foreach (var block in done.TakeLast(2))
            blocks.Add(block.Again(line.Number, FreeName(block.Name)));
        Ask(line, "both of them again?", ("again", line.Raw), ("a note", $"note: {line.Raw.Trim()}"));
        Say(line, CardLineKind.Block, string.Join(" · ", blocks.TakeLast(2).Select(b => b.Name)));
        return true;
    }
}
