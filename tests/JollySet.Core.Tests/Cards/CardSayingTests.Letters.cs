using System.Collections.Immutable;
using JollySet.Core.Cards;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <content>Lines under A, B and C, whatever sign stands behind the letter.</content>
public partial class CardSayingTests
{
    private static readonly ImmutableArray<string> LetterSigns = ["{0}. ", "{0}) ", "{0}: ", "{0} - ", "{0} ", "({0}) ", "{0} – ", "{0}.", "{0}) - ", "Block {0}: ", "{0}/ ", "{0}] ", "Part {0} - ", "{0} = "];

    [Fact]
    public void A_move_and_its_sets_behind_a_letter() =>
        Holds(from sign in LetterSigns
              from sets in new[] { "3 x 10 {0}", "3x10 {0}", "{0} 3 x 10", "{0} 3x10", "{0} - 3 sets of 10", "{0}, 3 sets of 10", "3 sets of 10 {0}", "{0} 3x10, 60s rest", "{0} 3 x 10 rest 60" }
              select string.Join('\n', new[] { ("A", "squats"), ("B", "rows"), ("C", "curls") }.Select(l => string.Format(Invariant, sign, l.Item1) + string.Format(Invariant, sets, l.Item2))),
            lines => $"{lines}\n", _ => "\nsquats x10\n", also: "(straight, 3 rounds");

    [Fact]
    public void A_circuit_behind_a_letter() =>
        Holds(from sign in LetterSigns.Remove("{0} ")
              from how in new[] { "40/20 x 3: {0}, {1}, {2}", "{0}, {1}, {2} 40/20 x 3", "{0}, {1}, {2} - 40/20 x3", "40/20 x 3\n{0}\n{1}\n{2}", "3 rounds 40/20\n{0}\n{1}\n{2}" }
              select $"{string.Format(Invariant, sign, "A")}{string.Format(Invariant, how, "squats", "rows", "curls")}\n{string.Format(Invariant, sign, "B")}{string.Format(Invariant, how, "burpees", "lunges", "dead bugs")}",
            lines => $"{lines}\n", _ => "(circuit, 3 rounds, work 40, rest 20)\nsquats\nrows\ncurls\n\n== ", also: "(circuit, 3 rounds, work 40, rest 20)\nburpees\nlunges, alternating\ndead bugs");

    [Fact]
    public void Numbers_without_end_are_read_at_once() =>
        Assert.Contains("1 1 1 z", SheetWriter.Write(CardReader.Read($"Quay\nA/ {string.Concat(Enumerable.Repeat("1 ", 100))}z\nB/ {string.Concat(Enumerable.Repeat("1 x ", 50))}z\n")!.Plan), StringComparison.Ordinal);

    [Theory]
    [InlineData("A squat hold 30s\nB lunges x10", "squat hold 30s")]
    [InlineData("A – Lower (10 mins)\n45/15, 2 rounds\nsquat\nB – Upper (10 mins)\n45/15, 2 rounds\nrow", "== A - Lower (")]
    [InlineData("(A) 3 rounds\n10 squats\n10 rows\n(B) deadlifts 3 x 10 rest 60", "(straight, 3 rounds, rest 60)\ndeadlifts x10")]
    public void What_a_letter_begins(string lines, string becomes) =>
        Holds([lines], l => $"{l}\n", _ => becomes);
}
