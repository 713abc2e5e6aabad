using CsCheck;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Timing;

/// <summary>The clock of a class run from memory.</summary>
public class LikelyClockTests
{
    [Fact]
    public void It_touches_never_runs_ahead_of_the_clock_and_ends_where_the_likely_length_does() => PlanGen.Plans.Sample(
        plan =>
        {
            var timeline = TimelineBuilder.Build(plan);
            var times = LikelyClock.Of(timeline);
            Assert.All(times.Zip(times.Skip(1)), p => Assert.Equal(p.First.End, p.Second.Start));
            Assert.All(times.Zip(timeline.Segments), p => Assert.True(p.First.Start >= p.Second.Start));
            if (times.Length > 0)
                Assert.Equal(timeline.Likely, times[^1].End);
        },
        iter: 300);

    [Fact]
    public void Water_is_looked_for_in_the_time_a_class_likely_takes()
    {
        // By the clock nineteen minutes; heavy sets and their changes make it more than twenty-one.
        const string text = "# T\naudience: regular\n== A (circuit, 20 rounds, rest 25)\ngoblet squat x12 [heavy]\n";
        var timeline = Sheet.Time(text);
        Assert.True(timeline.Length.InMinutes < 21, $"{timeline.Length}");
        Assert.Equal(timeline.Likely.InMinutes > 21, Core.Checks.Review.Of(timeline).Any(f => f.Code == "no-water"));
    }
}
