using JollySet.Core.Cues.Saying;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Cues;

public sealed class RehearsalStopsTests
{
    [Fact]
    public void A_rehearsal_stops_at_a_missing_way_and_at_a_change_that_cannot_be_made()
    {
        var timeline = Sheet.Time("# X\nneeds: wrists\n== A (circuit, work 40, rest 2)\nkettlebell swing [heavy]\npush-up\n");
        var stops = RehearsalStops.Of(timeline, CueSheet.Of(timeline, Voice.Usual));
        var stop = Assert.Single(stops, s => s.At == timeline.Segments[^1].Start);
        Assert.Contains("Push-up has no way named for wrists", stop.Says, StringComparison.Ordinal);
        Assert.Contains("The change to push-up needs", stop.Says, StringComparison.Ordinal);
    }

    [Fact]
    public void Where_all_can_be_done_it_runs_through()
    {
        var timeline = Sheet.Time("# X\n== A (circuit, 2 rounds, work 40, rest 30)\nsquat\nglute bridge\n");
        Assert.DoesNotContain(RehearsalStops.Of(timeline, CueSheet.Of(timeline, Voice.Usual)), s => s.At > Length.Seconds(1));
    }
}
