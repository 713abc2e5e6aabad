using JollySet.Core.Building;
using JollySet.Core.Checks;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Building;

/// <summary>Warm-ups and cool-downs put together from what the class will load.</summary>
public class BuilderTests
{
    private const string Main = "== A (circuit, 3 rounds, work 40, rest 20, between 60, after 60)\ngoblet squat [heavy]\nbent-over row [heavy]\npush-up\nRomanian deadlift [heavy]\n";

    private static ClassPlan Class(string header) => Sheet.Read($"# T\nminutes: 30\n{header}\n{Main}");

    private static ClassPlan Put(ClassPlan plan, Built built) => PutBlock.Of(plan, built).Apply(plan).Plan!;

    private static int Seconds(ClassPlan plan, string name) => Totals.Of(TimelineBuilder.Build(plan)).Blocks.Single(b => b.Name == name).Length.InWholeSeconds;

    [Theory]
    [InlineData("audience: regular", 300)]
    [InlineData("audience: older adults\nneeds: balance", 450)]
    [InlineData("needs: knees, wrists", 240)]
    [InlineData("needs: no floor, no jumping, quiet", 300)]
    [InlineData("kit: mat, heavy dumbbells", 180)]
    public void A_warm_up_is_nearly_as_long_as_asked_and_suits_the_class(string header, int seconds)
    {
        var plan = Put(Class(header), WarmUpBuilder.Build(Class(header), Studio.Shipped, seconds)!);
        Assert.InRange(Seconds(plan, "Warm-up"), seconds - 40, seconds);
        Assert.Equal(0, plan.Blocks.IndexOf(plan.Find("Warm-up")!));
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(plan)), f => f.Code == "need-open" && f.Block == "Warm-up");
    }

    [Fact]
    public void A_warm_up_rehearses_every_pattern_and_says_why()
    {
        var built = WarmUpBuilder.Build(Class("audience: regular"), Studio.Shipped, 300)!;
        Assert.Equal(built.Block.Stations.Length, built.Why.Length);
        Assert.Contains("raises the pulse", built.Why);
        Assert.Contains(built.Why, w => w.Contains("rehearses squat", StringComparison.Ordinal));
        var findings = Review.Of(TimelineBuilder.Build(Put(Class("audience: regular"), built)));
        Assert.DoesNotContain(findings, f => f.Code.StartsWith("warm-up", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("audience: regular", 180, 15, 30)]
    [InlineData("audience: older adults", 300, 30, 60)]
    [InlineData("needs: no floor", 240, 15, 30)]
    public void A_cool_down_reaches_what_was_loaded_evenly_in_the_time(string header, int seconds, int shortest, int longest)
    {
        var plan = Put(Class(header), CoolDownBuilder.Build(Class(header), Studio.Shipped, seconds)!);
        Assert.InRange(Seconds(plan, "Cool-down"), seconds - 60, seconds);
        Assert.Equal("Cool-down", plan.Blocks[^1].Name);
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(plan)), f => f.Code.StartsWith("cool-down", StringComparison.Ordinal));
        var stretches = TimelineBuilder.Build(plan).Sets.Where(s => s.Facts.Move?.IsStretch == true).ToList();
        Assert.All(stretches, s => Assert.InRange(s.Length.InWholeSeconds, shortest, longest));
        Assert.Equal(stretches.Where(s => s.Side == Side.Left).Sum(s => s.Length), stretches.Where(s => s.Side == Side.Right).Sum(s => s.Length));
    }

    [Fact]
    public void Building_again_takes_the_place_of_what_was_there()
    {
        var once = Put(Class("audience: regular"), WarmUpBuilder.Build(Class("audience: regular"), Studio.Shipped, 300)!);
        var twice = Put(once, WarmUpBuilder.Build(once, Studio.Shipped, 300, seed: 5)!);
        Assert.Equal(once.Blocks.Select(b => b.Name), twice.Blocks.Select(b => b.Name));
        Assert.NotEqual(SheetWriter.Write(once), SheetWriter.Write(twice));
        Assert.Equal(SheetWriter.Write(twice), SheetWriter.Write(Put(once, WarmUpBuilder.Build(once, Studio.Shipped, 300, seed: 5)!)));
    }

    [Fact]
    public void With_no_main_part_there_is_nothing_to_build_from()
    {
        var empty = Sheet.Read("# T\nminutes: 30\n");
        Assert.Null(WarmUpBuilder.Build(empty, Studio.Shipped, 300));
        Assert.Null(CoolDownBuilder.Build(empty, Studio.Shipped, 300));
    }

    [Fact]
    public void Nobody_sits_on_the_floor_in_a_class_that_sits()
    {
        var plan = Sheet.Read("# T\nminutes: 30\nneeds: seated\nkit: chair\n== A (circuit, 3 rounds, work 40, rest 20)\nseated march\nseated knee extension\n");
        foreach (var built in new[] { WarmUpBuilder.Build(plan, Studio.Shipped, 180), CoolDownBuilder.Build(plan, Studio.Shipped, 180) })
            Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(Put(plan, built!))), f => f is { Code: "need-open", Severity: Severity.Stop } && f.Block == built!.Block.Name);
    }
}
