using CsCheck;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Plans;

public sealed class LengthTests
{
    [Fact]
    public void It_is_made_and_read_by_unit()
    {
        var length = Length.Seconds(92.5m);
        Assert.Equal((925, 92.5m, 92, 92_500L), (length.InTenths, length.InSeconds, length.InWholeSeconds, length.InMilliseconds));
        Assert.Equal(Length.Seconds(90), Length.Minutes(1.5m));
        Assert.Equal("92.5", length.ToString());
    }

    [Theory]
    [InlineData(0.04, 0)]
    [InlineData(0.05, 1)]
    [InlineData(-0.05, -1)]
    [InlineData(6.25, 63)]
    public void Seconds_go_to_the_nearest_tenth_halves_up(double seconds, int tenths) => Assert.Equal(tenths, Length.Seconds((decimal)seconds).InTenths);

    [Theory]
    [InlineData(91, 5, 95, 90)]
    [InlineData(90, 5, 90, 90)]
    [InlineData(0, 5, 0, 0)]
    public void It_is_rounded_up_and_down_to_whole_steps(int seconds, int step, int up, int down) =>
        Assert.Equal((up, down), (Length.Seconds(seconds).UpTo(step).InWholeSeconds, Length.Seconds(seconds).DownTo(step).InWholeSeconds));

    [Fact]
    public void What_no_class_can_hold_is_cut_and_never_overflows()
    {
        var most = Length.Seconds(decimal.MaxValue / 100);
        Assert.True(most > Limits.Class * 10);
        Assert.Equal(most, most * 1_000_000m);
        Assert.Equal(-most, Length.Seconds(decimal.MinValue / 100));
    }

    [Fact]
    public void It_adds_and_compares_as_its_tenths_do() => Gen.Select(Gen.Int[-100_000, 100_000], Gen.Int[-100_000, 100_000]).Sample((a, b) =>
    {
        var (x, y) = (Length.Tenths(a), Length.Tenths(b));
        Assert.Equal((a + b, a - b, Math.Max(a, b), Math.Min(a, b), Math.Abs(a - b)), ((x + y).InTenths, (x - y).InTenths, Length.Max(x, y).InTenths, Length.Min(x, y).InTenths, Length.Apart(x, y).InTenths));
        var less = x < y;
        var more = x > y;
        Assert.Equal([a < b, b < a], new[] { less, more });
        Assert.Equal(a.CompareTo(b), x.CompareTo(y));
        Assert.True((x <= y) == !more && (x >= y) == !less);
        Assert.Equal(new[] { a, b, b }.Sum(), new[] { x, y, y }.Sum().InTenths);
    });
}
