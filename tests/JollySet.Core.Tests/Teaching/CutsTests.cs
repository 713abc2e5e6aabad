using System.Collections.Immutable;
using System.Text.Json;
using CsCheck;
using JollySet.Core.Plans;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Teaching;

public sealed class CutsTests
{
    private const string Evening = """
        # Evening
        minutes: 45
        audience: newcomer, regular
        == Hello (talk 60s)
        == Warm-up (prepare, work 30, rest 10, after 30)
        march on the spot
        hip hinge
        == A (circuit, 3 rounds, work 40, rest 20, between 60, after 60 water)
        goblet squat [moderate]
        bent-over row [moderate]
        side plank, each side
        push-up
        == A word (talk 45s)
        == B (superset, 3 rounds, rest 60, after 60)
        Romanian deadlift x12 [moderate]
        biceps curl x12 [light]
        == C (circuit, optional, work 20, rest 10, after 30)
        jumping jack
        plank
        == Moor (release, rest 10)
        quad stretch 30s, each side
        """;

    private static readonly Timeline Class = Sheet.Time(Evening);
    private static readonly JsonElement Cases = JsonDocument.Parse(File.ReadAllText(Repository.Find("tests", "cases", "cuts.json"))).RootElement.GetProperty("cases");

    public static TheoryData<string> Names => [.. Cases.EnumerateArray().Select(c => c.GetProperty("name").GetString()!)];

    [Theory]
    [MemberData(nameof(Names))]
    public void Each_shared_case_holds(string name)
    {
        var item = Cases.EnumerateArray().Single(c => c.GetProperty("name").GetString() == name);
        var all = item.GetProperty("cuts").EnumerateArray().Select((c, i) => new Cut(i, CutKind.Round, "", [.. c.EnumerateArray().Select(t => new Taken(t[0].GetInt32(), Length.Tenths(t[1].GetInt32())))])).ToImmutableArray();
        var offer = Cuts.Enough(all, item.GetProperty("current").GetInt32(), [.. item.GetProperty("taken").EnumerateArray().Select(t => t.GetInt32())], Length.Tenths(item.GetProperty("wanted").GetInt32()));
        var expected = item.GetProperty("is");
        Assert.Equal(expected.GetProperty("numbers").EnumerateArray().Select(n => n.GetInt32()), offer.Cuts.Select(c => c.Number));
        Assert.Equal((expected.GetProperty("wins").GetInt32(), expected.GetProperty("isEnough").GetBoolean()), (offer.Wins.InTenths, offer.IsEnough));
    }

    [Fact]
    public void Words_come_first_then_the_finisher_rounds_stations_and_rests_last()
    {
        var cuts = Cuts.Of(Class);
        Assert.Equal(Enumerable.Range(0, cuts.Length), cuts.Select(c => c.Number));
        Assert.Equal(cuts.OrderBy(c => c.Kind).Select(c => c.Number), cuts.Select(c => c.Number));
        Assert.Equal(["the words “A word”", "the finisher C", "round 3 of A", "round 2 of A", "round 3 of B", "round 2 of B"], cuts.Take(6).Select(c => c.Says));
        Assert.Contains(cuts, c => c is { Kind: CutKind.Station, Says: "side plank in round 3 of A" });
        Assert.DoesNotContain(cuts, c => c.Kind == CutKind.Station && c.Says.Contains("curl", StringComparison.Ordinal));
        Assert.Contains(cuts, c => c.Kind == CutKind.Rest);
    }

    [Fact]
    public void Words_on_safety_or_water_are_never_given_up() =>
        Assert.DoesNotContain(Cuts.Of(Sheet.Time(Evening.Replace("== A word (talk 45s)", "== A word (talk 45s)\nnote: stop at sharp pain", StringComparison.Ordinal))), c => c.Kind == CutKind.Talk);

    /// <summary>Whatever the class: no warm-up, no water, no cool-down, no opening, sides even, no first round.</summary>
    [Fact]
    public void What_matters_is_never_cut_and_sides_stay_even() => PlanGen.Plans.Sample(plan =>
    {
        if (Extent.TooWide(plan) is not null || Extent.Broken(plan) is not null)
            return;
        var timeline = TimelineBuilder.Build(plan);
        if (timeline.Sets.Length > 300)
            return;
        var cuts = Cuts.Of(timeline);
        foreach (var (segment, time) in cuts.SelectMany(c => c.Takes))
        {
            var cut = timeline.Segments[segment];
            Assert.True(time > Length.Zero && time <= cut.Length);
            Assert.False(cut.Water);
            Assert.True(cut.Block > 0 || cut.Kind != SegmentKind.Talk);
            Assert.False(timeline.Blocks[cut.Block].Format is PrepareFormat or ReleaseFormat && cut.Kind == SegmentKind.Work);
        }

        // Any cuts together, too.
        var taken = cuts.Where((_, i) => i % 2 == 0).SelectMany(c => c.Takes).GroupBy(t => t.Segment).ToDictionary(g => g.Key, g => g.Max(t => t.Time));
        Length Of(Side side, string name) => taken.Where(t => timeline.Segments[t.Key] is { Kind: SegmentKind.Work } s && s.Side == side && timeline.Sets[s.Set].Facts.Name == name).Select(t => t.Value).Sum();
        Assert.All(timeline.Sets.Select(s => s.Facts.Name).Distinct(), name => Assert.Equal(Of(Side.Left, name), Of(Side.Right, name)));
    });

    /// <summary>For random delays: what is offered ends within the booking wherever any choice of cuts does, by trying every choice.</summary>
    [Fact]
    public void What_is_offered_is_enough_wherever_anything_is()
    {
        var small = Sheet.Time("# S\n== A (circuit, 2 rounds, work 30, rest 20, between 40)\ngoblet squat\nside plank, each side\npush-up\n== A word (talk 20s)\n== B (circuit, optional, work 20, rest 10)\nplank\n");
        var cuts = Cuts.Of(small);
        Assert.InRange(cuts.Length, 5, 14);
        Gen.Select(Gen.Int[0, 200], Gen.Int[0, small.Segments.Length - 1]).Sample(
            (late, current) =>
            {
                var wanted = Length.Seconds(late);
                var offer = Cuts.Enough(cuts, current, [], wanted);
                var open = cuts.Where(c => c.First > current).ToList();
                var possible = Enumerable.Range(0, 1 << open.Count).Any(choice => Won(open.Where((_, i) => (choice & (1 << i)) != 0)) >= wanted);
                Assert.Equal(possible, offer.IsEnough);
                Assert.Equal(Won(offer.Cuts), offer.Wins);
                // None more than is needed.
                if (offer.IsEnough)
                    Assert.All(offer.Cuts, c => Assert.True(Won(offer.Cuts.Where(o => o != c)) < wanted));
            },
            iter: 1000);
    }

    /// <summary>Pauses, more time, skips, cuts and making up in any order: the end that is foretold is the end that comes.</summary>
    [Fact]
    public void The_foretold_end_comes_after_anything_in_any_order()
    {
        var cuts = Cuts.Of(Class);
        var clock = Place.ClockOf(Class);
        Gen.Select(Gen.Int[0, 11], Gen.Int[0, 300], Gen.Int[0, 200]).Array[0, 25].Sample(steps =>
        {
            var events = new List<SessionEvent> { new(1, EventKind.Start, 0, 0) };
            var at = 10_000L;
            foreach (var (what, seconds, number) in steps)
            {
                at += seconds * 1000L;
                var (kind, value) = what switch
                {
                    0 => (EventKind.Pause, (int?)null),
                    1 or 2 => (EventKind.Go, null),
                    3 => (EventKind.Add, 10),
                    4 => (EventKind.Next, null),
                    5 => (EventKind.Back, null),
                    6 => (EventKind.Skip, number % Class.Segments.Length),
                    7 => (EventKind.Again, number % Class.Segments.Length),
                    10 => (EventKind.Tap, number),
                    11 => (EventKind.Swap, number),
                    _ => (EventKind.Cut, number % (cuts.Length + 3)),
                };
                events.Add(new SessionEvent(events.Count + 1, kind, at, value));
            }

            events.Add(new SessionEvent(events.Count + 1, EventKind.Go, at));
            var now = Place.At(Class, events, at);
            if (Lateness.Of(Class, events, at) is not { } lateness)
            {
                Assert.True(now.Ended);
                return;
            }

            Assert.False(clock.Advanced(now, lateness.EndsMs - 1).Ended);
            Assert.True(clock.Advanced(now, lateness.EndsMs).Ended);
            // And it does not matter how often it is looked at on the way.
            var often = Enumerable.Range(1, 40).Aggregate(now, (anchor, i) => clock.Advanced(anchor, at + (i * 7_000)));
            var once = clock.Advanced(now, at + 280_000);
            Assert.Equal((once.Segment, once.MsIn, once.Return, once.Ended), (often.Segment, often.MsIn, often.Return, often.Ended));
        });
    }

    [Fact]
    public void What_was_skipped_is_remembered_the_side_that_is_due_first_until_it_is_made_up_for()
    {
        var works = Class.Segments.Select((s, i) => (s, i)).Where(s => s.s.Kind == SegmentKind.Work).ToList();
        var right = works.First(w => w.s.Side == Side.Right);
        var squat = works.First(w => Class.Sets[w.s.Set].Facts.Name == "goblet squat");
        // The squat is passed over, the left side is done, the right is left after a second.
        var left = works.First(w => w.s.Side == Side.Left);
        List<SessionEvent> events =
        [
            new(1, EventKind.Start, 0, squat.i), new(2, EventKind.Next, 12_000), new(3, EventKind.Skip, 13_000, left.i),
            new(4, EventKind.Skip, 13_000 + left.s.Length.InMilliseconds, right.i), new(5, EventKind.Next, 14_000 + left.s.Length.InMilliseconds),
        ];
        var now = events[^1].AtMs + 1000;
        var missed = Missed.Of(Class, events, now);
        Assert.Equal((right.i, true), (missed[0].Segment, missed[0].EvensSide));
        Assert.Contains(missed, m => m.Segment == squat.i && !m.EvensSide);
        var place = Place.At(Class, events, now).Segment;
        events.Add(new(6, EventKind.Again, now, right.i));
        now += right.s.Length.InMilliseconds + 500;
        Assert.Equal(place, Place.At(Class, events, now).Segment);
        Assert.DoesNotContain(Missed.Of(Class, events, now), m => m.Segment == right.i);
    }

    private static Length Won(IEnumerable<Cut> cuts) => cuts.SelectMany(c => c.Takes).GroupBy(t => t.Segment).Select(g => g.Max(t => t.Time)).Sum();

    [Fact]
    public void Once_more_is_of_the_main_part_and_never_one_side_alone()
    {
        var timeline = Sheet.Time("# T\n== W (prepare, work 30)\nmarch on the spot\n== A (circuit, work 40, rest 10)\nsquat\nside plank, each side\nreverse lunge, alternating\n== C (release)\nchest opener 30s\n");
        Assert.Equal(["squat", "reverse lunge"], OnceMore.Of(timeline).Select(i => timeline.Sets[timeline.Segments[i].Set].Facts.Name));
    }
}
