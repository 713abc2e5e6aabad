using System.Buffers;

namespace JollySet.Core.Sheets.Notation;

/// <summary>Names and words in double quotes; a quote inside is doubled.</summary>
internal static class Quoted
{
    private static readonly SearchValues<char> Special = SearchValues.Create(",|#[]()>&+@\"");

    /// <summary>Whether the slice is one quoted stretch.</summary>
    public static bool Is(Slice slice)
    {
        if (slice.Length < 2 || slice.First != '"' || slice.Text[^1] != '"')
            return false;
        return !slice.Text[1..^1].Replace("\"\"", "", StringComparison.Ordinal).Contains('"', StringComparison.Ordinal);
    }

    /// <summary>What stands inside the quotes, or the text itself when there are none.</summary>
    public static string Read(Slice slice) =>
        Is(slice) ? slice.Text[1..^1].Replace("\"\"", "\"", StringComparison.Ordinal) : slice.Text;

    /// <summary>In quotes.</summary>
    public static string Always(string text) => $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"";

    /// <summary>In quotes where the notation would misread it bare.</summary>
    public static string Write(string text) => NeedsQuotes(text) ? Always(text) : text;

    private static bool NeedsQuotes(string text) =>
        text.Length == 0
        || text.AsSpan().ContainsAny(Special)
        || text.Trim() != text
        || text.Contains("  ", StringComparison.Ordinal)
        || text.StartsWith("==", StringComparison.Ordinal)
        || (text.Length > 5 && text.StartsWith("again", StringComparison.OrdinalIgnoreCase) && char.IsWhiteSpace(text[5]))
        || Keywords.StartLine(text)
        || text.EndsWith(':')
        || text.Split((char[]?)null).Any(word => AmountNotation.LooksLike(word) || word.Equals("hold", StringComparison.OrdinalIgnoreCase) || word.Equals("pulses", StringComparison.OrdinalIgnoreCase));
}

/// <summary>Words that mean something at the start of a line.</summary>
internal static class Keywords
{
    /// <summary>Whether a bare name starting so would be read as something else.</summary>
    public static bool StartLine(string text) =>
        text.StartsWith("note:", StringComparison.OrdinalIgnoreCase)
        || text.StartsWith("new:", StringComparison.OrdinalIgnoreCase)
        || text.StartsWith("any:", StringComparison.OrdinalIgnoreCase);
}
