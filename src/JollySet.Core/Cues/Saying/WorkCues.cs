using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues.Saying;

/// <summary>What is said inside work: go, breathe, halfway, ten, three-two-one. Counted work keeps its own count.</summary>
internal static class WorkCues
{
    private static readonly Length HalfFrom = Length.Seconds(24);
    private static readonly Length TenFrom = Length.Seconds(20);
    private static readonly Length ThreeFrom = Length.Seconds(10);
    private static readonly Length Three = Length.Seconds(3);
    private static readonly Length Ten = Length.Seconds(10);

    public static void Place(Timeline timeline, Voice voice, WorkStretch work, Placing placing, decimal rate)
    {
        var (segment, set) = (work.Segment, timeline.Sets[work.Segment.Set]);
        void Say(Length at, CueKind kind, string text, int matters)
        {
            if (CueSheet.Takes(text, rate) is var takes && at + takes <= segment.End)
                placing.Take(new Cue(at, kind, text, takes, matters, work.Index));
        }

        var format = timeline.Blocks[set.Block].Format;
        if (IsHeld(set) && segment.Length > timeline.Rules.CheckHoldSeconds)
            Say(segment.Start + (segment.Length * 0.3m), CueKind.Breathe, voice.Say("breathe"), 88);
        // Nobody is hurried through a stretch.
        if (format is ReleaseFormat)
            return;
        Say(segment.Start, CueKind.Go, voice.Say("go", ("move", set.Facts.Name)), 84);
        if (!set.IsTimed)
            return;
        if (segment.Length >= ThreeFrom && voice.Say("three") is { Length: > 0 } three)
            placing.Take(new Cue(segment.End - Three, CueKind.Three, three, Three, 92, work.Index));
        if (segment.Length >= TenFrom)
            Say(segment.End - Ten, CueKind.Ten, voice.Say("ten"), 60);
        if (segment.Length >= HalfFrom && format is not PrepareFormat)
            Say(segment.Start + (segment.Length / 2), CueKind.Half, voice.Say("half"), 50);
    }

    private static bool IsHeld(WorkSet set) => set.Line.Amount is Timed { Hold: true } || set.Facts.Move is { Pattern: Pattern.Brace or Pattern.Stretch };
}
