using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A rest that nobody planned is where classes run over: after the rounds of what goes back to back, after a block, or anywhere at all.</summary>
internal sealed class RestUnplanned : ICheck
{
    private const int FewSets = 3;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var timeline = review.Timeline;
        var main = timeline.Gaps.Where(g => timeline.Blocks[timeline.Sets[g.From].Block].IsMain).ToList();
        var resting = main.Where(g => !RunsOn(timeline.Blocks[timeline.Sets[g.From].Block])).ToList();
        if (resting.Count >= FewSets && resting.Count == main.Count && resting.All(g => g.Planned == Length.Zero && !g.Open))
            return [new Finding("rest-unplanned", Severity.Warn, "Nothing in the whole class says a rest.", Numbers: Finding.Figures(("gaps", resting.Count)), Fix: Everywhere(review))];
        return timeline.Blocks.Select((block, index) => OfBlock(review, block, index)).OfType<Finding>();
    }

    private static Finding? OfBlock(ClassUnderReview review, Block block, int index)
    {
        var timeline = review.Timeline;
        if (!block.IsMain || RunsOn(block) || block.Stations.IsEmpty)
            return null;
        var unsaid = timeline.Gaps.Where(g => !g.Said && !g.Open && timeline.Sets[g.From].Block == index).ToList();
        var rounds = block.IsLinked ? unsaid.Where(g => g.Place == GapPlace.AfterRound).ToList() : [];
        var after = unsaid.Where(g => g.Place == GapPlace.AfterBlock && timeline.Blocks[timeline.Sets[g.To].Block] is { IsMain: true, Settings.Joined: false }).ToList();
        if (rounds.Count + after.Count == 0)
            return null;
        var need = rounds.Concat(after).Max(g => g.Need).UpTo(5).InWholeSeconds;
        var all = rounds.Concat(after).Sum(g => g.Need);
        return new Finding(
            "rest-unplanned",
            Severity.Warn,
            rounds.Count > 0
                ? $"{block.Name} says no rest after its rounds{(after.Count > 0 ? ", nor after the last" : "")}; each needs about {need} s, {Say.Time(all)} in all."
                : $"{block.Name} says no rest before what follows; it needs about {need} s.",
            block.Name,
            Numbers: Finding.Figures(("gaps", rounds.Count + after.Count), ("needSeconds", need), ("inAllSeconds", all.InSeconds)),
            Fix: FixOf(review.Plan.Blocks[index], rounds.Count > 0, after.Count > 0, need));
    }

    /// <summary>Formats that rest by their own rule: a slot's end, a beat, the people's own breaks.</summary>
    private static bool RunsOn(Block block) => block.Format is MinuteFormat or FlowFormat or AmrapFormat;

    private static PlanEdit FixOf(Block block, bool rounds, bool after, int need)
    {
        var (rest, then) = (new SetBlockSetting(block.Id, "rest", $"{need}"), new SetBlockSetting(block.Id, "after", $"{need}"));
        return rounds && after ? new Several([rest, then]) : rounds ? rest : then;
    }

    /// <summary>A rest in each block of the main part, of what its changes need.</summary>
    private static Several Everywhere(ClassUnderReview review) => new([
        .. from entry in review.OwnBlocks
           where entry.Block.IsMain && !RunsOn(entry.Block)
           let need = review.Timeline.Gaps.Where(g => review.Timeline.Sets[g.From].Block == entry.Index).Select(g => g.Need).DefaultIfEmpty(review.Rules.ChangeRoundLeast).Max()
           select (PlanEdit)new SetBlockSetting(entry.Block.Id, "rest", $"{Length.Min(need, review.Rules.ChangeBlockLeast).UpTo(5).InWholeSeconds}")]);
}
