using System.Collections.Immutable;
using System.Globalization;
using System.Text;
using System.Text.Json;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Sheets;

/// <summary>Reads a plan from its JSON twin: the same words as a sheet's, each under its key. docs/plan.schema.json describes it.</summary>
public sealed class JsonPlanReader
{
    private readonly SheetErrors errors = new();
    private readonly KnownMoves moves;

    private readonly bool isKept;

    private JsonPlanReader(MoveLibrary library, bool isKept = false) => (moves, this.isKept) = (new KnownMoves(library, isKept), isKept);

    /// <summary>A plan that was kept in this format by an earlier release: its names are taken as they are and its size is not judged.</summary>
    /// <exception cref="FormatException">It cannot be read.</exception>
    internal static ClassPlan ReadKept(string text)
    {
        var read = new JsonPlanReader(MoveLibrary.Shipped, isKept: true).ReadAll(JsonTreeReader.Read(text));
        return read.Plan ?? throw new FormatException(read.Errors[0].ToString());
    }

    /// <summary>The plan, or every error in it.</summary>
    public static ReadResult Read(string text, MoveLibrary? library = null)
    {
        if (Encoding.UTF8.GetByteCount(text) > Limits.JsonBytes)
            return new ReadResult(null, [new SheetError(1, 1, $"{Encoding.UTF8.GetByteCount(text) / 1000} kB", $"a class in JSON is at most {Limits.JsonBytes / 1000} kB")]);
        try
        {
            return new JsonPlanReader(library ?? MoveLibrary.Shipped).ReadAll(JsonTreeReader.Read(text.TrimStart('\uFEFF')));
        }
        catch (JsonException e)
        {
            return new ReadResult(null, [new SheetError((int)(e.LineNumber ?? 0) + 1, (int)(e.BytePositionInLine ?? 0) + 1, "", "this is not JSON from here on")]);
        }
        catch (InvalidOperationException)
        {
            return new ReadResult(null, [new SheetError(1, 1, "", "a text in this JSON is not valid Unicode")]);
        }
    }

    private ReadResult ReadAll(JsonTree tree)
    {
        var plan = new ClassPlan("", new Brief());
        if (tree is not JsonObjectTree root)
            return new ReadResult(null, [new SheetError(tree.Line, tree.Column, "", "an object with “title” and “blocks” is expected")]);
        foreach (var (key, value) in MemberList(root).OrderBy(m => m.Key.Text == "blocks"))
            plan = TakeMember(plan, key, value);
        if (plan.Title.Length == 0)
            errors.Add(root.Line, root.Column, "", "“title” is expected");
        plan = (plan with { NewMoves = moves.Added }).WithUsedMoves();
        if (!isKept && !errors.Any && Timing.Extent.Broken(plan) is { } sentence)
            errors.Add(1, 1, plan.Title, sentence);
        return errors.Any ? new ReadResult(null, errors.InOrder) : new ReadResult(Ids.Given(plan), []);
    }

    private ClassPlan TakeMember(ClassPlan plan, JsonTextTree key, JsonTree value)
    {
        switch (key.Text)
        {
            case "jollySet":
                if (Text(value)?.Text != "1")
                    errors.Add(value.Line, value.Column, "", "this is version 1 of the format");
                return plan;
            case "title":
                return plan with { Title = Name(value) };
            case "newMoves":
                foreach (var item in Items(value))
                    TakeNewMove(item);
                return plan;
            case "notes":
                return plan with { Brief = plan.Brief with { Notes = Lines(value) } };
            case "dismissed":
                return plan with { Brief = plan.Brief with { Dismissed = [.. Items(value).Select(ReadDismissal).OfType<Dismissal>()] } };
            case "blocks":
                foreach (var item in Items(value))
                    plan = TakeBlock(plan, item);
                return plan;
            default:
                if (key.Text is "focus" or "needs" or "kit" or "claims" && value is JsonListTree { Items.Count: 0 })
                    return plan;
                var slice = value is JsonListTree list ? Joined(list)
                    : Text(value) is { } text ? (key.Text is "place" or "before" or "after" ? Bare(text) : text.Slice)
                    : (Slice?)null;
                return slice is { } said ? plan with { Brief = BriefNotation.Read(plan.Brief, key.Slice, said, errors) } : plan;
        }
    }

    /// <summary>A list as a sheet's header writes it, each item in quotes.</summary>
    private Slice Joined(JsonListTree list)
    {
        var text = string.Join(", ", Words(list).Select(Quoted.Always));
        return new Slice(text, 0, text.Length, list.Line, list.Column);
    }

    private Dismissal? ReadDismissal(JsonTree item)
    {
        var members = Members(item, "code", "block", "mark", "reason");
        string Said(string key) => members.GetValueOrDefault(key) is { } tree ? Text(tree)?.OneLine ?? "" : "";
        if (Said("code").Length > 0 && Said("reason").Trim().Length > 0)
            return new Dismissal(Said("code"), Said("block") is { Length: > 0 } block ? block : null, Said("mark"), Said("reason"));
        errors.Add(item.Line, item.Column, "", "what is dismissed has a “code” and a “reason”");
        return null;
    }

    private void TakeNewMove(JsonTree item)
    {
        var members = Members(item, "name", "like", "but");
        var name = members.GetValueOrDefault("name") is { } n ? Name(n) : "";
        var like = members.GetValueOrDefault("like") is { } l && Text(l) is { } borrowed ? KnownMoves.Named(Bare(borrowed), errors) : null;
        var but = members.GetValueOrDefault("but") is { } b && Text(b) is { } said ? NewMoveNotation.ReadBut(said.Slice, errors) : null;
        if (name.Length == 0)
            errors.Add(item.Line, item.Column, "", "a new move needs a “name”");
        else if (moves.IsTaken(name) || !moves.Add(new NewMove(name, like is null ? null : moves.SourceOf(like), but)))
            errors.Add(item.Line, item.Column, name, "there is a move of that name already");
    }

    private ClassPlan TakeBlock(ClassPlan plan, JsonTree item)
    {
        var members = Members(item, "name", "format", "again", "settings", "notes", "stations");
        var here = new Slice("", 0, 0, item.Line, item.Column);
        var again = members.GetValueOrDefault("again") is { } a ? Text(a) : null;
        BlockFormat format = again is not null ? new AgainFormat(again.OneLine)
            : members.GetValueOrDefault("format") is { } f && Text(f) is { } word ? FormatNotation.Read(word.Slice, errors) ?? new CircuitFormat()
            : errors.None<BlockFormat?>(here, $"a block needs a “format”: {FormatNotation.Built}") ?? new CircuitFormat();
        var first = again is null ? null : plan.Find(again.OneLine);
        if (again is not null && first is null or { Format: AgainFormat })
            errors.Add(again!.Slice, "no block of that name stands above");
        var name = again is not null
            ? ClassPlan.AgainName(again.OneLine, plan.Blocks.Count(b => b.Format is AgainFormat r && r.Of == again.OneLine))
            : members.GetValueOrDefault("name") is { } n ? Name(n) : "";
        if (name.Trim().Length == 0)
            errors.Add(here, "a block needs a “name”");
        if (plan.Find(name) is not null)
            errors.Add(here, $"a block named {name} stands above; names are unique");
        if (plan.Blocks.Length >= Limits.Blocks)
            errors.Add(here, $"a class has at most {Limits.Blocks} blocks");
        var settings = ReadSettings(members.GetValueOrDefault("settings"), first?.Format ?? format);
        BlockNotation.CheckTogether(first is null ? new Block(name, format, settings) : first with { Settings = first.Settings.With(settings) }, here, errors);
        var block = new Block(name, format, settings)
        {
            Notes = Lines(members.GetValueOrDefault("notes")),
            Stations = [.. Items(members.GetValueOrDefault("stations")).Select(ReadStation)],
        };
        if (!errors.Any)
            BlockNotation.CheckLines(block, [.. block.Stations.Select(_ => here)], here, errors);
        if (block.Settings.Joined && plan.Blocks.LastOrDefault()?.Settings.After is not null)
            errors.Add(here, $"a joined block follows without a break; leave out the “after” of {plan.Blocks[^1].Name}");
        if (block.Stations.Length > Limits.Stations)
            errors.Add(here, $"a block has at most {Limits.Stations} stations");
        if ((block.IsWords || again is not null) && block.Stations.Length > 0)
            errors.Add(here, $"a {Plans.Words.FormatName(format)} block has no stations");
        return plan with { Blocks = plan.Blocks.Add(block) };
    }

    private BlockSettings ReadSettings(JsonTree? tree, BlockFormat format)
    {
        var settings = new BlockSettings();
        if (tree is null)
            return settings;
        foreach (var (key, value) in MemberList(tree))
        {
            if (!SettingsNotation.UsedBy(format).Contains(key.Text))
                errors.Add(key.Slice, SettingsNotation.NotUsed(format, key.Text));
            else if (Text(value) is { } text)
                settings = SettingsNotation.Read(settings, key.Text, text.Slice, errors);
        }

        return settings;
    }

    private Station ReadStation(JsonTree item)
    {
        var station = new Station(new OneMove(""));
        foreach (var (key, value) in MemberList(item))
            station = key.Text == "options" ? Items(value).Aggregate(station, TakeOption) : TakeStationMember(station, key, value);
        if (station.Doing is OneMove { Name: "" } && !errors.Any)
            errors.Add(item.Line, item.Column, "", "a station needs a “move” or “any”");
        return station;
    }

    private Station TakeStationMember(Station station, JsonTextTree key, JsonTree value)
    {
        if (key.Text == "kit")
            return station with { Kit = [.. Words(value)] };
        if (key.Text == "notes")
            return station with { Notes = Lines(value) };
        if (Text(value) is not { } text)
            return station;
        var slice = text.Slice;
        switch (key.Text)
        {
            case "move":
                return moves.IsNew(text.OneLine)
                    ? station with { Doing = new OneMove(text.OneLine) }
                    : station with { Doing = StationNotation.ReadDoing(slice, moves, errors) ?? station.Doing };
            case "any":
                return Plans.Words.TryPattern(text.Text, out var pattern)
                    ? station with { Doing = new ToBeChosen(pattern) }
                    : errors.None<Station?>(slice, $"a pattern is one of {string.Join(", ", Plans.Words.PatternWords)}") ?? station;
            case "pulses":
                return station with { Pulses = text.Text == "yes" ? new Pulses(null) : new Pulses(int.TryParse(text.Text, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n is > 0 and <= Limits.Reps ? n : errors.None<int?>(slice, "pulses are a number, or “yes” in timed work")) };
            case "start":
                return station with { StartRungs = StationNotation.ReadStart(slice, station.Doing, errors) };
            case "amount":
                return station with { Amount = AmountNotation.Read(slice, errors) };
            case "load":
                return station with { Load = LoadNotation.Read(slice, errors) };
            case "tempo":
                return station with { Tempo = TempoNotation.Read(slice, errors) };
            case "sides":
                return station with { Sides = slice.Split(',').Aggregate((Sides?)null, (sides, part) => SidesNotation.Add(sides, part, errors)) };
            case "rest":
                return station with { Rest = GapNotation.Read(slice, errors) };
            case "demo":
                return station with { Demo = TimeNotation.Read(slice, errors) };
            case "shows":
                return station with { Shows = text.Text.Length == 0 ? null : text.OneLine };
            default:
                errors.Add(key.Slice, "a station has move, any, amount, pulses, start, load, tempo, sides, rest, options, kit, demo, shows and notes");
                return station;
        }
    }

    /// <summary>Free words with signs of the notation in them are words all the same in JSON.</summary>
    private static Slice Bare(JsonTextTree text)
    {
        var quoted = Quoted.Always(text.OneLine);
        return new Slice(quoted, 0, quoted.Length, text.Line, text.Column);
    }

    private Station TakeOption(Station station, JsonTree item)
    {
        foreach (var (key, value) in MemberList(item))
        {
            if (Text(value) is { } text)
                station = StationNotation.WithSection(station, key.Slice, text.Slice, moves, errors);
        }

        return station;
    }

    private string Name(JsonTree value)
    {
        var text = Text(value)?.OneLine ?? "";
        if (text.Length > Limits.NameLetters)
            errors.Add(value.Line, value.Column, text, string.Create(CultureInfo.InvariantCulture, $"a name of {text.Length} letters; the limit is {Limits.NameLetters}"));
        return text;
    }

    private JsonTextTree? Text(JsonTree value)
    {
        if (value is JsonTextTree text)
            return text;
        errors.Add(value.Line, value.Column, "", "a text or number is expected");
        return null;
    }

    private List<JsonTree> Items(JsonTree? value)
    {
        if (value is null or JsonNullTree or JsonListTree)
            return (value as JsonListTree)?.Items ?? [];
        errors.Add(value.Line, value.Column, "", "a list is expected");
        return [];
    }

    private List<(JsonTextTree Key, JsonTree Value)> MemberList(JsonTree value)
    {
        if (value is not JsonObjectTree tree)
        {
            errors.Add(value.Line, value.Column, "", "an object is expected");
            return [];
        }

        var seen = new HashSet<string>();
        foreach (var (key, _) in tree.Members.Where(m => !seen.Add(m.Key.Text)))
            errors.Add(key.Slice, "stands twice in this object");
        return [.. tree.Members.Where(m => m.Value is not JsonNullTree)];
    }

    private Dictionary<string, JsonTree> Members(JsonTree value, params string[] known)
    {
        var members = MemberList(value);
        foreach (var (key, _) in members.Where(m => !known.Contains(m.Key.Text)))
            errors.Add(key.Slice, $"there is no such part here; there are {string.Join(", ", known)}");
        return members.DistinctBy(m => m.Key.Text).ToDictionary(m => m.Key.Text, m => m.Value);
    }

    /// <summary>The texts of a list, each in one line.</summary>
    private IEnumerable<string> Words(JsonTree? list) => Items(list).Select(Text).OfType<JsonTextTree>().Select(t => t.OneLine);

    /// <summary>The notes of a list; one of several lines is as many notes.</summary>
    private ImmutableArray<string> Lines(JsonTree? list) => [.. Items(list).Select(Text).OfType<JsonTextTree>().SelectMany(t => t.Lines)];
}
