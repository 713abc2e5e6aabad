using System.Net;
using System.Text;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using Microsoft.Data.Sqlite;

namespace JollySet.Web.Tests;

/// <summary>Nothing kept can break the shelf: what cannot be kept is refused, what cannot be read is a card.</summary>
public sealed class GateTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private async Task<HttpStatusCode> Paste(string text)
    {
        var page = await app.Get("/new");
        return (await app.Submit(page.QuerySelector("#text")!.Closest("form")!, ("text", text))).StatusCode;
    }

    public static TheoryData<string> Hostile => new()
    {
        "# T\n== A (circuit)\nsquat x10 @0.0001\n",
        "# T\n== A (circuit)\nsquat x10 @0.00001\n",
        "# T\n== A (circuit, 100 rounds, work 1, rest 720min)\nsquat\n",
        "# T\n== A (minute, 100 rounds, every 720min)\nsquat\n",
        "# T\nkit: " + string.Join(", ", Enumerable.Repeat("very small dumbbells of brass", 4000)) + "\n== A (circuit, work 40)\nsquat\n",
        "# T\nnote: " + new string('n', 190_000) + "\n== A (circuit, work 40)\nsquat\n",
        "# T\n== A (circuit, work 40)\nnew: " + new string('x', 150) + " pulses (like squat)\n",
        "# " + new string('t', 200) + "\n== A (circuit, work 40)\nsquat\n",
        "# T\npace: 0.5001\n== A (circuit)\nsquat x10\n",
        "# T\n== A (circuit, work 40)\nsquat | easier: new: slower\n",
        "{\"title\":\"a\\nb\\u0000c\",\"blocks\":[]}",
        "{\"title\":\"\\ud800\",\"blocks\":[]}",
    };

    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task Whatever_is_pasted_the_shelf_and_a_restart_stay_whole(string text)
    {
        Assert.Contains(await Paste(text), new[] { HttpStatusCode.Redirect, HttpStatusCode.UnprocessableEntity });
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri("/", UriKind.Relative))).StatusCode);
        foreach (var kept in app.Shelf.Find().Classes)
            Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/plan/{kept.Id}", UriKind.Relative))).StatusCode);
        app.Restart();
        Assert.Empty(app.Shelf.Find().Broken);
    }

    [Fact]
    public async Task A_large_class_in_indented_json_is_kept_and_opened()
    {
        var lines = string.Concat(Enumerable.Range(0, 60).Select(i => $"goblet squat x3 [heavy] @1-0-1-0, rest 5 | easier: squat to chair | note: {new string('n', 90)}\n"));
        var plan = SheetReader.Read("# Large\n" + string.Concat(Enumerable.Range(1, 14).Select(b => $"== B{b} (circuit)\n{lines}"))).Plan!;
        var json = JsonPlanWriter.Write(plan);
        Assert.True(Encoding.UTF8.GetByteCount(json) > 180_000);
        Assert.True(PlanReader.Read(json).IsGood);
        var kept = app.Add(plan);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri($"/plan/{kept.Id}", UriKind.Relative))).StatusCode);
    }

    [Theory]
    [InlineData("{ this is no plan", "")]
    [InlineData("", "")]
    [InlineData("{\"v\":2}", "")]
    [InlineData("{\"v\":2,\"plan\":{\"Title\":null,\"Brief\":{}}}", "")]
    [InlineData("{\"v\":2,\"plan\":{\"Title\":\"T\",\"Brief\":{},\"Blocks\":[{\"Name\":\"A\",\"Format\":{\"is\":\"circuit\"},\"Settings\":{},\"Stations\":[{\"Doing\":{\"is\":\"move\",\"Name\":\"squat\"},\"Amount\":{\"is\":\"reps\"}}]}]}}", "")]
    [InlineData("{\"v\":99,\"plan\":{}}", "later release")]
    [InlineData("{\"jollySet\":1,\"title\":\"T\",\"blocks\":[{\"name\":\"A\",\"format\":\"circuit\",\"settings\":{},\"stations\":[{\"move\":\"squat\",\"amount\":\"x10\",\"tempo\":\"@0\"}]}]}", "more than 0 s")]
    [InlineData("{\"v\":2,\"plan\":{\"Title\":\"T\",\"Brief\":{},\"Blocks\":[{\"Name\":\"A\",\"Format\":{\"is\":\"talk\",\"Length\":99999999},\"Settings\":{}}]}}", "12 hours")]
    public async Task A_row_that_cannot_be_read_is_one_card_that_offers_its_text(string stored, string why)
    {
        var id = app.Demo("Slack Water Strength").Id;
        Execute("UPDATE Revisions SET Plan = $text WHERE ClassId = $id", ("$text", stored), ("$id", id.ToString().ToUpperInvariant()));
        app.Restart();
        var shelf = await app.Get("/");
        Assert.Single(shelf.QuerySelectorAll(".broken"));
        Assert.Equal(15, shelf.QuerySelectorAll(".classes > li:not(.broken)").Length);
        var page = await app.Client.GetAsync(new Uri($"/plan/{id}", UriKind.Relative));
        Assert.Equal(HttpStatusCode.OK, page.StatusCode);
        Assert.Contains(why, WebUtility.HtmlDecode(await page.Content.ReadAsStringAsync()), StringComparison.Ordinal);
        Assert.Equal(stored, await app.Client.GetStringAsync(new Uri($"/plan/{id}?handler=kept", UriKind.Relative)));
        foreach (var facet in new[] { "balance", "effort", "print", "fit", "order" })
            Assert.Equal(HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/{facet}/{id}", UriKind.Relative))).StatusCode);
        await app.Submit(shelf.QuerySelector(".broken form")!);
        Assert.Empty((await app.Get("/")).QuerySelectorAll(".broken"));
    }

    [Fact]
    public async Task A_move_that_a_later_library_renames_leaves_its_class_readable_and_editable()
    {
        var id = app.Demo("Slack Water Strength").Id;
        Execute("UPDATE Revisions SET Plan = replace(Plan, 'goblet squat', 'chalice squat') WHERE ClassId = $id", ("$id", id.ToString().ToUpperInvariant()));
        app.Restart();
        var page = await app.Get($"/plan/{id}?block={app.Block(id, "A: Deck circuit")}");
        Assert.Contains("chalice squat", page.QuerySelector("#sheet-text")!.TextContent, StringComparison.Ordinal);
        var answer = await app.Submit(page.QuerySelectorAll(".station form")[1], ("amount", "30s"));
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        var stations = app.Shelf.Get(id)!.Plan.Find("A: Deck circuit")!.Stations;
        Assert.Equal("chalice squat", ((OneMove)stations[0].Doing).Name);
        Assert.StartsWith("bent-over row 30s", SheetWriter.WriteStation(stations[1]), StringComparison.Ordinal);
    }

    [Fact]
    public void A_class_kept_by_an_earlier_release_is_read_and_kept_anew_with_its_next_edit()
    {
        var id = app.Demo("Slack Water Strength").Id;
        var plan = app.Shelf.Get(id)!.Plan;
        Execute("UPDATE Revisions SET Plan = $text WHERE ClassId = $id", ("$text", JsonPlanWriter.Write(plan)), ("$id", id.ToString().ToUpperInvariant()));
        app.Restart();
        var kept = app.Shelf.Get(id)!;
        Assert.True(StoredPlan.Same(plan, kept.Plan));
        Assert.Equal(Data.SaveOutcome.Saved, app.Shelf.Edit(id, kept.Revision, new Core.Edits.SetBriefLine("minutes", "31")).Outcome);
        Assert.Equal(31, app.Shelf.Get(id)!.Plan.Brief.Minutes);
    }

    [Theory]
    [InlineData("Plan", "{ this is no plan", false)]
    [InlineData("Rules", "{\"change.settle\":-5,\"no.such-rule\":1}", true)]
    public async Task A_session_whose_row_is_broken_breaks_no_page(string column, string text, bool isThere)
    {
        var kept = app.Demo("Slack Water Strength");
        var session = app.Sessions.Open(kept, app.Rules.Studio());
        Assert.Equal(Data.AddOutcome.Kept, app.Sessions.Add(session, [new(1, Core.Teaching.EventKind.Start, 0, 0), new(2, Core.Teaching.EventKind.End, 60_000, null)]));
        Assert.Single(app.Sessions.LastTaught(5));
        Execute($"UPDATE Sessions SET {column} = $text WHERE Id = $id", ("$text", text), ("$id", session.ToString().ToUpperInvariant()));
        app.Restart();
        Assert.Equal(isThere ? 1 : 0, app.Sessions.LastTaught(5).Count);
        Assert.Equal(isThere ? HttpStatusCode.Found : HttpStatusCode.NotFound, (await app.Client.GetAsync(new Uri($"/session/{session}", UriKind.Relative))).StatusCode);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(new Uri("/design", UriKind.Relative))).StatusCode);
    }

    [Fact]
    public void A_record_missed_by_a_kill_is_kept_when_the_end_is_sent_again()
    {
        var session = app.Sessions.Open(app.Demo("Slack Water Strength"), app.Rules.Studio());
        Core.Teaching.SessionEvent[] events = [new(1, Core.Teaching.EventKind.Start, 0, 0), new(2, Core.Teaching.EventKind.End, 60_000, null)];
        app.Sessions.Add(session, events);
        Execute("UPDATE Sessions SET Record = NULL WHERE Id = $id", ("$id", session.ToString().ToUpperInvariant()));
        Assert.Null(app.Sessions.Get(session)!.Record);
        Assert.Equal(Data.AddOutcome.Kept, app.Sessions.Add(session, events));
        Assert.NotNull(app.Sessions.Get(session)!.Record);
    }

    [Fact]
    public void A_need_that_another_tab_named_stays_when_mine_goes_on_top()
    {
        var kept = app.Demo("Slack Water Strength");
        app.Shelf.Edit(kept.Id, kept.Revision, new Core.Edits.SetBriefLine("needs", "knees, pregnancy"));
        app.Shelf.Edit(kept.Id, kept.Revision, new Core.Edits.SetBriefLine("needs", "knees, wrists"), Data.WhenStale.PutOnTop);
        Assert.Equal("knees, pregnancy, wrists", string.Join(", ", app.Shelf.Get(kept.Id)!.Plan.Brief.Needs));
    }

    private void Execute(string sql, params (string Name, string Value)[] values)
    {
        using var connection = new SqliteConnection($"Data Source={app.DatabaseFile}");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        foreach (var (name, value) in values)
            command.Parameters.AddWithValue(name, value);
        Assert.True(command.ExecuteNonQuery() > 0);
    }
}
