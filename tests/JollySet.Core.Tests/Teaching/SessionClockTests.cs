using System.Collections.Immutable;
using System.Text.Json;
using CsCheck;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;

namespace JollySet.Core.Tests.Teaching;

public class SessionClockTests
{
    private static readonly JsonElement Cases = JsonDocument.Parse(File.ReadAllText(Repository.Find("tests", "cases", "clock.json"))).RootElement.GetProperty("cases");

    public static TheoryData<string> Names => [.. Cases.EnumerateArray().Select(c => c.GetProperty("name").GetString()!)];

    [Theory]
    [MemberData(nameof(Names))]
    public void Each_shared_case_holds(string name)
    {
        var item = Cases.EnumerateArray().Single(c => c.GetProperty("name").GetString() == name);
        var clock = new SessionClock([.. item.GetProperty("segments").EnumerateArray().Select(s => Length.Tenths(s.GetInt32()))], Length.Seconds(item.GetProperty("countInMs").GetInt64() / 1000m), item.TryGetProperty("cuts", out var cuts) ? [.. cuts.EnumerateArray().Select(c => c.EnumerateArray().Select(t => new Taken(t[0].GetInt32(), Length.Tenths(t[1].GetInt32()))).ToImmutableArray())] : default);
        var events = item.GetProperty("events").EnumerateArray().Select((e, i) =>
            new SessionEvent(i + 1, Enum.Parse<EventKind>(e[0].GetString()!, true), e[1].GetInt64(), e.GetArrayLength() > 2 ? e[2].GetInt32() : null));
        var place = clock.Advanced(events.Aggregate(Anchor.Before, clock.After), item.GetProperty("now").GetInt64());
        var expected = item.GetProperty("is");
        Assert.Equal(
            (expected.GetProperty("segment").GetInt32(), expected.GetProperty("msIn").GetInt64(), expected.GetProperty("running").GetBoolean(), expected.GetProperty("stopped").GetBoolean(), expected.GetProperty("ended").GetBoolean()),
            (place.Segment, place.MsIn, place.Running, place.Stopped, place.Ended));
    }

    [Fact]
    public void It_does_not_matter_how_often_the_clock_is_looked_at() => Gen.Select(Gen.Int[1, 400].Array[1, 8], Gen.Int[0, 90_000].Array[1, 6]).Sample((segments, times) =>
    {
        var clock = new SessionClock([.. segments.Select(Length.Tenths)], Length.Seconds(5));
        var start = clock.After(Anchor.Before, new SessionEvent(1, EventKind.Start, 0, 0));
        var now = times.Max();
        var often = times.Order().Aggregate(start, (anchor, at) => clock.Advanced(anchor, at));
        var (once, twice) = (clock.Advanced(start, now), clock.Advanced(often, now));
        Assert.Equal((once.Segment, once.MsIn, once.Ended), (twice.Segment, twice.MsIn, twice.Ended));
    });

    [Fact]
    public void The_record_keeps_planned_and_real_of_every_segment()
    {
        var timeline = Sheet.Time(Sheet.OneBlock("circuit, work 30, rest 10", "squat", "push-up", "plank"));
        SessionEvent[] events =
        [
            new(1, EventKind.Start, 0, 0), new(2, EventKind.Pause, 20_000), new(3, EventKind.Go, 25_000),
            new(4, EventKind.Add, 30_000, 10), new(5, EventKind.Next, 60_000), new(6, EventKind.End, 70_000),
        ];
        var record = TaughtRecord.Of(timeline, events, 90_000);
        Assert.Equal(110_000, record.PlannedMs);
        // Ten seconds of counting in, five of pause; work of 30 + 10 to second 55, five of rest, then next.
        Assert.Equal([40_000, 5_000, 10_000, 0, 0], record.Segments.Select(s => s.RealMs));
        Assert.Equal(5_000, record.PausedMs);
    }
}
