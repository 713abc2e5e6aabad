using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>Cards in many hands, each with the class it must become. A fact is a line of that class's sheet.</summary>
public sealed class CardTests
{
    public static IEnumerable<object[]> All => CardFiles.All.Select(c => new object[] { c.File, c.Name });

    private static List<string> Facts(string sheet) => [.. sheet.Split('\n').Select(l => l.Trim()).Where(l => l.Length > 0)];

    [Theory]
    [MemberData(nameof(All))]
    public void A_card_becomes_the_class_it_means(string file, string name)
    {
        var (_, _, card, sheet) = CardFiles.All.First(c => c.File == file && c.Name == name);
        var wanted = SheetReader.Read(sheet);
        Assert.True(wanted.IsGood, string.Join('\n', wanted.Errors));
        var got = SheetWriter.Write(CardReader.Read(card)!.Plan);
        if (Facts(SheetWriter.Write(wanted.Plan!)) is var right && !right.SequenceEqual(Facts(got)))
            Assert.Fail($"{name}\n{string.Join('\n', right.Except(Facts(got)).Select(l => "- " + l).Concat(Facts(got).Except(right).Select(l => "+ " + l)))}");
    }

    [Fact]
    public void What_a_title_implies_is_told() =>
        Assert.Contains("audience: older adults", CardReader.Read("Seniors at the loft, 30 min\n3 rounds 40/20\nsquat\n")!.Lines[0].Read, StringComparison.Ordinal);

    [Theory]
    [InlineData("squats x10, rows x12, 3 rounds, one has a sore shoulder", "needs: shoulders")]
    [InlineData("Main: squats, rows and curls, 10 of each, 2 rounds, mind the one with bad knees", "needs: knees")]
    [InlineData("Main: squats, rows and curls, 10 of each, 2 rounds, take as long as you need", "note: take as long as you need")]
    public void What_stands_beside_how_a_block_runs_is_told(string line, string told) =>
        Assert.Contains(told, CardReader.Read($"Quay\n3 rounds 40/20\nplank\n\n{line}\n")!.Lines[4].Read, StringComparison.Ordinal);

    [Fact]
    public void An_amrap_without_its_minutes_is_asked_about()
    {
        var question = Assert.Single(CardReader.Read("Quay, 30 min\nAMRAP:\n5 burpees\n10 squats\n")!.Questions, q => q.Text == "how long is AMRAP?");
        Assert.Contains("amrap 600s", SheetWriter.Write(CardReader.Read($"Quay, 30 min\n{question.Choices[2].Instead}\n5 burpees\n10 squats\n")!.Plan), StringComparison.Ordinal);
    }

    [Fact]
    public void Sets_behind_the_last_of_a_list_are_asked_about()
    {
        var question = Assert.Single(CardReader.Read("Quay, 30 min\nBlock 1: squat, row, press 3 x 12\n")!.Questions, q => q.Text == "3 x 12: of each?");
        Assert.Equal(["row", "press x12"], SheetWriter.Write(CardReader.Read("Quay, 30 min\n" + question.Choices[1].Instead)!.Plan).Split('\n').Where(l => l is "row" or "press x12"));
        Assert.Contains("row x12", SheetWriter.Write(CardReader.Read("Quay, 30 min\n" + question.Choices[0].Instead)!.Plan), StringComparison.Ordinal);
    }

    [Fact]
    public void A_drink_between_rounds_without_its_time_is_asked_about()
    {
        var question = Assert.Single(CardReader.Read("Quay, 30 min\n3 rounds 40/20, water between rounds\nsquat\nrow\n")!.Questions, q => q.Text == "how long for the drink between rounds?");
        Assert.Contains("between 90 water", SheetWriter.Write(CardReader.Read($"Quay, 30 min\n{question.Choices[2].Instead}\nsquat\nrow\n")!.Plan), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Tabata: squats, press-ups", "4 rounds, work 20, rest 10")]
    [InlineData("Tabata: squats, press-ups, plank", "8 rounds, work 20, rest 10")]
    [InlineData("Tabata 20/10: squats, press-ups", "4 rounds, work 20, rest 10")]
    [InlineData("Tabata: squats", "8 rounds, work 20, rest 10")]
    public void A_tabata_has_its_eight_among_two_or_four_moves(string line, string runs)
    {
        var reading = CardReader.Read($"Quay, 30 min\n{line}\n")!;

        Assert.Contains(runs, SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.All(reading.Questions.SelectMany(q => q.Choices).Where(c => c.Label is "eight of each" or "20 s on, 10 s off, 8 rounds"), c => Assert.Contains("8 rounds, work 20", SheetWriter.Write(CardReader.Read($"Quay, 30 min\n{c.Instead}\n")!.Plan), StringComparison.Ordinal));
    }

    [Fact]
    public void A_tabata_of_two_moves_is_asked_about()
    {
        var question = Assert.Single(CardReader.Read("Quay, 30 min\nTabata 1: jumping jacks, push-ups (8 x 20/10)\n")!.Questions, q => q.Text.Contains("eight in all", StringComparison.Ordinal));
        Assert.Contains("4 rounds, work 20", SheetWriter.Write(CardReader.Read("Quay, 30 min\n" + question.Choices[1].Instead)!.Plan), StringComparison.Ordinal);
    }

    [Fact]
    public void The_rest_of_a_lone_move_is_the_one_between_its_rounds() =>
        Assert.DoesNotContain(CardReader.Read("Quay, 30 min\n3 rounds\nrow x10\nrest 1 min\n")!.Questions, q => q.Text.Contains("between the rounds", StringComparison.Ordinal));

    [Fact]
    public void A_title_that_says_how_it_runs_is_told_as_both()
    {
        var read = CardReader.Read("No repeat class 30 mins - 40 on 20 off\nsquat\nrow\n")!.Lines[0].Read;
        Assert.Contains("30 minutes", read, StringComparison.Ordinal);
        Assert.Contains("40 s on", read, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("WU 4: march, arm circles", "== WU (prepare, work 120)")]
    [InlineData("Cool down 6: quads, chest", "== Cool down (release, work 180)")]
    [InlineData("Warm-up 5 min: march, arm circles", "== Warm-up (prepare, work 150)")]
    public void A_bare_number_after_a_warm_up_is_its_minutes(string line, string block) =>
        Assert.Contains(block, SheetWriter.Write(CardReader.Read($"Quay, 20 min\n{line}\n3 rounds 40/20\nsquat\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("Hi-lo Tuesday", "Hi-lo Tuesday")]
    [InlineData("Hi! thanks for Tuesday", "Card")]
    public void A_greeting_is_no_title_and_a_title_no_greeting(string first, string title) =>
        Assert.Equal(title, CardReader.Read($"{first}, 30 min\n3 rounds 40/20\nsquat\npush-up\n")!.Plan.Title);

    [Theory]
    [InlineData("Quay\n3 rounds 40/20\nplank\n\nsquats x10, rows x12, 3 rounds, one has a sore shoulder\n", "needs: shoulders")]
    [InlineData("Quay\n3 rounds 40/20\nplank\n\nMain: squats, rows and curls, 10 of each, 2 rounds, mind the one with bad knees\n", "needs: knees")]
    [InlineData("Quay\nsquat x10\nrow x10\n10 of each, 2 rounds, mind the one with bad knees\n", "needs: knees")]
    [InlineData("Quay with Matt\n3 rounds 40/20\nplank\nsquat\n", "# Quay with Matt")]
    [InlineData("Quay\n2 rounds\nsquats for 30\nrows for 30\n", "squats 30s\nrows 30s")]
    [InlineData("Quay\nWarm up 5 min\nmarch\narm circles\n2 rounds, 20s rest\nMain 3 rounds 40/20\nsquat\nrow\n", "(prepare, 2 rounds")]
    [InlineData("Quay\nWelcome talk 2 min\nA: squat 3x10\nwarm up 5 min first\n", "== Welcome talk")]
    [InlineData("Chair class\nNeeds: chairs, bands, bad knees\n2 rounds\nsit to stand x8\nband row x10\n", "kit: chair, band")]
    [InlineData("Chair class\nNeeds: chairs, bands, bad knees\n2 rounds\nsit to stand x8\nband row x10\n", "needs: knees")]
    [InlineData("Full body, 40/20 bad knees, 20 min\nsquat\nrow\n", "needs: knees")]
    [InlineData("Quay\n3 rounds 40/20\nsquat\nDot can't do lunges because of her knees so she does squats instead.\n", "needs: knees")]
    [InlineData("Quay\n3 rounds 40/20\nsquat\nMIND THE HIPS - DOT HAS A NEW ONE\n", "needs: hips")]
    [InlineData("Quay\n3 rounds 40/20\nsquat\nCol has arthritis in both knees\n", "needs: knees")]
    [InlineData("Quay\n3 rounds 40/20\nsquat\nOne with a strained back\n", "needs: low back")]
    [InlineData("Quay – beginners' course, wk 3\n3 rounds 40/20\nsquat\n", "audience: newcomer")]
    [InlineData("Plan for the 6.30 lot tomorrow\n3 rounds 40/20\nsquat\n", "# \"Plan for the 6.30 lot tomorrow\"")]
    [InlineData("SENIORS - CHAIR STRENGTH\n3 rounds 40/20\nsquat\n", "# SENIORS – CHAIR STRENGTH")]
    [InlineData("Quay\nStart with a 5 minute warm up, whatever you like.\n40/20\nsquat\nrow\n", "note: whatever you like\n")]
    [InlineData("Quay\n3 rounds 40/20\nsquat\nrow\nIf we have time: press ups to failure!\n", "== B (circuit, work 40, rest 20, optional)\npress ups | note: to failure")]
    [InlineData("Quay\n2 rounds\nsquat x10\nrow x10\nGive them a minute in between.\n", "between 60")]
    [InlineData("Quay\n2 mins getting warm: jog on the spot, arm circles\n3 rounds 40/20\nsquat\nrow\n", "getting warm (prepare, work 60)")]
    [InlineData("Quay\nEveryone has a chair and a pair of light dumbbells.\n3 rounds 40/20\nsquat\nrow\n", "kit: chair, light dumbbells")]
    [InlineData("Quay\nlegs: squats, lunges, 45/15\nQuick drink again!\narms: curls, presses, 45/15\n", "after 60 water")]
    [InlineData("Full body AMRAP\nWarm up: 10 squats, 10 arm circles\n15 min AMRAP:\n5 burpees\n10 squats\n", "# Full body AMRAP\nfocus: full body")]
    [InlineData("WOD 11/27\nStrength: Front squat 5x3, rest 2:00\n", "# WOD\nnote: \"11/27\"")]
    [InlineData("Quay\nWarm-up: 500m row, 10 air squats\n3 rounds 40/20\nsquat\n", "rowing machine 125s")]
    [InlineData("Quay\nAMRAP 12 min\n5 burpees\nKeep score!\n", "note: Keep score!")]
    [InlineData("So for Saturday I'm thinking a nice simple kettlebell class!\n3 rounds 40/20\nsquat\n", "# kettlebell class")]
    [InlineData("Sunrise Strength\n👥 8 | ⏳ 40 min | 🏋️ dumbbells\nsquat x10\n", "people: 8")]
    [InlineData("Sunrise Strength\n👥 8 | ⏳ 40 min | 🏋️ dumbbells\nsquat x10\n", "minutes: 40")]
    [InlineData("Full body, 20 min\n3 rounds\nsquat x10 (Una has bad knees)\nrow x10\n", "needs: knees")]
    [InlineData("Strength is for everyone - Tues 7pm - 45 min - 12 people\nsquat 3x10\n", "minutes: 45")]
    [InlineData("Stations, 24 people, 2 min water in the middle\n40/20 x 2\nsquat\nrow\n", "people: 24")]
    [InlineData("Quay, 30 min\nWarm up 10m\n3 rounds 40/20\nsquat\n", "(own 600s)")]
    [InlineData("Quay, 30 min\nAMRAP 12m\nsquat x10\nrow x10\n", "(amrap 720s)")]
    [InlineData("Quay, 30 min\n3 rounds\nfarmers walk 40m\nsquat x10\n", "note: \"40m\"")]
    [InlineData("Quay, 30 min\nC: squat 3x10\nrow 4x8\n", "== C (straight, 3 rounds)")]
    [InlineData("Quay, 30 min\nsquat 3x10\nrest 2-3 min\n", "rest 120..180")]
    [InlineData("Quay, 30 min\nA: 3 rounds 40/20\nsquat\nrow\nrest 2-3 min after\n", "rest 20")]
    [InlineData("Quay\n3 rounds\n8-10 goblet squats\n10-12 rows\n12-15 curls\n", "rows x10..12")]
    [InlineData("Quay\n2 rounds\nlunge 10 R 10 L\nsquat x10\n", "lunge x10, each side")]
    [InlineData("Quay\n2 rounds\nside plank 30s R, 30s L\nsquat x10\n", "side plank 30s, each side")]
    [InlineData("Quay\n3 rounds\nsquat x12, 30s\nrow x10\n", "squat x12 | note: \"30 s\"")]
    [InlineData("Quay\nsquat 3x8, 3s\nrow 3x8\n", "squat x8 | note: \"3 s\"")]
    [InlineData("Quay\nsquat 3x8, 45s\nrow 3x8, 45s\n", "rest 45")]
    [InlineData("Quay\n2 rounds\nswing x5 L (easier: deadlift)\npress x5 L (light one)\nthen right side\n", "swing x5, right | easier: deadlift")]
    [InlineData("Quay\n2 rounds\nswing x5 L\npress x5 L (light one)\nthen right side\n", "press x5, right | note: light one")]
    [InlineData("Quay\nEvery 2 min x 5\n5 deadlifts\n10 push-ups\n", "(superset, 5 rounds, rest 75)")]
    [InlineData("Quay\nW.U. (30'' each): hip circles → marching → cat cow\nA x3: squat x10, row x10\n", "hip circles\nmarching\ncat cow")]
    [InlineData("Quay\nCircuit x3\nAMRAP 8 min (37)\nsquat x10\n", "37")]
    [InlineData("Quay\nA1 squat 3x10\nA2 row 3x10\nA1 press 3x8\nA2 curl 3x8\n", "== B (superset, 3 rounds)\npress x8")]
    [InlineData("Full body for 20\nA x3: squat x10, row x10\n", "Full body for 20")]
    [InlineData("Quay\n3 rounds\n1 squat\n2 row\n3 plank\nFinisher\n4 burpees\n", "burpees x4")]
    [InlineData("Quay\n3 rounds 40/20\npress 12k\nmarch\n", "press [12kg]")]
    [InlineData("Quay\nA1 squat 3x10\nA2 row 3x10\n60s\n", "(superset, 3 rounds, rest 60)")]
    [InlineData("Quay\n3 rounds\ncleans x5 R\npress x5 R\nswap sides\n", "press x5, left")]
    [InlineData("Exercise\tWork\tRest\tRounds\nsquat\t40\t20\t3\nplank\t40\t20\t3\n", "(circuit, 3 rounds, work 40, rest 20)")]
    [InlineData("Quay\n40/20 x 2\nsquat\nplank\n2 min break after lap 1\n", "between 120")]
    [InlineData("Quay\nStrength - rest 90s\nsquat 3x10\nrow 3x10\n", "(straight, 3 rounds, rest 90)")]
    [InlineData("1) squats 2) press-ups 3) rows\n45 on / 15 off, 3 laps", "(circuit, 3 rounds, work 45, rest 15)\nsquats\npress-ups\nrows")]
    [InlineData("Quay\nA1 press 4x8\nA2 row 4x8\nB1 curl 3x8\nB2 fly 3x8\nC triceps dips 3 x max, 60s\n", "\ntriceps dips")]
    [InlineData("Quay\nWU: hip circles, halos, squats x10 each\n3 rounds\n10 rows\n", "== A (circuit, 3 rounds)")]
    [InlineData("Quay\nCore 2 x 10\ndead bug\ncrunch\n", "== Core (straight, 2 rounds)")]
    [InlineData("Quay, 10 Leute\n3 Runden\nSquats x10\n", "people: 10")]
    [InlineData("Quay\n3 rounds\nsquats 45/15\nplank 45/15\n", "(circuit, 3 rounds, rest 15)")]
    [InlineData("Quay\nWU: hip hinges, halos, goblet squats x10 each\n3 rounds\n10 rows\n", "hip hinges x10\nhalos x10\ngoblet squats x10\n")]
    [InlineData("Quay\nA: press 3x10\nC: dips 3x10\n", "== C (straight, 3 rounds)")]
    [InlineData("Full body (advanced class)\n3 rounds\nsquats x10\n", "Full body (advanced class)")]
    [InlineData("Quay\n3 rounds 45 secs work 15 secs rset\nsquat\nrow\n", "work 45, rest 15")]
    [InlineData("0-5 warm up\n5-9 Tabata burpees\n", "work 20, rest 10")]
    [InlineData("Quay\nEvery 2 min x 5, by turns\n5 deadlifts\n10 push-ups\n", "(minute, 5 rounds, every 120s)")]
    public void Each_word_goes_where_it_belongs(string card, string says) =>
        Assert.Contains(says, SheetWriter.Write(CardReader.Read(card)!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("Stations, 24 people, 2 min water in the middle\n40/20 x 2\nsquat\nrow\n", "minutes: 2")]
    [InlineData("Quay\n40/20\nmarch then run 5k\nsquat\n", "5kg")]
    [InlineData("Quay, 30 min\n3 rounds\ngoblet squat 3-0-1\nrow x10\n", "straight")]
    [InlineData("Quay, 30 min\nA: 3 rounds 40/20\nsquat\nrow\nrest 2-3 min after\n", "20..180")]
    public void No_number_goes_where_it_does_not(string card, string says) =>
        Assert.DoesNotContain(says, SheetWriter.Write(CardReader.Read(card)!.Plan), StringComparison.Ordinal);

    [Fact]
    public void A_limit_beside_the_end_is_heard()
    {
        var plan = CardReader.Read("0:00 warm up\n5:00 circuit 3 x 40/20: squat, row\n20:00 end. bad knee")!.Plan;
        Assert.Contains(plan.Brief.Needs.Concat(plan.Brief.Notes).Concat(plan.Blocks.SelectMany(b => b.Notes)), t => t.Contains("knee", StringComparison.Ordinal));
    }

    [Fact]
    public void A_count_in_a_box_is_a_count_and_a_warm_up_is_told_once()
    {
        var reading = CardReader.Read("Quay, 20 min\nWarm-up: march, arm circles\n3 rounds\n[12] squats\n[8] press-ups\n")!;
        Assert.Contains("squats x12", SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.Contains("press-ups x8", SheetWriter.Write(reading.Plan), StringComparison.Ordinal);
        Assert.DoesNotContain(reading.Lines, l => l.Read.Contains("warm-up: warm-up", StringComparison.OrdinalIgnoreCase));
    }
}
