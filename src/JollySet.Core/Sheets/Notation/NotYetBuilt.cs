using System.Collections.Frozen;

namespace JollySet.Core.Sheets.Notation;

/// <summary>What the notation has and this version does not: known, and said so.</summary>
internal static class NotYetBuilt
{
    private static readonly FrozenDictionary<string, string> Formats = new Dictionary<string, string>
    {
        ["superset"] = "two stations without rest",
        ["trio"] = "three stations without rest",
        ["giant"] = "four or more stations without rest",
        ["straight"] = "all rounds of one station before the next",
        ["ladder"] = "a rung a round",
        ["pyramid"] = "up and down by rungs",
        ["minute"] = "a slot a station, on the minute",
        ["amrap"] = "as many rounds as possible",
        ["flow"] = "to a steady beat",
    }.ToFrozenDictionary(StringComparer.OrdinalIgnoreCase);

    private static readonly FrozenSet<string> SettingWords =
        new[] { "pause", "each side", "beat", "optional", "joined", "every", "ratio", "step" }.ToFrozenSet(StringComparer.OrdinalIgnoreCase);

    /// <summary>The sentence for a format that is to come; null for any other word.</summary>
    public static string? Format(string word) =>
        Formats.TryGetValue(word, out var meaning) ? Sentence($"{word} ({meaning})", "circuit, prepare or release") : null;

    /// <summary>Whether a setting is one that is to come.</summary>
    public static bool IsSetting(string words) => SettingWords.Any(w => words.Equals(w, StringComparison.OrdinalIgnoreCase) || words.StartsWith(w + " ", StringComparison.OrdinalIgnoreCase));

    /// <summary>One sentence for all of them.</summary>
    public static string Sentence(string what, string instead) => $"{what} is not yet built; until then write {instead}";
}
