using CsCheck;
using JollySet.Core.Cards;
using JollySet.Core.Plans;

namespace JollySet.Core.Tests.Cards;

public class CardToldTests
{
    [Theory]
    [InlineData("40 seconds per exercise and 15 seconds to catch your breath, and we do each block twice", "2 rounds, 40/15")]
    [InlineData("Everyone works for 45 seconds and has 15 seconds to move on to the next station", "45/15")]
    [InlineData("They go through it three times, with a minute and a half to drink in between", "3 rounds, 90s water between rounds")]
    [InlineData("We do ten of each and then sit down for a minute", "rest 60s, 10 of each")]
    [InlineData("five sets of five, with two to three minutes rest", "5 rounds, 5 of each, 120-180s rest between rounds")]
    [InlineData("20 on each leg and we go round again", "2 rounds")]
    [InlineData("as many rounds as they can in 12 minutes", "AMRAP 12 min")]
    [InlineData("an EMOM for 16 minutes so each one comes round four times", "EMOM 16 min")]
    [InlineData("it's 45 seconds at each station with half a minute between exercises", "45/30")]
    [InlineData("40 seconds each with 15 to 20 seconds rest", "40s each, rest 15-20s")]
    [InlineData("three times round with a sip of water in between", "3 rounds, water between rounds")]
    public void Numbers_of_a_sentence_are_what_the_words_around_them_say(string sentence, string how) =>
        Assert.Equal(how, string.Join(", ", CardTold.Of(sentence)!.How()));

    [Theory]
    [InlineData("we don't do 40 seconds on and 20 off any more")]
    [InlineData("40 seconds each, or 30 seconds each if they are tired")]
    [InlineData("last week they did it three times")]
    [InlineData("40 seconds each with 20 seconds rest, then 15 seconds rest")]
    [InlineData("bring 3 balls and 12 cones")]
    [InlineData("2 minutes for water between the blocks")]
    [InlineData("20 kg for the squats, ten of each")]
    [InlineData("we warm up with a 400 m jog")]
    [InlineData("40 seconds each, 15 to 20 seconds rest and 60 seconds rest between rounds")]
    public void A_number_that_is_none_of_them_leaves_the_sentence_alone(string sentence) =>
        Assert.Null(CardTold.Of(sentence));

    [Fact]
    public void A_sentence_of_which_words_are_left_over_is_kept_and_asked_about()
    {
        const string sentence = "After that we use the bands for band rows and chest press, twelve of each, two rounds.";
        var reading = CardReader.Read($"Quay\nWarm up 5 min\n{sentence}\nStretch 5 min")!;
        var block = reading.Plan.Blocks[1];
        Assert.Equal(sentence, Assert.Single(block.Notes));
        Assert.Contains(reading.Questions, q => q.Line == 3 && q.Choices.Any(c => c.Instead == $"note: {sentence}"));
        Assert.Contains("band", reading.Plan.Brief.Kit);
        Assert.Equal(["band rows", "chest press"], block.Stations.SelectMany(s => s.Doing.MoveNames()));
    }

    [Theory]
    [InlineData("Then we do squats and rows, ten of each for three rounds with 60 seconds to rest her bad knees.", "knees")]
    [InlineData("No jumping for Col so it's a ladder: 1 burpee and 1 squat, then 2 of each, 3 of each and so on up to 10.", "no jumping")]
    [InlineData("Start with 1 burpee and 1 squat, then 2 of each, 3 of each and so on up to 10. Una has bad knees.", "knees")]
    [InlineData("Then it's a countdown: ten squats, ten rows, then nine of each, mind Una's bad shoulder, all the way to one.", "shoulders")]
    public void No_need_is_lost_with_words_that_are_left_out(string sentence, string need)
    {
        foreach (var card in new[] { $"Quay\nWarm up 5 min\n{sentence}\nStretch 5 min", $"{sentence}", $"Hi Odile, we do this one.\nIt's a lot of fun.\n{sentence} Thanks, we'll have tea." })
        {
            var reading = CardReader.Read(card)!;
            Assert.Contains(need, reading.Plan.Brief.Needs);
        }
    }

    [Fact]
    public void Two_blocks_are_no_two_rounds() =>
        Assert.Null(CardTold.Of("we do two blocks of it, ten of each")?.Rounds);

    [Fact]
    public void A_plan_by_minutes_need_not_begin_at_nought() =>
        Assert.Equal(35, CardReader.Read("Quay\n5-20 circuit 40/20\nsquats\nrows\n20-30 core\nplank\n30-35 stretch")!.Plan.Brief.Minutes);

    [Theory]
    [InlineData("They love this one so we do it twice.")]
    [InlineData("Remember that the second circuit has 20 seconds rest after each exercise because it's harder.")]
    [InlineData("Then there's a raffle and we draw three names, that's about ten minutes with a drink.")]
    public void What_no_block_has_a_place_for_is_one_note(string sentence)
    {
        var block = CardReader.Read($"Quay\n3 rounds 40/20\nsquats\nrows\n{sentence}\nStretch 5 min")!.Plan.Blocks[0];
        Assert.Equal(sentence, Assert.Single(block.Notes));
    }

    [Fact]
    public void Whoever_is_spared_in_a_told_sentence_is_a_need_of_the_class()
    {
        var reading = CardReader.Read("Quay\nWarm up 5 min\nThen we do squats and rows, ten of each for three rounds, but Una has a bad shoulder so she goes light.\nStretch 5 min")!;
        Assert.Contains("shoulders", reading.Plan.Brief.Needs);
        Assert.Contains(reading.Plan.Blocks, b => b.Notes.Any(n => n.Contains("Una has a bad shoulder", StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData("For Monday I'd like to keep it simple.", "Monday")]
    [InlineData("Could you do Tuesday's 6pm for me?", "Tuesday's 6pm")]
    [InlineData("Thanks for Friday, it was lovely!", "Card")]
    [InlineData("They are tired because of the race on Sunday.", "Card")]
    public void A_message_is_called_by_its_day(string first, string title) =>
        Assert.Equal(title, CardReader.Read($"{first}\nWarm up 5 min\n3 rounds\nsquats x10\nrows x10")!.Plan.Title);

    [Fact]
    public void Minutes_that_stand_alone_are_no_clock_of_the_class()
    {
        var plan = CardReader.Read("Quay\n5 mins mobility\nsquats x10\n5-10 mins cool down")!.Plan;
        Assert.Null(plan.Brief.Minutes);
        Assert.Contains("own 300s", JollySet.Core.Sheets.SheetWriter.Write(plan), StringComparison.Ordinal);
    }

    [Fact]
    public void Every_sentence_that_is_told_says_no_more_than_its_own_numbers()
    {
        // Words that turn a number's meaning, put together by chance: what is read holds only numbers that were said.
        var pieces = new[] { "we do", "40 seconds", "20 seconds", "on", "off", "each", "rest", "three rounds", "twice", "ten of each", "between rounds", "a minute", "and", ",", "with", "then", "to move", "as many rounds as they can", "sit down for", "or", "not" };
        Gen.Int[0, pieces.Length - 1].Array[2, 12].Sample(picks =>
        {
            var sentence = string.Join(' ', picks.Select(p => pieces[p]));
            if (CardTold.Of(sentence) is not { } told)
                return;
            var said = new HashSet<string>(["40", "20", "3", "2", "10", "60", "1"]);
            foreach (System.Text.RegularExpressions.Match number in System.Text.RegularExpressions.Regex.Matches(string.Join(' ', told.How()), "[0-9]+", System.Text.RegularExpressions.RegexOptions.None, TimeSpan.FromSeconds(5)))
                Assert.Contains(number.Value, said);
            Assert.DoesNotContain(told.Left, char.IsAsciiDigit);
        });
    }
}
