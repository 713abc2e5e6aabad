using JollySet.Core.Kit;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Where the brief says how many there are, everyone who is at it at once needs enough, as each block is shared. Where nobody can do it, it cannot be taught. People who follow along at home each have their own.</summary>
internal sealed class KitShort : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var brief = review.Plan.Brief;
        var stock = brief.Kit.Select(KitStock.Of).ToList();
        var uses = KitUse.Of(review.Timeline).GroupBy(u => u.Item, StringComparer.OrdinalIgnoreCase);
        foreach (var item in uses)
        {
            var there = stock.Where(s => s.Is(item.Key)).ToList();
            if (there.Count == 0 || there.Any(s => s.Pieces is null))
                continue;
            var (pieces, each) = (there.Sum(s => s.Pieces!.Value), item.Max(u => u.Pieces));
            var people = brief.IsFollowAlong ? 1 : brief.People ?? 1;
            var (block, needed) = item.GroupBy(u => u.Block).Select(b => (Block: b.Key, InUse: Shared.InUse(b.Key, people, [.. b.Key.Stations.Select((_, at) => b.Where(u => u.Station == at + 1).Sum(u => u.Pieces))]))).MaxBy(b => b.InUse);
            if (pieces >= needed)
                continue;
            var nobody = pieces < each;
            yield return new Finding(
                "kit-short",
                nobody ? Severity.Stop : Severity.Warn,
                nobody
                    ? $"Nobody can do it: {item.Key} take {each} each, and there {(pieces == 1 ? "is" : "are")} {pieces}."
                    : $"{Say.Capital(item.Key)}: {needed} are needed at once with {brief.People} people, {pieces} {(pieces == 1 ? "is" : "are")} there. Share, swap, rotate or let something stand in.",
                block.Name,
                [.. item.Where(u => u.Block == block).Select(u => u.Station).Distinct()],
                Finding.Figures(("needed", needed), ("there", pieces)))
            {
                Subject = item.Key,
            };
        }
    }
}
