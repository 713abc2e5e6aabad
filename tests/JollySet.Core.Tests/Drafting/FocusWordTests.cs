using JollySet.Core.Balance;
using JollySet.Core.Drafting;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using Xunit;

namespace JollySet.Core.Tests.Drafting;

public class FocusWordTests
{
    [Fact]
    public void Full_is_the_full_body()
    {
        Assert.True(Focus.Of(new Brief { Focus = ["full"] }).IsFullBody);
        Assert.Equal("full body", Assert.Single(BriefWords.Focus("full")));
    }

    [Theory]
    [InlineData("back and biceps", Muscle.Lats, Muscle.Biceps)]
    [InlineData("pull", Muscle.UpperBack, Muscle.Biceps)]
    [InlineData("hinge", Muscle.Hamstrings, Muscle.Glutes)]
    [InlineData("quads & calves", Muscle.Quads, Muscle.Calves)]
    public void Ways_to_move_and_several_in_one_are_understood(string said, Muscle one, Muscle other)
    {
        var focus = Focus.Of(new Brief { Focus = [said] });
        Assert.True(focus.Covers(one) && focus.Covers(other));
        Assert.False(focus.IsFullBody);
    }

    [Theory]
    [InlineData("xyzzy", true)]
    [InlineData("full body, vibes", true)]
    [InlineData("bums and tums", false)]
    [InlineData("push", false)]
    public void A_focus_that_nobody_knows_is_not_drafted_as_something_else(string focus, bool isWrong)
    {
        var told = DraftTold.Read([KeyValuePair.Create("minutes", "30"), KeyValuePair.Create("focus", focus)]);
        Assert.Equal(isWrong, told.Wrong.ContainsKey("focus"));
    }
}
