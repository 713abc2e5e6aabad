using System.Net;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;

namespace JollySet.Web.Tests;

public sealed class FitAndRulesTests : IDisposable
{
    private readonly App app = new();

    public void Dispose() => app.Dispose();

    private Guid Slack => app.Demo("Slack Water Strength").Id;

    [Fact]
    public async Task A_proposal_is_taken_with_a_press_and_undone()
    {
        var before = SheetWriter.Write(app.Shelf.Get(Slack)!.Plan);
        var page = await app.Search($"/fit/{Slack}?minutes=25");
        var proposal = page.QuerySelector(".proposal")!;
        var clock = proposal.QuerySelector(".proposal-lengths b")!.TextContent;
        Assert.All(page.QuerySelectorAll(".proposal"), p => Assert.NotEmpty(p.QuerySelectorAll(".two-ropes .was")));
        await app.Submit(proposal.QuerySelector("form")!, ("do", "fit"));
        var kept = app.Shelf.Get(Slack)!;
        Assert.Equal(clock, Say.Clock(TimelineBuilder.Build(kept.Plan).Length));
        Assert.Equal("made it 25 min", kept.LastChange);
        await app.Submit((await app.Get($"/plan/{Slack}")).QuerySelector("#undo-form")!, ("do", "undo"));
        Assert.Equal(before, SheetWriter.Write(app.Shelf.Get(Slack)!.Plan));
    }

    [Fact]
    public async Task Locks_hold_and_say_when_they_stand_in_the_way()
    {
        var page = await app.Get($"/fit/{Slack}");
        var keys = page.QuerySelectorAll("input[name=locked]").Select(e => $"locked={Uri.EscapeDataString(e.GetAttribute("value")!)}").ToList();
        Assert.True(keys.Count > 8);
        page = await app.Search($"/fit/{Slack}?minutes=25&{string.Join('&', keys)}");
        Assert.Empty(page.QuerySelectorAll(".proposal"));
        Assert.Contains("in the way", page.QuerySelector("#why")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(keys.Count, page.QuerySelectorAll("input[name=locked][checked]").Length);
    }

    [Theory]
    [InlineData("[[\"set\",\"A: Deck circuit\",\"rounds\",\"900\"]]")]
    [InlineData("[[\"block\",\"no such block\"]]")]
    [InlineData("no json")]
    public async Task A_proposal_that_no_longer_fits_the_class_changes_nothing(string edits)
    {
        var form = (await app.Search($"/fit/{Slack}?minutes=25")).QuerySelector(".proposal form")!;
        await app.Submit(form, ("do", "fit"), ("edits", edits));
        Assert.Equal(1, app.Shelf.Get(Slack)!.Revision);
    }

    [Fact]
    public async Task A_rule_that_is_set_changes_every_length_and_is_reset()
    {
        var likely = (await app.Get($"/plan/{Slack}")).QuerySelector("#likely")!.TextContent;
        var form = (await app.Get("/rules")).QuerySelector("form")!;
        Assert.Equal(HttpStatusCode.Redirect, (await app.Submit(form, ("change.block-least", "120"), ("pace.heavy", "1,2"))).StatusCode);
        Assert.Equal(1.2m, app.Rules.Current()["pace.heavy"]);
        Assert.NotEqual(likely, (await app.Get($"/plan/{Slack}")).QuerySelector("#likely")!.TextContent);
        var page = await app.Get("/rules");
        Assert.Equal(2, page.QuerySelectorAll(".rule.changed").Length);
        await app.Submit(page.QuerySelector("form")!, ("reset", "pace.heavy"));
        Assert.Equal(["change.block-least"], app.Rules.Current().Changed.Keys);
        await app.Submit((await app.Get("/rules")).QuerySelector("form")!, ("all", "true"));
        Assert.Empty(app.Rules.Current().Changed);
        Assert.Equal(likely, (await app.Get($"/plan/{Slack}")).QuerySelector("#likely")!.TextContent);
    }

    [Theory]
    [InlineData("2 min", 120)]
    [InlineData("1:30", 90)]
    [InlineData("45 s", 45)]
    [InlineData("45 secs", 45)]
    [InlineData("75", 75)]
    public async Task A_length_is_typed_as_people_say_it(string typed, int seconds)
    {
        var rule = HouseRules.All.First(r => r is { Unit: "s", Most: >= 120 });
        await app.Submit((await app.Get("/rules")).QuerySelector("form")!, (rule.Name, typed));
        Assert.Equal($"{seconds}", (await app.Get("/rules")).QuerySelector($"[name='{rule.Name}']")!.GetAttribute("value"));
    }

    [Fact]
    public async Task A_value_a_rule_does_not_allow_stays_in_its_field_and_the_others_are_set()
    {
        var answer = await app.Submit((await app.Get("/rules")).QuerySelector("form")!, ("change.settle", "600"), ("change.kit", "ten"), ("change.level", "8"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Equal(("600", "ten"), (page.QuerySelector("#rule-change\\.settle")!.GetAttribute("value"), page.QuerySelector("#rule-change\\.kit")!.GetAttribute("value")));
        Assert.Equal(2, page.QuerySelectorAll(".field-error").Length);
        Assert.Equal("rule-change.settle", Assert.Single(page.QuerySelectorAll("[autofocus]")).Id);
        Assert.Equal(["change.level"], app.Rules.Current().Changed.Keys);
    }

    [Fact]
    public async Task In_pounds_every_page_that_weighs_tells_pounds_and_a_form_sent_unchanged_changes_nothing()
    {
        await app.Submit((await app.Get("/rules")).QuerySelector("form")!, ("weight.unit", "1"));
        var rules = await app.Get("/rules");
        Assert.Equal("lb", rules.QuerySelector("#weight\\.heavy-legs .rule-value span")!.TextContent);
        await app.Submit(rules.QuerySelector("form")!);
        Assert.Equal(["weight.unit"], app.Rules.Current().Changed.Keys);
        await app.Submit((await app.Get("/rules")).QuerySelector("form")!, ("weight.heavy-legs", "40"));
        Assert.Equal(40 * Masses.KilogramsOfAPound, app.Rules.Current()["weight.heavy-legs"]);
        Assert.Contains(" lb", (await app.Get($"/loads/{Slack}")).QuerySelector(".track-table")!.TextContent, StringComparison.Ordinal);
        var home = (await app.Get("/at-home?holder=Rucksack&litres=4&raise=5")).QuerySelector("main")!.TextContent;
        Assert.Contains("10.5 lb in all", home, StringComparison.Ordinal);
        Assert.DoesNotContain("kg", home, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Every_rule_has_its_row() =>
        Assert.Equal(HouseRules.All.Select(r => r.Name), (await app.Get("/rules")).QuerySelectorAll(".rule").Select(e => e.Id));

    [Fact]
    public async Task A_typed_line_is_shown_before_it_is_taken_and_goes_before_the_cool_down()
    {
        const string line = "3 rounds 40/20: goblet squat, push-up, row each side";
        var shown = await app.Get($"/plan/{Slack}?line={Uri.EscapeDataString(line)}");
        Assert.Contains("== D (circuit, 3 rounds, work 40, rest 20)", shown.QuerySelector(".expansion-text")!.TextContent, StringComparison.Ordinal);
        Assert.Contains("the class becomes", shown.QuerySelector(".expansion-takes")!.TextContent, StringComparison.Ordinal);
        Assert.Equal(1, app.Shelf.Get(Slack)!.Revision);
        await app.Submit(shown.QuerySelector(".type-block")!, ("do", "block-line"));
        Assert.Equal(["D", "Cool-down"], app.Shelf.Get(Slack)!.Plan.Blocks.TakeLast(2).Select(b => b.Name));
    }

    [Fact]
    public async Task A_line_that_cannot_be_read_is_kept_with_its_errors()
    {
        var form = (await app.Get($"/plan/{Slack}")).QuerySelector(".type-block")!;
        var answer = await app.Submit(form, ("do", "block-line"), ("line", "40/20: squat x0"));
        Assert.Equal(HttpStatusCode.UnprocessableEntity, answer.StatusCode);
        var page = await App.Parse(answer);
        Assert.Equal("40/20: squat x0", page.QuerySelector("#block-line")!.GetAttribute("value"));
        Assert.Contains("At letter 15", page.QuerySelector(".expansion-errors")!.TextContent, StringComparison.Ordinal);
        Assert.Empty((await app.Get($"/plan/{Slack}?handler=expand&line=")).QuerySelectorAll(".expansion-text"));
    }

    [Fact]
    public async Task Every_block_of_every_demo_class_opens_prints_and_teaches()
    {
        foreach (var kept in app.Shelf.Find().Classes)
        {
            foreach (var block in kept.Plan.Blocks)
                Assert.NotNull((await app.Get($"/plan/{kept.Id}?block={block.Id}")).QuerySelector("#block"));
            Assert.NotEmpty((await app.Get($"/print/{kept.Id}")).QuerySelectorAll(".run-lines li"));
            var answer = await app.Submit((await app.Get($"/plan/{kept.Id}")).QuerySelector("form[action^='/session/open']")!);
            Assert.NotNull((await app.Get(answer.Headers.Location!.ToString())).QuerySelector("#start"));
        }
    }

    [Theory]
    [InlineData("each side", "right first", "Both hands")]
    [InlineData("optional", "yes", "Both hands")]
    [InlineData("beat", "100", "To the oars")]
    [InlineData("rounds", "2..3", "Both hands")]
    public async Task The_settings_of_every_format_are_edited_in_place(string key, string value, string block)
    {
        var id = app.Demo("Slow Drift").Id;
        var page = await app.Get($"/plan/{id}?block={app.Block(id, block)}");
        await app.Submit(page.QuerySelector(".block-head")!, (key, value));
        Assert.Contains((key, value), SheetWriter.WriteSettings(app.Shelf.Get(id)!.Plan.Find(block)!.Settings));
    }

    [Fact]
    public async Task A_format_that_contradicts_a_setting_says_so_at_its_field()
    {
        var id = app.Demo("Slow Drift").Id;
        var page = await app.Get($"/plan/{id}?block={app.Block(id, "Both hands")}");
        var answer = await App.Parse(await app.Submit(page.QuerySelector(".block-head")!, ("format", "minute")));
        Assert.Contains("what is left of a slot is rest", answer.QuerySelector("#set-format-wrong")!.TextContent, StringComparison.Ordinal);
    }
}
