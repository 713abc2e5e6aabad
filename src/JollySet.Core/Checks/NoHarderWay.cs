using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Checks;

/// <summary>Where strong people come, or regulars among newcomers, a station of the main part has a harder way too. One finding for the class.</summary>
internal sealed class NoHarderWay : ICheck
{
    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        var audience = review.Plan.Brief.Audience;
        var mixed = audience.Contains(Audience.Regular) && audience.Any(a => a is Audience.Newcomer or Audience.FirstTimers);
        if (!mixed && !audience.Contains(Audience.Strong))
            yield break;
        var main = review.OwnBlocks.Where(b => b.Block.IsMain).SelectMany(b => b.Block.Stations.Select((station, at) => (b.Block, station, number: at + 1))).ToList();
        var open = main.Where(s => s.station.Options.All(o => o.Kind != OptionKind.Harder)).ToList();
        if (open.Count > 0)
            yield return new Finding(
                "no-harder-way",
                Severity.Note,
                $"{open.Count} of {main.Count} stations of the main part name no harder way.",
                Numbers: Finding.Figures(("stations", open.Count)),
                Fix: FixOf(review.Timeline, open));
    }

    /// <summary>The library's own harder way, where the class has the kit for it and nothing forbids it.</summary>
    private static Several? FixOf(Timing.Timeline timeline, IEnumerable<(Block Block, Station Station, int Number)> open)
    {
        var edits = from line in open
                    where line.Station.Doing is OneMove one && timeline.Library.Understood(one.Name) is { Harder.Length: > 0 } move && Fits(timeline, move.Harder)
                    let way = StationFor.WayOf(timeline.Library.Understood(((OneMove)line.Station.Doing).Name)!.Harder)!
                    select (PlanEdit)new SetStationPart(line.Station.Id, "harder", SheetWriter.WriteWay(way));
        return edits.ToArray() is { Length: > 0 } all ? new Several([.. all]) : null;
    }

    private static bool Fits(Timing.Timeline timeline, string way) => timeline.Library.Understood(way) is not { } move || (Suits.Kit(timeline.Plan.Brief, move) && Suits.Needs(timeline.Plan.Brief, move));
}
