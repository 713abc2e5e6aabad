using System.Collections.Immutable;
using CsCheck;
using JollySet.Core.Edits;
using JollySet.Core.Moves;
using JollySet.Core.Ordering;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Solving;

namespace JollySet.Core.Tests.Ordering;

/// <summary>The best order of stations: exact against every order there is, and what has to stay stays.</summary>
public class OrderTests
{
    private static readonly ImmutableArray<string> Moves = [.. MoveLibrary.Shipped.All.Where(m => m.Pattern is not (Pattern.Stretch or Pattern.Mobility)).Select(m => m.Name)];

    private static readonly Gen<ClassPlan> Blocks = Gen.Select(Gen.Int[0, Moves.Length - 1].Array[2, 6], Gen.Int[1, 3], (picks, rounds) =>
        Sheet.Read(Sheet.OneBlock($"circuit, {rounds} rounds, work 40, rest 20", [.. picks.Select(i => Moves[i])])));

    private static ClassPlan Loft(params string[] lines) => Sheet.Read(Sheet.OneBlock("circuit, work 40, rest 20", lines));

    private static OrderAnswer Best(ClassPlan plan, string? block = "A", OrderWeights? weights = null) =>
        new BestOrder().Order(OrderRequest.Of(plan, block) with { Weights = weights ?? new OrderWeights() });

    private static IEnumerable<ImmutableArray<int>> Orders(int n) => n == 0
        ? [[]]
        : Orders(n - 1).SelectMany(o => Enumerable.Range(0, n).Select(at => o.Insert(at, n - 1)));

    [Fact]
    public void No_order_there_is_costs_less() => Blocks.Sample(
        plan =>
        {
            var problem = OrderProblems.Of(OrderRequest.Of(plan, "A")).Problem!;
            var least = Orders(problem.Count).Min(o => problem.CostOf(o));
            var answer = Best(plan);
            Assert.Equal(least, answer.CostAfter);
            Assert.True(answer.Proven);
            Assert.True(answer.CostAfter <= answer.CostBefore);
        },
        iter: 60);

    [Fact]
    public void The_solver_for_many_finds_the_same_and_its_bound_is_below() => Blocks.Sample(
        plan =>
        {
            var answer = new BestOrder(exactUpTo: 1).Order(OrderRequest.Of(plan, "A"));
            Assert.Equal(Best(plan).CostAfter, answer.CostAfter);
            Assert.True(answer.LeastPossible <= answer.CostAfter);
        },
        iter: 8);

    [Fact]
    public void An_order_is_the_same_stations_and_is_undone_by_ordering_back() => Blocks.Sample(
        plan =>
        {
            if (Best(plan).Edit is not { } edit)
                return;
            var after = edit.Apply(plan).Plan!;
            Assert.Equal(plan.Blocks[0].Stations.Select(SheetWriter.WriteStation).Order(StringComparer.Ordinal), after.Blocks[0].Stations.Select(SheetWriter.WriteStation).Order(StringComparer.Ordinal));
            Assert.Equal(TimelineBuilder.Build(plan).Length, TimelineBuilder.Build(after).Length);
            Assert.Null(Best(after).Edit);
        },
        iter: 40);

    [Fact]
    public void By_hand_jumps_first_floor_together_core_last()
    {
        var names = Best(Loft("plank", "squat", "dead bug", "push-up", "jump squat", "bent-over row")).Order.Select(i => i.Name).ToList();
        Assert.Equal("jump squat", names[0]);
        Assert.Equal(["dead bug", "plank"], names.TakeLast(2).Order());
        Assert.Equal("push-up", names[3]);
    }

    [Fact]
    public void Sparing_the_floor_and_sparing_the_kit_shift_the_order()
    {
        var plan = Loft("push-up", "goblet squat [heavy]", "floor press [heavy]", "squat", "plank", "Romanian deadlift [heavy]", "glute bridge", "biceps curl [light]");
        decimal Of(string name, OrderWeights weights) => Best(plan, weights: weights).Measures.Single(m => m.Name == name).After;
        Assert.True(Of("Down to the floor or up", new OrderWeights(0, 10, 0)) <= Of("Down to the floor or up", new OrderWeights(10, 0, 0)));
        Assert.True(Of("Changes of kit", new OrderWeights(0, 0, 10)) < Of("Changes of kit", new OrderWeights(10, 0, 0)));
    }

    [Fact]
    public void Pins_and_pairs_are_kept()
    {
        var plan = Loft("plank", "squat", "dead bug", "push-up", "jump squat", "bent-over row");
        var request = OrderRequest.Of(plan, "A") with { Pins = [("A", 1)], Pairs = [("A", 3)] };
        foreach (var orderer in new[] { new BestOrder(), new BestOrder(exactUpTo: 1) })
        {
            var numbers = orderer.Order(request).Order.Select(i => i.Number).ToList();
            Assert.Equal(1, numbers[0]);
            Assert.Equal(4, numbers[numbers.IndexOf(3) + 1]);
        }
    }

    [Fact]
    public void The_main_part_exchanges_stations_only_between_circuits_alike()
    {
        var plan = Sheet.Read("# T\n== A (circuit, work 40, rest 20, after 60)\nplank\ndead bug\nsquat\n== B (circuit, work 40, rest 20, after 60)\njump squat\npush-up\n== C (superset contrast, 3 rounds, rest 60)\ngoblet squat 30s\njump squat 10s\n");
        var answer = Best(plan, block: null);
        Assert.True(answer.Proven);
        var after = answer.Edit!.Apply(plan).Plan!;
        Assert.Equal(plan.Blocks[2].Stations.Select(SheetWriter.WriteStation), after.Blocks[2].Stations.Select(SheetWriter.WriteStation));
        Assert.Contains(after.Blocks[0].Stations, s => s.Doing is OneMove { Name: "jump squat" });
    }

    [Fact]
    public void An_order_is_refused_once_a_station_has_come_or_gone_and_travels_as_text()
    {
        var plan = Loft("plank", "squat", "push-up");
        var edit = (PutInOrder)Best(plan).Edit!;
        Assert.Equal(SheetWriter.Write(edit.Apply(plan).Plan!), SheetWriter.Write(PutInOrder.Read(edit.Write())!.Apply(plan).Plan!));
        var changed = new SetStationPart(plan.Find("A")!.Stations[0].Id, "amount", "50s").Apply(plan).Plan!;
        Assert.Contains("50s", SheetWriter.Write(edit.Apply(changed).Plan!), StringComparison.Ordinal);
        Assert.Null(edit.Apply(new RemoveStation(plan.Find("A")!.Stations[0].Id).Apply(plan).Plan!).Plan);
        Assert.Null(edit.Apply(new AddStation(plan.Find("A")!.Id, "lunge").Apply(plan).Plan!).Plan);
        foreach (var odd in new[] { "[[\"A\"]]", "[null]", "[[1,2],[1,2]]", "{", "[[1]]" })
            Assert.Null(PutInOrder.Read(odd));
    }

    [Theory]
    [InlineData("Z", "no block")]
    [InlineData("Warm", "no stations of the main part")]
    public void What_cannot_be_ordered_says_why(string block, string sentence) =>
        Assert.Contains(sentence, Best(Sheet.Read("# T\n== Warm (prepare)\nsquat 30s\n== A (circuit, work 40)\nsquat\nplank\n"), block).Why, StringComparison.Ordinal);

    [Fact]
    public void The_neighbour_search_never_costs_more_than_what_stands() => Blocks.Sample(
        plan =>
        {
            var problem = OrderProblems.Of(OrderRequest.Of(plan, "A")).Problem!;
            var found = LocalOrder.From(problem);
            Assert.Equal(Enumerable.Range(0, problem.Count), found.Order());
            Assert.True(problem.CostOf(found) <= problem.CostOf([.. Enumerable.Range(0, problem.Count)]));
        },
        iter: 60);

    [Fact]
    public void The_cost_of_an_order_by_hand()
    {
        // Squat after squat: quads 1, glutes 0.5 and adductors 0.5 come again, at most 2 × 50; lower after lower 20. One place each: big moves late 0 and 30.
        var problem = OrderProblems.Of(OrderRequest.Of(Loft("squat", "squat"), "A")).Problem!;
        Assert.Equal(100 + 20 + 30, problem.CostOf([0, 1]));
        // Three rounds count the step three times and the seam twice.
        var rounds = OrderProblems.Of(OrderRequest.Of(Sheet.Read(Sheet.OneBlock("circuit, 3 rounds, work 40, rest 20", "squat", "squat")), "A")).Problem!;
        Assert.Equal((5 * 120) + 30, rounds.CostOf([0, 1]));
    }

    [Fact]
    public void What_stands_before_the_block_counts_for_less()
    {
        var alone = OrderProblems.Of(OrderRequest.Of(Loft("plank", "squat"), "A")).Problem!;
        var after = OrderProblems.Of(OrderRequest.Of(Sheet.Read("# T\n== W (prepare)\nsquat 40s\n== A (circuit, work 40, rest 20)\nplank\nsquat\n"), "A")).Problem!;
        // From the squat down to the plank: a change of level, 50 × 0.3.
        Assert.Equal(15, after.Place[0, 0] - alone.Place[0, 0]);
    }
}
