using System.Globalization;

namespace JollySet.Core.Cues;

/// <summary>Numbers and plurals as they are said aloud.</summary>
internal static class Spoken
{
    private static readonly string[] Numbers = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];

    /// <summary>In a word up to twelve, in figures beyond.</summary>
    public static string Number(int number) => number >= 0 && number < Numbers.Length ? Numbers[number] : number.ToString(CultureInfo.InvariantCulture);

    /// <summary>So many of a thing.</summary>
    public static string Of(int number, string thing) => $"{Number(number)} {(number == 1 ? thing : thing + "s")}";
}
