using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing;

/// <summary>The stretch of a class that hangs on one rope: a turn, or words.</summary>
/// <param name="Lost">Changes inside it that eat into work.</param>
internal sealed record RopeSpan(Turn Turn, Length Start, Length End, ImmutableArray<Segment> Segments, ImmutableArray<GapRecord> Lost)
{
    /// <summary>Every rope of a class, in order.</summary>
    public static List<RopeSpan> All(Timeline timeline)
    {
        var lost = timeline.Gaps
            .Where(g => g.Lost > Length.Zero && g.Place is GapPlace.Within or GapPlace.OtherSide)
            .ToLookup(g => Turn.Of(timeline, timeline.Sets[g.From]));
        var spans = new List<RopeSpan>();
        var held = ImmutableArray.CreateBuilder<Segment>();
        Turn? turn = null;
        foreach (var segment in timeline.Segments)
        {
            if (segment.Kind == SegmentKind.After)
                continue;
            var here = TurnOf(timeline, segment, turn);
            if (turn is { } before && before != here)
                spans.Add(Closed(timeline, before, held, lost));
            turn = here;
            held.Add(segment);
        }

        if (turn is { } last)
            spans.Add(Closed(timeline, last, held, lost));
        return spans;
    }

    /// <summary>A gap after a round is no part of its rope.</summary>
    public static bool EndsRound(Timeline timeline, Segment segment) =>
        segment.Gap >= 0 && segment.Gap < timeline.Gaps.Length && timeline.Gaps[segment.Gap].Place is GapPlace.AfterRound or GapPlace.AfterBlock;

    /// <summary>What ropes that fold into one have in common. A reckoned change shortens with practice from round to round; that alone keeps no ropes apart.</summary>
    public bool IsLike(RopeSpan other, Timeline timeline) =>
        Segments.Where(s => !EndsRound(timeline, s)).Select(s => Likeness(timeline, s)).SequenceEqual(other.Segments.Where(s => !EndsRound(timeline, s)).Select(s => Likeness(timeline, s)))
        && Lost.Where(timeline.IsTight).Select(g => timeline.Sets[g.To].Station).SequenceEqual(other.Lost.Where(timeline.IsTight).Select(g => timeline.Sets[g.To].Station))
        && Segments.Any(s => EndsRound(timeline, s) && s.Water) == other.Segments.Any(s => EndsRound(timeline, s) && s.Water);

    private static (SegmentKind, Length, int, Side?, int?, string, string) Likeness(Timeline timeline, Segment s)
    {
        var facts = s.Set >= 0 ? timeline.Sets[s.Set].Facts : null;
        return (s.Kind, s.Kind is SegmentKind.Change or SegmentKind.Switch || s.Open ? Length.Zero : s.Length, s.Station, s.Side, s.Reps, facts?.Name ?? "", facts?.Held ?? "");
    }

    /// <summary>A gap belongs to the turn before it; words are a turn of their own.</summary>
    private static Turn TurnOf(Timeline timeline, Segment segment, Turn? before) =>
        segment.Set >= 0 ? Turn.Of(timeline, timeline.Sets[segment.Set])
        : before is { } turn && turn.Block == segment.Block ? turn
        : new Turn(segment.Block, 0, 1);

    private static RopeSpan Closed(Timeline timeline, Turn turn, ImmutableArray<Segment>.Builder held, ILookup<Turn, GapRecord> lost)
    {
        var segments = held.ToImmutable();
        held.Clear();
        var inside = segments.Where(s => !EndsRound(timeline, s)).Select(s => s.End).DefaultIfEmpty(segments[0].Start).Max();
        return new RopeSpan(turn, segments[0].Start, inside, segments, timeline.Blocks[turn.Block].IsWords ? [] : [.. lost[turn]]);
    }
}
