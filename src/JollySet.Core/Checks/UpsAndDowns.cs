using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Going to the floor and up again too often tires people before the work does.</summary>
internal sealed class UpsAndDowns : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var starts = timeline.Segments.Where(s => s.Set >= 0 && s.Kind == Timing.SegmentKind.Work).GroupBy(s => s.Set).ToDictionary(g => g.Key, g => g.First().Start);
        var changes = timeline.Gaps
            .Where(g => timeline.Sets[g.From].Facts.Level is { } from && timeline.Sets[g.To].Facts.Level is { } to && from != to)
            .Select(g => starts[g.To]).ToList();
        var window = review.Rules.UpsDownsWindow;
        var worst = Densest(changes, window);
        if (!review.IsOver(worst.count, review.Rules.UpsDownsNote))
            yield break;
        yield return new Finding(
            "ups-downs",
            review.IsOver(worst.count, review.Rules.UpsDownsWarn) ? Severity.Warn : Severity.Note,
            $"{worst.count} times down to the floor or up in {window.InMinutes:0.#} minutes from {Say.Clock(worst.at)} on; put floor work together.",
            Numbers: Finding.Figures(("changes", worst.count), ("fromSecond", worst.at.InSeconds)));
    }

    /// <summary>The stretch of that length with the most changes; they come in order.</summary>
    private static (Length at, int count) Densest(List<Length> changes, Length window)
    {
        var (worst, first) = ((at: Length.Zero, count: 0), 0);
        for (var last = 0; last < changes.Count; last++)
        {
            while (changes[last] - changes[first] >= window)
                first++;
            if (last - first + 1 > worst.count)
                worst = (changes[first], last - first + 1);
        }

        return worst;
    }
}
