using JollySet.Core.Effort;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Outside.StandIns;

/// <summary>A strap whose wearer does the class as a regular does: the heart follows the breath of the effort model.</summary>
public sealed class HeartStandIn(bool fails) : IHeartStrap
{
    private const int AtRest = 68;
    private const int Range = 110;
    private const int Jitter = 4;

    /// <inheritdoc/>
    public Heard<HeartRate> At(Timeline timeline, Length moment)
    {
        if (fails)
            return new(null, "The strap gives no signal.");
        var breath = EffortModel.Of(timeline, Person.Regular).Samples.LastOrDefault(s => s.At <= moment).Breath;
        return new(new HeartRate(AtRest + (int)(Range * breath / 10) + Noise.Of(2, moment.InMilliseconds / 1000, Jitter)));
    }
}
