using System.Net;
using AngleSharp.Dom;
using JollySet.Core.Edits;
using JollySet.Core.Sheets;

namespace JollySet.Web.Tests;

public sealed class PlanPageTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Slack => app.Demo("Slack Water Strength").Id;

    private string Deck => $"/plan/{Slack}?block={app.Block(Slack, "A: Deck circuit")}";

    private int Station(int number) => app.Shelf.Get(Slack)!.Plan.Find("A: Deck circuit")!.Stations[number - 1].Id;

    private async Task<IElement> StationForm(int number) => (await app.Get(Deck)).QuerySelector($"#s{Station(number)} form")!;

    [Fact]
    public async Task A_work_period_that_no_station_uses_says_so()
    {
        var kept = app.Shelf.Add(Core.Keeping.Gate.Pass(SheetReader.Read("# T\n== A (circuit, work 40, rest 20)\nsquat x10\npush-up x8\n== B (circuit, work 40, rest 20)\nsquat x10\npush-up\n").Plan!).Passed!, "made");
        Assert.Contains("No station uses it", (await app.Get($"/plan/{kept.Id}?block={kept.Plan.Blocks[0].Id}")).QuerySelector(".field-one.work")!.TextContent, StringComparison.Ordinal);
        Assert.DoesNotContain("No station uses it", (await app.Get($"/plan/{kept.Id}?block={kept.Plan.Blocks[1].Id}")).QuerySelector(".block-head")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_warm_up_is_called_one_and_stays_one_when_something_else_is_set()
    {
        var kept = app.Demo("Slack Water Strength");
        var page = await app.Get($"/plan/{kept.Id}?block={app.Block(kept.Id, "Warm-up")}");
        Assert.Equal("warm-up", page.QuerySelector("#set-format")!.GetAttribute("value"));
        await app.Submit(page.QuerySelector(".block-head")!, ("rest", "12"));
        var block = app.Shelf.Get(kept.Id)!.Plan.Find("Warm-up")!;
        Assert.IsType<Core.Plans.PrepareFormat>(block.Format);
        Assert.Contains(("rest", "12"), SheetWriter.WriteSettings(block.Settings));
    }

    [Theory]
    [InlineData("superset")]
    [InlineData("talk")]
    public async Task A_block_is_added_by_its_kind_and_opened(string kind)
    {
        var id = app.Demo("Tide Table").Id;
        var answer = await app.Submit((await app.Get($"/plan/{id}")).QuerySelector("#new-block")!, ("kind", kind), ("do", "block-new"));
        var added = app.Shelf.Get(id)!.Plan.Blocks.MaxBy(b => b.Id)!;
        Assert.Equal($"/plan/{id}?block={added.Id}", answer.Headers.Location!.OriginalString);
        Assert.Equal(kind == "superset" ? 2 : 0, added.Stations.Length);
        Assert.Equal(HttpStatusCode.OK, (await app.Client.GetAsync(answer.Headers.Location)).StatusCode);
    }

    [Fact]
    public async Task It_shows_both_lengths_against_the_booking()
    {
        var page = await app.Get($"/plan/{Slack}");
        Assert.Equal("29:13", page.QuerySelector("#clock")!.TextContent);
        Assert.Contains("of 30:00", page.QuerySelector(".lengths")!.TextContent, StringComparison.Ordinal);
        Assert.Equal("47 s to spare", page.QuerySelector(".against")!.TextContent);
    }

    [Fact]
    public async Task Every_flag_tells_everything_and_leads_to_its_station()
    {
        var flags = (await app.Get($"/plan/{Slack}")).QuerySelectorAll(".line.wide a.flag").ToList();
        // 5 to warm up, 4 in the circuit, 2 pairs on two ropes (the first has its demo), 3 on the last rope, 7 to cool down; equal rounds are one rope.
        Assert.Equal(23, flags.Count);
        Assert.Matches("^A: Deck circuit: 1. Goblet squat; heavy; both sides; 40 s; 14–17 reps likely; up; effort [5-9] of 10; learned in its first 5 s; easier: squat to chair; harder: two seconds at the bottom; for knees: glute bridge$", flags[5].GetAttribute("aria-label"));
        Assert.EndsWith($"#s{Station(1)}", flags[5].GetAttribute("href"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_station_is_edited_by_a_plain_form()
    {
        var answer = await app.Submit(await StationForm(1), ("amount", "50s"), ("sides", "each side"));
        Assert.Equal(HttpStatusCode.Redirect, answer.StatusCode);
        var kept = app.Shelf.Get(Slack)!;
        Assert.Equal("goblet squat 50s [heavy], each side", SheetWriter.WriteStation(kept.Plan.Blocks[2].Stations[0]).Split(" |")[0]);
        Assert.Equal(2, kept.Revision);
    }

    [Theory]
    [InlineData("amount", "0s", "at least 1 s")]
    [InlineData("amount", "-5s", "cannot be negative")]
    [InlineData("amount", "99:99", "the seconds go to 59")]
    [InlineData("move", "squat +", "a move is expected on each side")]
    [InlineData("load", "hevy", "a load is light")]
    public async Task A_wrong_value_stays_in_its_field_with_a_sentence_beside_it(string field, string value, string said)
    {
        var answer = await app.Submit(await StationForm(2), (field, value));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.Parse(answer);
        var input = page.QuerySelector($"#s{Station(2)} input[name={field}]")!;
        Assert.Equal((value, "true"), (input.GetAttribute("value"), input.GetAttribute("aria-invalid")));
        Assert.Contains(said, page.QuerySelector($"#s{Station(2)} .field-error")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(1, app.Shelf.Get(Slack)!.Revision);
    }

    [Fact]
    public async Task A_name_that_nobody_knows_keeps_its_station_and_is_mended_by_one_press()
    {
        await app.Submit(await StationForm(2), ("move", "halyard row"));
        var page = await app.Get(Deck);
        Assert.Equal("halyard row", page.QuerySelector($"#s{Station(2)} input[name=move]")!.GetAttribute("value"));
        var asked = page.QuerySelectorAll(".finding").Single(f => f.TextContent.Contains("“halyard row” is not understood", StringComparison.Ordinal));
        var like = asked.QuerySelectorAll(".choices button");
        Assert.InRange(like.Length, 1, 3);
        await app.Submit(asked.QuerySelector(".choices")!, ("do", like[0].GetAttribute("value")!));
        Assert.DoesNotContain("is not understood", (await app.Get(Deck)).QuerySelector("#findings")?.TextContent ?? (await app.Get(Deck)).Body!.TextContent, StringComparison.Ordinal);
        Assert.Equal("halyard row", Assert.Single(app.Shelf.Get(Slack)!.Plan.NewMoves).Name);
    }

    [Theory]
    [InlineData("up", 2, "bent-over row")]
    [InlineData("down", 1, "bent-over row")]
    [InlineData("remove", 1, "bent-over row")]
    [InlineData("duplicate", 2, "goblet squat")]
    public async Task Stations_move_double_and_go_by_buttons(string act, int station, string first)
    {
        await app.Submit(await StationForm(station), ("do", act));
        Assert.StartsWith(first, SheetWriter.WriteStation(app.Shelf.Get(Slack)!.Plan.Blocks[2].Stations[0]), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_station_is_added_by_its_name_and_a_line_that_is_wrong_is_kept()
    {
        var form = (await app.Get(Deck)).QuerySelector(".add-station")!;
        await app.Submit(form, ("do", "add"), ("line", "calf raise x12"));
        Assert.Equal(5, app.Shelf.Get(Slack)!.Plan.Blocks[2].Stations.Length);
        var page = await App.Parse(await app.Submit((await app.Get(Deck)).QuerySelector(".add-station")!, ("do", "add"), ("line", "calf raise x0")));
        Assert.Equal("calf raise x0", page.QuerySelector("#add-line")!.GetAttribute("value"));
        Assert.Contains("from 1", page.QuerySelector("#add-wrong")!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_block_is_set_renamed_and_written_as_text()
    {
        var page = await app.Get(Deck);
        await app.Submit(page.QuerySelector(".block-head")!, ("rounds", "2"), ("name", "A: Quay"));
        var block = app.Shelf.Get(Slack)!.Plan.Blocks[2];
        Assert.Equal(("A: Quay", 2), (block.Name, block.RoundCount));
        page = await app.Get($"/plan/{Slack}?block={app.Block(Slack, "A: Quay")}");
        var text = page.QuerySelector("#block-text")!.Closest("form")!;
        await app.Submit(text, ("do", "block-text"), ("text", "== A: Steps (circuit, work 30)\nsquat\n"));
        Assert.Equal("A: Steps", app.Shelf.Get(Slack)!.Plan.Blocks[2].Name);
        var wrong = await App.Parse(await app.Submit((await app.Get($"/plan/{Slack}?block={app.Block(Slack, "A: Steps")}")).QuerySelector("#block-text")!.Closest("form")!, ("do", "block-text"), ("text", "== A: Steps (circuit, work 0)\nsquat x0\n")));
        Assert.Contains("squat x0", wrong.QuerySelector("#block-text")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(2, wrong.QuerySelectorAll(".block-acts .errors li").Length);
    }

    [Fact]
    public async Task Undo_and_redo_add_revisions()
    {
        var before = SheetWriter.Write(app.Shelf.Get(Slack)!.Plan);
        await app.Submit(await StationForm(1), ("amount", "50s"));
        var after = SheetWriter.Write(app.Shelf.Get(Slack)!.Plan);
        await app.Submit((await app.Get($"/plan/{Slack}")).QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal((before, 3), (SheetWriter.Write(app.Shelf.Get(Slack)!.Plan), app.Shelf.Get(Slack)!.Revision));
        await app.Submit((await app.Get($"/plan/{Slack}")).QuerySelector("#undo-form")!, ("do", "redo"));
        Assert.Equal((after, 4), (SheetWriter.Write(app.Shelf.Get(Slack)!.Plan), app.Shelf.Get(Slack)!.Revision));
    }

    [Fact]
    public async Task Two_tabs_edits_of_different_things_both_go_in()
    {
        var otherTab = await StationForm(1);
        await app.Submit(await StationForm(2), ("amount", "30s"));
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(otherTab, ("amount", "50s"))).StatusCode);
        var stations = app.Shelf.Get(Slack)!.Plan.Blocks[2].Stations;
        Assert.StartsWith("goblet squat 50s", SheetWriter.WriteStation(stations[0]), StringComparison.Ordinal);
        Assert.StartsWith("bent-over row 30s", SheetWriter.WriteStation(stations[1]), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Two_tabs_a_stale_edit_of_the_same_thing_is_shown_and_put_on_top_with_its_own_fields_only()
    {
        var otherTab = await StationForm(1);
        await app.Submit(await StationForm(1), ("amount", "30s"), ("load", "light"));
        var answer = await app.Submit(otherTab, ("amount", "50s"));
        Assert.Equal(HttpStatusCode.Conflict, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Contains("changed amount of goblet squat", page.QuerySelector(".stale")!.TextContent, StringComparison.Ordinal);
        await app.Submit(page.QuerySelector(".stale form")!, ("on-top", "1"));
        Assert.StartsWith("goblet squat 50s [light]", SheetWriter.WriteStation(app.Shelf.Get(Slack)!.Plan.Blocks[2].Stations[0]), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Two_tabs_a_stale_edit_may_be_kept_as_a_copy()
    {
        app.Shelf.Edit(Slack, 1, new SetTitle(new string('T', 198)));
        var id = app.Demo(new string('T', 198)).Id;
        var station = app.Shelf.Get(id)!.Plan.Find("A: Deck circuit")!.Stations[0].Id;
        async Task<IElement> Form() => (await app.Get($"/plan/{id}?block={app.Block(id, "A: Deck circuit")}")).QuerySelector($"#s{station} form")!;
        var otherTab = await Form();
        await app.Submit(await Form(), ("amount", "30s"));
        var page = await App.Parse(await app.Submit(otherTab, ("amount", "50s")));
        var answer = await app.Submit(page.QuerySelector(".stale form")!, ("as-copy", "1"));
        Assert.True(answer.StatusCode == HttpStatusCode.Redirect, (await App.Parse(answer)).QuerySelector(".field-error")?.TextContent);
        var copy = app.Demo(new string('T', 193) + " (mine)").Plan.Blocks[2].Stations;
        Assert.StartsWith("goblet squat 50s", SheetWriter.WriteStation(copy[0]), StringComparison.Ordinal);
        Assert.StartsWith("bent-over row [heavy]", SheetWriter.WriteStation(copy[1]), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_stale_undo_takes_nothing_back_and_says_what_was_changed()
    {
        await app.Submit(await StationForm(1), ("amount", "50s"));
        var undo = (await app.Get($"/plan/{Slack}")).QuerySelector("#undo-form")!;
        await app.Submit(await StationForm(2), ("amount", "30s"));
        var answer = await app.Submit(undo, ("do", "undo"));
        Assert.Equal(HttpStatusCode.Conflict, answer.StatusCode);
        Assert.Contains("Nothing was taken back", (await App.Parse(answer)).QuerySelector(".stale")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(3, app.Shelf.Get(Slack)!.Revision);
    }

    [Fact]
    public async Task Eight_undos_at_once_take_one_change_back()
    {
        await app.Submit(await StationForm(1), ("amount", "50s"));
        var undo = (await app.Get($"/plan/{Slack}")).QuerySelector("#undo-form")!;
        var answers = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => app.Submit(undo, ("do", "undo"))));
        Assert.Equal([HttpStatusCode.Redirect, .. Enumerable.Repeat(HttpStatusCode.Conflict, 7)], answers.Select(a => a.StatusCode).Order());
        Assert.Equal(3, app.Shelf.Get(Slack)!.Revision);
    }

    [Fact]
    public void Three_undos_say_three_different_things()
    {
        var id = Slack;
        app.Shelf.Edit(id, 1, new SetBriefLine("minutes", "31"));
        app.Shelf.Edit(id, 2, new SetBriefLine("people", "12"));
        app.Shelf.Edit(id, 3, new SetTitle("Ebb"));
        var said = Enumerable.Range(4, 3).Select(revision => app.Shelf.Undo(id, revision).Class!.LastChange).ToList();
        Assert.Equal(["took back: changed the title", "took back: changed people", "took back: changed minutes"], said);
        var again = Enumerable.Range(7, 3).Select(revision => app.Shelf.Redo(id, revision).Class!.LastChange).ToList();
        Assert.Equal(["did again: changed minutes", "did again: changed people", "did again: changed the title"], again);
        Assert.Equal("took back: changed the title", app.Shelf.Undo(id, 10).Class!.LastChange);
        Assert.Equal("Slack Water Strength", app.Shelf.Get(id)!.Plan.Title);
    }

    [Fact]
    public async Task An_edit_on_a_class_that_was_taken_off_keeps_what_was_typed_and_brings_it_back()
    {
        var id = Slack;
        var form = await StationForm(1);
        app.Shelf.Remove(id);
        var answer = await app.Submit(form, ("amount", "50s"));
        Assert.Equal(HttpStatusCode.Gone, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Contains("50s", page.QuerySelector(".typed")!.TextContent, StringComparison.Ordinal);
        await app.Submit(page.QuerySelector(".gone form")!);
        Assert.StartsWith("goblet squat 50s", SheetWriter.WriteStation(app.Shelf.Get(id)!.Plan.Blocks[2].Stations[0]), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_fix_is_applied_with_one_press()
    {
        var id = app.Demo("Spring Tide").Id;
        var page = await app.Get($"/plan/{id}");
        var before = page.QuerySelectorAll(".finding").Length;
        var mend = page.QuerySelectorAll(".finding form").First(f => f.ParentElement!.ParentElement!.TextContent.Contains("Crunch", StringComparison.Ordinal));
        await app.Submit(mend, ("do", "fix"));
        page = await app.Get($"/plan/{id}");
        Assert.Equal(before - 1, page.QuerySelectorAll(".finding").Length);
        Assert.DoesNotContain("Crunch has no target", page.Body!.TextContent, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_live_edit_gets_only_the_parts_that_changed()
    {
        var page = await app.Get(Deck);
        var form = page.QuerySelector($"#s{Station(1)} form")!;
        app.Client.DefaultRequestHeaders.Add("X-Has-Parts", string.Join(',', page.QuerySelectorAll("[data-part]").Select(p => $"{p.Id} {p.GetAttribute("data-part")}")));
        var answer = await App.Parse(await app.Submit(form, ("load", "moderate")));
        var parts = answer.QuerySelector("#changed-parts")!;
        Assert.Equal("2", parts.GetAttribute("data-revision"));
        Assert.Contains($"s{Station(1)}", parts.Children.Select(c => c.Id));
        Assert.DoesNotContain($"s{Station(3)}", parts.Children.Select(c => c.Id));
        Assert.Null(answer.QuerySelector("#brief-form"));
    }

    [Fact]
    public async Task A_part_that_nobody_sees_is_sent_when_it_is_looked_at()
    {
        var page = await app.Get(Deck);
        var has = string.Join(',', page.QuerySelectorAll("[data-part]").Select(p => $"{p.Id} {p.GetAttribute("data-part")}"));
        app.Client.DefaultRequestHeaders.Add("X-Has-Parts", has);
        app.Client.DefaultRequestHeaders.Add("X-Asleep-Parts", "sheet-form,words-said,line-narrow");
        var answer = await App.Parse(await app.Submit(page.QuerySelector($"#s{Station(1)} form")!, ("amount", "45s")));
        Assert.NotNull(answer.QuerySelector("[id^=rope-]"));
        Assert.Null(answer.QuerySelector("#sheet-form, #words-said, #line-narrow"));
        app.Client.DefaultRequestHeaders.Remove("X-Asleep-Parts");
        var woken = await app.Get(Deck);
        Assert.Contains("45s", woken.QuerySelector("#sheet-form textarea")!.TextContent, StringComparison.Ordinal);
        Assert.NotNull(woken.QuerySelector("#line-narrow"));
    }

    /// <summary>Parts with what they show, but for what every form carries along.</summary>
    private async Task<Dictionary<string, (string Hash, string Shows)>> Parts() => (await app.Get(Deck)).QuerySelectorAll("[data-part]").ToDictionary(
        p => p.Id!,
        p =>
        {
            var shown = (IElement)p.Clone();
            foreach (var inner in shown.QuerySelectorAll("[data-part], input[name=__RequestVerificationToken], input[name=revision]").ToList())
                inner.Remove();
            shown.RemoveAttribute("data-part");
            return (p.GetAttribute("data-part")!, string.Concat(shown.OuterHtml.Where(c => !char.IsWhiteSpace(c))));
        });

    [Fact]
    public async Task A_part_that_shows_something_else_has_another_hash()
    {
        var block = app.Block(Slack, "A: Deck circuit");
        var (before, changed) = (await Parts(), 0);
        foreach (var edit in new PlanEdit[]
        {
            new SetStationPart(Station(1), "amount", "x12"), new SetStationPart(Station(2), "easier", ""), new SetStationPart(Station(3), "move", "plank"),
            new SetStationPart(Station(1), "note", "Mind the step."), new SetStationPart(Station(4), "rest", "45"), new SetBlockSetting(block, "rest", "5"), new SetBlockSetting(block, "rounds", "2"),
            new SetBlockSetting(block, "after", "60 water"), new SetBriefLine("minutes", "20"), new SetBriefLine("claims", "9 moves"), new SetBriefLine("kit", "mat"), new SetBriefLine("needs", "knees, low back"),
            new AddStation(block, "calf raise"), new SetBlockSetting(block, "format", "straight"),
        })
        {
            Assert.Equal(JollySet.Data.SaveOutcome.Saved, app.Shelf.Edit(Slack, app.Shelf.Get(Slack)!.Revision, edit).Outcome);
            var after = await Parts();
            Assert.All(after.Where(p => before.ContainsKey(p.Key) && before[p.Key].Shows != p.Value.Shows), p => Assert.NotEqual(before[p.Key].Hash, p.Value.Hash));
            changed += after.Count(p => before.ContainsKey(p.Key) && before[p.Key].Shows != p.Value.Shows);
            before = after;
        }

        Assert.InRange(changed, 40, 1000);
    }

    [Fact]
    public async Task A_live_refusal_names_the_field_and_the_reason()
    {
        var form = await StationForm(1);
        app.Client.DefaultRequestHeaders.Add("X-Has-Parts", "none 0");
        var answer = await app.Submit(form, ("amount", "0s"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var text = await answer.Content.ReadAsStringAsync();
        Assert.Contains("\"field\":\"amount\"", text, StringComparison.Ordinal);
        Assert.Contains("at least 1 s", text, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Exported_files_read_back_as_the_same_class()
    {
        var kept = app.Shelf.Get(Slack)!;
        foreach (var handler in new[] { "sheet", "json" })
        {
            var text = await app.Client.GetStringAsync(new Uri($"/plan/{Slack}?handler={handler}", UriKind.Relative));
            Assert.Equal(SheetWriter.Write(kept.Plan), SheetWriter.Write(PlanReader.Read(text).Plan!));
        }
    }

    [Fact]
    public void A_killed_server_keeps_every_edit_that_was_answered()
    {
        var id = Slack;
        for (var i = 0; i < 10; i++)
            app.Shelf.Edit(id, i + 1, new SetBriefLine("minutes", $"{40 + i}"));
        app.Restart();
        Assert.Equal((11, 49), (app.Shelf.Get(id)!.Revision, app.Shelf.Get(id)!.Plan.Brief.Minutes));
    }
}
