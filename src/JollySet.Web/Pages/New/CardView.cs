using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Cards;
using JollySet.Core.Moves;
using JollySet.Core.Moves.Names;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using JollySet.Drawing;
using JollySet.Web.Parts;

namespace JollySet.Web.Pages.New;

/// <summary>A line of a card beside what is understood of it.</summary>
/// <param name="Flags">The cloths of its moves.</param>
public sealed record CardRow(int Line, string Text, string Kind, string Read, ImmutableArray<string> Flags, ImmutableArray<CardAsked> Questions)
{
    /// <summary>Letters that are seen in one row beside their reading.</summary>
    private const int InOneRow = 46;

    /// <summary>Whether all of it is seen in several rows only.</summary>
    public bool IsWrapped => Text.Length > InOneRow;

    /// <summary>So many rows; where a browser knows how, as many as it takes.</summary>
    public int Rows => (Text.Length + InOneRow - 1) / InOneRow;
}

/// <summary>A question beside its line.</summary>
/// <param name="Field">Names its choices in the form.</param>
public sealed record CardAsked(string Field, string Text, ImmutableArray<string> Choices);

/// <summary>How long a class of a card comes to be.</summary>
/// <param name="Booked">The minutes it has; empty where none are said.</param>
public sealed record CardSum(string Title, string Length, string Likely, string Booked);

/// <summary>A card as it is shown: every line, its reading, what is asked, and what its class, or each of its classes, comes to.</summary>
/// <param name="IsLong">Whether it has more lines than fields: it is edited as one text.</param>
public sealed record CardView(string Text, ImmutableArray<CardRow> Rows, ImmutableArray<CardSum> Sums, int Asked, bool IsLong)
{
    private const int MostFields = 250;
    private const int MostFlags = 12;

    /// <summary>A card as it was read.</summary>
    public static CardView Of(string text, ImmutableArray<CardClassRead> classes, Studio studio)
    {
        // What is said of all classes stands once, as the first of them has it.
        var rows = classes.SelectMany(c => RowsOf(c, studio, isOne: classes.Length == 1)).DistinctBy(r => r.Line).OrderBy(r => r.Line).ToImmutableArray();
        return new CardView(text, rows, [.. classes.Select(c => SumOf(c.Reading, studio))], rows.Sum(r => r.Questions.Length), rows.Length > MostFields);
    }

    private static IEnumerable<CardRow> RowsOf(CardClassRead read, Studio studio, bool isOne)
    {
        var begins = isOne ? 0 : read.Class.Lines[0];
        var facts = new Facts(read.Reading.Plan, studio);
        var asked = read.Reading.Questions.ToLookup(q => q.Line);
        return read.Reading.Lines.Select(line => new CardRow(
            read.Class.Lines[line.Line - 1],
            line.Text,
            line.Kind.ToString().ToLowerInvariant() + (line.Sure < Sureness.Certain || asked[line.Line].Any() ? " unsure" : "") + (read.Class.Lines[line.Line - 1] == begins ? " begins" : ""),
            line.Read + (read.Class.Lines[line.Line - 1] == begins ? " · a class of its own" : ""),
            [.. line.Moves.Take(MostFlags).Select(m => Weaves.NameOf(facts.MoveOf(m.Split(" + ")[0])?.Family ?? Family.Easy))],
            [.. asked[line.Line].Select(q => new CardAsked(Field(read.Class.Lines[q.Line - 1], q), q.Text, [.. q.Choices.Select(c => c.Label)]))]));
    }

    private static CardSum SumOf(CardReading reading, Studio studio)
    {
        var timeline = TimelineBuilder.Build(reading.Plan, studio);
        return new CardSum(reading.Plan.Title, Say.Clock(timeline.Length), Say.Clock(timeline.Likely), reading.Plan.Brief.Minutes is { } minutes ? Say.Clock(JollySet.Core.Plans.Length.Seconds(minutes * 60)) : "");
    }

    /// <summary>The card with the lines that other choices than the first stand for; one choice a line, since each says its whole line anew.</summary>
    public static string Answered(string text, ImmutableArray<CardClassRead> classes, IFormCollection form)
    {
        var lines = text.Split('\n');
        var changed = new HashSet<int>();
        foreach (var (of, question) in classes.SelectMany(c => c.Reading.Questions.Select(q => (c.Class, q))))
            if (of.Lines[question.Line - 1] is var at && int.TryParse(form[Field(at, question)], NumberStyles.None, CultureInfo.InvariantCulture, out var choice) && choice > 0 && choice < question.Choices.Length && changed.Add(at))
                lines[at - 1] = question.Choices[choice].Instead;
        return string.Join('\n', lines);
    }

    /// <summary>By its line and what it asks, so that an answer is never taken for another question's.</summary>
    private static string Field(int line, CardQuestion question) => string.Create(CultureInfo.InvariantCulture, $"answer-{line}-{PartList.HashOf(question.Text)}");
}
