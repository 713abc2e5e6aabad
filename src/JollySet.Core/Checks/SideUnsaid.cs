using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>A move of one side at a time should say which; a whole class guesses otherwise.</summary>
internal sealed class SideUnsaid : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review) =>
        from entry in review.OwnBlocks
        from set in review.SetsOf(entry.Index)
        where set.Station > 0 && set.Round == 1 && set.Side is null && set.Facts.Move?.Sides == MoveSides.OneSided
        select new Finding(
            "side-unsaid",
            Severity.Note,
            $"{Say.Capital(set.Facts.Name)} works one side at a time; the sheet does not say which.",
            entry.Block.Name,
            [set.Station],
            Fix: new SetStationPart(entry.Block.Stations[set.Station - 1].Id, "sides", set.IsTimed ? "switch halfway" : "each side"));
}
