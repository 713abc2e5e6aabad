using JollySet.Core.Edits;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Turns of left and right over an odd number of rounds, or an odd alternating count, leave one side behind.</summary>
internal sealed class SideOddRounds : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        foreach (var (block, index) in review.OwnBlocks)
        {
            var odds = review.SetsOf(index).Where(s => s.Side == Timing.Side.Alternating && s.Reps % 2 == 1).ToLookup(s => s.Station);
            foreach (var (station, number) in block.Stations.Select((s, at) => (s, at + 1)))
            {
                if (OddTurns(station, block.RoundCount))
                    yield return Found(station, block, number, $"turns of {string.Join("/", station.Sides!.Ways.Select(Words.Of))} do not come out even in {block.RoundCount} rounds", null);
                else if (odds[number].FirstOrDefault() is { } odd)
                    yield return Found(station, block, number, $"{odd.Reps} alternating reps leave one side a rep behind", FixOf(station, block, number, odd.Reps!.Value));
            }
        }
    }

    private static bool OddTurns(Station station, int rounds)
    {
        if (station.Sides is not { Ways.Length: > 1 } sides)
            return false;
        int Count(SideWay way) => Enumerable.Range(1, rounds).Count(round => sides.Ways.At(round) == way);
        return Count(SideWay.Left) != Count(SideWay.Right);
    }

    private static Finding Found(Station station, Block block, int number, string what, PlanEdit? fix) => new(
        "side-odd-rounds", Severity.Warn, $"{Say.Capital(Timing.Facts.NameOf(station.Doing))}: {what}.", block.Name, [number], Finding.Figures(("rounds", block.RoundCount)), fix);

    private static SetStationPart? FixOf(Station station, Block block, int number, int reps) =>
        station.Amount is Reps { Counts.Length: 1 } ? new SetStationPart(block.Stations[number - 1].Id, "amount", $"x{reps + 1}") : null;
}
