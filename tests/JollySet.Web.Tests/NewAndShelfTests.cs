using System.Net;
using System.Text;

namespace JollySet.Web.Tests;

public sealed class NewAndShelfTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private async Task<HttpResponseMessage> Paste(string text) =>
        await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", text));

    [Fact]
    public async Task The_shelf_shows_each_class_with_its_bunting_and_finds_by_words()
    {
        var page = await app.Get("/");
        Assert.Equal(16, page.QuerySelectorAll(".class-card svg.bunting").Length);
        Assert.Equal(["Ferry Half Hour", "Tide Table", "Squall, no repeats"], (await app.Get("/?q=kettlebell+swing")).QuerySelectorAll(".class-title").Select(e => e.TextContent));
        Assert.Contains("No class has “submarine”", (await app.Get("/?q=submarine")).Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_pasted_sheet_becomes_a_class()
    {
        var answer = await Paste("# Monday\nminutes: 10\n== A (circuit, work 40, rest 20)\nsquat\nplank\n");
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        Assert.Equal(10, app.Demo("Monday").Plan.Brief.Minutes);
    }

    [Theory]
    [InlineData("", "the sheet is empty")]
    [InlineData("# T\n== A (circuit, work 0)\nsquat x0\n", "line 3, column 8")]
    [InlineData("# T\n== A (superset opposing, 3 rounds)\nsquat x10\n", "a superset has two stations")]
    public async Task A_wrong_sheet_stays_where_it_was_with_every_error(string text, string said)
    {
        var answer = await Paste(text);
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Contains(said, page.QuerySelector(".errors")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(text.TrimEnd(), page.QuerySelector("#text")!.TextContent.TrimEnd());
    }

    [Fact]
    public async Task A_name_of_five_hundred_letters_is_refused_and_kept_and_one_in_Arabic_is_fine()
    {
        var page = await App.Parse(await Paste($"# {new string('n', 500)}\n== A (circuit, work 40)\nsquat\n"));
        Assert.Contains("the limit is 200", page.QuerySelector(".errors")!.TextContent, StringComparison.Ordinal);
        Assert.Contains(new string('n', 500), page.QuerySelector("#text")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.Redirect, (await Paste("# تمرين الاثنين\n== A (circuit, work 40)\nsquat\n")).StatusCode);
        Assert.Contains("تمرين الاثنين", (await app.Get("/")).Body!.TextContent, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(210_000)]
    [InlineData(900_000)]
    public async Task A_paste_over_the_limit_says_its_size_and_the_limit(int letters)
    {
        var answer = await Paste("# T\n" + new string('x', letters));
        var page = await App.Parse(answer);
        Assert.Contains($"{letters / 1000} kB", page.Body!.TextContent, StringComparison.Ordinal);
        Assert.Contains("at most 200 kB", page.Body!.TextContent, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("# From a file\n== A (circuit, work 40)\nsquat\n", null)]
    [InlineData("", "the file is empty")]
    [InlineData("\u0000\u0001binary", "plain text")]
    public async Task A_file_is_brought_in_or_refused_with_a_sentence(string content, string? said)
    {
        var answer = await Bring(content);
        if (said is null)
            Assert.Equal("From a file", app.Demo("From a file").Plan.Title);
        else
            Assert.Contains(said, (await App.Parse(answer)).QuerySelector(".errors")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_table_in_a_file_is_read_as_a_card()
    {
        var page = await App.Parse(await Bring("Exercise,Reps,Load\ngoblet squat,12,heavy\npush-up,10,\n"));
        Assert.Contains("goblet squat · ×12 · heavy", page.QuerySelector("#read-2")!.TextContent, StringComparison.Ordinal);
    }

    private async Task<HttpResponseMessage> Bring(string content)
    {
        var form = (await app.Get("/new")).QuerySelector("#file")!.Closest("form")!;
        using var fields = new MultipartFormDataContent
        {
            { new StringContent(form.QuerySelector("[name=__RequestVerificationToken]")!.GetAttribute("value")!), "__RequestVerificationToken" },
            { new ByteArrayContent(Encoding.UTF8.GetBytes(content)), "file", "class.sheet" },
        };
        return await app.Client.PostAsync(new Uri("/new?handler=File", UriKind.Relative), fields);
    }

    [Fact]
    public async Task A_brief_begins_a_class_and_keeps_what_was_typed_wrong()
    {
        var form = (await app.Get("/new")).QuerySelector("#title")!.Closest("form")!;
        var page = await App.Parse(await app.Submit(form, ("title", "Tuesday"), ("minutes", "-5")));
        Assert.Equal(("Tuesday", "-5"), (page.QuerySelector("#title")!.GetAttribute("value"), page.QuerySelector("#minutes")!.GetAttribute("value")));
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("title", "Tuesday"), ("minutes", "20"))).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/plan/{app.Demo("Tuesday").Id}", UriKind.Relative))).StatusCode);
    }

    [Fact]
    public async Task A_class_taken_off_can_be_brought_back_and_a_copy_is_its_own()
    {
        var id = app.Demo("Rope Walk").Id;
        var shelf = await app.Get("/");
        var forms = shelf.QuerySelectorAll("form").Where(f => f.QuerySelector("[name=id]")?.GetAttribute("value") == id.ToString()).ToList();
        await app.Submit(forms.First(f => f.TextContent.Contains("Copy", StringComparison.Ordinal)));
        Assert.NotEqual(id, app.Demo("Rope Walk (copy)").Id);
        var answer = await app.Submit(forms.First(f => f.TextContent.Contains("Remove", StringComparison.Ordinal)));
        Assert.Null(app.Shelf.Get(id));
        var after = await app.Get(answer.Headers.Location!.ToString());
        await app.Submit(after.QuerySelector("form.told")!);
        Assert.NotNull(app.Shelf.Get(id));
    }
}
