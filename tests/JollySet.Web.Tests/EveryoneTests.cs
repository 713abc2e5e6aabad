using System.Net;
using JollySet.Core.Kit;

namespace JollySet.Web.Tests;

/// <summary>The net, the tracks, the kit and the kit room, as pages.</summary>
public sealed class EveryoneTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Slack => app.Demo("Slack Water Strength").Id;

    private Guid Tens => app.Demo("Too Few Tens").Id;

    [Fact]
    public async Task A_crossing_is_pressed_and_a_way_named_for_it()
    {
        var net = await app.Get($"/options/{Slack}?also=wrists");
        var open = net.QuerySelectorAll(".knot-open").First(k => k.GetAttribute("aria-label")!.StartsWith("Push-up", StringComparison.Ordinal));
        var panel = await app.Get(open.GetAttribute("href")!.Split('#')[0]);
        Assert.NotEmpty(panel.QuerySelectorAll("#ways li"));
        var answer = await app.Submit(panel.QuerySelector("#ways li form")!, ("do", "station"));
        Assert.Equal($"/options/{Slack}?also=wrists", answer.Headers.Location!.OriginalString);
        var after = await app.Get(answer.Headers.Location!.OriginalString);
        Assert.Equal(net.QuerySelectorAll(".knot-open").Length - 1, after.QuerySelectorAll(".knot-open").Length);
    }

    [Fact]
    public async Task All_that_is_safe_is_shown_and_then_named_at_once()
    {
        var net = await app.Get($"/options/{Slack}?also=wrists&also=no%20floor&close=true");
        var shown = net.QuerySelectorAll("#closing li").Length;
        Assert.True(shown > 3);
        var answer = await app.Submit(net.QuerySelector("#closing form")!, ("do", "close-net"));
        var after = await app.Get(answer.Headers.Location!.OriginalString);
        Assert.Equal(net.QuerySelectorAll(".knot-open").Length - shown, after.QuerySelectorAll(".knot-open").Length);
        Assert.Equal($"named {shown} ways round", app.Shelf.Get(Slack)!.LastChange);
    }

    [Theory]
    [InlineData("?station=99999&part=for%20knees")]
    [InlineData("?station=1&part=nonsense")]
    [InlineData("?also=%3Cscript%3E&also=dragons")]
    public async Task Odd_questions_show_the_net_and_nothing_else(string query)
    {
        var net = await app.Get($"/options/{Slack}{query}");
        Assert.NotEmpty(net.QuerySelectorAll(".net td"));
        Assert.Empty(net.QuerySelectorAll("#ways li"));
        Assert.DoesNotContain("dragons", net.Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Two_tracks_lie_on_one_line()
    {
        var page = await app.Get($"/tracks/{Slack}?who=Newcomer&needs=knees&and=Strong");
        Assert.Equal("Newcomer with knees", page.QuerySelector(".tracks > h2")!.TextContent);
        Assert.NotEmpty(page.QuerySelectorAll("#changes li"));
        Assert.NotEmpty(page.QuerySelectorAll(".two-ropes .was"));
        Assert.NotEmpty((await app.Get($"/tracks/{Slack}?who=Nobody&needs=dragons")).QuerySelectorAll(".track-table tbody tr"));
    }

    [Fact]
    public async Task A_way_out_of_a_shortage_is_taken_and_the_shortage_gone()
    {
        var page = await app.Get($"/kit/{Tens}");
        var row = page.QuerySelector(".is-short")!;
        Assert.Equal("Heavy dumbbells", row.QuerySelector("th")!.TextContent);
        var way = page.QuerySelectorAll(".ways-out li").First(li => li.QuerySelector("b")!.TextContent == "Carousel");
        var answer = await app.Submit(way.QuerySelector("form")!, ("do", "kit-out"));
        Assert.Equal($"/kit/{Tens}", answer.Headers.Location!.OriginalString);
        Assert.DoesNotContain("Heavy dumbbells", (await app.Get($"/kit/{Tens}")).QuerySelectorAll(".is-short th").Select(e => e.TextContent));
        Assert.Contains(app.Shelf.Get(Tens)!.Plan.Blocks, b => b.Notes.Contains(Shared.Note(Sharing.Carousel)));
    }

    [Theory]
    [InlineData("0")]
    [InlineData("-3")]
    [InlineData("a boatful")]
    public async Task A_headcount_that_is_none_is_told(string people)
    {
        var page = await app.Get($"/kit/{Tens}?people={Uri.EscapeDataString(people)}");
        Assert.Contains("whole number", page.QuerySelector("#people-wrong")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("22", page.QuerySelector("#people")!.GetAttribute("value"));
    }

    [Fact]
    public async Task A_place_is_added_changed_and_forgotten_and_nothing_typed_is_lost()
    {
        var page = await app.Get("/kit-room");
        var fresh = page.QuerySelectorAll("form.venue")[^1];
        var wrong = await app.Submit(fresh, ("name", "the boat shed"), ("kit", "-1 mats\n4x900kg dumbbells"), ("minutesIn", "-2"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, wrong.StatusCode);
        var body = await wrong.Content.ReadAsStringAsync();
        Assert.Contains("-1 mats", body, StringComparison.Ordinal);
        Assert.Contains("none or more", body, StringComparison.Ordinal);
        Assert.Contains("from 0 to 120 minutes", body, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(fresh, ("name", "the boat shed"), ("kit", "10 mats"))).StatusCode);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await app.Submit(fresh, ("name", "The Boat Shed"), ("kit", "10 mats"))).StatusCode);
        var shed = (await app.Get("/kit-room")).QuerySelectorAll("form.venue").First(f => f.QuerySelector("input[name=was]")!.GetAttribute("value") == "the boat shed");
        await app.Submit(shed, ("kit", "12 mats"));
        Assert.Contains((await app.Get("/kit-room")).QuerySelectorAll(".venue-stock li"), li => li.TextContent == "mat: 12");
    }
}
