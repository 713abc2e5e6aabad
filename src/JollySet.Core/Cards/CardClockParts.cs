using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Parts from one time of the clock to the next (“Warm-up: 18:30–18:37”, “18:37-19:05 Main”): minutes of the class from its first.</summary>
internal static class CardClockParts
{
    private const int Fewest = 2;
    private const int Hour = 60;
    private const int HalfDay = 12 * Hour;

    /// <summary>Puts each of them as “0-7 warm-up”, where each begins as the one before it ends.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put)
    {
        var parts = lines.Select((l, at) => (At: at, Span: l.Length is > 0 and <= CardText.LongestLine && !put.ContainsKey(at) ? Line.Match(l) : Match.Empty)).Where(p => p.Span.Success).ToList();
        if (parts.Count < Fewest || parts.Zip(parts.Skip(1)).Any(p => Minute(p.Second.Span, "a") != Minute(p.First.Span, "b")))
            return;
        var first = Minute(parts[0].Span, "a");
        foreach (var (at, span) in parts)
            put[at] = string.Create(CultureInfo.InvariantCulture, $"{After(first, Minute(span, "a"))}-{After(first, Minute(span, "b"))} {span.Groups["what"].Value.Trim()}");
    }

    private static int Minute(Match m, string group) => int.Parse(m.Groups[group].Value, CultureInfo.InvariantCulture) * Hour + int.Parse(m.Groups[group + "m"].Value, CultureInfo.InvariantCulture);

    private static int After(int first, int minute) => (minute - first + HalfDay) % HalfDay;

    private const string Span = @"(?<a>[01]?[0-9]|2[0-3])[:.](?<am>[0-5][0-9])\s*(?:-|to|until)\s*(?<b>[01]?[0-9]|2[0-3])[:.](?<bm>[0-5][0-9])";

    private static CardPattern Line => field ??= new(@"^\s*(?:" + Span + @"\s*[:,-]?\s+(?<what>[a-z].{1,80})|(?<what>[a-z][a-z &/+-]{1,30}?)\s*(?:[:,-]\s*|\s)\(?" + Span + @"\)?)\s*$", RegexOptions.IgnoreCase);
}
