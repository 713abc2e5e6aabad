using PdfSharp.Drawing;
using PdfSharp.Pdf;

namespace JollySet.Drawing.Paper;

/// <summary>A stretch of text in one face.</summary>
public sealed record Said(string Text, Face Face = Face.Plain);

/// <summary>Pages of A4 that are written from the top down; what does not fit begins the next. All measures in points.</summary>
internal sealed class PaperPages : IDisposable
{
    private const double Margin = 42;
    private const double Leading = 1.32;
    private readonly PdfDocument document;
    private readonly string foot;
    private readonly double scale;
    private readonly Wrapping wrapping = new();
    private XGraphics pen = null!;
    private bool lettersMissing;

    /// <summary>An empty page.</summary>
    /// <param name="foot">Stands at the foot of each page, before its number.</param>
    /// <param name="scale">How large all letters are, for what must fit.</param>
    public PaperPages(string title, string foot, double scale = 1)
    {
        this.scale = scale;
        document = new PdfDocument();
        document.Info.Title = title;
        document.Info.Creator = "Jolly Set";
        this.foot = foot;
        TurnPage();
    }

    /// <summary>The left edge of what is written.</summary>
    public static double Left => Margin;

    /// <summary>How wide the written part is.</summary>
    public static double Width => XUnitPt.FromMillimeter(210).Point - (2 * Margin);

    /// <summary>Where the next line begins.</summary>
    public double Y { get; private set; }

    /// <summary>How many there are.</summary>
    public int Count => document.PageCount;

    /// <summary>What draws on the page that is open.</summary>
    public XGraphics Pen => pen;

    private static double Low => XUnitPt.FromMillimeter(297).Point - Margin - 18;

    /// <summary>Begins a page.</summary>
    public void TurnPage()
    {
        pen?.Dispose();
        var page = document.AddPage();
        page.Width = XUnitPt.FromMillimeter(210);
        page.Height = XUnitPt.FromMillimeter(297);
        pen = XGraphics.FromPdfPage(page);
        Y = Margin;
    }

    /// <summary>Begins a page where there is less room than that.</summary>
    public void Keep(double height)
    {
        if (Y + height > Low)
            TurnPage();
    }

    /// <summary>Leaves room.</summary>
    public void Space(double height) => Y += height * scale;

    /// <summary>A thin line across.</summary>
    public void Rule()
    {
        pen.DrawLine(new XPen(XColors.Gray, 0.4), Left, Y, Left + Width, Y);
        Y += 3;
    }

    /// <summary>One text in one face.</summary>
    public void Write(string text, double size, Face face = Face.Plain, double indent = 0) => Write([new Said(text, face)], size, indent);

    /// <summary>Stretches that follow each other, wrapped at words; a word that is longer than the line is broken.</summary>
    /// <param name="indent">Free on its left.</param>
    /// <param name="room">Free on its right.</param>
    public void Write(IEnumerable<Said> said, double size, double indent = 0, double room = 0) => WriteLines(Lines(said, size, indent, room), size, indent);

    /// <summary>Lines that were wrapped before.</summary>
    public void WriteLines(List<List<Said>> lines, double size, double indent)
    {
        foreach (var line in lines)
        {
            Keep(HeightOf(1, size));
            Draw(line, Left + indent, Y + (size * scale), size * scale);
            Y += HeightOf(1, size);
        }
    }

    /// <summary>Stretches as lines.</summary>
    public List<List<Said>> Lines(IEnumerable<Said> said, double size, double indent = 0, double room = 0) => wrapping.Lines(said, size * scale, Width - indent - room);

    /// <summary>How high that many lines stand.</summary>
    public double HeightOf(int lines, double size) => lines * size * scale * Leading;

    /// <summary>One text at a place, not wrapped.</summary>
    public void At(string text, double x, double baseline, double size, Face face = Face.Plain) => Draw([new Said(text, face)], x, baseline, size * scale);

    /// <summary>The file.</summary>
    public byte[] Finished()
    {
        pen.Dispose();
        for (var i = 0; i < document.PageCount; i++)
        {
            using var marks = XGraphics.FromPdfPage(document.Pages[i]);
            pen = marks;
            Draw([new Said($"{foot} · {i + 1} of {document.PageCount}{(lettersMissing ? " · ? stands for a letter these fonts lack; the page in the browser prints it" : "")}")], Left, Low + 22, 8);
        }

        using var stream = new MemoryStream();
        document.Save(stream, closeStream: false);
        return stream.ToArray();
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        pen.Dispose();
        wrapping.Dispose();
        document.Dispose();
    }

    private void Draw(IEnumerable<Said> line, double x, double baseline, double size)
    {
        foreach (var (text, face) in line)
        {
            lettersMissing |= !PaperFonts.CanWrite(text, face);
            foreach (var (part, font) in PaperFonts.Parts(text, face, size))
            {
                pen.DrawString(part, font, XBrushes.Black, x, baseline);
                x += wrapping.WidthOf(part, face, size);
            }
        }
    }
}
