using System.Net;
using System.Text.Json;
using AngleSharp.Dom;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

/// <summary>What a page that is there already gets of the bench, and what is asked and said on it.</summary>
public sealed class BenchTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Id => app.Demo("Slack Water Strength").Id;

    private ClassPlan Plan => app.Shelf.Get(Id)!.Plan;

    private Block Deck => Plan.Find("A: Deck circuit")!;

    /// <summary>A page that has nothing yet asks for all of it.</summary>
    private async Task<IDocument> Live(string query)
    {
        app.Client.DefaultRequestHeaders.Remove("X-Has-Parts");
        app.Client.DefaultRequestHeaders.Add("X-Has-Parts", "none 0");
        return await app.Get($"/plan/{Id}?{query}");
    }

    private async Task<JsonElement> Asked(string query) => JsonDocument.Parse(await app.Client.GetStringAsync(new Uri($"/plan/{Id}?{query}", UriKind.Relative))).RootElement;

    private async Task<IDocument> Posted(params (string Name, string Value)[] fields)
    {
        app.Client.DefaultRequestHeaders.Remove("X-Has-Parts");
        var page = await app.Get($"/plan/{Id}");
        var form = page.QuerySelector("#undo-form")!;
        app.Client.DefaultRequestHeaders.Add("X-Has-Parts", "none 0");
        return await App.Parse(await app.Submit(form, fields));
    }

    [Fact]
    public async Task A_station_reads_as_a_sentence_under_its_own_rope()
    {
        var row = Deck.Stations[1];
        var answer = await Live($"block={Deck.Id}&at={row.Id}&rope=1");
        var bench = answer.QuerySelector("#bench")!;
        Assert.Equal("Bent-over row, 2 of 4 in A: Deck circuit", bench.GetAttribute("aria-label"));
        Assert.Equal($"rope-{Deck.Id}-1", bench.PreviousElementSibling!.Id);
        string Word(string id) => bench.QuerySelector($"#word-{id}")!.TextContent;
        Assert.Equal("bent-over row", Word("move"));
        Assert.Equal("heavy", Word("load"));
        Assert.Equal("fine as it is", Word("for-knees"));
        Assert.Equal("2 rounds", Word("block-rounds"));
        Assert.Equal("40 s on", Word("block-work"));
        Assert.Equal("then 60 s water", Word("block-after"));
        Assert.Contains("unsaid", bench.QuerySelector("#word-amount")!.ClassName, StringComparison.Ordinal);
        Assert.Equal(bench.QuerySelectorAll("[id]").Length, bench.QuerySelectorAll("[id]").Select(e => e.Id).Distinct().Count());
        Assert.Equal("bent-over row, 2 of 4, 40 s; class 29:13 of 30:00", answer.QuerySelector("#changed-parts")!.GetAttribute("data-says"));
    }

    [Theory]
    [InlineData("block=99999&at=1&rope=1")]
    [InlineData("block=0&at=99999&rope=77")]
    [InlineData("at=-4&rope=-1")]
    public async Task A_bench_for_what_is_gone_is_no_error(string query) => Assert.NotNull((await Live(query)).QuerySelector("#changed-parts"));

    [Fact]
    public async Task Every_block_and_station_of_every_demo_class_can_be_opened()
    {
        app.Client.DefaultRequestHeaders.Add("X-Has-Parts", "none 0");
        foreach (var kept in app.Shelf.Find().Classes)
            foreach (var block in kept.Plan.Blocks)
                foreach (var at in block.Stations.Select(s => s.Id).Take(2).Prepend(0))
                {
                    var bench = (await app.Get($"/plan/{kept.Id}?block={block.Id}&at={at}&rope=1")).QuerySelector("#bench")!;
                    Assert.NotEmpty(bench.QuerySelectorAll(".word"));
                    Assert.All(bench.QuerySelectorAll(".word"), w => Assert.NotEmpty(w.TextContent.Trim()));
                }
    }

    [Fact]
    public async Task What_an_edit_would_do_is_told_and_nothing_is_done()
    {
        var row = Deck.Stations[1].Id;
        var told = await Asked($"handler=would&do=station&block={Deck.Id}&station={row}&amount=30s");
        Assert.Equal("29:13 becomes 28:53", told.GetProperty("says").GetString());
        Assert.True((await Asked($"handler=would&do=station&block={Deck.Id}&station={row}&amount=99:99")).GetProperty("refused").GetBoolean());
        Assert.Equal("", (await Asked("handler=would&do=nothing-known")).GetProperty("says").GetString());
        Assert.Equal(1, app.Shelf.Get(Id)!.Revision);
    }

    [Fact]
    public async Task What_is_said_is_told_before_it_is_done()
    {
        var told = await Asked($"handler=say&say=rest+30&open={Deck.Id}&at=0");
        Assert.Equal("rest 30 in A: Deck circuit", told.GetProperty("does").GetString());
        Assert.Contains("becomes 30:13", told.GetProperty("would").GetString(), StringComparison.Ordinal);
        Assert.Contains("no “burpee”", (await Asked("handler=say&say=swap+burpee+for+plank&open=0&at=0")).GetProperty("wrong").GetString(), StringComparison.Ordinal);
        Assert.Equal("teach", (await Asked("handler=say&say=teach&open=0&at=0")).GetProperty("way").GetString());
        await Posted(("do", "say"), ("say", "rest 30"), ("open", $"{Deck.Id}"));
        Assert.Equal("30", SheetWriter.WriteGap(Deck.Settings.Rest[0]));
    }

    [Fact]
    public async Task A_station_is_carried_and_the_bench_goes_with_it()
    {
        var (row, last) = (Deck.Stations[1].Id, Plan.Find("C: Last rope")!.Id);
        var answer = await Posted(("do", "carry"), ("block", $"{Deck.Id}"), ("open", $"{Deck.Id}"), ("station", $"{row}"), ("at", $"{row}"), ("rope", "1"), ("goal", $"{last}"), ("to", "1"));
        Assert.Equal("Bent-over row, 1 of 3 in C: Last rope", answer.QuerySelector("#bench")!.GetAttribute("aria-label"));
        Assert.Equal(row, Plan.Find("C: Last rope")!.Stations[0].Id);
    }

    [Fact]
    public async Task An_earlier_state_is_brought_back_as_a_change_of_its_own_and_can_be_undone()
    {
        var before = SheetWriter.Write(Plan);
        await Posted(("do", "block"), ("block", $"{Deck.Id}"), ("rounds", "4"));
        var after = SheetWriter.Write(Plan);
        app.Client.DefaultRequestHeaders.Remove("X-Has-Parts");
        var states = (await app.Get($"/plan/{Id}?history=true")).QuerySelectorAll("#history .state").ToList();
        Assert.Equal(2, states.Count);
        Assert.Contains("shorter", states[1].TextContent, StringComparison.Ordinal);
        await app.Submit(states[1].QuerySelector("form")!, ("do", "put-back"));
        Assert.Equal(before, SheetWriter.Write(Plan));
        Assert.Equal(3, app.Shelf.Get(Id)!.Revision);
        await app.Submit((await app.Get($"/plan/{Id}")).QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal(after, SheetWriter.Write(Plan));
    }

    [Fact]
    public async Task What_bringing_a_state_back_would_do_is_told_before()
    {
        await Posted(("do", "block"), ("block", $"{Deck.Id}"), ("rounds", "4"));
        var would = await Asked("handler=would&do=put-back&number=1");
        Assert.Contains("becomes", would.GetProperty("says").GetString(), StringComparison.Ordinal);
        Assert.False(would.GetProperty("refused").GetBoolean());
        Assert.Equal(2, app.Shelf.Get(Id)!.Revision);
    }

    [Theory]
    [InlineData("0")]
    [InlineData("77")]
    [InlineData("x")]
    public async Task A_state_that_never_was_changes_nothing(string number)
    {
        Assert.Equal("", (await Asked($"handler=would&do=put-back&number={number}")).GetProperty("says").GetString());
        await Posted(("do", "put-back"), ("number", number));
        Assert.Equal(1, app.Shelf.Get(Id)!.Revision);
    }

    [Fact]
    public async Task A_page_can_see_whether_another_has_changed_the_class()
    {
        Assert.Equal(1, (await Asked("handler=revision")).GetInt32());
        await Posted(("do", "block"), ("block", $"{Deck.Id}"), ("rounds", "4"));
        Assert.Equal(2, (await Asked("handler=revision")).GetInt32());
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync($"/plan/{Guid.NewGuid()}?handler=revision")).StatusCode);
    }

    [Fact]
    public async Task What_matters_is_pinned_to_its_flag_or_its_rope()
    {
        var page = await app.Get($"/plan/{app.Demo("Spring Tide").Id}");
        Assert.Contains(page.QuerySelectorAll(".hung .pennant.must title"), t => t.TextContent.Contains("right never works", StringComparison.Ordinal));
        Assert.Contains(page.QuerySelectorAll(".hung .pennant:not(.must)"), _ => true);
        Assert.Empty((await app.Get($"/plan/{Id}")).QuerySelectorAll(".hung .pennant"));
        Assert.StartsWith("To mend:", page.QuerySelector("#colleague")!.TextContent.Trim(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Others_are_asked_for_by_what_is_known_of_them()
    {
        var push = Deck.Stations[2].Id;
        var rows = (await app.Get($"/plan/{Id}?handler=swaps&station={push}&q=plank")).QuerySelectorAll(".swap-in b").Select(b => b.TextContent).ToList();
        // A shoulder tap is a plank by another of its names.
        Assert.True(rows.Count(r => r.Contains("plank", StringComparison.OrdinalIgnoreCase)) >= 3);
        var all = (await app.Get($"/plan/{Id}?handler=swaps&station={push}")).QuerySelectorAll(".swap-in b").Select(b => b.TextContent).ToList();
        Assert.True(all.Count(r => r.Contains("plank", StringComparison.OrdinalIgnoreCase)) < 3);
        Assert.Contains("Nothing else", (await app.Get($"/plan/{Id}?handler=swaps&station={push}&q=zzzz")).Body!.TextContent, StringComparison.Ordinal);
    }
}
