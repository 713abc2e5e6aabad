using System.Globalization;
using System.Text;
using System.Text.RegularExpressions;
using CsCheck;
using JollySet.Core.Cards;
using JollySet.Core.Keeping;
using JollySet.Core.Moves.Names;
using JollySet.Core.Sheets;
using Xunit;

namespace JollySet.Core.Tests.Cards;

/// <summary>What holds of every card, whatever stands on it.</summary>
public partial class CardLawTests
{
    private static readonly string[] Scraps =
    [
        "3 rounds", "40/20", "goblet squat", "push-up x12", "WU 5 min", "A1 squat 3x10", "A2 row 3x10", "rest 60", "R side plank", "(heavy)", "each side", "21-15-9", "EMOM 10", "AMRAP",
        "10-9-8…1", "| a | b |", "Exercise\tSets\tReps", "squat\t3\t12", "```", "2 eggs, 100g flour", "if (x > 0) { return; }", "3 x 1000", "99999999999 reps", "0 rounds", "x0", "rest 99:99", "12/11/2026",
        "note: x", "kit:", "kit: 1000000 dumbbells", "needs: ???", "== A (circuit)", "again B", "new: foo", "any: pull", "\"", "[", ")(", "#", "•", "🔥", "\u0645\u0631\u062d\u0628\u0627", "深蹲 3x10", "Приседания 3 x 12",
        "squat + press & row > lunge", "every 0 minutes", "100..1 ladder", "1-2-1-2-1", "60 min", "900 people", "like this one, kneeling", "hold", "pulses", "?", "x?", "||||", ":::", "a) b) c)", "1.2.3.", "@ @ @",
    ];

    private static Gen<string> One(params string[] of) => Gen.Int[0, of.Length - 1].Select(i => of[i]);

    private static readonly Gen<string> Line = Gen.OneOf(
        One(Scraps),
        Gen.Select(One(Scraps), One(" ", ", ", ": ", " - ", "; ", "(", "\t"), One(Scraps), (a, sign, b) => a + sign + b),
        Gen.String[Gen.Char['\0', '\uffff'], 0, 40],
        Gen.String[Gen.Char[' ', '~'], 0, 60],
        One("", " "));

    /// <summary>What stands on all the cards of the files, torn at its signs.</summary>
    private static readonly string[] Torn = [.. CardFiles.All.SelectMany(c => c.Card.Split('\n')).SelectMany(l => TornAt().Split(l)).Where(p => p.Length > 0).Distinct()];

    /// <summary>Pieces of many hands put together by signs that nobody would write so: lists with holes, heads without an end, numbers for nothing.</summary>
    private static readonly Gen<string> Pieced = Gen.Select(One(Torn), One(", ", ", , ", ": ", "; ", " / ", " + ", " - ", "(", ")", " (", ") ", " x 3", " x3", ". ", "! ", "\"", "'", " | ", "\t", " 1) ", " b) ", "º ", " = ", "", " "), (piece, sign) => piece + sign)
        .Array[1, 9].Select(pieces => string.Concat(pieces) is { Length: > 239 } all ? all[..239] : string.Concat(pieces));

    [GeneratedRegex(@"(?<=[,;:/()+-])|(?=[,;:/()+-])")]
    private static partial Regex TornAt();

    private static readonly Gen<string> Card = Line.Array[0, 14].Select(lines => string.Join('\n', lines));

    [Fact]
    public void Every_card_becomes_a_class_that_can_be_kept_and_no_line_is_lost() => Card.Sample(
        text =>
        {
            var reading = CardReader.Read(text)!;
            Assert.NotNull(Gate.Pass(reading.Plan).Passed);
            Assert.Equal(reading.Lines.Length, text.ReplaceLineEndings("\n").Split('\n').Length);
            foreach (var line in reading.Lines.Where(l => l.Text.Any(char.IsAsciiLetterOrDigit)))
                Assert.True(line.Read.Length > 0 || text.Contains("\n==", StringComparison.Ordinal), $"line {line.Line} “{line.Text}” says nothing");
        },
        iter: 1500);

    [Fact]
    public void A_card_pieced_together_from_others_is_no_error_and_no_line_is_lost() => Pieced.Array[1, 6].Sample(
        lines =>
        {
            var text = string.Join('\n', lines.Prepend("Quay"));
            var reading = CardReader.Read(text)!;
            Assert.NotNull(Gate.Pass(reading.Plan).Passed);
            Assert.Equal(reading.Lines.Length, text.ReplaceLineEndings("\n").Split('\n').Length);
        },
        iter: 1000);

    [Fact]
    public void A_note_stays_word_for_word() => Line.Array[1, 6].Sample(
        lines =>
        {
            var reading = CardReader.Read(string.Join('\n', lines))!;
            var said = string.Join('\n', reading.Plan.Brief.Notes.Concat(reading.Plan.Blocks.SelectMany(b => b.Notes)).Select(Signs));
            foreach (var line in reading.Lines.Where(l => l.Kind == CardLineKind.Note))
                Assert.Contains(Signs(line.Text), said, StringComparison.Ordinal);
        },
        iter: 1000);

    /// <summary>Its letters and digits without the word for a note, in the signs of one keyboard: a digit of another writing, in a ring or raised, is the same digit; a sign of times is an x, a half .5.</summary>
    private static string Signs(string text) =>
        string.Concat(text.SelectMany(Keyed).Select(Sign)).Replace("note", "", StringComparison.OrdinalIgnoreCase);

    private static string Keyed(char c) => c switch
    {
        >= '\u2776' and <= '\u2793' => Written((c - '\u2776') % 10 + 1),
        >= '\u2460' and <= '\u2473' => Written(c - '\u245F'),
        '\u00D7' or '\u2715' or '\u2716' => "x",
        '\u00BD' => ".5",
        '\uFFFE' or '\uFFFF' => "",
        _ => char.IsSurrogate(c) ? "" : c.ToString().Normalize(NormalizationForm.FormKC),
    };

    private static string Sign(char c) => char.IsDigit(c) ? Written(char.GetNumericValue(c)) : char.IsAsciiLetter(c) ? c.ToString() : "";

    private static string Written(double number) => number.ToString(CultureInfo.InvariantCulture);

    /// <summary>A choice rewrites the card, and the card so rewritten is read too; the same question is not asked again by its first answer's name.</summary>
    [Theory]
    [InlineData("T\n3 rounds 40/20\nromanian dedlift\nsquat")]
    [InlineData("T\n3 rounds\nsquat x10\nharbour shuffle x10")]
    [InlineData("T\nWU\nsquat\nmarch")]
    [InlineData("T\n40/20\nside plank\nsquat\nwater")]
    [InlineData("squat\nrow")]
    public void Every_choice_can_be_made(string card)
    {
        var reading = CardReader.Read(card)!;
        Assert.NotEmpty(reading.Questions);
        foreach (var question in reading.Questions)
            foreach (var choice in question.Choices.Skip(1))
            {
                var lines = card.Split('\n');
                lines[question.Line - 1] = choice.Instead;
                var again = CardReader.Read(string.Join('\n', lines))!;
                Assert.NotEqual(SheetWriter.Write(reading.Plan), SheetWriter.Write(again.Plan));
            }
    }

    [Theory]
    [InlineData("Pancakes\n2 eggs\n100g flour\nMix well and leave for 20 minutes.\nFry in butter.")]
    [InlineData("public static int Main(string[] args)\n{\n    return args.Length > 3 ? 1 : 0;\n}")]
    [InlineData("الاثنين\nقرفصاء 3x10\nضغط 3x10")]
    [InlineData("3 x 1000 squats\n12/11 18:30")]
    public void What_is_no_class_is_asked_about_or_kept(string text)
    {
        var reading = CardReader.Read(text)!;
        Assert.All(reading.Lines.Where(l => l.Kind == CardLineKind.Station && l.Sure == Sureness.Certain), l => Assert.Contains("squat", l.Text, StringComparison.Ordinal));
    }

    [Fact]
    public void A_novel_is_kept_as_notes_and_one_too_long_is_refused()
    {
        var novel = string.Concat(Enumerable.Range(0, 300).Select(i => $"It was a dark night number {i} and the ferry had gone without the two of them, so they sat down.\n"));
        var reading = CardReader.Read(novel)!;
        Assert.True(reading.Plan.Brief.Notes.Length + reading.Plan.Blocks.Sum(b => b.Notes.Length) >= 290);
        Assert.Null(CardReader.Read(new string('a', CardReader.MostBytes + 1)));
    }

    [Theory]
    [InlineData("Quay ४' 3 ppl")]
    [InlineData("Quay, ३० mins, ٨ people\n٣ rounds ٤٠/٢٠\nsquat\nrow")]
    public void Digits_of_any_script_count(string card) => Assert.NotNull(CardReader.Read(card)!.Plan);

    [Fact]
    public void Digits_of_another_script_say_how_often() =>
        Assert.Contains("(circuit, 3 rounds, work 40, rest 20)", SheetWriter.Write(CardReader.Read("Quay\n٣ rounds ٤٠/٢٠\nsquat\nrow")!.Plan), StringComparison.Ordinal);

    /// <summary>Numbers that count nothing.</summary>
    [Theory]
    [InlineData("every 0 minutes\nsquat")]
    [InlineData("WU x0: 60 min\nsquat")]
    [InlineData("0 rounds\nsquat\n0 x 10 row")]
    [InlineData("3 x 0 squat\n0/0\nrest 0")]
    public void Nothing_times_nothing_is_no_fault(string card) => Assert.NotNull(CardReader.Read(card));

    [Fact]
    public void Our_own_notation_reads_as_it_is()
    {
        const string sheet = "# Deck\nminutes: 20\n\n== A (circuit, 2 rounds, work 40, rest 20)\ngoblet squat [heavy]\npush-up | easier: knee push-up\n";
        Assert.Equal(SheetWriter.Write(SheetReader.Read(sheet).Plan!), SheetWriter.Write(CardReader.Read(sheet)!.Plan));
    }

    [Theory]
    [InlineData("Block 1: 10 min 00/00\nsquat")]
    [InlineData("10 min, 0 on 0 off\nsquat\npress-up")]
    [InlineData("Circuit 00:00 12 min\nsquat")]
    public void No_work_at_all_is_divided_by_nothing(string card) => Assert.Contains("squat", CardReader.Read(card)!.Plan.MoveNames());
}
