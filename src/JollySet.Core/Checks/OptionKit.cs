using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>An option that needs kit nobody was told to bring is no option. One finding a block.</summary>
internal sealed class OptionKit : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var listed = review.Plan.Brief.Kit.Select(KitStock.Of).ToList();
        if (listed.Count == 0)
            yield break;
        foreach (var (block, _) in review.OwnBlocks)
        {
            var open = (from line in block.Stations.Select((station, at) => (station, number: at + 1))
                        from way in line.station.Options.Select(o => o.Way).OfType<MoveWay>()
                        where way.Load?.Level != LoadLevel.None && review.Timeline.Library.Understood(way.Move) is { } move && KitUse.Items(move).Any(i => i != "mat" && !listed.Any(l => l.Is(i)))
                        select (line.number, way.Move)).ToList();
            if (open.Count > 0)
                yield return new Finding(
                    "option-kit",
                    Severity.Note,
                    $"{Say.Capital(Say.List([.. open.Select(o => o.Move).Distinct()]))}, named as an option, needs kit that is not listed.",
                    block.Name,
                    [.. open.Select(o => o.number).Distinct()],
                    Finding.Figures(("options", open.Count)));
        }
    }
}
