using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>The patterns of heads that say which of several alike a block is: “AMRAP 1 – 8 min”, “8 min EMOM #2”, “1st tabata”. The number is its name, and no minutes.</content>
internal static partial class CardWording
{
    private const string WhichOne = @"(?:#\s?|no\.?\s*|nr\.?\s*)?(?<n>[1-9]|one|two|three|four|five|six|i{1,3}\b)";
    private const string ByMinutes = @"(?<w>amrap|e\d?mom)";
    private const string AnyKind = @"(?<w>amrap|e\d?mom|tabata|circuit|block|superset|interval)";
    private const string HowLong = @"(?<t>\d{1,2})\s*(?:min(?:ute)?s?\b|')";

    private static readonly string[] NumberWords = ["one", "two", "three", "four", "five", "six"];
    private static readonly string[] Ordinals = ["first", "second", "third", "fourth", "fifth", "sixth"];

    /// <summary>“AMRAP 1 – 8 min”, “EMOM two (10 mins)”, “AMRAP #3: 6'”.</summary>
    private static CardPattern NumberedThenLong => field ??= new($@"^{ByMinutes}\s+{WhichOne}\s*(?:[:,/-]\s*|[(\[]\s*|(?<=\s)){HowLong}\s*[)\]]?(?!\s*\d)(?:\s*,\s*as\s+many\s+(?:rounds|reps)(?:\s+and\s+reps)?\s+as\s+(?:possible|you\s+can)\b)?", RegexOptions.IgnoreCase);

    /// <summary>“8 min AMRAP 1”, “4 min tabata #2”.</summary>
    private static CardPattern LongThenNumbered => field ??= new($@"^{HowLong}\s+{AnyKind}\s+{WhichOne}(?=\s*(?:$|[:.,(-]))", RegexOptions.IgnoreCase);

    /// <summary>“1st AMRAP: 8 min”, “second circuit – 9 min”.</summary>
    private static CardPattern OrdinalThenLong => field ??= new($@"^(?:the\s+)?(?:(?<n>[1-9])(?:st|nd|rd|th)|(?<n>first|second|third|fourth|fifth|sixth))\s+{AnyKind}\s*(?:[:,/-]\s*|[(\[]\s*|(?<=\s)){HowLong}\s*[)\]]?(?!\s*\d)", RegexOptions.IgnoreCase);

    private static string WhichOfThem(Match m)
    {
        var (kind, word) = (m.Groups["w"].Value, m.Groups["n"].Value.ToLowerInvariant());
        var number = char.IsAsciiDigit(word[0]) ? word
            : word[0] == 'i' ? $"{word.Length}"
            : $"{Math.Max(Array.IndexOf(NumberWords, word), Array.IndexOf(Ordinals, word)) + 1}";
        var isByMinutes = kind.EndsWith("mom", StringComparison.OrdinalIgnoreCase) || kind.Equals("amrap", StringComparison.OrdinalIgnoreCase);
        return isByMinutes ? $"{kind} {number}: {kind} {m.Groups["t"].Value} min" : $"{kind} {number} - {m.Groups["t"].Value} min";
    }
}
