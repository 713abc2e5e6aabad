using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Minutes down the side of a card.</summary>
internal static class CardTimeline
{
    private const int FewestSpans = 3;

    /// <summary>“0-5 warm up”, “min 5-15: squats, rows, 40/20”, “15-25 …”: minutes that go on from line to line, however they are written.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put)
    {
        var spans = Enumerable.Range(0, lines.Length).Where(i => lines[i].Length <= CardText.LongestLine).Select(i => (At: i, M: Span.Match(lines[i]))).Where(s => s.M.Success).Select(s => (s.At, From: int.Parse(s.M.Groups["a"].Value, CultureInfo.InvariantCulture), To: int.Parse(s.M.Groups["b"].Value, CultureInfo.InvariantCulture), What: s.M.Groups["what"].Value)).ToList();
        if (spans.Count < FewestSpans || spans[0].From != 0 || spans.Where((s, i) => s.To <= s.From || (i > 0 && s.From != spans[i - 1].To)).Any())
            return;
        foreach (var span in spans.Where(s => !Pause.IsMatch(s.What)))
            put[span.At] = string.Create(CultureInfo.InvariantCulture, $"{span.From}'-{span.To}' {span.What}");
    }

    private static CardPattern Span => field ??= new(@"^\s*(?:mins?\.?|minutes?|from)?\s*(?<a>[0-9]{1,3})\s*(?:mins?|minutes?|m|')?\s*(?:-|to)\s*(?<b>[0-9]{1,3})\s*(?:mins?|minutes?|m\b|')?\s*[:.)=-]?\s+(?<what>[\p{L}0-9(].*)$", RegexOptions.IgnoreCase);

    private static CardPattern Pause => field ??= new(@"^(?:water|drinks?|rest|break)\b", RegexOptions.IgnoreCase);
}
