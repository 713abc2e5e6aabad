using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>What the place means for this class: when to be there, what is underfoot, who must not be disturbed.</summary>
public static class RoomWords
{
    /// <summary>A sentence each; none for a place of which nothing is known.</summary>
    public static IEnumerable<string> Of(Venue venue, Timeline timeline)
    {
        if (venue.MinutesIn + venue.MinutesOut > 0)
            yield return $"{Say.Capital(venue.Name)} takes {Minutes(venue.MinutesIn)} to come in and lay out and {Minutes(venue.MinutesOut)} to clear and leave: with the class {Math.Ceiling(timeline.Likely.InMinutes) + venue.MinutesIn + venue.MinutesOut:0} min in all.";
        var jumps = timeline.Sets.Where(s => s.Facts.Move?.IsJump() == true).Select(s => s.Facts.Name).Distinct().ToList();
        if (venue.Floor.Length > 0)
            yield return $"Underfoot: {venue.Floor.TrimEnd('.')}.{(jumps.Count > 0 ? $" Try it dry before {Say.List(jumps)}; where it slips, nobody jumps or slides." : "")}";
        if (venue.Neighbours.Length > 0)
            yield return $"Neighbours: {venue.Neighbours.TrimEnd('.')}.{(jumps.Count > 0 ? $" {Say.Capital(Say.List(jumps))} {(jumps.Count == 1 ? "lands" : "land")} hard: the way without jumping for everyone, or soft landings." : "")}";
    }

    private static string Minutes(int minutes) => minutes == 1 ? "a minute" : $"{minutes} min";
}
