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
public sealed record CardRow(int Line, string Text, string Kind, string Read, ImmutableArray<string> Flags, ImmutableArray<CardAsked> Questions);

/// <summary>A question beside its line.</summary>
/// <param name="Field">Names its choices in the form.</param>
public sealed record CardAsked(string Field, string Text, ImmutableArray<string> Choices);

/// <summary>A card as it is shown: every line, its reading, what is asked, and what the class comes to.</summary>
/// <param name="IsLong">Whether it has more lines than fields: it is edited as one text.</param>
public sealed record CardView(string Text, ImmutableArray<CardRow> Rows, string Length, string Likely, string Booked, int Asked, bool IsLong)
{
    private const int MostFields = 250;
    private const int MostFlags = 12;

    /// <summary>A card as it was read.</summary>
    public static CardView Of(string text, CardReading reading, Studio studio)
    {
        var timeline = TimelineBuilder.Build(reading.Plan, studio);
        var facts = new Facts(reading.Plan, studio);
        var asked = reading.Questions.ToLookup(q => q.Line);
        var rows = reading.Lines.Select(line => new CardRow(
            line.Line,
            line.Text,
            line.Kind.ToString().ToLowerInvariant() + (line.Sure < Sureness.Certain || asked[line.Line].Any() ? " unsure" : ""),
            line.Read,
            [.. line.Moves.Take(MostFlags).Select(m => Weaves.NameOf(facts.MoveOf(m.Split(" + ")[0])?.Family ?? Family.Easy))],
            [.. asked[line.Line].Select(q => new CardAsked(Field(q), q.Text, [.. q.Choices.Select(c => c.Label)]))]));
        return new CardView(text, [.. rows], Say.Clock(timeline.Length), Say.Clock(timeline.Likely), reading.Plan.Brief.Minutes is { } minutes ? Say.Clock(JollySet.Core.Plans.Length.Seconds(minutes * 60)) : "", reading.Questions.Length, reading.Lines.Length > MostFields);
    }

    /// <summary>The card with the lines that other choices than the first stand for; one choice a line, since each says its whole line anew.</summary>
    public static string Answered(string text, CardReading reading, IFormCollection form)
    {
        var lines = text.Split('\n');
        var changed = new HashSet<int>();
        foreach (var question in reading.Questions)
            if (int.TryParse(form[Field(question)], NumberStyles.None, CultureInfo.InvariantCulture, out var choice) && choice > 0 && choice < question.Choices.Length && changed.Add(question.Line))
                lines[question.Line - 1] = question.Choices[choice].Instead;
        return string.Join('\n', lines);
    }

    /// <summary>By its line and what it asks, so that an answer is never taken for another question's.</summary>
    private static string Field(CardQuestion question) => string.Create(CultureInfo.InvariantCulture, $"answer-{question.Line}-{PartList.HashOf(question.Text)}");
}
