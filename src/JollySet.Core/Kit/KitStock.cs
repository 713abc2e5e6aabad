using System.Globalization;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>One entry of the brief's kit: what it is, and how many pieces where it says so.</summary>
/// <param name="Pieces">Pieces there are; null where no number is said.</param>
public sealed record KitStock(string Written, int? Pieces)
{
    private static readonly string[] Numbers = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];

    /// <summary>The entry as written: <c>12x8kg dumbbells</c> is twelve, <c>6 pairs of dumbbells</c> twelve, <c>two bottles</c> two.</summary>
    public static KitStock Of(string written)
    {
        var words = written.Trim().ToLowerInvariant();
        var digits = words.TakeWhile(char.IsAsciiDigit).Count();
        var rest = words[digits..].TrimStart();
        int? count = digits > 0 && int.TryParse(words[..digits], NumberStyles.None, CultureInfo.InvariantCulture, out var number) && !IsMass(rest) ? number
            : Array.IndexOf(Numbers, words.Split(' ')[0]) is var n and >= 0 ? n
            : null;
        return new KitStock(written, rest.StartsWith("pair", StringComparison.Ordinal) || words.Contains(" pairs", StringComparison.Ordinal) ? count * 2 : count);
    }

    /// <summary>Whether this entry is that item of a move, whatever its size.</summary>
    public bool Is(string item) => Moves.Suits.Has(Written, item);

    private static bool IsMass(string rest) => rest.StartsWith("kg", StringComparison.Ordinal) || rest.StartsWith("lb", StringComparison.Ordinal);
}
