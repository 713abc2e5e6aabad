using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Edits;

/// <summary>Adds a block typed as text, at that place or at the end.</summary>
public sealed record AddBlock(string Text, int? At = null) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => SheetReader.ReadBlock(Text, plan).Block is { } block ? $"added {block.Name}" : "added a block";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var (block, result) = SheetReader.ReadBlock(Text, plan);
        return block is null
            ? new EditResult(null, result.Errors, "text")
            : EditResult.Of(plan with { NewMoves = result.Plan!.NewMoves, Blocks = plan.Blocks.Insert(Math.Clamp(At ?? plan.Blocks.Length, 0, plan.Blocks.Length), block) });
    }
}

/// <summary>Adds a block typed as one line, before the cool-down where the class ends on one.</summary>
public sealed record AddBlockLine(string Line) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => BlockLine.Read(Line, plan).Block is { } block ? $"added {block.Name}" : "typed a block";

    /// <summary>Where a new block goes.</summary>
    public static int PlaceIn(ClassPlan plan)
    {
        var at = plan.Blocks.Length;
        while (at > 0 && plan.Blocks[at - 1].Format is ReleaseFormat)
            at--;
        return at;
    }

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var (block, result) = BlockLine.Read(Line, plan);
        return block is null
            ? new EditResult(null, result.Errors, "line")
            : EditResult.Of(plan with { NewMoves = result.Plan!.NewMoves, Blocks = plan.Blocks.Insert(PlaceIn(plan), block) });
    }
}

/// <summary>Puts a block typed as text in place of one.</summary>
public sealed record ReplaceBlock(int Block, string Text) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"wrote {plan.FindBlock(Block)?.Name ?? "a block"} anew";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } before)
            return EditResult.NoBlock;
        var at = plan.Blocks.IndexOf(before);
        var (block, result) = SheetReader.ReadBlock(Text, plan with { Blocks = plan.Blocks.RemoveAt(at) });
        if (block is null)
            return new EditResult(null, result.Errors, "text");
        var carried = Ids.Carried(before, block, (a, b) => SheetWriter.WriteStation(a) == SheetWriter.WriteStation(b));
        var blocks = plan.Blocks.SetItem(at, carried).Select(b => b.Format is AgainFormat a && a.Of == before.Name ? b with { Format = new AgainFormat(block.Name) } : b);
        return EditResult.Of(plan with { NewMoves = result.Plan!.NewMoves, Blocks = [.. blocks] });
    }
}

/// <summary>Takes a block out; blocks that repeat it are spelled out.</summary>
public sealed record RemoveBlock(int Block) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"took out {plan.FindBlock(Block)?.Name ?? "a block"}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        var blocks = plan.Blocks.Where(b => b != block).Select(b => b.Format is AgainFormat a && a.Of == block.Name ? plan.Spelled(b) : b);
        return EditResult.Of(plan with { Blocks = [.. blocks] });
    }
}

/// <summary>Puts a copy of a block after it, under a name of its own.</summary>
public sealed record DuplicateBlock(int Block) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"duplicated {plan.FindBlock(Block)?.Name ?? "a block"}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        var number = 2;
        while (plan.Find($"{block.Name} {number}") is not null)
            number++;
        var copy = Ids.Unnumbered(plan.Spelled(block) with { Name = $"{block.Name} {number}" });
        return copy.Name.Length > Limits.NameLetters
            ? EditResult.Refused("the copy’s name would be too long; give the block a shorter one first")
            : EditResult.Of(plan with { Blocks = plan.Blocks.Insert(plan.Blocks.IndexOf(block) + 1, copy) });
    }
}

/// <summary>Moves a block to another place, counted from 0 in the class as it will be.</summary>
public sealed record MoveBlock(int Block, int To) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"moved {plan.FindBlock(Block)?.Name ?? "a block"}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        var others = plan.Blocks.Remove(block);
        return EditResult.Of(plan with { Blocks = others.Insert(Math.Clamp(To, 0, others.Length), block) });
    }
}

/// <summary>Gives a block another name; blocks that repeat it follow.</summary>
public sealed record RenameBlock(int Block, string Name) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"renamed {plan.FindBlock(Block)?.Name ?? "a block"}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var name = Name.Trim();
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        if (block.Format is AgainFormat)
            return EditResult.Refused("a block that repeats another is named after it");
        if (name.Length is 0 or > Limits.NameLetters)
            return EditResult.Refused($"a block’s name has from 1 to {Limits.NameLetters} letters; this one has {name.Length}") with { Field = "name" };
        if (name != block.Name && plan.Find(name) is not null)
            return EditResult.Refused($"there is a block “{name}” already; names are unique") with { Field = "name" };
        var blocks = plan.Blocks.Select(b => b == block ? b with { Name = name } : b.Format is AgainFormat a && a.Of == block.Name ? b with { Format = new AgainFormat(name) } : b);
        return EditResult.Of(plan with { Blocks = [.. blocks] }, "name");
    }
}

/// <summary>Says one setting of a block anew, in the sheet's words; empty takes it out. The key <c>format</c> changes how it runs.</summary>
public sealed record SetBlockSetting(int Block, string Key, string Value) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"changed {Key} in {plan.FindBlock(Block)?.Name ?? "a block"}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (plan.FindBlock(Block) is not { } block)
            return EditResult.NoBlock;
        var errors = new SheetErrors();
        var value = Slice.OfLine(Value.ReplaceLineEndings(" "), 1).Trim();
        var changed = Key == "format" ? WithFormat(block, value, errors) : WithSetting(plan, block, value, errors);
        return errors.Any ? new EditResult(null, errors.InOrder, Key) : EditResult.Of(plan with { Blocks = plan.Blocks.Replace(block, changed) }, Key);
    }

    private static Block WithFormat(Block block, Slice value, SheetErrors errors)
    {
        if (FormatNotation.Read(value, errors) is not { } format)
            return block;
        if (format is LinkedFormat linked && LinkedFormat.KindOf(block.Stations.Length) is { } kind)
            format = linked with { Kind = kind };
        var changed = block with { Format = format };
        changed = changed with { Settings = Converted(block, changed) };
        if (changed.IsWords && block.Stations.Length > 0)
            errors.Add(value, "this block has stations; take them out first, or add a block of words");
        foreach (var (key, _) in SettingsNotation.Write(changed.Settings).Where(s => !SettingsNotation.UsedBy(format).Contains(s.Key)))
            errors.Add(value, $"{SettingsNotation.NotUsed(format, key)}; take it out first");
        if (!errors.Any)
            BlockNotation.CheckTogether(changed, value, errors);
        return changed;
    }

    /// <summary>What formats share under other names: a circuit's rest between moves is a superset's pause, its break between rounds a superset's rest.</summary>
    private static BlockSettings Converted(Block block, Block then)
    {
        var said = block.Settings;
        if (then.IsLinked && !block.IsLinked && said is { Between: { } between, Ratio: null, Rest.Length: <= 1 })
            return said with { Pause = said.Rest.IsEmpty ? said.Pause : said.Rest[0], Rest = [between], Between = null };
        if (!then.IsLinked && block.IsLinked && said is { Rest: [var rest], Between: null } && SettingsNotation.UsedBy(then.Format).Contains("between"))
            return said with { Rest = said.Pause is { } pause ? [pause] : [], Between = rest, Pause = null };
        return said;
    }

    private Block WithSetting(ClassPlan plan, Block block, Slice value, SheetErrors errors)
    {
        var spelled = plan.Spelled(block);
        if (!SettingsNotation.UsedBy(spelled.Format).Contains(Key))
        {
            errors.Add(value, SettingsNotation.NotUsed(spelled.Format, Key));
            return block;
        }

        var others = SettingsNotation.Write(block.Settings).Where(s => s.Key != Key);
        var said = value.IsEmpty ? others : others.Append((Key, value.Text));
        var settings = said.Aggregate(new BlockSettings(), (s, pair) => SettingsNotation.Read(s, pair.Item1, Slice.OfLine(pair.Item2, 1).Trim(), errors));
        if (!errors.Any)
            BlockNotation.CheckTogether(plan.Spelled(block with { Settings = settings }), value, errors);
        return block with { Settings = settings };
    }
}
