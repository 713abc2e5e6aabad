namespace JollySet.Drawing;

/// <summary>Fits a name into the width under its flag, by estimate: the fonts ship, their metrics are near enough.</summary>
internal static class Names
{
    private const double LetterWidth = 7.1;

    /// <summary>At most two lines; the last is shortened where it must be.</summary>
    public static string[] Lines(string name, double width)
    {
        var letters = Math.Max(2, (int)(width / LetterWidth));
        if (name.Length <= letters)
            return [name];
        var words = name.Split(' ');
        var first = words[0];
        var next = 1;
        while (next < words.Length && first.Length + 1 + words[next].Length <= letters)
            first += " " + words[next++];
        var second = string.Join(' ', words.Skip(next));
        return second.Length == 0 ? [Cut(first, letters)] : [Cut(first, letters), Cut(second, letters)];
    }

    internal static string Cut(string text, int letters) => text.Length <= letters ? text : text[..Math.Max(1, letters - 1)] + "…";
}
