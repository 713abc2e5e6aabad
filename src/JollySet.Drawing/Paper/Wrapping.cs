using PdfSharp.Drawing;

namespace JollySet.Drawing.Paper;

/// <summary>Breaks text into lines at its words.</summary>
internal sealed class Wrapping : IDisposable
{
    private readonly XGraphics measure = XGraphics.CreateMeasureContext(new XSize(600, 900), XGraphicsUnit.Point, XPageDirection.Downwards);
    private readonly Dictionary<(string Text, Face Face, double Size), double> known = [];

    /// <inheritdoc/>
    public void Dispose() => measure.Dispose();

    /// <summary>Lines no wider than that; a word that is wider alone is broken where it must be.</summary>
    /// <param name="size">Of its letters, in points.</param>
    public List<List<Said>> Lines(IEnumerable<Said> said, double size, double width)
    {
        var lines = new List<List<Said>> { new() };
        var used = 0.0;
        foreach (var (word, face) in said.SelectMany(Words).SelectMany(w => Fitting(w, size, width)))
        {
            var wide = WidthOf(word.TrimEnd(), face, size);
            if (used + wide > width && lines[^1].Count > 0)
            {
                lines.Add([]);
                used = 0;
            }

            if (lines[^1].Count > 0 && lines[^1][^1].Face == face)
                lines[^1][^1] = new Said(lines[^1][^1].Text + word, face);
            else
                lines[^1].Add(new Said(word, face));
            used += WidthOf(word, face, size);
        }

        return lines;
    }

    private static IEnumerable<Said> Words(Said said)
    {
        var text = string.Join(' ', said.Text.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
        if (text.Length == 0)
            yield break;
        foreach (var word in text.Split(' '))
            yield return new Said(word + " ", said.Face);
    }

    private IEnumerable<Said> Fitting(Said word, double size, double width)
    {
        var (text, face) = word;
        while (text.Length > 1 && WidthOf(text.TrimEnd(), face, size) > width)
        {
            var fits = 1;
            while (WidthOf(text[..(fits + 1)], face, size) <= width)
                fits++;
            yield return new Said(text[..fits], face);
            text = text[fits..];
        }

        yield return new Said(text, face);
    }

    /// <summary>In points; words come back often, and are measured once.</summary>
    public double WidthOf(string text, Face face, double size)
    {
        if (!known.TryGetValue((text, face, size), out var width))
            known[(text, face, size)] = width = PaperFonts.Parts(text, face, size).Sum(p => measure.MeasureString(p.Text, p.Font, XStringFormats.BaseLineLeft).Width);
        return width;
    }
}
