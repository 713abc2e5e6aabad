using CsCheck;
using JollySet.Core.Cards;
using JollySet.Core.Moves;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Tests.Cards;

/// <summary>A class goes out as a card and as a table, and comes back.</summary>
public class PlainCardTests
{
    private static string Same(ClassPlan plan) => SheetWriter.Write(plan);

    private static ClassPlan? Back(string text) => CardReader.Read(text) is { Questions.IsEmpty: true } reading ? reading.Plan : null;

    public static TheoryData<string> Demos => [.. Directory.GetFiles(Path.GetDirectoryName(Repository.Find("src", "JollySet.Data", "Demo", "01-slack-water.sheet"))!, "*.sheet").Select(f => Path.GetFileName(f)!)];

    private static ClassPlan Demo(string file) => Sheet.Read(File.ReadAllText(Repository.Find("src", "JollySet.Data", "Demo", file)));

    [Theory]
    [MemberData(nameof(Demos))]
    public void A_demo_class_reads_back_from_its_card(string file)
    {
        var plan = Demo(file);
        var card = PlainCard.Write(plan);
        if (plan.MoveNames().Any(n => MoveLibrary.Shipped.Understood(n) is null))
        {
            // What nobody knows is asked about, and nothing is lost.
            Assert.Equal(PlainCard.Shown(plan).MoveNames(), CardReader.Read(card)!.Plan.MoveNames());
            return;
        }

        var back = Back(card);
        Assert.NotNull(back);
        Assert.Equal(Same(PlainCard.Shown(plan)), Same(back));
        Assert.DoesNotContain("easier:", card, StringComparison.Ordinal);
    }

    [Theory]
    [MemberData(nameof(Demos))]
    public void A_demo_class_reads_back_whole_from_its_tables(string file)
    {
        var plan = Demo(file);
        foreach (var table in new[] { PlainTable.Csv(plan), PlainTable.Markdown(plan) })
        {
            var back = Back(table);
            Assert.NotNull(back);
            Assert.Equal(Same(plan), Same(back));
        }
    }

    [Fact]
    public void A_card_is_short_words_and_fits_a_phone()
    {
        var card = PlainCard.Write(Demo("01-slack-water.sheet"));
        Assert.StartsWith("Slack Water Strength\n30 min, 22 people\n", card, StringComparison.Ordinal);
        Assert.Contains("\nA: Deck circuit – 2 rounds, 40/20, between 60, after 60 water\ngoblet squat [heavy] | for knees: glute bridge\nbent-over row [heavy]\n", card, StringComparison.Ordinal);
        Assert.Contains("\nWarm-up – warm-up, rest 10, after 30\n", card, StringComparison.Ordinal);
        Assert.True(card.Split('\n').Length <= 40);
    }

    [Fact]
    public void Whatever_is_known_by_name_comes_back() => PlanGen.Plans.Sample(plan =>
    {
        if (plan.MoveNames().Any(n => MoveLibrary.Shipped.Understood(n) is null && plan.NewMoves.All(m => m.Name != n)) || JollySet.Core.Keeping.Gate.Pass(plan).Passed is not { } passed)
            return;
        plan = passed.Plan;
        Assert.Equal(Same(plan), Back(PlainTable.Csv(plan)) is { } csv ? Same(csv) : "null");
        Assert.Equal(Same(plan), Back(PlainTable.Markdown(plan)) is { } markdown ? Same(markdown) : "null");
    });

    [Theory]
    [InlineData("=HYPERLINK(1)")]
    [InlineData("+1 for the tide")]
    [InlineData("'quoted")]
    [InlineData("@everyone")]
    public void A_spreadsheet_reckons_with_no_cell(string title)
    {
        var plan = Demo("01-slack-water.sheet") with { Title = title };
        Assert.All(PlainTable.Csv(plan).Split("\r\n").SelectMany(r => r.Split(',')), cell => Assert.DoesNotMatch("^\"?[=+@-]", cell));
        Assert.Equal(title, Back(PlainTable.Csv(plan))!.Title);
    }

    [Theory]
    [InlineData("Quay\n20 min\n\nA – 3 rounds, 40/20\nsquat  # mind the wet floor\npush-up\n", "mind the wet floor")]
    [InlineData("Quay\n20 min\n\nA – 3 rounds, 40/20\n# bad knees at the back\nsquat\n", "bad knees at the back")]
    [InlineData("# Quay\nminutes: 20\n\n| Block | How | Move | Amount | Load | Tempo | Sides | Rest | Easier | Harder | Besides |\n| - | - | - | - | - | - | - | - | - | - | - |\n| A | 3 rounds, 40/20 | squat  # sore knees | | | | | | | | |\n", "knees")]
    public void What_a_sheet_would_pass_over_is_kept_from_a_card(string card, string kept)
    {
        var reading = CardReader.Read(card)!;
        Assert.Contains(kept, SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
    }

    [Fact]
    public void A_way_for_a_need_goes_with_the_card() =>
        Assert.Contains("| for knees: glute bridge", PlainCard.Write(Demo("01-slack-water.sheet")), StringComparison.Ordinal);

    [Fact]
    public void A_card_that_was_changed_is_read_as_any_other()
    {
        var card = PlainCard.Write(Demo("01-slack-water.sheet")).Replace("goblet squat", "gobblet squats for the brave", StringComparison.Ordinal);
        var reading = CardReader.Read(card)!;
        Assert.Equal(card.Split('\n').Length, reading.Lines.Length);
        Assert.Contains("bent-over row", reading.Plan.MoveNames());
    }
}
