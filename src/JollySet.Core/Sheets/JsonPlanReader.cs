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

    private JsonPlanReader(MoveLibrary library) => moves = new KnownMoves(library);

    /// <summary>The plan, or every error in it.</summary>
    public static ReadResult Read(string text, MoveLibrary? library = null)
    {
        if (Encoding.UTF8.GetByteCount(text) > Limits.Bytes * 2)
            return new ReadResult(null, [new SheetError(1, 1, $"{Encoding.UTF8.GetByteCount(text) / 1000} kB", $"a class in JSON is at most {Limits.Bytes * 2 / 1000} kB")]);
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
        foreach (var (key, value) in root.Members.OrderBy(m => m.Key.Text == "blocks"))
            plan = TakeMember(plan, key, value);
        if (plan.Title.Length == 0)
            errors.Add(root.Line, root.Column, "", "“title” is expected");
        plan = plan with { NewMoves = moves.Added };
        if (!errors.Any && SizeCheck.TooLong(plan) is { } sentence)
            errors.Add(1, 1, plan.Title, sentence);
        return errors.Any ? new ReadResult(null, errors.InOrder) : new ReadResult(plan, []);
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
                return plan with { Brief = plan.Brief with { Notes = [.. Items(value).Select(Text).OfType<JsonTextTree>().Select(t => t.Text)] } };
            case "dismissed":
                return plan with { Brief = plan.Brief with { Dismissed = [.. Items(value).Select(ReadDismissal).OfType<Dismissal>()] } };
            case "blocks":
                foreach (var item in Items(value))
                    plan = TakeBlock(plan, item);
                return plan;
            default:
                var slice = value is JsonListTree list ? Joined(list)
                    : Text(value) is { } text ? (key.Text is "place" or "before" or "after" ? Bare(text.Slice) : text.Slice)
                    : (Slice?)null;
                return slice is { } said ? plan with { Brief = BriefNotation.Read(plan.Brief, key.Slice, said, errors) } : plan;
        }
    }

    /// <summary>A list as a sheet's header writes it, each item in quotes.</summary>
    private static Slice Joined(JsonListTree list)
    {
        var text = string.Join(", ", list.Items.OfType<JsonTextTree>().Select(t => Quoted.Write(t.Text)));
        return new Slice(text, 0, text.Length, list.Line, list.Column);
    }

    private Dismissal? ReadDismissal(JsonTree item)
    {
        var members = Members(item);
        string Said(string key) => members.GetValueOrDefault(key) is { } tree ? Text(tree)?.Text ?? "" : "";
        if (Said("code").Length > 0 && Said("reason").Trim().Length > 0)
            return new Dismissal(Said("code"), Said("block") is { Length: > 0 } block ? block : null, Said("mark"), Said("reason"));
        errors.Add(item.Line, item.Column, "", "what is dismissed has a “code” and a “reason”");
        return null;
    }

    private void TakeNewMove(JsonTree item)
    {
        var members = Members(item);
        var name = members.GetValueOrDefault("name") is { } n ? Name(n) : "";
        var like = members.GetValueOrDefault("like") is { } l && Text(l) is { } borrowed ? moves.Known(borrowed.Slice, errors, "") : null;
        if (name.Length == 0)
            errors.Add(item.Line, item.Column, "", "a new move needs a “name”");
        else if (moves.InLibrary(name) || !moves.Add(new NewMove(name, like)))
            errors.Add(item.Line, item.Column, name, "there is a move of that name already");
    }

    private ClassPlan TakeBlock(ClassPlan plan, JsonTree item)
    {
        var members = Members(item);
        var here = new Slice("", 0, 0, item.Line, item.Column);
        var again = members.GetValueOrDefault("again") is { } a ? Text(a) : null;
        BlockFormat format = again is not null ? new AgainFormat(again.Text)
            : members.GetValueOrDefault("format") is { } f && Text(f) is { } word ? FormatNotation.Read(word.Slice, errors) ?? new CircuitFormat()
            : errors.None<BlockFormat?>(here, $"a block needs a “format”: {FormatNotation.Built}") ?? new CircuitFormat();
        var first = again is null ? null : plan.Find(again.Text);
        if (again is not null && first is null or { Format: AgainFormat })
            errors.Add(again!.Slice, "no block of that name stands above");
        var name = again is not null
            ? ClassPlan.AgainName(again.Text, plan.Blocks.Count(b => b.Format is AgainFormat r && r.Of == again.Text))
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
            Notes = [.. Items(members.GetValueOrDefault("notes")).Select(Text).OfType<JsonTextTree>().Select(t => t.Text)],
            Stations = [.. Items(members.GetValueOrDefault("stations")).Select(ReadStation)],
        };
        if (!errors.Any)
            BlockNotation.CheckLines(block, [.. block.Stations.Select(_ => here)], here, errors);
        if (block.Settings.Joined && plan.Blocks.LastOrDefault()?.Settings.After is not null)
            errors.Add(here, $"a joined block follows without a break; leave out the “after” of {plan.Blocks[^1].Name}");
        if (block.Stations.Length > Limits.Stations)
            errors.Add(here, $"a block has at most {Limits.Stations} stations");
        if ((block.IsWords || again is not null) && block.Stations.Length > 0)
            errors.Add(here, $"a {Words.FormatName(format)} block has no stations");
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
            return station with { Kit = [.. Items(value).Select(Text).OfType<JsonTextTree>().Select(t => t.Text)] };
        if (key.Text == "notes")
            return station with { Notes = [.. Items(value).Select(Text).OfType<JsonTextTree>().Select(t => t.Text)] };
        if (Text(value) is not { } text)
            return station;
        var slice = text.Slice;
        switch (key.Text)
        {
            case "move":
                return moves.InLibrary(text.Text) || moves.IsNew(text.Text)
                    ? station with { Doing = new OneMove(text.Text) }
                    : station with { Doing = StationNotation.ReadDoing(slice, moves, errors) ?? station.Doing };
            case "any":
                return Words.TryPattern(text.Text, out var pattern)
                    ? station with { Doing = new ToBeChosen(pattern) }
                    : errors.None<Station?>(slice, $"a pattern is one of {string.Join(", ", Words.PatternWords)}") ?? station;
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
                return station with { DemoSeconds = TimeNotation.Read(slice, errors) };
            case "shows":
                return station with { Shows = text.Text };
            default:
                errors.Add(key.Slice, "a station has move, any, amount, pulses, start, load, tempo, sides, rest, options, kit, demo, shows and notes");
                return station;
        }
    }

    /// <summary>Free words with signs of the notation in them are words all the same in JSON.</summary>
    private static Slice Bare(Slice slice)
    {
        var quoted = Quoted.Write(slice.Text);
        return new Slice(quoted, 0, quoted.Length, slice.Line, slice.Column);
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
        var text = Text(value)?.Text ?? "";
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
        if (value is null or JsonListTree)
            return (value as JsonListTree)?.Items ?? [];
        errors.Add(value.Line, value.Column, "", "a list is expected");
        return [];
    }

    private List<(JsonTextTree Key, JsonTree Value)> MemberList(JsonTree value)
    {
        if (value is JsonObjectTree tree)
            return tree.Members;
        errors.Add(value.Line, value.Column, "", "an object is expected");
        return [];
    }

    private Dictionary<string, JsonTree> Members(JsonTree value)
    {
        var members = new Dictionary<string, JsonTree>();
        foreach (var (key, item) in MemberList(value))
        {
            if (!members.TryAdd(key.Text, item))
                errors.Add(key.Slice, "stands twice in this object");
        }

        return members;
    }
}
