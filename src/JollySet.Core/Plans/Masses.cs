using System.Globalization;
using System.Text.RegularExpressions;

namespace JollySet.Core.Plans;

/// <summary>Masses as the studio says them: kilograms, or pounds by the house rule <c>weight.unit</c>. What people wrote stays as they wrote it.</summary>
public static partial class Masses
{
    /// <summary>Kilograms of a pound (the international avoirdupois pound, 1959).</summary>
    public const decimal KilogramsOfAPound = 0.45359237m;

    /// <summary>The studio's unit: <c>kg</c> or <c>lb</c>.</summary>
    public static string UnitOf(HouseRules rules) => rules.WeightUnit == MassUnit.Lb ? "lb" : "kg";

    /// <summary>Kilograms in the studio's unit: <c>8 kg</c>, <c>17.5 lb</c>. Pounds go by halves.</summary>
    public static string Said(decimal kilograms, HouseRules rules) => rules.WeightUnit == MassUnit.Lb
        ? $"{Number(Math.Round(kilograms / KilogramsOfAPound * 2) / 2)} lb"
        : $"{Number(kilograms)} kg";

    /// <summary>Kilograms of a number in the studio's unit.</summary>
    public static decimal Kilograms(decimal said, HouseRules rules) => rules.WeightUnit == MassUnit.Lb ? said * KilogramsOfAPound : said;

    /// <summary>A text in which every mass in kilograms is told in the studio's unit.</summary>
    public static string Told(string text, HouseRules rules) => rules.WeightUnit == MassUnit.Lb
        ? InKilograms().Replace(text, m => decimal.TryParse(m.Groups["n"].Value, NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out var n) && n < MostTold ? Said(n, rules) : m.Value)
        : text;

    private const decimal MostTold = 1_000_000;

    private static string Number(decimal value) => value.ToString("0.##", CultureInfo.InvariantCulture);

    [GeneratedRegex(@"(?<![0-9.,×x])(?<n>[0-9]{1,9}(?:\.[0-9]{1,6})?) ?kg\b", RegexOptions.CultureInvariant)]
    private static partial Regex InKilograms();
}
