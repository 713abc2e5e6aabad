using JollySet.Core.Timing;
using PdfSharp.Drawing;

namespace JollySet.Drawing.Paper;

/// <summary>The class on its ropes, in ink.</summary>
internal static class PaperBunting
{
    private const double NameWidth = 92;
    private const double Row = 21;
    private const int MostRows = 12;
    private const int Longest = 18;

    /// <summary>The first rope of each block, its name before it, its rounds behind.</summary>
    public static void Draw(PaperPages pages, Timeline timeline)
    {
        var ropes = BuntingLayout.Of(timeline, PaperPages.Width - NameWidth - 34).Where(r => r.First && !r.Flags.IsEmpty).Take(MostRows).ToList();
        pages.Keep(ropes.Count * Row);
        foreach (var rope in ropes)
        {
            var (x, y) = (PaperPages.Left + NameWidth, pages.Y + 3);
            pages.At(Names.Cut(rope.BlockName, Longest), PaperPages.Left, y + 7, 8.5, Face.Bold);
            pages.Pen.DrawLine(new XPen(XColors.Black, 0.8), x - 4, y, x + rope.Length + 8, y);
            foreach (var flag in rope.Flags)
                PaperFlags.Draw(pages.Pen, flag.Family, flag.Hem, x + flag.X, y, Math.Max(3, flag.Width), 8 + (0.8 * flag.Effort));
            var rounds = timeline.Blocks[rope.Block].RoundCount;
            if (rounds > 1)
                pages.At($"×{rounds}", x + rope.Length + 11, y + 4, 8.5);
            pages.Space(Row);
        }
    }
}
