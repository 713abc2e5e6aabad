using System.Buffers;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Whom a card spares, said in few words: behind a move, behind how something runs, or on a line of its own.</content>
public sealed partial class CardReader
{
    private const string Spared = @"(?:please\s+)?(?:mind|watch|careful(?:\s+(?:of|with))?|protect|spare|(?:go\s+)?easy\s+on)\s+(?:(?:the|your|her|his|their|those|[a-z]+'s)\s+)?(?:(?:bad|sore|left|right)\s+)?(?<part>knees?|wrists?|backs?|shoulders?|hips?|necks?|ankles?|elbows?|pelvic\s+floor)";

    // One of them is in everything that spares somebody behind a move: looked for before the pattern.
    private static readonly SearchValues<string> RunWords = SearchValues.Create(["rest", "off", "change", "between", "round", "set", "lap", "0 x", "5 x", "0x", "5x"], StringComparison.OrdinalIgnoreCase);
    private static readonly SearchValues<string> MindWords = SearchValues.Create(["mind", "watch", "careful", "protect", "spare", "easy on", "not for", " if ", "no wrists"], StringComparison.OrdinalIgnoreCase);

    /// <summary>“Push-ups mind the wrists” is a move, and words beside it; “repeat both, mind her back” what is done, and words.</summary>
    private string AsMinded(string text)
    {
        if (!text.AsSpan().ContainsAny(MindWords) || MindedBehind.Match(text) is not { Success: true } m || text[..m.Index].TrimEnd() is not { Length: > 0 } before)
            return text;
        if (Understood(WithoutBrackets(Scan(before).Left)) is not null)
            return $"{before} ({m.Groups["w"].Value})";
        if (!m.Value.StartsWith(',') || MindedAlone.IsMatch(before))
            return text;
        beside.Add(m.Groups["w"].Value);
        return before;
    }

    /// <summary>“100 squats shared”, “400 m run together”: how two or more of them do it stands beside the move.</summary>
    private string AsShared(string text) =>
        SharedBehind.Match(text) is { Success: true } m && IsStation(text[..m.Index]) && Understood(Scan(text).Left) is null ? $"{text[..m.Index]} ({m.Groups["w"].Value})" : text;

    private static CardPattern SharedBehind => field ??= new(@"(?:\s*[,-]\s*|\s+)(?<w>shared?(?:\s+(?:between|by)\s+[a-z0-9 ]{2,20})?|(?:split\s+|shared\s+)?between\s+(?:the\s+)?(?:you|two|both|pair|partners|2)(?:\s+of\s+you)?|as\s+a\s+(?:team|pair|group)|together|in\s+(?:pairs|teams))[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“3 rounds, 60s rest, mind knees”: whoever is spared behind how long or how often is the class's.</summary>
    private string WithoutSpared(string text)
    {
        if (!text.AsSpan().ContainsAny(RunWords) || SparedBehind.Match(text) is not { Success: true } m)
            return text;
        // Behind a rest nobody says how a move is done: “mind knees” is meant for those who have to.
        if (CardHead.NeedsIn(m.Groups["w"].Value).Needs.IsEmpty)
        {
            if (MindedAlone.Match(m.Groups["w"].Value) is not { Success: true } minded || NeedOfPart(minded) is not { } need)
                return text;
            head.AddNeed(need);
        }

        beside.Add(m.Groups["w"].Value);
        // What stands around the words was not read as it is written while they stood there.
        return CardWording.Of(text.Remove(m.Index, m.Length));
    }

    private static string? NeedOfPart(Match minded) => BriefWords.Need(minded.Groups["part"].Value) ?? BriefWords.Need(minded.Groups["part"].Value.TrimEnd('s', 'S'));

    private static CardPattern SparedBehind => field ??= new(@"(?<=[0-9]\s*(?:s|secs?|seconds?|mins?|minutes?)?\s*(?:rest|off|change(?:\s?over)?|between(?:\s+(?:rounds|sets|each))?|rounds?|sets?|laps?)(?:\s+between(?:\s+(?:rounds|sets|each))?)?|\brest\s*:?\s*[0-9]{1,3}\s*(?:s|secs?|seconds?|mins?|minutes?)(?:\s+between(?:\s+(?:rounds|sets))?)?|\b[0-9]{2}\s?[/:]\s?[0-9]{2}\s*,?\s*x\s?[0-9]{1,2})\s*(?<sign>[,;(-]|\s)\s*(?<w>(?!of\b|between\b|with\b|on\b|in\b|for\b|then\b|and\b|x\b)[a-z][^0-9:()]{4,60}?)\)?\.?(?=\s*:\s|$)", RegexOptions.IgnoreCase);

    /// <summary>“Teams of three at each station, 60 seconds work”: who does it together stands beside how it runs.</summary>
    private string AsTogether(string text)
    {
        if (Together.Match(text) is not { Success: true } m)
            return text;
        beside.Add(m.Groups["w"].Value);
        return text[m.Length..];
    }

    private static CardPattern Together => field ??= new(@"^(?<w>(?:in\s+)?(?:(?:teams|groups)\s+of\s+(?:[0-9]|two|three|four|five)|(?:pairs|twos|threes|fours)(?=\s+(?:at|on|per|to)\s))(?:\s+(?:at|on|per|to)\s+(?:each|every|a)\s+(?:station|spot|mat))?)\s*[,:-]\s+(?=[0-9])", RegexOptions.IgnoreCase);

    /// <summary>“Mind the wrists” on a line of its own: how a move is done, or whom to spare; asked.</summary>
    private bool AsksToMind(CardWords line)
    {
        if (MindedAlone.Match(line.Text) is not { Success: true } m || !CardHead.NeedsIn(line.Text).Needs.IsEmpty || BriefWords.Need(m.Groups["part"].Value) is not { } need)
            return false;
        Note(line);
        Ask(line, $"does somebody have to spare the {m.Groups["part"].Value.ToLowerInvariant()}?", ("a note", $"note: {line.Raw.Trim()}"), ($"yes: {need}", $"needs: {need}"));
        return true;
    }

    private static CardPattern MindedBehind => field ??= new(@"(?:\s*[,;]\s*|\s+-\s+|\s+)(?<w>" + Spared + @"|not\s+for\s+(?:[a-z]+'s|her|his)\s+(?:knees?|wrists?|backs?|shoulders?|hips?|necks?)|(?:skip|not|leave\s+out)\s+if\s+[a-z' ]{2,30}|no\s+wrists)[.!]?$", RegexOptions.IgnoreCase);

    private static CardPattern MindedAlone => field ??= new("^" + Spared + "[.!]?$", RegexOptions.IgnoreCase);
}
