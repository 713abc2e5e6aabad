using System.Collections.Immutable;
using JollySet.Core.Timing;

namespace JollySet.Core.Export;

/// <summary>What a signal tells; a beat, the first beat of four, and a rep at its pace are quieter.</summary>
public enum Signal { Rest, Work, Other, Half, Last, Beat, Accent, Tick }

/// <summary>The signals of a class, alike on Teach (js/sounds.js) and in a file.</summary>
public static class Signals
{
    /// <summary>Tones of a signal: pitch in hertz, after how many seconds, for how many.</summary>
    public static ImmutableArray<(double Pitch, double After, double Lasts)> Of(Signal signal) => signal switch
    {
        Signal.Work => [(660, 0, 0.16), (880, 0.17, 0.34)],
        Signal.Rest => [(440, 0, 0.5)],
        Signal.Other or Signal.Half => [(700, 0, 0.12), (560, 0.16, 0.12), (700, 0.32, 0.2)],
        Signal.Beat => [(587, 0, 0.04)],
        Signal.Accent => [(880, 0, 0.04)],
        Signal.Tick => [(740, 0, 0.03)],
        _ => [(980, 0, 0.09)],
    };

    /// <summary>With which signal a segment begins.</summary>
    public static Signal At(Timeline timeline, int index)
    {
        var segment = timeline.Segments[index];
        if (segment.Kind != SegmentKind.Work)
            return Signal.Rest;
        var touches = index > 0 && timeline.Segments[index - 1] is { Kind: SegmentKind.Work } before && before.Set == segment.Set;
        return touches ? Signal.Half : timeline.Sets[segment.Set].SecondSide ? Signal.Other : Signal.Work;
    }
}
