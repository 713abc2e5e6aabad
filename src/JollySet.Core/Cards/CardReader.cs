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

    private CardBlock? Current => blocks.Count > 0 ? blocks[^1] : null;

    /// <summary>The card as it is understood; null where it is larger than a card may be.</summary>
    public static CardReading? Read(string text, MoveLibrary? library = null)
    {
        if (System.Text.Encoding.UTF8.GetByteCount(text) > MostBytes)
            return null;
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
        var free = CardGaps.Closed(this.blocks, questions, words);
        foreach (var block in free)
            Say(words[block.Line - 1], CardLineKind.Block, $"{block.Name}: their own time");
        foreach (var block in blocks)
            Say(words[block.Line - 1], CardLineKind.Block, block.Head()[3..]);
    }

    private void Take(CardWords line, bool isFirst)
    {
        if (isFirst && (line.IsHeading || !BeginsBlock(line.Text) || TitleBesides().IsMatch(line.Text) || IsOverBlock(line)) && !IsStation(line.Text))
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
    private bool IsOverBlock(CardWords line) => PartOf(line.Text) == CardPart.Main && !line.Text.EndsWith(':') && new CardScan(line.Text, isLine: false) is { Any: false }
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
        if (Margin().IsMatch(text) || PartOf(text) != CardPart.Main)
            return true;
        var scan = new CardScan(text, isLine: false);
        return scan.SaysBlock || (BlockWord().IsMatch(text) && library.Understood(scan.Left) is null);
    }

    /// <summary>Whether words are certainly a move, with or without how much of it.</summary>
    private bool IsStation(string text) => new CardScan(text) is { SaysBlock: false } scan && library.Understood(WithoutBrackets(scan.Left)) is not null;

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
        var scan = new CardScan(begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? before[begins.Length..] : before, isLine: false);
        var isNamed = part != CardPart.Main || begins.Success;
        var isEmpty = IsEmpty(scan.Left);
        if (!isNamed && !scan.SaysBlock && !(text.EndsWith(':') && !isEmpty) && items is null && !(line.IsHeading && !isEmpty) && length is null)
            return isEmpty && Current is { } running && (scan.RepsLow is not null || scan.IsEach) && Applied(running, scan, line);
        if (scan.Sets is not null && library.Understood(scan.Left) is not null && !isNamed)
            return false;
        if (isNamed && part == CardPart.Main && !scan.SaysBlock && items is null && scan.SaysStation && scan.RepsLow is null && scan.Left.Split(' ').Length > 2)
            return false;
        // A move with its rounds on one line: squats 3 rounds of 10.
        if (!isNamed && scan.SaysBlock && items is null && new CardScan(before) is var whole && library.Understood(WithoutBrackets(whole.Left)) is not null && !(text.EndsWith(':')))
            return false;
        if (isEmpty && !isNamed && length is null && items is null && Current is { } current && (current.Stations.Count == 0 || (current.Part == CardPart.Main && !current.HasSettings) || scan.Work is null && scan.Scheme is null && scan.Every is null && !scan.IsAmrap && current.RoundsLow is null) && Applied(current, scan, line))
            return true;
        var block = new CardBlock(line.Number, NameOf(before, begins.Success && char.IsAsciiDigit(begins.Value[^1]) ? $"{begins.Value} {scan.Left}" : scan.Left, part, isEmpty), part) { Length = length ?? scan.Length };
        if (scan.IsEach)
            block.Length = length;
        block.IsSuperset = Super().IsMatch(before);
        blocks.Add(block);
        Applied(block, scan, null);
        if (items is not null)
        {
            var each = new CardScan(items, isLine: false);
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
        block.RoundsLow = scan.RoundsLow ?? block.RoundsLow ?? (scan.RepsLow is <= Limits.Rounds ? scan.RepsLow : null);
        block.RoundsHigh = scan.RoundsHigh ?? block.RoundsHigh;
        block.Work = scan.Work ?? (scan.IsEach ? scan.Length : null) ?? block.Work;
        block.Rest = scan.Rest ?? block.Rest;
        (block.Scheme, block.Every, block.Total, block.IsAmrap) = (scan.Scheme ?? block.Scheme, scan.Every ?? block.Every, scan.Total ?? block.Total, scan.IsAmrap || block.IsAmrap);
        if (line is not null && !scan.IsEach)
            block.Length = scan.Length ?? block.Length;
        foreach (var (seconds, gap) in scan.Gaps)
            Gap(block, seconds, gap, onHead: true);
        if (line is not null)
            Say(line, CardLineKind.Setting, "");
        return true;
    }

    private static void Gap(CardBlock block, int seconds, CardGap gap, bool onHead)
    {
        var isLinked = block.Letter is not null || block.IsSuperset || block.Scheme is not null;
        if (gap == CardGap.After)
            block.After = seconds;
        else if (isLinked || block.IsStraight)
            block.Rest = seconds;
        else if (gap == CardGap.Rounds)
            block.Between = seconds;
        else if (gap == CardGap.Moves)
            block.Rest = seconds;
        else if (!onHead && block.Stations.Count > 0)
            block.Stations[^1].Rest = seconds;
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
        var scan = new CardScan(line.Text, isLine: false);
        var drinks = Drink().IsMatch(WithoutStops(scan.Left));
        if (scan.Gaps.Count > 0 && (IsEmpty(scan.Left) || drinks))
        {
            foreach (var (seconds, gap) in scan.Gaps)
                Gap(block, seconds, drinks ? CardGap.After : gap, onHead: false);
            block.Water |= drinks;
            Say(line, CardLineKind.Setting, drinks ? $"after {block.Name}: {scan.Gaps[0].Seconds} s, with water" : $"rest {scan.Gaps[0].Seconds} s");
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
            Put(line, station);
        var unsure = questions.Exists(q => q.Line == line.Number);
        read[line.Number] = new CardLine(line.Number, line.Raw, CardLineKind.Station, string.Join(" · ", stations.Select(s => s.Sheet())), unsure ? Sureness.Likely : Sureness.Certain, [.. stations.Select(s => s.Name)]);
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
        else if (Current is { Stations.Count: > 0, IsSuperset: false } current && (current.Stations[^1].Sets != station.Sets) && current.Part == CardPart.Main && (current.Stations[^1].Sets is not null || current.RoundsLow is null))
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
            if (WayOf(inside) is { } way)
                options.Add(way);
            else if (new CardScan(inside, isLine: false) is { Any: true } said && IsEmpty(said.Left))
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
            else if (new CardScan(segment, isLine: false) is { Any: true } said && IsEmpty(said.Left))
                kept.Add(segment);
            else if (segment.Trim().Length > 0)
                own.Add(segment.Trim());
        }

        var scan = new CardScan(string.Join(", ", kept));
        var name = scan.Left;
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
            Sides = scan.Sides ?? (scan.IsEach && named.Move?.Sides == MoveSides.OneSided ? "each side" : null),
            Sets = scan.Sets ?? (scan.RepsLow is not null || scan.Length is not null ? scan.RoundsLow : null),
        };
        foreach (var (kind, way) in options)
            station.Options.Add($"{kind}: {(library.Understood(way) is not null ? CardNames.Written(way) : $"\"{way.Replace("\"", "\"\"", StringComparison.Ordinal)}\"")}");
        foreach (var (seconds, _) in scan.Gaps)
            station.Rest = seconds;
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

        var isMove = scan.SaysStation || scan.Length is not null || (Current is not null && name.Split(' ').Length <= FewWords && !IsSentence(line.Text) && reading.Shared * 2 >= name.Split(' ').Length);
        if (!isMove || name.StartsWith("note:", StringComparison.OrdinalIgnoreCase) || !name.Any(char.IsLetter))
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
        var text = CardText.Plain(line.Raw);
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
            var listed = Parted(items).Select(i => new CardScan(i).Left).ToList();
            var isCoolDown = PartOf(text[..colon]) == CardPart.CoolDown;
            if (listed.Count > 0 && listed.Exists(i => i.Length > 0 && (library.Understood(WithoutBrackets(i)) is not null || (isCoolDown && library.Understood(i + " stretch") is not null))) && (isPart || BlockWord().IsMatch(text[..colon]) || listed.Count > 1 || new CardScan(text[..colon], isLine: false).SaysBlock))
                return (text[..colon], items);
        }

        return (text, null);
    }

    /// <summary>The moves of a line that lists several, else the line.</summary>
    private List<string> Parted(string text)
    {
        var parts = Commas().Split(text).Select(p => p.Trim().TrimEnd('.')).Where(p => p.Length > 0).ToList();
        if (parts.Count < 2)
            return [text];
        var names = parts.ConvertAll(p => new CardScan(p) is var scan && WithoutBrackets(scan.Left) is { Length: > 0 } left && (library.Understood(left) is not null || library.Understood(left + " stretch") is not null || library.Reader.Read(left).Known == Sureness.Likely));
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

    private static bool IsEmpty(string text) => WithoutStops(text).Length == 0;

    private static string WithoutStops(string text) => Stops().Replace(text, " ").Trim(' ', ',', '.', ':', ';', '-', '!', '(', ')');

    private static bool IsSentence(string text) => text.Split(' ').Length is var count && ((count >= FewWords && (text.TrimEnd().EndsWith('.') || text.Contains("! ", StringComparison.Ordinal))) || (count >= 3 && (text.TrimEnd().EndsWith('!') || text.TrimEnd().EndsWith('?'))));

    /// <summary>Minutes or people beside other words: a line of the head, whatever its first word.</summary>
    [GeneratedRegex(@"(?:[,|;*]|\s-\s)\s*(?:\d{1,3}\s*(?:minutes|mins?|')|(?:up to\s+)?\d{1,3}\s*(?:people|ppl))\b(?!\s*(?:each|rest|between))", RegexOptions.IgnoreCase)]
    private static partial Regex TitleBesides();

    [GeneratedRegex(@"^(?<a>\d{1,2})\s*-\s*(?<b>\d{1,3})\s*(?:minutes?|mins?|')?\s*[:.)-]?\s*(?=(?:warm|wu\b|w/u|cool|cd\b|stretch|circuit|main|block|part|strength|cardio|core|finisher|superset|ladder|emom|amrap|round|set\b|talk|intro|welcome|hiit|abs|legs|upper|lower|mobil))", RegexOptions.IgnoreCase)]
    private static partial Regex Margin();

    [GeneratedRegex(@"^(?:the\s+)?w/?u\b|\bwarm(?:ing)?[\s-]*up\b(?!\s+sets?)|^(?:mobili[sz](?:e|er|ation)|mobility|activation|pulse raiser|prep)\b(?!\s+(?:drill|flow))", RegexOptions.IgnoreCase)]
    private static partial Regex WarmUp();

    [GeneratedRegex(@"^c/?d\b|\bcool(?:ing)?[\s-]*down\b|\bfinish with (?:a )?stretch(?:es|ing)?\b|^stretch(?:es|ing)?(?=\s*(?:$|[:\-(]|\d))|^wind down\b|^end stretch(?:es)?\b", RegexOptions.IgnoreCase)]
    private static partial Regex CoolDown();

    [GeneratedRegex(@"^(?:the\s+)?(?:(?:circuit|block|part|round|set|section|station|interval|superset|super set|tri-?set|giant set|complex)s?(?:\s*(?:\d{1,2}|[a-h])\b(?!\s*(?:rounds?|rds?|times|/|x\s*(?:$|[^\s\d]))))?|pairs?\s*\d{1,2}|finishers?|main(?:\s+(?:set|part|block|workout))?|strength|cardio|core|abs|legs|upper(?:\s+body)?|lower(?:\s+body)?|emom|e\dmom|amrap|ladder|pyramid|tabata|hiit|metcon|burner|challenge|workout|intervals|every min(?:ute)?(?:\s+on\s+the\s+min(?:ute)?)?|[a-h](?=\s*[:)-]))(?=$|[\s:,;.()\[\]x\-!])", RegexOptions.IgnoreCase)]
    private static partial Regex BlockWord();

    [GeneratedRegex(@"\b(?:super\s?-?sets?|tri-?sets?|giant sets?|pairs?\s+\d)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Super();

    [GeneratedRegex(@"^(?:kit|equipment|gear|you need|you will need|kit needed|people|venue|place|focus|goal|level|needs|injuries|minutes|duration|class size)\s*[:=]", RegexOptions.IgnoreCase)]
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

    [GeneratedRegex(@"\s+or\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Or();

    [GeneratedRegex(@"^(?<k>easier|easy|easy option|mod|modification|modified|regression|regress|beginners?|low(?: option)?|option|harder|hard|advanced|adv|progression|progress|or)\s*(?:[:=-]\s*|(?<=\bor)\s+)(?<w>.+)$", RegexOptions.IgnoreCase)]
    private static partial Regex Way();

    [GeneratedRegex(@"\b(?:then|it'?s|its|of|for|we|we'll|start|starts|with|an?|the|and|do|doing|is|this|about|around|take|now|next|go|through|all|in|on|to|finish|have|repeat|everything|at|each|as|x|times?|that|your|you|follow(?:ing|ed)?|by|work|resting|secs?|approx|total|here|below)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Stops();
}
