using JollySet.Core.Export;
using JollySet.Core.Plans;
using JollySet.Core.Timing;

namespace JollySet.Drawing.Paper;

/// <summary>The run sheet as a PDF of A4 pages: the class to teach from, then the page that is torn off for kit and lay-out.</summary>
public static class RunSheetPdf
{
    private static readonly double[] Scales = [1, 0.94, 0.88, 0.82];
    private const double Letters = 10.5;
    private const double LineHeight = 15;
    private const double Times = 48;
    private const double Text = Times + 28;

    /// <summary>The file.</summary>
    public static byte[] Of(Timeline timeline, RunSheet sheet)
    {
        using var pages = Taught(timeline, sheet);
        Words(pages, sheet);
        TearOff(pages, sheet);
        return pages.Finished();
    }

    /// <summary>The class itself: on one page where <see cref="RunSheet.IsOnePage"/> says so, as long as the letters can be read from standing.</summary>
    private static PaperPages Taught(Timeline timeline, RunSheet sheet)
    {
        foreach (var scale in sheet.IsOnePage ? Scales : [])
        {
            var tried = Written(timeline, sheet, scale);
            if (tried.Count == 1)
                return tried;
            tried.Dispose();
        }

        return Written(timeline, sheet, 1);
    }

    private static PaperPages Written(Timeline timeline, RunSheet sheet, double scale)
    {
        var pages = new PaperPages($"{sheet.Plan.Title}, run sheet", $"{sheet.Plan.Title} – run sheet", scale);
        Head(pages, sheet);
        PaperBunting.Draw(pages, timeline);
        foreach (var block in sheet.Blocks)
            Block(pages, block);
        pages.Space(4);
        Told(pages, "After:", sheet.Plan.Brief.After);
        foreach (var (message, reason) in sheet.Dismissed)
            pages.Write($"Left as it is: {message} – “{reason}”", 9);
        foreach (var note in sheet.Plan.Brief.Notes)
            pages.Write(note, 9.5);
        pages.Space(4);
        pages.Write(RunSheet.StopAtOnce, 8.5);
        return pages;
    }

    private static void Head(PaperPages pages, RunSheet sheet)
    {
        pages.Write(sheet.Plan.Title, 21, Face.Title);
        pages.Write(sheet.Times, 10.5);
        Told(pages, "Careful with:", sheet.CarefulWith);
        Told(pages, "Before:", sheet.Plan.Brief.Before);
        if (!sheet.HasWarmUp && sheet.Plan.Brief.Before is null)
            pages.Write("Warm up first.", 10.5, Face.Bold);
        Told(pages, "Ask first:", sheet.Asks);
        pages.Space(8);
    }

    private static void Block(PaperPages pages, RunSheetBlock block)
    {
        pages.Keep(46);
        pages.Space(5);
        pages.Rule();
        pages.Write([new Said(block.At), new Said(block.Name, Face.Title), new Said(block.Head)], 11.5);
        foreach (var note in block.Notes)
            pages.Write(note, 9.5, indent: Times);
        foreach (var line in block.Lines)
            Line(pages, line, line == block.Lines[^1] ? block.After : "");
        if (block.Lines.IsEmpty && block.After.Length > 0)
            pages.Write(block.After, Letters, Face.Bold, Times);
    }

    /// <summary>A station; what is under it stands behind it where there is room.</summary>
    private static void Line(PaperPages pages, RunSheetLine line, string after)
    {
        Said[] said = [new(line.Move, Face.Bold), new(line.Amount), new(line.Load), new(PaperLists.Apart(line.Side), Face.Bold), new(line.Rest), new(line.Foreseen)];
        var lines = pages.Lines([.. said, new(PaperLists.Apart(line.Under)), new(PaperLists.Apart(after), Face.Bold)], Letters, Text);
        var fits = lines.Count == 1;
        if (!fits)
            lines = pages.Lines([.. said, new(PaperLists.Apart(after), Face.Bold)], Letters, Text);
        pages.Keep(pages.HeightOf(lines.Count, Letters) + (fits ? 0 : LineHeight));
        var y = pages.Y;
        pages.At(line.At, PaperPages.Left, y + 10, 9.5);
        PaperFlags.Draw(pages.Pen, line.Set.Facts.Family, Hems.Of(line.Set), PaperPages.Left + Times, y + 1, 20, 11);
        pages.WriteLines(lines, Letters, Text);
        pages.Space(2);
        if (!fits && line.Under.Length > 0)
            pages.Write(line.Under, 9, indent: Text);
    }

    private static void Words(PaperPages pages, RunSheet sheet)
    {
        if (sheet.Words.IsEmpty)
            return;
        pages.TurnPage();
        pages.Write($"Words – {sheet.Plan.Title}", 15, Face.Title);
        foreach (var (at, text) in sheet.Words)
            pages.Write([new Said(at, Face.Bold), new Said(text)], 9.5);
    }

    private static void TearOff(PaperPages pages, RunSheet sheet)
    {
        pages.TurnPage();
        pages.Write($"Kit and lay-out – {sheet.Plan.Title}", 15, Face.Title);
        if (sheet.Plan.Brief.People is { } people)
            pages.Write($"{people} people.", 10.5);
        if (!sheet.Plan.Brief.Kit.IsEmpty)
            pages.Write($"Named: {string.Join(", ", sheet.Plan.Brief.Kit)}.", 10.5);
        if (sheet.Kit.IsEmpty)
            pages.Write("Nothing to lay out.", 10.5);
        foreach (var item in sheet.Kit)
            PaperLists.Tick(pages, [new Said(Say.Capital(item.What), Face.Bold), new Said(string.Join(", ", item.For))]);
        if (!sheet.Room.IsEmpty)
            pages.Write(string.Join(" ", sheet.Room), 10.5);
        PaperLists.Paragraph(pages, "To say first", sheet.Opening);
        PaperLists.Paragraph(pages, "To mind", sheet.Cautions);
        PaperLists.Paragraph(pages, "To close", sheet.Closing);
        PaperLists.Paragraph(pages, "Round the mat", [RunSheet.RoundTheMat]);
    }

    private static void Told(PaperPages pages, string what, string? said)
    {
        if (!string.IsNullOrEmpty(said))
            pages.Write([new Said(what, Face.Bold), new Said(said)], 10.5);
    }
}
