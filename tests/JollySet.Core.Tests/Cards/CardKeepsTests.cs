using CsCheck;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What a person wrote is understood, asked or kept; a health limit above all.</summary>
public class CardKeepsTests
{
    private static string Sheet(string card) => SheetWriter.Write(CardReader.Read(card)!.Plan);

    [Theory]
    [InlineData("Quay, 30 mins, careful bad knees and wrists\n40/20\nsquat", "knees", "wrists")]
    [InlineData("Quay\nbad knees and no jumping\n40/20\nsquat", "needs: knees, no jumping", "no jumping")]
    [InlineData("Quay\nbad knees, wrists + sore back\n40/20\nsquat", "needs: knees, wrists, low back", "low back")]
    [InlineData("Bad knees and no jumping class\n40/20\nsquat", "needs: knees, no jumping", "# Bad knees and no jumping class")]
    [InlineData("Quay\nlevel: beginners and one with a sore back\n40/20\nsquat", "audience: newcomer", "one with a sore back")]
    [InlineData("Quay\n40/20\nsquat\nbad knees\nplank", "needs: knees", "plank")]
    [InlineData("Quay\n40/20\nsquat\nwatch out for a sore shoulder today", "needs: shoulders", "note: watch out for a sore shoulder today")]
    [InlineData("Quay\n40/20\nsquat (for bad knees: wall sit)", "for knees: wall sit", "squat")]
    [InlineData("Quay\n40/20\nsquat\nmind Una's left shoulder\nplank", "needs: shoulders", "note: mind Una's left shoulder")]
    [InlineData("Quay\n40/20\nsquat\none is pregnant, one has high blood pressure", "needs: pregnancy, blood pressure", "one is pregnant")]
    [InlineData("Quay\n40/20\nsquat\nCol: knee replacement", "needs: knees", "Col")]
    [InlineData("Quay, no jumping hall\n40/20\nsquat", "needs: no jumping", "hall")]
    [InlineData("Class: Legs  Needs: bad knees  Injuries: hernia\n40/20\nsquat", "needs: knees, hernia", "# Legs")]
    [InlineData("Quay\nTime: 45 min  People: 12 with bad knees\n40/20\nsquat", "needs: knees", "minutes: 45")]
    [InlineData("Quay\nclients: group of 6, sore knees\n40/20\nsquat", "needs: knees", "people: 6")]
    [InlineData("Quay\n40/20\nsquat\ntwo with bad necks, one with a bad KNEES", "needs: neck, knees", "two with")]
    [InlineData("Quay\nBlock 2: 3 x (squats 15, curls 12), 60s rest mind knees", "needs: knees", "== \"Block 2\" (circuit, 3 rounds, between 60)")]
    [InlineData("Quay\nsquats 3x10 / 60 sec rest, bad knees", "needs: knees", "(straight, 3 rounds, rest 60)")]
    [InlineData("Quay\n50 secs, 10 secs change (Una has bad knees)\nsquats\nrows", "needs: knees", "work 50, rest 10")]
    [InlineData("Quay\n10 squats, 10 rows\n3 rounds\n10 crunches, 30 sec plank\n2 rounds", "(circuit, 3 rounds)", "(circuit, 2 rounds)")]
    [InlineData("Quay\nsquats x10\nrows x10\n3 rounds\ncrunches x10\nplank 30s\n4 rounds", "(circuit, 3 rounds)", "(circuit, 4 rounds)")]
    [InlineData("Quay\nWarm up - jog 2 laps\n3 rounds 40/20\nsquats", "jog 2 laps", "== A (circuit, 3 rounds, work 40, rest 20)")]
    [InlineData("Quay\nsquats\nrows\n3x10 to failure", "to failure", "rows")]
    [InlineData("Quay\nsquats\nrows\n3 x 10 @ 20kg", "20", "rows")]
    [InlineData("Quay\nTabata „Burpees“\nStretch 5 min", "8 rounds, work 20, rest 10", "Burpees")]
    [InlineData("EMOM for 12\nsquat x10\npush up x8\nrow x10", "(minute, 4 rounds)", "row")]
    [InlineData("AMRAP for 12\nsquat x10\npush up x8", "amrap 720s", "squat")]
    [InlineData("Class: squats, rows, press ups 40/20 x3", "3 rounds, work 40, rest 20", "\nrows\n")]
    [InlineData("Quay\nCircuit 40/20\nsquat\nRepeat backwards (mind Odile's hernia)", "hernia", "work 40, rest 20")]
    [InlineData("Quay\ntime: 18:30\n40/20\nsquat", "18:30", "squat")]
    [InlineData("Quay\n18:37\n40/20\nsquat", "work 40, rest 20", "18:37")]
    [InlineData("Quay, 12 people, 15 people\n40/20\nsquat", "people: 12", "15 people")]
    [InlineData("Quay @ the loft\nvenue: the pier\n40/20\nsquat", "the loft", "the pier")]
    [InlineData("Quay\nCircuit 3 rounds 40/20 (heavy)\nsquat", "3 rounds", "heavy")]
    [InlineData("Quay\nCircuit 3 rounds 40/20 RPE 7\nsquat", "3 rounds", "RPE 7")]
    [InlineData("Quay\nblock one squats and rows three sets of twelve heavy\nblock two plank", "heavy", "plank")]
    [InlineData("Quay\nblock one squats and rows three sets of twelve no rest 80 to 90 seconds between rounds", "squats", "90")]
    [InlineData("Quay @ the loft (bad knees)\n40/20\nsquat", "place: the loft", "needs: knees")]
    [InlineData("Quay 12:15-12:45\n40/20\nsquat", "minutes: 30", "12:15-12:45")]
    [InlineData("Quay\n40/20\nsquat\nUna’s knee is still bad so nothing jumpy", "needs: knees, no jumping", "so nothing jumpy")]
    public void Nothing_that_is_said_is_dropped(string card, string one, string other)
    {
        var sheet = Sheet(card);
        Assert.Contains(one, sheet, StringComparison.Ordinal);
        Assert.Contains(other, sheet, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("EMOM for 12\nsquat x10")]
    [InlineData("Ladies on Tuesday, around 60\n40/20\nsquat")]
    [InlineData("Tabata for 8\nsquat")]
    public void Not_every_number_is_people(string card) => Assert.Null(CardReader.Read(card)!.Plan.Brief.People);

    [Fact]
    public void For_how_many_is_asked() =>
        Assert.Contains(CardReader.Read("Quay\nCircuit for 20\n40/20\nsquat\nrow")!.Questions, q => q.Text.Contains("people or minutes", StringComparison.Ordinal));

    [Theory]
    [InlineData("mind the knees")]
    [InlineData("watch her back foot")]
    [InlineData("look after the hips")]
    public void A_cue_is_no_need(string cue) => Assert.DoesNotContain("needs:", Sheet($"Quay\n40/20\nsquat\n{cue}\nplank"), StringComparison.Ordinal);

    private static Gen<string> One(params string[] of) => Gen.Int[0, of.Length - 1].Select(i => of[i]);

    private static readonly Gen<string> Need = One("bad knees", "sore wrists", "dodgy back", "no jumping", "sore neck", "bad hips", "no floor work", "bad shoulders");

    private static readonly Gen<string> Around = One("{0}", "careful: {0}", "{0} today", "2 people with {0}", "{0}, 45 mins", "12 people, {0}", "beginners with {0}", "mind the {0}!", "({0})", "{0} and {1}", "{0}/{1}", "{0} + {1}, mats", "kit: mats; {0}", "squats ({0}: smaller range)", "3 rounds {0}", "Monday {0} {1}");

    [Fact]
    public void A_need_stays_wherever_it_is_written() => Gen.Select(Around, Need, Need, Gen.Int[0, 5]).Sample(
        (around, one, two, at) =>
        {
            var said = string.Format(System.Globalization.CultureInfo.InvariantCulture, around, one, two);
            var lines = new List<string> { "Harbour hour", "WU", "march", "3 rounds 40/20", "goblet squat", "plank" };
            lines.Insert(at, said);
            var plan = CardReader.Read(string.Join('\n', lines))!.Plan;
            var sheet = SheetWriter.Write(plan);
            foreach (var need in around.Contains("{1}", StringComparison.Ordinal) ? new[] { one, two } : [one])
                Assert.True(plan.Brief.Needs.Contains(Core.Moves.BriefWords.Need(need)!) || sheet.Contains($"for {Core.Moves.BriefWords.Need(need)}:", StringComparison.Ordinal) || sheet.Contains(need, StringComparison.OrdinalIgnoreCase), $"“{need}” of “{said}” is nowhere in\n{sheet}");
        },
        iter: 400);

    [Fact]
    public void A_line_that_says_how_a_block_runs_is_told_beside_it()
    {
        var reading = CardReader.Read("Quay\nCircuit\n3 rounds\n40 on 20 off\nsquat\nrow")!;
        Assert.All(reading.Lines, l => Assert.NotEmpty(l.Read));
        Assert.Contains("3 rounds", reading.Lines[2].Read, StringComparison.Ordinal);
    }

    [Fact]
    public void Every_number_that_is_filled_in_is_asked_about()
    {
        var reading = CardReader.Read("Quay\nAMRAP 6\nsquats\npress ups heavy\nrows x8")!;
        Assert.Equal([3, 4], reading.Questions.Select(q => q.Line));
        var lines = new[] { "Quay", "AMRAP 6", "squats", reading.Questions[1].Choices[1].Instead, "rows x8" };
        Assert.Contains("press ups x12 [heavy]", Sheet(string.Join('\n', lines)), StringComparison.Ordinal);
    }

    [Fact]
    public void A_class_too_long_keeps_its_beginning_and_the_rest_as_notes()
    {
        var reading = CardReader.Read("Quay\n" + string.Concat(Enumerable.Range(0, 30).Select(b => $"Block {b}: 3 rounds 600/300\nsquat\nrow\n")))!;
        Assert.NotEmpty(reading.Plan.Blocks);
        Assert.Contains(reading.Lines, l => l.Kind == CardLineKind.Note);
        Assert.All(reading.Lines.SkipLast(1), l => Assert.NotEmpty(l.Read));
    }

    [Fact]
    public void Minutes_that_a_block_does_not_fill_are_asked_about()
    {
        var reading = CardReader.Read("Quay\n5-20 circuit 40/20\nlunges alternating\npress ups")!;
        var question = Assert.Single(reading.Questions, q => q.Text.Contains("15 min", StringComparison.Ordinal));
        Assert.Contains(question.Choices, c => c.Label == "7 rounds");
    }

    [Fact]
    public void Eight_in_all_changes_no_other_number()
    {
        var card = "Tabatas\nT1 squat / press up\nT2 swing / plank\n8 x 20/10 each, 80s between";
        var all = Assert.Single(CardReader.Read(card)!.Questions, q => q.Text.Contains("eight in all", StringComparison.Ordinal)).Choices[1].Instead;
        Assert.Equal("4 x 20/10 each, 80s between", all);
    }

    [Fact]
    public void Rests_without_end_are_no_station_that_never_ends() => Assert.Contains("squats, rest 200", Sheet("Quay\nStations 40/20\nsquats\n" + string.Concat(Enumerable.Repeat("rest\n", 60)) + "rows"), StringComparison.Ordinal);

    [Theory]
    [InlineData("Quay\nStations 40/20 x 2\n1. squats\n2. rest\n3. rows\n4. plank\n5. Rest / water", "squats, rest 80\nrows\nplank, rest 80\n")]
    [InlineData("Quay\nEMOM 16\nMin 1 - 12 squats\nMin 2 - 10 press ups\nMin 3 - 12 rows\nMin 4 - rest", "(minute, 4 rounds)\nsquats x12\npress ups x10\nrows x12\nrest 60s\n")]
    [InlineData("Quay\nTabata 8 x 20/10\nsquats\nrest\nrows\nrest", "work 20, rest 10)\nsquats\nrows\n")]
    [InlineData("Quay\nCircuit 3 rounds\nsquats x10\nrest\nrows x10", "squats x10 | note: then a rest\n")]
    public void A_station_to_rest_takes_its_time(string card, string kept) => Assert.Contains(kept, Sheet(card), StringComparison.Ordinal);

    [Fact]
    public void Every_line_of_a_card_is_told_once()
    {
        foreach (var (_, name, card, _) in CardFiles.All)
            Assert.True(card.Split('\n').SequenceEqual(CardReader.Read(card)!.Lines.Select(l => l.Text)), name);
    }

    [Fact]
    public void An_answer_about_one_sentence_leaves_the_others()
    {
        const string Card = "Thursday lunchtime, 30 minutes, no kit.\nWe do a 3 minute warm up, then three rounds of 45 seconds work and 15 seconds rest with squats, reverse lunges and plank. One minute rest between rounds. After that a 4 minute tabata of high knees and mountain climbers, and 3 minutes of stretching.";
        var reading = CardReader.Read(Card)!;
        var answers = reading.Questions.Where(q => q.Line == 2).SelectMany(q => q.Choices.Skip(1)).Where(c => c.Label != "a note").ToList();
        Assert.True(answers.Count > 2);
        foreach (var choice in answers)
        {
            var again = CardReader.Read($"{Card.Split('\n')[0]}\n{choice.Instead}")!;
            Assert.Equal(reading.Plan.Blocks.Select(b => b.Name), again.Plan.Blocks.Select(b => b.Name));
            Assert.NotEqual(SheetWriter.Write(reading.Plan), SheetWriter.Write(again.Plan));
        }

        var noted = CardReader.Read($"{Card.Split('\n')[0]}\n{reading.Questions.First(q => q.Text.Contains("stretching", StringComparison.Ordinal)).Choices[1].Instead}")!;
        Assert.Contains("high knees", SheetWriter.Write(noted.Plan), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Quay\nEMOM 6: 12 KB swings\nwall sit 3 x 45s (30s)", "straight, 3 rounds, rest 30", "minute, 6 rounds")]
    [InlineData("Quay\n3 rounds 40/20\nsquat\nrow\nwater between rounds", "between 60 water", "work 40, rest 20")]
    [InlineData("Quay\n18:00 hello (1 DB, mat). Odile has a hernia\n18:05 3 rounds 40/20 - squat, row, plank\n18:20 end", "kit: 1 dumbbell, mat", "hernia")]
    [InlineData("Quay\n21-15-9, 15 s between moves, 1 min between rounds\nthruster\nburpee", "rest 60, pause 15", "ladder 21/15/9")]
    [InlineData("Quay\nDL 3x8 @3110 / 2 min", "@3-1-1-0", "rest 120")]
    [InlineData("Quay\n3 rounds\nsquat x10\nplank (as long as you can)\nrow x10", "plank 30s", "row x10")]
    [InlineData("Quay\n4 min tabata: high knees, mountain climbers", "4 rounds, work 20, rest 10", "high knees")]
    [InlineData("Quay\n2 rounds 40/20\npress up\n- easier: on knees\nrow", "easier: knee press up", "row")]
    [InlineData("Fit over 60\n3 rounds 40/20\nsquat", "Fit over 60", "audience: older adults")]
    [InlineData("Quay\nBring a mat if you have bad knees\n40/20\nsquat", "needs: knees", "mat if you have bad knees")]
    [InlineData("Quay\nmats #hernia\n40/20\nsquat", "hernia", "work 40")]
    [InlineData("Quay\n21-15-9 thrusters, burpees, cap Odile has a hernia", "hernia", "cap Odile")]
    [InlineData("Quay\n21-15-9 thrusters, burpees, cap 8'", "ladder 21/15/9", "cap 8'")]
    public void What_goes_together_is_taken_together(string card, string one, string other)
    {
        Assert.Contains(one, Sheet(card), StringComparison.OrdinalIgnoreCase);
        Assert.Contains(other, Sheet(card), StringComparison.OrdinalIgnoreCase);
    }
}
