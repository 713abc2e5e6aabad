using System.Net;
using AngleSharp.Dom;
using JollySet.Core.Sheets;

namespace JollySet.Web.Tests;

/// <summary>Paste a card: read, asked, put on the shelf; with and without script.</summary>
public sealed class CardPageTests : IDisposable
{
    private const string Card = "Harbour lunch, 20 mins\n\n3 rounds 40/20, 60s between rounds\ngoblet squat (heavy)\nromanian dedlift\nbring the speaker\n";

    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private async Task<IElement> Read(string card) =>
        (await App.Parse(await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", card)))).QuerySelector("#card")!;

    [Fact]
    public async Task Every_line_has_what_is_understood_beside_it()
    {
        var form = await Read(Card);
        Assert.Equal(Card.Split('\n'), form.QuerySelectorAll("input.card-text").Select(i => i.GetAttribute("value") ?? ""));
        Assert.Contains("20 minutes", form.QuerySelector("#read-1")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("40 s on · 20 s off · 60 s between rounds", form.QuerySelector("#read-3")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("is Romanian deadlift meant?", form.QuerySelector("#read-5")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("note, kept here", form.QuerySelector("#read-6")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("One thing is asked", form.QuerySelector("#card-sum")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task One_press_makes_the_class()
    {
        var answer = await app.Submit(await Read(Card), ("do", "keep"));
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        var plan = app.Demo("Harbour lunch").Plan;
        Assert.Equal(["goblet squat", "Romanian deadlift"], plan.MoveNames());
        Assert.Contains("between 60", SheetWriter.Write(plan), StringComparison.Ordinal);
        Assert.Equal("bring the speaker", Assert.Single(plan.Blocks[0].Notes));
    }

    [Theory]
    [InlineData("keep", "MON", "WED")]
    [InlineData("one", "MON")]
    public async Task Several_classes_on_a_card_are_made_each_or_all_as_one(string pressed, params string[] titles)
    {
        var form = await Read("MON\n3 rounds 40/20\ngoblet squat\nromanian dedlift\nWED\n2 rounds 30/30\nlunge\npress-up\n");
        Assert.Equal("Make these 2 classes", form.QuerySelector("button[value=keep]")!.TextContent);
        Assert.Equal(9, form.QuerySelectorAll("input.card-text").Length);
        Assert.Contains("WED", form.QuerySelector("#card-sum")!.TextContent, StringComparison.Ordinal);
        var other = form.QuerySelectorAll("#read-4 label").Single(l => l.TextContent == "a note").QuerySelector("input")!;
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, (other.GetAttribute("name")!, other.GetAttribute("value")!), ("do", pressed))).StatusCode);
        var shelf = (await app.Get("/")).Body!.TextContent;
        Assert.All(titles, t => Assert.Contains(t, shelf, StringComparison.Ordinal));
        Assert.Equal(titles.Length > 1 ? ["goblet squat"] : ["goblet squat", "lunge", "press-up"], app.Demo("MON").Plan.MoveNames());
    }

    [Fact]
    public async Task Another_choice_rewrites_its_line()
    {
        var form = await Read(Card);
        var note = form.QuerySelectorAll("#read-5 label").Single(l => l.TextContent == "a note").QuerySelector("input")!;
        var again = (await App.Parse(await app.Submit(form, (note.GetAttribute("name")!, note.GetAttribute("value")!), ("do", "read")))).QuerySelector("#card")!;
        Assert.Equal("note: romanian dedlift", again.QuerySelector("#text-5")!.GetAttribute("value"));
        Assert.Contains("Nothing is unsure", again.QuerySelector("#card-sum")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_card_too_large_is_told_so_and_stays()
    {
        var answer = await app.Submit((await app.Get("/new")).QuerySelector("#text")!.Closest("form")!, ("text", string.Join('\n', Enumerable.Repeat("words of a letter", 9000))));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Contains("at most 120 kB", page.QuerySelector(".errors")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("words of a letter", page.QuerySelector("#text")!.TextContent, StringComparison.Ordinal);
    }

    /// <summary>More answers than a form usually holds.</summary>
    [Fact]
    public async Task A_card_of_a_thousand_questions_is_sent_whole()
    {
        var form = await Read("Quay\n" + string.Concat(Enumerable.Range(0, 20).Select(b => $"Block {b}: 10/5\n" + string.Concat(Enumerable.Range(0, 10).Select(_ => "side plank, split squat, single leg deadlift, suitcase carry, single leg bridge\n")))));
        Assert.True(form.QuerySelectorAll("fieldset").Length > 700, $"{form.QuerySelectorAll("fieldset").Length}");
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("do", "keep"))).StatusCode);
    }

    [Fact]
    public async Task A_novel_is_one_text_with_its_readings_below()
    {
        var form = await Read(string.Join('\n', Enumerable.Range(0, 260).Select(i => $"It was a dark night number {i} and they sat down by the quay.")));
        Assert.NotNull(form.QuerySelector("#whole"));
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("do", "keep"))).StatusCode);
    }
}
