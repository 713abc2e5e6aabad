using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Ways listed for several moves, above them, below them or a line each: “mods: push-ups → knee push-ups, burpees → step backs”, “easier: knee push-ups, step backs”.</content>
public sealed partial class CardReader
{
    /// <summary>A way that a list tells, of the move it names or of the one that it is easier or harder than.</summary>
    private sealed record ListedWay(string Kind, string? Of, string Way);

    private readonly List<(CardWords Line, List<ListedWay> Ways)> waysToCome = [];
    private (string Kind, int Line)? waysHeaded;

    private bool TakesWayList(CardWords line)
    {
        if (waysHeaded is { } head && IsBelowWays(line) && WayOfMoveIn(line.Text, head.Kind) is { } below)
        {
            waysHeaded = (head.Kind, line.Number);
            if (!PutsWays(line, [below]))
                Note(line);
            return true;
        }

        if (!line.Text.AsSpan().ContainsAny(WayMarks) && !WayListHead.IsMatch(line.Text))
            return false;
        if (OfOneLevel.IsMatch(line.Text) && Current is { Part: CardPart.Main, Stations.Count: > 0 })
        {
            Note(line);
            return true;
        }

        // An arrow parts a list elsewhere; here it stands between a move and its way.
        if (WayListHead.Match(ArrowSign.IsMatch(line.Raw) ? ArrowSign.Replace(AsTyped(line), " -> ") : line.Text) is not { Success: true } m)
            return false;
        var kind = m.Groups["easier"].Success ? "easier" : m.Groups["harder"].Success ? "harder" : "or";
        if (m.Groups["list"].Value is not { Length: > 0 } list)
        {
            if (words.Find(w => w.Number > line.Number && w.Text.Length > 0) is not { } next || Current is not { Stations.Count: > 0 } || WayOfMoveIn(next.Text, kind) is null)
                return false;
            waysHeaded = (kind, line.Number);
            Say(line, CardLineKind.Setting, "other ways");
            return true;
        }

        var pieces = WayPieces.Split(list.Trim(' ', '.', '!')).Where(p => p.Length > 0).ToList();
        var told = pieces.ConvertAll(p => WayOfMoveIn(p, kind) ?? (kind != "or" && pieces.Count > 1 && Understood(p) is not null ? new ListedWay(kind, null, p) : null));
        if (told.Count == 0 || told.Contains(null))
            return false;
        var ways = told.ConvertAll(t => t!);
        if (blocks.TrueForAll(b => b.Stations.Count == 0))
        {
            if (!m.Groups["are"].Success)
                return false;
            waysToCome.Add((line, ways));
            Say(line, CardLineKind.Setting, string.Join(" · ", ways.Select(w => w.Way)));
            return true;
        }

        if (PutsWays(line, ways) || PutsInOrder(line, ways))
            return true;
        // “Low impact: …” is a block of its own where its moves are not those of the block above.
        if (m.Groups["bare"].Success)
            return false;
        // Which move is meant cannot be told: it is none of the last one's alone.
        if (ways.TrueForAll(w => w.Of is null) && !m.Groups["are"].Success && Current is { Stations.Count: 0 })
            return false;
        Note(line);
        return true;
    }

    private bool IsBelowWays(CardWords line) => waysHeaded is { } head && head.Line == LineAbove(line);

    /// <summary>The lists that stood above the moves they are of; one of which that cannot be told is a note.</summary>
    private void PutWaysToCome()
    {
        foreach (var (line, ways) in waysToCome)
            if (!PutsWays(line, ways))
            {
                // Above every block, it stands among the notes of the class.
                notes.Add(AsTyped(line));
                Say(line, CardLineKind.Note, "note, kept here");
            }
    }

    /// <summary>Puts each way beside the moves that are meant; false, with nothing put, where one of them has none.</summary>
    private bool PutsWays(CardWords line, List<ListedWay> ways)
    {
        var of = ways.ConvertAll(w => (Way: w, Stations: MeantBy(w)));
        if (of.Exists(w => w.Stations.Count == 0))
            return false;
        foreach (var (way, stations) in of)
            foreach (var station in stations)
                AddOption(station, way.Kind, way.Way);
        Say(line, CardLineKind.Setting, string.Join(" · ", of.Select(w => $"{(w.Way.Kind == "or" ? "another way for" : $"{w.Way.Kind} than")} {w.Stations[0].Name}: {w.Way.Way}")));
        return true;
    }

    private const int FewestInOrder = 3;

    /// <summary>As many ways as the block above has moves, none of which names its move: one of each, in their order.</summary>
    private bool PutsInOrder(CardWords line, List<ListedWay> ways)
    {
        if (Current is not { Part: CardPart.Main } block || block.Stations.Count != ways.Count || ways.Count < FewestInOrder || ways.Exists(w => w.Of is not null || w.Kind == "or") || block.Stations.Exists(s => s.Options.Count >= MostWays))
            return false;
        var pairs = block.Stations.Zip(ways).Where(p => Understood(p.Second.Way)?.Name != p.First.Move?.Name || p.First.Move is null).ToList();
        // Those of another block, or of the same moves in another order, are not in this one's; nor is one that is plainly another move's.
        if (pairs.Count * 2 < ways.Count || pairs.Exists(p => MeantBy(p.Second) is { Count: > 0 } meant && !meant.Contains(p.First)) || pairs.Exists(p => block.Stations.Exists(s => s != p.First && s.Move is not null && s.Move.Name == Understood(p.Second.Way)?.Name)))
            return false;
        foreach (var (station, way) in pairs)
            AddOption(station, way.Kind, way.Way);
        Say(line, CardLineKind.Setting, string.Join(" · ", pairs.Select(p => $"{p.Second.Kind} than {p.First.Name}: {p.Second.Way}")));
        return true;
    }

    /// <summary>The stations of the one move that a way is of: the one it names, else by its words (“step back burpees”), the ladder (“crunches” below sit-ups), or a word of both (“squats” and squat jumps); none where none of these tells one.</summary>
    private List<CardStation> MeantBy(ListedWay way)
    {
        var other = Understood(way.Way);
        var all = blocks.SelectMany(b => b.Stations).Where(s => s.Move is not null && s.Options.Count < MostWays).ToList();
        Func<CardStation, bool>[] tells = way.Of is { } of
            ? [s => Understood(of)?.Name == s.Move!.Name, s => $" {s.Name} ".Contains($" {of} ", StringComparison.OrdinalIgnoreCase)]
            : [s => way.Way.EndsWith($" {s.Name}", StringComparison.OrdinalIgnoreCase), s => (way.Kind == "easier" ? WayKind(s.Move!, other!) : WayKind(other!, s.Move!)) == "easier", s => Stems(s.Name).Overlaps(Stems(way.Way))];
        return tells.Select(t => all.FindAll(s => s.Move!.Name != other?.Name && t(s))).FirstOrDefault(f => f.Select(s => s.Move!.Name).Distinct().Count() == 1) ?? [];
    }

    private static HashSet<string> Stems(string name) => [.. name.ToLowerInvariant().Split(' ', '-').Select(w => w.TrimEnd('s')).Where(w => w.Length > 3)];

    /// <summary>“Push-ups → knee push-ups”, “burpees - step back”, “for push-ups do knees”: the move and its way; null where it names no move.</summary>
    private ListedWay? WayOfMoveIn(string piece, string kind) =>
        OfMoveThenWay.Match(piece.Trim(' ', '.', '!')) is { Success: true } m && Understood(m.Groups["of"].Value) is not null && (Understood(m.Groups["w"].Value) is not null || m.Groups["w"].Value.Split(' ').Length <= 3) && CardHead.NeedsIn(m.Groups["w"].Value).Needs.IsEmpty && (m.Groups["sign"].Success || Understood(piece) is null)
            ? new ListedWay(kind, m.Groups["of"].Value, m.Groups["w"].Value) : null;

    private static CardPattern OfMoveThenWay => field ??= new(@"^(?:for\s+)?(?<of>[a-z][a-z' -]{2,40}?)(?:(?<sign>\s*(?:->|=>|[:=>])\s*|\s+[-/]\s+)|\s+(?:becomes?|to)\s+)(?:do\s+)?(?<w>[a-z][a-z' -]{2,40})$", RegexOptions.IgnoreCase);

    private static CardPattern ArrowSign => field ??= new(@"\s*(?:→|➔|->|=>)\s*");

    private static CardPattern WayPieces => field ??= new(@"\s*[;,|]\s*|\.\s+|(?<=^[^,;|]*(?:\s/\s[^,;|]*)+)\s/\s|(?<=^[^,;|]*)\s/\s(?=[^,;|]*\s/\s[^,;|]*$)");

    /// <summary>“Mods:”, “easier options - …”, “for beginners: …”; “are” where no other list is called so.</summary>
    private static CardPattern WayListHead => field ??= new(@"^(?:(?:the\s+)?(?:(?<easier>easier|easy|low(?:er)?[\s-]impact|beginner(?:'?s)?)|(?<harder>harder|hard|advanced))\s+(?<are>options?|versions?|ways|alternatives|moves)|(?:the\s+)?(?<are>options?|alternatives|variations|swaps)(?:\s+(?:(?:for|if)\s+(?:the\s+)?(?:(?<easier>beginners|newbies|newcomers|new|easier|tired)|(?<harder>advanced|regulars|harder|more)))?)?|(?<easier>(?<are>mods?|modifications?|regs?|regressions?))|(?<harder>(?<are>progs?|progressions?))|(?<easier>(?<bare>low(?:er)?(?:[\s-]impact)?)(?=\s*:)|easier|scaled|(?:for\s+)?(?:beginners|newbies|newcomers))|(?<harder>harder|(?:for\s+)?(?:advanced|regulars)))\s*(?:[:=-]|->)?\s*(?:(?<=[:=>-]\s*)(?<list>\S.*))?$", RegexOptions.IgnoreCase);

    /// <summary>“Beginners: 2 rounds”: of whoever comes, no block.</summary>
    private static CardPattern OfOneLevel => field ??= new(@"^(?:(?:for\s+)?(?:beginners|newbies|newcomers|new\s+people|advanced|regulars|fitter\s+ones)|l(?:e?ve?l)\s?[123])\s*[:=,-]?\s*(?:can\s+)?(?:(?:do|stop\s+at|just|only)\s+)*[1-9]\s*(?:rounds?|rds|sets?|laps?)(?:\s+(?:only|is\s+(?:fine|enough|plenty)))?[.!]?$", RegexOptions.IgnoreCase);
}
