using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>“Leg press 3/12” on several lines one below the other: sets and reps. Alone it may be a date, or three on one side and twelve on the other.</summary>
internal static class CardSetsByStroke
{
    private const int Fewest = 3;

    /// <summary>Puts each line of such a list in sets and reps.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var from = 0; from < lines.Length; from++)
        {
            var next = from;
            var (run, known) = (new List<string>(), 0);
            for (; next < lines.Length && !put.ContainsKey(next) && lines[next].Length is > 0 and <= CardText.LongestLine && Line.Match(lines[next]) is { Success: true } m; next++)
            {
                run.Add($"{m.Groups["before"].Value}{m.Groups["name"].Value} {m.Groups["s"].Value}x{m.Groups["r"].Value}{m.Groups["more"].Value}");
                known += isMove(m.Groups["name"].Value.Trim()) ? 1 : 0;
            }

            if (run.Count >= Fewest && known * 2 > run.Count)
                for (var at = 0; at < run.Count; at++)
                    put[from + at] = run[at];
            from = Math.Max(from, next - 1);
        }
    }

    private static CardPattern Line => field ??= new(@"^\s*(?<before>[0-9]{1,2}\s?[.)]\s+)?(?<name>[a-z][a-z' -]{2,40}?)\s*[:,-]?\s+(?<s>[2-6])/(?<r>[0-9]{1,2}(?:\s*-\s*[0-9]{1,2})?\s*(?:s|secs?)?)(?<more>\s*(?:@.{1,12}|\([^()]{1,30}\)|each\s+(?:side|leg|arm)|e/s)?)\s*$", RegexOptions.IgnoreCase);
}
