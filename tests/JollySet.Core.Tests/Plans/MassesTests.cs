using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Plans;

public class MassesTests
{
    private static readonly HouseRules Pounds = HouseRules.Shipped.Set("weight.unit", 1);

    [Theory]
    [InlineData("8 kg dumbbells", "17.5 lb dumbbells")]
    [InlineData("2.5kg", "5.5 lb")]
    [InlineData("12 people, 20 kg and 4 kg", "12 people, 44 lb and 9 lb")]
    [InlineData("kg of rice", "kg of rice")]
    [InlineData("8 kgs", "8 kgs")]
    [InlineData("999999999 kg", "999999999 kg")]
    public void Masses_are_told_as_the_studio_weighs(string written, string told)
    {
        Assert.Equal(told, Masses.Told(written, Pounds));
        Assert.Equal(written, Masses.Told(written, HouseRules.Shipped));
    }

    [Fact]
    public void What_is_said_in_pounds_comes_back_within_a_quarter_of_a_pound()
    {
        for (var kilograms = 0.5m; kilograms < 100; kilograms += 0.5m)
        {
            var said = decimal.Parse(Masses.Said(kilograms, Pounds)[..^3], System.Globalization.CultureInfo.InvariantCulture);
            Assert.True(Math.Abs(Masses.Kilograms(said, Pounds) - kilograms) <= 0.25m * Masses.KilogramsOfAPound);
        }
    }

    [Fact]
    public void A_unit_is_one_of_two() => Assert.Throws<ArgumentOutOfRangeException>(() => HouseRules.Shipped.Set("weight.unit", 0.5m));
}
