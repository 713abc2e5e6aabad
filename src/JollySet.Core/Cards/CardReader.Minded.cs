using System.Buffers;
using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Whom a card spares, said in few words: behind a move, behind how something runs, or on a line of its own.</content>
public sealed partial class CardReader
{
    private const string Spared = @"(?:please\s+)?(?:mind|watch|careful(?:\s+(?:of|with))?|protect|spare|(?:go\s+)?easy\s+on)\s+(?:(?:the|your|her|his|their|those|[a-z]+'s)\s+)?(?:(?:bad|sore|left|right)\s+)?(?<part>knees?|wrists?|backs?|shoulders?|hips?|necks?)";

    // One of them is in everything that spares somebody behind a move: looked for before the pattern.
    private static readonly SearchValues<string> MindWords = SearchValues.Create(["mind", "watch", "careful", "protect", "spare", "easy on", "not for", " if ", "no wrists"], StringComparison.OrdinalIgnoreCase);

    /// <summary>“Push-ups mind the wrists” is a move, and words beside it; “repeat both, mind her back” what is done, and words.</summary>
    private string AsMinded(string text)
    {
        if (!text.AsSpan().ContainsAny(MindWords) || MindedBehind().Match(text) is not { Success: true } m || text[..m.Index].TrimEnd() is not { Length: > 0 } before)
            return text;
        if (Understood(WithoutBrackets(Scan(before).Left)) is not null)
            return $"{before} ({m.Groups["w"].Value})";
        if (!m.Value.StartsWith(',') || MindedAlone().IsMatch(before))
            return text;
        beside.Add(m.Groups["w"].Value);
        return before;
    }

    /// <summary>“Teams of three at each station, 60 seconds work”: who does it together stands beside how it runs.</summary>
    private string AsTogether(string text)
    {
        if (Together().Match(text) is not { Success: true } m)
            return text;
        beside.Add(m.Groups["w"].Value);
        return text[m.Length..];
    }

    [GeneratedRegex(@"^(?<w>(?:in\s+)?(?:(?:teams|groups)\s+of\s+(?:[0-9]|two|three|four|five)|(?:pairs|twos|threes|fours)(?=\s+(?:at|on|per|to)\s))(?:\s+(?:at|on|per|to)\s+(?:each|every|a)\s+(?:station|spot|mat))?)\s*[,:-]\s+(?=[0-9])", RegexOptions.IgnoreCase)]
    private static partial Regex Together();

    /// <summary>“Mind the wrists” on a line of its own: how a move is done, or whom to spare; asked.</summary>
    private bool AsksToMind(CardWords line)
    {
        if (MindedAlone().Match(line.Text) is not { Success: true } m || !CardHead.NeedsIn(line.Text).Needs.IsEmpty || Moves.BriefWords.Need(m.Groups["part"].Value) is not { } need)
            return false;
        Note(line);
        Ask(line, $"does somebody have to spare the {m.Groups["part"].Value.ToLowerInvariant()}?", ("a note", $"note: {line.Raw.Trim()}"), ($"yes: {need}", $"needs: {need}"));
        return true;
    }

    [GeneratedRegex(@"(?:\s*[,;]\s*|\s+-\s+|\s+)(?<w>" + Spared + @"|not\s+for\s+(?:[a-z]+'s|her|his)\s+(?:knees?|wrists?|backs?|shoulders?|hips?|necks?)|(?:skip|not|leave\s+out)\s+if\s+[a-z' ]{2,30}|no\s+wrists)[.!]?$", RegexOptions.IgnoreCase)]
    private static partial Regex MindedBehind();

    [GeneratedRegex("^" + Spared + "[.!]?$", RegexOptions.IgnoreCase)]
    private static partial Regex MindedAlone();
}
