using System.Collections.Immutable;
using JollySet.Core.Plans;
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

    private const int MostFixes = 40;
    private const int Large = 2000;

    /// <summary>The plan with every finding of that code mended that can be, one after the other; the class is looked at anew after each, and a fix that would bring a finding of higher severity is left out.</summary>
    /// <returns>The plan and how many fixes were made.</returns>
    public static (ClassPlan Plan, int Fixes) Mended(ClassPlan plan, Studio studio, string code)
    {
        var (made, left) = (0, new HashSet<string>());
        for (var findings = Of(TimelineBuilder.Build(plan, studio)); made < MostFixes; findings = Of(TimelineBuilder.Build(plan, studio)))
        {
            var next = findings.Where(f => f.Code == code && !left.Contains(f.Message)).Select(f => (finding: f, mended: MendedOnce(plan, studio, f))).FirstOrDefault(f => f.mended is not null || !left.Add(f.finding.Message));
            if (next.mended is null)
                break;
            (plan, made) = (next.mended, made + 1);
        }

        return (plan, made);
    }

    /// <summary>The plan with that finding mended; null where it has no fix, or one that brings worse than it mends.</summary>
    public static ClassPlan? MendedOnce(ClassPlan plan, Studio studio, Finding finding) =>
        finding.FixOrSearch() is { } fix ? new Mend(finding, fix, studio).Apply(plan).Plan : null;

    /// <summary>Everything found and not dismissed, worst first, then in the order of the class.</summary>
    public static ImmutableArray<Finding> Of(Timeline timeline) => Whole(timeline).Standing;

    /// <summary>Everything found, and beside it what is left as it is with the reason; a dismissal whose figures have changed holds no longer.</summary>
    public static (ImmutableArray<Finding> Standing, ImmutableArray<(Finding Finding, string Reason)> Dismissed) Whole(Timeline timeline)
    {
        var all = All(timeline);
        var dismissals = timeline.Plan.Brief.Dismissed;
        if (dismissals.IsEmpty)
            return (all, []);
        string? ReasonFor(Finding f) => f.MayBeDismissed ? dismissals.LastOrDefault(d => d.Code == f.Code && d.Block == f.Block && d.Mark == f.Mark)?.Reason : null;
        var told = all.Select(f => (finding: f, reason: ReasonFor(f))).ToList();
        return ([.. told.Where(t => t.reason is null).Select(t => t.finding)], [.. told.Where(t => t.reason is not null).Select(t => (t.finding, t.reason!))]);
    }

    /// <summary>What every check finds, in their order; a large class is looked at by several at once.</summary>
    private static IEnumerable<Finding> Found(ClassUnderReview review) => review.Timeline.Sets.Length > Large
        ? Checks.AsParallel().AsOrdered().SelectMany(check => check.Look(review).ToList())
        : Checks.SelectMany(check => check.Look(review));

    private static ImmutableArray<Finding> All(Timeline timeline)
    {
        var review = new ClassUnderReview(timeline);
        var order = timeline.Plan.Blocks.Select((b, i) => (b.Name, i)).ToDictionary(b => b.Name, b => b.i);
        return
        [
            .. Found(review)
                .OrderByDescending(f => f.Severity)
                .ThenByDescending(f => f.Asks)
                .ThenBy(f => f.Block is null ? -1 : order.GetValueOrDefault(f.Block))
                .ThenBy(f => f.Stations.FirstOrDefault()),
        ];
    }
}
