using System.Net;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

/// <summary>What was done to a class: every state, a page at a time, any two of them beside each other.</summary>
public sealed class HistoryTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Slack => app.Demo("Slack Water Strength").Id;

    private void Change(int times)
    {
        for (var i = 0; i < times; i++)
        {
            var kept = app.Shelf.Get(Slack)!;
            app.Shelf.Edit(Slack, kept.Revision, new SetBlockSetting(kept.Plan.Blocks[2].Id, "rest", $"{21 + i}"));
        }
    }

    [Fact]
    public async Task Every_state_is_reached_a_page_at_a_time()
    {
        Change(60);
        var seen = new List<string>();
        for (var address = $"/plan/{Slack}?handler=history"; address is not null;)
        {
            var page = await app.Get(address);
            seen.AddRange(page.QuerySelectorAll(".state b").Select(e => e.TextContent));
            address = page.QuerySelectorAll(".ages a").FirstOrDefault(a => a.TextContent == "Earlier ones")?.GetAttribute("hx-get");
            Assert.True(seen.Count < 99);
        }

        Assert.Equal(61, seen.Count);
        Assert.Equal("Came with the demo", seen[^1]);
    }

    [Fact]
    public async Task Two_states_are_laid_on_one_line_whichever_is_said_first()
    {
        var first = Say.Clock(TimelineBuilder.Build(app.Shelf.Get(Slack)!.Plan).Length);
        Change(3);
        var last = Say.Clock(TimelineBuilder.Build(app.Shelf.PlanAt(Slack, 4)!).Length);
        foreach (var (one, other) in new[] { (1, 4), (4, 1) })
        {
            var two = await app.Get($"/plan/{Slack}?handler=two&one={one}&other={other}");
            Assert.StartsWith($"{first} became {last}", two.QuerySelector(".two-says")!.TextContent, StringComparison.Ordinal);
            Assert.Single(two.QuerySelectorAll(".two-ropes"));
        }

        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync($"/plan/{Slack}?handler=two&one=1&other=9000")).StatusCode);
    }

    [Fact]
    public async Task Without_script_the_page_shows_them_too()
    {
        Change(30);
        var page = await app.Get($"/plan/{Slack}?history=true&one=1&other=20");
        Assert.NotEmpty(page.QuerySelectorAll("#two-states .two-ropes"));
        Assert.Equal("20", page.QuerySelector("#compare-other option[selected]")!.GetAttribute("value"));
        Assert.Equal(7, (await app.Get($"/plan/{Slack}?history=true&before=8")).QuerySelectorAll(".state").Length);
    }
}
