using CsCheck;
using JollySet.Core.Edits;
using JollySet.Core.Fitting;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Solving;

namespace JollySet.Core.Tests.Fitting;

/// <summary>Making a class as long as its booking.</summary>
public class FitTests
{
    private const string Loft = """
        # Loft
        style: led
        goal: strength endurance
        audience: newcomer, regular

        == Warm-up (prepare, work 40, rest 10, after 30)
        march on the spot
        squat
        hip hinge
        torso twist
        arm circle
        shoulder roll

        == A: Deck (circuit, 3 rounds, work 40, rest 20, between 60, after 60 water)
        goblet squat [heavy]
        bent-over row [heavy]
        push-up
        dead bug

        == B: Ladder (ladder 8..1, rest 20, after 45)
        deadlift [heavy]
        overhead press [light]

        == C: Finisher (circuit, 2 rounds, work 30, rest 15, between 30, optional, after 30)
        plank
        glute bridge
        side plank, left/right

        == Cool-down (release, rest 10)
        chest opener 30s
        hamstring reach 30s, each side
        """;

    private static FitAnswer Fit(ClassPlan plan, int minutes, params string[] locks) =>
        new CpFitter().Fit(new FitRequest(plan, Studio.Shipped, minutes, [.. locks]));

    private static Length Likely(ClassPlan plan) => TimelineBuilder.Build(plan).Likely;

    private static ClassPlan Taken(ClassPlan plan, FitProposal proposal)
    {
        var result = new Several(proposal.Edits).Apply(plan);
        Assert.True(result.Plan is not null, string.Join("; ", result.Errors));
        return result.Plan!;
    }

    [Theory]
    [InlineData(22)]
    [InlineData(26)]
    [InlineData(32)]
    [InlineData(36)]
    public void Proposals_reach_the_minutes_they_claim_and_differ_in_kind(int minutes)
    {
        var plan = Sheet.Read(Loft);
        var answer = Fit(plan, minutes);
        Assert.NotEmpty(answer.Proposals);
        Assert.Equal(answer.Proposals.Length, answer.Proposals.Select(p => p.Kind).Distinct().Count());
        Assert.Equal(answer.Proposals.Order(Comparer<FitProposal>.Create((a, b) => a.Cost - b.Cost)), answer.Proposals);
        foreach (var proposal in answer.Proposals)
        {
            var timeline = TimelineBuilder.Build(Taken(plan, proposal));
            Assert.Equal((timeline.Length, timeline.Likely), (proposal.Clock, proposal.Likely));
            Assert.InRange(timeline.Likely.InMinutes, minutes - 1, minutes);
            Assert.True(proposal.Proven);
            Assert.Equal(proposal.Edits.Length, proposal.Says.Length);
        }
    }

    [Fact]
    public void A_follow_along_class_aims_at_the_clock()
    {
        var plan = Sheet.Read(Loft.Replace("style: led", "style: follow-along", StringComparison.Ordinal));
        Assert.All(Fit(plan, 26).Proposals, p => Assert.InRange(p.Clock.InMinutes, 25, 26));
    }

    [Fact]
    public void An_optional_block_may_be_dropped_and_others_never_are()
    {
        var plan = Sheet.Read(Loft);
        var kept = plan.Blocks.Where(b => !b.Settings.Optional).Select(b => b.Name).ToList();
        var proposals = Enumerable.Range(18, 12).SelectMany(minutes => Fit(plan, minutes).Proposals).ToList();
        Assert.Contains(proposals, p => p.Kind == FitKind.Block && p.Says.Contains("C: Finisher dropped"));
        Assert.All(proposals, p => Assert.Equal(kept, Taken(plan, p).Blocks.Where(b => !b.Settings.Optional).Select(b => b.Name)));
    }

    [Fact]
    public void Warm_up_water_and_sides_are_spared() => Assert.All(Enumerable.Range(18, 22).SelectMany(minutes => Fit(Sheet.Read(Loft), minutes).Proposals), proposal =>
    {
        var timeline = TimelineBuilder.Build(Taken(Sheet.Read(Loft), proposal));
        Assert.True(Totals.Of(timeline).Blocks[0].Length >= Totals.Of(Sheet.Time(Loft)).Blocks[0].Length || Totals.Of(timeline).Blocks[0].Length >= Length.Minutes(3));
        Assert.Contains(timeline.Plan.Blocks, b => b.Settings.After is { Water: true, Length.Low.InWholeSeconds: >= 45 });
        Assert.Equal(timeline.Segments.Where(s => s.Side == Side.Left).Sum(s => s.Length), timeline.Segments.Where(s => s.Side == Side.Right).Sum(s => s.Length));
        Assert.DoesNotContain(timeline.Gaps, g => g.Lost > Length.Seconds(5));
    });

    [Fact]
    public void Work_to_rest_stays_inside_the_goals_range() => Assert.All(Enumerable.Range(18, 22).SelectMany(minutes => Fit(Sheet.Read(Loft), minutes).Proposals), proposal =>
    {
        foreach (var block in Taken(Sheet.Read(Loft), proposal).Blocks.Where(b => b.IsMain && !b.Settings.Work.IsEmpty))
            Assert.True(block.Settings.Work[0].InWholeSeconds is >= 30 and <= 60 && block.Settings.Work[0] <= 2 * block.Settings.Rest[0].Length.Low, SheetOf(block));
    });

    [Fact]
    public void Where_locks_stand_in_the_way_they_are_named()
    {
        var plan = Sheet.Read(Loft);
        var all = FitItem.Of(plan).Select(i => i.Key).ToArray();
        var nothing = Fit(plan, 26, all);
        Assert.Empty(nothing.Proposals);
        Assert.Contains(nothing.LocksInTheWay, i => i.Key == "A: Deck/rounds");
        Assert.Contains("in the way", nothing.Why, StringComparison.Ordinal);
        Assert.Contains("is not among them", Fit(plan, 3).Why, StringComparison.Ordinal);
    }

    [Fact]
    public void A_class_that_fits_already_is_left_alone() =>
        Assert.Contains("nothing has to change", Fit(Sheet.Read("# T\n== A (circuit, 2 rounds, work 40, rest 20, between 20)\nsquat\nhip hinge\ngood morning\n"), 6).Why, StringComparison.Ordinal);

    [Fact]
    public void A_search_that_is_stopped_says_so()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Assert.True(new CpFitter().Fit(new FitRequest(Sheet.Read(Loft), Studio.Shipped, 26, []), stop: stop.Token).Stopped);
    }

    [Fact]
    public void Any_class_any_minutes_any_locks_bounds_hold() => Gen.Select(PlanGen.Plans, Gen.Int[-30, 30], Gen.Bool.Array[40]).Sample((plan, percent, locked) =>
    {
        var locks = FitItem.Of(plan).Where((_, i) => locked[i % locked.Length]).ToList();
        var minutes = Math.Clamp(Likely(plan).InTenths * (100 + percent) / 60_000, 1, 700);
        var request = new FitRequest(plan, Studio.Shipped, minutes, [.. locks.Select(l => l.Key)]);
        var answer = new CpFitter().Fit(request);
        Assert.Equal(answer.Proposals.IsEmpty, answer.Why is not null);
        foreach (var proposal in answer.Proposals)
        {
            var after = Taken(plan, proposal);
            Assert.InRange((request.AimsAtClock ? proposal.Clock : proposal.Likely).InMinutes, minutes - 1, minutes);
            var items = FitItem.Of(after).ToDictionary(i => i.Key, i => i.Value);
            Assert.All(locks, l => Assert.Equal(l.Value, items.GetValueOrDefault(l.Key, l.What == "after" ? l.Value : "gone")));
        }
    }, iter: 40);

    private static string SheetOf(Block block) => Core.Sheets.SheetWriter.WriteBlock(new ClassPlan("T", new Brief()), block);
}
