using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>One entry of the brief's kit: what it is, and how many pieces where it says so.</summary>
/// <param name="Pieces">Pieces there are; null where no number is said. A number with a unit or in a range is a size, not a count.</param>
public sealed partial record KitStock(string Written, int? Pieces)
{
    private const int MostPieces = 100_000;
    private static readonly string[] Numbers = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten"];

    /// <summary>The entry as written: <c>12x8kg dumbbells</c> is twelve, <c>6 pairs of dumbbells</c> twelve, <c>two bottles</c> two, <c>1.5kg dumbbells</c> any number.</summary>
    public static KitStock Of(string written)
    {
        var words = written.Trim().ToLowerInvariant();
        var count = Count().Match(words);
        int? pieces = count.Success && int.TryParse(count.Groups["n"].Value, NumberStyles.None, CultureInfo.InvariantCulture, out var number) && number <= MostPieces ? number
            : Array.IndexOf(Numbers, words.Split(' ')[0]) is var n and >= 0 ? n
            : null;
        return new KitStock(written, Pairs().IsMatch(words) ? pieces * 2 : pieces);
    }

    /// <summary>How heavy it says it is, in words, and a filled bottle is light; null where it says nothing, or a mass.</summary>
    public LoadLevel? Weight => WeightWord().Match(Written) is { Success: true } word ? word.Value.ToLowerInvariant() switch
    {
        "light" or "lighter" => LoadLevel.Light,
        "heavy" or "heavier" => LoadLevel.Heavy,
        _ => LoadLevel.Moderate,
    }
    : Bottle().IsMatch(Written) ? LoadLevel.Light : null;

    /// <summary>Whether this entry is that item of a move, whatever its size.</summary>
    public bool Is(string item) => Suits.Has(Written, item);

    /// <summary>A whole number at the start that is neither a size (<c>8kg</c>, <c>1.5 kg</c>) nor the low end of one (<c>4-10kg</c>).</summary>
    [GeneratedRegex(@"^(?<n>[0-9]+)(?![0-9.,]*[0-9])(?!\s*(?:kg|kilos?|lbs?|pounds?|litres?|l|cm|m)\b)(?!\s*(?:-|–|to|\.\.)\s*[0-9])\s*(?:x|×)?", RegexOptions.CultureInvariant)]
    private static partial Regex Count();

    [GeneratedRegex(@"\bbottles?\b", RegexOptions.IgnoreCase)]
    private static partial Regex Bottle();

    [GeneratedRegex(@"\b(light|lighter|moderate|medium|heavy|heavier)\b", RegexOptions.IgnoreCase)]
    private static partial Regex WeightWord();

    [GeneratedRegex(@"^(?:[0-9]+|[a-z]+)\s*(?:x|×)?\s*pairs?\b", RegexOptions.CultureInvariant)]
    private static partial Regex Pairs();
}
