using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Has every check look at a class.</summary>
public static class Review
{
    private static readonly ImmutableArray<ICheck> Checks =
    [
        .. typeof(ICheck).Assembly.GetTypes()
            .Where(t => t.IsClass && typeof(ICheck).IsAssignableFrom(t))
            .OrderBy(t => t.Name, StringComparer.Ordinal)
            .Select(t => (ICheck)Activator.CreateInstance(t)!),
    ];

    /// <summary>Everything found, worst first, then in the order of the class.</summary>
    public static ImmutableArray<Finding> Of(Timeline timeline)
    {
        var review = new ClassUnderReview(timeline);
        var order = timeline.Plan.Blocks.Select((b, i) => (b.Name, i)).ToDictionary(b => b.Name, b => b.i);
        return
        [
            .. Checks.SelectMany(check => check.Look(review))
                .OrderByDescending(f => f.Severity)
                .ThenBy(f => f.Block is null ? -1 : order.GetValueOrDefault(f.Block))
                .ThenBy(f => f.Stations.FirstOrDefault()),
        ];
    }
}
