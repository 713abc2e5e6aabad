using JollySet.Core.Plans;

namespace JollySet.Core.Sheets.Notation;

/// <summary>A block's head: <c>== name (format, setting, setting)</c>, or <c>== again name (settings that differ)</c>.</summary>
internal static class BlockNotation
{
    /// <summary>A block without lines; with errors added it still stands, so that its lines are read too.</summary>
    public static Block Read(Slice line, ClassPlan soFar, SheetErrors errors)
    {
        var head = line.From(2).Trim();
        var open = BracketAt(head);
        var name = (open < 0 ? head : head.To(open)).Trim();
        var settings = open < 0 ? (Slice?)null : head.From(open + 1).To(head.Length - open - 2).Trim();
        var block = name.AfterWord("again") is { IsEmpty: false } repeated && !Quoted.Is(name)
            ? ReadAgain(repeated, settings, soFar, errors)
            : ReadOwn(name, settings, errors);
        if (soFar.Find(block.Name) is not null)
            errors.Add(name, "a block of that name stands above; names are unique");
        return block;
    }

    public static string Write(Block block)
    {
        var settings = SettingsNotation.Write(block.Settings).Select(InBracket).ToList();
        if (block.Format is AgainFormat again)
            return $"== again {Quoted.Write(again.Of)}" + (settings.Count == 0 ? "" : $" ({string.Join(", ", settings)})");
        return $"== {Quoted.Write(block.Name)} ({string.Join(", ", settings.Prepend(FormatNotation.Write(block.Format)))})";
    }

    /// <summary>Reads the settings of a bracket, one by one, for a block of that format.</summary>
    public static BlockSettings ReadSettings(IEnumerable<Slice> parts, BlockFormat format, SheetErrors errors)
    {
        var settings = new BlockSettings();
        foreach (var part in parts)
        {
            if (part.Is("right first") && settings.EachSide is not null)
                settings = settings with { EachSide = new BlockSides(true) };
            else if (SettingsNotation.Parted(part) is not { } setting)
                errors.Add(part, $"a setting is one of: 3 rounds, {string.Join(", ", SettingsNotation.UsedBy(format).Where(k => k != "rounds").Order())}");
            else if (!SettingsNotation.UsedBy(format).Contains(setting.Key))
                errors.Add(part, SettingsNotation.NotUsed(format, setting.Key));
            else if (SettingsNotation.Says(settings, setting.Key))
                errors.Add(part, $"“{setting.Key}” stands in this bracket already");
            else
                settings = SettingsNotation.Read(settings, setting.Key, setting.Value, errors);
        }

        return settings;
    }

    /// <summary>What a block may not say together; adds an error at <paramref name="where"/>.</summary>
    public static void CheckTogether(Block block, Slice where, SheetErrors errors)
    {
        var settings = block.Settings;
        if (settings.Water is { } water && water.Round >= block.RoundCount)
            errors.Add(where, $"after round {water.Round} no round follows (there are {block.RoundCount}); write “after {GapNotation.Write(water.Gap)}” for water after the block");
        if (block.IsLinked && settings.Between is not null && (!settings.Rest.IsEmpty || settings.Ratio is not null))
            errors.Add(where, $"in a {Words.FormatName(block.Format)} “rest” and “between” say the same; write “rest” alone");
        if (!settings.Rest.IsEmpty && settings.Ratio is not null)
            errors.Add(where, "a rest is a time or a ratio; write one of them");
    }

    /// <summary>What the lines of a block may not be; adds an error at each.</summary>
    public static void CheckLines(Block block, IReadOnlyList<Slice> lines, Slice head, SheetErrors errors)
    {
        if (block.Format is LinkedFormat linked && LinkedFormat.KindOf(block.Stations.Length) is var kind && kind != linked.Kind)
            errors.Add(head, $"{Has(linked.Kind)}; for {block.Stations.Length} write {kind?.ToString().ToLowerInvariant() ?? "straight"}");
        for (var i = 0; i < block.Stations.Length && i < lines.Count; i++)
            CheckLine(block, block.Stations[i], lines[i], errors);
    }

    private static void CheckLine(Block block, Station station, Slice line, SheetErrors errors)
    {
        var inBeats = station.Tempo is { First: BeatsTempo } or { Then: BeatsTempo };
        if (inBeats && block.Format is not FlowFormat)
            errors.Add(line, "a tempo in beats needs a flow block with its beat; write @2 for two seconds a rep");
        else if (inBeats && block.Settings.Beat is null)
            errors.Add(line, "a tempo in beats needs the block’s beat; write “beat 120” in its bracket");
        if (block.Format is FlowFormat && station.Amount is Reps && !inBeats)
            errors.Add(line, "in flow a count goes to the beat; write its tempo in beats, such as x8 @4 beats");
        if (block.Format is FlowFormat or MinuteFormat or AmrapFormat && station.Rest is not null)
            errors.Add(line, SettingsNotation.NotUsed(block.Format, "rest"));
        if (block.Settings.EachSide is not null && station.Sides is { Ways.IsEmpty: false } sides && sides.Ways.Any(w => w != SideWay.Both))
            errors.Add(line, "the block does each side already; a station in it says only “both” or “reverse halfway”");
        if (station.Doing is Stacked && station.Amount is Reps)
            errors.Add(line, "a stack is done inside a time; write 40s");
    }

    private static string Has(LinkedKind kind) => kind switch
    {
        LinkedKind.Superset => "a superset has two stations",
        LinkedKind.Trio => "a trio has three stations",
        _ => "a giant set has four stations or more",
    };

    private static string InBracket((string Key, string Value) setting) => setting switch
    {
        ("rounds", "1") => "1 round",
        ("rounds", var rounds) => $"{rounds} rounds",
        ("each side", "yes") => "each side",
        ("each side", _) => "each side, right first",
        ("optional" or "joined", _) => setting.Key,
        _ => $"{setting.Key} {setting.Value}",
    };

    private static Block ReadOwn(Slice name, Slice? settings, SheetErrors errors)
    {
        var parts = settings?.Split(',') ?? [];
        var format = settings is null
            ? errors.None<BlockFormat?>(name, $"after the block’s name a bracket is expected, with the format: ({FormatNotation.Built})")
            : FormatNotation.Read(parts[0], errors);
        var unknown = format is null && settings is not null;
        var block = new Block(
            NameOf(name, errors),
            format ?? new CircuitFormat(),
            unknown ? new BlockSettings() : ReadSettings(parts.Skip(1), format ?? new CircuitFormat(), errors));
        if (settings is { } where && format is not null)
            CheckTogether(block, where, errors);
        return block;
    }

    private static Block ReadAgain(Slice name, Slice? settings, ClassPlan soFar, SheetErrors errors)
    {
        var of = Quoted.Read(name);
        var first = soFar.Find(of);
        if (first is null || first.Format is AgainFormat)
            errors.Add(name, first is null ? "no block of that name stands above" : "repeat the first of them, not its repeat");
        var format = first?.Format is null or AgainFormat ? new CircuitFormat() : first.Format;
        var said = settings is { IsEmpty: false } s ? ReadSettings(s.Split(','), format, errors) : new BlockSettings();
        if (settings is { } where && first is not null)
            CheckTogether(first with { Settings = first.Settings.With(said) }, where, errors);
        var before = soFar.Blocks.Count(b => b.Format is AgainFormat again && again.Of == of);
        return new Block(ClassPlan.AgainName(of, before), new AgainFormat(of), said);
    }

    private static string NameOf(Slice name, SheetErrors errors)
    {
        var text = Quoted.Read(name);
        if (text.Trim().Length == 0)
            errors.Add(name, "a block needs a name");
        else if (text.Length > Limits.NameLetters)
            errors.Add(name, $"a name of {text.Length} letters; the limit is {Limits.NameLetters}");
        return text;
    }

    /// <summary>Where the last bracket opens, when the head ends on one; -1 otherwise.</summary>
    private static int BracketAt(Slice head)
    {
        if (head.IsEmpty || head.Text[^1] != ')')
            return -1;
        for (int at = head.Length - 1, depth = 0; at >= 0; at--)
        {
            var c = head.Source[head.Start + at];
            depth += c == ')' ? 1 : c == '(' ? -1 : 0;
            if (depth == 0)
                return at;
        }

        return -1;
    }
}
