using System.Collections.Immutable;
using JollySet.Core.Balance;

namespace JollySet.Web.Pages.Shared;

/// <summary>Words of a brief that are picked instead of typed: each is a press that adds itself to its line.</summary>
/// <param name="Key">The line: needs, kit, focus, audience.</param>
/// <param name="Told">The line told back as it is understood.</param>
/// <param name="Words">What is not in the line yet.</param>
/// <param name="Action">Where a press goes, when it is not the form's own address.</param>
public sealed record Picks(string Key, string Told, ImmutableArray<string> Words, string? Action = null)
{
    /// <summary>The picks of a line as it stands.</summary>
    public static Picks Of(string key, string? value, string? action = null) =>
        new(key, BriefTold.Of(key, value ?? "") is var told && told == $"understood: {value?.Trim()}" ? "" : told, key is "needs" or "kit" or "focus" or "audience" ? [.. BriefTold.Picks(key).Where(word => !Has(key, value ?? "", word))] : [], action);

    /// <summary>The line with what was picked.</summary>
    public static string Added(IFormCollection form, string key, string value) =>
        form["pick"].ToString() is { Length: > 0 and < 100 } pick && pick.StartsWith(key + ":", StringComparison.Ordinal) && BriefTold.Picks(key).Contains(pick[(key.Length + 1)..]) && pick[(key.Length + 1)..] is var word && !Has(key, value, word)
            ? value.Trim().Length == 0 || (key == "focus" && value.Trim() == "full body") ? word : $"{value.Trim().TrimEnd(',')}, {word}"
            : value;

    private static bool Has(string key, string value, string word) =>
        value.Split(',', StringSplitOptions.TrimEntries).Any(part => part.Equals(word, StringComparison.OrdinalIgnoreCase) || BriefTold.Of(key, part) == BriefTold.Of(key, word));
}
