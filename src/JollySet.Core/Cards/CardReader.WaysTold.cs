using System.Buffers;
using System.Text.RegularExpressions;
using JollySet.Core.Sheets;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Easier and harder ways in the words and signs of people: behind a move (“mod: squats”, “↓ squats ↑ tuck jumps”, “reg squats / prog tuck jumps”) or on the line below it (“squats for beginners”).</content>
public sealed partial class CardReader
{
    private const int LongestWays = 120;

    // One of them is in whatever tells a way; looked for before the patterns, which are dear.
    private static readonly SearchValues<string> WayMarks = SearchValues.Create(["eas", "hard", "mod", "reg", "scal", "drop", "down", "beg", "new", "first", "rookie", "1", "one", "↓", "↑", "if ", "tired", "need", "opt", "tough", "prog", "adv", "3", "three", "level", "more", "up", "challenge", "spicy", "fit", "strong", "- ", "or "], StringComparison.OrdinalIgnoreCase);

    /// <summary>The line below a move that tells ways of it, and nothing else.</summary>
    private bool TakesWaysBelow(CardWords line)
    {
        if (Current is not { Stations: [.., var last] } || last.Move is null || (LineAbove(line) is var above && last.Line != above && waysTold != above) || WaysIn(line.Text) is not { } ways || last.Options.Count + ways.Count > MostWays)
            return false;
        // “Level 1: …” over “Level 2: …”, and “challenge: …” at the edge, are no ways of what stands above.
        if ((OfLevels.IsMatch(line.Text) && ways.Count == 1) || (MayBeTopic.IsMatch(line.Raw) && line.Text.Contains(':', StringComparison.Ordinal)))
            return false;
        foreach (var (kind, way) in ways)
            AddOption(last, kind, way);
        waysTold = line.Number;
        Say(line, CardLineKind.Setting, string.Join(" · ", ways.Select(w => $"{w.Kind} than {last.Name}: {w.Text}")));
        return true;
    }

    /// <summary>The last line that told ways of the move above it.</summary>
    private int waysTold;

    /// <summary>A move's line with the ways told at its end each in a bracket: “squat jumps | reg: squats, prog: tuck jumps”.</summary>
    private string WithWaysInBrackets(string text)
    {
        if (text.Length > CardText.LongestLine || !text.AsSpan().ContainsAny(WayMarks))
            return text;
        foreach (Match sign in BeforeWays.Matches(text))
        {
            if (sign.Index == 0 || WaysIn(text[(sign.Index + sign.Length)..].TrimEnd(' ', ')', ']')) is not { } ways || !IsStation(text[..sign.Index]))
                continue;
            return $"{CardWording.Of(text[..sign.Index].Trim())} {string.Join(' ', ways.Select(w => $"({w.Kind}: {w.Text})"))}";
        }

        return text;
    }

    /// <summary>What ways words tell, an easier and a harder one at most, each a move that is known; null where they tell anything else.</summary>
    private List<(string Kind, string Text)>? WaysIn(string said)
    {
        if (said.Length > LongestWays || !said.AsSpan().ContainsAny(WayMarks))
            return null;
        said = said.Trim(' ', '(', ')', '[', ']', '.', '!', '"', '“', '”');
        if (OneWay(said) is { } one)
            return [one];
        if ((WaysBySigns.Match(said) is { Success: true } signs ? signs : WaysThenKinds.Match(said)) is { Success: true } m && Understood(m.Groups["e"].Value) is not null && Understood(m.Groups["h"].Value) is not null)
            return [("easier", m.Groups["e"].Value), ("harder", m.Groups["h"].Value)];
        foreach (Match sign in BetweenWays.Matches(said))
            if (OneWay(said[..sign.Index], isOfTwo: true) is { } first && OneWay(said[(sign.Index + sign.Length)..], isOfTwo: true) is { } second && first.Kind != second.Kind)
                return first.Kind == "easier" ? [first, second] : [second, first];
        return null;
    }

    private (string Kind, string Text)? OneWay(string said, bool isOfTwo = false)
    {
        if (isOfTwo)
            said = BareKind.Replace(said.Trim(), m => m.Value[0] is 'e' or 'E' ? "easier " : "harder ");
        if (WayInWords.Match(said) is not { Success: true } m || Understood(m.Groups["w"].Value) is null || (!said.AsSpan().ContainsAny("↓↑:=") && Understood(said) is not null))
            return null;
        return (m.Groups["easier"].Success, m.Groups["harder"].Success, m.Groups["or"].Success) switch
        {
            (true, false, _) => ("easier", m.Groups["w"].Value),
            (false, true, _) => ("harder", m.Groups["w"].Value),
            (false, false, true) => ("or", m.Groups["w"].Value),
            _ => null,
        };
    }

    private const string EasierLead = @"(?:an?\s+)?easier(?:\s+(?:option|version|way|alternative|variation|mod|one))?(?:\s+(?:is|are|with|do|try))?|easy(?:\s+(?:option|version|way|alternative|one)(?:\s+is)?|(?=\s*[:=-]))|(?:to\s+)?make\s+(?:it|this|them)\s+eas(?:y|ier)(?:\s+(?:with|by|do))?|mods?(?:\s+(?:to|with|is))?|modif(?:y|ied|ications?)(?:\s+(?:to|with|is|version|option))?|reg(?:s|ress(?:ions?)?)?(?:\s+to)?|scal(?:ed?|ing)(?:\s+(?:down|back))?(?:\s+(?:to|with))?|drop(?:\s+(?:down|back))?\s+to|(?:take|bring)\s+it\s+(?:down|back)\s+to|opt(?:ion)?s?(?:\s+is)?|begs?|beginners?(?:'s)?(?:\s+(?:option|version|way))?(?:\s+(?:can\s+)?do)?|newbies|newcomers|novices|rookies|first[\s-]timers?|new(?:er)?\s+(?:people|ones)|l(?:e?ve?l)?\s?(?:1|one)|↓|if\s+(?:(?:you're|they're)\s+)?(?:new|tired|struggling|needed|too\s+(?:hard|much))";
    private const string HarderLead = @"(?:an?\s+)?(?:harder|tougher)(?:\s+(?:option|version|way|alternative|variation|one))?(?:\s+(?:is|are|with|do|try))?|hard(?:\s+(?:option|version|way|one)(?:\s+is)?|(?=\s*[:=-]))|(?:to\s+)?make\s+(?:it|this|them)\s+(?:harder|tougher)(?:\s+(?:with|by|do))?|prog(?:s|ress(?:ions?)?)?(?:\s+to)?|adv(?:anced)?(?:\s+(?:ones?|people|option|version))?(?:\s+(?:can\s+)?do)?|l(?:e?ve?l)?\s?(?:3|three)|level\s+up(?:\s+(?:to|with))?|↑|challenge(?:\s+(?:option|version|yourself))?|for\s+(?:more|an?\s+(?:extra\s+)?challenge)|want(?:ing)?\s+more|(?:step\s+(?:it\s+)?)?up\s+to|step\s+it\s+up\s+with|spicy(?:\s+(?:option|version))?|regulars|(?:fitter|stronger|fit|strong)\s+(?:ones|people|ladies|folk)|stronger|if\s+(?:it's\s+)?(?:too\s+)?easy|if\s+you\s+want\s+(?:more|a\s+challenge)|if\s+(?:you're\s+)?(?:feeling\s+)?(?:strong|fresh|spicy)";
    private const string EasierTail = @"if\s+(?:it's\s+|that's\s+)?too\s+(?:hard|much|tough)|(?:if|when|where|as)\s+needed|if\s+need\s+be|if\s+(?:you|they)\s+need(?:\s+(?:to|it))?|(?:if|when)\s+(?:(?:you're|they're)\s+)?(?:tired|new|struggling)|for\s+(?:the\s+)?(?:beginners|newbies|newcomers|novices|rookies|first[\s-]timers|new(?:er)?\s+(?:people|ones))|to\s+make\s+(?:it|this|them)\s+easier|(?:as|for)\s+an\s+easier\s+(?:option|version|one|way|time)|(?:is|are|=|-)\s*(?:the\s+)?easier(?:\s+(?:option|version|one|way))?|\(easier\)?|to\s+(?:regress|scale|modify)(?:\s+(?:it|down))?";
    private const string HarderTail = @"if\s+(?:it's\s+|that's\s+)?(?:too\s+)?easy|for\s+(?:the\s+)?(?:adv(?:anced)?|regulars|fitter|stronger|fit|strong)(?:\s+(?:ones|people|folk))?|for\s+(?:more|an?\s+(?:extra\s+)?challenge)|to\s+make\s+(?:it|this|them)\s+(?:harder|tougher)|(?:as|for)\s+an?\s+(?:harder|tougher)\s+(?:option|version|one|way)|(?:is|are|=|-)\s*(?:the\s+)?harder(?:\s+(?:option|version|one|way))?|\(harder\)?|to\s+progress(?:\s+it)?|if\s+(?:you're\s+)?(?:feeling\s+)?(?:strong|fresh|spicy)|if\s+(?:you|they)\s+want\s+(?:more|a\s+challenge)";

    /// <summary>One way, by words before it or behind it.</summary>
    private static CardPattern WayInWords => field ??= new("^(?:(?<or>or)\\s+)?(?:(?:(?<easier>" + EasierLead + ")|(?<harder>" + HarderLead + @"))(?:\s*(?:[:=?,-]|->)\s*|\s+|(?<=[↓↑])))?(?<w>[a-z][a-z' -]{2,40}?)(?:\s+(?:(?<easier>" + EasierTail + ")|(?<harder>" + HarderTail + ")))?$", RegexOptions.IgnoreCase);

    /// <summary>“Easy squats / hard tuck jumps”: of two, bare words are enough.</summary>
    private static CardPattern BareKind => field ??= new(@"^(?:easy|hard)\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“- squats, + tuck jumps”.</summary>
    private static CardPattern WaysBySigns => field ??= new(@"^-\s*(?<e>[a-z][a-z' -]{2,40}?)\s*[,;/]?\s*\+\s*(?<h>[a-z][a-z' -]{2,40})$", RegexOptions.IgnoreCase);

    /// <summary>“Squats / tuck jumps for easier / harder”.</summary>
    private static CardPattern WaysThenKinds => field ??= new(@"^(?<e>[a-z][a-z' -]{2,40}?)\s*/\s*(?<h>[a-z][a-z' -]{2,40}?)\s+(?:(?:for|as|=)\s+)?(?:the\s+)?eas(?:ier|y)\s*(?:/|and|or)\s*hard(?:er)?(?:\s+(?:options?|versions?|ways?))?$", RegexOptions.IgnoreCase);

    private static CardPattern BetweenWays => field ??= new(@"\s*[;,|.]\s+|\s+[/+&-]\s+|\s+(?:and|then)\s+|\s*(?=[↑↓])");

    private static CardPattern BeforeWays => field ??= new(@"\s+[-|/]\s+|\s*[,;.]\s+|\s*[(\[]|\s*(?=[↑↓])|\s+(?=(?:drop|scale|easier|harder|option|mod|modify|regress|progress)\b)", RegexOptions.IgnoreCase);

    private static CardPattern OfLevels => field ??= new(@"^\W*l(?:e?ve?l)?\s?[13]\b", RegexOptions.IgnoreCase);

    private static CardPattern MayBeTopic => field ??= new("^(?:challenge|regulars|option)", RegexOptions.IgnoreCase);
}
