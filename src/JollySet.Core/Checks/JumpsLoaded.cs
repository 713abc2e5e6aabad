using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>A hard landing with weights in the hands, or straight after the same legs have worked with no way round. One finding a block.</summary>
internal sealed class JumpsLoaded : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        foreach (var (block, index) in review.OwnBlocks.Where(b => b.Block.IsMain))
        {
            var jumps = review.SetsOf(index).Where(s => s.Station > 0 && s.Facts.Move?.IsJump() == true).ToList();
            var loaded = jumps.Where(s => s.Facts.Held.Length > 0 && s.Facts.Weight is not (null or LoadLevel.None)).Select(s => s.Station).Distinct().Order().ToList();
            if (loaded.Count > 0)
                yield return Found(block, loaded, $"{NamesOf(block, loaded)} {(loaded.Count == 1 ? "lands" : "land")} with weights in the hands; put them down for jumps.");
            var spent = block.Format is LinkedFormat { School: School.Contrast } ? [] : jumps.Where(s => !loaded.Contains(s.Station) && s.Line.Options.IsEmpty && Follows(review.Timeline, s)).Select(s => s.Station).Distinct().Order().ToList();
            if (spent.Count > 0)
                yield return Found(block, spent, $"{NamesOf(block, spent)} {(spent.Count == 1 ? "comes" : "come")} straight after the same legs have worked, with no way round named.");
        }
    }

    private static Finding Found(Block block, List<int> stations, string sentence) =>
        new("jumps-loaded", Severity.Warn, sentence, block.Name, [.. stations], Finding.Figures(("stations", stations.Count)));

    private static string NamesOf(Block block, List<int> stations) => Say.Capital(Say.List([.. stations.Select(n => Facts.NameOf(block.Stations[n - 1].Doing))]));

    /// <summary>Whether the set before it, not a jump itself, worked one of its prime movers with no break worth the name between.</summary>
    private static bool Follows(Timeline timeline, WorkSet jump)
    {
        var at = timeline.Sets.IndexOf(jump);
        return at > 0 && timeline.Sets[at - 1] is { Facts.Move: { } before } && timeline.Blocks[timeline.Sets[at - 1].Block].IsMain && !before.IsJump() && timeline.Gaps[at - 1].Planned < timeline.Rules.StreakBreak
            && Prime(before).Intersect(Prime(jump.Facts.Move!)).Any();
    }

    private static IEnumerable<Muscle> Prime(Move move) => move.Muscles.Where(m => m.Share == 1).Select(m => m.Muscle);
}
