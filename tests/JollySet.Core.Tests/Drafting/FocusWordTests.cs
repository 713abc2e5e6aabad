using JollySet.Core.Balance;
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
}
