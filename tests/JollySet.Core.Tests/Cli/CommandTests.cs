using System.Text;
using System.Text.Json;
using JollySet.Cli;

namespace JollySet.Core.Tests.Cli;

/// <summary>The command line as other programs call it.</summary>
public class CommandTests
{
    private const string Good = "# T\nminutes: 4\n== A, deck (circuit, 2 rounds, work 40, rest 20, between 60)\nsquat\nsingle-arm row x10, each side\n";

    private static (int Exit, string Out, string Error) Run(string sheet, params string[] args)
    {
        using var output = new StringWriter();
        using var error = new StringWriter();
        using var input = new MemoryStream(Encoding.UTF8.GetBytes(sheet));
        var exit = Commands.Run(args, input, output, error, new DateTime(2026, 11, 24, 18, 0, 0));
        return (exit, output.ToString(), error.ToString());
    }

    [Fact]
    public void Timeline_is_csv_with_one_decimal()
    {
        var (exit, text, error) = Run(Good, "timeline", "-");
        var lines = text.TrimEnd('\n').Split('\n');
        Assert.Equal((0, ""), (exit, error));
        Assert.Equal("start,end,kind,block,round,station,move,side,reps", lines[0]);
        Assert.Equal("0.0,40.0,work,\"A, deck\",1,1,squat,both,", lines[1]);
        Assert.Equal("60.0,82.0,work,\"A, deck\",1,2,single-arm row,left,10", lines[3]);
        Assert.Equal("82.0,102.0,rest,\"A, deck\",1,2,,,", lines[4]);
    }

    [Fact]
    public void Totals_add_up()
    {
        using var json = JsonDocument.Parse(Run(Good, "totals", "-", "--json").Out);
        decimal Of(string name) => json.RootElement.GetProperty(name).GetDecimal();
        Assert.Equal(Of("seconds"), Of("workSeconds") + Of("restSeconds") + Of("changeSeconds") + Of("talkSeconds"));
        Assert.Equal(2, Of("stations"));
        Assert.Equal(6, Of("workPeriods"));
        Assert.Equal(2, Of("distinctMoves"));
        Assert.Equal(40, json.RootElement.GetProperty("reps").GetProperty("single-arm row").GetInt32());
        Assert.Equal("circuit", json.RootElement.GetProperty("blocks")[0].GetProperty("format").GetString());
    }

    [Fact]
    public void Check_exits_with_one_at_a_stop_and_prints_the_mended_sheet()
    {
        const string faulty = "# T\n== A (circuit, rest 30)\nsquat x?\n";
        var (exit, text, _) = Run(faulty, "check", "-", "--json");
        using var json = JsonDocument.Parse(text);
        var finding = json.RootElement[0];
        Assert.Equal((1, "no-target", "stop", "A", true), (exit, finding.GetProperty("code").GetString(), finding.GetProperty("severity").GetString(), finding.GetProperty("block").GetString(), finding.GetProperty("fix").GetBoolean()));
        var mended = Run(faulty, "check", "-", "--fix", "no-target");
        Assert.Equal(0, mended.Exit);
        Assert.Equal(0, Run(mended.Out, "check", "-").Exit);
    }

    [Fact]
    public void What_cannot_be_read_exits_with_two_and_every_error_on_standard_error()
    {
        var (exit, text, error) = Run("# T\nminutes: ten\n== A (circuit)\nsquat x0\n", "totals", "-");
        Assert.Equal((2, ""), (exit, text));
        Assert.Equal(["2:10:", "4:8:"], error.TrimEnd().Split('\n').Select(l => l.Split(' ')[0]));
    }

    [Theory]
    [InlineData("timeline", "nowhere.sheet")]
    [InlineData("timeline", "-", "--format", "xml")]
    [InlineData("dance", "-")]
    [InlineData("totals")]
    [InlineData("convert", "-")]
    public void Wrong_calls_exit_with_two_and_say_nothing_on_standard_output(params string[] args) =>
        Assert.Equal((2, ""), (Run(Good, args).Exit, Run(Good, args).Out));

    [Fact]
    public void Sheet_to_json_and_back_is_the_same_sheet()
    {
        var sheet = Run(Good, "convert", "-", "--to", "sheet").Out;
        Assert.Equal(sheet, Run(Run(Good, "convert", "-", "--to", "json").Out, "convert", "-", "--to", "sheet").Out);
    }

    [Theory]
    [InlineData("vtt", "WEBVTT\n\n1\n00:00:00.000 --> 00:00:40.000\nSquat\n")]
    [InlineData("ics", "BEGIN:VCALENDAR\r\n")]
    [InlineData("md", "# T\n")]
    public void Other_formats_begin_as_their_readers_expect(string format, string start) =>
        Assert.StartsWith(start, Run(Good, "timeline", "-", "--format", format).Out, StringComparison.Ordinal);

    [Fact]
    public void A_file_without_a_name_is_refused_in_a_sentence()
    {
        Assert.Equal((2, ""), (Run(Good, "totals", "").Exit, Run(Good, "totals", "").Out));
        Assert.Equal(2, Run(Good, "take", "-", "--as", "chapters", "--out", "").Exit);
    }

    [Theory]
    [InlineData("run-sheet")]
    [InlineData("handout")]
    public void Paper_is_written_to_a_file_and_nowhere_else(string kind)
    {
        var file = Path.GetTempFileName();
        Assert.Equal((0, ""), (Run(Good, "take", "-", "--as", kind, "--out", file).Exit, Run(Good, "take", "-", "--as", kind, "--out", file).Out));
        Assert.Equal("%PDF-"u8.ToArray(), File.ReadAllBytes(file)[..5]);
        File.Delete(file);
        Assert.Equal((2, ""), (Run(Good, "take", "-", "--as", kind).Exit, Run(Good, "take", "-", "--as", kind).Out));
    }

    [Fact]
    public void Moves_lists_the_library()
    {
        using var json = JsonDocument.Parse(Run("", "moves", "--json").Out);
        Assert.Contains(json.RootElement.EnumerateArray(), m => m.GetProperty("name").GetString() == "goblet squat");
        var tags = json.RootElement.EnumerateArray().Single(m => m.GetProperty("name").GetString() == "goblet squat").GetProperty("tags");
        Assert.Equal((3, "main"), (tags.GetProperty("staple").GetInt32(), tags.GetProperty("roles")[0].GetString()));
        Assert.Contains("goblet squat", Run("", "moves").Out, StringComparison.Ordinal);
    }

    [Fact]
    public void House_rules_come_from_a_file()
    {
        var file = Path.GetTempFileName();
        File.WriteAllText(file, "{\"pace.upper-body\": 3}");
        Assert.Contains("60.0,90.0,work", Run(Good, "timeline", "-", "--rules", file).Out, StringComparison.Ordinal);
        File.WriteAllText(file, "{\"pace.nobody\": 3}");
        Assert.Equal(2, Run(Good, "timeline", "-", "--rules", file).Exit);
        File.Delete(file);
    }

    private const string Six = "# T\n== A (circuit, work 40, rest 20)\nplank\nsquat\ndead bug\npush-up\njump squat\nbent-over row\n";

    [Fact]
    public void Order_says_the_best_order_and_that_it_is_proven()
    {
        using var json = JsonDocument.Parse(Run(Six, "order", "-", "--block", "A", "--json").Out);
        Assert.True(json.RootElement.GetProperty("proven").GetBoolean());
        Assert.Equal("jump squat", json.RootElement.GetProperty("order")[0].GetProperty("move").GetString());
        Assert.True(json.RootElement.GetProperty("costAfter").GetInt64() < json.RootElement.GetProperty("costBefore").GetInt64());
        Assert.Equal(9, json.RootElement.GetProperty("measures").GetArrayLength());
        Assert.Contains("Proven", Run(Six, "order", "-").Out, StringComparison.Ordinal);
    }

    [Fact]
    public void Order_applied_is_a_sheet_in_its_best_order()
    {
        var applied = Run(Six, "order", "-", "--block", "A", "--apply").Out;
        Assert.Contains("best order", Run(applied, "order", "-", "--block", "A").Out, StringComparison.Ordinal);
        Assert.Contains("plank\n", Run(Six, "order", "-", "--block", "A", "--pin", "A/1", "--apply").Out.Split("==")[1].Split('\n')[1] + "\n", StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("--block", "Z", "there is no block")]
    [InlineData("--pin", "A/9", "name a block")]
    [InlineData("--floor", "11", "from 0 to 10")]
    public void Order_says_what_is_wrong_with_an_option(string option, string value, string sentence)
    {
        var (exit, text, error) = Run(Six, "order", "-", option, value);
        Assert.Equal((2, ""), (exit, text));
        Assert.Contains(sentence, error, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public void Balance_tells_planes_and_recovery_too()
    {
        using var json = JsonDocument.Parse(Run(Six, "balance", "-", "--json").Out);
        Assert.Equal(240, json.RootElement.GetProperty("planes").EnumerateObject().Sum(p => p.Value.GetDecimal()));
        var quads = json.RootElement.GetProperty("recovery").EnumerateArray().Single(l => l.GetProperty("what").GetString() == "quads");
        Assert.Equal([60m, 240m], quads.GetProperty("periods").EnumerateArray().Select(p => p.GetProperty("start").GetDecimal()));
        Assert.Equal(140, quads.GetProperty("periods")[1].GetProperty("restBefore").GetDecimal());
    }

    [Fact]
    public void Moves_tell_planes_joints_and_ways_round()
    {
        using var json = JsonDocument.Parse(Run("", "moves", "--json").Out);
        var squat = json.RootElement.EnumerateArray().Single(m => m.GetProperty("name").GetString() == "squat");
        Assert.Equal("sagittal", squat.GetProperty("planes")[0].GetString());
        Assert.Equal("squat to chair", squat.GetProperty("waysRound").GetProperty("knees").GetString());
        Assert.Contains("knees", squat.GetProperty("joints").EnumerateArray().Select(j => j.GetString()));
    }

    [Fact]
    public void Check_leaves_out_what_is_dismissed_while_its_figures_hold()
    {
        const string sheet = "# T\nneeds: knees\ndismissed: need-open, \"A\", \"knees stations 1 stations 1\", \"They asked\"\n== A (circuit, work 40, rest 20)\nsquat\nplank\n";
        Assert.DoesNotContain("need-open", Run(sheet, "check", "-").Out, StringComparison.Ordinal);
        Assert.Contains("need-open", Run(sheet.Replace("plank", "goblet squat", StringComparison.Ordinal), "check", "-").Out, StringComparison.Ordinal);
    }

    [Fact]
    public void Words_are_cues_in_seconds_with_kind_and_text()
    {
        using var json = JsonDocument.Parse(Run(Good, "words", "-", "--json").Out);
        var cues = json.RootElement.EnumerateArray().ToList();
        Assert.All(cues, c => Assert.Equal(["at", "kind", "text"], c.EnumerateObject().Select(p => p.Name)));
        Assert.Equal(cues.Select(c => c.GetProperty("at").GetDecimal()).Order(), cues.Select(c => c.GetProperty("at").GetDecimal()));
        Assert.Contains(cues, c => c.GetProperty("kind").GetString() == "side" && c.GetProperty("text").GetString() == "Other side: right.");
        Assert.StartsWith("WEBVTT\n", Run(Good, "words", "-", "--format", "vtt").Out, StringComparison.Ordinal);
        Assert.Equal(2, Run(Good, "words", "-", "--format", "tune").Exit);
    }

    [Fact]
    public void A_class_is_taken_along_as_text_and_as_sound()
    {
        Assert.Equal("0:00 A, deck\n", Run(Good, "take", "-", "--as", "chapters").Out);
        var path = Path.Combine(Path.GetTempPath(), $"jolly-{Guid.NewGuid()}.wav");
        try
        {
            Assert.Equal(0, Run(Good, "take", "-", "--as", "wav", "--out", path, "--beats", "120").Exit);
            Assert.True(new FileInfo(path).Length > 100_000);
        }
        finally
        {
            File.Delete(path);
        }

        foreach (var wrong in new[] { new[] { "--as", "tape" }, ["--as", "wav"], ["--as", "wav", "--out", path, "--beats", "9999"], ["--as", "chapters", "--out", "/no/such/folder/x.txt"], [] })
        {
            var (exit, text, error) = Run(Good, ["take", "-", .. wrong]);
            Assert.Equal((2, ""), (exit, text));
            Assert.StartsWith("1:1: ", error, StringComparison.Ordinal);
        }
    }
}
