using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Swapping;

namespace JollySet.Core.Tests.Swapping;

/// <summary>A name typed over another takes along what belonged to the move that stood there.</summary>
public class TypedOverTests
{
    [Theory]
    [InlineData("goblet squat [heavy] | easier: squat | harder: front squat", "push-up", "push-up | easier: knee push-up | harder: ")]
    [InlineData("goblet squat [heavy]", "push-up", "push-up\n")]
    [InlineData("push-up x12 @3-0-1-1, rest 30 | easier: knee push-up", "overhead press", "overhead press x12 @3-0-1-1, rest 30 | easier: ")]
    [InlineData("squat", "goblet squat", "goblet squat\n")]
    [InlineData("push-up | for wrists: floor press", "mountain climber", "mountain climber | for wrists: ")]
    [InlineData("squat | for knees: \"only as low as you like\"", "lunge", "| for knees: \"only as low as you like\"")]
    [InlineData("squat | note: face the window", "lunge", "| note: face the window")]
    [InlineData("press-ups | easier: knee push-up", "push-up", "push-up | easier: knee push-up")]
    [InlineData("squat [heavy] | easier: squat to chair", "halyard haul", "halyard haul [heavy] | easier: squat to chair")]
    public void What_was_the_old_moves_goes_with_it(string line, string typed, string becomes)
    {
        var plan = Sheet.Read($"# T\nneeds: wrists\n== A (circuit, work 40, rest 20)\n{line}\nplank\n");
        var after = TypedOver.Of(plan, plan.Blocks[0].Stations[0].Id, typed, Studio.Shipped).Apply(plan).Plan;
        Assert.Contains(becomes, SheetWriter.Write(after!), StringComparison.Ordinal);
    }

    [Fact]
    public void What_cannot_be_a_move_is_refused_as_before()
    {
        var plan = Sheet.Read("# T\n== A (circuit, work 40)\nsquat\n");
        Assert.Null(TypedOver.Of(plan, plan.Blocks[0].Stations[0].Id, "squat +", Studio.Shipped).Apply(plan).Plan);
        Assert.Null(TypedOver.Of(plan, 999, "squat", Studio.Shipped).Apply(plan).Plan);
    }
}
