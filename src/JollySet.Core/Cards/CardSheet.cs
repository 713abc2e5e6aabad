using System.Collections.Immutable;
using JollySet.Core.Keeping;
using JollySet.Core.Plans;
using JollySet.Core.Sheets;

namespace JollySet.Core.Cards;

/// <summary>Makes a class of what a card was taken for.</summary>
internal static class CardSheet
{
    private const string Untitled = "Card";

    /// <summary>The class; or the card's lines that no sheet can say, empty where it cannot be told which.</summary>
    public static (ClassPlan? Plan, List<int> Wrong) Plan(CardHead head, List<CardBlock> blocks, List<string> notes)
    {
        var (sheet, from) = (new List<string> { "# x" }, new List<int> { 0 });
        void Add(string line, int of)
        {
            sheet.Add(line.ReplaceLineEndings(" "));
            from.Add(of);
        }

        foreach (var line in head.Lines())
            Add(line, 0);
        foreach (var block in blocks)
        {
            Add(block.Head(), block.Line);
            foreach (var station in block.Stations)
                Add(station.Sheet(), station.Line);
        }

        var read = SheetReader.Read(string.Join('\n', sheet));
        if (read.Plan is not { } plan)
            return (null, [.. read.Errors.Select(e => from.ElementAtOrDefault(e.Line - 1)).Distinct()]);
        plan = plan with
        {
            Title = head.Title.Length > 0 ? head.Title : Untitled,
            Brief = plan.Brief with { Notes = [.. notes, .. head.List("notes")] },
            Blocks = [.. plan.Blocks.Select((b, i) => b with { Notes = [.. blocks[i].Notes], Stations = [.. b.Stations.Select((s, j) => s with { Notes = [.. blocks[i].Stations[j].Notes] })] })],
        };
        var (passed, _) = Gate.Pass(plan);
        return passed is not null ? (passed.Plan, []) : (null, [.. blocks.SelectMany(b => b.Stations).Where(s => s.Notes.Count > 0).Select(s => s.Line).Take(1)]);
    }
}
