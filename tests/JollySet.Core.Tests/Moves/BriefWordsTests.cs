using System.Collections.Immutable;
using JollySet.Core.Balance;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using Xunit;

namespace JollySet.Core.Tests.Moves;

/// <summary>What people call needs, kit, people, goals and regions.</summary>
public class BriefWordsTests
{
    [Theory]
    [InlineData("bad knees", "knees")]
    [InlineData("Sore wrists", "wrists")]
    [InlineData("can't get down", "no floor")]
    [InlineData("low impact", "no jumping")]
    [InlineData("chair based", "seated")]
    [InlineData("high blood pressure", "blood pressure")]
    public void A_need_is_judged_in_whatever_words(string said, string need)
    {
        Assert.Equal(need, Needs.Named(said));
        Assert.NotEqual(NeedKind.Unknown, Needs.KindOf(said));
    }

    [Theory]
    [InlineData("DBs", "dumbbells")]
    [InlineData("KBs", "kettlebell")]
    [InlineData("resistance bands", "band")]
    [InlineData("some chairs", "chair")]
    public void Kit_in_whatever_words(string said, string item) => Assert.Equal(item, BriefWords.Kit(said));

    [Fact]
    public void People_goals_and_regions()
    {
        Assert.Equal(["older adults"], BriefWords.Audience("over-sixties").AsEnumerable());
        Assert.Equal("muscle", BriefWords.Goal("toning"));
        Assert.Equal(["glutes", "abs"], BriefWords.Focus("Bums & tums").AsEnumerable());
        Assert.Null(BriefWords.Need("purple"));
    }

    [Theory]
    [InlineData("bums and tums", Muscle.Glutes)]
    [InlineData("back", Muscle.Lats)]
    [InlineData("hammies", Muscle.Hamstrings)]
    [InlineData("leg day", Muscle.Quads)]
    public void A_focus_is_judged_in_whatever_words(string focus, Muscle covered)
    {
        var judged = Focus.Of(new Brief { Focus = [focus] });
        Assert.True(judged.IsJudged && judged.Covers(covered));
        Assert.False(judged.Covers(Muscle.Triceps));
    }
}
