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
    public async Task What_is_said_to_people_who_are_no_track_of_the_class_is_a_press_away()
    {
        var tracks = await app.Get($"/tracks/{Slack}?who=OlderAdults&needs=knees&needs=shoulders");
        var words = await app.Get(tracks.QuerySelectorAll("#changes a").Single().GetAttribute("href")!);
        Assert.Equal("as older adult with knees and shoulders", words.QuerySelector("#track option[selected]")!.TextContent);
        Assert.Contains(words.QuerySelectorAll(".cues li"), li => li.TextContent.Contains("glute bridge", StringComparison.OrdinalIgnoreCase));
        Assert.Equal("as planned", (await app.Get($"/words/{Slack}?who=Dragons&needs=fire")).QuerySelector("#track option[selected]")!.TextContent);
    }

    [Fact]
    public async Task A_way_out_of_a_shortage_is_seen_first_and_taken()
    {
        var page = await app.Get($"/kit/{Tens}");
        var row = page.QuerySelector(".is-short")!;
        Assert.Equal("Heavy dumbbells", row.QuerySelector("th")!.TextContent);
        var way = page.QuerySelectorAll(".ways-out > td > ul > li").First(li => li.QuerySelector("b")!.TextContent == "Carousel");
        Assert.NotNull(way.QuerySelector(".way-seen .kit-lanes"));
        Assert.Contains(page.QuerySelectorAll(".way-seen"), seen => seen.QuerySelector(".two-ropes .was") is not null);
        var answer = await app.Submit(way.QuerySelector("form")!, ("do", "kit-out"));
        Assert.Equal($"/kit/{Tens}", answer.Headers.Location!.OriginalString);
        // Groups of six, six, five and five, on three stations that hold two, two and one.
        Assert.Equal("29", (await app.Get($"/kit/{Tens}")).QuerySelectorAll(".is-short").Single(r => r.QuerySelector("th")!.TextContent == "Heavy dumbbells").QuerySelector("td")!.TextContent);
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

    [Fact]
    public async Task Who_shows_what_is_planned_and_written_into_the_class()
    {
        var page = await app.Get($"/showing/{Tens}?count=2&second=knees");
        await app.Submit(page.QuerySelector("main form[method=post][action^='/plan'] button[value=shows]")!.Closest("form")!, ("do", "shows"));
        Assert.Equal("planned who shows what", app.Shelf.Get(Tens)!.LastChange);
        Assert.All(app.Shelf.Get(Tens)!.Plan.Blocks.SelectMany(b => b.Stations).Where(s => s.Doing is Core.Plans.OneMove { Name: "goblet squat" }), s => Assert.Equal("1 base, 2 for knees", s.Shows));
        // It is there again without being asked for, and goes when it is no more.
        var again = await app.Get($"/showing/{Tens}");
        Assert.Equal(["knees"], again.QuerySelectorAll("input[name=second][checked]").Select(i => i.GetAttribute("value")));
        Assert.Contains("The class has this plan.", again.Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("demonstrator 2: spared knees", app.Shelf.Get(Tens)!.Plan.Brief.Notes);
        Assert.DoesNotContain("The class has this plan.", (await app.Get($"/showing/{Tens}?count=2")).Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("shows: 1 base", (await app.Get($"/print/{Tens}")).Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_carousel_is_laid_out_its_order_taken_and_odd_wishes_told()
    {
        var id = app.Demo("Ten Bollards").Id;
        var page = await app.Get($"/carousel/{id}?people=40&late=3&lateSlot=2&broken=1&brokenSlot=4");
        Assert.Equal(10, page.QuerySelectorAll(".pitch").Length);
        Assert.Equal(10, page.QuerySelectorAll(".card-sheet").Length);
        Assert.Equal(20, page.QuerySelectorAll(".run thead th").Length - 1);
        var ring = page.QuerySelectorAll(".card-sheet h2").Select(h => h.TextContent.ToLowerInvariant()).ToList();
        await app.Submit(page.QuerySelector("button[value=order]")!.Closest("form")!, ("do", "order"));
        Assert.Equal(ring, app.Shelf.Get(id)!.Plan.Find("A: Bollards")!.Stations.Select(s => Core.Timing.Facts.NameOf(s.Doing).ToLowerInvariant()));
        foreach (var (query, says) in new[] { ("people=9&groups=12", "12 groups of 9"), ("people=0", "From 1 to 400"), ("people=x", "whole numbers"), ("people=40&groups=11", "11 groups on 10") })
            Assert.Contains(says, (await app.Get($"/carousel/{id}?{query}")).QuerySelector("#why")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Where_stations_stand_is_kept_with_the_class_and_odd_places_are_refused()
    {
        var id = app.Demo("Ten Bollards").Id;
        var form = (await app.Get($"/carousel/{id}")).QuerySelector("#floor-form")!;
        Assert.Equal(HttpStatusCode.NoContent, (await app.Submit(form, ("places", """{"3":{"x":200,"y":300},"4":{"x":-9000,"y":1e300},"99":{"x":1,"y":1}}"""))).StatusCode);
        var pitches = (await app.Get($"/carousel/{id}")).QuerySelectorAll(".pitch");
        Assert.Equal(("200", "300"), (pitches[3].GetAttribute("data-now-x"), pitches[3].GetAttribute("data-now-y")));
        Assert.Equal(("70", "520"), (pitches[4].GetAttribute("data-now-x"), pitches[4].GetAttribute("data-now-y")));
        Assert.Equal("translate(0 0)", pitches[0].GetAttribute("transform"));
        Assert.StartsWith("""{"3":{"x":200,"y":300}""", await app.Client.GetStringAsync(new Uri($"/carousel/{id}?handler=Floor&block={form.QuerySelector("input[name=block]")!.GetAttribute("value")}", UriKind.Relative)), StringComparison.Ordinal);
        foreach (var odd in new[] { "", "null", "[]", "{", """{"x":1}""", """{"-1":{"x":1,"y":1}}""", """{"1":{"x":"NaN","y":1}}""", $"{{{string.Join(',', Enumerable.Range(0, 500).Select(i => $"\"{i}\":{{\"x\":1,\"y\":1}}"))}}}" })
            Assert.Equal(HttpStatusCode.UnprocessableEntity, (await app.Submit(form, ("places", odd))).StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await app.Submit(form, ("block", "999"), ("places", "{}"))).StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await app.Submit(form, ("places", "{}"))).StatusCode);
        Assert.All((await app.Get($"/carousel/{id}")).QuerySelectorAll(".pitch"), p => Assert.Equal("translate(0 0)", p.GetAttribute("transform")));
    }

    [Fact]
    public async Task Loads_and_stand_ins_are_guessed_and_nonsense_is_told()
    {
        var page = await app.Get($"/loads/{Tens}?pressed=8&reps=10");
        Assert.Contains(page.QuerySelectorAll("tbody tr"), r => r.TextContent.Contains("Goblet squat", StringComparison.Ordinal));
        foreach (var wrong in new[] { "pressed=0", "pressed=900", "pressed=a", "pressed=8&reps=0" })
            Assert.NotNull((await app.Get($"/loads/{Tens}?{wrong}")).QuerySelector(".field-error"));
        Assert.StartsWith("3.5 kg", (await app.Get("/at-home?holder=Broom&other=2&other2=1")).QuerySelector(".ways-side h2")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("nobody grips it", (await app.Get("/at-home?holder=Bag&other=900")).QuerySelector(".field-error")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull((await app.Get("/at-home?holder=Bag&other=a%20lot")).QuerySelector(".field-error"));
    }

    [Fact]
    public async Task What_people_noted_that_they_used_is_beside_the_guess_without_their_names()
    {
        Assert.DoesNotContain("used before", (await app.Get($"/loads/{Tens}")).Body!.TextContent, StringComparison.Ordinal);
        var session = app.Sessions.Open(app.Demo("Too Few Tens"), Core.Plans.Studio.Shipped);
        var sets = app.Sessions.Get(session)!.Timeline.Sets;
        var squat = sets.IndexOf(sets.First(s => s.Facts.Name == "goblet squat"));
        app.Sessions.Note(session, "Wren", squat, 12, 6.25m);
        app.Sessions.Note(session, "Una", squat, 12, 11);
        app.Sessions.Note(session, "Una", squat + 1, 12, null);
        var page = await app.Get($"/loads/{Tens}");
        var row = page.QuerySelectorAll("tbody tr").Single(r => r.QuerySelector("th")!.TextContent == "Goblet squat");
        Assert.StartsWith("6.25 kg to 11 kg, 6.25 kg in the middle (noted 2 times", row.QuerySelectorAll("td")[^1].TextContent, StringComparison.Ordinal);
        Assert.Contains(page.QuerySelectorAll("p"), p => p.TextContent.StartsWith("Sizes to set out", StringComparison.Ordinal) && p.TextContent.Contains("6.25 kg", StringComparison.Ordinal));
        Assert.DoesNotContain("Wren", page.Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_named_for_a_need_nobody_knows_is_shown_in_the_net()
    {
        var squall = app.Demo("Squall, no repeats");
        var station = squall.Plan.Blocks.First(b => b.IsMain).Stations[0].Id;
        app.Shelf.Edit(squall.Id, squall.Revision, new Core.Edits.SetStationPart(station, "for bad ankles", "\"hold the rail\""));
        Assert.Contains((await app.Get($"/options/{squall.Id}")).QuerySelectorAll("td[data-need='bad ankles'] a"), a => a.TextContent.Contains("hold the rail", StringComparison.Ordinal));
    }
}
