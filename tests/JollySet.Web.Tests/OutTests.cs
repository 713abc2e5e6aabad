using System.Net;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;

namespace JollySet.Web.Tests;

/// <summary>A class goes out as a card or a table, and in again.</summary>
public sealed class OutTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    [Theory]
    [InlineData("card", "text/plain")]
    [InlineData("csv", "text/csv")]
    [InlineData("table", "text/markdown")]
    public async Task What_is_sent_can_be_pasted(string handler, string type)
    {
        var kept = app.Demo("Slack Water Strength");
        Assert.NotNull((await app.Get($"/plan/{kept.Id}")).QuerySelector($"a[href='/plan/{kept.Id}?handler={handler}']"));
        using var answer = await app.Client.GetAsync(new Uri($"/plan/{kept.Id}?handler={handler}", UriKind.Relative));
        Assert.Equal(type, answer.Content.Headers.ContentType!.MediaType);
        var text = await answer.Content.ReadAsStringAsync();
        app.Shelf.Remove(kept.Id);
        var read = await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", text));
        var form = (await App.Parse(read)).QuerySelector("#card")!;
        Assert.Contains("Nothing is unsure", form.QuerySelector("#card-sum")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("do", "keep"))).StatusCode);
        var expected = handler == "card" ? PlainCard.Shown(kept.Plan) : kept.Plan;
        Assert.Equal(SheetWriter.Write(expected), SheetWriter.Write(app.Demo("Slack Water Strength").Plan));
    }

    [Fact]
    public async Task What_is_not_there_is_not_sent() =>
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/plan/{Guid.NewGuid()}?handler=card", UriKind.Relative))).StatusCode);
}
