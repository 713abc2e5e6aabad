using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Cues;

/// <summary>The usual cautions that this class gives reason for, each once and plainly. They come after the instructor's own training, the venue's rules and people's clinicians.</summary>
public static class Cautions
{
    /// <summary>A sentence each, most urgent first; none for a class with no work.</summary>
    public static IEnumerable<string> Of(Timeline timeline)
    {
        if (timeline.Sets.IsEmpty)
            return [];
        var sets = timeline.Sets.Where(s => s.Facts.Move is not null).ToList();
        var older = timeline.Plan.Brief.Audience.Contains(Audience.OlderAdults);
        bool Any(Func<WorkSet, bool> holds) => sets.Any(holds);
        bool Move(Func<Move, bool> holds) => sets.Any(s => holds(s.Facts.Move!));
        (bool Given, string Sentence)[] cautions =
        [
            (true, "Sharp is not the same as hard: at sharp pain people stop."),
            (Move(m => m.IsJump()), "Soft landings, never on sore joints and not on a slippery floor; say the way without jumping first."),
            (Move(m => m.Pace == PaceClass.Swing), "Two arm-lengths clear round everyone, more for what is swung."),
            (Any(s => s.Facts.Heavy), "Set heavy weights down under control; none lies where people step."),
            (Move(m => m.IsBalance()), "Balance beside something to hold."),
            (older && Move(m => m.IsOnFloor), "Show a way down to the floor and up again before it is needed."),
            (Move(m => m.IsOnFloor && m.Level == Level.Down), "Up slowly after work low down."),
            (Any(s => s.IsTimed && s.Length > timeline.Rules.CheckHoldSeconds && (s.Line.Amount is Timed { Hold: true } || s.Facts.Move is { Pattern: Pattern.Brace })), "Breathe through every hold, and loosen the grip."),
            (Move(m => m.Pattern == Pattern.OverheadPush), "Ribs down when the arms go overhead."),
            (Move(m => m.IsHinge()), "A flat back in every hinge; no momentum."),
            (timeline.Sets.Any(s => s.Facts.Props.Length > 0), "Steps, chairs and benches stand firm and cannot slip; nothing rolls."),
        ];
        return cautions.Where(c => c.Given).Select(c => c.Sentence);
    }
}
