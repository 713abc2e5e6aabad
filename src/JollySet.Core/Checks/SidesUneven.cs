using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Left and right of a move must carry the same time or reps over the class; one side missing must not be taught.</summary>
internal sealed class SidesUneven : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var moves = review.Timeline.Segments
            .Where(s => s.Kind == SegmentKind.Work && s.Side is Side.Left or Side.Right && review.Timeline.Blocks[s.Block].Format is not ReleaseFormat)
            .GroupBy(s => review.Timeline.Sets[s.Set].Facts.Name, StringComparer.OrdinalIgnoreCase);
        foreach (var move in moves)
        {
            var counted = move.All(s => s.Reps is not null);
            decimal Sum(Side side) => move.Where(s => s.Side == side).Sum(s => counted ? s.Reps!.Value : s.Length.InSeconds);
            var (left, right) = (Sum(Side.Left), Sum(Side.Right));
            if (Math.Abs(left - right) <= Math.Max(left, right) * review.Rules.CheckSideShare)
                continue;
            var first = review.Timeline.Sets[move.First().Set];
            var block = review.Timeline.Blocks[first.Block];
            var unit = counted ? "reps" : "s";
            var (less, more) = left < right ? ("Left", "right") : ("Right", "left");
            var missing = Math.Min(left, right) == 0;
            yield return new Finding(
                "side-uneven",
                missing ? Severity.Stop : Severity.Warn,
                missing
                    ? $"{Say.Capital(move.Key)}: {less.ToLowerInvariant()} never works; {more} has {Math.Max(left, right):0.#} {unit}."
                    : $"{Say.Capital(move.Key)}: {less.ToLowerInvariant()} is {Math.Abs(left - right):0.#} {unit} short of {more} ({Math.Min(left, right):0.#} and {Math.Max(left, right):0.#}).",
                block.Name,
                [.. move.Select(s => review.Timeline.Sets[s.Set]).Where(s => s.Block == first.Block).Select(s => s.Station).Distinct()],
                Finding.Figures(("left", left), ("right", right)),
                FixOf(review, move.Key, first))
            {
                Subject = move.Key,
            };
        }
    }

    /// <summary>Each side in turn, where the move stands on one line of its own.</summary>
    private static SetStationPart? FixOf(ClassUnderReview review, string move, WorkSet set)
    {
        var lines = review.OwnBlocks.SelectMany(b => b.Block.Stations).Count(s => Facts.NameOf(s.Doing).Equals(move, StringComparison.OrdinalIgnoreCase));
        var block = review.Plan.Blocks[set.Block];
        return lines == 1 && !block.Stations.IsEmpty ? new SetStationPart(block.Stations[set.Station - 1].Id, "sides", "each side") : null;
    }
}
