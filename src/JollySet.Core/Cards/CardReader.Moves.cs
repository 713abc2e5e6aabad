using System.Collections.Immutable;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>The move a line names, and the other ways to do it.</content>
public sealed partial class CardReader
{
    /// <summary>The move that a word allowed beside another means: knees beside push-ups, a knee push-up.</summary>
    private string? EasierWay(string word, string name) =>
        Understood(word) is not null ? word
        : $"{word.TrimEnd('s')} {name}" is var joined && Understood(joined) is not null && Understood(name) is not null ? joined
        : null;

    /// <summary>“(Knees)” beside a press-up: the move with that word, where it is an easier one.</summary>
    private string? EasierByWord(string word, string name) =>
        !word.Contains(' ', StringComparison.Ordinal) && Understood(word) is null && Understood(name) is { } move && EasierWay(word, name) is { } joined && Understood(joined) is { } way && WayKind(move, way) == "easier" ? joined : null;

    /// <summary>Another way to do a station's move; words that make a move only with its name are that move.</summary>
    private void AddOption(CardStation station, string kind, string said)
    {
        var way = kind is "easier" or "harder" or "or" && Understood(said) is null && !Adjustments.Contains(said) ? WayOfMove(said, station.Name, kind) ?? said : said;
        if (!IsKnown(way))
            foreach (var need in CardHead.NeedsIn(way).Needs.Where(n => kind != "easier" || !IsOfManner(n)))
                head.AddNeed(need);
        if (kind == "or" && Understood(way) is { } other && Understood(station.Name) is { } one && WayKind(one, other) is { } ladder)
            kind = ladder;
        station.Options.Add($"{kind}: {(IsKnown(way) || Adjustments.Contains(way) ? CardNames.Written(way) : $"\"{way.Replace("\"", "\"\"", StringComparison.Ordinal)}\"")}");
    }

    private bool IsKnown(string name) => Understood(name) is { } move && move != Guessed;

    /// <summary>“No jumping” as the easier way of one move is no limit of the class.</summary>
    private static bool IsOfManner(string need) => need.StartsWith("no ", StringComparison.Ordinal);

    /// <summary>“On knees” beside a press-up, “to a chair” beside a squat: the move with those words, where there is such a move; else null.</summary>
    private string? WayOfMove(string words, string name, string kind)
    {
        if (words.Split(' ').Length > FewWords || Understood(name) is not { } move)
            return null;
        var bare = OnTheir.Replace(words, "").Trim();
        string[] before = [$"{bare.TrimEnd('s', 'S')} {name}", $"{bare} {name}"];
        return (words.Contains(' ', StringComparison.Ordinal) && !words.StartsWith("on ", StringComparison.OrdinalIgnoreCase) && !words.StartsWith("from ", StringComparison.OrdinalIgnoreCase) ? before.Prepend($"{name} {words}") : before.Append($"{name} {words}")).FirstOrDefault(w => Understood(w) is { } way && way.Name != move.Name && (kind == "or" || (kind == "easier" ? way.Tags.Rung <= move.Tags.Rung : way.Tags.Rung >= move.Tags.Rung)));
    }

    /// <summary>Which way of the one move the other is, by the library's ladder; null where it is another move.</summary>
    private static string? WayKind(Move move, Move other) =>
        move.Name == other.Name || move.Pattern != other.Pattern || !move.Muscles.Where(m => m.Share == 1).Any(m => other.Muscles.Any(o => o.Muscle == m.Muscle && o.Share == 1)) ? null
        : other.Tags.Rung < move.Tags.Rung || move.Easier == other.Name ? "easier" : null;

    private static List<string> PartsOf(string name) => [.. Plus.Split(name).Select(p => p.Trim()).Where(p => p.Length > 0)];

    /// <summary>The name of a station and its move; null where the words are no name at all.</summary>
    private (string Name, Move? Move)? Named(CardWords line, string name, CardScan scan)
    {
        if (name.Length is 0 or > 120)
            return null;
        // “Curls into presses” is written as the two it is; a squat to press is one.
        if (Understood(name) is { } sure && sure != Guessed)
            return (sure.Tags.IsCombined && library.Reader.Read(name).Moves > 1 && PartsOf(name) is var several && several.TrueForAll(IsKnown) ? string.Join(" + ", several) : name, sure);
        if (Current?.Part == CardPart.CoolDown && Understood(name + " stretch") is { } stretch)
            return (name + " stretch", stretch);
        var parts = PartsOf(name);
        if (parts.Count is > 1 and <= 4 && parts.TrueForAll(p => Understood(p) is not null))
        {
            foreach (var part in parts.Where(p => Understood(p) == Guessed))
                AskUnknown(line, part);
            return (string.Join(" + ", parts), parts.ConvertAll(Understood).Find(m => m != Guessed));
        }

        if (name.Split(' ').Length > 8)
            return null;
        var reading = library.Reader.Read(name);
        if (reading.Several.Length > 0 && Fitting(line.Raw, reading.Several) is { } chosen)
            reading = reading with { Move = chosen, Meant = chosen.Name, Base = chosen.Name };
        if (reading.Known == Sureness.Likely)
        {
            Ask(line, $"is {reading.Meant} meant?", [(reading.Meant, Instead(line, name, reading.Meant)), .. reading.Nearest.Where(n => n != reading.Base).Select(n => (n, Instead(line, name, n))), ("a note", $"note: {line.Text}")]);
            return (reading.Meant, reading.Move);
        }

        if (Understood(name) == Guessed)
        {
            CardHead.NeedsIn(name).Needs.ToList().ForEach(head.AddNeed);
            AskUnknown(line, name);
            return (name, null);
        }

        var isShort = Current is { Part: CardPart.Main } && name.Split(' ').Length <= 2 && !IsSentence(line.Text) && !line.Raw.TrimEnd().EndsWith('!') && line.Text.Length == name.Length;
        var isMove = isShort || scan.SaysStation || scan.Length is not null || (Current is not null && name.Split(' ').Length <= FewWords && !IsSentence(line.Text) && (reading.Shared * 2 >= name.Split(' ').Length || (reading.Shared > 0 && name.Split(' ').Length <= 4 && Current is { Part: CardPart.Main, HasSettings: true })));
        isMove = (isMove || IsAmongBullets(line, name)) && name.AsSpan().IndexOfAny(",:;") < 0;
        if (!isMove || Cap.IsMatch(name) || name.StartsWith("note:", StringComparison.OrdinalIgnoreCase) || !name.Any(char.IsLetter))
            return null;
        if (NoName.IsMatch(name))
            return null;
        // “Burpees bad knees”: a name that nobody knows may say whom it hurts.
        foreach (var need in CardHead.NeedsIn(name).Needs)
            head.AddNeed(need);
        AskUnknown(line, name);
        return (name, null);
    }

    /// <summary>Whether a few words stand under a bullet as the moves above or below them do, in a block that says how it runs: a move in words of one's own.</summary>
    private bool IsAmongBullets(CardWords line, string name) => Current is { Part: CardPart.Main, HasSettings: true } block && Bulleted.Match(line.Raw) is { Success: true } bullet && (line.Text == name || line.Text.StartsWith(name + " / ", StringComparison.Ordinal))
        && name.Split(' ').Length <= FewWords && !IsSentence(line.Text) && name.All(c => char.IsLetter(c) || c is ' ' or '-' or '\'')
        && words.FindAll(w => w.Number != line.Number && Math.Abs(w.Number - line.Number) <= 2 && w.Number > block.Line) is { Count: > 0 } near && near.Exists(w => IsStation(w.Text) && Bulleted.Match(w.Raw) is { Success: true } other && other.Groups["b"].Value == bullet.Groups["b"].Value);

    /// <summary>Of several moves that a short name may mean the one for this class: “kickbacks” of the leg where legs are its focus, “leg curls” standing where nobody lies down, or in a warm-up.</summary>
    private Move? Fitting(string said, ImmutableArray<Move> moves)
    {
        // “Kickbacks, 20 each leg” are of the leg.
        var ofBlock = EachLeg.IsMatch(said) ? BriefWords.Focus("lower body") : Current is { } block ? BriefWords.Focus(block.Name) : [];
        var focus = Balance.Focus.Of(new Brief { Focus = ofBlock.IsEmpty ? [.. head.List("focus")] : ofBlock });
        var staysUp = (head.List("audience").Contains("older adults") || head.List("kit").Any(k => k.StartsWith("chair", StringComparison.Ordinal))) && !head.List("kit").Contains("mat");
        return moves.OrderBy(m => head.List("needs").Any(m.Troubles)).ThenBy(m => staysUp && m.IsOnFloor).ThenBy(m => Current?.Part == CardPart.WarmUp && (m.IsOnFloor || m.Kit.Length > 0)).ThenBy(m => !m.Muscles.Any(x => x.Share == 1 && focus.Covers(x.Muscle))).FirstOrDefault();
    }

    private static CardPattern EachLeg => field ??= new(@"\b(?:each|per|a|either)\s+leg\b|/\s*leg\b", RegexOptions.IgnoreCase);

    private static CardPattern WithKit => field ??= new(@"^(?:on|with|using|holding)\s+(?:the\s+|a\s+|your\s+|our\s+|some\s+)?(?<k>[a-z][a-z ]{2,30}?)[.!]?$", RegexOptions.IgnoreCase);

    /// <summary>“In pairs”, “with the bands”, “if you can”: words beside a move, no name of one.</summary>
    private static CardPattern NoName => field ??= new(@"^(?:(?:this|next)\s+week\b|(?:two|three|four|[2-6])\s+(?:circuits|blocks|rounds|parts|supersets)$|(?:in(?!\s+and\b|\s*&)|on|with|to|for|and|or|if|when|at|by|as|until|from|we|you|they|it|that's|then)\b\s+\S|(?:can\s+|may\s+)?do\s+(?:it\s+)?on\b|back\s+to\s+back$|up\s+to(?:\s+[0-9]|$)|(?:mind|watch|careful|protect|skip|avoid|not|spare)\s+[a-z]|no\s+(?:wrists|knees)$|arthritis\b|(?:people|persons?)\s+(?:on|at|per)\b|[a-z]+'s\s+(?:knees?|wrists?|backs?|shoulders?|hips?|necks?)$)|\b(?:optional|if\s+needed)$", RegexOptions.IgnoreCase);

    /// <summary>The line with another name in it.</summary>
    private static string Instead(CardWords line, string name, string other) =>
        line.Raw.Contains(name, StringComparison.Ordinal) ? line.Raw.Replace(name, other, StringComparison.Ordinal) : other;
}
