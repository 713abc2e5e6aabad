using System.Text;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Sheets;

/// <summary>Reads a class sheet. docs/class-sheet.md is its grammar.</summary>
public sealed class SheetReader
{
    private readonly SheetErrors errors = new();
    private readonly KnownMoves moves;
    private ClassPlan plan = new("", new Brief());
    private Block? block;
    private bool blockTooMany;
    private Slice head;
    private readonly List<Slice> lines = [];

    private SheetReader(MoveLibrary library, bool isKept = false) => moves = new KnownMoves(library, isKept);

    /// <summary>The plan of a sheet's bytes, or every error: not UTF-8, too large, or what stands in it.</summary>
    public static ReadResult Read(ReadOnlySpan<byte> bytes, MoveLibrary? library = null)
    {
        if (bytes.Length > Limits.Bytes)
            return Refused($"{bytes.Length / 1000} kB", $"a sheet is at most {Limits.Bytes / 1000} kB");
        try
        {
            var text = new UTF8Encoding(false, throwOnInvalidBytes: true).GetString(bytes);
            return Read(text, library);
        }
        catch (ArgumentException)
        {
            return Refused("", "this is not a text file in UTF-8; a class sheet is plain text");
        }
    }

    /// <summary>The plan of a sheet, or every error in it.</summary>
    public static ReadResult Read(string text, MoveLibrary? library = null)
    {
        if (text.Length > Limits.Bytes || Encoding.UTF8.GetByteCount(text) > Limits.Bytes)
            return Refused($"{Encoding.UTF8.GetByteCount(text) / 1000} kB", $"a sheet is at most {Limits.Bytes / 1000} kB");
        if (text.Contains('\0', StringComparison.Ordinal))
            return Refused("", "this is not a text file; a class sheet is plain text");
        return new SheetReader(library ?? MoveLibrary.Shipped).ReadAll(text.TrimStart('\uFEFF'));
    }

    /// <summary>The plan of a sheet that was written from a plan: its names are taken as they are, and its size was judged before.</summary>
    internal static ReadResult ReadBack(string text)
    {
        if (Encoding.UTF8.GetByteCount(text) > Limits.Bytes)
            return Refused($"{Encoding.UTF8.GetByteCount(text) / 1000} kB", $"as a sheet a class is at most {Limits.Bytes / 1000} kB");
        if (text.Contains('\0', StringComparison.Ordinal))
            return Refused("", "a text in it holds a sign that no sheet can hold");
        return new SheetReader(MoveLibrary.Shipped, isKept: true).ReadAll(text, isKept: true);
    }

    /// <summary>One block, head and lines, for a class that has these other blocks and moves.</summary>
    public static (Block? Block, ReadResult Result) ReadBlock(string text, ClassPlan others, MoveLibrary? library = null)
    {
        var reader = new SheetReader(library ?? MoveLibrary.Shipped) { plan = others };
        foreach (var move in others.NewMoves)
            reader.moves.Add(move);
        foreach (var line in SheetText.Lines("\n" + text).Skip(1))
            reader.TakeBlockLine(line with { Line = line.Line - 1 });
        reader.CloseBlock();
        if (reader.plan.Blocks.Length != others.Blocks.Length + 1 && !reader.errors.Any)
            reader.errors.Add(1, 1, text.Split('\n')[0].Trim(), "one block is expected: a head “== name (circuit, …)” and its stations");
        return reader.errors.Any
            ? (null, new ReadResult(null, reader.errors.InOrder))
            : (reader.plan.Blocks[^1], new ReadResult(reader.plan with { NewMoves = reader.moves.Added }, []));
    }

    /// <summary>A time as a sheet says it, in whole seconds: <c>40</c>, <c>90s</c>, <c>2:30</c>, <c>15min</c>; null where it is none.</summary>
    public static Length? ReadTime(string text) => TimeNotation.Read(Slice.OfLine(text.ReplaceLineEndings(" "), 1).Trim(), new SheetErrors());

    /// <summary>One station's line, for a class that has these new moves.</summary>
    public static (Station? Station, ReadResult Result) ReadStation(string line, ClassPlan plan, MoveLibrary? library = null)
    {
        var reader = new SheetReader(library ?? MoveLibrary.Shipped);
        foreach (var move in plan.NewMoves)
            reader.moves.Add(move);
        var station = reader.ReadStationLine(Slice.OfLine(line.ReplaceLineEndings(" "), 1).Trim());
        return reader.errors.Any || station is null
            ? (null, new ReadResult(null, reader.errors.InOrder))
            : (station, new ReadResult(plan with { NewMoves = reader.moves.Added }, []));
    }

    private static ReadResult Refused(string found, string expected) => new(null, [new SheetError(1, 1, found, expected)]);

    private ReadResult ReadAll(string text, bool isKept = false)
    {
        var lines = SheetText.Lines(text).ToList();
        MeetNewMoves(lines);
        foreach (var line in lines)
        {
            if (line.Line == 1)
                TakeTitle(line);
            else
                TakeLine(line);
        }

        CloseBlock();
        plan = (plan with { NewMoves = moves.Added }).WithUsedMoves();
        if (!isKept && !errors.Any && Timing.Extent.Broken(plan) is { } sentence)
            errors.Add(1, 1, plan.Title, sentence);
        return errors.Any ? new ReadResult(null, errors.InOrder) : new ReadResult(Ids.Given(plan), []);
    }

    /// <summary>New moves are known to the whole sheet, wherever they are first written; what is wrong with them is said in its turn.</summary>
    private void MeetNewMoves(IEnumerable<Slice> lines)
    {
        foreach (var line in lines.Where(l => l.Text.Contains("new:", StringComparison.OrdinalIgnoreCase)))
            StationNotation.Read(line, moves, new SheetErrors());
    }

    private void TakeTitle(Slice line)
    {
        var title = line.First == '#' ? line.From(1).Trim() : line;
        var isHeader = line.First != '#' && (line.StartsWith("==") || BriefNotation.Keys.Any(k => line.StartsWith(k + ":")));
        if (title.IsEmpty || isHeader)
            errors.Add(line, "the first line is the class’s title");
        plan = plan with { Title = Quoted.Read(title) };
        if (plan.Title.Length > Limits.NameLetters)
            errors.Add(title, $"a title of {plan.Title.Length} letters; the limit is {Limits.NameLetters}");
        if (isHeader)
            TakeLine(line);
    }

    private void TakeLine(Slice line)
    {
        if (block is not null || line.StartsWith("=="))
            TakeBlockLine(line);
        else if (!line.IsEmpty)
            TakeHeader(line);
    }

    private void TakeHeader(Slice line)
    {
        var colon = line.IndexOutside(':');
        if (colon < 0)
            errors.Add(line, "before the first block a header line is expected, such as “minutes: 30”; a block begins with “== name (circuit, …)”");
        else
            plan = plan with { Brief = BriefNotation.Read(plan.Brief, line.To(colon).Trim(), line.From(colon + 1).Trim(), errors) };
    }

    private void TakeBlockLine(Slice line)
    {
        if (line.IsEmpty)
            return;
        if (line.StartsWith("=="))
        {
            CloseBlock();
            block = BlockNotation.Read(line, plan, errors);
            (head, var before) = (line, plan.Blocks.LastOrDefault());
            if (block.Settings.Joined && before?.Settings.After is not null)
                errors.Add(line, $"a joined block follows without a break; leave out the “after” of {before.Name}");
            lines.Clear();
            if (plan.Blocks.Length == Limits.Blocks && !blockTooMany)
                errors.Add(line, $"a class has at most {Limits.Blocks} blocks");
            blockTooMany |= plan.Blocks.Length >= Limits.Blocks;
        }
        else if (block is null)
            errors.Add(line, "a block begins with its head: “== name (circuit, …)”");
        else if (line.StartsWith("note:"))
            block = block with { Notes = block.Notes.Add(Quoted.Read(line.From(5).Trim())) };
        else
            TakeStation(line, block);
    }

    private void TakeStation(Slice line, Block into)
    {
        if (into.Format is AgainFormat)
            errors.Add(line, "a block that repeats another has no lines of its own");
        else if (into.IsWords)
            errors.Add(line, $"a {Words.FormatName(into.Format)} block has no stations; write “note: …” for words");
        else if (into.Stations.Length == Limits.Stations)
            errors.Add(line, $"a block has at most {Limits.Stations} stations");
        else if (ReadStationLine(line) is { } station)
        {
            block = into with { Stations = into.Stations.Add(station) };
            lines.Add(line);
        }
    }

    private Station? ReadStationLine(Slice line)
    {
        if (line.Text.Count(c => c == '"') % 2 != 0)
            return errors.None<Station?>(line, "a double quote is opened and not closed on this line");
        return StationNotation.Read(line, moves, errors);
    }

    private void CloseBlock()
    {
        if (block is null)
            return;
        if (!errors.AnyFrom(head.Line))
            BlockNotation.CheckLines(block, lines, head, errors);
        plan = plan with { Blocks = plan.Blocks.Add(block) };
        block = null;
    }
}
