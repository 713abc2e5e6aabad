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
            if (SettingsNotation.Parted(part) is not { } setting)
                errors.Add(part, NotYetBuilt.IsSetting(part.Text)
                    ? NotYetBuilt.Sentence("this setting", "the block without it")
                    : $"a setting is one of: 3 rounds, {string.Join(", ", SettingsNotation.UsedBy(format).Where(k => k != "rounds").Order().Select(k => k + " …"))}");
            else if (!SettingsNotation.UsedBy(format).Contains(setting.Key))
                errors.Add(part, $"{Words.FormatName(format)} never uses “{setting.Key}”; leave it out");
            else if (SettingsNotation.Says(settings, setting.Key))
                errors.Add(part, $"“{setting.Key}” stands in this bracket already");
            else
                settings = SettingsNotation.Read(settings, setting.Key, setting.Value, errors);
        }

        return settings;
    }

    /// <summary>What settings may not say together; adds an error at <paramref name="where"/>.</summary>
    public static void CheckWater(BlockSettings settings, Slice where, SheetErrors errors)
    {
        if (settings.Water is { } water && water.Round >= settings.RoundCount)
            errors.Add(where, $"after round {water.Round} no round follows (there are {settings.RoundCount}); write “after {water.Seconds} water” for water after the block");
    }

    private static string InBracket((string Key, string Value) setting) =>
        setting.Key != "rounds" ? $"{setting.Key} {setting.Value}" : setting.Value == "1" ? "1 round" : $"{setting.Value} rounds";

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
            CheckWater(block.Settings, where, errors);
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
            CheckWater(first.Settings.With(said), where, errors);
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
