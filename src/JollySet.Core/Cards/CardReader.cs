using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Cards;

/// <summary>Reads a class as it is scribbled. Nothing on a card is dropped and nothing is guessed in silence: what is unsure is asked, what is not about the class is kept as a note where it stood.</summary>
public sealed partial class CardReader
{
    /// <summary>A longer text is no card.</summary>
    public const int MostBytes = 120_000;

    private const int FewWords = 5;
    private const int LongRest = 45;
    private const int MostTries = 60;
    private readonly MoveLibrary library;
    private readonly List<CardWords> words;
    private readonly HashSet<int> refused;
    private readonly CardHead head = new();
    private readonly List<CardBlock> blocks = [];
    private readonly List<string> notes = [];
    private readonly Dictionary<int, CardLine> read = [];
    private readonly List<CardQuestion> questions = [];
    private int? lastMinute;

    private CardReader(List<CardWords> words, MoveLibrary library, HashSet<int> refused) => (this.words, this.library, this.refused) = (words, library, refused);

    private readonly Dictionary<(string, bool), CardScan> scans = [];

    /// <summary>What a stretch of words says; each is taken apart once.</summary>
    private CardScan Scan(string text, bool isLine = true)
    {
        if (!scans.TryGetValue((text, isLine), out var scan))
            scans[(text, isLine)] = scan = new CardScan(text, isLine);
        return scan;
    }

    private CardBlock? Current => blocks.Count > 0 ? blocks[^1] : null;

    /// <summary>The card as it is understood; null where it is larger than a card may be.</summary>
    public static CardReading? Read(string text, MoveLibrary? library = null)
    {
        if (System.Text.Encoding.UTF8.GetByteCount(text) > MostBytes)
            return null;
        if (text.Contains("\n==", StringComparison.Ordinal) && SheetReader.Read(text, library).Plan is { } sheet && Keeping.Gate.Pass(sheet).Passed is { } kept)
            return new CardReading(kept.Plan, [.. text.ReplaceLineEndings("\n").Split('\n').Select((l, i) => new CardLine(i + 1, l, l.Trim().Length == 0 ? CardLineKind.Blank : CardLineKind.Station, l.Trim(), Sureness.Certain, []))], []);
        var lines = CardText.Lines(text.Replace('\0', ' '));
        var refused = new HashSet<int>();
        for (var tries = 0; ; tries++)
        {
            var reader = new CardReader(lines, library ?? MoveLibrary.Shipped, refused);
            if (tries == MostTries)
                refused.UnionWith(lines.Select(l => l.Number));
            reader.ReadLines();
            var (plan, wrong) = CardSheet.Plan(reader.head, reader.blocks, reader.notes);
            if (plan is not null)
                return new CardReading(plan, [.. lines.Select(reader.LineOf)], [.. reader.questions.OrderBy(q => q.Line).ThenBy(q => q.Column)]);
            // What no sheet can say is kept as a note.
            refused.UnionWith(wrong.Where(n => n > 0).DefaultIfEmpty(lines.FirstOrDefault(l => !refused.Contains(l.Number))?.Number ?? 0));
        }
    }

    private CardLine LineOf(CardWords line) => read.GetValueOrDefault(line.Number) ?? new CardLine(line.Number, line.Raw, CardLineKind.Blank, "", Sureness.Certain, []);

    private void ReadLines()
    {
        var isFirst = true;
        foreach (var line in words)
        {
            if (line.Text.Length == 0)
                continue;
            if (refused.Contains(line.Number) || line.Raw.Length > CardText.LongestLine)
                Note(line);
            else
                Take(line, isFirst);
            isFirst = false;
        }

        head.Minutes ??= lastMinute;
        CardGaps.Closed(blocks, questions, words);
        // What was asked and guessed is in by now: each line is told as it will be.
        foreach (var told in blocks.SelectMany(b => b.Stations).GroupBy(s => s.Line))
            if (read.GetValueOrDefault(told.Key) is { Kind: CardLineKind.Station } line)
                read[told.Key] = line with { Read = string.Join(" · ", told.Select(s => s.Told())), Sure = questions.Exists(q => q.Line == told.Key) ? Sureness.Likely : Sureness.Certain };
        foreach (var block in blocks)
            if (read.GetValueOrDefault(block.Line)?.Kind != CardLineKind.Station || block.Stations.TrueForAll(s => s.Line != block.Line) || Listed(LineAt(block.Line).Text).Items is not null)
                Say(LineAt(block.Line), CardLineKind.Block, block.Told());
    }

    private CardWords LineAt(int number) => words.Find(w => w.Number == number)!;

    private void Take(CardWords line, bool isFirst)
    {
        if (isFirst && ((line.IsHeading && PartOf(line.Text) == CardPart.Main) || !BeginsBlock(line.Text) || (TitleBesides().IsMatch(line.Text) && !Talk().IsMatch(line.Text)) || IsTopic(line.Text) || IsOverBlock(line)) && !IsStation(line.Text) && Scan(line.Text).Sets is null)
        {
            if (IsSentence(line.Text) && !line.IsHeading && !line.Text.Any(char.IsAsciiDigit))
                Note(line);
            else if (!TakesHead(line, mayTitle: true))
                Note(line);
            return;
        }

        if (blocks.Count == 0 && !BeginsBlock(line.Text) && !IsStation(line.Text) && TakesHead(line, mayTitle: false))
            return;
        if (HeadKey().IsMatch(line.Text) && TakesHead(line, mayTitle: false))
            return;
        if (TakesBlock(line) || TakesGap(line))
            return;
        TakeStations(line, line.Text);
    }

    /// <summary>A first line that says nothing of how it runs, with a block's head next below it, is the title.</summary>
    private bool IsOverBlock(CardWords line) => PartOf(line.Text) == CardPart.Main && !line.Text.EndsWith(':') && Scan(line.Text, isLine: false) is { Any: false }
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && BeginsBlock(next.Text);

    private bool TakesHead(CardWords line, bool mayTitle)
    {
        if (head.Take(line.Text, mayTitle) is not { } taken)
            return false;
        if (taken.Over.Length > 0)
            notes.Add(taken.Over);
        Say(line, CardLineKind.Head, taken.Over.Length > 0 ? $"{taken.Read} · note: {taken.Over}" : taken.Read);
        return true;
    }

    /// <summary>Whether words begin a block rather than a line of one.</summary>
    private bool BeginsBlock(string text)
    {
        if (Margin().IsMatch(text) || PartOf(text) != CardPart.Main || Super().IsMatch(text) || Talk().IsMatch(text))
            return true;
        var scan = Scan(text, isLine: false);
        return scan.SaysBlock || (BlockWord().IsMatch(text) && library.Understood(scan.Left) is null);
    }

    /// <summary>Whether words are certainly a move, with or without how much of it.</summary>
    private bool IsStation(string text) => Scan(text) is { SaysBlock: false } scan && library.Understood(WithoutBrackets(scan.Left)) is not null;

    private bool TakesBlock(CardWords line)
    {
        var text = line.Text;
        var length = (int?)null;
        if (Margin().Match(text) is { Success: true } margin)
        {
            lastMinute = int.Parse(margin.Groups["b"].Value, CultureInfo.InvariantCulture);
            length = (lastMinute - int.Parse(margin.Groups["a"].Value, CultureInfo.InvariantCulture)) * 60;
            text = text[margin.Length..];
            if (length <= 0)
                length = null;
        }

        var (before, items) = Listed(text);
        var part = PartOf(before);
        var begins = part == CardPart.Main ? BlockWord().Match(before) : Match.Empty;
        // The number of “circuit 2” counts no rounds.
        var scan = Scan(begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? before[begins.Length..] : before, isLine: false);
        var isNamed = part != CardPart.Main || begins.Success || Super().IsMatch(before) || Talk().IsMatch(before);
        var isEmpty = IsEmpty(scan.Left);
        if (!isNamed && !scan.SaysBlock && !(text.EndsWith(':') && !isEmpty) && items is null && !(line.IsHeading && !isEmpty) && length is null)
        {
            if (isEmpty && (scan.SaysEachSide || scan.Sets is not null) && Current is not { Stations.Count: 0 })
                blocks.Add(new CardBlock(line.Number, FreeName("A"), CardPart.Main));
            else if (IsName(line))
                blocks.Add(new CardBlock(line.Number, NameOf(before, scan.Left, part, isEmpty), CardPart.Main));
            if (IsName(line) || (isEmpty && Current is not null && (scan.RepsLow is not null || scan.IsEach || scan.SaysEachSide || scan.Sets is not null)))
                return Applied(Current!, scan, line);
            return false;
        }
        if (scan.Sets is not null && library.Understood(scan.Left) is not null && !isNamed)
            return false;
        if (isNamed && part == CardPart.Main && !scan.SaysBlock && items is null && scan.SaysStation && scan.RepsLow is null && scan.Left.Split(' ').Length > 2)
            return false;
        // A move with its rounds on one line: squats 3 rounds of 10.
        if (!isNamed && scan.SaysBlock && items is null && Scan(before) is var whole && library.Understood(WithoutBrackets(whole.Left)) is not null && !(text.EndsWith(':')))
            return false;
        if (isEmpty && !isNamed && length is null && items is null && Current is { } current && (current.Stations.Count == 0 || (current.Part == CardPart.Main && !current.HasSettings) || scan.Work is null && scan.Scheme is null && scan.Every is null && !scan.IsAmrap && current.RoundsLow is null) && Applied(current, scan, line))
            return true;
        var block = new CardBlock(line.Number, NameOf(before, begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? $"{begins.Value} {scan.Left}" : scan.Left, part, isEmpty), part) { Length = length ?? scan.Length, IsTalk = Talk().IsMatch(before) };
        if (scan.IsEach || scan.SaysEachSide)
            block.Length = length;
        block.IsSuperset = Super().IsMatch(before);
        blocks.Add(block);
        Applied(block, scan, null);
        if (items is not null)
        {
            var each = Scan(items, isLine: false);
            if (each.IsEach)
                block.Work ??= each.Length;
            TakeStations(line, items);
        }

        Say(line, CardLineKind.Block, block.Name);
        return true;
    }

    /// <summary>Gives a block what a line says of how it runs.</summary>
    private bool Applied(CardBlock block, CardScan scan, CardWords? line)
    {
        // “x3” beside no other count is rounds; “10 x each, 3 rounds” and “3 x 12” are what every station does.
        var forAll = scan.Sets is not null || (scan.RoundsLow is not null && scan.RepsLow is not null) || scan.SaysEachSide;
        block.ForAll = forAll ? scan : block.ForAll;
        block.RoundsLow = scan.RoundsLow ?? block.RoundsLow ?? (!forAll && scan.RepsLow is > 0 and <= Limits.Rounds ? scan.RepsLow : null);
        block.RoundsHigh = scan.RoundsHigh ?? block.RoundsHigh;
        block.Work = scan.Work ?? (scan.IsEach || scan.SaysEachSide ? scan.Length : null) ?? block.Work;
        block.Rest = scan.Rest ?? block.Rest;
        (block.Scheme, block.Every, block.Total, block.IsAmrap) = (scan.Scheme ?? block.Scheme, scan.Every ?? block.Every, scan.Total ?? block.Total, scan.IsAmrap || block.IsAmrap);
        if (line is not null && !scan.IsEach)
            block.Length = scan.Length ?? block.Length;
        foreach (var (seconds, high, gap) in scan.Gaps)
            Gap(block, seconds, gap, onHead: true, high);
        if (line is not null)
            Say(line, CardLineKind.Setting, "");
        return true;
    }

    private static void Gap(CardBlock block, int seconds, CardGap gap, bool onHead, int? high = null)
    {
        block.RestHigh = high ?? block.RestHigh;
        var isLinked = block.Letter is not null || block.IsSuperset || block.Scheme is not null;
        if (gap == CardGap.After)
            block.After = seconds;
        else if (isLinked || block.IsStraight || block.ForAll?.Sets is not null)
            block.Rest = seconds;
        else if (gap == CardGap.Rounds)
            block.Between = seconds;
        else if (gap == CardGap.Moves)
            block.Rest = seconds;
        else if (!onHead && block.Stations.Count > 0)
            (block.Stations[^1].Rest, block.ClosesAfterRounds) = (seconds, block is { Rest: not null, RoundsLow: > 1 });
        else if (block.Rest is not null || seconds >= LongRest || (block.RoundsLow > 1 && block.Work is null))
            block.Between = seconds;
        else
            block.Rest = seconds;
    }

    /// <summary>A line that says nothing but a rest, or that it is time to drink.</summary>
    private bool TakesGap(CardWords line)
    {
        if (Current is not { } block)
            return false;
        var scan = Scan(line.Text, isLine: false);
        var drinks = Drink().IsMatch(WithoutStops(scan.Left));
        if (scan.Gaps.Count > 0 && (IsEmpty(scan.Left) || drinks))
        {
            foreach (var (seconds, high, gap) in scan.Gaps)
                Gap(block, seconds, drinks ? CardGap.After : gap, onHead: false, high);
            block.Water |= drinks;
            Say(line, CardLineKind.Setting, drinks ? $"after {block.Name}: {scan.Gaps[0].Seconds} s, with water" : $"rest {scan.Gaps[0].Seconds} s");
            return true;
        }

        if (scan.SaysNoRest && IsEmpty(scan.Left))
        {
            Say(line, CardLineKind.Setting, "no rest");
            return true;
        }

        if (!drinks)
            return false;
        (block.After, block.Water) = (scan.Length ?? block.After ?? 60, true);
        Say(line, CardLineKind.Setting, string.Create(CultureInfo.InvariantCulture, $"after {block.Name}: {block.After} s, with water"));
        if (scan.Length is null)
            Ask(line, $"how long for the drink after {block.Name}?", ("60 s, with water", $"{line.Text.TrimEnd('!', '.')} 60s"), ("30 s", $"{line.Text.TrimEnd('!', '.')} 30s"), ("90 s", $"{line.Text.TrimEnd('!', '.')} 90s"));
        return true;
    }

    private void TakeStations(CardWords line, string text)
    {
        var found = Parted(text).Select(part => StationOf(line, part)).ToList();
        if (found.Contains(null) && found.Count > 1)
            found = [StationOf(line, text)];
        var stations = found.OfType<CardStation>().ToList();
        if (stations.Count == 0 || (stations.TrueForAll(s => s.Move is null) && IsSentence(text)))
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
            blocks.Add(new CardBlock(line.Number, FreeName(current.Name), CardPart.Main));
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
            station.Options.Add($"{kind}: {(library.Understood(way) is not null ? CardNames.Written(way) : $"\"{way.Replace("\"", "\"\"", StringComparison.Ordinal)}\"")}");
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

    private void Ask(CardWords line, string text, params (string Label, string Instead)[] choices)
    {
        if (!questions.Exists(q => q.Line == line.Number && q.Text == text))
            questions.Add(new CardQuestion(line.Number, 1, text, [.. choices.Select(c => new CardChoice(c.Label, c.Instead))]));
    }

    private void Note(CardWords line)
    {
        var text = CardText.Plain(line.Raw).TrimStart('-', '*', '+', '>', '~', ' ');
        if (text.StartsWith("note:", StringComparison.OrdinalIgnoreCase))
            text = text[5..].Trim();
        if (text.Length == 0)
            return;
        if (Current is { } block)
            block.Notes.Add(text);
        else
            notes.Add(text);
        questions.RemoveAll(q => q.Line == line.Number);
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Note, "note, kept here", Sureness.Certain, []);
    }

    private void Say(CardWords line, CardLineKind kind, string text) =>
        read[line.Number] = new CardLine(line.Number, line.Raw, kind, text, Sureness.Certain, read.GetValueOrDefault(line.Number)?.Moves ?? []);

    private string NameOf(string text, string left, CardPart part, bool isEmpty)
    {
        left = left.TrimEnd(':').Trim();
        var begins = part == CardPart.WarmUp ? WarmUp().Match(text) : part == CardPart.CoolDown ? CoolDown().Match(text) : BlockWord().Match(text);
        if (isEmpty && text.Contains("amrap", StringComparison.OrdinalIgnoreCase))
            return FreeName("AMRAP");
        if (isEmpty && !begins.Success && text.All(char.IsLetter))
            return FreeName(text);
        var name = begins.Success && (isEmpty || !left.StartsWith(begins.Value.Trim(), StringComparison.OrdinalIgnoreCase) || left.Split(' ').Length > FewWords) ? begins.Value
            : isEmpty ? ""
            : WithoutStops(left) is { } bare && bare.Split(' ').Length <= FewWords + 1 ? (begins.Success ? left : bare) : "";
        name = name.Trim(' ', '-', ':', ',', '.', '(', ')', '[', ']');
        return FreeName(name.Length is > 0 and <= 60 ? name : "A");
    }

    /// <summary>The name, or the next like it that no block has: A, then B; Main, then Main 2.</summary>
    private string FreeName(string name)
    {
        bool Taken(string n) => blocks.Exists(b => b.Name.Equals(n, StringComparison.OrdinalIgnoreCase));
        if (name is [>= 'A' and <= 'Z'])
        {
            for (var letter = name[0]; letter <= 'Z'; letter++)
                if (!Taken(letter.ToString()))
                    return letter.ToString();
            name = "Block";
        }

        for (var n = 1; ; n++)
        {
            var free = n == 1 ? name : string.Create(CultureInfo.InvariantCulture, $"{name} {n}");
            if (!Taken(free))
                return free;
        }
    }

    private static CardPart PartOf(string text) => WarmUp().IsMatch(text) ? CardPart.WarmUp : CoolDown().IsMatch(text) ? CardPart.CoolDown : CardPart.Main;

    /// <summary>Head and list of a line that has both: “warm-up: jog, hip circles”.</summary>
    private (string Head, string? Items) Listed(string text)
    {
        for (var colon = text.IndexOf(':', StringComparison.Ordinal); colon > 0 && colon < text.Length - 1; colon = text.IndexOf(':', colon + 1))
        {
            if (char.IsAsciiDigit(text[colon - 1]) && char.IsAsciiDigit(text[colon + 1]))
                continue;
            var items = text[(colon + 1)..].Trim();
            var isPart = PartOf(text[..colon]) != CardPart.Main;
            var listed = Parted(items).Select(i => Scan(i).Left).ToList();
            var isCoolDown = PartOf(text[..colon]) == CardPart.CoolDown;
            if (listed.Count > 0 && listed.Exists(i => i.Length > 0 && (library.Understood(WithoutBrackets(i)) is not null || (isCoolDown && library.Understood(i + " stretch") is not null))) && (isPart || BlockWord().IsMatch(text[..colon]) || listed.Count > 1 || Scan(text[..colon], isLine: false).SaysBlock))
                return (text[..colon], items);
        }

        return (text, null);
    }

    /// <summary>The moves of a line that lists several, else the line.</summary>
    private List<string> Parted(string text)
    {
        var parts = Commas().Split(text).Select(p => p.Trim().TrimEnd('.')).Where(p => p.Length > 0).ToList();
        // “40 s of squats and 40 s of rows”: two, where each says its own amount.
        parts = parts.SelectMany(p => And().Split(p) is { Length: 2 } both && both.All(b => Scan(b) is { Amount: not null }) ? both : new[] { p }).ToList();
        if (parts.Count < 2)
            return [text];
        var names = parts.ConvertAll(p => Scan(p) is var scan && WithoutStopsAround(WithoutBrackets(scan.Left)) is { Length: > 0 } left && (library.Understood(left) is not null || library.Understood(left + " stretch") is not null || library.Reader.Read(left).Known == Sureness.Likely));
        return names.Count(n => n) >= 2 && names.Count(n => n) * 2 > names.Count ? parts : [text];
    }

    private static (string Kind, string Text)? WayOf(string text) => Way().Match(text) is not { Success: true } m ? null
        : (m.Groups["k"].Value.ToLowerInvariant() switch
        {
            "or" => "or",
            "harder" or "hard" or "advanced" or "adv" or "progression" or "progress" => "harder",
            _ => "easier",
        }, m.Groups["w"].Value.Trim());

    private static string WithoutBrackets(string text) => Brackets().Replace(text, " ").Trim();

    private static string WithoutStopsAround(string text)
    {
        var words = text.Split(' ').ToList();
        while (words.Count > 0 && IsEmpty(words[0]))
            words.RemoveAt(0);
        while (words.Count > 0 && IsEmpty(words[^1]))
            words.RemoveAt(words.Count - 1);
        return string.Join(' ', words);
    }

    /// <summary>Whether words name what a class is about rather than a block of it: “lower body strength”.</summary>
    private bool IsTopic(string text) => Topic().IsMatch(text) && !Scan(text, isLine: false).SaysBlock && !text.EndsWith(':') && Scan(text, isLine: false).RepsLow is null && Scan(text, isLine: false).Sets is null;

    /// <summary>A few words with nothing said but how it runs in the next line are a block's name.</summary>
    private bool IsName(CardWords line) => line.Text.Split(' ').Length <= 4 && !Scan(line.Text).Any && library.Understood(line.Text) is null
        && words.Find(w => w.Number > line.Number && w.Text.Length > 0) is { } next && Scan(next.Text, isLine: false) is { SaysBlock: true } scan && IsEmpty(scan.Left) && !BlockWord().IsMatch(next.Text);

    private static bool IsEmpty(string text) => WithoutStops(text).Length == 0;

    private static string WithoutStops(string text) => Stops().Replace(text, " ").Trim(' ', ',', '.', ':', ';', '-', '!', '(', ')');

    private static bool IsSentence(string text) => text.Split(' ').Length is var count && ((count >= FewWords && (text.TrimEnd().EndsWith('.') || text.Contains("! ", StringComparison.Ordinal))) || (count >= 3 && (text.TrimEnd().EndsWith('!') || text.TrimEnd().EndsWith('?'))));

    /// <summary>Minutes or people beside other words: a line of the head, whatever its first word.</summary>
    [GeneratedRegex(@"(?:[,|;*]|\s-\s)\s*(?:\d{1,3}\s*(?:minutes|mins?|')|(?:up to\s+)?\d{1,3}\s*(?:people|ppl))\b(?!\s*(?:each|rest|between))", RegexOptions.IgnoreCase)]
    private static partial Regex TitleBesides();

    [GeneratedRegex(@"^(?<a>\d{1,2})\s*-\s*(?<b>\d{1,3})\s*(?:minutes?|mins?|')?\s*[:.)-]?\s*(?=(?:warm|wu\b|w/u|cool|cd\b|stretch|circuit|main|block|part|strength|cardio|core|finisher|superset|ladder|emom|amrap|round|set\b|talk|intro|welcome|hiit|abs|legs|upper|lower|mobil))", RegexOptions.IgnoreCase)]
    private static partial Regex Margin();

    [GeneratedRegex(@"^(?:the\s+)?w/?u\b|^(?:échauffement|echauffement|aufwärmen|calentamiento|riscaldamento)\b|\bwarm(?:ing)?[\s-]*up\b(?!\s+sets?)|^(?:mobili[sz](?:e|er|ation)|mobility|activation|pulse raiser|prep)\b(?!\s+(?:drill|flow))", RegexOptions.IgnoreCase)]
    private static partial Regex WarmUp();

    [GeneratedRegex(@"^c/?d\b|^(?:retour au calme|étirements|abwärmen|dehnen|vuelta a la calma|estiramientos)\b|\bcool(?:ing)?[\s-]*down\b|\bfinish with (?:a )?stretch(?:es|ing)?\b|^stretch(?:es|ing)?(?=\s*(?:$|[:\-(]|\d))|^wind down\b|^end stretch(?:es)?\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoolDown();

    [GeneratedRegex(@"^(?:the\s+)?(?:(?:circuit|block|blk|part|round|set|section|station|interval|superset|super set|tri-?set|giant set|complex)s?(?:\s*(?:\d{1,2}|[a-h])\b(?!\s*(?:rounds?|rds?|times|/|x\s*(?:$|[^\s\d]))))?|pairs?\s*\d{1,2}|finishers?|main(?:\s+(?:set|part|block|workout))?|strength|cardio|core|abs|legs|upper(?:\s+body)?|lower(?:\s+body)?|emom|e\dmom|amrap|ladder|pyramid|tabata|hiit|metcon|burner|challenge|workout|intervals|every min(?:ute)?(?:\s+on\s+the\s+min(?:ute)?)?|[a-h](?=\s*[:)-]))(?=$|[\s:,;.()\[\]x\-!])", RegexOptions.IgnoreCase)]
    private static partial Regex BlockWord();

    [GeneratedRegex(@"\b(?:super\s?-?sets?|tri-?sets?|giant sets?|pairs?\s+\d|complex)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Super();

    [GeneratedRegex(@"^(?:strength|cardio|core|abs|legs|upper(?:\s+body)?|lower(?:\s+body)?|hiit|challenge|workout|intervals|stations|full\s+body)\b(?!\s+(?:\d|[a-h]\b|set|part|block))", RegexOptions.IgnoreCase)]
    private static partial Regex Topic();

    [GeneratedRegex(@"^(?:welcome|intro(?:duction)?|chat|talk|hello|briefing|announcements?|safety)\b.{0,30}\d", RegexOptions.IgnoreCase)]
    private static partial Regex Talk();

    [GeneratedRegex(@"^(?:time\s+)?cap\b|^total\b|^approx\b", RegexOptions.IgnoreCase)]
    private static partial Regex Cap();

    [GeneratedRegex(@"^(?:kit|equipment|gear|you need|you will need|kit needed|people|venue|place|focus|goal|level|needs|injuries|watch out|minutes|duration|class size)\s*(?:[:=]|\s-\s)", RegexOptions.IgnoreCase)]
    private static partial Regex HeadKey();

    [GeneratedRegex(@"^(?:(?:water|drinks?|sip)(?:\s+(?:of\s+)?(?:water|break|stop|time))*)$", RegexOptions.IgnoreCase)]
    private static partial Regex Drink();

    [GeneratedRegex(@"\s*(?:\(|\[)(?<in>[^()\[\]]*)(?:\)|\])\s*")]
    private static partial Regex Brackets();

    [GeneratedRegex(@"\s+-\s+|\s*;\s*|\.\s+")]
    private static partial Regex Dashes();

    [GeneratedRegex(@"\s*[,;]\s*|\s+(?:then|followed by)\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Commas();

    [GeneratedRegex(@"\s*(?:\+|&|/)\s*|\s+(?:to|into|and|with|w/|plus|then|n)\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Plus();

    [GeneratedRegex(@"\s+and\s+", RegexOptions.IgnoreCase)]
    private static partial Regex And();

    [GeneratedRegex(@"\s+or\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Or();

    [GeneratedRegex(@"^(?<k>easier|easy|easy option|mod|modification|modified|regression|regress|beginners?|low(?: option)?|option|harder|hard|advanced|adv|progression|progress|or)\s*(?:[:=-]\s*|(?<=\bor)\s+)(?<w>.+)$", RegexOptions.IgnoreCase)]
    private static partial Regex Way();

    [GeneratedRegex(@"\b(?:begin|then|it'?s|its|of|for|we|we'll|start|starts|with|an?|the|and|do|doing|is|this|about|around|take|now|next|go|through|all|in|on|to|finish|have|repeat|everything|at|each|as|x|times?|that|your|you|follow(?:ing|ed)?|by|work|resting|secs?|approx|total|here|below)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Stops();
}
