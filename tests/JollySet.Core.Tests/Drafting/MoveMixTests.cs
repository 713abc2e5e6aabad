using System.Collections.Immutable;
using CsCheck;
using JollySet.Core.Balance;
using JollySet.Core.Drafting;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Drafting;

/// <summary>The choice of moves compares like with like.</summary>
public class MoveMixTests
{
    private static readonly ImmutableArray<Move> Moves = [.. MoveLibrary.Shipped.All.Where(m => m.Pattern is not (Pattern.Stretch or Pattern.Mobility))];

    [Fact]
    public void No_single_swap_betters_a_finished_choice() => Gen.Select(Gen.Int[1, 9999], Gen.Int[2, 9], Gen.Int[12, 40], Gen.Bool).Sample(
        (seed, places, candidates, linked) =>
        {
            var chance = new Random(seed);
            ImmutableArray<(Move Move, double Price)> pool = [.. Moves.OrderBy(_ => chance.Next()).Take(candidates).Select(m => (m, (chance.NextDouble() * 6) - 2)).OrderBy(m => m.Item2)];
            ImmutableArray<MoveMix.Slot> slots = [.. Enumerable.Range(0, places).Select(i => new MoveMix.Slot(120, linked && i % 2 == 1 ? School.Opposing : null))];
            var focus = Focus.Of(new Brief { Focus = ["full body"] });
            var wants = Wants.Of(DraftRequest.Of(new Brief(30) { Kit = ["light dumbbells"] }), places, [.. pool.Select(p => p.Move)]);
            var chosen = MoveMix.Choose(pool, slots, focus, HouseRules.Shipped, wants, seed)!.Value;
            var (now, least) = MoveMix.Judged(pool, slots, focus, HouseRules.Shipped, wants, chosen);
            Assert.True(least >= now - 1e-6, $"{now} could be {least}");
        },
        iter: 300);

    [Theory]
    [InlineData("goblet squat", true)]
    [InlineData("bent-over row", true)]
    [InlineData("push-up", true)]
    [InlineData("squat to press", false)]
    [InlineData("single-leg deadlift", false)]
    [InlineData("crunch", false)]
    [InlineData("wall push-up", false)]
    public void A_class_opens_with_a_plain_staple(string move, bool opens) =>
        Assert.Equal(opens, Wants.Opens(MoveLibrary.Shipped.Find(move)!, Focus.Of(new Brief()), null));

    [Theory]
    [InlineData("goblet squat", "newcomer", "light dumbbells, heavy dumbbells", "Heavy")]
    [InlineData("sumo squat", "newcomer", "light dumbbells, heavy dumbbells", "Light")]
    [InlineData("lateral raise", "strong", "light dumbbells, heavy dumbbells", "Light")]
    [InlineData("bent-over row", "strong", "moderate dumbbells", "Moderate")]
    [InlineData("bent-over row", "newcomer", "two bottles", "Light")]
    [InlineData("deadlift", "strong", "barbell", "Heavy")]
    [InlineData("squat", "strong", "mat", null)]
    public void A_load_is_what_is_listed_and_newcomers_may_lift(string move, string audience, string kit, string? level)
    {
        Assert.True(Loads.TryOf(MoveLibrary.Shipped.Find(move)!, new Brief { Audience = [audience == "strong" ? Audience.Strong : Audience.Newcomer], Kit = [.. kit.Split(", ")] }, out var load));
        Assert.Equal(level, load?.ToString());
    }
}
