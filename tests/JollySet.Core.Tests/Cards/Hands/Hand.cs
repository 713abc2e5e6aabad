using System.Globalization;

namespace JollySet.Core.Tests.Cards.Hands;

/// <summary>How one person writes a card: a way for everything that is said, kept to through the card.</summary>
internal sealed class Hand(IReadOnlyDictionary<string, string> ways)
{
    private static readonly string[] Small = ["nought", "one", "two", "three", "four"];

    /// <summary>The plainest hand, but for one thing.</summary>
    public static Hand Plain(string? what = null, string? way = null) => new(HandWays.All.ToDictionary(w => w.Key, w => w.Key == what ? way! : w.Value[0]));

    /// <summary>A hand by chance; what would say two things with one sign is no hand.</summary>
    public static Hand Any(Random random)
    {
        var ways = HandWays.All.ToDictionary(w => w.Key, w => random.Next(3) == 0 ? w.Value[0] : w.Value[random.Next(w.Value.Length)]);
        if (ways["listed"].Length > 0 && ways["reps"].Contains('→', StringComparison.Ordinal))
            ways["reps"] = "N - # reps";
        if (ways["listed"] == " + " || (ways["listed"] == " / " && ways["way"].StartsWith('/')))
            ways["listed"] = ", ";
        return new Hand(ways);
    }

    public string this[string what] => ways[what];

    public override string ToString() => string.Join("; ", ways.Where(w => w.Value != HandWays.All[w.Key][0]).Select(w => $"{w.Key} “{w.Value}”"));

    /// <summary>A way with its number.</summary>
    public string Said(string what, int number) => ways[what].Replace("#", number.ToString(CultureInfo.InvariantCulture), StringComparison.Ordinal).Replace("W", number < Small.Length ? Small[number] : "", StringComparison.Ordinal);

    public string Time(int seconds) => Said("time", seconds);

    public string Work(int work, int rest) => this["work"].Replace("A", $"{work}", StringComparison.Ordinal).Replace("B", $"{rest}", StringComparison.Ordinal);

    public string Gap(string what, int seconds) => ways[what].Replace("G", $"{seconds}", StringComparison.Ordinal);

    /// <summary>A move so often.</summary>
    public string Reps(string move, int reps) => ways["reps"].Replace("#", $"{reps}", StringComparison.Ordinal).Replace("N", move, StringComparison.Ordinal);

    /// <summary>Sets of a move.</summary>
    public string Sets(string move, int sets, int reps) => ways["sets"].Replace("sets", "\u0001", StringComparison.Ordinal).Replace("S", $"{sets}", StringComparison.Ordinal).Replace("\u0001", "sets", StringComparison.Ordinal).Replace("#", $"{reps}", StringComparison.Ordinal).Replace("N", move, StringComparison.Ordinal);

    /// <summary>Words in capitals, or none, or some.</summary>
    public string Cased(string words) => ways["case"] switch
    {
        "upper" => words.ToUpperInvariant(),
        "title" => string.Join(' ', words.Split(' ').Select(w => char.ToUpperInvariant(w[0]) + w[1..])),
        "first" => char.ToUpperInvariant(words[0]) + words[1..],
        _ => words,
    };

    /// <summary>What stands behind a head.</summary>
    public string Behind(params IEnumerable<string> said) => string.Join(", ", said.Where(s => s.Length > 0)) is not { Length: > 0 } text ? ""
        : ways["behind"] is " (" or " [" && text.StartsWith('(') ? " " + text
        : ways["behind"] switch { " (" => $" ({text})", " [" => $" [{text}]", var sign => sign + text };

    /// <summary>Lines of a list, or one line of all of it.</summary>
    public IEnumerable<string> List(IReadOnlyList<string> items) => ways["listed"] is { Length: > 0 } sign ? [string.Join(sign, items)]
        : items.Select((item, i) => ways["bullet"].Replace("#", $"{i + 1}", StringComparison.Ordinal).Replace("a", $"{(ways["bullet"].StartsWith('a') ? (char)('a' + i) : 'a')}", StringComparison.Ordinal) + item);
}
