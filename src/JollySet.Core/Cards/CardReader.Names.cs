using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>What a block is called, and a head with its moves behind it.</content>
public sealed partial class CardReader
{
    private string NameOf(string text, string left, CardPart part, bool isEmpty)
    {
        left = left.TrimEnd(':').Trim();
        var begins = part == CardPart.WarmUp ? WarmUp.Match(text) : part == CardPart.CoolDown ? CoolDown.Match(text) : Begin(text);
        if (isEmpty && text.Contains("amrap", StringComparison.OrdinalIgnoreCase) && !char.IsAsciiDigit(begins.Value.LastOrDefault()) && (!begins.Success || begins.Value.Contains("amrap", StringComparison.OrdinalIgnoreCase)))
            return FreeName("AMRAP");
        if (isEmpty && !begins.Success && text.All(char.IsLetter))
            return FreeName(text);
        var name = begins.Success && (isEmpty || !left.StartsWith(begins.Value.Trim(), StringComparison.OrdinalIgnoreCase) || left.Split(' ').Count(w => w != "–") > FewWords) ? begins.Value
            : isEmpty ? ""
            : (Position.IsMatch(left) ? left : WithoutStopsAround(left)) is { } bare && bare.Split(' ').Length <= FewWords + 1 ? (begins.Success ? left : bare) : "";
        if (begins.Success && part != CardPart.Main && left.Length > name.Length && left.Split(' ').Length < FewWords && left.EndsWith(begins.Value.Trim(), StringComparison.OrdinalIgnoreCase) && !left.Split(' ').Any(IsEmpty) && left.All(c => char.IsLetter(c) || c is ' ' or '-' or '&'))
            name = left;
        // “Cool-down: walk + stretch”: what is done in it stands beside it.
        if (part != CardPart.Main && begins is { Success: true, Index: 0 } && name.Length > begins.Length && SaysMore.IsMatch(name[begins.Length..]))
            name = begins.Value;
        name = Trailing.Replace(name.TrimEnd('|', ' '), "").Trim(' ', '-', ':', ',', '.', '(', '[', ']', '|');
        // What only leads to how it runs is no part of a block's name.
        if (begins.Success && name.Length > begins.Length && IsEmpty(name[begins.Length..]) && name[begins.Length] == ':')
            name = begins.Value;
        if (begins.Success && name.Length > begins.Length)
            name = LeadsOn.Replace(name, "");
        name = RoundThese.Replace(name, "");
        if (part != CardPart.Main)
            name = AtTheEnd.Replace(name, "");
        // A sentence about how it is done has no name in it.
        if (!begins.Success && ((name.Split(' ').Length > 2 && IsSpoken.IsMatch(text)) || OnlyIf.Match(name).Length == name.Length))
            name = "";
        name = OneBell.Replace(GoesOn.Replace(name, "").TrimStart(' ', ','), "");
        if (!name.Contains('(', StringComparison.Ordinal))
            name = name.Trim(')');
        return FreeName(name.Length is > 0 and <= 60 ? name : "A");
    }

    /// <summary>“Floor (on mats, 40/10)”: how it runs is said of the block, what else stands in the bracket beside it.</summary>
    private (string Head, List<string> Besides) WithoutBesides(string head)
    {
        if (Brackets.Match(head) is not { Success: true, Index: > 0 } bracket || Commas.Split(bracket.Groups["in"].Value) is not { Length: > 1 } pieces)
            return (head, []);
        var how = Array.FindAll(pieces, p => Scan(p, isLine: false) is { Any: true } scan && IsEmpty(scan.Left));
        if (how.Length == 0)
            return (head, []);
        var behind = head[(bracket.Index + bracket.Length)..];
        return ($"{head[..bracket.Index]}, {string.Join(", ", how)}{(behind.Length > 0 && char.IsLetterOrDigit(behind[0]) ? ", " : "")}{behind}", [.. pieces.Except(how)]);
    }

    /// <summary>“If you like”, “when you can”: no name.</summary>
    private static CardPattern OnlyIf => field ??= new(@"^(?:rest(?:ing)?\s+)?(?:if|when(?:ever)?|as)\s+(?:you|we|they|it|there|needed|time)\b[a-z' ]{0,24}$", RegexOptions.IgnoreCase);

    /// <summary>The name, or the next like it that no block has: A, then B; Main, then Main 2.</summary>
    private string FreeName(string name)
    {
        // “They've been”: what somebody says is no name.
        name = OfSomebody.IsMatch(name) ? "A" : VerbBehind.Replace(name, "");
        var taken = blocks.Select(b => b.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        if (name is [>= 'A' and <= 'Z'])
        {
            for (var letter = name[0]; letter <= 'Z'; letter++)
                if (!taken.Contains(letter.ToString()))
                    return letter.ToString();
            name = "Block";
        }

        for (var n = 1; ; n++)
        {
            var free = n == 1 ? name : string.Create(CultureInfo.InvariantCulture, $"{name} {n}");
            if (!taken.Contains(free))
                return free;
        }
    }

    private static CardPattern OfSomebody => field ??= new(@"^(?:they|we|you|I|it|there|he|she|that|this)(?:'\w+)?\s+(?:are|is|was|were|been|have|had|do|did|'ll|will|be)\b|^(?:they|we|you|I|it|there|that)(?:'(?:ve|re|ll|s|m|d)\b|$)", RegexOptions.IgnoreCase);

    private static CardPattern VerbBehind => field ??= new(@"(?<=[a-z])\s+(?:has|have|is|are|was|were)$", RegexOptions.IgnoreCase);

    /// <summary>Whether words name what a class is about rather than a block of it: “lower body strength”.</summary>
    private bool IsTopic(string text) => Topic.IsMatch(text) && !Scan(text, isLine: false).SaysBlock && !text.EndsWith(':') && Scan(text, isLine: false).RepsLow is null && Scan(text, isLine: false).Sets is null;

    /// <summary>A few words with nothing said but how it runs in the next line are a block's name.</summary>
    private bool IsName(CardWords line) => line.Text.Split(' ').Length <= 4 && !Scan(line.Text).Any && Understood(WithoutBrackets(line.Text)) is null && !AreMoves(line.Text) && !IsListBelowColon(line.Text) && !IsNextOfList(line) && !(Current is { Stations.Count: > 1 } list && list.Stations[^1].Line == line.Number - 1 && MayBeStation(line.Text))
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next
        && ((Scan(next.Text, isLine: false) is { SaysBlock: true } scan && IsEmpty(scan.Left) && !BlockWord.IsMatch(next.Text)) || IsAfterDrink(next) || IsOverSets(line, next));

    /// <summary>“5) …” right below a station that is 4: the next of them, whatever it is.</summary>
    private bool IsNextOfList(CardWords line) => Current is { Stations.Count: > 0 } block && Counted.Match(line.Raw) is { Success: true } own && Counted.Match(LineAt(block.Stations[^1].Line).Raw) is { Success: true } before && block.Stations[^1].Line != block.Line && NumberIn(own.Value) == NumberIn(before.Value) + 1;

    /// <summary>The word a block begins with; among stretches a region is what is stretched.</summary>
    private Match Begin(string text) => BlockWord.Match(text) is { Success: true } begins ? begins : Current?.Part != CardPart.CoolDown ? RegionAlone.Match(text) : Match.Empty;

    /// <summary>“Balance” or “Back” right above a move: a block's name, nobody's need.</summary>
    private bool IsOverStation(CardWords line) => Begin(line.Text).Success && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && IsStation(next.Text);

    /// <summary>“Behind a chair - 10 reps x 2” above moves that say nothing of their own: how often each of them is done.</summary>
    private bool IsOverMoves(CardWords line, CardScan scan) => scan.Amount is not null && (scan.Sets is not null || ((scan.SaysReps || scan.IsEach || scan.IsOfAll || scan.SaysEachSide) && line.Text.AsSpan().ContainsAny("-:("))) && scan.Left.Length > 0 && KnownAs(WithoutBrackets(scan.Left)) == Sureness.Unknown
        && words.Where(w => w.Number > line.Number && w.Text.Length > 0).Take(2).ToList() is { Count: 2 } next && next.TrueForAll(n => n.Letter is null && Scan(n.Text).Amount is null)
        && (scan.Sets is not null ? next.TrueForAll(n => IsStation(n.Text)) : next.Exists(n => MayBeStation(n.Text)) && next.TrueForAll(n => Scan(n.Text).Left.Split(' ').Length <= FewWords && !IsSentence(n.Text) && !BeginsBlock(n.Text) && PartOf(n.Text) == CardPart.Main));

    /// <summary>Whether words are a move, certainly or most likely.</summary>
    private bool MayBeStation(string text) => Scan(text) is { SaysBlock: false } scan && WithoutBrackets(scan.Left) is { Length: > 0 } name && (Understood(name) is not null || KnownAs(name) == Sureness.Likely);

    /// <summary>“4. Balance - 20 s each” where the part above is 3, and its moves have no number: the next part.</summary>
    private bool IsNextPart(CardWords line, CardScan scan) => scan.Left.Length > 0 && Current is { Stations.Count: > 1 } part && part.Stations.TrueForAll(s => s.Line != part.Line && !Counted.IsMatch(LineAt(s.Line).Raw))
        && Counted.Match(line.Raw) is { Success: true } own && Counted.Match(LineAt(part.Line).Raw) is { Success: true } before && NumberIn(own.Value) == NumberIn(before.Value) + 1
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && !Counted.IsMatch(next.Raw) && IsStation(next.Text);

    private static int NumberIn(string counted) => int.Parse(counted.Trim().TrimEnd('.', ')'), CultureInfo.InvariantCulture);

    /// <summary>Whether a line of work comes after the drink that closed the block before.</summary>
    private bool IsAfterDrink(CardWords next) => Current is { After: not null, Water: true, Part: CardPart.Main, Stations.Count: > 0 } && Scan(next.Text) is { RepsLow: not null } && IsStation(next.Text);

    /// <summary>Whether words stand alone at the head of a paragraph of sets, or of any moves where they are shouted or a warm-up is over, after another block.</summary>
    private bool IsOverSets(CardWords line, CardWords next) => Current is { Stations.Count: > 0 } && next.Number == line.Number + 1 && line.Letter is null
        && words.Find(w => w.Number == line.Number - 1) is { Text.Length: 0 } && Scan(next.Text) is var of && Understood(WithoutBrackets(of.Left)) is not null
        && (of.Sets is not null || ((Current.Part == CardPart.WarmUp || !line.Raw.Any(char.IsLower)) && words.Find(w => w.Number == next.Number + 1) is { } second && (IsStation(second.Text) || Scan(second.Text).Amount is not null)));

    /// <summary>“All fours”, “On your back”: how one lies is the name of what is done there.</summary>
    private static CardPattern Position => field ??= new(@"^(?:on\s+)?all\s+fours\b|^on\s+(?:your|the|our)\s+(?:back|front|side|tummy|stomach|hands|knees|elbows|feet)\b", RegexOptions.IgnoreCase);
}
