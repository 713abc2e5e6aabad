using JollySet.Core.Drafting;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Core.Tests.Drafting;

/// <summary>Three drafts to compare, blocks of one taken into another, and what is offered where there is none.</summary>
public class DraftsTests
{
    private static readonly Studio Room = Studio.Shipped;

    private static DraftRequest Asked(string lines, DraftFormat format = DraftFormat.Circuit) =>
        DraftRequest.Of(DraftTold.Read(lines.Split('\n').Select(l => l.Split(": ")).Select(p => KeyValuePair.Create(p[0], p[1]))).Brief!, format);

    private static DraftRequest Usual => Asked("minutes: 30\nfocus: full body\naudience: newcomer, regular\nkit: mat, light dumbbells, heavy dumbbells");

    private static string Kind(Draft draft) =>
        string.Join(' ', draft.Plan!.Blocks.Where(b => b.IsMain).Select(b => $"{Words.FormatName(b.Format)} {b.Stations.Length}x{b.RoundCount}"));

    private static HashSet<string> MovesOf(Draft draft) => [.. draft.Plan!.Blocks.Where(b => b.IsMain).SelectMany(b => b.Stations).SelectMany(s => s.Doing.MoveNames())];

    [Theory]
    [InlineData("minutes: 30\nfocus: full body\naudience: newcomer, regular\nkit: mat, light dumbbells, heavy dumbbells", DraftFormat.Circuit)]
    [InlineData("minutes: 45\nfocus: upper body\ngoal: muscle\naudience: regular, strong\nkit: mat, light dumbbells, heavy dumbbells, band", DraftFormat.Supersets)]
    [InlineData("minutes: 20\nfocus: full body\naudience: older adults\nneeds: balance\nkit: chair, light dumbbells", DraftFormat.Circuit)]
    public void Three_differ_in_kind_and_each_is_on_time(string lines, DraftFormat format)
    {
        var drafts = Drafts.Of(Asked(lines, format), Room);
        Assert.Equal(Drafts.Compared, drafts.Made.Length);
        Assert.Equal(3, drafts.Made.Select(m => Kind(m.Draft)).Distinct().Count());
        Assert.All(drafts.Made, m => Assert.InRange((TimelineBuilder.Build(m.Draft.Plan!, Room).Length - Length.Minutes(m.Request.Brief.Minutes!.Value)).InSeconds, -60, 30));
        Assert.NotEqual(drafts.Made[0].Request.Format, drafts.Made[2].Request.Format);
    }

    [Fact]
    public void A_block_of_another_takes_the_place_of_one_and_the_ends_fit_it()
    {
        var drafts = Drafts.Of(Usual, Room);
        var theirs = drafts.Made[2].Draft.Plan!.Blocks.First(b => b.IsMain);
        var mixed = drafts.With(1, [$"A<3.{theirs.Name}"], Room);
        var there = mixed.Plan!.Find("A")!;
        Assert.Equal(theirs.Stations.SelectMany(s => s.Doing.MoveNames()), there.Stations.SelectMany(s => s.Doing.MoveNames()));
        Assert.Equal(theirs.Format.GetType(), there.Format.GetType());
        Assert.Equal(drafts.Made[0].Draft.Plan!.Blocks.Count(b => b.IsMain), mixed.Plan.Blocks.Count(b => b.IsMain));
        Assert.IsType<PrepareFormat>(mixed.Plan.Blocks.First(b => !b.IsWords).Format);
        Assert.Contains(mixed.Reasons, r => r is { Block: "A", Station: 1 });
        Assert.Equal(mixed.Plan.Blocks.Sum(b => b.Stations.Length), mixed.Plan.Blocks.SelectMany(b => b.Stations).Select(s => s.Id).Distinct().Count());
    }

    [Fact]
    public void Another_move_takes_a_place_and_the_ends_fit_it()
    {
        var drafts = Drafts.Of(Usual, Room);
        var was = drafts.Made[0].Draft.Plan!.Find("A")!;
        var other = JollySet.Core.Swapping.Swaps.For(TimelineBuilder.Build(drafts.Made[0].Draft.Plan!, Room), was.Stations[1].Id)[0].Move;
        var swapped = drafts.With(1, [$"A:2={other.Name}"], Room);
        var there = swapped.Plan!.Find("A")!;
        Assert.Equal(other.Name, Assert.IsType<OneMove>(there.Stations[1].Doing).Name);
        Assert.Equal(was.Stations.RemoveAt(1).SelectMany(s => s.Doing.MoveNames()), there.Stations.RemoveAt(1).SelectMany(s => s.Doing.MoveNames()));
        Assert.Contains(swapped.Reasons, r => r is { Block: "A", Station: 2 });
        Assert.InRange((TimelineBuilder.Build(swapped.Plan, Room).Length - Length.Minutes(30)).InSeconds, -60, 60);
    }

    [Theory]
    [InlineData("")]
    [InlineData("A")]
    [InlineData("A:0=squat")]
    [InlineData("A:99=squat")]
    [InlineData("A:1=no such move")]
    [InlineData("Warm-up:1=squat")]
    [InlineData("A<9.A")]
    [InlineData("Z<2.A")]
    [InlineData("A<2.Warm-up")]
    [InlineData("A<x.<<..")]
    public void What_names_no_block_changes_nothing(string taken)
    {
        var drafts = Drafts.Of(Usual, Room);
        Assert.Equal(MovesOf(drafts.Made[0].Draft), MovesOf(drafts.With(1, [taken], Room)));
        Assert.Equal(MovesOf(drafts.Made[0].Draft), MovesOf(drafts.With(7, [taken], Room)));
    }

    [Fact]
    public void Where_no_class_can_be_made_the_line_in_the_way_is_named_and_what_would_do()
    {
        var drafts = Drafts.Of(Asked("minutes: 10\ngoal: power\naudience: older adults\nneeds: seated, no jumping\nfocus: biceps"), Room);
        Assert.Null(drafts.Made.Single().Draft.Plan);
        var near = Assert.IsType<NearestBrief>(drafts.Nearest);
        Assert.Equal("The minutes stand in the way: with 15 a class can be made.", near.Says);
        Assert.NotNull(Drafter.Make(near.Request, Room).Plan);
        Assert.Equal(["no jumping", "seated"], near.Request.Brief.Needs.Order());
    }

    [Fact]
    public void Where_only_another_format_comes_out_that_is_said()
    {
        var drafts = Drafts.Of(Asked("minutes: 10\nfocus: calves\nneeds: seated, no jumping", DraftFormat.Trios), Room);
        Assert.NotNull(Assert.Single(drafts.Made).Draft.Plan);
        Assert.Equal("The format stands in the way: no trios come out of this brief, but circuits do.", drafts.Nearest!.Says);
    }

    [Fact]
    public void A_search_that_is_stopped_ends_with_what_it_has()
    {
        using var stop = new CancellationTokenSource();
        stop.Cancel();
        Assert.NotEmpty(Drafts.Of(Usual, Room, stop: stop.Token).Made);
    }
}
