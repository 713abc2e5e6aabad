using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>A line of times and of what they are of, and nothing else: “50 secs, 10 secs to change”, “Block 1: 40 secs at each and 20 to move on, twice round”.</content>
public sealed partial class CardReader
{
    private const int MostRoundsSaid = 20;

    /// <summary>The line in the words of a head; as it is where it holds anything else, or is read as it stands.</summary>
    private string AsTimings(string text)
    {
        if (text.LastIndexOf(", ", StringComparison.Ordinal) is > 0 and var at && OnlyTimings().IsMatch(text[..at]) && BriefWords.Need(text[(at + 2)..].TrimEnd('.')) is not null)
        {
            beside.Add(text[(at + 2)..]);
            text = text[..at];
        }

        // “Plank: 30 secs, 10 secs rest, 3 times” is the move's.
        if (OnlyTimings().Match(text) is not { Success: true } line || text.Contains(". ", StringComparison.Ordinal) || Understood(line.Groups["head"].Value.TrimEnd(' ', ':', '-')) is not null)
            return text;
        var how = line.Groups["how"].Value;
        if (Scan(how, isLine: false) is { SaysBlock: true, Work: not null, Rest: not null } scan && !scan.Left.Any(char.IsAsciiDigit))
            return text;
        how = WorkBare().Replace(SecondsByStrokes().Replace(how, "s"), "${w}s work");
        how = RestBare().Replace(RestByLetter().Replace(RestNamed().Replace(how, "${t}s rest "), "rest"), "${r} rest");
        // What nothing is said of is worked where a rest is said beside it.
        return CardTold.Of(how) is { SaysHow: true, Reps: null, RepsASide: null, Rounds: null or <= MostRoundsSaid, IsAmrap: false, IsByMinute: false } told && told.AsWorked() is { Work: not null, Length: null } && !HasWords(told.Left)
            ? line.Groups["head"].Value + string.Join(", ", told.How()) : text;
    }

    /// <summary>Numbers, what they are of, and words that lead on, below a name or not: whatever else stands in a line is not lost in it.</summary>
    [GeneratedRegex(@"^(?<head>(?>[a-z][a-z']*(?: [a-z0-9][a-z']*){0,3})(?:\s*:\s*|\s+-\s+))?(?<how>(?!each\s+round|[0-9]+-[0-9]+\s)(?=[^0-9]*[0-9]+[^0-9]+[0-9])(?>(?:[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?|""|'')?|a|an|the|and|then|with|to|at|on|off|of|for|in|per|each|every|all|have|take|about|stations?|exercises?|moves?|it|one|next|work|rest|r|break|breather|recover|recovery|move|change|changeover|swap|switch|transition|run|walk|jog|get|go|over|round|across|along|between|them|there|everyone|your|breath|catch|do|times|rounds?|twice)(?:(?:[\s,.;/+&-]|(?<![0-9]):)+|$))+)$", RegexOptions.IgnoreCase)]
    private static partial Regex OnlyTimings();

    [GeneratedRegex(@"(?<=[0-9])\s*(?:""|'')")]
    private static partial Regex SecondsByStrokes();

    /// <summary>“Work 50”, “50 on”.</summary>
    [GeneratedRegex(@"\b(?:do|work)\s*[:=]?\s*(?:for\s+)?(?<w>[0-9]{2,3})\b(?:\s*(?:s|secs?|seconds?)\b)?(?!\s*(?:mins?|minutes?|rounds?|times|work)\b)|\b(?<w>[0-9]{2,3})\s+on\b(?!\s+(?:each|the)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex WorkBare();

    /// <summary>“Rest: 10”, “change in 10 secs”.</summary>
    [GeneratedRegex(@"(?:(?<![0-9]\s*(?:s|secs?|seconds?|mins?|minutes?)?\s*(?:to\s+|of\s+)?)|(?=\S+\s+in\b)|(?<=^[0-9]+\s*[a-z]+\s+)(?=\S+\s+[0-9]+\s*[a-z]*$))\b(?:rest|r|off|break|recovery|change(?:over)?|swap|switch|move)\s*[:=]?\s*(?:for\s+|in\s+|of\s+)?(?<t>[0-9]{1,3})\s*(?:s|secs?|seconds?)?\b(?!\s*(?:mins?|minutes?|rest|rounds?|times)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex RestNamed();

    /// <summary>“10s r”, “10 sec swap”.</summary>
    [GeneratedRegex(@"(?<=[0-9]\s*(?:s|secs?|seconds?)\s+)(?:r|(?:swap|switch|change|move)(?:\s+over)?)\b(?!\s+(?:[0-9]|for|in)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex RestByLetter();

    /// <summary>“50 secs, 10 secs”, “50 secs on each, 10 secs”.</summary>
    [GeneratedRegex(@"(?<=[0-9]{2}[^0-9]*[\s,/;+&-]\s*)(?<!\b(?:rest|off|break|change|swap|work|for|on)\s*[:,]?\s*)(?<!\b(?:rest|off|break|change|swap|between)\b.*)(?<r>\b[0-9]{1,2}\s*(?:s|secs?|seconds?))\s*(?=$|[,;])(?!.*[0-9]\s*(?:s|secs?|seconds?|mins?|minutes?)\b)", RegexOptions.IgnoreCase)]
    private static partial Regex RestBare();
}
