using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>“Then 4 new exercises” below moves and how they ran: other moves, which run so too.</summary>
internal static class CardMoreMoves
{
    /// <summary>Puts the line as the one that says how those above ran.</summary>
    public static void Put(string[] lines, Dictionary<int, string> put)
    {
        for (var at = 1; at < lines.Length; at++)
            if (lines[at].Length <= CardText.LongestLine && !put.ContainsKey(at) && More.IsMatch(lines[at]) && Array.FindLastIndex(lines, at - 1, l => l.Length <= CardText.LongestLine && How.IsMatch(l)) is >= 0 and var above)
                put[at] = $"Block {Array.FindAll(lines[..at], More.IsMatch).Length + 2} - {HeadOf.Replace(lines[above], "").Trim()}";
    }

    private static CardPattern More => field ??= new(@"^\s*(?:(?:and|then|now)\s+)*(?:(?:another|the\s+next|next|new)\s+[3-9]\b(?:\s+(?:new|more|different|other))?|[3-9]\s+(?:new|more|different|other))(?:\s+(?:exercises|moves|stations|ones))?\s*[:.]?\s*$", RegexOptions.IgnoreCase);

    /// <summary>“4 exercises, 4 rounds, 40 s work 20 s rest”: so often and so long.</summary>
    private static CardPattern How => field ??= new(@"^(?=.*\b[0-9]{1,2}\s*(?:rounds?|rds|laps|sets|times|x)\b|.*\bx\s?[0-9])(?=.*\b[0-9]{2}\s*(?:s|secs?|seconds?)?\s*(?:/|on\b|work\b|each\b))", RegexOptions.IgnoreCase);

    private static CardPattern HeadOf => field ??= new(@"^\s*(?:[a-z][a-z0-9 ]{0,20}\s*(?::|\s-)\s+)?(?=.*[0-9])", RegexOptions.IgnoreCase);
}
