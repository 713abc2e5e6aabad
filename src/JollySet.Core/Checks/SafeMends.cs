using System.Collections.Immutable;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>One thing that may be mended without asking twice, and what it will do.</summary>
public sealed record SafeMend(Finding Finding, PlanEdit Edit, string Says);

/// <summary>Every fix that changes no work and no words of the instructor: rests, ways that are named beside the work, showings, kit to be brought.</summary>
/// <param name="Mends">In the order of the findings; none that brings something worse.</param>
public sealed record SafeMends(ImmutableArray<SafeMend> Mends)
{
    private static readonly ImmutableHashSet<string> Gaps = ["rest", "pause", "between", "after", "water"];

    /// <summary>How many fixes of a class are of that kind, without trying them.</summary>
    public static int CountOf(ClassPlan plan, IEnumerable<Finding> findings) => findings.Count(f => f.Fix is { } fix && IsSafe(fix, plan));

    /// <summary>What can be mended in a class: all of it where that brings nothing worse, else one after the other without those that do.</summary>
    public static SafeMends Of(Timeline timeline, IReadOnlyCollection<Finding> findings)
    {
        var safe = findings.Where(f => f.Fix is { } fix && IsSafe(fix, timeline.Plan)).ToList();
        var together = Made(timeline.Plan, safe, f => f.Fix!);
        var known = findings.Where(f => f.Severity > Severity.Note).Select(f => (f.Code, f.Block)).ToHashSet();
        bool IsWorse(ClassPlan plan) => Review.Of(TimelineBuilder.Build(plan, timeline.Studio)).Any(f => f.Severity > Severity.Note && !known.Contains((f.Code, f.Block)));
        return new SafeMends(IsWorse(together.Plan) ? Made(timeline.Plan, safe, f => new Mend(f, f.Fix, timeline.Studio)).Mends : together.Mends);
    }

    private static (ClassPlan Plan, ImmutableArray<SafeMend> Mends) Made(ClassPlan plan, List<Finding> safe, Func<Finding, PlanEdit> by)
    {
        var mends = ImmutableArray.CreateBuilder<SafeMend>();
        foreach (var finding in safe)
        {
            if (!IsSafe(finding.Fix!, plan) || by(finding).Step(plan).Plan is not { } mended)
                continue;
            mends.Add(new SafeMend(finding, finding.Fix!, Told.Of(finding.Fix!, plan)));
            plan = mended;
        }

        return (plan, mends.ToImmutable());
    }

    /// <summary>All of them as one edit, undone by one undo.</summary>
    public PlanEdit Edit => new Several([.. Mends.Select(m => m.Edit)]);

    private static bool IsSafe(PlanEdit edit, ClassPlan plan) => edit switch
    {
        Several several => several.Edits.All(e => IsSafe(e, plan)),
        SetBlockSetting set => Gaps.Contains(set.Key),
        AddKit => true,
        SetStationPart set => IsEmptyWay(set, plan),
        _ => false,
    };

    /// <summary>A way, a showing or a reminder where nothing is said yet.</summary>
    private static bool IsEmptyWay(SetStationPart set, ClassPlan plan)
    {
        if (plan.FindStation(set.Station) is not { } there)
            return false;
        var line = there.Block.Stations[there.At];
        return set.Part switch
        {
            "easier" => line.Options.All(o => o.Kind != OptionKind.Easier),
            "harder" => line.Options.All(o => o.Kind != OptionKind.Harder),
            "demo" => line.Demo is null,
            "note" => line.Notes.IsEmpty,
            _ => set.Part.StartsWith("for ", StringComparison.Ordinal) && line.Options.All(o => o.Kind != OptionKind.ForNeed || !o.Need!.Equals(set.Part[4..], StringComparison.OrdinalIgnoreCase)),
        };
    }
}
