using System.Text.Json;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Teaching;
using JollySet.Core.Timing;
using JollySet.Web.Pages.Session;

namespace JollySet.Web.Tests;

/// <summary>How a class stands to its end and what was passed over: the core against tests/cases/keeping.json, which the page's script is held to as well (tests/js/keeping-cases.test.js).</summary>
public class KeepingCasesTests
{
    private static readonly JsonElement Whole = JsonDocument.Parse(File.ReadAllText(Find())).RootElement;
    private static readonly Timeline Class = TimelineBuilder.Build(SheetReader.Read(string.Join('\n', Whole.GetProperty("sheet").EnumerateArray().Select(l => l.GetString()))).Plan!);

    public static TheoryData<string> Names => [.. Whole.GetProperty("cases").EnumerateArray().Select(c => c.GetProperty("name").GetString()!)];

    [Fact]
    public void The_steps_of_the_file_are_those_of_its_sheet()
    {
        var said = Whole.GetProperty("steps").EnumerateArray().Select(s => (s.GetProperty("kind").GetString(), s.GetProperty("tenths").GetInt32(), s.GetProperty("side").GetString(), s.GetProperty("place").GetString(), s.GetProperty("station").GetInt32()));
        Assert.Equal(Step.Of(Class).Select(s => ((string?)s.Kind, s.Tenths, (string?)s.Side, (string?)s.Place, s.Station)), said);
        Assert.Equal(Class.Rules.TeachCountIn.InMilliseconds, Whole.GetProperty("countInMs").GetInt64());
        Assert.Equal(Length.Minutes(Class.Plan.Brief.Minutes!.Value).InTenths, Whole.GetProperty("bookedTenths").GetInt64());
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void The_core_reckons_what_the_file_says(string name)
    {
        var one = Whole.GetProperty("cases").EnumerateArray().Single(c => c.GetProperty("name").GetString() == name);
        var events = one.GetProperty("events").EnumerateArray().Select((e, i) => new SessionEvent(i + 1, SentEvent.KindOf(e[0].GetString())!.Value, e[1].GetInt64(), e.GetArrayLength() > 2 ? e[2].GetInt32() : null)).ToList();
        var (now, wanted) = (one.GetProperty("now").GetInt64(), one.GetProperty("is"));
        var stands = Lateness.Of(Class, events, now)!;
        Assert.Equal(wanted.GetProperty("overMs").GetInt64(), stands.OverMs);
        Assert.Equal(wanted.GetProperty("leftMs").GetInt64(), stands.EndsMs - now);
        Assert.Equal(
            wanted.GetProperty("missed").EnumerateArray().Select(m => (m[0].GetInt32(), m[1].GetBoolean())),
            Missed.Of(Class, events, now).Select(m => (m.Segment, m.EvensSide)));
    }

    private static string Find()
    {
        var folder = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(folder, "tests", "cases", "keeping.json")))
            folder = Path.GetDirectoryName(folder)!;
        return Path.Combine(folder, "tests", "cases", "keeping.json");
    }
}
