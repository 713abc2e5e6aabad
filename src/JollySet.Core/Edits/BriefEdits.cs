using JollySet.Core.Plans;
using JollySet.Core.Sheets;
using JollySet.Core.Sheets.Notation;

namespace JollySet.Core.Edits;

/// <summary>Gives the class another title.</summary>
public sealed record SetTitle(string Title) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => "changed the title";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var title = Title.Trim();
        return title.Length == 0 ? EditResult.Refused("a class needs a title", "title")
            : title.Length > Limits.NameLetters ? EditResult.Refused($"a title of {title.Length} letters; the limit is {Limits.NameLetters}") with { Field = "title" }
            : EditResult.Of(plan with { Title = title }, "title");
    }
}

/// <summary>Says one line of the header anew, in the sheet's words; empty takes it out.</summary>
public sealed record SetBriefLine(string Key, string Value) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"changed {Key}";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var errors = new SheetErrors();
        var others = BriefNotation.Write(plan.Brief).Where(l => l.Key != Key);
        var lines = Value.Trim().Length == 0 ? others : others.Append((Key, Value.ReplaceLineEndings(" ")));
        var brief = lines.Aggregate(new Brief(), (b, line) => BriefNotation.Read(b, Sliced(line.Item1), Sliced(line.Item2), errors));
        return errors.Any ? new EditResult(null, errors.InOrder, Key) : EditResult.Of(plan with { Brief = brief }, Key);
    }

    private static Slice Sliced(string text) => Slice.OfLine(text, 1).Trim();
}

/// <summary>Adds one thing to the kit that people are told of, whatever else stands there by then.</summary>
public sealed record AddKit(string Item) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => $"added {Item} to the kit";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan) =>
        new SetBriefLine("kit", string.Join(", ", BriefNotation.Write(plan.Brief).Where(l => l.Key == "kit").Select(l => l.Value).Append(Item))).Step(plan);
}

/// <summary>Puts a whole sheet in place of the class.</summary>
public sealed record ReplaceSheet(string Text) : PlanEdit
{
    /// <inheritdoc/>
    public override string Summary(ClassPlan plan) => "wrote the sheet anew";

    /// <inheritdoc/>
    protected override EditResult Change(ClassPlan plan)
    {
        var read = PlanReader.Read(Text);
        return read.Plan is { } written
            ? EditResult.Of(Ids.Carried(plan, Ids.Without(written), (a, b) => SheetWriter.WriteStation(a) == SheetWriter.WriteStation(b)), "text")
            : new EditResult(null, read.Errors, "text");
    }
}
