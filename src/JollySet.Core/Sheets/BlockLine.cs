using System.Buffers;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Sheets;

/// <summary>A block typed as one line, as one would say it: <c>3 rounds 40/20: goblet squat, push-up, row each side</c> or <c>ladder 10..1: press, row</c>.</summary>
/// <remarks>Before the colon stand the format, rounds, <c>work/rest</c> and any settings of a block's bracket; after it the moves, with amount, load, tempo and sides as on a station's line, the comma before sides left out if one likes.</remarks>
public static partial class BlockLine
{
    private static readonly SearchValues<char> Signs = SearchValues.Create("+&>(:\"");

    private static readonly HashSet<string> FormatWords = new(StringComparer.OrdinalIgnoreCase)
        { "prepare", "release", "circuit", "superset", "trio", "giant", "straight", "ladder", "pyramid", "minute", "amrap", "flow" };

    /// <summary>The block, named after the first free letter unless <c>name =</c> says another; or every error at its column.</summary>
    public static (Block? Block, ReadResult Result) Read(string line, ClassPlan plan, MoveLibrary? library = null)
    {
        var errors = new SheetErrors();
        var moves = new KnownMoves(library ?? MoveLibrary.Shipped);
        foreach (var move in plan.NewMoves)
            moves.Add(move);
        var slice = Slice.OfLine(line.ReplaceLineEndings(" "), 1).Trim();
        var colon = ColonOf(slice);
        if (colon < 0)
            errors.Add(slice, "a colon is expected between how the block runs and its moves: 3 rounds 40/20: goblet squat, push-up");
        var (name, head) = Named(colon < 0 ? slice : slice.To(colon).Trim(), plan);
        var block = ReadHead(name, head, errors);
        if (colon >= 0)
            block = block with { Stations = [.. Items(slice.From(colon + 1).Trim()).Select(item => ReadItem(item, moves, errors)).OfType<Station>()] };
        if (colon >= 0 && block.Stations.IsEmpty && !errors.Any)
            errors.Add(slice.From(colon), "after the colon at least one move is expected");
        block = Linked(block);
        if (!errors.Any)
        {
            BlockNotation.CheckTogether(block, head, errors);
            BlockNotation.CheckLines(block, [.. block.Stations.Select(_ => slice)], head, errors);
        }

        return errors.Any
            ? (null, new ReadResult(null, errors.InOrder))
            : (block, new ReadResult(plan with { NewMoves = moves.Added }, []));
    }

    /// <summary>The colon that parts head and moves; the one of a time (<c>1:30</c>), a ratio or <c>new:</c> is none.</summary>
    private static int ColonOf(Slice line)
    {
        for (var at = 0; at < line.Length; at++)
        {
            if (line.Source[line.Start + at] != ':')
                continue;
            var before = at > 0 ? line.Source[line.Start + at - 1] : ' ';
            var after = at + 1 < line.Length ? line.Source[line.Start + at + 1] : ' ';
            if (!(char.IsAsciiDigit(before) && char.IsAsciiDigit(after)))
                return at;
        }

        return -1;
    }

    private static (string Name, Slice Head) Named(Slice head, ClassPlan plan)
    {
        var equals = head.IndexOutside('=');
        if (equals > 0)
            return (Quoted.Read(head.To(equals).Trim()), head.From(equals + 1).Trim());
        return (FreeLetter(plan), head);
    }

    /// <summary>The first letter that no block of the class is named by; after Z a number.</summary>
    public static string FreeLetter(ClassPlan plan)
    {
        for (var letter = 'A'; letter <= 'Z'; letter++)
            if (!plan.Blocks.Any(b => b.Name.Equals($"{letter}", StringComparison.OrdinalIgnoreCase) || b.Name.StartsWith($"{letter}:", StringComparison.OrdinalIgnoreCase)))
                return $"{letter}";
        for (var n = plan.Blocks.Length + 1; ; n++)
            if ($"Block {n}" is var name && plan.Find(name) is null)
                return name;
    }

    private static Block ReadHead(string name, Slice head, SheetErrors errors)
    {
        var format = (BlockFormat?)null;
        var settings = new List<(Slice Text, string Key, Slice Value)>();
        foreach (var part in head.Split(','))
            for (var rest = part; !rest.IsEmpty;)
                rest = TakeHead(rest, ref format, settings, errors);
        format ??= new CircuitFormat();
        var said = new BlockSettings();
        foreach (var (text, key, value) in settings)
        {
            if (!SettingsNotation.UsedBy(format).Contains(key))
                errors.Add(text, SettingsNotation.NotUsed(format, key));
            else if (SettingsNotation.Says(said, key))
                errors.Add(text, $"“{key}” stands before the colon already");
            else
                said = SettingsNotation.Read(said, key, value, errors);
        }

        return new Block(name, format, said);
    }

    /// <summary>Takes one thing off the front of the head; gives what is left.</summary>
    private static Slice TakeHead(Slice rest, ref BlockFormat? format, List<(Slice, string, Slice)> settings, SheetErrors errors)
    {
        var words = rest.Words();
        if (words.Count > 1 && (words[1].Is("rounds") || words[1].Is("round") || words[1].Is("sets")))
        {
            settings.Add((words[0], "rounds", words[0]));
            return After(rest, words[1]);
        }

        if (FormatWords.Contains(words[0].Text))
        {
            var taken = FormatLength(words);
            var text = rest.To(words[taken - 1].Start + words[taken - 1].Length - rest.Start);
            format = format is null ? FormatNotation.Read(text, errors) : errors.None<BlockFormat?>(text, "the format stands before the colon already") ?? format;
            return After(rest, words[taken - 1]);
        }

        if (WorkAndRest().Match(words[0].Text) is { Success: true } match)
        {
            settings.Add((words[0], "work", words[0].To(match.Groups[1].Length)));
            if (match.Groups[2].Value != "0")
                settings.Add((words[0], "rest", words[0].From(match.Groups[2].Index).To(match.Groups[2].Length)));
            return After(rest, words[0]);
        }

        if (SettingsNotation.Parted(rest) is { } setting)
        {
            var length = SettingLength(setting.Key, words);
            settings.Add((rest, setting.Key, setting.Key == "each side" ? rest.To(0) : rest.To(words[length - 1].Start + words[length - 1].Length - rest.Start).From(words[0].Length).Trim()));
            return After(rest, words[length - 1]);
        }

        errors.Add(words[0], "before the colon a format, “3 rounds”, work and rest as “40/20”, or a setting such as “between 60” is expected");
        return rest.To(0);
    }

    private static int FormatLength(List<Slice> words) => words[0].Text.ToLowerInvariant() switch
    {
        "superset" or "trio" or "giant" => words.Count > 1 && Enum.TryParse<School>(words[1].Text, ignoreCase: true, out _) && char.IsLetter(words[1].First) ? 2 : 1,
        "ladder" or "pyramid" => words.Count > 3 && words[2].Is("step") ? 4 : Math.Min(2, words.Count),
        "amrap" => Math.Min(2, words.Count),
        _ => 1,
    };

    private static int SettingLength(string key, List<Slice> words) => key switch
    {
        "each side" => 2,
        "optional" or "joined" => 1,
        "water" => Math.Min(5, words.Count),
        _ => Math.Min(words.Count, words.Count > 2 && (words[2].Is("water") || words[1].Is("ratio")) ? 3 : 2),
    };

    private static Slice After(Slice rest, Slice word) => rest.From(word.Start + word.Length - rest.Start).Trim();

    /// <summary>The items between commas; sides that stand between commas of their own belong to the move before them.</summary>
    private static List<List<Slice>> Items(Slice text)
    {
        var items = new List<List<Slice>>();
        foreach (var part in text.Split(',').Where(p => !p.IsEmpty))
        {
            if (items.Count > 0 && (SidesNotation.LooksLike(part) || part.AfterWord("rest") is not null))
                items[^1].Add(part);
            else
                items.Add([part]);
        }

        return items;
    }

    private static Station? ReadItem(List<Slice> parts, KnownMoves moves, SheetErrors errors)
    {
        var (head, sides) = WithoutSides(parts[0]);
        var station = StationNotation.Read(Completed(head, moves), moves, errors);
        foreach (var side in sides)
            station = station is null ? null : station with { Sides = SidesNotation.Add(station.Sides, side, errors) };
        foreach (var part in parts.Skip(1))
            station = station is null ? null : part.AfterWord("rest") is { } rest ? station with { Rest = GapNotation.Read(rest, errors) } : station with { Sides = SidesNotation.Add(station.Sides, part, errors) };
        return station;
    }

    /// <summary>Sides that end an item without a comma.</summary>
    private static (Slice Head, List<Slice> Sides) WithoutSides(Slice item)
    {
        var sides = new List<Slice>();
        for (var found = true; found;)
        {
            found = false;
            var words = item.Words();
            foreach (var length in new[] { 2, 1 })
            {
                if (words.Count <= length || found)
                    continue;
                var tail = item.From(words[^length].Start - item.Start);
                if (!SidesNotation.LooksLike(tail) || tail.Is("left") && words[^2].Is("to"))
                    continue;
                sides.Insert(0, tail);
                item = item.To(words[^length].Start - item.Start).Trim();
                found = true;
            }
        }

        return (item, sides);
    }

    /// <summary>A name that only one move begins with, or only one staple, is that move's: <c>gob</c> is the goblet squat.</summary>
    private static Slice Completed(Slice item, KnownMoves moves)
    {
        var name = LineParts.Of(item, new SheetErrors()).Name;
        if (name.Length < 3 || name.Text.AsSpan().ContainsAny(Signs) || moves.IsUnderstood(name.Text))
            return item;
        var starting = MoveLibrary.Shipped.All.Where(m => m.Name.StartsWith(name.Text, StringComparison.OrdinalIgnoreCase)).OrderByDescending(m => m.Tags.Staple).Take(2).ToList();
        if (starting.Count == 0 || (starting.Count > 1 && (starting[0].Tags.Staple < Tags.MostCommon || starting[1].Tags.Staple == Tags.MostCommon)))
            return item;
        var text = starting[0].Name + item.From(name.Start + name.Length - item.Start).Text;
        return new Slice(text, 0, text.Length, item.Line, item.Column);
    }

    /// <summary>By how many stations there are, whichever was said.</summary>
    private static Block Linked(Block block) => block.Format is LinkedFormat linked && LinkedFormat.KindOf(block.Stations.Length) is { } kind
        ? block with { Format = linked with { Kind = kind } }
        : block;

    [GeneratedRegex("^([0-9]+s?)/([0-9]+)s?$", RegexOptions.CultureInvariant)]
    private static partial Regex WorkAndRest();
}
