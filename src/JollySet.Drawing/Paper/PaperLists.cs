using PdfSharp.Drawing;

namespace JollySet.Drawing.Paper;

/// <summary>Lists and paragraphs under a heading.</summary>
internal static class PaperLists
{
    /// <summary>A word that stands apart from what is before it; nothing for none.</summary>
    public static string Apart(string word) => word.Length == 0 ? "" : "· " + word;

    /// <summary>A line with a box to tick.</summary>
    public static void Tick(PaperPages pages, IReadOnlyList<Said> said)
    {
        var lines = pages.Lines(said, 10.5, 18);
        pages.Keep(pages.HeightOf(lines.Count, 10.5));
        pages.Pen.DrawRectangle(new XPen(XColors.Black, 0.7), PaperPages.Left + 2, pages.Y + 2.5, 9, 9);
        pages.WriteLines(lines, 10.5, 18);
        pages.Space(2);
    }

    /// <summary>Sentences under a heading; nothing where there are none.</summary>
    public static void Paragraph(PaperPages pages, string heading, IReadOnlyCollection<string> sentences)
    {
        if (sentences.Count == 0)
            return;
        pages.Keep(44);
        pages.Space(7);
        pages.Write(heading, 13, Face.Title);
        pages.Write(string.Join(" ", sentences), 10.5);
    }
}
