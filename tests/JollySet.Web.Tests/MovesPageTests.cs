using System.Net;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

/// <summary>The library as a screen: found, read, overruled, one's own, taken along.</summary>
public sealed class MovesPageTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    [Fact]
    public async Task A_line_finds_moves_and_says_what_it_understood()
    {
        var page = await app.Get("/moves?q=back,%20no%20kit,%20spare%20the%20wrists");
        Assert.Contains("understood: upper back, lats · no kit, spares wrists", page.QuerySelector(".found-told")!.TextContent, StringComparison.Ordinal);
        var names = page.QuerySelectorAll(".move-name").Select(e => e.TextContent).ToList();
        Assert.Contains("prone row", names);
        Assert.DoesNotContain("bent-over row", names);
        Assert.Contains("own", (await app.Get("/moves?q=xyzzy")).QuerySelector(".empty")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_is_typed_to_look_for_stands_in_the_address()
    {
        using var answer = await app.Client.GetAsync(new Uri("/moves?handler=found&q=back%2C%20no%20kit", UriKind.Relative));
        Assert.Equal("/moves?q=back%2C%20no%20kit", answer.Headers.GetValues("HX-Replace-Url").Single());
    }

    [Fact]
    public async Task Every_move_has_its_page_with_the_classes_that_use_it()
    {
        var page = await app.Get("/moves/goblet-squat");
        Assert.Equal("goblet squat", page.QuerySelector("h1")!.TextContent.Trim());
        Assert.Equal("goblet squat", page.QuerySelector(".ladder .here b")!.TextContent);
        var titles = page.QuerySelectorAll(".move-classes a").Select(a => a.TextContent).ToList();
        Assert.NotEmpty(titles);
        Assert.All(titles, t => Assert.Contains("goblet squat", app.Demo(t).Plan.MoveNames().Select(MoveLibrary.Shipped.NameOf)));
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri("/moves/no-such-move", UriKind.Relative))).StatusCode);
        Assert.Equal(MoveLibrary.Shipped.All.Length, MoveLibrary.Shipped.All.Select(m => Pages.Moves.MoveFacts.SlugOf(m.Name)).Distinct().Count());
    }

    [Fact]
    public async Task A_shipped_fact_is_overruled_marked_used_and_reset()
    {
        var kept = app.Demo("Spring Tide");
        var name = kept.Plan.MoveNames().Select(MoveLibrary.Shipped.NameOf).First(n => MoveLibrary.Shipped.Find(n) is { Sides: MoveSides.Both, Pattern: not (Pattern.Stretch or Pattern.Mobility) });
        var slug = Pages.Moves.MoveFacts.SlugOf(name);
        var before = TimelineBuilder.Build(kept.Plan, app.Rules.Studio());
        var form = (await app.Get($"/moves/{slug}/facts")).QuerySelector("form[method=post]")!;
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("muscles", "calves"))).StatusCode);
        Assert.Equal(Muscle.Calves, app.Rules.Studio().Library.Find(name)!.Muscles.Single().Muscle);
        Assert.NotSame(before.Library, app.Rules.Studio().Library);
        var page = await app.Get($"/moves/{slug}");
        Assert.Equal("facts changed", page.QuerySelector(".own-mark")!.TextContent);
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(page.QuerySelector(".move-acts form")!)).StatusCode);
        Assert.Null((await app.Get($"/moves/{slug}")).QuerySelector(".own-mark"));
    }

    [Fact]
    public async Task A_move_of_ones_own_is_added_used_changed_and_forgotten()
    {
        var form = (await app.Get("/moves/new?like=goblet%20squat&name=Buoy%20squat")).QuerySelector("form[method=post]")!;
        Assert.Equal("Buoy squat", form.QuerySelector("[name=name]")!.GetAttribute("value"));
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("caution", "Dry hands."))).StatusCode);
        var own = app.Rules.Studio().Library.Find("buoy squat")!;
        Assert.Equal((Pattern.Squat, "Dry hands."), (own.Pattern, own.Caution));
        var page = await app.Get("/moves/buoy-squat");
        Assert.Equal("your own", page.QuerySelector(".own-mark")!.TextContent);
        Assert.Contains("Buoy squat", (await app.Get("/moves?q=own")).QuerySelectorAll(".move-name").Select(e => e.TextContent));
        var again = (await app.Get("/moves/new?like=squat&name=buoy%20squat")).QuerySelector("form[method=post]")!;
        var refused = await app.Submit(again);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, refused.StatusCode);
        Assert.Contains("is a move already", (await App.Parse(refused)).QuerySelector("#h-name")!.TextContent, StringComparison.Ordinal);
        await app.Submit(page.QuerySelector(".move-acts form")!);
        Assert.Null(app.Rules.Studio().Library.Find("buoy squat"));
    }

    [Theory]
    [InlineData("name", "", "a name is expected")]
    [InlineData("name", "a, b", "signs")]
    [InlineData("muscles", "", "say what it works")]
    [InlineData("muscles", "wings", "is none of")]
    [InlineData("muscles", "quads 0.7", "a share is")]
    [InlineData("kit", "anchor", "is none of")]
    [InlineData("kit", "", "needs something to hold")]
    [InlineData("rung", "12", "1, the easiest")]
    [InlineData("reps", "many", "two numbers")]
    [InlineData("also", "push-up", "is push-up already")]
    [InlineData("pattern", "Any", "choose what kind")]
    public async Task What_cannot_be_is_said_beside_its_field_and_stays(string field, string value, string says)
    {
        var form = (await app.Get("/moves/new?like=goblet%20squat&name=Buoy%20squat")).QuerySelector("form[method=post]")!;
        var answer = await app.Submit(form, (field, value));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Contains(says, string.Join(' ', page.QuerySelectorAll(".field-error").Select(e => e.TextContent)), StringComparison.Ordinal);
        if (field != "pattern")
            Assert.Equal(value, page.QuerySelector($"[name={field}]")!.GetAttribute("value"));
    }

    [Fact]
    public async Task A_name_taught_in_a_class_is_remembered_by_the_studio()
    {
        await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", "# Fenders\n== A (circuit, work 40, rest 20)\nnew: fender heave (like deadlift, kneeling, kit: rucksack)\n"));
        var taught = app.Rules.Studio().Library.Find("fender heave")!;
        Assert.Equal((Pattern.Hinge, Posture.Kneeling), (taught.Pattern, taught.Posture));
        Assert.Equal(["rucksack"], taught.Kit.AsEnumerable());
        var other = SheetReader.Read("# T\n== A (circuit, work 40, rest 20)\nfender heave\n").Plan!;
        Assert.Equal("fender heave", new Facts(other, app.Rules.Studio()).MoveOf("fender heave")?.Name);
    }

    [Fact]
    public async Task A_running_class_keeps_the_moves_it_was_opened_with()
    {
        await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", "# Fenders\n== A (circuit, work 40, rest 20)\nnew: fender heave (like deadlift)\n"));
        await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", "# Second\n== A (circuit, work 40, rest 20)\nfender heave\n"));
        var session = app.Sessions.Open(app.Demo("Second"), app.Rules.Studio());
        app.Moves.Forget("fender heave");
        Assert.Null(app.Rules.Studio().Library.Find("fender heave"));
        Assert.Equal(Pattern.Hinge, app.Sessions.Get(session)!.Timeline.Sets[0].Facts.Move?.Pattern);
    }

    [Fact]
    public async Task Own_moves_travel_as_a_file()
    {
        var form = (await app.Get("/moves/new?like=goblet%20squat&name=Buoy%20squat")).QuerySelector("form[method=post]")!;
        await app.Submit(form);
        var file = await app.Client.GetStringAsync(new Uri("/moves?handler=own", UriKind.Relative));
        app.Moves.Forget("Buoy squat");
        Assert.True(app.Moves.Keep(OwnMoves.Read(file).Moves));
        Assert.Equal(file, OwnMoves.Write(app.Moves.Own()));
    }

    [Fact]
    public async Task Moves_are_found_where_one_is_chosen()
    {
        var id = app.Demo("Spring Tide").Id;
        Assert.Equal("/moves?handler=names", (await app.Get($"/plan/{id}")).QuerySelector("#find-q")!.GetAttribute("hx-get"));
        var found = await app.Get("/moves?handler=names&q=chest,%20no%20floor");
        Assert.Contains("wall push-up", found.QuerySelectorAll(".name-pick").Select(b => b.GetAttribute("data-name")));
        Assert.DoesNotContain("push-up", found.QuerySelectorAll(".name-pick").Select(b => b.GetAttribute("data-name")));
    }

    [Fact]
    public async Task The_shelf_finds_moves_too()
    {
        var page = await app.Get("/?q=goblet");
        Assert.Contains(page.QuerySelectorAll(".shelf-moves a"), a => a.GetAttribute("href") == "/moves/goblet-squat");
    }

    [Fact]
    public async Task What_was_forgotten_stays_so_when_its_class_is_edited()
    {
        await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", "# Fenders\n== A (circuit, work 40, rest 20)\nnew: fender heave (like deadlift)\n"));
        app.Moves.Forget("fender heave");
        var kept = app.Demo("Fenders");
        await app.Submit((await app.Get($"/plan/{kept.Id}")).QuerySelector("#brief form")!, ("place", "the loft"));
        Assert.Equal("the loft", app.Demo("Fenders").Plan.Brief.Place);
        Assert.Null(app.Moves.Find("fender heave"));
    }

    [Fact]
    public async Task A_name_that_certainly_means_a_move_is_not_taught_over()
    {
        await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", "# Fenders\n== A (circuit, work 40, rest 20)\nnew: DB goblet squats (like plank)\n"));
        Assert.Empty(app.Moves.Own());
        Assert.Equal(Pattern.Squat, app.Rules.Studio().Library.Understood("DB goblet squats")!.Pattern);
    }

    [Theory]
    [InlineData("push up")]
    [InlineData("new")]
    public async Task An_address_of_its_own_is_asked_of_a_name(string name)
    {
        var form = (await app.Get("/moves/new?like=goblet%20squat")).QuerySelector("form[method=post]")!;
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await app.Submit(form, ("name", name))).StatusCode);
    }

    [Fact]
    public async Task A_hostile_file_of_moves_is_a_sentence()
    {
        var token = (await app.Get("/moves")).QuerySelector("form[method=post] input[name=__RequestVerificationToken]")!.GetAttribute("value")!;
        using var form = new MultipartFormDataContent { { new StringContent(token), "__RequestVerificationToken" }, { new StringContent("[{\"name\":1}]"), "file", "moves.json" } };
        using var answer = await app.Client.PostAsync(new Uri("/moves?handler=Bring", UriKind.Relative), form);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        Assert.NotEmpty((await App.Parse(answer)).QuerySelector("#file-wrong")!.TextContent);
    }
}
