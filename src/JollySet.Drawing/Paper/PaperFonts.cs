using System.Buffers.Binary;
using System.Collections.Concurrent;
using PdfSharp.Drawing;
using PdfSharp.Fonts;

namespace JollySet.Drawing.Paper;

/// <summary>What a text is set in.</summary>
public enum Face { Plain, Bold, Title }

/// <summary>The screen's fonts for paper: each in two files, western letters and the rest of Europe's; no font of the machine is asked for.</summary>
public sealed class PaperFonts : IFontResolver
{
    private static readonly ConcurrentDictionary<string, byte[]> Files = new();
    private static readonly ConcurrentDictionary<string, HashSet<char>> Letters = new();
    private static readonly ConcurrentDictionary<(string File, double Size), XFont> Fonts = new();

    static PaperFonts() => GlobalFontSettings.FontResolver = new PaperFonts();

    private PaperFonts()
    {
    }

    /// <inheritdoc/>
    public byte[]? GetFont(string faceName) => File(faceName);

    /// <inheritdoc/>
    public FontResolverInfo? ResolveTypeface(string familyName, bool bold, bool italic) => new(familyName);

    /// <summary>A text in parts, each with the font that has its letters; a letter that neither has is told as a box.</summary>
    /// <param name="size">In points.</param>
    public static IEnumerable<(string Text, XFont Font)> Parts(string text, Face face, double size)
    {
        var (usual, more) = (NameOf(face), NameOf(face) + "-more");
        var start = 0;
        string FileFor(char letter) => Has(usual, letter) || !Has(more, letter) ? usual : more;
        string Shown(string part, string file) => string.Concat(part.Where(c => !char.IsLowSurrogate(c)).Select(c => Has(file, c) ? c : '?'));
        for (var i = 1; i <= text.Length; i++)
            if (i == text.Length || FileFor(text[i]) != FileFor(text[start]))
            {
                var file = FileFor(text[start]);
                yield return (Shown(text[start..i], file), Fonts.GetOrAdd((file, size), key => new XFont(key.File, key.Size, XFontStyleEx.Regular)));
                start = i;
            }
    }

    /// <summary>Whether every letter of a text is in the fonts of a face.</summary>
    public static bool CanWrite(string text, Face face) => text.All(c => Has(NameOf(face), c) || Has(NameOf(face) + "-more", c));

    private static string NameOf(Face face) => face switch { Face.Plain => "atkinson-400", Face.Bold => "atkinson-700", _ => "grandstander-700" };

    private static bool Has(string file, char letter) => Letters.GetOrAdd(file, name => LettersOf(File(name))).Contains(letter);

    private static byte[] File(string name) => Files.GetOrAdd(name, key =>
    {
        using var stream = typeof(PaperFonts).Assembly.GetManifestResourceStream(key) ?? throw new InvalidOperationException($"The font {key} is not shipped.");
        var bytes = new byte[stream.Length];
        stream.ReadExactly(bytes);
        return bytes;
    });

    /// <summary>The letters a font has: its table “cmap”, format 4 (OpenType specification, “cmap”).</summary>
    private static HashSet<char> LettersOf(byte[] font)
    {
        int U16(int at) => BinaryPrimitives.ReadUInt16BigEndian(font.AsSpan(at));
        int U32(int at) => (int)BinaryPrimitives.ReadUInt32BigEndian(font.AsSpan(at));
        var cmap = Enumerable.Range(0, U16(4)).Select(i => 12 + (16 * i)).Where(t => font.AsSpan(t, 4).SequenceEqual("cmap"u8)).Select(t => U32(t + 8)).First();
        var table = Enumerable.Range(0, U16(cmap + 2)).Select(i => cmap + U32(cmap + 4 + (8 * i) + 4)).First(t => U16(t) == 4);
        var segments = U16(table + 6) / 2;
        var (ends, starts, deltas, offsets) = (table + 14, table + 16 + (2 * segments), table + 16 + (4 * segments), table + 16 + (6 * segments));
        var letters = new HashSet<char>();
        for (var s = 0; s < segments; s++)
            for (var letter = U16(starts + (2 * s)); letter <= U16(ends + (2 * s)) && letter < char.MaxValue; letter++)
            {
                var (delta, offset) = (U16(deltas + (2 * s)), U16(offsets + (2 * s)));
                var glyph = offset == 0 ? (letter + delta) & 0xFFFF : U16(offsets + (2 * s) + offset + (2 * (letter - U16(starts + (2 * s)))));
                if (glyph != 0)
                    letters.Add((char)letter);
            }

        return letters;
    }
}
