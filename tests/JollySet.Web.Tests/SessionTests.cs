using System.Net;
using System.Net.Http.Json;
using JollySet.Core.Edits;
using JollySet.Core.Plans;
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
        Assert.Equal(HttpStatusCode.OK, await Send(session, new { number = 2, kind = "pause", atMs = at + 20_000 }, new { number = 3, kind = "go", atMs = at + 25_000 }));
        Assert.Equal([EventKind.Start, EventKind.Pause, EventKind.Go], app.Sessions.Get(IdOf(session))!.Events.Select(e => e.Kind));
    }

    [Fact]
    public async Task A_second_device_is_told_what_came_first_and_loses_nothing()
    {
        var session = await Open();
        var at = Now;
        await Send(session, new { number = 1, kind = "start", atMs = at, value = 0 }, new { number = 2, kind = "pause", atMs = at + 20_000 });
        Assert.Equal(HttpStatusCode.Conflict, await Send(session, new { number = 2, kind = "next", atMs = at + 21_000 }));
        Assert.Equal(HttpStatusCode.Conflict, await Send(session, new { number = 4, kind = "next", atMs = at + 21_000 }));
        Assert.Equal(2, app.Sessions.Get(IdOf(session))!.Events.Count);
        Assert.Equal(HttpStatusCode.OK, await Send(session, new { number = 3, kind = "next", atMs = at + 21_000 }));
    }

    [Fact]
    public async Task Two_devices_at_once_lose_no_acknowledged_event()
    {
        var session = await Open();
        var at = Now;
        await Send(session, new { number = 1, kind = "start", atMs = at, value = 0 });
        var token = (await app.Get(session)).QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!;
        async Task<List<long>> Device(int device)
        {
            var (kept, number) = (new List<long>(), 2);
            for (var i = 0; i < 15; i++)
            {
                for (; ; )
                {
                    var mine = at + (device * 1000) + i;
                    using var request = new HttpRequestMessage(HttpMethod.Post, session + "?handler=Events") { Content = JsonContent.Create(new[] { new { number, kind = "add", atMs = mine, value = 1 } }) };
                    request.Headers.Add("X-Antiforgery", token);
                    using var answer = await app.Client.SendAsync(request);
                    number = answer.StatusCode == HttpStatusCode.Conflict ? (await answer.Content.ReadFromJsonAsync<List<Pages.Session.SentEvent>>())!.Count + 1 : number + 1;
                    if (answer.StatusCode != HttpStatusCode.OK)
                        continue;
                    kept.Add(mine);
                    break;
                }
            }

            return kept;
        }

        var acknowledged = (await Task.WhenAll(Device(1), Device(2), Device(3))).SelectMany(k => k).Order().ToList();
        Assert.Equal(acknowledged, app.Sessions.Get(IdOf(session))!.Events.Skip(1).Select(e => e.AtMs).Order());
    }

    [Fact]
    public async Task Looking_at_a_class_whose_time_is_over_ends_nothing()
    {
        var session = await Open();
        await Send(session, new { number = 1, kind = "start", atMs = Now - 7_200_000, value = 0 });
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri(session, UriKind.Relative))).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri(session + "/record", UriKind.Relative))).StatusCode);
        Assert.Null(app.Sessions.Get(IdOf(session))!.Record);
        // A pause that was pressed in time and comes late still counts.
        Assert.Equal(HttpStatusCode.OK, await Send(session, new { number = 2, kind = "pause", atMs = Now - 7_100_000 }));
        Assert.Equal("paused", (await app.Get(session)).QuerySelector("main")!.GetAttribute("data-state"));
    }

    [Fact]
    public async Task A_class_that_was_ended_too_early_goes_on()
    {
        var session = await Open();
        await Send(session, new { number = 1, kind = "start", atMs = Now - 60_000, value = 0 }, new { number = 2, kind = "end", atMs = Now });
        await app.Submit((await app.Get(session + "/record")).QuerySelector("form[action$='" + session.Split('/')[^1] + "']")!);
        Assert.Equal("running", (await app.Get(session)).QuerySelector("main")!.GetAttribute("data-state"));
        Assert.Null(app.Sessions.Get(IdOf(session))!.Record);
    }

    [Fact]
    public async Task The_end_is_confirmed_without_script_too()
    {
        var session = await Open();
        await app.Submit((await app.Get(session)).QuerySelector("#start-form")!);
        var asked = await app.Submit((await app.Get(session)).QuerySelector("#controls")!, ("kind", "ask-end"));
        Assert.Null(app.Sessions.Get(IdOf(session))!.Record);
        var page = await app.Get(asked.Headers.Location!.ToString());
        await app.Submit(page.QuerySelector("#ask-end[open] form")!, ("kind", "end"));
        Assert.NotNull(app.Sessions.Get(IdOf(session))!.Record);
    }

    [Fact]
    public async Task Beginning_anew_ends_what_was_begun()
    {
        var session = await Open();
        await Send(session, new { number = 1, kind = "start", atMs = Now, value = 0 });
        var asked = await App.Parse(await app.Submit((await app.Get($"/plan/{app.Demo("Slack Water Strength").Id}")).QuerySelector(".rail form")!));
        await app.Submit(asked.QuerySelector("form")!);
        Assert.NotNull(app.Sessions.Get(IdOf(session))!.Record);
    }

    [Fact]
    public async Task In_a_rest_the_heading_and_the_line_name_the_same_station()
    {
        var steps = Pages.Session.Step.Of(app.Sessions.Get(IdOf(await Open()))!.Timeline);
        var timeline = app.Sessions.Get(IdOf(await Open()))!.Timeline;
        Assert.All(steps.Where(s => s.Flag >= 0 && s.Place.Contains("station", StringComparison.Ordinal)), s =>
            Assert.Contains($"station {timeline.Sets[s.Flag].Station} of", s.Place, StringComparison.Ordinal));
        Assert.Contains(steps, s => s.Kind == "rest" && s.Place.Contains("station", StringComparison.Ordinal));
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
        app.Shelf.Edit(kept.Id, kept.Revision, new RemoveBlock(kept.Plan.Find("Warm-up")!.Id));
        app.Rules.Set("teach.count-in", 0);
        var pinned = app.Sessions.Get(IdOf(session))!.Timeline;
        Assert.Equal(("Warm-up", Length.Seconds(10)), (pinned.Blocks[1].Name, pinned.Rules.TeachCountIn));
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
    public async Task What_was_tapped_along_stands_in_the_record_and_moves_nothing()
    {
        var plan = Core.Sheets.SheetReader.Read("# Tapped\n== A (amrap 5min)\nsquat x10\npush-up x8\n== B (circuit, rest 30)\nstack(biceps curl, overhead press) 60s, start 2\n").Plan!;
        var kept = app.Add(plan);
        var session = $"/session/{app.Sessions.Open(kept, app.Rules.Studio())}";
        var stack = app.Sessions.Get(IdOf(session))!.Timeline.Sets.Length - 1;
        await Send(
            session,
            new { number = 1, kind = "start", atMs = Now - 60_000, value = 0 },
            new { number = 2, kind = "tap", atMs = Now - 40_000, value = 0 },
            new { number = 3, kind = "tap", atMs = Now - 30_000, value = 0 },
            new { number = 4, kind = "tap", atMs = Now - 20_000, value = stack },
            new { number = 5, kind = "tap", atMs = Now - 19_000, value = 9999 },
            new { number = 6, kind = "end", atMs = Now });
        var told = (await app.Get(session + "/record")).QuerySelector("main")!.TextContent;
        Assert.Contains("A: 2 rounds.", told, StringComparison.Ordinal);
        Assert.Contains("up to rung 3.", told, StringComparison.Ordinal);
        Assert.Contains("took 50 s", told, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_outside_is_asked_only_where_it_is_switched_on_and_its_failing_stops_nothing()
    {
        var session = await Open();
        async Task<(string[] Lines, string[] Faults)> Ask(string switched)
        {
            using var json = System.Text.Json.JsonDocument.Parse(await app.Client.GetStringAsync(new Uri($"{session}?handler=Outside{switched}", UriKind.Relative)));
            string[] Of(string name) => [.. json.RootElement.GetProperty(name).EnumerateArray().Select(e => e.GetString()!)];
            return (Of("lines"), Of("faults"));
        }

        Assert.Equal((0, 0), ((await Ask("")).Lines.Length, (await Ask("&music=nonsense")).Lines.Length));
        var (lines, faults) = await Ask("&bookings=on&call=fails&music=on&heart=fails");
        Assert.Contains(lines, l => l.Contains(" here", StringComparison.Ordinal));
        Assert.Contains(lines, l => l.StartsWith("music ", StringComparison.Ordinal));
        Assert.Equal(["The call is gone; the class goes on here.", "The strap gives no signal."], faults);
        Assert.Equal("audio/wav", (await app.Client.GetAsync(new Uri($"{session}?handler=Voice&text=Halfway.", UriKind.Relative))).Content.Headers.ContentType!.MediaType);
        Assert.Equal(HttpStatusCode.ServiceUnavailable, (await app.Client.GetAsync(new Uri($"{session}?handler=Voice&text=Halfway.&fails=true", UriKind.Relative))).StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest, (await app.Client.GetAsync(new Uri($"{session}?handler=Voice&text={new string('a', 301)}", UriKind.Relative))).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/session/{Guid.NewGuid()}?handler=Outside&music=on", UriKind.Relative))).StatusCode);
    }

    [Fact]
    public void Before_the_work_it_is_told_what_to_fetch_and_the_way_down_and_of_two_sides_which_it_is()
    {
        var timeline = Core.Timing.TimelineBuilder.Build(Core.Sheets.SheetReader.Read("# T\n== A (circuit, work 40, rest 20)\ngoblet squat [heavy]\nside plank, each side\nmarch on the spot\n").Plan!);
        var steps = Web.Pages.Session.Step.Of(timeline);
        Assert.Equal(["down to the floor", "down to the floor", "change hands and feet", "change hands and feet", "up on your feet, slowly", "up on your feet, slowly", ""], steps.Select(s => s.NextHold));
        Assert.EndsWith("first side", steps[2].Amount, StringComparison.Ordinal);
        Assert.EndsWith("second side", steps[4].Amount, StringComparison.Ordinal);
        Assert.DoesNotContain("side", steps[0].Amount, StringComparison.Ordinal);
        Assert.InRange(steps[0].Likely, 12, 20);
        Assert.Equal(0, steps[2].Likely);
    }

    [Fact]
    public async Task A_record_is_found_again_from_the_shelf_and_from_the_class()
    {
        var session = await Open();
        var id = app.Demo("Slack Water Strength").Id;
        Assert.DoesNotContain("/record", (await app.Get("/")).Body!.InnerHtml, StringComparison.Ordinal);
        await Send(session, new { number = 1, kind = "start", atMs = Now - 60_000, value = 0 }, new { number = 2, kind = "end", atMs = Now });
        var link = Assert.Single((await app.Get("/")).QuerySelectorAll($"a[href='{session}/record']"));
        Assert.Equal("taught just now", link.TextContent);
        Assert.Single((await app.Get($"/plan/{id}?handler=history")).QuerySelectorAll($".taught a[href='{session}/record']"));
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
        foreach (var odd in new object?[]
        {
            null,
            new { number = 1, kind = "dance", atMs = Now },
            new { number = 1, kind = "7", atMs = Now },
            new { number = 1, kind = (string?)null, atMs = Now },
            new { number = 1, kind = "start", atMs = 0 },
            new { number = 1, kind = "start", atMs = long.MaxValue },
            new { number = 0, kind = "start", atMs = Now },
            new { number = int.MaxValue, kind = "start", atMs = Now },
            new { number = 1, kind = "add", atMs = Now, value = int.MinValue },
            new { number = 1, kind = "add", atMs = Now, value = 99_999_999_999L },
        })
            Assert.Equal(HttpStatusCode.BadRequest, await Send(session, odd!));
        Assert.Empty(app.Sessions.Get(IdOf(session))!.Events);
    }
}
