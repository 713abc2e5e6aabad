using System.Net;
using System.Net.Http.Json;
using JollySet.Core.Plans.Edits;
using JollySet.Core.Teaching;

namespace JollySet.Web.Tests;

public sealed class SessionTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private async Task<string> Open()
    {
        var page = await app.Get($"/plan/{app.Demo("Slack Water Strength").Id}");
        var answer = await app.Submit(page.QuerySelector(".rail form")!);
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        return answer.Headers.Location!.ToString();
    }

    private async Task<HttpStatusCode> Send(string session, params object[] events)
    {
        var token = (await app.Get(session)).QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!;
        using var request = new HttpRequestMessage(HttpMethod.Post, session + "?handler=Events") { Content = JsonContent.Create(events) };
        request.Headers.Add("X-Antiforgery", token);
        return (await app.Client.SendAsync(request)).StatusCode;
    }

    private static long Now => DateTimeOffset.UtcNow.ToUnixTimeMilliseconds();

    private Guid IdOf(string session) => Guid.Parse(session.Split('/')[^1]);

    [Fact]
    public async Task Events_are_added_once_each_and_in_order()
    {
        var session = await Open();
        var at = Now;
        Assert.Equal(HttpStatusCode.OK, await Send(session, new { number = 1, kind = "start", atMs = at, value = 0 }, new { number = 2, kind = "pause", atMs = at + 20_000 }));
        Assert.Equal(HttpStatusCode.OK, await Send(session, new { number = 2, kind = "stop", atMs = at }, new { number = 3, kind = "go", atMs = at + 25_000 }));
        Assert.Equal([EventKind.Start, EventKind.Pause, EventKind.Go], app.Sessions.Get(IdOf(session))!.Events.Select(e => e.Kind));
    }

    [Fact]
    public async Task It_is_right_again_after_a_restarted_server()
    {
        var session = await Open();
        // Ten seconds of counting in and sixty of words ago: the first move of the warm-up has run for five seconds.
        await Send(session, new { number = 1, kind = "start", atMs = Now - 75_000, value = 0 }, new { number = 2, kind = "pause", atMs = Now });
        app.Restart();
        var page = await app.Get(session);
        Assert.Equal("March on the spot", page.QuerySelector("#title")!.TextContent);
        Assert.Equal("paused", page.QuerySelector("main")!.GetAttribute("data-state"));
        Assert.InRange(int.Parse(page.QuerySelector("#number")!.TextContent, System.Globalization.CultureInfo.InvariantCulture), 54, 56);
    }

    [Fact]
    public async Task Editing_the_plan_never_changes_a_running_session()
    {
        var session = await Open();
        await Send(session, new { number = 1, kind = "start", atMs = Now, value = 0 });
        var kept = app.Demo("Slack Water Strength");
        app.Shelf.Edit(kept.Id, kept.Revision, new RemoveBlock("Warm-up"));
        app.Rules.Set("teach.count-in", 0);
        var pinned = app.Sessions.Get(IdOf(session))!.Timeline;
        Assert.Equal(("Warm-up", 10m), (pinned.Blocks[1].Name, pinned.Rules["teach.count-in"]));
    }

    [Fact]
    public async Task Keys_work_without_script()
    {
        var session = await Open();
        var page = await app.Get(session);
        await app.Submit(page.QuerySelector("#start-form")!);
        page = await app.Get(session);
        Assert.Equal("running", page.QuerySelector("main")!.GetAttribute("data-state"));
        await app.Submit(page.QuerySelector("#controls")!, ("kind", "stop"));
        Assert.Equal("stopped", (await app.Get(session)).QuerySelector("main")!.GetAttribute("data-state"));
    }

    [Fact]
    public async Task The_end_keeps_a_record_of_planned_and_real()
    {
        var session = await Open();
        await Send(session, new { number = 1, kind = "start", atMs = Now - 60_000, value = 0 }, new { number = 2, kind = "end", atMs = Now });
        var answer = await app.Client.GetAsync(new Uri(session, UriKind.Relative));
        Assert.Equal(session + "/record", answer.Headers.Location!.ToString());
        var page = await app.Get(session + "/record");
        Assert.Contains("Planned 29:13, took 50 s", page.QuerySelector(".sum")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull(app.Sessions.Get(IdOf(session))!.Record);
    }

    [Fact]
    public async Task A_class_that_was_begun_is_offered_again()
    {
        var session = await Open();
        await Send(session, new { number = 1, kind = "start", atMs = Now, value = 0 });
        var page = await app.Get($"/plan/{app.Demo("Slack Water Strength").Id}");
        var asked = await App.Parse(await app.Submit(page.QuerySelector(".rail form")!));
        Assert.Equal(session, asked.QuerySelector("a.press")!.GetAttribute("href"));
    }

    [Fact]
    public async Task A_post_without_its_token_and_events_that_are_none_are_refused()
    {
        var session = await Open();
        var answer = await app.Client.PostAsJsonAsync(new Uri(session + "?handler=Events", UriKind.Relative), Array.Empty<object>());
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, await Send(session, new { number = 1, kind = "dance", atMs = 0 }));
    }
}
