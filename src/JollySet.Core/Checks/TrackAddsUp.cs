using JollySet.Core.Options;
using JollySet.Core.Plans;

namespace JollySet.Core.Checks;

/// <summary>Each of the people who come still has a class that adds up: no pair tips because options left a muscle out, and the hardest moment is within their range.</summary>
internal sealed class TrackAddsUp : ICheck
{
    /// <summary>A class at the limits is not reckoned once more for everyone while it is typed.</summary>
    private const int MostSegments = 3000;

    public IEnumerable<Finding> Look(ClassUnderReview review)
    {
        if (review.Timeline.Segments.Length > MostSegments)
            return [];
        if (review.Plan.Brief is { Audience.IsEmpty: true, Focus.IsEmpty: true })
            return [];
        return Tracks.Of(review.Plan.Brief).Select(t => t.Of(review.Timeline)).SelectMany(t => Tipped(review, t).Concat(Peak(review, t)));
    }

    private static IEnumerable<Finding> Tipped(ClassUnderReview review, TrackClass track)
    {
        if (track.Changes.IsEmpty || review.Plan.Brief.Focus.IsEmpty || track.Tipped(review.Timeline).FirstOrDefault() is not { } pair)
            yield break;
        yield return new Finding(
            "track-tipped",
            Severity.Note,
            $"As {track.Track.Name}, with the named ways, {pair.Heavier} {(pair.Heavier.EndsWith('s') ? "work" : "gets")} {Say.Time(Math.Max(pair.FirstSeconds, pair.SecondSeconds))} and {pair.Lighter} {Say.Time(Math.Min(pair.FirstSeconds, pair.SecondSeconds))}; as planned it is level.",
            Numbers: Finding.Figures(("firstSeconds", pair.FirstSeconds), ("secondSeconds", pair.SecondSeconds)))
        {
            Subject = track.Track.Name,
        };
    }

    private static IEnumerable<Finding> Peak(ClassUnderReview review, TrackClass track)
    {
        if (review.Plan.Brief.Audience.IsEmpty || track.Timeline.Sets.IsEmpty)
            yield break;
        var (peak, (least, most)) = ((decimal)track.Peak, track.Track.PeakRange(review.Rules, review.Plan.Brief.Goal));
        if (peak <= most && peak >= least)
            yield break;
        yield return new Finding(
            "track-effort",
            Severity.Note,
            peak > most ? $"As {track.Track.Name} the hardest moment may reach {peak:0.0} of 10, over {most:0.#}." : $"As {track.Track.Name} the hardest moment may stay at {peak:0.0} of 10, under {least:0.#}.",
            Numbers: Finding.Figures(("peak", Math.Round(peak, 1)), ("least", least), ("most", most)))
        {
            Subject = track.Track.Name,
        };
    }
}
