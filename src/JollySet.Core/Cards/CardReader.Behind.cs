using System.Buffers;
using System.Text.RegularExpressions;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Moves and how they run in any order on one line: told apart piece by piece, and read as a head with its list.</content>
public sealed partial class CardReader
{
    private const int MostPieces = 24;
    private const int MostLinked = 4;
    private static readonly SearchValues<string> TurnWords = SearchValues.Create(["alternat", "turn"], StringComparison.OrdinalIgnoreCase);
    private static readonly SearchValues<char> PartSigns = SearchValues.Create(",;:.+/(");
    private static readonly SearchValues<string> PartWords = SearchValues.Create([" - ", " -> ", " and ", " with ", " then ", " into ", " x", "tabata", "super", "ladder", "pyramid", "altern", "back to back", " off", "s/s"], StringComparison.OrdinalIgnoreCase);

    /// <summary>“Squat x15, plank 30s, 3 rounds, 1 min rest”, “10 squats, 10 press-ups x 5”, “circuit of squats and rows. 40 on 20 off. Three times round”, “goblet squats x10 paired with rows x12, 4 rounds” and “burpees tabata style” run as they say.</summary>
    private string AsPieces(string text)
    {
        // Nothing parts it, and nothing in it says a rest.
        if (text.Length > CardText.LongestParagraph || !(text.AsSpan().ContainsAny(PartSigns) || text.AsSpan().ContainsAny(PartWords)))
            return text;
        if (AsOften.IsMatch(text.Replace(Arrow, ": ", StringComparison.Ordinal)))
            return text;
        var (kind, rest) = KindOf(text);
        if (kind is null && !text.Any(char.IsAsciiDigit))
            return text;
        var inTurn = kind == "Tabata" && InTotal.IsMatch(rest) ? InTotal.Match(rest) : rest.AsSpan().ContainsAny(TurnWords) ? TakesTurns.Match(rest) : Match.Empty;
        if (inTurn.Success)
            rest = TakesTurns.Replace(InTotal.Replace(rest, "rounds"), ", ");
        // “Tabata burpees 4 mins”: of all of it.
        if (kind == "Tabata")
            rest = MinutesBehind.Replace(rest, ", ");
        var pieces = PieceEnd.Split(BracketPieces.Replace(rest, ", ${in}, ")).Select(p => LeadsTo.Replace(p.Trim(), "").Trim('.', ' ', '-')).Where(p => p.Length > 0 && !MovesWord.IsMatch(p)).ToList();
        if (pieces.Count > MostPieces || (kind is null && pieces.Count < 2 && !((text.Contains('/', StringComparison.Ordinal) || text.Contains(" off", StringComparison.OrdinalIgnoreCase)) && Halved(text) is not null)))
            return text;
        var isNamed = pieces.Count > 1 && HeadAlone.IsMatch(pieces[0]) && (kind is null || text.StartsWith(pieces[0], StringComparison.Ordinal));
        // What stands before a colon and is none of these is a name.
        if (kind is null && text.IndexOf(": ", StringComparison.Ordinal) is > 0 and var colon && HowOf(text[..colon]) is null && !HeadAlone.IsMatch(text[..colon]) && !Commas.Split(text[..colon]).All(IsMovePiece))
            return text;
        var (how, moves, remarks, closed) = (new List<string>(), new List<string>(), new List<string>(), false);
        foreach (var piece in isNamed ? pieces.Skip(1) : pieces)
        {
            if ((HowOf(piece) ?? ((kind == "Tabata" || inTurn.Success) && MinutesAlone.IsMatch(piece) ? piece : null)) is { } said)
            {
                how.Add(said);
                closed = moves.Count > 0;
            }
            else if (!closed && MovesOf(piece, kind is not null) is { } found)
            {
                moves.AddRange(found.Moves);
                if (found.Times is { } times)
                    (closed, how) = (true, [.. how, $"{times} rounds"]);
            }
            else if (!closed && Halved(piece) is { } half)
            {
                moves.Add(half.Move);
                how.Add(half.How);
                closed = true;
            }
            else if ((closed || TakesTime.IsMatch(piece)) && moves.Count > 1 && IsRemark(piece))
            {
                remarks.Add(piece);
                closed = true;
            }
            else
            {
                return text;
            }
        }

        // A head before its list is what the rest of the reader knows.
        var isKnown = !closed && !inTurn.Success && (kind is null or "Tabata" or "Ladder" or "Pyramid") && (text.Contains(": ", StringComparison.Ordinal) || how.Count == 0);
        var fewest = kind is "Tabata" or "Ladder" or "Pyramid" || (how.Exists(h => Scan(h, isLine: false).Work is not null) && how.Exists(h => Scan(h, isLine: false).RoundsLow is not null)) ? 1 : 2;
        if (isKnown && kind is "Ladder" or "Pyramid" && moves.Count > 1 && text.LastIndexOf(": ", StringComparison.Ordinal) is > 0 and var list)
            return $"{text[..list]}: {string.Join(", ", moves)}";
        if (isKnown || moves.Count < fewest || (kind is "Superset" && moves.Count > MostLinked) || (kind is null && !how.Exists(RunsBlock)) || (kind is "Superset" && how.Count == 0))
            return text;
        if (inTurn.Success && !ByTurnsOf(how, moves.Count, kind))
            return text;
        beside.AddRange(remarks);
        var head = $"{(isNamed ? pieces[0] : "")} {(kind == "Superset" && Linked.Match(text).Groups["l"] is { Success: true } label ? $"{kind} {label.Value}" : kind is null or "Superset" ? kind : KindWord.Match(text).Groups["w"].Value)}".Trim();
        return $"{(head.Length > 0 ? head + (how.Count > 0 ? " " : "") : "")}{string.Join(", ", how)}: {string.Join(", ", moves)}";
    }

    /// <summary>What kind of block a line says in a word, and the line without it.</summary>
    private static (string? Kind, string Other) KindOf(string text)
    {
        if (Linked.Match(text) is { Success: true } linked)
            return ("Superset", Linking.Replace($"{text[..linked.Index]}, {(linked.Groups["n"].Success ? $"{linked.Groups["n"].Value} rounds, " : "")}{text[(linked.Index + linked.Length)..]}", ", "));
        if (Linking.IsMatch(text))
            return ("Superset", Linking.Replace(text, ", "));
        if (KindWord.Match(text) is not { Success: true } kind || KindWord.Count(text) > 1)
            return (null, text);
        var word = kind.Groups["w"].Value.ToLowerInvariant();
        return (char.ToUpperInvariant(word[0]) + word[1..] is var known && known is "Tabata" or "Pyramid" ? known : "Ladder", $"{text[..kind.Index]}, {text[(kind.Index + kind.Length)..]}");
    }

    /// <summary>“Alternate squats and lunges, 8 x 20/10”: so often in all. False where that does not come out even.</summary>
    private bool ByTurnsOf(List<string> how, int moves, string? kind)
    {
        var scan = Scan(string.Join(", ", how), isLine: false);
        if (scan.Every is not null || scan.Scheme is not null)
            return true;
        var (work, rest) = (scan.Work ?? (kind == "Tabata" ? 20 : null), scan.Rest ?? (kind == "Tabata" ? 10 : null));
        var slots = scan.RoundsLow ?? (scan.Length is { } all && work is { } on && rest is { } off ? all / (on + off) : kind == "Tabata" ? 8 : null);
        if (work is null || slots is not { } often || often % moves != 0 || how.Exists(h => Scan(h, isLine: false) is { Gaps.Count: > 0 }))
            return false;
        how.Clear();
        how.Add(string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{often / moves} rounds, {work}/{rest}"));
        return true;
    }

    /// <summary>“Burpees 20/10 x 8”: the move, and how it runs.</summary>
    private (string Move, string How)? Halved(string piece) =>
        Scan(piece, isLine: false) is { SaysBlock: true, Sets: null, Load: null, Tempo: null, Sides: null, Length: null } scan && piece.IndexOf(scan.Left, StringComparison.Ordinal) is >= 0 and var at && scan.Left.Length > 2 && Understood(scan.Left) is not null
            ? (scan.Left, CardNumbers.InDigits($"{piece[..at]} {piece[(at + scan.Left.Length)..]}".Trim(' ', '-', ',', ':'))) : null;

    private bool RunsBlock(string how) => Scan(how, isLine: false) is { RoundsLow: not null } or { IsAmrap: true } or { Work: not null } or { Every: not null };

    /// <summary>A piece that says how moves run and nothing else, its numbers in figures; null where it is none.</summary>
    private string? HowOf(string piece)
    {
        var said = CardNumbers.InDigits(piece);
        if (TimesOnly.IsMatch(said))
            return $"{said.TrimStart('x', 'X', ' ')} rounds";
        return Scan(said, isLine: false) is var scan && (scan.SaysBlock || scan.IsEach || scan.IsOfAll || scan.Gaps.Count > 0 || scan.SaysNoRest) && scan is { Sets: null, Load: null, Tempo: null } && (scan.RepsLow is null || scan.IsOfAll) && IsEmpty(scan.Left) ? said : null;
    }

    /// <summary>The move of a piece, or the two that “and” joins in it, and how often all of the list is done where that stands behind the last; null where one of them is none.</summary>
    private (List<string> Moves, string? Times)? MovesOf(string piece, bool isLinked)
    {
        if (IsMovePiece(piece))
            return ([piece], null);
        if (TimesBehindCount.Match(piece) is { Success: true } times && IsMovePiece(times.Groups["move"].Value))
            return ([times.Groups["move"].Value], times.Groups["n"].Value);
        var parts = (isLinked ? LinkedAnd : AndSign).Split(piece).Select(p => p.Trim()).Where(p => p.Length > 0).ToList();
        if (parts.Count < 2)
            return null;
        var found = parts.ConvertAll(p => MovesOf(p, isLinked: false));
        return found.TrueForAll(f => f is not null) && found.SkipLast(1).All(f => f!.Value.Times is null) ? ([.. found.SelectMany(f => f!.Value.Moves)], found[^1]!.Value.Times) : null;
    }

    private bool IsMovePiece(string piece) => Scan(piece) is { SaysBlock: false, Gaps.Count: 0 } move && Understood(WithoutBrackets(move.Left)) is not null;

    /// <summary>A block of one kind, said in a word.</summary>
    private static CardPattern KindWord => field ??= new(@"\b(?:an?\s+)?(?:(?:ascending|descending|time|rep)\s+)?(?<w>tabata|ladder|pyramid|countdown)\b(?:\s+(?:style|set|format))?(?:\s+of\b|\s*[:.](?=\s))?", RegexOptions.IgnoreCase);

    private static CardPattern MinutesAlone => field ??= new(@"^(?:for\s+)?\d{1,2}\s*(?:mins?|minutes?|')$", RegexOptions.IgnoreCase);

    private static CardPattern MinutesBehind => field ??= new(@"(?<=[a-z])\s+(?=\d{1,2}\s*(?:mins?|minutes?|')$)", RegexOptions.IgnoreCase);

    private static CardPattern InTotal => field ??= new(@"\brounds?\s+(?:in\s+total|altogether|in\s+all)\b", RegexOptions.IgnoreCase);

    /// <summary>“Alternating squats and lunges”: one after the other.</summary>
    private static CardPattern TakesTurns => field ??= new(@"(?<=^|[\d\s,:;)'(-])\s*,?\s*\balternat(?:e|ing)(?:\s+between)?\s*:?\s+(?!(?:sides?|legs?|arms?)\b)(?=[a-z\d].*[,/&+]|[a-z\d].*\sand\s)|\s+alternating$|,?\s*(?<=,.*)\b(?:in\s+turn|by\s+turns|taking\s+turns)$", RegexOptions.IgnoreCase);

    /// <summary>Where one piece ends.</summary>
    private static CardPattern PieceEnd => field ??= new(@"\s*[,;]\s*|(?<=[a-z\d)])[.:!]\s+|\s+\+\s+|\s+-\s+|\s+->\s+|\s+/\s+|\s+then\s+(?=\d|[a-z])", RegexOptions.IgnoreCase);

    /// <summary>How moves run, in brackets.</summary>
    private static CardPattern BracketPieces => field ??= new(@"\s*\((?<in>(?:x\s*\d|\d[^()]*[a-z/])[^()]*|rest\b[^()]*)\)", RegexOptions.IgnoreCase);

    /// <summary>Words that lead to a piece.</summary>
    private static CardPattern LeadsTo => field ??= new(@"^(?:(?:and|then|so|now|with|for|we(?:'ll|\s+will)?|you|they|the|first|next|doing|circuit\s+of|straight\s+into|go(?:ing)?\s+(?=round\b)|(?:do|repeat|run)\s+(?:it|that|this|them|all|everything)\s+)\s*\b)+(?=\S)|^(?:a\s+)?(?=circuit\s*$)", RegexOptions.IgnoreCase);

    /// <summary>A word for a block, alone.</summary>
    private static CardPattern HeadAlone => field ??= new(@"^(?:(?:main|strength|cardio|core|abs|legs|upper(?:\s+body)?|lower(?:\s+body)?|full\s+body)\s+)?(?:circuit|block|round|part|finisher|main|strength|cardio|core|abs|legs|interval|conditioning|metcon|amrap|section)(?:\s*(?:\d|[a-h]|one|two|three|four|five))?$", RegexOptions.IgnoreCase);

    /// <summary>“4 supersets of”, “superset 1:”, “back to back”: two or more moves without a pause.</summary>
    private static CardPattern Linked => field ??= new(@"(?:\b(?<n>[2-9]|10)\s*(?:x|(?:sets|rounds|rds?)\s+of(?:\s+an?)?|(?=\s*super[\s-]?sets\b))\s*)?\b(?!super[\s-]?set(?:ted)?\s+with\b)(?:super[\s-]?sets?|tri-?sets?|giant\s+sets?|bi-?sets?|compound\s+sets?|couplets?|combo|pair\s+up|back[\s-]to[\s-]back)\b(?:\s*(?<l>\d|[A-H])\b(?!\s*(?:x(?!\s?\d)|sets|rounds|rds)))?(?:\s+of\b|\s*[:.])?", RegexOptions.IgnoreCase);

    /// <summary>“Squats paired with rows”, “squats s/s rows”.</summary>
    private static CardPattern Linking => field ??= new(@"\s+(?:paired\s+(?:up\s+)?with|super[\s-]?set(?:t?ed)?\s+with|s/s(?:\s+with)?|(?:then\s+)?straight\s+into|(?:then\s+)?directly\s+into|followed\s+by)\s+", RegexOptions.IgnoreCase);

    /// <summary>What only says that moves follow.</summary>
    private static CardPattern MovesWord => field ??= new(@"^(?:the\s+)?(?:exercises|moves|movements|stations)(?:\s+are)?$", RegexOptions.IgnoreCase);

    private static CardPattern LinkedAnd => field ??= new(@"\s+(?:and|with|&|then|w/)\s+|(?<=[a-z])/(?=[a-z])", RegexOptions.IgnoreCase);

    /// <summary>“10 sit-ups x 5” at the end of a list of counts.</summary>
    private static CardPattern TimesBehindCount => field ??= new(@"^(?<move>(?:\d{1,3}\s+[a-z][a-z' -]+?|[a-z][a-z' -]+?\s+(?:x\s*)?\d{1,3}))\s*(?:x\s*(?<n>[2-9]|10)|\(\s*x\s*(?<n>[2-9]|10)\s*\))$", RegexOptions.IgnoreCase);
}
