using System.Net;

namespace JollySet.Web.Tests;

/// <summary>Words and Rehearse, as pages.</summary>
public sealed class SayingTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Slack => app.Demo("Slack Water Strength").Id;

    [Theory]
    [InlineData("RunSheet", "run sheet")]
    [InlineData("Handout", "handout")]
    public async Task Paper_comes_as_a_file_named_after_its_class(string handler, string what)
    {
        var answer = await app.Client.GetAsync($"/print/{Slack}?start=18:30&handler={handler}");
        Assert.Equal("application/pdf", answer.Content.Headers.ContentType!.MediaType);
        Assert.Contains(what, Uri.UnescapeDataString(answer.Content.Headers.ContentDisposition!.ToString()), StringComparison.Ordinal);
        Assert.Equal("%PDF-"u8.ToArray(), (await answer.Content.ReadAsByteArrayAsync())[..5]);
        Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync($"/print/{Guid.NewGuid()}?handler={handler}")).StatusCode);
    }

    [Fact]
    public async Task The_instructors_own_words_are_kept_said_and_can_be_given_back()
    {
        var page = await app.Get($"/words/{Slack}");
        await app.Submit(page.QuerySelector(".phrases")!, ("next", "Now comes {move}!"));
        var own = await app.Get($"/words/{Slack}");
        Assert.Contains("Now comes goblet squat!", own.QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        app.Restart();
        Assert.Contains("Now comes goblet squat!", (await app.Get($"/words/{Slack}")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        await app.Submit((await app.Get($"/words/{Slack}")).QuerySelector(".phrases")!, ("usual", "next"));
        Assert.DoesNotContain("Now comes", (await app.Get($"/words/{Slack}")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_phrase_that_cannot_be_said_stays_in_its_field_with_the_reason_and_none_is_kept()
    {
        var page = await app.Get($"/words/{Slack}");
        var answer = await app.Submit(page.QuerySelector(".phrases")!, ("next", "Now {muve}"), ("ten", "Nearly there."));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var refused = await App.Parse(answer);
        Assert.Equal("Now {muve}", refused.QuerySelector("#say-next")!.GetAttribute("value"));
        Assert.Equal("Nearly there.", refused.QuerySelector("#say-ten")!.GetAttribute("value"));
        Assert.Contains("{muve} means nothing here", Assert.Single(refused.QuerySelectorAll(".field-error")).TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain("Nearly there.", (await app.Get($"/words/{Slack}")).QuerySelector(".cues")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Words_are_told_for_each_of_the_people_who_come()
    {
        var planned = await app.Get($"/words/{Slack}");
        var tracks = planned.QuerySelectorAll("#track option").Length;
        Assert.True(tracks > 1);
        var others = new List<string>();
        for (var i = 1; i < tracks; i++)
            others.Add((await app.Get($"/words/{Slack}?track={i}")).QuerySelector("section")!.TextContent);
        Assert.Contains(others, o => o != planned.QuerySelector("section")!.TextContent);
        Assert.NotEmpty((await app.Get($"/words/{Slack}?track=99")).QuerySelectorAll(".cues li"));
    }

    [Theory]
    [InlineData("take&what=text", "text/plain")]
    [InlineData("take&what=vtt", "text/vtt")]
    [InlineData("take&what=chapters", "text/plain")]
    [InlineData("take&what=intervals", "text/plain")]
    [InlineData("sound", "audio/wav")]
    [InlineData("sound&beats=120", "audio/wav")]
    public async Task The_class_is_taken_along(string what, string type)
    {
        var answer = await app.Client.GetAsync(new Uri($"/words/{Slack}?handler={what}", UriKind.Relative));
        Assert.Equal((HttpStatusCode.OK, type), (answer.StatusCode, answer.Content.Headers.ContentType!.MediaType));
        var bytes = await answer.Content.ReadAsByteArrayAsync();
        Assert.True(bytes.Length > 40);
        if (answer.Content.Headers.ContentLength is { } said)
            Assert.Equal(said, bytes.Length);
    }

    [Theory]
    [InlineData("take&what=exe", HttpStatusCode.NotFound)]
    [InlineData("sound&beats=9000", HttpStatusCode.BadRequest)]
    public async Task What_is_no_way_to_take_it_is_refused(string what, HttpStatusCode status) =>
        Assert.Equal(status, (await app.Client.GetAsync(new Uri($"/words/{Slack}?handler={what}", UriKind.Relative))).StatusCode);

    [Fact]
    public async Task Words_are_printed_with_the_run_sheet_where_they_are_asked_for()
    {
        Assert.Empty((await app.Get($"/print/{Slack}")).QuerySelectorAll(".cue-sheet"));
        var lines = (await app.Get($"/print/{Slack}?words=true")).QuerySelectorAll(".cue-sheet li").Select(l => l.TextContent).ToList();
        Assert.Contains(lines, l => l.Contains("Next: goblet squat.", StringComparison.Ordinal));
        Assert.DoesNotContain(lines, l => l.Contains("Ten seconds", StringComparison.Ordinal));
    }

    [Fact]
    public async Task A_rehearsal_lists_where_something_would_go_wrong_without_script()
    {
        var tens = app.Demo("Too Few Tens").Id;
        var page = await app.Get($"/rehearse/{tens}");
        Assert.Equal(page.QuerySelectorAll(".stop-pennant").Length, page.QuerySelectorAll(".rehearse-stops li").Length);
        Assert.NotEmpty(page.QuerySelectorAll(".time-line .cloth"));
    }

    [Fact]
    public async Task An_empty_class_has_nothing_to_say_and_nothing_to_rehearse()
    {
        var id = app.Add(JollySet.Core.Sheets.SheetReader.Read("# Empty\n").Plan!).Id;
        Assert.Contains("Nothing to say yet", (await app.Get($"/words/{id}")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("nothing to rehearse", (await app.Get($"/rehearse/{id}")).QuerySelector("main")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/words/{id}?handler=sound", UriKind.Relative))).StatusCode);
    }
}
