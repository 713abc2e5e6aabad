using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Checks;

/// <summary>Stretches treat both sides alike.</summary>
internal sealed class CoolDownUneven : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        foreach (var (block, index) in review.OwnBlocks.Where(b => b.Block.Format is ReleaseFormat))
        {
            var sided = review.SetsOf(index).Where(s => !s.SwitchHalfway && s.Side is Side.Left or Side.Right).GroupBy(s => s.Facts.Name, StringComparer.OrdinalIgnoreCase);
            foreach (var stretch in sided)
            {
                Length Sum(Side side) => stretch.Where(s => s.Side == side).Sum(s => s.Length);
                var (left, right) = (Sum(Side.Left), Sum(Side.Right));
                if (Length.Apart(left, right) > Length.Max(left, right) * review.Rules.CheckSideShare)
                    yield return new Finding(
                        "cool-down-uneven",
                        Severity.Note,
                        $"{Say.Capital(stretch.Key)}: {Say.Time(left)} left, {Say.Time(right)} right.",
                        block.Name,
                        [.. stretch.Select(s => s.Station).Distinct()],
                        Finding.Figures(("left", left.InSeconds), ("right", right.InSeconds)),
                        stretch.Select(s => s.Station).Distinct().Count() == 1 ? new Edits.SetStationPart(block.Stations[stretch.First().Station - 1].Id, "sides", "each side") : null)
                    {
                        Subject = stretch.Key,
                    };
            }
        }
    }
}
