using System.Net;
using AngleSharp.Dom;
using JollySet.Core.Checks;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

/// <summary>Order, drafts, builders, recovery, and findings left as they are.</summary>
public sealed class ColleagueTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Ferry => app.Demo("Ferry Half Hour").Id;

    private static string Sheet(ClassPlan plan) => SheetWriter.Write(plan);

    private static IElement Finding(IParentNode page, string words) => page.QuerySelectorAll(".finding").First(f => f.TextContent.Contains(words, StringComparison.Ordinal));

    [Fact]
    public async Task The_best_order_is_taken_with_a_press_and_undone()
    {
        var before = app.Shelf.Get(Ferry)!.Plan;
        var page = await app.Search($"/order/{Ferry}?block=Harbour%20wall");
        Assert.Contains("Proven", page.QuerySelector(".proven")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(6, page.QuerySelectorAll(".new-order li:not(.new-block)").Length);
        await app.Submit(page.QuerySelector("#found form")!, ("do", "order"));
        var after = app.Shelf.Get(Ferry)!.Plan;
        Assert.NotEqual(Sheet(before), Sheet(after));
        Assert.Equal(TimelineBuilder.Build(before).Length, TimelineBuilder.Build(after).Length);
        Assert.Contains("best order", (await app.Search($"/order/{Ferry}?block=Harbour%20wall")).QuerySelector("#found h2")!.TextContent, StringComparison.Ordinal);
        await app.Submit((await app.Get($"/plan/{Ferry}")).QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal(Sheet(before), Sheet(app.Shelf.Get(Ferry)!.Plan));
    }

    [Fact]
    public async Task Pins_pairs_and_weights_stay_as_they_were_set()
    {
        var page = await app.Search($"/order/{Ferry}?floor=9&pin=Harbour%20wall/6&pair=No%20way%20back/1");
        Assert.Equal("9", page.QuerySelector("#floor")!.GetAttribute("value"));
        Assert.Equal("Harbour wall/6", page.QuerySelector("input[name=pin][checked]")!.GetAttribute("value"));
        Assert.Equal("No way back/1", page.QuerySelector("input[name=pair][checked]")!.GetAttribute("value"));
        var names = page.QuerySelectorAll(".new-order li:not(.new-block) b").Select(e => e.TextContent).ToList();
        Assert.Equal("Bicycle crunch", names[11]);
        Assert.Equal("Bent-over row", names[names.IndexOf("Goblet squat") + 1]);
    }

    [Fact]
    public async Task An_order_for_a_class_that_changed_meanwhile_orders_what_is_left()
    {
        var page = await app.Search($"/order/{Ferry}?block=Harbour%20wall");
        app.Shelf.Edit(Ferry, app.Shelf.Get(Ferry)!.Revision, new Core.Edits.RemoveStation(app.Shelf.Get(Ferry)!.Plan.Find("Harbour wall")!.Stations[1].Id));
        var left = app.Shelf.Get(Ferry)!.Plan.Find("Harbour wall")!.Stations.Select(s => s.Id).ToList();
        var answer = await app.Submit(page.QuerySelector("#found form")!, ("do", "order"));
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        var after = app.Shelf.Get(Ferry)!.Plan.Find("Harbour wall")!.Stations.Select(s => s.Id).ToList();
        Assert.Equal(left.Order(), after.Order());
        Assert.NotEqual(left, after);
    }

    [Fact]
    public async Task A_draft_is_shown_with_its_reasons_and_the_same_one_taken()
    {
        const string brief = "minutes=30&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=newcomer&needs=knees&kit=mat,%20light%20dumbbells";
        var page = await app.Search($"/design?{brief}&seed=3", "draft");
        var lines = page.QuerySelectorAll(".draft-block li b").Select(e => e.TextContent.ToLowerInvariant()).ToList();
        Assert.All(page.QuerySelectorAll(".draft-block li .why"), w => Assert.True(w.TextContent.Length > 8));
        var answer = await app.Submit(page.QuerySelector(".draft-take")!);
        var made = app.Shelf.Get(Guid.Parse(answer.Headers.Location!.OriginalString.Split('/')[^1]))!;
        Assert.Equal(lines, made.Plan.Blocks.SelectMany(b => b.Stations).Select(s => Facts.NameOf(s.Doing).ToLowerInvariant()));
        // Its reasons stay with the class.
        var told = (await app.Get($"/plan/{made.Id}?handler=history")).QuerySelectorAll("#drafted li").Select(e => e.TextContent).ToList();
        Assert.All(page.QuerySelectorAll(".draft-block li .why"), why => Assert.Contains(told, t => t.EndsWith(why.TextContent, StringComparison.Ordinal)));
        Assert.NotEqual(lines, (await app.Search($"/design?{brief}&seed=3&another=true", "draft")).QuerySelectorAll(".draft-block li b").Select(e => e.TextContent.ToLowerInvariant()));
    }

    [Fact]
    public async Task Three_drafts_are_compared_another_looked_at_and_a_block_of_one_put_into_it()
    {
        const string brief = "minutes=30&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=newcomer,%20regular&needs=&kit=mat,%20light%20dumbbells,%20heavy%20dumbbells&seed=1";
        var page = await app.Search($"/design?{brief}", "draft");
        Assert.Equal(3, page.QuerySelectorAll(".draft-card").Length);
        Assert.Equal(["main part", "work", "see-saws"], page.QuerySelectorAll(".draft-card:first-child dt").Select(e => e.TextContent).Skip(1).Take(3));
        var second = await app.Search($"/design?{brief}&which=2", "draft");
        Assert.NotEqual(Lines(page), Lines(second));
        var offer = second.QuerySelector("[data-block=A] button[name=taken]")!;
        var mixed = await app.Search($"/design?{brief}&which=2&taken={Uri.EscapeDataString(offer.GetAttribute("value")!)}", "draft");
        Assert.Contains("as its A", mixed.QuerySelector(".draft-mixed")!.TextContent, StringComparison.Ordinal);
        var answer = await app.Submit(mixed.QuerySelector(".draft-take")!);
        var made = app.Shelf.Get(Guid.Parse(answer.Headers.Location!.OriginalString.Split('/')[^1]))!;
        Assert.Equal(offer.TextContent[(offer.TextContent.IndexOf(" of draft ", StringComparison.Ordinal) + 11)..].Trim(), string.Join(", ", made.Plan.Find("A")!.Stations.Select(s => Facts.NameOf(s.Doing))));

        static List<string> Lines(IParentNode page) => [.. page.QuerySelectorAll(".draft-block li b").Select(e => e.TextContent)];
    }

    [Fact]
    public async Task Another_move_is_put_into_a_draft_before_it_is_taken()
    {
        const string brief = "minutes=20&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=regular&needs=&kit=mat,%20light%20dumbbells&seed=1";
        var page = await app.Search($"/design?{brief}", "draft");
        var place = page.QuerySelector("[data-block=A] .draft-swap button[name=swap]")!.GetAttribute("value")!;
        var asked = await app.Search($"/design?{brief}&which=1&swap={Uri.EscapeDataString(place)}", "draft");
        var offers = asked.QuerySelectorAll(".draft-swap button[name=taken]");
        Assert.InRange(offers.Length, 1, 5);
        var take = offers[0].GetAttribute("value")!;
        var swapped = await app.Search($"/design?{brief}&which=1&taken={Uri.EscapeDataString(take)}", "draft");
        Assert.Contains("as number 1 of A", swapped.QuerySelector(".draft-mixed")!.TextContent, StringComparison.Ordinal);
        var answer = await app.Submit(swapped.QuerySelector(".draft-take")!);
        var made = app.Shelf.Get(Guid.Parse(answer.Headers.Location!.OriginalString.Split('/')[^1]))!;
        Assert.Equal(take.Split('=')[1], Facts.NameOf(made.Plan.Find("A")!.Stations[0].Doing));
    }

    /// <summary>A search that was stopped gave other drafts than a whole one would: what was shown is what is taken.</summary>
    [Fact]
    public async Task The_draft_that_was_shown_is_the_one_that_is_taken()
    {
        var page = await app.Search("/design?minutes=20&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=regular&needs=&kit=mat&seed=1", "draft");
        var shown = page.QuerySelectorAll(".draft-block li b").Select(e => e.TextContent.ToLowerInvariant()).ToList();
        var answer = await app.Submit(page.QuerySelector(".draft-take")!, ("seed", "40"));
        Assert.Equal(shown, app.Shelf.Get(Guid.Parse(answer.Headers.Location!.OriginalString.Split('/')[^1]))!.Plan.Blocks.SelectMany(b => b.Stations).Select(s => Facts.NameOf(s.Doing).ToLowerInvariant()));
        var forgotten = await app.Submit(page.QuerySelector(".draft-take")!, ("job", Guid.NewGuid().ToString()));
        Assert.Equal(HttpStatusCode.Redirect, forgotten.StatusCode);
    }

    [Theory]
    [InlineData("which=99&taken=A%3C2.A%3Cx")]
    [InlineData("which=-1&taken=%E2%80%A8")]
    [InlineData("which=2&which=3&taken=;;;&taken=Q%3C1.Q")]
    [InlineData("which=1&swap=A:99&taken=A:1%3Dnothing")]
    [InlineData("swap=%3A%3A%3Cb%3E")]
    public async Task Odd_questions_about_drafts_show_a_draft_all_the_same(string odd) =>
        Assert.NotNull((await app.Search($"/design?minutes=20&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=regular&needs=&kit=mat&seed=1&{odd}", "draft")).QuerySelector(".draft-take"));

    [Fact]
    public async Task Where_nothing_comes_out_what_would_is_offered()
    {
        var page = await app.Search("/design?minutes=10&focus=biceps&goal=power&format=Circuit&audience=older%20adults&needs=seated,%20no%20jumping&kit=&seed=1", "draft");
        Assert.Contains("The minutes stand in the way", page.QuerySelector("#draft-found .told")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("15", page.QuerySelector(".draft-nearest [name=minutes]")!.GetAttribute("value"));
        Assert.NotNull((await App.Parse(await app.Submit(page.QuerySelector(".draft-nearest")!))).QuerySelector(".draft-take"));
    }

    [Fact]
    public async Task A_draft_leaves_alone_what_the_last_taught_classes_used()
    {
        const string brief = "/design?minutes=30&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=regular&needs=&kit=mat,%20dumbbells&seed=2";
        async Task<List<string>> Main() => [.. (await app.Search(brief, "draft")).QuerySelectorAll(".draft-block").Where(b => b.QuerySelector("h3")!.TextContent[0] is 'A' or 'B').SelectMany(b => b.QuerySelectorAll("li b")).Select(e => e.TextContent)];
        var first = await Main();
        var taught = app.Shelf.Get(Guid.Parse((await app.Submit((await app.Search(brief, "draft")).QuerySelector(".draft-take")!)).Headers.Location!.OriginalString.Split('/')[^1]))!;
        var session = app.Sessions.Open(taught, Studio.Shipped);
        Assert.Equal(first, await Main());
        app.Sessions.Press(session, Core.Teaching.EventKind.End, DateTimeOffset.UtcNow.ToUnixTimeMilliseconds());
        var next = await Main();
        Assert.True(next.Intersect(first).Count() <= first.Count / 4, string.Join(", ", next.Intersect(first)));
    }

    [Fact]
    public async Task A_brief_with_faults_says_what_is_wrong_at_the_field_and_keeps_what_was_typed()
    {
        var page = await app.Search("/design?minutes=abc&focus=full%20body&goal=muscle&format=Circuit&audience=sailors&needs=&kit=&seed=1", "draft");
        Assert.Contains("whole number", page.QuerySelector("#minutes-wrong")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("first-timers", page.QuerySelector("#audience-wrong")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("sailors", page.QuerySelector("#audience")!.GetAttribute("value"));
        Assert.Null(page.QuerySelector(".draft"));
    }

    [Fact]
    public async Task What_is_picked_goes_into_its_line_and_what_is_written_is_told_back()
    {
        var form = (await app.Get("/design?needs=bad%20knees")).QuerySelector("#design-form")!;
        Assert.Equal("understood: knees", form.QuerySelector("#told-needs")!.TextContent);
        Assert.DoesNotContain(form.QuerySelectorAll(".pick"), b => b.GetAttribute("value") == "needs:knees");
        form.SetAttribute("action", "/design?handler=pick");
        var again = await App.Parse(await app.Submit(form, ("pick", "needs:wrists")));
        Assert.Equal("bad knees, wrists", again.QuerySelector("#needs")!.GetAttribute("value"));
        Assert.Equal("understood: knees, wrists", again.QuerySelector("#told-needs")!.TextContent);
        Assert.Equal("understood: low back", await app.Client.GetStringAsync(new Uri("/design?handler=told&key=needs&needs=dodgy%20back", UriKind.Relative)));
    }

    [Fact]
    public async Task A_pick_in_the_brief_of_a_class_is_an_edit_like_any_other()
    {
        var kept = app.Demo("Rope Walk");
        var form = (await app.Get($"/plan/{kept.Id}")).QuerySelector("#brief form")!;
        await app.Submit(form, ("pick", "needs:neck"));
        Assert.Contains("neck", app.Shelf.Get(kept.Id)!.Plan.Brief.Needs);
        Assert.Equal("BUTTON", form.QuerySelector("button")!.TagName);
        Assert.False(form.QuerySelector("button")!.HasAttribute("name"), "Enter in a field picks nothing");
    }

    [Fact]
    public async Task A_draft_with_someone_to_ask_about_says_that_it_cannot_judge()
    {
        var page = await app.Search("/design?minutes=30&focus=full%20body&goal=strength%20endurance&format=Circuit&audience=regular&needs=pregnancy&kit=mat&seed=1", "draft");
        Assert.Contains("cannot judge", page.QuerySelector(".draft .told")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_finding_is_left_with_a_reason_printed_and_taken_up_again()
    {
        var slack = app.Demo("Spring Tide").Id;
        var finding = Finding(await app.Get($"/plan/{slack}"), "hard landings");
        var refused = await app.Submit(finding.QuerySelector(".leave form")!, ("do", "dismiss"), ("reason", " "));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        await app.Submit(finding.QuerySelector(".leave form")!, ("do", "dismiss"), ("reason", "They trained for it"));
        var page = await app.Get($"/plan/{slack}");
        var left = page.QuerySelector(".finding.left")!;
        Assert.Contains("They trained for it", left.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain(Review.Of(TimelineBuilder.Build(app.Shelf.Get(slack)!.Plan)), f => f.Code == "jumps-ceiling");
        Assert.Contains("They trained for it", (await app.Get($"/print/{slack}")).Body!.TextContent, StringComparison.Ordinal);
        await app.Submit(left.QuerySelector("form")!, ("do", "take-up"));
        Assert.Null((await app.Get($"/plan/{slack}")).QuerySelector(".finding.left"));
    }

    [Fact]
    public async Task What_only_a_clinician_can_judge_has_no_way_to_be_left_and_prints()
    {
        var kept = app.Add(SheetReader.Read("# Ask\nneeds: pregnancy\n== A (circuit, work 40, rest 20)\nsquat\nplank\n").Plan!);
        Assert.Null(Finding(await app.Get($"/plan/{kept.Id}"), "usual ways – ask").QuerySelector(".leave"));
        Assert.Contains("clinician decides", (await app.Get($"/print/{kept.Id}")).Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_warm_up_and_a_cool_down_are_built_where_there_is_none()
    {
        var kept = app.Add(SheetReader.Read("# Bare\nminutes: 20\n== A (circuit, 2 rounds, work 40, rest 20, after 30)\nsquat\npush-up\nplank\n").Plan!);
        foreach (var what in new[] { "warm-up", "cool-down" })
        {
            var form = (await app.Get($"/plan/{kept.Id}")).QuerySelectorAll(".build-form").Single(f => f.QuerySelector("input[name=build]")!.GetAttribute("value") == what);
            await app.Submit(form, ("do", "build"), ("build-minutes", "4"));
        }

        var plan = app.Shelf.Get(kept.Id)!.Plan;
        Assert.Equal(["Warm-up", "A", "Cool-down"], plan.Blocks.Select(b => b.Name));
        Assert.Contains("Another warm-up", (await app.Get($"/plan/{kept.Id}?block={app.Block(kept.Id, "Warm-up")}")).QuerySelector(".build-form label")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Recovery_is_drawn_on_request_a_lane_for_each_thing()
    {
        var page = await app.Get($"/effort/{Ferry}?recovery=true");
        var lanes = Core.Balance.Recovery.Of(TimelineBuilder.Build(app.Shelf.Get(Ferry)!.Plan));
        Assert.True(page.QuerySelector("#recovery")!.HasAttribute("open"));
        Assert.Equal(lanes.Length, page.QuerySelectorAll(".recovery .lane").Length);
        Assert.Equal(lanes.Sum(l => l.Spells.Length), page.QuerySelectorAll(".recovery .spell").Length);
        Assert.False((await app.Get($"/effort/{Ferry}")).QuerySelector("#recovery")!.HasAttribute("open"));
        Assert.Equal(lanes.Length, (await app.Get($"/effort/{Ferry}?handler=recovery")).QuerySelectorAll(".recovery .lane").Length);
        Assert.NotNull((await app.Get($"/plan/{Ferry}")).QuerySelector(".under-line a"));
    }

    [Theory]
    [InlineData("Slack Water Strength", false)]
    [InlineData("Spring Tide", true)]
    public async Task The_rail_counts_what_is_to_be_looked_at_and_no_notes(string title, bool counts)
    {
        var page = await app.Get($"/plan/{app.Demo(title).Id}");
        Assert.Equal(counts, page.QuerySelector(".rail .badge") is not null);
        if (counts)
            Assert.StartsWith($"{page.QuerySelectorAll(".finding.warn, .finding.stop").Length}", page.QuerySelector(".rail .badge")!.TextContent, StringComparison.Ordinal);
        Assert.NotEmpty(page.QuerySelectorAll(".finding.note"));
    }

    [Fact]
    public async Task The_opening_and_the_claims_stand_on_plan_and_print()
    {
        var opening = Core.Cues.Opening.Of(TimelineBuilder.Build(app.Shelf.Get(Ferry)!.Plan)).ToList();
        Assert.Equal(opening, (await app.Get($"/plan/{Ferry}")).QuerySelectorAll(".opening li").Select(e => e.TextContent));
        Assert.Equal(Core.Cues.Closing.Of(TimelineBuilder.Build(app.Shelf.Get(Ferry)!.Plan)), (await app.Get($"/plan/{Ferry}")).QuerySelectorAll(".closing li").Select(e => e.TextContent));
        Assert.Contains(opening[^1], (await app.Get($"/print/{Ferry}")).Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("holds", (await app.Get($"/plan/{Ferry}")).QuerySelector(".claims li.true")!.TextContent, StringComparison.Ordinal);
    }
}
