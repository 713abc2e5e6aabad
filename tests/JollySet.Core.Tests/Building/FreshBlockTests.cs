using JollySet.Core.Building;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Building;

/// <summary>A block to begin with can be added to any class, as often as one likes.</summary>
public class FreshBlockTests
{
    public static IEnumerable<object[]> All => FreshBlock.Kinds.SelectMany(k => new[] { "full body", "upper", "lower", "core" }.Select(f => new object[] { k.Kind, f }));

    [Theory]
    [MemberData(nameof(All))]
    public void Every_kind_is_a_block_of_its_name_before_the_cool_down(string kind, string focus)
    {
        var plan = Sheet.Read($"# T\nfocus: {focus}\n== A (circuit, work 40)\nsquat\n== Words (talk 30s)\n== Cool-down (release, work 30)\nchest opener\n");
        for (var times = 0; times < 3; times++)
            plan = Assert.IsType<ClassPlan>(new AddBlock(FreshBlock.Text(kind, plan)!, AddBlockLine.PlaceIn(plan)).Apply(plan).Plan);
        Assert.Equal(6, plan.Blocks.Length);
        Assert.Equal("Cool-down", plan.Blocks[^1].Name);
        Assert.Equal(6, plan.Blocks.Select(b => b.Name).Distinct().Count());
        Assert.True(TimelineBuilder.Build(plan).Length > Length.Minutes(3));
    }

    [Fact]
    public void There_is_no_other_kind() => Assert.Null(FreshBlock.Text("waltz", new ClassPlan("T", new Brief())));
}
