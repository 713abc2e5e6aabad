using System.Collections.Immutable;
using JollySet.Core.Kit;
using JollySet.Core.Moves;
using JollySet.Core.Plans;

namespace JollySet.Core.Balance;

/// <summary>Tells a line of the brief back as it is understood: whom to spare, who comes, the kit, the focus, the goal, in whatever words they were written.</summary>
public static class BriefTold
{
    /// <summary>What can be picked for each key, in the words that are judged.</summary>
    public static ImmutableArray<string> Picks(string key) => key switch
    {
        "needs" => [.. Needs.Ways, "pregnancy", "postnatal", "blood pressure", "heart", "osteoporosis", "dizziness", "recent injury"],
        "kit" => [.. KitList.Known.Where(item => item is not ("wall" or "dumbbell")).Order(StringComparer.Ordinal)],
        "focus" => ["full body", "upper body", "lower body", "core", "legs", "glutes", "hamstrings", "quads", "back", "chest", "shoulders", "arms", "abs"],
        "audience" => [.. Enum.GetValues<Audience>().Select(Words.Of)],
        "goal" => [.. Enum.GetValues<Goal>().Select(Words.Of)],
        _ => [],
    };

    /// <summary>In one line, “understood: knees, no jumping”; empty where nothing is written or the key is none of these.</summary>
    public static string Of(string key, string value)
    {
        var parts = value.Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries);
        if (parts.Length == 0 || Picks(key).IsEmpty)
            return "";
        var whole = key is "needs" or "kit" ? null : Meaning(key, value.Trim());
        var said = whole is not null ? [(value, whole)] : parts.Select(part => (part, meaning: Meaning(key, part))).ToList();
        var (known, unknown) = (said.Where(s => s.Item2 is not null).Select(s => s.Item2!).Distinct().ToList(), said.Where(s => s.Item2 is null).Select(s => $"“{s.Item1}”").Distinct().ToList());
        return string.Join("; ", new[]
        {
            known.Count > 0 ? $"understood: {string.Join(", ", known)}" : "",
            unknown.Count > 0 ? $"{string.Join(", ", unknown)} {(unknown.Count == 1 ? "is" : "are")} kept, but not judged" : "",
        }.Where(t => t.Length > 0));
    }

    private static string? Meaning(string key, string part) => key switch
    {
        "needs" => Needs.KindOf(part) switch { NeedKind.Way => Needs.Named(part), NeedKind.Ask => $"{Needs.Named(part)}, for their clinician", _ => null },
        "kit" => KitList.Known.Where(item => Suits.Has(part, item)).OrderByDescending(item => item.Length).FirstOrDefault() is { } item ? item : null,
        "focus" => Focus.Of(new Brief { Focus = [part] }) is { IsJudged: true } ? string.Join(", ", BriefWords.Focus(part) is { IsEmpty: false } words ? words : [part.ToLowerInvariant()]) : null,
        "audience" => BriefWords.Audience(part) is { IsEmpty: false } people ? string.Join(", ", people) : null,
        "goal" => BriefWords.Goal(part),
        _ => null,
    };
}
