using System.Collections.Immutable;
using System.Globalization;
using JollySet.Core.Cues;
using JollySet.Core.Export;
using JollySet.Core.Kit;
using JollySet.Core.Options;
using JollySet.Core.Plans;
using JollySet.Core.Timing;
using PdfSharp.Drawing;

namespace JollySet.Drawing.Paper;

/// <summary>The class for those who take part, as a PDF of A4 pages: what to bring, every move with its ways, room to note what one did, the cautions. No notes of the instructor's and nothing of anyone's health is on it.</summary>
public static class HandoutPdf
{
    private const double Text = 28;
    private const double Box = 26;
    private const double Noted = 76;
    private const int MostBoxes = 5;
    private const int MostCues = 2;

    /// <summary>The file.</summary>
    public static byte[] Of(Timeline timeline, RunSheet sheet)
    {
        var brief = sheet.Plan.Brief;
        using var pages = new PaperPages($"{sheet.Plan.Title}, handout", sheet.Plan.Title);
        pages.Write(sheet.Plan.Title, 21, Face.Title);
        pages.Write(string.Join(" · ", new[] { brief.Place, $"about {Math.Ceiling(timeline.Likely.InSeconds / 60).ToString(CultureInfo.InvariantCulture)} minutes" }.OfType<string>()), 10.5);
        pages.Space(8);
        PaperBunting.Draw(pages, timeline);
        // What nobody can judge is told here once, and not at each move.
        PaperLists.Paragraph(pages, "Kept in mind", sheet.CarefulWith.Length == 0 ? [] : [$"{Say.Capital(sheet.CarefulWith)}.", sheet.Asks]);
        PaperLists.Paragraph(pages, "What you need", sheet.Kit.IsEmpty ? ["Nothing but some floor, and water."] : Needed(timeline, sheet));
        if (!sheet.HasWarmUp)
            PaperLists.Paragraph(pages, "First", [brief.Before is { } before ? $"Before: {before}." : "Warm up first."]);
        var ways = OwnWays.Of(timeline, brief.Needs).ToLookup(w => w.Block);
        foreach (var (block, index) in timeline.Blocks.Select((b, i) => (b, i)).Where(b => !b.b.IsWords))
            Block(pages, sheet.Blocks[index], block.IsMain ? Math.Min(MostBoxes, block.RoundCount) : 0, [.. ways[index]]);
        PaperLists.Paragraph(pages, "To mind", [ForParticipants.StopAtOnce, .. sheet.Cautions, ForParticipants.NoClearance]);
        PaperLists.Paragraph(pages, "Alone at home", [ForParticipants.AtHome]);
        return pages.Finished();
    }

    private static IReadOnlyCollection<string> Needed(Timeline timeline, RunSheet sheet)
    {
        var home = HomeThings.For(sheet.Kit).Where(h => h.Instead is not null).Select(h => $"{Say.Capital(h.Item)}: {h.Instead}.").ToList();
        string[] instead = home.Count == 0 ? [] : ["At home, instead:", .. home, ForParticipants.StandIns];
        return [$"{Say.Capital(Say.List([.. sheet.Kit.Select(k => Masses.Told(k.What, timeline.Rules))]))}, and water.", .. instead];
    }

    private static void Block(PaperPages pages, RunSheetBlock told, int boxes, ImmutableArray<OwnWay> ways)
    {
        pages.Keep(46);
        pages.Space(7);
        pages.Rule();
        if (boxes > 0)
            pages.At("your reps or weight", PaperPages.Left + PaperPages.Width - Noted, pages.Y + 11, 8);
        pages.Write([new Said(told.Name, Face.Title), new Said(told.Head)], 11.5, room: Noted);
        foreach (var (line, way) in told.Lines.Zip(ways))
            Line(pages, line, way, boxes);
    }

    private static void Line(PaperPages pages, RunSheetLine line, OwnWay ways, int boxes)
    {
        Said[] said = [new(line.Move, Face.Bold), new(line.Amount), new(line.Load), new(PaperLists.Apart(line.Side), Face.Bold)];
        var under = string.Join(" · ", Ways(ways).Concat(line.Set.Facts.Move?.Cues.Take(MostCues) ?? []));
        var room = boxes * Box;
        var lines = pages.Lines(said, 10.5, Text, room);
        pages.Keep(pages.HeightOf(lines.Count, 10.5) + 14);
        var y = pages.Y;
        PaperFlags.Draw(pages.Pen, line.Set.Facts.Family, Hems.Of(line.Set), PaperPages.Left, y + 1, 20, 12);
        for (var i = 0; i < boxes; i++)
            pages.Pen.DrawRectangle(new XPen(XColors.Gray, 0.5), PaperPages.Left + PaperPages.Width - room + (i * Box) + 3, y + 1, Box - 4, 14);
        pages.WriteLines(lines, 10.5, Text);
        pages.Space(2);
        if (under.Length > 0)
            pages.Write([new Said(under)], 9, Text, room);
        pages.Space(3);
    }

    /// <summary>Only ways that hold: one that does not go round what it is named for is not handed out; a need without one is told all the same.</summary>
    private static IEnumerable<string> Ways(OwnWay ways)
    {
        if (ways.Easier.Says.Length > 0)
            yield return "easier: " + ways.Easier.Says;
        if (ways.Harder.Says.Length > 0)
            yield return "harder: " + ways.Harder.Says;
        foreach (var (need, state, way) in ways.Needs)
            if (Told(state, way.Says) is { } told)
                yield return $"for {need}: {told}";
    }

    private static string? Told(CoverKind state, string way) => state switch
    {
        CoverKind.Covered => way,
        CoverKind.Open => "no way is named – leave it out",
        CoverKind.Ask => "ask first",
        _ => null,
    };
}
