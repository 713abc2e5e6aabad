using System.Text.RegularExpressions;

namespace JollySet.Core.Cards;

/// <summary>Names from a card as a sheet writes them.</summary>
internal static class CardNames
{
    /// <summary>A station's name: combined moves stay combined, and a hold belongs to its amount.</summary>
    public static string Written(string name) => name.Contains(" + ", StringComparison.Ordinal)
        ? string.Join(" + ", name.Split(" + ").Select(Quoted))
        : name.EndsWith(" hold", StringComparison.OrdinalIgnoreCase) && Quoted(name[..^5]) == name[..^5] ? name : Quoted(name);

    /// <summary>In quotes where a sheet would misread it.</summary>
    public static string Quoted(string text) =>
        Signs.IsMatch(text) || text.StartsWith("==", StringComparison.Ordinal) || text.EndsWith(':') ? $"\"{text.Replace("\"", "\"\"", StringComparison.Ordinal)}\"" : text;

    private static CardPattern Signs => field ??= new("[,|#\\[\\]()>&+@\"]|(?:^|\\s)(?:x?-?\\d|hold\\b|pulses\\b|x?\\?)|^(?:new|any|note):|^again\\s", RegexOptions.IgnoreCase);
}
