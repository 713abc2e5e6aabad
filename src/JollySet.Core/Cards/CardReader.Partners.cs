using System.Buffers;
using System.Text.RegularExpressions;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>What two partners do at a time, then the other way round: “partner 1 planks while partner 2 does 10 squats, swap, 4 times”.</content>
public sealed partial class CardReader
{
    /// <summary>Takes a line that tells what each of two does as a list of both; the line itself is kept beside it. False where one of the two does nothing that is known.</summary>
    private bool TakesPartners(CardWords line)
    {
        if (!line.Raw.AsSpan().ContainsAny(PartnerWords) || IGoYouGo.IsMatch(AsTyped(line)) || Partners.Match(NumberBefore.Replace(AsTyped(line), "")) is not { Success: true } m || (m.Groups["bare"].Success && !SaysTwo.IsMatch(m.Value) && !(Current is { } head && (head == paired || (head.Stations.Count == 0 && SaysTwo.IsMatch(head.Name))))) || Done(m.Groups["a"].Value) is not { } one || Done(m.Groups["b"].Value) is not { } other)
            return false;
        var (how, left) = HowOften(m.Groups["tail"].Value);
        if (!IsEmpty(left))
            return false;
        // What the next two do below them goes on in their block.
        var isOfHead = Current is { HasSettings: true, Stations.Count: 0, Part: CardPart.Main } || (Current is not null && Current == paired && !how.Any);
        if (!isOfHead && blocks.Count >= Limits.Blocks)
            return false;
        if (!isOfHead)
            blocks.Add(new CardBlock(line.Number, FreeName("pairs"), CardPart.Main));
        beside.Add(AsTyped(line));
        TakeStations(line, $"{one}, {other}", isListed: true);
        paired = Current;
        // “Swap every 30 secs” is when those two swap, not how the block runs: it stands in the line that is kept.
        if (how is { Any: true, Every: null, Scheme: null, IsAmrap: false })
            Applied(Current!, how, line, isSetting: false);
        return true;
    }

    /// <summary>“P1 works / P2 rests, swap every 30s”, “I go you go, 30s each”: so long on and as long off; the line itself is kept beside it.</summary>
    private bool TakesIGoYouGo(CardWords line)
    {
        if (StrokeOfTwo(line))
            return true;
        var typed = AsTyped(line);
        // “P1 works, P2 rests” above “swap every 30s”.
        if (OneWorks.IsMatch(typed) && words.Find(w => w.Number > line.Number) is { } below && SwapsEvery.IsMatch(AsTyped(below)))
        {
            Note(line);
            return true;
        }

        if (SwapsEvery.Match(typed) is { Success: true } swap && !line.Text.StartsWith($"{swap.Groups["t"].Value} on", StringComparison.Ordinal) && words.FindLast(w => w.Number < line.Number) is { } above && OneWorks.Match(AsTyped(above)) is { Success: true } both)
        {
            var (often, doesOneHold) = (swap.Groups["t"].Value, both.Groups["holds"].Success);
            Take(line with { Text = $"{often} on{(doesOneHold ? "" : $", {often} off")}" }, isFirst: false);
            if (doesOneHold)
                ofTwo = Current;
            return true;
        }

        // “Part 1 (12') - A holds, B works, …”: the block's name first.
        var name = typed.AsSpan().ContainsAny(PartnerWords) && HeadOfTwo.Match(typed) is { Success: true } head && (BeginsBlock(head.Groups["h"].Value + ":") || WordOfBlock.IsMatch(head.Groups["h"].Value)) ? head.Value : "";
        if (IGoYouGo.Match(typed[name.Length..]) is not { Success: true } m || $"{name}{m.Groups["t"].Value} on{(m.Groups["holds"].Success ? "" : $", {m.Groups["t"].Value} off")}" is var how && how == line.Text)
            return false;
        beside.Add(typed);
        Take(line with { Text = how }, isFirst: false);
        if (m.Groups["holds"].Success)
            ofTwo = Current;
        return true;
    }

    private static CardPattern OneWorks => field ??= new(@"^(?:(?:in\s+)?(?:pairs|twos|partners)\s*[:,-]\s*)?(?:(?:partner|person)\s*(?:1|a|one)|p\s?1|a|1|one)\s+(?:works?|goes|(?<holds>holds?))\b[^0-9]{0,12}(?:(?:partner|person)\s*(?:2|b|two)|p\s?2|b|2|(?:the\s+)?other)(?:\s+one)?\s+(?:rests?|recovers?|(?:works?|(?<holds>holds?)))[\s.,;]*$", RegexOptions.IgnoreCase);

    private static CardPattern SwapsEvery => field ??= new(@"^(?:then\s+)?(?:swap|switch|change)(?:\s*(?:over|places|roles))?\s*(?:every|after|at)\s+(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?)|[1-3]\s*(?:mins?|minutes?))[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>The block in which each line is what the one does and what the other.</summary>
    private CardBlock? ofTwo;

    /// <summary>“Plank / press-ups” where one holds and the other works: the two, one after the other for each of them.</summary>
    private bool StrokeOfTwo(CardWords line)
    {
        if (ofTwo is null || Current != ofTwo || line.Text.Split('/', StringSplitOptions.TrimEntries) is not [var one, var other] || Understood(one) is null || Understood(other) is null)
            return false;
        TakeStations(line, $"{one}, {other}", isListed: true);
        return true;
    }

    private static CardPattern WordOfBlock => field ??= new(@"\b(?:block|circuit|part|round|set|section|pairs?|finisher)\b", RegexOptions.IgnoreCase);

    private static CardPattern HeadOfTwo => field ??= new(@"^(?<h>[a-z][a-z0-9 ]{2,20}(?:\s*\([^)]{1,12}\))?)\s*(?::|\s-)\s+(?=\S)", RegexOptions.IgnoreCase);

    private static CardPattern IGoYouGo => field ??= new(@"^(?:(?:in\s+)?(?:pairs|twos|partners)\s*[:,-]\s*)?(?:(?:(?:partner|person)\s*(?:1|a|one)|p\s?1|a|1|one(?:\s+(?:partner|person|of\s+(?:you|them)))?)\s+(?:works?|holds?|goes|is\s+working|on)\s*(?:[,;/&-]|\b(?:while|whilst|as|and)\b|\s)\s*(?:and\s+|while\s+)?(?:the\s+)?(?:(?:partner|person)\s*(?:2|b|two)|p\s?2|b|1|2|other|one|second)(?:\s+(?:one|partner|person|of\s+(?:you|them)))?\s+(?:rests?|recovers?|is\s+resting|off|(?<=(?<holds>\bholds?\b).*)works?|(?<=\bworks?\b.*)(?<holds>holds?))|i\s+go\s*,?\s*you\s+go|you\s+go\s*,?\s*i\s+go)"
        + @"\s*[,;(-]?\s*(?:(?:then\s+)?(?:swap|switch|change)(?:\s*(?:over|places|roles))?\s*(?:every|after|at)?\s*)?(?<t>[0-9]{2,3}\s*(?:s|secs?|seconds?|"")|[1-3]\s*(?:mins?|minutes?))(?:\s+(?:each|per\s+person|at\s+a\s+time))?\)?[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>The block whose moves are told two by two.</summary>
    private CardBlock? paired;

    /// <summary>What one of them does, without its article; null where it is no move that is known, with or without how much of it.</summary>
    private string? Done(string text)
    {
        var done = CardWording.Of(Article.Replace(text.Trim(' ', ',', ';', '-'), ""));
        return Scan(done) is { SaysBlock: false, Sets: null } scan && Understood(scan.Left) is not null ? done : null;
    }

    /// <summary>How often they swap, and what is left of the words behind the second of them.</summary>
    private (CardScan How, string Left) HowOften(string tail)
    {
        var how = Scan(TimesOver.Replace(Swap.Replace(tail, " "), "${n} rounds").Trim(' ', ',', ';', '.', '-', '(', ')'), isLine: false);
        return (how, how.Left);
    }

    // One of them stands before what the second does.
    private static readonly SearchValues<string> PartnerWords = SearchValues.Create(["p2", "other", "partner", "person", "player", "second", "b ", "b:", "b=", "2 ", "2:", "2=", "one do", "one on", "one in", "one is", "one hold"], StringComparison.OrdinalIgnoreCase);

    private const string Is = @"(?:\s*[:=]\s*|\s+-\s+|\s+)(?:(?:does|do|holds?|in|is\s+(?:on|in|doing)|on|doing|works?\s+on)\s+)?";
    private const string SwapWords = @"(?:then\s+|and\s+)*(?:swap|switch|change)(?:\s*(?:over|places|roles|round|sides))?";

    private static CardPattern Partners => field ??= new(@"^(?:(?:in\s+)?(?:pairs|twos|partners)\s*[:,-]\s*)?(?:(?:partner|person|player)\s*(?:1|a|one)|p1|(?<bare>a(?=\s*[:=]|\s)|1(?=\s*[:=]|\s+-|\s+(?:does|do|holds?|in|on)\b))|one(?:\s+of\s+(?:you|them)|\s+(?:partner|person))?|(?:the\s+)?first(?:\s+(?:partner|person|one))?)" + Is
        + @"(?<a>[a-z0-9][^,;]{2,50}?)\s*(?:[,;/]|\b(?:while|whilst|as|and)\b)(?:\s*(?:while|whilst|as|and)\b)?\s*(?:(?:partner|person|player)\s*(?:2|b|two)|p2|b|2|(?:the\s+)?(?:other|second)(?:\s+(?:one|partner|person))?|one(?:\s+of\s+(?:you|them))?(?=\s+(?:does|do|holds?|on|in|is)\b))" + Is
        + @"(?<b>[a-z0-9][^,;.]{2,50}?)(?<tail>\s*(?:[,;.(]|\s-\s|\b" + SwapWords + @"\b).*)?$", RegexOptions.IgnoreCase);

    /// <summary>“A squats, B rows” may be two blocks: it is two people where they do it at a time, or swap.</summary>
    private static CardPattern SaysTwo => field ??= new(@"\b(?:while|whilst|partners?|pairs|" + SwapWords + @")\b", RegexOptions.IgnoreCase);

    private static CardPattern Article => field ??= new(@"^(?:an?|the)\s+", RegexOptions.IgnoreCase);

    /// <summary>“1: one holds a wall sit, the other …”: the first of several.</summary>
    private static CardPattern NumberBefore => field ??= new(@"^[0-9]{1,2}\s*(?:[.):]|-)\s*(?=(?:one|p1|partner|the\s+first)\b)", RegexOptions.IgnoreCase);

    private static CardPattern Swap => field ??= new(@"\b" + SwapWords + @"\b", RegexOptions.IgnoreCase);

    private static CardPattern TimesOver => field ??= new(@"(?:\bfor\s+|\brepeat\s+)?(?:\bx\s*(?<n>[0-9]{1,2})|\b(?<n>[0-9]{1,2})\s*(?:x|times|goes|lots|sets|rounds))\b(?:\s+each)?", RegexOptions.IgnoreCase);
}
