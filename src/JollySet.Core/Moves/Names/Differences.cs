using System.Buffers;
using System.Collections.Frozen;
using System.Collections.Immutable;

namespace JollySet.Core.Moves.Names;

/// <summary>In what a move of one's own differs from the one it is like: <c>kneeling, alternating, kit: chair</c>. What a person says of their own move holds, whatever the rule for others.</summary>
public static class Differences
{
    private const string Kit = "kit:";
    private const int Most = 12;
    private static readonly SearchValues<char> Signs = SearchValues.Create("|#[]()>&+@\"");

    private static readonly FrozenDictionary<string, Func<Move, Move>> Plain = new Dictionary<string, Func<Move, Move>>
    {
        ["standing"] = m => m with { Posture = Posture.Standing, Around = m.Around.Remove("no floor") },
        ["bent-over"] = m => m with { Posture = Posture.Hinged, Around = m.Around.Remove("no floor") },
        ["kneeling"] = m => m with { Posture = Posture.Kneeling },
        ["all fours"] = m => m with { Posture = Posture.AllFours },
        ["seated"] = m => m with { Posture = Posture.Seated },
        ["lying"] = m => m with { Posture = Posture.Lying },
        ["plank"] = m => m with { Posture = Posture.Plank },
        ["alternating"] = m => m with { Sides = MoveSides.Alternating },
        ["one-sided"] = m => m with { Sides = MoveSides.OneSided },
        ["both sides"] = m => m with { Sides = MoveSides.Both },
        ["light"] = m => m with { Load = LoadClass.Light },
        ["moderate"] = m => m with { Load = LoadClass.Moderate },
        ["heavy"] = m => m with { Load = LoadClass.Heavy },
        ["no load"] = m => m with { Load = LoadClass.None, Kit = [.. m.Kit.Where(i => !KitList.IsHeld(i))] },
        ["no impact"] = m => m with { Impact = Impact.None },
        ["low impact"] = m => m with { Impact = Impact.Low },
        ["jumping"] = m => m with { Impact = Impact.High },
    }.ToFrozenDictionary();

    /// <summary>The words it is said with, apart from those of <see cref="Modifiers"/>.</summary>
    public static IEnumerable<string> Words => Plain.Keys.Order(StringComparer.Ordinal);

    /// <summary>What was written, as it is written back; or what is wrong with it.</summary>
    public static (string? Text, string? Wrong) Read(string text)
    {
        var parts = Parts(text).ToList();
        if (parts.Count is 0 or > Most)
            return (null, $"after the comma up to {Most} differences are expected, as in “kneeling, alternating, kit: chair”");
        var written = new List<string>();
        foreach (var part in parts)
        {
            if (!IsKit(part) && Of(part) is null)
                return (null, $"“{part}” is no difference that is known; there are {string.Join(", ", Words)}, and “kit: …” last");
            if (IsKit(part) && Items(part) is var items && (items.Count == 0 || items.Any(i => i.AsSpan().ContainsAny(Signs) || i.Length > 60)))
                return (null, "after “kit:” things are expected, parted by commas");
            written.Add(IsKit(part) ? $"{Kit} {string.Join(", ", Items(part))}" : part.ToLowerInvariant());
        }

        return (string.Join(", ", written), null);
    }

    /// <summary>The move so changed.</summary>
    public static Move Applied(Move move, string text) => Parts(text).Aggregate(move, (changed, part) =>
        IsKit(part) ? changed with { Kit = [.. Items(part).Where(i => i != "none")] } : Of(part)?.Invoke(changed) ?? changed);

    /// <summary>Between commas; what follows <c>kit:</c> is all of it kit.</summary>
    private static IEnumerable<string> Parts(string text)
    {
        var at = text.IndexOf(Kit, StringComparison.OrdinalIgnoreCase);
        foreach (var part in (at < 0 ? text : text[..at]).Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries))
            yield return part;
        if (at >= 0)
            yield return text[at..];
    }

    private static bool IsKit(string part) => part.StartsWith(Kit, StringComparison.OrdinalIgnoreCase);

    private static List<string> Items(string part) => [.. part[Kit.Length..].Split(',', StringSplitOptions.TrimEntries | StringSplitOptions.RemoveEmptyEntries)];

    private static Func<Move, Move>? Of(string part)
    {
        var word = part.ToLowerInvariant();
        return Plain.GetValueOrDefault(word) ?? (Modifiers.All.FirstOrDefault(m => m.Says == word) is { } modifier ? m => modifier.Rule(m) ?? m : null);
    }
}
