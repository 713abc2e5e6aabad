using System.Globalization;
using JollySet.Core.Balance;
using JollySet.Core.Sheets;
using JollySet.Core.Swapping;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

/// <summary>The facets of a class: balance and effort.</summary>
public sealed class FacetTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    [Fact]
    public async Task A_tipped_pair_is_levelled_with_a_press_and_undone()
    {
        var id = app.Demo("Tide Table").Id;
        var before = app.Shelf.Get(id)!.Plan;
        var page = await app.Get($"/balance/{id}");
        Assert.Equal("tipped", page.QuerySelectorAll(".uneven")[0].ClassList[1]);
        var form = page.QuerySelector(".uneven.tipped form")!;
        await app.Submit(form, ("do", "fix"));
        var after = app.Shelf.Get(id)!.Plan;
        Assert.True(SeeSawFix.Badness(ClassBalance.Of(TimelineBuilder.Build(after))) < SeeSawFix.Badness(ClassBalance.Of(TimelineBuilder.Build(before))));
        await app.Submit((await app.Get($"/plan/{id}")).QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal(SheetWriter.Write(before), SheetWriter.Write(app.Shelf.Get(id)!.Plan));
    }

    [Theory]
    [InlineData("balance")]
    [InlineData("effort")]
    [InlineData("order")]
    [InlineData("fit")]
    public async Task Every_screen_of_a_class_takes_its_last_change_back_and_stays_where_it_is(string facet)
    {
        var id = app.Demo("Tide Table").Id;
        var before = SheetWriter.Write(app.Shelf.Get(id)!.Plan);
        app.Shelf.Edit(id, app.Shelf.Get(id)!.Revision, new Core.Edits.SetTitle("Other"));
        var page = await app.Get($"/{facet}/{id}");
        Assert.Equal($"/plan/{id}#brief", page.QuerySelector(".rail [data-unfolds]")!.GetAttribute("href"));
        var answer = await app.Submit(page.QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal($"/{facet}/{id}", answer.Headers.Location!.OriginalString);
        Assert.Equal(before, SheetWriter.Write(app.Shelf.Get(id)!.Plan));
    }

    [Fact]
    public async Task Every_pair_and_every_loaded_muscle_is_shown_and_its_drawing_says_itself()
    {
        var kept = app.Demo("Ferry Half Hour");
        var page = await app.Get($"/balance/{kept.Id}");
        var balance = ClassBalance.Of(TimelineBuilder.Build(kept.Plan));
        Assert.Equal(balance.SeeSaws.Count(s => s.FirstSeconds + s.SecondSeconds > 0), page.QuerySelectorAll(".see-saw").Length);
        Assert.All(page.QuerySelectorAll(".see-saw"), s => Assert.Contains(":", s.GetAttribute("aria-label"), StringComparison.Ordinal));
        Assert.Equal(balance.Muscles.Count(m => m.LoadSeconds > 0), page.QuerySelectorAll(".muscles tbody tr").Length);
        Assert.Contains("not thresholds of injury", page.Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Effort_shows_three_people_and_says_what_it_is()
    {
        var page = await app.Get($"/effort/{app.Demo("Ferry Half Hour").Id}");
        Assert.Equal(3, page.QuerySelectorAll(".water").Length);
        var peaks = page.QuerySelectorAll(".people .peak").Select(e => double.Parse(e.TextContent, CultureInfo.InvariantCulture)).ToList();
        Assert.Equal(peaks.OrderDescending(), peaks);
        Assert.Contains("use the talk test", page.Body!.TextContent, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("balance")]
    [InlineData("effort")]
    [InlineData("fit")]
    [InlineData("order")]
    public async Task A_class_that_is_gone_or_empty_is_no_trouble(string facet)
    {
        Assert.Equal(System.Net.HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/{facet}/{Guid.NewGuid()}", UriKind.Relative))).StatusCode);
        var empty = app.Add(new Core.Plans.ClassPlan("Empty", new Core.Plans.Brief()));
        Assert.Contains("Empty", (await app.Get($"/{facet}/{empty.Id}")).QuerySelector("h1")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public void Teach_names_the_easier_way_of_a_stack_and_of_every_station_of_an_amrap()
    {
        var steps = Web.Pages.Session.Step.Of(TimelineBuilder.Build(app.Demo("Tide Table").Plan));
        Assert.Contains("easier|no load", steps.First(s => s.Title.StartsWith("Stack", StringComparison.Ordinal)).Options);
        Assert.All(steps.First(s => s.Title.StartsWith("As many", StringComparison.Ordinal)).Options, o => Assert.Contains("easier: ", o, StringComparison.Ordinal));
    }
}
