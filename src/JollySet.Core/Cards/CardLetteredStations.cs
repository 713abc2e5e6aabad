using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Stations that are lettered, not numbered: a move each behind A, B, C and so on, below how all of them run.</summary>
internal static class CardLetteredStations
{
    private const int Fewest = 3;

    /// <summary>Puts each of them behind its number.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put, Func<string, bool> isMove)
    {
        for (var from = 1; from < lines.Length; from++)
        {
            var (names, next) = (new List<string>(), from);
            for (; next < lines.Length && !put.ContainsKey(next) && lines[next].Length is > 0 and <= CardText.LongestLine && Line.Match(lines[next]) is { Success: true } m && m.Groups["l"].Value[0] == 'A' + names.Count; next++)
                names.Add(m.Groups["w"].Value);
            var above = Array.FindLastIndex(lines, from - 1, l => l.Trim().Length > 0);
            if (names.Count >= Fewest && above >= 0 && How.IsMatch(lines[above]) && names.Count(n => isMove(Brackets.Replace(n, "").Trim())) * 2 > names.Count)
                for (var at = 0; at < names.Count; at++)
                    put[from + at] = string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{at + 1}. {names[at]}");
            from = Math.Max(from, next - 1);
        }
    }

    /// <summary>A letter and a name without a figure: what has figures says how it runs itself.</summary>
    private static CardPattern Line => field ??= new(@"^\s*(?:station\s+)?(?<l>[A-L])\s*(?:[.):/=]|\s-)\s*(?<w>[A-Za-z][^0-9,:;]{2,60})$");

    private static CardPattern Brackets => field ??= new(@"\([^()]*\)");

    /// <summary>“50s/20s”, “6 stations”, “3 laps”, “40 secs on”, or water between laps behind it.</summary>
    private static CardPattern How => field ??= new(@"[0-9]{2}\s*s?\s*[/:]\s*[0-9]{2}\s*s?\b|\b[0-9]{1,2}\s+(?:stations|exercises|moves)\b|\b[0-9]{2}\s*(?:s|secs?|seconds?)\s+(?:on|work|each)\b", RegexOptions.IgnoreCase);
}
