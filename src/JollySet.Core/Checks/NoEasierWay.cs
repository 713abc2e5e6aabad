using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Checks;

/// <summary>With newcomers every station of the main part has an easier way, named before the work. One finding a block.</summary>
internal sealed class NoEasierWay : ICheck
{
    private const int EasyRung = 1;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (!review.People.Any(a => a is Audience.Newcomer or Audience.FirstTimers or Audience.OlderAdults))
            yield break;
        foreach (var (block, _) in review.OwnBlocks.Where(b => b.Block.IsMain))
        {
            var open = block.Stations.Select((station, at) => (station, number: at + 1)).Where(s => s.station.Options.All(o => o.Kind is not (OptionKind.Easier or OptionKind.Or)) && !IsEasiest(review, s.station)).ToList();
            if (open.Count > 0)
                yield return new Finding(
                    "no-easier-way",
                    Severity.Warn,
                    $"{Say.List([.. open.Select(s => Say.Capital(Timing.Facts.NameOf(s.station.Doing)))])} {(open.Count == 1 ? "has" : "have")} no easier way named, and {(review.NewcomersCome ? "newcomers" : "older adults")} come.{review.TakenPeople}",
                    block.Name,
                    [.. open.Select(s => s.number)],
                    Finding.Figures(("stations", open.Count)),
                    FixOf(review.Timeline, block, open));
        }
    }

    /// <summary>Whether it is where its ladder begins, so that nobody needs anything easier.</summary>
    private static bool IsEasiest(ClassUnderReview review, Station station)
    {
        var moves = station.Doing.MoveNames().Select(review.Timeline.Facts.MoveOf).ToList();
        return moves.Count == 1 && moves[0] is { } move && (move.Tags.IsBeginning || move.Tags.Rung <= EasyRung || move.Pattern is Pattern.Mobility or Pattern.Stretch);
    }

    /// <summary>The library's own easier way for each.</summary>
    private static Several? FixOf(Timing.Timeline timeline, Block block, IEnumerable<(Station Station, int Number)> open)
    {
        var edits = open
            .Select(s => (s.Number, way: s.Station.Doing is OneMove one && timeline.Library.Understood(one.Name) is { } move ? StationFor.WayOf(move.Easier) : null))
            .Where(s => s.way is not null)
            .Select(s => (PlanEdit)new SetStationPart(block.Stations[s.Number - 1].Id, "easier", SheetWriter.WriteWay(s.way!)))
            .ToImmutableArray();
        return edits.IsEmpty ? null : new Several(edits);
    }
}
