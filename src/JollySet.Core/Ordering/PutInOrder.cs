using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;
using JollySet.Core.Sheets;

namespace JollySet.Core.Ordering;

/// <summary>Puts stations in another order, within a block or across blocks that run alike; refused where a line has changed meanwhile.</summary>
/// <param name="Lines">Block, and the lines it shall have.</param>
public sealed record PutInOrder(ImmutableArray<(string Block, ImmutableArray<string> Lines)> Lines) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary => $"put {Say.List([.. Lines.Select(l => l.Block)])} in order";

    /// <summary>The edit that puts the items in that order into the places they have now.</summary>
    public static PutInOrder Of(ClassPlan plan, ImmutableArray<OrderItem> items, IReadOnlyList<int> order) => new(
    [
        .. items.Select((item, place) => (item.Block, line: SheetWriter.WriteStation(items[order[place]].Line)))
            .GroupBy(l => l.Block)
            .Select(g => (plan.Blocks[g.Key].Name, g.Select(l => l.line).ToImmutableArray())),
    ]);

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (Lines.FirstOrDefault(l => plan.Find(l.Block) is null) is { Block: { } gone })
            return EditResult.NoBlock(gone);
        var there = Lines.SelectMany(l => plan.Find(l.Block)!.Stations).Select(s => (line: SheetWriter.WriteStation(s), s)).ToList();
        if (!there.Select(t => t.line).Order(StringComparer.Ordinal).SequenceEqual(Lines.SelectMany(l => l.Lines).Order(StringComparer.Ordinal)))
            return EditResult.Refused("the stations have changed meanwhile; look for the order again");
        foreach (var (name, lines) in Lines)
        {
            var stations = ImmutableArray.CreateBuilder<Station>();
            foreach (var line in lines)
            {
                var found = there.FindIndex(t => t.line == line);
                stations.Add(there[found].s);
                there.RemoveAt(found);
            }

            var block = plan.Find(name)!;
            plan = plan with { Blocks = plan.Blocks.Replace(block, block with { Stations = stations.ToImmutable() }) };
        }

        return EditResult.Of(plan);
    }

    /// <summary>As text that a form can carry.</summary>
    public string Write() => JsonSerializer.Serialize(Lines.Select(l => l.Lines.Prepend(l.Block)));

    /// <summary>The edit of such a text; null when it is none.</summary>
    public static PutInOrder? Read(string text)
    {
        try
        {
            var blocks = JsonSerializer.Deserialize<string[][]>(text);
            return blocks is null || blocks.Any(b => b is null || b.Length < 2 || b.Contains(null)) ? null : new PutInOrder([.. blocks.Select(b => (b[0], b.Skip(1).ToImmutableArray()))]);
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
