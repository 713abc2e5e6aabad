using JollySet.Core.Fitting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Work and rest against what the goal usually asks: a note outside, a warning where rest is under half. One finding a block.</summary>
/// <remarks>Strength and muscle look at the time until the same prime mover works again, since others may work meanwhile; strength endurance and power at work and rest side by side.</remarks>
internal sealed class RestForGoal : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (WorkAndRest.Of(review.Plan.Brief, review.Rules) is not { } usual)
            return [];
        return review.Timeline.Blocks.Select((block, index) => (block, index)).Where(b => b.block.IsMain && b.block.Format is not (AmrapFormat or FlowFormat))
            .Select(b => usual.Rest is { } rest ? SameMuscle(review, b.block, b.index, rest.Least) : Ratio(review, b.block, b.index, usual))
            .OfType<Finding>();
    }

    private static Finding? SameMuscle(ClassUnderReview review, Block block, int index, Length least)
    {
        if (block.Format is LinkedFormat { School: School.Same or School.Contrast })
            return null;
        var ends = new Dictionary<Muscle, (Length End, int Round, int Station)>();
        var (shortest, stations) = (least, new SortedSet<int>());
        foreach (var (set, start, end) in Spans(review, index))
        {
            foreach (var muscle in (set.Facts.Move?.Muscles ?? []).Where(m => m.Share == 1).Select(m => m.Muscle))
            {
                if (!set.SecondSide && ends.TryGetValue(muscle, out var last) && (start - last.End).DownTo(1) < least)
                {
                    shortest = Length.Min(shortest, (start - last.End).DownTo(1));
                    stations.Add(set.Station);
                }

                ends[muscle] = (end, set.Round, set.Station);
            }
        }

        return stations.Count == 0 ? null : new Finding(
            "rest-for-goal",
            shortest * 2 < least ? Severity.Warn : Severity.Note,
            $"{block.Name}: the same muscle works again after {Say.Time(shortest)}; {Words.Of(review.Plan.Brief.Goal!.Value)} usually waits {Say.Time(least)} or more.",
            block.Name,
            [.. stations],
            Finding.Figures(("restSeconds", shortest.InSeconds), ("usualSeconds", least.InSeconds)));
    }

    private static Finding? Ratio(ClassUnderReview review, Block block, int index, WorkAndRest usual)
    {
        var sets = Spans(review, index).ToList();
        var (work, rest) = (Length.Zero, Length.Zero);
        for (var i = 0; i < sets.Count; i++)
        {
            work += sets[i].End - sets[i].Start;
            rest += i + 1 < sets.Count ? sets[i + 1].Start - sets[i].End : Length.Zero;
        }

        var longest = sets.Where(s => s.Set.IsTimed).Select(s => (s.End - s.Start).DownTo(1)).DefaultIfEmpty().Max();
        if (sets.Count < 2 || usual.WorkToRest is not { } most || sets.Any(s => !s.Set.IsTimed))
            return null;
        var wanted = Length.Seconds(Math.Ceiling(work.InSeconds / most));
        var outside = usual.Work is { } length && (longest > length.Most || longest < length.Least);
        // The last station has no rest after it: a class is not scolded for the seam.
        var had = rest.DownTo(1) + (rest.DownTo(1) / Math.Max(1, sets.Count - 1)).DownTo(1);
        if (!outside && had >= wanted)
            return null;
        var goal = Words.Of(review.Plan.Brief.Goal!.Value);
        return new Finding(
            "rest-for-goal",
            had * 2 < wanted ? Severity.Warn : Severity.Note,
            had < wanted
                ? $"{block.Name}: {Say.Time(rest)} of rest for {Say.Time(work)} of work; {goal} here usually has {Say.Time(wanted)}."
                : $"{block.Name}: work of {Say.Time(longest)}; {goal} usually has {usual.Work!.Value.Least.InSeconds:0.#}–{usual.Work.Value.Most.InSeconds:0.#} s.",
            block.Name,
            Numbers: Finding.Figures(("workSeconds", work.InSeconds), ("restSeconds", rest.InSeconds), ("usualSeconds", wanted.InSeconds)));
    }

    private static IEnumerable<(WorkSet Set, Length Start, Length End)> Spans(ClassUnderReview review, int index) =>
        review.Timeline.Segments.Where(s => s.Kind == SegmentKind.Work && s.Block == index).GroupBy(s => s.Set)
            .Select(g => (review.Timeline.Sets[g.Key], g.First().Start, g.Last().End));
}
