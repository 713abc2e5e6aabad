using System.Collections.Immutable;
using System.Globalization;
using System.Text.RegularExpressions;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Kit;

/// <summary>So many pieces of one thing in one size.</summary>
/// <param name="Item">As the library names it; the words themselves where it is nothing the library knows.</param>
/// <param name="Kilograms">Of one piece; null where no mass is said.</param>
/// <param name="Level">Where a word says how heavy.</param>
/// <param name="Pieces">Null where no number is said.</param>
public sealed partial record StockLine(string Item, decimal? Kilograms, LoadLevel? Level, int? Pieces)
{
    /// <summary>The heaviest piece that is believed, in kilograms.</summary>
    public const decimal Heaviest = 200;

    /// <summary>The most pieces that are believed.</summary>
    public const int Most = 2000;

    /// <summary>The size in words: <c>8 kg</c>, <c>heavy</c>, or nothing.</summary>
    public string Size => Kilograms is { } kg ? $"{kg.ToString("0.##", CultureInfo.InvariantCulture)} kg" : Level is { } level ? level.ToString().ToLowerInvariant() : "";

    /// <summary>An entry of a kit list: <c>12x8kg dumbbells</c>, <c>6 pairs of light dumbbells</c>, <c>step</c>.</summary>
    public static StockLine Of(string written)
    {
        var stock = KitStock.Of(written);
        var item = KitList.Known.OrderByDescending(k => k.Length).FirstOrDefault(stock.Is);
        item = item is null ? null : KitList.Kind(item);
        decimal? mass = Mass().Match(written) is { Success: true } m && decimal.TryParse(m.Groups["n"].Value.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var n)
            ? Math.Round(m.Groups["unit"].Value.ToLowerInvariant() is ['l', 'b', ..] or ['p', ..] ? n * Masses.KilogramsOfAPound : n, 2)
            : null;
        return new StockLine(item ?? written.Trim(), mass, mass is null ? stock.Weight : null, stock.Pieces);
    }

    /// <summary>Reads what a room has, an entry a line or between commas; what is wrong is told in a sentence each.</summary>
    public static (ImmutableArray<StockLine> Lines, ImmutableArray<string> Wrong) Read(string text)
    {
        var entries = text.Split(['\n', ',', ';'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries).Take(Most).ToList();
        var wrong = entries.Select(e => (e, says: WrongWith(e))).Where(e => e.says is not null).Select(e => $"“{(e.e.Length > 60 ? e.e[..60] + "…" : e.e)}”: {e.says}").ToImmutableArray();
        return ([.. entries.Where(e => WrongWith(e) is null).Select(Of)], wrong);
    }

    private static string? WrongWith(string entry)
    {
        if (Below().IsMatch(entry))
            return "a number of things is none or more.";
        if (Mass().Match(entry) is { Success: true } mass && decimal.TryParse(mass.Groups["n"].Value.Replace(',', '.'), NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var n) && n is <= 0 or > Heaviest)
            return $"one piece weighs more than nothing and at most {Heaviest} kg.";
        return Of(entry).Pieces > Most ? $"at most {Most} of a thing are believed." : entry.Length > Limits.NameLetters ? $"at most {Limits.NameLetters} letters a thing." : null;
    }

    [GeneratedRegex(@"(?<![0-9.,])(?<n>[0-9]+(?:[.,][0-9]+)?)\s*(?<unit>kg|kilos?|kilograms?|lbs?|pounds?)\b", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant)]
    private static partial Regex Mass();

    [GeneratedRegex(@"^\s*[-−–]\s*[0-9]", RegexOptions.CultureInvariant)]
    private static partial Regex Below();
}
