using System.Net;
using AngleSharp.Dom;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

/// <summary>What could stand in the place of a station or a block: listed where it is asked, put in with one press, undone with one.</summary>
public sealed class SwapTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Id => app.Demo("Ferry Half Hour").Id;

    private ClassPlan Plan => app.Shelf.Get(Id)!.Plan;

    [Fact]
    public async Task One_of_five_others_is_put_in_a_stations_place_and_taken_back()
    {
        var before = SheetWriter.Write(Plan);
        var station = Plan.Find("Harbour wall")!.Stations[0];
        var page = await app.Get($"/plan/{Id}?block={Plan.Find("Harbour wall")!.Id}&swap={station.Id}");
        var list = page.QuerySelector($"#swaps-{station.Id} form")!;
        Assert.Equal(5, list.QuerySelectorAll("li").Length);
        Assert.All(list.QuerySelectorAll(".swap-says"), s => Assert.Matches("same length|longer|shorter", s.TextContent));
        var first = list.QuerySelector("button[name=line]")!;
        await app.Submit(list, ("line", first.GetAttribute("value")!));
        Assert.StartsWith(first.GetAttribute("value"), SheetWriter.WriteStation(Plan.FindStation(station.Id)!.Value.Block.Stations[0]), StringComparison.Ordinal);
        Assert.Contains($"in place of {station.Doing.MoveNames().First()}", (await app.Get($"/plan/{Id}")).QuerySelector(".last-change")!.TextContent, StringComparison.OrdinalIgnoreCase);
        await app.Submit((await app.Get($"/plan/{Id}")).QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal(before, SheetWriter.Write(Plan));
    }

    [Fact]
    public async Task One_of_three_other_blocks_is_put_in_a_blocks_place()
    {
        var (block, length) = (Plan.Find("Harbour wall")!, TimelineBuilder.Build(Plan).Length);
        var list = (await app.Get($"/plan/{Id}?block={block.Id}&swap-block=true")).QuerySelector("#others form")!;
        Assert.Equal(3, list.QuerySelectorAll("li").Length);
        await app.Submit(list, ("text", list.QuerySelector("button[name=text]")!.GetAttribute("value")!));
        Assert.NotEqual(block.Stations.SelectMany(s => s.Doing.MoveNames()), Plan.Find("Harbour wall")!.Stations.SelectMany(s => s.Doing.MoveNames()));
        Assert.InRange((TimelineBuilder.Build(Plan).Length - length).InSeconds, -15, 15);
    }

    [Fact]
    public async Task A_station_or_block_that_is_gone_has_no_list()
    {
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync($"/plan/{Id}?handler=swaps&station=9999")).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync($"/plan/{Id}?handler=swapblocks&block=9999")).StatusCode);
        Assert.Empty((await app.Get($"/plan/{Id}?swap=9999")).QuerySelectorAll(".swaps form"));
    }

    [Fact]
    public async Task What_is_to_be_chosen_is_chosen_with_a_press()
    {
        var id = app.Demo("Either Bank").Id;
        var page = await app.Get($"/plan/{id}");
        var finding = page.QuerySelectorAll(".finding").First(f => f.TextContent.Contains("has no move yet", StringComparison.Ordinal));
        Assert.Contains("puts the push there", finding.TextContent, StringComparison.Ordinal);
        await app.Submit(finding.QuerySelector("form")!, ("do", "fix"));
        Assert.DoesNotContain(app.Shelf.Get(id)!.Plan.Blocks.SelectMany(b => b.Stations), s => s.Doing is ToBeChosen);
    }
}
