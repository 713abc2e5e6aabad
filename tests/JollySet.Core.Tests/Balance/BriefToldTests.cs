using JollySet.Core.Balance;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Balance;

/// <summary>Whatever words a brief is written in are told back.</summary>
public class BriefToldTests
{
    [Theory]
    [InlineData("needs", "bad knees, can't get down", "understood: knees, no floor")]
    [InlineData("needs", "sore wrists, early ferry", "understood: wrists; “early ferry” is kept, but not judged")]
    [InlineData("needs", "pregnant", "understood: pregnancy, for their clinician")]
    [InlineData("kit", "DBs, light KBs, swiss ball, an anchor", "understood: dumbbells, kettlebell, stability ball; “an anchor” is kept, but not judged")]
    [InlineData("kit", "12x8kg dumbbells, filled bottles", "understood: dumbbells")]
    [InlineData("focus", "bums and tums", "understood: glutes, abs")]
    [InlineData("focus", "back, sunshine", "understood: back; “sunshine” is kept, but not judged")]
    [InlineData("audience", "beginners, over-sixties", "understood: newcomer, older adults")]
    [InlineData("goal", "hypertrophy", "understood: muscle")]
    [InlineData("place", "the sail loft", "")]
    [InlineData("needs", " , ", "")]
    public void A_line_is_told_back(string key, string value, string told) => Assert.Equal(told, BriefTold.Of(key, value));

    [Theory]
    [InlineData("needs")]
    [InlineData("kit")]
    [InlineData("focus")]
    [InlineData("audience")]
    [InlineData("goal")]
    public void Whatever_can_be_picked_is_understood(string key) =>
        Assert.All(BriefTold.Picks(key), word => Assert.DoesNotContain("not judged", BriefTold.Of(key, word), StringComparison.Ordinal));

    [Fact]
    public void A_sheet_takes_people_and_goal_in_any_words()
    {
        var brief = Sheet.Read("# T\naudience: beginners, seniors\ngoal: toning\n== A (circuit, work 40, rest 20)\nsquat\n").Brief;
        Assert.Equal([Audience.Newcomer, Audience.OlderAdults], brief.Audience.AsEnumerable());
        Assert.Equal(Goal.Muscle, brief.Goal);
        Assert.Contains("one of first-timers", Sheet.Errors("# T\naudience: sailors\n"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("DBs", "goblet squat", true)]
    [InlineData("a pair of KBs", "kettlebell swing", true)]
    [InlineData("swiss ball", "ball slam", false)]
    [InlineData("med ball", "ball slam", true)]
    [InlineData("boxes", "step-up", false)]
    public void Kit_in_any_words_is_the_kit_of_moves(string kit, string move, bool there) =>
        Assert.Equal(there, Suits.Kit(new Brief { Kit = [kit] }, MoveLibrary.Shipped.Find(move)!));
}
