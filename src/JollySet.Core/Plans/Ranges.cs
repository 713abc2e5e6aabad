using System.Collections.Immutable;

namespace JollySet.Core.Plans;

/// <summary>A plan's ranges: the low ends are the clock's, the high ends say how long it may get.</summary>
public static class Ranges
{
    /// <summary>The plan with every range at its high end; null where it has none.</summary>
    public static ClassPlan? AtHighEnds(ClassPlan plan)
    {
        var high = plan with { Blocks = [.. plan.Blocks.Select(High)] };
        return plan.Blocks.Any(HasRange) ? high : null;
    }

    /// <summary>The gaps and rounds of a block that are left as ranges.</summary>
    public static bool LeavesLengthOpen(Block block) =>
        block.Settings.Rounds is { IsRange: true } || Gaps(block).Any(g => g.Length.IsRange);

    /// <summary>Every gap that a block or its stations say.</summary>
    public static IEnumerable<Gap> Gaps(Block block) => block.Settings.Rest
        .Concat(new[] { block.Settings.Pause, block.Settings.Between, block.Settings.After, block.Settings.Water?.Gap }.OfType<Gap>())
        .Concat(block.Stations.Select(s => s.Rest).OfType<Gap>());

    private static bool HasRange(Block block) => LeavesLengthOpen(block) || block.Stations.Any(s => s.Amount switch
    {
        Reps reps => reps.Counts.Any(c => c is { IsRange: true }),
        Timed timed => timed.Lengths.Any(l => l is { IsRange: true }),
        _ => false,
    });

    private static Block High(Block block) => block with
    {
        Settings = block.Settings with
        {
            Rounds = High(block.Settings.Rounds),
            Rest = [.. block.Settings.Rest.Select(g => High(g)!)],
            Pause = High(block.Settings.Pause),
            Between = High(block.Settings.Between),
            After = High(block.Settings.After),
            Water = block.Settings.Water is { } water ? water with { Gap = High(water.Gap)! } : null,
        },
        Stations = [.. block.Stations.Select(s => s with { Rest = High(s.Rest), Amount = High(s.Amount) })],
    };

    private static Span? High(Span? span) => span is { } s ? new Span(s.High) : null;

    private static LengthSpan? High(LengthSpan? span) => span is { } s ? new LengthSpan(s.High) : null;

    private static Gap? High(Gap? gap) => gap is null ? null : gap with { Length = new LengthSpan(gap.Length.High) };

    private static Amount? High(Amount? amount) => amount switch
    {
        Reps reps => new Reps([.. reps.Counts.Select(High)]),
        Timed timed => timed with { Lengths = [.. timed.Lengths.Select(High)] },
        _ => amount,
    };
}
