using System.Buffers;
using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Easier and harder ways in the words and signs of people: behind a move (“mod: squats”, “↓ squats ↑ tuck jumps”, “reg squats / prog tuck jumps”) or on the line below it (“squats for beginners”).</content>
public sealed partial class CardReader
{
    private const int LongestWays = 120;

    /// <summary>A line with more commas and dashes is looked through no further.</summary>
    private const int MostSigns = 8;

    // One of them is in whatever tells a way; looked for before the patterns, which are dear.
    private static readonly SearchValues<string> WayMarks = SearchValues.Create(["eas", "hard", "mod", "reg", "scal", "drop", "down", "beg", "new", "first", "rookie", "1", "one", "↓", "↑", "if ", "tired", "need", "opt", "->", "lighter", "instead", "tough", "prog", "adv", "3", "three", "level", "more", "up", "challenge", "spicy", "fit", "strong", "- ", "or "], StringComparison.OrdinalIgnoreCase);

    /// <summary>The line below a move that tells ways of it, and nothing else.</summary>
    private bool TakesWaysBelow(CardWords line)
    {
        if (Current is not { Stations: [.., var last] } || last.Move is null || (LineAbove(line) is var above && last.Line != above && waysTold != above) || AsIfNeeded(line.Text) != line.Text || WaysIn(line.Text) is not { } ways || last.Options.Count + ways.Count > MostWays)
            return false;
        // “Level 1: …” over “Level 2: …”, and “challenge: …” at the edge, are no ways of what stands above.
        if ((ways.Count == 1 && line.Text[0] != '(' && OfLevels.IsMatch(line.Text)) || (MayBeTopic.IsMatch(line.Raw) && line.Text.Contains(':', StringComparison.Ordinal)))
            return false;
        // Below several moves of one line they are of the one that is meant, and of none where that cannot be told.
        if (IsOneOfLine(last))
        {
            if (!PutsWays(line, ways.ConvertAll(w => new ListedWay(w.Kind, null, w.Text))))
                Note(line);
            waysTold = line.Number;
            return true;
        }

        foreach (var (kind, way) in ways)
            AddOption(last, kind, way);
        waysTold = line.Number;
        Say(line, CardLineKind.Setting, string.Join(" · ", ways.Select(w => w.Kind == "or" ? $"or {w.Text}" : $"{w.Kind} than {last.Name}: {w.Text}")));
        return true;
    }

    /// <summary>Whether other moves stand on its line, too.</summary>
    private bool IsOneOfLine(CardStation station) => Current!.Stations.Exists(s => s != station && s.Line == station.Line);

    /// <summary>The last line that told ways of the move above it.</summary>
    private int waysTold;

    /// <summary>A move's line with the ways told at its end each in a bracket: “squat jumps | reg: squats, prog: tuck jumps”.</summary>
    private string WithWaysInBrackets(string text)
    {
        if (text.Length > CardText.LongestLine || !text.AsSpan().ContainsAny(WayMarks))
            return AsRungsOfOne(text);
        if (LevelsBehind.Match(text) is { Success: true } levels && WayOfLevels(levels) is { } leveled)
            return leveled;
        foreach (var sign in BeforeWays.Matches(text).Take(MostSigns))
        {
            if (sign.Index == 0 || (WaysIn(text[(sign.Index + sign.Length)..].TrimEnd(' ', ')', ']')) ?? WayInFreeWords(text, sign)) is not { } ways || !IsStation(text[..sign.Index]))
                continue;
            return $"{CardWording.Of(text[..sign.Index].Trim())} {string.Join(' ', ways.Select(w => $"({w.Kind}: {w.Text})"))}";
        }

        return AsRungsOfOne(text);
    }

    /// <summary>“Knee push-ups / push-ups / decline push-ups”: one of a ladder, with what is below and above it on either side.</summary>
    private string AsRungsOfOne(string text) =>
        text.Contains(" / ", StringComparison.Ordinal) && text.Split(" / ") is [var a, var b, var c] && Understood(a) is { } low && Understood(b) is { } middle && Understood(c) is { } high && Current is { Part: CardPart.Main }
            && WayKind(middle, low) == "easier" && WayKind(high, middle) == "easier" ? $"{b} (easier: {a}) (harder: {c})" : text;

    /// <summary>A way in words that are no move of their own, where what they are is said: “lighter if needed”, “take out the jump to make it easier”, “harder - pause at the top”.</summary>
    private List<(string Kind, string Text)>? WayInFreeWords(string text, Match sign)
    {
        var said = text[(sign.Index + sign.Length)..].TrimEnd(' ', ')', ']', '.', '!');
        if (FreeWay.Match(said) is not { Success: true } m || Understood(Scan(text[..sign.Index]).Left.TrimEnd(' ', ',', '-')) is not { } move || m.Groups["w"].Value.Split(' ').Length > FewWords || Understood(m.Groups["w"].Value) is not null)
            return null;
        if (WaySaid(said) is { } known)
            return known.Kind is "easier" or "harder" ? [known] : null;
        return !Scan(m.Groups["w"].Value, isLine: false).Any && (Adjustments.Contains(m.Groups["w"].Value) || WayOfMove(m.Groups["w"].Value, move.Name, "or") is not null || CardHead.NeedsIn(m.Groups["w"].Value).Needs.All(IsOfManner)) ? [(m.Groups["easier"].Success ? "easier" : m.Groups["harder"].Success ? "harder" : "or", m.Groups["w"].Value)] : null;
    }

    /// <summary>“L1 chair, L2 bodyweight, L3 jump” behind a squat: ways by the words that make a move with its name; null where the first or the last are none.</summary>
    private string? WayOfLevels(Match m)
    {
        var own = m.Groups["own"].Value.TrimEnd(' ', ':', ',', '-', '(');
        var name = Scan(own).Left;
        if (Understood(name) is null || !IsStation(own))
            return null;
        string? Way(string group, string kind) => m.Groups[group] is { Success: true, Value: var w } ? AsItIs.IsMatch(w) || Understood(w)?.Name == Understood(name)?.Name ? "" : Understood(w) is not null ? w : WayOfMove(w, name, kind) : "";
        if (Way("a", "easier") is not { Length: > 0 } easier || Way("b", "or") is not { } middle || Way("c", "harder") is not { } harder)
            return null;
        return $"{own} (easier: {easier}){(middle.Length > 0 ? $" (or: {middle})" : "")}{(harder.Length > 0 ? $" (harder: {harder})" : "")}";
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
        foreach (var sign in BetweenWays.Matches(said).Take(MostSigns))
            if (OneWay(said[..sign.Index], isBeside: true) is { } first && OneWay(said[(sign.Index + sign.Length)..], isBeside: true) is { } second && first.Kind != second.Kind)
                return first.Kind == "easier" ? [first, second] : [second, first];
        return null;
    }

    private (string Kind, string Text)? OneWay(string said, bool isBeside = false)
    {
        if (isBeside)
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

    private const string EasierLead = @"low(?:er)?(?:[\s-]impact)?\s+(?:option|version)|(?:an?\s+)?easier(?:\s+(?:option|version|way|alternative|variation|mod|one))?(?:\s+(?:is|are|with|do|try))?|easy(?:\s+(?:option|version|way|alternative|one)(?:\s+is)?|(?=\s*[:=-]))|(?:to\s+)?make\s+(?:it|this|them)\s+eas(?:y|ier)(?:\s+(?:with|by|do))?|mods?(?:\s+(?:to|with|is))?|modif(?:y|ied|ications?)(?:\s+(?:to|with|is|version|option))?|reg(?:s|ress(?:ions?)?)?(?:\s+to)?|scal(?:ed?|ing)(?:\s+(?:down|back))?(?:\s+(?:to|with))?|drop(?:\s+(?:down|back))?\s+to|(?:take|bring)\s+it\s+(?:down|back)\s+to|opt(?:ion)?s?(?:\s+is)?|begs?|beginners?(?:'s)?(?:\s+(?:option|version|way))?(?:\s+(?:can\s+)?do)?|(?:newbies|newcomers|novices|rookies|first[\s-]timers?|new(?:er)?\s+(?:people|ones))(?:\s+(?:can\s+)?do)?|l(?:e?ve?l)?\s?(?:1|one)|↓|if\s+(?:(?:you|they|it)(?:'re|'s|\s+are|\s+is)\s+)?(?:new|tired|struggling|needed|too\s+(?:hard|much))";
    private const string HarderLead = @"(?:an?\s+)?(?:harder|tougher)(?:\s+(?:option|version|way|alternative|variation|one))?(?:\s+(?:is|are|with|do|try))?|hard(?:\s+(?:option|version|way|one)(?:\s+is)?|(?=\s*[:=-]))|(?:to\s+)?make\s+(?:it|this|them)\s+(?:harder|tougher)(?:\s+(?:with|by|do))?|(?:to\s+)?prog(?:s|ress(?:ions?)?)?(?:\s+to)?|adv(?:anced)?(?:\s+(?:ones?|people|option|version))?(?:\s+(?:can\s+)?do)?|l(?:e?ve?l)?\s?(?:3|three)|level\s+up(?:\s+(?:to|with))?|↑|challenge(?:\s+(?:option|version|yourself))?|for\s+(?:more|an?\s+(?:extra\s+)?challenge)|want(?:ing)?\s+more|(?:step\s+(?:it\s+)?)?up\s+to|step\s+it\s+up\s+with|spicy(?:\s+(?:option|version))?|regulars|(?:fitter|stronger|fit|strong)\s+(?:ones|people|ladies|folk)|stronger|if\s+(?:it's\s+)?(?:too\s+)?easy|if\s+you\s+want\s+(?:more|a\s+challenge)|if\s+(?:you're\s+)?(?:feeling\s+)?(?:strong|fresh|spicy)";
    private const string EasierTail = @"if\s+(?:it's\s+|that's\s+)?too\s+(?:hard|much|tough)|(?:if|when|where|as)\s+needed|if\s+(?:need\s+be|preferred|necessary)|if\s+(?:you|they)\s+(?:need|want|like|prefer|have)(?:\s+(?:to|it))?|(?:if|when)\s+(?:(?:you|they)(?:'re|\s+are)\s+)?(?:tired|new|struggling)|for\s+(?:the\s+)?(?:beginners|newbies|newcomers|novices|rookies|first[\s-]timers|new(?:er)?\s+(?:people|ones))|to\s+make\s+(?:it|this|them)\s+easier|(?:as|for)\s+an\s+easier\s+(?:option|version|one|way|time)|(?:is|are|=|-)\s*(?:the\s+)?easier(?:\s+(?:option|version|one|way))?|\(easier\)?|to\s+(?:regress|scale|modify)(?:\s+(?:it|down))?";
    private const string HarderTail = @"if\s+(?:it's\s+|that's\s+)?(?:too\s+)?easy|for\s+(?:the\s+)?(?:adv(?:anced)?|regulars|fitter|stronger|fit|strong)(?:\s+(?:ones|people|folk))?|for\s+(?:more|an?\s+(?:extra\s+)?challenge)|to\s+make\s+(?:it|this|them)\s+(?:harder|tougher)|(?:as|for)\s+an?\s+(?:harder|tougher)\s+(?:option|version|one|way)|(?:is|are|=|-)\s*(?:the\s+)?harder(?:\s+(?:option|version|one|way))?|\(harder\)?|to\s+progress(?:\s+it)?|if\s+(?:you're\s+)?(?:feeling\s+)?(?:strong|fresh|spicy)|if\s+(?:you|they)\s+(?:want|like|fancy)\s+(?:more|a\s+challenge)";

    /// <summary>One way, by words before it or behind it.</summary>
    private static CardPattern WayInWords => field ??= new("^(?:(?<or>or)\\s+)?(?:(?:(?<easier>" + EasierLead + ")|(?<harder>" + HarderLead + ")|(?<or>" + InPlace + @"))(?:\s*(?:[:=?,-]|->)\s*|\s+|(?<=[↓↑])))?(?<w>[a-z][a-z' -]{2,40}?)(?:\s+(?:(?<easier>" + EasierTail + ")|(?<harder>" + HarderTail + ")|(?<or>instead)))?$", RegexOptions.IgnoreCase);

    /// <summary>“Easy squats / hard tuck jumps”: of two, bare words are enough.</summary>
    private static CardPattern BareKind => field ??= new(@"^(?:easy|hard)\s+(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“- squats, + tuck jumps”.</summary>
    private static CardPattern WaysBySigns => field ??= new(@"^-\s*(?<e>[a-z][a-z' -]{2,40}?)\s*[,;/]?\s*\+\s*(?<h>[a-z][a-z' -]{2,40})$", RegexOptions.IgnoreCase);

    /// <summary>“Squats / tuck jumps for easier / harder”.</summary>
    private static CardPattern WaysThenKinds => field ??= new(@"^(?<e>[a-z][a-z' -]{2,40}?)\s*/\s*(?<h>[a-z][a-z' -]{2,40}?)\s+(?:(?:for|as|=)\s+)?(?:the\s+)?eas(?:ier|y)\s*(?:/|and|or)\s*hard(?:er)?(?:\s+(?:options?|versions?|ways?))?$", RegexOptions.IgnoreCase);

    private static CardPattern BetweenWays => field ??= new(@"\s*[;,|.]\s+|\s+[/+&-]\s+|\s+(?:and|then)\s+|\s*(?=[↑↓])");

    private static CardPattern BeforeWays => field ??= new(@"\s+[-|/]\s+|\s*[,;.]\s+|\s*[(\[]|\s*(?=[↑↓])|\s+(?=with\s+an?\s|(?:drop|scale|easier|harder|option|mod|modify|regress|progress)\b)", RegexOptions.IgnoreCase);

    private static CardPattern LevelsBehind => field ??= new(@"^(?<own>.*?[a-z].*?)\W+(?:l(?:e?ve?l)?\s?1\s*[:=-]?\s+(?<a>[a-z][a-z' -]{2,30}?)\W+l(?:e?ve?l)?\s?2\s*[:=-]?\s+(?<b>[a-z][a-z' -]{2,30}?)(?:\W+l(?:e?ve?l)?\s?3\s*[:=-]?\s+(?<c>[a-z][a-z' -]{2,30}?))?|\(\s*(?<a>[a-z][a-z' -]{2,30}?)\s*(?:-?>|,)\s*(?<b>full|standard|normal|regular|toes)\s*(?:-?>|,)\s*(?<c>[a-z][a-z' -]{2,30}?)\s*)\W*$", RegexOptions.IgnoreCase);

    private static CardPattern AsItIs => field ??= new(@"^(?:full|standard|normal|regular|basic|toes|as\s+(?:is|it\s+is)|body\s?weight|bw)$", RegexOptions.IgnoreCase);

    private static CardPattern FreeWay => field ??= new("^(?:(?:(?<easier>easier|opt(?:ion)?(?:\\s+(?:of|is|to))?)|(?<harder>harder))\\s*(?:[:=-]|->)?\\s+(?<w>[a-z][a-z' -]{2,40})|(?<w>[a-z][a-z' -]{2,30}?)\\s+instead|(?<w>[a-z][a-z' -]{2,40}?)\\s+(?!(?:as|where)\\s+needed)(?:(?<easier>" + EasierTail + ")|(?<harder>" + HarderTail + ")))$", RegexOptions.IgnoreCase);

    private static CardPattern OfLevels => field ??= new(@"^\W*l(?:e?ve?l)?\s?[13]\b", RegexOptions.IgnoreCase);

    private static CardPattern MayBeTopic => field ??= new("^(?:challenge|regulars|option)", RegexOptions.IgnoreCase);
}
