using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Another way to do a move in words of speech: “drop to squats”, “make it easier with squats”, “squats if needed”.</content>
public sealed partial class CardReader
{
    /// <summary>The way that words beside a move tell; null where they tell none, or no move that is known.</summary>
    private (string Kind, string Text)? WaySaid(string said)
    {
        if (OneWay(said, isBeside: true) is { } way)
            return way;
        if (WayForNeed(said) is { } spared)
            return ($"for {spared.Need}", spared.Way);
        return WayOf(said);
    }

    /// <summary>“Harder squat jumps”, “beginners knee press-ups”, “or squats” on a line below a move.</summary>
    private (string Kind, string Text)? WayFirst(string line) => WayLead.IsMatch(line) || line.StartsWith("or ", StringComparison.OrdinalIgnoreCase) ? WaySaid(line) : null;

    /// <summary>A line without the way told behind its last comma: “press-ups x10, easier: knee press-ups”.</summary>
    private string WithoutWayAtEnd(string text, List<(string Kind, string Text)> options)
    {
        if (text.LastIndexOf(", ", StringComparison.Ordinal) is not (> 0 and var at) || !WayLead.IsMatch(text.AsSpan()[(at + 2)..]) || WaySaid(text[(at + 2)..].Trim()) is not { } way)
            return text;
        options.Add(way);
        return text[..at];
    }

    /// <summary>A line without the move told behind its amount: “10 press-ups or knee press-ups”, “jump squats 30 s / squats”.</summary>
    private string WithoutOtherAtEnd(string text, List<(string Kind, string Text)> options)
    {
        if (OtherAtEnd.Match(text) is not { Success: true } m || WaySaid("or " + m.Groups["w"].Value) is not { } way || Understood(way.Text) is not { } other || Understood(Scan(m.Groups["own"].Value).Left.TrimEnd(' ', ',', '-')) is not { } own)
            return text;
        if (own.Name == other.Name || Understood(Scan(text).Left) is not null || (m.Groups["stroke"].Success && WayKind(own, other) is null))
            return text;
        options.Add((WayKind(own, other) ?? way.Kind, way.Text));
        return m.Groups["own"].Value.TrimEnd(' ', ',', '-');
    }

    private static CardPattern OtherAtEnd => field ??= new(@"^(?<own>.*[0-9].*?)\s+(?:or|(?<stroke>/))\s+(?<w>[a-z][a-z' -]{2,40})$", RegexOptions.IgnoreCase);

    /// <summary>“Squats if bad knees”, “drop to squats if her knees hurt”, “if knees hurt do squats”: a way that is known for those who spare something; null where it is none.</summary>
    /// <param name="mayBePurpose">Whether “clams for hips” may be a move of its own, and what it is good for.</param>
    private (string Need, string Way)? WayForNeed(string said, bool mayBePurpose = false)
    {
        if (said.Length > LongestWay || !BriefWords.MayTellNeed(said))
            return null;
        foreach (var m in new[] { WayThenWhom.Match(said), WhomThenWay.Match(said) }.Where(m => m.Success))
            if (BriefWords.Need(m.Groups["n"].Value) is { } need && (!(m.Groups["with"].Success || (mayBePurpose && m.Groups["for"].Success && !m.Groups["hurt"].Success)) || !CardHead.NeedsIn(m.Groups["n"].Value).Needs.IsEmpty) && Understood(m.Groups["w"].Value) is not null && Understood(said) is null)
                return (need, m.Groups["w"].Value);
        return null;
    }

    /// <summary>A move's line whose end tells a way for a need, with that in brackets: “press-ups x12, wall press-ups if her wrists hurt”. Whoever is said to have the need is heard.</summary>
    private string WithWayInBracket(CardWords line) =>
        line.Text.Length > CardText.LongestLine || !BriefWords.MayTellNeed(line.Text) ? line.Text : InBracket(line.Text) ?? InBracket(AsTyped(line)) ?? line.Text;

    private string? InBracket(string text)
    {
        foreach (Match sign in BeforeWay.Matches(text))
        {
            var (own, tail) = (text[..sign.Index], text[(sign.Index + sign.Length)..].TrimEnd('.', '!'));
            if (NeedInBracket.Match(tail) is { Success: true, Index: > 0 } whom && BriefWords.Need(whom.Groups["in"].Value) is not null)
                tail = $"{tail[..whom.Index].TrimEnd()} for {whom.Groups["in"].Value}";
            if (sign.Value.EndsWith('('))
                tail = tail.TrimEnd(')');
            if (!IsStation(own) || WayForNeed(tail, mayBePurpose: sign.Value.AsSpan().ContainsAny(",;-")) is not { } way)
                continue;
            foreach (var need in CardHead.NeedsIn(tail).Needs.Where(n => !n.StartsWith("no ", StringComparison.Ordinal)))
                head.AddNeed(need);
            return $"{CardWording.Of(own)} (for {way.Need}: {way.Way})";
        }

        return null;
    }

    private const int LongestWay = 90;

    private static CardPattern BeforeWay => field ??= new(@"\s+[-/]\s+|\s*[,;]\s+|\s+(?=or\s)|\s*\((?=[^()]+\)[.!]?$)");

    private static CardPattern NeedInBracket => field ??= new(@"\s*\((?<in>[^()]{3,30})\)$");

    private const string Whom = @"(?:(?:(?:those|people|anyone|anybody|someone|somebody|ladies|folk|you|they|she|he|there)(?:'s|'ve|'re)?(?:\s+(?:who|with|have|has|having|got|is|are))*)\s+(?:an?\s+)?)?(?:(?:the|your|her|his|their|any)\s+)?(?<n>[a-z][a-z' -]{2,30}?)(?<hurt>\s+(?:hurts?|aches?|(?:is|are)\s+(?:bad|sore|dodgy|playing\s+up|hurting|painful|tender)|plays?\s+up|people|folk|ones))?";

    private static CardPattern WayThenWhom => field ??= new("^(?:(?:" + EasierLead + "|" + InPlace + @"|do|use|try)[,\s]*[:=-]?\s+)?(?<w>(?!.*\s-\s)[a-z][a-z' -]{2,40}?)\s+(?:instead\s+)?(?:(?<for>for)|if|when|(?<with>with))\s+" + Whom + "$", RegexOptions.IgnoreCase);

    private static CardPattern WhomThenWay => field ??= new(@"^(?:or\s+)?(?:(?:an?\s+)?(?:easier\s+)?(?:option|alternative|version)\s+)?(?:(?:for|if|when|with)\s+)?" + Whom + @"(?:\s+(?:option|alternative|version))?(?:\s*(?:[:=,]|->)\s*|\s+-\s+|\s+(?=(?:can|do|use|try)\s))(?:(?:can\s+|please\s+)?(?:do|use|try|have|go\s+for|swap\s+(?:to|for))\s+)?(?<w>[a-z][a-z' -]{2,40}?)(?:\s+instead)?$", RegexOptions.IgnoreCase);

    private const string InPlace = @"(?:(?:you|they)\s+)?can\s+do|or|alt(?:ernative)?(?:\s+is)?|(?:swap|change)(?:\s+(?:it|them))?\s+(?:for|with|to)|sub(?:\s+(?:in|with|for))?|replace\s+with";

    private static CardPattern WayLead => field ??= new("^(?:" + EasierLead + "|" + HarderLead + @")\b", RegexOptions.IgnoreCase);
}
