using System.Collections.Immutable;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Effort;

/// <summary>One moment of a class for one person.</summary>
/// <param name="Breath">0 to 10.</param>
/// <param name="Local">The most tired muscle's fatigue, 0 to 1.</param>
/// <param name="Effort">0 to 10: 2 light, 3 moderate, 5 hard, 7 very hard, 10 maximal.</param>
public readonly record struct EffortSample(Length At, double Breath, double Local, double Effort);

/// <summary>How the end of one work period feels.</summary>
/// <param name="Muscle">The most tired of the muscles it works.</param>
/// <param name="Local">That muscle's fatigue, 0 to 1.</param>
public sealed record SetEffort(int Set, Muscle Muscle, double Local, double Effort);

/// <summary>A class as one person may feel it. A rough model for planning: it says nothing of what anyone can bear.</summary>
public sealed record EffortCurve(Person Person, ImmutableArray<EffortSample> Samples, ImmutableArray<SetEffort> Sets)
{
    /// <summary>The highest effort, and when.</summary>
    public EffortSample Peak => Samples.IsEmpty ? default : Samples.MaxBy(s => s.Effort);

    /// <summary>Minutes at <paramref name="effort"/> or more.</summary>
    public double MinutesFrom(double effort)
    {
        var sum = Length.Zero;
        for (var i = 1; i < Samples.Length; i++)
            if (Samples[i].Effort >= effort)
                sum += Samples[i].At - Samples[i - 1].At;
        return (double)sum.InMinutes;
    }
}
