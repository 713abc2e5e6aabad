using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>How long counted work takes.</summary>
public sealed class Pace(ClassPlan plan, Studio studio)
{
    private readonly decimal factor = plan.Brief.Pace ?? 1;
    private readonly Facts facts = new(plan, studio);

    /// <summary>Seconds a rep. A tempo is what was said, of each part; the library's pace is the instructor's by their factor.</summary>
    /// <param name="beat">Beats a minute, for a tempo in beats.</param>
    public decimal SecondsPerRep(Doing doing, TempoPlan? tempo, int? beat = null) => doing switch
    {
        // A combined rep is each part once: four fifths of the parts' time together (docs/model.md).
        Combined combined => studio.Rules.PaceCombined * combined.Parts.Sum(p => SecondsPerRep(p, tempo, beat)),
        Together together => together.Parts.Max(p => SecondsPerRep(p, tempo, beat)),
        _ when tempo is { Then: { } then } => (Seconds(tempo.First, beat) + Seconds(then, beat)) / 2,
        _ when tempo is not null => Seconds(tempo.First, beat),
        OneMove one when facts.MoveOf(one.Name) is { } move => factor * studio.Rules.SecondsPerRep(move.Pace),
        _ => factor * studio.Rules.PaceUnknown,
    };

    /// <summary>Seconds that a number of pulses takes; none where none are said.</summary>
    public decimal SecondsOf(Pulses? pulses) => (pulses?.Count ?? 0) * studio.Rules.PacePulse;

    /// <summary>A set's length with what load and late fatigue cost; never under the clock's.</summary>
    public Length Likely(Length clock, int reps, bool heavy)
    {
        var load = heavy ? studio.Rules.PaceHeavy : 1;
        var late = reps >= studio.Rules.PaceLateFrom ? 1 + ((studio.Rules.PaceLate - 1) / 3) : 1;
        return Length.Max(clock, clock * (load * late));
    }

    private decimal Seconds(Tempo tempo, int? beat) => tempo switch
    {
        PhaseTempo p => (p.Down ?? 1) + (p.Bottom ?? 1) + (p.Up ?? 1) + (p.Top ?? 1),
        SecondsTempo s => s.SecondsPerRep,
        BeatsTempo b => b.Beats * 60m / (beat ?? 120),
        _ => studio.Rules.PaceSlow,
    };
}
