using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A station whose move is still open cannot be taught.</summary>
internal sealed class ToBeChosenYet : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from entry in review.OwnBlocks
        from line in entry.Block.Stations.Select((station, at) => (station, number: at + 1))
        let open = line.station.Doing.Parts().OfType<ToBeChosen>().FirstOrDefault()
        where open is not null
        select new Finding(
            "to-be-chosen",
            Severity.Stop,
            $"Station {line.number} of {entry.Block.Name} has no move yet: {Words.Of(open.Pattern)}.",
            entry.Block.Name,
            [line.number])
        {
            FixSearch = line.station.Doing is ToBeChosen ? () => SwapMend.For(review, entry.Index, [line.number], f => f.Code == "to-be-chosen" && f.Block == entry.Block.Name && f.Stations.Contains(line.number)) : null,
            FixHint = $"puts the {Words.Of(open.Pattern)} there that suits the class best",
        };
}
