using JollySet.Core.Cards;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What people say somebody cannot do is heard as the need it is, wherever on a card it stands.</summary>
public class CardSpokenLimitTests
{
    private static readonly string[] Places = ["Quay\nSome {0}.\nmarch 2 min\nshoulder rolls x8", "Quay – two people {0}\nmarch 2 min\nshoulder rolls x8", "Quay\nCircuit 40/20 x 2\nmarch\nsquats\nNB: one lady {0}", "Quay\n(2 {0})\nCircuit 40/20 x 2\nmarch\nsquats", "Quay\nCircuit 40/20 x 2 - some {0}\nmarch\nsquats"];

    [Theory]
    [InlineData("no floor", "can't get up without help", "struggle to get up", "cannot get up from the floor", "need help getting up", "have trouble getting up", "find it hard to get up", "struggle getting up and down", "find getting up hard", "not able to get down", "can't do the floor", "don't do floor work")]
    [InlineData("no jumping", "can't jump", "must not jump", "don't want to jump", "can't do impact")]
    [InlineData("shoulders", "can't lift arms overhead", "can't reach overhead", "can't raise her arm")]
    [InlineData("balance", "have poor balance", "wobbly on one leg", "unsteady on their feet", "balance not good")]
    [InlineData("wrists", "can't put weight on their hands", "can't bear weight on wrists")]
    [InlineData("knees", "have had a knee replaced", "had her knee done last year", "struggle with their knees", "hurt her left knee")]
    [InlineData("low back", "slipped disc", "has sciatica", "back goes out")]
    public void It_is_heard(string need, params string[] said)
    {
        var missed = from way in said from place in Places where !CardReader.Read(string.Format(null, place, way))!.Plan.Brief.Needs.Contains(need) select string.Format(null, place, way);
        Assert.Empty(missed);
    }

    [Theory]
    [InlineData("can't get up early so 7am")]
    [InlineData("get up and shake it off")]
    [InlineData("get down low in the squat")]
    [InlineData("lift arms overhead slowly")]
    [InlineData("if you can't jump just step it")]
    [InlineData("hop on the bikes after")]
    [InlineData("balance work at the end")]
    [InlineData("we struggle to finish on time so be quick")]
    [InlineData("hold a balance disc")]
    [InlineData("have shoulders done by half past")]
    [InlineData("get the back done first")]
    public void A_cue_or_a_remark_is_none(string said) =>
        Assert.Empty(CardReader.Read($"Quay\nCircuit 40/20 x 2\nmarch\nsquats\n{said}")!.Plan.Brief.Needs);
}
