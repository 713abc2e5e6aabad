using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Nobody should go longer than twenty minutes without a water break; only a gap that says water is one.</summary>
internal sealed class NoWater : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var limit = review.Rules.CheckWaterEvery;
        var breaks = timeline.Segments.Where(s => s.Water).ToList();
        var starts = breaks.Select(s => s.End).Prepend(Length.Zero);
        var ends = breaks.Select(s => s.Start).Append(timeline.Length);
        var longest = starts.Zip(ends, (from, to) => (from, to)).MaxBy(dry => dry.to - dry.from);
        if (longest.to - longest.from <= limit)
            yield break;
        yield return new Finding(
            "no-water",
            Severity.Warn,
            $"{Say.Time(longest.to - longest.from)} without a water break, from {Say.Clock(longest.from)} on.",
            Numbers: Finding.Figures(("drySeconds", (longest.to - longest.from).InSeconds), ("fromSecond", longest.from.InSeconds)),
            Fix: FixOf(review, longest.from, longest.to));
    }

    /// <summary>Water in the gap after the block that ends nearest to the middle of the dry stretch.</summary>
    private static SetBlockSetting? FixOf(ClassUnderReview review, Length from, Length to)
    {
        var middle = (from + to) / 2;
        var timeline = review.Timeline;
        var nearest = timeline.Gaps
            .Where(g => g.Place == GapPlace.AfterBlock && !g.Water)
            .Select(g => (gap: g, at: timeline.Segments.Where(s => s.Set == g.From).Select(s => s.End).DefaultIfEmpty(-Length.Tick).Max()))
            .Where(g => g.at > from && g.at < to)
            .OrderBy(g => Length.Apart(g.at, middle))
            .FirstOrDefault();
        if (nearest.gap is null)
            return null;
        var block = review.Plan.Blocks[timeline.Sets[nearest.gap.From].Block];
        var length = Length.Max(block.Settings.After?.Length.Low ?? Length.Zero, review.Rules.ChangeWaterLeast.UpTo(1));
        return new SetBlockSetting(block.Id, "after", SheetWriter.WriteGap(Gap.Of(length) with { Water = true }));
    }
}
