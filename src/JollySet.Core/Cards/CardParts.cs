using System.Buffers;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>
/// A class told in one go: “start with a 5 minute warm up, then 3 rounds of …, and finish with a stretch for 5 minutes”. How it opens and how it ends are lines of their own,
/// in the words of a card; what stands between them is left to the rest of the reader.
/// </summary>
internal static class CardParts
{
    private const string Minutes = @"(?:(?<n>[0-9]{1,2})|(?<w>three|four|five|six|seven|eight|ten))[\s-]*(?:min(?:ute)?(?:'?s)?\b\.?|'(?!'))";
    private const string Some = @"(?:(?:an?|the|our|my|some|usual|normal|quick|short|nice|good|proper|little|standard|bit\s+of|about|around|roughly)\s+)*";
    private const string WarmUp = @"(?<part>warm(?:ing)?[\s-]?up|mobility|mobili[sz]ing)\b";
    private const string Close = @"(?<part>cool(?:ing)?[\s-]?down|stretch(?:ing|es)?|relaxation|relaxing|wind(?:ing)?[\s-]?down)\b";

    /// <summary>How a part and its minutes are said.</summary>
    private static string Said(string part) => Some + "(?:" + Minutes + @"\s*(?:of\s+|to\s+|for\s+(?:an?\s+|the\s+)?|-\s*)?" + Some + part + "|" + part + @"\s*(?:for\s+|of\s+|x\s*|[:,-]\s*)?\(?(?:about\s+|around\s+)?" + Minutes + @"\)?)";

    /// <summary>The line in its parts, a line each; null where it is one and written as a card writes it.</summary>
    public static string? Of(string line)
    {
        if (line.Length > CardText.LongestParagraph)
            return null;
        if (line.Length < LongestPart && line.Contains("min", StringComparison.OrdinalIgnoreCase) && Led.Match(line) is { Success: true } part && part.Groups["n"].Value is not ("1" or "2" or "3") && !NoPart.IsMatch(part.Groups["part"].Value) && (part.Groups["lead"].Success || part.Groups["on"].Success || part.Groups["tail"].Success))
            return Plain(part) + part.Groups["more"].Value;
        if (!line.AsSpan().ContainsAny(PartWords) || Keyed.IsMatch(line))
            return null;
        if (Alone.Match(line) is { Success: true } alone)
            return Plain(alone);
        var opening = Opening.Match(line);
        var rest = line[opening.Length..];
        if (opening.Success && Alone.Match(rest) is { Success: true } end)
            return $"{Plain(opening)}\n{Plain(end)}";
        var ending = Ending.Match(rest);
        // What opens a line and says no more than what is done in it is a head; “cool down and stretch” is one part.
        if (!(opening.Success || ending.Success) || !Runs.IsMatch(ending.Success ? rest[..ending.Index] : rest) || (!ending.Success && IsHead.IsMatch(opening.Value)))
            return null;
        var between = LeadsOn.Replace((ending.Success ? rest[..ending.Index] : rest).Trim(' ', '.', ',', ';', '-'), "");
        return string.Join('\n', new[] { opening.Success ? Plain(opening) : "", between, ending.Success ? Plain(ending) : "" }.Where(p => p.Length > 0));
    }

    private static string Plain(Match m) => $"{m.Groups["part"].Value} {(m.Groups["w"].Success ? CardNumbers.InDigits(m.Groups["w"].Value) : m.Groups["n"].Value)} min";

    private const int LongestPart = 70;

    /// <summary>“Then 5 mins of abs”, “finish with abs for 5 mins”, “5 mins on abs”: a part and its minutes, behind what only leads to it.</summary>
    private static CardPattern Led => field ??= new(@"^(?<lead>(?:(?:and|then|next|after\s+that|finally|lastly),?\s+)*(?:(?:(?:we|i)(?:'ll|\s+will)?\s+)?(?:finish|end|close)(?:\s+off)?\s+(?:with|on)\s+|(?:the\s+)?last\s+(?=[0-9])|to\s+(?:finish|end),?\s+)?(?<=\s))?" + Some + "(?:" + Minutes + @"\s+(?:(?<on>for|on)\s+|of\s+)?" + Some + @"(?<part>[a-z][a-z' -]{2,30}?)|(?<part>[a-z][a-z' -]{2,30}?)\s+for\s+" + Minutes + @")(?<tail>,?\s+(?:to\s+(?:finish|end)|at\s+the\s+end))?(?<more>\s*\([^()]*\))?[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>A rest is none, nor what people are given time for.</summary>
    private static CardPattern NoPart => field ??= new(@"^work$|\b(?:rest|water|break|drinks?|recover|recovery|change|each|per|on|off|talk|chat|set\s*up|between|then|and|each|or|class|session|long|left|total|ago|late|early|before|after|until|amrap|emom|tabata|rounds?|circuits?|warm|cool|stretch\w*)\b", RegexOptions.IgnoreCase);

    private static readonly SearchValues<string> PartWords = SearchValues.Create(["warm", "mobili", "cool", "stretch", "relax", "wind"], StringComparison.OrdinalIgnoreCase);

    private static string Opens => @"(?:(?:so\s+|ok\s+)?(?:(?:we|i)(?:'ll|\s+will)?\s+)?(?:start|begin|open|kick)(?:ing)?(?:\s+(?:off|things\s+off))?\s+(?:with|by)\s+|(?:first|firstly)(?:\s+(?:up|of\s+all|off))?,?\s+(?:(?:it's|is|we\s+do|we\s+have|do)\s+)?|(?:(?:so|ok)\s+)?(?:first\s+)?(?:we|i)(?:'ll|\s+will|'re\s+going\s+to)?\s+(?:do\s+)?)?" + Said(WarmUp) + @"(?:,?\s+(?:first|to\s+(?:start|begin)(?:\s+with)?))?";

    private static string Closes => @"(?:and\s+)?(?:then\s+)?(?:(?:(?:we|i)(?:'ll|\s+will)?\s+)?(?:finish|end|close|wrap)(?:ing)?(?:\s+(?:off|up|it\s+off))?\s+(?:with|on|by)\s+|(?:to\s+(?:finish|end|close)(?:\s+(?:off|with))?|finally|lastly|last(?:\s+of\s+all)?|at\s+the\s+end),?\s+)?" + Said(Close) + @"(?:,?\s+(?:to\s+(?:finish|end|close)(?:\s+(?:off|with))?|at\s+the\s+end|afterwards?))?";

    private static CardPattern Opening => field ??= new("^" + Opens + @"(?:\s*(?:[.;]\s+|,\s+|\s-\s+)(?:and\s+)?(?:then\s+)?|,?\s+(?:and\s+)?then\s+|,?\s+(?:and\s+)?followed\s+by\s+)", RegexOptions.IgnoreCase);

    private static CardPattern Ending => field ??= new(@"(?:(?:[.;,!]|\s-)\s+|,?\s+(?:and\s+)?(?:then\s+|followed\s+by\s+)|\s+and\s+)" + Closes + @"\s*[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>How it opens or ends, and nothing else.</summary>
    private static CardPattern Alone => field ??= new("^(?:" + Opens + "|" + Closes + @")\s*[.!]*$", RegexOptions.IgnoreCase);

    /// <summary>“Warm-up 8 min - ”, and what is done in it.</summary>
    private static CardPattern IsHead => field ??= new(@"^(?:[0-9]|warm|mobil).*[,-]\s+$", RegexOptions.IgnoreCase);

    /// <summary>Words that say how a block runs.</summary>
    private static CardPattern Runs => field ??= new(@"\b(?:rounds?|sets|times|laps|circuits?|amrap|e[0-9]?mom|tabata|superset|ladder)\b|[0-9]\s*(?:/|:)\s*[0-9]|\bx\s?[0-9]|[0-9]\s*(?:s|secs?|seconds?)?\s+(?:on|off|each|of\s+each|work|rest)\b|[0-9]\s?x\b", RegexOptions.IgnoreCase);

    /// <summary>“Warm-up: 5 min …” and a list of stretches say what is done in them: those are heads.</summary>
    private static CardPattern Keyed => field ??= new(@"^\s*(?:warm|cool|stretch|mobility|finish\w*|main)[^:]{0,30}:\s|\|", RegexOptions.IgnoreCase);

    private static CardPattern LeadsOn => field ??= new(@"^(?:(?:and|then|next|after\s+that|afterwards|followed\s+by),?\s+)+(?:(?:we'll\s+|we\s+)?(?:do|have|go\s+into)\s+(?=[0-9]))?|^(?:we'll\s+|we\s+)?do\s+(?=[0-9]+\s+(?:stations|rounds|exercises|moves))", RegexOptions.IgnoreCase);
}
