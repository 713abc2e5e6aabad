using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Nobody should go longer than twenty minutes without a water break, older adults fifteen, as the class likely runs; only a gap that says water is one.</summary>
internal sealed class NoWater : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var limit = review.People.Contains(Audience.OlderAdults) ? review.Rules.CheckWaterOlder : review.Rules.CheckWaterEvery;
        var times = LikelyClock.Of(timeline);
        var breaks = timeline.Segments.Select((segment, at) => (segment, times[at].Start, times[at].End)).Where(s => s.segment.Water).ToList();
        var starts = breaks.Select(s => (at: s.End, clock: s.segment.End)).Prepend((at: Length.Zero, clock: Length.Zero));
        var ends = breaks.Select(s => s.Start).Append(timeline.Likely);
        var longest = starts.Zip(ends, (from, to) => (from, to)).MaxBy(dry => dry.to - dry.from.at);
        var dry = longest.to - longest.from.at;
        if (!review.IsOver(dry.InSeconds, limit.InSeconds))
            yield break;
        yield return new Finding(
            "no-water",
            Severity.Warn,
            $"{Say.Time(dry)} likely without a water break, from {Say.Clock(longest.from.clock)} on; {limit.InMinutes:0.#} min is long enough.",
            Numbers: Finding.Figures(("drySeconds", dry.InSeconds), ("fromSecond", longest.from.clock.InSeconds)),
            Fix: FixOf(review, longest.from.clock, breaks.Select(b => b.segment.Start).FirstOrDefault(b => b >= longest.from.clock, timeline.Length)));
    }

    /// <summary>Water in the gap after the block that ends nearest to the middle of the dry stretch; in a single long block, after the round nearest to it.</summary>
    private static SetBlockSetting? FixOf(ClassUnderReview review, Length from, Length to)
    {
        var middle = (from + to) / 2;
        var timeline = review.Timeline;
        var ends = new Dictionary<int, Length>();
        foreach (var segment in timeline.Segments)
            ends[segment.Set] = segment.End;
        var nearest = timeline.Gaps
            .Where(g => g.Place is GapPlace.AfterBlock or GapPlace.AfterRound && !g.Water)
            .Select(g => (gap: g, at: ends.GetValueOrDefault(g.From, -Length.Tick)))
            .Where(g => g.at > from && g.at < to)
            .OrderBy(g => Length.Apart(g.at, middle) + (g.gap.Place == GapPlace.AfterBlock ? Length.Zero : Length.Minutes(2)))
            .FirstOrDefault();
        if (nearest.gap is null || timeline.Sets[nearest.gap.From] is not { } before || before.Block >= review.Plan.Blocks.Length)
            return null;
        var block = review.Plan.Blocks[before.Block];
        var least = review.Rules.ChangeWaterLeast.UpTo(1);
        if (nearest.gap.Place == GapPlace.AfterBlock)
            return new SetBlockSetting(block.Id, "after", SheetWriter.WriteGap(Gap.Of(Length.Max(block.Settings.After?.Length.Low ?? Length.Zero, least)) with { Water = true }));
        return !Sheets.Notation.SettingsNotation.UsedBy(block.Format).Contains("water") ? null : new SetBlockSetting(block.Id, "water", $"{Length.Max(nearest.gap.Planned, least).InWholeSeconds} after round {before.Round}");
    }
}
