using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>A class that is spoken to a telephone: one long line with no sign in it.</content>
public partial class CardSayingTests
{
    [Fact]
    public void A_class_that_is_dictated() =>
        Holds(from opens in new[] { "start with a 5 minute warm up", "okay so first a five minute warm up", "warm up for 5 minutes", "we start with five minutes of warming up" }
              from then in new[] { "then", "and then", "next", "after that", "followed by", "then we do" }
              from block in new[] { "3 rounds of {0} 40 seconds on 20 seconds off", "three rounds of {0} forty seconds on twenty off", "{0} 40 seconds each with 20 seconds rest 3 times through", "{0} for 40 seconds each 20 seconds rest 3 rounds", "three times through {0} forty seconds on and twenty seconds off" }
              from moves in new[] { "squats rows and press ups", "squats rows press ups" }
              from between in new[] { "", " with a minute rest between rounds", " with a minute between rounds" }
              from ends in new[] { "then finish with 5 minutes of stretching", "and then cool down for five minutes", "after that we end with a 5 minute stretch" }
              select $"{opens} {then} {string.Format(Invariant, block, moves)}{between} {ends}",
            line => $"{line}\n", line => $"(circuit, 3 rounds, work 40, rest 20{(line.Contains(" between ", StringComparison.Ordinal) ? ", between 60" : "")})\nsquats\nrows\npress ups\n", every: 7, twice: "(own 300s)");

    [Theory]
    [InlineData("okay so tomorrow's class is forty five minutes starting with a five minute warm up then three rounds of squats press ups and rows forty seconds on twenty seconds off then a two minute water break then three rounds of goblet squats plank and burpees thirty seconds on fifteen off and then we finish with five minutes of stretching", "(circuit, 3 rounds, work 40, rest 20, after 120 water)\nsquats\npress ups\nrows\n")]
    [InlineData("okay so tomorrow's class is forty five minutes starting with a five minute warm up then three rounds of squats press ups and rows forty seconds on twenty seconds off", "minutes: 45\n")]
    [InlineData("warm up for 5 minutes then 10 squats 10 press ups 10 rows 3 rounds then cool down for 5 minutes", "(circuit, 3 rounds)\nsquats x10\npress ups x10\nrows x10\n")]
    public void What_is_dictated(string line, string becomes) =>
        Assert.Contains(becomes, SheetWriter.Write(CardReader.Read($"Quay\n{line}\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("start with a 5 minute warm up then squats rows and press ups but nothing jumpy for Una then cool down for 5 minutes", "nothing jumpy")]
    [InlineData("preheat the oven then mix the flour and the butter for 5 minutes then rest the dough for 20 minutes", "flour")]
    public void What_else_is_said_is_kept(string line, string kept) =>
        Assert.Contains(kept, SheetWriter.Write(CardReader.Read($"Quay\n{line}\n")!.Plan), StringComparison.Ordinal);
}
