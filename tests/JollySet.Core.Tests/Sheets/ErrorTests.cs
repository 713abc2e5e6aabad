using System.Text;
using CsCheck;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Sheets;

public class ErrorTests
{
    [Fact]
    public void Five_mistakes_are_five_errors_each_at_its_place()
    {
        var result = SheetReader.Read("# Bad\nminutes: ten\n== A (circuit, work 0)\nsquat x0\nsquat 40\npush-up, sideways\n");
        Assert.Equal([(2, 10), (3, 21), (4, 8), (5, 7), (6, 10)], result.Errors.Select(e => (e.Line, e.Column)));
        Assert.Null(result.Plan);
    }

    [Theory]
    [InlineData("squat 40", "40s for seconds, x40 for reps")]
    [InlineData("squat 0s", "at least 1 s")]
    [InlineData("squat -5s", "cannot be negative")]
    [InlineData("squat 99:99", "the seconds go to 59")]
    [InlineData("squat x0", "from 1")]
    [InlineData("squat x5..3", "smaller to the larger")]
    [InlineData("squat x10 x12", "already")]
    [InlineData("squat [hefty]", "a load is light")]
    [InlineData("squat @0", "more than 0 s")]
    [InlineData("squat @1-2", "a tempo is written")]
    [InlineData("squat, each side, left", "said already")]
    [InlineData("squat | easyer: squat", "easier, harder, or")]
    [InlineData("upright row x10 | easier: no load @X-X-X-X", "no load or tempo of its own")]
    [InlineData("squat \"half", "not closed")]
    [InlineData("any: pulling", "a pattern is one of")]
    [InlineData("new: squat", "leave “new:” out")]
    [InlineData("squat @4 beats", "needs a flow block")]
    [InlineData("squat + ", "each side of “+”")]
    [InlineData("squat 40s, start 1/4", "only a stack")]
    [InlineData("stack(squat, row) x4", "done inside a time")]
    public void A_stations_line_says_what_to_write_instead(string line, string said) =>
        Assert.Contains(said, Sheet.Errors(Sheet.OneBlock("circuit, work 30", line)), StringComparison.Ordinal);

    [Theory]
    [InlineData("superset opposing, 3 rounds", "a superset has two stations; for 1 write straight")]
    [InlineData("superset opposed", "a school is opposing")]
    [InlineData("ladder 12..1, 3 rounds", "rounds are its rungs")]
    [InlineData("ladder 12..1, work 40", "rungs say the work")]
    [InlineData("ladder 12..1 step 5", "do not meet its ends")]
    [InlineData("ladder 12", "a ladder is written 12..1")]
    [InlineData("ladder 60s..20s step 10", "all reps or all seconds")]
    [InlineData("pyramid 1..5", "a pyramid is written 1..5..1")]
    [InlineData("ladder 12..1, rest 30, between 60", "“rest” and “between” say the same; write “rest” alone")]
    [InlineData("amrap 5min, 3 rounds", "the time ends an amrap")]
    [InlineData("minute, rest 20", "what is left of a slot is rest")]
    [InlineData("flow, rest 20", "flow has no gaps")]
    [InlineData("circuit, work 30, pause 5", "circuit never uses “pause”")]
    [InlineData("circuit, work 30, beat 120", "only flow has a beat")]
    [InlineData("circuit, work 30, rest ratio 1", "a rest ratio is work to rest")]
    [InlineData("circuit, work 30, each side, right", "a setting is one of")]
    [InlineData("circles, work 30", "a format is")]
    [InlineData("circuit, work 30, work 40", "stands in this bracket already")]
    [InlineData("circuit, 101 rounds", "limit of 100")]
    [InlineData("circuit, 2 rounds, work 30, water 60 after round 2", "no round follows")]
    [InlineData("talk 40s, rest 20", "talk never uses “rest”; leave it out")]
    [InlineData("talk 40", "no unit")]
    public void A_head_says_what_to_write_instead(string head, string said) =>
        Assert.Contains(said, Sheet.Errors(Sheet.OneBlock(head, "squat")), StringComparison.Ordinal);

    [Theory]
    [InlineData("stile: led", "the nearest is “style”")]
    [InlineData("style: lead", "one of led, follow-along")]
    [InlineData("minutes: 30\nminutes: 40", "already")]
    [InlineData("pace: 9", "from 0.5 to 2")]
    [InlineData("hello", "header line is expected")]
    public void A_header_line_says_what_to_write_instead(string line, string said) =>
        Assert.Contains(said, Sheet.Errors($"# T\n{line}\n== A (circuit, work 30)\nsquat\n"), StringComparison.Ordinal);

    [Theory]
    [InlineData("trio any", 2, "write superset")]
    [InlineData("giant same", 3, "write trio")]
    [InlineData("superset", 4, "write giant")]
    public void A_linked_block_has_the_stations_its_name_says(string head, int stations, string said) =>
        Assert.Contains(said, Sheet.Errors(Sheet.OneBlock(head, [.. Enumerable.Repeat("squat x10", stations)])), StringComparison.Ordinal);

    [Fact]
    public void What_contradicts_itself_over_two_lines_is_told_where_it_stands()
    {
        Assert.Contains("4:1: ", Sheet.Errors("# T\n== A (circuit, work 30, after 20)\nsquat\n== B (circuit, work 30, joined)\nsquat\n"), StringComparison.Ordinal);
        Assert.Contains("says only “both”", Sheet.Errors(Sheet.OneBlock("circuit, work 30, each side", "side plank, left")), StringComparison.Ordinal);
        Assert.Contains("write its tempo in beats", Sheet.Errors(Sheet.OneBlock("flow, beat 120", "squat x8")), StringComparison.Ordinal);
        Assert.Contains("needs the block’s beat", Sheet.Errors(Sheet.OneBlock("flow", "squat x8 @4 beats")), StringComparison.Ordinal);
    }

    [Fact]
    public void Limits_are_named()
    {
        Assert.Contains("at most 60 stations", Sheet.Errors(Sheet.OneBlock("circuit, work 30", [.. Enumerable.Repeat("squat", 61)])), StringComparison.Ordinal);
        var blocks = string.Concat(Enumerable.Range(1, 41).Select(i => $"== B{i} (talk 1s)\n"));
        Assert.Contains("at most 40 blocks", Sheet.Errors("# T\n" + blocks), StringComparison.Ordinal);
        Assert.Contains("limit is 12 hours", Sheet.Errors(Sheet.OneBlock("circuit, 100 rounds, work 10min", "squat")), StringComparison.Ordinal);
        Assert.Contains("limit is 200", Sheet.Errors($"# {new string('n', 500)}\n"), StringComparison.Ordinal);
        Assert.Contains("at most 200 kB", Sheet.Errors("# T\n" + new string('x', Limits.Bytes)), StringComparison.Ordinal);
    }

    [Fact]
    public void The_largest_sheet_that_is_allowed_is_built()
    {
        var block = string.Join('\n', Enumerable.Repeat("squat", 60));
        var text = "# T\n" + string.Concat(Enumerable.Range(1, 40).Select(i => $"== B{i} (circuit, 8 rounds, work 1)\n{block}\n"));
        Assert.Equal(40 * 60 * 8, Core.Timing.TimelineBuilder.Build(Sheet.Read(text)).Sets.Length);
    }

    [Theory]
    [InlineData("circuit, 100 rounds, work 1, rest 720min", "limit is 12 hours")]
    [InlineData("minute, 100 rounds, every 720min", "limit is 12 hours")]
    [InlineData("circuit, 100 rounds, work 1, between 10min", "limit is 12 hours")]
    [InlineData("ladder 1000..901, rest 60", "limit is 12 hours")]
    [InlineData("straight, 100 rounds, work 2min, each side, rest 12min", "never uses")]
    [InlineData("circuit, 100 rounds, work 4min, each side", "limit is 12 hours")]
    [InlineData("superset any, 100 rounds, work 1, rest ratio 1:100", "a superset has two")]
    public void Everything_that_takes_time_counts_towards_the_twelve_hours(string head, string said) =>
        Assert.Contains(said, Sheet.Errors(Sheet.OneBlock(head, "squat")), StringComparison.Ordinal);

    [Fact]
    public void Pieces_of_a_class_are_counted_before_they_are_built()
    {
        var lines = string.Join('\n', Enumerable.Repeat("squat 1s, each side", 60));
        Assert.Contains("limit is 20000", Sheet.Errors($"# T\n== A (circuit, 100 rounds, rest 1)\n{lines}\n"), StringComparison.Ordinal);
    }

    /// <summary>A class is refused for what its timeline is, and for nothing else.</summary>
    [Fact]
    public void The_extent_is_the_timelines() => PlanGen.Plans.Sample(plan =>
    {
        var extent = Core.Timing.Extent.Of(plan);
        var timeline = Core.Timing.TimelineBuilder.Build(plan);
        if (Core.Timing.Extent.Broken(plan) is null)
            Assert.Equal((timeline.Length, timeline.Segments.Length), (extent.Length, extent.Segments));
        else
            Assert.True(timeline.Length > Limits.Class || timeline.Segments.Length > Limits.Segments);
    });

    /// <summary>A rest ratio leaves alone the gaps that are said: this hour and a quarter is no two and a half.</summary>
    [Fact]
    public void A_ratio_beside_said_rests_counts_once()
    {
        var plan = Sheet.Read(Sheet.OneBlock("circuit, 10 rounds, work 60, rest ratio 1:4, between 60", "squat, rest 10", "push-up, rest 10", "plank, rest 10"));
        Assert.Equal(10 * 3 * 60 + 10 * 2 * 10 + 9 * 60, Core.Timing.Extent.Of(plan).Length.InWholeSeconds);
    }

    /// <summary>Short sets with long changes are as long as their changes.</summary>
    [Fact]
    public void Changes_that_no_one_said_count_towards_the_twelve_hours()
    {
        var lines = string.Join('\n', Enumerable.Range(1, 30).Select(i => i % 2 == 0 ? "goblet squat x1 [heavy]" : "bird dog x1"));
        var text = $"# T\n== A (circuit, 100 rounds)\n{lines}\n== B (circuit, 100 rounds)\n{lines}\n";
        Assert.Contains("limit is 12 hours", Sheet.Errors(text), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("")]
    [InlineData("  \n\n")]
    public void An_empty_sheet_says_so(string text) => Assert.Contains("the sheet is empty", PlanReader.Read(text).Errors[0].Message, StringComparison.Ordinal);

    [Fact]
    public void A_file_that_is_no_text_says_so()
    {
        Assert.Contains("plain text", SheetReader.Read([0xFF, 0xFE, 0x00, 0x41]).Errors[0].Message, StringComparison.Ordinal);
        Assert.Contains("plain text", SheetReader.Read(Encoding.UTF8.GetBytes("# T\0\n")).Errors[0].Message, StringComparison.Ordinal);
    }

    [Fact]
    public void Json_errors_have_their_place_too()
    {
        var read = PlanReader.Read("{\n \"title\": \"T\",\n \"blocks\": [\n  {\"name\": \"A\", \"format\": \"circuit\", \"settings\": {\"work\": \"0\"},\n   \"stations\": [{\"move\": \"squat\", \"amount\": \"x0\"}]}]}");
        Assert.Equal([(4, 60), (5, 47)], read.Errors.Select(e => (e.Line, e.Column)));
        Assert.Contains("not JSON", PlanReader.Read("{\"title\": }").Errors[0].Message, StringComparison.Ordinal);
    }

    /// <summary>What comes by JSON can say no more than a sheet can.</summary>
    [Theory]
    [InlineData("heavy kettlebe[ll")]
    [InlineData("heavy [kettlebell]")]
    [InlineData("heavy/light ba]g")]
    public void A_load_by_json_holds_no_brackets(string load)
    {
        var read = PlanReader.Read($"{{\"title\": \"T\", \"blocks\": [{{\"name\": \"A\", \"format\": \"circuit\", \"stations\": [{{\"move\": \"squat\", \"load\": \"{load}\"}}]}}]}}");
        Assert.Contains("no square brackets", Assert.Single(read.Errors).Message, StringComparison.Ordinal);
    }

    [Fact]
    public void A_new_move_is_known_to_the_whole_sheet_and_may_borrow_facts()
    {
        var plan = Sheet.Read("# T\n== A (circuit, work 30)\nsquat | easier: rope walk\nnew: rope walk (like march on the spot)\nrope walk\n");
        Assert.Equal(new NewMove("rope walk", "march on the spot"), Assert.Single(plan.NewMoves));
    }

    [Fact]
    public void A_comment_is_no_part_of_the_line_and_a_note_is_kept()
    {
        var plan = Sheet.Read("# T\n# a comment\nminutes: 20  # another\n== A (circuit, work 30)\nnote: mind the step\nsquat  # deep\n");
        Assert.Equal((20, "mind the step", 1), (plan.Brief.Minutes, plan.Blocks[0].Notes[0], plan.Blocks[0].Stations.Length));
    }
}
