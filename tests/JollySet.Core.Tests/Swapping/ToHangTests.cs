using JollySet.Core.Moves;
using JollySet.Core.Options;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;
using Xunit;

namespace JollySet.Core.Tests.Swapping;

/// <summary>Moves to hang on the line that a class does not have yet.</summary>
public class ToHangTests
{
    private static readonly Timeline Class = TimelineBuilder.Build(Sheet.Read("""
        # T
        needs: wrists, no jumping
        kit: dumbbells, mat
        == A (circuit, 2 rounds, work 40, rest 20)
        goblet squat
        bent-over row
        """));

    [Fact]
    public void They_suit_the_class_are_not_in_it_and_of_every_family_the_common_ones()
    {
        var families = ToHang.For(Class);

        Assert.Equal(Enum.GetValues<Family>(), families.Select(f => f.Family));
        Assert.All(families, f => Assert.InRange(f.Moves.Length, 1, ToHang.OfAFamily));
        Assert.All(families, f => Assert.All(f.Moves, m => Assert.Equal(f.Family, m.Family)));
        var all = families.SelectMany(f => f.Moves).ToList();
        Assert.DoesNotContain(all, m => m.Name is "goblet squat" or "bent-over row" or "push-up" or "squat jump" || m.Kit.Contains("barbell"));
        Assert.All(families, f => Assert.Equal(f.Moves.Select(m => m.Tags.Staple).OrderDescending(), f.Moves.Select(m => m.Tags.Staple)));
    }

    [Fact]
    public void What_is_asked_for_is_found_whether_it_suits_or_not()
    {
        var found = ToHang.For(Class, "push-up").SelectMany(f => f.Moves).ToList();

        Assert.Contains(found, m => m.Name == "push-up");
        Assert.All(ToHang.For(Class, "hinge").SelectMany(f => f.Moves), m => Assert.NotEqual(Family.Push, m.Family));
        Assert.Empty(ToHang.For(Class, "zzzz qqqq"));
    }
}
