using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using static JollySet.Core.Cards.CardPhrases;

namespace JollySet.Core.Cards;

/// <content>Lines of work: a move with its amount, load, sides and options, or several of them.</content>
public sealed partial class CardReader
{
    private static readonly HashSet<string> Adjustments = new(Enum.GetValues<Adjustment>().Select(a => Words.Of(a)), StringComparer.OrdinalIgnoreCase);

    private void TakeStations(CardWords line, string text)
    {
        var found = Parted(text).Select(part => StationOf(line, part)).ToList();
        if (found.Contains(null) && found.Count > 1)
            found = [StationOf(line, text)];
        var stations = found.OfType<CardStation>().ToList();
        if (stations.Count == 0 || Current?.Stations.Count + stations.Count > Limits.Stations || (stations.TrueForAll(s => s.Move is null) && IsSentence(text)))
        {
            Note(line);
            return;
        }

        foreach (var station in stations)
        {
            Put(line, station);
            if (Current!.ForAll is { } all)
            {
                station.Sets ??= all.Sets;
                station.Tempo ??= all.Tempo;
                station.Amount ??= all.Work is null && !(all.SaysEachSide && all.RepsLow is null) ? all.Amount : null;
                station.Sides ??= all.SaysEachSide ? "each side" : null;
            }
        }

        var unsure = questions.Exists(q => q.Line == line.Number);
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Station, "", unsure ? Sureness.Likely : Sureness.Certain, [.. stations.Select(s => s.Name)]);
    }

    private void Put(CardWords line, CardStation station)
    {
        if (line.Letter is { } letter)
        {
            if (Current?.Letter != letter)
                blocks.Add(new CardBlock(line.Number, FreeName(letter.ToString()), CardPart.Main) { Letter = letter, RoundsLow = Current is { Stations.Count: 0, Letter: null } heading ? heading.RoundsLow : null });
        }
        else if (Current is null || Current.Letter is not null)
        {
            blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
        }
        else if (Current is { Stations.Count: > 0, IsSuperset: false } current && (current.Stations[^1].Sets != (station.Sets ?? current.ForAll?.Sets)) && current.Part == CardPart.Main && (current.Stations[^1].Sets is not null || current.RoundsLow is null))
        {
            blocks.Add(new CardBlock(line.Number, FreeName(current.HasSettings ? "A" : current.Name), CardPart.Main));
        }

        Current!.Stations.Add(station);
    }

    /// <summary>A station's words; null where nothing of a station is in them.</summary>
    private CardStation? StationOf(CardWords line, string text)
    {
        var (options, own) = (new List<(string Kind, string Text)>(), new List<string>());
        var bare = Brackets().Replace(text, m =>
        {
            var inside = m.Groups["in"].Value.Trim();
            var ways = inside.Split(';').Select(i => WayOf(i.Trim())).ToList();
            if (ways.TrueForAll(w => w is not null))
                options.AddRange(ways.Select(w => w!.Value));
            else if (Scan(inside, isLine: false) is { Any: true } said && IsEmpty(said.Left))
                return ", " + inside;
            else if (inside.Length > 0)
                own.Add(inside);
            return " ";
        });
        var segments = Dashes().Split(bare);
        var kept = new List<string> { segments[0] };
        foreach (var segment in segments.Skip(1))
        {
            if (WayOf(segment.Trim()) is { } way)
                options.Add(way);
            else if (BareCount().Match(segment) is { Success: true } count)
                kept.Add("x" + count.Value.Trim());
            else if (Scan(segment, isLine: false) is { Any: true } said && IsEmpty(said.Left))
                kept.Add(segment);
            else if (segment.Trim().Length > 0)
                own.Add(segment.Trim());
        }

        var scan = Scan(string.Join(", ", kept));
        var name = scan.Left;
        if (scan.Remark is { } remark)
            own.Add(remark);
        if (library.Understood(name) is null && WithoutStopsAround(name) is { Length: > 0 } trimmed && library.Understood(trimmed) is not null)
            name = trimmed;
        if (name.Length == 0 && own.Count > 0 && !scan.SaysBlock)
        {
            name = own[0];
            own.RemoveAt(0);
        }

        if (Or().Split(name) is [var first, var second] && library.Understood(first) is not null && library.Understood(second) is not null && library.Understood(name) is null)
        {
            name = first;
            options.Add(("or", second));
        }

        if (name.AsSpan().IndexOfAny(',', ':') is > 0 and var at && library.Understood(name) is null && library.Understood(name[..at].Trim()) is not null)
        {
            own.Add(name[(at + 1)..].Trim());
            name = name[..at].Trim();
        }

        // “Carry: farmer carry”: a word for it before its name.
        if (name.IndexOf(':', StringComparison.Ordinal) is > 0 and var label && library.Understood(name) is null && library.Understood(name[(label + 1)..].Trim()) is not null)
        {
            own.Add(name[..label].Trim());
            name = name[(label + 1)..].Trim();
        }

        if (Named(line, name, scan) is not { } named)
            return null;
        var station = new CardStation(line.Number, named.Name)
        {
            Move = named.Move,
            Amount = scan.IsEach && scan.Length == Current?.Work && scan.RepsLow is null ? null : scan.Amount,
            Load = scan.Load,
            Tempo = scan.Tempo,
            Sides = scan.Sides,
            Sets = scan.Sets ?? (scan.RepsLow is not null || scan.Length is not null ? scan.RoundsLow : null),
        };
        foreach (var (kind, way) in options)
            station.Options.Add($"{kind}: {(library.Understood(way) is not null || Adjustments.Contains(way) ? CardNames.Written(way) : $"\"{way.Replace("\"", "\"\"", StringComparison.Ordinal)}\"")}");
        foreach (var (seconds, _, _) in scan.Gaps)
            station.Rest = seconds;
        // What is said of how a block runs has no place on a move's own line: it is kept beside it.
        if ((scan.RoundsLow is not null && station.Sets != scan.RoundsLow) || scan.Work is not null || scan.Scheme is not null || scan.Every is not null || scan.IsAmrap)
            own.Add(line.Text);
        station.Notes.AddRange(own);
        return station;
    }

    /// <summary>The name of a station and its move; null where the words are no name at all.</summary>
    private (string Name, Move? Move)? Named(CardWords line, string name, CardScan scan)
    {
        if (name.Length is 0 or > 120)
            return null;
        if (library.Understood(name) is { } sure)
            return (name, sure);
        if (Current?.Part == CardPart.CoolDown && library.Understood(name + " stretch") is { } stretch)
            return (name + " stretch", stretch);
        var parts = Plus().Split(name).Select(p => p.Trim()).Where(p => p.Length > 0).ToList();
        if (parts.Count is > 1 and <= 4 && parts.TrueForAll(p => library.Understood(p) is not null))
            return (string.Join(" + ", parts), library.Understood(parts[0]));
        if (name.Split(' ').Length > 8)
            return null;
        var reading = library.Reader.Read(name);
        if (reading.Known == Sureness.Likely)
        {
            Ask(line, $"is {reading.Meant} meant?", [(reading.Meant, Instead(line, name, reading.Meant)), .. reading.Nearest.Where(n => n != reading.Base).Select(n => (n, Instead(line, name, n))), ("a note", $"note: {line.Text}")]);
            return (reading.Meant, reading.Move);
        }

        var isShort = Current is { Part: CardPart.Main } && name.Split(' ').Length <= 2 && !IsSentence(line.Text) && line.Text.Length == name.Length;
        var isMove = isShort || scan.SaysStation || scan.Length is not null || (Current is not null && name.Split(' ').Length <= FewWords && !IsSentence(line.Text) && reading.Shared * 2 >= name.Split(' ').Length);
        if (!isMove || Cap().IsMatch(name) || name.StartsWith("note:", StringComparison.OrdinalIgnoreCase) || !name.Any(char.IsLetter))
            return null;
        Ask(line, $"“{name}” is not known", [("a move of my own", Instead(line, name, name)), .. reading.Nearest.Select(n => ($"it is {n}", Instead(line, name, n))), ("a note", $"note: {line.Text}")]);
        return (name, null);
    }

    /// <summary>The line with another name in it.</summary>
    private static string Instead(CardWords line, string name, string other) =>
        line.Raw.Contains(name, StringComparison.Ordinal) ? line.Raw.Replace(name, other, StringComparison.Ordinal) : other;

    /// <summary>The moves of a line that lists several, else the line.</summary>
    private List<string> Parted(string text)
    {
        var parts = Commas().Split(text).Select(p => p.Trim().TrimEnd('.')).Where(p => p.Length > 0).ToList();
        // “40 s of squats and 40 s of rows”: two, where each says its own amount.
        parts = parts.SelectMany(p => And().Split(p) is { Length: 2 } both && both.All(b => Scan(b) is { Amount: not null }) ? both : new[] { p }).ToList();
        if (parts.Count < 2 && Strokes().Split(text) is { Length: > 2 } strokes)
            parts = [.. strokes.Select(p => p.Trim())];
        if (parts.Count < 2)
            return [text];
        var names = parts.ConvertAll(p => Scan(p) is var scan && WithoutStopsAround(WithoutBrackets(scan.Left)) is { Length: > 0 } left && (library.Understood(left) is not null || library.Understood(left + " stretch") is not null || library.Reader.Read(left).Known == Sureness.Likely));
        return names.Count(n => n) >= 2 && names.Count(n => n) * 2 > names.Count ? parts : [text];
    }
}
