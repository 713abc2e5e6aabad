using System.Text.RegularExpressions;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>A name that nobody knows changes nothing of how a card runs.</content>
public partial class CardSayingTests
{
    /// <summary>No library has the first two; the third may mean several.</summary>
    private static readonly string[] Strange = ["wobblers", "flag pulls", "kickbacks"];

    [Theory]
    [InlineData("3 rounds 40/20 of squats, {0}, press ups", "(circuit, 3 rounds, work 40, rest 20)\nsquats\n{0}\npress ups\n")]
    [InlineData("Arms: curls, presses, {0} 30/15 x3", "== Arms (circuit, 3 rounds, work 30, rest 15)\ncurls\npresses\n{0}\n")]
    [InlineData("A. squats + {0} 3x10", "3 rounds)\nsquats x10\n{0} x10\n")]
    [InlineData("Partner 1 {0}, partner 2 deadlifts\n3 rounds 40/20", "\n{0}\ndeadlifts\n")]
    [InlineData("TABATA x 3 - 1 min rest between\nT1 squats\nT2 {0}\nT3 burpees", "(circuit, 8 rounds, work 20, rest 10, after 60)\n{0}\n")]
    [InlineData("40/20 x 2\n1. squats  2. {0}  3. rows\n4. burpees  5. curls  6. deadlifts", "(circuit, 2 rounds, work 40, rest 20)\nsquats\n{0}\nrows\nburpees\ncurls\ndeadlifts\n")]
    [InlineData("3 rounds of 10 squats, 10 {0}, 10 burpees", "(circuit, 3 rounds)\nsquats x10\n{0} x10\nburpees x10\n")]
    [InlineData("10 down to 1: squats, {0}, curls", "(ladder 10..1)\nsquats\n{0}\ncurls\n")]
    public void A_name_that_nobody_knows_stands_where_it_stood(string card, string becomes)
    {
        foreach (var name in Strange)
        {
            var reading = CardReader.Read($"Monday gang\n{string.Format(Invariant, card, name)}\n")!;
            var sheet = SheetWriter.Write(reading.Plan);
            // What is likely is filled in; both are asked.
            var filled = name == "kickbacks" ? Kickback().Match(sheet).Value : name;
            Assert.Contains(string.Format(Invariant, becomes, filled), sheet, StringComparison.Ordinal);
            Assert.Contains(reading.Questions, q => q.Text.Contains(name, StringComparison.Ordinal) || q.Text.Contains("kickback", StringComparison.Ordinal));
        }
    }

    [Theory]
    [InlineData("squats, rows, chest up")]
    [InlineData("squats x10, slow and low")]
    [InlineData("squats 3x10, Una's favourite")]
    [InlineData("Standing weights: curls x12, rows x12")]
    [InlineData("LUNCH EXPRESS 30\n\nsquats 30\nrows 30")]
    [InlineData("squats, rows, repeat")]
    [InlineData("squats x10, rows x10, same again x10")]
    public void Words_that_say_something_else_are_no_names(string card) =>
        Assert.Empty(CardGuesses.In(card.Split('\n'), n => MoveNames.Contains(n)));

    [GeneratedRegex("(?<=\n)(?:[a-z]+ )?kickbacks?")]
    private static partial Regex Kickback();

    private static readonly HashSet<string> MoveNames = ["squats", "rows", "curls"];
}
