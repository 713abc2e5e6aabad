using System.Globalization;

namespace JollySet.Core.Cards;

/// <summary>Numbers that run: a ladder or a pyramid, as a sheet writes it.</summary>
/// <param name="ThereAndBack">The same up and down again; null where that is no scheme.</param>
internal sealed record CardScheme(string Format, CardScheme? ThereAndBack = null)
{
    /// <summary>The numbers it was written with.</summary>
    public IReadOnlyList<int> Numbers { get; private init; } = [];

    private const int MostListed = 6;

    /// <summary>Of the numbers as they stand; null where they are no scheme.</summary>
    /// <param name="goesOn">Whether the step between the first two leads on to the last.</param>
    public static CardScheme? Of(List<int> numbers, bool seconds, bool goesOn)
    {
        var scheme = One(numbers, seconds, goesOn);
        return scheme is null ? null : scheme with { Numbers = numbers, ThereAndBack = goesOn ? null : One([.. numbers, .. Enumerable.Reverse(numbers).Skip(1)], seconds, goesOn) is { } both ? both with { Numbers = numbers } : null };
    }

    private static CardScheme? One(List<int> numbers, bool seconds, bool goesOn)
    {
        if (numbers.Count < 2 || numbers.Any(n => n is < 1 or > 600))
            return null;
        var unit = seconds ? "s" : "";
        string Said(int n) => n.ToString(CultureInfo.InvariantCulture) + unit;
        string Step(int step) => step == 1 ? "" : $" step {Said(step)}";
        var (first, last) = (numbers[0], numbers[^1]);
        if (goesOn)
        {
            var step = numbers.Count > 2 ? Math.Abs(numbers[1] - numbers[0]) : 1;
            return first == last || step == 0 || Math.Abs(first - last) % step != 0 ? null : new CardScheme($"ladder {Said(first)}..{Said(last)}{Step(step)}");
        }

        var turn = numbers.IndexOf(numbers.Max()) is var top && top > 0 && top < numbers.Count - 1 ? top : numbers.IndexOf(numbers.Min());
        var steps = numbers.Zip(numbers.Skip(1), (a, b) => b - a).ToList();
        var even = steps.Select(Math.Abs).Distinct().Count() == 1 && steps[0] != 0;
        if (even && turn > 0 && turn < numbers.Count - 1 && steps.Take(turn).Distinct().Count() == 1 && steps.Skip(turn).Distinct().Count() == 1)
            return new CardScheme($"pyramid {Said(first)}..{Said(numbers[turn])}..{Said(last)}{Step(Math.Abs(steps[0]))}");
        return even && steps.Distinct().Count() == 1 && (Math.Abs(steps[0]) == 1 || numbers.Count > MostListed)
            ? new CardScheme($"ladder {Said(first)}..{Said(last)}{Step(Math.Abs(steps[0]))}")
            : new CardScheme($"ladder {string.Join('/', numbers.Select(Said))}");
    }
}
