using JollySet.Core.Cards;
using JollySet.Core.Moves;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>A card of several classes is taken apart by its days or numbers, and every line of it is some class's.</summary>
public class CardClassesTests
{
    private const string Week = "Winter term, 30 min, mats\nMON\n3 rounds 40/20\nsquat\nrow\n\nWED 6pm\n3 rounds 30/30\nlunge\npress-up\n";

    [Fact]
    public void Each_day_is_a_class_with_what_is_said_of_all()
    {
        var classes = CardClasses.Read(Week, MoveLibrary.Shipped);
        Assert.Equal(["Winter term – MON", "Winter term – WED 6pm"], classes.Select(c => c.Reading.Plan.Title));
        Assert.All(classes, c => Assert.Equal(30, c.Reading.Plan.Brief.Minutes));
        Assert.Equal(["lunge", "press-up"], classes[1].Reading.Plan.MoveNames());
    }

    [Theory]
    [InlineData("Day 1 - lower\nsquat 3x10\nlunge 3x10\nDay 2 - upper\nrow 3x10\npress-up 3x10", 2)]
    [InlineData("Monday:\nsquat 3x10\nlunge 3x10\n\n**Friday**\nrow 3x10\npress-up 3x10", 2)]
    [InlineData("Monday strength\n40/20\nsquat\nrow\nsame again on Friday", 1)]
    [InlineData("Mon: squat 3x10\nTue: rest\nWed: row 3x10", 1)]
    [InlineData("MON\n3 rounds 40/20\nsquat\nrow\nMON\n40/20\nsquat\nrow", 1)]
    [InlineData("Sunday\n40/20\nsquat\nsun salutation\nrow", 1)]
    [InlineData("6am\n20 min AMRAP: 5 pull-ups, 10 push-ups\n7am\n40/20: squat, row", 2)]
    [InlineData("6pm Beginners\n30/30: squat, row\nStretch\n\n7pm HIIT\n40/20: burpee, plank\nStretch", 2)]
    [InlineData("6pm register\n6.10pm warm up\n6.20pm circuit: squat, row", 1)]
    [InlineData("Morning (9:30):\nwarm up 5\n3 x 40/20 squat, row\n\nEvening (18:30):\nwarm up 5\nEMOM 16: swings x12, burpees x8", 2)]
    [InlineData("WEEK 1\n20/10 x 8: squat, lunge\nWEEK 2\n30/15 x 6: squat jump, plank", 2)]
    [InlineData("Tues: upper - A1 press-up 3x10, A2 row 3x10\nThurs: lower - A1 squat 3x10, A2 RDL 3x10", 2)]
    [InlineData("18:00\nWarm up\n18:10\nCircuit: squat, row\n18:40\nStretch", 1)]
    [InlineData("18:00\nCircuit: squat, row\n19:00\nCircuit: lunge, press-up", 2)]
    [InlineData("Mon: no jumping, please\nTue: as last week", 1)]
    [InlineData("", 1)]
    public void A_card_has_so_many_classes(string card, int many) => Assert.Equal(many, CardClasses.Of(card).Length);

    [Fact]
    public void Every_class_of_a_card_becomes_what_it_means()
    {
        static string[] Lines(string sheet) => sheet.Split('\n', StringSplitOptions.RemoveEmptyEntries);
        foreach (var (name, card, sheets) in CardFiles.Several)
            Assert.Equal((name, string.Join('\n', sheets.SelectMany(Lines))), (name, string.Join('\n', CardClasses.Read(card, MoveLibrary.Shipped).SelectMany(c => Lines(SheetWriter.Write(c.Reading.Plan))))));
    }

    [Fact]
    public void Every_line_of_every_card_is_in_one_of_its_classes()
    {
        foreach (var (_, name, card, _) in CardFiles.All)
            foreach (var text in new[] { card, $"{card}\nTuesday\n{card}\nThursday\n{card}" })
            {
                var (lines, classes) = (text.Split('\n'), CardClasses.Of(text));
                Assert.True(classes.SelectMany(c => c.Lines).Distinct().Order().SequenceEqual(Enumerable.Range(1, lines.Length)), name);
                Assert.All(classes, c => Assert.Equal(c.Text.Split('\n'), c.Lines.Select(l => lines[l - 1])));
            }
    }

    [Fact]
    public void Read_as_one_it_asks_where_another_begins()
    {
        var question = Assert.Single(CardReader.Read(Week)!.Questions, q => q.Text == "another class begins here?");
        Assert.Equal((7, "note: WED 6pm"), (question.Line, question.Choices[1].Instead));
    }

    [Theory]
    [InlineData("WED")]
    [InlineData("Wednesday 6.30pm")]
    [InlineData("Wed 18:30 (hall 2)")]
    [InlineData("WED 6PM (40 min)")]
    public void A_day_alone_below_a_class_is_no_move(string day)
    {
        var reading = CardReader.Read($"MON 6pm\nCircuit 40/20 x 3\nsquats, rows\n\n{day}\nAMRAP 15 mins\n10 KB swings")!;
        Assert.Equal(CardLineKind.Note, reading.Lines[4].Kind);
        Assert.Equal(["Circuit", "AMRAP"], reading.Plan.Blocks.Select(b => b.Name));
    }
}
