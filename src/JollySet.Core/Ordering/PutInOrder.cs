using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Edits;
using JollySet.Core.Plans;

namespace JollySet.Core.Ordering;

/// <summary>Puts stations in another order, within a block or across blocks that run alike; refused where stations have come or gone meanwhile.</summary>
/// <param name="Lines">Numbers of a block and of the stations it shall have.</param>
public sealed record PutInOrder(ImmutableArray<(int Block, ImmutableArray<int> Stations)> Lines) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"put {Say.List([.. Lines.Select(l => plan.FindBlock(l.Block)?.Name ?? "a block")])} in order";

    /// <summary>The edit that puts the items in that order into the places they have now.</summary>
    public static PutInOrder Of(ClassPlan plan, ImmutableArray<OrderItem> items, IReadOnlyList<int> order) => new(
    [
        .. items.Select((item, place) => (item.Block, items[order[place]].Line.Id))
            .GroupBy(l => l.Block)
            .Select(g => (plan.Blocks[g.Key].Id, g.Select(l => l.Id).ToImmutableArray())),
    ]);

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        if (Lines.Any(l => plan.FindBlock(l.Block) is null))
            return EditResult.NoBlock;
        var there = Lines.SelectMany(l => plan.FindBlock(l.Block)!.Stations).ToList();
        if (!there.Select(s => s.Id).Order().SequenceEqual(Lines.SelectMany(l => l.Stations).Order()))
            return EditResult.Refused("the stations have changed meanwhile; look for the order again");
        var byId = there.ToDictionary(s => s.Id);
        var stations = Lines.ToDictionary(l => l.Block, l => l.Stations.Select(id => byId[id]).ToImmutableArray());
        return EditResult.Of(plan with { Blocks = [.. plan.Blocks.Select(b => stations.TryGetValue(b.Id, out var own) ? b with { Stations = own } : b)] });
    }

    /// <summary>As text that a form can carry.</summary>
    public string Write() => JsonSerializer.Serialize(Lines.Select(l => l.Stations.Prepend(l.Block)));

    /// <summary>The edit of such a text; null when it is none.</summary>
    public static PutInOrder? Read(string text)
    {
        try
        {
            var blocks = JsonSerializer.Deserialize<int[]?[]>(text);
            return blocks is null || blocks.Any(b => b is null || b.Length < 2) || blocks.DistinctBy(b => b![0]).Count() < blocks.Length
                ? null
                : new PutInOrder([.. blocks.Select(b => (b![0], b.Skip(1).ToImmutableArray()))]);
        }
        catch (JsonException)
        {
            return null;
        }
    }
}
