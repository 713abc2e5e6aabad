using System.Net;
using JollySet.Core.Teaching;
using JollySet.Data;
using JollySet.Web.Live;
using Microsoft.AspNetCore.Http;

namespace JollySet.Web.Tests;

/// <summary>Codes and what they open: display, remote, follow; what is refused, and how.</summary>
public sealed class LiveTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private SessionBook Sessions => app.Sessions;

    private (Guid Id, SessionCodes Codes) Taught()
    {
        var id = Sessions.Open(app.Demo("Slack Water Strength"), app.Rules.Studio());
        return (id, Sessions.Codes(id)!);
    }

    private async Task<HttpResponseMessage> Press(string code, string kind, int? value = null, int? known = null)
    {
        var form = (await app.Get($"/r/{code}")).QuerySelector("#controls")!;
        return await app.Submit(form, ("kind", kind), ("value", $"{value}"), ("known", $"{known}"));
    }

    [Fact]
    public async Task Each_code_opens_its_own_page_and_none_of_the_others()
    {
        var (_, codes) = Taught();
        Assert.Equal(3, new[] { codes.Display, codes.Remote, codes.Follow }.Distinct().Count());
        foreach (var (kind, code) in new[] { ("d", codes.Display), ("r", codes.Remote), ("f", codes.Follow) })
        {
            Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/{kind}/{code}", UriKind.Relative))).StatusCode);
            Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/{kind}/{SessionCodes.Spoken(code).ToLowerInvariant()}", UriKind.Relative))).StatusCode);
            foreach (var other in new[] { "d", "r", "f" }.Where(k => k != kind))
                Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/{other}/{code}", UriKind.Relative))).StatusCode);
        }
    }

    [Fact]
    public async Task A_code_that_was_read_aloud_is_typed_and_leads_to_what_it_opens()
    {
        var (_, codes) = Taught();
        foreach (var (kind, code) in new[] { ("d", codes.Display), ("r", codes.Remote), ("f", codes.Follow) })
        {
            var answer = await app.Client.GetAsync(new Uri($"/join?code=%20{SessionCodes.Spoken(code).ToLowerInvariant()}", UriKind.Relative));
            Assert.Equal((HttpStatusCode.Redirect, $"/{kind}/{code}"), (answer.StatusCode, answer.Headers.Location!.OriginalString));
        }

        var wrong = await app.Get("/join?code=ABCD%3Cb%3E");
        Assert.Contains("No class has that code", wrong.QuerySelector("#wrong")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("ABCD<b>", wrong.QuerySelector("#code")!.GetAttribute("value"));
    }

    /// <summary>A phone in the hall gets the page with its style and script, and nothing of the studio.</summary>
    [Fact]
    public async Task Shared_with_the_network_pages_come_with_their_assets()
    {
        using var shared = new App(("Share", "true"));
        var id = shared.Sessions.Open(shared.Demo("Slack Water Strength"), shared.Rules.Studio());
        var codes = shared.Sessions.Codes(id)!;
        async Task<HttpResponseMessage> FromNetwork(string path)
        {
            using var request = new HttpRequestMessage(HttpMethod.Get, new Uri(path, UriKind.Relative));
            request.Headers.Host = "192.168.1.9:5080";
            return await shared.Client.SendAsync(request);
        }

        var page = await App.Parse(await FromNetwork($"/f/{codes.Follow}"));
        var assets = page.QuerySelectorAll("link[rel=stylesheet], link[rel=preload], script[src]").Select(e => e.GetAttribute("href") ?? e.GetAttribute("src")!).ToList();
        Assert.True(assets.Count > 4);
        foreach (var asset in assets)
            Assert.Equal(HttpStatusCode.OK, (await FromNetwork(asset)).StatusCode);
        foreach (var own in new[] { "/", "/new", $"/session/{id}", $"/session/{id}/record", $"/live/session/{id}" })
            Assert.Equal(HttpStatusCode.NotFound, (await FromNetwork(own)).StatusCode);
    }

    [Fact]
    public async Task A_code_cannot_be_guessed_at_leisure()
    {
        var answers = new List<HttpStatusCode>();
        for (var i = 0; i < 25; i++)
            answers.Add((await app.Client.GetAsync(new Uri($"/f/{SessionCodes.New()}", UriKind.Relative))).StatusCode);
        Assert.Contains(HttpStatusCode.NotFound, answers);
        Assert.Equal(HttpStatusCode.TooManyRequests, answers[^1]);
        // One who has the code comes in all the same.
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/f/{Taught().Codes.Follow}", UriKind.Relative))).StatusCode);
    }

    [Theory]
    [InlineData("../../etc")]
    [InlineData("%20%20%20%20%20%20%20%20")]
    [InlineData("ABCDEFG")]
    [InlineData("ABCDEFGI0")]
    public async Task What_can_be_no_code_opens_nothing(string code) =>
        Assert.Contains((await app.Client.GetAsync(new Uri($"/d/{code}", UriKind.Relative))).StatusCode, new[] { HttpStatusCode.NotFound, HttpStatusCode.BadRequest });

    [Fact]
    public async Task A_remote_steers_the_class_and_one_key_pressed_twice_at_once_is_taken_once()
    {
        var (id, codes) = Taught();
        await Press(codes.Remote, "start", 0);
        await Press(codes.Remote, "next", known: 1);
        await Press(codes.Remote, "next", known: 1);
        Assert.Equal([EventKind.Start, EventKind.Next], Sessions.Events(id)!.Select(e => e.Kind));
        await Press(codes.Remote, "next", known: 2);
        Assert.Equal([EventKind.Start, EventKind.Next, EventKind.Next], Sessions.Events(id)!.Select(e => e.Kind));
        await Press(codes.Remote, "pause", known: 3);
        Assert.Equal(EventKind.Pause, Sessions.Events(id)![^1].Kind);
    }

    [Theory]
    [InlineData("end")]
    [InlineData("explode")]
    [InlineData("3")]
    [InlineData("")]
    public async Task What_a_remote_cannot_do_is_refused_and_the_class_does_not_notice(string kind)
    {
        var (id, codes) = Taught();
        Assert.Equal(HttpStatusCode.BadRequest, (await Press(codes.Remote, kind)).StatusCode);
        Assert.Empty(Sessions.Events(id)!);
    }

    [Fact]
    public async Task Codes_end_with_their_class()
    {
        var (id, codes) = Taught();
        await Press(codes.Remote, "start", 0);
        var form = (await app.Get($"/r/{codes.Remote}")).QuerySelector("#controls")!;
        Sessions.Press(id, EventKind.End, Sessions.Events(id)![^1].AtMs + 1000);
        foreach (var address in new[] { $"/d/{codes.Display}", $"/r/{codes.Remote}", $"/f/{codes.Follow}" })
            Assert.Equal(HttpStatusCode.Gone, (await app.Client.GetAsync(new Uri(address, UriKind.Relative))).StatusCode);
        Assert.Equal(HttpStatusCode.Gone, (await app.Submit(form, ("kind", "next"))).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/live/f/{codes.Follow}", UriKind.Relative))).StatusCode);
    }

    [Fact]
    public async Task What_a_follower_sends_is_kept_under_the_nickname_and_nonsense_is_refused_in_words()
    {
        var (id, codes) = Taught();
        var form = (await app.Get($"/f/{codes.Follow}")).QuerySelector("#note")!;
        Assert.Equal(HttpStatusCode.OK, (await app.Submit(form, ("nickname", "Wren"), ("set", "3"), ("reps", "14"), ("weight", "7,5"))).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await app.Submit(form, ("nickname", "Wren"), ("set", "3"), ("reps", "15"), ("weight", ""))).StatusCode);
        Assert.Equal([("Wren", 3, 15, null)], Sessions.Notes(id));
        foreach (var (nickname, set, reps, weight) in new[] { ("", "3", "14", ""), ("Wren", "-1", "14", ""), ("Wren", "99999", "14", ""), ("Wren", "3", "many", ""), ("Wren", "3", "1000000", "-4"), (new string('W', 300), "3", "1", "") })
        {
            var answer = await app.Submit(form, ("nickname", nickname), ("set", set), ("reps", reps), ("weight", weight));
            Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
            Assert.NotEmpty(await answer.Content.ReadAsStringAsync());
        }

        Assert.Single(Sessions.Notes(id));
    }

    [Fact]
    public async Task A_flood_of_notes_is_asked_to_wait_under_however_many_names()
    {
        var (id, codes) = Taught();
        var form = (await app.Get($"/f/{codes.Follow}")).QuerySelector("#note")!;
        var last = HttpStatusCode.OK;
        for (var i = 0; i < 70; i++)
            last = (await app.Submit(form, ("nickname", $"Flood {i}"), ("set", "1"), ("reps", $"{i}"), ("weight", ""))).StatusCode;
        Assert.Equal(HttpStatusCode.TooManyRequests, last);
        Assert.InRange(Sessions.Notes(id).Count, 1, 60);
    }

    [Fact]
    public async Task One_who_listens_hears_all_there_is_and_then_each_event()
    {
        var (id, codes) = Taught();
        Sessions.Press(id, EventKind.Start, 1_800_000_000_000, 0);
        using var stream = await app.Client.GetStreamAsync(new Uri($"/live/f/{codes.Follow}", UriKind.Relative));
        using var reader = new StreamReader(stream);
        Assert.Contains("\"kind\":\"start\"", await Heard(reader), StringComparison.Ordinal);
        await Press(codes.Remote, "pause");
        var heard = await Heard(reader);
        Assert.Contains("\"from\":1", heard, StringComparison.Ordinal);
        Assert.Contains("\"kind\":\"pause\"", heard, StringComparison.Ordinal);
    }

    private static async Task<string> Heard(StreamReader reader)
    {
        while (await reader.ReadLineAsync() is { } line)
            if (line.StartsWith("data:", StringComparison.Ordinal))
                return line;
        return "";
    }

    [Theory]
    [InlineData("192.168.1.7", "192.168.1.9", "/", 404)]
    [InlineData("192.168.1.7", "192.168.1.9", "/plan/1", 404)]
    [InlineData("192.168.1.7", "192.168.1.9", "/live/session/1", 404)]
    [InlineData("192.168.1.7", "192.168.1.9", "/f/ABCDEFGH", 200)]
    [InlineData("192.168.1.7", "192.168.1.9", "/live/time", 200)]
    [InlineData("192.168.1.7", "192.168.1.9", "/join", 200)]
    [InlineData("127.0.0.1", "localhost", "/", 200)]
    [InlineData("127.0.0.1", "rebound.example", "/", 404)]
    [InlineData("127.0.0.1", "rebound.example", "/session/1", 404)]
    public async Task Shared_with_the_network_only_screens_and_followers_are_answered_there(string from, string host, string path, int status)
    {
        var context = new DefaultHttpContext();
        context.Connection.RemoteIpAddress = IPAddress.Parse(from);
        context.Request.Host = new HostString(host);
        context.Request.Path = path;
        await new Sharing(_ => Task.CompletedTask).InvokeAsync(context);
        Assert.Equal(status, context.Response.StatusCode);
    }

    [Fact]
    public async Task Who_is_too_slow_to_hear_all_hears_the_newest_and_the_hub_stays_small()
    {
        var hub = new LiveHub();
        var id = Guid.NewGuid();
        using var end = new CancellationTokenSource();
        var messages = new List<string>();
        await foreach (var message in hub.Listen(id, () => "first", end.Token))
        {
            // While this one is busy with the first, a thousand things happen.
            if (messages.Count == 0)
                for (var i = 0; i < 1000; i++)
                    hub.Tell(id, $"{i}");
            messages.Add(message);
            if (message == "999")
                break;
        }

        Assert.Equal("999", messages[^1]);
        Assert.True(messages.Count < 100);
        Assert.Equal(0, hub.Count);
    }

    /// <summary>What happens in the very moment one begins to listen is heard, before or with what there was.</summary>
    [Fact]
    public async Task Nothing_falls_between_what_there_was_and_what_comes()
    {
        var hub = new LiveHub();
        var id = Guid.NewGuid();
        var messages = new List<string>();
        await foreach (var message in hub.Listen(id, () => { hub.Tell(id, "just now"); return "so far"; }, CancellationToken.None))
        {
            messages.Add(message);
            if (messages.Count == 2)
                break;
        }

        Assert.Equal(["just now", "so far"], messages);
    }

    [Fact]
    public async Task A_server_that_is_killed_and_started_again_goes_on_where_the_class_was_and_knows_its_codes()
    {
        var (id, codes) = Taught();
        await Press(codes.Remote, "start", 2);
        await Press(codes.Remote, "pause");
        var place = (await app.Get($"/session/{id}")).QuerySelector("#place")!.TextContent;
        app.Restart();
        Assert.Equal(place, (await app.Get($"/d/{codes.Display}")).QuerySelector("#place")!.TextContent);
        Assert.Equal(2, Sessions.Events(id)!.Count);
    }
}
