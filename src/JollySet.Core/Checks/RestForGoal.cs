using JollySet.Core.Fitting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Rest against what is usual, each set by its own kind: a note outside, a warning under half. One finding a block.</summary>
/// <remarks>
/// Heavy counted sets of few reps wait as strength does, other counted sets as muscle does where that is the goal, until the same prime mover works again; explosive sets for power rest a multiple
/// of their work; timed work rests by work to rest, where the next station uses the same prime mover. Core and cardio are never judged.
/// </remarks>
internal sealed class RestForGoal : ICheck
{
    private const int FewReps = 8;

    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        review.Timeline.Blocks.Select((block, index) => (block, index))
            .Where(b => b.block.IsMain && b.block.Format is not (AmrapFormat or FlowFormat))
            .Select(b => OfBlock(review, b.block, [.. Spans(review, b.index)]))
            .OfType<Finding>();

    private static Finding? OfBlock(ClassUnderReview review, Block block, List<Span> spans)
    {
        var rules = review.Rules;
        var waits = Waits(block, spans, s => IsHeavy(s.Set, review.Goal), rules.GoalStrengthRestLeast, "heavy sets usually wait", review)
            ?? (review.Goal == Goal.Muscle ? Waits(block, spans, s => s.Set.Reps is not null, rules.GoalMuscleRestLeast, "muscle usually waits", review) : null);
        return waits ?? (review.Goal switch
        {
            Goal.Power => Ratio(review, block, spans, s => s.Set.Facts.Move is { } m && m.Tags.IsExplosive, 1 / rules.GoalPowerRest, rules.GoalPowerWorkMost),
            Goal.StrengthEndurance => Ratio(review, block, spans, s => s.Set.IsTimed && s.SharesWithNext, WorkAndRest.Of(review.Plan.Brief with { Goal = Goal.StrengthEndurance, Audience = review.People }, rules)!.WorkToRest!.Value, null),
            _ => null,
        });
    }

    /// <summary>A heavy load somebody said, for few reps: what the library usually loads is no heavy set yet, unless strength is the goal.</summary>
    private static bool IsHeavy(WorkSet set, Goal goal) => set.Facts.Heavy && (set.Line.Load is not null || goal == Goal.Strength) && set.Reps <= FewReps;

    /// <summary>The shortest wait of a prime mover between two sets of that kind; what goes back to back on purpose is looked at from round to round.</summary>
    private static Finding? Waits(Block block, List<Span> spans, Func<Span, bool> counts, Length least, string usual, ClassUnderReview review)
    {
        var ends = new Dictionary<Muscle, (Length End, int Round)>();
        var (shortest, stations) = (least, new SortedSet<int>());
        foreach (var span in spans.Where(s => !s.IsSpared && counts(s)))
        {
            foreach (var muscle in span.Prime)
            {
                if (!span.Set.SecondSide && ends.TryGetValue(muscle, out var last) && (!block.IsLinked || last.Round != span.Set.Round) && review.IsUnder((span.Start - last.End).DownTo(1).InSeconds, least.InSeconds))
                {
                    shortest = Length.Min(shortest, (span.Start - last.End).DownTo(1));
                    stations.Add(span.Set.Station);
                }

                ends[muscle] = (span.End, span.Set.Round);
            }
        }

        return stations.Count == 0 ? null : new Finding(
            "rest-for-goal",
            shortest * 2 < least ? Severity.Warn : Severity.Note,
            $"{block.Name}: the same muscle works again after {Say.Time(shortest)}; {usual} {Say.Time(least)} or more.",
            block.Name,
            [.. stations],
            Finding.Figures(("restSeconds", shortest.InSeconds), ("usualSeconds", least.InSeconds)));
    }

    private static Finding? Ratio(ClassUnderReview review, Block block, List<Span> spans, Func<Span, bool> counts, decimal workToRest, Length? mostWork)
    {
        var judged = spans.Where(s => (!s.IsSpared || review.Goal == Goal.Power) && counts(s)).ToList();
        if (judged.Count < 2)
            return null;
        var work = judged.Sum(s => s.End - s.Start);
        var rest = judged.Where(s => s.Rest is not null).Sum(s => s.Rest!.Value);
        // The last station has no rest after it: a class is not scolded for the seam.
        var had = rest + (judged.Any(s => s.Rest is null) ? rest / Math.Max(1, judged.Count - 1) : Length.Zero);
        var wanted = Length.Seconds(Math.Ceiling(work.InSeconds / workToRest));
        var longest = judged.Max(s => s.End - s.Start);
        var tooLong = mostWork is { } most && review.IsOver(longest.InSeconds, most.InSeconds);
        if (!review.IsUnder(had.InSeconds, wanted.InSeconds))
            return tooLong ? Found(Severity.Note, $"{block.Name}: work of {Say.Time(longest)}; {Words.Of(review.Goal)} usually has {Say.Time(mostWork!.Value)} at most.") : null;
        return Found(
            had * 2 < wanted ? Severity.Warn : Severity.Note,
            review.Goal == Goal.Power
                ? $"{block.Name}: {Say.Time(rest)} of rest for {Say.Time(work)} of explosive work; power usually has {Say.Time(wanted)}."
                : $"{block.Name}: the same muscle goes on after {Say.Time(Each(rest))} of rest{(judged.Count > 2 ? $", {judged.Count} times" : "")}; {Words.Of(review.Goal)} here usually rests {Say.Time(Each(wanted))} after {Say.Time(Each(work))}.{review.TakenGoal}");

        Length Each(Length all) => (all / judged.Count).DownTo(1);

        Finding Found(Severity severity, string sentence) => new(
            "rest-for-goal",
            severity,
            sentence,
            block.Name,
            [.. judged.Select(s => s.Set.Station).Distinct().Order()],
            Finding.Figures(("workSeconds", work.InSeconds), ("restSeconds", rest.InSeconds), ("usualSeconds", wanted.InSeconds)));
    }

    private static IEnumerable<Span> Spans(ClassUnderReview review, int index)
    {
        var sets = review.Timeline.Segments.Where(s => s.Kind == SegmentKind.Work && s.Block == index).GroupBy(s => s.Set)
            .Select(g => (set: review.Timeline.Sets[g.Key], start: g.First().Start, end: g.Last().End)).ToList();
        for (var i = 0; i < sets.Count; i++)
            yield return new Span(sets[i].set, sets[i].start, sets[i].end, i + 1 < sets.Count ? sets[i + 1].start - sets[i].end : null, i + 1 < sets.Count ? sets[i + 1].set : null);
    }

    private sealed record Span(WorkSet Set, Length Start, Length End, Length? Rest, WorkSet? Next)
    {
        public IEnumerable<Muscle> Prime => PrimeOf(Set);

        /// <summary>Core and cardio, whose rest nobody plans by muscle.</summary>
        public bool IsSpared => Set.Facts.Move is not { } move || move.IsCore() || move.Pattern is Pattern.Locomotion or Pattern.March or Pattern.Jump or Pattern.Mobility or Pattern.Stretch;

        public bool SharesWithNext => Next is not null && Prime.Intersect(PrimeOf(Next)).Any() && !Next.SecondSide;

        private static IEnumerable<Muscle> PrimeOf(WorkSet set) => (set.Facts.Move?.Muscles ?? []).Where(m => m.Share == 1).Select(m => m.Muscle);
    }
}
