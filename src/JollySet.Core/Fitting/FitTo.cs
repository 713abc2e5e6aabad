using System.Collections.Immutable;
using System.Text.Json;
using JollySet.Core.Edits;
using JollySet.Core.Plans;

namespace JollySet.Core.Fitting;

/// <summary>Takes a proposal: all of its edits, or none.</summary>
public sealed record FitTo(int Minutes, ImmutableArray<PlanEdit> Edits) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"made it {Minutes} min";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) => new Several(Edits).Step(plan);

    /// <summary>The edits as text that a form can carry; only those that fitting makes.</summary>
    public static string Write(IEnumerable<PlanEdit> edits) => JsonSerializer.Serialize(edits.Select(edit => edit switch
    {
        SetBlockSetting set => ["set", Number(set.Block), set.Key, set.Value],
        RemoveStation remove => new[] { "station", Number(remove.Station) },
        RemoveBlock drop => ["block", Number(drop.Block)],
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

    private static PlanEdit? EditOf(string[]? parts) => parts switch
    {
        ["set", var block, { } key, { } value] when int.TryParse(block, out var id) => new SetBlockSetting(id, key, value),
        ["station", var station] when int.TryParse(station, out var id) => new RemoveStation(id),
        ["block", var block] when int.TryParse(block, out var id) => new RemoveBlock(id),
        _ => null,
    };

    private static string Number(int id) => id.ToString(System.Globalization.CultureInfo.InvariantCulture);
}
