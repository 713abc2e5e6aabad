using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Letters that the card itself says the meaning of: “(L = low impact option)” above “box jumps (L: step-ups)”.</summary>
internal static class CardLegend
{
    /// <summary>The lines with what a letter stands for in its place; the line that says so is a note, and no head of what comes next. As they are where none does.</summary>
    public static string[] Put(string[] lines)
    {
        var meant = new Dictionary<string, string>();
        var told = new HashSet<int>();
        for (var at = 0; at < lines.Length; at++)
            if (lines[at].Length <= CardText.LongestLine && Told.Match(lines[at]) is { Success: true } m)
            {
                told.Add(at);
                for (var i = 0; i < m.Groups["l"].Captures.Count; i++)
                    meant.TryAdd(m.Groups["l"].Captures[i].Value, Easier.IsMatch(m.Groups["w"].Captures[i].Value) ? "easier" : "harder");
            }

        return meant.Count == 0 ? lines : [.. lines.Select((line, at) => told.Contains(at) ? $"note: {line.Trim()}" : line.Length > CardText.LongestLine ? line : Meant(line, meant))];
    }

    private static string Meant(string line, Dictionary<string, string> meant)
    {
        string Said(Match m) => meant.TryGetValue(m.Groups["l"].Value, out var way) ? $"{m.Groups["before"].Value}{way}: {m.Groups["w"].Value}" : m.Value;
        line = InBrackets.Replace(line, Said);
        return BehindSign.Replace(line, m => meant.TryGetValue(m.Groups["l"].Value, out var way) ? $" ({way}: {m.Groups["w"].Value.TrimEnd()})" : m.Value);
    }

    private const string Way = @"(?<w>(?:the\s+)?(?:low(?:er)?|eas(?:y|ier)|gentler?|beginners?'?|high(?:er)?|hard(?:er)?|advanced)(?:[\s-]+impact)?(?:\s+(?:options?|versions?|alternatives?|way|one|level))?)";

    /// <summary>“L = low impact option, H = high”, in brackets or not.</summary>
    private static CardPattern Told => field ??= new(@"^\s*(?:[*•>-]\s*)?(?:key\s*:\s*)?[(\[]?\s*(?:(?<l>(?-i:[A-Z]))\s*(?:=|:|-|\bis|\bfor)\s*" + Way + @"\s*(?:[,;/|&.]|\band\b|$|(?=[)\]]))\s*)+[)\]]?\s*$", RegexOptions.IgnoreCase);

    private static CardPattern Easier => field ??= new(@"^(?:the\s+)?(?:low|eas|gentle|beginner)", RegexOptions.IgnoreCase);

    /// <summary>“(L: step-ups)”, “[L step-ups, H: tuck jump]”.</summary>
    private static CardPattern InBrackets => field ??= new(@"(?<before>[(\[]\s*|(?<=[(\[][^()\[\]]*)[,;/]\s*)(?<l>[A-Z])(?:\s*[:=]\s*|\s*-\s+|\s+(?!(?:leg|arm|side|hand|foot|knee|only)s?\b))(?<w>[^()\[\],;/]{2,})");

    /// <summary>“ / L: step-ups”, “, L = step-ups” at the end.</summary>
    private static CardPattern BehindSign => field ??= new(@"(?:\s+[-–/|]|\s*[,;])\s*(?<l>[A-Z])\s*[:=]\s*(?<w>[A-Za-z][A-Za-z' -]{2,})(?=$|\s+[-–/|]\s*[A-Z]\s*[:=]|\s*[,;]\s*[A-Z]\s*[:=])");
}
