using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <content>Numbers as they are dictated: a card without a figure that is full of number words.</content>
internal static partial class CardNumbers
{
    private const int FewestSpoken = 4;
    private static readonly string[] Ones = ["two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen", "eighteen", "nineteen"];
    private static readonly string[] Tens = ["twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"];

    /// <summary>Whether a card says all of its numbers in words, and many.</summary>
    public static bool AreSpoken(string[] lines) =>
        !lines.Any(l => l.Any(char.IsDigit)) && lines.Sum(l => l.Length <= CardText.LongestParagraph ? SpokenNumber.Count(l) : 0) >= FewestSpoken;

    /// <summary>How many numbers are said in words.</summary>
    public static int Spoken(string text) => SpokenNumber.Count(text);

    /// <summary>The words with those numbers in figures: “forty five seconds” is 45 seconds.</summary>
    public static string InDigits(string text) => SpokenNumber.Replace(text, m =>
        m.Groups["one"].Success ? "1"
        : ((Array.IndexOf(Tens, m.Groups["tens"].Value.ToLowerInvariant()) + 2) * (m.Groups["tens"].Success ? 10 : 0) + (m.Groups["ones"].Success ? m.Groups["ones"].Value.Equals("one", StringComparison.OrdinalIgnoreCase) ? 1 : Array.IndexOf(Ones, m.Groups["ones"].Value.ToLowerInvariant()) + 2 : 0)).ToString(CultureInfo.InvariantCulture));

    private static CardPattern SpokenNumber => field ??= new(@"(?<!\b(?:blocks?|circuit|part|superset|set|round|station|week|day|class|level)\s)\b(?:(?<tens>twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[\s-](?<ones>one|two|three|four|five|six|seven|eight|nine)(?!\s+(?:rounds?|sets?|times|exercises|moves|reps|minutes?|mins?)\b))?|(?<ones>two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen)|(?<one>one)(?=\s+(?:min(?:ute)?|round|set|sec(?:ond)?|time)\b))\b(?![\s-]*(?:handed|armed|legged|arms?|hands?|legs?|blocks?|circuits?|parts?|supersets?)\b)", RegexOptions.IgnoreCase);
}
