using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>How large a class is: its timeline's length and pieces, or as much of them as breaks a limit.</summary>
/// <param name="Length">By the clock.</param>
/// <param name="Segments">Pieces of work and rest.</param>
public readonly record struct Extent(Length Length, int Segments)
{
    internal bool TooLong => Length > Limits.Class;

    internal bool TooMany => Segments > Limits.Segments;

    /// <summary>The extent of a plan, with the shipped house rules.</summary>
    public static Extent Of(ClassPlan plan) => TimelineBuilder.Measure(plan);

    /// <summary>A sentence when the class has more blocks or stations than it may; null else.</summary>
    internal static string? TooWide(ClassPlan plan) =>
        plan.Blocks.Length > Limits.Blocks ? $"a class has at most {Limits.Blocks} blocks"
        : plan.Blocks.Any(b => b.Stations.Length > Limits.Stations) ? $"a block has at most {Limits.Stations} stations"
        : null;

    /// <summary>A sentence when the class is beyond a limit; null when it may be built.</summary>
    public static string? Broken(ClassPlan plan)
    {
        if (TooWide(plan) is { } wide)
            return wide;
        return Of(plan) switch
        {
            { TooLong: true } => $"the class takes longer than a class may; the limit is {Limits.Hours} hours",
            { TooMany: true } => $"the class would be cut into more pieces of work and rest than a class may have; the limit is {Limits.Segments}",
            _ => null,
        };
    }
}
