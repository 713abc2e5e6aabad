using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Timing;

/// <summary>How long counted work takes.</summary>
public sealed class Pace(ClassPlan plan, HouseRules rules)
{
    private readonly decimal factor = plan.Brief.Pace ?? 1;

    /// <summary>Seconds a rep. A tempo is what was said; the library's pace is the instructor's by their factor.</summary>
    public decimal SecondsPerRep(Move? move, TempoPlan? tempo)
    {
        if (tempo is null)
            return factor * (move is null ? rules["pace.unknown"] : rules.SecondsPerRep(move.Pace));
        var first = Seconds(tempo.First);
        return tempo.Then is null ? first : (first + Seconds(tempo.Then)) / 2;
    }

    /// <summary>Tenths of a second with what load and late fatigue cost; never under the clock's.</summary>
    public int LikelyTenths(int tenths, int reps, bool heavy)
    {
        var load = heavy ? rules["pace.heavy"] : 1;
        var late = reps >= rules["pace.late-from"] ? 1 + ((rules["pace.late"] - 1) / 3) : 1;
        return Math.Max(tenths, Round(tenths * load * late));
    }

    /// <summary>The nearest whole number, halves up.</summary>
    public static int Round(decimal value) => (int)Math.Round(value, MidpointRounding.AwayFromZero);

    private decimal Seconds(Tempo tempo) => tempo switch
    {
        PhaseTempo p => (p.Down ?? 1) + (p.Bottom ?? 1) + (p.Up ?? 1) + (p.Top ?? 1),
        SecondsTempo s => s.SecondsPerRep,
        _ => rules["pace.slow"],
    };
}
