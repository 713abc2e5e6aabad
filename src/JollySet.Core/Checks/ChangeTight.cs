using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A timed change that is too short eats into the next work. One finding a block, for its worst.</summary>
internal sealed class ChangeTight : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        foreach (var (block, index) in timeline.Blocks.Select((block, index) => (block, index)))
        {
            var tight = timeline.Gaps
                .Where(g => timeline.Sets[g.From].Block == index && timeline.IsTight(g) && IsBeyond(review, g))
                .OrderByDescending(g => g.Lost)
                .ToList();
            if (tight.Count == 0)
                continue;
            var worst = tight[0];
            var next = timeline.Sets[worst.To];
            var stations = tight.Select(g => timeline.Sets[g.To].Station).Distinct().Order().ToList();
            var movesOn = block.Format is PrepareFormat or ReleaseFormat or FlowFormat;
            var warn = !movesOn && tight.Any(g => review.IsOver(g.Lost.InSeconds, (timeline.Sets[g.To].Length * review.Rules.CheckTightWarn).InSeconds));
            yield return new Finding(
                "change-tight",
                warn ? Severity.Warn : Severity.Note,
                $"{(stations.Count == 1 ? $"The change into {next.Facts.Name}" : $"{block.Name} has {stations.Count} stations with a tight change before them; the tightest, into {next.Facts.Name},")} needs {worst.Need.InWholeSeconds} s and has {worst.Planned.InWholeSeconds} s.",
                block.Name,
                [.. stations],
                Finding.Figures(("changes", tight.Count), ("needSeconds", worst.Need.InSeconds), ("plannedSeconds", worst.Planned.InSeconds), ("lostSeconds", tight.Sum(g => g.Lost).InSeconds)),
                FixOf(review, index, worst));
        }
    }

    private static bool IsBeyond(ClassUnderReview review, GapRecord gap) =>
        review.IsOver(gap.Lost.InSeconds, Length.Max(review.Rules.CheckTightSeconds, review.Timeline.Sets[gap.To].Length * review.Rules.CheckTightShare).InSeconds);

    /// <summary>The block's rest, raised to what the worst change needs, in steps of five seconds; only where the block says one rest for all.</summary>
    private static SetBlockSetting? FixOf(ClassUnderReview review, int index, GapRecord worst)
    {
        var block = review.Plan.Blocks[index];
        var from = review.Timeline.Sets[worst.From];
        if (block.IsWords || block.Settings.Rest.Length > 1 || from.Line.Rest is not null)
            return null;
        var demo = worst.Planned - (review.Timeline.Blocks[index].Settings.Rest is { IsEmpty: false } rest ? rest[0].Length.Low : Length.Zero);
        var seconds = (worst.Need - demo).UpTo(5).InWholeSeconds;
        return new SetBlockSetting(block.Id, "rest", $"{seconds}{(block.Settings.Rest.FirstOrDefault()?.Water == true ? " water" : "")}");
    }
}
