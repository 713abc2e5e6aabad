using System.Text.RegularExpressions;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Timing;
using JollySet.Data;
using JollySet.Drawing;

namespace JollySet.Web.Tests;

/// <summary>docs/formats.md shows each format as a demo class draws it. With JOLLY_DRAW=1 the page is drawn anew (./jolly shots does that); else it has to be up to date.</summary>
public sealed partial class FormatDrawingsTests
{
    private static readonly (string File, string Class, string Block, string Words)[] Examples =
    [
        ("circuit", "Slack Water Strength", "A: Deck circuit", "Stations one after another for some rounds, timed or counted; everyone does what they can in the time."),
        ("prepare", "Slack Water Strength", "Warm-up", "A warm-up. Its moves count for effort and impact, not for balance."),
        ("release", "Slack Water Strength", "Cool-down", "A cool-down."),
        ("words", "Windlass", "What turns the windlass", "Words (`talk`), a showing of the next main block (`show`) and people’s own time (`own`) are bare rope."),
        ("superset", "Windlass", "B: Push and pull", "Two stations without rest, then rest. The school says what belongs together: `opposing`, `same`, `split`, `contrast`, `any`."),
        ("contrast", "Windlass", "C: Strong, then quick", "A superset of the school `contrast`: a strength move, then a power move of its pattern, shorter."),
        ("trio", "Windlass", "D: Three strands", "Three back to back, with a pause between them and rest after the last."),
        ("giant", "Windlass", "E: Four strands", "Four or more back to back."),
        ("straight", "Windlass", "A: Long pulls", "All sets of one station before the next: a rope a station."),
        ("ladder", "Rope Ladder", "A: Down the ladder", "A round a rung, each for that rung’s count; here the rest is half of the work before it."),
        ("ladder-seconds", "Rope Ladder", "B: Burning rope", "A ladder in seconds."),
        ("pyramid", "Rope Ladder", "C: Up and over", "Up and down again: to five and back is twenty-five reps, n²."),
        ("minute", "Tide Table", "On the minute", "A slot a station a round; what is left of the slot is rest."),
        ("stack", "Tide Table", "Rising water", "One of each, two of each, three of each inside one work period; the plan says which rung a round starts from."),
        ("amrap", "Tide Table", "As long as it runs", "As many rounds as possible in the time: one long flag."),
        ("flow", "Slow Drift", "To the oars", "A steady beat and no gaps: 120 beats a minute at four beats a rep is two seconds a rep."),
        ("each-side", "Slow Drift", "One bank, then the other", "All rounds for one side, then all for the other."),
        ("growing", "Either Bank", "B: Growing", "Combined moves (`+`), moves that grow by the round (`>`) and pulses."),
        ("joined", "Either Bank", "D: And on", "A joined block follows the one before without a break."),
    ];

    internal static readonly string Root = RootOf(AppContext.BaseDirectory);

    private static string Folder => Path.Combine(Root, "docs");

    [Fact]
    public void Formats_are_drawn_as_the_demo_draws_them()
    {
        var wanted = Examples.ToDictionary(e => Path.Combine("formats", e.File + ".svg"), Drawn);
        wanted["formats.md"] = Page();
        foreach (var (file, text) in wanted)
        {
            var path = Path.Combine(Folder, file);
            if (Environment.GetEnvironmentVariable("JOLLY_DRAW") == "1")
            {
                Directory.CreateDirectory(Path.GetDirectoryName(path)!);
                File.WriteAllText(path, text);
            }

            Assert.True(File.Exists(path) && File.ReadAllText(path) == text, $"docs/{file} is stale; ./jolly shots draws it anew.");
        }
    }

    [Fact]
    public void Every_format_has_its_example()
    {
        var shown = Examples.Select(e => BlockOf(e).Block.Format.GetType()).ToHashSet();
        var built = typeof(BlockFormat).Assembly.GetTypes().Where(t => t.BaseType == typeof(BlockFormat) && t != typeof(AgainFormat) && t != typeof(TalkFormat) && t != typeof(OwnFormat));
        Assert.All(built, type => Assert.Contains(type, shown));
    }

    private static string RootOf(string folder) =>
        File.Exists(Path.Combine(folder, "JollySet.slnx")) ? folder : RootOf(Path.GetDirectoryName(folder) ?? throw new DirectoryNotFoundException("JollySet.slnx"));

    private static (ClassPlan Plan, Block Block) BlockOf((string File, string Class, string Block, string Words) example)
    {
        var plan = DemoData.Classes().Single(c => c.Title == example.Class);
        return (plan, plan.Find(example.Block)!);
    }

    private static string Page() => "# Every format, drawn\n\nMade from the demo classes. Width is seconds on one scale a drawing; the hem tells the side, the cloth the family\n([words.md](words.md)); [class-sheet.md](class-sheet.md) has the notation.\n"
        + string.Concat(Examples.Select(e =>
        {
            var (plan, block) = BlockOf(e);
            var totals = Totals.Of(TimelineBuilder.Build(plan)).Blocks[plan.Blocks.IndexOf(block)];
            return $"\n## {Say.Capital(e.File.Replace('-', ' '))}\n{e.Words}\n\n![{e.Block}](formats/{e.File}.svg)\n\n```\n{SheetWriter.WriteBlock(plan, block)}```\n{Say.Clock(totals.Length)} planned, {Say.Clock(totals.Likely)} with people; from *{plan.Title}*.\n";
        }));

    private static string Drawn((string File, string Class, string Block, string Words) example)
    {
        var (plan, block) = BlockOf(example);
        var before = plan.Blocks.TakeWhile(b => b != block).LastOrDefault();
        var drawn = plan with { Blocks = [.. before is not null && (before.Format is ShowFormat || block.Settings.Joined) ? new[] { before } : [], block] };
        var svg = BuntingSvg.Of(TimelineBuilder.Build(drawn), null, (_, _) => "#");
        var css = Style(File.ReadAllText(Path.Combine(Root, "src/JollySet.Web/wwwroot/css/base.css")), File.ReadAllText(Path.Combine(Root, "src/JollySet.Web/wwwroot/css/bunting.css")));
        var box = Box().Match(svg);
        var weaves = Inner().Match(Weaves.Definitions()).Value;
        var body = Links().Replace(svg[(svg.IndexOf('>', StringComparison.Ordinal) + 1)..], "<g>").Replace("</a>", "</g>", StringComparison.Ordinal);
        return $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{box.Groups[1].Value}\" height=\"{box.Groups[2].Value}\" viewBox=\"0 0 {box.Groups[1].Value} {box.Groups[2].Value}\" class=\"bunting\">\n<style>{css}</style>\n<rect width=\"100%\" height=\"100%\" fill=\"#f7f1e4\"/>\n{weaves}\n{body}\n";
    }

    /// <summary>The drawing's own style with its colours put in, so that it stands by itself.</summary>
    private static string Style(string rootCss, string css)
    {
        // By day: the first rule of the root has those.
        var day = rootCss[rootCss.IndexOf(":root {", StringComparison.Ordinal)..];
        var colours = Variable().Matches(day[..day.IndexOf('}', StringComparison.Ordinal)]).ToDictionary(m => m.Groups[1].Value, m => m.Groups[2].Value.Replace("\"", "'", StringComparison.Ordinal));
        return Use().Replace(css, m => colours[m.Groups[1].Value]).Replace("\r", "", StringComparison.Ordinal);
    }

    [GeneratedRegex("viewBox=\"0 0 ([0-9.]+) ([0-9.]+)\"")]
    private static partial Regex Box();

    [GeneratedRegex("<defs>.*</defs>")]
    private static partial Regex Inner();

    [GeneratedRegex("<a [^>]*>")]
    private static partial Regex Links();

    [GeneratedRegex("--([a-z-]+): ([^;]+);")]
    private static partial Regex Variable();

    [GeneratedRegex(@"var\(--([a-z-]+)\)")]
    private static partial Regex Use();
}
