using System.Reflection;
using JollySet.Core.Cards;
using Xunit;

namespace JollySet.Core.Tests.Cards;

public class CardShadowTests
{
    private const BindingFlags All = BindingFlags.Static | BindingFlags.Instance | BindingFlags.Public | BindingFlags.NonPublic | BindingFlags.DeclaredOnly;

    [Fact]
    public void No_member_of_the_reader_hides_a_phrase_it_takes_by_name()
    {
        var phrases = typeof(CardReader).Assembly.GetType("JollySet.Core.Cards.CardPhrases", throwOnError: true)!.GetProperties(All).Select(p => p.Name).ToHashSet();
        var hiding = typeof(CardReader).GetMembers(All).Select(m => m.Name).Where(phrases.Contains).ToList();
        Assert.True(phrases.Count > 100 && hiding.Count == 0, string.Join(", ", hiding));
    }
}
