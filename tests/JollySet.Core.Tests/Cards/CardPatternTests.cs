using System.Text.RegularExpressions;
using JollySet.Core.Cards;

namespace JollySet.Core.Tests.Cards;

public class CardPatternTests
{
    private const string Text = "3 rounds of squats, 40 s work / 20 s rest";

    private static CardPattern Times(CardPattern.Places? places = null) => new(@"(?<n>[0-9]+)\s*S\b", RegexOptions.IgnoreCase, places ?? new(1));

    [Fact]
    public void A_pattern_that_is_looked_for_now_and_then_is_not_compiled()
    {
        var times = Times();
        for (var look = 1; look < CardPattern.Often; look++)
            Assert.True(times.IsMatch(Text));
        Assert.False(times.IsCompiled);
    }

    [Fact]
    public void One_that_is_looked_for_often_is_compiled_by_and_by_and_finds_the_same()
    {
        var times = Times();
        string[] Found() => [.. times.Matches(Text).Select(m => m.Groups["n"].Value), times.Match(Text, 25).Value, times.Replace(Text, "!"), times.Replace(Text, m => $"<{m.Groups["n"].Value}>", 1), .. times.Split(Text), $"{times.Count(Text)}"];
        var interpreted = Found();
        Assert.Equal(["40", "20", "20 s"], interpreted[..3]);
        Assert.Equal("3 rounds of squats, <40> work / 20 s rest", interpreted[4]);
        for (var look = 0; look < CardPattern.Often; look++)
            times.IsMatch(Text);
        // It is made beside this, whenever the machine comes to it.
        Assert.True(SpinWait.SpinUntil(() => times.IsCompiled, TimeSpan.FromMinutes(2)));
        Assert.Equal(interpreted, Found());
    }

    [Fact]
    public void Many_threads_that_look_at_once_find_the_same_while_it_is_compiled()
    {
        var times = Times();
        Parallel.For(0, 20 * CardPattern.Often, _ => Assert.Equal(2, times.Count(Text)));
    }

    [Fact]
    public void Where_no_place_is_left_it_stays_as_it_is()
    {
        var places = new CardPattern.Places(1);
        var (first, second) = (Times(places), Times(places));
        foreach (var times in new[] { first, second })
            for (var look = 0; look < CardPattern.Often; look++)
                times.IsMatch(Text);
        Assert.True(SpinWait.SpinUntil(() => first.IsCompiled, TimeSpan.FromMinutes(2)));
        Assert.False(second.IsCompiled);
        Assert.Equal(2, second.Count(Text));
    }
}
