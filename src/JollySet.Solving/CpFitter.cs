using System.Collections.Immutable;
using Google.OrTools.Sat;
using JollySet.Core.Edits;
using JollySet.Core.Fitting;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Solving;

/// <summary>Fits a class to its minutes with the constraint solver CP-SAT: of every group of variants one is chosen, the least change that reaches the time.</summary>
public sealed class CpFitter : IFitter
{
    private const int MostProposals = 3;
    private const int MostTries = 4;
    private static readonly ImmutableArray<Length> Windows = [Length.Seconds(30), Length.Minutes(1)];

    /// <inheritdoc/>
    public FitAnswer Fit(FitRequest request, IProgress<string>? told = null, CancellationToken stop = default)
    {
        var timeline = TimelineBuilder.Build(request.Plan, request.Studio);
        if (timeline.Sets.IsEmpty)
            return Nothing("There is no work in this class yet.");
        var target = Length.Minutes(request.Minutes);
        var now = Aimed(request, timeline);
        if (now <= target && now > target - Windows[0])
            return Nothing($"It takes {Say.Clock(now)} already; nothing has to change.");
        var (proposals, groups) = Search(request, timeline, told, stop);
        if (!proposals.IsEmpty || stop.IsCancellationRequested)
            return new FitAnswer(proposals, proposals.IsEmpty ? "Stopped before anything was found." : null, [], stop.IsCancellationRequested);
        return Explain(request, timeline, groups, stop);
    }

    private static (ImmutableArray<FitProposal> Proposals, ImmutableArray<ImmutableArray<ImmutableArray<BlockChoice>>> Groups) Search(FitRequest request, Timeline timeline, IProgress<string>? told, CancellationToken stop)
    {
        var groups = new List<(FitKind Kind, ImmutableArray<ImmutableArray<BlockChoice>> Of)>();
        var found = new List<FitProposal>();
        foreach (var kind in Enum.GetValues<FitKind>())
        {
            told?.Report($"{(found.Count == 0 ? "Nothing yet" : found.Count == 1 ? "One way" : $"{found.Count} ways")} so far; looking at {Word(kind)}.");
            groups.Add((kind, FitChoices.Of(request, timeline, kind, stop)));
            if (Propose(request, timeline, kind, groups[^1].Of, stop) is { } proposal)
                found.Add(proposal);
        }

        return ([.. found.OrderBy(p => p.Cost).Take(MostProposals)], [.. groups.Select(g => g.Of)]);
    }

    private static string Word(FitKind kind) => kind switch
    {
        FitKind.Rounds => "other rounds",
        FitKind.Times => "other times",
        FitKind.Moves => "fewer moves",
        _ => "dropping a block",
    };

    /// <summary>How far the class can be made to go, and which locks keep it from its minutes.</summary>
    private static FitAnswer Explain(FitRequest request, Timeline timeline, ImmutableArray<ImmutableArray<ImmutableArray<BlockChoice>>> groups, CancellationToken stop)
    {
        var now = Aimed(request, timeline);
        var least = now + groups.Min(kind => kind.Sum(g => g.Min(c => c.Delta)));
        var most = now + groups.Max(kind => kind.Sum(g => g.Max(c => c.Delta)));
        var inTheWay = stop.IsCancellationRequested ? [] : InTheWay(request, Search(request with { Locks = [] }, timeline, null, stop).Proposals.FirstOrDefault());
        var reach = $"As it stands the class can be made {Say.Clock(least)} to {Say.Clock(most)} long, in steps that can be taught";
        var sentence = inTheWay.IsEmpty
            ? $"{reach}; {request.Minutes} min is not among them."
            : $"{reach}; {Say.List([.. inTheWay.Select(i => $"{i.What} of {i.Block}")])} {(inTheWay.Length == 1 ? "stands" : "stand")} in the way.";
        return new FitAnswer([], sentence, inTheWay, stop.IsCancellationRequested);
    }

    /// <summary>The locked items that the least change without any locks would touch.</summary>
    private static ImmutableArray<FitItem> InTheWay(FitRequest request, FitProposal? free)
    {
        if (free is null)
            return [];
        var after = FitItem.Of(new Several(free.Edits).Apply(request.Plan).Plan!).ToDictionary(i => i.Key, i => i.Value);
        return [.. FitItem.Of(request.Plan).Where(i => request.Locks.Contains(i.Key) || request.Locks.Contains(i.Block)).Where(i => after.GetValueOrDefault(i.Key) != i.Value)];
    }

    private static FitProposal? Propose(FitRequest request, Timeline timeline, FitKind kind, ImmutableArray<ImmutableArray<BlockChoice>> groups, CancellationToken stop)
    {
        if (!groups.Any(g => g.Any(c => c.IsChief)))
            return null;
        foreach (var window in Windows)
        {
            // A block by itself leaves out what a class remembers (moves shown, changes practised): what is chosen is built whole, and the rest asked for again.
            var correction = Length.Zero;
            for (var tries = 0; tries < MostTries && !stop.IsCancellationRequested; tries++)
            {
                if (Choose(groups, Length.Minutes(request.Minutes) - Aimed(request, timeline) - correction, window, stop) is not { } chosen)
                    break;
                if (Built(request, kind, chosen.Choices, chosen.Proven) is not { } proposal)
                    return null;
                var length = request.AimsAtClock ? proposal.Clock : proposal.Likely;
                if (length <= Length.Minutes(request.Minutes) && length > Length.Minutes(request.Minutes) - window)
                    return proposal;
                correction = length - Aimed(request, timeline) - chosen.Choices.Sum(c => c.Delta);
            }
        }

        return null;
    }

    private static FitProposal? Built(FitRequest request, FitKind kind, ImmutableArray<BlockChoice> choices, bool proven)
    {
        var edits = choices.SelectMany(c => FitEdits.Of(request.Plan, c)).ToImmutableArray();
        if (new Several([.. edits.Select(e => e.Edit)]).Apply(request.Plan).Plan is not { } plan)
            return null;
        var timeline = TimelineBuilder.Build(plan, request.Studio);
        return new FitProposal(kind, [.. edits.Select(e => e.Edit)], [.. edits.Select(e => e.Says)], timeline.Length, timeline.Likely, choices.Sum(c => c.Cost), proven);
    }

    /// <summary>The cheapest choices that add up to within the window below <paramref name="delta"/>, one of each group and at least one chief among them.</summary>
    private static (ImmutableArray<BlockChoice> Choices, bool Proven)? Choose(ImmutableArray<ImmutableArray<BlockChoice>> groups, Length delta, Length window, CancellationToken stop)
    {
        var model = new CpModel();
        var all = groups.SelectMany(g => g).ToList();
        var taken = all.Select((_, i) => model.NewBoolVar($"c{i}")).ToList();
        var at = 0;
        foreach (var group in groups)
        {
            model.AddExactlyOne(taken.GetRange(at, group.Length));
            at += group.Length;
        }

        var added = LinearExpr.WeightedSum(taken, all.Select(c => (long)c.Delta.InTenths).ToList());
        model.AddLinearConstraint(added, (delta - window + Length.Tick).InTenths, delta.InTenths);
        model.AddBoolOr(taken.Where((_, i) => all[i].IsChief));
        // A change costs more than any seconds left over; of equal changes the one that leaves fewer is taken.
        model.Minimize((LinearExpr.WeightedSum(taken, all.Select(c => (long)c.Cost).ToList()) * 10_000) - added);
        var solver = new CpSolver { StringParameters = "num_workers:2,max_time_in_seconds:20" };
        using var stopped = stop.Register(solver.StopSearch);
        var status = solver.Solve(model);
        return status is CpSolverStatus.Optimal or CpSolverStatus.Feasible
            ? ([.. all.Where((c, i) => c.Cost > 0 && solver.BooleanValue(taken[i]))], status == CpSolverStatus.Optimal)
            : null;
    }

    private static Length Aimed(FitRequest request, Timeline timeline) => request.AimsAtClock ? timeline.Length : timeline.Likely;

    private static FitAnswer Nothing(string why) => new([], why, [], false);
}
