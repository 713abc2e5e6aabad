using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>What the first line of a card says in one breath: a title that is figures, a title and how the class runs, where and from when to when.</summary>
internal static class CardTopLine
{
    /// <summary>Puts the first line as lines that each say one thing.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put)
    {
        var first = Array.FindIndex(lines, l => l.Any(char.IsLetterOrDigit));
        if (first < 0 || put.ContainsKey(first) || lines[first].Length > CardText.LongestLine)
            return;
        var next = Array.FindIndex(lines, first + 1, l => l.Any(char.IsLetterOrDigit));
        if (OnlyTimes.IsMatch(lines[first]) && next > 0 && lines[next].Length <= CardText.LongestLine && HowItRuns.IsMatch(lines[next]))
            put[first] = $"title: {lines[first].Trim()}";
        else if (MinutesOfPart.IsMatch(lines[first]))
            put[first] = $"title: {lines[first].Trim()}";
        else if (NumberedThenHow.Match(lines[first]) is { Success: true } m)
            put[first] = $"{m.Groups["t"].Value.Trim()}\n{m.Groups["how"].Value}";
        else if (PlaceThenClock.Match(lines[first]) is { Success: true } at)
            put[first] = $"{at.Groups["t"].Value.Trim(' ', ',')} @ {at.Groups["p"].Value.Trim(' ', ',')}, {at.Groups["c"].Value}";
    }

    /// <summary>“4x4”.</summary>
    private static CardPattern OnlyTimes => field ??= new(@"^\s*[2-9]\s?x\s?[0-9]{1,2}(?:\s?x\s?[0-9]{1,2})?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“4 exercises, 4 rounds, 40 s work”: a line that says all of it itself.</summary>
    private static CardPattern HowItRuns => field ??= new(@"^(?=.*\b[0-9]{1,2}\s*(?:rounds?|rds|laps|sets|times)\b)(?=.*\b[0-9]{2}\s*(?:s|secs?|seconds?)?\s*(?:/|on\b|work\b|each\b))", RegexOptions.IgnoreCase);

    /// <summary>“Spin & sculpt (sculpt part 20 mins)”: no minutes of the class.</summary>
    private static CardPattern MinutesOfPart => field ??= new(@"^[^()]{3,40}\([^()]*\b(?:part|bit|section|half)\b[^()]*[0-9]\s*(?:mins?|minutes?)\s*\)\s*$", RegexOptions.IgnoreCase);

    /// <summary>“HIIT 20 – 4 moves, 20 s work, 40 s rest, 5 rounds”: the minutes stand in the title.</summary>
    private static CardPattern NumberedThenHow => field ??= new(@"^\s*(?<t>[a-z][a-z &+]{1,24}?\s(?:1[05]|20|25|30|35|40|45|50|60))\s*(?::|-)\s*(?<how>[2-9]\s+(?:moves|exercises|stations)\b.*[0-9].*)$", RegexOptions.IgnoreCase);

    private const string Clock = @"(?<c>(?:[01]?[0-9]|2[0-3])[:.][0-5][0-9]\s*-\s*(?:[01]?[0-9]|2[0-3])[:.][0-5][0-9])";

    /// <summary>“Circuits @ St Mary’s Hall 18:30-19:15”, “Circuits 18:30-19:15 @ St Mary’s Hall”.</summary>
    private static CardPattern PlaceThenClock => field ??= new(@"^\s*(?<t>[a-z][^@0-9:]{2,40}?)\s*(?:@\s*(?<p>[a-z][^@0-9:,]{2,40}?)\s+" + Clock + @"|[,\s]\s*" + Clock + @"\s*@\s*(?<p>[a-z][^@0-9:,]{2,40}?))\s*$", RegexOptions.IgnoreCase);
}
