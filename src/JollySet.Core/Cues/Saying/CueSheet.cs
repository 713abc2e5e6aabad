using System.Collections.Immutable;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues.Saying;

/// <summary>What to say and when, computed from the plan.</summary>
/// <param name="Said">In order; no two at once, save what is said before the clock starts and after it has ended.</param>
/// <param name="Left">What there was no time for, in order: each would have clashed with something that matters more.</param>
public sealed record CueSheet(ImmutableArray<Cue> Said, ImmutableArray<Cue> Left)
{
    /// <summary>The cues of a class.</summary>
    public static CueSheet Of(Timeline timeline, Voice voice)
    {
        if (timeline.Segments.IsEmpty)
            return new CueSheet([], []);
        var placing = new Placing();
        var rate = timeline.Rules.WordsASecond;
        var stretch = Stretches.Of(timeline);
        Ends.Begin(timeline, placing, rate);
        var gaps = new GapCues(timeline, voice, placing, rate);
        for (var i = 0; i < stretch.Gaps.Length; i++)
        {
            gaps.Place(stretch.Gaps[i]);
            if (i < stretch.Works.Length)
                WorkCues.Place(timeline, voice, stretch.Works[i], placing, rate);
        }

        Ends.End(timeline, stretch, placing, rate);
        return placing.Sheet();
    }

    /// <summary>How long words take: so many a second, and a breath after them.</summary>
    public static Length Takes(string text, decimal rate)
    {
        const decimal breath = 0.4m;
        return Length.Seconds((text.Split(' ', StringSplitOptions.RemoveEmptyEntries).Length / rate) + breath);
    }
}
