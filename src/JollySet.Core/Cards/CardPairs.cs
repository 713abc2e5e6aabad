using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Two moves and more that a + joins, with their sets: done by turns.</summary>
internal sealed class CardPairs(string[] lines, Func<string, bool> isOneMove)
{
    /// <summary>The last letter that a pair has, its own or one that was given.</summary>
    private char last = lines.Select(l => Lettered.Match(l)).Where(m => m.Success).Select(m => char.ToUpperInvariant(m.Groups["l"].Value[0])).DefaultIfEmpty((char)('A' - 1)).Max();

    /// <summary>“A. rows + press ups 3x10, rest 60”: two moves by turns, A1 and A2.</summary>
    public string? Line(string line, Func<string, bool> isMove)
    {
        if (!line.Contains(" + ", StringComparison.Ordinal) || JoinedSets.Match(line) is not { Success: true } m)
            return null;
        var moves = m.Groups["m"].Captures.Select(c => c.Value.Trim()).ToList();
        var isOne = moves.Count == 2 && (!moves[0].EndsWith('s') || moves[0].EndsWith("ss", StringComparison.Ordinal)) && (!m.Groups["l"].Success || isOneMove($"{moves[0]} to {moves[1]}"));
        if (isOne || !moves.TrueForAll(v => isMove(v)))
            return null;
        if (!m.Groups["l"].Success && last >= 'H')
            return null;
        var letter = m.Groups["l"].Success ? m.Groups["l"].Value[0] : ++last;
        var rest = m.Groups["t"].Success ? $"\nrest {m.Groups["t"].Value}" : "";
        return string.Join('\n', moves.Select((v, at) => string.Create(CultureInfo.InvariantCulture, $"{letter}{at + 1}. {v} {m.Groups["dose"].Value}"))) + rest;
    }

    /// <summary>“A1 …”, “B) …”: a letter that is taken.</summary>
    private static CardPattern Lettered => field ??= new(@"^\s*(?<l>[A-Ha-h])(?:\s?[0-9]\b|\s?[.):])");

    private static CardPattern JoinedSets => field ??= new(@"^\s*(?:(?<l>[A-H])\s?[.):]?\s+)?(?<m>[a-z][a-z' -]{2,40}?)(?:\s\+\s(?<m>[a-z][a-z' -]{2,40}?)){1,3}\s*[:,-]?\s*(?<dose>[2-9]\s*(?:x|sets?\s+(?:of|x))\s*[0-9]{1,2}(?![0-9]|\s*(?:s|secs?|m|mins?)\b)(?:\s*reps)?(?:\s*(?:each|e/?s|each\s+side))?)(?:[\s,;-]*rest\s*(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?)?)|[\s,;-]+(?<t>[0-9]{1,3}\s*(?:s|secs?|seconds?|m|mins?|minutes?))\s*rest)?[.]?\s*$", RegexOptions.IgnoreCase);
}
