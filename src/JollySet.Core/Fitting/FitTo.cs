using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Plans;
using JollySet.Core.Plans.Edits;

namespace JollySet.Core.Fitting;

/// <summary>Takes a proposal: all of its edits, or none.</summary>
public sealed record FitTo(int Minutes, ImmutableArray<PlanEdit> Edits) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary => $"made it {Minutes} min";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) => new Several(Edits).Apply(plan);

    /// <summary>The edits as text that a form can carry; only those that fitting makes.</summary>
    public static string Write(IEnumerable<PlanEdit> edits) => JsonSerializer.Serialize(edits.Select(edit => edit switch
    {
        SetBlockSetting set => ["set", set.Block, set.Key, set.Value],
        RemoveStation remove => new[] { "station", remove.Block, remove.Station.ToString(System.Globalization.CultureInfo.InvariantCulture), remove.Was ?? "" },
        RemoveBlock drop => ["block", drop.Block],
        _ => throw new ArgumentException($"{edit.GetType().Name} is no edit of fitting.", nameof(edits)),
    }));

    /// <summary>The edits of such a text; null when it is none.</summary>
    public static FitTo? Read(int minutes, string text)
    {
        try
        {
            var edits = JsonSerializer.Deserialize<string[][]>(text)?.Select(EditOf).ToList();
            return edits is null || edits.Contains(null) ? null : new FitTo(minutes, [.. edits.OfType<PlanEdit>()]);
        }
        catch (JsonException)
        {
            return null;
        }
    }

    private static PlanEdit? EditOf(string[] parts) => parts switch
    {
        ["set", var block, var key, var value] => new SetBlockSetting(block, key, value),
        ["station", var block, var number, var was] when int.TryParse(number, out var n) => new RemoveStation(block, n, was),
        ["block", var block] => new RemoveBlock(block),
        _ => null,
    };
}
