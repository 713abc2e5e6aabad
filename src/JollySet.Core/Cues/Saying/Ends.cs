using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues.Saying;

/// <summary>The opening and the closing: in the words the plan sets time aside for, as far as they fit; else before the clock starts and after it has ended.</summary>
internal static class Ends
{
    private const int OpeningMatters = 70;
    private const int SafetyMatters = 99;

    public static void Begin(Timeline timeline, Placing placing, decimal rate)
    {
        // The last sentence but one of an opening is what to stop for; it is never the one that is left.
        var opening = Opening.Of(timeline).Select(s => (Text: s, Matters: s.StartsWith("Sharp pain", StringComparison.Ordinal) || s.Contains("clinician", StringComparison.Ordinal) ? SafetyMatters : OpeningMatters)).ToList();
        if (timeline.Segments[0].Kind == SegmentKind.Talk && timeline.Segments[0].Length is var time)
            Fill(opening, Length.Zero, time, CueKind.Opening, 0, placing, rate);
        else
            foreach (var (text, matters) in opening)
                placing.TakeOutside(new Cue(Length.Zero, CueKind.Opening, text, CueSheet.Takes(text, rate), matters, 0));
    }

    public static void End(Timeline timeline, Stretches stretch, Placing placing, decimal rate)
    {
        var last = timeline.Segments.Length - 1;
        var closing = Closing.Of(timeline).Select(s => (Text: s, Matters: s.StartsWith("If anything", StringComparison.Ordinal) ? SafetyMatters : OpeningMatters)).ToList();
        if (last > 0 && stretch.Gaps[^1] is { To: null } end && timeline.Segments[last].Kind == SegmentKind.Talk)
            Fill(closing, timeline.Segments[last].Start, end.End, CueKind.Closing, last, placing, rate);
        else
            foreach (var (text, matters) in closing)
                placing.TakeOutside(new Cue(timeline.Length, CueKind.Closing, text, CueSheet.Takes(text, rate), matters, last));
    }

    /// <summary>Says them one after the other; where there is too little time, the last that matter least are left.</summary>
    private static void Fill(List<(string Text, int Matters)> said, Length from, Length until, CueKind kind, int segment, Placing placing, decimal rate)
    {
        var kept = said.Select((s, at) => (s.Text, s.Matters, at, Takes: CueSheet.Takes(s.Text, rate))).OrderByDescending(s => s.Matters).ThenBy(s => s.at).ToList();
        var (time, fits) = (until - from, new HashSet<int>());
        foreach (var one in kept.Where(k => k.Takes <= time))
        {
            if (one.Takes > time)
                continue;
            time -= one.Takes;
            fits.Add(one.at);
        }

        var at = from;
        foreach (var (one, number) in said.Select((s, i) => (s, i)))
        {
            var cue = new Cue(at, kind, one.Text, CueSheet.Takes(one.Text, rate), one.Matters, segment);
            if (!fits.Contains(number) || !placing.Take(cue))
            {
                if (!fits.Contains(number))
                    placing.Leave(cue);
                continue;
            }

            at = cue.Ends;
        }
    }
}
