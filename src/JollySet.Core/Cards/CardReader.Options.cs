using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Other ways to do a move, and whatever else stands in brackets behind it or beside its name.</content>
public sealed partial class CardReader
{
    /// <summary>What a bracket on a move's line becomes: words of the line where it says how much, how or on which side; nothing where it is an option, or words beside it.</summary>
    /// <param name="options">Takes the ways it tells.</param>
    /// <param name="own">Takes the words that are kept beside the move.</param>
    private string OfBracket(string text, Match m, List<(string Kind, string Text)> options, List<string> own)
    {
        var inside = LetterOfWay.Replace(m.Groups["in"].Value.Trim(), w => w.Value[0] is 'E' or 'e' ? "easier: " : "harder: ");
        if (SideAlone.IsMatch(inside))
            return $" {inside} ";
        // “16kg goblet squat (8)”: so many of them.
        if (BareCount.IsMatch(inside) && Scan(text[..m.Index]) is { Load: not null, RepsLow: null, Length: null, Sets: null } loaded && Understood(loaded.Left) is not null)
            return $" x{inside} ";
        if (RangeAlone.IsMatch(inside) && Scan(text[..m.Index]) is { Sets: not null })
            return $", rest {inside}";
        if (TempoAlone.IsMatch(inside))
            return $", tempo {inside}";
        if (HalfEach.Match(inside) is { Success: true } half)
            return CardScan.HasCount(text[..m.Index], 2 * int.Parse(half.Groups["n"].Value, System.Globalization.CultureInfo.InvariantCulture)) ? ", alternating" : $", {half.Groups["n"].Value} each side";
        if (Called.IsMatch(inside) && text[..m.Index].Any(char.IsAsciiDigit))
        {
            own.Add(inside);
            return " ";
        }

        if (WaysIn(inside) is { Count: > 1 } told)
        {
            options.AddRange(told);
            return " ";
        }

        var ways = inside.Split(inside.Contains(';', StringComparison.Ordinal) || !Commas.Split(inside).All(p => WaySaid(p) is not null) ? [";"] : new[] { "," }, StringSplitOptions.None).Select(i => WaySaid(i.Trim())).ToList();
        if (ways.TrueForAll(w => w is not null))
            options.AddRange(ways.Select(w => w!.Value));
        else if (Scan(inside, isLine: false) is { Any: true } said && (IsEmpty(said.Left) || BareCount.IsMatch(said.Left)))
            return text[(m.Index + m.Length)..].TrimStart() is [not (',' or ';' or ')' or ':' or '*'), ..] ? $", {inside}, " : ", " + inside;
        else if (BriefWords.Kit(inside) is not null && Understood($"{Scan(text[..m.Index]).Left} {inside}") is not null)
            return $" {inside} ";
        else if (Understood(inside) is { } other && Understood(Scan(text[..m.Index]).Left) is { } one && other.Name != one.Name)
            options.Add((WayKind(one, other) ?? "or", inside));
        else if (inside.Length > 0)
            own.Add(inside);
        return " ";
    }

    /// <summary>The move of a line that names another one beside it, and whether it is unknown beside one that is known: “press-ups / knees”, “squat or lunge”.</summary>
    private (string Name, bool IsBesideKnown) WithoutOthers(string name, List<(string Kind, string Text)> options)
    {
        // “Press-ups / knees”: the easier way beside it.
        if (Strokes.Split(name) is [var whole, var lighter] && Understood(whole) is not null && Understood(lighter) is null && EasierWay(lighter, whole) is { } eased)
        {
            name = whole;
            options.Add(("easier", eased));
        }

        // “Star jumps / half stars”: another way in words of one's own.
        if (Strokes.Split(name) is [var chief, var loose] && Understood(chief) is not null && Understood(loose) is null && loose.Split(' ').Length <= 3 && loose.All(c => char.IsLetter(c) || c is ' ' or '-'))
        {
            name = chief;
            options.Add(("or", loose));
        }

        // “Press-up / knee press-up”: the same move, lighter.
        if (Strokes.Split(name) is [var full, var other] && Understood(full) is { } fully && Understood(other) is { } beside)
        {
            name = full;
            options.Add((WayKind(fully, beside) ?? "or", other));
        }

        var isBesideKnown = false;
        if (Or.Split(name) is [var unknown, var known] && Understood(name) is null && Understood(unknown) is null && Understood(known) is not null && unknown.Split(' ').Length <= 3 && unknown.All(c => char.IsLetter(c) || c is ' ' or '-'))
        {
            (name, isBesideKnown) = (unknown, true);
            options.Add(("or", known));
        }
        else if (Or.Split(name) is [var first, var second] && Understood(first) is not null && Understood(name) is null && (Understood(second) is not null || (second.Split(' ').Length <= 3 && second.All(c => char.IsLetter(c) || c is ' ' or '-'))))
        {
            name = first;
            options.Add(("or", second));
        }

        return (name, isBesideKnown);
    }
}
