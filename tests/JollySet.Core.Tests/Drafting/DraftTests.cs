using System.Collections.Immutable;
using CsCheck;
using JollySet.Bench;
using JollySet.Core.Checks;
using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Drafting;

/// <summary>Whole classes from a brief alone.</summary>
public class DraftTests
{
    private static readonly Brief Loft = new(30, ClassStyle.Led, Goal: Goal.StrengthEndurance)
    {
        Focus = ["full body"],
        Audience = [Audience.Newcomer, Audience.Regular],
        Kit = ["mat", "light dumbbells", "heavy dumbbells", "chair"],
        Needs = ["knees"],
    };

    private static Draft Make(Brief brief, DraftFormat format = DraftFormat.Circuit, int seed = 1) => Drafter.Make(DraftRequest.Of(brief, format, seed), Studio.Shipped);

    [Theory]
    [InlineData(Audience.OlderAdults, true)]
    [InlineData(Audience.Strong, false)]
    public void Power_with_nothing_explosive_says_so(Audience who, bool says)
    {
        var draft = Make(Loft with { Goal = Goal.Power, Audience = [who], Kit = ["mat", "kettlebell"], Needs = says ? ["no jumping"] : [] });
        var moves = draft.Plan!.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Select(n => MoveLibrary.Shipped.Find(n)!);
        Assert.Equal(says, !moves.Any(m => m.Tags.IsExplosive));
        Assert.Equal(says, draft.Reasons.Any(r => r.Text.StartsWith("Nothing explosive", StringComparison.Ordinal)));
    }

    [Fact]
    public void Over_two_hundred_briefs_fit_stop_at_nothing_and_are_even()
    {
        var all = Drafted.Grid;
        var made = all.Where(o => o.Draft.Plan is not null).ToList();
        Assert.True(all.Count > 200);
        Assert.True(made.Count >= all.Count - 3, $"{made.Count} of {all.Count} were made");
        Assert.All(made, o => Assert.InRange(o.OffSeconds, -30, 30));
        Assert.All(made, o => Assert.Equal(0, o.Stops));
        Assert.True(made.Count(o => o.Even) >= 0.9 * made.Count, $"{made.Count(o => o.Even)} of {made.Count} are even");
    }

    [Theory]
    [InlineData(DraftFormat.Circuit)]
    [InlineData(DraftFormat.Supersets)]
    [InlineData(DraftFormat.Trios)]
    [InlineData(DraftFormat.Straight)]
    [InlineData(DraftFormat.Minute)]
    [InlineData(DraftFormat.Ladder)]
    public void A_draft_is_a_whole_class_in_the_format_liked_with_a_reason_for_each_line(DraftFormat format)
    {
        var draft = Make(Loft, format);
        var plan = draft.Plan!;
        Assert.Contains(plan.Blocks, b => b.Format is PrepareFormat);
        Assert.Contains(plan.Blocks, b => b.Format is ReleaseFormat);
        Assert.Contains(plan.Blocks, b => (format, b.Format) is (DraftFormat.Circuit, CircuitFormat) or (DraftFormat.Supersets or DraftFormat.Trios, LinkedFormat) or (DraftFormat.Straight, StraightFormat) or (DraftFormat.Minute, MinuteFormat) or (DraftFormat.Ladder, LadderFormat));
        foreach (var block in plan.Blocks.Where(b => !b.IsWords))
            Assert.All(Enumerable.Range(1, block.Stations.Length), n => Assert.Contains(draft.Reasons, r => r.Block == block.Name && r.Station == n && r.Text.Length > 8));
        Assert.True(SheetReader.Read(SheetWriter.Write(plan)).IsGood);
    }

    [Fact]
    public void A_move_more_in_the_library_makes_no_other_class_of_it()
    {
        var common = MoveLibrary.Shipped.Find("push-up")!;
        var rare = common with { Name = "aardvark push-up", Also = [], Asked = [], Tags = common.Tags with { Staple = 0 } };
        var loosening = MoveLibrary.Shipped.Find("arm circle")! with { Name = "aardvark circle", Also = [], Asked = [] };
        var grown = Studio.Shipped with { Library = MoveLibrary.Shipped.With([rare, loosening with { Tags = loosening.Tags with { Staple = 0 } }]) };
        Assert.All(Enumerable.Range(1, 8), seed => Assert.Equal(SheetWriter.Write(Make(Loft, seed: seed).Plan!), SheetWriter.Write(Drafter.Make(DraftRequest.Of(Loft, DraftFormat.Circuit, seed), grown).Plan!)));
    }

    [Fact]
    public void The_same_seed_gives_the_same_class_and_others_differ()
    {
        string Sheet(int seed) => SheetWriter.Write(Make(Loft, seed: seed).Plan!);
        Assert.Equal(Sheet(4), Sheet(4));
        Assert.Equal(5, Enumerable.Range(1, 5).Select(Sheet).Distinct().Count());
    }

    [Fact]
    public void Another_one_is_different_in_kind()
    {
        var drafts = Enumerable.Range(1, 3).Select(seed => Make(Loft, seed: seed).Plan!).ToList();
        string Shape(ClassPlan plan) => string.Join(" ", plan.Blocks.Where(b => b.IsMain).Select(b => $"{b.Stations.Length}x{b.RoundCount}x{b.Settings.Work[0]}"));
        HashSet<string> Moves(ClassPlan plan) => [.. plan.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames())];
        foreach (var (a, b) in new[] { (0, 1), (0, 2), (1, 2) })
            Assert.True(Shape(drafts[a]) != Shape(drafts[b]) || Moves(drafts[a]).Except(Moves(drafts[b])).Count() >= 3, $"{a} and {b}: {Shape(drafts[a])}");
    }

    [Fact]
    public void What_the_last_classes_used_comes_back_less()
    {
        HashSet<string> Main(Draft draft) => [.. draft.Plan!.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames())];
        var (used, back) = (0, 0);
        // One draft may find no better than what was used; over several no more than a quarter comes back.
        foreach (var seed in Enumerable.Range(1, 12))
        {
            var last = Main(Make(Loft, seed: seed));
            var next = Drafter.Make(DraftRequest.Of(Loft, seed: seed) with { Recent = [.. last] }, Studio.Shipped);
            (used, back) = (used + last.Count, back + Main(next).Intersect(last).Count());
            Assert.Contains(next.Reasons, r => r.Text.Contains("not in the last classes", StringComparison.Ordinal));
        }

        Assert.True(back * 4 <= used, $"{back} of {used} came back");
    }

    [Fact]
    public void Kit_needs_and_people_are_kept_to()
    {
        var plan = Make(Loft with { Kit = [], Needs = ["no floor", "no jumping"], Audience = [Audience.FirstTimers] }).Plan!;
        var moves = plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()).Select(n => MoveLibrary.Shipped.Find(n)!).ToList();
        Assert.All(moves, m => Assert.False(m.IsOnFloor || m.Impact >= Impact.Middle, m.Name));
        Assert.All(moves, m => Assert.All(m.Kit, k => Assert.Contains(k, new[] { "mat", "wall" })));
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(plan)), f => f.Severity == Severity.Stop);
    }

    [Theory]
    [InlineData("pregnancy")]
    [InlineData("high blood pressure")]
    public void What_a_clinician_decides_it_says_it_cannot_judge(string need)
    {
        var draft = Make(Loft with { Needs = [need] });
        Assert.Contains("cannot judge", draft.Cannot, StringComparison.Ordinal);
        Assert.Contains(Review.Of(TimelineBuilder.Build(draft.Plan!)), f => f is { Code: "need-open", MayBeDismissed: false });
        Assert.Null(Make(Loft).Cannot);
    }

    [Fact]
    public void With_no_minutes_there_is_nothing_to_fill() => Assert.Contains("how long", Make(Loft with { Minutes = null }).Why, StringComparison.Ordinal);

    [Fact]
    public void Any_brief_gives_a_class_that_can_be_taught_or_says_why_there_is_none() => Briefs.Sample(
        request =>
        {
            var draft = Drafter.Make(request, Studio.Shipped);
            if (draft.Plan is not { } plan)
            {
                Assert.NotEmpty(draft.Why!);
                return;
            }

            var timeline = TimelineBuilder.Build(plan);
            Assert.InRange((request.Brief.Minutes!.Value * 60) - (timeline.Length.InSeconds), 0, 30);
            Assert.DoesNotContain(Review.Of(timeline), f => f.Severity == Severity.Stop);
            Assert.True(SheetReader.Read(SheetWriter.Write(plan)).IsGood);
        },
        iter: 60);

    [Fact]
    public void A_class_that_sits_is_made_of_what_can_be_done_sitting()
    {
        var plan = Make(Loft with { Focus = ["upper body"], Needs = ["seated"], Kit = ["chair", "light dumbbells"] }).Plan!;
        var facts = new Facts(plan, Studio.Shipped);
        Assert.All(plan.Blocks.SelectMany(b => b.Stations), s => Assert.NotEqual(CoverKind.Open, Cover.Of(s, "seated", facts).Kind));
        Assert.All(plan.Blocks.SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames()), n => Assert.Contains(MoveLibrary.Shipped.Find(n)!.Around.GetValueOrDefault("seated", "seated"), new[] { "seated", "seated march" }));
    }

    private static readonly Gen<DraftRequest> Briefs = Gen.Select(
        Gen.Int[8, 90],
        Of("full body", "upper body", "lower body", "core", "glutes, hamstrings", "chest", "elbows"),
        Gen.Enum<Goal>(),
        Gen.Enum<DraftFormat>(),
        Gen.Enum<Audience>().Array[0, 2],
        Of("knees", "seated", "no floor", "no jumping, quiet", "no kit", "balance, hips", "pregnancy", "fragile bones", "small space").Array[0, 2],
        Of("mat", "chair", "light dumbbells", "band", "kettlebell", "two bottles", "step").Array[0, 3],
        Gen.Int[1, 9999],
        (minutes, focus, goal, format, audience, needs, kit, seed) => DraftRequest.Of(
            new Brief(minutes, ClassStyle.Led, Goal: goal) { Focus = [.. focus.Split(", ")], Audience = [.. audience.Distinct()], Needs = [.. needs.SelectMany(n => n.Split(", ")).Distinct()], Kit = [.. kit.Distinct()] }, format, seed));

    private static Gen<string> Of(params string[] words) => Gen.Int[0, words.Length - 1].Select(i => words[i]);
}
